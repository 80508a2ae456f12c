/// glTF 2.0 of levels: collision as meshes, masses a few cells deep, tiles as textured quads on the
/// depths of their layers, things as nodes.
///
/// A unit is the width of a cell; y is up. A level seen from the side stands in the plane of x and
/// y, the player's layer at z = 0; one seen from above lies in that of x and z, on y = 0.

#include <algorithm>
#include <limits>

#include "collide/shapes.h"
#include "file/gltf_file.h"
#include "file/model_file.h"
#include "level/target_edits.h"
#include "ship/making_detail.h"
#include "ship/pictures_detail.h"

namespace rook::ship::detail {

namespace {

using file::Json;
using tinygltf::Value;

constexpr double layerStep = 0.5;  // cells from one depth of layers to the next

struct Corner {
    double x = 0, y = 0, z = 0;
};

/// Triangles with their corners, and where these lie in a texture.
struct Surface {
    std::vector<float> positions, normals, textures;
    std::vector<std::uint32_t> indices;

    void addQuad(const std::array<Corner, 4>& corners, const std::array<float, 8>* texture) {
        const auto first = static_cast<std::uint32_t>(positions.size() / 3);
        const Corner normal = normalOf(corners[0], corners[1], corners[2]);
        for (const Corner& corner : corners)
            add(corner, normal);
        if (texture) textures.insert(textures.end(), texture->begin(), texture->end());
        for (const std::uint32_t i : {0u, 1u, 2u, 0u, 2u, 3u})
            indices.push_back(first + i);
    }
    /// A flat polygon that bulges outwards everywhere.
    void addFan(const std::vector<Corner>& corners) {
        const auto first = static_cast<std::uint32_t>(positions.size() / 3);
        const Corner normal = normalOf(corners[0], corners[1], corners[2]);
        for (const Corner& corner : corners)
            add(corner, normal);
        for (std::uint32_t i = 2; i < corners.size(); ++i)
            for (const std::uint32_t at : {0u, i - 1, i})
                indices.push_back(first + at);
    }

private:
    void add(const Corner& corner, const Corner& normal) {
        for (const double value : {corner.x, corner.y, corner.z})
            positions.push_back(static_cast<float>(value));
        for (const double value : {normal.x, normal.y, normal.z})
            normals.push_back(static_cast<float>(value));
    }
    static Corner normalOf(const Corner& a, const Corner& b, const Corner& c) {
        const Corner u{b.x - a.x, b.y - a.y, b.z - a.z}, v{c.x - a.x, c.y - a.y, c.z - a.z};
        Corner n{u.y * v.z - u.z * v.y, u.z * v.x - u.x * v.z, u.x * v.y - u.y * v.x};
        const double length = std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z);
        if (length > 0) n = {n.x / length, n.y / length, n.z / length};
        return n;
    }
};

class Model : public file::GltfFile {
public:
    int colored(const std::string& name, const Json& color) {
        tinygltf::Material material;
        material.name = name;
        material.doubleSided = true;
        material.pbrMetallicRoughness.baseColorFactor = {color[0], color[1], color[2], color[3]};
        material.pbrMetallicRoughness.metallicFactor = 0;
        if (color[3] < 1) material.alphaMode = "BLEND";
        m_model.materials.push_back(material);
        return static_cast<int>(m_model.materials.size()) - 1;
    }
    int textured(const std::string& name, const std::string& png, double opacity) {
        if (m_model.samplers.empty()) {
            tinygltf::Sampler sampler;
            sampler.magFilter = TINYGLTF_TEXTURE_FILTER_NEAREST;
            sampler.minFilter = TINYGLTF_TEXTURE_FILTER_NEAREST;
            sampler.wrapS = sampler.wrapT = TINYGLTF_TEXTURE_WRAP_CLAMP_TO_EDGE;
            m_model.samplers.push_back(sampler);
        }
        auto [found, isNew] = m_textures.try_emplace(name, 0);
        if (isNew) {
            tinygltf::Image image;
            image.name = name;
            image.mimeType = "image/png";
            image.bufferView = addBytes(png.data(), png.size(), 0);
            m_model.images.push_back(image);
            tinygltf::Texture texture;
            texture.sampler = 0;
            texture.source = static_cast<int>(m_model.images.size()) - 1;
            m_model.textures.push_back(texture);
            found->second = static_cast<int>(m_model.textures.size()) - 1;
        }
        tinygltf::Material material;
        material.name = name;
        material.doubleSided = true;
        material.pbrMetallicRoughness.baseColorTexture.index = found->second;
        material.pbrMetallicRoughness.baseColorFactor = {1, 1, 1, opacity};
        material.pbrMetallicRoughness.metallicFactor = 0;
        material.alphaMode = opacity < 1 ? "BLEND" : "MASK";
        if (opacity >= 1) material.alphaCutoff = 0.5;
        m_model.materials.push_back(material);
        return static_cast<int>(m_model.materials.size()) - 1;
    }

    /// Nothing for a surface without triangles.
    void addSurface(const std::string& name, const Surface& surface, int material,
                    Value::Object extras) {
        if (surface.indices.empty()) return;
        tinygltf::Primitive primitive;
        primitive.mode = TINYGLTF_MODE_TRIANGLES;
        primitive.material = material;
        primitive.attributes["POSITION"] = addFloats(surface.positions, TINYGLTF_TYPE_VEC3, true);
        primitive.attributes["NORMAL"] = addFloats(surface.normals, TINYGLTF_TYPE_VEC3, false);
        if (!surface.textures.empty())
            primitive.attributes["TEXCOORD_0"] =
                addFloats(surface.textures, TINYGLTF_TYPE_VEC2, false);
        primitive.indices = addIndices(surface.indices);
        tinygltf::Mesh mesh;
        mesh.name = name;
        mesh.primitives.push_back(primitive);
        m_model.meshes.push_back(mesh);
        addNode(name, static_cast<int>(m_model.meshes.size()) - 1, {}, std::move(extras));
    }
    void addNode(const std::string& name, int mesh, const Corner& place, Value::Object extras) {
        tinygltf::Node node;
        node.name = name;
        node.mesh = mesh;
        if (mesh < 0) node.translation = {place.x, place.y, place.z};
        GltfFile::addNode(std::move(node), std::move(extras));
    }

private:
    int addFloats(const std::vector<float>& values, int type, bool hasBounds) {
        const std::size_t width = type == TINYGLTF_TYPE_VEC3 ? 3 : 2;
        tinygltf::Accessor accessor;
        accessor.bufferView =
            addBytes(values.data(), values.size() * sizeof(float), TINYGLTF_TARGET_ARRAY_BUFFER);
        accessor.componentType = TINYGLTF_COMPONENT_TYPE_FLOAT;
        accessor.type = type;
        accessor.count = values.size() / width;
        for (std::size_t k = 0; hasBounds && k < width; ++k) {
            float low = values[k], high = values[k];
            for (std::size_t i = k; i < values.size(); i += width) {
                low = std::min(low, values[i]);
                high = std::max(high, values[i]);
            }
            accessor.minValues.push_back(static_cast<double>(low));
            accessor.maxValues.push_back(static_cast<double>(high));
        }
        m_model.accessors.push_back(accessor);
        return static_cast<int>(m_model.accessors.size()) - 1;
    }
    int addIndices(const std::vector<std::uint32_t>& indices) {
        tinygltf::Accessor accessor;
        accessor.bufferView = addBytes(indices.data(), indices.size() * sizeof(std::uint32_t),
                                       TINYGLTF_TARGET_ELEMENT_ARRAY_BUFFER);
        accessor.componentType = TINYGLTF_COMPONENT_TYPE_UNSIGNED_INT;
        accessor.type = TINYGLTF_TYPE_SCALAR;
        accessor.count = indices.size();
        m_model.accessors.push_back(accessor);
        return static_cast<int>(m_model.accessors.size()) - 1;
    }

    std::map<std::string, int> m_textures;
};

/// Places of a level in units.
class Space {
public:
    explicit Space(const level::Level& level)
        : m_unit(level.cellSize.width),
          m_height(level.boundsPx().height),
          m_isFromAbove(level.kind == level::LevelKind::Above) {}

    /// `depth` in cells: towards who looks.
    [[nodiscard]] Corner at(double x, double y, double depth) const {
        if (m_isFromAbove) return {x / m_unit, depth, y / m_unit};
        return {x / m_unit, (m_height - y) / m_unit, depth};
    }

private:
    double m_unit, m_height;
    bool m_isFromAbove;
};

/// A prism over a polygon that bulges outwards, clockwise as it is seen.
void addPrism(Surface& surface, const Space& space, const collide::Polygon& points, double back,
              double front) {
    std::vector<Corner> face;
    for (auto point = points.rbegin(); point != points.rend(); ++point)
        face.push_back(space.at(point->x, point->y, front));
    surface.addFan(face);
    face.clear();
    for (const PxPoint& point : points)
        face.push_back(space.at(point.x, point.y, back));
    surface.addFan(face);
    for (std::size_t i = 0; i < points.size(); ++i) {
        const PxPoint a = points[i], b = points[(i + 1) % points.size()];
        surface.addQuad({space.at(a.x, a.y, back), space.at(a.x, a.y, front),
                         space.at(b.x, b.y, front), space.at(b.x, b.y, back)},
                        nullptr);
    }
}

collide::Polygon polygonOfRect(const PxRect& r) {
    return {{r.x, r.y}, {r.right(), r.y}, {r.right(), r.bottom()}, {r.x, r.bottom()}};
}

void addCollision(Model& model, const Space& space, const Making& making,
                  const level::Level& level) {
    const auto shapes =
        collide::makeShapes(level::frameOf(level), level::LevelCells(making.project, level));
    // From above, masses stand on the ground; from the side they lie round the player's layer.
    const double depth = making.target.options.depth;
    const bool isFromAbove = level.kind == level::LevelKind::Above;
    const double back = isFromAbove ? 0 : -depth / 2, front = back + depth;
    Surface solid, oneWay, deadly, ladder, liquid;
    for (const PxRect& r : shapes.solids)
        addPrism(solid, space, polygonOfRect(r), back, front);
    for (const collide::Polygon& slope : shapes.slopes)
        addPrism(solid, space, slope, back, front);
    // A one-way top is a sheet that bodies stand on.
    for (const collide::OneWayTop& top : shapes.oneWay)
        oneWay.addQuad(
            {space.at(top.x, top.y, back), space.at(top.x, top.y, front),
             space.at(top.x + top.width, top.y, front), space.at(top.x + top.width, top.y, back)},
            nullptr);
    const std::pair<const std::vector<PxRect>*, Surface*> others[] = {
        {&shapes.deadly, &deadly}, {&shapes.ladders, &ladder}, {&shapes.liquids, &liquid}};
    for (const auto& [rects, surface] : others)
        for (const PxRect& r : *rects)
            addPrism(*surface, space, polygonOfRect(r), back, front);
    const auto add = [&](const char* name, const Surface& surface, const Json& color) {
        if (surface.indices.empty()) return;
        model.addSurface(std::string("collision ") + name, surface, model.colored(name, color),
                         {{"collision", Value(std::string(name))}});
    };
    add("solid", solid, {0.35, 0.39, 0.42, 1});
    add("one-way", oneWay, {0.55, 0.42, 0.2, 1});
    add("deadly", deadly, {0.78, 0.25, 0.16, 1});
    add("ladder", ladder, {0.62, 0.5, 0.3, 0.5});
    add("liquid", liquid, {0.12, 0.5, 0.44, 0.5});
}

/// The quads of one layer, half a cell apart from the next.
void addLayer(Model& model, const Space& space, const level::Level& level, const Json& layer,
              const file::Picture32& sheet, const std::string& png) {
    const int wide = layer["tile"][0], high = layer["tile"][1], columns = layer["columns"];
    const double depth = layer["depth"].get<int>() * layerStep;
    const CellSize cell = level.cellSize;
    Surface surface;
    const Json& tiles = layer["tiles"];
    for (std::size_t y = 0; y < tiles.size(); ++y)
        for (std::size_t x = 0; x < tiles[y].size(); ++x) {
            const int tile = tiles[y][x];
            if (tile == 0) continue;
            const double left = double((tile - 1) % columns * wide) / sheet.width;
            const double top = double((tile - 1) / columns * high) / sheet.height;
            float u[2] = {float(left), float(left + double(wide) / sheet.width)};
            float v[2] = {float(top), float(top + double(high) / sheet.height)};
            const int flip = layer.contains("flips") ? layer["flips"][y][x].get<int>() : 0;
            if (flip & 1) std::swap(u[0], u[1]);
            if (flip & 2) std::swap(v[0], v[1]);
            const double px = double(x) * cell.width, py = double(y) * cell.height;
            const std::array<float, 8> texture{u[0], v[1], u[1], v[1], u[1], v[0], u[0], v[0]};
            surface.addQuad({space.at(px, py + cell.height, depth),
                             space.at(px + cell.width, py + cell.height, depth),
                             space.at(px + cell.width, py, depth), space.at(px, py, depth)},
                            &texture);
        }
    if (surface.indices.empty()) return;
    const std::string name = layer["name"];
    model.addSurface("layer " + name, surface,
                     model.textured(layer["sheet"], png, layer.value("opacity", 100) / 100.0),
                     {{"layer", Value(name)}, {"role", Value(layer["role"].get<std::string>())}});
}

void addThings(Model& model, const Space& space, const level::Project& project,
               const level::Level& level) {
    const double unit = level.cellSize.width;
    for (const level::Entity& entity : level.entities) {
        const PxRect& box = entity.box;
        model.addNode(entity.id.text, -1,
                      space.at(box.x + box.width / 2.0, box.y + box.height / 2.0, 0),
                      {{"id", Value(entity.id.text)},
                       {"kind", Value(entity.kind.text)},
                       {"role", Value(std::string(level::nameOf(project.roleOf(entity))))},
                       {"width", Value(box.width / unit)},
                       {"height", Value(box.height / unit)},
                       {"facing", Value(std::string(level::nameOf(entity.facing)))}});
    }
}

file::ModelAxes axesOf(const Making& making) {
    const level::TargetOptions& options = making.target.options;
    return {options.up == level::UpAxis::Z, options.unitMm / 1000.0};
}

Result<std::string> cellsGlb(const Making& making, const Pictures& pictures,
                             const level::Level& level) {
    Model model;
    model.stand(axesOf(making));
    const Space space(level);
    if (making.target.options.collision != level::CollisionForm::None)
        addCollision(model, space, making, level);
    auto look = pictures.look(level);
    if (!look) return fail(look.error());
    for (const Json& layer : look->level["layers"]) {
        const std::string path = layer["sheet"];
        const auto image = look->images.find(path);
        if (image == look->images.end() || image->second.width == 0) continue;
        addLayer(model, space, level, layer, image->second, file::writePng(image->second));
    }
    addThings(model, space, making.project, level);
    model.say({{"unit", Value(std::string("the width of a cell"))},
               {"cellWidth", Value(level.cellSize.width)},
               {"cellHeight", Value(level.cellSize.height)},
               {"level", Value(level.id.text)}});
    return model.bytes();
}

Result<std::string> kitGlb(const Making& making, const Pictures& pictures,
                           const level::Level& level, const level::Kit& kit) {
    std::map<std::string, kit::Mesh> meshes;
    for (const level::Piece& piece : kit.pieces) {
        const std::string* bytes = pictures.bytesOf(piece.model);
        if (!bytes) continue;
        auto mesh = file::readModel(making.storage, making.folder, piece.model, *bytes);
        if (!mesh) return fail(mesh.error());
        meshes[piece.name] = std::move(*mesh);
    }
    const bool hasCollision = making.target.options.collision != level::CollisionForm::None;
    return file::kitLevelGlb(making.project, kit, level, meshes, axesOf(making), hasCollision);
}

}  // namespace

Result<Made> makeModels(const Making& making) {
    Made made;
    const auto pictures = Pictures::of(making);
    if (!pictures) return fail(pictures.error());
    for (const auto& level : level::levelsOf(making.project, making.target)) {
        const level::Kit* kit = making.project.kitOf(*level);
        if (!hasCells(*level) && !kit) {
            made.notes.push_back(leftOut(*level, "a model"));
            continue;
        }
        auto bytes = hasCells(*level) ? cellsGlb(making, *pictures, *level)
                                      : kitGlb(making, *pictures, *level, *kit);
        if (!bytes) return fail(bytes.error());
        made.files[level->id.text + ".glb"] = std::move(*bytes);
        if (!making.goesOn()) return cancelled();
    }
    return made;
}

}  // namespace rook::ship::detail
