#pragma once
/// A picture in memory that whole numbers are drawn on, so that each loader comes to the same px.
/// Private to ship/.

#include <array>
#include <cstdint>

#include "file/png.h"

namespace rook::ship::detail {

using file::Picture32;

struct Tone {
    int red = 0, green = 0, blue = 0;
};
/// "#59646c"; else the standard.
[[nodiscard]] Tone toneOf(const std::string& text, Tone standard);

/// How a part of a sheet is drawn: mirrored and upside down first, then turned about `middle`.
struct Placing {
    bool isMirrored = false, isUpsideDown = false;
    int quarterTurns = 0;
    int alpha = 255;
    int middleX = 0, middleY = 0;  ///< px from the place's corner
};
struct Part {
    int x = 0, y = 0, width = 0, height = 0;
};

class Canvas {
public:
    Canvas(int width, int height, Tone tone);
    explicit Canvas(Picture32 picture) : m_picture(std::move(picture)) {}

    [[nodiscard]] int width() const { return m_picture.width; }
    [[nodiscard]] int height() const { return m_picture.height; }
    /// `alpha` of 255 of it, rounded down.
    void put(int x, int y, Tone tone, int alpha);
    void fill(const Part& box, Tone tone, int alpha = 255);
    void frame(const Part& box, Tone tone);
    /// A part of an image in a place, the nearest px counting.
    void copy(const Picture32& image, const Part& source, const Part& place,
              const Placing& how = {});
    [[nodiscard]] Picture32 take() { return std::move(m_picture); }

private:
    Picture32 m_picture;
};

/// Each px as a square of so many.
[[nodiscard]] Picture32 grown(const Picture32& picture, int scale);

}  // namespace rook::ship::detail
