#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <set>

#include "file/entity_json.h"
#include "file/gltf_file.h"
#include "file/model_file.h"

namespace rook::file {

namespace {

using kit::Mesh;
using kit::Point3;

/// Builds one glTF model with one buffer.
class GltfBuilding : public GltfFile {
public:
    int addMaterial(const std::string& color) {
        const auto channel = [&](std::size_t at) {
            return std::strtol(color.substr(at, 2).c_str(), nullptr, 16) / 255.0;
        };
        // Factors are linear, colours as people write them are not.
        const auto linear = [](double value) {
            return value <= 0.04045 ? value / 12.92 : std::pow((value + 0.055) / 1.055, 2.4);
        };
        tinygltf::Material material;
        material.name = color;
        material.pbrMetallicRoughness.baseColorFactor = {linear(channel(1)), linear(channel(3)),
                                                         linear(channel(5)), 1.0};
        material.pbrMetallicRoughness.metallicFactor = 0.0;
        material.pbrMetallicRoughness.roughnessFactor = 0.9;
        m_model.materials.push_back(material);
        return static_cast<int>(m_model.materials.size()) - 1;
    }

    /// Flat-shaded: every triangle with corners of its own. Triangles without area are left out.
    int addMesh(const Mesh& mesh, const std::string& name, int material) {
        std::vector<float> positions, normals;
        float low[3], high[3];
        std::fill(std::begin(low), std::end(low), std::numeric_limits<float>::max());
        std::fill(std::begin(high), std::end(high), std::numeric_limits<float>::lowest());
        for (const auto& triangle : mesh.triangles) {
            double p[3][3];
            for (std::size_t i = 0; i < 3; ++i) {
                const Point3& corner = mesh.points[triangle[i]];
                p[i][0] = corner.x;
                p[i][1] = corner.z;
                p[i][2] = corner.y;
            }
            double u[3], v[3];
            for (std::size_t k = 0; k < 3; ++k) {
                u[k] = p[1][k] - p[0][k];
                v[k] = p[2][k] - p[0][k];
            }
            double n[3] = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2],
                           u[0] * v[1] - u[1] * v[0]};
            const double length = std::sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
            if (length < 1e-12) continue;
            for (const auto& corner : p)
                for (std::size_t k = 0; k < 3; ++k) {
                    const auto value = static_cast<float>(corner[k]);
                    positions.push_back(value);
                    normals.push_back(static_cast<float>(n[k] / length));
                    low[k] = std::min(low[k], value);
                    high[k] = std::max(high[k], value);
                }
        }
        if (positions.empty()) return -1;
        tinygltf::Primitive primitive;
        primitive.mode = TINYGLTF_MODE_TRIANGLES;
        primitive.material = material;
        const int at = addFloats(positions);
        tinygltf::Accessor& accessor = m_model.accessors[static_cast<std::size_t>(at)];
        for (std::size_t k = 0; k < 3; ++k) {
            accessor.minValues.push_back(static_cast<double>(low[k]));
            accessor.maxValues.push_back(static_cast<double>(high[k]));
        }
        primitive.attributes["POSITION"] = at;
        primitive.attributes["NORMAL"] = addFloats(normals);
        tinygltf::Mesh made;
        made.name = name;
        made.primitives.push_back(primitive);
        m_model.meshes.push_back(made);
        return static_cast<int>(m_model.meshes.size()) - 1;
    }

    void addNode(int mesh, const std::string& name, const std::array<double, 3>& place, int turn,
                 tinygltf::Value::Object extras = {}) {
        tinygltf::Node node;
        node.name = name;
        node.mesh = mesh;
        node.translation.assign(place.begin(), place.end());
        const double half = std::sqrt(0.5);
        // Clockwise as the plan is seen: about y, the other way round.
        if (turn == 1) node.rotation = {0, -half, 0, half};
        if (turn == 2) node.rotation = {0, 1, 0, 0};
        if (turn == 3) node.rotation = {0, half, 0, half};
        GltfFile::addNode(std::move(node), std::move(extras));
    }

private:
    int addFloats(const std::vector<float>& values) {
        tinygltf::Accessor accessor;
        accessor.bufferView =
            addBytes(values.data(), values.size() * sizeof(float), TINYGLTF_TARGET_ARRAY_BUFFER);
        accessor.componentType = TINYGLTF_COMPONENT_TYPE_FLOAT;
        accessor.type = TINYGLTF_TYPE_VEC3;
        accessor.count = values.size() / 3;
        m_model.accessors.push_back(accessor);
        return static_cast<int>(m_model.accessors.size()) - 1;
    }
};

/// With the pivot at the origin.
Mesh aboutPivot(const level::Kit& kit, const level::Piece& piece, Mesh mesh) {
    const double x = (Rational(piece.pivotX, 2) * exact(kit.width)).toDouble();
    const double y = (Rational(piece.pivotY, 2) * exact(kit.depth)).toDouble();
    for (Point3& p : mesh.points)
        p = {p.x - x, p.y - y, p.z};
    return mesh;
}

tinygltf::Value gltfValueOf(const Json& json) {
    using tinygltf::Value;
    if (json.is_boolean()) return Value(json.get<bool>());
    if (json.is_number_integer()) return Value(json.get<int>());
    if (json.is_number()) return Value(json.get<double>());
    if (json.is_string()) return Value(json.get<std::string>());
    if (json.is_array()) {
        Value::Array list;
        for (const Json& each : json)
            list.push_back(gltfValueOf(each));
        return Value(std::move(list));
    }
    Value::Object object;
    for (const auto& [key, each] : json.items())
        object[key] = gltfValueOf(each);
    return Value(std::move(object));
}

/// A node without a mesh, in the middle of its box on the floor of its storey.
void addThing(GltfBuilding& building, const level::Project& project, const level::Kit& kit,
              const level::Level& level, const level::Entity& entity) {
    using tinygltf::Value;
    const double unitsAcross = exact(kit.width).toDouble() / level.cellSize.width;
    const double unitsDown = exact(kit.depth).toDouble() / level.cellSize.height;
    Value::Object fields;
    if (const level::Kind* kind = project.findKind(entity.kind))
        for (const level::FieldDefinition& field : kind->fields)
            fields[field.name] = gltfValueOf(fieldJson(fieldOf(entity, field)));
    Value::Object extras{{"id", Value(entity.id.text)},
                         {"kind", Value(entity.kind.text)},
                         {"role", Value(std::string(nameOf(project.roleOf(entity))))},
                         {"width", Value(entity.box.width * unitsAcross)},
                         {"depth", Value(entity.box.height * unitsDown)},
                         {"storey", Value(entity.storey)},
                         {"facing", Value(std::string(nameOf(entity.facing)))}};
    if (!fields.empty()) extras["fields"] = Value(std::move(fields));
    building.addNode(-1, entity.id.text,
                     {(entity.box.x + entity.box.width / 2.0) * unitsAcross,
                      exact(kit.storey).toDouble() * entity.storey,
                      (entity.box.y + entity.box.height / 2.0) * unitsDown},
                     0, std::move(extras));
}

}  // namespace

std::string glbOf(const Mesh& mesh, const std::string& name, const std::string& color) {
    GltfBuilding building;
    const int made = building.addMesh(mesh, name, building.addMaterial(color));
    if (made >= 0) building.addNode(made, name, {0, 0, 0}, 0);
    return building.bytes();
}

std::string kitLevelGlb(const level::Project& project, const level::Kit& kit,
                        const level::Level& level, const std::map<std::string, Mesh>& meshes) {
    GltfBuilding building;
    using tinygltf::Value;
    const auto units = [](level::Decimal decimal) { return Value(exact(decimal).toDouble()); };
    building.say({{"level", Value(level.id.text)},
                  {"moduleWidth", units(kit.width)},
                  {"moduleDepth", units(kit.depth)},
                  {"storey", units(kit.storey)},
                  {"scale", Value(std::string("one unit of the kit is one of this file, y up"))}});
    std::set<std::string> used;
    for (const level::PlacedPiece& placed : level.pieces)
        used.insert(placed.piece);
    std::map<std::string, int> made, materials;
    for (const level::Piece& piece : kit.pieces) {
        if (!used.contains(piece.name)) continue;
        const auto model = meshes.find(piece.name);
        const Mesh mesh = model != meshes.end()
                              ? model->second
                              : aboutPivot(kit, piece, kit::meshOf(kit::facesOf(kit, piece)));
        const auto [material, isNew] = materials.try_emplace(piece.color, -1);
        if (isNew) material->second = building.addMaterial(piece.color);
        made[piece.name] = building.addMesh(mesh, piece.name, material->second);
    }
    for (const level::PlacedPiece& placed : level.pieces) {
        const level::Piece* piece = kit.find(placed.piece);
        if (!piece || made[piece->name] < 0) continue;
        const kit::ExactPoint pivot = kit::pivotOf(*piece, placed);
        building.addNode(made[piece->name], piece->name + "-" + std::to_string(placed.id),
                         {(pivot.x * exact(kit.width)).toDouble(),
                          (exact(kit.storey) * Rational(placed.storey)).toDouble(),
                          (pivot.y * exact(kit.depth)).toDouble()},
                         placed.turn);
    }
    for (const level::Entity& entity : level.entities)
        addThing(building, project, kit, level, entity);
    return building.bytes();
}

}  // namespace rook::file
