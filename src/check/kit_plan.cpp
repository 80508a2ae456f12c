#include <algorithm>
#include <set>

#include "check/plan_detail.h"
#include "kit/way_along.h"

namespace rook::check {

using level::Bead;
using level::Route;

namespace {

class KitPlanCheck final : public PlanCheck {
public:
    KitPlanCheck(const level::Project& project, const level::Level& level,
                 const reach::KitAnswer* answer, const reach::Limits& limits)
        : PlanCheck(project, level), m_answer(answer), m_limits(limits) {}

    void followRoutes(const reach::Query& query) {
        for (std::size_t i = 0; i < m_report.routes.size() && !m_report.isCancelled; ++i) {
            if (m_level.sketch.routes[i].points.size() < 2) continue;
            findGoal(i, query.goals);
            followRoute(i);
            judgeBeads(i);
        }
    }

private:
    [[nodiscard]] const kit::WalkGraph& graph() const { return m_answer->graph; }
    [[nodiscard]] CellPoint moduleAt(PxPoint px) const { return toCell(px, m_level.cellSize); }
    /// The patches that the route's goal stands on; of its end, all of that module.
    [[nodiscard]] std::vector<int> goalOf(std::size_t index) const {
        const RouteReport& report = m_report.routes[index];
        for (const kit::KitGoal& goal : m_answer->reach.goals)
            if (goal.id == report.goalName && goal.patch >= 0) return {goal.patch};
        std::vector<int> patches;
        const CellPoint end = moduleAt(m_level.sketch.routes[index].points.back());
        for (std::size_t i = 0; i < graph().patches().size(); ++i)
            if (report.goalName.empty() && graph().patches()[i].spot.at == end)
                patches.push_back(static_cast<int>(i));
        return patches;
    }

    void followRoute(std::size_t index) {
        const Route& route = m_level.sketch.routes[index];
        RouteReport& report = m_report.routes[index];
        std::vector<CellPoint> modules;
        for (const PxPoint point : route.points)
            modules.push_back(moduleAt(point));
        const kit::WayAlong along =
            kit::wayAlong(m_project, m_level, graph(), modules, goalOf(index), m_limits.cancel);
        m_report.isCancelled = m_limits.cancel && m_limits.cancel->load();
        if (!along.isDecided) return;
        report.way = kit::modulesOf(graph(), graph().patchesOf(along.way));
        report.isGoalReached = !along.way.empty();
        std::size_t last = 0;
        const int module = std::max(m_level.cellSize.width, m_level.cellSize.height);
        for (std::size_t i = 0; i < modules.size(); ++i) {
            report.passings.push_back({along.passed[i], along.missedBy[i] * module, 0});
            if (along.passed[i]) {
                last = i + 1;
                continue;
            }
            const int off = along.missedBy[i];
            add(FindingKind::WayPointMissed,
                "The way leaves " + route.name + " at way point " + std::to_string(i + 1) +
                    ": none comes nearer than " + std::to_string(off) +
                    (off == 1 ? " module" : " modules"),
                {route.points[i].x, route.points[i].y, 1, 1});
        }
        if (along.way.empty()) tellEnd(index, last);
    }

    void judgeBeads(std::size_t index) {
        const Route& route = m_level.sketch.routes[index];
        RouteReport& report = m_report.routes[index];
        const std::vector<int> goal = goalOf(index);
        const auto isReached = [&](const kit::KitReach& reach) {
            return std::any_of(goal.begin(), goal.end(), [&](int patch) {
                return reach.reached[static_cast<std::size_t>(patch)] != 0;
            });
        };
        const bool isGoalReached = isReached(m_answer->reach);
        for (std::size_t i = 0; i < route.beads.size() && !m_report.isCancelled; ++i) {
            const Bead& bead = route.beads[i];
            BeadState& state = report.beads[i];
            if (bead.region && isObstacle(bead.sort)) {
                if (!isGoalReached) continue;
                const kit::KitReach closed =
                    kit::reachOf(m_project, m_level, graph(), m_limits.cancel, bead.region);
                m_report.isCancelled = m_limits.cancel && m_limits.cancel->load();
                state = isReached(closed)                           ? BeadState::Skippable
                        : closed.isDecided && !m_report.isCancelled ? BeadState::Met
                                                                    : BeadState::NotDecided;
            } else if (!report.way.empty()) {
                const CellPoint at = moduleAt(placeOf(route, bead));
                const CellRect area = bead.region.value_or(CellRect{at.x, at.y, 1, 1});
                const bool comesBy =
                    std::any_of(report.way.begin(), report.way.end(),
                                [&](const kit::Spot& spot) { return area.contains(spot.at); });
                state = comesBy ? BeadState::Passed : BeadState::LeftOut;
            }
            tellBead(index, i);
        }
    }

    /// What is to be open space wants a surface in more than half of its modules.
    void lookAtRoom(const level::Mark& room) override {
        if (!m_answer) return;
        const auto modules = cellsOf(room, m_level.cellSize).clipped(m_level.cells.bounds());
        std::set<std::pair<int, int>> built;
        for (const kit::Patch& patch : graph().patches())
            if (modules.contains(patch.spot.at)) built.insert({patch.spot.at.x, patch.spot.at.y});
        const auto count = static_cast<std::int64_t>(built.size());
        if (2 * count >= modules.cellCount()) return;
        add(FindingKind::RoomSolid,
            "Room " + (room.text.empty() ? "without a name" : room.text) +
                " on the plan is not built: " + std::to_string(count) + " of " +
                std::to_string(modules.cellCount()) + " modules have a floor",
            toPx(modules.bounds(), m_level.cellSize));
    }

    const reach::KitAnswer* m_answer;
    const reach::Limits& m_limits;
};

}  // namespace

PlanReport holdKitToPlan(const level::Project& project, const level::Level& level,
                         const reach::Query* query, const reach::KitAnswer* answer,
                         const reach::Limits& limits) {
    KitPlanCheck check(project, level, answer, limits);
    check.lookAtRoutes();
    if (query && answer && answer->reach.problem.empty()) check.followRoutes(*query);
    check.lookAtMarks();
    return check.take();
}

}  // namespace rook::check
