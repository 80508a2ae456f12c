#include "app/painting/reach_wash.h"

#include <QtMath>

namespace rook::app {

QImage reachWash(const ProvenLevel& proven, const BitMap& map, const View& view, QSize size,
                 const QColor& color) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    const QRgb tone = qPremultiply(color.rgba());
    const int left = proven.answer.onCells().reached.left;
    const int top = proven.answer.onCells().reached.top;
    std::vector<int> columns(static_cast<std::size_t>(size.width()));
    for (int x = 0; x < size.width(); ++x) {
        const int px = qFloor((x + 0.5 + view.offset().x()) / view.scale()) + left;
        columns[static_cast<std::size_t>(x)] = px >= 0 && px < map.width() ? px : -1;
    }
    for (int y = 0; y < size.height(); ++y) {
        const int row = qFloor((y + 0.5 + view.offset().y()) / view.scale()) + top;
        if (row < 0 || row >= map.height()) continue;
        const BitMap::Word* words = map.row(row);
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < size.width(); ++x) {
            const int px = columns[static_cast<std::size_t>(x)];
            if (px >= 0 && ((words[px / 64] >> (px % 64)) & 1u)) line[x] = tone;
        }
    }
    return image;
}

}  // namespace rook::app
