#include "app/painting/board_images.h"

#include <QElapsedTimer>
#include <QPainter>
#include <QtMath>

#include "skin/dressing.h"

namespace rook::app {

BoardImages::BoardImages() {
    m_images.setMaxCost(cacheBytes);
}

void BoardImages::invalidate(const CellRect& cells, CellSize size) {
    if (cells.isEmpty()) return;
    // As far as one cell may change the look of others.
    const PxRect px = toPx(cells.grown(skin::reachOfDressing), size);
    invalidate(QRectF(px.x, px.y, px.width, px.height));
}

void BoardImages::invalidate(const QRectF& levelPx) {
    for (const Key& key : m_images.keys()) {
        const double scale = double(key.scale) / (1LL << 32);
        const QRectF shown(key.x * side / scale, key.y * side / scale, side / scale, side / scale);
        if (shown.intersects(levelPx)) m_images.remove(key);
    }
}

bool BoardImages::paint(QPainter& painter, const Draw& draw, const View& view, QRect area,
                        double devicePixelRatio, double budgetMs, const QColor& ground) {
    const QPointF offset = view.offset();
    const auto scaleKey = static_cast<qint64>(view.scale() * (1LL << 32));
    const int firstX = qFloor((area.left() + offset.x()) / side);
    const int lastX = qFloor((area.right() + offset.x()) / side);
    const int firstY = qFloor((area.top() + offset.y()) / side);
    const int lastY = qFloor((area.bottom() + offset.y()) / side);
    QElapsedTimer timer;
    timer.start();
    bool isComplete = true;
    for (int y = firstY; y <= lastY; ++y) {
        for (int x = firstX; x <= lastX; ++x) {
            const Key key{x, y, scaleKey};
            const QPointF corner(x * side - offset.x(), y * side - offset.y());
            QImage* image = m_images.object(key);
            if (!image && double(timer.nsecsElapsed()) / 1e6 >= budgetMs) {
                if (ground.isValid()) painter.fillRect(QRectF(corner, QSizeF(side, side)), ground);
                isComplete = false;
                continue;
            }
            if (!image) {
                const int px = qCeil(side * devicePixelRatio);
                image = new QImage(
                    px, px,
                    ground.isValid() ? QImage::Format_RGB32 : QImage::Format_ARGB32_Premultiplied);
                image->setDevicePixelRatio(devicePixelRatio);
                if (!ground.isValid()) image->fill(Qt::transparent);
                QPainter tile(image);
                draw(tile, QRect(0, 0, side, side), QPointF(x * side, y * side), view.scale());
                tile.end();
                painter.drawImage(corner, *image);
                m_images.insert(key, image, px * px * 4);
                continue;
            }
            painter.drawImage(corner, *image);
        }
    }
    return isComplete;
}

}  // namespace rook::app
