#include "app/shell/whole_board.h"

#include <QApplication>
#include <QCursor>
#include <QKeyEvent>

#include "app/shell/tray.h"

namespace rook::app {

namespace {

constexpr int trayWidth = 860;

}  // namespace

WholeBoard::WholeBoard(QWidget* window, QWidget* board, Tray* tray, QBoxLayout* rows,
                       const QList<QWidget*>& others)
    : QObject(window),
      m_window(window),
      m_board(board),
      m_tray(tray),
      m_rows(rows),
      m_others(others) {}

void WholeBoard::setOn(bool isOn) {
    if (m_isOn == isOn) return;
    m_isOn = isOn;
    m_tray->setFloating(isOn);
    if (isOn) {
        m_wasFullScreen = m_window->isFullScreen();
        m_hidden.clear();
        for (QWidget* other : m_others)
            if (!other->isHidden()) m_hidden << other;
        m_place = m_rows->indexOf(m_tray);
        m_rows->removeWidget(m_tray);
        m_tray->hide();
        m_window->setWindowState(m_window->windowState() | Qt::WindowFullScreen);
        qApp->installEventFilter(this);
    } else {
        qApp->removeEventFilter(this);
        m_rows->insertWidget(m_place, m_tray);
        m_tray->show();
        if (!m_wasFullScreen)
            m_window->setWindowState(m_window->windowState() & ~Qt::WindowFullScreen);
    }
    for (QWidget* other : m_hidden)
        other->setVisible(!isOn);
    m_board->setFocus();
}

bool WholeBoard::eventFilter(QObject* watched, QEvent* event) {
    const bool isDown =
        event->type() == QEvent::KeyPress || event->type() == QEvent::ShortcutOverride;
    if (!isDown && event->type() != QEvent::KeyRelease) return false;
    const auto* pressed = static_cast<QKeyEvent*>(event);
    const bool isPlain = !(pressed->modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier));
    const bool isIts =
        pressed->key() == key && isPlain && (watched == m_board || m_tray->isVisible());
    if (!isIts) return false;
    event->accept();
    if (event->type() == QEvent::ShortcutOverride || pressed->isAutoRepeat()) return true;
    if (isDown) {
        showTray();
    } else {
        m_tray->hide();
        m_board->setFocus();
    }
    return true;
}

/// In reach of the pointer, and whole.
void WholeBoard::showTray() {
    QWidget* parent = m_tray->parentWidget();
    const int width = std::min(trayWidth, parent->width());
    const QPoint pointer = parent->mapFromGlobal(QCursor::pos());
    QPoint corner(pointer.x() - width / 3, pointer.y() + 16);
    corner.setX(std::clamp(corner.x(), 0, std::max(0, parent->width() - width)));
    if (corner.y() + m_tray->height() > parent->height())
        corner.setY(std::max(0, pointer.y() - 16 - m_tray->height()));
    m_tray->setGeometry(QRect(corner, QSize(width, m_tray->height())));
    m_tray->show();
    m_tray->raise();
}

}  // namespace rook::app
