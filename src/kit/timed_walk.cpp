#include "kit/timed_walk.h"

#include <algorithm>
#include <numeric>

#include "kit/walk_graph.h"
#include "level/swept.h"

namespace rook::kit {

namespace {

constexpr std::size_t mostStates = 8'000'000;
constexpr int mostClear = 255;  ///< ticks, told apart

/// The places along one axis, sixths of a module, on which a body overlaps [from, to) px.
std::pair<int, int> placesMeeting(int from, int to, int cell) {
    // A body on place c is over [2c - 1, 2c + 3) twelfths of a module.
    const auto floorOf = [](long long top, long long bottom) {
        return static_cast<int>(top >= 0 ? top / bottom : -((-top + bottom - 1) / bottom));
    };
    const int first = floorOf(12LL * from - 3LL * cell, 2LL * cell) + 1;
    const int end = -floorOf(-(12LL * to + cell), 2LL * cell);
    return {first, end};
}

/// Of a period, which most ticks are beyond by a little at most: that spares a division.
int within(long long tick, int period) {
    const long long own = tick < period ? tick : tick - period;
    return static_cast<int>(own < period ? own : own % period);
}

/// Things that are joined, one by one.
class Groups {
public:
    explicit Groups(std::size_t count) : m_parents(count) {
        std::iota(m_parents.begin(), m_parents.end(), std::size_t{0});
    }
    [[nodiscard]] std::size_t of(std::size_t each) {
        while (m_parents[each] != each)
            each = m_parents[each] = m_parents[m_parents[each]];
        return each;
    }
    void join(std::size_t a, std::size_t b) { m_parents[of(a)] = of(b); }

private:
    std::vector<std::size_t> m_parents;
};

}  // namespace

std::shared_ptr<const TimedWalk> TimedWalk::of(const level::Project& project,
                                               const level::Level& level, const WalkGraph& graph,
                                               const std::atomic<bool>* cancel) {
    Clock clock = clockOf(project, level, graph);
    if (clock.isEmpty()) return nullptr;
    return std::shared_ptr<const TimedWalk>(
        new TimedWalk(std::move(clock), project, level, graph, cancel));
}

TimedWalk::TimedWalk(Clock clock, const level::Project& project, const level::Level& level,
                     const WalkGraph& graph, const std::atomic<bool>* cancel)
    : m_stands(graph), m_clock(std::move(clock)) {
    if (!problem().empty()) return;
    m_cell = level.cellSize;
    addRides(project, level, graph);
    std::vector<std::vector<Harm>> harms;
    for (const ClockThing& thing : m_clock.things) {
        if (cancel && *cancel) m_clock.problem = "cancelled";
        if (!problem().empty()) return;
        harms.push_back(harmsOf(thing, level, graph));
    }
    takeHarms(harms);
    if (!problem().empty()) return;
    harmRides(cancel);
    if (!problem().empty()) return;
    countClear();
    joinCalm();
    leaveCalm();
}

std::vector<TimedWalk::Harm> TimedWalk::harmsOf(const ClockThing& thing, const level::Level& level,
                                                const WalkGraph& graph) const {
    std::vector<Harm> harms;
    for (int tick = 0; tick < static_cast<int>(thing.way.periodTicks()); ++tick) {
        if (!thing.way.isThere(tick)) continue;
        const runtime::Box box = thing.way.at(tick);
        const auto [left, right] = placesMeeting(box.x, box.x + box.width, level.cellSize.width);
        const auto [top, bottom] = placesMeeting(box.y, box.y + box.height, level.cellSize.height);
        for (int row = top; row < bottom; ++row)
            for (int column = left; column < right; ++column) {
                const auto module = [](int place) {
                    return (place >= 0 ? place : place - Stands::across + 1) / Stands::across;
                };
                for (const int patch :
                     graph.patchesAt({{module(column), module(row)}, thing.storey}))
                    if (const int stand = m_stands.on(patch, {column, row}); stand >= 0)
                        harms.push_back({stand, tick});
            }
    }
    return harms;
}

void TimedWalk::findDangers(const std::vector<std::vector<Harm>>& harms) {
    m_dangerOf.assign(static_cast<std::size_t>(m_stands.count()), -1);
    for (const auto& ofThing : harms)
        for (const Harm& harm : ofThing) {
            int& danger = m_dangerOf[static_cast<std::size_t>(harm.stand)];
            if (danger >= 0) continue;
            danger = static_cast<int>(m_dangers.size());
            m_dangers.push_back(harm.stand);
        }
    for (const int stand : m_dangers) {
        std::array<int, 8> steps{};
        for (std::size_t i = 0; i < steps.size(); ++i)
            steps[i] = m_stands.beside(stand, allSteps[i][0], allSteps[i][1]);
        m_dangerSteps.push_back(steps);
    }
}

/// Of each spot; 0 where it is too long.
std::vector<int> TimedWalk::periodsOf(const std::vector<std::vector<Harm>>& harms) const {
    Groups groups(harms.size() + m_rides.size());
    std::vector<std::size_t> thingOf(m_dangers.size(), harms.size());
    for (std::size_t i = 0; i < harms.size(); ++i)
        for (const Harm& harm : harms[i]) {
            std::size_t& first = thingOf[static_cast<std::size_t>(dangerOf(harm.stand))];
            if (first == harms.size()) first = i;
            groups.join(first, i);
        }
    for (std::size_t danger = 0; danger < m_dangers.size(); ++danger)
        for (const int to : m_dangerSteps[danger])
            if (to >= 0 && dangerOf(to) >= 0)
                groups.join(thingOf[danger], thingOf[static_cast<std::size_t>(dangerOf(to))]);
    // Whatever comes within a module of where a mover goes.
    std::vector<const runtime::Way*> ways;
    for (const ClockThing& thing : m_clock.things)
        ways.push_back(&thing.way);
    for (const Deck& deck : m_clock.decks)
        ways.push_back(&deck.way);
    std::vector<PxRect> swept;
    for (const runtime::Way* way : ways)
        swept.push_back(level::sweptBy(*way).grown(std::max(m_cell.width, m_cell.height)));
    for (std::size_t ride = harms.size(); ride < ways.size(); ++ride)
        for (std::size_t other = 0; other < ride; ++other)
            if (swept[ride].overlaps(swept[other])) groups.join(ride, other);
    std::vector<long long> periods(ways.size(), 1);
    for (std::size_t i = 0; i < ways.size(); ++i) {
        long long& period = periods[groups.of(i)];
        if (period <= mostPeriod)
            period = std::lcm(period, static_cast<long long>(ways[i]->periodTicks()));
    }
    std::vector<int> found;
    const auto add = [&](std::size_t node) {
        const long long period = periods[groups.of(node)];
        found.push_back(period > mostPeriod ? 0 : static_cast<int>(period));
    };
    for (const std::size_t thing : thingOf)
        add(thing);
    for (std::size_t ride = 0; ride < m_rides.size(); ++ride)
        for (int i = 0; i < m_rides[ride].columns * m_rides[ride].rows; ++i)
            add(harms.size() + ride);
    return found;
}

void TimedWalk::takeHarms(const std::vector<std::vector<Harm>>& harms) {
    findDangers(harms);
    m_periods = periodsOf(harms);
    std::size_t states = 0;
    for (const int period : m_periods) {
        m_firsts.push_back(static_cast<int>(states));
        states += static_cast<std::size_t>(period);
        if (period == 0)
            m_clock.problem =
                "what goes by the clock is as at first only after more than 36,000 "
                "ticks";
        else if (states > mostStates)
            m_clock.problem = "what goes by the clock makes more than 8,000,000 states";
        if (!problem().empty()) return;
        m_spots.resize(states, static_cast<int>(m_firsts.size()) - 1);
    }
    m_clear.assign(states, mostClear);
    for (std::size_t i = 0; i < harms.size(); ++i) {
        const int own = static_cast<int>(m_clock.things[i].way.periodTicks());
        for (const Harm& harm : harms[i]) {
            const auto spot = static_cast<std::size_t>(dangerOf(harm.stand));
            for (int tick = harm.tick; tick < m_periods[spot]; tick += own)
                m_clear[static_cast<std::size_t>(m_firsts[spot] + tick)] = 0;
        }
    }
}

/// Backwards through two periods, so that what begins the next one counts.
void TimedWalk::countClear() {
    for (std::size_t spot = 0; spot < m_periods.size(); ++spot) {
        const int period = m_periods[spot];
        int clear = mostClear;
        for (int tick = 2 * period - 1; tick >= 0; --tick) {
            std::uint8_t& here = m_clear[static_cast<std::size_t>(m_firsts[spot] + tick % period)];
            clear = here == 0 ? 0 : std::min(clear + 1, mostClear);
            if (tick < period) here = static_cast<std::uint8_t>(clear);
        }
    }
}

/// Places of one surface that hang together by straight steps.
void TimedWalk::joinCalm() {
    m_calmOf.assign(static_cast<std::size_t>(m_stands.count()), -1);
    std::vector<int> open;
    for (int stand = 0; stand < m_stands.count(); ++stand) {
        if (dangerOf(stand) >= 0 || calmOf(stand) >= 0) continue;
        const auto take = [&](int each) {
            m_calmOf[static_cast<std::size_t>(each)] = m_calmCount;
            open.push_back(each);
        };
        take(stand);
        while (!open.empty()) {
            const int at = open.back();
            open.pop_back();
            for (std::size_t i = 0; i < 4; ++i) {
                const int to = m_stands.beside(at, allSteps[i][0], allSteps[i][1]);
                const bool isHere = to >= 0 && m_stands.patchOf(to) == m_stands.patchOf(stand);
                if (isHere && dangerOf(to) < 0 && calmOf(to) < 0) take(to);
            }
        }
        m_calmStand.push_back(stand);
        ++m_calmCount;
    }
}

void TimedWalk::leaveCalm() {
    m_leaving.resize(static_cast<std::size_t>(m_calmCount));
    for (int stand = 0; stand < m_stands.count(); ++stand) {
        const int calm = calmOf(stand);
        if (calm < 0) continue;
        Leaving& leaving = m_leaving[static_cast<std::size_t>(calm)];
        for (const auto& [dx, dy] : allSteps) {
            const int to = m_stands.beside(stand, dx, dy);
            if (to < 0) addBoardings(leaving, stand, dx, dy);
            if (to < 0 || calmOf(to) == calm) continue;
            if (calmOf(to) >= 0)
                leaving.calm.push_back(calmOf(to));
            else
                leaving.steps.emplace_back(to, ticksOfStep(dx, dy));
        }
    }
    for (Leaving& leaving : m_leaving) {
        const auto once = [](auto& list) {
            std::sort(list.begin(), list.end());
            list.erase(std::unique(list.begin(), list.end()), list.end());
        };
        once(leaving.calm);
        once(leaving.steps);
    }
}

int TimedWalk::clearFrom(int place, long long tick) const {
    const int spot = spotOf(place);
    if (spot < 0) return mostClear;
    const auto at = static_cast<std::size_t>(spot);
    return m_clear[static_cast<std::size_t>(m_firsts[at] + within(tick, m_periods[at]))];
}

int TimedWalk::stateAt(int place, long long tick) const {
    const int spot = spotOf(place);
    if (spot < 0) return calmOf(place);
    const auto at = static_cast<std::size_t>(spot);
    const int own = m_firsts[at] + within(tick, m_periods[at]);
    return m_clear[static_cast<std::size_t>(own)] == 0 ? -1 : m_calmCount + own;
}

bool TimedWalk::isHarmed(int place, long long tick) const {
    return clearFrom(place, tick) == 0;
}

bool TimedWalk::mayStep(int from, int to, int ticks, long long tick) const {
    const int half = ticks / 2;
    return clearFrom(from, tick + 1) >= half && clearFrom(to, tick + half + 1) >= half;
}

void TimedWalk::statesAfter(int state, std::vector<int>& after) const {
    after.clear();
    const auto step = [&](int from, int to, int ticks, int tick) {
        if (to >= 0 && mayStep(from, to, ticks, tick)) after.push_back(stateAt(to, tick + ticks));
    };
    if (isCalm(state)) {
        const Leaving& leaving = m_leaving[static_cast<std::size_t>(state)];
        after = leaving.calm;
        for (const auto& [to, ticks] : leaving.steps)
            for (int tick = 0; tick < periodAt(to); ++tick)
                step(m_calmStand[static_cast<std::size_t>(state)], to, ticks, tick);
        for (const auto& [from, dx, dy, ride] : leaving.boardings) {
            const int period = periodAt(m_rides[static_cast<std::size_t>(ride)].first);
            for (int tick = 0; tick < period; ++tick)
                step(from, beside(from, dx, dy, tick), ticksOfStep(dx, dy), tick);
        }
        return;
    }
    const int place = placeOf(state), tick = tickOf(state);
    if (!isHarmed(place, tick + 1)) after.push_back(stateAt(place, tick + 1));
    const std::size_t spot = spotIn(state);
    for (std::size_t i = 0; i < allSteps.size(); ++i) {
        const auto& [dx, dy] = allSteps[i];
        int to = spot < m_dangerSteps.size() ? m_dangerSteps[spot][i] : -1;
        if (to < 0 && !m_rides.empty()) to = beside(place, dx, dy, tick);
        step(place, to, ticksOfStep(dx, dy), tick);
    }
}

}  // namespace rook::kit
