/// What hands do in the view in depth: turning, moving, nearing, and the tools of the board.

#include <QCoreApplication>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "app/board/board.h"
#include "app/painting/flags.h"
#include "app/steps/kit/depth_view.h"
#include "app/steps/kit/outlook_rose.h"
#include "app/ui/buttons.h"
#include "app/ui/words.h"
#include "kit/audit.h"

namespace rook::app {

namespace {

constexpr double keyTurn = std::numbers::pi / 12;
constexpr double pxTurn = 0.008;  ///< radians a px

}  // namespace

void DepthView::turnBy(const kit::Point3& about, double heading, double pitch) {
    setCamera(kit::turnedAbout(m_camera, about, heading, pitch));
}

void DepthView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    m_pointer = m_pressed = event->position();
    if (m_gesture != Gesture::None) return;
    if (looksFromWithin()) {
        m_gesture = Gesture::Look;
        return;
    }
    const bool isLeft = event->button() == Qt::LeftButton;
    const bool isMiddle = event->button() == Qt::MiddleButton;
    if ((isMiddle && (event->modifiers() & Qt::ShiftModifier)) || (isLeft && m_isMoveKeyDown)) {
        m_grabbed = placeUnder(m_pointer);
        m_gesture = Gesture::Move;
        return setCursor(Qt::ClosedHandCursor);
    }
    if (isMiddle || (isLeft && (event->modifiers() & Qt::AltModifier))) {
        m_grabbed = placeUnder(m_pointer);
        m_gesture = Gesture::Turn;
        return setCursor(Qt::SizeAllCursor);
    }
    if (const auto held = handles(); isLeft && held)
        if (const auto axis = held->at(m_pointer, m_camera, pictureSize()))
            if (const auto spot = spotOfSelected()) {
                m_gesture = Gesture::Handle;
                m_axis = *axis;
                m_heldHandles = *held;
                m_axisStart = held->along(*axis, m_pointer, m_camera, pictureSize());
                m_handleSpot = m_toolSpot = *spot;
                m_toolShift = {};
                m_session.workbench.setStorey(spot->storey);
                // Without Shift: the selection stays as it is.
                m_board.pressAt(spot->px, Qt::LeftButton, {});
                return;
            }
    if (isLeft && !(event->modifiers() & Qt::ControlModifier))
        if (const auto pull = faceAt(m_pointer)) {
            m_pull = pull;
            m_pulledBy = {};
            m_gesture = Gesture::Pull;
            return refresh();
        }
    pressTool(event);
}

std::optional<FacePull> DepthView::faceAt(QPointF widget) const {
    const Workbench& workbench = m_session.workbench;
    const auto& ids = workbench.selection().pieces;
    const bool mayPull = workbench.step() == Step::Shape && !m_board.isWalking() &&
                         (workbench.isInHand("select") || workbench.isInHand("solid"));
    if (!mayPull || ids.size() != 1 || !kit() || !showsWhatIsThere()) return std::nullopt;
    const level::Solid* solid = kit::findSolid(*m_session.document.level(), ids[0]);
    const auto hit = solid ? hitAt(widget) : std::nullopt;
    if (!hit || hit->id != solid->id) return std::nullopt;
    return FacePull::of(*kit(), *solid, hit->at);
}

void DepthView::dragFace(QPointF widget, Qt::KeyboardModifiers modifiers) {
    m_pulledBy =
        m_pull->by(*kit(), widget, m_camera, pictureSize(), modifiers.testFlag(Qt::ShiftModifier));
    Document& document = m_session.document;
    document.cancelGesture();
    if (m_pulledBy.isZero()) return;
    const auto edit =
        kit::pulled(*kit(), *document.level(), m_pull->solid.id, m_pull->face, m_pulledBy);
    if (!edit) return m_session.say(told(edit.error()));
    document.showGesture(*edit);
}

/// "3 × 2 × 2.5": what it would measure.
QString DepthView::pullWords() const {
    const level::Solid now = kit::pulledSolid(*kit(), m_pull->solid, m_pull->face, m_pulledBy);
    const auto text = [](const Rational& length) { return told(kit::lengthText(length)); };
    return QStringLiteral("%1 × %2 × %3")
        .arg(text(now.width), text(now.depth), text(exact(now.height)));
}

void DepthView::endPull() {
    if (m_session.document.isInGesture()) m_session.document.commitGesture();
    m_pull.reset();
}

std::optional<DepthView::Spot> DepthView::onThing(QPointF widget) const {
    if (m_session.workbench.step() != Step::Cast || m_board.isWalking() || !kit())
        return std::nullopt;
    const level::Entity* entity =
        level::findEntity(*m_session.document.level(), m_marks.thingAt(widget));
    if (!entity) return std::nullopt;
    const PxPoint middle = kit::boxMiddle(*entity);
    return Spot{QPointF(middle.x, middle.y), entity->storey,
                exact(kit()->storey).toDouble() * entity->storey};
}

void DepthView::pressTool(QMouseEvent* event) {
    // What is taken or deleted is what one sees there; what is placed lies on its storey.
    const Workbench& workbench = m_session.workbench;
    const bool wantsPiece = event->button() == Qt::RightButton || workbench.isInHand("select") ||
                            workbench.isInHand("close") ||
                            (event->modifiers() & Qt::ControlModifier);
    std::optional<Spot> spot = onThing(m_pointer);
    const bool isOnThing = spot.has_value();
    if (wantsPiece && !spot) spot = onPiece(m_pointer);
    if (!spot && selectsPieces() && event->button() == Qt::LeftButton && !m_board.isWalking()) {
        m_gesture = Gesture::Frame;
        return;
    }
    if (!spot && kit())
        spot = onLevel(m_pointer, exact(kit()->storey).toDouble() * workbench.storey(),
                       workbench.storey());
    if (!spot) return;
    m_gesture = Gesture::Tool;
    m_toolSpot = *spot;
    const auto under = isOnThing ? onLevel(m_pointer, spot->z, spot->storey) : std::nullopt;
    m_toolShift = under ? spot->px - under->px : QPointF();
    m_session.workbench.setStorey(spot->storey);
    m_board.pressAt(spot->px, event->button(), event->modifiers());
    refresh();
}

void DepthView::dragHandle(QPointF widget) {
    const level::Kit& now = *kit();
    const double along = m_heldHandles.along(m_axis, widget, m_camera, pictureSize()) - m_axisStart;
    const CellSize cell = m_session.document.level()->cellSize;
    QPointF px = m_handleSpot.px;
    const auto steps = [&](level::Decimal size) {
        return std::round(along / exact(size).toDouble());
    };
    if (m_axis == AxisHandles::Axis::Across) px.rx() += steps(now.width) * cell.width;
    if (m_axis == AxisHandles::Axis::Down) px.ry() += steps(now.depth) * cell.height;
    if (m_axis == AxisHandles::Axis::Storeys)
        m_session.workbench.setStorey(m_handleSpot.storey + int(steps(now.storey)));
    m_toolSpot.px = px;
    m_board.moveTo(px, {});
}

void DepthView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF former = std::exchange(m_pointer, event->position());
    m_hasPointer = true;
    const QPointF by = m_pointer - former;
    switch (m_gesture) {
        case Gesture::Look:
            return turnLook(by.x() * pxTurn / 2, by.y() * pxTurn / 2);
        case Gesture::Turn:
            return turnBy(m_grabbed, by.x() * pxTurn, by.y() * pxTurn);
        case Gesture::Move:
            return setCamera(kit::moved(m_camera, pictureSize(), m_grabbed,
                                        {former.x(), former.y()}, {m_pointer.x(), m_pointer.y()}));
        case Gesture::Handle:
            dragHandle(m_pointer);
            return refresh();
        case Gesture::Pull:
            dragFace(m_pointer, event->modifiers());
            return refresh();
        case Gesture::Frame:
            return update();
        case Gesture::Tool:
            if (const auto spot = onLevel(m_pointer, m_toolSpot.z, m_toolSpot.storey)) {
                m_toolSpot.px = spot->px + m_toolShift;
                m_board.moveTo(m_toolSpot.px, event->modifiers());
            }
            return refresh();
        case Gesture::None:
            break;
    }
    if (m_board.isWalking()) return;
    const auto hit = hitAt(m_pointer);
    m_pointed = hit ? hit->id : 0;
    const int storey = m_session.workbench.storey();
    std::optional<Spot> piece;
    if (hit && showsWhatIsThere()) piece = spotOf(*hit);
    const bool isOfStorey = piece && piece->storey == storey;
    const bool wantsPiece =
        m_session.workbench.isInHand("select") || m_session.workbench.isInHand("close");
    const level::Kit* now = kit();
    const auto ground =
        now ? onLevel(m_pointer, exact(now->storey).toDouble() * storey, storey) : std::nullopt;
    if (const auto thing = onThing(m_pointer))
        m_board.moveTo(thing->px, event->modifiers());
    else if (wantsPiece && isOfStorey)
        m_board.moveTo(piece->px, event->modifiers());
    else if (ground)
        m_board.moveTo(ground->px, event->modifiers());
    showCursor(m_pointer);
    refresh();
}

void DepthView::showCursor(QPointF widget) {
    const auto held = handles();
    if (held && held->at(widget, m_camera, pictureSize()))
        setCursor(Qt::SizeAllCursor);
    else if (!m_isMoveKeyDown && faceAt(widget))
        setCursor(Qt::PointingHandCursor);
    else if (m_isMoveKeyDown)
        setCursor(Qt::OpenHandCursor);
    else
        unsetCursor();
}

void DepthView::mouseReleaseEvent(QMouseEvent* event) {
    const Gesture gesture = std::exchange(m_gesture, Gesture::None);
    m_pointer = event->position();
    if (gesture == Gesture::Frame) endFrame(event->modifiers());
    if (gesture == Gesture::Pull) endPull();
    if (gesture == Gesture::Handle) m_board.releaseAt(m_toolSpot.px, Qt::LeftButton, {});
    if (gesture == Gesture::Tool)
        m_board.releaseAt(m_toolSpot.px, event->button(), event->modifiers());
    showCursor(m_pointer);
    refresh();
}

/// Takes what lies in the frame; a click beside all takes nothing.
void DepthView::endFrame(Qt::KeyboardModifiers modifiers) {
    Selection selection;
    if (modifiers & Qt::ShiftModifier) selection.pieces = m_session.workbench.selection().pieces;
    const bool isFrame = (m_pointer - m_pressed).manhattanLength() > 4;
    if (isFrame && m_picture.scene)
        for (const int id :
             m_picture.scene->idsIn(m_camera, pictureSize(), {m_pressed.x(), m_pressed.y()},
                                    {m_pointer.x(), m_pointer.y()}, look()))
            if (std::find(selection.pieces.begin(), selection.pieces.end(), id) ==
                selection.pieces.end())
                selection.pieces.push_back(id);
    m_session.workbench.select(selection);
}

void DepthView::wheelEvent(QWheelEvent* event) {
    const int turned = event->angleDelta().y() + event->angleDelta().x();
    if (looksFromWithin()) return event->accept();
    setCamera(kit::nearer(m_camera, placeUnder(event->position()), std::pow(1.25, turned / 120.0)));
    event->accept();
}

void DepthView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    placeControls();
    if (m_isFitted && event->oldSize().isValid() && !looksFromWithin())
        fit();
    else
        refresh();
}

void DepthView::leaveEvent(QEvent* event) {
    m_hasPointer = false;
    m_pointed = 0;
    refresh();
    QWidget::leaveEvent(event);
}

bool DepthView::event(QEvent* event) {
    // These would else move the selection, or pan the plan.
    if (event->type() == QEvent::ShortcutOverride) {
        auto& key = *static_cast<QKeyEvent*>(event);
        // While one walks, all plain keys are the walk's.
        if (m_board.isWalking()) {
            if (key.modifiers() & (Qt::ControlModifier | Qt::AltModifier))
                return QWidget::event(event);
            event->accept();
            return true;
        }
        const bool isArrow = key.key() >= Qt::Key_Left && key.key() <= Qt::Key_Down;
        if (key.key() == Qt::Key_Space || (isArrow && (key.modifiers() & Qt::ControlModifier))) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void DepthView::keyPressEvent(QKeyEvent* event) {
    if (takeWalkKey(event)) return;
    const bool isTurn = event->modifiers() & Qt::ControlModifier;
    const kit::Point3 about = m_hasPointer ? placeUnder(m_pointer) : m_camera.target;
    if (isTurn && event->key() == Qt::Key_Left) return turnBy(about, -keyTurn, 0);
    if (isTurn && event->key() == Qt::Key_Right) return turnBy(about, keyTurn, 0);
    if (isTurn && event->key() == Qt::Key_Up) return turnBy(about, 0, keyTurn);
    if (isTurn && event->key() == Qt::Key_Down) return turnBy(about, 0, -keyTurn);
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_isMoveKeyDown = true;
        return setCursor(Qt::OpenHandCursor);
    }
    QWidget::keyPressEvent(event);
}

void DepthView::keyReleaseEvent(QKeyEvent* event) {
    if (m_board.isWalking()) {
        QCoreApplication::sendEvent(&m_board, event);
        return;
    }
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_isMoveKeyDown = false;
        return showCursor(m_pointer);
    }
    QWidget::keyReleaseEvent(event);
}

void DepthView::paintEvent(QPaintEvent*) {
    if (m_isStale) askPicture();
    QPainter painter(this);
    const Theme& theme = currentTheme();
    if (m_picture.image.isNull() || m_picture.size != size()) painter.fillRect(rect(), theme.paper);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!m_picture.image.isNull()) painter.drawImage(QRectF(rect()), m_picture.image);
    m_rose->show(m_camera);
    DepthMarks::Beside beside;
    if (m_board.isWalking())
        beside = {m_board.playtest()->lookOf({}).isLeftOut, m_board.playtest()->kitGoing()};
    m_marks.paint(painter, m_picture, look(), m_board.toolPreview(), beside);
    paintPlate(painter);
    // What lies over the picture is where the picture was looked at from.
    const auto held = handles();
    if (held && m_gesture != Gesture::Tool)
        held->paint(painter, m_picture.camera, pictureSize(),
                    m_gesture == Gesture::Handle ? std::optional(m_axis)
                                                 : held->at(m_pointer, m_camera, pictureSize()));
    if (m_gesture == Gesture::Pull)
        m_pull->paint(painter, *kit(), m_pulledBy, m_picture.camera, pictureSize());
    else if (const auto face = faceAt(m_pointer);
             face && m_hasPointer && m_gesture == Gesture::None)
        face->paint(painter, *kit(), {}, m_picture.camera, pictureSize());
    if (m_gesture == Gesture::Frame) paintFrame(painter);
    paintWords(painter);
}

/// A ground of their own for the words below.
void DepthView::paintPlate(QPainter& painter) const {
    QRect plate;
    const Chip* const chips[] = {m_walkLooks[0], m_walkLooks[1], m_walkLooks[2], m_parallel,
                                 m_smooth,       m_lowWalls,     m_below,        m_large};
    for (const Chip* chip : chips)
        if (chip->isVisible()) plate |= chip->geometry();
    if (plate.isEmpty()) return;
    const Theme& theme = currentTheme();
    QColor ground = theme.panel;
    ground.setAlphaF(0.92f);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.rule(), 1));
    painter.setBrush(ground);
    painter.drawRoundedRect(QRectF(plate).adjusted(-4.5, -4.5, 4.5, 4.5), 3, 3);
    painter.setBrush(Qt::NoBrush);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void DepthView::paintFrame(QPainter& painter) const {
    const Theme& theme = currentTheme();
    QColor wash = theme.accent;
    wash.setAlphaF(0.12f);
    painter.setPen(QPen(theme.accent, 1.2, Qt::DashLine));
    painter.setBrush(wash);
    painter.drawRect(QRectF(m_pressed, m_pointer).normalized());
    painter.setBrush(Qt::NoBrush);
}

/// What the tool would do, at the pointer; and how much is shown.
void DepthView::paintWords(QPainter& painter) const {
    const Theme& theme = currentTheme();
    const ToolPreview& preview = m_board.toolPreview();
    if (m_gesture == Gesture::Pull)
        paintFlag(painter, size(), m_pointer + QPointF(16, 18), pullWords(), theme.ink);
    else if (m_hasPointer && !preview.label.isEmpty() && !m_board.isWalking())
        paintFlag(painter, size(), m_pointer + QPointF(16, 18), preview.label,
                  preview.isRefused ? theme.alarm : theme.ink);
    painter.setPen(theme.quietInk);
    painter.setFont(sizedFont(-2));
    const level::Kit* now = kit();
    const QRectF line(width() - 200, 12, 164, 18);
    if (m_picture.reading > 0)
        painter.drawText(line.translated(0, 20), Qt::AlignRight | Qt::AlignVCenter,
                         tr("Models still to be read: %1").arg(m_picture.reading));
    if (m_picture.large > 0)
        painter.drawText(line.translated(-200, 40).adjusted(0, 0, 200, 0),
                         Qt::AlignRight | Qt::AlignVCenter,
                         tr("Large models, shown by their blocks: %1").arg(m_picture.large));
    if (now && !looksFromWithin())
        painter.drawText(
            line, Qt::AlignRight | Qt::AlignVCenter,
            look().cut > 1e29 ? tr("all storeys") : tr("cut at %1 units").arg(look().cut + 0.01));
}

}  // namespace rook::app
