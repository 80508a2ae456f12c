#include "check/plan_detail.h"
#include "level/level_kinds.h"

#include <algorithm>
#include <cmath>

namespace rook::check {

namespace {

using level::Bead;
using level::Mark;
using level::Route;

/// A length in cells with one place after the point, "2.5".
std::string cellsText(double cells) {
    const long tenths = std::max(1L, std::lround(cells * 10));
    return std::to_string(tenths / 10) +
           (tenths % 10 == 0 ? std::string() : "." + std::to_string(tenths % 10)) +
           (tenths == 10 ? " cell" : " cells");
}

/// Where a body that comes within one cell of the point overlaps.
PxRect around(PxPoint point, CellSize cell) {
    return {point.x - cell.width, point.y - cell.height, 2 * cell.width + 1, 2 * cell.height + 1};
}

/// How far apart two rectangles are, px, the larger of both directions; 0 if they overlap.
int gapBetween(const PxRect& a, const PxRect& b) {
    const int dx = std::max({0, b.x - a.right() + 1, a.x - b.right() + 1});
    const int dy = std::max({0, b.y - a.bottom() + 1, a.y - b.bottom() + 1});
    return std::max(dx, dy);
}

constexpr int farthest = 1 << 30;

class CellPlanCheck final : public PlanCheck {
public:
    using PlanCheck::PlanCheck;

    /// Requires: the query can be answered, and was.
    void followRoutes(const reach::Query& query, const reach::Answer& answer,
                      const reach::Limits& limits) {
        for (std::size_t i = 0; i < m_report.routes.size() && !m_report.isCancelled; ++i) {
            if (m_level.sketch.routes[i].points.size() < 2) continue;
            followRoute(i, query, limits);
            judgeBeads(i, query, answer, limits);
        }
    }

private:
    void lookAtRoom(const Mark& room) override {
        const auto cells = cellsOf(room, m_level.cellSize).clipped(m_level.cells.bounds());
        std::int64_t solid = 0;
        for (const level::CellRun& run : cells.runs())
            for (int x = run.x; x < run.x + run.count; ++x)
                if (m_project.behaviourOf(m_level.cells.at(x, run.y)) == level::Behaviour::Solid)
                    ++solid;
        if (2 * solid <= cells.cellCount()) return;
        add(FindingKind::RoomSolid,
            "Room " + (room.text.empty() ? "without a name" : room.text) +
                " on the plan is still solid: " + std::to_string(solid) + " of " +
                level::cellCountText(cells.cellCount()),
            toPx(cells.bounds(), m_level.cellSize));
    }

    /// False if the work was cancelled.
    bool note(reach::Completion completion) {
        m_report.isCancelled = m_report.isCancelled || completion == reach::Completion::Cancelled;
        return completion == reach::Completion::Complete;
    }

    void followRoute(std::size_t index, const reach::Query& query, const reach::Limits& limits) {
        const Route& route = m_level.sketch.routes[index];
        RouteReport& report = m_report.routes[index];
        findGoal(index, query.goals);
        std::vector<PxRect> areas;
        for (const PxPoint p : route.points)
            areas.push_back(around(p, m_level.cellSize));
        reach::RunAlong along = runAlong(query.problem, areas, report.goal, limits);
        if (!note(along.completion)) return;
        report.passings = along.passings;
        report.run = std::move(along.run);
        report.isGoalReached = report.run.has_value();
        std::size_t last = 0;
        for (std::size_t i = 0; i < route.points.size(); ++i) {
            if (report.passings[i].isPassed) {
                last = i + 1;
                continue;
            }
            const CellSize cell = m_level.cellSize;
            const double cells =
                1 + double(report.passings[i].missedByPx) / std::max(cell.width, cell.height);
            add(FindingKind::WayPointMissed,
                "The proof run leaves " + route.name + " at way point " + std::to_string(i + 1) +
                    ": none comes nearer than " + cellsText(cells),
                {route.points[i].x, route.points[i].y, 1, 1});
        }
        if (!report.run) tellEnd(index, last);
    }

    void judgeBeads(std::size_t index, const reach::Query& query, const reach::Answer& answer,
                    const reach::Limits& limits) {
        const Route& route = m_level.sketch.routes[index];
        RouteReport& report = m_report.routes[index];
        const bool isReached = answer.onCells().reached.meets(report.goal, answer.onCells().tables);
        for (std::size_t i = 0; i < route.beads.size() && !m_report.isCancelled; ++i) {
            const Bead& bead = route.beads[i];
            BeadState& state = report.beads[i];
            if (bead.region && isObstacle(bead.sort)) {
                if (isReached) state = closeOff(*bead.region, report.goal, query, limits);
            } else if (report.run) {
                const PxRect area = bead.region ? toPx(*bead.region, m_level.cellSize)
                                                : around(placeOf(route, bead), m_level.cellSize);
                state = passes(*report.run, area, query.problem.tables) ? BeadState::Passed
                                                                        : BeadState::LeftOut;
            }
            tellBead(index, i);
        }
    }

    BeadState closeOff(const CellRect& region, const PxRect& goal, const reach::Query& query,
                       const reach::Limits& limits) {
        const reach::Problem closed = withClosed(query.problem, toPx(region, m_level.cellSize));
        const reach::Reached reached = solve(closed, limits);
        if (reached.meets(goal, closed.tables)) return BeadState::Skippable;
        if (reached.mayMeetByMovers(goal, closed.tables)) return BeadState::NotDecided;
        return note(reached.completion) ? BeadState::Met : BeadState::NotDecided;
    }

    static bool passes(const reach::Run& run, const PxRect& area,
                       const runtime::MotionTables& tables) {
        return std::any_of(run.bodies.begin(), run.bodies.end(), [&](const runtime::Body& body) {
            return area.overlaps({body.x, body.y, tables.bodyWidth, tables.bodyHeight});
        });
    }
};

}  // namespace

std::string beadText(const Bead& bead, std::size_t index) {
    std::string text = "Bead " + std::to_string(index + 1) + " (" + std::string(nameOf(bead.sort));
    return text + (bead.note.empty() ? ")" : ", " + bead.note + ")");
}

void PlanCheck::add(FindingKind kind, std::string sentence, PxRect place) {
    m_report.findings.push_back(
        {kind, Severity::Doubt, m_level.id, std::move(sentence), {}, place});
}

void PlanCheck::lookAtRoutes() {
    for (const Route& route : m_level.sketch.routes) {
        m_report.routes.push_back({});
        m_report.routes.back().beads.resize(route.beads.size(), BeadState::NotJudged);
        if (route.points.size() < 2) {
            const bool hasPoint = !route.points.empty();
            add(FindingKind::RouteTooShort,
                "Route " + route.name + " has " + (hasPoint ? "one point" : "no point") +
                    " and leads nowhere",
                hasPoint ? PxRect{route.points[0].x, route.points[0].y, 1, 1} : PxRect{});
        }
        for (std::size_t i = 0; i < route.points.size(); ++i)
            if (!m_level.boundsPx().contains(route.points[i]))
                add(FindingKind::WayPointOutside,
                    "Way point " + std::to_string(i + 1) + " of " + route.name +
                        " lies outside the level",
                    {route.points[i].x, route.points[i].y, 1, 1});
    }
}

void PlanCheck::lookAtMarks() {
    for (const level::Leaf& leaf : m_level.sketch.leaves)
        for (const Mark& mark : leaf.marks)
            if (mark.isRoom) lookAtRoom(mark);
    for (const level::Part& part : partsOf(m_project, m_level))
        lookAtPart(part);
    m_level.sketch.forEachUnderlay([&](const level::Underlay& underlay) {
        if (!underlay.picture.bytes)
            add(FindingKind::UnderlayMissing, "The underlay " + underlay.path +
                                                  " cannot be read: put the file back or place "
                                                  "another picture");
    });
}

void PlanCheck::lookAtPart(const level::Part& part) {
    for (const auto& [level, id] : part.places) {
        const Mark* thing = findMark(m_level.sketch, id);
        if (!part.match) {
            add(FindingKind::ThingToMake,
                part.name + " is on the plan, and nothing in the project stands for it",
                boundsOf(*thing));
            return;  // said once a part
        }
        if (isStoodFor(m_project, m_level, *thing, *part.match)) continue;
        add(FindingKind::ThingNotPlaced,
            part.name + " is on the plan here, and no " + matchText(m_project, *part.match) +
                " stands here",
            boundsOf(*thing));
    }
}

void PlanCheck::findGoal(std::size_t index, const std::vector<reach::Goal>& goals) {
    const Route& route = m_level.sketch.routes[index];
    RouteReport& report = m_report.routes[index];
    const PxPoint end = route.points.back();
    const PxRect there{end.x, end.y, 1, 1};
    report.goal = around(end, m_level.cellSize);
    int nearest = 2 * std::max(m_level.cellSize.width, m_level.cellSize.height) + 1;
    for (const bool isExitWanted : {false, true}) {
        if (isExitWanted && (index > 0 || !report.goalName.empty())) break;
        if (isExitWanted) nearest = farthest;
        for (const reach::Goal& goal : goals) {
            if (isExitWanted && goal.role != level::Role::Exit) continue;
            const int gap = gapBetween(there, goal.box);
            if (gap >= nearest) continue;
            nearest = gap;
            report.goal = goal.box;
            report.goalName = goal.id;
        }
    }
}

void PlanCheck::tellEnd(std::size_t index, std::size_t last) {
    const Route& route = m_level.sketch.routes[index];
    const RouteReport& report = m_report.routes[index];
    const PxPoint end = route.points.back();
    add(FindingKind::RouteEndMissed,
        (last == 0 ? "No run along " + route.name
                   : "After way point " + std::to_string(last) + " no run along " + route.name) +
            " gets to " + (report.goalName.empty() ? "its end" : report.goalName),
        {end.x, end.y, 1, 1});
}

void PlanCheck::tellBead(std::size_t index, std::size_t i) {
    const Route& route = m_level.sketch.routes[index];
    const RouteReport& report = m_report.routes[index];
    const Bead& bead = route.beads[i];
    const BeadState state = report.beads[i];
    const PxPoint at = placeOf(route, bead);
    if (state == BeadState::Skippable)
        add(FindingKind::BeadSkippable,
            beadText(bead, i) + " can be skipped: " +
                (report.goalName.empty() ? "the end of " + route.name : report.goalName) +
                " is reached without it",
            {at.x, at.y, 1, 1});
    if (state == BeadState::LeftOut)
        add(FindingKind::BeadLeftOut,
            beadText(bead, i) + " is left out: the proof run along " + route.name +
                " does not come by",
            {at.x, at.y, 1, 1});
}

bool isObstacle(level::BeadSort sort) {
    return sort != level::BeadSort::Reward && sort != level::BeadSort::Story;
}

bool hasPlan(const level::Level& level) {
    return !level.sketch.isEmpty();
}

PlanReport holdToPlan(const level::Project& project, const level::Level& level,
                      const reach::Query* query, const reach::Answer* answer,
                      const reach::Limits& limits) {
    const reach::KitAnswer* onKit = answer ? answer->onKit() : nullptr;
    if (level::traitsOf(level.kind).isOfPieces)
        return holdKitToPlan(project, level, query, onKit, limits);
    CellPlanCheck check(project, level);
    check.lookAtRoutes();
    const bool isAnswered = query && answer && query->notSolved.empty() &&
                            answer->onCells().reached.completion == reach::Completion::Complete &&
                            answer->onCells().reached.startIsLive;
    if (isAnswered) check.followRoutes(*query, *answer, limits);
    check.lookAtMarks();
    return check.take();
}

}  // namespace rook::check
