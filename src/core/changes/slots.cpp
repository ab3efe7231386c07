#include "core/changes/slots.h"

#include <algorithm>
#include <bit>

namespace vitrail {

namespace {

constexpr int kNotNeeded = 1 << 30;

/// next(job, filament): the first job from `job` on that needs it.
class NextUse {
public:
    explicit NextUse(std::span<const Set> jobs) : jobs_(jobs), at_(32, 0), uses_(32) {
        for (std::size_t j = 0; j < jobs.size(); ++j)
            for (Set r = jobs[j]; r; r &= r - 1)
                uses_[static_cast<std::size_t>(std::countr_zero(r))].push_back(static_cast<int>(j));
    }
    int after(int job, int filament) {
        auto& uses = uses_[static_cast<std::size_t>(filament)];
        std::size_t& at = at_[static_cast<std::size_t>(filament)];
        while (at < uses.size() && uses[at] < job)
            ++at;
        return at < uses.size() ? uses[at] : kNotNeeded;
    }

private:
    std::span<const Set> jobs_;
    std::vector<std::size_t> at_;
    std::vector<std::vector<int>> uses_;
};

} // namespace

std::vector<SlotStay> keep_needed_soonest(std::span<const Set> jobs, int slots) {
    NextUse next(jobs);
    std::vector<SlotStay> stays, in(static_cast<std::size_t>(slots), {0, -1, 0, 0});
    // Before the start: by first use, letters in order where they are needed together.
    std::vector<int> soonest;
    for (int f = 0; f < 32; ++f)
        if (next.after(0, f) < kNotNeeded)
            soonest.push_back(f);
    std::stable_sort(soonest.begin(), soonest.end(),
                     [&](int a, int b) { return next.after(0, a) < next.after(0, b); });
    soonest.resize(std::min(soonest.size(), static_cast<std::size_t>(slots)));
    std::sort(soonest.begin(), soonest.end());
    for (std::size_t s = 0; s < soonest.size(); ++s)
        in[s] = {static_cast<int>(s), soonest[s], -1, -1};
    for (int j = 0; j < static_cast<int>(jobs.size()); ++j) {
        const Set job = jobs[static_cast<std::size_t>(j)];
        Set there = 0;
        for (SlotStay& s : in)
            if (s.filament >= 0 && (job >> s.filament & 1)) {
                there |= Set{1} << s.filament;
                s.to = j;
            }
        for (Set missing = job & ~there; missing; missing &= missing - 1) {
            // Out goes what is needed last; among equals what has been idle longest, so that there is time
            // for it.
            SlotStay* out = nullptr;
            for (SlotStay& s : in) {
                if (s.filament >= 0 && (job >> s.filament & 1))
                    continue;
                const auto key = [&](const SlotStay& x) {
                    return x.filament < 0 ? kNotNeeded + 1 : next.after(j, x.filament);
                };
                if (!out || key(s) > key(*out) || (key(s) == key(*out) && s.to < out->to))
                    out = &s;
            }
            if (!out)
                break; // more than fit: the caller's jobs are too large
            if (out->filament >= 0)
                stays.push_back(*out);
            *out = {static_cast<int>(out - in.data()), std::countr_zero(missing), j, j};
        }
    }
    for (const SlotStay& s : in)
        if (s.filament >= 0)
            stays.push_back(s);
    std::stable_sort(stays.begin(), stays.end(),
                     [](const SlotStay& a, const SlotStay& b) { return a.from < b.from; });
    return stays;
}

int fewest_refills(std::span<const Set> jobs, int slots) {
    if (slots < 1)
        return 0;
    // A job that does not fit is served in pieces: as many filaments as there are slots, then the others one
    // by one.
    std::vector<Set> pieces;
    for (Set j : jobs) {
        if (!pieces.empty() && pieces.back() == j)
            continue; // what is there already stays
        while (std::popcount(j) > slots) {
            Set piece = 0;
            while (std::popcount(piece) < slots) {
                piece |= j & -j;
                j &= j - 1;
            }
            pieces.push_back(piece);
        }
        pieces.push_back(j);
    }
    int refills = 0;
    for (const SlotStay& s : keep_needed_soonest(pieces, slots))
        refills += s.from >= 0;
    return refills;
}

} // namespace vitrail
