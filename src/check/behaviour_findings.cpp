/// Patrols, tracks, formations and exits, as they go in play.

#include "cast/behaviour.h"
#include "check/cast.h"
#include "kit/timed_walk.h"
#include "level/tracks.h"

namespace rook::check {

namespace {

using level::Entity;
using level::Role;

class BehaviourCheck {
public:
    BehaviourCheck(const level::Project& project, const level::Level& level,
                   const reach::Answer& answer)
        : m_project(project),
          m_level(level),
          m_answer(answer),
          m_cells(project, level),
          m_obstacles(cast::obstaclesOf(project, level)) {}

    [[nodiscard]] std::vector<Finding> run(const std::atomic<bool>* cancel) {
        for (const Entity& entity : m_level.entities) {
            if (cancel && *cancel) return {};
            if (m_answer.onKit() && onKit(entity, *m_answer.onKit())) continue;
            switch (m_project.roleOf(entity)) {
                case Role::Foe:
                    foe(entity);
                    break;
                case Role::Mover:
                    mover(entity);
                    break;
                case Role::Formation:
                    formation(entity);
                    break;
                case Role::Thrower:
                    thrower(entity);
                    break;
                case Role::Exit:
                    exit(entity);
                    break;
                default:
                    break;
            }
        }
        return std::move(m_findings);
    }

private:
    Finding& add(FindingKind kind, Severity severity, std::string sentence, const Entity& entity) {
        m_findings.push_back(
            {kind, severity, m_level.id, std::move(sentence), entity.id, entity.box});
        return m_findings.back();
    }
    [[nodiscard]] runtime::World worldFor(int width, int height) const {
        runtime::MotionTables tables;
        tables.bodyWidth = width;
        tables.bodyHeight = height;
        return {frameOf(m_level), m_cells, tables};
    }

    /// What goes on a board of pieces; false for what is looked at as elsewhere.
    bool onKit(const Entity& entity, const reach::KitAnswer& answer) {
        const Role role = m_project.roleOf(entity);
        if (role == Role::Foe) foeOnKit(entity, answer);
        if (role == Role::Mover) moverOnKit(entity, answer);
        return role != Role::Formation || m_project.findKind(entity.data.formation.member);
    }
    void foeOnKit(const Entity& entity, const reach::KitAnswer& answer) {
        const level::Gait gait = entity.data.patrol.gait;
        if (gait == level::Gait::Still || gait == level::Gait::Flies) return;
        if (answer.graph.patchUnder(m_level, entity) < 0)
            add(FindingKind::PatrolBroken, Severity::Error,
                entity.id.text + " should walk and stands on no surface", entity);
        else if (kit::wayOfFoe(m_project, m_level, answer.graph, entity).corners.size() == 1)
            add(FindingKind::PatrolBroken, Severity::Doubt,
                entity.id.text + " is on patrol and cannot move", entity);
    }
    void moverOnKit(const Entity& entity, const reach::KitAnswer& answer) {
        const kit::TimedWalk* timed = answer.graph.timed();
        if (!timed || !answer.reach.isDecided || !answer.reach.problem.empty()) return;
        const bool isRidden = std::any_of(
            answer.reach.visits.begin(), answer.reach.visits.end(), [&](const auto& visit) {
                if (visit.patch >= 0) return false;
                const kit::Deck* deck = timed->deckAt(timed->placeOf(visit.state));
                return m_level.entities[deck->entity].id == entity.id;
            });
        if (!isRidden)
            add(FindingKind::MoverNotReached, Severity::Doubt,
                "Nobody ever gets onto " + entity.id.text, entity);
    }

    void foe(const Entity& entity) {
        if (entity.data.patrol.gait == level::Gait::Still) return;
        const auto way =
            cast::wayAmong(m_obstacles, m_project, m_level, m_answer.onCells().tables, entity);
        const runtime::Box last = way.at(static_cast<long long>(way.corners.size()) - 1);
        const PxRect place = level::rectOf(last);
        switch (way.flaw) {
            case runtime::PatrolFlaw::None:
                return;
            case runtime::PatrolFlaw::NoRoom:
                add(FindingKind::PatrolBroken, Severity::Error,
                    entity.id.text + " has no room on its patrol: it stands in a wall", entity);
                return;
            case runtime::PatrolFlaw::Dies:
                add(FindingKind::PatrolBroken, Severity::Doubt,
                    entity.id.text + " walks into something deadly, or out of the level, after " +
                        std::to_string(way.corners.size()) + " ticks",
                    entity)
                    .place = place;
                return;
            case runtime::PatrolFlaw::KeepsOff:
                add(FindingKind::PatrolBroken, Severity::Doubt,
                    entity.id.text + " is on patrol and cannot move", entity);
                return;
            case runtime::PatrolFlaw::NoHold:
                add(FindingKind::PatrolBroken, Severity::Error,
                    entity.id.text + " should hang and there is no ceiling above it", entity);
                return;
            case runtime::PatrolFlaw::TooLong:
                add(FindingKind::PatrolBroken, Severity::Note,
                    "The patrol of " + entity.id.text + " does not come round within ten minutes",
                    entity);
                return;
        }
    }

    void mover(const Entity& entity) {
        const runtime::World own = worldFor(entity.box.width, entity.box.height);
        const runtime::MotionTables& body = m_answer.onCells().tables;
        const runtime::World rider = worldFor(body.bodyWidth, body.bodyHeight);
        const runtime::Mover track = level::moverOf(entity.data.track, entity.box);
        bool isCrushing = false, isReached = false;
        std::optional<PxRect> wall, crush;
        const auto look = [&](const runtime::Box& at) {
            if (!wall && !own.isFree(at.x, at.y)) wall = level::rectOf(at);
            // A rider in the middle has no room while one elsewhere on the track has.
            const PxPoint feet{at.x + (at.width - body.bodyWidth) / 2, at.y - body.bodyHeight};
            if (!crush && !rider.isFree(feet.x, feet.y)) crush = level::rectOf(at);
            isCrushing = isCrushing || rider.isFree(feet.x, feet.y);
            const PxRect above{at.x, at.y - 1, at.width, 1};
            isReached = isReached || m_answer.onCells().reached.meets(above, body) ||
                        m_answer.onCells().reached.mayMeetByMovers(above, body);
            return true;
        };
        look(track.at(0));
        for (int tick = 1; tick <= track.periodTicks; ++tick)
            track.passIn(tick, look);
        if (wall)
            add(FindingKind::MoverInWall, Severity::Doubt,
                entity.id.text + " goes through a wall at px " + std::to_string(wall->x) + ", " +
                    std::to_string(wall->y),
                entity)
                .place = *wall;
        else if (crush && isCrushing)
            add(FindingKind::MoverCrushes, Severity::Doubt,
                entity.id.text + " leaves a rider no room at px " + std::to_string(crush->x) +
                    ", " + std::to_string(crush->y),
                entity)
                .place = *crush;
        const reach::Reached& reached = m_answer.onCells().reached;
        const bool isKnown = reached.completion == reach::Completion::Complete &&
                             !reached.isOnlySure && reached.visited.height() > 0;
        if (!isReached && isKnown)
            add(FindingKind::MoverNotReached, Severity::Doubt,
                "Nobody ever gets onto " + entity.id.text, entity);
    }

    void formation(const Entity& entity) {
        const level::Kind* member = m_project.findKind(entity.data.formation.member);
        if (!member) {
            add(FindingKind::FormationBroken, Severity::Error,
                entity.id.text + " is a formation of no kind", entity);
            return;
        }
        if (member->role != Role::Hazard && member->role != Role::Foe) return;
        const auto passages =
            cast::passagesOf(level::formationOf(m_project, entity), m_answer.onCells().tables);
        if (passages.empty()) return;
        // Of the place that comes nearest to being passed.
        int longest = passages[0].longest, needed = passages[0].needed;
        for (const cast::Passage& passage : passages) {
            if (passage.longest - passage.needed >= longest - needed) {
                longest = passage.longest;
                needed = passage.needed;
            }
        }
        if (longest < needed)
            add(FindingKind::FormationTight, Severity::Doubt,
                "The gaps of " + entity.id.text + " stay open for " + std::to_string(longest) +
                    " ticks at most, and passing takes " + std::to_string(needed),
                entity);
    }

    void thrower(const Entity& entity) {
        const auto flight = cast::flightAmong(m_obstacles, m_project, m_level, entity);
        if (flight.size() <= 1) {
            add(FindingKind::ShotsGoNowhere, Severity::Doubt,
                "The shots of " + entity.id.text + " end where they are made", entity);
            return;
        }
        // A body in the middle of their line, in any tick.
        const runtime::MotionTables& body = m_answer.onCells().tables;
        const level::Shot& shot = entity.data.thrower.shot;
        const auto& [x, y] = flight[flight.size() / 2];
        const runtime::Box there{x + (shot.width - body.bodyWidth) / 2,
                                 y + (shot.height - body.bodyHeight) / 2, body.bodyWidth,
                                 body.bodyHeight};
        const auto shots = cast::shotsAmong(m_obstacles, m_project, m_level, entity);
        for (int tick = 0; tick < entity.data.thrower.everyTicks; ++tick)
            if (std::none_of(shots.begin(), shots.end(), [&](const runtime::Way& each) {
                    return overlaps(each.at(tick), there);
                }))
                return;
        add(FindingKind::ShotsUnpassable, Severity::Doubt,
            "The shots of " + entity.id.text +
                " follow so closely that in no tick a body fits between them",
            entity)
            .place = level::rectOf(there);
    }

    /// A body gets past it on one side, and to both of its sides.
    void exit(const Entity& entity) {
        const reach::Reached& reached = m_answer.onCells().reached;
        if (!reached.meets(entity.box, m_answer.onCells().tables) ||
            m_answer.onCells().tables.fromAbove)
            return;
        const int width = m_answer.onCells().tables.bodyWidth;
        const int height = m_answer.onCells().tables.bodyHeight;
        const PxRect& box = entity.box;
        const auto any = [&](int left, int top, int right, int bottom) {
            return reached.visited.anyIn(left + reached.left, top + reached.top,
                                         right + reached.left, bottom + reached.top);
        };
        // Corners of bodies whose columns lie over the exit's, and that do not touch it.
        const int far = 4 * m_level.cellSize.height + height;
        const bool isOver = any(box.x - width + 1, box.y - far, box.right(), box.y - height + 1);
        // And there is more than a few steps to be had on either side.
        const int beyond = 6 * m_level.cellSize.width;
        const int feet = box.bottom() - height;
        const bool isLeft = any(box.x - beyond - width, feet - far, box.x - beyond, feet + 1);
        const bool isRight =
            any(box.right() + beyond, feet - far, box.right() + beyond + width, feet + 1);
        if (!isOver || !isLeft || !isRight) return;
        add(FindingKind::ExitPassedBy, Severity::Note,
            "A body gets by the exit " + entity.id.text + " over its top", entity)
            .fix = "Cover the whole opening";
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const reach::Answer& m_answer;
    level::LevelCells m_cells;
    cast::Obstacles m_obstacles;
    std::vector<Finding> m_findings;
};

}  // namespace

std::vector<Finding> behaviourFindings(const level::Project& project, const level::Level& level,
                                       const reach::Answer& answer,
                                       const std::atomic<bool>* cancel) {
    return BehaviourCheck(project, level, answer).run(cancel);
}

std::vector<Finding> meetingFindings(const level::Project& project, const level::Level& level,
                                     const reach::Query& query, const reach::Run& run,
                                     bool hasNoWayRound) {
    const std::string why =
        hasNoWayRound ? "; every way to the exit leads through where it goes" : "";
    std::vector<Finding> findings;
    const runtime::MotionTables& tables = query.problem.tables;
    // Who beats foes, or is untouchable, may meet them.
    reach::Problem withFoes = query.problem;
    const std::vector<runtime::Way>& ways = withFoes.parts.foes =
        reach::foesOf(project, level, tables);
    const reach::Run played = reach::replayed(withFoes, run.inputs);
    if (played.bodies.size() == run.bodies.size() &&
        played.bodies.back().stance != runtime::Stance::Ended)
        return {};
    // Those of one entity, as members of a formation are, stand together, and are told once.
    for (std::size_t from = 0, to = 0; from < ways.size(); from = to) {
        while (to < ways.size() && ways[to].entity == ways[from].entity)
            ++to;
        const Entity& entity = level.entities[static_cast<std::size_t>(ways[from].entity)];
        // Shots come and go, and so does who has a timetable.
        if (ways[from].madeAt >= 0 || entity.data.timetable) continue;
        for (std::size_t tick = 0; tick < run.bodies.size(); ++tick) {
            const runtime::Body& body = run.bodies[tick];
            const runtime::Box box{body.x, body.y, tables.bodyWidth, tables.bodyHeight};
            if (std::none_of(ways.begin() + static_cast<std::ptrdiff_t>(from),
                             ways.begin() + static_cast<std::ptrdiff_t>(to),
                             [&](const runtime::Way& way) {
                                 return overlaps(way.at(static_cast<long long>(tick)), box);
                             }))
                continue;
            findings.push_back({FindingKind::RunMeetsFoe, Severity::Doubt, level.id,
                                "The proof run meets " + entity.id.text + " after " +
                                    std::to_string(tick) + " ticks" + why,
                                entity.id, level::rectOf(box)});
            break;
        }
    }
    return findings;
}

}  // namespace rook::check
