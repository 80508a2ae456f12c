#include "app/board/board_cursor.h"

#include <QAccessible>
#include <QTextDocumentFragment>
#include <algorithm>

#include "app/board/board.h"
#include "app/painting/entity_painter.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr int farSteps = 8;
constexpr double edge = 48;  // widget px that it keeps from the board's edges

const level::Level& levelOf(const Board& board) {
    return *board.session().document.level();
}

/// The middle of the cell that holds a point.
PxPoint middleOf(PxPoint px, CellSize size) {
    const CellPoint cell = toCell(px, size);
    return {cell.x * size.width + size.width / 2, cell.y * size.height + size.height / 2};
}

}  // namespace

bool BoardCursor::takeKey(const QKeyEvent& key, bool onlyAsks) {
    if (m_board.isWalking()) return false;
    const int dx = (key.key() == Qt::Key_Right) - (key.key() == Qt::Key_Left);
    const int dy = (key.key() == Qt::Key_Down) - (key.key() == Qt::Key_Up);
    const Qt::KeyboardModifiers modifiers = key.modifiers() & ~Qt::KeypadModifier;
    if (dx != 0 || dy != 0) {
        if (!(modifiers & Qt::ControlModifier)) return false;
        if (!onlyAsks) go(dx, dy, modifiers);
        return true;
    }
    if (!m_isShown) return false;
    const bool isEnter = key.key() == Qt::Key_Return || key.key() == Qt::Key_Enter;
    const bool isBackspace = key.key() == Qt::Key_Backspace;
    const bool isInsert = key.key() == Qt::Key_Insert;
    const bool isPlain = !(modifiers & Qt::AltModifier) || !isEnter;  // that is the level sheet
    if (!isPlain || !(isEnter || isBackspace || isInsert)) return false;
    if (onlyAsks || key.isAutoRepeat()) return true;
    const bool holds = isInsert || (isBackspace && (modifiers & Qt::ShiftModifier));
    if (m_pressed != Qt::NoButton)
        release(modifiers);
    else
        press(isBackspace ? Qt::RightButton : Qt::LeftButton, holds, modifiers);
    return true;
}

void BoardCursor::show() {
    const level::Level& level = levelOf(m_board);
    const QPointF middle = m_board.view().toLevel(QPointF(m_board.rect().center()));
    const PxPoint from =
        m_board.hasPointer() ? m_board.pointerPx() : PxPoint{int(middle.x()), int(middle.y())};
    const PxRect bounds = level.boundsPx();
    m_px = middleOf({std::clamp(from.x, bounds.x, bounds.x + bounds.width - 1),
                     std::clamp(from.y, bounds.y, bounds.y + bounds.height - 1)},
                    level.cellSize);
    m_isShown = true;
}

void BoardCursor::go(int dx, int dy, Qt::KeyboardModifiers modifiers) {
    const level::Level& level = levelOf(m_board);
    if (!m_isShown) {
        show();
    } else {
        const bool isFine = modifiers & Qt::AltModifier;
        const int times = modifiers & Qt::ShiftModifier ? farSteps : 1;
        m_px.x += dx * times * (isFine ? 1 : level.cellSize.width);
        m_px.y += dy * times * (isFine ? 1 : level.cellSize.height);
        const PxRect bounds = level.boundsPx();
        m_px.x = std::clamp(m_px.x, bounds.x, bounds.x + bounds.width - 1);
        m_px.y = std::clamp(m_px.y, bounds.y, bounds.y + bounds.height - 1);
        if (!isFine) m_px = middleOf(m_px, level.cellSize);
    }
    keepInSight();
    m_board.moveTo(QPointF(m_px.x + 0.5, m_px.y + 0.5), {});
    tell();
}

void BoardCursor::press(Qt::MouseButton button, bool holds, Qt::KeyboardModifiers modifiers) {
    m_board.pressAt(QPointF(m_px.x + 0.5, m_px.y + 0.5), button, modifiers);
    m_pressed = button;
    if (!holds) return release(modifiers);
    m_board.update();
}

void BoardCursor::release(Qt::KeyboardModifiers modifiers) {
    const QPointF at(m_px.x + 0.5, m_px.y + 0.5);
    m_board.releaseAt(at, std::exchange(m_pressed, Qt::NoButton), modifiers);
    m_board.moveTo(at, modifiers);
    tell();
}

void BoardCursor::keepInSight() {
    const QPointF at = m_board.view().toWidget(m_px);
    const QRectF room = QRectF(m_board.rect()).adjusted(edge, edge, -edge, -edge);
    if (room.isEmpty() || room.contains(at)) return;
    const auto missing = [](double value, double low, double high) {
        return value < low ? low - value : value > high ? high - value : 0;
    };
    View view = m_board.view();
    view.pan(
        {missing(at.x(), room.left(), room.right()), missing(at.y(), room.top(), room.bottom())});
    m_board.setView(view);
}

void BoardCursor::hide() {
    if (!m_isShown) return;
    m_isShown = false;
    m_pressed = Qt::NoButton;
    m_board.update();
}

void BoardCursor::tell() const {
    const level::Entity* entity =
        entityAt(m_board.places(), QPointF(m_px.x, m_px.y), m_board.view().scale());
    const CellPoint cell = toCell(m_px, levelOf(m_board).cellSize);
    const QString words =
        QTextDocumentFragment::fromHtml(m_board.wordsAt(cell, entity)).toPlainText();
    m_board.setAccessibleDescription(
        QStringLiteral("%1, %2: %3").arg(cell.x).arg(cell.y).arg(words));
    QAccessibleEvent changed(&m_board, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
}

void BoardCursor::paint(QPainter& painter) const {
    if (!m_isShown) return;
    const CellSize size = levelOf(m_board).cellSize;
    const CellPoint cell = toCell(m_px, size);
    const QRectF box =
        m_board.view()
            .toWidget(PxRect{cell.x * size.width, cell.y * size.height, size.width, size.height})
            .adjusted(-2, -2, 2, 2);
    const QPointF at = m_board.view().toWidget(m_px);
    const Theme& theme = currentTheme();
    const bool isPressed = m_pressed != Qt::NoButton;
    for (const bool isHalo : {true, false}) {
        painter.setPen(QPen(isHalo ? theme.paper : theme.ink, isHalo ? 5 : 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(box);
        // Arms, so that it is found at once.
        constexpr double arm = 12;
        painter.drawLine(QPointF(at.x(), box.top()), QPointF(at.x(), box.top() - arm));
        painter.drawLine(QPointF(at.x(), box.bottom()), QPointF(at.x(), box.bottom() + arm));
        painter.drawLine(QPointF(box.left(), at.y()), QPointF(box.left() - arm, at.y()));
        painter.drawLine(QPointF(box.right(), at.y()), QPointF(box.right() + arm, at.y()));
    }
    if (isPressed) painter.fillRect(QRectF(at - QPointF(3, 3), QSizeF(6, 6)), theme.ink);
}

}  // namespace rook::app
