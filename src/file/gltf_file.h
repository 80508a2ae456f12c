#pragma once
/// A glTF 2.0 file that is built part by part: one scene, one buffer. For the sources that write
/// models; it brings in tinygltf.

#include <tiny_gltf.h>

#include <cmath>
#include <cstring>
#include <sstream>
#include <string>

#include "file/model_file.h"

namespace rook::file {

class GltfFile {
public:
    GltfFile() {
        m_model.asset.version = "2.0";
        m_model.asset.generator = "Rook Plot";
        m_model.buffers.resize(1);
        m_model.scenes.resize(1);
        m_model.defaultScene = 0;
    }
    /// Said of the whole file.
    void say(tinygltf::Value::Object extras) {
        m_model.asset.extras = tinygltf::Value(std::move(extras));
    }
    /// How all of it stands: a node over all others, where it is not as it was built.
    void stand(const ModelAxes& axes) { m_axes = axes; }
    /// What is added from now on is in a scene of its own, which viewers do not show at first.
    void beginScene(const std::string& name) {
        m_model.scenes.emplace_back();
        m_model.scenes.back().name = name;
        m_scene = m_model.scenes.size() - 1;
    }
    /// Back to what viewers show.
    void endScene() {
        if (m_model.scenes.back().nodes.empty() && m_scene > 0) m_model.scenes.pop_back();
        m_scene = 0;
    }
    /// As binary glTF; nothing can be added then.
    [[nodiscard]] std::string bytes() {
        standAll();
        // A buffer without bytes is not allowed; a level without pieces has none.
        if (m_model.buffers[0].data.empty()) m_model.buffers.clear();
        if (m_model.scenes[0].nodes.empty()) {
            m_model.scenes.clear();
            m_model.defaultScene = -1;
        }
        std::ostringstream out;
        tinygltf::TinyGLTF writer;
        writer.WriteGltfSceneToStream(&m_model, out, false, true);
        return out.str();
    }

protected:
    /// A node of the scene, with extras where there are some.
    void addNode(tinygltf::Node node, tinygltf::Value::Object extras) {
        if (!extras.empty()) node.extras = tinygltf::Value(std::move(extras));
        m_model.scenes[m_scene].nodes.push_back(static_cast<int>(m_model.nodes.size()));
        m_model.nodes.push_back(std::move(node));
    }
    /// A view of bytes that are appended, on a multiple of four.
    int addBytes(const void* bytes, std::size_t size, int target) {
        auto& data = m_model.buffers[0].data;
        data.resize((data.size() + 3) / 4 * 4);
        tinygltf::BufferView view;
        view.buffer = 0;
        view.byteOffset = data.size();
        view.byteLength = size;
        view.target = target;
        data.resize(data.size() + size);
        std::memcpy(data.data() + view.byteOffset, bytes, size);
        m_model.bufferViews.push_back(view);
        return static_cast<int>(m_model.bufferViews.size()) - 1;
    }

    tinygltf::Model m_model;

private:
    void standAll() {
        for (tinygltf::Scene& scene : m_model.scenes)
            standOne(scene.nodes, scene.name.empty() ? "level" : scene.name);
    }
    void standOne(std::vector<int>& nodes, const std::string& name) {
        if (m_axes == ModelAxes{} || nodes.empty()) return;
        tinygltf::Node root;
        root.name = name;
        root.children = nodes;
        // A quarter turn about x brings y to z.
        if (m_axes.isZUp) root.rotation = {std::sqrt(0.5), 0, 0, std::sqrt(0.5)};
        if (m_axes.scale != 1) root.scale = {m_axes.scale, m_axes.scale, m_axes.scale};
        nodes = {static_cast<int>(m_model.nodes.size())};
        m_model.nodes.push_back(std::move(root));
    }

    ModelAxes m_axes;
    std::size_t m_scene = 0;  ///< that nodes are added to
};

}  // namespace rook::file
