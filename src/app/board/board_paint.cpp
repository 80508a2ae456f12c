#include <QElapsedTimer>
#include <QPaintEvent>
#include <QPainter>

#include "app/board/board.h"
#include "app/painting/sketch_painter.h"

namespace rook::app {

namespace {

constexpr int paintBudgetMs = 6;  // of the 8 ms that the interface thread may be held

}  // namespace

std::shared_ptr<const level::Level> Board::levelInSight() const {
    const auto& whole = m_session.document.level();
    if (m_session.document.guards().masses.isShown || m_playtest ||
        !m_session.workbench.definition().mayHideMasses)
        return whole;
    if (m_bareOf != whole) {
        level::Level bare = *whole;
        bare.cells = Grid<level::Cell>(whole->cells.width(), whole->cells.height());
        bare.tiles = Grid<level::Tile>(0, 0);
        m_bareOf = whole;
        m_bare = std::make_shared<const level::Level>(std::move(bare));
    }
    return m_bare;
}

MatterScene Board::scene() const {
    const StepDefinition& definition = m_session.workbench.definition();
    m_inSight = levelInSight();
    MatterScene shown{&m_session.document.project(), m_inSight.get(), &m_sheets, definition.look};
    m_tilingRules = m_session.dressing.tilingRules();
    shown.tilingRules = m_tilingRules.get();
    const auto proven = m_session.proofs.ofBoard();
    m_strewn = proven ? proven->strewn : nullptr;
    shown.strewn = m_inSight == m_session.document.level() ? m_strewn.get() : nullptr;
    shown.isClear = shown.look.art >= 1;
    shown.tick = m_motionTick;
    shown.places = &places();
    step().dress(shown);
    if (m_playtest) m_playtest->dress(shown);
    if (!m_showsGrid) shown.look.grid = 0;
    if (shown.isClear && hasMovingTiles(m_session.document.project()))
        shown.motion = TileMotion::Still;
    return shown;
}

EntityLook Board::entityLook() const {
    EntityLook look{m_session.workbench.definition().entities, true, {}, {}};
    const bool hidesCast =
        !m_session.document.guards().cast.isShown && m_session.workbench.definition().mayHideCast;
    look.isLeftOut = [this, hidesCast](const level::Entity& entity) {
        return (hidesCast && !m_playtest) || !m_painter->shows(entity);
    };
    if (isInGesture()) look.selectedBy = m_tool->preview().selectedBy;
    return m_playtest ? m_playtest->lookOf(look) : look;
}

void Board::paintLevel(QPainter& painter, const MatterScene& shown) {
    const QRectF board = m_view.toWidget(m_session.document.level()->boundsPx());
    if (shown.isClear) {
        painter.fillRect(rect(), currentTheme().window);
        painter.fillRect(board, brushBehind(*m_session.document.level(), board));
        paintBackdrop(painter, shown, m_view, size(), false);
        paintInOrder(painter, shown, m_view, entityLook(), level::DrawOrder::BehindMasses, rect());
    }
    m_isComplete =
        m_painter->paint(painter, shown, {m_view, rect(), devicePixelRatioF(), paintBudgetMs});
    paintMotion(painter, shown);
    if (shown.isClear) paintBackdrop(painter, shown, m_view, size(), true);
    painter.setPen(QPen(currentTheme().rule(), 1));
    painter.drawRect(board.adjusted(-0.5, -0.5, 0.5, 0.5));
}

void Board::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const MatterScene shown = scene();
    QElapsedTimer timer;
    timer.start();
    paintLevel(painter, shown);
    const bool showsStep = !m_playtest || m_playtest->keepsStepInSight();
    if (showsStep) {
        const double left = paintBudgetMs - double(timer.nsecsElapsed()) / 1e6;
        m_isComplete = step().paintUnder(painter, left) && m_isComplete;
    }
    paintEntities(painter, shown, m_view, entityLook(), m_session.workbench.selection(), rect());
    if (!m_playtest) paintTrail(painter, m_view, m_lastTrail, 1);
    if (m_playtest) m_playtest->paint(painter, shown);
    if (shown.part == LayerPart::ButFront)
        paintFrontLayers(painter, shown, rect(), m_view.offset(), m_view.scale());
    if (shown.isClear)
        paintInOrder(painter, shown, m_view, entityLook(), level::DrawOrder::BeforeFront, rect());
    if (!m_playtest) {
        step().paintOver(painter);
        paintSelection(painter);
        step().paintTop(painter);
        paintPreview(painter);
        m_keyCursor.paint(painter);
    }
    if (m_playtest && m_hasPointer && mayDraw()) paintPreview(painter);
    if (m_playtest) m_screenChange.paint(painter, rect());
    if (m_playtest) m_playtest->paintGame(painter);
    if (!m_isComplete) QTimer::singleShot(0, this, qOverload<>(&QWidget::update));
}

/// What moves is painted over what does not, each time; only where it is, when its time has come.
void Board::paintMotion(QPainter& painter, const MatterScene& shown) {
    m_moving = shown.motion == TileMotion::Still
                   ? paintMoving(painter, shown, rect(), m_view.offset(), m_view.scale())
                   : QRegion();
    if (shown.motion == TileMotion::Still) m_moving += movingSprites(shown, m_view, rect());
    if (m_moving.isEmpty())
        m_motionTimer.stop();
    else if (!m_motionTimer.isActive())
        m_motionTimer.start();
}

void Board::advanceMotion() {
    const long long before = frameStamp(m_session.document.project(), m_motionTick);
    m_motionTick = m_motionClock.elapsed() * 60 / 1000;
    if (frameStamp(m_session.document.project(), m_motionTick) != before) update(m_moving);
}

void Board::paintSelection(QPainter& painter) {
    const auto& cells = m_session.workbench.selection().cells;
    if (!cells) return;
    const QColor tone = currentTheme().accent;
    QColor wash = tone;
    wash.setAlphaF(0.10f);
    QPen pen(tone, 1.5, Qt::CustomDashLine);
    pen.setDashPattern({4, 3});
    painter.setBrush(Qt::NoBrush);
    if (!cells->isRect()) return paintCells(painter, *cells, tone, 0.10f, pen);
    const QRectF box = m_view.toWidget(toPx(cells->bounds(), m_session.document.level()->cellSize));
    painter.fillRect(box, wash);
    painter.setPen(pen);
    painter.drawRect(box);
    if (!step().showsStretching() || isInGesture()) return;
    // What its edges can be stretched by.
    painter.setPen(QPen(tone, 1.4));
    painter.setBrush(currentTheme().paper);
    const QPointF middle = box.center();
    for (const QPointF at : {QPointF(box.left(), middle.y()), QPointF(box.right(), middle.y()),
                             QPointF(middle.x(), box.top()), QPointF(middle.x(), box.bottom())})
        painter.drawRect(QRectF(at - QPointF(3, 3), QSizeF(6, 6)));
}

void Board::paintPreview(QPainter& painter) {
    if (!m_hasPointer && !isInGesture()) return;
    const ToolPreview& preview = m_tool->preview();
    const Theme& theme = currentTheme();
    const CellSize cell = m_session.document.level()->cellSize;
    const QColor tone = preview.isErasing ? theme.alarm : theme.accent;
    paintCells(painter, preview.region, tone, 0.22f, QPen(tone, 1.5));
    QColor wash = tone;
    wash.setAlphaF(0.22f);
    painter.setPen(QPen(tone, 1.5));
    painter.setBrush(Qt::NoBrush);
    if (!preview.loop.empty()) {
        QPolygonF loop;
        for (const PxPoint point : preview.loop)
            loop << m_view.toWidget(point);
        painter.drawPolygon(loop);
    }
    if (preview.frame) painter.drawRect(m_view.toWidget(toPx(*preview.frame, cell)));
    if (preview.pxFrame) painter.drawRect(m_view.toWidget(*preview.pxFrame));
    if (preview.eraserPx > 0)
        painter.drawEllipse(m_pointer, preview.eraserPx * m_view.scale(),
                            preview.eraserPx * m_view.scale());
    if (preview.ruler) {
        const QPointF from = m_view.toWidget(preview.rulerFrom);
        const QPointF to = m_view.toWidget(*preview.ruler);
        painter.drawLine(from, to);
        painter.drawEllipse(from, 3, 3);
        painter.drawEllipse(to, 3, 3);
    }
    painter.setRenderHint(QPainter::Antialiasing);
    for (const level::Mark& mark : preview.marks)
        paintMark(painter, mark, rect(), m_view.offset(), m_view.scale());
    painter.setRenderHint(QPainter::Antialiasing, false);
    for (const PxRect& ghost : preview.ghosts) {
        painter.fillRect(m_view.toWidget(ghost), wash);
        painter.drawRect(m_view.toWidget(ghost));
    }
    if (preview.label.isEmpty()) return;
    paintFlag(painter, m_pointer + QPointF(16, -26), preview.label, tone);
}

void Board::paintCells(QPainter& painter, const level::CellRegion& region, const QColor& tone,
                       float opacity, const QPen& outline) const {
    app::paintCells(painter, m_view, size(), m_session.document.level()->cellSize, cellsInSight(),
                    region, tone, opacity, outline);
}

CellRect Board::cellsInSight() const {
    return app::cellsInSight(m_view, size(), m_session.document.level()->cells.bounds(),
                             m_session.document.level()->cellSize);
}

}  // namespace rook::app
