#include "app/board.h"

#include <QGuiApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>

namespace rook::app {

Board::Board(Session& session, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_underlay(new UnderlayImages(this)),
      m_words(new QLineEdit(this)) {
    setObjectName(QStringLiteral("board"));
    setAccessibleName(tr("Board"));
    setAccessibleDescription(tr("The level. Draw and place here; the wheel zooms."));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setMinimumSize(200, 150);
    setAttribute(Qt::WA_OpaquePaintEvent);
    m_ways.whenReckoned = [this] { update(); };
    connect(&session, &Session::documentChanged, this, [this](const CellRect& touched) {
        // What a swatch teaches changes every cell that it dresses.
        if (m_lessons != m_session.lessons())
            m_images.clear();
        else
            m_images.invalidate(touched, m_session.level()->cellSize);
        followSketch();
        update();
    });
    connect(&session, &Session::levelSwitched, this, &Board::takeLevel);
    connect(&session, &Session::listsChanged, this, [this] {
        m_images.clear();
        m_sheets = loadSheets(m_session.project(), m_session.folder());
    });
    connect(&session, &Session::selectionChanged, this, [this] {
        previewLaying();
        update();
    });
    connect(&session, &Session::proofChanged, this, &Board::followStrewn);
    connect(&session, &Session::stepChanged, this, [this] {
        m_images.clear();
        m_leafImages.clear();
        m_words->hide();
        update();
    });
    connect(&session, &Session::toolChanged, this, &Board::takeTool);
    for (auto signal : {&Session::whatIfChanged, &Session::runChanged, &Session::runTickChanged})
        connect(&session, signal, this, qOverload<>(&QWidget::update));
    m_probeTimer.setSingleShot(true);
    m_probeTimer.setInterval(160);
    connect(&m_probeTimer, &QTimer::timeout, this, &Board::probe);
    m_motionTimer.setInterval(33);
    m_motionClock.start();
    connect(&m_motionTimer, &QTimer::timeout, this, &Board::advanceMotion);
    m_walkTimer.setInterval(15);
    m_walkTimer.setTimerType(Qt::PreciseTimer);
    connect(&m_walkTimer, &QTimer::timeout, this, &Board::advanceWalk);
    connect(m_underlay, &UnderlayImages::changed, this, qOverload<>(&QWidget::update));
    m_words->hide();
    m_words->setObjectName(QStringLiteral("board-words"));
    m_words->setMaxLength(200);
    m_words->installEventFilter(this);
    connect(m_words, &QLineEdit::editingFinished, this, &Board::takeWords);
    takeLevel();
    takeTool();
}

void Board::followStrewn(const LevelId& id) {
    update();
    const auto proven = m_session.proven(id);
    if (id != m_session.level()->id || !proven || proven->strewn == m_strewn) return;
    if (proven->strewnBefore == m_strewn)
        m_images.invalidate(proven->strewnChange, m_session.level()->cellSize);
    else
        m_images.clear();
}

void Board::takeLevel() {
    stopWalk();
    stopKitWalk();
    m_lastTrail.clear();
    m_jumpLine.reset();
    m_images.clear();
    m_leafImages.clear();
    m_words->hide();
    followSketch();
    m_sheets = loadSheets(m_session.project(), m_session.folder());
    if (m_tool) takeTool();
    if (m_shownLevel != m_session.level()->id) fitLevel();
    m_shownLevel = m_session.level()->id;
    update();
}

std::unique_ptr<Tool> Board::makeTool() const {
    switch (m_session.step()) {
        case Step::Sketch:
            return makeSketchTool(m_session.sketchTool());
        case Step::Shape:
            return isKit() ? makeKitTool(m_session.shapeTool())
                           : makeShapeTool(m_session.shapeTool());
        case Step::Cast:
            return makeCastTool(m_session.castTool());
        case Step::Prove:
            return makeProveTool(m_session.proveTool());
        case Step::Skin:
            return makeShapeTool(static_cast<ShapeTool>(m_session.skinTool()));
        case Step::Ship:
            return makeProbe();
    }
    return nullptr;
}

void Board::takeTool() {
    // Options may change in the middle of a gesture, which goes on; another tool ends it.
    const auto inHand = std::pair(m_session.step(), m_session.toolInHand() + (isKit() ? 100 : 0));
    if (!m_tool || m_toolInHand != inHand) {
        if (m_gestureButton != Qt::NoButton) cancel();
        m_toolInHand = inHand;
        m_tool = makeTool();
    }
    if (m_hasPointer && m_gestureButton == Qt::NoButton)
        m_tool->hover(inputAt(m_pointer, QGuiApplication::keyboardModifiers()));
    showCursor();
    update();
}

void Board::showCursor() {
    const bool isDrawing = m_session.step() != Step::Ship;
    const Qt::CursorShape plain = isDrawing ? Qt::CrossCursor : Qt::ArrowCursor;
    const Qt::CursorShape wanted = m_tool->preview().cursor.value_or(plain);
    if (cursor().shape() != wanted) setCursor(wanted);
}

PxPoint Board::cellCornerAt(QPointF widget) const {
    const CellSize cell = m_session.level()->cellSize;
    const PxPoint px = m_view.toLevelPx(widget);
    const CellPoint at = toCell({px.x + cell.width / 2, px.y + cell.height / 2}, cell);
    return {at.x * cell.width, at.y * cell.height};
}

void Board::themeChanged() {
    m_images.clear();
    m_leafImages.clear();
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
    input.isOther = m_isLineKeyDown;
    const ToolOptions& options = m_session.options();
    const auto proven = m_session.proven(input.level->id);
    if (proven && options.showsColliders() && m_session.step() == Step::Shape)
        input.shapes = proven->shapes.get();
    if (isKit())
        input.placed = &m_toolIndex.of(*m_session.project().kitOf(*input.level), *input.level);
    input.isErasing = m_gestureButton == Qt::RightButton;
    if (m_session.step() == Step::Skin) {
        m_lessons = m_session.lessons();
        input.lessons = m_lessons.get();
    }
    m_toolPlaces.follow(input.level->entities);
    input.places = &m_toolPlaces;
    input.scale = m_view.scale();
    input.leaf = m_session.leafInHand();
    const int routes = int(input.level->sketch.routes.size());
    input.route = m_session.options().route < routes ? m_session.options().route : -1;
    return input;
}

void Board::follow(const ToolOutcome& outcome) {
    if (outcome.edit) m_session.showGesture(*outcome.edit);
    if (outcome.options) m_session.setOptions(*outcome.options);
    if (outcome.isDone) m_session.commitGesture();
    if (outcome.selection) m_session.select(*outcome.selection);
    if (outcome.error) m_session.say(QString::fromStdString(outcome.error->sentence()));
    if (outcome.words) ask(*outcome.words);
    followProve(outcome);
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
    if (m_isRulerKeyDown && event->button() == Qt::LeftButton && !isWalking()) {
        m_isMeasuring = true;
        const PxPoint corner = cellCornerAt(m_pointer);
        return setJumpLine(JumpLine{corner, corner});
    }
    const bool isToolButton =
        event->button() == Qt::LeftButton || event->button() == Qt::RightButton;
    if (isWalking() || isKitWalking() || !isToolButton || m_gestureButton != Qt::NoButton) return;
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
    if (m_isMeasuring) {
        m_jumpLine->to = cellCornerAt(m_pointer);
    } else if (!m_isPanning && !isWalking()) {
        const ToolInput input = inputAt(m_pointer, event->modifiers());
        if (m_gestureButton != Qt::NoButton)
            follow(m_tool->drag(input));
        else
            m_tool->hover(input);
        if (m_gestureButton == Qt::NoButton) showCursor();
    }
    const bool isProbing =
        m_session.step() == Step::Prove && m_session.proveTool() == ProveTool::Probe;
    if (isProbing && !isWalking() && !m_isPanning) m_probeTimer.start();
    update();
    Q_EMIT pointerMoved();
}

void Board::mouseReleaseEvent(QMouseEvent* event) {
    if (m_isPanning) {
        m_isPanning = false;
        takeTool();
        return;
    }
    if (m_isMeasuring) {
        m_isMeasuring = false;
        if (m_jumpLine->from == m_jumpLine->to) setJumpLine({});
        return;
    }
    if (event->button() != m_gestureButton) return;
    const ToolOutcome outcome = m_tool->release(inputAt(event->position(), event->modifiers()));
    m_gestureButton = Qt::NoButton;
    follow(outcome);
    m_tool->hover(inputAt(event->position(), event->modifiers()));
}

void Board::focusOutEvent(QFocusEvent* event) {
    // A key that is let go elsewhere is not told here.
    m_isPanKeyDown = m_isRulerKeyDown = m_isLineKeyDown = false;
    QWidget::focusOutEvent(event);
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

bool Board::eventFilter(QObject* watched, QEvent* event) {
    // Escape in the line of words gives no answer.
    if (watched == m_words && event->type() == QEvent::ShortcutOverride &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        m_isAsking = false;
        m_words->hide();
        setFocus();
        event->accept();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

bool Board::event(QEvent* event) {
    // While walking, all plain keys belong to the walk and not to the window's shortcuts.
    if (event->type() == QEvent::ShortcutOverride) {
        auto* key = static_cast<QKeyEvent*>(event);
        const bool isPlain = !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier));
        const bool isHeld = key->key() == Qt::Key_Space ||
                            (key->key() == Qt::Key_R && key->modifiers() == Qt::NoModifier);
        // The line's key chooses it, and while it is held the line is a flight of stairs.
        if (key->key() == Qt::Key_S && key->modifiers() == Qt::NoModifier) m_isLineKeyDown = true;
        if (((isWalking() || isKitWalking()) && isPlain) || isHeld) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void Board::keyPressEvent(QKeyEvent* event) {
    if (isKitWalking()) {
        if (takeKitWalkKey(event, true)) return;
    } else if (isWalking()) {
        if (takeWalkKey(event, true)) return;
    } else if (event->key() == Qt::Key_R && m_session.step() == Step::Shape &&
               m_session.level()->kind == level::LevelKind::Side) {
        m_isRulerKeyDown = true;
        return;
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
    if (isKitWalking() && takeKitWalkKey(event, false)) return;
    if (isWalking() && takeWalkKey(event, false)) return;
    if (event->key() == Qt::Key_S && !event->isAutoRepeat()) m_isLineKeyDown = false;
    if (event->key() == Qt::Key_R && !event->isAutoRepeat()) {
        m_isRulerKeyDown = false;
        return;
    }
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
    m_isMeasuring = false;
    ToolOptions options = m_session.options();
    // One thing at a time: the gesture, the ruler, what is in hand, the selection.
    if (wasInGesture) {
    } else if (m_jumpLine) {
        m_jumpLine.reset();
    } else if (m_session.step() == Step::Prove && m_session.whatIf().closed) {
        WhatIf whatIf = m_session.whatIf();
        whatIf.closed.reset();
        m_session.setWhatIf(whatIf);
    } else if (options.proposal || options.stamp) {
        options.proposal.reset();
        options.stamp.reset();
        m_session.setOptions(options);
    } else {
        m_session.select({});
    }
    update();
}

}  // namespace rook::app
