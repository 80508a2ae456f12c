#pragma once
/// Pictures of what the board shows, in square tiles of widget px, kept until that changes.

#include <QCache>
#include <QImage>
#include <QPainter>
#include <functional>

#include "app/painting/view.h"

namespace rook::app {

class BoardImages {
public:
    static constexpr int side = 256;  ///< widget px
    static constexpr int cacheBytes = 192 << 20;

    BoardImages();
    /// Forgets all: another level, theme or look.
    void clear() { m_images.clear(); }
    /// Forgets what shows these cells; one cell around them counts, as borders reach there.
    void invalidate(const CellRect& cells, CellSize size);

    /// The same, by level px.
    void invalidate(const QRectF& levelPx);

    /// Paints `target` (px of the painter), where level px (x, y) is at (x, y) * scale - origin.
    using Draw =
        std::function<void(QPainter& painter, const QRect& target, QPointF origin, double scale)>;
    /// Draws what is seen of the level. Tiles that are missing are made until `budgetMs` is over;
    /// true if all were there or made, false if some stayed `ground` and another round is wanted.
    /// Tiles of an invalid `ground` are transparent.
    bool paint(QPainter& painter, const Draw& draw, const View& view, QRect area,
               double devicePixelRatio, double budgetMs, const QColor& ground);

private:
    struct Key {
        int x = 0;
        int y = 0;
        qint64 scale = 0;  ///< scale in 1/2^32, so that equal zooms give equal keys
        int ratio = 0;     ///< of the screen's px to the widget's, in 1/1000
        bool operator==(const Key&) const = default;
        friend size_t qHash(const Key& key, size_t seed) {
            return qHashMulti(seed, key.x, key.y, key.scale, key.ratio);
        }
    };
    QCache<Key, QImage> m_images;
};

}  // namespace rook::app
