#pragma once
/// The motion of a level: by its own profile, and by the others that can come into force in it.

#include "level/project.h"
#include "motion/step_tables.h"

namespace rook::motion {

/// The profiles of a level by their number: its own, the one that it is swapped for, those that its
/// pickups bring, in the order of the file, each with the one that it is swapped for.
class LevelProfiles {
public:
    /// Errors: BadReference if one is named that is not there, or not named back, or whose body is
    /// of another size; the sentence names it. Cost: the entities.
    [[nodiscard]] static Result<LevelProfiles> of(const level::Project& project,
                                                  const level::Level& level);

    [[nodiscard]] const std::vector<level::MotionProfile>& list() const { return m_list; }
    /// Requires: it is in the list.
    [[nodiscard]] int numberOf(const std::string& name) const;
    /// Changes each of them.
    template <typename Change>
    void change(Change&& change) {
        for (level::MotionProfile& each : m_list)
            each = change(std::move(each));
    }

    /// The level's own tables, with the others. Errors: as `makeStepTables`.
    [[nodiscard]] Result<StepTables> tables(const level::Level& level, Weakening weakening) const;
    /// The flights of a spring, of all of them. Errors: as `makeSpring`.
    [[nodiscard]] Result<runtime::Spring> spring(const level::Level& level,
                                                 const level::SpringHeights& heights,
                                                 const std::string& where,
                                                 Weakening weakening) const;

private:
    std::vector<level::MotionProfile> m_list;
};

}  // namespace rook::motion
