#pragma once
/// Changing what a board is: the size of its cells, and how it is seen. Each comes with what
/// follows from it, to be read before it is done.

#include "level/edits.h"

namespace rook::level {

struct BoardChange {
    LevelEdit edit;
    std::vector<std::string> consequences;  ///< sentences without a full stop
};

/// Cells of another size, as many as before: the drawing stays, all places in px scale with it.
/// Entities keep their size and stand bottom centre on the same place of their cell; one that would
/// lie outside is moved in. Errors: OutOfRange unless 1 to 512 px.
[[nodiscard]] Result<BoardChange> changeCellSize(const Project& project, const Level& level,
                                                 CellSize size);

/// Seen from the side, or from above. Cells, entities and plan stay.
/// Errors: NotApplicable for kinds that have no cells of matter.
[[nodiscard]] Result<BoardChange> changeKind(const Project& project, const Level& level,
                                             LevelKind kind);

}  // namespace rook::level
