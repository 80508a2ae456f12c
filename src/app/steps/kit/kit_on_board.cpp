#include "app/steps/kit/kit_on_board.h"
#include <QPainter>

#include "app/board/board.h"
#include "app/painting/kit_painter.h"
#include "app/painting/solid_painter.h"
#include "app/steps/kit/kit_options.h"
#include "app/ui/words.h"
#include "kit/edits.h"

namespace rook::app {

using level::PlacedPiece;

void KitOnBoard::fillInput(ToolInput& input) const {
    if (const level::Kit* kit = project().kitOf(*input.level))
        input.placed = &m_indexes.of(*kit, *input.level);
}

void KitOnBoard::selectAll() {
    m_session.workbench.chooseTool("select");
    Selection selection;
    for (const PlacedPiece& placed : level().pieces)
        selection.pieces.push_back(placed.id);
    for (const level::Solid& solid : level().solids)
        selection.pieces.push_back(solid.id);
    m_session.workbench.select(selection);
}

void KitOnBoard::turn(level::Turning turning) {
    if (turning == level::Turning::MirrorSideways || turning == level::Turning::MirrorTopToBottom)
        return m_session.say(tr("Pieces are turned, not mirrored."));
    const level::Kit* kit = project().kitOf(level());
    if (!kit) return;
    const int quarters = turning == level::Turning::QuarterLeft ? -1 : 1;
    const auto& ids = selection().pieces;
    const bool isSolid = m_session.workbench.isInHand("solid");
    if (!ids.empty() && (isSolid || m_session.workbench.isInHand("select"))) {
        m_session.document.apply(kit::turn(*kit, level(), ids, quarters));
        return;
    }
    if (isSolid)
        return m_session.workbench.change<KitOptions>(
            [&](KitOptions& o) { o.up = level::turned(o.up, (quarters + 4) & 3); });
    // To the next turn that the piece in hand may have.
    m_session.workbench.change<KitOptions>([&](KitOptions& o) {
        const int former = o.pieceTurn;
        const level::Piece* piece = kit->find(o.piece);
        do {
            o.pieceTurn = (o.pieceTurn + quarters + 4) & 3;
        } while (piece && !piece->mayTurn(o.pieceTurn) && o.pieceTurn != former);
    });
}

/// What is selected, what is in hand, and what it would join.
void KitOnBoard::paintTop(QPainter& painter) {
    const level::Level& level = this->level();
    const level::Kit* found = project().kitOf(level);
    if (!found) return;
    const level::Kit& kit = *found;
    const Theme& theme = currentTheme();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto outline = [&](const PlacedPiece& placed, const QColor& tone, double width) {
        const level::Piece* piece = kit.find(placed.piece);
        if (!piece) return;
        const QRectF px = boxOf(*piece, placed, level.cellSize);
        painter.setPen(QPen(tone, width));
        painter.drawRect(QRectF(view().toWidget(px.topLeft()), px.size() * view().scale()));
    };
    const auto& ids = selection().pieces;
    if (!ids.empty())
        for (const PlacedPiece& placed : level.pieces)
            if (std::find(ids.begin(), ids.end(), placed.id) != ids.end())
                outline(placed, theme.accent, 2.5);
    const PlanPlace place{level.cellSize, view().offset(), view().scale()};
    for (const level::Solid& solid : level.solids)
        if (std::find(ids.begin(), ids.end(), solid.id) != ids.end())
            paintSolidOutline(painter, solid, place, QPen(theme.accent, 2.5));
    const ToolPreview& preview = m_board.toolPreview();
    for (const level::Solid& solid : preview.solids) {
        const QColor tone = preview.isErasing ? theme.alarm : theme.accent;
        painter.setOpacity(0.75);
        if (!preview.isErasing) paintSolid(painter, kit, solid, place);
        painter.setOpacity(1);
        paintSolidOutline(painter, solid, place,
                          QPen(tone, 2, preview.isErasing ? Qt::DashLine : Qt::SolidLine));
    }
    for (const PlacedPiece& placed : preview.pieces) {
        const level::Piece* piece = kit.find(placed.piece);
        if (!piece) continue;
        painter.setOpacity(0.8);
        painter.setRenderHint(QPainter::Antialiasing, false);
        paintPiece(painter, kit, *piece, placed, level.cellSize, view().offset(), view().scale());
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setOpacity(1);
        outline(placed, preview.isRefused ? theme.alarm : theme.accent, 2);
    }
    const double mark = std::clamp(0.2 * level.cellSize.width * view().scale(), 6.0, 14.0);
    for (const kit::Contact& contact : preview.contacts) {
        const QPointF at = view().toWidget(edgeMiddle(contact.at, contact.side, level.cellSize));
        painter.setPen(Qt::NoPen);
        QColor halo = contact.meeting == kit::Meeting::Joined ? theme.accent : theme.alarm;
        halo.setAlphaF(0.3f);
        painter.setBrush(halo);
        painter.drawEllipse(at, mark * 1.5, mark * 1.5);
        painter.setBrush(Qt::NoBrush);
        paintPortMark(painter, at, contact.side, mark, contact.meeting);
        painter.setRenderHint(QPainter::Antialiasing);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

}  // namespace rook::app
