#include <QPainter>
#include <QPainterPath>
#include <QtMath>

#include "app/board.h"
#include "app/theme.h"

namespace rook::app {

void Board::paintSelection(QPainter& painter) {
    const auto& cells = m_session.selection().cells;
    if (!cells) return;
    const QColor tone = currentTheme().accent;
    QColor wash = tone;
    wash.setAlphaF(0.10f);
    QPen pen(tone, 1.5, Qt::CustomDashLine);
    pen.setDashPattern({4, 3});
    painter.setBrush(Qt::NoBrush);
    if (!cells->isRect()) return paintCells(painter, *cells, tone, 0.10f, pen);
    const QRectF box = m_view.toWidget(toPx(cells->bounds(), m_session.level()->cellSize));
    painter.fillRect(box, wash);
    painter.setPen(pen);
    painter.drawRect(box);
    if (m_session.step() != Step::Shape || m_gestureButton != Qt::NoButton) return;
    // What its edges can be stretched by.
    painter.setPen(QPen(tone, 1.4));
    painter.setBrush(currentTheme().paper);
    const QPointF middle = box.center();
    for (const QPointF at : {QPointF(box.left(), middle.y()), QPointF(box.right(), middle.y()),
                             QPointF(middle.x(), box.top()), QPointF(middle.x(), box.bottom())})
        painter.drawRect(QRectF(at - QPointF(3, 3), QSizeF(6, 6)));
}

CellRect Board::cellsInSight() const {
    const PxPoint from = m_view.toLevelPx(QPointF(0, 0));
    const PxPoint to = m_view.toLevelPx(QPointF(width(), height()));
    const CellSize cell = m_session.level()->cellSize;
    return CellRect::spanning(toCell(from, cell), toCell(to, cell))
        .intersected(m_session.level()->cells.bounds());
}

std::vector<PxRect> Board::freshSolids(const level::Level& level, const ProvenLevel* proven,
                                       std::vector<CellRect>& areas) const {
    // At most so many chunks can be cut within a frame.
    constexpr std::size_t mostChunks = 160;
    constexpr int side = Grid<level::Cell>::chunkSide;
    const CellRect seen = cellsInSight();
    const bool hasShapes = proven && proven->shapes && proven->shapesOf &&
                           proven->shapesOf->cells.bounds() == level.cells.bounds();
    if (hasShapes) {
        Grid<level::Cell>::forEachChangedChunk(level.cells, proven->shapesOf->cells,
                                               [&](const CellRect& chunk) {
                                                   if (!chunk.intersected(seen).isEmpty())
                                                       areas.push_back(chunk);
                                               });
    } else {
        for (int y = seen.y / side * side; y < seen.bottom(); y += side)
            for (int x = seen.x / side * side; x < seen.right(); x += side)
                areas.push_back(CellRect{x, y, side, side}.intersected(level.cells.bounds()));
    }
    if (areas.size() > mostChunks) areas.clear();
    const level::LevelCells cells(m_session.project(), level);
    std::vector<PxRect> rects;
    for (const CellRect& area : areas) {
        const auto some =
            collide::rectanglesIn(frameOf(level), cells, area, level::Behaviour::Solid);
        rects.insert(rects.end(), some.begin(), some.end());
    }
    return rects;
}

void Board::paintShapes(QPainter& painter) {
    static const std::vector<collide::Outline> noOutlines;
    const auto polygonOf = [this](const collide::Polygon& points) {
        QPolygonF line;
        for (const PxPoint p : points)
            line << m_view.toWidget(p);
        return line;
    };
    const auto proven = m_session.proven(m_session.level()->id);
    const ToolOptions& options = m_session.options();
    const Theme& theme = currentTheme();
    painter.setBrush(Qt::NoBrush);
    const auto drawRects = [&](const std::vector<PxRect>& rects, const QColor& tone) {
        QColor wash = tone;
        wash.setAlphaF(0.10f);
        painter.setPen(QPen(tone, 1.4));
        const PxRect seen = toPx(cellsInSight(), m_session.level()->cellSize);
        for (const PxRect& each : rects) {
            if (!each.overlaps(seen)) continue;
            const QRectF box = m_view.toWidget(each).adjusted(1, 1, -1, -1);
            painter.fillRect(box, wash);
            painter.drawRect(box);
        }
    };
    if (options.showsSolids) {
        // What was drawn since the last merging is shown chunk by chunk, at once.
        std::vector<CellRect> areas;
        const auto fresh = freshSolids(*m_session.level(), proven.get(), areas);
        drawRects(fresh, theme.accent);
        QRegion old(rect());
        for (const CellRect& area : areas)
            old -= m_view.toWidget(toPx(area, m_session.level()->cellSize)).toAlignedRect();
        painter.setClipRegion(old);
        if (proven && proven->shapes) drawRects(proven->shapes->solids, theme.accent);
        painter.setClipping(false);
    }
    if (!proven || !proven->shapes) return;
    const collide::CollisionShapes& shapes = *proven->shapes;
    if (options.showsDeadly) drawRects(shapes.deadly, theme.alarm);
    if (options.showsLadders) drawRects(shapes.ladders, theme.quietInk);
    if (options.showsLiquids) drawRects(shapes.liquids, theme.quietInk);
    if (options.showsOneWay) {
        painter.setPen(QPen(theme.caution, 3));
        for (const collide::OneWayTop& top : shapes.oneWay)
            painter.drawLine(m_view.toWidget(PxPoint{top.x, top.y}),
                             m_view.toWidget(PxPoint{top.x + top.width, top.y}));
    }
    painter.setRenderHint(QPainter::Antialiasing);
    if (options.showsSlopes) {
        QColor wash = theme.accent;
        wash.setAlphaF(0.18f);
        painter.setPen(QPen(theme.accent, 1.4));
        painter.setBrush(wash);
        for (const collide::Polygon& slope : shapes.slopes)
            painter.drawPolygon(polygonOf(slope));
        painter.setBrush(Qt::NoBrush);
    }
    const auto& outlines = options.showsOutlines ? shapes.outlines : noOutlines;
    for (const collide::Outline& outline : outlines) {
        const QPolygonF line = polygonOf(outline.points);
        painter.setPen(QPen(theme.plum, 2.4, outline.isHole ? Qt::DashLine : Qt::SolidLine));
        painter.drawPolygon(line);
        painter.setPen(QPen(theme.plum, 1.4));
        painter.setBrush(theme.paper);
        for (const QPointF corner : line)
            if (rect().contains(corner.toPoint())) painter.drawEllipse(corner, 2.6, 2.6);
        painter.setBrush(Qt::NoBrush);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void Board::paintGuides(QPainter& painter) {
    const ToolOptions& options = m_session.options();
    const PxRect board = m_session.level()->boundsPx();
    QPen pen(currentTheme().plum, 1.2, Qt::CustomDashLine);
    pen.setDashPattern({8, 4, 1, 4});
    painter.setPen(pen);
    painter.setBrush(Qt::NoBrush);
    const QRectF shown = m_view.toWidget(board);
    const QPointF middle = shown.center();
    if (options.mirrorsSideways)
        painter.drawLine(QPointF(middle.x(), shown.top()), QPointF(middle.x(), shown.bottom()));
    if (options.mirrorsTopToBottom)
        painter.drawLine(QPointF(shown.left(), middle.y()), QPointF(shown.right(), middle.y()));
    if (!options.boardFrame) return;
    painter.setPen(QPen(currentTheme().accent, 2));
    painter.drawRect(m_view.toWidget(toPx(*options.boardFrame, m_session.level()->cellSize)));
}

std::span<const level::CellRun> Board::runsInSight(const level::CellRegion& region) const {
    const CellRect seen = cellsInSight();
    const auto& runs = region.runs();
    const auto from = std::lower_bound(runs.begin(), runs.end(), level::CellRun{seen.y, 0, 0});
    const auto to = std::lower_bound(from, runs.end(), level::CellRun{seen.bottom(), 0, 0});
    return {from, to};
}

void Board::paintCells(QPainter& painter, const level::CellRegion& region, const QColor& tone,
                       float opacity, const QPen& outline) {
    // A path is smooth but slow; very many runs are washed one by one, or only framed.
    constexpr std::size_t mostInPath = 400;
    constexpr std::size_t mostRuns = 20000;
    const auto runs = runsInSight(region);
    if (runs.empty()) return;
    QColor wash = tone;
    wash.setAlphaF(opacity);
    painter.setPen(outline);
    painter.setBrush(Qt::NoBrush);
    const CellSize cell = m_session.level()->cellSize;
    const auto boxOf = [&](const CellRect& rect) { return m_view.toWidget(toPx(rect, cell)); };
    if (runs.size() > mostRuns) return painter.drawRect(boxOf(region.bounds()));
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    for (const level::CellRun& run : runs) {
        const QRectF part = boxOf({run.x, run.y, run.count, 1});
        if (!part.intersects(rect())) continue;
        if (runs.size() > mostInPath)
            painter.fillRect(part, wash);
        else
            path.addRect(part);
    }
    painter.fillPath(path, wash);
    painter.drawPath(path.simplified());
}

void Board::paintProposal(QPainter& painter) {
    const auto& proposal = m_session.options().proposal;
    if (!proposal) return;
    // One look-up a widget px, so that its size does not matter.
    QColor mass = currentTheme().accent;
    mass.setAlphaF(0.42f);
    QColor air = currentTheme().paper;
    air.setAlphaF(0.72f);
    const QRgb solid = qPremultiply(mass.rgba());
    const QRgb open = qPremultiply(air.rgba());
    QImage image(size(), QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    const CellSize cell = m_session.level()->cellSize;
    const auto cellAt = [&](double widget, double offset, int px) {
        return qFloor((widget + 0.5 + offset) / (m_view.scale() * px));
    };
    for (int y = 0; y < height(); ++y) {
        const int row = cellAt(y, m_view.offset().y(), cell.height) - proposal->bounds.y;
        if (row < 0 || row >= proposal->bounds.height) continue;
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < width(); ++x) {
            const int column = cellAt(x, m_view.offset().x(), cell.width) - proposal->bounds.x;
            if (proposal->area.test(column, row))
                line[x] = proposal->solid.test(column, row) ? solid : open;
        }
    }
    painter.drawImage(0, 0, image);
}

void Board::setJumpLine(std::optional<JumpLine> line) {
    m_jumpLine = line;
    update();
}

namespace {

/// A line beside another is not told from it by its colour alone.
QPen guidePen(const QColor& tone, bool isLent) {
    QPen pen(tone, isLent ? 1.1 : 1.5, isLent ? Qt::DashLine : Qt::SolidLine);
    pen.setJoinStyle(Qt::RoundJoin);
    return pen;
}

}  // namespace

void Board::paintJumps(QPainter& painter) {
    const level::Level& level = *m_session.level();
    m_jumpGuides.update(m_session.project(), level);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    if (m_jumpLine) paintRuler(painter);
    const bool isShown = m_session.options().showsJumps && m_hasPointer && !m_isMeasuring &&
                         m_gestureButton == Qt::NoButton && level.kind == level::LevelKind::Side;
    const auto floor = isShown ? floorBelow(m_session.project(), level, m_pointerPx) : std::nullopt;
    if (floor) {
        const PxPoint from{m_pointerPx.x, *floor};
        bool isOwn = true;
        for (const JumpGuide& guide : m_jumpGuides.guides()) {
            if (!isOwn && !m_session.options().showsLentJumps) break;
            paintJump(painter, guide, from, isOwn);
            isOwn = false;
        }
        if (m_jumpGuides.hop() && m_session.options().showsLentJumps)
            paintArc(painter, *m_jumpGuides.hop(), from, true);
    }
    painter.restore();
}

void Board::paintArc(QPainter& painter, const motion::JumpArc& arc, PxPoint from, bool isLent) {
    painter.setPen(guidePen(currentTheme().plum, isLent));
    for (const int side : {-1, 1}) {
        QPolygonF line;
        for (const PxPoint step : arc.path)
            line << m_view.toWidget(PxPoint{from.x + side * step.x, from.y + step.y});
        painter.drawPolyline(line);
    }
}

void Board::paintJump(QPainter& painter, const JumpGuide& guide, PxPoint from, bool isOwn) {
    const QColor tone = currentTheme().plum;
    painter.setPen(guidePen(tone, !isOwn));
    const CellSize cell = m_session.level()->cellSize;
    paintArc(painter, guide.far, from, !isOwn);
    const QPointF top = m_view.toWidget(PxPoint{from.x, from.y - guide.high.rise});
    painter.drawLine(m_view.toWidget(from), top);
    painter.drawLine(top - QPointF(5, 0), top + QPointF(5, 0));
    const auto inCells = [](int px, int size) {
        return QString::number(double(px) / size, 'f', 1);
    };
    const QString height =
        tr("%1 px, %2 cells up").arg(guide.high.rise).arg(inCells(guide.high.rise, cell.height));
    const QString width =
        tr("%1 px, %2 cells far").arg(guide.far.reach).arg(inCells(guide.far.reach, cell.width));
    const QPointF end = m_view.toWidget(PxPoint{from.x + guide.far.reach, from.y});
    if (isOwn) {
        paintFlag(painter, top + QPointF(8, -20), height, tone);
        paintFlag(painter, end + QPointF(6, -22), width, tone);
        return;
    }
    // One line a guide: what differs from the profile's own jump, below the floor or at its top.
    const JumpGuide& own = m_jumpGuides.guides().first();
    if (guide.high.rise != own.high.rise)
        paintFlag(painter, top + QPointF(8, -20), tr("%1: %2, %3").arg(guide.name, height, width),
                  tone);
    else if (guide.far.reach != own.far.reach)
        paintFlag(painter, end + QPointF(-40, 8), tr("%1: %2").arg(guide.name, width), tone);
}

void Board::paintRuler(QPainter& painter) {
    const QPointF from = m_view.toWidget(m_jumpLine->from);
    const QPointF to = m_view.toWidget(m_jumpLine->to);
    const QPointF corner(to.x(), from.y());
    const Theme& theme = currentTheme();
    QPen quiet(theme.quietInk, 1, Qt::DotLine);
    painter.setPen(quiet);
    painter.drawPolyline(QPolygonF{from, corner, to});
    const JumpWords words = m_jumpGuides.wordsFor(*m_jumpLine);
    const QColor tone = words.isMade ? theme.accent : theme.alarm;
    painter.setPen(QPen(tone, 2));
    painter.drawLine(from, to);
    painter.setBrush(theme.paper);
    painter.drawEllipse(from, 3.5, 3.5);
    painter.drawEllipse(to, 3.5, 3.5);
    paintFlag(painter, (from + corner) / 2 + QPointF(-20, 6), words.gap, theme.ink);
    if (from.y() != to.y())
        paintFlag(painter, (corner + to) / 2 + QPointF(8, -8), words.rise, theme.ink);
    paintFlag(painter, to + QPointF(10, -34), words.verdict, tone);
}

}  // namespace rook::app
