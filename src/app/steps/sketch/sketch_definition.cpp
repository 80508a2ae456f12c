#include "app/steps/sketch/sketch_definition.h"

#include "app/steps/sketch/sketch_on_board.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_panel.h"
#include "app/steps/sketch/sketch_tools.h"
#include "app/steps/sketch/sketch_tray.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

StationState stateOfSketch(const Session& session) {
    using Fill = StationState::Fill;
    if (session.document.level()->sketch.isEmpty()) return {};
    const auto proven = session.proofs.ofBoard();
    const auto* plan = proven && proven->isPlanCurrent ? proven->plan.get() : nullptr;
    if (!plan) return {Fill::Half, 0, false};
    if (!plan->findings.empty()) return {Fill::Count, int(plan->findings.size()), false};
    const bool isFollowed = !plan->routes.empty() && plan->routes[0].isFollowed();
    return {isFollowed ? Fill::Full : Fill::Half, 0, false};
}

void tidyOptions(ToolOptions& options, const OptionsChange& change) {
    if (change.sort == OptionsChange::Sort::OtherLists) return;
    options.change<SketchOptions>([](SketchOptions& o) { o.leaf = o.route = 0; });
}

void tidySelection(Selection& kept, const ToolOptions& options, const level::Level& level) {
    std::erase_if(kept.marks, [&](level::MarkId id) { return !findMark(level.sketch, id); });
    const int route = routeInHand(options, level);
    const level::Route none;
    const level::Route& inHand = route >= 0 ? level.sketch.routes[std::size_t(route)] : none;
    if (kept.wayPoint && *kept.wayPoint >= int(inHand.points.size())) kept.wayPoint.reset();
    if (kept.bead && *kept.bead >= int(inHand.beads.size())) kept.bead.reset();
    bool hasUnderlay = false;
    level.sketch.forEachUnderlay([&](const level::Underlay&) { hasUnderlay = true; });
    kept.hasUnderlay = kept.hasUnderlay && hasUnderlay;
}

}  // namespace

StepDefinition sketchDefinition() {
    StepDefinition step;
    step.step = Step::Sketch;
    step.tools = {{"pencil", QStringLiteral("pencil"), tr("Pencil"),
                   tr("draw strokes, boxes, rooms"), makePencil, false},
                  {"route", QStringLiteral("route"), tr("Route"),
                   tr("lead the way from start to end"), makeRouteTool, false},
                  {"thing", QStringLiteral("thing"), tr("Thing"), tr("name what stands there"),
                   [] { return makeWordsTool(level::MarkShape::Thing); }, false},
                  {"label", QStringLiteral("label"), tr("Label"), tr("write words"),
                   [] { return makeWordsTool(level::MarkShape::Label); }, false},
                  {"select", QStringLiteral("select"), tr("Select"), tr("take marks, the underlay"),
                   makeSketchSelect}};
    step.keys = {{tr("right button"), tr("cut strokes; take points, beads, words away")},
                 {QStringLiteral("Shift"), tr("straight line, square; add to the selection")},
                 {tr("click on the route"), tr("hang a bead; drag bends the line")},
                 {QStringLiteral("M, Shift+M"), tr("mirror sideways, top to bottom")},
                 {QStringLiteral("Ctrl+G"), tr("group, ungroup")},
                 {tr("arrows"), tr("nudge by a cell, with Shift by a px")}};
    step.look = {0, 0.4, 1};
    step.entities = {0.4, false, false, false};
    step.mayHideMasses = true;
    step.makeTray = makeSketchTray;
    step.trayFollowsTool = true;
    step.makeMargin = makeSketchPanel;
    step.marginFollows = StepDefinition::MarginFollows::Tool;
    step.makeOnBoard = [](Board& board) { return std::make_unique<SketchOnBoard>(board); };
    step.state = stateOfSketch;
    step.tidyOptions = tidyOptions;
    step.tidySelection = tidySelection;
    return step;
}

}  // namespace rook::app
