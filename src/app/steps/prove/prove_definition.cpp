#include "app/steps/prove/prove_definition.h"

#include "app/steps/prove/kit_prove_on_board.h"
#include "app/steps/prove/prove_panel.h"
#include "app/steps/prove/prove_tools.h"
#include "app/steps/prove/prove_tray.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

StationState stateOfProve(const Session& session) {
    using Fill = StationState::Fill;
    const auto proven = session.proofs.ofBoard();
    if (!proven || proven->error) return {};
    const std::size_t open = check::openCount(proven->report.findings());
    if (open == 0) return {Fill::Full, 0, false};
    return {Fill::Count, int(open), check::hasErrors(proven->report.findings())};
}

/// What both have in common.
StepDefinition plainDefinition() {
    StepDefinition step;
    step.step = Step::Prove;
    step.tools = {{"probe", QStringLiteral("probe"), tr("Probe"),
                   tr("point: can a body be there, and how?"), makeQuietTool},
                  {"run-to", QStringLiteral("run-to"), tr("Run to"),
                   tr("click: the run that gets there"), makeRunToTool},
                  {"measure", QStringLiteral("measure"), tr("Measure"),
                   tr("drag: a jump from edge to edge"), makeMeasureTool},
                  {"close-off", QStringLiteral("close-off"), tr("Close off"),
                   tr("drag: solve as if nobody could be there"), makeCloseOffTool},
                  {"walk-from", QStringLiteral("walk-from"), tr("Walk from"),
                   tr("click: play from there"), makeWalkFromTool}};
    step.keys = {{QStringLiteral("F3"), tr("next finding, with Shift the previous one")},
                 {tr("right button"), tr("open what was closed off")},
                 {QStringLiteral("P O I"), tr("walking: pause, one tick, slow")},
                 {QStringLiteral("K"), tr("walking: keep the run, it must stay possible")}};
    step.look = {0.25, 0.75, 0.6};
    step.entities = {1, false, false, true};
    step.state = stateOfProve;
    return step;
}

}  // namespace

StepDefinition proveDefinition() {
    StepDefinition step = plainDefinition();
    step.makeTray = makeProveTray;
    step.makeMargin = makeProvePanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<ProveOnBoard>(board); };
    return step;
}

StepDefinition kitProveDefinition() {
    StepDefinition step = plainDefinition();
    step.kinds = {level::LevelKind::Kit};
    // Nobody jumps, and runs are ways from module to module.
    std::erase_if(step.tools, [](const ToolDefinition& tool) {
        return tool.name == "run-to" || tool.name == "measure";
    });
    step.keys.erase(step.keys.begin() + 2, step.keys.end());
    step.makeTray = makeKitProveTray;
    step.makeMargin = makeKitProvePanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<KitProveOnBoard>(board); };
    return step;
}

}  // namespace rook::app
