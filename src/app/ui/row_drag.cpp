#include "app/ui/row_drag.h"

#include <QMouseEvent>
#include <QTimer>

namespace rook::app {

RowDrag::RowDrag(QObject* parent, std::function<void(qsizetype, qsizetype)> moved)
    : QObject(parent), m_moved(std::move(moved)) {}

void RowDrag::add(QAbstractButton* button) {
    button->installEventFilter(this);
    m_rows << button;
}

bool RowDrag::eventFilter(QObject* watched, QEvent* event) {
    const qsizetype from = m_rows.indexOf(static_cast<QAbstractButton*>(watched));
    if (from < 0) return false;
    if (event->type() == QEvent::MouseButtonPress) m_dragged = from;
    const bool isMove = event->type() == QEvent::MouseMove;
    const bool isRelease = event->type() == QEvent::MouseButtonRelease;
    if ((!isMove && !isRelease) || m_dragged < 0) return false;
    const auto* mouse = static_cast<QMouseEvent*>(event);
    const qsizetype to = rowAt(mouse->globalPosition().toPoint()).value_or(from);
    for (qsizetype i = 0; i < m_rows.size(); ++i)
        if (m_rows[i]) m_rows[i]->setDown(isMove && (mouse->buttons() & Qt::LeftButton) && i == to);
    if (!isRelease) return false;
    m_dragged = -1;
    if (to == from) return false;
    QTimer::singleShot(0, this, [this, from, to] { m_moved(from, to); });
    return true;
}

std::optional<qsizetype> RowDrag::rowAt(QPoint global) const {
    for (qsizetype i = 0; i < m_rows.size(); ++i) {
        if (!m_rows[i]) continue;
        const QWidget* row = m_rows[i]->parentWidget();
        if (row->rect().contains(row->mapFromGlobal(global))) return i;
    }
    return std::nullopt;
}

}  // namespace rook::app
