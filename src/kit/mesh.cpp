#include "kit/mesh.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "kit/audit.h"

namespace rook::kit {

using level::PieceCell;
using level::SurfaceSort;

namespace {

constexpr double wallPart = 0.08;  ///< of a module, that a wall is thick
constexpr double highestStep = 0.3;

/// Faces of one piece's blocks.
class Building {
public:
    Building(const Kit& kit, const Piece& piece) : m_kit(kit), m_piece(piece) {
        for (const PieceCell& cell : piece.cells)
            m_cells[{cell.at.x, cell.at.y, cell.storey}] = &cell;
    }

    std::vector<Face> run() {
        for (m_cell = 0; m_cell < m_piece.cells.size(); ++m_cell)
            add(m_piece.cells[m_cell]);
        return std::move(m_faces);
    }

private:
    void add(const PieceCell& cell) {
        const double width = unitsOf(m_kit.width);
        const double depth = unitsOf(m_kit.depth);
        const double ground = unitsOf(m_kit.storey) * cell.storey;
        const double low = ground + unitsOf(cell.height);
        const Point3 a{cell.at.x * width, cell.at.y * depth, 0};
        const Point3 b{a.x + width, a.y + depth, 0};
        const auto box = [&](double from, double to) {
            return MeshBox{{a.x, a.y, from}, {b.x, b.y, to}};
        };
        switch (cell.surface) {
            case SurfaceSort::None:
                break;
            case SurfaceSort::Flat:
                addBox(box(low - unitsOf(m_kit.slab), low), FaceSort::Floor, hiddenSides(cell));
                break;
            case SurfaceSort::Block:
                addBox(box(ground, ground + unitsOf(m_kit.storey)), FaceSort::Wall,
                       hiddenSides(cell));
                break;
            case SurfaceSort::Ramp:
                addRamp(box(ground - unitsOf(m_kit.slab), 0), low, low + unitsOf(cell.rise),
                        cell.up);
                break;
            case SurfaceSort::Stairs:
                addStairs(box(ground - unitsOf(m_kit.slab), 0), low, unitsOf(cell.rise), cell.up);
                break;
        }
        for (const Side side : level::allSides)
            if ((cell.walls >> static_cast<int>(side)) & 1u)
                addWall(a, b, std::min(low, ground), ground + unitsOf(m_kit.storey), side);
    }
    /// Sides where a cell of the same sort and height goes on.
    [[nodiscard]] unsigned hiddenSides(const PieceCell& cell) const {
        unsigned sides = 0;
        for (const Side side : level::allSides) {
            const CellPoint next = beside(cell.at, side);
            const auto found = m_cells.find({next.x, next.y, cell.storey});
            if (found != m_cells.end() && found->second->surface == cell.surface &&
                found->second->height == cell.height)
                sides |= 1u << static_cast<int>(side);
        }
        return sides;
    }
    void addFace(std::vector<Point3> corners, FaceSort sort) {
        m_faces.push_back({std::move(corners), sort, m_cell, m_wall});
    }
    void addBox(const MeshBox& box, FaceSort top, unsigned hidden) {
        const Point3& l = box.low;
        const Point3& h = box.high;
        const FaceSort flank = top == FaceSort::Wall ? FaceSort::Wall : FaceSort::Flank;
        addFace({{l.x, l.y, h.z}, {l.x, h.y, h.z}, {h.x, h.y, h.z}, {h.x, l.y, h.z}}, top);
        addFace({{l.x, l.y, l.z}, {h.x, l.y, l.z}, {h.x, h.y, l.z}, {l.x, h.y, l.z}}, flank);
        if (!(hidden & 1u))
            addFace({{h.x, l.y, l.z}, {h.x, l.y, h.z}, {h.x, h.y, h.z}, {h.x, h.y, l.z}}, flank);
        if (!(hidden & 2u))
            addFace({{h.x, h.y, l.z}, {h.x, h.y, h.z}, {l.x, h.y, h.z}, {l.x, h.y, l.z}}, flank);
        if (!(hidden & 4u))
            addFace({{l.x, h.y, l.z}, {l.x, h.y, h.z}, {l.x, l.y, h.z}, {l.x, l.y, l.z}}, flank);
        if (!(hidden & 8u))
            addFace({{l.x, l.y, l.z}, {l.x, l.y, h.z}, {h.x, l.y, h.z}, {h.x, l.y, l.z}}, flank);
    }
    /// A wedge from `from` at the lower end to `to` at the upper one, filled to the box's floor.
    void addRamp(const MeshBox& box, double from, double to, Side up) {
        const Point3& l = box.low;
        const Point3& h = box.high;
        const auto height = [&](Side one, Side other) {
            return one == up || other == up ? to : from;
        };
        // Upper left, lower left, lower right, upper right: counter-clockwise from above, as the
        // plan's y goes down.
        const Point3 tops[] = {{l.x, l.y, height(Side::Left, Side::Up)},
                               {l.x, h.y, height(Side::Left, Side::Down)},
                               {h.x, h.y, height(Side::Right, Side::Down)},
                               {h.x, l.y, height(Side::Right, Side::Up)}};
        addFace({tops[0], tops[1], tops[2], tops[3]}, FaceSort::Slope);
        for (int i = 0; i < 4; ++i) {
            const Point3& p = tops[i];
            const Point3& q = tops[(i + 1) % 4];
            if (p.z <= l.z && q.z <= l.z) continue;
            addFace({p, {p.x, p.y, l.z}, {q.x, q.y, l.z}, q}, FaceSort::Flank);
        }
        addFace({{l.x, l.y, l.z}, {h.x, l.y, l.z}, {h.x, h.y, l.z}, {l.x, h.y, l.z}},
                FaceSort::Flank);
    }
    void addStairs(const MeshBox& box, double low, double rise, Side up) {
        const int steps = std::max(2, static_cast<int>(std::ceil(rise / highestStep)));
        for (int i = 0; i < steps; ++i) {
            const double from = static_cast<double>(i) / steps;
            const double to = static_cast<double>(i + 1) / steps;
            MeshBox step = box;
            step.high.z = low + rise * to;
            const double width = box.high.x - box.low.x;
            const double depth = box.high.y - box.low.y;
            if (up == Side::Right) {
                step.low.x = box.low.x + width * from;
                step.high.x = box.low.x + width * to;
            } else if (up == Side::Left) {
                step.low.x = box.high.x - width * to;
                step.high.x = box.high.x - width * from;
            } else if (up == Side::Down) {
                step.low.y = box.low.y + depth * from;
                step.high.y = box.low.y + depth * to;
            } else {
                step.low.y = box.high.y - depth * to;
                step.high.y = box.high.y - depth * from;
            }
            addBox(step, FaceSort::Step, 0);
        }
    }
    void addWall(const Point3& a, const Point3& b, double low, double high, Side side) {
        MeshBox box{{a.x, a.y, low}, {b.x, b.y, high - unitsOf(m_kit.slab)}};
        const double across = wallPart * (b.x - a.x);
        const double down = wallPart * (b.y - a.y);
        if (side == Side::Right) box.low.x = b.x - across;
        if (side == Side::Left) box.high.x = a.x + across;
        if (side == Side::Down) box.low.y = b.y - down;
        if (side == Side::Up) box.high.y = a.y + down;
        m_wall = side;
        addBox(box, FaceSort::Wall, 0);
        m_wall.reset();
    }

    const Kit& m_kit;
    const Piece& m_piece;
    std::map<std::tuple<int, int, int>, const PieceCell*> m_cells;
    std::size_t m_cell = 0;
    std::optional<Side> m_wall;  ///< that is being built
    std::vector<Face> m_faces;
};

/// To the nearest thousandth: models hold floats.
level::Decimal decimalOf(double units) {
    return {static_cast<std::int64_t>(std::llround(units * 1000))};
}

double areaOf(const Point3& a, const Point3& b, const Point3& c) {
    const Point3 u{b.x - a.x, b.y - a.y, b.z - a.z};
    const Point3 v{c.x - a.x, c.y - a.y, c.z - a.z};
    const Point3 n{u.y * v.z - u.z * v.y, u.z * v.x - u.x * v.z, u.x * v.y - u.y * v.x};
    return std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z) / 2;
}

/// How much of the border of each module has faces flat upon it, as their extent along the border
/// in units; and the lowest height of those.
struct Flat {
    double from = 1e30, to = -1e30, low = 1e30;
};

void proposePorts(const Kit& kit, const Mesh& mesh, const MeshBox& box, const std::string& profile,
                  Piece& piece) {
    const double width = unitsOf(kit.width);
    const double depth = unitsOf(kit.depth);
    const CellRect cells = piece.bounds();
    std::map<std::tuple<int, int, int>, Flat> flats;  // x, y, side
    constexpr double slack = 0.0015;
    for (const auto& triangle : mesh.triangles) {
        const Point3* p[] = {&mesh.points[triangle[0]], &mesh.points[triangle[1]],
                             &mesh.points[triangle[2]]};
        for (const Side side : level::allSides) {
            const bool isAcross = side == Side::Right || side == Side::Left;
            const double border = side == Side::Right  ? box.high.x
                                  : side == Side::Left ? box.low.x
                                  : side == Side::Down ? box.high.y
                                                       : box.low.y;
            const auto isOn = [&](const Point3* q) {
                return std::abs((isAcross ? q->x : q->y) - border) < slack;
            };
            if (!isOn(p[0]) || !isOn(p[1]) || !isOn(p[2])) continue;
            const int count = isAcross ? cells.height : cells.width;
            const double start = isAcross ? box.low.y : box.low.x;
            const double module = isAcross ? depth : width;
            for (int i = 0; i < count; ++i) {
                Flat& flat = flats[{isAcross ? (side == Side::Right ? cells.width - 1 : 0) : i,
                                    isAcross ? i : (side == Side::Down ? cells.height - 1 : 0),
                                    static_cast<int>(side)}];
                for (const Point3* q : p) {
                    const double along =
                        std::clamp((isAcross ? q->y : q->x) - start - i * module, 0.0, module);
                    flat.from = std::min(flat.from, along);
                    flat.to = std::max(flat.to, along);
                    flat.low = std::min(flat.low, q->z);
                }
            }
        }
    }
    for (const auto& [key, flat] : flats) {
        const auto& [x, y, side] = key;
        const bool isAcross = side == 0 || side == 2;
        if (flat.to - flat.from < (isAcross ? depth : width) / 2) continue;
        // As high as the floor there: on the ground, or where the flat face begins above it.
        const double height = flat.low > 0.25 ? flat.low : 0;
        piece.ports.push_back({{x, y}, static_cast<Side>(side), decimalOf(height), profile, false});
    }
}

}  // namespace

MeshBox boxOf(const Mesh& mesh) {
    MeshBox box{mesh.points.front(), mesh.points.front()};
    for (const Point3& p : mesh.points) {
        box.low = {std::min(box.low.x, p.x), std::min(box.low.y, p.y), std::min(box.low.z, p.z)};
        box.high = {std::max(box.high.x, p.x), std::max(box.high.y, p.y),
                    std::max(box.high.z, p.z)};
    }
    return box;
}

Point3 pivotUnits(const Kit& kit, const Piece& piece) {
    return {piece.pivotX * unitsOf(kit.width) / 2, piece.pivotY * unitsOf(kit.depth) / 2, 0};
}

std::size_t cellUnder(const Kit& kit, const Piece& piece, const Point3& place) {
    std::size_t nearest = 0;
    double best = 1e30;
    for (std::size_t i = 0; i < piece.cells.size(); ++i) {
        const double dx = (piece.cells[i].at.x + 0.5) * unitsOf(kit.width) - place.x;
        const double dy = (piece.cells[i].at.y + 0.5) * unitsOf(kit.depth) - place.y;
        const double dz = (piece.cells[i].storey + 0.5) * unitsOf(kit.storey) - place.z;
        const double far = dx * dx + dy * dy + dz * dz;
        if (far < best) {
            best = far;
            nearest = i;
        }
    }
    return nearest;
}

std::vector<Face> facesOf(const Kit& kit, const Piece& piece) {
    return Building(kit, piece).run();
}

std::vector<Face> facesOf(const Kit& kit, const Piece& piece, const Mesh& mesh) {
    const Point3 pivot = pivotUnits(kit, piece);
    std::vector<Face> faces;
    faces.reserve(mesh.triangles.size());
    for (const auto& triangle : mesh.triangles) {
        Face face;
        face.sort = FaceSort::Model;
        Point3 middle;
        for (const std::uint32_t i : triangle) {
            const Point3& p = mesh.points[i];
            face.corners.push_back({p.x + pivot.x, p.y + pivot.y, p.z});
            middle.x += face.corners.back().x / 3;
            middle.y += face.corners.back().y / 3;
            middle.z += face.corners.back().z / 3;
        }
        face.cell = cellUnder(kit, piece, middle);
        faces.push_back(std::move(face));
    }
    return faces;
}

Mesh meshOf(const std::vector<Face>& faces) {
    Mesh mesh;
    for (const Face& face : faces) {
        const auto first = static_cast<std::uint32_t>(mesh.points.size());
        for (const Point3& corner : face.corners)
            mesh.points.push_back(corner);
        for (std::uint32_t i = 2; i < face.corners.size(); ++i)
            mesh.triangles.push_back({first, first + i - 1, first + i});
    }
    return mesh;
}

Result<Examination> examined(const Kit& kit, const Mesh& mesh, const std::string& name,
                             const std::string& profile) {
    double area = 0;
    for (const auto& triangle : mesh.triangles)
        area +=
            areaOf(mesh.points[triangle[0]], mesh.points[triangle[1]], mesh.points[triangle[2]]);
    if (mesh.triangles.empty() || area <= 0)
        return fail(ErrorKind::NotApplicable, "The model has no faces", name,
                    "Export it with its mesh");
    const MeshBox box = boxOf(mesh);
    const double size[] = {box.high.x - box.low.x, box.high.y - box.low.y, box.high.z - box.low.z};
    const double module[] = {unitsOf(kit.width), unitsOf(kit.depth), unitsOf(kit.storey)};
    int count[3];
    for (int i = 0; i < 3; ++i) {
        const double whole = std::max(1.0, std::round(size[i] / module[i]));
        if (!(whole <= level::maxPieceModules))
            return fail(ErrorKind::OutOfRange, "The model is larger than 64 modules", name,
                        "Export it in the kit's units, or give the kit a larger module");
        count[i] = static_cast<int>(whole);
    }
    Examination examination;
    Piece& piece = examination.piece;
    piece.name = plainNameFrom(name, "piece");
    piece.title = name;
    for (int storey = 0; storey < count[2]; ++storey)
        for (int y = 0; y < count[1]; ++y)
            for (int x = 0; x < count[0]; ++x) {
                PieceCell cell;
                cell.at = {x, y};
                cell.storey = storey;
                if (storey > 0) cell.surface = SurfaceSort::None;
                piece.cells.push_back(cell);
            }
    level::Measure measure;
    measure.width = decimalOf(size[0]);
    measure.depth = decimalOf(size[1]);
    measure.height = decimalOf(size[2]);
    // The pivot, from the corner of the box, in half modules: the origin of the model.
    const double pivot[] = {-box.low.x / module[0] * 2, -box.low.y / module[1] * 2};
    piece.pivotX = std::clamp(static_cast<int>(std::lround(pivot[0])), 0, 2 * count[0]);
    piece.pivotY = std::clamp(static_cast<int>(std::lround(pivot[1])), 0, 2 * count[1]);
    // Where the footprint lies if the pivot is put where the kit wants it, each side stands out.
    const double left = piece.pivotX * module[0] / 2;
    const double top = piece.pivotY * module[1] / 2;
    measure.pivotX = decimalOf(-box.low.x - left);
    measure.pivotY = decimalOf(-box.low.y - top);
    const level::Decimal wider = decimalOf(size[0] - count[0] * module[0]);
    const level::Decimal deeper = decimalOf(size[1] - count[1] * module[1]);
    measure.over = {level::Decimal{wider.thousandths - measure.pivotX.thousandths},
                    level::Decimal{deeper.thousandths - measure.pivotY.thousandths}, measure.pivotX,
                    measure.pivotY};
    const auto text = [](double value) { return lengthText(exact(decimalOf(value))); };
    const auto remark = [&](int axis, const char* wide, const char* narrow) {
        const double over = size[axis] - count[axis] * module[axis];
        if (decimalOf(over).thousandths == 0) return;
        examination.remarks.push_back(
            text(size[0] / module[0]) + " x " + text(size[1] / module[1]) + " modules: too " +
            (over > 0 ? wide : narrow) + " by " + text(std::abs(over)) + " units");
    };
    remark(0, "wide", "narrow");
    remark(1, "deep", "short");
    for (const auto& [off, words] :
         {std::pair(measure.pivotX, "width"), std::pair(measure.pivotY, "depth")})
        if (off.thousandths != 0)
            examination.remarks.push_back("The pivot is " + lengthText(exact(off).abs()) +
                                          " units off in " + words);
    if (decimalOf(box.low.z).thousandths != 0)
        examination.remarks.push_back("Its foot is " + text(std::abs(box.low.z)) + " units " +
                                      (box.low.z > 0 ? "above" : "below") + " the ground");
    std::size_t turnedAbout = 0;
    for (const auto& triangle : mesh.triangles) {
        const Point3& a = mesh.points[triangle[0]];
        const Point3& b = mesh.points[triangle[1]];
        const Point3& c = mesh.points[triangle[2]];
        // On the uppermost plane, a face must look up. The plan's y goes down, so up is where the
        // cross product of a counter-clockwise face is negative.
        const double nz = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
        const bool isTop = std::min({a.z, b.z, c.z}) > box.high.z - 1e-4;
        if (isTop && nz > 1e-9) ++turnedAbout;
    }
    if (turnedAbout > 0)
        examination.remarks.push_back(std::to_string(turnedAbout) +
                                      " of its uppermost faces look down: they are turned about");
    examination.isExact = examination.remarks.empty();
    if (!examination.isExact) piece.measure = measure;
    proposePorts(kit, mesh, box, profile, piece);
    return examination;
}

Mesh fitted(const Kit& kit, const Mesh& mesh, const Piece& piece) {
    const MeshBox box = boxOf(mesh);
    const CellRect cells = piece.bounds();
    const double wanted[] = {cells.width * unitsOf(kit.width), cells.height * unitsOf(kit.depth)};
    const double scaleX = wanted[0] / (box.high.x - box.low.x);
    const double scaleY = wanted[1] / (box.high.y - box.low.y);
    const Point3 pivot = pivotUnits(kit, piece);
    Mesh next = mesh;
    for (Point3& p : next.points)
        p = {(p.x - box.low.x) * scaleX - pivot.x, (p.y - box.low.y) * scaleY - pivot.y,
             p.z - box.low.z};
    return next;
}

}  // namespace rook::kit
