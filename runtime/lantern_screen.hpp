#pragma once
/// What lantern draws on: the window, or a picture in memory that holds a whole level. In memory
/// all is reckoned in whole numbers, so that other loaders can come to the same px:
/// docs/format-bundle.md says how.

#include <cmath>
#include <cstdint>
#include <vector>

#include "lantern_png.hpp"

namespace lantern {

struct Color {
    Uint8 r = 0, g = 0, b = 0;
};

/// How a part of a sheet is drawn: mirrored and upside down first, then turned about the middle of
/// its place.
struct Placing {
    bool isMirrored = false;
    bool isUpsideDown = false;
    int quarterTurns = 0;  ///< clockwise
    int alpha = 255;
    SDL_Point middle{0, 0};  ///< px from the place's corner, that it is turned about
};

class Screen {
public:
    explicit Screen(SDL_Renderer* renderer) : m_renderer(renderer) {}

    [[nodiscard]] SDL_Renderer* renderer() const { return m_renderer; }
    /// From now on into memory, of that size, until `takeWhole`.
    void beginWhole(int width, int height) {
        m_whole = Sheet{};
        m_whole.width = width;
        m_whole.height = height;
        m_whole.px.assign(std::size_t(width) * std::size_t(height) * 4, 255);
        m_isWhole = true;
    }
    [[nodiscard]] Sheet takeWhole() {
        m_isWhole = false;
        return std::move(m_whole);
    }

    void clear(Color tone) {
        if (m_isWhole) return fill(SDL_Rect{0, 0, m_whole.width, m_whole.height}, tone);
        SDL_SetRenderDrawColor(m_renderer, tone.r, tone.g, tone.b, 255);
        SDL_RenderClear(m_renderer);
    }
    void fill(const SDL_Rect& box, Color tone, int alpha = 255) {
        if (m_isWhole) return fillWhole(box, tone, alpha);
        SDL_SetRenderDrawBlendMode(m_renderer, SDL_BLENDMODE_BLEND);
        SDL_SetRenderDrawColor(m_renderer, tone.r, tone.g, tone.b, Uint8(alpha));
        SDL_RenderFillRect(m_renderer, &box);
    }
    void fill(const SDL_FRect& box, Color tone) {
        if (m_isWhole) return fillWhole(wholeOf(box), tone, 255);
        SDL_SetRenderDrawColor(m_renderer, tone.r, tone.g, tone.b, 255);
        SDL_RenderFillRectF(m_renderer, &box);
    }
    /// Its border, one px wide.
    void frame(const SDL_Rect& box, Color tone) {
        fill(SDL_Rect{box.x, box.y, box.w, 1}, tone);
        fill(SDL_Rect{box.x, box.y + box.h - 1, box.w, 1}, tone);
        fill(SDL_Rect{box.x, box.y, 1, box.h}, tone);
        fill(SDL_Rect{box.x + box.w - 1, box.y, 1, box.h}, tone);
    }
    void frame(const SDL_FRect& box, Color tone) { frame(wholeOf(box), tone); }

    /// A part of a sheet in a place, as large as that; the nearest px count.
    void copy(const Sheet& sheet, const SDL_Rect& source, const SDL_Rect& place,
              const Placing& how = {}) {
        if (m_isWhole) return copyWhole(sheet, source, place, how);
        SDL_SetTextureAlphaMod(sheet.texture.get(), Uint8(how.alpha));
        SDL_RenderCopyEx(m_renderer, sheet.texture.get(), &source, &place, 90.0 * how.quarterTurns,
                         &how.middle, flipsOf(how));
    }
    void copy(const Sheet& sheet, const SDL_Rect& source, const SDL_FRect& place,
              const Placing& how) {
        if (m_isWhole) return copyWhole(sheet, source, wholeOf(place), how);
        const SDL_FPoint middle{place.w / 2, place.h / 2};
        SDL_SetTextureAlphaMod(sheet.texture.get(), Uint8(how.alpha));
        SDL_RenderCopyExF(m_renderer, sheet.texture.get(), &source, &place, 90.0 * how.quarterTurns,
                          &middle, flipsOf(how));
    }

private:
    static SDL_RendererFlip flipsOf(const Placing& how) {
        return static_cast<SDL_RendererFlip>((how.isMirrored ? SDL_FLIP_HORIZONTAL : 0) |
                                             (how.isUpsideDown ? SDL_FLIP_VERTICAL : 0));
    }
    static SDL_Rect wholeOf(const SDL_FRect& box) {
        return {int(std::lround(box.x)), int(std::lround(box.y)), int(std::lround(box.w)),
                int(std::lround(box.h))};
    }
    /// One px over another: `alpha` of it, rounded down.
    void put(int x, int y, const unsigned char* tone, int alpha) {
        if (x < 0 || y < 0 || x >= m_whole.width || y >= m_whole.height || alpha == 0) return;
        unsigned char* to =
            m_whole.px.data() + (std::size_t(y) * std::size_t(m_whole.width) + std::size_t(x)) * 4;
        for (int i = 0; i < 3; ++i)
            to[i] = static_cast<unsigned char>((tone[i] * alpha + to[i] * (255 - alpha)) / 255);
    }
    void fillWhole(const SDL_Rect& box, Color tone, int alpha) {
        const unsigned char px[3] = {tone.r, tone.g, tone.b};
        const int right = std::min(box.x + box.w, m_whole.width);
        const int bottom = std::min(box.y + box.h, m_whole.height);
        for (int y = std::max(0, box.y); y < bottom; ++y)
            for (int x = std::max(0, box.x); x < right; ++x)
                put(x, y, px, alpha);
    }
    void copyWhole(const Sheet& sheet, const SDL_Rect& source, const SDL_Rect& place,
                   const Placing& how) {
        for (int y = 0; y < place.h; ++y) {
            for (int x = 0; x < place.w; ++x) {
                const int across = how.isMirrored ? place.w - 1 - x : x;
                const int down = how.isUpsideDown ? place.h - 1 - y : y;
                const int sx = source.x + int(std::int64_t{across} * source.w / place.w);
                const int sy = source.y + int(std::int64_t{down} * source.h / place.h);
                if (sx < 0 || sy < 0 || sx >= sheet.width || sy >= sheet.height) continue;
                const unsigned char* px =
                    sheet.px.data() +
                    (std::size_t(sy) * std::size_t(sheet.width) + std::size_t(sx)) * 4;
                const auto [to, at] = turned(x, y, place, how);
                put(to, at, px, px[3] * how.alpha / 255);
            }
        }
    }
    /// Where a px of a place comes to lie: about a corner between px, so that nothing is rounded.
    static std::pair<int, int> turned(int x, int y, const SDL_Rect& place, const Placing& how) {
        int dx = x - how.middle.x, dy = y - how.middle.y;
        for (int i = 0; i < how.quarterTurns; ++i) {
            const int was = dx;
            dx = -1 - dy;
            dy = was;
        }
        return {place.x + how.middle.x + dx, place.y + how.middle.y + dy};
    }

    SDL_Renderer* m_renderer;
    bool m_isWhole = false;
    Sheet m_whole;
};

}  // namespace lantern
