#include "cli/log_commands.h"

#include "cli/arguments.h"
#include "cli/guarded.h"
#include "cli/offscreen.h"
#include "core/base/numbers.h"
#include "core/logbook/compare.h"
#include "core/logbook/query.h"
#include "core/logbook/remarks.h"
#include "core/run_sheet/log_page.h"
#include "formats/json.h"
#include "formats/logbook_db.h"
#include "formats/logbook_text.h"
#include "formats/machine_file.h"
#include "formats/page_html.h"
#include "paint/page_paint.h"
#include "paint/photograph.h"
#include "paint/thumbnail.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <cstdlib>
#include <filesystem>
#include <memory>

namespace vitrail {

namespace {

std::string usual_book() {
    if (const char* own = std::getenv("VITRAIL_SHELF"); own && *own)
        return own;
    const char* data = std::getenv("XDG_DATA_HOME");
    const char* home = std::getenv("HOME");
    return (data && *data ? std::string(data) : std::string(home ? home : ".") + "/.local/share") +
           "/vitrail/vitrail/shelf.sqlite";
}

ShelfDb open_book(const LogCall& o) {
    const std::string path = o.book.empty() ? usual_book() : o.book;
    Message note;
    auto db = ShelfDb::open(path, &note);
    if (!note.empty())
        std::cerr << english(note) << "\n";
    if (!db)
        throw Unusable{path, english(db.error().message)};
    return std::move(*db);
}

std::string lower(std::string text) {
    for (char& c : text)
        c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return text;
}

bool found(const PrintRecord& r, const Query& query) {
    std::string text = r.id + " " + r.title + " " + r.machine + " " + r.machine_name + " " + r.material +
                       " " + r.school + " " + to_string(r.outcome) + " " + r.fault + " " + r.notes + " " +
                       instant_text(r.start_s, {});
    for (const UsedFilament& u : r.filaments)
        text += " " + u.name + " " + u.material + " " + u.spool + " " + u.colour;
    text = lower(std::move(text));
    const auto has = [&](const std::string& word) { return text.find(lower(word)) != std::string::npos; };
    return within(r, query) && std::all_of(query.words.begin(), query.words.end(), has) &&
           std::none_of(query.without.begin(), query.without.end(), has);
}

std::vector<PrintRecord> prints_of(ShelfDb& db, const LogCall& o) {
    auto prints = read_prints(db);
    if (!prints)
        throw Unusable{o.book, english(prints.error().message)};
    if (!o.machine.empty())
        std::erase_if(*prints, [&](const PrintRecord& r) { return r.machine != o.machine; });
    const Query query = parse_query(o.find, place_zone(now_s()));
    std::erase_if(*prints, [&](const PrintRecord& r) { return !found(r, query); });
    return std::move(*prints);
}

std::vector<Factor> factors_of(ShelfDb& db, const std::vector<PrintRecord>& prints) {
    const auto off = read_off(db);
    return learn_all(prints, off ? *off : std::vector<FactorKey>());
}

std::string amount(Quantity q, double v) {
    return in_grams(q) ? fmt::format("{:.1f} g", v) : duration(v);
}

/// A number of a kind that nobody has given yet: by its start, as a name that sorts.
std::string new_id(const PrintRecord& r, const std::vector<PrintRecord>& known) {
    const std::string base = instant_text(r.start_s, {}).substr(0, 16);
    std::string id = base;
    for (int n = 2; std::any_of(known.begin(), known.end(), [&](const PrintRecord& k) { return k.id == id; });
         ++n)
        id = fmt::format("{}-{}", base, n);
    return id;
}

PrintRecord typed_record(const LogCall& o, const Project& p, const Plan& plan) {
    PrintRecord r = record_of(p, plan);
    r.project_file = o.project;
    const Zone zone = place_zone(now_s());
    r.start_s = o.start.empty() ? now_s() - static_cast<std::int64_t>(r.foretold_s())
                                : instant(o.start, "--start", zone);
    if (!o.end.empty())
        r.end_s = instant(o.end, "--end", zone);
    else if (o.hours > 0)
        r.end_s = r.start_s + std::llround(o.hours * 3600);
    if (r.end_s != 0 && r.end_s <= r.start_s)
        throw Usage{"--end lies before --start"};
    if (!o.fault.empty() && !find_fault(o.fault)) {
        std::string known;
        for (const Fault& f : faults())
            known += (known.empty() ? "" : ", ") + std::string(f.code);
        throw Usage{"--fault: “" + o.fault + "” is not in the list: " + known};
    }
    r.outcome = o.outcome == "failed"   ? Outcome::failed
                : o.outcome == "usable" ? Outcome::usable
                                        : Outcome::good;
    r.failed_layer = o.failed_layer;
    r.fault = o.fault;
    r.notes = o.notes;
    const auto weighed = [&](Quantity q, double g) {
        if (g >= 0)
            r.at(q).real = g;
    };
    weighed(Quantity::piece,
            o.piece_g >= 0 && o.pieces > 0 ? o.piece_g / o.pieces * std::max(1, r.copies) : o.piece_g);
    weighed(Quantity::purge, o.purge_g);
    weighed(Quantity::tower, o.tower_g);
    weighed(Quantity::cleaning, o.cleaning_min >= 0 ? o.cleaning_min * 60 : -1);
    weighed(Quantity::soaking, o.soaking_h >= 0 ? o.soaking_h * 3600 : -1);
    if (o.waited_min >= 0)
        r.at(Quantity::waiting).real = o.waited_min * 60;
    settle_printing(r, r.at(Quantity::waiting).real.value_or(r.at(Quantity::waiting).foretold));
    return r;
}

const PrintRecord& chosen(const std::vector<PrintRecord>& prints, const std::string& id) {
    const auto at =
        std::find_if(prints.begin(), prints.end(), [&](const PrintRecord& r) { return r.id == id; });
    if (at == prints.end())
        throw Usage{"there is no print “" + id + "”; `vitrail-cli log list` has them"};
    return *at;
}

void save_page(const std::string& file, const Page& page) {
    if (!file.ends_with(".pdf"))
        return save(file, page_html(page));
    const Offscreen fonts;
    if (const Status ok = write_page_pdf(page, file, PageLanguage::english); !ok)
        throw Unusable{file, english(ok.error().message)};
}

} // namespace

int run_log_add(const LogCall& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = planned(p, o.project);
        PrintRecord r = typed_record(o, p, *plan);
        if (const auto odd = doubts(r); !odd.empty() && !o.sure) {
            std::string all;
            for (const Message& m : odd)
                all += english(m) + " ";
            throw Usage{all +
                        "No print comes out like that: was it all that was printed, and nothing else on the "
                        "scale? --pieces says how many were weighed; --sure keeps it as it is."};
        }
        ShelfDb db = open_book(o);
        const auto known = prints_of(db, {});
        r.id = new_id(r, known);
        foretell(r, factors_of(db, known));
        const PrintExtras extras{plan_snapshot(p, *plan), thumbnail_png(p, 96)};
        if (const Status ok = write_print(db, r, &extras); !ok)
            throw Unusable{o.book, english(ok.error().message)};
        if (o.json) {
            std::cout << json_text(record_to_json(r)) << "\n";
        } else {
            fmt::print("{} kept as {}\n", r.title, r.id);
            for (int q = 0; q < kQuantities; ++q)
                if (const Figure& f = r.figures[static_cast<std::size_t>(q)]; f.real)
                    fmt::print("{:16} {:>10} foretold, {:>10} real\n",
                               english(label(static_cast<Quantity>(q))),
                               amount(static_cast<Quantity>(q), f.foretold),
                               amount(static_cast<Quantity>(q), *f.real));
            if (const int weighed = o.pieces > 0 ? o.pieces : r.copies; o.piece_g >= 0 && weighed > 1) {
                const PerPiece each = per_piece(o.piece_g, weighed, o.step_g);
                fmt::print("each piece {:.2f} ± {:.2f} g\n", each.g, each.plus_minus_g);
            }
        }
        return 0;
    });
}

int run_log_list(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, o);
        if (o.json) {
            std::cout << logbook_to_json({prints, {}}) << "\n";
            return 0;
        }
        for (const PrintRecord& r : prints) {
            const auto real = r.real_s();
            fmt::print("{:18} {:22} {:12} {:>9} of {:>9}  {:.1f} g waste  {}{}\n", r.id, r.title, r.machine,
                       real ? duration(*real) : "–", duration(r.foretold_s()), r.waste_g(),
                       to_string(r.outcome), r.fault.empty() ? "" : ", " + r.fault);
        }
        return 0;
    });
}

int run_log_teach(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, o);
        const auto factors = factors_of(db, prints);
        const Score s = score(prints);
        const Zone zone = place_zone(now_s());
        if (o.json) {
            std::cout << json_text({{"schema", "vitrail.factors/1"},
                                    {"prints", prints.size()},
                                    {"factors", factors_report(factors, prints, zone)},
                                    {"score", score_report(s)}})
                      << "\n";
            return 0;
        }
        for (const Factor& f : factors) {
            const Interval r = range_of(f.belief, 1);
            std::string of = f.key.machine;
            for (const std::string& more :
                 {f.key.nozzle_mm > 0 ? fmt::format("{} mm", f.key.nozzle_mm) : std::string(), f.key.material,
                  f.key.school})
                of += (more.empty() || of.empty() ? "" : ", ") + more;
            fmt::print("{:16} {:28} {:.2f} ± {:.2f}, the next from {:.2f} to {:.2f}, {}{}\n",
                       english(label(f.key.quantity)), of, std::exp(f.belief.centre),
                       std::exp(f.belief.centre) * f.belief.mean_sd, r.low, r.high,
                       english(counted("{} print", "{} prints", f.belief.prints)),
                       f.off ? ", switched off" : "");
            if (f.drift)
                fmt::print("{:16} since {}: {:.0f} % {}\n", "",
                           instant_text(f.drift->since_s, zone).substr(0, 10),
                           100 * std::abs(f.drift->after / f.drift->before - 1),
                           f.drift->after > f.drift->before ? "more" : "less");
            for (const Sample& x : f.samples)
                if (x.use == Sample::Use::outlier)
                    fmt::print("{:16} not counted: {} ({:.2f})\n", "",
                               prints[static_cast<std::size_t>(x.record)].id, std::exp(x.log_ratio));
        }
        if (s.figures > 0)
            fmt::print("of {} figures {:.0f} % came out within their 80 % range\n", s.figures,
                       100 * s.within_80);
        return 0;
    });
}

int run_log_outlook(const LogCall& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = planned(p, o.project);
        const Outlook out = outlook_of(o.book, p, *plan);
        if (o.json) {
            std::cout << json_text(outlook_report(out)) << "\n";
            return 0;
        }
        const auto line = [](const char* name, const Outlook::Line& l, bool grams) {
            const std::string from = l.prints ? english(counted("{} print", "{} prints", l.prints))
                                              : std::string("a guess: no print yet");
            const auto text = [&](double v) { return grams ? fmt::format("{:.1f} g", v) : duration(v); };
            if (l.foretold > 0)
                fmt::print("{:12} {:>10} by the plan, {} to {} ({})\n", name, text(l.foretold),
                           text(l.range.low), text(l.range.high), from);
        };
        line("time", out.time, false);
        line("piece", out.piece, true);
        line("purge", out.purge, true);
        line("tower", out.tower, true);
        line("cleaning up", out.cleaning, false);
        line("soaking", out.soaking, false);
        return 0;
    });
}

int run_log_import(const LogCall& o) {
    return guarded([&] {
        const auto text = read_file(o.file);
        if (!text)
            throw Unusable{o.file, english(text.error().message)};
        const auto book = logbook_from_text(*text);
        if (!book)
            throw Unusable{o.file, english(book.error().message)};
        ShelfDb db = open_book(o);
        for (const Status& ok : {write_prints(db, book->prints), write_pictures(db, book->pictures)})
            if (!ok)
                throw Unusable{o.book, english(ok.error().message)};
        fmt::print("{}\n",
                   english(counted("{} print", "{} prints", static_cast<long long>(book->prints.size()))));
        return 0;
    });
}

int run_log_export(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, o);
        const auto pictures = read_pictures(db);
        save(o.file,
             o.file.ends_with(".csv")
                 ? logbook_to_csv(prints)
                 : logbook_to_json({prints, pictures ? *pictures : std::map<std::string, std::string>()}));
        return 0;
    });
}

int run_log_compare(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, {});
        const PrintRecord &a = chosen(prints, o.id), &b = chosen(prints, o.other);
        const auto all = differences(a, b, {});
        if (!o.file.empty()) {
            save_page(o.file, compare_page(a, b, all));
            return 0;
        }
        if (o.json) {
            Json list = Json::array();
            for (const Difference& d : all)
                list.push_back({{"of", d.of == Difference::Of::result    ? "result"
                                       : d.of == Difference::Of::make_up ? "make-up"
                                                                         : "setting"},
                                {"what", english(d.what)},
                                {"first", english(d.first)},
                                {"second", english(d.second)}});
            std::cout << json_text({{"schema", "vitrail.differences/1"},
                                    {"first", a.id},
                                    {"second", b.id},
                                    {"differences", list}})
                      << "\n";
            return 0;
        }
        for (const Difference& d : all)
            fmt::print("{:24} {:36} {}\n", english(d.what), english(d.first), english(d.second));
        return 0;
    });
}

int run_log_page(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, {});
        const PrintRecord& r = chosen(prints, o.id);
        std::vector<PagePicture> pictures;
        for (const std::string& name : r.photographs)
            if (const auto bytes = read_photograph(db, r.id, name))
                if (const std::string png = photograph_png(*bytes); !png.empty())
                    pictures.push_back({png, 300, say("{}", Name{name})});
        save_page(o.file, log_page(r, {}, place_zone(now_s()), std::move(pictures)));
        return 0;
    });
}

int run_log_photo(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, {});
        PrintRecord r = chosen(prints, o.id);
        const auto bytes = read_file(o.photograph);
        if (!bytes)
            throw Unusable{o.photograph, english(bytes.error().message)};
        const auto photograph = photograph_to_keep(*bytes);
        if (!photograph)
            throw Unusable{o.photograph, english(photograph.error().message)};
        const std::string name = free_photograph_name(r, std::filesystem::path(o.photograph).stem().string());
        r.photographs.push_back(name);
        Status ok = write_photograph(db, r.id, name, *photograph);
        if (ok) // a record speaks only of what is there
            ok = write_print(db, r);
        if (!ok)
            throw Unusable{o.book, english(ok.error().message)};
        fmt::print("{}\n", name);
        return 0;
    });
}

int run_log_machine(const LogCall& o) {
    return guarded([&] {
        Machine machine = read_machine_argument(o.machine);
        ShelfDb db = open_book(o);
        machine.learned = kept_factors(machine, factors_of(db, prints_of(db, {})));
        if (machine.learned.empty())
            throw Usage{"no print on “" + machine.id + "” has taught anything yet"};
        save(o.file, write_machine(machine));
        return 0;
    });
}

int run_log_remarks(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, {});
        const auto all = remarks(prints, factors_of(db, prints), o.machine);
        if (o.json) {
            Json list = Json::array();
            for (const Remark& r : all)
                list.push_back({{"code", r.code}, {"says", english(r.says)}, {"prints", r.prints}});
            std::cout << json_text(
                             {{"schema", "vitrail.remarks/1"}, {"machine", o.machine}, {"remarks", list}})
                      << "\n";
            return 0;
        }
        for (const Remark& r : all)
            fmt::print("{}\n", english(r.says));
        if (all.empty())
            fmt::print("too few prints on {} have been weighed to say anything\n", o.machine);
        return 0;
    });
}

int run_log_remove(const LogCall& o) {
    return guarded([&] {
        ShelfDb db = open_book(o);
        const auto prints = prints_of(db, {});
        if (const Status ok = remove_print(db, chosen(prints, o.id).id); !ok)
            throw Unusable{o.book, english(ok.error().message)};
        return 0;
    });
}

Outlook outlook_of(const std::string& book, const Project& project, const Plan& plan) {
    LogCall call;
    call.book = book;
    ShelfDb db = open_book(call);
    return outlook(project, plan, factors_of(db, prints_of(db, {})));
}

Pace pace_by(const std::string& book, const std::vector<PrintRecord>& foretold, const Machine& machine) {
    LogCall call;
    call.book = book;
    ShelfDb db = open_book(call);
    return pace_of(foretold, factors_for(machine, factors_of(db, prints_of(db, {}))));
}

} // namespace vitrail
