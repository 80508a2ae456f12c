#include <tiny_gltf.h>

#include <algorithm>
#include <cmath>
#include <cstring>
#include <map>

#include "file/json_text.h"
#include "file/model_reader_detail.h"

namespace rook::file {

namespace {

using kit::Mesh;

tinygltf::FsCallbacks callbacksOf(Beside& beside) {
    tinygltf::FsCallbacks callbacks;
    callbacks.user_data = &beside;
    callbacks.FileExists = [](const std::string&, void*) { return true; };
    callbacks.ExpandFilePath = [](const std::string& path, void*) { return path; };
    callbacks.ReadWholeFile = [](std::vector<unsigned char>* out, std::string* error,
                                 const std::string& path, void* data) {
        auto& self = *static_cast<Beside*>(data);
        const auto bytes = self.read(path);
        if (!bytes) {
            self.error = bytes.error();
            if (error) *error = bytes.error().what;
            return false;
        }
        out->assign(bytes->begin(), bytes->end());
        return true;
    };
    callbacks.WriteWholeFile = [](std::string*, const std::string&,
                                  const std::vector<unsigned char>&, void*) { return false; };
    return callbacks;
}

/// A 4 x 4 matrix, column by column, as glTF has it.
using Matrix = std::array<double, 16>;

Matrix product(const Matrix& a, const Matrix& b) {
    Matrix out{};
    for (std::size_t column = 0; column < 4; ++column)
        for (std::size_t row = 0; row < 4; ++row)
            for (std::size_t k = 0; k < 4; ++k)
                out[column * 4 + row] += a[k * 4 + row] * b[column * 4 + k];
    return out;
}

Matrix matrixOf(const tinygltf::Node& node) {
    Matrix matrix{1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1};
    if (node.matrix.size() == 16) {
        std::copy(node.matrix.begin(), node.matrix.end(), matrix.begin());
        return matrix;
    }
    double q[4] = {0, 0, 0, 1};
    double s[3] = {1, 1, 1};
    double t[3] = {0, 0, 0};
    if (node.rotation.size() == 4) std::copy(node.rotation.begin(), node.rotation.end(), q);
    if (node.scale.size() == 3) std::copy(node.scale.begin(), node.scale.end(), s);
    if (node.translation.size() == 3)
        std::copy(node.translation.begin(), node.translation.end(), t);
    const double x = q[0], y = q[1], z = q[2], w = q[3];
    const double turn[9] = {
        1 - 2 * (y * y + z * z), 2 * (x * y + z * w),     2 * (x * z - y * w),
        2 * (x * y - z * w),     1 - 2 * (x * x + z * z), 2 * (y * z + x * w),
        2 * (x * z + y * w),     2 * (y * z - x * w),     1 - 2 * (x * x + y * y)};
    for (std::size_t column = 0; column < 3; ++column) {
        for (std::size_t row = 0; row < 3; ++row)
            matrix[column * 4 + row] = turn[column * 3 + row] * s[column];
        matrix[12 + column] = t[column];
    }
    return matrix;
}

/// Gathers the triangles of a glTF scene.
class GltfMeshes {
public:
    GltfMeshes(const tinygltf::Model& model, const std::string& name)
        : m_model(model), m_name(name) {}

    Result<Mesh> run() {
        const int scene = m_model.defaultScene >= 0 ? m_model.defaultScene : 0;
        const Matrix none{1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1};
        if (scene < static_cast<int>(m_model.scenes.size())) {
            const auto& nodes = m_model.scenes[static_cast<std::size_t>(scene)].nodes;
            if (const auto added = addParts(nodes, none, 0); !added) return fail(added.error());
        } else {
            for (std::size_t i = 0; i < m_model.meshes.size(); ++i)
                if (const auto added = addMesh(static_cast<int>(i), none); !added)
                    return fail(added.error());
        }
        addMaterials();
        // One of several meshes without: none at all.
        if (!m_hasNormals) m_mesh.normals.clear();
        if (!m_hasPlaces) m_mesh.places.clear();
        return std::move(m_mesh);
    }

private:
    /// Each node beside others is a part; one that holds all others is gone through.
    Result<void> addParts(const std::vector<int>& nodes, const Matrix& above, int depth) {
        if (nodes.size() == 1 && depth < 64 && nodes[0] >= 0 &&
            nodes[0] < static_cast<int>(m_model.nodes.size())) {
            const tinygltf::Node& node = m_model.nodes[static_cast<std::size_t>(nodes[0])];
            if (node.mesh < 0 && !node.children.empty())
                return addParts(node.children, product(above, matrixOf(node)), depth + 1);
        }
        for (const int node : nodes) {
            kit::MeshPart part;
            part.first = m_mesh.triangles.size();
            if (const auto added = addNode(node, above, depth); !added) return added;
            part.last = m_mesh.triangles.size();
            if (part.first == part.last) continue;
            const tinygltf::Node& read = m_model.nodes[static_cast<std::size_t>(node)];
            const Matrix matrix = product(above, matrixOf(read));
            part.name = read.name;
            if (part.name.empty() && read.mesh >= 0)
                part.name = m_model.meshes[static_cast<std::size_t>(read.mesh)].name;
            part.origin = {matrix[12], matrix[14], matrix[13]};
            m_mesh.parts.push_back(std::move(part));
        }
        return {};
    }
    Result<void> addNode(int index, const Matrix& above, int depth) {
        if (index < 0 || index >= static_cast<int>(m_model.nodes.size()))
            return fail(brokenModel(m_name, "The scene names a node that is not there"));
        if (depth > 64) return fail(brokenModel(m_name, "Its nodes go round in a circle"));
        if (++m_nodeCount > maxNodes)
            return fail(Error{ErrorKind::OutOfRange, "The model has more than 100,000 nodes",
                              m_name, "Export a simpler one"});
        const tinygltf::Node& node = m_model.nodes[static_cast<std::size_t>(index)];
        const Matrix matrix = product(above, matrixOf(node));
        if (node.mesh >= 0)
            if (const auto added = addMesh(node.mesh, matrix); !added) return added;
        for (const int child : node.children)
            if (const auto added = addNode(child, matrix, depth + 1); !added) return added;
        return {};
    }
    Result<void> addMesh(int index, const Matrix& matrix) {
        if (index >= static_cast<int>(m_model.meshes.size()))
            return fail(brokenModel(m_name, "A node names a mesh that is not there"));
        for (const tinygltf::Primitive& primitive :
             m_model.meshes[static_cast<std::size_t>(index)].primitives)
            if (const auto added = addPrimitive(primitive, matrix); !added) return added;
        return {};
    }
    /// The bytes of an accessor, checked against its buffer.
    struct Items {
        const unsigned char* first = nullptr;
        std::size_t count = 0;
        std::size_t stride = 0;
    };
    Result<Items> itemsOf(int index, int type) {
        if (index < 0 || index >= static_cast<int>(m_model.accessors.size()))
            return fail(brokenModel(m_name, "A mesh names an accessor that is not there"));
        const tinygltf::Accessor& accessor = m_model.accessors[static_cast<std::size_t>(index)];
        if (accessor.sparse.isSparse || accessor.bufferView < 0)
            return fail(Error{ErrorKind::NotApplicable, "The model has sparse data", m_name,
                              "Export it without"});
        if (accessor.type != type ||
            accessor.bufferView >= static_cast<int>(m_model.bufferViews.size()))
            return fail(brokenModel(m_name, "An accessor is of another type than its use"));
        const tinygltf::BufferView& view =
            m_model.bufferViews[static_cast<std::size_t>(accessor.bufferView)];
        if (view.buffer < 0 || view.buffer >= static_cast<int>(m_model.buffers.size()))
            return fail(brokenModel(m_name, "A buffer is not there"));
        const auto& data = m_model.buffers[static_cast<std::size_t>(view.buffer)].data;
        const int stride = accessor.ByteStride(view);
        const int size =
            tinygltf::GetComponentSizeInBytes(static_cast<std::uint32_t>(accessor.componentType)) *
            tinygltf::GetNumComponentsInType(static_cast<std::uint32_t>(type));
        if (stride <= 0 || size <= 0) return fail(brokenModel(m_name, "An accessor has no size"));
        const std::size_t first = view.byteOffset + accessor.byteOffset;
        const std::size_t last =
            accessor.count == 0 ? first
                                : first + (accessor.count - 1) * static_cast<std::size_t>(stride) +
                                      static_cast<std::size_t>(size);
        if (accessor.count > 3 * kit::maxTriangles || first > data.size() || last > data.size())
            return fail(Error{ErrorKind::OutOfRange, "A mesh reaches past the end of its data",
                              m_name, "Export the model once more"});
        return Items{data.data() + first, accessor.count, static_cast<std::size_t>(stride)};
    }
    Result<void> addPrimitive(const tinygltf::Primitive& primitive, const Matrix& matrix) {
        const int mode = primitive.mode < 0 ? TINYGLTF_MODE_TRIANGLES : primitive.mode;
        if (mode < TINYGLTF_MODE_TRIANGLES) return {};  // points and lines have no faces
        const auto found = primitive.attributes.find("POSITION");
        if (found == primitive.attributes.end()) return {};
        const auto items = itemsOf(found->second, TINYGLTF_TYPE_VEC3);
        if (!items) return fail(items.error());
        if (m_model.accessors[static_cast<std::size_t>(found->second)].componentType !=
            TINYGLTF_COMPONENT_TYPE_FLOAT)
            return fail(brokenModel(m_name, "Positions are no floats"));
        if (m_mesh.points.size() + items->count > maxPoints)
            return fail(Error{ErrorKind::OutOfRange, "The model has more than 6,000,000 corners",
                              m_name, "Export a simpler one"});
        const auto first = static_cast<std::uint32_t>(m_mesh.points.size());
        for (std::size_t i = 0; i < items->count; ++i) {
            float v[3];
            std::memcpy(v, items->first + i * items->stride, sizeof v);
            double p[3];
            for (std::size_t row = 0; row < 3; ++row)
                p[row] = matrix[row] * double(v[0]) + matrix[4 + row] * double(v[1]) +
                         matrix[8 + row] * double(v[2]) + matrix[12 + row];
            for (const double each : p)
                if (!std::isfinite(each) || std::abs(each) > 1e6)
                    return fail(Error{ErrorKind::OutOfRange,
                                      "A corner of the model is no number, or a huge one", m_name,
                                      "Export the model once more"});
            m_mesh.points.push_back({p[0], p[2], p[1]});
        }
        if (const auto added = addNormals(primitive, matrix, items->count); !added) return added;
        if (const auto added = addPlaces(primitive, items->count); !added) return added;
        std::vector<std::uint32_t> order;
        if (primitive.indices >= 0) {
            if (const auto read = readIndices(primitive.indices, order); !read) return read;
        } else {
            for (std::uint32_t i = 0; i < items->count; ++i)
                order.push_back(i);
        }
        for (const std::uint32_t i : order)
            if (i >= items->count)
                return fail(Error{ErrorKind::OutOfRange, "A face names a corner that is not there",
                                  m_name, "Export the model once more"});
        const auto add = [&](std::size_t a, std::size_t b, std::size_t c) {
            m_mesh.triangles.push_back({first + order[a], first + order[b], first + order[c]});
        };
        if (mode == TINYGLTF_MODE_TRIANGLES)
            for (std::size_t i = 0; i + 2 < order.size(); i += 3)
                add(i, i + 1, i + 2);
        else if (mode == TINYGLTF_MODE_TRIANGLE_STRIP)
            for (std::size_t i = 0; i + 2 < order.size(); ++i)
                i % 2 == 0 ? add(i, i + 1, i + 2) : add(i + 1, i, i + 2);
        else
            for (std::size_t i = 1; i + 1 < order.size(); ++i)
                add(0, i, i + 1);
        const bool isKnown = primitive.material >= 0 &&
                             primitive.material < static_cast<int>(m_model.materials.size());
        m_mesh.materialOf.resize(
            m_mesh.triangles.size(),
            static_cast<std::uint32_t>(isKnown ? primitive.material
                                               : static_cast<int>(m_model.materials.size())));
        if (m_mesh.triangles.size() > kit::maxTriangles)
            return fail(Error{ErrorKind::OutOfRange, "The model has more than 2,000,000 triangles",
                              m_name, "Export a simpler one"});
        return {};
    }
    /// Normals turn with the node; a scale that is not even bends them the other way.
    Result<void> addNormals(const tinygltf::Primitive& primitive, const Matrix& matrix,
                            std::size_t count) {
        m_mesh.normals.resize(m_mesh.points.size(), {0, 0, 1});
        const auto found = primitive.attributes.find("NORMAL");
        if (found == primitive.attributes.end()) {
            m_hasNormals = false;
            return {};
        }
        const auto items = itemsOf(found->second, TINYGLTF_TYPE_VEC3);
        if (!items) return fail(items.error());
        if (items->count != count || !isOfFloats(found->second))
            return fail(brokenModel(m_name, "Normals are no floats, or not as many as corners"));
        const auto axis = [&](std::size_t column) {
            return std::array{matrix[column * 4], matrix[column * 4 + 1], matrix[column * 4 + 2]};
        };
        const std::array columns{axis(0), axis(1), axis(2)};
        for (std::size_t i = 0; i < count; ++i) {
            float v[3];
            std::memcpy(v, items->first + i * items->stride, sizeof v);
            double n[3] = {0, 0, 0};
            for (std::size_t column = 0; column < 3; ++column) {
                const auto& a = columns[(column + 1) % 3];
                const auto& b = columns[(column + 2) % 3];
                for (std::size_t row = 0; row < 3; ++row)
                    n[row] += double(v[column]) * (a[(row + 1) % 3] * b[(row + 2) % 3] -
                                                   a[(row + 2) % 3] * b[(row + 1) % 3]);
            }
            const double length = std::sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
            if (!(length > 0) || !std::isfinite(length)) continue;
            m_mesh.normals[m_mesh.points.size() - count + i] = {n[0] / length, n[2] / length,
                                                                n[1] / length};
        }
        return {};
    }
    Result<void> addPlaces(const tinygltf::Primitive& primitive, std::size_t count) {
        m_mesh.places.resize(m_mesh.points.size());
        const auto found = primitive.attributes.find("TEXCOORD_0");
        if (found == primitive.attributes.end() || !isOfFloats(found->second)) {
            // A picture without places has nowhere to go.
            m_hasPlaces = m_hasPlaces && !hasPicture(primitive.material);
            return {};
        }
        const auto items = itemsOf(found->second, TINYGLTF_TYPE_VEC2);
        if (!items) return fail(items.error());
        if (items->count != count)
            return fail(brokenModel(m_name, "Places in the picture are not as many as corners"));
        for (std::size_t i = 0; i < count; ++i) {
            std::array<float, 2> v;
            std::memcpy(v.data(), items->first + i * items->stride, sizeof v);
            if (!std::isfinite(v[0]) || !std::isfinite(v[1])) v = {0, 0};
            m_mesh.places[m_mesh.points.size() - count + i] = v;
        }
        return {};
    }
    [[nodiscard]] bool isOfFloats(int accessor) const {
        return accessor >= 0 && accessor < static_cast<int>(m_model.accessors.size()) &&
               m_model.accessors[static_cast<std::size_t>(accessor)].componentType ==
                   TINYGLTF_COMPONENT_TYPE_FLOAT;
    }
    [[nodiscard]] bool hasPicture(int material) const {
        return material >= 0 && material < static_cast<int>(m_model.materials.size()) &&
               m_model.materials[static_cast<std::size_t>(material)]
                       .pbrMetallicRoughness.baseColorTexture.index >= 0;
    }
    /// As people write colours: the file's factors are linear.
    static double asWritten(double linear) {
        linear = std::clamp(linear, 0.0, 1.0);
        return linear <= 0.0031308 ? linear * 12.92 : 1.055 * std::pow(linear, 1 / 2.4) - 0.055;
    }
    /// All of the file, and one more for faces that name none.
    void addMaterials() {
        if (m_model.materials.empty()) {
            m_mesh.materialOf.clear();
            return;
        }
        std::map<int, int> pictures;
        for (const tinygltf::Material& each : m_model.materials) {
            const auto& plain = each.pbrMetallicRoughness;
            kit::Material material;
            material.name = each.name;
            for (std::size_t i = 0; i < 3 && i < plain.baseColorFactor.size(); ++i)
                material.color[i] = asWritten(plain.baseColorFactor[i]);
            material.metallic = std::clamp(plain.metallicFactor, 0.0, 1.0);
            material.roughness = std::clamp(plain.roughnessFactor, 0.0, 1.0);
            material.isSeenFromBehind = each.doubleSided;
            material.picture = pictureOf(plain.baseColorTexture.index, pictures);
            m_mesh.materials.push_back(material);
        }
        m_mesh.materials.push_back({"", {0.8, 0.8, 0.8}, 0, 0.9, -1, false});
    }
    /// Of the mesh's pictures; -1 for one that is not there, or is of another sort.
    int pictureOf(int texture, std::map<int, int>& pictures) {
        if (texture < 0 || texture >= static_cast<int>(m_model.textures.size())) return -1;
        const int source = m_model.textures[static_cast<std::size_t>(texture)].source;
        if (source < 0 || source >= static_cast<int>(m_model.images.size())) return -1;
        const auto [known, isNew] =
            pictures.try_emplace(source, static_cast<int>(m_mesh.pictures.size()));
        if (!isNew) return known->second;
        const auto& bytes = m_model.images[static_cast<std::size_t>(source)].image;
        if (bytes.empty()) return known->second = -1;
        m_mesh.pictures.push_back(std::make_shared<const std::string>(bytes.begin(), bytes.end()));
        return known->second;
    }
    Result<void> readIndices(int accessor, std::vector<std::uint32_t>& order) {
        const auto items = itemsOf(accessor, TINYGLTF_TYPE_SCALAR);
        if (!items) return fail(items.error());
        const int type = m_model.accessors[static_cast<std::size_t>(accessor)].componentType;
        order.reserve(items->count);
        for (std::size_t i = 0; i < items->count; ++i) {
            const unsigned char* at = items->first + i * items->stride;
            std::uint32_t value = 0;
            if (type == TINYGLTF_COMPONENT_TYPE_UNSIGNED_BYTE)
                value = *at;
            else if (type == TINYGLTF_COMPONENT_TYPE_UNSIGNED_SHORT) {
                std::uint16_t half;
                std::memcpy(&half, at, sizeof half);
                value = half;
            } else if (type == TINYGLTF_COMPONENT_TYPE_UNSIGNED_INT) {
                std::memcpy(&value, at, sizeof value);
            } else {
                return fail(brokenModel(m_name, "Its faces are named by no whole numbers"));
            }
            order.push_back(value);
        }
        return {};
    }

    static constexpr int maxNodes = 100'000;
    static constexpr std::size_t maxPoints = 3 * kit::maxTriangles;
    const tinygltf::Model& m_model;
    const std::string& m_name;
    Mesh m_mesh;
    bool m_hasNormals = true;
    bool m_hasPlaces = true;
    int m_nodeCount = 0;  ///< that were visited
};

/// The JSON of a model: all of it, or the first chunk of a binary one.
std::string_view jsonOf(const std::string& bytes, bool isBinary) {
    if (!isBinary) return bytes;
    constexpr std::size_t head = 20;  // magic, version, length, and length and sort of the chunk
    std::uint32_t length = 0;
    if (bytes.size() < head) return {};
    std::memcpy(&length, bytes.data() + 12, sizeof length);
    return std::string_view(bytes).substr(head, length);
}

}  // namespace

Result<Mesh> readGltf(Storage& storage, const Path& folder, const std::string& name,
                      const std::string& bytes, bool isBinary) {
    // The library goes down as deep as the text does.
    if (bracketProblem(jsonOf(bytes, isBinary)))
        return fail(ErrorKind::OutOfRange, "The model's JSON is nested too deep, or too long", name,
                    "Export the model once more");
    tinygltf::TinyGLTF loader;
    tinygltf::Model model;
    std::string error, warning;
    Beside beside{&storage, folder, {}};
    loader.SetFsCallbacks(callbacksOf(beside));
    // Pictures stay as their files have them.
    loader.SetImageLoader(
        [](tinygltf::Image* image, const int, std::string*, std::string*, int, int,
           const unsigned char* first, int size, void*) {
            if (first && size > 0) image->image.assign(first, first + size);
            return true;
        },
        nullptr);
    bool isRead = false;
    try {
        isRead = isBinary ? loader.LoadBinaryFromMemory(
                                &model, &error, &warning,
                                reinterpret_cast<const unsigned char*>(bytes.data()),
                                static_cast<unsigned int>(bytes.size()), "")
                          : loader.LoadASCIIFromString(&model, &error, &warning, bytes.data(),
                                                       static_cast<unsigned int>(bytes.size()), "");
    } catch (const std::exception& exception) {
        error = exception.what();
    }
    // A picture that is not there is left out.
    if (beside.error && (!isRead || beside.error->kind == ErrorKind::UnsafePath))
        return fail(*beside.error);
    if (!isRead) return fail(brokenModel(name, "The model cannot be read", error));
    if (!model.extensionsRequired.empty())
        return fail(ErrorKind::NotApplicable, "The model needs " + model.extensionsRequired.front(),
                    name, "Export it without compression or extensions");
    return GltfMeshes(model, name).run();
}

}  // namespace rook::file
