#include "app/painting/solid_painter.h"

#include <algorithm>

#include "app/ui/words.h"
#include "kit/audit.h"
#include "kit/mesh.h"

namespace rook::app {

using level::Side;
using level::Solid;
using level::SolidSort;

namespace {

constexpr double hatchPx = 7;

QPolygonF outlineOf(const kit::Mass& mass, const PlanPlace& place) {
    QPolygonF outline;
    for (const auto& corner : mass.outline)
        outline << QPointF(corner[0] * place.cell.width, corner[1] * place.cell.height) *
                           place.scale -
                       place.origin;
    if (outline.isEmpty()) outline = QPolygonF(place.box(mass.place));
    return outline;
}

/// An arrow the way it rises, from one end to the other.
void paintArrow(QPainter& painter, const QRectF& box, Side up) {
    const double size = std::min(box.width(), box.height());
    if (size < 14) return;
    const QPointF ways[] = {{1, 0}, {0, 1}, {-1, 0}, {0, -1}};
    const QPointF way = ways[int(up)];
    const QPointF across(way.y(), way.x());
    const QPointF half(way.x() * box.width() * 0.36, way.y() * box.height() * 0.36);
    const QPointF tip = box.center() + half;
    painter.setPen(QPen(currentTheme().ink, 1.4));
    painter.drawLine(box.center() - half, tip);
    painter.drawPolyline(QPolygonF{tip - way * 6 + across * 4, tip, tip - way * 6 - across * 4});
}

/// A body that stands in it is cut at this height, as plans have it: what lies higher is dashed.
bool isAboveCut(const level::Kit& kit, const Solid& solid, const kit::Mass& mass) {
    const Rational ground = exact(kit.storey) * Rational(solid.storey);
    return mass.from >= ground + exact(kit.body.height);
}

}  // namespace

QRectF PlanPlace::box(const kit::ExactRect& place) const {
    const auto at = [&](const Rational& x, const Rational& y) {
        return QPointF(x.toDouble() * cell.width, y.toDouble() * cell.height) * scale - origin;
    };
    return {at(place.left, place.top), at(place.right, place.bottom)};
}

void paintSolid(QPainter& painter, const level::Kit& kit, const Solid& solid,
                const PlanPlace& place) {
    const Theme& theme = currentTheme();
    QColor fill{QLatin1String(kit::solidColor)};
    if (theme.isNight) fill = fill.darker(190);
    QColor faint = fill;
    faint.setAlphaF(solid.isHollow() ? 0.25f : 0.75f);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF box = place.box({solid.x, solid.y, solid.x + solid.width, solid.y + solid.depth});
    if (solid.isHollow()) painter.fillRect(box, faint);
    for (const kit::Mass& mass : kit::massesOf(kit, solid)) {
        const QPolygonF outline = outlineOf(mass, place);
        const bool isFloor =
            solid.isHollow() && mass.to <= exact(kit.storey) * Rational(solid.storey) +
                                               exact(solid.base) + exact(solid.floor);
        if (isFloor) continue;
        if (isAboveCut(kit, solid, mass)) {
            painter.setPen(QPen(theme.quietInk, 1, Qt::DotLine));
            painter.setBrush(Qt::NoBrush);
        } else {
            painter.setPen(QPen(theme.ink, 1));
            painter.setBrush(solid.isHollow() ? theme.quietInk : faint);
        }
        painter.drawPolygon(outline);
        // Hatched, as what is still to be made of pieces.
        if (!solid.isHollow() && !solid.rises()) {
            QPen thin(theme.quietInk, 0.7);
            painter.setPen(thin);
            painter.setClipRect(box);
            for (double x = box.left() - box.height(); x < box.right(); x += hatchPx)
                painter.drawLine(QPointF(x, box.bottom()), QPointF(x + box.height(), box.top()));
            painter.setClipping(false);
        }
    }
    if (solid.rises()) paintArrow(painter, box, solid.up);
    if (box.width() > 44 && box.height() > 26) {
        painter.setFont(sizedFont(-3));
        const QString text = QStringLiteral("↕ ") + told(kit::lengthText(exact(solid.height)));
        const QRectF ground = QRectF(painter.fontMetrics().boundingRect(text))
                                  .translated(0, 0)
                                  .adjusted(-3, -1, 3, 1);
        QRectF label(0, 0, ground.width() + 4, ground.height());
        label.moveBottomRight(box.bottomRight() - QPointF(4, 4));
        painter.fillRect(label, theme.paper);
        painter.setPen(theme.ink);
        painter.drawText(label, Qt::AlignCenter, text);
    }
    painter.restore();
}

void paintSolidOutline(QPainter& painter, const Solid& solid, const PlanPlace& place,
                       const QPen& pen) {
    painter.setPen(pen);
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(place.box({solid.x, solid.y, solid.x + solid.width, solid.y + solid.depth}));
}

}  // namespace rook::app
