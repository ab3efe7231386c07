// A page of headings, sentences, tables and pictures: what is given to people besides the run sheet. HTML and
// paper are made from it.
#pragma once

#include "core/base/message.h"
#include "core/colour/colour.h"

#include <string>
#include <utility>
#include <vector>

namespace vitrail {

struct PageCell {
    Message text;
    char letter = 0; ///< in a box of `colour` before the text; 0: none
    Srgb colour;
    bool number = false; ///< stands at the right
    std::string png;     ///< a small picture; may be empty
};

inline PageCell page_cell(Message text) {
    return {std::move(text), 0, {}, false, {}};
}
inline PageCell page_figure(Message text) {
    return {std::move(text), 0, {}, true, {}};
}

struct PagePicture {
    std::string png;
    int width = 0; ///< in pixels of a screen
    Message caption;
};

struct PageBlock {
    enum class Kind { heading, text, warning, list, steps, table, pictures };
    Kind kind = Kind::text;
    Message text;
    std::vector<Message> items;              ///< of a list; steps are ticked off
    std::vector<std::vector<PageCell>> rows; ///< of a table: the first are its headings
    std::vector<PagePicture> pictures;
};

struct Page {
    Message title;
    std::vector<PageBlock> blocks;

    void heading(Message text) { blocks.push_back({PageBlock::Kind::heading, std::move(text), {}, {}, {}}); }
    void text(Message text) { blocks.push_back({PageBlock::Kind::text, std::move(text), {}, {}, {}}); }
    void warning(Message text) { blocks.push_back({PageBlock::Kind::warning, std::move(text), {}, {}, {}}); }
    void list(std::vector<Message> items, bool steps = false) {
        if (!items.empty())
            blocks.push_back(
                {steps ? PageBlock::Kind::steps : PageBlock::Kind::list, {}, std::move(items), {}, {}});
    }
    void table(std::vector<std::vector<PageCell>> rows) {
        blocks.push_back({PageBlock::Kind::table, {}, {}, std::move(rows), {}});
    }
    void pictures(std::vector<PagePicture> pictures) {
        blocks.push_back({PageBlock::Kind::pictures, {}, {}, {}, std::move(pictures)});
    }
};

} // namespace vitrail
