#pragma once
/// Edits of a project's matters: add, change, merge, take away. Cells of all levels and blocks
/// follow.

#include "level/edits.h"

namespace rook::level {

/// Cells of a matter in all levels; and how many of them have a form other than full.
struct MatterUse {
    std::int64_t cells = 0;
    int levels = 0;
    std::int64_t formed = 0;
};
/// Cost: reads every cell.
[[nodiscard]] MatterUse useOf(const Project& project, MatterId matter);

/// A matter with that title, a name made of it that no other has, and a glyph that is free.
[[nodiscard]] Matter freshMatter(const Project& project, const std::string& title);

/// Errors: OutOfRange above 4,096 matters; BadReference for a name that is taken or not plain, or a
/// joined matter that is not there; NotApplicable for a title that is empty, for "open", or if the
/// behaviour cannot take a form that the matter has (its own, or of some cell).
[[nodiscard]] Result<ProjectEdit> addMatter(const Project& project, const Matter& matter);
/// `matter` takes the place of that one; parts and joins follow its name. Errors: as above.
[[nodiscard]] Result<ProjectEdit> changeMatter(const Project& project, MatterId id,
                                               const Matter& matter);

/// Lays `into` in place of every cell of `from`, forms kept where `into` can take them and full
/// where not, and takes `from` away. `into` may be open: then its cells are emptied.
/// Errors: NotApplicable for open as `from`, or both the same.
[[nodiscard]] Result<ProjectEdit> mergeMatter(const Project& project, MatterId from, MatterId into);

}  // namespace rook::level
