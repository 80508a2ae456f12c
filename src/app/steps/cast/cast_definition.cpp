#include "app/steps/cast/cast_definition.h"

#include "app/steps/cast/cast_on_board.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/cast/cast_sections.h"
#include "app/steps/cast/cast_tools.h"
#include "app/steps/cast/cast_tray.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

StationState stateOfCast(const Session& session) {
    using Fill = StationState::Fill;
    const level::Level& level = *session.document.level();
    bool hasSpawn = false;
    bool hasExit = false;
    for (const level::Entity& entity : level.entities) {
        const level::Role role = session.document.project().roleOf(entity);
        hasSpawn |= role == level::Role::Spawn;
        hasExit |= role == level::Role::Exit;
    }
    if (hasSpawn && hasExit) return {Fill::Full, 0, false};
    return {level.entities.empty() ? Fill::Hollow : Fill::Half, 0, false};
}

void tidyOptions(ToolOptions& options, const OptionsChange& change) {
    const auto& kinds = change.project.kinds;
    const bool isGone = !change.project.findKind(options.of<CastOptions>().kind);
    if (change.sort != OptionsChange::Sort::NewProject && !isGone) return;
    options.change<CastOptions>(
        [&](CastOptions& o) { o.kind = kinds.empty() ? KindId{} : kinds[0].id; });
}

}  // namespace

StepDefinition castDefinition() {
    StepDefinition step;
    step.step = Step::Cast;
    step.tools = {
        {"place", QStringLiteral("place"), tr("Place"), tr("place, drag a row"), makePlaceTool},
        {"select", QStringLiteral("select"), tr("Select"), tr("take, move, drag handles"),
         makeEntitySelect},
        {"link", QStringLiteral("link"), tr("Link"), tr("drag from one to what it refers to"),
         makeLinkTool},
        {"zone", QStringLiteral("zone"), tr("Zone"), tr("draw, move and stretch zones"),
         makeZoneTool}};
    step.keys = {{tr("right button"), tr("delete what is under the pointer")},
                 {QStringLiteral("Shift"), tr("snap to px; add to the selection")},
                 {tr("Ctrl + click"), tr("take the kind under the pointer")},
                 {tr("arrows"), tr("nudge by a cell, with Shift by a px")}};
    step.look = {0.55, 0, 0.7};
    step.entities = {1, true, true, true};
    step.mayHideMasses = true;
    step.mayHideCast = false;
    step.makeTray = makeCastTray;
    step.makeMargin = makeCastPanel;
    step.marginFollows = StepDefinition::MarginFollows::Selection;
    step.makeOnBoard = [](Board& board) { return std::make_unique<CastOnBoard>(board); };
    step.state = stateOfCast;
    step.tidyOptions = tidyOptions;
    return step;
}

}  // namespace rook::app
