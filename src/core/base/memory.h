// Results kept with the keys they were made from, so that a stage runs again only when its key has changed.
#pragma once

#include "core/base/result.h"

#include <algorithm>
#include <memory>
#include <vector>

namespace vitrail {

/// Keeps the latest few. Keys are compared whole; nothing has to be cleared by hand. Not for use from two
/// threads at once.
template <class Key, class Value>
class Memory {
public:
    struct Entry {
        Key key;
        std::shared_ptr<const Value> value;
    };

    explicit Memory(std::size_t keep = 1) : keep_(keep) {}

    /// What was made from that key, or else what `make` makes now: Result<std::shared_ptr<const Value>>.
    /// Errors are not kept.
    template <class Make>
    Result<std::shared_ptr<const Value>> get(Key key, Make make) {
        const auto same =
            std::find_if(entries_.begin(), entries_.end(), [&](const Entry& e) { return e.key == key; });
        if (same != entries_.end()) {
            std::rotate(same, same + 1, entries_.end());
            return entries_.back().value;
        }
        Result<std::shared_ptr<const Value>> made = make();
        ++made_;
        if (made)
            put(std::move(key), *made);
        return made;
    }
    void put(Key key, std::shared_ptr<const Value> value) {
        while (entries_.size() >= keep_)
            entries_.erase(entries_.begin());
        entries_.push_back({std::move(key), std::move(value)});
    }
    /// From now on so many are kept.
    void keep(std::size_t most) { keep_ = std::max<std::size_t>(1, most); }
    template <class Outdated>
    void drop(Outdated outdated) {
        std::erase_if(entries_, outdated);
    }
    const std::vector<Entry>& entries() const { return entries_; } ///< latest last
    int made() const { return made_; }                             ///< how often something was really made

private:
    std::size_t keep_;
    std::vector<Entry> entries_;
    int made_ = 0;
};

} // namespace vitrail
