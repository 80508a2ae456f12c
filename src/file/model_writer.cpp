#include <algorithm>
#include <cmath>
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
        kit::Material material;
        material.name = color;
        for (std::size_t i = 0; i < 3; ++i)
            material.color[i] = shareOf(color, i);
        return addMaterial(material, -1);
    }

    /// The materials of a mesh with their pictures, or else the one told. Flat-shaded, with
    /// triangles that have corners of their own, where the mesh has no normals. Triangles without
    /// area are left out.
    int addMesh(const Mesh& mesh, const std::string& name, int material) {
        tinygltf::Mesh made;
        made.name = name;
        const bool hasMaterials =
            !mesh.materials.empty() && mesh.materialOf.size() == mesh.triangles.size();
        std::map<std::uint32_t, std::vector<std::uint32_t>> byMaterial;
        for (std::uint32_t i = 0; i < mesh.triangles.size(); ++i)
            byMaterial[hasMaterials ? mesh.materialOf[i] : 0].push_back(i);
        std::vector<int> pictures(mesh.pictures.size(), -1);
        for (const auto& [of, triangles] : byMaterial) {
            tinygltf::Primitive primitive = primitiveOf(mesh, triangles);
            if (primitive.attributes.empty()) continue;
            primitive.material = material;
            if (hasMaterials && of < mesh.materials.size()) {
                const int picture = mesh.materials[of].picture;
                const bool hasPicture =
                    picture >= 0 && static_cast<std::size_t>(picture) < pictures.size();
                primitive.material = addMaterial(
                    mesh.materials[of],
                    hasPicture ? pictureAt(mesh, static_cast<std::size_t>(picture), pictures) : -1);
            }
            made.primitives.push_back(std::move(primitive));
        }
        if (made.primitives.empty()) return -1;
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

    /// A point light of that many candela at a node of its own.
    void addLight(const std::string& name, const std::array<double, 3>& place, double candela,
                  const std::string& color) {
        tinygltf::Light light;
        light.name = name;
        light.type = "point";
        light.intensity = candela;
        for (std::size_t i = 0; i < 3; ++i)
            light.color.push_back(linearOf(shareOf(color, i)));
        tinygltf::Value::Object of{
            {"light", tinygltf::Value(static_cast<int>(m_model.lights.size()))}};
        m_model.lights.push_back(std::move(light));
        tinygltf::Node node;
        node.name = name;
        node.translation.assign(place.begin(), place.end());
        node.extensions["KHR_lights_punctual"] = tinygltf::Value(std::move(of));
        GltfFile::addNode(std::move(node), {});
    }

private:
    /// Red, green or blue of "#rrggbb", 0 to 1.
    static double shareOf(const std::string& color, std::size_t i) {
        return static_cast<double>(std::strtol(color.substr(1 + 2 * i, 2).c_str(), nullptr, 16)) /
               255;
    }
    /// Factors are linear, colours as people write them are not.
    static double linearOf(double value) {
        return value <= 0.04045 ? value / 12.92 : std::pow((value + 0.055) / 1.055, 2.4);
    }
    int addMaterial(const kit::Material& own, int texture) {
        tinygltf::Material material;
        material.name = own.name;
        auto& plain = material.pbrMetallicRoughness;
        plain.baseColorFactor = {linearOf(own.color[0]), linearOf(own.color[1]),
                                 linearOf(own.color[2]), 1.0};
        plain.metallicFactor = own.metallic;
        plain.roughnessFactor = own.roughness;
        plain.baseColorTexture.index = texture;
        material.doubleSided = own.isSeenFromBehind;
        m_model.materials.push_back(material);
        return static_cast<int>(m_model.materials.size()) - 1;
    }
    /// The texture of a picture of the mesh, put in the file once.
    int pictureAt(const Mesh& mesh, std::size_t picture, std::vector<int>& known) {
        if (known[picture] >= 0) return known[picture];
        const std::string& bytes = *mesh.pictures[picture];
        tinygltf::Image image;
        image.mimeType = bytes.starts_with("\x89PNG") ? "image/png" : "image/jpeg";
        image.bufferView = addBytes(bytes.data(), bytes.size(), 0);
        m_model.images.push_back(image);
        tinygltf::Texture texture;
        texture.source = static_cast<int>(m_model.images.size()) - 1;
        m_model.textures.push_back(texture);
        return known[picture] = static_cast<int>(m_model.textures.size()) - 1;
    }
    tinygltf::Primitive primitiveOf(const Mesh& mesh, const std::vector<std::uint32_t>& triangles) {
        const bool hasNormals = mesh.normals.size() == mesh.points.size();
        const bool hasPlaces = mesh.places.size() == mesh.points.size();
        std::vector<float> positions, normals, places;
        for (const std::uint32_t index : triangles) {
            const auto& triangle = mesh.triangles[index];
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
            const double n[3] = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2],
                                 u[0] * v[1] - u[1] * v[0]};
            const double length = std::sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
            if (length < 1e-12) continue;
            for (std::size_t i = 0; i < 3; ++i) {
                const Point3 own = hasNormals ? mesh.normals[triangle[i]] : Point3{};
                const double normal[3] = {hasNormals ? own.x : n[0] / length,
                                          hasNormals ? own.z : n[1] / length,
                                          hasNormals ? own.y : n[2] / length};
                for (std::size_t k = 0; k < 3; ++k) {
                    positions.push_back(static_cast<float>(p[i][k]));
                    normals.push_back(static_cast<float>(normal[k]));
                }
                if (hasPlaces)
                    places.insert(places.end(), mesh.places[triangle[i]].begin(),
                                  mesh.places[triangle[i]].end());
            }
        }
        tinygltf::Primitive primitive;
        primitive.mode = TINYGLTF_MODE_TRIANGLES;
        if (positions.empty()) return primitive;
        const int at = addFloats(positions, TINYGLTF_TYPE_VEC3);
        tinygltf::Accessor& accessor = m_model.accessors[static_cast<std::size_t>(at)];
        for (std::size_t k = 0; k < 3; ++k) {
            float low = positions[k], high = positions[k];
            for (std::size_t i = k; i < positions.size(); i += 3) {
                low = std::min(low, positions[i]);
                high = std::max(high, positions[i]);
            }
            accessor.minValues.push_back(static_cast<double>(low));
            accessor.maxValues.push_back(static_cast<double>(high));
        }
        primitive.attributes["POSITION"] = at;
        primitive.attributes["NORMAL"] = addFloats(normals, TINYGLTF_TYPE_VEC3);
        if (hasPlaces) primitive.attributes["TEXCOORD_0"] = addFloats(places, TINYGLTF_TYPE_VEC2);
        return primitive;
    }
    int addFloats(const std::vector<float>& values, int type) {
        tinygltf::Accessor accessor;
        accessor.bufferView =
            addBytes(values.data(), values.size() * sizeof(float), TINYGLTF_TARGET_ARRAY_BUFFER);
        accessor.componentType = TINYGLTF_COMPONENT_TYPE_FLOAT;
        accessor.type = type;
        accessor.count = values.size() / static_cast<std::size_t>(tinygltf::GetNumComponentsInType(
                                             static_cast<std::uint32_t>(type)));
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

/// A node without a mesh, in the middle of its box on the floor of its storey. A number field named
/// `candela` makes a lamp of it: a point light three quarters of a storey above, in its kind's
/// colour.
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
    const auto light = fields.find("candela");
    const double candela =
        light != fields.end() && light->second.IsNumber() ? light->second.GetNumberAsDouble() : 0;
    if (!fields.empty()) extras["fields"] = Value(std::move(fields));
    const double storey = exact(kit.storey).toDouble();
    std::array<double, 3> place{(entity.box.x + entity.box.width / 2.0) * unitsAcross,
                                storey * entity.storey,
                                (entity.box.y + entity.box.height / 2.0) * unitsDown};
    building.addNode(-1, entity.id.text, place, 0, std::move(extras));
    if (candela <= 0) return;
    place[1] += storey * 0.75;
    building.addLight("light-" + entity.id.text, place, candela,
                      project.findKind(entity.kind)->color);
}

/// What one collides with, as convex meshes: one node a box, ramp or round; meshes of one size are
/// shared.
class CollisionNodes {
public:
    CollisionNodes(GltfBuilding& building, const level::Kit& kit)
        : m_building(building), m_kit(kit), m_material(building.addMaterial("#d85fb0")) {}

    void add(const std::vector<kit::Mass>& masses, const std::string& name) {
        using tinygltf::Value;
        int count = 0;
        for (const kit::Mass& mass : masses) {
            const int mesh = meshOf(mass);
            if (mesh < 0) continue;
            const char* shape = mass.up ? "wedge" : mass.outline.empty() ? "box" : "hull";
            m_building.addNode(
                mesh, "collision-" + name + "-" + std::to_string(++count),
                {(mass.place.left * exact(m_kit.width)).toDouble(), mass.from.toDouble(),
                 (mass.place.top * exact(m_kit.depth)).toDouble()},
                0, {{"collision", Value(std::string(shape))}, {"of", Value(name)}});
        }
    }

private:
    int meshOf(const kit::Mass& mass) {
        const auto text = [](const Rational& value) {
            return std::to_string(value.top()) + "/" + std::to_string(value.bottom()) + " ";
        };
        std::string key = text(mass.place.right - mass.place.left) +
                          text(mass.place.bottom - mass.place.top) + text(mass.to - mass.from) +
                          (mass.up ? std::string(nameOf(*mass.up)) : "");
        // A round has its corners for itself.
        if (!mass.outline.empty()) key += "round " + std::to_string(m_meshes.size());
        const auto [found, isNew] = m_meshes.try_emplace(key, -1);
        if (isNew)
            found->second =
                m_building.addMesh(kit::meshOf(kit::facesOf(m_kit, mass)), "collision", m_material);
        return found->second;
    }

    GltfBuilding& m_building;
    const level::Kit& m_kit;
    int m_material;
    std::map<std::string, int> m_meshes;
};

}  // namespace

std::string glbOf(const Mesh& mesh, const std::string& name, const std::string& color) {
    GltfBuilding building;
    const int made = building.addMesh(mesh, name, building.addMaterial(color));
    if (made >= 0) building.addNode(made, name, {0, 0, 0}, 0);
    return building.bytes();
}

std::string kitLevelGlb(const level::Project& project, const level::Kit& kit,
                        const level::Level& level, const std::map<std::string, Mesh>& meshes,
                        const ModelAxes& axes, bool hasCollision) {
    GltfBuilding building;
    building.stand(axes);
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
    int ofSolids = -1;
    for (const level::Solid& solid : level.solids) {
        if (ofSolids < 0) ofSolids = building.addMaterial(kit::solidColor);
        const Mesh mesh = kit::meshOf(kit::facesOf(kit, solid));
        const std::string name = "solid-" + std::to_string(solid.id);
        const int number = mesh.triangles.empty() ? -1 : building.addMesh(mesh, name, ofSolids);
        if (number < 0) continue;
        building.addNode(number, name,
                         {(solid.x * exact(kit.width)).toDouble(),
                          (exact(kit.storey) * Rational(solid.storey)).toDouble(),
                          (solid.y * exact(kit.depth)).toDouble()},
                         0, {{"sort", Value(std::string(nameOf(solid.sort)))}});
    }
    if (hasCollision && (!level.pieces.empty() || !level.solids.empty())) {
        building.beginScene("collision");
        CollisionNodes nodes(building, kit);
        for (const level::PlacedPiece& placed : level.pieces)
            if (const level::Piece* piece = kit.find(placed.piece))
                nodes.add(kit::massesOf(kit, *piece, placed),
                          piece->name + "-" + std::to_string(placed.id));
        for (const level::Solid& solid : level.solids)
            nodes.add(kit::massesOf(kit, solid), "solid-" + std::to_string(solid.id));
        building.endScene();
    }
    for (const level::Entity& entity : level.entities)
        addThing(building, project, kit, level, entity);
    return building.bytes();
}

}  // namespace rook::file
