#pragma once
/// All that is reached from some states, set of held things by set. Private to reach/.

#include <deque>
#include <functional>
#include <map>
#include <memory>
#include <unordered_map>

#include "reach/rides.h"
#include "reach/sweep_detail.h"
#include "reach/timed_effects.h"

namespace rook::reach {

/// Sets of what is held for good; with what is held in one place or for a time, eight times as
/// many.
inline constexpr std::size_t maxSets = 64;
/// As many things as can be gained without there being more sets than that.
inline constexpr std::size_t fewGains = 6;

/// How far a body of one layer may get in one tick, px.
struct Stride {
    int sideways = 0;
    int up = 0;
    int down = 0;

    void add(int dx, int dy) {
        sideways = std::max(sideways, std::abs(dx));
        up = std::max(up, -dy);
        down = std::max(down, dy);
    }
    void addAllWays(int px) {
        add(px, px);
        add(px, -px);
    }
};
[[nodiscard]] Stride strideOf(const Layer& layer, const runtime::MotionTables& own,
                              const CollisionMaps& collision);

/// Every input that may make a difference to a body in one tick.
[[nodiscard]] std::vector<runtime::Input> inputsOf(const runtime::Body& body,
                                                   const runtime::MotionTables& freely,
                                                   const CollisionMaps& collision);

/// The same, each with use as well where something can be used.
[[nodiscard]] std::vector<runtime::Input> withUses(std::vector<runtime::Input> inputs,
                                                   const CollisionMaps& collision);

/// True if both will do the same, whatever the tick.
[[nodiscard]] inline bool isSame(const runtime::Body& a, const runtime::Body& b) {
    return a.x == b.x && a.y == b.y && a.stance == b.stance && a.phase == b.phase &&
           a.table == b.table && a.airJumps == b.airJumps && a.coyoteTicks == b.coyoteTicks &&
           a.push == b.push && a.spring == b.spring && a.held == b.held;
}

/// A state between two ticks; x and y are places of the maps.
struct State {
    std::size_t set = 0;  ///< index in Exploration
    int layer = 0;
    int x = 0;
    int y = 0;
};

/// One step of a way: the input that leads to `state` from the one before; or that mover, boarded
/// in the state before, or that leg carries there, and the input means nothing.
struct Move {
    State state;
    runtime::Input input;
    int ride = -1;
    int leg = -1;  ///< the last body of a leg that leads there (timed_effects.h)
};

/// A body that holds something for a time.
struct TimedBody {
    runtime::Body body;
    State from;            ///< where it was before the leg
    runtime::Input input;  ///< that leads to it
    int waits = 0;         ///< ticks without a wish, before that
    int before = -1;
};

class Exploration {
public:
    /// `mapSets` must outlive it. With a log, ways can be walked back.
    Exploration(CollisionMapSets& mapSets, const Limits& limits, bool keepsLog,
                Riding riding = Riding::No, TimedEffects timedEffects = TimedEffects::InTime);

    /// From the problem's start; false if that is not live.
    bool start();
    void seed(runtime::HeldSet held, int layer, int y, const Word* bits, WordRange range);
    void seed(const runtime::Body& body);
    /// The same, after a run as well; false if it is known there.
    bool seedIfNew(const runtime::Body& body);
    /// Goals by set of things held. Set before anything is given.
    void stopAt(std::function<StopAt(runtime::HeldSet)> goals) { m_stopAt = std::move(goals); }
    Completion run();

    struct Set {
        runtime::HeldSet held = 0;
        std::unique_ptr<DiscoveryLog> log;
        std::unique_ptr<Sweep> sweep;
        bool isDone = false;
        std::size_t nextGain = 0;  ///< of those that are looked at one by one
        std::unordered_map<std::uint64_t, Move> origins;  ///< of states gained into, with a log
        /// By mover: the state from which it is boarded first, none without a log or if a body
        /// only passes. What is not here is not boarded.
        std::map<std::size_t, std::optional<State>> boarded;
        /// With a log, in order: the step from which on that mover carries.
        std::vector<std::pair<int, std::size_t>> rides;
    };
    [[nodiscard]] std::size_t setCount() const { return m_sets.size(); }
    [[nodiscard]] const Set& set(std::size_t index) const { return m_sets[index]; }
    [[nodiscard]] Set& set(std::size_t index) { return m_sets[index]; }
    /// A body that is given may meet at once what can be gained.
    [[nodiscard]] bool hasMetAtOnce() const { return !m_meetAtOnce.empty(); }
    /// The states of such bodies; no set knows them.
    [[nodiscard]] std::vector<State> metAtOnce() const;
    /// Stops looking at that flag from now on.
    void setLimits(const Limits& limits) { m_limits = limits; }
    /// Where bodies were, whatever they held. Maps of the same size as the mapSets'.
    [[nodiscard]] BitMap visited() const;
    [[nodiscard]] BitMap standing() const;
    [[nodiscard]] bool isVisitedIn(const PxRect& positions) const;
    /// The sets that bodies held when a tick began that passed one of these positions.
    [[nodiscard]] std::vector<runtime::HeldSet> setsIn(const PxRect& positions) const;
    [[nodiscard]] std::size_t byteCount() const;
    [[nodiscard]] std::int64_t stateCount() const;

    /// The way from a state that was given to this one; the first move's input means nothing.
    /// Empty if it leads over a mover that no state boards. Requires: a log, and that the state was
    /// found.
    [[nodiscard]] std::vector<Move> wayTo(const State& state) const;
    [[nodiscard]] runtime::Body bodyOf(const State& state) const;
    /// All bodies on legs, in the order in which they were found.
    [[nodiscard]] const std::vector<TimedBody>& timedBodies() const { return m_timedBodies; }
    /// The bodies of a leg up to that one, the first first.
    [[nodiscard]] std::vector<TimedBody> legTo(int timedBody) const;
    /// The input of a tick that begins with that body and meets the box.
    [[nodiscard]] std::optional<runtime::Input> tickOnLeg(int timedBody, const PxRect& box) const;
    /// True if the body stands on no floor but a mover.
    [[nodiscard]] bool isOnMover(const State& state) const {
        return state.layer == Layers::standing &&
               !m_sets[state.set].sweep->collision().maps().floor.test(state.x, state.y);
    }
    /// True if the move leads from standing to standing, over floor, by walking alone.
    [[nodiscard]] bool isWalk(const State& from, const Move& move) const;

    // For repairs (resolver.h).
    /// Changes at these places may matter to where movers carry.
    [[nodiscard]] bool mattersToRides(const Set& set, const PxRect& places) const;
    /// After the set was mended: false if its movers are not boarded as they were. Else they carry
    /// again, for what was lost and is theirs too.
    [[nodiscard]] bool rideAgain(Set& set);

private:
    [[nodiscard]] std::size_t indexOf(runtime::HeldSet held);
    [[nodiscard]] Set* nextSet();
    // Rides (exploration_rides.cpp).
    bool board(Set& set, std::size_t index);
    [[nodiscard]] std::optional<State> boardingOf(const Set& set, std::size_t index,
                                                  const std::vector<PxRect>& places) const;
    void ride(Set& set, const PxRect& places);
    void carry(Set& set, std::size_t mover);
    /// A state there was found before that step, and is still.
    [[nodiscard]] static bool isBoardedBefore(const Set& set, int step,
                                              const std::vector<PxRect>& places);
    void passOnRide(Set& set, int mover, const PxRect& places);
    void gainOnRide(Set& set, int mover, int x, int y, runtime::HeldSet held);
    /// One gain after the other; false if there may be more to look at.
    bool gainFrom(Set& set, std::size_t index);
    void gainFrom(Set& set, std::size_t index, std::size_t gain);
    [[nodiscard]] static std::vector<PxRect> nearChange(const CollisionMaps& collision,
                                                        std::size_t gain, bool isHeld,
                                                        const Stride& stride);
    [[nodiscard]] std::vector<PxRect> nearAnyChange(const CollisionMaps& collision) const;
    [[nodiscard]] bool hasTooManySets() const;
    /// So many things can be gained that not every set of them may be looked at.
    [[nodiscard]] bool hasManyGains() const;
    void gainFromState(Set& set, std::size_t index, int layer, int x, int y);
    void gainFromBody(std::size_t index, const runtime::Body& body, const State* from);
    void tryGain(std::size_t index, const runtime::Body& body, const State* from,
                 const runtime::Input& input);
    /// What a tick led to goes on among what it holds; `back` is the way back.
    void goOnFrom(runtime::Body body, const Move& back);
    /// Marks what a tick passed.
    void pass(const std::vector<PxPoint>& way, runtime::HeldSet held);
    void pass(int x, int y, runtime::HeldSet held);

    /// Gives what is known of a layer to a layer of another set, where it is open; who needs a
    /// floor and has none there falls.
    static void seedFrom(const Set& from, int layer, Set& to, int stays, bool needsFloor);
    /// Something may have been given to it.
    static void wake(Set& set);

    // Profiles that are swapped at will (exploration_swaps.cpp).
    void swapFrom(const Set& set);
    [[nodiscard]] Move swapBefore(const State& at) const;

    // What lasts for a time (timed_effects.cpp).
    void endTimedEffects(const Set& set);
    void endTimedEffects(const Set& set, runtime::HeldSet over);
    void addTimed(TimedBody body);
    void followTimed();
    void followTimed(std::size_t index);
    void waitTimed(std::size_t index);
    void landTimed(const TimedBody& body);
    [[nodiscard]] static std::uint64_t keyOf(int layer, int x, int y) {
        return (static_cast<std::uint64_t>(static_cast<unsigned>(layer)) << 48) |
               (static_cast<std::uint64_t>(static_cast<unsigned>(y)) << 24) |
               static_cast<std::uint64_t>(static_cast<unsigned>(x));
    }

    // Walking back (way_back.cpp).
    [[nodiscard]] Move moveBefore(const Set& set, std::size_t index, int step, const State& at,
                                  int lastWish) const;
    [[nodiscard]] std::optional<Move> walkBefore(const Set& set, std::size_t index, int step, int y,
                                                 const State& at) const;
    [[nodiscard]] bool isRun(const CollisionMaps& collision, int y, int from, int to) const;

    CollisionMapSets& m_mapSets;
    Limits m_limits;
    bool m_keepsLog;
    Riding m_riding;
    std::deque<Set> m_sets;
    std::function<StopAt(runtime::HeldSet)> m_stopAt;
    std::vector<runtime::Body> m_meetAtOnce;  ///< given states that meet something to gain
    bool m_isMet = false;
    BitMap m_passed;                                  ///< visited on the way to a gain
    std::map<runtime::HeldSet, BitMap> m_passedWith;  ///< the same, by what was held
    TimedEffects m_timedEffects;
    runtime::HeldSet m_timed = 0;  ///< the gains that last for a time
    runtime::MotionTables m_slowly;
    std::vector<TimedBody> m_timedBodies;
    std::size_t m_nextTimed = 0;  ///< the first that was not followed
    KnownBodies m_knownTimed;
    mutable FewInputs m_fewInputs;
};

/// Adds what riding, and what lasts for a time, might lead to; found already.
void addByMovers(Reached& reached, const Exploration& most);

/// What an exploration of a live start found; `states` if they are counted already.
[[nodiscard]] Reached reachedBy(CollisionMapSets& mapSets, const Exploration& exploration,
                                Completion completion, std::optional<std::int64_t> states = {});

}  // namespace rook::reach
