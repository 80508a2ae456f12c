#pragma once
/// Small random puzzle levels, of every arrangement and rule.

#include "base/random.h"
#include "level/project.h"
#include "puzzle/geometry.h"

namespace rook::testing {

/// Kinds of counters, two tallies and four colours.
inline level::Project puzzleProject() {
    level::Project project;
    project.name = "Puzzles";
    const auto kind = [](const char* id, std::vector<CellPoint> footprint) {
        level::Kind made;
        made.id = {id};
        made.title = id;
        made.role = level::Role::Counter;
        made.counter.footprint = std::move(footprint);
        made.counter.turns = {0, 1, 2, 3};
        return made;
    };
    std::vector<level::Kind> kinds{
        kind("cask", {{0, 0}}), kind("bell", {{0, 0}}), kind("barge", {{0, 0}, {1, 0}}),
        kind("hook", {{0, 0}, {1, 0}, {0, 1}}), kind("keeper", {{0, 0}})};
    kinds[0].counter.isPushed = true;
    kinds[1].counter.isPushed = true;
    kinds[1].counter.pushes = true;
    kinds[1].counter.slides = level::SlideWay::Down;
    kinds[2].counter.slides = level::SlideWay::Across;
    kinds[4].counter.pushes = true;
    project.kinds = kinds;
    for (const char* name : {"silt", "ore"}) {
        level::Tally tally;
        tally.name = tally.title = name;
        project.game.tallies.push_back(tally);
    }
    for (const char* name : {"ochre", "plum", "moss", "slate"}) {
        level::StackColor color;
        color.name = color.title = name;
        project.stackColors.edit([&](auto& list) { list.push_back(color); });
    }
    return project;
}

inline level::SlotBoard randomSlotBoard(Random& random, level::Arrangement arrangement) {
    level::SlotBoard board;
    board.arrangement = arrangement;
    board.columns = random.between(1, 5);
    board.rows = random.between(1, 4);
    board.hasDiagonals = random.chance(30);
    board.points = random.chance(50) ? level::HexPoints::Up : level::HexPoints::Side;
    board.slot = {random.between(8, 40), random.between(8, 40)};
    board.gap = {random.between(-4, 6), random.between(-4, 6)};
    board.origin = {random.between(-20, 60), random.between(-20, 60)};
    board.inner = random.between(10, 60);
    board.pitch = random.between(8, 50);
    board.rings.clear();
    for (int i = random.between(1, 3); i > 0; --i)
        board.rings.push_back(random.between(1, 6));
    return board;
}

namespace detail {

inline std::vector<std::string> randomStack(Random& random, int most) {
    static const char* const names[] = {"ochre", "plum", "moss", "slate"};
    std::vector<std::string> stack;
    for (int i = random.between(0, most); i > 0; --i)
        stack.emplace_back(names[random.between(0, 2)]);
    return stack;
}

inline void addSlots(Random& random, level::Puzzle& puzzle, const puzzle::Geometry& geometry) {
    using level::PuzzleRuleName;
    using level::SlotState;
    const PuzzleRuleName rule = puzzle.rule.name;
    const bool isOfStacks = rule == PuzzleRuleName::Pour || rule == PuzzleRuleName::Gather;
    std::vector<level::Slot> places;
    for (int n = 0; n < geometry.count(); ++n) {
        level::Slot slot;
        slot.at = geometry.addressOf(n);
        if (random.chance(12)) slot.state = SlotState::Blocked;
        if (random.chance(8)) slot.state = SlotState::Gone;
        if (random.chance(10)) {
            slot.state = SlotState::Locked;
            slot.tally = random.chance(60) ? "ore" : "silt";
            slot.price = random.between(0, 4);
        }
        if (random.chance(rule == PuzzleRuleName::Push ? 9 : 25)) slot.marks.emplace_back("rest");
        const bool isBearing = slot.state == SlotState::Plain || slot.state == SlotState::Locked;
        if (isOfStacks && isBearing && random.chance(rule == PuzzleRuleName::Pour ? 70 : 35))
            slot.stack =
                randomStack(random, rule == PuzzleRuleName::Pour ? puzzle.rule.capacity : 3);
        if (!slot.isBare()) places.push_back(slot);
    }
    puzzle.slotList = places;
}

inline void addCounters(Random& random, const level::Project& project, level::Puzzle& puzzle,
                        const puzzle::Geometry& geometry) {
    const bool isPush = puzzle.rule.name == level::PuzzleRuleName::Push;
    for (int i = random.between(1, 4); i > 0; --i) {
        level::Counter counter;
        counter.id = {"one-" + std::to_string(i)};
        const int kinds = isPush ? 1 : 3;
        counter.kind = project.kinds[std::size_t(random.between(0, kinds))].id;
        if (isPush && i == 1) counter.kind = {"keeper"};
        counter.turn = random.chance(60) ? 0 : random.between(0, 3);
        counter.at = geometry.addressOf(random.between(0, geometry.count() - 1));
        counter.isParked = random.chance(8);
        puzzle.counters.edit([&](auto& list) { list.push_back(counter); });
    }
}

}  // namespace detail

/// Now and then one that is flawed.
inline level::Level randomPuzzle(Random& random, const level::Project& project,
                                 level::PuzzleRuleName rule) {
    using level::Arrangement;
    using level::PuzzleRuleName;
    level::Level level;
    level.id = {"board"};
    level.title = "Board";
    level.kind = level::LevelKind::Puzzle;
    level::Puzzle& puzzle = level.puzzle;
    const int last = rule == PuzzleRuleName::Slide ? 0 : rule == PuzzleRuleName::Push ? 1 : 2;
    puzzle.board = randomSlotBoard(random, static_cast<Arrangement>(random.between(0, last)));
    puzzle.rule.name = rule;
    puzzle.rule.counts = random.chance(50) ? level::MoveCount::Steps : level::MoveCount::Slides;
    puzzle.rule.capacity = random.between(1, 4);
    puzzle.rule.isNear = random.chance(40);
    puzzle.rule.collect = random.between(2, 4);
    puzzle.rule.goal.mark = "rest";
    if (random.chance(15)) puzzle.rule.goal.kind = {random.chance(50) ? "cask" : "bell"};
    puzzle.rule.goal.tally = "silt";
    puzzle.rule.goal.atLeast = random.between(1, 8);
    if (random.chance(60)) puzzle.tallies = {{"ore", random.between(0, 6)}};
    if (random.chance(20)) puzzle.tallies.push_back({"silt", random.between(0, 2)});
    const puzzle::Geometry geometry(puzzle.board);
    detail::addSlots(random, puzzle, geometry);
    if (rule == PuzzleRuleName::Slide || rule == PuzzleRuleName::Push)
        detail::addCounters(random, project, puzzle, geometry);
    if (rule == PuzzleRuleName::Slide)
        for (const level::Counter& counter : puzzle.counters)
            if (puzzle.rule.goal.counters.empty() || random.chance(25))
                puzzle.rule.goal.counters.push_back({counter.id, "rest"});
    for (int i = random.between(0, 4); rule == PuzzleRuleName::Gather && i > 0; --i) {
        level::QueuedStack queued;
        queued.colors = detail::randomStack(random, 3);
        if (!queued.colors.empty())
            puzzle.rule.queue.edit([&](auto& list) { list.push_back(queued); });
    }
    return level;
}

}  // namespace rook::testing
