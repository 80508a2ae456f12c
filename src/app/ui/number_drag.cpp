#include "app/ui/number_drag.h"

#include <QLineEdit>
#include <QMouseEvent>
#include <cmath>

namespace rook::app {

namespace {
constexpr int pxAStep = 5;
constexpr int leastPx = 7;  ///< that make a drag of a press
}  // namespace

bool NumberDrag::eventFilter(QObject* watched, QEvent* event) {
    const QEvent::Type type = event->type();
    if (type == QEvent::MouseButtonPress) {
        auto* line = qobject_cast<QLineEdit*>(watched);
        m_box = line ? qobject_cast<QAbstractSpinBox*>(line->parent()) : nullptr;
        if (!m_box || m_box->isReadOnly()) return false;
        m_pressedY = static_cast<QMouseEvent*>(event)->globalPosition().y();
        m_start = m_box->property("value");
        m_steps = 0;
        m_isDragging = false;
        return false;
    }
    if (!m_box || watched->parent() != m_box) return false;
    if (type == QEvent::MouseMove) {
        const auto* move = static_cast<QMouseEvent*>(event);
        if (!(move->buttons() & Qt::LeftButton)) return false;
        const int dy = int(std::lround(m_pressedY - move->globalPosition().y()));
        if (!m_isDragging && std::abs(dy) < leastPx) return false;
        m_isDragging = true;
        drag(dy);
        return true;
    }
    if (type == QEvent::MouseButtonRelease && m_isDragging) {
        finish();
        return true;
    }
    return false;
}

void NumberDrag::drag(int dy) {
    const QSignalBlocker blocker(m_box);
    const int steps = dy / pxAStep;
    m_box->stepBy(steps - m_steps);
    m_steps = steps;
}

void NumberDrag::finish() {
    m_isDragging = false;
    const QVariant value = m_box->property("value");
    {
        const QSignalBlocker blocker(m_box);
        m_box->setProperty("value", m_start);
    }
    m_box->setProperty("value", value);
    m_box = nullptr;
}

}  // namespace rook::app
