#include "kit/clock.h"

#include <algorithm>

#include "kit/walk_graph.h"
#include "level/tracks.h"
#include "rook_patrol.hpp"

namespace rook::kit {

using level::Entity;
using level::Role;

namespace {

runtime::Way wayOf(const runtime::Mover& mover) {
    runtime::Way way;
    way.width = mover.width;
    way.height = mover.height;
    for (int tick = 0; tick < mover.periodTicks; ++tick) {
        const runtime::Box box = mover.at(tick);
        way.corners.emplace_back(box.x, box.y);
    }
    return way;
}
runtime::Way standingAt(const PxRect& box, const std::optional<runtime::Timetable>& timetable) {
    runtime::Way way;
    way.width = box.width;
    way.height = box.height;
    const int period = timetable ? timetable->periodTicks : 1;
    for (int tick = 0; tick < period; ++tick) {
        const bool isOn = !timetable || timetable->isOn(tick);
        way.corners.emplace_back(isOn ? box.x : runtime::Way::nowhere, box.y);
    }
    return way;
}

class Gathering {
public:
    Gathering(const level::Project& project, const level::Level& level, const WalkGraph& graph)
        : m_project(project), m_level(level), m_graph(graph) {
        for (const Entity& entity : level.entities)
            if (project.roleOf(entity) == Role::TurnMark)
                m_marks.push_back(&entity);
            else if (project.roleOf(entity) == Role::Door)
                m_doors.push_back(&entity);
    }

    Clock run() {
        for (std::size_t i = 0; i < m_level.entities.size(); ++i)
            add(i, m_level.entities[i]);
        return std::move(m_clock);
    }

    [[nodiscard]] runtime::Way wayOfFoe(const Entity& foe) const {
        switch (foe.data.patrol.gait) {
            case level::Gait::Still:
                return standingAt(foe.box, foe.data.timetable);
            case level::Gait::Flies:
                return wayOf(level::moverOf(foe.data.track, foe.box));
            case level::Gait::Walks:
            case level::Gait::Hangs:
                break;
        }
        return walking(foe);
    }

private:
    void add(std::size_t index, const Entity& entity) {
        const auto take = [&](runtime::Way way, int member = -1) {
            m_clock.things.push_back({index, entity.storey, std::move(way), member});
        };
        switch (m_project.roleOf(entity)) {
            case Role::Hazard:
                take(standingAt(entity.box, entity.data.timetable));
                break;
            case Role::Foe:
                take(wayOfFoe(entity));
                break;
            case Role::Formation: {
                const level::Kind* member = m_project.findKind(entity.data.formation.member);
                const bool harms =
                    member && (member->role == Role::Foe || member->role == Role::Hazard);
                if (!harms) break;
                const runtime::Formation formation = level::formationOf(m_project, entity);
                for (int place = 0; place < formation.count; ++place)
                    if (!formation.isGap(place)) take(formation.wayOf(place), place);
                break;
            }
            case Role::Thrower:
                m_clock.problem = "throwers on boards of pieces";
                break;
            case Role::Mover:
                m_clock.decks.push_back(
                    {index, entity.storey, wayOf(level::moverOf(entity.data.track, entity.box))});
                break;
            default:
                break;
        }
    }

    /// There and back between the px where it turns, at the least as slowly as it says.
    runtime::Way walking(const Entity& foe) const {
        const PxPoint ahead = level::directionOf(foe.facing);
        const int far = reachOf(foe, ahead), back = reachOf(foe, {-ahead.x, -ahead.y});
        const long long round = 2LL * (far + back);
        const long long speed = std::max<long long>(1, foe.data.patrol.speed.thousandths);
        if (round == 0) return standingAt(foe.box, {});
        runtime::Mover mover{foe.box.width, foe.box.height, {}, 1, {}};
        const auto corner = [&](int px) {
            mover.track.emplace_back(foe.box.x + px * ahead.x, foe.box.y + px * ahead.y);
        };
        for (const int px : {0, far, -back, 0})
            corner(px);
        mover.periodTicks = static_cast<int>(std::min<long long>(
            level::maxPeriodTicks, roundTicks((round * 1000 + speed - 1) / speed)));
        return wayOf(mover);
    }
    /// Long rounds take whole thirds of a second or seconds, so that all comes round together soon.
    static long long roundTicks(long long ticks) {
        const long long whole = ticks >= 300 ? 60 : ticks >= 100 ? 20 : 1;
        return (ticks + whole - 1) / whole * whole;
    }
    /// How many px it gets that way before it turns.
    int reachOf(const Entity& foe, PxPoint step) const {
        PxPoint middle = boxMiddle(foe);
        int patch = m_graph.patchUnder(inModules(m_level, middle), foe.storey);
        if (patch < 0) return 0;
        for (int px = 0; px < maxPx; ++px) {
            const PxPoint next{middle.x + step.x, middle.y + step.y};
            const int under = patchTowards(patch, inModules(m_level, next));
            if (under < 0 || isShut(foe, px + 1, step)) return px;
            patch = under;
            middle = next;
            if (isTurn(foe, middle, px + 1, step)) return px + 1;
        }
        return maxPx;
    }
    /// The patch or the one beside it that the point is on; -1 if neither.
    int patchTowards(int patch, const ExactPoint& at) const {
        const auto isOn = [&](int each) {
            const ExactRect place = m_graph.patches()[static_cast<std::size_t>(each)].place();
            return place.left <= at.x && at.x < place.right && place.top <= at.y &&
                   at.y < place.bottom;
        };
        if (isOn(patch)) return patch;
        for (const int next : m_graph.next(patch))
            if (isOn(next)) return next;
        return -1;
    }
    static PxRect boxAfter(const Entity& foe, int px, PxPoint step) {
        return {foe.box.x + px * step.x, foe.box.y + px * step.y, foe.box.width, foe.box.height};
    }
    bool isShut(const Entity& foe, int px, PxPoint step) const {
        return std::any_of(m_doors.begin(), m_doors.end(), [&](const Entity* door) {
            return door->storey == foe.storey && door->box.overlaps(boxAfter(foe, px, step)) &&
                   !door->box.overlaps(boxAfter(foe, px - 1, step));
        });
    }
    bool isTurn(const Entity& foe, PxPoint middle, int px, PxPoint step) const {
        const auto& turns = foe.data.patrol.turnsAt;
        if (step.x != 0 && std::find(turns.begin(), turns.end(), middle.x) != turns.end())
            return true;
        return std::any_of(m_marks.begin(), m_marks.end(), [&](const Entity* mark) {
            return mark->storey == foe.storey && mark->box.overlaps(boxAfter(foe, px, step)) &&
                   !mark->box.overlaps(boxAfter(foe, px - 1, step));
        });
    }

    static constexpr int maxPx = 1 << 16;

    const level::Project& m_project;
    const level::Level& m_level;
    const WalkGraph& m_graph;
    std::vector<const Entity*> m_marks, m_doors;
    Clock m_clock;
};

}  // namespace

runtime::Way wayOfFoe(const level::Project& project, const level::Level& level,
                      const WalkGraph& graph, const Entity& foe) {
    return Gathering(project, level, graph).wayOfFoe(foe);
}

Clock clockOf(const level::Project& project, const level::Level& level, const WalkGraph& graph) {
    return Gathering(project, level, graph).run();
}

}  // namespace rook::kit
