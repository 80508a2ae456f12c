#include "motion/jump_guide.h"

#include <algorithm>
#include <map>
#include <tuple>

namespace rook::motion {

namespace {

/// All that a flight may still do, but for how far it has come: its px sideways are kept as the
/// most for each of these.
struct AirState {
    int height = 0;  ///< px above the floor that it began on
    int phase = 0;
    int jumps = 0;   ///< air jumps left
    int coyote = 0;  ///< ticks in which a coyote jump is still possible
    bool operator<(const AirState& o) const {
        return std::tie(phase, jumps, coyote, height) <
               std::tie(o.phase, o.jumps, o.coyote, o.height);
    }
};

/// Farthest places tick by tick: `Frontier` is what can be after a tick, `from` how.
struct Best {
    int x = 0;
    AirState from;
};
using Frontier = std::map<AirState, Best>;

struct AirCourse {
    const StepTables& tables;
    std::optional<int> wall;  ///< px sideways at which a body meets the far wall, if there is one
    int rise = 0;             ///< height of the far floor
    int lowest = 0;           ///< heights below this need not be looked at

    /// Adds what one tick that goes on with `phase` makes of a state; gives the x at which it lands
    /// on the far floor, if it does.
    std::optional<int> advance(const AirState& from, int x, int phase, int jumps, int coyote,
                               Frontier& next) const {
        const runtime::MotionTables& body = tables.body;
        int farthest = x + body.dx[static_cast<std::size_t>(phase)];
        if (wall && from.height < rise) farthest = std::min(farthest, std::max(x, *wall - 1));
        const int dy = body.dy[static_cast<std::size_t>(phase)];
        if (dy > 0 && farthest >= wall.value_or(0) && from.height >= rise &&
            from.height - dy < rise)
            return farthest;
        const AirState to{from.height - dy, body.phaseAfter(phase), jumps, coyote};
        if (to.height < lowest) return std::nullopt;
        const auto [slot, isNew] = next.try_emplace(to, Best{farthest, from});
        if (!isNew && slot->second.x < farthest) slot->second = {farthest, from};
        return std::nullopt;
    }
};

/// Calls `advance` for all that can be done in one tick.
std::optional<int> tickOf(const AirCourse& flight, const AirState& from, int x, Frontier& next) {
    std::optional<int> landed;
    const auto note = [&](std::optional<int> x2) {
        if (x2 && (!landed || *landed < *x2)) landed = x2;
    };
    note(flight.advance(from, x, from.phase, from.jumps, std::max(0, from.coyote - 1), next));
    if (from.coyote > 0)
        note(flight.advance(from, x, 0, from.jumps, 0, next));
    else if (from.jumps > 0 && from.phase != 0)
        note(flight.advance(from, x, 0, from.jumps - 1, 0, next));
    return landed;
}

Frontier startOf(const StepTables& tables, const JumpAids& aids) {
    Frontier first;
    first[{0, 0, aids.airJumps, 0}] = {};
    // A walk over the edge ends in the air, one px on, with its coyote ticks: a fall may reach a px
    // further than a jump, where its steps are rounded otherwise.
    first[{0, tables.body.topPhase, aids.airJumps, aids.coyoteTicks}] = {1, {}};
    return first;
}

int mostRise(const StepTables& tables, const JumpAids& aids) {
    return tables.body.totalRise() * (1 + aids.airJumps);
}

/// Leaves out what is nowhere better: of two states that can do the same, one that is as high and
/// has come as far stays at least as high and as far, whatever both do, and lands no nearer.
void prune(Frontier& frontier) {
    const auto canDoTheSame = [](const AirState& a, const AirState& b) {
        return a.phase == b.phase && a.jumps == b.jumps && a.coyote == b.coyote;
    };
    for (auto it = frontier.end(); it != frontier.begin();) {
        // From the highest of each group down: only what has come further than all above it stays.
        const AirState group = std::prev(it)->first;
        int farthest = -1;
        while (it != frontier.begin() && canDoTheSame(std::prev(it)->first, group)) {
            --it;
            if (it->second.x <= farthest)
                it = frontier.erase(it);
            else
                farthest = it->second.x;
        }
    }
}

/// No rise is left: what is below the far floor then is done with.
bool canOnlyFall(const StepTables& tables, const AirState& state) {
    return state.jumps + state.coyote == 0 && state.phase >= tables.body.topPhase;
}

/// True if the far wall at `wall` px is made.
bool isMade(const StepTables& tables, const JumpAids& aids, int wall, int rise) {
    if (rise > mostRise(tables, aids)) return false;
    const AirCourse flight{tables, wall, rise, rise - mostRise(tables, aids)};
    for (Frontier now = startOf(tables, aids); !now.empty();) {
        Frontier next;
        for (const auto& [state, best] : now)
            if (tickOf(flight, state, best.x, next)) return true;
        std::erase_if(next, [&](const auto& entry) {
            return entry.first.height < rise && canOnlyFall(tables, entry.first);
        });
        prune(next);
        now.swap(next);
    }
    return false;
}

}  // namespace

JumpArc highestJump(const StepTables& tables, const JumpAids& aids) {
    JumpArc arc;
    PxPoint at;
    arc.path.push_back(at);
    for (int jump = 0; jump <= aids.airJumps; ++jump)
        for (int phase = 0; phase < tables.body.topPhase; ++phase) {
            at.y += tables.body.dy[static_cast<std::size_t>(phase)];
            arc.path.push_back(at);
        }
    arc.rise = -at.y;
    return arc;
}

JumpArc leastHop(const StepTables& tables) {
    JumpArc arc;
    PxPoint at;
    arc.path.push_back(at);
    const bool mayCutIt = tables.body.has(level::Ability::ShortHop);
    for (int phase = 0;;) {
        const int dy = tables.body.dy[static_cast<std::size_t>(phase)];
        // A fall stops at the floor, after the tick's way to the side.
        const bool hasLanded = dy > 0 && at.y + dy > 0;
        at.x += tables.body.dx[static_cast<std::size_t>(phase)];
        at.y = std::min(0, at.y + dy);
        arc.path.push_back(at);
        arc.rise = std::max(arc.rise, -at.y);
        if (hasLanded) break;
        const int hop = mayCutIt ? tables.body.phaseAfterLettingGo(phase) : -1;
        phase = hop >= 0 ? hop : tables.body.phaseAfter(phase);
    }
    arc.reach = at.x;
    return arc;
}

JumpArc farthestJump(const StepTables& tables, const JumpAids& aids) {
    // The far floor at the height of the first, and no wall in the way.
    const AirCourse flight{tables, {}, 0, -mostRise(tables, aids)};
    std::vector<Frontier> ticks{startOf(tables, aids)};
    JumpArc arc;
    std::size_t lastTick = 0;
    AirState last;
    while (!ticks.back().empty()) {
        Frontier next;
        for (const auto& [state, best] : ticks.back()) {
            const auto landed = tickOf(flight, state, best.x, next);
            if (!landed || *landed <= arc.reach) continue;
            arc.reach = *landed;
            lastTick = ticks.size() - 1;
            last = state;
        }
        std::erase_if(next, [&](const auto& entry) {
            return entry.first.height < 0 && canOnlyFall(tables, entry.first);
        });
        prune(next);
        ticks.push_back(std::move(next));
    }
    arc.path.push_back({arc.reach, 0});
    for (std::size_t tick = lastTick + 1; tick-- > 0;) {
        const Best& best = ticks[tick].at(last);
        arc.path.push_back({best.x, -last.height});
        last = best.from;
    }
    std::reverse(arc.path.begin(), arc.path.end());
    for (const PxPoint p : arc.path)
        arc.rise = std::max(arc.rise, -p.y);
    return arc;
}

JumpVerdict jumpAcross(const StepTables& tables, const JumpAids& aids, int gap, int rise) {
    // The body stands with one px on the near floor, and needs one on the far one.
    const auto wallOf = [&](int width) {
        return width < 0 ? 0 : std::max(1, width - tables.body.bodyWidth + 2);
    };
    JumpVerdict verdict;
    verdict.isMade = isMade(tables, aids, wallOf(gap), rise);
    verdict.spareRise = highestJump(tables, aids).rise - rise;
    int made = verdict.isMade ? std::max(gap, 0) : -1;
    int missed = verdict.isMade ? made + 1 : std::max(gap, 0);
    if (!verdict.isMade) {
        if (!isMade(tables, aids, wallOf(0), rise)) return verdict;
        made = 0;
    } else {
        for (int step = 16; isMade(tables, aids, wallOf(missed), rise); step *= 2) {
            made = missed;
            missed += step;
        }
    }
    while (missed - made > 1) {
        const int middle = made + (missed - made) / 2;
        (isMade(tables, aids, wallOf(middle), rise) ? made : missed) = middle;
    }
    verdict.spare = made - gap;
    return verdict;
}

}  // namespace rook::motion
