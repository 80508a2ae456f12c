#include "app/steps/kit/kit_definition.h"

#include "app/steps/kit/kit_on_board.h"
#include "app/steps/kit/kit_sections.h"
#include "app/steps/kit/kit_tools.h"
#include "app/steps/kit/kit_tray.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

StationState stateOfKit(const Session& session) {
    const bool isEmpty = session.document.level()->pieces.empty();
    return {isEmpty ? StationState::Fill::Hollow : StationState::Fill::Full, 0, false};
}

}  // namespace

StepDefinition kitDefinition() {
    StepDefinition step;
    step.step = Step::Shape;
    step.kinds = {level::LevelKind::Kit};
    step.tools = {{"place", QStringLiteral("place"), tr("Place"), tr("place a piece, drag a row"),
                   makePiecePlacing, false},
                  {"path", QStringLiteral("route"), tr("Path"), tr("drag a path of pieces"),
                   makePathLaying, false},
                  {"room", QStringLiteral("box"), tr("Room"),
                   tr("click a room by number, or drag one"), makeRoomFilling, false},
                  {"close", QStringLiteral("close-off"), tr("Close"), tr("end open ports"),
                   makePortClosing, false},
                  {"select", QStringLiteral("select"), tr("Select"),
                   tr("take and move pieces and solids"), makePieceSelecting},
                  {"solid", QStringLiteral("solid"), tr("Solid"), tr("block out with plain solids"),
                   makeSolidLaying}};
    step.keys = {
        {tr("right button"), tr("remove the piece under the pointer")},
        {QStringLiteral("Shift"), tr("parts of a module; extend a room; a path finds its way")},
        {tr("click with Room"), tr("a room by number; on a wall, a door")},
        {tr("drag a side or face"), tr("pull it, of the solid that is selected")},
        {tr("Ctrl + click"), tr("take the piece under the pointer in hand")},
        {QStringLiteral(",  ."), tr("turn what is in hand, or the selection")},
        {tr("Page up, Page down"), tr("a storey up, down")},
        {QStringLiteral("V"), tr("the view in depth: beside, instead, off")},
        {tr("middle button"), tr("turn the view in depth, with Shift move it")},
        {QStringLiteral("Shift + V"), tr("in depth from the next corner")},
        {tr("arrows"), tr("move the selection by a module, else pan")}};
    step.look = {0, 1, 1, true};
    step.entities = {0.55, false, false, false};
    step.makeTray = makeKitTray;
    step.trayFollowsTool = true;
    step.makeMargin = kitPanelMaker();
    step.marginFollows = StepDefinition::MarginFollows::Selection;
    step.makeOnBoard = [](Board& board) { return std::make_unique<KitOnBoard>(board); };
    step.state = stateOfKit;
    return step;
}

}  // namespace rook::app
