/// What Qt tells the board.

#include <QDragEnterEvent>
#include <QLineEdit>
#include <QMimeData>
#include <cmath>

#include "app/board/board.h"
#include "app/ui/buttons.h"

namespace rook::app {

void Board::dragEnterEvent(QDragEnterEvent* event) {
    if (!isWalking() && event->mimeData()->hasFormat(CardButton::partType()))
        event->acceptProposedAction();
}

void Board::dropEvent(QDropEvent* event) {
    const QString text = QString::fromUtf8(event->mimeData()->data(CardButton::partType()));
    if (!isWalking() && step().drop(text, event->position())) event->acceptProposedAction();
}

void Board::mousePressEvent(QMouseEvent* event) {
    setFocus();
    m_keyCursor.hide();
    const bool isPan = event->button() == Qt::MiddleButton ||
                       (event->button() == Qt::LeftButton && m_isPanKeyDown);
    if (isPan) {
        m_pointer = event->position();
        m_isPanning = true;
        setCursor(Qt::ClosedHandCursor);
        return;
    }
    pressAt(m_view.toLevel(event->position()), event->button(), event->modifiers());
}

void Board::mouseMoveEvent(QMouseEvent* event) {
    m_keyCursor.hide();
    if (!m_isPanning) return moveTo(m_view.toLevel(event->position()), event->modifiers());
    const QPointF former = std::exchange(m_pointer, event->position());
    View view = m_view;
    view.pan(m_pointer - former);
    setView(view);
    m_hasPointer = true;
    m_pointerPx = m_view.toLevelPx(m_pointer);
    update();
    Q_EMIT pointerMoved();
}

void Board::mouseReleaseEvent(QMouseEvent* event) {
    if (m_isPanning) {
        m_isPanning = false;
        return takeTool();
    }
    releaseAt(m_view.toLevel(event->position()), event->button(), event->modifiers());
}

void Board::focusOutEvent(QFocusEvent* event) {
    // A key that is let go elsewhere is not told here.
    m_isPanKeyDown = false;
    step().loseKeys();
    if (m_playtest) m_playtest->loseKeys();
    QWidget::focusOutEvent(event);
}

void Board::leaveEvent(QEvent* event) {
    m_hasPointer = m_keyCursor.isShown();
    update();
    Q_EMIT pointerMoved();
    QWidget::leaveEvent(event);
}

void Board::wheelEvent(QWheelEvent* event) {
    // With Alt many systems turn a wheel sideways.
    const int turned = event->angleDelta().y() + event->angleDelta().x();
    if ((event->modifiers() & Qt::AltModifier) && turned != 0) {
        step().turnThrough(turned < 0 ? 1 : -1);
        return event->accept();
    }
    View view = m_view;
    view.zoomAt(event->position(), std::pow(1.25, event->angleDelta().y() / 120.0));
    setView(view);
    m_pointerPx = m_view.toLevelPx(event->position());
    Q_EMIT pointerMoved();
    event->accept();
}

void Board::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    // What showed the level whole goes on to do so.
    if (m_isFitted && !isWalking()) fitLevel();
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
        const auto& key = *static_cast<QKeyEvent*>(event);
        const bool isPlain = !(key.modifiers() & (Qt::ControlModifier | Qt::AltModifier));
        const bool isKept = isWalking()
                                ? isPlain
                                : key.key() == Qt::Key_Space || m_keyCursor.takeKey(key, true) ||
                                      step().takeKey(key, true);
        if (isKept) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void Board::keyPressEvent(QKeyEvent* event) {
    if (isWalking()) {
        const bool isModified = event->modifiers() & (Qt::ControlModifier | Qt::AltModifier);
        if (!isModified && m_playtest->takeKey(*event, true)) {
            if (m_playtest->isEnded()) stopWalk();
            return;
        }
    } else if (event->key() == Qt::Key_Space) {
        if (event->isAutoRepeat()) return;
        m_isPanKeyDown = true;
        return setCursor(Qt::OpenHandCursor);
    } else if (m_keyCursor.takeKey(*event, false) || step().takeKey(*event, true)) {
        return;
    }
    QWidget::keyPressEvent(event);
}

void Board::keyReleaseEvent(QKeyEvent* event) {
    if (isWalking() && m_playtest->takeKey(*event, false)) return;
    if (!event->isAutoRepeat() && step().takeKey(*event, false)) return;
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_isPanKeyDown = false;
        return takeTool();
    }
    QWidget::keyReleaseEvent(event);
}

}  // namespace rook::app
