#pragma once
/// The movement of Rook Plot levels: one tick of one body, in whole px and whole ticks (60 a
/// second).
///
/// The editor's playtest, the tests of the reach solver and games all run this very header. It
/// needs C++17, the headers beside it and nothing else. Units: px and ticks; y grows downwards; a
/// body's place is the upper left corner of its box. The model is described in docs/motion.md.

#include <cstdlib>
#include <type_traits>

#include "rook_body.hpp"

// Long because it is one tick, whose stances hand over to each other.
namespace rook::runtime {

namespace detail {

/// One tick of one body; `pass(x, y)` is told every live position on the way. `Place` answers as
/// `World` does.
template <typename Place, typename Pass>
class Tick {
public:
    Tick(const Place& world, const MotionTables& tables, Body& body, Pass& pass)
        : m_world(world),
          m_own(tables),
          m_profile(world.profileOf(body.held)),
          m_tables(&tablesOf(tables, m_profile)),
          m_body(body),
          m_pass(pass),
          m_now(momentNow()) {}

    void run(const Input& input) {
        if (m_body.stance == Stance::Ended) return;
        m_isUsing = (input.buttons & useButton) != 0;
        if (!m_body.beaten.empty()) forgetBeaten();
        meet();
        if (!m_world.parts().movers.empty() && !m_tables->fromAbove) ride();
        const Parts& parts = m_world.parts();
        const bool goes = !parts.timed.empty() || !parts.foes.empty();
        if (goes && has(Ability::BeatsFoes))
            m_world.addMet(m_body.x, m_body.y, m_now, m_body.beaten);
        if (goes && !m_world.isLive(m_body.x, m_body.y, m_now)) end();
        act(input);
        finish();
        ++m_body.tick;
    }

private:
    bool has(Ability ability) const { return (m_now.abilities & setOf(ability)) != 0; }
    int allAirJumps() const { return has(Ability::AirJump) ? m_tables->airJumps : 0; }
    int wallPushTicks() const { return has(Ability::WallJump) ? m_tables->wallPushTicks : 0; }
    int paceIn(const PaceTable& table) const {
        return table[static_cast<std::size_t>(m_body.tick % 16)];
    }
    const PhaseTable& table() const {
        if (m_body.table == 0) return *m_tables;
        const Spring& spring =
            m_world.parts().springs[static_cast<std::size_t>((m_body.table - 1) / 2)];
        return spring.flight(m_profile, m_body.table % 2 == 1);
    }
    bool isFree(int x, int y) const { return m_world.isFree(x, y, m_now); }
    bool isLive(int x, int y) const { return m_world.isLive(x, y, m_now); }
    bool hasFloor(int x, int y) const { return m_world.hasFloor(x, y, m_now); }

    void act(const Input& input) {
        switch (m_body.stance) {
            case Stance::Standing:
                if (m_tables->fromAbove)
                    roam(input);
                else
                    runStanding(input);
                break;
            case Stance::Airborne:
            case Stance::Sprung:
                runAirborne(input);
                break;
            case Stance::Climbing:
            case Stance::Swimming:
                runHolding(input);
                break;
            case Stance::Ended:
                break;
        }
    }

    /// A mover moves before the body, and takes along who stands on it and on nothing else.
    void ride() {
        if (m_body.stance != Stance::Standing || m_body.tick == 0) return;
        const int index = m_world.moverUnder(m_body.x, m_body.y, m_body.tick - 1);
        if (index < 0 || m_world.hasFixedFloor(m_body.x, m_body.y, m_now) ||
            (has(Ability::Climb) && m_world.hasLadderTop(m_body.x, m_body.y)))
            return;
        const Mover& mover = m_world.parts().movers[static_cast<std::size_t>(index)];
        Box from = mover.at(m_body.tick - 1);
        mover.passIn(m_body.tick, [&](const Box& next) {
            const int x = m_body.x + next.x - from.x;
            const int y = m_body.y + next.y - from.y;
            from = next;
            if (isFree(x, y)) return moveTo(x, y);
            fallOff();
            return false;
        });
    }
    void fallOff() { launch(m_tables->topPhase); }

    void runStanding(const Input& input) {
        if ((input.buttons & takeHoldButton) && takeHold(input)) return;
        if (swaps(input)) return;
        if (input.buttons & jumpButton) {
            launch(0);
            fly(input.dx, false);
        } else if ((input.buttons & dropButton) && has(Ability::DropThrough) &&
                   isLive(m_body.x, m_body.y + 1)) {
            moveTo(m_body.x, m_body.y + 1);
            launch(m_tables->topPhase);
        } else {
            walk(input.dx);
        }
    }

    /// Seen from above: |dx| px, then |dy| px, together at most the walk table's number, or each at
    /// most the diagonal one's.
    void roam(const Input& input) {
        if (swaps(input)) return;
        const bool isEven = m_tables->hasEvenDiagonal && input.dx != 0 && input.dy != 0;
        const int most = paceIn(isEven ? m_tables->diagonal : m_tables->walk);
        const int sideways = std::min(std::abs(input.dx), most);
        const int upright = std::min(std::abs(input.dy), isEven ? most : most - sideways);
        for (int i = 0; i < sideways && m_body.stance == Stance::Standing; ++i)
            if (!roamOnePx(input.dx < 0 ? -1 : 1, 0)) break;
        for (int i = 0; i < upright && m_body.stance == Stance::Standing; ++i)
            if (!roamOnePx(0, input.dy < 0 ? -1 : 1)) break;
    }
    /// True if this tick is a stay that ends with the other profile in force.
    bool swaps(const Input& input) {
        if ((input.buttons & swapButton) == 0) return false;
        return m_swaps = m_tables->swapsWith >= 0;
    }
    bool roamOnePx(int dx, int dy) {
        if (!isFree(m_body.x + dx, m_body.y + dy)) return false;
        return moveTo(m_body.x + dx, m_body.y + dy);
    }

    void walk(int wish) {
        const int direction = wish < 0 ? -1 : 1;
        const int count = std::min(std::abs(wish), paceIn(m_tables->walk));
        for (int i = 0; i < count && m_body.stance == Stance::Standing; ++i)
            if (!walkOnePx(direction)) return;
    }

    /// False when the walk ends at something solid.
    bool walkOnePx(int direction) {
        const int x = m_body.x;
        const int y = m_body.y;
        const int next = x + direction;
        if (!isFree(next, y)) return stepUp(next);
        if (!moveTo(next, y) || hasFloor(next, y)) return true;
        for (int k = 1; k <= m_tables->stepUp && isLive(next, y + k); ++k) {
            if (!hasFloor(next, y + k)) continue;
            for (int passed = 1; passed <= k; ++passed)
                moveTo(next, y + passed);
            return true;
        }
        launch(m_tables->topPhase);
        if (has(Ability::Coyote)) m_body.coyoteTicks = m_tables->coyoteTicks;
        return true;
    }

    bool stepUp(int next) {
        const int x = m_body.x;
        const int y = m_body.y;
        for (int k = 1; k <= m_tables->stepUp && isLive(x, y - k); ++k) {
            if (!isLive(next, y - k) || !hasFloor(next, y - k)) continue;
            for (int passed = 1; passed <= k; ++passed)
                moveTo(x, y - passed);
            moveTo(next, y - k);
            return true;
        }
        return false;
    }

    void runAirborne(const Input& input) {
        if ((input.buttons & takeHoldButton) && takeHold(input)) return;
        bool letsGo = (input.buttons & letGoButton) != 0;
        if (m_body.stance == Stance::Sprung) {
            const int table = 2 * m_body.spring + (letsGo ? 2 : 1);
            launch(0);
            m_body.table = table;
        } else if ((input.buttons & jumpButton) && jumpInTheAir(input.dx)) {
            letsGo = false;
        }
        fly(input.dx, letsGo);
    }

    /// The first jump that is possible: coyote, off a wall, in the air.
    bool jumpInTheAir(int wish) {
        if (m_body.coyoteTicks > 0) {
            launch(0);
            return true;
        }
        const int push = has(Ability::WallJump) ? pushFromWall(wish) : 0;
        if (push == 0 && m_body.airJumps == 0) return false;
        const int left = m_body.airJumps - (push == 0 ? 1 : 0);
        launch(0);
        m_body.airJumps = left;
        m_body.push = wallPushTicks() > 0 ? push : 0;
        return true;
    }
    /// Where a wall jump leads from here; 0 if no wall counts.
    int pushFromWall(int wish) const {
        const bool atLeft = m_body.push <= 0 && !isFree(m_body.x - 1, m_body.y);
        const bool atRight = m_body.push >= 0 && !isFree(m_body.x + 1, m_body.y);
        if (atLeft && (!atRight || wish >= 0)) return 1;
        return atRight ? -1 : 0;
    }

    /// One tick of a flight at the body's phase.
    void fly(int wish, bool letsGo) {
        const PhaseTable& flight = table();
        const int phase = m_body.phase;
        const int most = flight.dx[static_cast<std::size_t>(phase)];
        if (m_body.push != 0) {
            wish = m_body.push * most;
        } else if (m_body.table != 0 && phase < flight.topPhase) {
            const int shove =
                m_world.parts().springs[static_cast<std::size_t>((m_body.table - 1) / 2)].pushDx;
            if (!glide(shove)) return;
        }
        if (!glide(std::max(-most, std::min(wish, most)))) return;
        const int dy = flight.dy[static_cast<std::size_t>(phase)];
        for (int i = 0; i < std::abs(dy); ++i) {
            if (dy > 0 && hasFloor(m_body.x, m_body.y)) return stand();
            // A spring's top catches who falls on it; the end of the tick makes of it a throw.
            if (dy > 0 && m_world.springUnder(m_body.x, m_body.y) >= 0) return;
            if (dy < 0 && !isFree(m_body.x, m_body.y - 1)) {
                const int airJumps = m_body.table == 0 ? m_body.airJumps : allAirJumps();
                launch(m_tables->topPhase);
                m_body.airJumps = airJumps;
                return;
            }
            if (!moveTo(m_body.x, m_body.y + (dy > 0 ? 1 : -1))) return;
        }
        goOn(flight, letsGo);
    }
    /// Px by px sideways, as far as free; false if that ends the run.
    bool glide(int dx) {
        const int direction = dx < 0 ? -1 : 1;
        for (int i = 0; i < std::abs(dx) && isFree(m_body.x + direction, m_body.y); ++i)
            if (!moveTo(m_body.x + direction, m_body.y)) return false;
        return true;
    }
    /// The phase after a whole tick in the air.
    void goOn(const PhaseTable& flight, bool letsGo) {
        const bool mayLetGo = letsGo && m_body.table == 0 && has(Ability::ShortHop);
        const int hop = mayLetGo ? flight.phaseAfterLettingGo(m_body.phase) : -1;
        m_body.phase = hop >= 0 ? hop : flight.phaseAfter(m_body.phase);
        if (hop >= 0 || m_body.phase >= wallPushTicks()) m_body.push = 0;
        if (m_body.coyoteTicks > 0) --m_body.coyoteTicks;
    }

    void runHolding(const Input& input) {
        const bool isLadder = m_body.stance == Stance::Climbing;
        if (input.buttons & jumpButton) {
            launch(0);
            fly(input.dx, false);
        } else if (input.buttons & letGoButton) {
            launch(m_tables->topPhase);
        } else {
            moveHolding(input.dx, input.dy, paceIn(isLadder ? m_tables->climb : m_tables->swim),
                        isLadder);
        }
    }

    /// True if the body takes hold of a ladder or a liquid, and so makes this tick.
    bool takeHold(const Input& input) {
        const int pace = paceIn(m_tables->climb);
        if (has(Ability::Climb) && m_world.meetsLadder(m_body.x, m_body.y)) {
            moveHolding(input.dx, input.dy, pace, true);
            return true;
        }
        if (has(Ability::Climb) && m_body.stance == Stance::Standing && input.dx == 0 &&
            input.dy > 0 && pace > 0 && m_world.hasLadderTop(m_body.x, m_body.y) &&
            isLive(m_body.x, m_body.y + 1)) {
            moveTo(m_body.x, m_body.y + 1);
            moveHolding(0, input.dy - 1, pace - 1, true);
            return true;
        }
        if (has(Ability::Swim) && m_world.meetsLiquid(m_body.x, m_body.y)) {
            moveHolding(input.dx, input.dy, paceIn(m_tables->swim), false);
            return true;
        }
        return false;
    }

    /// |dx| px, then |dy| px, together at most `most`, over live positions that meet what is held.
    void moveHolding(int dx, int dy, int most, bool isLadder) {
        const auto holds = [&](int x, int y) {
            return isLive(x, y) &&
                   (isLadder ? m_world.meetsLadder(x, y) : m_world.meetsLiquid(x, y));
        };
        clearFlight(isLadder ? Stance::Climbing : Stance::Swimming);
        const int sideways = std::min(std::abs(dx), most);
        const int upright = std::min(std::abs(dy), most - sideways);
        for (int i = 0; i < sideways; ++i) {
            const int x = m_body.x + (dx < 0 ? -1 : 1);
            if (!holds(x, m_body.y)) break;
            moveTo(x, m_body.y);
        }
        for (int i = 0; i < upright; ++i) {
            const int y = m_body.y + (dy < 0 ? -1 : 1);
            if (!holds(m_body.x, y)) {
                const bool mayStepOff = isLadder && dy < 0 && isLive(m_body.x, y) &&
                                        !m_world.meetsLadder(m_body.x, y) && hasFloor(m_body.x, y);
                if (!mayStepOff) break;
                moveTo(m_body.x, y);
                return stand();
            }
            moveTo(m_body.x, y);
        }
        const int x = m_body.x;
        const int y = m_body.y;
        if (m_world.hasFixedFloor(x, y, m_now) || m_world.moverUnder(x, y, m_now.tick) >= 0 ||
            (has(Ability::Climb) && m_world.hasLadderTop(x, y) && !m_world.meetsLadder(x, y)))
            stand();
    }

    /// All that a body has in the air, and nothing else.
    void clearFlight(Stance stance) {
        m_body.stance = stance;
        m_body.phase = m_body.table = m_body.airJumps = 0;
        m_body.coyoteTicks = m_body.push = m_body.spring = 0;
    }
    void stand() { clearFlight(Stance::Standing); }
    void end() { clearFlight(Stance::Ended); }
    /// In the air at a phase of the body's own table, with all air jumps.
    void launch(int phase) {
        clearFlight(Stance::Airborne);
        m_body.phase = phase;
        m_body.airJumps = allAirJumps();
    }

    /// Springs throw who ends a tick on them; what was met is held from now on.
    void finish() {
        if (m_body.stance == Stance::Ended) return;
        if (m_body.stance != Stance::Standing && !m_world.parts().springs.empty()) {
            const int spring = m_world.springUnder(m_body.x, m_body.y);
            // A ladder's top is no floor for who holds on: else that body would stand by now.
            const bool holds =
                m_body.stance == Stance::Climbing || m_body.stance == Stance::Swimming;
            if (spring >= 0 && (holds || !hasFloor(m_body.x, m_body.y))) {
                clearFlight(Stance::Sprung);
                m_body.spring = spring;
            }
        }
        HeldSet held = m_body.held | m_met;
        if ((held & m_world.timedEffects()) != 0) held = whatLasts(held);
        held |= m_world.shutAt(m_body.x, m_body.y, held);
        if (m_swaps) held ^= swappedBit;
        if ((held & swappedBit) != 0) held = m_world.afterSwaps(m_body.held, held);
        if (held != m_body.held) hold(held);
    }

    /// Without what is over: a body has left the place where it counts, or its time is up.
    HeldSet whatLasts(HeldSet held) {
        const std::vector<Gain>& gains = m_world.parts().gains;
        std::size_t timer = 0;
        for (std::size_t i = 0; i < gains.size(); ++i) {
            const HeldSet bit = HeldSet{1} << i;
            if (gains[i].isLocal()) {
                const Box body{m_body.x, m_body.y, m_tables->bodyWidth, m_tables->bodyHeight};
                if (!overlaps(gains[i].keeps, body)) held &= ~bit;
            } else if (gains[i].lastsTicks > 0 && timer < mostTimers) {
                std::uint16_t& left = m_body.ticksLeft[timer++];
                if ((m_met & bit) != 0)
                    left = static_cast<std::uint16_t>(gains[i].lastsTicks);
                else if (left > 1)
                    --left;
                else if (left == 1 && !m_world.wouldShutOn(m_body.x, m_body.y, held, bit)) {
                    left = 0;
                    held &= ~bit;
                }
            }
        }
        return held;
    }

    /// From now on the body holds these.
    void hold(HeldSet held) {
        const AbilitySet before = m_now.abilities;
        const int profileBefore = m_profile;
        const int jumpsBefore = allAirJumps();
        m_body.held = held;
        m_now = momentNow();
        m_profile = m_world.profileOf(held);
        m_tables = &tablesOf(m_own, m_profile);
        const auto changes = [&](Ability ability) {
            return ((before ^ m_now.abilities) & setOf(ability)) != 0;
        };
        if (m_profile != profileBefore) {
            if (m_body.stance == Stance::Airborne) adaptFlight(jumpsBefore);
        } else if (m_body.stance == Stance::Airborne) {
            if (changes(Ability::AirJump)) m_body.airJumps = allAirJumps();
            if (!has(Ability::WallJump)) m_body.push = 0;
            if (!has(Ability::Coyote)) m_body.coyoteTicks = 0;
        }
        const bool letsGo = (m_body.stance == Stance::Climbing && !has(Ability::Climb)) ||
                            (m_body.stance == Stance::Swimming && !has(Ability::Swim));
        // A door that opens under the feet.
        const bool falls = m_body.stance == Stance::Standing && !m_tables->fromAbove &&
                           !hasFloor(m_body.x, m_body.y);
        if (letsGo || falls) launch(m_tables->topPhase);
        const bool isTouchedAgain = (before & ~m_now.abilities & setOf(Ability::Untouchable)) != 0;
        if ((m_tables->fromAbove || isTouchedAgain) && !isLive(m_body.x, m_body.y)) end();
    }
    /// Another profile is in force for a body in the air, in a spring's flight too.
    void adaptFlight(int jumpsBefore) {
        const int left = m_body.airJumps;
        launch(m_tables->topPhase);
        if (jumpsBefore > 0) m_body.airJumps = std::min(left, m_body.airJumps);
    }
    Moment momentNow() const {
        Moment now = m_world.momentOf(m_body.held, m_body.tick);
        now.beaten = &m_body.beaten;
        return now;
    }
    /// Those that are there again.
    void forgetBeaten() {
        BeatenList& list = m_body.beaten;
        list.erase(std::remove_if(list.begin(), list.end(),
                                  [&](const Beaten& each) {
                                      return each.until >= 0 && each.until <= m_body.tick;
                                  }),
                   list.end());
    }

    void meet() {
        if (!m_world.parts().gains.empty()) m_met |= m_world.gainsAt(m_body.x, m_body.y, m_isUsing);
    }

    /// Requires: free there. False if that ends the run.
    bool moveTo(int x, int y) {
        m_body.x = x;
        m_body.y = y;
        if (has(Ability::BeatsFoes)) m_world.addMet(x, y, m_now, m_body.beaten);
        if (!isLive(x, y)) {
            end();
            return false;
        }
        m_pass(x, y);
        meet();
        return true;
    }

    const Place& m_world;
    const MotionTables& m_own;
    int m_profile;
    const MotionTables* m_tables;  ///< of the profile in force
    Body& m_body;
    Pass& m_pass;
    Moment m_now;
    HeldSet m_met = 0;
    bool m_isUsing = false;
    bool m_swaps = false;
};

}  // namespace detail

/// Moves the body by one tick; `pass(int x, int y)` is told each live position on the way, in
/// order. A body that meets something deadly or leaves the level comes back as `Stance::Ended`.
/// Foes, shots and members of formations count only in a world whose parts have them
/// (`Parts::foes`, as rook_play.hpp gives it); in that of `Level::world` they are met by
/// `Level::catches`.
template <typename Place, typename Pass>
void step(const Place& world, const MotionTables& tables, Body& body, const Input& input,
          Pass&& pass) {
    detail::Tick<Place, std::remove_reference_t<Pass>>(world, tables, body, pass).run(input);
}

template <typename Place>
void step(const Place& world, const MotionTables& tables, Body& body, const Input& input) {
    step(world, tables, body, input, [](int, int) {});
}

}  // namespace rook::runtime
