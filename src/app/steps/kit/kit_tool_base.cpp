#include "app/steps/kit/kit_tool_base.h"

#include <utility>

#include "app/ui/words.h"
#include "kit/edits.h"
#include "kit/walk_graph.h"

namespace rook::app {

namespace {

/// A level may name a kit that the project does not have.
Error noKit(const ToolInput& input) {
    return {ErrorKind::BadReference, "The project has no kit " + input.level->kit,
            input.level->title, "Choose a kit in the margin"};
}

}  // namespace

const level::Kit* kitOf(const ToolInput& input) {
    return input.project->kitOf(*input.level);
}

const level::PlacedPiece* pieceUnder(const ToolInput& input) {
    if (!input.placed) return nullptr;
    const auto& tenants = input.placed->at({input.cell, input.storey});
    return tenants.empty() ? nullptr : &input.level->pieces[tenants.back().placed];
}

Standing standingUnder(const ToolInput& input) {
    Standing found;
    if (const level::Kit* kit = kitOf(input); kit && !input.level->solids.empty())
        found.solid = kit::solidUnder(*kit, *input.level, kit::inModules(*input.level, input.px),
                                      input.storey);
    if (!found.solid) found.piece = pieceUnder(input);
    found.id = found.solid ? found.solid->id : found.piece ? found.piece->id : 0;
    return found;
}

QString nameOf(const ToolInput& input, const Standing& standing) {
    if (standing.solid) return told(kit::titleOf(*standing.solid));
    const level::Piece* piece = kitOf(input)->find(standing.piece->piece);
    return QString::fromStdString(piece ? piece->title : standing.piece->piece) + u' ' +
           QString::number(standing.id);
}

bool isSelected(const ToolInput& input, int id) {
    const auto& ids = input.selection->pieces;
    return std::find(ids.begin(), ids.end(), id) != ids.end();
}

ToolOutcome refused(const Error& error) {
    return {{}, {}, {}, error, false};
}

ToolOutcome done(const Result<level::LevelEdit>& edit) {
    if (!edit) return refused(edit.error());
    return {*edit, {}, {}, {}, true};
}

ToolOutcome KitTool::press(const ToolInput& input) {
    m_isResting = true;
    if (!input.placed) return refused(noKit(input));
    m_start = input.cell;
    m_startPx = input.px;
    const Standing under = standingUnder(input);
    m_isResting = input.isErasing || input.isPicking;
    if (input.isErasing && !under.isNone())
        return done(kit::remove(*kitOf(input), *input.level, {under.id}));
    if (input.isPicking && !under.isNone()) {
        ToolOutcome outcome;
        outcome.change<KitOptions>(input, [&](KitOptions& o) {
            if (under.solid) return o.take(*under.solid);
            o.piece = under.piece->piece;
            o.pieceTurn = under.piece->turn;
        });
        return outcome;
    }
    if (m_isResting) return {};
    return begin(input);
}

ToolOutcome KitTool::release(const ToolInput& input) {
    if (std::exchange(m_isResting, true) || !input.placed) return {};
    ToolOutcome outcome = end(input);
    m_preview = {};
    return outcome;
}

void KitTool::hover(const ToolInput& input) {
    m_preview = {};
    if (input.placed)
        point(input);
    else
        m_preview.label = told(noKit(input).what);
}

}  // namespace rook::app
