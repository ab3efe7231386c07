// The user guide: pages written by hand (docs/guide), and lists made from the tables the program itself goes
// by.
#pragma once

#include "core/base/result.h"

#include <QString>

#include <vector>

namespace vitrail {

struct Term;

struct GuidePage {
    QString file; ///< "purge.html"
    QString title;
    /// a whole document; links to other pages by their files, to pictures by "../../screenshots/…"
    QString html;
    QString text; ///< the same without markup, to be searched
};

/// The word itself, in the language of the translators that are installed, without its other forms.
QString word_of(const Term& term);

/// Where the pages written by hand lie: installed, or in the source the program was built from. Empty where
/// there are none.
QString guide_folder();
/// The whole guide in the order of its contents, in `language` ("de") where a page has been written in it,
/// else in English. Lists speak the language of the translators that are installed.
std::vector<GuidePage> guide_pages(const QString& folder, const QString& language);

struct GuideHit {
    QString file, title, excerpt; ///< excerpt: plain text around the first place
    int places = 0;
};
/// Pages that have all of the words, those with a word in their title first, then those with it in a heading,
/// then by how often. Case does not matter.
std::vector<GuideHit> search_guide(const std::vector<GuidePage>& pages, const QString& words);

/// Writes the guide with its style sheet and pictures into a folder, which is made. Error where that cannot
/// be done.
Status write_guide(const QString& into, const QString& language);

} // namespace vitrail
