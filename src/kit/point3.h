#pragma once
/// Places and directions in depth.

#include <cmath>

namespace rook::kit {

/// Units: x across and y down the plan from the piece's corner in turn 0, z up from the ground of
/// its lowest storey.
struct Point3 {
    double x = 0, y = 0, z = 0;
    bool operator==(const Point3&) const = default;
};

[[nodiscard]] inline Point3 operator-(const Point3& a, const Point3& b) {
    return {a.x - b.x, a.y - b.y, a.z - b.z};
}
[[nodiscard]] inline Point3 operator+(const Point3& a, const Point3& b) {
    return {a.x + b.x, a.y + b.y, a.z + b.z};
}
[[nodiscard]] inline Point3 operator*(const Point3& a, double times) {
    return {a.x * times, a.y * times, a.z * times};
}
[[nodiscard]] inline double dot(const Point3& a, const Point3& b) {
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
[[nodiscard]] inline Point3 crossed(const Point3& u, const Point3& v) {
    return {u.y * v.z - u.z * v.y, u.z * v.x - u.x * v.z, u.x * v.y - u.y * v.x};
}
[[nodiscard]] inline double lengthOf(const Point3& v) {
    return std::sqrt(dot(v, v));
}

}  // namespace rook::kit
