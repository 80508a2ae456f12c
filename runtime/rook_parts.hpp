#pragma once
/// How a body moves, as tables, and the parts of a level that move or change: doors and what opens
/// them, springs, movers, hazards with a timetable. C++17 and nothing else. Units: px and ticks (60
/// a second); y grows downwards.

#include <algorithm>
#include <array>
#include <cstdint>
#include <cstdlib>
#include <string_view>
#include <utility>
#include <vector>

#include "rook_shapes.hpp"

namespace rook::runtime {

/// What a player can do besides running and jumping. Frozen order: written to files by name.
enum class Ability : unsigned char {
    ShortHop,
    AirJump,
    WallJump,
    Coyote,
    DropThrough,
    Climb,
    Swim,
    Untouchable,  ///< what is deadly is not, but for deadly edges
    BeatsFoes,    ///< foes and shots that the body meets are gone
};
inline constexpr int abilityCount = 9;
inline constexpr std::array<std::string_view, abilityCount> abilityNames{
    "short-hop", "air-jump", "wall-jump",   "coyote",    "drop-through",
    "climb",     "swim",     "untouchable", "beats-foes"};

/// A set of abilities: bit n is ability n.
using AbilitySet = unsigned;
constexpr AbilitySet setOf(Ability ability) {
    return 1u << static_cast<unsigned>(ability);
}

/// The flight of one jump, phase by phase.
struct PhaseTable {
    std::vector<int> dx;  ///< px sideways at most; never negative
    std::vector<int> dy;  ///< px downwards; as many as dx
    int loopFrom = 0;     ///< the phase that follows the last one; 1 or more
    int topPhase = 0;     ///< where a body is that walks off an edge, bumps its head or is dropped

    int phaseAfter(int phase) const {
        return phase + 1 < static_cast<int>(dx.size()) ? phase + 1 : loopFrom;
    }
    /// The phase after `phase` when the jump button is let go in it, with short hops; -1 where that
    /// is not possible.
    int phaseAfterLettingGo(int phase) const {
        if (phase < 4 || phase >= topPhase) return -1;
        return phase + 1 > topPhase - 4 ? phase + 1 : topPhase - 4;
    }
    /// Sum of all rises of one jump, px.
    int totalRise() const {
        int rise = 0;
        for (const int d : dy)
            if (d < 0) rise -= d;
        return rise;
    }
};

/// Px that can be moved in tick t, by t mod 16.
using PaceTable = std::array<int, 16>;

/// The step tables of a body: how far it moves in each tick. Exported as `motion`.
struct MotionTables : PhaseTable {
    int bodyWidth = 12;        ///< px, 1 to 512
    int bodyHeight = 22;       ///< px, 1 to 512
    AbilitySet abilities = 0;  ///< all that the profile lists
    PaceTable walk{};
    PaceTable climb{};  ///< counts with the ability only
    PaceTable swim{};   ///< counts with the ability only
    int stepUp = 1;     ///< px
    int coyoteTicks = 0;
    int airJumps = 0;
    int wallPushTicks = 0;
    bool fromAbove = false;  ///< seen from above: nothing falls, all four ways are walks
    /// Seen from above, who goes across and down at once: each of both at most. Else both together
    /// are at most `walk`.
    PaceTable diagonal{};
    bool hasEvenDiagonal = false;
    /// Of the other profiles that can come into force here, by their number less 1; 0 is this one.
    std::vector<MotionTables> others;
    int swapsWith = -1;  ///< the number of the profile that button 16 brings; -1 = none

    bool has(Ability ability) const { return (abilities & setOf(ability)) != 0; }
};

/// Those of a profile that can come into force; 0 = these.
inline const MotionTables& tablesOf(const MotionTables& own, int profile) {
    return profile <= 0 ? own : own.others[static_cast<std::size_t>(profile - 1)];
}
/// True if some profile can be swapped for another at will.
inline bool canSwap(const MotionTables& own) {
    return own.swapsWith >= 0 ||
           std::any_of(own.others.begin(), own.others.end(),
                       [](const MotionTables& each) { return each.swapsWith >= 0; });
}

/// All that some profile lists that can come into force.
inline AbilitySet listedAnywhere(const MotionTables& own) {
    AbilitySet listed = own.abilities;
    for (const MotionTables& each : own.others)
        listed |= each.abilities;
    return listed;
}
inline bool listedByAny(const MotionTables& own, Ability ability) {
    return (listedAnywhere(own) & setOf(ability)) != 0;
}

/// A set of gained things: bit n is the n-th of `Parts::gains`. At most 64 can be told apart, 63
/// where profiles can be swapped.
using HeldSet = std::uint64_t;

/// The last bit: the profile that is in force by what is held was swapped for its other one.
inline constexpr HeldSet swappedBit = HeldSet{1} << 63;

/// As many gains can be told apart: one is lost to the swap, where there is one.
inline std::size_t mostGains(const MotionTables& own) {
    return canSwap(own) ? 63 : 64;
}

/// As many things of a level may last for a time.
inline constexpr std::size_t mostTimers = 8;

/// A key, a switch or a pickup that grants an ability or takes one away: held from the tick after
/// the one in which the body meets it.
struct Gain {
    Box box;
    AbilitySet grants = 0;
    /// Held in so many ticks after it was met last, and for as long as a door would shut on the
    /// body; 0 = for good.
    int lastsTicks = 0;
    /// Held for as long as each tick ends with the body there; of no width = anywhere.
    Box keeps{0, 0, 0, 0};
    AbilitySet takes = 0;   ///< not had while this is held, whatever grants them
    int movesAs = -1;       ///< the profile that is in force while this is held; -1 = no other
    bool wantsUse = false;  ///< met only in ticks with button 32
    /// Met nowhere: held, for good, from the end of the first tick in which all of `after` is held
    /// and the body is off `box`.
    bool isShutting = false;
    HeldSet after = 0;

    bool isLocal() const { return keeps.width > 0; }
    bool isTimed() const { return lastsTicks > 0 || isLocal(); }
};

/// Solid until all that it needs is held.
struct Door {
    Box box;
    HeldSet needs = 0;
    /// Needs what the level does not have: it never opens.
    bool isShutForGood = false;
    HeldSet shutBy = 0;  ///< solid once any of that is held
    bool isOpen(HeldSet held) const {
        return !isShutForGood && (held & needs) == needs && (held & shutBy) == 0;
    }
};

/// Throws a body that comes to rest on its top row.
struct Spring {
    Box box;
    PhaseTable high;
    PhaseTable low;  ///< with the button let go
    int pushDx = 0;  ///< px a tick, to the right, in the phases before the top
    /// High and low for the other profiles, by their number less 1.
    std::vector<std::pair<PhaseTable, PhaseTable>> others;

    const PhaseTable& flight(int profile, bool isHigh) const {
        if (profile <= 0) return isHigh ? high : low;
        const auto& both = others[static_cast<std::size_t>(profile - 1)];
        return isHigh ? both.first : both.second;
    }
};

/// A one-way top on a closed track. Without a `way` its legs are axis-parallel, it never waits, and
/// its pace is even.
struct Mover {
    int width = 0;
    int height = 0;
    std::vector<std::pair<int, int>> track;  ///< corners, px; the first and the last are the same
    int periodTicks = 1;
    /// Its corner in each tick of the period; empty = as the track alone says. From one to the next
    /// it goes dx, then dy.
    std::vector<std::pair<int, int>> way;

    /// Px that it goes in a tick, at most. Cost: the way.
    int mostPxATick() const {
        if (way.empty()) return static_cast<int>(lengthPx() / periodTicks) + 1;
        int most = 0;
        for (std::size_t i = 0; i < way.size(); ++i) {
            const auto& [x, y] = way[(i + 1) % way.size()];
            most = std::max(most, std::abs(x - way[i].first) + std::abs(y - way[i].second));
        }
        return most;
    }
    bool isMoving() const {
        if (way.empty()) return lengthPx() > 0;
        return std::any_of(way.begin(), way.end(), [&](const auto& at) { return at != way[0]; });
    }
    /// Calls `visit` with each px of its way that it passes in that tick, from where it was in the
    /// former one: the corner after each px. Ends early when `visit` gives false.
    template <typename Visit>
    void passIn(long long tick, Visit&& visit) const {
        if (!way.empty()) return passFrom(at(tick - 1), at(tick), visit);
        const long long length = lengthPx();
        const auto trackPx = [&](long long t) { return (t % periodTicks) * length / periodTicks; };
        const long long to = trackPx(tick);
        for (long long px = trackPx(tick - 1); px != to;) {
            px = (px + 1) % length;
            if (!visit(atTrackPx(px))) return;
        }
    }

    long long lengthPx() const {
        long long sum = 0;
        for (std::size_t i = 1; i < track.size(); ++i)
            sum += std::abs(track[i].first - track[i - 1].first) +
                   std::abs(track[i].second - track[i - 1].second);
        return sum;
    }
    /// Where it is in tick t: the track point floor((t mod P) * L / P), or as its way says.
    Box at(long long tick) const {
        if (!way.empty()) {
            const auto& [x, y] = way[static_cast<std::size_t>(tick) % way.size()];
            return {x, y, width, height};
        }
        return atTrackPx((tick % periodTicks) * lengthPx() / periodTicks);
    }
    Box atTrackPx(long long px) const {
        for (std::size_t i = 1; i < track.size(); ++i) {
            const int dx = track[i].first - track[i - 1].first;
            const int dy = track[i].second - track[i - 1].second;
            const long long leg = std::abs(dx) + std::abs(dy);
            if (px < leg) {
                const int on = static_cast<int>(px);
                return {track[i - 1].first + (dx > 0   ? on
                                              : dx < 0 ? -on
                                                       : 0),
                        track[i - 1].second + (dy > 0   ? on
                                               : dy < 0 ? -on
                                                        : 0),
                        width, height};
            }
            px -= leg;
        }
        return {track.front().first, track.front().second, width, height};
    }

private:
    template <typename Visit>
    static void passFrom(Box from, const Box& to, Visit&& visit) {
        while (from.x != to.x) {
            from.x += to.x > from.x ? 1 : -1;
            if (!visit(from)) return;
        }
        while (from.y != to.y) {
            from.y += to.y > from.y ? 1 : -1;
            if (!visit(from)) return;
        }
    }
};

/// When something is on: in the ticks from .. to - 1 of each period.
struct Timetable {
    int periodTicks = 1;
    std::vector<std::pair<int, int>> on;

    bool isOn(long long tick) const {
        const long long at = tick % periodTicks;
        for (const auto& [from, to] : on)
            if (at >= from && at < to) return true;
        return false;
    }
    bool isAlwaysOn() const {
        for (int tick = 0; tick < periodTicks; ++tick)
            if (!isOn(tick)) return false;
        return true;
    }
    bool operator==(const Timetable& o) const { return periodTicks == o.periodTicks && on == o.on; }
};

/// Where something that goes by itself is in each tick: its corners one after the other, the last
/// part over and over.
struct Way {
    /// Across, in a tick in which it is not there: so far out that it meets nothing.
    static constexpr int nowhere = -(1 << 26);

    std::vector<std::pair<int, int>> corners;  ///< one a tick, at least one
    std::size_t loopFrom = 0;                  ///< after the last comes this one
    int width = 0;
    int height = 0;
    bool canBeBeaten = false;  ///< by who beats foes
    int entity = -1;           ///< place among the entities of the level; -1 = not known
    int madeAt = -1;           ///< of shots: the tick of the period in which each is made

    /// When what is beaten in that tick comes again: the next shot; -1 = not at all.
    long long comesAgainAfter(long long tick) const {
        if (madeAt < 0) return -1;
        const auto period = static_cast<long long>(periodTicks());
        return tick + 1 + ((madeAt - tick - 1) % period + period) % period;
    }
    Box at(long long tick) const {
        auto i = static_cast<std::size_t>(tick);
        if (i >= corners.size()) i = loopFrom + (i - loopFrom) % periodTicks();
        return {corners[i].first, corners[i].second, width, height};
    }
    std::size_t periodTicks() const { return corners.size() - loopFrom; }
    bool isThere(long long tick) const { return at(tick).x != nowhere; }
};

/// Deadly while its timetable is on.
struct TimedHazard {
    Box box;
    Timetable times;
    bool canBeBeaten = false;  ///< by who beats foes
    int entity = -1;           ///< as in `Way`
};

/// All of a level but its cells and edges that a body can meet.
struct Parts {
    std::vector<Box> deadly;  ///< hazards without a timetable
    std::vector<Box> closed;  ///< deadly to everybody
    std::vector<Gain> gains;
    std::vector<Door> doors;
    std::vector<Spring> springs;
    std::vector<Mover> movers;
    std::vector<TimedHazard> timed;
    /// Deadly wherever they are. Verdicts leave them out, as they never stay in the way; runs are
    /// made to keep clear of them.
    std::vector<Way> foes;
};

/// A door that is open with `held`, and would not be without `without`, meets the box.
inline bool doorShutsOn(const Parts& parts, const Box& box, HeldSet held, HeldSet without) {
    for (const Door& door : parts.doors)
        if (door.isOpen(held) && !door.isOpen(held & ~without) && overlaps(door.box, box))
            return true;
    return false;
}

/// Lets bodies through the last door only by the side that is seen when going (dx, dy): who has
/// come up to that side may pass for as long as they are there or in the door.
inline void makeOneWay(Parts& parts, int dx, int dy) {
    Door& door = parts.doors.back();
    Gain sill;
    sill.box = door.box;
    sill.keeps = door.box;
    if (dx != 0) {
        sill.box.width = 1;
        sill.box.x = dx > 0 ? door.box.x - 1 : door.box.x + door.box.width;
        sill.keeps.x -= dx > 0 ? 1 : 0;
        ++sill.keeps.width;
    } else {
        sill.box.height = 1;
        sill.box.y = dy > 0 ? door.box.y - 1 : door.box.y + door.box.height;
        sill.keeps.y -= dy > 0 ? 1 : 0;
        ++sill.keeps.height;
    }
    door.needs |= HeldSet{1} << parts.gains.size();
    parts.gains.push_back(sill);
}

/// Opens the last door for who comes up to it, on any side, by a px: for as long as each tick ends
/// with the body there or in the door, or for that many ticks after it was there last. `wantsUse`:
/// only for who uses it there.
inline void openOnApproach(Parts& parts, int ticks, bool wantsUse = false) {
    Door& door = parts.doors.back();
    const Box near{door.box.x - 1, door.box.y - 1, door.box.width + 2, door.box.height + 2};
    Gain sill;
    sill.box = near;
    sill.wantsUse = wantsUse;
    if (ticks > 0)
        sill.lastsTicks = ticks;
    else
        sill.keeps = near;
    door.needs |= HeldSet{1} << parts.gains.size();
    parts.gains.push_back(sill);
}

/// Shuts the last door for good, once all of that is held and a tick ends with the body off it.
inline void shutAfter(Parts& parts, HeldSet held) {
    Door& door = parts.doors.back();
    Gain latch;
    latch.box = door.box;
    latch.isShutting = true;
    latch.after = held;
    door.shutBy = HeldSet{1} << parts.gains.size();
    parts.gains.push_back(latch);
}

/// Something, met there, that opens the last door for that many ticks.
inline void openForATime(Parts& parts, const Box& box, int ticks) {
    parts.doors.back().needs |= HeldSet{1} << parts.gains.size();
    parts.gains.push_back({box, 0, ticks});
}

/// How far a body may go beyond each edge before it has left the level, px; 0 unless it is open.
struct Margins {
    int left = 0;
    int right = 0;
    int top = 0;
    int bottom = 0;
};

inline Margins marginsOf(const Frame& frame, const MotionTables& tables,
                         const std::vector<Spring>& springs) {
    const auto open = [](EdgeRule rule, int px) { return rule == EdgeRule::Open ? px : 0; };
    int most = 0;
    for (int profile = 0; profile <= static_cast<int>(tables.others.size()); ++profile) {
        const MotionTables& each = tablesOf(tables, profile);
        int rise = each.totalRise();
        for (const Spring& spring : springs)
            rise = std::max({rise, spring.flight(profile, true).totalRise(),
                             spring.flight(profile, false).totalRise()});
        most = std::max(most, (1 + each.airJumps) * rise);
    }
    return {open(frame.edges.left, tables.bodyWidth), open(frame.edges.right, tables.bodyWidth),
            open(frame.edges.top, tables.bodyHeight + most),
            open(frame.edges.bottom, tables.bodyHeight)};
}

}  // namespace rook::runtime
