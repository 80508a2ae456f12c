#pragma once
/// Foes on patrol and formations: where they are in each tick, as the editor shows it. C++17 and
/// the other rook_*.hpp only. Units: px and ticks; y grows downwards.

#include <cmath>
#include <map>
#include <string>
#include <tuple>

#include "rook_motion.hpp"
#include "rook_world.hpp"

namespace rook::runtime {

enum class Gait : unsigned char { Still, Walks, Hangs, Flies };

/// How a foe goes, from where it stands.
struct Patrol {
    Box box;  ///< at the start
    Gait gait = Gait::Still;
    PaceTable pace{};          ///< px in tick t, by t mod 16
    bool startsLeft = false;   ///< the way that it faces first
    bool turnsAtEdges = true;  ///< else it walks off and falls
    std::vector<int> turnsAt;  ///< px across, where its middle turns
    std::vector<Box> marks;    ///< that it turns at, at the px at which it begins to overlap one
    Mover track;               ///< of one that flies
};

/// Px in each of 16 ticks at that speed, in thousandths of a px a tick.
inline PaceTable paceOf(long long thousandths) {
    PaceTable pace{};
    for (std::size_t t = 0; t < pace.size(); ++t)
        pace[t] = static_cast<int>((static_cast<long long>(t) + 1) * thousandths / 1000 -
                                   static_cast<long long>(t) * thousandths / 1000);
    return pace;
}

enum class PatrolFlaw : unsigned char {
    None,
    NoRoom,    ///< it does not fit where it stands
    Dies,      ///< it comes to something deadly, or leaves the level
    KeepsOff,  ///< it wants to move and cannot
    NoHold,    ///< it should hang and there is no ceiling
    TooLong,   ///< it did not come round within 36,000 ticks
};

/// The way of a foe: its corner in each tick, the last part over and over.
struct PatrolWay : Way {
    PatrolFlaw flaw = PatrolFlaw::None;
};

inline constexpr std::size_t maxPatrolTicks = 36000;

namespace detail {

/// It begins to overlap a turn mark by going from one place to another.
inline bool comesToMark(const Patrol& patrol, int fromX, int fromY, int x, int y) {
    const Box from{fromX, fromY, patrol.box.width, patrol.box.height};
    const Box to{x, y, patrol.box.width, patrol.box.height};
    for (const Box& mark : patrol.marks)
        if (overlaps(mark, to) && !overlaps(mark, from)) return true;
    return false;
}

/// Walks under a ceiling: no weight, turns where it cannot go on.
class Hanging {
public:
    Hanging(const World& world, const Patrol& patrol) : m_world(world), m_patrol(patrol) {}

    bool holdsAt(int x, int y) const { return m_world.isFree(x, y) && !m_world.isFree(x, y - 1); }
    /// One tick; true if it turned.
    bool move(int& x, int y, int way, int px) const {
        const int middle = m_patrol.box.width / 2;
        for (int i = 0; i < px; ++i) {
            if (!holdsAt(x + way, y)) return true;
            x += way;
            for (const int mark : m_patrol.turnsAt)
                if (x + middle == mark) return true;
            if (comesToMark(m_patrol, x - way, y, x, y)) return true;
        }
        return false;
    }

private:
    const World& m_world;
    const Patrol& m_patrol;
};

class Patrolling {
public:
    Patrolling(const Frame& frame, const CellSource& cells, const MotionTables& player,
               const Patrol& patrol, const std::vector<Box>& doors)
        : m_patrol(patrol),
          m_tables(tablesOf(player, patrol)),
          m_world(frame, cells, m_tables, shut(doors)),
          m_middle(frame, cells, onePx(m_tables), shut(doors)) {
        m_way.width = patrol.box.width;
        m_way.height = patrol.box.height;
    }

    PatrolWay run() {
        if (m_patrol.gait == Gait::Flies) return fly();
        add(m_patrol.box.x, m_patrol.box.y);
        if (m_patrol.gait == Gait::Still) return std::move(m_way);
        if (!m_world.isFree(m_patrol.box.x, m_patrol.box.y)) return flawed(PatrolFlaw::NoRoom);
        return m_patrol.gait == Gait::Hangs ? hang() : walk();
    }

private:
    static MotionTables tablesOf(const MotionTables& player, const Patrol& patrol) {
        MotionTables tables = player;
        tables.bodyWidth = patrol.box.width;
        tables.bodyHeight = patrol.box.height;
        tables.abilities = 0;
        tables.airJumps = 0;
        tables.coyoteTicks = 0;
        tables.walk = patrol.pace;
        return tables;
    }
    static Parts shut(const std::vector<Box>& doors) {
        Parts parts;
        for (const Box& door : doors)
            parts.doors.push_back({door, 0, true});
        return parts;
    }
    static MotionTables onePx(MotionTables tables) {
        tables.bodyWidth = tables.bodyHeight = 1;
        return tables;
    }
    void add(int x, int y) { m_way.corners.emplace_back(x, y); }
    PatrolWay flawed(PatrolFlaw flaw) {
        m_way.flaw = flaw;
        m_way.loopFrom = m_way.corners.size() - 1;
        return std::move(m_way);
    }
    /// What decides all that follows; the tick it was met in first, if it was.
    using State = std::tuple<int, int, int, int, int, int>;
    bool closes(const State& state) {
        const auto [found, isNew] = m_met.emplace(state, m_way.corners.size() - 1);
        if (isNew) return false;
        // The place of now is that of then: it is not said twice.
        m_way.corners.pop_back();
        m_way.loopFrom = found->second;
        return true;
    }

    PatrolWay fly() {
        const long long period = m_patrol.track.periodTicks;
        for (long long tick = 0; tick < period; ++tick) {
            const Box box = m_patrol.track.at(tick);
            add(box.x, box.y);
            if (!m_world.isFree(box.x, box.y)) m_way.flaw = PatrolFlaw::NoRoom;
        }
        if (!m_patrol.track.isMoving()) m_way.flaw = PatrolFlaw::KeepsOff;
        return std::move(m_way);
    }

    PatrolWay hang() {
        const Hanging hanging(m_world, m_patrol);
        int x = m_patrol.box.x;
        const int y = m_patrol.box.y;
        if (!hanging.holdsAt(x, y)) return flawed(PatrolFlaw::NoHold);
        int way = m_patrol.startsLeft ? -1 : 1;
        bool hasMoved = false;
        for (std::size_t tick = 0; tick < maxPatrolTicks; ++tick) {
            if (closes({x, y, way, 0, 0, static_cast<int>(tick % 16)}))
                return hasMoved ? std::move(m_way) : flawed(PatrolFlaw::KeepsOff);
            const int from = x;
            if (hanging.move(x, y, way, m_patrol.pace[tick % 16])) way = -way;
            hasMoved = hasMoved || x != from;
            add(x, y);
        }
        return flawed(PatrolFlaw::TooLong);
    }

    PatrolWay walk() {
        Body body = bodyAt(m_patrol.box, m_world, m_tables);
        if (body.stance == Stance::Ended) return flawed(PatrolFlaw::Dies);
        int way = m_patrol.startsLeft ? -1 : 1;
        bool hasMoved = false;
        for (std::size_t tick = 0; tick < maxPatrolTicks; ++tick) {
            const State state{body.x,     body.y,
                              way,        static_cast<int>(body.stance),
                              body.phase, static_cast<int>(tick % 16)};
            if (closes(state)) return hasMoved ? std::move(m_way) : flawed(PatrolFlaw::KeepsOff);
            const int from = body.x;
            if (body.stance == Stance::Standing)
                stride(body, way);
            else
                step(m_world, m_tables, body, {0, 0, 0});
            if (body.stance == Stance::Ended) return flawed(PatrolFlaw::Dies);
            hasMoved = hasMoved || body.x != from;
            add(body.x, body.y);
        }
        return flawed(PatrolFlaw::TooLong);
    }
    /// One tick on the floor: as far as the pace, the floor and the marks allow; what stops it
    /// makes it turn.
    void stride(Body& body, int& way) {
        const int pace = m_tables.walk[static_cast<std::size_t>(body.tick % 16)];
        const int wanted = wishUpToMark(body, way, pace);
        Body next = body;
        step(m_world, m_tables, next, {m_patrol.turnsAtEdges ? 0 : way * wanted, 0, 0});
        for (int px = 1; m_patrol.turnsAtEdges && px <= wanted; ++px) {
            Body farther = body;
            step(m_world, m_tables, farther, {way * px, 0, 0});
            if (farther.stance == Stance::Airborne || !isOverFloor(farther)) break;
            next = farther;
        }
        const bool isStopped = std::abs(next.x - body.x) < pace;
        const bool turns =
            isStopped || (next.x != body.x && (isAtMark(next.x) || comesToMark(body, next)));
        body = next;
        if (turns && next.stance != Stance::Airborne) way = -way;
    }
    /// Something to stand on is under its middle, no deeper than a slope leads from there: else it
    /// is at an edge.
    bool isOverFloor(const Body& body) const {
        const int half = m_patrol.box.width / 2;
        for (int down = 0; down <= half; ++down)
            if (m_middle.hasFixedFloor(body.x + half, body.y + m_patrol.box.height - 1 + down, {}))
                return true;
        return false;
    }
    /// The px to the next mark on its way, if it is nearer than the pace.
    int wishUpToMark(const Body& body, int way, int pace) const {
        int px = pace;
        for (const int mark : m_patrol.turnsAt) {
            const int distance = (mark - body.x - m_patrol.box.width / 2) * way;
            if (distance > 0 && distance < px) px = distance;
        }
        for (int nearer = 1; !m_patrol.marks.empty() && nearer < px; ++nearer) {
            Body there = body;
            step(m_world, m_tables, there, {way * nearer, 0, 0});
            if (comesToMark(body, there)) return nearer;
        }
        return px;
    }
    bool comesToMark(const Body& from, const Body& to) const {
        return detail::comesToMark(m_patrol, from.x, from.y, to.x, to.y);
    }
    bool isAtMark(int x) const {
        for (const int mark : m_patrol.turnsAt)
            if (x + m_patrol.box.width / 2 == mark) return true;
        return false;
    }

    const Patrol& m_patrol;
    MotionTables m_tables;
    World m_world;
    World m_middle;  ///< as it is for a body of one px
    PatrolWay m_way;
    std::map<State, std::size_t> m_met;
};

}  // namespace detail

/// Simulates the patrol with the stepper, tick by tick, until it comes round. Foes fall as the
/// player does; doors are walls to them, open or shut, so that their way is always the same, and
/// hazards do not harm them. Cost: the ticks until then, 36,000 at most.
inline PatrolWay patrolOf(const Frame& frame, const CellSource& cells, const MotionTables& player,
                          const Patrol& patrol, const std::vector<Box>& doors = {}) {
    PatrolWay way = detail::Patrolling(frame, cells, player, patrol, doors).run();
    way.canBeBeaten = true;
    return way;
}

/// How the members of a formation lie and go.
enum class FormationShape : unsigned char { Ring, Arc, Line, Grid };
struct Formation {
    Box middle;  ///< of the whole; its size is that of each member
    FormationShape shape = FormationShape::Ring;
    int count = 8;
    std::vector<int> gaps;  ///< places that are empty
    int distance = 48;      ///< px: radius, or step
    int columns = 4;        ///< of a grid
    int arcDegrees = 180;   ///< of an arc, from the right upwards
    int periodTicks = 240;  ///< for a turn, or there and back; 0 = it keeps still
    bool isClockwise = true;
    int shiftX = 0;  ///< px that a line or grid goes, and back
    int shiftY = 0;

    bool isGap(int place) const {
        for (const int gap : gaps)
            if (gap == place) return true;
        return false;
    }
    /// The box of one place in that tick.
    Box at(int place, long long tick) const {
        const double turned = periodTicks > 0 ? double(tick % periodTicks) / periodTicks : 0;
        double x = 0;
        double y = 0;
        if (shape == FormationShape::Ring || shape == FormationShape::Arc) {
            constexpr double circle = 6.283185307179586;
            const double whole = shape == FormationShape::Ring ? 1.0 : arcDegrees / 360.0;
            const int steps = shape == FormationShape::Ring ? count : count > 1 ? count - 1 : 1;
            // Upwards from the right on; clockwise as it is seen.
            const double angle =
                circle * (whole * place / steps + (isClockwise ? -turned : turned));
            x = distance * std::cos(angle);
            y = -distance * std::sin(angle);
        } else {
            const bool isGrid = shape == FormationShape::Grid;
            const int across = isGrid ? columns : count;
            const int rows = (count + across - 1) / across;
            const int row = place / across;
            x = (place % across - (across - 1) / 2.0) * distance;
            y = (row - (rows - 1) / 2.0) * distance;
            const double gone = turned <= 0.5 ? 2 * turned : 2 - 2 * turned;
            x += gone * shiftX;
            y += gone * shiftY;
        }
        return {middle.x + static_cast<int>(std::lround(x)),
                middle.y + static_cast<int>(std::lround(y)), middle.width, middle.height};
    }
    /// Some member overlaps the box in that tick.
    bool meets(const Box& box, long long tick) const {
        for (int place = 0; place < count; ++place)
            if (!isGap(place) && overlaps(at(place, tick), box)) return true;
        return false;
    }
    /// The way of one member.
    Way wayOf(int place) const {
        Way way;
        way.width = middle.width;
        way.height = middle.height;
        for (int tick = 0; tick < (periodTicks > 0 ? periodTicks : 1); ++tick) {
            const Box box = at(place, tick);
            way.corners.emplace_back(box.x, box.y);
        }
        return way;
    }
    /// The ticks of a period in which a box there meets no member, as [from, to).
    std::vector<std::pair<int, int>> windowsAt(const Box& box) const {
        std::vector<std::pair<int, int>> windows;
        const int period = periodTicks > 0 ? periodTicks : 1;
        for (int tick = 0; tick < period; ++tick) {
            if (meets(box, tick)) continue;
            if (!windows.empty() && windows.back().second == tick)
                ++windows.back().second;
            else
                windows.emplace_back(tick, tick + 1);
        }
        return windows;
    }
};

}  // namespace rook::runtime
