#include "kit/shape.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <unordered_map>

namespace rook::kit {

namespace {

constexpr double wallReach = 0.125;  ///< modules
constexpr double bluntest = 0.75;    ///< cosine of the angle under which normals are shared
constexpr std::uint32_t leafTriangles = 4;

Point3 unit(const Point3& v) {
    const double length = lengthOf(v);
    return length < 1e-12 ? Point3{0, 0, 1} : v * (1 / length);
}

/// As long as twice the area. The plan's y goes down, so outwards is the other way round than
/// elsewhere.
Point3 outwards(const Point3& a, const Point3& b, const Point3& c) {
    return crossed(c - a, b - a);
}

struct PointHash {
    std::size_t operator()(const Point3& p) const {
        const std::hash<double> hash;
        return hash(p.x) ^ (hash(p.y) * 0x9e3779b97f4a7c15u) ^ (hash(p.z) * 0xc2b2ae3d27d4eb4fu);
    }
};

/// Where a ray comes to a triangle, from behind only if told so (Möller and Trumbore, "Fast,
/// Minimum Storage Ray/Triangle Intersection", 1997).
std::optional<double> crossing(const Ray& ray, const Point3& a, const Point3& b, const Point3& c,
                               bool fromBehind) {
    const Point3 ab = b - a;
    const Point3 ac = c - a;
    const Point3 p = crossed(ray.along, ac);
    const double determinant = dot(ab, p);
    // Along what looks outwards: from behind.
    if (determinant == 0 || (determinant > 0 && !fromBehind)) return std::nullopt;
    const Point3 s = ray.from - a;
    const double u = dot(s, p) / determinant;
    if (!(u >= 0 && u <= 1)) return std::nullopt;
    const Point3 q = crossed(s, ab);
    const double v = dot(ray.along, q) / determinant;
    if (!(v >= 0 && u + v <= 1)) return std::nullopt;
    const double t = dot(ac, q) / determinant;
    return t >= 0 ? std::optional(t) : std::nullopt;
}

/// Of "#rrggbb"; grey if it is none.
Material materialOf(const std::string& color) {
    Material material;
    material.name = color;
    for (std::size_t i = 0; i < 3; ++i)
        material.color[i] = color.size() == 7
                                ? static_cast<double>(std::strtol(
                                      color.substr(1 + 2 * i, 2).c_str(), nullptr, 16)) /
                                      255
                                : 0.5;
    return material;
}

/// How high a wall stays over its floor, at the floor's upper end.
double lowTopOf(const Kit& kit, const level::PieceCell& cell) {
    const Rational floor = exact(cell.height) + exact(cell.rise);
    return (cell.storey + lowWall) * exact(kit.storey).toDouble() + std::max(0.0, floor.toDouble());
}

/// Normals of points that stand in one place, shared where their faces meet bluntly.
std::vector<Point3> sharedNormals(const std::vector<Point3>& points,
                                  const std::vector<ShapeTriangle>& triangles) {
    std::vector<Point3> flat(points.size());
    for (const ShapeTriangle& each : triangles) {
        const auto& [a, b, c] = each.corners;
        const Point3 n = outwards(points[a], points[b], points[c]);
        for (const std::uint32_t corner : each.corners)
            flat[corner] = flat[corner] + n;
    }
    std::unordered_map<Point3, std::vector<std::uint32_t>, PointHash> places;
    for (std::uint32_t i = 0; i < points.size(); ++i)
        places[points[i]].push_back(i);
    std::vector<Point3> normals(points.size());
    for (const auto& [place, there] : places)
        for (const std::uint32_t i : there) {
            const Point3 own = unit(flat[i]);
            Point3 sum;
            for (const std::uint32_t k : there)
                if (dot(own, unit(flat[k])) > bluntest) sum = sum + flat[k];
            normals[i] = unit(sum);
        }
    return normals;
}

}  // namespace

Shape::Shape(const Kit& kit, const Piece& piece) {
    for (const Face& face : facesOf(kit, piece))
        addFace(face, lowTopOf(kit, piece.cells[face.cell]));
    materials = {materialOf(piece.color)};
    finish();
}

Shape::Shape(const Kit& kit, const Solid& solid) {
    const Rational floor = exact(solid.base) + exact(solid.floor);
    const double lowTop = floor.toDouble() + lowWall * exact(kit.storey).toDouble();
    for (const Face& face : facesOf(kit, solid))
        addFace(face, lowTop);
    materials = {materialOf(solidColor)};
    finish();
}

void Shape::addFace(const Face& face, double lowTop) {
    const auto first = static_cast<std::uint32_t>(points.size());
    points.insert(points.end(), face.corners.begin(), face.corners.end());
    for (std::uint32_t i = 2; i < face.corners.size(); ++i)
        triangles.push_back({{first, first + i - 1, first + i},
                             face.sort,
                             face.wall,
                             lowTop,
                             static_cast<std::uint32_t>(face.cell),
                             0});
}

Shape::Shape(const Kit& kit, const Piece& piece, const Mesh& mesh) : isModel(true) {
    const Point3 pivot = pivotUnits(kit, piece);
    // Every triangle with points of its own where the model has no normals: edges stay sharp.
    const bool hasNormals = mesh.normals.size() == mesh.points.size();
    const bool hasPlaces = mesh.places.size() == mesh.points.size();
    const auto add = [&](std::uint32_t i) {
        points.push_back(
            {mesh.points[i].x + pivot.x, mesh.points[i].y + pivot.y, mesh.points[i].z});
        if (hasNormals) normals.push_back(mesh.normals[i]);
        if (hasPlaces) places.push_back(mesh.places[i]);
    };
    if (hasNormals)
        for (std::uint32_t i = 0; i < mesh.points.size(); ++i)
            add(i);
    materials = mesh.materials;
    pictures = mesh.pictures;
    const bool hasMaterials = !materials.empty() && mesh.materialOf.size() == mesh.triangles.size();
    if (!hasMaterials) materials = {materialOf(piece.color)};
    for (std::size_t i = 0; i < mesh.triangles.size(); ++i) {
        ShapeTriangle triangle;
        triangle.sort = FaceSort::Model;
        triangle.corners = mesh.triangles[i];
        if (!hasNormals)
            for (std::uint32_t& corner : triangle.corners) {
                add(corner);
                corner = static_cast<std::uint32_t>(points.size() - 1);
            }
        const auto& [a, b, c] = triangle.corners;
        const Point3 middle{(points[a].x + points[b].x + points[c].x) / 3,
                            (points[a].y + points[b].y + points[c].y) / 3,
                            (points[a].z + points[b].z + points[c].z) / 3};
        triangle.cell = static_cast<std::uint32_t>(cellUnder(kit, piece, middle));
        takeWall(kit, piece, triangle);
        if (hasMaterials)
            triangle.material =
                std::min(mesh.materialOf[i], static_cast<std::uint32_t>(materials.size() - 1));
        triangles.push_back(triangle);
    }
    finish();
}

Shape Shape::coarse(int cells) const {
    Shape next;
    next.materials = materials;
    next.pictures = pictures;
    next.isModel = isModel;
    const Point3 size = m_bounds.high - m_bounds.low;
    const double cell = std::max({size.x, size.y, size.z, 1e-9}) / cells;
    std::map<std::array<int, 3>, std::uint32_t> known;
    std::vector<std::uint32_t> pointOf(points.size());
    for (std::size_t i = 0; i < points.size(); ++i) {
        const Point3 p = points[i] - m_bounds.low;
        const auto at = [&](double value) { return static_cast<int>(std::lround(value / cell)); };
        const auto [found, isNew] = known.try_emplace(
            {at(p.x), at(p.y), at(p.z)}, static_cast<std::uint32_t>(next.points.size()));
        pointOf[i] = found->second;
        if (!isNew) continue;
        next.points.push_back(points[i]);
        next.normals.push_back(normals[i]);
        if (!places.empty()) next.places.push_back(places[i]);
    }
    for (ShapeTriangle triangle : triangles) {
        for (std::uint32_t& corner : triangle.corners)
            corner = pointOf[corner];
        const auto& [a, b, c] = triangle.corners;
        if (a != b && b != c && c != a) next.triangles.push_back(triangle);
    }
    next.finish();
    return next;
}

void Shape::takeWall(const Kit& kit, const Piece& piece, ShapeTriangle& triangle) const {
    if (triangle.cell >= piece.cells.size()) return;
    const level::PieceCell& cell = piece.cells[triangle.cell];
    const double width = exact(kit.width).toDouble();
    const double depth = exact(kit.depth).toDouble();
    triangle.lowTop = lowTopOf(kit, cell);
    for (const Side side : level::allSides) {
        if (!((cell.walls >> static_cast<int>(side)) & 1u)) continue;
        const auto isNear = [&](std::uint32_t corner) {
            const double x = points[corner].x / width - cell.at.x;
            const double y = points[corner].y / depth - cell.at.y;
            const double off[] = {1 - x, 1 - y, x, y};
            return off[static_cast<int>(side)] < wallReach;
        };
        if (std::all_of(triangle.corners.begin(), triangle.corners.end(), isNear))
            triangle.wall = side;
    }
}

void Shape::finish() {
    if (normals.size() != points.size()) normals = sharedNormals(points, triangles);
    for (const Point3& p : points)
        m_bounds.take(p);
    if (triangles.empty()) return;
    m_order.resize(triangles.size());
    std::iota(m_order.begin(), m_order.end(), 0u);
    m_nodes.reserve(triangles.size());
    m_nodes.emplace_back();
    build(0, 0, static_cast<std::uint32_t>(triangles.size()));
}

/// Halves by the middles of the triangles, along the longest side of their box.
void Shape::build(std::size_t node, std::uint32_t first, std::uint32_t count) {
    Bounds3 box, middles;
    const auto middleOf = [&](std::uint32_t triangle) {
        const auto& [a, b, c] = triangles[triangle].corners;
        return Point3{points[a].x + points[b].x + points[c].x,
                      points[a].y + points[b].y + points[c].y,
                      points[a].z + points[b].z + points[c].z};
    };
    for (std::uint32_t i = first; i < first + count; ++i) {
        for (const std::uint32_t corner : triangles[m_order[i]].corners)
            box.take(points[corner]);
        middles.take(middleOf(m_order[i]));
    }
    m_nodes[node] = {box, first, count};
    if (count <= leafTriangles) return;
    const Point3 size = middles.high - middles.low;
    double Point3::*const axis = size.x >= size.y && size.x >= size.z ? &Point3::x
                                 : size.y >= size.z                   ? &Point3::y
                                                                      : &Point3::z;
    const std::uint32_t half = count / 2;
    const auto begin = m_order.begin() + first;
    std::nth_element(begin, begin + half, begin + count, [&](std::uint32_t a, std::uint32_t b) {
        return middleOf(a).*axis < middleOf(b).*axis;
    });
    const auto left = static_cast<std::uint32_t>(m_nodes.size());
    m_nodes.emplace_back();
    m_nodes.emplace_back();
    m_nodes[node] = {box, left, 0};
    build(left, first, half);
    build(left + 1, first + half, count - half);
}

std::optional<double> Shape::hitOne(const ShapeTriangle& triangle, const Ray& ray,
                                    const ShapeView& view) const {
    Point3 p[3];
    for (std::size_t i = 0; i < 3; ++i)
        p[i] = points[triangle.corners[i]];
    if (triangle.wall && ((view.low >> static_cast<int>(*triangle.wall)) & 1u))
        for (Point3& corner : p)
            corner.z = std::min(corner.z, triangle.lowTop);
    return crossing(ray, p[0], p[1], p[2],
                    view.seesBacks || materials[triangle.material].isSeenFromBehind);
}

std::optional<ShapeHit> Shape::hitPlainly(const Ray& ray, double limit,
                                          const ShapeView& view) const {
    std::optional<ShapeHit> best;
    for (std::size_t i = 0; i < triangles.size(); ++i)
        if (const auto t = hitOne(triangles[i], ray, view); t && *t < limit) {
            limit = *t;
            best = ShapeHit{i, *t};
        }
    return best;
}

std::optional<ShapeHit> Shape::hit(const Ray& ray, double limit, const ShapeView& view) const {
    std::optional<ShapeHit> best;
    if (m_nodes.empty()) return best;
    std::vector<std::uint32_t> open{0};
    while (!open.empty()) {
        const Node& node = m_nodes[open.back()];
        open.pop_back();
        const auto entered = node.box.entered(ray);
        if (!entered || *entered > limit) continue;
        if (node.count == 0) {
            open.push_back(node.first);
            open.push_back(node.first + 1);
            continue;
        }
        for (std::uint32_t i = node.first; i < node.first + node.count; ++i) {
            const auto t = hitOne(triangles[m_order[i]], ray, view);
            // Of two at one place the first, as without the tree.
            const bool isBetter =
                t && (*t < limit || (best && *t == limit && m_order[i] < best->triangle));
            if (!isBetter) continue;
            limit = *t;
            best = ShapeHit{m_order[i], *t};
        }
    }
    return best;
}

Shapes shapesOf(const Kit& kit, const std::map<std::string, Mesh>& meshes) {
    Shapes shapes;
    for (const Piece& piece : kit.pieces) {
        const auto mesh = meshes.find(piece.name);
        shapes[piece.name] = mesh == meshes.end()
                                 ? std::make_shared<const Shape>(kit, piece)
                                 : std::make_shared<const Shape>(kit, piece, mesh->second);
    }
    return shapes;
}

}  // namespace rook::kit
