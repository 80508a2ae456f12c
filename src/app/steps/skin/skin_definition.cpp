#include "app/steps/skin/skin_definition.h"

#include "app/panels/section_panel.h"
#include "app/steps/skin/skin_on_board.h"
#include "app/steps/skin/skin_options.h"
#include "app/steps/skin/skin_sections.h"
#include "app/steps/skin/skin_tools.h"
#include "app/steps/skin/skin_tray.h"
#include "app/tools/cell_options.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

MarginPanel* makeSkinPanel(Session& session, QWidget* parent) {
    auto* panel = new SectionPanel(parent);
    for (const auto make : {makeTileCellsSection, makeSheetSection, makeTileSection,
                            makeLayerSection, makeSwatchSection, makeCoverageSection,
                            makeLookSection, makeScatterSection, makeBackdropSection})
        panel->add(make(session, panel));
    return panel;
}

StationState stateOfSkin(const Session& session) {
    using Fill = StationState::Fill;
    const auto proven = session.proofs.ofBoard();
    const auto isOfLook = [](const check::Finding& finding) {
        return finding.kind == check::FindingKind::LooksSolid ||
               finding.kind == check::FindingKind::LooksOpen;
    };
    const auto count = proven ? std::count_if(proven->report.findings().begin(),
                                              proven->report.findings().end(), isOfLook)
                              : 0;
    if (count > 0) return {Fill::Count, int(count), false};
    return {session.dressing.tilingRules()->isEmpty() ? Fill::Hollow : Fill::Full, 0, false};
}

/// Tiles in hand may be of a sheet that is gone.
void followSheets(TilesInHand& hand, int sheets) {
    if (hand.tileSheet >= sheets) hand.tileSheet = 0;
    for (int y = 0; y < hand.tiles.height(); ++y)
        for (int x = 0; x < hand.tiles.width(); ++x)
            if (const level::Tile tile = hand.tiles.at(x, y);
                tile.isShown() && tile.sheet() >= sheets)
                hand.tiles.set(x, y, {});
}

void tidyOptions(ToolOptions& options, const OptionsChange& change) {
    if (change.sort == OptionsChange::Sort::OtherLists)
        return options.change<TilesInHand>(
            [&](TilesInHand& hand) { followSheets(hand, int(change.project.sheets.size())); });
    if (change.sort == OptionsChange::Sort::NewProject)
        options.change<TilesInHand>([](TilesInHand& hand) {
            hand.tiles = Grid<level::Tile>(1, 1);
            hand.tileSheet = 0;
        });
    options.change<SkinOptions>([](SkinOptions& o) { o.skinLayer = level::onMasses; });
}

}  // namespace

StepDefinition skinDefinition() {
    StepDefinition step;
    step.step = Step::Skin;
    step.tools = {
        {"brush", QStringLiteral("brush"), tr("Brush"), tr("set tiles"), makeTileBrush},
        {"line", QStringLiteral("line"), tr("Line"), tr("set a line of tiles"), makeTileLine},
        {"box", QStringLiteral("box"), tr("Box"), tr("repeat tiles in a box"), makeTileBox},
        {"fill", QStringLiteral("fill"), tr("Fill"), tr("repeat tiles over what hangs together"),
         makeTileFill},
        {"select", QStringLiteral("select"), tr("Select"), tr("take and move tiles by cells"),
         makeSkinSelect}};
    step.keys = {{tr("right button"), tr("give cells back to the dressing")},
                 {QStringLiteral("Shift"), tr("straight line, square")},
                 {tr("Ctrl + click, drag"), tr("take the tiles that are seen")},
                 {tr("arrows in the sheet"), tr("the tile beside")},
                 {tr("Ctrl+C, Ctrl+V"), tr("take the selected tiles in hand, lay them")},
                 {QStringLiteral("[  ]"), tr("brush smaller, larger")}};
    step.look = {1, 0, 0};
    step.entities = {1, true, false, false};
    step.mayHideMasses = true;
    step.makeTray = makeSkinTray;
    step.trayFollowsTool = true;
    step.makeMargin = makeSkinPanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<SkinOnBoard>(board); };
    step.state = stateOfSkin;
    step.tidyOptions = tidyOptions;
    return step;
}

}  // namespace rook::app
