#pragma once
/// The guide as it lies on the disk: pages in the order of its table of contents, and a search.

#include <QString>
#include <vector>

namespace rook::app {

/// One heading of a page, with what stands below it.
struct GuidePart {
    QString page;     ///< file, below the folder of the documents
    QString title;    ///< of the page
    QString heading;  ///< empty = the beginning of the page
    QString text;
};

struct GuidePage {
    QString file;   ///< below the folder of the documents, such as "guide/words.md"
    QString title;  ///< as the table of contents has it
    QString group;  ///< the heading that it stands under there
};

/// What `guide/README.md` lists; empty if the documents are not here.
[[nodiscard]] std::vector<GuidePage> guidePages(const QString& docs);

/// All parts of all pages. Cost: every page is read, some milliseconds.
[[nodiscard]] std::vector<GuidePart> guideParts(const QString& docs);

/// Those in which all words stand, headings first.
[[nodiscard]] std::vector<GuidePart> searchGuide(const std::vector<GuidePart>& parts,
                                                 const QString& typed);

}  // namespace rook::app
