#pragma once
/// How one picture follows another, and how what lies before the player fades. C++17 and the
/// headers beside it; nothing here changes where anything is.

#include <algorithm>
#include <string>

#include "rook_json.hpp"
#include "rook_shapes.hpp"

namespace rook::runtime {

enum class TransitionSort : unsigned char { Cut, Slide, Fade };

/// Of a way out of a level, or into a zone: the former picture goes within so many ticks, while the
/// world goes on.
struct Transition {
    TransitionSort sort = TransitionSort::Cut;
    int ticks = 20;

    /// How much of it is over, so many ticks after it began: 0 to 1.
    double shareAfter(double passed) const {
        if (sort == TransitionSort::Cut) return 1;
        return std::min(1.0, std::max(0.0, passed / ticks));
    }
};

/// A line of the level beyond which something fades.
struct FadeLine {
    enum class Beyond : unsigned char { Nowhere, Left, Right, Up, Down };
    Beyond beyond = Beyond::Nowhere;
    int at = 0;  ///< px, across for left and right, else down
    int ticks = 12;

    /// The middle of the body is beyond it.
    bool isPassedBy(const Box& body) const {
        const int x = body.x + body.width / 2;
        const int y = body.y + body.height / 2;
        switch (beyond) {
            case Beyond::Left:
                return x < at;
            case Beyond::Right:
                return x >= at;
            case Beyond::Up:
                return y < at;
            case Beyond::Down:
                return y >= at;
            case Beyond::Nowhere:
                break;
        }
        return false;
    }
};

/// What is left of something's opacity where it fades.
inline constexpr double faintest = 0.25;
/// That share one tick later.
inline double fadedOn(double share, bool fades, int ticks) {
    const double step = (1 - faintest) / std::max(1, ticks);
    return fades ? std::max(faintest, share - step) : std::min(1.0, share + step);
}

namespace detail {

/// "transition" of an exit's target or of a zone.
inline Transition readTransition(const json& owner, const std::string& where) {
    Transition transition;
    if (!owner.is_object() || !owner.contains("transition")) return transition;
    const json& value = owner["transition"];
    const std::string at = where + ".transition";
    const std::string sort = text(value, "sort", at);
    if (sort == "slide") transition.sort = TransitionSort::Slide;
    if (sort == "fade") transition.sort = TransitionSort::Fade;
    if (transition.sort == TransitionSort::Cut && sort != "cut")
        fail("cut, slide or fade is wanted here", at + ".sort");
    transition.ticks = whole(value, "ticks", 1, 600, at);
    return transition;
}

/// "fadeLine" of a layer or a picture.
inline FadeLine readFadeLine(const json& owner, const std::string& where) {
    FadeLine line;
    if (!owner.contains("fadeLine")) return line;
    const json& value = owner["fadeLine"];
    const std::string at = where + ".fadeLine";
    const std::string beyond = text(value, "beyond", at);
    using Beyond = FadeLine::Beyond;
    line.beyond = beyond == "left"    ? Beyond::Left
                  : beyond == "right" ? Beyond::Right
                  : beyond == "up"    ? Beyond::Up
                  : beyond == "down"  ? Beyond::Down
                                      : Beyond::Nowhere;
    if (line.beyond == Beyond::Nowhere) fail("left, right, up or down is wanted here", at);
    line.at = whole(value, "at", -(1 << 26), 1 << 26, at);
    line.ticks = whole(value, "ticks", 1, 600, at);
    return line;
}

}  // namespace detail
}  // namespace rook::runtime
