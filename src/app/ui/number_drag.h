#pragma once
/// Numbers that are dragged: up is more, down is less, in any number box of the window.

#include <QAbstractSpinBox>
#include <QObject>
#include <QPointer>
#include <QVariant>

namespace rook::app {

/// An event filter for the application. While one drags, the box shows the number; it is told once,
/// when the button is let go, so that a drag is one step. Dragging sideways selects text as ever.
class NumberDrag : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void drag(int dy);
    void finish();

    QPointer<QAbstractSpinBox> m_box;  ///< that was pressed
    QVariant m_start;                  ///< its value then
    double m_pressedY = 0;
    int m_steps = 0;
    bool m_isDragging = false;
};

}  // namespace rook::app
