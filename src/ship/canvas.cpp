#include <algorithm>
#include <cstdio>

#include "ship/canvas_detail.h"

namespace rook::ship::detail {

Tone toneOf(const std::string& text, Tone standard) {
    unsigned value = 0;
    if (text.size() != 7 || std::sscanf(text.c_str(), "#%06x", &value) != 1) return standard;
    return {static_cast<int>(value >> 16), static_cast<int>(value >> 8 & 255),
            static_cast<int>(value & 255)};
}

Canvas::Canvas(int width, int height, Tone tone) {
    m_picture.width = width;
    m_picture.height = height;
    m_picture.rgba.assign(std::size_t(width) * std::size_t(height) * 4, 255);
    fill({0, 0, width, height}, tone);
}

void Canvas::put(int x, int y, Tone tone, int alpha) {
    if (x < 0 || y < 0 || x >= m_picture.width || y >= m_picture.height || alpha == 0) return;
    unsigned char* to = m_picture.at(x, y);
    const int over[3] = {tone.red, tone.green, tone.blue};
    for (int i = 0; i < 3; ++i)
        to[i] = static_cast<unsigned char>((over[i] * alpha + to[i] * (255 - alpha)) / 255);
}

void Canvas::fill(const Part& box, Tone tone, int alpha) {
    const int right = std::min(box.x + box.width, m_picture.width);
    const int bottom = std::min(box.y + box.height, m_picture.height);
    for (int y = std::max(0, box.y); y < bottom; ++y)
        for (int x = std::max(0, box.x); x < right; ++x)
            put(x, y, tone, alpha);
}

void Canvas::frame(const Part& box, Tone tone) {
    fill({box.x, box.y, box.width, 1}, tone);
    fill({box.x, box.y + box.height - 1, box.width, 1}, tone);
    fill({box.x, box.y, 1, box.height}, tone);
    fill({box.x + box.width - 1, box.y, 1, box.height}, tone);
}

void Canvas::copy(const Picture32& image, const Part& source, const Part& place,
                  const Placing& how) {
    for (int y = 0; y < place.height; ++y) {
        const int down = how.isUpsideDown ? place.height - 1 - y : y;
        const int sy =
            source.y + static_cast<int>(std::int64_t{down} * source.height / place.height);
        if (sy < 0 || sy >= image.height) continue;
        for (int x = 0; x < place.width; ++x) {
            const int across = how.isMirrored ? place.width - 1 - x : x;
            const int sx =
                source.x + static_cast<int>(std::int64_t{across} * source.width / place.width);
            if (sx < 0 || sx >= image.width) continue;
            const unsigned char* px = image.at(sx, sy);
            int dx = x - how.middleX, dy = y - how.middleY;
            for (int i = 0; i < how.quarterTurns; ++i) {
                const int was = dx;
                dx = -1 - dy;
                dy = was;
            }
            put(place.x + how.middleX + dx, place.y + how.middleY + dy, {px[0], px[1], px[2]},
                px[3] * how.alpha / 255);
        }
    }
}

Picture32 grown(const Picture32& picture, int scale) {
    if (scale == 1) return picture;
    Picture32 large{picture.width * scale, picture.height * scale, {}};
    large.rgba.resize(std::size_t(large.width) * std::size_t(large.height) * 4);
    for (int y = 0; y < large.height; ++y)
        for (int x = 0; x < large.width; ++x)
            std::copy_n(picture.at(x / scale, y / scale), 4, large.at(x, y));
    return large;
}

}  // namespace rook::ship::detail
