#include <tiny_obj_loader.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <sstream>
#include <tuple>

#include "file/model_reader_detail.h"

namespace rook::file {

namespace {

using kit::Mesh;
using kit::Point3;

/// The number of a line with a corner that is none: the reader would take it for 0.
std::optional<std::size_t> badCornerLine(const std::string& bytes) {
    std::size_t line = 1;
    for (std::size_t at = 0; at < bytes.size(); ++line) {
        const std::size_t end = std::min(bytes.find('\n', at), bytes.size());
        const std::string_view text(bytes.data() + at, end - at);
        if (text.starts_with("v ") &&
            text.substr(2).find_first_not_of("0123456789+-.eE \t\r") != std::string_view::npos)
            return line;
        at = end + 1;
    }
    return std::nullopt;
}

/// Reads .mtl files beside the model; one that is not there leaves the model without.
class MtlBeside final : public tinyobj::MaterialReader {
public:
    explicit MtlBeside(Beside& beside) : m_beside(beside) {}
    bool operator()(const std::string& name, std::vector<tinyobj::material_t>* materials,
                    std::map<std::string, int>* indexes, std::string* warning,
                    std::string* error) override {
        const auto bytes = m_beside.read(name);
        if (!bytes) return true;
        std::istringstream stream(*bytes);
        tinyobj::LoadMtl(indexes, materials, &stream, warning, error);
        return true;
    }

private:
    Beside& m_beside;
};

/// Gathers the triangles of an OBJ file. Its corners name place, normal and picture apart: each
/// three that go together become one point.
class ObjMesh {
public:
    ObjMesh(const tinyobj::attrib_t& attributes, const std::string& name, Beside& beside)
        : m_attributes(attributes), m_name(name), m_beside(beside) {}

    Result<Mesh> run(const std::vector<tinyobj::shape_t>& shapes,
                     const std::vector<tinyobj::material_t>& materials) {
        for (const float value : m_attributes.vertices)
            if (!std::isfinite(value) || std::abs(value) > 1e6F)
                return fail(ErrorKind::OutOfRange,
                            "A corner of the model is no number, or a huge one", m_name,
                            "Export the model once more");
        m_hasNormals = !m_attributes.normals.empty();
        m_hasPlaces = !m_attributes.texcoords.empty();
        for (const tinyobj::shape_t& shape : shapes) {
            const std::size_t first = m_mesh.triangles.size();
            if (const auto added = addShape(shape, materials.size()); !added)
                return fail(added.error());
            if (first < m_mesh.triangles.size())
                m_mesh.parts.push_back({shape.name, first, m_mesh.triangles.size(), {}});
        }
        addMaterials(materials);
        if (!m_hasNormals) m_mesh.normals.clear();
        if (!m_hasPlaces) m_mesh.places.clear();
        return std::move(m_mesh);
    }

private:
    Result<void> addShape(const tinyobj::shape_t& shape, std::size_t materialCount) {
        const auto& indices = shape.mesh.indices;
        for (std::size_t i = 0; i + 2 < indices.size(); i += 3) {
            std::array<std::uint32_t, 3> triangle{};
            for (std::size_t k = 0; k < 3; ++k) {
                const auto point = pointOf(indices[i + k]);
                if (!point) return fail(point.error());
                triangle[k] = *point;
            }
            m_mesh.triangles.push_back(triangle);
            const int material =
                i / 3 < shape.mesh.material_ids.size() ? shape.mesh.material_ids[i / 3] : -1;
            m_mesh.materialOf.push_back(static_cast<std::uint32_t>(
                material >= 0 && material < static_cast<int>(materialCount)
                    ? material
                    : static_cast<int>(materialCount)));
            if (m_mesh.triangles.size() > kit::maxTriangles)
                return fail(ErrorKind::OutOfRange, "The model has more than 2,000,000 triangles",
                            m_name, "Export a simpler one");
        }
        return {};
    }
    Result<std::uint32_t> pointOf(const tinyobj::index_t& index) {
        if (index.vertex_index < 0 ||
            static_cast<std::size_t>(index.vertex_index) >= m_attributes.vertices.size() / 3)
            return fail(Error{ErrorKind::OutOfRange, "A face names a corner that is not there",
                              m_name, "Export the model once more"});
        const auto [known, isNew] = m_points.try_emplace(
            std::tuple(index.vertex_index, index.normal_index, index.texcoord_index),
            static_cast<std::uint32_t>(m_mesh.points.size()));
        if (!isNew) return known->second;
        const auto three = [](const std::vector<float>& from, int at) {
            const std::size_t first = 3 * static_cast<std::size_t>(at);
            return Point3{double(from[first]), double(from[first + 2]), double(from[first + 1])};
        };
        m_mesh.points.push_back(three(m_attributes.vertices, index.vertex_index));
        const bool hasNormal =
            index.normal_index >= 0 &&
            static_cast<std::size_t>(index.normal_index) < m_attributes.normals.size() / 3;
        m_hasNormals = m_hasNormals && hasNormal;
        Point3 normal{0, 0, 1};
        if (hasNormal) normal = three(m_attributes.normals, index.normal_index);
        const double length =
            std::sqrt(normal.x * normal.x + normal.y * normal.y + normal.z * normal.z);
        if (!(length > 1e-9) || !std::isfinite(length))
            m_hasNormals = false;
        else
            normal = {normal.x / length, normal.y / length, normal.z / length};
        m_mesh.normals.push_back(normal);
        std::array<float, 2> place{};
        if (index.texcoord_index >= 0 &&
            static_cast<std::size_t>(index.texcoord_index) < m_attributes.texcoords.size() / 2) {
            const std::size_t first = 2 * static_cast<std::size_t>(index.texcoord_index);
            // From the lower left corner there.
            place = {m_attributes.texcoords[first], 1 - m_attributes.texcoords[first + 1]};
            if (!std::isfinite(place[0]) || !std::isfinite(place[1])) place = {0, 0};
        }
        m_mesh.places.push_back(place);
        return known->second;
    }
    void addMaterials(const std::vector<tinyobj::material_t>& materials) {
        if (materials.empty()) {
            m_mesh.materialOf.clear();
            return;
        }
        std::map<std::string, int> pictures;
        for (const tinyobj::material_t& each : materials) {
            kit::Material material;
            material.name = each.name;
            for (std::size_t i = 0; i < 3; ++i)
                material.color[i] = std::clamp(double(each.diffuse[i]), 0.0, 1.0);
            material.metallic = std::clamp(double(each.metallic), 0.0, 1.0);
            // A sharp highlight is a smooth face.
            material.roughness =
                each.roughness > 0
                    ? std::clamp(double(each.roughness), 0.0, 1.0)
                    : std::clamp(std::sqrt(2 / (2 + std::max(0.0, double(each.shininess)))), 0.05,
                                 1.0);
            if (!each.diffuse_texname.empty()) {
                const auto [known, isNew] = pictures.try_emplace(each.diffuse_texname, -1);
                if (isNew)
                    if (auto bytes = m_beside.read(each.diffuse_texname)) {
                        known->second = static_cast<int>(m_mesh.pictures.size());
                        m_mesh.pictures.push_back(
                            std::make_shared<const std::string>(std::move(*bytes)));
                    }
                material.picture = known->second;
            }
            m_mesh.materials.push_back(material);
        }
        m_mesh.materials.push_back({"", {0.8, 0.8, 0.8}, 0, 0.9, -1, false});
    }

    const tinyobj::attrib_t& m_attributes;
    const std::string& m_name;
    Beside& m_beside;
    std::map<std::tuple<int, int, int>, std::uint32_t> m_points;
    Mesh m_mesh;
    bool m_hasNormals = true;
    bool m_hasPlaces = true;
};

}  // namespace

Result<Mesh> readObj(Storage& storage, const Path& folder, const std::string& name,
                     const std::string& bytes) {
    if (const auto line = badCornerLine(bytes))
        return fail(ErrorKind::OutOfRange, "A corner of the model is no number, or a huge one",
                    name + ":" + std::to_string(*line), "Export the model once more");
    tinyobj::attrib_t attributes;
    std::vector<tinyobj::shape_t> shapes;
    std::vector<tinyobj::material_t> materials;
    std::string warning, error;
    Beside beside{&storage, folder, {}};
    MtlBeside reader(beside);
    std::istringstream stream(bytes);
    if (!tinyobj::LoadObj(&attributes, &shapes, &materials, &warning, &error, &stream, &reader,
                          true, false))
        return fail(brokenModel(name, "The model cannot be read", error));
    return ObjMesh(attributes, name, beside).run(shapes, materials);
}

}  // namespace rook::file
