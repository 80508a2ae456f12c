#pragma once
/// Sheets from image files: cut as their makers laid them out, told what does not fit.

#include "file/storage.h"
#include "level/edits.h"
#include "skin/opacity.h"

namespace rook::file {

/// How tiles lie in an image.
struct SheetCut {
    CellSize tile{16, 16};  ///< px
    int margin = 0;         ///< px around all tiles
    int spacing = 0;        ///< px between two
    CellPoint offset;       ///< px, of the first tile beyond the margin
    bool operator==(const SheetCut&) const = default;
};

/// What a cut would make of an image of that size.
struct CutTiles {
    int columns = 0;
    int rows = 0;
    int leftOverX = 0;  ///< px at the right that no tile covers
    int leftOverY = 0;  ///< px at the bottom
    bool operator==(const CutTiles&) const = default;
};
[[nodiscard]] CutTiles tilesOf(const SheetCut& cut, int width, int height);

/// The tiles of a PNG side by side, with nothing between them, as a PNG. Bytes that need no change
/// are given back as they are.
/// Errors: BadSyntax if it is no PNG; OutOfRange if not one tile fits, or more than 65,536 would.
[[nodiscard]] Result<std::string> cutSheet(const std::string& png, const std::string& name,
                                           const SheetCut& cut);

/// A sheet of those tiles under a name that is free, its image written to sheets/ of the project's
/// folder. Errors: as `cutSheet`; those of the storage; OutOfRange for more than 254 sheets.
[[nodiscard]] Result<level::ProjectEdit> importSheet(Storage& storage, const Path& folder,
                                                     const level::Project& project,
                                                     const Path& image, const SheetCut& cut);

/// The same sheet with the tiles of another image, which must lie as those do now: as large, as
/// many in a row, and no row less. The former file stays. Errors: as above; NotApplicable for
/// another layout. Requires: the project has that sheet.
[[nodiscard]] Result<level::ProjectEdit> replaceSheet(Storage& storage, const Path& folder,
                                                      const level::Project& project,
                                                      std::size_t sheet, const Path& image,
                                                      const SheetCut& cut);

/// How much of each tile of the project's sheets is to be seen; images that cannot be read are
/// left out.
[[nodiscard]] skin::Opacity opacityOf(Storage& storage, const Path& folder,
                                      const level::Project& project);

/// Copies a PNG to pictures/ of the project's folder, under a name that is free there; gives its
/// path in the project. Errors: BadSyntax if it is no PNG; those of the storage.
[[nodiscard]] Result<std::string> importPicture(Storage& storage, const Path& folder,
                                                const Path& image);

}  // namespace rook::file
