#include "app/steps/puzzle/puzzle_definition.h"

#include <algorithm>
#include <set>

#include "app/session/session.h"
#include "app/steps/puzzle/puzzle_on_board.h"
#include "app/steps/puzzle/puzzle_options.h"
#include "app/steps/puzzle/puzzle_sections.h"
#include "app/steps/puzzle/puzzle_tools.h"
#include "app/steps/puzzle/puzzle_tray.h"
#include "app/ui/words.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace {

StationState stateOfSlots(const Session& session) {
    const level::Puzzle& board = session.document.level()->puzzle;
    const bool isEmpty = board.slotList.empty() && board.rule.name == level::PuzzleRuleName::None;
    return {isEmpty ? StationState::Fill::Hollow : StationState::Fill::Full, 0, false};
}

StationState stateOfCounters(const Session& session) {
    const level::Puzzle& board = session.document.level()->puzzle;
    const bool isOfStacks = board.rule.name == level::PuzzleRuleName::Pour ||
                            board.rule.name == level::PuzzleRuleName::Gather;
    const bool hasSome =
        std::any_of(board.counters.begin(), board.counters.end(),
                    [](const level::Counter& counter) { return !counter.isParked; });
    return {isOfStacks || hasSome ? StationState::Fill::Full : StationState::Fill::Hollow, 0,
            false};
}

StationState stateOfSolution(const Session& session) {
    using Fill = StationState::Fill;
    const auto proven = session.proofs.ofBoard();
    if (!proven || proven->error) return {};
    const std::size_t open = check::openCount(proven->report.findings());
    if (open == 0) return {Fill::Full, 0, false};
    return {Fill::Count, int(open), check::hasErrors(proven->report.findings())};
}

/// Marks and colours of the level that have cards.
std::size_t contentOfSlots(const Session& session) {
    std::string all;
    for (const level::StackColor& color : session.document.project().stackColors)
        all += color.name + color.title + color.color + ' ';
    std::set<std::string> marks{session.document.level()->puzzle.rule.goal.mark};
    for (const level::Slot& slot : session.document.level()->puzzle.slotList)
        marks.insert(slot.marks.begin(), slot.marks.end());
    for (const std::string& mark : marks)
        all += mark + ' ';
    return std::hash<std::string>()(all);
}

/// Counters that have cards, and which of them are parked.
std::size_t contentOfCounters(const Session& session) {
    const level::Puzzle& board = session.document.level()->puzzle;
    std::string all = board.roster + '/';
    for (const level::Counter& counter : board.counters)
        if (!board.roster.empty()) all += counter.id.text + (counter.isParked ? "- " : "+ ");
    return std::hash<std::string>()(all);
}

void tidySelection(Selection& selection, const ToolOptions&, const level::Level& level) {
    const puzzle::Geometry geometry(level.puzzle.board);
    std::erase_if(selection.slotList, [&](CellPoint at) { return geometry.numberOf(at) < 0; });
    std::erase_if(selection.counters,
                  [&](const EntityId& id) { return !puzzle::findCounter(level.puzzle, id); });
}

/// The first kind of counter is in hand where none is.
void tidyOptions(ToolOptions& options, const OptionsChange& change) {
    if (change.sort == OptionsChange::Sort::OtherLevel) options.set(PuzzleProofOptions{});
    const level::Kind* inHand = change.project.findKind(options.of<CounterOptions>().kind);
    if (inHand && inHand->role == level::Role::Counter) return;
    options.change<CounterOptions>([&](CounterOptions& o) {
        o.kind = {};
        for (const level::Kind& kind : change.project.kinds)
            if (o.kind.isEmpty() && kind.role == level::Role::Counter) o.kind = kind.id;
    });
}

}  // namespace

StepDefinition slotShapeDefinition() {
    StepDefinition step;
    step.step = Step::Shape;
    step.kinds = {level::LevelKind::Puzzle};
    step.tools = {
        {"brush", QStringLiteral("brush"), tr("Brush"), tr("give slots what is in hand"),
         makeSlotBrush, false},
        {"line", QStringLiteral("line"), tr("Line"), tr("slots along a line"), makeSlotLine, false},
        {"box", QStringLiteral("box"), tr("Box"), tr("slots in a frame"), makeSlotBox, false},
        {"fill", QStringLiteral("fill"), tr("Fill"), tr("slots that are alike and touch"),
         makeSlotFill, false},
        {"select", QStringLiteral("select"), tr("Select"), tr("take slots"), makeSlotSelect}};
    step.keys = {{tr("right button"), tr("plain again, mark off, topmost colour off")},
                 {tr("Ctrl + click"), tr("take what the slot has in hand")},
                 {QStringLiteral("Shift"), tr("add to the selection")}};
    step.look = {0, 1, 1};
    step.entities = {0.55, false, false, false};
    step.makeTray = makeSlotTray;
    step.trayVariant = [](const ToolOptions& options) {
        // Another mark in hand has a card.
        const SlotOptions& slot = options.of<SlotOptions>();
        return slot.sort == SlotOptions::Sort::Mark
                   ? int(std::hash<std::string>()(slot.name) % 100000) + 1
                   : 0;
    };
    step.trayContent = contentOfSlots;
    step.makeMargin = makeSlotPanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<SlotsOnBoard>(board); };
    step.state = stateOfSlots;
    step.tidySelection = tidySelection;
    return step;
}

StepDefinition counterCastDefinition() {
    StepDefinition step;
    step.step = Step::Cast;
    step.kinds = {level::LevelKind::Puzzle};
    step.tools = {{"place", QStringLiteral("place"), tr("Place"), tr("place a counter, drag a row"),
                   makeCounterPlacing},
                  {"select", QStringLiteral("select"), tr("Select"), tr("take and move counters"),
                   makeCounterSelect},
                  {"swap", QStringLiteral("link"), tr("Swap"),
                   tr("drag from one to another: they change places"), makeCounterSwap}};
    step.keys = {{tr("right button"), tr("park or delete a counter")},
                 {tr("Ctrl + click"), tr("take the kind under the pointer")},
                 {QStringLiteral(",  ."), tr("turn the selected counter")},
                 {tr("arrows"), tr("move the selection by a slot")}};
    step.look = {0, 1, 1};
    step.entities = {0.7, false, false, false};
    step.makeTray = makeCounterTray;
    step.trayContent = contentOfCounters;
    step.makeMargin = makeCounterPanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<CountersOnBoard>(board); };
    step.state = stateOfCounters;
    step.tidyOptions = tidyOptions;
    return step;
}

StepDefinition puzzleProveDefinition() {
    StepDefinition step;
    step.step = Step::Prove;
    step.kinds = {level::LevelKind::Puzzle};
    step.tools = {{"probe", QStringLiteral("probe"), tr("Probe"), tr("point: what is on a slot"),
                   makeQuietTool}};
    step.keys = {{tr("arrows"), tr("a move of the solution back, on")},
                 {QStringLiteral("F3"), tr("next finding, with Shift the previous one")},
                 {QStringLiteral("H"), tr("playing: a hint")},
                 {QStringLiteral("N"), tr("playing: the next counter")},
                 {tr("Backspace"), tr("playing: take a move back")}};
    step.look = {0.25, 0.75, 0.6};
    step.entities = {0.7, false, false, false};
    step.makeTray = makePuzzleProveTray;
    step.makeMargin = makePuzzleProvePanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<SolutionOnBoard>(board); };
    step.state = stateOfSolution;
    return step;
}

}  // namespace rook::app
