#include "puzzle/edits.h"

#include <algorithm>
#include <map>
#include <set>

#include "base/limits.h"
#include "level/fresh_id.h"

namespace rook::puzzle {

using level::Counter;
using level::Level;
using level::LevelEdit;
using level::Project;
using level::Slot;
using level::SlotState;

namespace {

std::pair<int, int> orderOf(CellPoint at) {
    return {at.y, at.x};
}

/// Cells as far as the board reaches, with a border as wide as before it.
void fitCells(Level& level) {
    const Geometry geometry(level.puzzle.board);
    const PxRect bounds = geometry.bounds();
    if (bounds.isEmpty()) return;
    const auto cellsFor = [](int first, int end, int size) {
        const int border = std::clamp(first, size, 64);
        return std::clamp((end + border + size - 1) / size, 1, limits::maxBoardCells);
    };
    const int columns = cellsFor(bounds.x, bounds.right(), level.cellSize.width);
    const int rows = cellsFor(bounds.y, bounds.bottom(), level.cellSize.height);
    if (columns == level.cells.width() && rows == level.cells.height()) return;
    level.cells = Grid<level::Cell>(columns, rows);
}

/// How many counters stand on each slot. Cost: the counters, once.
class Occupancy {
public:
    /// `without` is left out.
    Occupancy(const Project& project, const Level& level, const EntityId& without = {})
        : m_project(project), m_level(level), m_geometry(level.puzzle.board) {
        m_counts.assign(static_cast<std::size_t>(m_geometry.count()), 0);
        for (const Counter& counter : level.puzzle.counters)
            if (counter.id != without) add(counter);
    }
    void add(const Counter& counter) {
        std::set<int> numbers;
        for (const CellPoint slot : slotsUnder(m_project, m_level, counter))
            numbers.insert(m_geometry.numberOf(slot));
        for (const int number : numbers)
            ++m_counts[static_cast<std::size_t>(number)];
    }
    /// All of it on plain slots, with at most so many there: 1 = it is among them.
    [[nodiscard]] bool hasRoom(const Counter& counter, int most) const {
        if (m_level.puzzle.board.arrangement == level::Arrangement::Free) return true;
        const level::Kind* kind = m_project.findKind(counter.kind);
        const std::size_t cells = kind ? kind->counter.footprint.size() : 1;
        const std::vector<CellPoint> slots = slotsUnder(m_project, m_level, counter);
        if (slots.size() != cells) return false;
        for (const CellPoint at : slots)
            if (m_counts[static_cast<std::size_t>(m_geometry.numberOf(at))] > most ||
                slotAt(m_level.puzzle, at).state != SlotState::Plain)
                return false;
        return true;
    }

private:
    const Project& m_project;
    const Level& m_level;
    Geometry m_geometry;
    std::vector<int> m_counts;
};

/// Whether the counter has room there, among others and on plain slots.
bool hasRoom(const Project& project, const Level& level, const Counter& counter) {
    return Occupancy(project, level, counter.id).hasRoom(counter, 0);
}

void put(Level& level, const Counter& counter) {
    level.puzzle.counters.edit([&](auto& list) {
        for (Counter& each : list)
            if (each.id == counter.id) each = counter;
    });
}

tl::unexpected<Error> noRoom(const Level& level, const std::string& what, CellPoint at) {
    return fail(ErrorKind::NotApplicable,
                what + " has no room on slot " + std::to_string(at.x) + ", " + std::to_string(at.y),
                level.title, "Choose plain slots that are free");
}

tl::unexpected<Error> notThere(const Level& level, const EntityId& id) {
    return fail(ErrorKind::BadReference, "There is no counter " + id.text, level.title,
                "Choose another");
}

LevelEdit editOf(Level level, std::string name) {
    const CellRect touched = level.cells.bounds();
    return {std::move(level), std::move(name), touched};
}

std::string counterCountText(std::size_t count) {
    return std::to_string(count) + (count == 1 ? " counter" : " counters");
}

/// Those that cannot stand where they are any more are parked; gives how many.
std::size_t parkHomeless(const Project& project, Level& level) {
    const Occupancy occupancy(project, level);
    std::vector<EntityId> homeless;
    for (const Counter& counter : level.puzzle.counters)
        if (!counter.isParked && !occupancy.hasRoom(counter, 1)) homeless.push_back(counter.id);
    level = parkCounters(level, homeless).level;
    return homeless.size();
}

}  // namespace

const Counter* findCounter(const level::Puzzle& puzzle, const EntityId& id) {
    for (const Counter& counter : puzzle.counters)
        if (counter.id == id) return &counter;
    return nullptr;
}

const Counter* counterOn(const Project& project, const Level& level, CellPoint at) {
    const Counter* found = nullptr;
    for (const Counter& counter : level.puzzle.counters) {
        const std::vector<CellPoint> slots = slotsUnder(project, level, counter);
        if (std::find(slots.begin(), slots.end(), at) != slots.end()) found = &counter;
    }
    return found;
}

std::string slotCountText(std::size_t count) {
    return std::to_string(count) + (count == 1 ? " slot" : " slots");
}

Result<level::AddedLevel> addLevel(const Project& project, const level::NewLevel& wish) {
    auto added = level::addLevel(project, wish);
    if (!added) return added;
    Level level = *added->edit.project.findLevel(added->level);
    level.puzzle.board.origin = {16, 16};
    fitCells(level);
    added->edit.project = added->edit.project.withLevel(std::move(level));
    return added;
}

Result<BoardChange> changeBoard(const Project& project, const Level& level,
                                const level::SlotBoard& board) {
    if (const auto flaw = level::flawOf(board))
        return fail(ErrorKind::OutOfRange, *flaw, level.title, "Give other numbers");
    BoardChange change{editOf(level, "Change the board"), {}};
    Level& next = change.edit.level;
    next.puzzle.board = board;
    const Geometry geometry(board);
    std::size_t lost = 0;
    next.puzzle.slotList.edit([&](auto& slots) {
        lost =
            std::erase_if(slots, [&](const Slot& slot) { return geometry.numberOf(slot.at) < 0; });
    });
    if (lost > 0)
        change.consequences.push_back(slotCountText(lost) + " that " + (lost == 1 ? "is" : "are") +
                                      " not plain and bare would go");
    const std::size_t parked = parkHomeless(project, next);
    if (parked > 0) change.consequences.push_back(counterCountText(parked) + " would be parked");
    using level::PuzzleRuleName;
    const PuzzleRuleName rule = level.puzzle.rule.name;
    const bool isSquare = board.arrangement == level::Arrangement::Square;
    const bool isGrid = isSquare || board.arrangement == level::Arrangement::Hex;
    const bool hasRule = rule == PuzzleRuleName::None ||
                         (rule == PuzzleRuleName::Slide && isSquare) ||
                         (rule == PuzzleRuleName::Push && isGrid) ||
                         ((rule == PuzzleRuleName::Pour || rule == PuzzleRuleName::Gather) &&
                          board.arrangement != level::Arrangement::Free);
    if (!hasRule)
        change.consequences.push_back("The rule " + std::string(nameOf(rule)) +
                                      " cannot be played on it");
    fitCells(next);
    change.edit.touched = next.cells.bounds();
    return change;
}

LevelEdit changeSlots(const Project& project, const Level& level,
                      const std::vector<CellPoint>& slots, const std::function<void(Slot&)>& change,
                      const std::string& name) {
    const Geometry geometry(level.puzzle.board);
    std::map<std::pair<int, int>, Slot> all;
    for (const Slot& slot : level.puzzle.slotList)
        all.emplace(orderOf(slot.at), slot);
    for (const CellPoint at : slots) {
        if (geometry.numberOf(at) < 0) continue;
        Slot bare;
        bare.at = at;
        change(all.try_emplace(orderOf(at), bare).first->second);
    }
    std::vector<Slot> kept;
    for (auto& [order, slot] : all)
        if (!slot.isBare()) kept.push_back(std::move(slot));
    LevelEdit edit = editOf(level, name);
    if (std::equal(kept.begin(), kept.end(), level.puzzle.slotList.begin(),
                   level.puzzle.slotList.end())) {
        edit.touched = {};
        return edit;
    }
    edit.level.puzzle.slotList = std::move(kept);
    (void)parkHomeless(project, edit.level);
    return edit;
}

Result<LevelEdit> addCounter(const Project& project, const Level& level, const KindId& kind,
                             CellPoint at) {
    return addRow(project, level, kind, {at});
}

Result<LevelEdit> addRow(const Project& project, const Level& level, const KindId& kindId,
                         const std::vector<CellPoint>& slots) {
    if (!level.puzzle.roster.empty())
        return fail(ErrorKind::NotApplicable,
                    "The counters of this level are those of the roster " + level.puzzle.roster,
                    level.title, "Add one to the roster, or place a parked one");
    const level::Kind* kind = project.findKind(kindId);
    if (!kind || kind->role != level::Role::Counter)
        return fail(ErrorKind::NotApplicable, "\"" + kindId.text + "\" is no kind of counter",
                    level.title, "Choose another kind");
    LevelEdit edit = editOf(level, {});
    Occupancy occupancy(project, level);
    std::size_t count = 0;
    for (const CellPoint at : slots) {
        if (edit.level.puzzle.counters.size() >= level::maxCounters)
            return fail(ErrorKind::OutOfRange,
                        "A level has at most " + std::to_string(level::maxCounters) + " counters",
                        level.title, "Take some out");
        Counter counter;
        counter.kind = kindId;
        counter.id = level::freshIdAmong(edit.level.puzzle.counters, kindId);
        counter.at = at;
        counter.turn = kind->counter.turns.empty() ? 0 : kind->counter.turns.front();
        if (!occupancy.hasRoom(counter, 0)) continue;
        occupancy.add(counter);
        edit.level.puzzle.counters.edit([&](auto& list) { list.push_back(counter); });
        ++count;
    }
    if (count == 0) return noRoom(level, kind->title, slots.empty() ? CellPoint{} : slots.front());
    edit.name = count == 1 ? "Place " + (edit.level.puzzle.counters.end() - 1)->id.text
                           : "Place " + std::to_string(count) + " x " + kind->title;
    return edit;
}

Result<LevelEdit> layParked(const Project& project, const Level& level,
                            const std::vector<EntityId>& parked,
                            const std::vector<CellPoint>& slots) {
    LevelEdit edit = editOf(level, {});
    Occupancy occupancy(project, level);
    std::size_t next = 0, count = 0;
    for (const CellPoint at : slots) {
        if (next == parked.size()) break;
        const Counter* found = findCounter(edit.level.puzzle, parked[next]);
        if (!found) return notThere(level, parked[next]);
        Counter counter = *found;
        counter.isParked = false;
        counter.at = at;
        if (!occupancy.hasRoom(counter, 0)) continue;
        occupancy.add(counter);
        put(edit.level, counter);
        edit.name = "Place " + counter.id.text;
        ++next;
        ++count;
    }
    if (count == 0)
        return parked.empty() ? fail(ErrorKind::NotApplicable, "No counter is parked", level.title,
                                     "Add one to the roster")
                              : noRoom(level, parked.front().text,
                                       slots.empty() ? CellPoint{} : slots.front());
    if (count > 1) edit.name = "Place " + counterCountText(count);
    return edit;
}

Result<LevelEdit> moveCounter(const Project& project, const Level& level, const EntityId& id,
                              CellPoint at) {
    const Counter* found = findCounter(level.puzzle, id);
    if (!found) return notThere(level, id);
    Counter counter = *found;
    counter.isParked = false;
    counter.at = at;
    if (!hasRoom(project, level, counter)) return noRoom(level, id.text, at);
    LevelEdit edit = editOf(level, (found->isParked ? "Place " : "Move ") + id.text);
    put(edit.level, counter);
    return edit;
}

Result<LevelEdit> moveCounters(const Project& project, const Level& level,
                               const std::vector<EntityId>& ids, CellPoint by) {
    LevelEdit edit = editOf(level, ids.size() == 1 ? "Move " + ids.front().text
                                                   : "Move " + counterCountText(ids.size()));
    std::set<EntityId> missing(ids.begin(), ids.end());
    std::vector<Counter> moved;
    edit.level.puzzle.counters.edit([&](auto& list) {
        for (Counter& counter : list) {
            if (missing.erase(counter.id) == 0 || counter.isParked) continue;
            counter.at.x += by.x;
            counter.at.y += by.y;
            moved.push_back(counter);
        }
    });
    if (!missing.empty()) return notThere(level, *missing.begin());
    const Occupancy occupancy(project, edit.level);
    for (const Counter& counter : moved)
        if (!occupancy.hasRoom(counter, 1)) return noRoom(level, counter.id.text, counter.at);
    return edit;
}

Result<LevelEdit> moveCounterTo(const Level& level, const EntityId& id, PxPoint px) {
    const Counter* found = findCounter(level.puzzle, id);
    if (!found) return notThere(level, id);
    const int snap = std::max(1, level.puzzle.board.snap);
    Counter counter = *found;
    counter.isParked = false;
    counter.px = {floorDivide(px.x + snap / 2, snap) * snap,
                  floorDivide(px.y + snap / 2, snap) * snap};
    LevelEdit edit = editOf(level, (found->isParked ? "Place " : "Move ") + id.text);
    put(edit.level, counter);
    return edit;
}

LevelEdit parkCounters(const Level& level, const std::vector<EntityId>& ids) {
    LevelEdit edit = editOf(level, ids.size() == 1 ? "Park " + ids.front().text
                                                   : "Park " + counterCountText(ids.size()));
    if (ids.empty()) return edit;
    const std::set<EntityId> wanted(ids.begin(), ids.end());
    edit.level.puzzle.counters.edit([&](auto& list) {
        for (Counter& counter : list) {
            if (counter.isParked || !wanted.contains(counter.id)) continue;
            counter.isParked = true;
            counter.at = {};
            counter.px = {};
        }
    });
    return edit;
}

Result<LevelEdit> turnCounter(const Project& project, const Level& level, const EntityId& id) {
    const Counter* found = findCounter(level.puzzle, id);
    if (!found) return notThere(level, id);
    const level::Kind* kind = project.findKind(found->kind);
    if (!kind || kind->counter.turns.size() < 2)
        return fail(ErrorKind::NotApplicable, id.text + " may not be turned", level.title,
                    "Allow it more turns in its kind");
    for (int by = 1; by < 4; ++by) {
        Counter counter = *found;
        counter.turn = (found->turn + by) % 4;
        const auto& turns = kind->counter.turns;
        if (std::find(turns.begin(), turns.end(), counter.turn) == turns.end()) continue;
        if (!found->isParked && !hasRoom(project, level, counter)) continue;
        LevelEdit edit = editOf(level, "Turn " + id.text);
        put(edit.level, counter);
        return edit;
    }
    return noRoom(level, id.text + ", turned,", found->at);
}

Result<LevelEdit> swapCounters(const Project& project, const Level& level, const EntityId& a,
                               const EntityId& b) {
    const Counter* first = findCounter(level.puzzle, a);
    const Counter* second = findCounter(level.puzzle, b);
    if (!first) return notThere(level, a);
    if (!second) return notThere(level, b);
    Counter one = *first, other = *second;
    std::swap(one.at, other.at);
    std::swap(one.px, other.px);
    std::swap(one.isParked, other.isParked);
    LevelEdit edit = editOf(level, "Swap " + a.text + " and " + b.text);
    put(edit.level, one);
    put(edit.level, other);
    for (const Counter& counter : {one, other})
        if (!counter.isParked && !hasRoom(project, edit.level, counter))
            return noRoom(level, counter.id.text, counter.at);
    return edit;
}

LevelEdit removeCounters(const Level& level, const std::vector<EntityId>& ids) {
    if (!level.puzzle.roster.empty()) return parkCounters(level, ids);
    LevelEdit edit = editOf(level, ids.size() == 1 ? "Delete " + ids.front().text
                                                   : "Delete " + counterCountText(ids.size()));
    const std::set<EntityId> wanted(ids.begin(), ids.end());
    edit.level.puzzle.counters.edit([&](auto& list) {
        std::erase_if(list, [&](const Counter& counter) { return wanted.contains(counter.id); });
    });
    return edit;
}

LevelEdit changeRule(const Level& level, const std::function<void(level::PuzzleRule&)>& change,
                     const std::string& name) {
    LevelEdit edit = editOf(level, name);
    change(edit.level.puzzle.rule);
    return edit;
}

LevelEdit setTallyStart(const Level& level, const std::string& tally, std::optional<int> value) {
    LevelEdit edit = editOf(level, "Start of the tally " + tally);
    auto& tallies = edit.level.puzzle.tallies;
    std::erase_if(tallies, [&](const level::TallyStart& start) { return start.tally == tally; });
    if (value) tallies.push_back({tally, *value});
    return edit;
}

LevelEdit takeState(const Project& project, const Level& level, const play::State& state,
                    const std::string& name) {
    LevelEdit edit = editOf(level, name);
    const Geometry geometry(level.puzzle.board);
    edit.level.puzzle.counters.edit([&](auto& list) {
        for (std::size_t i = 0; i < list.size() && i < state.at.size(); ++i) {
            list[i].isParked = state.at[i] < 0;
            list[i].at = state.at[i] < 0 ? CellPoint{} : geometry.addressOf(state.at[i]);
        }
    });
    if (state.stacks.empty()) return edit;
    std::vector<CellPoint> slots;
    for (int n = 0; n < geometry.count(); ++n)
        slots.push_back(geometry.addressOf(n));
    edit.level = changeSlots(
                     project, edit.level, slots,
                     [&](Slot& slot) {
                         if (slot.state != SlotState::Plain) return;
                         slot.stack.clear();
                         for (const play::Color color :
                              state.stacks[static_cast<std::size_t>(geometry.numberOf(slot.at))])
                             slot.stack.push_back(
                                 project.stackColors[static_cast<std::size_t>(color - 1)].name);
                     },
                     name)
                     .level;
    return edit;
}

}  // namespace rook::puzzle
