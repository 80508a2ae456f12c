#pragma once
/// A camera that keeps a body in sight: whole px, a calm part in its middle, bounds. The editor's
/// playtest and the stand-in game use it; a game may do it otherwise. C++17 and nothing else.

#include <algorithm>

#include "rook_shapes.hpp"

namespace rook::runtime {

struct Camera {
    int width = 640;  ///< px of the screen
    int height = 360;
    /// Of the screen, %: while the body's middle stays in that part, nothing moves.
    int calmAcross = 20;
    int calmDown = 30;
    int left = 0;  ///< px of the level at the screen's upper left corner
    int top = 0;

    /// Follows the body within the bounds (of its zone, else of the level); what is smaller than
    /// the screen is shown in its middle.
    void follow(const Box& body, const Box& bounds) {
        left = along(left, body.x + body.width / 2, width, calmAcross, bounds.x, bounds.width);
        top = along(top, body.y + body.height / 2, height, calmDown, bounds.y, bounds.height);
    }
    /// With the body in the middle, as far as the bounds allow: at an arrival.
    void jumpTo(const Box& body, const Box& bounds) {
        left = body.x + body.width / 2 - width / 2;
        top = body.y + body.height / 2 - height / 2;
        follow(body, bounds);
    }

private:
    static int along(int corner, int middle, int screen, int calm, int start, int whole) {
        if (whole <= screen) return start - (screen - whole) / 2;
        const int half = screen * calm / 200;
        const int centre = corner + screen / 2;
        if (middle < centre - half) corner -= centre - half - middle;
        if (middle > centre + half) corner += middle - centre - half;
        return std::max(start, std::min(corner, start + whole - screen));
    }
};

}  // namespace rook::runtime
