#include "app/board_images.h"

#include <QElapsedTimer>
#include <QtMath>

namespace rook::app {

BoardImages::BoardImages() {
    m_images.setMaxCost(cacheBytes);
}

void BoardImages::invalidate(const CellRect& cells, CellSize size) {
    if (cells.isEmpty()) return;
    const PxRect px = toPx(cells.grown(1), size);
    for (const Key& key : m_images.keys()) {
        const double scale = double(key.scale) / (1LL << 32);
        const QRectF shown(key.x * side / scale, key.y * side / scale, side / scale, side / scale);
        if (shown.intersects(QRectF(px.x, px.y, px.width, px.height))) m_images.remove(key);
    }
}

bool BoardImages::paint(QPainter& painter, const MatterScene& scene, const View& view, QRect area,
                        double devicePixelRatio, int budgetMs) {
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
            if (!image && timer.elapsed() >= budgetMs) {
                painter.fillRect(QRectF(corner, QSizeF(side, side)), currentTheme().paper);
                isComplete = false;
                continue;
            }
            if (!image) {
                const int px = qCeil(side * devicePixelRatio);
                image = new QImage(px, px, QImage::Format_RGB32);
                image->setDevicePixelRatio(devicePixelRatio);
                QPainter tile(image);
                paintMatter(tile, scene, QRect(0, 0, side, side), QPointF(x * side, y * side),
                            view.scale());
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
