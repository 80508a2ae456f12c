#include "app/board.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QKeyEvent>
#include <QMouseEvent>

#include "app/entity_painter.h"
#include "file/matter_text.h"

namespace rook::app {

namespace {
constexpr double ticksPerMs = 60.0 / 1000;
constexpr int jumpBufferTicks = 6;  // a press that comes a tenth of a second early still jumps
}  // namespace

Board::Board(Session& session, QWidget* parent) : QWidget(parent), m_session(session) {
    setObjectName(QStringLiteral("board"));
    setAccessibleName(tr("Board"));
    setAccessibleDescription(tr("The level. Draw and place here; the wheel zooms."));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setMinimumSize(200, 150);
    setAttribute(Qt::WA_OpaquePaintEvent);
    connect(&session, &Session::documentChanged, this, [this](const CellRect& touched) {
        m_images.invalidate(touched, m_session.level()->cellSize);
        update();
    });
    connect(&session, &Session::levelSwitched, this, &Board::takeLevel);
    connect(&session, &Session::selectionChanged, this, [this] { update(); });
    connect(&session, &Session::proofChanged, this, [this] { update(); });
    connect(&session, &Session::stepChanged, this, [this] {
        m_images.clear();
        update();
    });
    connect(&session, &Session::toolChanged, this, &Board::takeTool);
    m_walkTimer.setInterval(15);
    m_walkTimer.setTimerType(Qt::PreciseTimer);
    connect(&m_walkTimer, &QTimer::timeout, this, &Board::advanceWalk);
    takeLevel();
    takeTool();
}

void Board::takeLevel() {
    stopWalk();
    m_lastTrail.clear();
    m_images.clear();
    m_sheets = loadSheets(m_session.project(), m_session.folder());
    if (m_tool) m_tool->cancel();
    if (m_shownLevel != m_session.level()->id) fitLevel();
    m_shownLevel = m_session.level()->id;
    update();
}

void Board::takeTool() {
    if (m_gestureButton != Qt::NoButton) cancel();
    switch (m_session.step()) {
        case Step::Shape:
            m_tool = makeShapeTool(m_session.shapeTool());
            break;
        case Step::Cast:
            m_tool = makeCastTool(m_session.castTool());
            break;
        case Step::Sketch:
        case Step::Skin:
        case Step::Prove:
        case Step::Ship:
            m_tool = makeProbe();
            break;
    }
    if (m_hasPointer) m_tool->hover(inputAt(m_pointer, QGuiApplication::keyboardModifiers()));
    const bool isDrawing = m_session.step() == Step::Shape || m_session.step() == Step::Cast ||
                           m_session.step() == Step::Prove;
    setCursor(isDrawing ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
}

void Board::themeChanged() {
    m_images.clear();
    update();
}

void Board::setView(const View& view) {
    if (view == m_view) return;
    m_view = view;
    if (m_hasPointer && m_tool && m_gestureButton == Qt::NoButton && !isWalking()) {
        m_pointerPx = m_view.toLevelPx(m_pointer);
        m_tool->hover(inputAt(m_pointer, QGuiApplication::keyboardModifiers()));
    }
    update();
    Q_EMIT viewChanged();
}

void Board::fitLevel() {
    View view = m_view;
    view.fit(m_session.level()->boundsPx(), size());
    setView(view);
}

void Board::bringIntoView(const PxRect& place) {
    const QRectF shown = m_view.toWidget(place);
    if (QRectF(rect()).adjusted(40, 40, -40, -40).contains(shown)) return;
    View view = m_view;
    if (view.scale() < 0.75) view.zoomAt({}, 1.25 / view.scale());
    view.centre({place.x + place.width / 2.0, place.y + place.height / 2.0}, size());
    setView(view);
}

ToolInput Board::inputAt(QPointF widget, Qt::KeyboardModifiers modifiers) const {
    ToolInput input;
    input.project = &m_session.project();
    input.level = &m_session.levelBeforeGesture();
    input.options = &m_session.options();
    input.selection = &m_session.selection();
    input.px = m_view.toLevelPx(widget);
    input.cell = toCell(input.px, input.level->cellSize);
    input.isStraight = modifiers & Qt::ShiftModifier;
    input.isPicking = modifiers & Qt::ControlModifier;
    input.isErasing = m_gestureButton == Qt::RightButton;
    input.scale = m_view.scale();
    return input;
}

void Board::follow(const ToolOutcome& outcome) {
    if (outcome.options) m_session.setOptions(*outcome.options);
    if (outcome.edit) m_session.showGesture(*outcome.edit);
    if (outcome.isDone) m_session.commitGesture();
    if (outcome.selection) m_session.select(*outcome.selection);
    if (outcome.error) m_session.say(QString::fromStdString(outcome.error->sentence()));
    update();
}

bool Board::isPanGesture(const QMouseEvent* event) const {
    return event->button() == Qt::MiddleButton ||
           (event->button() == Qt::LeftButton && m_isPanKeyDown);
}

void Board::mousePressEvent(QMouseEvent* event) {
    setFocus();
    m_pointer = event->position();
    if (isPanGesture(event)) {
        m_isPanning = true;
        setCursor(Qt::ClosedHandCursor);
        return;
    }
    const bool isToolButton =
        event->button() == Qt::LeftButton || event->button() == Qt::RightButton;
    if (isWalking() || !isToolButton || m_gestureButton != Qt::NoButton) return;
    m_gestureButton = event->button();
    follow(m_tool->press(inputAt(m_pointer, event->modifiers())));
}

void Board::mouseMoveEvent(QMouseEvent* event) {
    const QPointF former = std::exchange(m_pointer, event->position());
    if (m_isPanning) {
        View view = m_view;
        view.pan(m_pointer - former);
        setView(view);
    }
    m_hasPointer = true;
    m_pointerPx = m_view.toLevelPx(m_pointer);
    if (!m_isPanning && !isWalking()) {
        const ToolInput input = inputAt(m_pointer, event->modifiers());
        if (m_gestureButton != Qt::NoButton)
            follow(m_tool->drag(input));
        else
            m_tool->hover(input);
    }
    update();
    Q_EMIT pointerMoved();
}

void Board::mouseReleaseEvent(QMouseEvent* event) {
    if (m_isPanning) {
        m_isPanning = false;
        takeTool();
        return;
    }
    if (event->button() != m_gestureButton) return;
    const ToolOutcome outcome = m_tool->release(inputAt(event->position(), event->modifiers()));
    m_gestureButton = Qt::NoButton;
    follow(outcome);
    m_tool->hover(inputAt(event->position(), event->modifiers()));
}

void Board::leaveEvent(QEvent* event) {
    m_hasPointer = false;
    update();
    Q_EMIT pointerMoved();
    QWidget::leaveEvent(event);
}

void Board::wheelEvent(QWheelEvent* event) {
    View view = m_view;
    view.zoomAt(event->position(), std::pow(1.25, event->angleDelta().y() / 120.0));
    setView(view);
    m_pointerPx = m_view.toLevelPx(event->position());
    Q_EMIT pointerMoved();
    event->accept();
}

void Board::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    // A board that is laid out for the first time shows the level whole.
    if (event->oldSize().isEmpty() || event->oldSize().width() < 300) fitLevel();
    Q_EMIT viewChanged();
}

bool Board::event(QEvent* event) {
    // While walking, all plain keys belong to the walk and not to the window's shortcuts.
    if (event->type() == QEvent::ShortcutOverride) {
        auto* key = static_cast<QKeyEvent*>(event);
        const bool isPlain = !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier));
        if ((isWalking() && isPlain) || key->key() == Qt::Key_Space) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void Board::keyPressEvent(QKeyEvent* event) {
    if (isWalking()) {
        if (takeWalkKey(event, true)) return;
    } else if (event->key() == Qt::Key_Space) {
        if (!event->isAutoRepeat()) {
            m_isPanKeyDown = true;
            setCursor(Qt::OpenHandCursor);
        }
        return;
    }
    QWidget::keyPressEvent(event);
}

void Board::keyReleaseEvent(QKeyEvent* event) {
    if (isWalking() && takeWalkKey(event, false)) return;
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_isPanKeyDown = false;
        takeTool();
        return;
    }
    QWidget::keyReleaseEvent(event);
}

void Board::cancel() {
    m_gestureButton = Qt::NoButton;
    const bool wasInGesture = m_session.isInGesture();
    if (m_tool) m_tool->cancel();
    m_session.cancelGesture();
    if (!wasInGesture) m_session.select({});
    update();
}

void Board::copy() {
    const auto& cells = m_session.selection().cells;
    if (!cells) return m_session.say(tr("Select some cells first (G), then copy."));
    const level::CellClip clip = copyCells(*m_session.level(), *cells);
    level::Level drawing;
    drawing.cells = clip.cells;
    QStringList lines;
    for (const std::string& row :
         file::drawnRows(clip.cells, file::legendOf(m_session.project(), drawing)))
        lines << QString::fromStdString(row);
    QGuiApplication::clipboard()->setText(lines.join(QLatin1Char('\n')));
    m_session.setClip(clip);
    m_session.say(tr("Copied %1 × %2 cells.").arg(clip.cells.width()).arg(clip.cells.height()));
}

void Board::cut() {
    const auto cells = m_session.selection().cells;
    copy();
    if (!cells) return;
    level::LevelEdit edit = layCells(m_session.project(), *m_session.level(),
                                     level::CellRegion(*cells), level::Cell(), "Lay");
    edit.name = "Cut " + level::cellCountText(cells->area());
    m_session.apply(edit);
}

void Board::paste() {
    if (!m_session.clip())
        return m_session.say(tr("There is nothing to paste yet: copy some cells first."));
    const level::CellClip clip = *m_session.clip();
    const CellRect bounds = m_session.level()->cells.bounds();
    // At the pointer, else in the middle of what is seen; never outside the level.
    const QPointF widget = m_hasPointer ? m_pointer : QPointF(width() / 2.0, height() / 2.0);
    CellPoint at = toCell(m_view.toLevelPx(widget), m_session.level()->cellSize);
    at.x = std::clamp(at.x, 0, std::max(0, bounds.width - clip.cells.width()));
    at.y = std::clamp(at.y, 0, std::max(0, bounds.height - clip.cells.height()));
    m_session.apply(pasteCells(*m_session.level(), clip, at));
    m_session.setShapeTool(ShapeTool::Select);
    Selection selection;
    selection.cells =
        CellRect{at.x, at.y, clip.cells.width(), clip.cells.height()}.intersected(bounds);
    m_session.select(selection);
}

void Board::deleteSelection() {
    const Selection selection = m_session.selection();
    if (!selection.entities.empty())
        m_session.apply(deleteEntities(*m_session.level(), selection.entities));
    else if (selection.cells)
        m_session.apply(layCells(m_session.project(), *m_session.level(),
                                 level::CellRegion(*selection.cells), level::Cell(), "Lay"));
}

void Board::duplicate() {
    const Selection selection = m_session.selection();
    if (selection.cells) {
        m_session.setClip(copyCells(*m_session.level(), *selection.cells));
        return paste();
    }
    level::Level level = *m_session.level();
    Selection copies;
    CellRect touched;
    for (const EntityId& id : selection.entities) {
        const level::Entity* original = findEntity(*m_session.level(), id);
        const level::Kind* kind = original ? m_session.project().findKind(original->kind) : nullptr;
        if (!kind) continue;
        level::Entity copy = *original;
        const PxRect box = copy.box.moved(level.cellSize.width, 0);
        const auto placed = placeEntity(level, *kind, {box.x, box.y}, copy.facing);
        if (!placed) return m_session.say(QString::fromStdString(placed.error().sentence()));
        level = placed->level;
        copy.id = level.entities.items().back().id;
        copy.box = box;
        const auto changed = changeEntity(level, copy, "Duplicate " + id.text);
        if (!changed) return m_session.say(QString::fromStdString(changed.error().sentence()));
        level = changed->level;
        touched = touched.united(changed->touched);
        copies.entities.push_back(copy.id);
    }
    if (copies.entities.empty()) return;
    m_session.apply({level,
                     "Duplicate " + std::to_string(copies.entities.size()) +
                         (copies.entities.size() == 1 ? " entity" : " entities"),
                     touched});
    m_session.select(copies);
}

void Board::nudge(int dx, int dy, bool byPx) {
    const Selection selection = m_session.selection();
    const CellSize cell = m_session.level()->cellSize;
    if (!selection.entities.empty()) {
        const auto edit = moveEntities(*m_session.level(), selection.entities,
                                       dx * (byPx ? 1 : cell.width), dy * (byPx ? 1 : cell.height));
        if (!edit) return m_session.say(QString::fromStdString(edit.error().sentence()));
        m_session.apply(*edit);
    } else if (selection.cells) {
        const CellRect target = selection.cells->moved(dx, dy);
        if (!m_session.level()->cells.bounds().contains(target))
            return m_session.say(tr("The selection is at the edge of the level."));
        m_session.apply(moveCells(*m_session.level(), *selection.cells, dx, dy));
        Selection moved;
        moved.cells = target;
        m_session.select(moved);
    } else {
        View view = m_view;
        view.pan({-dx * 64.0, -dy * 64.0});
        setView(view);
    }
}

void Board::selectAll() {
    Selection selection;
    if (m_session.step() == Step::Cast) {
        for (const level::Entity& entity : m_session.level()->entities)
            selection.entities.push_back(entity.id);
    } else if (m_session.step() == Step::Shape) {
        m_session.setShapeTool(ShapeTool::Select);
        selection.cells = m_session.level()->cells.bounds();
    }
    m_session.select(selection);
}

void Board::startWalk(bool atPointer) {
    if (isWalking()) return;
    cancel();
    std::optional<PxPoint> at;
    if (atPointer && m_hasPointer) at = m_pointerPx;
    auto walk = Walk::begin(m_session.project(), *m_session.level(), at);
    if (!walk) return m_session.say(QString::fromStdString(walk.error().sentence()));
    m_walk = std::move(*walk);
    m_lastTrail.clear();
    m_viewBeforeWalk = m_view;
    m_images.clear();  // walking has a look of its own
    if (m_view.scale() < 1) {
        View view = m_view;
        view.zoomAt({}, 1.5 / view.scale());
        view.centre({double(m_walk->body().x), double(m_walk->body().y)}, size());
        setView(view);
    }
    followWalk();
    setFocus();
    setCursor(Qt::BlankCursor);
    m_walkClock.start();
    m_walkedTicks = 0;
    m_walkTimer.start();
    Q_EMIT walkChanged();
    update();
}

void Board::stopWalk() {
    if (!isWalking()) return;
    m_walkTimer.stop();
    // A run that has just begun anew has nothing to show: then the one before it stays.
    const bool hasRun = m_walk->trail().size() > 30 || m_walk->formerTrail().empty();
    m_lastTrail = hasRun ? m_walk->trail() : m_walk->formerTrail();
    m_walk.reset();
    m_images.clear();
    setView(m_viewBeforeWalk);
    takeTool();
    Q_EMIT walkChanged();
}

bool Board::takeWalkKey(const QKeyEvent* event, bool isDown) {
    if (event->modifiers() & (Qt::ControlModifier | Qt::AltModifier)) return false;
    WalkKeys& keys = m_walk->keys();
    switch (event->key()) {
        case Qt::Key_Left:
        case Qt::Key_A:
            keys.left = isDown || event->isAutoRepeat();
            return true;
        case Qt::Key_Right:
        case Qt::Key_D:
            keys.right = isDown || event->isAutoRepeat();
            return true;
        case Qt::Key_Down:
        case Qt::Key_S:
            keys.down = isDown || event->isAutoRepeat();
            return true;
        case Qt::Key_Space:
        case Qt::Key_Up:
        case Qt::Key_W:
            if (event->isAutoRepeat()) return true;
            keys.jump = isDown;
            if (isDown) keys.jumpBufferTicks = jumpBufferTicks;
            return true;
        case Qt::Key_Escape:
        case Qt::Key_Tab:
            if (isDown && !event->isAutoRepeat()) stopWalk();
            return true;
        default:
            return false;
    }
}

void Board::followWalk() {
    const runtime::Body& body = m_walk->body();
    const QPointF at = m_view.toWidget(PxPoint{body.x, body.y});
    const QRectF calm =
        QRectF(rect()).adjusted(width() * 0.3, height() * 0.25, -width() * 0.3, -height() * 0.25);
    const QPointF wanted = m_view.offset() + at -
                           QPointF(std::clamp(at.x(), calm.left(), calm.right()),
                                   std::clamp(at.y(), calm.top(), calm.bottom()));
    // Where the level ends there is nothing to see: an axis that fits whole does not move at all.
    const auto kept = [&](double offset, double now, int levelPx, int widgetPx) {
        constexpr double rim = 12;
        const double last = levelPx * m_view.scale() - widgetPx + rim;
        return last <= -rim ? now : std::clamp(offset, -rim, last);
    };
    const PxRect level = m_session.level()->boundsPx();
    View view = m_view;
    view.setOffset({kept(wanted.x(), m_view.offset().x(), level.width, width()),
                    kept(wanted.y(), m_view.offset().y(), level.height, height())});
    setView(view);
}

void Board::advanceWalk() {
    const auto due = static_cast<qint64>(double(m_walkClock.elapsed()) * ticksPerMs);
    // After a pause (a window was dragged) the world does not catch up in one leap.
    m_walkedTicks = std::max(m_walkedTicks, due - 6);
    const int deaths = m_walk->deaths();
    const int finished = m_walk->finished();
    for (; m_walkedTicks < due; ++m_walkedTicks)
        m_walk->tick();
    followWalk();
    if (deaths != m_walk->deaths() || finished != m_walk->finished()) Q_EMIT walkChanged();
    update();
}

}  // namespace rook::app
