#pragma once
/// What holding a level to its plan shares, whatever its board is of. Private to check/.

#include "check/plan.h"
#include "level/parts.h"

namespace rook::check {

/// "Bead 2 (jump, plank over the brine)".
[[nodiscard]] std::string beadText(const level::Bead& bead, std::size_t index);

/// Looks at what needs no reach, and collects what is found.
class PlanCheck {
public:
    PlanCheck(const level::Project& project, const level::Level& level)
        : m_project(project), m_level(level) {}
    virtual ~PlanCheck() = default;

    PlanReport take() { return std::move(m_report); }
    void lookAtRoutes();
    void lookAtMarks();

protected:
    void add(FindingKind kind, std::string sentence, PxRect place = {});
    /// What the route leads to: a goal within two cells of its end, the nearest first; the main
    /// route else leads to the nearest exit; any other to its end.
    void findGoal(std::size_t index, const std::vector<reach::Goal>& goals);
    /// Says of a bead what is wrong with it, once its state is known.
    void tellBead(std::size_t route, std::size_t bead);
    /// Says that the goal is not got to; `last`: way points that are passed.
    void tellEnd(std::size_t route, std::size_t last);
    virtual void lookAtRoom(const level::Mark& room) = 0;

    const level::Project& m_project;
    const level::Level& m_level;
    PlanReport m_report;

private:
    void lookAtPart(const level::Part& part);
};

/// On a board of pieces. `answer` is null where it could not be asked.
[[nodiscard]] PlanReport holdKitToPlan(const level::Project& project, const level::Level& level,
                                       const reach::Query* query, const reach::KitAnswer* answer,
                                       const reach::Limits& limits);

}  // namespace rook::check
