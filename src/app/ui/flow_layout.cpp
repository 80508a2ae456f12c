#include "app/ui/flow_layout.h"

#include <QWidget>

namespace rook::app {

FlowLayout::~FlowLayout() {
    qDeleteAll(m_items);
}

QLayoutItem* FlowLayout::takeAt(int i) {
    if (i < 0 || i >= m_items.size()) return nullptr;
    invalidate();
    return m_items.takeAt(i);
}

QSize FlowLayout::minimumSize() const {
    QSize size;
    for (const QLayoutItem* item : m_items)
        if (!item->isEmpty()) size = size.expandedTo(item->minimumSize());
    const QMargins margins = contentsMargins();
    return size + QSize(margins.left() + margins.right(), margins.top() + margins.bottom());
}

void FlowLayout::setGeometry(const QRect& rect) {
    QLayout::setGeometry(rect);
    lay(rect, true);
}

int FlowLayout::lay(const QRect& rect, bool moves) const {
    const QRect room = rect.marginsRemoved(contentsMargins());
    int x = room.x(), y = room.y(), high = 0;
    for (QLayoutItem* item : m_items) {
        if (item->isEmpty()) continue;
        const QSize size = item->sizeHint().boundedTo({room.width(), item->sizeHint().height()});
        if (x > room.x() && x + size.width() > room.x() + room.width()) {
            x = room.x();
            y += high + spacing();
            high = 0;
        }
        if (moves) item->setGeometry({QPoint(x, y), size});
        x += size.width() + spacing();
        high = std::max(high, size.height());
    }
    const bool isEmpty = high == 0;
    return isEmpty ? 0 : y + high - rect.y() + contentsMargins().bottom();
}

}  // namespace rook::app
