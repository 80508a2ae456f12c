#include "kit/mesh.h"

namespace rook::kit {

namespace {

/// The corners of a mass from above, counter-clockwise as the plan's y goes down, units from a
/// corner at a height; z is their top.
std::vector<Point3> topOf(const Kit& kit, const Mass& mass, const ExactPoint& from,
                          const Rational& ground) {
    const double width = exact(kit.width).toDouble();
    const double depth = exact(kit.depth).toDouble();
    std::vector<Point3> top;
    for (auto corner = mass.outline.rbegin(); corner != mass.outline.rend(); ++corner)
        top.push_back({((*corner)[0] - from.x.toDouble()) * width,
                       ((*corner)[1] - from.y.toDouble()) * depth, (mass.to - ground).toDouble()});
    if (!top.empty()) return top;
    const ExactRect& place = mass.place;
    const ExactPoint corners[] = {{place.left, place.top},
                                  {place.left, place.bottom},
                                  {place.right, place.bottom},
                                  {place.right, place.top}};
    for (const ExactPoint& corner : corners)
        top.push_back({((corner.x - from.x) * exact(kit.width)).toDouble(),
                       ((corner.y - from.y) * exact(kit.depth)).toDouble(),
                       (mass.topAt(corner.x, corner.y) - ground).toDouble()});
    return top;
}

/// The top first, then the sides, then the bottom.
void addFaces(const Kit& kit, const Mass& mass, const ExactPoint& from, const Rational& ground,
              FaceSort topSort, FaceSort flank, std::optional<Side> wall,
              std::vector<Face>& faces) {
    const std::vector<Point3> top = topOf(kit, mass, from, ground);
    const double low = (mass.from - ground).toDouble();
    faces.push_back({top, topSort, 0, wall});
    for (std::size_t i = 0; i < top.size(); ++i) {
        const Point3& p = top[i];
        const Point3& q = top[(i + 1) % top.size()];
        if (p.z <= low && q.z <= low) continue;
        faces.push_back({{p, {p.x, p.y, low}, {q.x, q.y, low}, q}, flank, 0, wall});
    }
    std::vector<Point3> bottom;
    for (auto corner = top.rbegin(); corner != top.rend(); ++corner)
        bottom.push_back({corner->x, corner->y, low});
    faces.push_back({std::move(bottom), flank, 0, wall});
}

/// The side of a room that a mass is the wall of.
std::optional<Side> wallOf(const Solid& solid, const Mass& mass, const Rational& thickAcross,
                           const Rational& thickDown) {
    const ExactRect& place = mass.place;
    if (place.right <= solid.x + thickAcross) return Side::Left;
    if (place.left >= solid.x + solid.width - thickAcross) return Side::Right;
    if (place.bottom <= solid.y + thickDown) return Side::Up;
    if (place.top >= solid.y + solid.depth - thickDown) return Side::Down;
    return std::nullopt;
}

}  // namespace

std::vector<Face> facesOf(const Kit& kit, const Solid& solid) {
    std::vector<Face> faces;
    const Rational ground = exact(kit.storey) * Rational(solid.storey);
    for (const Mass& mass : massesOf(kit, solid)) {
        std::optional<Side> wall;
        if (solid.isHollow())
            wall = wallOf(solid, mass, exact(solid.wall) / exact(kit.width),
                          exact(solid.wall) / exact(kit.depth));
        const FaceSort top = mass.up                           ? FaceSort::Slope
                             : solid.sort == SolidSort::Stairs ? FaceSort::Step
                             : wall                            ? FaceSort::Wall
                                                               : FaceSort::Floor;
        addFaces(kit, mass, {solid.x, solid.y}, ground, top,
                 wall ? FaceSort::Wall : FaceSort::Flank, wall, faces);
    }
    return faces;
}

std::vector<Face> facesOf(const Kit& kit, const Mass& mass) {
    std::vector<Face> faces;
    addFaces(kit, mass, {mass.place.left, mass.place.top}, mass.from, FaceSort::Floor,
             FaceSort::Flank, {}, faces);
    return faces;
}

}  // namespace rook::kit
