#include <QPainter>
#include <QPainterPath>
#include <QtMath>

#include "app/painting/sketch_painter.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

using check::BeadState;
using level::BeadSort;
using level::Route;

QPolygonF routeLineOf(const Route& route, const View& view) {
    QPolygonF line;
    for (const PxPoint p : route.points)
        line << view.toWidget(p);
    return line;
}

/// Small arrow heads along the line tell its direction.
void paintArrows(QPainter& painter, const QPolygonF& line) {
    for (qsizetype i = 0; i + 1 < line.size(); ++i) {
        const QLineF leg(line[i], line[i + 1]);
        if (leg.length() < 40) continue;
        painter.save();
        painter.translate(leg.pointAt(0.5));
        painter.rotate(-leg.angle());
        painter.drawPolyline(QPolygonF{{-4, -4}, {3, 0}, {-4, 4}});
        painter.restore();
    }
}

QColor beadToneOf(BeadState state) {
    const Theme& theme = currentTheme();
    switch (state) {
        case BeadState::Met:
        case BeadState::Passed:
            return theme.accent;
        case BeadState::Skippable:
        case BeadState::LeftOut:
            return theme.caution;
        case BeadState::NotJudged:
        case BeadState::NotDecided:
            return theme.plum;
    }
    return theme.plum;
}

void paintRegion(QPainter& painter, const QRectF& box, const QColor& tone) {
    QColor wash = tone;
    wash.setAlphaF(0.10f);
    painter.fillRect(box, wash);
    QPen pen(tone, 1.2, Qt::CustomDashLine);
    pen.setDashPattern({2, 3});
    painter.setPen(pen);
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(box);
}

/// A bead: its number in a disc, its sign beside it; struck through if it can be skipped.
void paintBead(QPainter& painter, const level::Bead& bead, int number, QPointF at, BeadState state,
               bool isSelected) {
    const Theme& theme = currentTheme();
    const QColor tone = beadToneOf(state);
    // Struck through, behind the number, where the player can go without it.
    if (state == BeadState::Skippable || state == BeadState::LeftOut) {
        painter.setPen(QPen(tone, 2));
        painter.drawLine(at + QPointF(-13, 13), at + QPointF(13, -13));
    }
    painter.setBrush(theme.paper);
    painter.setPen(QPen(tone, isSelected ? 3 : 1.8));
    painter.drawEllipse(at, beadRadius, beadRadius);
    painter.setPen(tone);
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    painter.drawText(QRectF(at - QPointF(10, 10), QSizeF(20, 20)), Qt::AlignCenter,
                     QString::number(number));
    painter.setPen(QPen(tone, 1.5));
    const QRectF sign(at + QPointF(beadRadius + 4, -8), QSizeF(16, 16));
    QColor ground = theme.paper;
    ground.setAlphaF(0.8f);
    painter.fillRect(sign.adjusted(-2, -2, 2, 2), ground);
    painter.setBrush(Qt::NoBrush);
    paintBeadSign(painter, bead.sort, sign);
}

}  // namespace

QString beadName(BeadSort sort) {
    switch (sort) {
        case BeadSort::Jump:
            return tr("Jump");
        case BeadSort::Climb:
            return tr("Climb");
        case BeadSort::Door:
            return tr("Door");
        case BeadSort::Foe:
            return tr("Foe");
        case BeadSort::Puzzle:
            return tr("Puzzle");
        case BeadSort::Reward:
            return tr("Reward");
        case BeadSort::Story:
            return tr("Story");
    }
    return {};
}

QString beadStateWords(BeadState state) {
    switch (state) {
        case BeadState::NotJudged:
            return tr("not judged yet");
        case BeadState::Met:
            return tr("✓ met");
        case BeadState::Skippable:
            return tr("can be skipped");
        case BeadState::Passed:
            return tr("✓ passed");
        case BeadState::LeftOut:
            return tr("left out");
        case BeadState::NotDecided:
            return tr("not decided");
    }
    return {};
}

void paintBeadSign(QPainter& painter, BeadSort sort, const QRectF& rect) {
    painter.save();
    painter.translate(rect.center());
    painter.scale(rect.width() / 16, rect.height() / 16);
    QPainterPath path;
    switch (sort) {
        case BeadSort::Jump:
            path.moveTo(-7, 5);
            path.quadTo(0, -13, 7, 5);
            path.moveTo(3.5, 3);
            path.lineTo(7, 5);
            path.lineTo(7.5, 1);
            break;
        case BeadSort::Climb:
            for (const double x : {-4.0, 4.0}) {
                path.moveTo(x, -7);
                path.lineTo(x, 7);
            }
            for (const double y : {-4.0, 0.0, 4.0}) {
                path.moveTo(-4, y);
                path.lineTo(4, y);
            }
            break;
        case BeadSort::Door:
            path.addRect(-5, -7, 10, 14);
            path.addEllipse(QPointF(2, 1), 1, 1);
            break;
        case BeadSort::Foe:
            path.moveTo(-7, 5);
            path.lineTo(0, -5);
            path.lineTo(7, 5);
            path.moveTo(-3.5, 5);
            path.lineTo(0, 0);
            path.lineTo(3.5, 5);
            break;
        case BeadSort::Puzzle:
            path.addRect(-6, -6, 5, 5);
            path.addRect(1, -6, 5, 5);
            path.addRect(-6, 1, 5, 5);
            path.moveTo(3.5, 1);
            path.lineTo(3.5, 6);
            path.moveTo(1, 3.5);
            path.lineTo(6, 3.5);
            break;
        case BeadSort::Reward:
            path.moveTo(0, -7);
            path.lineTo(6, -1);
            path.lineTo(0, 7);
            path.lineTo(-6, -1);
            path.closeSubpath();
            path.moveTo(-6, -1);
            path.lineTo(6, -1);
            break;
        case BeadSort::Story:
            path.addRect(-7, -6, 14, 9);
            path.moveTo(-3, 3);
            path.lineTo(-4, 7);
            path.lineTo(1, 3);
            break;
    }
    painter.drawPath(path);
    painter.restore();
}

void paintRoutes(QPainter& painter, const level::Level& level, const View& view, int inHand,
                 const Selection& selection, const check::PlanReport* plan, bool isPlanCurrent) {
    const level::Sketch& sketch = level.sketch;
    const CellSize cell = level.cellSize;
    const Theme& theme = currentTheme();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    for (std::size_t r = 0; r < sketch.routes.size(); ++r) {
        const Route& route = sketch.routes[r];
        const bool isInHand = int(r) == inHand;
        painter.setOpacity(isInHand ? 1 : 0.6);
        const check::RouteReport* report =
            plan && r < plan->routes.size() ? &plan->routes[r] : nullptr;
        const bool isMain = r == 0;
        QPen pen(theme.plum, isMain ? 2.4 : 1.8, isMain ? Qt::SolidLine : Qt::DashLine,
                 Qt::RoundCap, Qt::RoundJoin);
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        const QPolygonF line = routeLineOf(route, view);
        painter.drawPolyline(line);
        pen.setStyle(Qt::SolidLine);
        painter.setPen(pen);
        paintArrows(painter, line);
        for (qsizetype i = 0; i < line.size(); ++i) {
            // Points that the run cannot pass are crossed, not only coloured.
            const bool isMissed = report && isPlanCurrent &&
                                  std::size_t(i) < report->passings.size() &&
                                  !report->passings[std::size_t(i)].isPassed;
            const bool isChosen = isInHand && selection.wayPoint == int(i);
            painter.setPen(QPen(isMissed ? theme.caution : theme.plum, isChosen ? 3 : 1.6));
            painter.setBrush(i == 0 ? QBrush(theme.plum) : QBrush(theme.paper));
            const double radius = i == 0 || i + 1 == line.size() ? 5 : 3.6;
            painter.drawEllipse(line[i], radius, radius);
            if (i > 0 && i + 1 == line.size()) painter.drawEllipse(line[i], 2, 2);
            if (!isMissed) continue;
            painter.drawLine(line[i] - QPointF(6, 6), line[i] + QPointF(6, 6));
            painter.drawLine(line[i] - QPointF(6, -6), line[i] + QPointF(6, -6));
        }
        if (route.points.size() < 2) continue;
        for (std::size_t b = 0; b < route.beads.size(); ++b) {
            const level::Bead& bead = route.beads[b];
            const bool isJudged = report && isPlanCurrent && b < report->beads.size();
            const BeadState state = isJudged ? report->beads[b] : BeadState::NotJudged;
            if (bead.region && isInHand) {
                paintRegion(painter, view.toWidget(toPx(*bead.region, cell)), beadToneOf(state));
            }
            paintBead(painter, bead, int(b) + 1, view.toWidget(placeOf(route, bead)), state,
                      isInHand && selection.bead == int(b));
        }
    }
    painter.restore();
}

std::optional<int> beadAt(const Route& route, PxPoint px, double scale) {
    if (route.points.size() < 2) return std::nullopt;
    for (std::size_t b = route.beads.size(); b-- > 0;) {
        const PxPoint at = placeOf(route, route.beads[b]);
        if (std::hypot(at.x - px.x, at.y - px.y) <= (beadRadius + 2) / scale) return int(b);
    }
    return std::nullopt;
}

std::optional<int> wayPointAt(const Route& route, PxPoint px, double scale) {
    for (std::size_t i = route.points.size(); i-- > 0;) {
        const PxPoint at = route.points[i];
        if (std::hypot(at.x - px.x, at.y - px.y) <= 7 / scale) return int(i);
    }
    return std::nullopt;
}

}  // namespace rook::app
