#pragma once
/// Values that were read or made apart, made to share what is the same in them. What compares
/// pointers (whether something is modified, whether a verdict is still of now) then sees it.

#include <map>

#include "level/project.h"

namespace rook::level {

/// Makes values share with one that is there already, and with each other.
class Sharing {
public:
    explicit Sharing(Project with) : m_with(std::move(with)) {}

    /// An equal value. Cost: a comparison of what is not shared yet; of a board that was given
    /// before, none.
    [[nodiscard]] Project of(Project project);

private:
    Project m_with;
    /// Boards that were compared, and what stands for them.
    std::map<std::shared_ptr<const Level>, std::shared_ptr<const Level>> m_known;
};

}  // namespace rook::level
