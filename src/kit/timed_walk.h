#pragma once
/// Walks on a board of pieces on which something goes by the clock.

#include <atomic>
#include <cstdint>
#include <map>
#include <memory>

#include "kit/clock.h"
#include "kit/stands.h"

namespace rook::kit {

class WalkGraph;

/// All that a walk can come to, exactly: where nothing ever harms, places hang together and one may
/// stay as long as one likes, so that all ticks are open from there: one state. Where something
/// does, each place in each tick is a state, and so is each place of a mover: by the common period
/// of what harms places beside each other and of movers nearby, as nothing else matters there.
/// A body is a third of a module wide; a step takes 4 ticks, or 6 aslant, and the body is where it
/// was for the first half of them. It is harmed in a tick in which it overlaps a thing of its
/// storey. A mover is a floor on its storey's ground: one steps onto it where no surface leads on,
/// if it is there when the step ends, and off it over its edge, onto the highest surface that is
/// not too high; by a wall neither. (After "safe intervals": Phillips, Likhachev: SIPP, 2011; here
/// intervals are ticks.) Cost: the places, and the period for each one that something harms.
class TimedWalk {
public:
    /// Null where nothing goes by the clock.
    [[nodiscard]] static std::shared_ptr<const TimedWalk> of(
        const level::Project& project, const level::Level& level, const WalkGraph& graph,
        const std::atomic<bool>* cancel = nullptr);

    /// Why no answer can be given, as it goes on after "not decided: "; empty = it can.
    [[nodiscard]] const std::string& problem() const { return m_clock.problem; }
    /// False if a surface is too narrow to stand on: who is not reached may still be.
    [[nodiscard]] bool isWhole() const { return m_stands.isWhole(); }
    [[nodiscard]] const Stands& stands() const { return m_stands; }
    [[nodiscard]] const Clock& clock() const { return m_clock; }
    /// Ticks after which all is as at first for who is at that place; 1 where nothing ever harms.
    [[nodiscard]] int periodAt(int place) const {
        const int spot = spotOf(place);
        return spot < 0 ? 1 : m_periods[static_cast<std::size_t>(spot)];
    }
    static constexpr long long mostPeriod = 36000;

    [[nodiscard]] int stateCount() const { return m_calmCount + static_cast<int>(m_clear.size()); }
    /// -1 on a mover.
    [[nodiscard]] int patchOf(int state) const {
        return patchAt(isCalm(state) ? m_calmStand[static_cast<std::size_t>(state)]
                                     : placeOf(state));
    }
    /// Of a place; -1 on a mover.
    [[nodiscard]] int patchAt(int place) const {
        return place < m_stands.count() ? m_stands.patchOf(place) : -1;
    }
    /// The mover that a place is on, of the clock's decks; null if it is on none.
    [[nodiscard]] const Deck* deckAt(int place) const;
    /// Where a place is in that tick, sixths of a module across and down.
    [[nodiscard]] std::array<double, 2> middleOf(int place, long long tick) const;
    /// The module that a state on a mover is in.
    [[nodiscard]] CellPoint moduleOfRide(int state) const;
    /// One may stay there: nothing ever harms.
    [[nodiscard]] bool isCalm(int state) const { return state < m_calmCount; }
    /// The place: those of the stands, then those on movers. Requires: not calm.
    [[nodiscard]] int placeOf(int state) const {
        const std::size_t spot = spotIn(state);
        return spot < m_dangers.size()
                   ? m_dangers[spot]
                   : m_stands.count() + static_cast<int>(spot - m_dangers.size());
    }
    /// Of the period at its place.
    [[nodiscard]] int tickOf(int state) const {
        return state - m_calmCount - m_firsts[spotIn(state)];
    }
    /// The state of who is there in that tick; -1 if something harms.
    [[nodiscard]] int stateAt(int place, long long tick) const;
    [[nodiscard]] bool isHarmed(int place, long long tick) const;
    /// A step that begins after that tick comes to its end.
    [[nodiscard]] bool mayStep(int from, int to, int ticks, long long tick) const;
    /// The place that a step which begins after that tick leads to; -1 if it leads nowhere.
    [[nodiscard]] int beside(int place, int dx, int dy, long long tick) const;

    /// Puts each state that one gets to next into `after`: by a step, or by waiting a tick.
    void statesAfter(int state, std::vector<int>& after) const;

private:
    /// The places and the ticks of a thing's own period in which it harms there.
    struct Harm {
        int stand = 0;
        int tick = 0;
    };
    /// Steps out of a calm state: to another calm one, or to a place that something harms.
    struct Leaving {
        std::vector<int> calm;
        std::vector<std::pair<int, int>> steps;     ///< place, ticks
        std::vector<std::array<int, 4>> boardings;  ///< from a place, dx, dy, of a mover's ride
    };
    /// The places on a mover.
    struct Ride {
        int columns = 1, rows = 1;
        int first = 0;  ///< of its places
        Rational ground;
    };

    TimedWalk(Clock clock, const level::Project& project, const level::Level& level,
              const WalkGraph& graph, const std::atomic<bool>* cancel);
    [[nodiscard]] std::vector<Harm> harmsOf(const ClockThing& thing, const level::Level& level,
                                            const WalkGraph& graph) const;
    void addRides(const level::Project& project, const level::Level& level, const WalkGraph& graph);
    void harmRides(const std::atomic<bool>* cancel);
    [[nodiscard]] std::size_t rideOf(int place) const;
    [[nodiscard]] std::array<long long, 2> pointOf(int place, long long tick) const;
    [[nodiscard]] int board(const std::array<long long, 2>& point, const Rational& low,
                            const Rational& high, long long tick, int but) const;
    [[nodiscard]] int land(const std::array<long long, 2>& point, const Ride& ride,
                           level::Side side) const;
    void addBoardings(Leaving& leaving, int stand, int dx, int dy) const;
    void countClear();
    void takeHarms(const std::vector<std::vector<Harm>>& harms);
    void findDangers(const std::vector<std::vector<Harm>>& harms);
    [[nodiscard]] std::vector<int> periodsOf(const std::vector<std::vector<Harm>>& harms) const;
    /// A place that something harms or that is on a mover, in the order of `m_clear`; -1 for
    /// others.
    [[nodiscard]] int spotOf(int place) const {
        return place < m_stands.count()
                   ? dangerOf(place)
                   : static_cast<int>(m_dangers.size()) + place - m_stands.count();
    }
    [[nodiscard]] std::size_t spotIn(int state) const {
        return static_cast<std::size_t>(m_spots[static_cast<std::size_t>(state - m_calmCount)]);
    }
    void joinCalm();
    void leaveCalm();
    /// Ticks from that one on, in which a place is not harmed: 0 to `mostClear`.
    [[nodiscard]] int clearFrom(int place, long long tick) const;
    [[nodiscard]] int dangerOf(int stand) const {
        return m_dangerOf[static_cast<std::size_t>(stand)];
    }
    [[nodiscard]] int calmOf(int stand) const { return m_calmOf[static_cast<std::size_t>(stand)]; }

    /// What of the surfaces decides who gets onto a mover and off it.
    struct Surface {
        Rational low, high;
        unsigned open = 0;  ///< a bit a side
    };
    Stands m_stands;
    Clock m_clock;
    std::vector<Surface> m_surfaces;  ///< by patch; empty where there is no mover
    std::map<std::pair<int, int>, std::vector<int>> m_patchesIn;  ///< by module, likewise
    std::vector<Ride> m_rides;                                    ///< by deck
    int m_rideCount = 0;                                          ///< places on all of them
    CellSize m_cell;
    Rational m_stepUp, m_drop;
    std::vector<int> m_dangers;                     ///< places that something harms
    std::vector<std::array<int, 8>> m_dangerSteps;  ///< by danger: where surfaces lead, or -1
    std::vector<int> m_dangerOf;                    ///< by place; -1
    /// By danger, then by place on a mover, and tick: as `clearFrom`.
    std::vector<std::uint8_t> m_clear;
    std::vector<int> m_periods;  ///< by spot
    std::vector<int> m_firsts;   ///< by spot: where its ticks begin
    std::vector<int> m_spots;    ///< by tick of them all
    int m_calmCount = 0;
    std::vector<int> m_calmOf;     ///< by place; -1
    std::vector<int> m_calmStand;  ///< one of each calm state
    std::vector<Leaving> m_leaving;
};

}  // namespace rook::kit
