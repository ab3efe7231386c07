#include "formats/toolpath_file.h"

#include "formats/files.h"
#include "formats/json.h"
#include "formats/report.h"

#include <cerrno>
#include <cmath>
#include <cstring>
#include <filesystem>
#include <fmt/format.h>
#include <fstream>
#include <numbers>

namespace vitrail {

namespace fs = std::filesystem;

namespace {

constexpr std::size_t kChunk = 1 << 20;

/// Hands a file over bit by bit; false from `take` ends it.
Status each_chunk(const std::string& path, const Progress& progress,
                  const std::function<bool(std::string_view)>& take) {
    std::error_code ec;
    const fs::file_status status = fs::status(path, ec);
    if (ec || !fs::exists(status))
        return Error{say("There is no such file. Check the name.")};
    if (!fs::is_regular_file(status))
        return Error{say("This is not a file that can be read.")};
    const double size = static_cast<double>(fs::file_size(path, ec));
    std::ifstream in(path, std::ios::binary);
    if (!in)
        return Error{say("The file cannot be read: {}.", std::string(std::strerror(errno)))};
    std::string chunk(kChunk, '\0');
    double done = 0;
    while (in) {
        if (progress.stopped())
            return Error{say("Stopped.")};
        in.read(chunk.data(), static_cast<std::streamsize>(chunk.size()));
        const auto n = static_cast<std::size_t>(in.gcount());
        if (n && !take({chunk.data(), n}))
            return Done{};
        done += static_cast<double>(n);
        progress.at(size > 0 ? done / size : 1);
    }
    if (in.bad())
        return Error{say("The file cannot be read: {}.", std::string(std::strerror(errno)))};
    return Done{};
}

} // namespace

namespace {

Result<ToolpathFile> read_one_way(const std::string& path, const Motion& motion, const FileWords& words,
                                  const Progress& progress) {
    GcodeReader reader(motion, words);
    bool text = true, first = true;
    const Status ok = each_chunk(path, progress, [&](std::string_view bytes) {
        if (std::exchange(first, false))
            text = std::memchr(bytes.data(), 0, bytes.size()) == nullptr;
        if (text)
            reader.read(bytes);
        return text;
    });
    if (!ok)
        return ok.error();
    if (!text)
        return Error{say("This is not a toolpath file: it is not text. Save it as plain G-code.")};
    ToolpathFile out = reader.finish();
    if (out.layers.empty())
        return Error{
            say("Nothing is extruded in this file: it is not a toolpath file, or not one of a printer.")};
    return out;
}

} // namespace

Result<ToolpathFile> read_toolpath(const std::string& path, const Motion& motion, FileWords words,
                                   const Progress& progress) {
    auto file = read_one_way(path, motion, words, progress);
    if (!file || !file->g90_line || words.g90_sets_e)
        return file;
    words.g90_sets_e = false;
    auto other = read_one_way(path, motion, words, progress);
    return other ? meant_reading(std::move(*file), std::move(*other)) : file;
}

Status write_toolpath(const Project& p, const Plan& plan, const std::string& original,
                      const std::string& path, const ToolpathFile& before,
                      std::span<const Insertion> insertions, const Progress& progress) {
    std::error_code ec;
    if (fs::equivalent(original, path, ec))
        return Error{say("That is the file itself, and it stays as it is. Choose another name.")};
    if (fs::file_size(original, ec) != before.bytes)
        return Error{say("The file has changed since it was read. Read it again.")};
    const auto half = [&](double from) {
        return Progress{progress.stop, [&progress, from](double share) { progress.at(from + share / 2); }};
    };
    const auto fill = [&](const Sink& sink) -> Status {
        std::size_t next = 0;
        std::uint64_t at = 0;
        const auto put = [&](std::string_view bytes) { // cuts the bytes at the insertions
            while (next < insertions.size() && insertions[next].byte < at + bytes.size()) {
                const Insertion& i = insertions[next++];
                const auto here = static_cast<std::size_t>(i.byte - at);
                if (!sink(bytes.substr(0, here)) || !sink(i.text) || (i.comment_to && !sink("; ")))
                    return false;
                bytes.remove_prefix(here);
                at = i.byte;
            }
            at += bytes.size();
            return sink(bytes);
        };
        const Status ok = each_chunk(original, half(0), put);
        if (ok && at != before.bytes)
            return Error{say("The file has changed since it was read. Read it again.")};
        for (; ok && next < insertions.size(); ++next)
            sink(insertions[next].text);
        return ok;
    };
    return write_large_file(path, fill, [&](const std::string& lies_at) -> Status {
        const auto after =
            read_toolpath(lies_at, p.machine.motion, file_words(p.machine.commands), half(0.5));
        return after ? proven(p, plan, before, *after) : Status(after.error());
    });
}

Status write_rest(const std::string& original, const std::string& path, const ToolpathFile& file,
                  const Rescue& r, const Botch& b, const Progress& progress) {
    std::error_code ec;
    if (fs::equivalent(original, path, ec))
        return Error{say("That is the file itself, and it stays as it is. Choose another name.")};
    if (fs::file_size(original, ec) != file.bytes)
        return Error{say("The file has changed since it was read. Read it again.")};
    if (file.passes > 1 || file.spiral_line)
        return Error{say("The rest cannot be cut out: the file does not print layer after layer.")};
    const auto layers = static_cast<int>(file.layers.size());
    if (r.at_layer >= layers || r.plan->grid.count - r.extra != layers)
        return Error{say("The file has {0} layers, the plan {1}: it is not the one that was printed.", layers,
                         r.plan->grid.count - r.extra)};
    const Seam from = file.layers[static_cast<std::size_t>(r.at_layer) - 1].seam;
    Seam after = file.layers[static_cast<std::size_t>(r.at_layer)].seam;
    for (const ToolpathStop& s : file.stops) // what stops before the next layer is not part of this one
        if (s.layer == r.at_layer + 1 && !s.within && s.at.byte < after.byte)
            after = s.at;
    // What is repeated is short enough to be held.
    std::string repeated;
    if (r.extra > 0) {
        std::ifstream in(original, std::ios::binary);
        in.seekg(static_cast<std::streamoff>(from.byte));
        repeated.resize(static_cast<std::size_t>(after.byte - from.byte));
        if (!in.read(repeated.data(), static_cast<std::streamsize>(repeated.size())))
            return Error{say("The file cannot be read: {}.", std::string(std::strerror(errno)))};
        for (auto s = file.stops.rbegin(); s != file.stops.rend();
             ++s) // nor is what led to this one part of the repeats
            if (s->layer == r.at_layer && !s->within && s->at.byte >= from.byte)
                repeated.insert(static_cast<std::size_t>(s->at.byte - from.byte), "; ");
        if (after.tool != from.tool)
            repeated.insert(0, fmt::format("T{}\n", from.tool));
    }
    const auto fill = [&](const Sink& sink) -> Status {
        if (!sink(tail_begins(file, r, b)))
            return Done{};
        // A layer of another height takes more or less filament: M221 sets the flow in percent (common
        // firmware practice, from memory).
        const double flow = extra_flow(file, r);
        if (flow != 1)
            sink(fmt::format("M221 S{:.6g}\n", 100 * flow * from.flow_of));
        for (int k = 1; k <= r.extra; ++k) {
            LiftedLines lines(k * r.extra_mm + r.off_mm, from);
            sink(count_again(from) + stand_at(from, k * r.extra_mm + r.off_mm));
            sink(fmt::format("; again, {} of {}\n", k, r.extra) + lines.lifted(repeated));
        }
        if (flow != 1)
            sink(fmt::format("M221 S{:.6g}\n", 100 * after.flow_of));
        sink(count_again(after) + stand_at(after, r.lift_mm + r.off_mm));
        LiftedLines lines(r.lift_mm + r.off_mm, after);
        std::string rest;
        std::uint64_t at = 0;
        const Status ok = each_chunk(original, progress, [&](std::string_view bytes) {
            const std::uint64_t begins = at;
            at += bytes.size();
            if (at <= after.byte)
                return true;
            if (begins < after.byte)
                bytes.remove_prefix(static_cast<std::size_t>(after.byte - begins));
            rest.append(bytes);
            const std::size_t whole = rest.rfind('\n');
            if (whole == std::string::npos)
                return true;
            const bool written = sink(lines.lifted(std::string_view(rest).substr(0, whole + 1)));
            rest.erase(0, whole + 1);
            return written;
        });
        if (ok && !rest.empty())
            sink(lines.lifted(rest));
        return ok;
    };
    return write_large_file(path, fill, [&](const std::string& lies_at) -> Status {
        const auto rest = read_toolpath(lies_at, r.project.machine.motion,
                                        file_words(r.project.machine.commands), progress);
        return rest ? proven_rest(r, file, *rest) : Status(rest.error());
    });
}

std::function<std::optional<std::string>()> toolpath_lines(const std::string& path) {
    return [in = std::make_shared<std::ifstream>(path, std::ios::binary)]() -> std::optional<std::string> {
        std::string line;
        return std::getline(*in, line) ? std::optional(std::move(line)) : std::nullopt;
    };
}

Json rescue_report(const Project& p, const Rescue& r) {
    const auto letter = [&](int f) {
        return std::string(1, p.filaments[static_cast<std::size_t>(f)].letter);
    };
    Json moves = Json::array(), bands = Json::array(), steps = Json::array(), cautions = Json::array();
    for (const Rescue::Move& m : r.moves) {
        const Change& c = r.plan->changes[static_cast<std::size_t>(m.change)];
        moves.push_back({{"from", letter(c.from)},
                         {"to", letter(c.to)},
                         {"from_layer", m.from_layer},
                         {"to_layer", m.to_layer},
                         {"z_before_mm", c.z_before_mm}});
    }
    const auto mm = [](double v) { return std::round(v * 1e6) / 1e6; };
    for (const Rescue::Height& h : r.bands)
        bands.push_back({{"letter", std::string(1, h.letter)},
                         {"before_mm", mm(h.before_mm)},
                         {"after_mm", mm(h.after_mm)}});
    for (const Message& m : r.steps)
        steps.push_back(english(m));
    for (const Message& m : r.cautions)
        cautions.push_back(english(m));
    Json out{{"schema", "vitrail.rescue/1"},
             {"at_layer", r.at_layer},
             {"extra", r.extra},
             {"lift_mm", mm(r.lift_mm)},
             {"off_mm", mm(r.off_mm)},
             {"error_mm", mm(r.error_mm)},
             {"filaments", r.filaments},
             {"changes", moves},
             {"bands", bands},
             {"layers", r.plan->grid.count},
             {"top_mm", mm(r.plan->grid.top_mm(r.plan->grid.count))}};
    if (r.look_mean >= 0)
        out["look"] = {{"mean_delta_e", r.look_mean}, {"worst_delta_e", r.look_worst}};
    out["steps"] = steps;
    out["cautions"] = cautions;
    return out;
}

namespace {

const char* name_of(ComparedStop::State s) {
    switch (s) {
    case ComparedStop::State::as_planned:
        return "as-planned";
    case ComparedStop::State::early:
        return "early";
    case ComparedStop::State::late:
        return "late";
    case ComparedStop::State::within:
        return "within";
    case ComparedStop::State::missing:
        return "missing";
    }
    return "";
}

} // namespace

Json toolpath_report(const Project& p, const Plan& plan, const ToolpathFile& file,
                     const AgainstPlan& against) {
    const auto letter = [&](int f) {
        return f < 0 ? Json() : Json(std::string(1, p.filaments[static_cast<std::size_t>(f)].letter));
    };
    const double d = p.filaments.empty() ? 1.75 : p.filaments.front().diameter_mm,
                 area = std::numbers::pi / 4 * d * d;
    const auto by_tool = [&](const std::vector<double>& mm) {
        Json list = Json::array();
        for (const double x : mm)
            list.push_back(std::round(x * area * 1000) / 1000);
        return list;
    };
    Json layers = Json::array(), changes = Json::array(), stops = Json::array(), filaments = Json::array();
    for (const ToolpathLayer& l : file.layers)
        layers.push_back({{"z_mm", l.z_mm},
                          {"height_mm", l.height_mm},
                          {"pass", l.pass},
                          {"first_line", l.first_line},
                          {"last_line", l.last_line},
                          {"seconds", l.seconds},
                          {"mm3", by_tool(l.filament_mm)}});
    for (const ToolpathStop& s : file.stops)
        stops.push_back({{"what", s.what == ToolpathStop::What::tool   ? "tool"
                                  : s.what == ToolpathStop::What::swap ? "swap"
                                                                       : "pause"},
                         {"layer", s.layer},
                         {"within_layer", s.within},
                         {"line", s.line},
                         {"from", s.from},
                         {"to", s.to},
                         {"word", s.word},
                         {"spot_mm3", s.spot_mm * area}});
    for (const ComparedStop& s : against.stops) {
        const bool refill = s.refill >= 0;
        const int from = refill ? plan.refills[static_cast<std::size_t>(s.refill)].out
                                : plan.changes[static_cast<std::size_t>(s.change)].from;
        const int to = refill ? plan.refills[static_cast<std::size_t>(s.refill)].in
                              : plan.changes[static_cast<std::size_t>(s.change)].to;
        changes.push_back(
            {{"layer", s.layer},
             {"from", letter(from)},
             {"to", letter(to)},
             {"refill", refill},
             {"state", name_of(s.state)},
             {"off", s.off},
             {"wrong_filament", s.wrong_filament},
             {"line", s.stop < 0 ? Json() : Json(file.stops[static_cast<std::size_t>(s.stop)].line)}});
    }
    for (const ComparedFilament& f : against.filaments)
        filaments.push_back(
            {{"letter", letter(f.filament)}, {"planned_g", f.planned_g}, {"file_g", f.file_g}});
    return {{"schema", "vitrail.toolpath/1"},
            {"lines", file.lines},
            {"bytes", file.bytes},
            {"layers", layers},
            {"stops", stops},
            {"mm3", by_tool(file.filament_mm)},
            {"seconds", file.motion_s},
            {"printing_s", against.file_s},
            {"planned_printing_s", against.planned_s},
            {"arcs", file.arcs},
            {"nozzle_c", file.nozzle_c},
            {"bed_c", file.bed_c},
            {"changes", changes},
            {"layers_match", against.layers_match},
            {"as_planned", against.as_planned()},
            {"filaments", filaments},
            {"findings", findings_report(against.findings)}};
}

} // namespace vitrail
