#include "app/steps/shape/shape_definition.h"

#include "app/steps/shape/shape_on_board.h"
#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/steps/shape/shape_tools.h"
#include "app/steps/shape/shape_tray.h"
#include "app/tools/cell_options.h"
#include "app/tools/jump_ruler.h"
#include "app/ui/words.h"
#include "level/rules.h"

namespace rook::app {

namespace {

StationState stateOfShape(const Session& session) {
    const auto& cells = session.document.level()->cells;
    const bool isEmpty = cells == Grid<level::Cell>(cells.width(), cells.height());
    return {isEmpty ? StationState::Fill::Hollow : StationState::Fill::Full, 0, false};
}

void followLists(ToolOptions& options, const OptionsChange& change) {
    const level::Project& project = change.project;
    options.change<CellOptions>([&](CellOptions& o) {
        const auto last = static_cast<std::uint16_t>(project.matters.size() - 1);
        o.matter.index = std::min(o.matter.index, last);
    });
    options.change<ShapeOptions>([&](ShapeOptions& o) {
        const level::Block* block = o.stamp ? project.findBlock(o.stamp->block) : nullptr;
        const bool areCellsSame = level::nameSameMatters(change.former, project);
        if (block)
            o.stamp = std::make_shared<Stamp>(Stamp{{block->cells}, block->name});
        else if (o.stamp && (!areCellsSame || !o.stamp->block.empty()))
            o.stamp.reset();
    });
}

void tidyOptions(ToolOptions& options, const OptionsChange& change) {
    switch (change.sort) {
        case OptionsChange::Sort::NewProject:
            options.change<CellOptions>([&](CellOptions& o) {
                o.matter = {static_cast<std::uint16_t>(change.project.matters.size() > 1 ? 1 : 0)};
            });
            options.change<ShapeOptions>([](ShapeOptions& o) {
                o.stamp.reset();
                o.proposal.reset();
            });
            break;
        case OptionsChange::Sort::OtherLevel:
            options.change<ShapeOptions>([](ShapeOptions& o) {
                o.boardFrame.reset();
                o.proposal.reset();
            });
            options.set(MeasuredJump{});
            break;
        case OptionsChange::Sort::OtherLists:
            followLists(options, change);
            break;
    }
}

}  // namespace

StepDefinition shapeDefinition() {
    StepDefinition step;
    step.step = Step::Shape;
    step.tools = {
        {"brush", QStringLiteral("brush"), tr("Brush"), tr("lay matter"), makeMatterBrush, false},
        {"line", QStringLiteral("line"), tr("Line"), tr("lay a line, or stairs"), makeMatterLine,
         false},
        {"box", QStringLiteral("box"), tr("Box"), tr("lay a box or a frame"), makeMatterBox, false},
        {"fill", QStringLiteral("fill"), tr("Fill"), tr("fill what hangs together"), makeMatterFill,
         false},
        {"select", QStringLiteral("select"), tr("Select"), tr("take, move, stretch cells"),
         makeShapeSelect}};
    step.keys = {{tr("right button"), tr("erase with the same tool")},
                 {QStringLiteral("Shift"), tr("straight line, square")},
                 {tr("Ctrl + click, drag"), tr("take the matter, or a pattern")},
                 {tr("S held"), tr("the line is a flight of stairs")},
                 {tr("R + drag"), tr("measure a jump from edge to edge")},
                 {QStringLiteral("[  ]"), tr("brush smaller, larger")},
                 {QStringLiteral("M, Shift+M"), tr("mirror the selection, else mirror painting")},
                 {QStringLiteral(",  ."), tr("turn the selection left, right")},
                 {tr("arrows"), tr("nudge the selection, else pan")}};
    step.look = {0, 1, 1};
    step.entities = {0.55, false, false, false};
    step.makeTray = makeShapeTray;
    step.trayFollowsTool = true;
    step.trayVariant = [](const ToolOptions& options) {
        const auto& stamp = options.of<ShapeOptions>().stamp;
        return stamp && stamp->block.empty() ? 1 : 0;  // a pattern has a card
    };
    step.makeMargin = makeShapePanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<ShapeOnBoard>(board); };
    step.state = stateOfShape;
    step.tidyOptions = tidyOptions;
    return step;
}

}  // namespace rook::app
