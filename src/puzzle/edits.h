#pragma once
/// Edits of puzzle levels. Slots are named by their address, counters by their id.

#include <functional>

#include "level/edits.h"
#include "level/running_order.h"
#include "puzzle/board.h"

namespace rook::puzzle {

/// As `level::addLevel`, with a board in the middle of it. Requires: a wish of that kind.
[[nodiscard]] Result<level::AddedLevel> addLevel(const level::Project& project,
                                                 const level::NewLevel& wish);

/// Another board, with what would be lost by it: slots that it does not have any more go with what
/// they hold, and counters that stood there are parked.
struct BoardChange {
    level::LevelEdit edit;
    std::vector<std::string> consequences;
};
/// Errors: OutOfRange where slots cannot lie so.
[[nodiscard]] Result<BoardChange> changeBoard(const level::Project& project,
                                              const level::Level& level,
                                              const level::SlotBoard& board);

/// Changes each of these slots; those that the board does not have are left out, and so is what
/// becomes bare. Counters that could not stand there any more are parked. An edit that changes
/// nothing has no cells. `name`: "Block 4 slots".
[[nodiscard]] level::LevelEdit changeSlots(const level::Project& project, const level::Level& level,
                                           const std::vector<CellPoint>& at,
                                           const std::function<void(level::Slot&)>& change,
                                           const std::string& name);
/// "1 slot", "4 slots".
[[nodiscard]] std::string slotCountText(std::size_t count);

/// A counter of that kind stands there from now on, with an id of its own. Errors: NotApplicable in
/// a level of a roster, for a kind that is no counter, or where there is no room; OutOfRange above
/// 2,000.
[[nodiscard]] Result<level::LevelEdit> addCounter(const level::Project& project,
                                                  const level::Level& level, const KindId& kind,
                                                  CellPoint at);
/// Sets a counter down there, a parked one too. Errors: BadReference; NotApplicable where there is
/// no room.
[[nodiscard]] Result<level::LevelEdit> moveCounter(const level::Project& project,
                                                   const level::Level& level, const EntityId& id,
                                                   CellPoint at);
/// Several at once by so many columns and rows; as `moveCounter`.
[[nodiscard]] Result<level::LevelEdit> moveCounters(const level::Project& project,
                                                    const level::Level& level,
                                                    const std::vector<EntityId>& ids, CellPoint by);
/// Of free boards: its corner, snapped. Errors: BadReference.
[[nodiscard]] Result<level::LevelEdit> moveCounterTo(const level::Level& level, const EntityId& id,
                                                     PxPoint px);
/// Off the board, into the strip beside it. What is not there is left out.
[[nodiscard]] level::LevelEdit parkCounters(const level::Level& level,
                                            const std::vector<EntityId>& ids);
/// To the next of the turns that its kind allows in which it has room. Errors: NotApplicable.
[[nodiscard]] Result<level::LevelEdit> turnCounter(const level::Project& project,
                                                   const level::Level& level, const EntityId& id);
/// Each takes the other's place. Errors: BadReference; NotApplicable where one has no room.
[[nodiscard]] Result<level::LevelEdit> swapCounters(const level::Project& project,
                                                    const level::Level& level, const EntityId& a,
                                                    const EntityId& b);
/// Takes them out; those of a roster are parked. What goals say of them stays, and is told.
[[nodiscard]] level::LevelEdit removeCounters(const level::Level& level,
                                              const std::vector<EntityId>& ids);
/// Counters of a kind on slot after slot, as far as there is room; at least one. Errors: as
/// `addCounter`.
[[nodiscard]] Result<level::LevelEdit> addRow(const level::Project& project,
                                              const level::Level& level, const KindId& kind,
                                              const std::vector<CellPoint>& at);
/// Of a level with a roster: its parked ones take the slots, as listed. Errors: NotApplicable if
/// none is parked or has room.
[[nodiscard]] Result<level::LevelEdit> layParked(const level::Project& project,
                                                 const level::Level& level,
                                                 const std::vector<EntityId>& parked,
                                                 const std::vector<CellPoint>& at);

/// What the rule is, with its numbers, goal and queue; what the tallies are at the start.
[[nodiscard]] level::LevelEdit changeRule(const level::Level& level,
                                          const std::function<void(level::PuzzleRule&)>& change,
                                          const std::string& name);
[[nodiscard]] level::LevelEdit setTallyStart(const level::Level& level, const std::string& tally,
                                             std::optional<int> value);

/// The colours that stacks are made of. One whose name changes in its place keeps that place:
/// stacks and queues follow. Errors: OutOfRange above 64; BadReference for a name that is not plain
/// or twice.
[[nodiscard]] Result<level::ProjectEdit> setStackColors(
    const level::Project& project, const std::vector<level::StackColor>& colors);

/// Counters and stacks stand as in that state. Requires: a state of the level's board.
[[nodiscard]] level::LevelEdit takeState(const level::Project& project, const level::Level& level,
                                         const play::State& state, const std::string& name);

/// The counter of that id, or null.
[[nodiscard]] const level::Counter* findCounter(const level::Puzzle& puzzle, const EntityId& id);
/// That stands on the slot, or null; of several the last.
[[nodiscard]] const level::Counter* counterOn(const level::Project& project,
                                              const level::Level& level, CellPoint at);

}  // namespace rook::puzzle
