#include "reach/waiting_runs.h"

#include <array>
#include <numeric>
#include <unordered_set>

#include "level/boxes.h"
#include "level/swept.h"
#include "reach/replay.h"
#include "reach/riding_run.h"

namespace rook::reach {

namespace {

using runtime::Body;
using runtime::Input;
using runtime::Stance;

/// A longer common period is not searched.
constexpr long long mostPeriod = 65536;
constexpr long long longestRun = 1 << 24;  // ticks
constexpr std::size_t mostStates = 2000000;

bool rests(const Body& body) {
    return body.stance == Stance::Standing || body.stance == Stance::Climbing ||
           body.stance == Stance::Swimming;
}

/// After how many ticks everything stands as before: hazards, movers and the walk table.
long long commonPeriod(const runtime::Parts& parts) {
    long long period = 16;
    const auto add = [&](int ticks) {
        if (period <= mostPeriod) period = std::lcm(period, static_cast<long long>(ticks));
    };
    for (const runtime::TimedHazard& hazard : parts.timed)
        add(hazard.times.periodTicks);
    for (const runtime::Mover& mover : parts.movers)
        add(mover.periodTicks);
    for (const runtime::Way& foe : parts.foes)
        add(static_cast<int>(foe.periodTicks()));
    // Foes may have no common period that is short: then no two ticks are taken for the same.
    if (period > mostPeriod && !parts.foes.empty()) period = longestRun;
    return period;
}

/// Something to do on the way.
struct Errand {
    enum class Sort { Move, Board, Ride };
    Sort sort = Sort::Move;
    Input input;            ///< of a move
    std::size_t mover = 0;  ///< to board, or to ride on
    Body wanted;            ///< after a move, or where a ride ends
};

/// Where each foe and timed hazard ever is.
std::vector<PxRect> whereDeadlyGo(const runtime::Parts& parts) {
    std::vector<PxRect> places;
    for (const runtime::Way& foe : parts.foes)
        places.push_back(level::sweptBy(foe));
    for (const runtime::TimedHazard& hazard : parts.timed)
        places.push_back(level::rectOf(hazard.box));
    return places;
}
/// Where each mover ever is, with the row above it, on which bodies stand.
std::vector<PxRect> whereMoversGo(const runtime::Parts& parts) {
    std::vector<PxRect> places;
    for (const runtime::Mover& mover : parts.movers) {
        PxRect all;
        for (int tick = 0; tick < mover.periodTicks; ++tick) {
            const runtime::Box box = mover.at(tick);
            all = all.united({box.x, box.y - 1, box.width, box.height + 1});
        }
        places.push_back(all.grown(mover.mostPxATick()));
    }
    return places;
}
runtime::Parts withoutDeadly(runtime::Parts parts) {
    parts.foes.clear();
    parts.timed.clear();
    return parts;
}

/// Does errand after errand, waiting where the body rests. A state is how many errands are done,
/// the tick by the common period and, on a ride, the place; walks are cut anew, since a wait shifts
/// the walk table.
class Waiting {
public:
    Waiting(const Problem& problem, std::vector<Errand> errands, const PxRect& goal)
        : m_problem(problem),
          m_errands(std::move(errands)),
          m_goal(goal),
          m_world(problem.frame, *problem.cells, problem.tables, problem.parts),
          m_period(commonPeriod(problem.parts)),
          m_still(problem.frame, *problem.cells, problem.tables, withoutDeadly(problem.parts)),
          m_deadlyGo(whereDeadlyGo(problem.parts)),
          m_moversGo(whereMoversGo(problem.parts)),
          m_hasLasting(std::any_of(problem.parts.gains.begin(), problem.parts.gains.end(),
                                   [](const auto& gain) { return gain.lastsTicks > 0; })) {
        for (int i = 0; i <= static_cast<int>(problem.tables.others.size()); ++i)
            m_beyond = std::max(m_beyond, runtime::tablesOf(problem.tables, i).stepUp + 2);
    }

    [[nodiscard]] std::optional<Run> find() {
        const bool isLong = m_period > mostPeriod && m_problem.parts.foes.empty();
        if (isLong || !m_problem.start) return std::nullopt;
        const Body first =
            runtime::bodyAt(level::boxOf(*m_problem.start), m_world, m_problem.tables);
        if (first.stance == Stance::Ended) return std::nullopt;
        m_fixed.resize(m_errands.size());
        m_nodes.push_back({first, 0, -1, {}});
        for (std::size_t i = 0; i < m_nodes.size() && m_nodes.size() < mostStates; ++i) {
            if (m_nodes[i].done == m_errands.size()) return runOf(i);
            goOn(i);
        }
        return std::nullopt;
    }

private:
    struct Node {
        Body body;
        std::size_t done = 0;  ///< errands
        long long before = -1;
        Input input;
    };
    /// A move or a wait in one tick of sixteen, where nothing meets it that goes by the clock.
    struct Fixed {
        enum class What : unsigned char { Unknown, Moved, Goes, Else };
        What what = What::Unknown;  ///< Moved: a mover may be there, so it is made anew each time
        bool isCalm = false;        ///< whatever goes never comes there
        PxRect near;                ///< all that it asks about lies in here
    };

    void goOn(std::size_t from) {
        const Errand& next = m_errands[m_nodes[from].done];
        switch (next.sort) {
            case Errand::Sort::Move:
                if (!tryFixed(from, false)) tryInput(from, next.input);
                break;
            case Errand::Sort::Board:
                tryInput(from, {});
                return;
            case Errand::Sort::Ride: {
                const int most = mostWalk(m_nodes[from].body);
                for (int wish = -most; wish <= most; ++wish)
                    tryInput(from, {wish, 0, 0});
                leaveMover(from);
                return;
            }
        }
        if (rests(m_nodes[from].body) && isWorthWaiting(from) && !tryFixed(from, true))
            tryInput(from, {}, true);
    }

    /// A tick that meets nothing which goes by the clock is the same in each sixteenth tick, so it
    /// is made once. False if it is to be made anew.
    bool tryFixed(std::size_t from, bool isWait) {
        const std::size_t done = m_nodes[from].done;
        const long long tick = m_nodes[from].body.tick;
        if (m_hasLasting || !m_nodes[from].body.beaten.empty()) return false;
        const Fixed& fixed = fixedAt(done, tick, isWait);
        if (fixed.what == Fixed::What::Moved || !(fixed.isCalm || isClear(fixed.near, tick)))
            return false;
        if (fixed.what == Fixed::What::Else) return true;
        Body body = isWait ? m_nodes[from].body : m_errands[done].wanted;
        body.tick = tick + 1;
        body.ticksLeft = {};
        const std::size_t newlyDone = isWait ? done : done + 1;
        if (m_known.insert(keyOf(body, newlyDone)).second)
            m_nodes.push_back({body, newlyDone, static_cast<long long>(from),
                               isWait ? Input{} : m_errands[done].input});
        return true;
    }
    /// Nothing deadly that goes by the clock is there in that tick.
    [[nodiscard]] bool isClear(const PxRect& near, long long tick) const {
        const runtime::Parts& parts = m_problem.parts;
        const runtime::Box box = level::boxOf(near);
        return std::none_of(parts.foes.begin(), parts.foes.end(),
                            [&](const runtime::Way& foe) { return overlaps(foe.at(tick), box); }) &&
               std::none_of(parts.timed.begin(), parts.timed.end(),
                            [&](const runtime::TimedHazard& hazard) {
                                return overlaps(hazard.box, box) && hazard.times.isOn(tick);
                            });
    }
    /// Who gets on from here to a place where they can wait for ever need not wait here.
    [[nodiscard]] bool isWorthWaiting(std::size_t from) {
        if (m_hasLasting || !m_nodes[from].body.beaten.empty()) return true;
        std::size_t done = m_nodes[from].done;
        long long tick = m_nodes[from].body.tick;
        do {
            if (m_errands[done].sort != Errand::Sort::Move || !isCalm(done, tick, false))
                return true;
            ++done;
            ++tick;
        } while (!rests(m_errands[done - 1].wanted));
        if (m_errands[done].sort != Errand::Sort::Move) return true;
        for (int phase = 0; phase < 16; ++phase)
            if (!isCalm(done, phase, true)) return true;
        return false;
    }
    [[nodiscard]] bool isCalm(std::size_t done, long long tick, bool isWait) {
        const Fixed& fixed = fixedAt(done, tick, isWait);
        return fixed.isCalm && fixed.what == Fixed::What::Goes;
    }
    /// Requires: a move is next, and nothing was beaten. The last one is never fixed.
    [[nodiscard]] const Fixed& fixedAt(std::size_t done, long long tick, bool isWait) {
        Fixed& fixed = m_fixed[done][static_cast<std::size_t>(tick % 16 + (isWait ? 16 : 0))];
        if (fixed.what == Fixed::What::Unknown) fixed = fixedStep(done, tick, isWait);
        return fixed;
    }
    [[nodiscard]] Fixed fixedStep(std::size_t done, long long tick, bool isWait) const {
        if (done + 1 == m_errands.size()) return {Fixed::What::Moved, false, {}};
        Body before = done == 0 ? m_nodes[0].body : m_errands[done - 1].wanted;
        before.tick = 16 + tick % 16;
        before.beaten.clear();
        Body body = before;
        PxRect near = boxAt(body.x, body.y);
        runtime::step(m_still, m_problem.tables, body, isWait ? Input{} : m_errands[done].input,
                      [&](int x, int y) { near = near.united(boxAt(x, y)); });
        // What is tried besides lies a step up or down from there, or a px beside it.
        near = near.grown(m_beyond);
        const auto isNear = [&](const PxRect& place) { return place.overlaps(near); };
        if (std::any_of(m_moversGo.begin(), m_moversGo.end(), isNear))
            return {Fixed::What::Moved, false, {}};
        const bool goes = isSame(body, isWait ? before : m_errands[done].wanted);
        return {goes ? Fixed::What::Goes : Fixed::What::Else,
                std::none_of(m_deadlyGo.begin(), m_deadlyGo.end(), isNear), near};
    }
    [[nodiscard]] PxRect boxAt(int x, int y) const {
        return {x, y, m_problem.tables.bodyWidth, m_problem.tables.bodyHeight};
    }

    /// The mover moves before the body, so the place to leave it from is met within a tick.
    void leaveMover(std::size_t from) {
        const std::size_t next = m_nodes[from].done + 1;
        if (next >= m_errands.size() || m_errands[next].sort != Errand::Sort::Move) return;
        m_nodes[from].done = next;
        tryInput(from, m_errands[next].input);
        m_nodes[from].done = next - 1;
    }

    void tryInput(std::size_t from, const Input& input, bool isWait = false) {
        Body body = m_nodes[from].body;
        const std::size_t done = m_nodes[from].done;
        bool isMet = false;
        runtime::step(m_world, m_problem.tables, body, input,
                      [&](int x, int y) { isMet = isMet || meets(x, y); });
        if (body.stance == Stance::Ended) return;
        const Errand& errand = m_errands[done];
        const auto add = [&](std::size_t newlyDone) {
            const bool isLast = newlyDone == m_errands.size();
            if (isLast && !isMet && !meets(body.x, body.y)) return;
            if (m_known.insert(keyOf(body, newlyDone)).second)
                m_nodes.push_back({body, newlyDone, static_cast<long long>(from), input});
        };
        const auto addBoarded = [&](std::size_t ride) {
            add(ride);
            if (isSame(body, m_errands[ride].wanted)) add(ride + 1);
        };
        if (isWait) {
            if (isSame(body, m_nodes[from].body)) add(done);
        } else if (errand.sort == Errand::Sort::Move) {
            const bool isLast = done + 1 == m_errands.size();
            if (isLast || isSame(body, errand.wanted)) return add(done + 1);
            // Caught by the mover that was to be boarded next.
            const Errand& after = m_errands[done + 1];
            if (after.sort == Errand::Sort::Board && body.held == errand.wanted.held &&
                isOn(after.mover, body))
                addBoarded(done + 2);
        } else if (errand.sort == Errand::Sort::Board) {
            if (isOn(errand.mover, body)) addBoarded(done + 1);
        } else if (isSame(body, errand.wanted)) {
            add(done + 1);
            if (isOn(errand.mover, body)) add(done);
        } else if (isOn(errand.mover, body)) {
            add(done);
        }
    }
    [[nodiscard]] bool isOn(std::size_t mover, const Body& body) const {
        return body.stance == Stance::Standing &&
               m_world.moverUnder(body.x, body.y, body.tick - 1) == static_cast<int>(mover);
    }
    [[nodiscard]] int mostWalk(const Body& body) const {
        return runtime::tablesOf(m_problem.tables, m_world.profileOf(body.held))
            .walk[static_cast<std::size_t>(body.tick % 16)];
    }
    struct Key {
        std::size_t done = 0;
        long long tick = 0;  ///< of the common period
        int x = 0;           ///< on a ride
        int y = 0;
        runtime::HeldSet held = 0;
        runtime::BeatenList beaten;
        bool operator==(const Key&) const = default;
    };
    struct KeyHash {
        std::size_t operator()(const Key& key) const {
            std::uint64_t hash = key.held;
            const auto mix = [&hash](std::uint64_t value) {
                hash = (hash ^ value) * 0x9e3779b97f4a7c15u;
                hash ^= hash >> 29;
            };
            mix(key.done);
            mix(static_cast<std::uint64_t>(key.tick));
            mix(static_cast<std::uint64_t>(static_cast<std::uint32_t>(key.x)) << 32 |
                static_cast<std::uint32_t>(key.y));
            mix(key.beaten.size());
            return hash;
        }
    };
    [[nodiscard]] Key keyOf(const Body& body, std::size_t done) const {
        const bool isRide = done < m_errands.size() && m_errands[done].sort == Errand::Sort::Ride;
        return {done,      body.tick % m_period, isRide ? body.x : 0, isRide ? body.y : 0,
                body.held, body.beaten};
    }
    [[nodiscard]] bool meets(int x, int y) const { return m_goal.overlaps(boxAt(x, y)); }
    [[nodiscard]] Run runOf(std::size_t last) const {
        std::vector<Input> inputs;
        for (auto i = static_cast<long long>(last);
             m_nodes[static_cast<std::size_t>(i)].before >= 0;
             i = m_nodes[static_cast<std::size_t>(i)].before)
            inputs.push_back(m_nodes[static_cast<std::size_t>(i)].input);
        std::reverse(inputs.begin(), inputs.end());
        return replayed(m_problem, inputs);
    }

    const Problem& m_problem;
    std::vector<Errand> m_errands;
    PxRect m_goal;
    runtime::World m_world;
    long long m_period;
    runtime::World m_still;  ///< without what is deadly by the clock
    std::vector<PxRect> m_deadlyGo;
    std::vector<PxRect> m_moversGo;
    int m_beyond = 2;   ///< px that a tick tries beyond the places that it passes
    bool m_hasLasting;  ///< a body holds something for a time, whatever it does
    std::vector<std::array<Fixed, 32>> m_fixed;  ///< an errand's move, then its wait
    std::vector<Node> m_nodes;
    std::unordered_set<Key, KeyHash> m_known;
};

void addMoves(std::vector<Errand>& errands, const Run& run) {
    for (std::size_t i = 0; i < run.inputs.size(); ++i)
        errands.push_back({Errand::Sort::Move, run.inputs[i], 0, run.bodies[i + 1]});
}

}  // namespace

std::optional<Run> waitingRun(const Problem& problem, const Run& run, const PxRect& goal) {
    std::vector<Errand> errands;
    addMoves(errands, run);
    return Waiting(problem, std::move(errands), goal).find();
}

std::optional<Run> ridingRun(const Problem& problem, const std::vector<Move>& way,
                             const Exploration& exploration, const std::optional<Input>& lastTick,
                             const PxRect& goal) {
    std::vector<Errand> errands;
    for (std::size_t from = 0; from < way.size();) {
        std::size_t to = from + 1;  // one behind the leg
        while (to < way.size() && way[to].ride < 0)
            ++to;
        Body first = exploration.bodyOf(way[from].state);
        Replay replay(problem, first);
        const auto begin = way.begin() + static_cast<std::ptrdiff_t>(from);
        const auto end = way.begin() + static_cast<std::ptrdiff_t>(to);
        if (!replay.follow({begin, end}, exploration)) return std::nullopt;
        const bool isLast = to == way.size();
        if (isLast && lastTick && !replay.finish({way.back().state, *lastTick}, goal))
            return std::nullopt;
        addMoves(errands, replay.take());
        if (isLast) break;
        const auto mover = static_cast<std::size_t>(way[to].ride);
        const bool isAboard = exploration.isOnMover(way[to - 1].state);
        if (!isAboard) errands.push_back({Errand::Sort::Board, {}, mover, {}});
        errands.push_back({Errand::Sort::Ride, {}, mover, exploration.bodyOf(way[to].state)});
        from = to;
    }
    auto run = Waiting(problem, std::move(errands), goal).find();
    if (run) cutAtGoal(problem, problem.parts, *run, 0, goal);
    return run;
}

BitMap riskyPositions(const Problem& problem, const Reached& reached) {
    BitMap risky(reached.visited.width(), reached.visited.height());
    const runtime::MotionTables& tables = problem.tables;
    for (const runtime::TimedHazard& hazard : problem.parts.timed) {
        if (hazard.times.isAlwaysOn() || hazard.times.on.empty()) continue;
        const runtime::Box& box = hazard.box;
        for (int y = box.y - tables.bodyHeight + 1; y < box.y + box.height; ++y)
            risky.setRun(y + reached.top, box.x - tables.bodyWidth + 1 + reached.left,
                         box.x + box.width + reached.left);
    }
    for (int y = 0; y < risky.height(); ++y)
        for (int i = 0; i < risky.wordsPerRow(); ++i)
            risky.row(y)[i] &= reached.visited.row(y)[i];
    return risky;
}

}  // namespace rook::reach
