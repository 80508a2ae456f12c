#include "puzzle/board.h"

#include <algorithm>
#include <map>

namespace rook::puzzle {

using level::Counter;
using level::Slot;
using level::SlotState;

namespace {

std::optional<int> colorOf(const level::Project& project, const std::string& name) {
    for (std::size_t i = 0; i < project.stackColors.size(); ++i)
        if (project.stackColors[i].name == name) return static_cast<int>(i) + 1;
    return std::nullopt;
}

play::Stack stackOf(const level::Project& project, const std::vector<std::string>& names) {
    play::Stack stack;
    for (const std::string& name : names)
        if (const auto color = colorOf(project, name))
            stack.push_back(static_cast<play::Color>(*color));
    return stack;
}

std::uint32_t slideDirections(level::SlideWay way, int directions) {
    switch (way) {
        case level::SlideWay::Any:
            return (1u << directions) - 1;
        case level::SlideWay::Across:
            return 0b0101;
        case level::SlideWay::Down:
            return 0b1010;
        case level::SlideWay::Not:
            return 0;
    }
    return 0;
}

bool hasMark(const Slot& slot, const std::string& mark) {
    return slot.state != SlotState::Gone &&
           std::find(slot.marks.begin(), slot.marks.end(), mark) != slot.marks.end();
}

play::Counter counterOf(const level::Project& project, const Counter& counter,
                        const Geometry& geometry) {
    play::Counter made;
    made.id = counter.id.text;
    made.kind = counter.kind.text;
    made.turn = counter.turn;
    if (!counter.isParked) made.slot = geometry.numberOf(counter.at);
    const level::Kind* kind = project.findKind(counter.kind);
    if (!kind) return made;
    made.cells.clear();
    for (const CellPoint cell : turnedFootprint(kind->counter.footprint, counter.turn))
        made.cells.emplace_back(cell.x, cell.y);
    made.slides = slideDirections(kind->counter.slides, geometry.directions());
    made.pushes = kind->counter.pushes;
    made.isPushed = kind->counter.isPushed;
    return made;
}

void addRule(const level::Project& project, const level::Puzzle& puzzle, const Geometry& geometry,
             play::Board& board) {
    const level::PuzzleRule& rule = puzzle.rule;
    board.rule = static_cast<play::Rule>(rule.name);
    board.slidesFar = rule.counts == level::MoveCount::Slides;
    board.capacity = static_cast<std::size_t>(rule.capacity);
    board.isOnlyNear = rule.isNear;
    board.collect = static_cast<std::size_t>(rule.collect);
    board.goalCount = rule.goal.atLeast;
    const auto isMarked = [&](const std::string& mark) {
        std::vector<char> slots(board.slotList.size(), 0);
        for (const Slot& slot : puzzle.slotList)
            if (const int at = geometry.numberOf(slot.at); at >= 0 && hasMark(slot, mark))
                slots[static_cast<std::size_t>(at)] = 1;
        return slots;
    };
    for (const level::CounterGoal& goal : rule.goal.counters)
        for (std::size_t i = 0; i < board.counters.size(); ++i)
            if (board.counters[i].id == goal.counter.text)
                board.goals.push_back({static_cast<int>(i), isMarked(goal.mark)});
    const std::vector<char> targets = isMarked(rule.goal.mark);
    for (std::size_t i = 0; i < targets.size(); ++i)
        if (targets[i] != 0) board.targets.push_back(static_cast<int>(i));
    for (const play::Counter& counter : board.counters)
        board.fits.push_back(rule.goal.kind.isEmpty() || counter.kind == rule.goal.kind.text ? 1
                                                                                             : 0);
    for (const level::QueuedStack& queued : rule.queue)
        board.queue.push_back(stackOf(project, queued.colors));
    const std::vector<std::string> names = talliesUsed(puzzle);
    board.tallies.assign(names.size(), 0);
    for (std::size_t i = 0; i < names.size(); ++i) {
        if (names[i] == rule.goal.tally) board.goalTally = static_cast<int>(i);
        for (const level::TallyStart& start : puzzle.tallies)
            if (start.tally == names[i]) board.tallies[i] = start.value;
    }
}

}  // namespace

std::vector<CellPoint> turnedFootprint(const std::vector<CellPoint>& footprint, int quarterTurns) {
    std::vector<CellPoint> cells = footprint;
    for (int turn = 0; turn < quarterTurns; ++turn)
        for (CellPoint& cell : cells)
            cell = {-cell.y, cell.x};
    return cells;
}

std::vector<CellPoint> slotsUnder(const level::Project& project, const level::Level& level,
                                  const Counter& counter) {
    std::vector<CellPoint> slots;
    if (counter.isParked) return slots;
    const Geometry geometry(level.puzzle.board);
    const level::Kind* kind = project.findKind(counter.kind);
    const std::vector<CellPoint> cells =
        kind ? turnedFootprint(kind->counter.footprint, counter.turn)
             : std::vector<CellPoint>{{0, 0}};
    for (const CellPoint cell : cells)
        if (const CellPoint at{counter.at.x + cell.x, counter.at.y + cell.y};
            geometry.numberOf(at) >= 0)
            slots.push_back(at);
    return slots;
}

level::Slot slotAt(const level::Puzzle& puzzle, CellPoint at) {
    const auto before = [](const Slot& slot, CellPoint place) {
        return std::pair(slot.at.y, slot.at.x) < std::pair(place.y, place.x);
    };
    const auto found = std::lower_bound(puzzle.slotList.begin(), puzzle.slotList.end(), at, before);
    if (found != puzzle.slotList.end() && found->at == at) return *found;
    Slot bare;
    bare.at = at;
    return bare;
}

std::vector<std::string> talliesUsed(const level::Puzzle& puzzle) {
    std::vector<std::string> names;
    const auto add = [&](const std::string& name) {
        if (!name.empty() && std::find(names.begin(), names.end(), name) == names.end())
            names.push_back(name);
    };
    if (puzzle.rule.name != level::PuzzleRuleName::Gather) return names;
    add(puzzle.rule.goal.tally);
    for (const Slot& slot : puzzle.slotList)
        if (slot.state == SlotState::Locked) add(slot.tally);
    return names;
}

Result<play::Board> boardOf(const level::Project& project, const level::Level& level) {
    for (const Flaw& flaw : flawsOf(project, level))
        if (!flaw.isNote)
            return fail(ErrorKind::NotApplicable, flaw.sentence, level.title, flaw.remedy);
    const level::Puzzle& puzzle = level.puzzle;
    const Geometry geometry(puzzle.board);
    play::Board board;
    if (puzzle.board.arrangement != level::Arrangement::Rings) {
        board.columns = puzzle.board.columns;
        board.rows = puzzle.board.rows;
    }
    board.directions = geometry.directions();
    board.slotList.resize(static_cast<std::size_t>(geometry.count()));
    const std::vector<std::string> tallies = talliesUsed(puzzle);
    for (const Slot& slot : puzzle.slotList) {
        const int at = geometry.numberOf(slot.at);
        if (at < 0) continue;
        play::Slot& made = board.slotList[static_cast<std::size_t>(at)];
        made.state = static_cast<play::SlotState>(slot.state);
        made.price = slot.price;
        made.stack = stackOf(project, slot.stack);
        const auto tally = std::find(tallies.begin(), tallies.end(), slot.tally);
        if (slot.state == SlotState::Locked && tally != tallies.end())
            made.tally = static_cast<int>(tally - tallies.begin());
    }
    const auto isGone = [&](int at) {
        return board.slotList[static_cast<std::size_t>(at)].state == play::SlotState::Gone;
    };
    for (int at = 0; at < geometry.count(); ++at) {
        std::vector<int>& next = board.slotList[static_cast<std::size_t>(at)].next;
        const CellPoint address = geometry.addressOf(at);
        if (board.directions == 0) {
            for (const CellPoint other : geometry.neighboursOf(address))
                if (const int number = geometry.numberOf(other); !isGone(number) && !isGone(at))
                    next.push_back(number);
            continue;
        }
        for (int direction = 0; direction < board.directions; ++direction) {
            const auto other = geometry.next(address, direction);
            const int number = other ? geometry.numberOf(*other) : -1;
            next.push_back(number < 0 || isGone(number) || isGone(at) ? -1 : number);
        }
    }
    for (const Counter& counter : puzzle.counters)
        board.counters.push_back(counterOf(project, counter, geometry));
    addRule(project, puzzle, geometry, board);
    return board;
}

}  // namespace rook::puzzle
