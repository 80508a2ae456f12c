#include "kit/depth_scene.h"

#include <algorithm>
#include <cmath>

namespace rook::kit {

namespace {

/// The ray from where it comes below the cut, so that what is higher is passed. `moved`: by so much
/// of t; nothing if it never does.
std::optional<double> startBelow(const Ray& ray, double cut) {
    if (ray.from.z <= cut) return 0;
    if (ray.along.z >= 0) return std::nullopt;
    return (cut - ray.from.z) / ray.along.z;
}

/// Whether a triangle of the picture and a frame have a place in common: by the axes of both
/// (Gottschalk, Lin and Manocha, "OBBTree", 1996, in the plane).
bool meets(const PicturePoint (&p)[3], PicturePoint low, PicturePoint high) {
    const auto isApart = [&](double nx, double ny) {
        double first = 1e300, last = -1e300, from = 1e300, to = -1e300;
        for (const PicturePoint& each : p) {
            first = std::min(first, each.x * nx + each.y * ny);
            last = std::max(last, each.x * nx + each.y * ny);
        }
        for (const double x : {low.x, high.x})
            for (const double y : {low.y, high.y}) {
                from = std::min(from, x * nx + y * ny);
                to = std::max(to, x * nx + y * ny);
            }
        return last < from || to < first;
    };
    if (isApart(1, 0) || isApart(0, 1)) return false;
    for (std::size_t i = 0; i < 3; ++i) {
        const PicturePoint& a = p[i];
        const PicturePoint& b = p[(i + 1) % 3];
        if (isApart(a.y - b.y, b.x - a.x)) return false;
    }
    return true;
}

}  // namespace

Point3 Standing::toBoard(const Point3& p) const {
    return {corner.x + across[0] * p.x + across[1] * p.y, corner.y + down[0] * p.x + down[1] * p.y,
            corner.z + p.z};
}

Ray Standing::toShape(const Ray& ray) const {
    const double determinant = across[0] * down[1] - across[1] * down[0];
    const auto back = [&](double x, double y, double z) {
        return Point3{(down[1] * x - across[1] * y) / determinant,
                      (across[0] * y - down[0] * x) / determinant, z};
    };
    return {back(ray.from.x - corner.x, ray.from.y - corner.y, ray.from.z - corner.z),
            back(ray.along.x, ray.along.y, ray.along.z)};
}

Standing standingOf(const Kit& kit, const Piece& piece, const PlacedPiece& placed) {
    const double width = exact(kit.width).toDouble();
    const double depth = exact(kit.depth).toDouble();
    const CellRect bounds = piece.bounds();
    // In modules: a quarter turn brings (x, y) to (height - y, x).
    constexpr int cosine[] = {1, 0, -1, 0};
    constexpr int sine[] = {0, 1, 0, -1};
    const int turn = placed.turn & 3;
    const double c = cosine[turn];
    const double s = sine[turn];
    const double shiftX = turn == 1 ? bounds.height : turn == 2 ? bounds.width : 0;
    const double shiftY = turn == 2 ? bounds.height : turn == 3 ? bounds.width : 0;
    Standing standing;
    standing.across = {c, -s * width / depth};
    standing.down = {s * depth / width, c};
    standing.corner = {(placed.at.x + placed.offX.toDouble() + shiftX) * width,
                       (placed.at.y + placed.offY.toDouble() + shiftY) * depth,
                       exact(kit.storey).toDouble() * placed.storey};
    return standing;
}

LowWalls sidesTowards(const Camera& camera, const Point3& place) {
    // Where the eye is, from there; in parallel all places see it alike.
    const Point3 to = camera.isParallel ? camera.forward() * -1 : camera.eye() - place;
    const double slack = 0.05 * lengthOf(to);
    LowWalls sides = 0;
    const double along[] = {to.x, to.y, -to.x, -to.y};
    for (const Side side : level::allSides)
        if (along[static_cast<int>(side)] > slack) sides |= 1u << static_cast<int>(side);
    return sides;
}

LowWalls turnedBack(LowWalls sides, int turn) {
    const unsigned shift = static_cast<unsigned>(turn & 3);
    return ((sides >> shift) | (sides << (4 - shift))) & 0b1111u;
}

Standing standingOf(const Kit& kit, const Solid& solid) {
    Standing standing;
    standing.corner = {(solid.x * exact(kit.width)).toDouble(),
                       (solid.y * exact(kit.depth)).toDouble(),
                       exact(kit.storey).toDouble() * solid.storey};
    return standing;
}

void DepthScene::add(Item item) {
    const Bounds3& own = item.shape->bounds();
    if (!own.isEmpty())
        for (int i = 0; i < 8; ++i)
            item.box.take(item.standing.toBoard(own.corner(i)));
    m_bounds.takeAll(item.box);
    m_items.push_back(std::move(item));
}

void DepthScene::addSolids(const Kit& kit, const level::Level& level, const DepthScene* former) {
    for (const Solid& solid : level.solids) {
        Solid atCorner = solid;
        atCorner.x = atCorner.y = Rational();
        atCorner.storey = 0;
        std::shared_ptr<const Shape> shape;
        if (former)
            if (const auto found = former->m_solids.find(solid.id);
                found != former->m_solids.end() && found->second.solid == atCorner)
                shape = found->second.shape;
        if (!shape) shape = std::make_shared<const Shape>(kit, atCorner);
        m_solids[solid.id] = {std::move(atCorner), shape};
        add({std::nullopt, solid.id, 0, std::move(shape), standingOf(kit, solid), {}});
    }
}

DepthScene::DepthScene(const Kit& kit, const level::Level& level, Shapes shapes,
                       const DepthScene* former)
    : m_shapes(std::move(shapes)) {
    std::map<std::string, const Piece*> pieces;
    for (const Piece& piece : kit.pieces)
        pieces[piece.name] = &piece;
    m_items.reserve(level.pieces.size());
    std::size_t index = 0;
    for (const PlacedPiece& placed : level.pieces) {
        const std::size_t here = index++;
        const auto piece = pieces.find(placed.piece);
        const auto shape = m_shapes.find(placed.piece);
        if (piece == pieces.end() || shape == m_shapes.end()) continue;
        add({here,
             placed.id,
             placed.turn & 3,
             shape->second,
             standingOf(kit, *piece->second, placed),
             {}});
    }
    addSolids(kit, level, former);
}

std::optional<BoardHit> DepthScene::hit(const Camera& camera, const Ray& ray,
                                        const DepthLook& look) const {
    const auto start = startBelow(ray, look.cut);
    if (!start) return std::nullopt;
    const Ray below{ray.at(*start), ray.along};
    std::vector<std::pair<double, const Item*>> met;
    for (const Item& item : m_items)
        if (const auto t = item.box.entered(below)) met.emplace_back(*t, &item);
    std::sort(met.begin(), met.end());
    std::optional<BoardHit> best;
    double limit = 1e300;
    for (const auto& [entered, item] : met) {
        if (entered > limit) break;
        const LowWalls low =
            look.wallsAreLow
                ? turnedBack(sidesTowards(camera, item->standing.toBoard({})), item->turn)
                : 0;
        const auto found = item->shape->hit(item->standing.toShape(below), limit,
                                            {low, look.cut < m_bounds.high.z});
        if (!found) continue;
        limit = found->t;
        best = BoardHit{item->id,          item->placed,
                        found->triangle,   item->shape->triangles[found->triangle].cell,
                        *start + found->t, below.at(found->t)};
    }
    // What looks up from below the cut sees what is cut away no more.
    if (best && best->at.z > look.cut) return std::nullopt;
    return best;
}

std::vector<int> DepthScene::idsIn(const Camera& camera, const PictureSize& size, PicturePoint a,
                                   PicturePoint b, const DepthLook& look) const {
    const PicturePoint low{std::min(a.x, b.x), std::min(a.y, b.y)};
    const PicturePoint high{std::max(a.x, b.x), std::max(a.y, b.y)};
    const auto isIn = [&](const Item& item) {
        std::vector<std::optional<Projected>> seen;
        for (const Point3& p : item.shape->points) {
            Point3 at = item.standing.toBoard(p);
            at.z = std::min(at.z, look.cut);
            seen.push_back(projected(camera, size, at));
        }
        for (const ShapeTriangle& triangle : item.shape->triangles) {
            PicturePoint p[3];
            bool isSeen = true;
            for (std::size_t i = 0; i < 3; ++i) {
                const auto& each = seen[triangle.corners[i]];
                isSeen = isSeen && each;
                if (each) p[i] = each->at;
            }
            if (isSeen && meets(p, low, high)) return true;
        }
        return false;
    };
    std::vector<int> ids;
    for (const Item& item : m_items) {
        if (item.box.isEmpty() || item.box.low.z >= look.cut) continue;
        Bounds3 flat;
        bool isWhole = true;
        for (int i = 0; i < 8; ++i)
            if (const auto at = projected(camera, size, item.box.corner(i)))
                flat.take(Point3{at->at.x, at->at.y, 0});
            else
                isWhole = false;
        const bool isApart = isWhole && (flat.high.x < low.x || flat.low.x > high.x ||
                                         flat.high.y < low.y || flat.low.y > high.y);
        // All of it in the frame needs no look at its triangles.
        const bool isInside = isWhole && item.box.high.z <= look.cut && flat.low.x >= low.x &&
                              flat.high.x <= high.x && flat.low.y >= low.y && flat.high.y <= high.y;
        if (!isApart && (isInside || isIn(item))) ids.push_back(item.id);
    }
    return ids;
}

}  // namespace rook::kit
