#pragma once
/// A cursor on the board that the keyboard moves, and that is the pointer while it is shown: what a
/// mouse does there it does as well.

#include <QKeyEvent>
#include <QPainter>

#include "base/geometry.h"

namespace rook::app {

class Board;

class BoardCursor {
public:
    explicit BoardCursor(Board& board) : m_board(board) {}

    /// Ctrl and an arrow show and move it by a cell, with Shift by eight, with Alt by a px. While
    /// it is shown, Enter clicks and Backspace clicks with the right button; Insert holds the left
    /// one down, Shift and Backspace the right one, until one of these keys lets it go: meanwhile
    /// the cursor drags. False if the key is not its own; `onlyAsks`: nothing is done.
    bool takeKey(const QKeyEvent& key, bool onlyAsks);
    [[nodiscard]] bool isShown() const { return m_isShown; }
    /// A mouse moves, or it was put away.
    void hide();
    /// The gesture that it had begun was given up.
    void forgetPress() { m_pressed = Qt::NoButton; }
    void paint(QPainter& painter) const;

private:
    void show();
    void go(int dx, int dy, Qt::KeyboardModifiers modifiers);
    void press(Qt::MouseButton button, bool holds, Qt::KeyboardModifiers modifiers);
    void release(Qt::KeyboardModifiers modifiers);
    void keepInSight();
    /// Tells who does not see it what is there.
    void tell() const;

    Board& m_board;
    bool m_isShown = false;
    PxPoint m_px;  ///< of the level
    Qt::MouseButton m_pressed = Qt::NoButton;
};

}  // namespace rook::app
