#include "app/painting/board_images.h"

#include <QElapsedTimer>
#include <QPainter>
#include <QtMath>
#include <cmath>

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
    painter.save();
    painter.scale(1 / devicePixelRatio, 1 / devicePixelRatio);
    for (int y = firstY; y <= lastY; ++y) {
        for (int x = firstX; x <= lastX; ++x) {
            const Key key{x, y, scaleKey, qRound(devicePixelRatio * 1000)};
            // In whole px of the screen, so that neighbours leave no gap where its scale is not
            // whole.
            const QPointF corner(std::floor((x * side - offset.x()) * devicePixelRatio + 0.5),
                                 std::floor((y * side - offset.y()) * devicePixelRatio + 0.5));
            const int px = qCeil(side * devicePixelRatio);
            QImage* image = m_images.object(key);
            if (!image && double(timer.nsecsElapsed()) / 1e6 >= budgetMs) {
                if (ground.isValid()) painter.fillRect(QRectF(corner, QSizeF(px, px)), ground);
                isComplete = false;
                continue;
            }
            if (!image) {
                image = new QImage(
                    px, px,
                    ground.isValid() ? QImage::Format_RGB32 : QImage::Format_ARGB32_Premultiplied);
                image->setDevicePixelRatio(devicePixelRatio);
                if (!ground.isValid()) image->fill(Qt::transparent);
                QPainter tile(image);
                // All of its px, the last of which may lie across the border.
                const int whole = qCeil(px / devicePixelRatio);
                draw(tile, QRect(0, 0, whole, whole), QPointF(x * side, y * side), view.scale());
                tile.end();
                image->setDevicePixelRatio(1);
                painter.drawImage(corner, *image);
                m_images.insert(key, image, px * px * 4);
                continue;
            }
            painter.drawImage(corner, *image);
        }
    }
    painter.restore();
    return isComplete;
}

}  // namespace rook::app
