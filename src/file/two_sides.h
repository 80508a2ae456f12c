#pragma once
/// A project that changed on the disk and in the window at once: what each side changed, and a
/// value made of both. The unit is a whole file: a level, a swatch, a kit, or all the rest.

#include "file/text_files.h"
#include "level/compare.h"

namespace rook::file {

enum class Whose { Mine, Theirs, Both };

struct ChangedPart {
    enum class Sort { Level, Swatch, Kit, Rest };
    std::string path;
    Sort sort = Sort::Rest;
    std::string title;      ///< of a board or kit; empty of the rest
    bool isMine = false;    ///< changed in the window
    bool isTheirs = false;  ///< changed on the disk
    bool isInMine = true;   ///< it is there
    bool isInTheirs = true;
    /// Of boards that both sides have: from what was saved to each side.
    level::LevelDifference mine, theirs;

    /// Both changed it, and not to the same: somebody has to choose.
    [[nodiscard]] bool isConflict() const { return isMine && isTheirs; }
};

/// All that either side changed since `saved`, levels first. What both changed to the same is left
/// out. Cost: what the values do not share; on any thread.
[[nodiscard]] std::vector<ChangedPart> changedParts(const level::Project& saved,
                                                    const level::Project& mine,
                                                    const level::Project& theirs);

/// The value of which each part is of the side that changed it, or, of conflicts, of the one that
/// is chosen by path. *Both* of a level is theirs, and mine beside it under an id of its own; of
/// anything else it counts as mine. Parts that are not named there are of mine.
/// Errors: as `openProject`, where parts do not fit together, such as a level that names a matter
/// which the other side's project has no more.
[[nodiscard]] Result<level::Project> joinSides(Storage& storage, const Path& folder,
                                               const level::Project& saved,
                                               const level::Project& mine,
                                               const level::Project& theirs,
                                               const std::map<std::string, Whose>& choices);

}  // namespace rook::file
