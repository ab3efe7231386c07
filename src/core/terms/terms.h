// The words of the trade, and of this program, each with the sentence that explains it: on hover, on F1, and
// in the guide.
#pragma once

#include <string_view>
#include <vector>

namespace vitrail {

struct Term {
    const char* id;    ///< names its place in the guide's list of terms
    const char* words; ///< the word, then other forms of it, parted by '|'; to be translated as a whole
    const char* says;  ///< what it means, in a sentence or two; to be translated
    const char* page;  ///< where the guide tells more, "purge.html"
};

/// In the order in which the work meets them.
const std::vector<Term>& all_terms();
/// Null where there is none.
const Term* find_term(std::string_view id);

} // namespace vitrail
