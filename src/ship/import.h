#pragma once
/// Files from elsewhere, in: what each is, what it would change, what cannot be kept.

#include "file/storage.h"
#include "ship/grid_reading.h"

namespace rook::ship {

enum class ImportSort : unsigned char {
    TextGrid,
    ImageMap,
    Placements,
    BakedLevel,
    Kinds,
    Sheet,
    Piece,
};
[[nodiscard]] std::string_view nameOf(ImportSort sort);
[[nodiscard]] std::optional<ImportSort> importSortOf(std::string_view name);

/// What a person wants of a file.
struct ImportWish {
    std::optional<ImportSort> as;  ///< none = by the name and what is in it
    LevelId into;        ///< the level whose cells and cast are replaced; empty = new ones
    std::string legend;  ///< bytes of legend.json or palette.json; empty = the project's own
    std::map<std::string, Meaning> choices;  ///< of signs, over what is proposed
    CellSize tile{16, 16};                   ///< of a sheet
};

struct ImportPreview {
    ImportSort sort = ImportSort::TextGrid;
    std::string name;                    ///< of the file
    std::vector<std::string> notKept;    ///< sentences: told first
    std::vector<std::string> changes;    ///< sentences: what it does
    std::optional<GridReading> reading;  ///< of text grids and image maps
    /// What taking it makes of the project. None of sheets and pieces, which are written then.
    std::optional<level::ProjectEdit> edit;
    LevelId shown;  ///< the level to look at then; empty = none
};
/// What the file is by its name and first bytes. Errors: NotApplicable for what is not known.
[[nodiscard]] Result<ImportSort> sortOfFile(const std::string& name, const std::string& bytes);
/// Nothing is changed. Errors: of reading; BadReference for a level that is not there; nothing is
/// half done then. Cost: linear; any thread.
[[nodiscard]] Result<ImportPreview> previewImport(const level::Project& project,
                                                  const std::string& name, const std::string& bytes,
                                                  const ImportWish& wish);
/// The edit of a preview; sheets and models are copied into the project's folder first.
/// Errors: of the storage, and of what is copied.
[[nodiscard]] Result<level::ProjectEdit> takeImport(
    file::Storage& storage, const file::Path& folder, const level::Project& project,
    const ImportPreview& preview, const file::Path& source, const ImportWish& wish);

}  // namespace rook::ship
