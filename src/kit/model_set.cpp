#include "kit/model_set.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <map>
#include <tuple>

#include "kit/audit.h"
#include "kit/placed.h"

namespace rook::kit {

namespace {

/// One side of a triangle, from the lower of its corners to the upper one.
struct SideOfFace {
    std::uint32_t low, high;
    std::uint32_t triangle;
    bool isForward;  ///< the triangle goes from low to high
};

/// How the triangles of a mesh hang together.
class Surface {
public:
    explicit Surface(const Mesh& mesh) : m_mesh(mesh) {
        weld();
        gatherSides();
        m_part.assign(mesh.triangles.size(), -1);
        m_isFlipped.assign(mesh.triangles.size(), false);
        for (std::uint32_t t = 0; t < mesh.triangles.size(); ++t)
            if (m_part[t] < 0) gather(t);
    }
    [[nodiscard]] FaceFacts facts() {
        std::sort(m_facts.turned.begin(), m_facts.turned.end());
        return std::move(m_facts);
    }

private:
    void weld() {
        if (m_mesh.points.empty()) return;
        const MeshBox box = boxOf(m_mesh);
        const double grain = std::max(lengthOf(box.high - box.low) * 1e-6, 1e-12);
        std::vector<std::tuple<std::int64_t, std::int64_t, std::int64_t, std::uint32_t>> places;
        places.reserve(m_mesh.points.size());
        for (std::uint32_t i = 0; i < m_mesh.points.size(); ++i) {
            const Point3 p = m_mesh.points[i] - box.low;
            places.emplace_back(std::llround(p.x / grain), std::llround(p.y / grain),
                                std::llround(p.z / grain), i);
        }
        std::sort(places.begin(), places.end());
        m_corner.resize(m_mesh.points.size());
        std::uint32_t first = 0;
        for (std::size_t i = 0; i < places.size(); ++i) {
            const auto& [x, y, z, point] = places[i];
            const bool isNew = i == 0 || std::tie(x, y, z) != std::tie(std::get<0>(places[i - 1]),
                                                                       std::get<1>(places[i - 1]),
                                                                       std::get<2>(places[i - 1]));
            if (isNew) first = point;
            m_corner[point] = first;
        }
    }
    void gatherSides() {
        for (std::uint32_t t = 0; t < m_mesh.triangles.size(); ++t) {
            const auto& triangle = m_mesh.triangles[t];
            const std::uint32_t corners[] = {m_corner[triangle[0]], m_corner[triangle[1]],
                                             m_corner[triangle[2]]};
            // What has no area hangs together with nothing.
            if (corners[0] == corners[1] || corners[1] == corners[2] || corners[2] == corners[0])
                continue;
            for (int i = 0; i < 3; ++i) {
                const std::uint32_t from = corners[i], to = corners[(i + 1) % 3];
                m_sides.push_back({std::min(from, to), std::max(from, to), t, from < to});
            }
        }
        std::sort(m_sides.begin(), m_sides.end(), [](const SideOfFace& a, const SideOfFace& b) {
            return std::tie(a.low, a.high, a.triangle) < std::tie(b.low, b.high, b.triangle);
        });
        m_neighbours.assign(m_mesh.triangles.size(), {none, none, none});
        m_isSame.assign(m_mesh.triangles.size(), {false, false, false});
        m_isOpen.assign(m_mesh.triangles.size(), false);
        for (std::size_t i = 0; i < m_sides.size();) {
            std::size_t end = i + 1;
            while (end < m_sides.size() && m_sides[end].low == m_sides[i].low &&
                   m_sides[end].high == m_sides[i].high)
                ++end;
            if (end - i == 1) {
                m_facts.openEdges.push_back({m_sides[i].low, m_sides[i].high});
                m_isOpen[m_sides[i].triangle] = true;
            }
            // More than two: it is not said which go on into which.
            if (end - i == 2) join(m_sides[i], m_sides[i + 1]);
            i = end;
        }
    }
    void join(const SideOfFace& a, const SideOfFace& b) {
        const auto add = [&](std::uint32_t at, std::uint32_t other) {
            for (std::size_t i = 0; i < 3; ++i)
                if (m_neighbours[at][i] == none) {
                    m_neighbours[at][i] = other;
                    m_isSame[at][i] = a.isForward == b.isForward;
                    return;
                }
        };
        add(a.triangle, b.triangle);
        add(b.triangle, a.triangle);
    }
    /// What hangs together with a triangle; which of its faces look the other way.
    void gather(std::uint32_t start) {
        std::vector<std::uint32_t> all{start};
        m_part[start] = static_cast<int>(start);
        bool isClosed = true;
        for (std::size_t k = 0; k < all.size(); ++k) {
            const std::uint32_t t = all[k];
            isClosed = isClosed && !m_isOpen[t];
            for (std::size_t i = 0; i < 3; ++i) {
                const std::uint32_t other = m_neighbours[t][i];
                if (other == none || m_part[other] >= 0) continue;
                m_part[other] = static_cast<int>(start);
                // Faces that go on into each other go along their common side in two directions.
                m_isFlipped[other] = m_isFlipped[t] != m_isSame[t][i];
                all.push_back(other);
            }
        }
        const bool flippedAreRight = isClosed ? !looksOut(all) : !mostAreUnflipped(all);
        for (const std::uint32_t t : all)
            if (m_isFlipped[t] != flippedAreRight) m_facts.turned.push_back(t);
    }
    /// Twice the area, the way the face looks. The plan's y goes down, so faces whose corners go
    /// counter-clockwise from outside look against the product of their sides.
    [[nodiscard]] Point3 looks(std::uint32_t t) const {
        const auto& [a, b, c] = m_mesh.triangles[t];
        return crossed(m_mesh.points[c] - m_mesh.points[a], m_mesh.points[b] - m_mesh.points[a]);
    }
    /// The unflipped ones look outwards: the room within, by the divergence theorem, is not below
    /// nothing.
    [[nodiscard]] bool looksOut(const std::vector<std::uint32_t>& all) const {
        double room = 0;
        const Point3 middle = m_mesh.points[m_mesh.triangles[all[0]][0]];
        for (const std::uint32_t t : all)
            room += dot(looks(t), m_mesh.points[m_mesh.triangles[t][0]] - middle) *
                    (m_isFlipped[t] ? -1 : 1);
        return room >= 0;
    }
    /// Of what is open: by area, and where all look one way and lie flat, upwards is right.
    [[nodiscard]] bool mostAreUnflipped(const std::vector<std::uint32_t>& all) const {
        double unflipped = 0, whole = 0, up = 0;
        for (const std::uint32_t t : all) {
            const Point3 way = looks(t);
            const double area = lengthOf(way);
            whole += area;
            unflipped += m_isFlipped[t] ? 0 : area;
            up += way.z * (m_isFlipped[t] ? -1 : 1);
        }
        if (std::abs(up) > 0.999 * whole) return up > 0;
        return unflipped * 2 >= whole;
    }

    static constexpr std::uint32_t none = ~std::uint32_t{0};
    const Mesh& m_mesh;
    std::vector<std::uint32_t> m_corner;  ///< of a point: the first one that lies there
    std::vector<SideOfFace> m_sides;
    std::vector<std::array<std::uint32_t, 3>> m_neighbours;
    std::vector<std::array<bool, 3>> m_isSame;  ///< both go along their common side one way
    std::vector<bool> m_isOpen;
    std::vector<int> m_part;
    std::vector<bool> m_isFlipped;  ///< against the first one of what hangs together
    FaceFacts m_facts;
};

/// Turns about an axis, so that the file's axis points up; the reader took y for it.
Point3 upright(const Point3& p, UpAxis up) {
    switch (up) {
        case UpAxis::Y:
            return p;
        case UpAxis::Z:
            return {p.x, -p.z, p.y};
        case UpAxis::X:
            return {-p.z, p.y, p.x};
    }
    return p;
}

/// How far the model is from whole modules and storeys, 0 to 1.
double distanceFromWhole(const Kit& kit, const MeshBox& box, double scale) {
    const double modules[] = {unitsOf(kit.width), unitsOf(kit.depth), unitsOf(kit.storey)};
    const Point3 size = (box.high - box.low) * scale;
    const double sizes[] = {size.x, size.y, size.z};
    double far = 0;
    for (int i = 0; i < 2; ++i) {
        const double count = sizes[i] / modules[i];
        const double whole = std::max(1.0, std::round(count));
        if (whole > level::maxPieceModules) return 1;
        // Thin walls stand on a module's border: what is far thinner says little.
        far += std::min(1.0, std::abs(count - whole) / (count < 0.5 ? 4 : 1)) / 2;
    }
    // Nothing is much higher than a few storeys, or thinner than a hundredth of one.
    const double storeys = sizes[2] / modules[2];
    if (storeys > level::maxStoreys) return 1;
    return std::min(1.0, far);
}

}  // namespace

FaceFacts faceFactsOf(const Mesh& mesh) {
    return Surface(mesh).facts();
}

Mesh withFacesMended(Mesh mesh) {
    std::vector<bool> isDone(mesh.points.size());
    for (const std::uint32_t t : faceFactsOf(mesh).turned) {
        auto& [a, b, c] = mesh.triangles[t];
        std::swap(b, c);
        if (mesh.normals.empty()) continue;
        const Point3 way =
            crossed(mesh.points[c] - mesh.points[a], mesh.points[b] - mesh.points[a]);
        for (const std::uint32_t i : {a, b, c}) {
            if (isDone[i] || dot(mesh.normals[i], way) >= 0) continue;
            mesh.normals[i] = mesh.normals[i] * -1;
            isDone[i] = true;
        }
    }
    return mesh;
}

Mesh withFixes(const Kit& kit, const Mesh& mesh, const ModelFixes& fixes) {
    Mesh next = fixes.mendsFaces ? withFacesMended(mesh) : mesh;
    for (Point3& p : next.points)
        p = upright(p, fixes.up) * fixes.scale;
    for (Point3& normal : next.normals)
        normal = upright(normal, fixes.up);
    if (next.points.empty()) return next;
    const MeshBox box = boxOf(next);
    double wide = 1, deep = 1;
    if (fixes.stretches) {
        const auto times = [](double size, double module) {
            const double whole = std::max(1.0, std::round(size / module)) * module;
            return size > 0 ? whole / size : 1;
        };
        wide = times(box.high.x - box.low.x, unitsOf(kit.width));
        deep = times(box.high.y - box.low.y, unitsOf(kit.depth));
    }
    Point3 pivot{0, 0, 0};
    if (fixes.pivot == PivotAt::Corner) pivot = box.low;
    if (fixes.pivot == PivotAt::Middle)
        pivot = {(box.low.x + box.high.x) / 2, (box.low.y + box.high.y) / 2, box.low.z};
    for (Point3& p : next.points)
        p = {(p.x - pivot.x) * wide, (p.y - pivot.y) * deep, p.z - pivot.z};
    return next;
}

double proposedScale(const Kit& kit, std::span<const Mesh* const> meshes, UpAxis up) {
    std::vector<MeshBox> boxes;
    for (const Mesh* mesh : meshes) {
        MeshBox box = boxOf(*mesh);
        const Point3 a = upright(box.low, up), b = upright(box.high, up);
        box.low = {std::min(a.x, b.x), std::min(a.y, b.y), std::min(a.z, b.z)};
        box.high = {std::max(a.x, b.x), std::max(a.y, b.y), std::max(a.z, b.z)};
        boxes.push_back(box);
    }
    const auto far = [&](double scale) {
        double sum = 0;
        for (const MeshBox& box : boxes)
            sum += distanceFromWhole(kit, box, scale);
        return sum;
    };
    std::vector<std::pair<double, double>> found;  // scale, how far
    for (const double times : {1.0, 10.0, 100.0, 1000.0, 0.0254, 0.3048, 0.9144})
        for (const double scale : {times, 1 / times})
            found.emplace_back(scale, far(scale));
    std::sort(found.begin(), found.end());
    double least = 1e30;
    for (const auto& [scale, sum] : found)
        least = std::min(least, sum);
    if (far(1) * 0.75 <= least && least > 1e-6) return 1;
    // What is whole is whole when it is ten times larger, too.
    const double enough = least + 0.01 * static_cast<double>(boxes.size());
    for (const auto& [scale, sum] : found)
        if (sum <= enough) return scale;
    return 1;
}

Mesh partAlone(const Mesh& mesh, const MeshPart& part) {
    Mesh alone;
    std::map<std::uint32_t, std::uint32_t> points, materials;
    std::map<int, int> pictures;
    const bool hasNormals = !mesh.normals.empty(), hasPlaces = !mesh.places.empty();
    const auto pointOf = [&](std::uint32_t from) {
        const auto [known, isNew] =
            points.try_emplace(from, static_cast<std::uint32_t>(alone.points.size()));
        if (!isNew) return known->second;
        alone.points.push_back(mesh.points[from] - part.origin);
        if (hasNormals) alone.normals.push_back(mesh.normals[from]);
        if (hasPlaces) alone.places.push_back(mesh.places[from]);
        return known->second;
    };
    const auto materialOf = [&](std::uint32_t from) {
        const auto [known, isNew] =
            materials.try_emplace(from, static_cast<std::uint32_t>(alone.materials.size()));
        if (!isNew) return known->second;
        Material material = mesh.materials[from];
        if (material.picture >= 0) {
            const auto [picture, isFresh] =
                pictures.try_emplace(material.picture, static_cast<int>(alone.pictures.size()));
            if (isFresh)
                alone.pictures.push_back(mesh.pictures[static_cast<std::size_t>(material.picture)]);
            material.picture = picture->second;
        }
        alone.materials.push_back(std::move(material));
        return known->second;
    };
    for (std::size_t t = part.first; t < part.last; ++t) {
        std::array<std::uint32_t, 3> triangle;
        for (std::size_t i = 0; i < 3; ++i)
            triangle[i] = pointOf(mesh.triangles[t][i]);
        alone.triangles.push_back(triangle);
        if (!mesh.materialOf.empty()) alone.materialOf.push_back(materialOf(mesh.materialOf[t]));
    }
    return alone;
}

}  // namespace rook::kit
