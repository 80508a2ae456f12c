#include "app/painting/sketch_painter.h"

#include <QPainter>
#include <QPainterPath>
#include <QtMath>

#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

using level::Mark;
using level::MarkShape;
using level::PencilTone;

/// Level px to painter px.
struct Mapping {
    QPointF origin;
    double scale = 1;
    [[nodiscard]] QPointF operator()(PxPoint p) const {
        return QPointF(p.x * scale, p.y * scale) - origin;
    }
    [[nodiscard]] QRectF operator()(const PxRect& r) const {
        return {(*this)(PxPoint{r.x, r.y}), QSizeF(r.width * scale, r.height * scale)};
    }
};

QPen pencilOf(const Mark& mark, double scale) {
    // Pencils keep their width on paper; far away they get finer, but never vanish.
    const double base = mark.width == level::PencilWidth::Bold ? 3.4 : 1.6;
    return {pencilColor(mark.tone), base * std::clamp(scale, 0.6, 1.3), Qt::SolidLine, Qt::RoundCap,
            Qt::RoundJoin};
}

std::vector<PxPoint> lineOf(const Mark& mark) {
    std::vector<PxPoint> points = mark.points.items();
    const bool isBox =
        mark.shape == MarkShape::Box || (mark.shape == MarkShape::Thing && points.size() == 2);
    if (isBox) {
        const PxPoint a = points[0];
        const PxPoint b = points[1];
        points = {a, {b.x, a.y}, b, {a.x, b.y}};
    }
    if (isBox || mark.shape == MarkShape::Outline) points.push_back(points[0]);
    return points;
}

/// One leg of a smooth curve through points (Catmull and Rom 1974), as a Bezier curve.
void addLeg(QPainterPath& path, const std::vector<PxPoint>& points, std::size_t i,
            const Mapping& map, bool isSmooth) {
    const QPointF b = map(points[i + 1]);
    if (!isSmooth) return path.lineTo(b);
    const QPointF a = map(points[i]);
    const QPointF before = i > 0 ? map(points[i - 1]) : a;
    const QPointF after = i + 2 < points.size() ? map(points[i + 2]) : b;
    path.cubicTo(a + (b - before) / 6, b - (after - a) / 6, b);
}

/// The parts of a line that come near the target: a stroke may be far longer than what is seen.
QPainterPath seenPath(const std::vector<PxPoint>& points, const Mapping& map, const QRectF& target,
                      bool isSmooth) {
    QPainterPath path;
    std::size_t last = points.size();  // the leg drawn last
    for (std::size_t i = 0; i + 1 < points.size(); ++i) {
        const QRectF leg =
            QRectF(map(points[i]), map(points[i + 1])).normalized().adjusted(-1, -1, 1, 1);
        const double slack = std::max(leg.width(), leg.height()) / 2 + 6;
        if (!leg.adjusted(-slack, -slack, slack, slack).intersects(target)) continue;
        if (last + 1 != i) path.moveTo(map(points[i]));
        addLeg(path, points, i, map, isSmooth);
        last = i;
    }
    return path;
}

/// A thing without an outline: a cross in a ring.
void paintThingMark(QPainter& painter, QPointF at) {
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(at, 7, 7);
    painter.drawLine(at + QPointF(-3, 0), at + QPointF(3, 0));
    painter.drawLine(at + QPointF(0, -3), at + QPointF(0, 3));
}

struct Words {
    QString text;
    QRectF box;  ///< where they stand, px of the painter
    bool isFramed = false;
};

/// From afar words are smaller, and the names of things give way.
constexpr double farScale = 0.6;

QFont wordsFont(const Mark& mark, double scale) {
    const int size = (mark.shape == MarkShape::Label ? 0 : -1) - (scale < farScale ? 2 : 0);
    return sizedFont(size, mark.isRoom ? QFont::DemiBold : QFont::Normal);
}

/// The words of a mark, if it has any, and where they stand.
Words wordsOf(const Mark& mark, const Mapping& map) {
    if (mark.text.empty()) return {};
    if (mark.shape == MarkShape::Thing && map.scale < farScale) return {};
    Words words{QString::fromStdString(mark.text), {}, false};
    const QFontMetrics metrics(wordsFont(mark, map.scale));
    const QSizeF size(metrics.horizontalAdvance(words.text) + 10, metrics.height() + 4);
    const QPointF first = map(mark.points[0]);
    const QRectF bounds = map(boundsOf(mark));
    switch (mark.shape) {
        case MarkShape::Label:
            words.box = {first - QPointF(5, size.height() / 2), size};
            break;
        case MarkShape::Thing:
            words.isFramed = true;
            words.box = mark.points.size() == 1
                            ? QRectF(first + QPointF(11, -size.height() / 2), size)
                            : QRectF(bounds.topLeft() - QPointF(0, size.height() + 3), size);
            break;
        case MarkShape::Free:
        case MarkShape::Line:
        case MarkShape::Box:
        case MarkShape::Outline:
            words.box = {bounds.center() - QPointF(size.width() / 2, size.height() / 2), size};
            break;
    }
    return words;
}

double distanceToLine(const std::vector<PxPoint>& points, PxPoint px) {
    level::Route line;
    line.points = points;
    const auto place = nearestPlace(line, px);
    return place ? place->distancePx : 1e9;
}

}  // namespace

QColor pencilColor(PencilTone tone) {
    const Theme& theme = currentTheme();
    switch (tone) {
        case PencilTone::Graphite:
            return theme.quietInk;
        case PencilTone::Verdigris:
            return theme.accent;
        case PencilTone::Ochre:
            return theme.caution;
        case PencilTone::Vermilion:
            return theme.alarm;
        case PencilTone::Plum:
            return theme.plum;
    }
    return theme.ink;
}

QString toneName(PencilTone tone) {
    switch (tone) {
        case PencilTone::Graphite:
            return tr("Graphite");
        case PencilTone::Verdigris:
            return tr("Verdigris");
        case PencilTone::Ochre:
            return tr("Ochre");
        case PencilTone::Vermilion:
            return tr("Vermilion");
        case PencilTone::Plum:
            return tr("Plum");
    }
    return {};
}

void paintMark(QPainter& painter, const Mark& mark, const QRectF& target, QPointF origin,
               double scale) {
    if (mark.shape == MarkShape::Label) return;
    const Mapping map{origin, scale};
    painter.setPen(pencilOf(mark, scale));
    painter.setBrush(Qt::NoBrush);
    if (mark.shape == MarkShape::Thing && mark.points.size() == 1)
        return paintThingMark(painter, map(mark.points[0]));
    if (mark.shape == MarkShape::Thing) {
        QPen dashed = painter.pen();
        dashed.setStyle(Qt::CustomDashLine);
        dashed.setDashPattern({5, 3});
        painter.setPen(dashed);
    }
    painter.drawPath(seenPath(lineOf(mark), map, target, mark.shape == MarkShape::Free));
    if (!mark.isRoom) return;
    // A room has a second, thinner line inside its border.
    QPen thin(pencilColor(mark.tone), 0.8);
    painter.setPen(thin);
    if (mark.shape == MarkShape::Box)
        painter.drawRect(map(boundsOf(mark)).adjusted(4, 4, -4, -4));
    else
        painter.fillPath(seenPath(lineOf(mark), map, target, false),
                         QBrush(pencilColor(mark.tone), Qt::Dense7Pattern));
}

void paintLeaves(QPainter& painter, const level::Sketch& sketch, const QRect& target,
                 QPointF origin, double scale) {
    const Mapping map{origin, scale};
    const QRectF seen = QRectF(target).adjusted(-12, -12, 12, 12);
    for (const level::Leaf& leaf : sketch.leaves) {
        if (!leaf.isShown || leaf.marks.empty()) continue;
        // A leaf is drawn whole and then laid down: where its strokes cross they do not get darker.
        const bool isWhole = leaf.opacity >= 100;
        QImage sheet;
        QPainter own;
        if (!isWhole) {
            const double ratio = painter.device()->devicePixelRatio();
            sheet = QImage((QSizeF(target.size()) * ratio).toSize(),
                           QImage::Format_ARGB32_Premultiplied);
            sheet.setDevicePixelRatio(ratio);
            sheet.fill(Qt::transparent);
            own.begin(&sheet);
            own.translate(-target.topLeft());
        }
        QPainter& on = isWhole ? painter : own;
        on.setRenderHint(QPainter::Antialiasing);
        for (const Mark& mark : leaf.marks) {
            const QRectF bounds = map(boundsOf(mark));
            const double slack = std::max(bounds.width(), bounds.height()) / 6 + 4;
            if (bounds.adjusted(-slack, -slack, slack, slack).intersects(seen))
                paintMark(on, mark, seen, origin, scale);
        }
        if (isWhole) continue;
        own.end();
        painter.setOpacity(leaf.opacity / 100.0);
        painter.drawImage(target.topLeft(), sheet);
        painter.setOpacity(1);
    }
}

void paintWords(QPainter& painter, const level::Sketch& sketch, const View& view,
                const QRect& area) {
    const Mapping map{view.offset(), view.scale()};
    painter.save();
    for (const level::Leaf& leaf : sketch.leaves) {
        if (!leaf.isShown) continue;
        painter.setOpacity(leaf.opacity / 100.0);
        for (const Mark& mark : leaf.marks) {
            const Words words = wordsOf(mark, map);
            if (words.text.isEmpty() || !words.box.intersects(area)) continue;
            painter.setFont(wordsFont(mark, view.scale()));
            QColor ground = currentTheme().paper;
            ground.setAlphaF(0.75f);
            painter.fillRect(words.box.adjusted(2, 1, -2, -1), ground);
            if (words.isFramed) {
                painter.setPen(QPen(pencilColor(mark.tone), 1));
                painter.drawRect(words.box.adjusted(1.5, 0.5, -1.5, -0.5));
            }
            painter.setPen(mark.tone == PencilTone::Graphite ? currentTheme().ink
                                                             : pencilColor(mark.tone));
            painter.drawText(words.box, Qt::AlignCenter, words.text);
        }
    }
    painter.restore();
}

void paintSketchSelection(QPainter& painter, const level::Sketch& sketch, const View& view,
                          const Selection& selection, QRectF underlay) {
    const Theme& theme = currentTheme();
    painter.save();
    QPen pen(theme.accent, 1.2, Qt::CustomDashLine);
    pen.setDashPattern({4, 3});
    painter.setPen(pen);
    painter.setBrush(Qt::NoBrush);
    if (selection.hasUnderlay) painter.drawRect(underlay);
    for (const level::MarkId id : selection.marks) {
        const Mark* mark = findMark(sketch, id);
        if (!mark) continue;
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        const Words words = wordsOf(*mark, {view.offset(), view.scale()});
        QRectF frame = view.toWidget(boundsOf(*mark)).adjusted(-5, -5, 5, 5);
        if (mark->shape == MarkShape::Label) frame = words.box;
        if (mark->shape == MarkShape::Thing && mark->points.size() == 1)
            frame = frame.adjusted(-6, -6, 6, 6).united(words.box);
        painter.drawRect(frame);
        if (selection.marks.size() > 1 || mark->shape == MarkShape::Label) continue;
        painter.setPen(QPen(theme.accent, 1.4));
        painter.setBrush(theme.paper);
        for (const PxPoint p : mark->points) {
            const QPointF at = view.toWidget(p);
            painter.drawRect(QRectF(at.x() - handleRadius, at.y() - handleRadius, 2 * handleRadius,
                                    2 * handleRadius));
        }
    }
    painter.restore();
}

level::MarkId markAt(const level::Sketch& sketch, PxPoint px, double scale) {
    const double slack = 6 / scale;
    const QPointF widget(px.x * scale, px.y * scale);
    for (std::size_t l = sketch.leaves.size(); l-- > 0;) {
        const level::Leaf& leaf = sketch.leaves[l];
        if (leaf.isLocked || !leaf.isShown) continue;
        for (std::size_t m = leaf.marks.size(); m-- > 0;) {
            const Mark& mark = leaf.marks[m];
            if (wordsOf(mark, {{}, scale}).box.contains(widget)) return mark.id;
            if (mark.shape == MarkShape::Label) continue;
            const PxRect bounds = boundsOf(mark).grown(qCeil(slack) + 2);
            const bool isPointMark = mark.shape == MarkShape::Thing && mark.points.size() == 1;
            const bool isHit =
                isPointMark ? bounds.grown(qCeil(4 / scale)).contains(px)
                            : bounds.contains(px) && (mark.shape == MarkShape::Thing ||
                                                      distanceToLine(lineOf(mark), px) <= slack);
            if (isHit) return mark.id;
        }
    }
    return {};
}

}  // namespace rook::app
