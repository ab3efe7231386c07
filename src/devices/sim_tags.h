// A reader of spool tags that does not exist: says the number of the tag that is held to it.
#pragma once

#include "core/base/line_buffer.h"

#include <random>
#include <string>
#include <string_view>
#include <vector>

namespace vitrail {

/// Says "tag 04A2B1C0D3" once a tag is held to it, and "none" when it is gone; "R" asks again. Some reads
/// fail ("?"), as with real ones. What a person does: "HAND hold NUMBER", or "HAND hold" for the next of its
/// own tags; "HAND away".
class SimTags {
public:
    /// `tags`: of its own, in hexadecimal; empty: it makes some up. `fails`: share of reads, 0 … 1.
    SimTags(std::vector<std::string> tags, double fails, unsigned seed);
    std::string take(std::string_view bytes);
    const std::string& held() const { return held_; }

private:
    std::string line(std::string_view text);
    std::string read();

    std::vector<std::string> tags_;
    double fails_;
    std::mt19937 random_;
    std::size_t next_ = 0;
    LineBuffer lines_{128};
    std::string held_;
};

} // namespace vitrail
