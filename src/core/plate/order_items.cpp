#include "core/plate/order_items.h"

#include "core/base/civil.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

Project only_piece(const Project& p, std::size_t piece) {
    Project one = p;
    one.pieces = {p.pieces[piece]};
    one.pieces.front().count = 1;
    one.settings.copies = 1;
    one.pinned.clear();
    one.variants.clear();
    one.asked.clear();
    one.order = {};
    one.origin.reset();
    one.as_read.reset();
    if (one.picture && std::none_of(one.pieces.front().parts.begin(), one.pieces.front().parts.end(),
                                    [](const Part& part) { return part.model < 0; }))
        one.picture.reset();
    return one;
}

Result<OrderTask> order_task(const Project& p, const OrderSources& sources) {
    OrderTask task;
    task.aim = p.order.aim;
    task.settings = p.settings;
    task.machines = {p.machine};
    task.start_min = parse_moment(p.order.start);
    task.start_hour = task.start_min ? hour_of_day(*task.start_min) : std::fmod(p.settings.start_hour, 24);
    for (const std::string& id : p.order.machines) {
        const auto machine = sources.machine(id);
        if (!machine)
            return Error{say("The machine {} is not known.", Name{id})};
        if (machine->id != p.machine.id)
            task.machines.push_back(*machine);
    }
    for (const OrderItem& item : p.order.items) {
        OrderKind kind;
        if (item.file.empty()) {
            const int piece = find_piece(p, item.piece);
            if (piece < 0 || p.pieces[static_cast<std::size_t>(piece)].parts.empty())
                return Error{
                    say("The order asks for {}, which the project does not have.", Name{item.piece})};
            kind.name = item.piece;
            kind.project = std::make_shared<const Project>(only_piece(p, static_cast<std::size_t>(piece)));
        } else {
            auto other = sources.project(item.file);
            if (!other)
                return Error{say("{}: {}", Name{item.file}, other.error().message)};
            kind.project = *other;
            kind.name = (*other)->name.empty() ? item.file : (*other)->name;
            if (!item.piece.empty()) {
                const int piece = find_piece(**other, item.piece);
                if (piece < 0)
                    return Error{say("The order asks for {}, which {} does not have.", Name{item.piece},
                                     Name{item.file})};
                kind.project =
                    std::make_shared<const Project>(only_piece(**other, static_cast<std::size_t>(piece)));
                kind.name = item.piece;
            }
        }
        kind.count = item.count;
        kind.for_sale = item.for_sale;
        kind.price = item.price;
        kind.together = item.together;
        kind.by_day = item.by_day;
        if (const auto due = parse_moment(item.due)) {
            if (!task.start_min)
                return Error{say("{} is wanted by {}: say when the first plate can start.", Name{kind.name},
                                 item.due)};
            kind.due_h = static_cast<double>(*due - *task.start_min) / 60;
            if (kind.due_h <= 0)
                return Error{
                    say("{} is wanted by {}, before the first plate can start.", Name{kind.name}, item.due)};
        }
        task.kinds.push_back(std::move(kind));
    }
    return task;
}

Message clock_text(const OrderTask& task, double hours) {
    const auto minutes = static_cast<std::int64_t>(std::llround(hours * 60));
    if (task.start_min) {
        std::string text = moment_text(*task.start_min + minutes);
        text[10] = ' ';
        return say("{}", text);
    }
    const std::int64_t all = minutes + std::llround(task.start_hour * 60);
    return say("day {}, {}", static_cast<long long>(all / 1440 + 1),
               fmt::format("{:02}:{:02}", all % 1440 / 60, all % 60));
}

} // namespace vitrail
