#include "core/run_sheet/choice_page.h"

namespace vitrail {

ChoiceSheet choice_sheet(const Message& title, const std::vector<PlannedVariant>& variants,
                         const std::vector<VariantFigure>& figures, const std::string& date,
                         const std::string& whom, const std::function<std::string(const Project&)>& picture,
                         const Asked* since) {
    ChoiceSheet out;
    out.page.title = title;
    out.asked.date = date;
    out.asked.whom = whom;
    std::vector<PagePicture> pictures;
    std::vector<std::vector<PageCell>> rows{{PageCell{}}};
    constexpr int kWidth = 220;
    for (const PlannedVariant& v : variants) {
        if (!v.plan || out.asked.shown.size() == 26)
            continue;
        Shown s;
        s.letter = static_cast<char>('A' + out.asked.shown.size());
        s.variant = v.name;
        for (const RegionColour& r : region_colours(*v.project, *v.plan))
            s.regions.emplace_back(r.region(),
                                   v.project->filaments[static_cast<std::size_t>(r.filament)].colour);
        for (const VariantFigure f : figures)
            s.figures.emplace_back(key_of(f), value_of(f, *v.project, *v.plan));
        pictures.push_back(
            {picture ? picture(*v.project) : std::string(), kWidth, say("{}: {}", s.letter, Name{v.name})});
        rows.front().push_back({say("{}", s.letter), 0, {}, true, {}});
        out.asked.shown.push_back(std::move(s));
    }
    if (since) {
        const std::vector<Message> changes = changes_since(*since, out.asked);
        out.page.heading(say("Since the sheet of {}", since->date));
        if (changes.empty())
            out.page.text(say("Nothing has changed."));
        out.page.list(changes);
        if (!since->answered.empty())
            out.page.text(say("You answered on {}: {}", since->answered,
                              since->chosen.empty()  ? since->words
                              : since->words.empty() ? since->chosen
                                                     : since->chosen + ", " + since->words));
        out.page.heading(say("To choose from"));
    }
    out.page.pictures(std::move(pictures));
    for (const VariantFigure f : figures) {
        auto& row = rows.emplace_back();
        row.push_back({Message{words_for(f), nullptr, 0, {}}, 0, {}, false, {}});
        for (const PlannedVariant& v : variants)
            if (v.plan && row.size() <= out.asked.shown.size())
                row.push_back({text_of(f, *v.project, value_of(f, *v.project, *v.plan)), 0, {}, true, {}});
    }
    if (!figures.empty())
        out.page.table(std::move(rows));
    out.page.text(
        say("Answer with a letter, and whatever you would like otherwise: “B, but the roof as in A”."));
    return out;
}

} // namespace vitrail
