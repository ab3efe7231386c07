#include "core/support/support_stage.h"

#include "core/support/bridging.h"

#include <tbb/parallel_for.h>

#include <algorithm>

namespace vitrail {

namespace {

/// Support below what needs holding, and its sizes. Error: stopped.
Status lay_out(const LayerTable& table, const SupportRules& rules, SupportPlan& out,
               const Progress& progress) {
    if (!out.beside) {
        auto beside = space_beside(table.rows, rules.beside_mm, progress);
        if (!beside)
            return beside.error();
        out.beside = std::make_shared<const std::vector<Rows>>(std::move(*beside));
    }
    if (!out.blocked) {
        auto blocked = blocked_space(table.rows, *out.beside, rules.gap_layers, progress);
        if (!blocked)
            return blocked.error();
        out.blocked = std::make_shared<const std::vector<Rows>>(std::move(*blocked));
    }
    auto layout = lay_out_support(table.grid, table.rows, *out.hanging, *out.blocked, rules,
                                  {progress.stop, [&](double share) { progress.at(0.5 + 0.5 * share); }});
    if (!layout)
        return layout.error();
    out.body.resize(layout->body.size());
    out.interface.resize(layout->body.size());
    tbb::parallel_for(std::size_t{0}, out.body.size(), [&](std::size_t i) {
        out.body[i] = size_of(layout->body[i]);
        out.interface[i] = size_of(layout->interface[i]);
    });
    out.layout = std::make_shared<const SupportLayout>(std::move(*layout));
    return Done{};
}

} // namespace

OverhangRules overhang_rules(const Project& p, const Piece& piece) {
    return {p.settings.support_angle_deg, p.settings.support_bridge_mm * bridged_share(p, piece),
            p.settings.support_least_mm2};
}

SupportRules support_rules(const Settings& s) {
    SupportRules r;
    r.kind = s.support == SupportStyle::tree ? SupportKind::tree : SupportKind::columns;
    r.angle_deg = s.support_angle_deg;
    r.on_piece = s.support_on_piece;
    r.beside_mm = s.support_beside_mm;
    r.gap_layers = static_cast<int>(s.support_gap_layers);
    r.interface_layers = static_cast<int>(s.interface_layers);
    r.interface_below = static_cast<int>(s.interface_below);
    r.align_layers = static_cast<int>(s.interface_align);
    r.least_face_mm2 = s.interface_least_mm2;
    return r;
}

SupportStage::Key SupportStage::key_of(const Project& p, const Piece& piece,
                                       std::shared_ptr<const LayerTable> table) {
    Key key{std::move(table), overhang_rules(p, piece), {}, p.settings.support != SupportStyle::none, {}};
    if (key.wanted)
        key.rules = support_rules(p.settings);
    for (const Part& part : piece.parts)
        key.paints.push_back(part.support_paint);
    return key;
}

void SupportStage::keep(const std::vector<std::shared_ptr<const LayerTable>>& tables) {
    const auto outdated = [&](const auto& e) {
        return std::find(tables.begin(), tables.end(), e.key.table) == tables.end();
    };
    made_.drop(outdated);
    maps_.drop(outdated);
    made_.keep(kLayouts * tables.size());
    maps_.keep(tables.size());
}

void SupportStage::know(const Project& p, const Piece& piece, const std::shared_ptr<const LayerTable>& table,
                        std::shared_ptr<const SupportPlan> made, std::shared_ptr<const AccessMap> map) {
    if (made)
        made_.put(key_of(p, piece, table), std::move(made));
    if (map) {
        const MapKey key{table, map->tool_mm};
        maps_.put(key, std::move(map));
    }
}

Result<std::shared_ptr<const SupportPlan>> SupportStage::run(const Project& p, const Piece& piece,
                                                             const std::shared_ptr<const LayerTable>& table,
                                                             const Progress& progress) {
    Key key = key_of(p, piece, table);
    return made_.get(key, [&] { return make(piece, *table, key, progress); });
}

/// From whatever of earlier layouts still holds.
Result<std::shared_ptr<const SupportPlan>> SupportStage::make(const Piece& piece, const LayerTable& table,
                                                              const Key& key,
                                                              const Progress& progress) const {
    auto out = std::make_shared<SupportPlan>();
    for (const auto& e : made_.entries()) {
        if (e.key.table != key.table)
            continue;
        OverhangRules but_size = key.overhangs;
        but_size.least_mm2 = e.key.overhangs.least_mm2;
        if (e.key.overhangs == but_size)
            out->found = e.value->found;
        if (e.key.wanted && e.key.rules.beside_mm == key.rules.beside_mm) {
            out->beside = e.value->beside;
            if (e.key.rules.gap_layers == key.rules.gap_layers)
                out->blocked = e.value->blocked;
        }
        if (e.key.overhangs == key.overhangs && e.key.paints == key.paints)
            out->hanging = e.value->hanging;
    }
    if (!out->found) {
        auto found = find_overhangs(table, key.overhangs,
                                    {progress.stop, [&](double share) { progress.at(0.4 * share); }});
        if (!found)
            return found.error();
        out->found = std::make_shared<const std::vector<Overhang>>(std::move(*found));
    }
    if (!out->hanging) {
        const SupportWishes wishes = wishes_of(piece.parts, table);
        out->hanging = std::make_shared<const Hanging>(
            whole_faces(wishes.hold.empty() ? *out->found : with_wishes(table.rows, *out->found, wishes),
                        key.overhangs.least_mm2));
    }
    if (key.wanted)
        if (const Status ok = lay_out(table, key.rules, *out, progress); !ok)
            return ok.error();
    return std::shared_ptr<const SupportPlan>(std::move(out));
}

Result<std::shared_ptr<const AccessMap>> SupportStage::access(const Settings& settings,
                                                              const std::shared_ptr<const LayerTable>& table,
                                                              const Progress& progress) {
    return maps_.get({table, settings.tool_mm},
                     [&] { return map_access(*table, settings.tool_mm, progress); });
}

} // namespace vitrail
