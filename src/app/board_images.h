#pragma once
/// Pictures of the board's matter, in square tiles of widget px, kept until what they show changes.

#include <QCache>
#include <QImage>
#include <QPainter>

#include "app/matter_painter.h"
#include "app/view.h"

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

    /// Draws what is seen of the level. Tiles that are missing are made until `budgetMs` is over;
    /// true if all were there or made, false if some stayed paper and another round is wanted.
    bool paint(QPainter& painter, const MatterScene& scene, const View& view, QRect area,
               double devicePixelRatio, int budgetMs);

private:
    struct Key {
        int x = 0;
        int y = 0;
        qint64 scale = 0;  ///< scale in 1/2^32, so that equal zooms give equal keys
        bool operator==(const Key&) const = default;
        friend size_t qHash(const Key& key, size_t seed) {
            return qHashMulti(seed, key.x, key.y, key.scale);
        }
    };
    QCache<Key, QImage> m_images;
};

}  // namespace rook::app
