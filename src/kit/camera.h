#pragma once
/// How a kit board is looked at in depth: an eye that turns about what it looks at.
///
/// Places are units: x across and y down the plan, z up (`Point3`). Pictures are px, x to the right
/// and y down. All of it is for the eye alone: what stands where stays a matter of fractions.

#include <array>
#include <optional>

#include "kit/mesh.h"

namespace rook::kit {

struct PicturePoint {
    double x = 0, y = 0;
    bool operator==(const PicturePoint&) const = default;
};
struct PictureSize {
    double width = 1, height = 1;
};

/// The points from + t * along, for t from 0 on.
struct Ray {
    Point3 from, along;
    [[nodiscard]] Point3 at(double t) const {
        return {from.x + t * along.x, from.y + t * along.y, from.z + t * along.z};
    }
};

/// A box of places; empty where low is above high.
struct Bounds3 {
    Point3 low{1e30, 1e30, 1e30};
    Point3 high{-1e30, -1e30, -1e30};
    bool operator==(const Bounds3&) const = default;
    [[nodiscard]] bool isEmpty() const { return low.x > high.x; }
    void take(const Point3& p);
    void takeAll(const Bounds3& other);
    /// Bit 0, 1, 2 of `which`: high in x, y, z.
    [[nodiscard]] Point3 corner(int which) const;
    /// The first t of the ray in it; nothing if it goes past.
    [[nodiscard]] std::optional<double> entered(const Ray& ray) const;
};

/// Half of the angle that a picture's height spans, as its tangent: of a board, and of who stands
/// on it.
inline constexpr double boardOpening = 0.36;
inline constexpr double eyeOpening = 0.62;
inline constexpr double nearestDistance = 0.5;
inline constexpr double farthestDistance = 20'000;

/// From where one looks at a whole board at once.
enum class Outlook : unsigned char { Plan, Side, Corner };

struct Camera {
    Point3 target;         ///< in the middle of the picture
    double heading = 0;    ///< radians, clockwise as the plan is seen; 0 looks up the plan
    double pitch = 0.6;    ///< radians downwards, from -pi/2 to pi/2
    double distance = 40;  ///< units from the eye to the target, above 0
    bool isParallel = false;
    double opening = boardOpening;  ///< half of the angle of the picture's height, as its tangent

    bool operator==(const Camera&) const = default;
    [[nodiscard]] Point3 forward() const;
    [[nodiscard]] Point3 right() const;
    [[nodiscard]] Point3 up() const;
    [[nodiscard]] Point3 eye() const;
};

/// A place in a picture, with how far it lies along the look, units; nothing behind the eye.
struct Projected {
    PicturePoint at;
    double depth = 0;
};
[[nodiscard]] std::optional<Projected> projected(const Camera& camera, const PictureSize& size,
                                                 const Point3& place);
/// px that one unit has there, across the look.
[[nodiscard]] double pxPerUnit(const Camera& camera, const PictureSize& size, double depth);
/// What is seen at a px. In parallel it begins far behind the eye.
[[nodiscard]] Ray rayAt(const Camera& camera, const PictureSize& size, PicturePoint px);
/// Where a ray comes to the level plane at that height; nothing if it never does.
[[nodiscard]] std::optional<Point3> onLevel(const Ray& ray, double z);

/// Turned by so much, a place staying where it is in the picture. The pitch stays within a right
/// angle.
[[nodiscard]] Camera turnedAbout(const Camera& camera, const Point3& place, double heading,
                                 double pitch);
/// Moved across the look, so that what is seen at `place` goes from one px to another.
[[nodiscard]] Camera moved(const Camera& camera, const PictureSize& size, const Point3& place,
                           PicturePoint from, PicturePoint to);
/// So many times nearer to a place, which stays where it is in the picture.
[[nodiscard]] Camera nearer(const Camera& camera, const Point3& place, double times);
/// The board in that direction, all of it in sight. `eighth`: eighths of a turn clockwise from
/// looking up the plan; sides take even ones, corners odd ones, the plan none. From below, a corner
/// is looked at from under it.
[[nodiscard]] Camera lookedAt(const Bounds3& board, const PictureSize& size, Outlook outlook,
                              int eighth, bool fromBelow, bool isParallel);
/// All of a box in sight, the direction kept.
[[nodiscard]] Camera fitted(const Camera& camera, const Bounds3& box, const PictureSize& size);

/// How far along the look a box lies, units; the nearer end before the eye where it is not
/// parallel.
struct DepthRange {
    double first = 0, last = 1;
};
[[nodiscard]] DepthRange depthsOf(const Camera& camera, const Bounds3& box);
/// Column by column: from places to a picture from -1 to 1, y up; the depths
/// of the box come to -1 and 1.
[[nodiscard]] std::array<float, 16> matrixOf(const Camera& camera, const PictureSize& size,
                                             const Bounds3& box);

}  // namespace rook::kit
