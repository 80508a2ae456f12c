#include "app/steps/shape/shape_on_board.h"

#include <QPainter>
#include <QtMath>

#include "app/board/board.h"
#include "app/steps/shape/shape_options.h"
#include "app/tools/cell_options.h"
#include "app/tools/jump_ruler.h"
#include "app/ui/words.h"
#include "level/level_kinds.h"

namespace rook::app {

bool ShapeOnBoard::hasJumps() const {
    return level::traitsOf(level().kind).hasGravity;
}

void ShapeOnBoard::followDocument() {
    m_plan.follow(level().sketch);
}

bool ShapeOnBoard::paintUnder(QPainter& painter, double budgetMs) {
    if (!m_session.workbench.options<ShapeOptions>().showsPlan) return true;
    painter.setOpacity(0.45);
    const bool isComplete = m_plan.paint(painter, level().sketch, view(), area(),
                                         m_board.devicePixelRatioF(), budgetMs);
    painter.setOpacity(1);
    return isComplete;
}

void ShapeOnBoard::paintTop(QPainter& painter) {
    paintShapes(painter);
    paintGuides(painter);
    paintProposal(painter);
    paintJumps(painter);
}

void ShapeOnBoard::fillInput(ToolInput& input) const {
    input.isOther = m_isFlightKeyDown;
    const auto known = m_session.proofs.of(input.level->id);
    if (known && m_session.workbench.options<ShapeOptions>().showsColliders())
        input.shapes = known->shapes.get();
}

bool ShapeOnBoard::takeKey(const QKeyEvent& key, bool isDown) {
    // The line's key chooses it, and while it is held the line is a flight of stairs.
    if (key.key() == Qt::Key_S && (!isDown || key.modifiers() == Qt::NoModifier))
        m_isFlightKeyDown = isDown;
    if (key.key() != Qt::Key_R || !hasJumps()) return false;
    if (isDown && key.modifiers() != Qt::NoModifier) return false;
    m_isRulerKeyDown = isDown;
    return true;
}

void ShapeOnBoard::loseKeys() {
    m_isFlightKeyDown = m_isRulerKeyDown = false;
}

bool ShapeOnBoard::press(QPointF at) {
    if (!m_isRulerKeyDown) return false;
    const PxPoint corner = m_board.cellCornerAt(at);
    m_isMeasuring = true;
    setRuler(JumpLine{corner, corner});
    return true;
}

bool ShapeOnBoard::drag(QPointF at) {
    const auto& measured = m_session.workbench.options<MeasuredJump>().line;
    if (m_isMeasuring && measured) setRuler(JumpLine{measured->from, m_board.cellCornerAt(at)});
    return m_isMeasuring;
}

bool ShapeOnBoard::release() {
    const auto measured = m_session.workbench.options<MeasuredJump>().line;
    if (measured && measured->from == measured->to) setRuler({});
    return std::exchange(m_isMeasuring, false);
}

void ShapeOnBoard::setRuler(std::optional<JumpLine> line) {
    m_session.workbench.setOptions(MeasuredJump{line});
}

bool ShapeOnBoard::cancel() {
    m_isMeasuring = false;
    const ShapeOptions& options = m_session.workbench.options<ShapeOptions>();
    if (m_session.workbench.options<MeasuredJump>().line) {
        setRuler({});
        return true;
    }
    if (!options.proposal && !options.stamp) return false;
    m_session.workbench.change<ShapeOptions>([](ShapeOptions& o) {
        o.proposal.reset();
        o.stamp.reset();
    });
    return true;
}

void ShapeOnBoard::selectAll() {
    m_session.workbench.chooseTool("select");
    Selection selection;
    selection.cells = level::CellRegion(level().cells.bounds());
    m_session.workbench.select(selection);
}

void ShapeOnBoard::turn(level::Turning turning) {
    const bool isSideways = turning == level::Turning::MirrorSideways;
    const bool isMirror = isSideways || turning == level::Turning::MirrorTopToBottom;
    const auto& cells = selection().cells;
    if (!cells && isMirror)
        return m_session.workbench.change<CellOptions>([&](CellOptions& o) {
            bool& mirrors = isSideways ? o.mirrorsSideways : o.mirrorsTopToBottom;
            mirrors = !mirrors;
        });
    if (!cells) return m_session.say(tr("Select some cells first (G), then turn them."));
    const auto turned = turnCells(level(), *cells, turning);
    if (!turned) return m_session.say(told(turned.error()));
    m_session.document.apply(turned->edit);
    Selection selection;
    selection.cells = turned->to;
    m_session.workbench.select(selection);
}

std::vector<PxRect> ShapeOnBoard::freshSolids(const ProvenLevel* proven,
                                              std::vector<CellRect>& areas) const {
    // At most so many chunks can be cut within a frame.
    constexpr std::size_t mostChunks = 160;
    constexpr int side = Grid<level::Cell>::chunkSide;
    const CellRect seen = m_board.cellsInSight();
    const bool hasShapes = proven && proven->shapes && proven->shapesOf &&
                           proven->shapesOf->cells.bounds() == level().cells.bounds();
    if (hasShapes) {
        Grid<level::Cell>::forEachChangedChunk(level().cells, proven->shapesOf->cells,
                                               [&](const CellRect& chunk) {
                                                   if (!chunk.intersected(seen).isEmpty())
                                                       areas.push_back(chunk);
                                               });
    } else {
        for (int y = seen.y / side * side; y < seen.bottom(); y += side)
            for (int x = seen.x / side * side; x < seen.right(); x += side)
                areas.push_back(CellRect{x, y, side, side}.intersected(level().cells.bounds()));
    }
    if (areas.size() > mostChunks) areas.clear();
    const level::LevelCells cells(project(), level());
    std::vector<PxRect> rects;
    for (const CellRect& area : areas) {
        const auto some =
            collide::rectanglesIn(frameOf(level()), cells, area, level::Behaviour::Solid);
        rects.insert(rects.end(), some.begin(), some.end());
    }
    return rects;
}

void ShapeOnBoard::paintShapes(QPainter& painter) {
    static const std::vector<collide::Outline> noOutlines;
    const auto polygonOf = [this](const collide::Polygon& points) {
        QPolygonF line;
        for (const PxPoint p : points)
            line << view().toWidget(p);
        return line;
    };
    const auto known = proven();
    const ShapeOptions& options = m_session.workbench.options<ShapeOptions>();
    const Theme& theme = currentTheme();
    painter.setBrush(Qt::NoBrush);
    const auto drawRects = [&](const std::vector<PxRect>& rects, const QColor& tone) {
        QColor wash = tone;
        wash.setAlphaF(0.10f);
        painter.setPen(QPen(tone, 1.4));
        const PxRect seen = toPx(m_board.cellsInSight(), level().cellSize);
        for (const PxRect& each : rects) {
            if (!each.overlaps(seen)) continue;
            const QRectF box = view().toWidget(each).adjusted(1, 1, -1, -1);
            painter.fillRect(box, wash);
            painter.drawRect(box);
        }
    };
    if (options.showsSolids) {
        // What was drawn since the last merging is shown chunk by chunk, at once.
        std::vector<CellRect> areas;
        const auto fresh = freshSolids(known.get(), areas);
        drawRects(fresh, theme.accent);
        QRegion old(area());
        for (const CellRect& area : areas)
            old -= view().toWidget(toPx(area, level().cellSize)).toAlignedRect();
        painter.setClipRegion(old);
        if (known && known->shapes) drawRects(known->shapes->solids, theme.accent);
        painter.setClipping(false);
    }
    if (!known || !known->shapes) return;
    const collide::CollisionShapes& shapes = *known->shapes;
    if (options.showsDeadly) drawRects(shapes.deadly, theme.alarm);
    if (options.showsLadders) drawRects(shapes.ladders, theme.quietInk);
    if (options.showsLiquids) drawRects(shapes.liquids, theme.quietInk);
    if (options.showsOneWay) {
        painter.setPen(QPen(theme.caution, 3));
        for (const collide::OneWayTop& top : shapes.oneWay)
            painter.drawLine(view().toWidget(PxPoint{top.x, top.y}),
                             view().toWidget(PxPoint{top.x + top.width, top.y}));
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
            if (area().contains(corner.toPoint())) painter.drawEllipse(corner, 2.6, 2.6);
        painter.setBrush(Qt::NoBrush);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void ShapeOnBoard::paintGuides(QPainter& painter) {
    const CellOptions& options = m_session.workbench.options<CellOptions>();
    const auto& boardFrame = m_session.workbench.options<ShapeOptions>().boardFrame;
    const PxRect board = level().boundsPx();
    QPen pen(currentTheme().plum, 1.2, Qt::CustomDashLine);
    pen.setDashPattern({8, 4, 1, 4});
    painter.setPen(pen);
    painter.setBrush(Qt::NoBrush);
    const QRectF shown = view().toWidget(board);
    const QPointF middle = shown.center();
    if (options.mirrorsSideways)
        painter.drawLine(QPointF(middle.x(), shown.top()), QPointF(middle.x(), shown.bottom()));
    if (options.mirrorsTopToBottom)
        painter.drawLine(QPointF(shown.left(), middle.y()), QPointF(shown.right(), middle.y()));
    if (!boardFrame) return;
    painter.setPen(QPen(currentTheme().accent, 2));
    painter.drawRect(view().toWidget(toPx(*boardFrame, level().cellSize)));
}

void ShapeOnBoard::paintProposal(QPainter& painter) {
    const auto& proposal = m_session.workbench.options<ShapeOptions>().proposal;
    if (!proposal) return;
    // One look-up a widget px, so that its size does not matter.
    QColor mass = currentTheme().accent;
    mass.setAlphaF(0.42f);
    QColor air = currentTheme().paper;
    air.setAlphaF(0.72f);
    const QRgb solid = qPremultiply(mass.rgba());
    const QRgb open = qPremultiply(air.rgba());
    QImage image(area().size(), QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    const CellSize cell = level().cellSize;
    const auto cellAt = [&](double widget, double offset, int px) {
        return qFloor((widget + 0.5 + offset) / (view().scale() * px));
    };
    for (int y = 0; y < area().height(); ++y) {
        const int row = cellAt(y, view().offset().y(), cell.height) - proposal->bounds.y;
        if (row < 0 || row >= proposal->bounds.height) continue;
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < area().width(); ++x) {
            const int column = cellAt(x, view().offset().x(), cell.width) - proposal->bounds.x;
            if (proposal->area.test(column, row))
                line[x] = proposal->solid.test(column, row) ? solid : open;
        }
    }
    painter.drawImage(0, 0, image);
}

namespace {

/// A line beside another is not told from it by its colour alone.
QPen guidePen(const QColor& tone, bool isLent) {
    QPen pen(tone, isLent ? 1.1 : 1.5, isLent ? Qt::DashLine : Qt::SolidLine);
    pen.setJoinStyle(Qt::RoundJoin);
    return pen;
}

}  // namespace

void ShapeOnBoard::paintJumps(QPainter& painter) {
    m_jumpGuides.update(project(), level());
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& measured = m_session.workbench.options<MeasuredJump>().line;
    if (measured) paintJumpLine(painter, view(), area().size(), m_jumpGuides, *measured);
    const bool isShown = m_session.workbench.options<ShapeOptions>().showsJumps &&
                         m_board.hasPointer() && !m_isMeasuring && !m_board.isInGesture() &&
                         hasJumps();
    const auto floor = isShown ? floorBelow(project(), level(), m_board.pointerPx()) : std::nullopt;
    if (floor) {
        const PxPoint from{m_board.pointerPx().x, *floor};
        bool isOwn = true;
        for (const JumpGuide& guide : m_jumpGuides.guides()) {
            if (!isOwn && !m_session.workbench.options<ShapeOptions>().showsLentJumps) break;
            paintJump(painter, guide, from, isOwn);
            isOwn = false;
        }
        if (m_jumpGuides.hop() && m_session.workbench.options<ShapeOptions>().showsLentJumps)
            paintArc(painter, *m_jumpGuides.hop(), from, true);
    }
    painter.restore();
}

void ShapeOnBoard::paintArc(QPainter& painter, const motion::JumpArc& arc, PxPoint from,
                            bool isLent) {
    painter.setPen(guidePen(currentTheme().plum, isLent));
    for (const int side : {-1, 1}) {
        QPolygonF line;
        for (const PxPoint step : arc.path)
            line << view().toWidget(PxPoint{from.x + side * step.x, from.y + step.y});
        painter.drawPolyline(line);
    }
}

void ShapeOnBoard::paintJump(QPainter& painter, const JumpGuide& guide, PxPoint from, bool isOwn) {
    const QColor tone = currentTheme().plum;
    painter.setPen(guidePen(tone, !isOwn));
    const CellSize cell = level().cellSize;
    paintArc(painter, guide.far, from, !isOwn);
    const QPointF top = view().toWidget(PxPoint{from.x, from.y - guide.high.rise});
    painter.drawLine(view().toWidget(from), top);
    painter.drawLine(top - QPointF(5, 0), top + QPointF(5, 0));
    const auto inCells = [](int px, int size) {
        return QString::number(double(px) / size, 'f', 1);
    };
    const QString height =
        tr("%1 px, %2 cells up").arg(guide.high.rise).arg(inCells(guide.high.rise, cell.height));
    const QString width =
        tr("%1 px, %2 cells far").arg(guide.far.reach).arg(inCells(guide.far.reach, cell.width));
    const QPointF end = view().toWidget(PxPoint{from.x + guide.far.reach, from.y});
    if (isOwn) {
        m_board.paintFlag(painter, top + QPointF(8, -20), height, tone);
        m_board.paintFlag(painter, end + QPointF(6, -22), width, tone);
        return;
    }
    // One line a guide: what differs from the profile's own jump, below the floor or at its top.
    const JumpGuide& own = m_jumpGuides.guides().first();
    if (guide.high.rise != own.high.rise)
        m_board.paintFlag(painter, top + QPointF(8, -20),
                          tr("%1: %2, %3").arg(guide.name, height, width), tone);
    else if (guide.far.reach != own.far.reach)
        m_board.paintFlag(painter, end + QPointF(-40, 8), tr("%1: %2").arg(guide.name, width),
                          tone);
}

}  // namespace rook::app
