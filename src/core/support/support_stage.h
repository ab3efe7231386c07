// The support stage of the pipeline, and what it remembers.
#pragma once

#include "core/base/memory.h"
#include "core/support/access.h"

namespace vitrail {

/// The span of bridges is the setting times what the piece's materials bridge of it.
OverhangRules overhang_rules(const Project& project, const Piece& piece);
SupportRules support_rules(const Settings& s);

/// Remembers the latest layouts and what they were made from: overhangs as long as layers and angle stay,
/// wishes as long as paint stays, layouts for the few sets of rules that are tried in turn. Not for use from
/// two threads at once.
class SupportStage {
public:
    /// Forgets what was made from other tables than these.
    void keep(const std::vector<std::shared_ptr<const LayerTable>>& tables);
    /// Takes over what is known already; null: nothing is.
    void know(const Project& project, const Piece& piece, const std::shared_ptr<const LayerTable>& table,
              std::shared_ptr<const SupportPlan> made, std::shared_ptr<const AccessMap> map);
    /// What needs holding, and where support is wanted its layout. Error: stopped.
    Result<std::shared_ptr<const SupportPlan>> run(const Project& project, const Piece& piece,
                                                   const std::shared_ptr<const LayerTable>& table,
                                                   const Progress& progress);
    Result<std::shared_ptr<const AccessMap>> access(const Settings& settings,
                                                    const std::shared_ptr<const LayerTable>& table,
                                                    const Progress& progress);

private:
    struct Key {
        std::shared_ptr<const LayerTable> table;
        OverhangRules overhangs;
        std::vector<std::shared_ptr<const Paint>> paints;
        bool wanted = false;
        SupportRules rules;
        bool operator==(const Key&) const = default;
    };
    struct MapKey {
        std::shared_ptr<const LayerTable> table;
        double tool_mm = 0;
        bool operator==(const MapKey&) const = default;
    };
    static Key key_of(const Project& p, const Piece& piece, std::shared_ptr<const LayerTable> table);
    Result<std::shared_ptr<const SupportPlan>> make(const Piece& piece, const LayerTable& table,
                                                    const Key& key, const Progress& progress) const;

    static constexpr std::size_t kLayouts = 6; ///< of a piece

    Memory<Key, SupportPlan> made_{kLayouts};
    Memory<MapKey, AccessMap> maps_;
};

} // namespace vitrail
