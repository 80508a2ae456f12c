#pragma once
/// The fields of puzzle levels and of what they share. See describe.h.

#include "level/describe.h"
#include "level/game.h"
#include "level/puzzle.h"

namespace rook::level {

template <>
struct Description<CounterTraits> {
    static void each(auto&& visit) {
        visit("footprint", &CounterTraits::footprint,
              range(-maxFootprintReach, maxFootprintReach).items(1, maxFootprint));
        visit("turns", &CounterTraits::turns, range(0, 3).items(1, 4));
        visit("moves", &CounterTraits::slides, plain);
        visit("pushes", &CounterTraits::pushes, plain);
        visit("pushed", &CounterTraits::isPushed, plain);
    }
};

template <>
struct Description<SlotBoard> {
    static void each(auto&& visit) {
        constexpr FieldRule places = range(-4096, limits::maxCoordinatePx);
        visit("arrangement", &SlotBoard::arrangement, plain.always());
        visit("columns", &SlotBoard::columns, range(1, maxSlotsAcross).always());
        visit("rows", &SlotBoard::rows, range(1, maxSlotsAcross).always());
        visit("rings", &SlotBoard::rings, range(1, maxSlotsOfRing).items(0, maxRings));
        visit("inner", &SlotBoard::inner, range(0, 16384));
        visit("pitch", &SlotBoard::pitch, range(0, 4096));
        visit("slot", &SlotBoard::slot, range(1, limits::maxCellPx).always());
        visit("gap", &SlotBoard::gap, range(-limits::maxCellPx, limits::maxCellPx));
        visit("origin", &SlotBoard::origin, places);
        visit("diagonals", &SlotBoard::hasDiagonals, plain);
        visit("points", &SlotBoard::points, plain);
        visit("snap", &SlotBoard::snap, range(1, limits::maxCellPx));
    }
};

template <>
struct Description<Slot> {
    static void each(auto&& visit) {
        visit("at", &Slot::at, range(0, maxSlotsOfRing - 1).required());
        visit("state", &Slot::state, plain);
        visit("price", &Slot::price, range(0, greatestTally));
        visit("tally", &Slot::tally, plain);
        visit("marks", &Slot::marks, listOf(64));
        visit("stack", &Slot::stack, listOf(maxSlotStack));
        visit("fields", byHand(&Slot::fields));
    }
};

template <>
struct Description<Counter> {
    static void each(auto&& visit) {
        visit("id", &Counter::id, plainName);
        visit("kind", &Counter::kind, plainName);
        visit("at", &Counter::at, range(0, maxSlotsOfRing - 1));
        visit("px", &Counter::px, coordinate);
        visit("turn", &Counter::turn, range(0, 3));
        visit("parked", &Counter::isParked, plain);
    }
};

template <>
struct Description<CounterGoal> {
    static void each(auto&& visit) {
        visit("counter", &CounterGoal::counter, plainName);
        visit("mark", &CounterGoal::mark, plain.required());
    }
};

template <>
struct Description<QueuedStack> {
    static void each(auto&& visit) {
        visit("colors", &QueuedStack::colors, listOf(maxSlotStack).always());
    }
};

template <>
struct Description<PuzzleGoal> {
    static void each(auto&& visit) {
        visit("counters", &PuzzleGoal::counters, listOf(maxCounters));
        visit("mark", &PuzzleGoal::mark, plain);
        visit("kind", &PuzzleGoal::kind, plain);
        visit("tally", &PuzzleGoal::tally, plain);
        visit("atLeast", &PuzzleGoal::atLeast, range(-greatestTally, greatestTally));
    }
};

template <>
struct Description<PuzzleRule> {
    static void each(auto&& visit) {
        visit("name", &PuzzleRule::name, plain.required());
        visit("counts", &PuzzleRule::counts, plain);
        visit("capacity", &PuzzleRule::capacity, range(1, maxSlotStack));
        visit("near", &PuzzleRule::isNear, plain);
        visit("collect", &PuzzleRule::collect, range(2, maxSlotStack));
        visit("goal", &PuzzleRule::goal, plain);
        visit("queue", &PuzzleRule::queue, listOf(maxQueue));
    }
};

template <>
struct Description<TallyStart> {
    static void each(auto&& visit) {
        visit("tally", &TallyStart::tally, plainName);
        visit("value", &TallyStart::value, range(-greatestTally, greatestTally).always());
    }
};

template <>
struct Description<Puzzle> {
    static constexpr bool isLong = true;
    static void each(auto&& visit) {
        visit("board", &Puzzle::board, plain.always());
        visit("slots", &Puzzle::slotList, listOf(maxSlotsAcross * maxSlotsAcross).unique());
        visit("counters", &Puzzle::counters, listOf(maxCounters).unique());
        visit("roster", &Puzzle::roster, plain);
        visit("rule", &Puzzle::rule, plain);
        visit("tallies", &Puzzle::tallies, listOf(maxTallies).unique());
    }
};

template <>
struct Description<RosterCounter> {
    static void each(auto&& visit) {
        visit("id", &RosterCounter::id, plainName);
        visit("kind", &RosterCounter::kind, plainName);
    }
};

template <>
struct Description<Roster> {
    static void each(auto&& visit) {
        visit("name", &Roster::name, plainName);
        visit("counters", &Roster::counters, listOf(maxCounters).unique().always());
        visit("park", &Roster::park, coordinate);
    }
};

template <>
struct Description<StackColor> {
    static void each(auto&& visit) {
        visit("name", &StackColor::name, plainName);
        visit("title", &StackColor::title, title);
        visit("color", &StackColor::color, color);
    }
};

}  // namespace rook::level
