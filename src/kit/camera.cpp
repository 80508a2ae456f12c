#include "kit/camera.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace rook::kit {

namespace {

constexpr double rightAngle = std::numbers::pi / 2;
constexpr double margin = 1.1;        ///< of a board that is fitted
constexpr double behind = 100'000;    ///< units, that rays begin behind the eye in parallel
constexpr double nearestSeen = 0.05;  ///< units before the eye

/// px that what spans one along the look's unit sphere has.
double focalPx(const Camera& camera, const PictureSize& size) {
    return size.height / 2 / camera.opening;
}

/// A place as the eye sees it: to the right, up, and along the look.
Point3 seen(const Camera& camera, const Point3& place) {
    const Point3 d = place - camera.eye();
    return {dot(d, camera.right()), dot(d, camera.up()), dot(d, camera.forward())};
}

/// The camera in that direction, from which a place is seen as told.
Camera placedToSee(Camera camera, const Point3& place, const Point3& seenAt) {
    const Point3 eye =
        place - camera.right() * seenAt.x - camera.up() * seenAt.y - camera.forward() * seenAt.z;
    camera.target = eye + camera.forward() * camera.distance;
    return camera;
}

}  // namespace

void Bounds3::take(const Point3& p) {
    low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
    high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, p.z)};
}

void Bounds3::takeAll(const Bounds3& other) {
    if (other.isEmpty()) return;
    take(other.low);
    take(other.high);
}

Point3 Bounds3::corner(int which) const {
    return {which & 1 ? high.x : low.x, which & 2 ? high.y : low.y, which & 4 ? high.z : low.z};
}

std::optional<double> Bounds3::entered(const Ray& ray) const {
    double first = 0, last = 1e300;
    const auto cut = [&](double from, double along, double l, double h) {
        if (along == 0) return from >= l && from <= h;
        double a = (l - from) / along;
        double b = (h - from) / along;
        if (a > b) std::swap(a, b);
        first = std::max(first, a);
        last = std::min(last, b);
        return first <= last;
    };
    if (isEmpty() || !cut(ray.from.x, ray.along.x, low.x, high.x) ||
        !cut(ray.from.y, ray.along.y, low.y, high.y) ||
        !cut(ray.from.z, ray.along.z, low.z, high.z))
        return std::nullopt;
    return first;
}

Point3 Camera::forward() const {
    return {std::sin(heading) * std::cos(pitch), -std::cos(heading) * std::cos(pitch),
            -std::sin(pitch)};
}
Point3 Camera::right() const {
    return {std::cos(heading), std::sin(heading), 0};
}
Point3 Camera::up() const {
    return {std::sin(heading) * std::sin(pitch), -std::cos(heading) * std::sin(pitch),
            std::cos(pitch)};
}
Point3 Camera::eye() const {
    return target - forward() * distance;
}

double pxPerUnit(const Camera& camera, const PictureSize& size, double depth) {
    return focalPx(camera, size) /
           (camera.isParallel ? camera.distance : std::max(depth, nearestSeen));
}

std::optional<Projected> projected(const Camera& camera, const PictureSize& size,
                                   const Point3& place) {
    const Point3 at = seen(camera, place);
    if (!camera.isParallel && at.z < nearestSeen) return std::nullopt;
    const double scale = pxPerUnit(camera, size, at.z);
    return Projected{{size.width / 2 + at.x * scale, size.height / 2 - at.y * scale}, at.z};
}

Ray rayAt(const Camera& camera, const PictureSize& size, PicturePoint px) {
    const double across = (px.x - size.width / 2) / focalPx(camera, size);
    const double upwards = (size.height / 2 - px.y) / focalPx(camera, size);
    if (!camera.isParallel)
        return {camera.eye(), camera.forward() + camera.right() * across + camera.up() * upwards};
    const Point3 from = camera.eye() + camera.right() * (across * camera.distance) +
                        camera.up() * (upwards * camera.distance);
    return {from - camera.forward() * behind, camera.forward()};
}

std::optional<Point3> onLevel(const Ray& ray, double z) {
    if (std::abs(ray.along.z) < 1e-9) return std::nullopt;
    const double t = (z - ray.from.z) / ray.along.z;
    if (t < 0) return std::nullopt;
    Point3 at = ray.at(t);
    at.z = z;
    return at;
}

Camera turnedAbout(const Camera& camera, const Point3& place, double heading, double pitch) {
    const Point3 before = seen(camera, place);
    Camera next = camera;
    next.heading = std::remainder(camera.heading + heading, 4 * rightAngle);
    next.pitch = std::clamp(camera.pitch + pitch, -rightAngle, rightAngle);
    return placedToSee(next, place, before);
}

Camera moved(const Camera& camera, const PictureSize& size, const Point3& place, PicturePoint from,
             PicturePoint to) {
    const double scale = pxPerUnit(camera, size, seen(camera, place).z);
    Camera next = camera;
    next.target = camera.target + camera.right() * ((from.x - to.x) / scale) +
                  camera.up() * ((to.y - from.y) / scale);
    return next;
}

Camera nearer(const Camera& camera, const Point3& place, double times) {
    const double distance = std::clamp(camera.distance / times, nearestDistance, farthestDistance);
    const double kept = distance / camera.distance;
    Camera next = camera;
    const Point3 eye = place + (camera.eye() - place) * kept;
    next.distance = distance;
    next.target = eye + next.forward() * distance;
    return next;
}

Camera fitted(const Camera& camera, const Bounds3& box, const PictureSize& size) {
    if (box.isEmpty()) return camera;
    Camera next = camera;
    next.target = (box.low + box.high) * 0.5;
    double distance = nearestDistance;
    for (int i = 0; i < 8; ++i) {
        const Point3 d = box.corner(i) - next.target;
        const double across = std::abs(dot(d, next.right())) * margin * focalPx(camera, size) * 2;
        const double upwards = std::abs(dot(d, next.up())) * margin * focalPx(camera, size) * 2;
        const double needed = std::max(across / size.width, upwards / size.height);
        distance = std::max(distance, needed - (camera.isParallel ? 0 : dot(d, next.forward())));
    }
    next.distance = std::min(distance, farthestDistance);
    return next;
}

Camera lookedAt(const Bounds3& board, const PictureSize& size, Outlook outlook, int eighth,
                bool fromBelow, bool isParallel) {
    Camera camera;
    camera.isParallel = isParallel;
    camera.heading = outlook == Outlook::Plan
                         ? 0
                         : std::remainder((eighth & 7) * rightAngle / 2, 4 * rightAngle);
    const double aslant = std::asin(1 / std::sqrt(3.0));
    camera.pitch = (fromBelow ? -1 : 1) * (outlook == Outlook::Plan   ? rightAngle
                                           : outlook == Outlook::Side ? 0
                                                                      : aslant);
    return fitted(camera, board, size);
}

DepthRange depthsOf(const Camera& camera, const Bounds3& box) {
    double first = 1e30, last = -1e30;
    for (int i = 0; i < 8; ++i) {
        const double along = seen(camera, box.corner(i)).z;
        first = std::min(first, along);
        last = std::max(last, along);
    }
    if (!camera.isParallel) first = std::max(first, std::max(nearestSeen, last / 20'000));
    return {first, std::max(last, first + 0.01)};
}

std::array<float, 16> matrixOf(const Camera& camera, const PictureSize& size, const Bounds3& box) {
    const auto [first, last] = depthsOf(camera, box);
    const Point3 axes[] = {camera.right(), camera.up(), camera.forward()};
    const Point3 eye = camera.eye();
    const double tall = camera.isParallel ? camera.distance * camera.opening : camera.opening;
    const double wide = tall * size.width / size.height;
    double rows[4][4] = {};
    const auto setRow = [&](int row, const Point3& axis, double times, double shift) {
        rows[row][0] = axis.x * times;
        rows[row][1] = axis.y * times;
        rows[row][2] = axis.z * times;
        rows[row][3] = -dot(axis, eye) * times + shift;
    };
    setRow(0, axes[0], 1 / wide, 0);
    setRow(1, axes[1], 1 / tall, 0);
    if (camera.isParallel) {
        setRow(2, axes[2], 2 / (last - first), -(last + first) / (last - first));
        rows[3][3] = 1;
    } else {
        setRow(2, axes[2], (last + first) / (last - first), -2 * last * first / (last - first));
        setRow(3, axes[2], 1, 0);
    }
    std::array<float, 16> matrix{};
    for (std::size_t row = 0; row < 4; ++row)
        for (std::size_t column = 0; column < 4; ++column)
            matrix[column * 4 + row] = static_cast<float>(rows[row][column]);
    return matrix;
}

}  // namespace rook::kit
