#pragma once
/// What was solved for bundles, kept by the values that it is of, so that a bundle in which one
/// level changed solves that level alone.

#include <memory>
#include <mutex>
#include <optional>
#include <vector>

#include "game/proof.h"

namespace rook::file {

/// The files that bundles hold of levels. Threads: any.
class SolvedLevels {
public:
    using Files = std::map<std::string, std::string>;

    /// The bytes of pictures and models, to be told from others by their place.
    [[nodiscard]] std::shared_ptr<const Files> pictures(const Files& sheets);
    /// None if they are not known for those very values. Cost: the levels kept, and the project's.
    [[nodiscard]] std::optional<Files> find(const level::Project& project,
                                            const level::Level& level,
                                            const std::shared_ptr<const Files>& pictures) const;
    /// In place of the oldest, where a level has two already: targets may be of different levels.
    void keep(const level::Project& project, std::shared_ptr<const level::Level> level,
              std::shared_ptr<const Files> pictures, Files files);

private:
    struct Kept {
        level::Project project;
        std::shared_ptr<const level::Level> level;
        std::shared_ptr<const Files> pictures;
        Files files;
    };
    mutable std::mutex m_mutex;
    std::shared_ptr<const Files> m_pictures;
    std::vector<Kept> m_kept;  ///< the oldest first
};

/// For one bundle at a time.
struct Solved {
    SolvedLevels levels;
    game::WinningCache winning;
};

}  // namespace rook::file
