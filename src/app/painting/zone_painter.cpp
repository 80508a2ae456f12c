#include "app/painting/zone_painter.h"

#include <QPainter>
#include <algorithm>

#include "app/painting/flags.h"
#include "app/ui/theme.h"
#include "level/zone_edits.h"

namespace rook::app {

namespace {

/// A frame of which the corners alone are drawn.
void paintCorners(QPainter& painter, const QRectF& r) {
    const double side = std::min({18.0, r.width() / 3, r.height() / 3});
    for (const auto& [corner, dx, dy] :
         {std::tuple(r.topLeft(), 1, 1), std::tuple(r.topRight(), -1, 1),
          std::tuple(r.bottomLeft(), 1, -1), std::tuple(r.bottomRight(), -1, -1)}) {
        painter.drawLine(corner, corner + QPointF(dx * side, 0));
        painter.drawLine(corner, corner + QPointF(0, dy * side));
    }
}

}  // namespace

void paintZones(QPainter& painter, const Session& session, const View& view, QSize size) {
    const Theme& theme = currentTheme();
    const level::Level& level = *session.document.level();
    for (const level::Zone& zone : level.zones) {
        const QRectF box = view.toWidget(toPx(zone.place, level.cellSize));
        const bool isSelected = session.workbench.selection().zone == zone.id;
        const QColor tone = isSelected ? theme.accent : theme.plum;
        painter.setPen(QPen(theme.paper, 4));
        paintCorners(painter, box);
        painter.setPen(QPen(tone, isSelected ? 2.5 : 1.8));
        paintCorners(painter, box);
        QColor edge = tone;
        edge.setAlphaF(0.55f);
        painter.setPen(QPen(edge, 1, Qt::DotLine));
        painter.drawRect(box);
        if (isSelected && zone.camera) {
            painter.setPen(QPen(theme.caution, 1.5, Qt::DashLine));
            painter.drawRect(view.toWidget(*zone.camera));
        }
        if (box.width() > 40)
            paintFlag(painter, size, box.topLeft() + QPointF(6, 6),
                      QString::fromStdString(zone.name), tone);
    }
    const auto proven = session.proofs.of(level.id);
    if (!proven) return;
    // Where bodies cross from zone to zone, and where they come to stand.
    for (const reach::Crossing& crossing : proven->crossings) {
        const bool isOfSelected = session.workbench.selection().zone == crossing.from ||
                                  session.workbench.selection().zone == crossing.to;
        painter.setPen(QPen(theme.accent, isOfSelected ? 5 : 3, Qt::SolidLine, Qt::FlatCap));
        const QRectF place = view.toWidget(crossing.place);
        if (place.width() > place.height())
            painter.drawLine(QPointF(place.left(), place.center().y()),
                             QPointF(place.right(), place.center().y()));
        else
            painter.drawLine(QPointF(place.center().x(), place.top()),
                             QPointF(place.center().x(), place.bottom()));
        if (!crossing.respawn || session.workbench.selection().zone != crossing.to) continue;
        const runtime::MotionTables& body = proven->answer.onCells().tables;
        painter.setPen(QPen(theme.accent, 1.5, Qt::DashLine));
        painter.drawRect(view.toWidget(
            PxRect{crossing.respawn->x, crossing.respawn->y, body.bodyWidth, body.bodyHeight}));
    }
}

}  // namespace rook::app
