/// What the renderer keeps on the graphics card: corners of shapes, pictures, places.

#include <QImage>
#include <QOpenGLContext>
#include <algorithm>
#include <set>
#include <unordered_map>
#include <unordered_set>

#include "app/steps/kit/depth_renderer.h"

namespace rook::app {

namespace {

constexpr int largestPicture = 2048;        ///< px a side
constexpr std::size_t plainTriangles = 48;  ///< that are drawn as they are while the eye turns
constexpr int coarseCells = 5;

struct Corner {
    float place[3], normal[3], inPicture[2], color[4], wall[3];
};

/// Corners of triangles, each once for what it looks like.
class Corners {
public:
    explicit Corners(const kit::Shape& shape) : m_shape(shape) {}
    std::vector<Corner> corners;
    std::vector<GLuint> indices;

    void add(const kit::ShapeTriangle& triangle) {
        const int wall = triangle.wall ? int(*triangle.wall) : -1;
        for (const std::uint32_t point : triangle.corners) {
            const quint64 key = (quint64(point) << 24) | (quint64(triangle.material) << 4) |
                                quint64(unsigned(wall + 1));
            const auto [known, isNew] = m_known.try_emplace(key, GLuint(corners.size()));
            if (isNew) corners.push_back(cornerOf(point, triangle, wall));
            indices.push_back(known->second);
        }
    }

private:
    [[nodiscard]] Corner cornerOf(std::uint32_t point, const kit::ShapeTriangle& triangle,
                                  int wall) const {
        const kit::Point3& p = m_shape.points[point];
        const kit::Point3& n = m_shape.normals[point];
        const kit::Material& material = m_shape.materials[triangle.material];
        // Walls stand a little darker, so that floors show before them.
        const double by = triangle.sort == kit::FaceSort::Wall ? 0.94 : 1;
        Corner corner{{float(p.x), float(p.y), float(p.z)},
                      {float(n.x), float(n.y), float(n.z)},
                      {0, 0},
                      {float(material.color[0] * by), float(material.color[1] * by),
                       float(material.color[2] * by), float(material.roughness)},
                      {float(wall), float(triangle.lowTop), float(material.metallic)}};
        if (point < m_shape.places.size()) {
            corner.inPicture[0] = m_shape.places[point][0];
            corner.inPicture[1] = m_shape.places[point][1];
        }
        return corner;
    }

    const kit::Shape& m_shape;
    std::unordered_map<quint64, GLuint> m_known;
};

}  // namespace

DepthRenderer::OnCard& DepthRenderer::upload(const std::shared_ptr<const kit::Shape>& shape) {
    const auto [found, isNew] = m_cards.try_emplace(shape.get());
    OnCard& card = found->second;
    if (!isNew) return card;
    card.shape = shape;
    // By picture, and by whether one sees them from behind.
    std::map<std::pair<int, bool>, std::vector<const kit::ShapeTriangle*>> groups;
    for (const kit::ShapeTriangle& triangle : shape->triangles) {
        const kit::Material& material = shape->materials[triangle.material];
        groups[{material.picture, material.isSeenFromBehind}].push_back(&triangle);
    }
    Corners corners(*shape);
    for (const auto& [look, triangles] : groups) {
        const int first = int(corners.indices.size());
        for (const kit::ShapeTriangle* triangle : triangles)
            corners.add(*triangle);
        card.batches.push_back(
            {first, int(corners.indices.size()) - first, look.first, look.second});
    }
    for (const auto& bytes : shape->pictures)
        card.pictures.push_back(pictureOf(*bytes));
    m_gl.glGenVertexArrays(1, &card.array);
    m_gl.glBindVertexArray(card.array);
    const auto fill = [&](GLuint& buffer, GLenum target, const void* data, std::size_t bytes) {
        m_gl.glGenBuffers(1, &buffer);
        m_gl.glBindBuffer(target, buffer);
        m_gl.glBufferData(target, GLsizeiptr(bytes), data, GL_STATIC_DRAW);
    };
    fill(card.corners, GL_ARRAY_BUFFER, corners.corners.data(),
         corners.corners.size() * sizeof(Corner));
    fill(card.indices, GL_ELEMENT_ARRAY_BUFFER, corners.indices.data(),
         corners.indices.size() * sizeof(GLuint));
    const auto attribute = [&](GLuint at, int size, std::size_t stride, std::size_t offset) {
        m_gl.glEnableVertexAttribArray(at);
        m_gl.glVertexAttribPointer(at, size, GL_FLOAT, GL_FALSE, GLsizei(stride),
                                   reinterpret_cast<const void*>(offset));
    };
    attribute(0, 3, sizeof(Corner), offsetof(Corner, place));
    attribute(1, 3, sizeof(Corner), offsetof(Corner, normal));
    attribute(2, 2, sizeof(Corner), offsetof(Corner, inPicture));
    attribute(3, 4, sizeof(Corner), offsetof(Corner, color));
    attribute(4, 3, sizeof(Corner), offsetof(Corner, wall));
    m_gl.glGenBuffers(1, &card.places);
    m_gl.glBindBuffer(GL_ARRAY_BUFFER, card.places);
    attribute(5, 4, sizeof(Place), 0);
    attribute(6, 4, sizeof(Place), 4 * sizeof(float));
    m_gl.glVertexAttribDivisor(5, 1);
    m_gl.glVertexAttribDivisor(6, 1);
    m_gl.glBindVertexArray(0);
    return card;
}

GLuint DepthRenderer::pictureOf(const std::string& bytes) {
    QImage image =
        QImage::fromData(reinterpret_cast<const uchar*>(bytes.data()), int(bytes.size()));
    if (image.isNull()) return m_white;
    if (image.width() > largestPicture || image.height() > largestPicture)
        image = image.scaled(largestPicture, largestPicture, Qt::KeepAspectRatio,
                             Qt::SmoothTransformation);
    image = image.convertToFormat(QImage::Format_RGBA8888);
    GLuint picture = 0;
    m_gl.glGenTextures(1, &picture);
    m_gl.glBindTexture(GL_TEXTURE_2D, picture);
    m_gl.glTexImage2D(GL_TEXTURE_2D, 0, GL_RGBA8, image.width(), image.height(), 0, GL_RGBA,
                      GL_UNSIGNED_BYTE, image.constBits());
    m_gl.glGenerateMipmap(GL_TEXTURE_2D);
    m_gl.glTexParameteri(GL_TEXTURE_2D, GL_TEXTURE_MIN_FILTER, GL_LINEAR_MIPMAP_LINEAR);
    m_gl.glTexParameteri(GL_TEXTURE_2D, GL_TEXTURE_MAG_FILTER, GL_LINEAR);
    return picture;
}

void DepthRenderer::forget(const OnCard& card) {
    const GLuint buffers[] = {card.corners, card.indices, card.places};
    m_gl.glDeleteBuffers(3, buffers);
    m_gl.glDeleteVertexArrays(1, &card.array);
    for (const GLuint picture : card.pictures)
        if (picture != m_white) m_gl.glDeleteTextures(1, &picture);
}

void DepthRenderer::takeScene(const std::shared_ptr<const kit::DepthScene>& scene) {
    if (m_scene == scene) return;
    m_scene = scene;
    m_aboveOf = nullptr;
    m_standing.clear();
    for (const kit::DepthScene::Item& item : scene->items())
        if (!item.box.isEmpty()) m_standing[item.shape.get()].push_back(&item);
    // Shapes that the scene has no more, and what was made of them.
    std::set<const kit::Shape*> kept{m_bodyShape.get()};
    for (const auto& [name, shape] : scene->shapes())
        kept.insert(shape.get());
    for (const auto& [shape, items] : m_standing)
        kept.insert(shape);
    for (const auto& [shape, card] : m_cards)
        if (card.coarse && kept.contains(shape)) kept.insert(card.coarse.get());
    std::erase_if(m_cards, [&](auto& each) {
        const bool isKept = kept.contains(each.first);
        if (!isKept) forget(each.second);
        return !isKept;
    });
    for (const auto& [shape, items] : m_standing)
        upload(items.front()->shape);
}

DepthRenderer::OnCard& DepthRenderer::cardOf(const kit::Shape* shape, bool isCoarse) {
    OnCard& card = m_cards.at(shape);
    if (!isCoarse || shape->triangles.size() <= plainTriangles) return card;
    if (!card.coarse) card.coarse = std::make_shared<const kit::Shape>(shape->coarse(coarseCells));
    return upload(card.coarse);
}

DepthRenderer::Place DepthRenderer::placeOf(const kit::Standing& standing, DepthMark mark) {
    return {{float(standing.across[0]), float(standing.across[1]), float(standing.down[0]),
             float(standing.down[1])},
            {float(standing.corner.x), float(standing.corner.y), float(standing.corner.z),
             float(int(mark)) / 15}};
}

void DepthRenderer::put(OnCard& card, const std::vector<Place>& places) {
    card.count = int(places.size());
    m_gl.glBindBuffer(GL_ARRAY_BUFFER, card.places);
    m_gl.glBufferData(GL_ARRAY_BUFFER, GLsizeiptr(places.size() * sizeof(Place)), places.data(),
                      GL_STREAM_DRAW);
}

/// The places of what is in sight, with its marks.
void DepthRenderer::takeMarks(const DepthRequest& request, const QMatrix4x4& toPicture) {
    const std::unordered_set<int> selected(request.selected.begin(), request.selected.end());
    const std::unordered_set<int> atFault(request.atFault.begin(), request.atFault.end());
    const auto isInSight = [&](const kit::Bounds3& box) {
        unsigned out = 0b111111;
        for (int i = 0; i < 8 && out != 0; ++i) {
            const kit::Point3 p = box.corner(i);
            const auto row = [&](int r) {
                return toPicture(r, 0) * p.x + toPicture(r, 1) * p.y + toPicture(r, 2) * p.z +
                       toPicture(r, 3);
            };
            const double x = row(0), y = row(1), w = row(3);
            out &= unsigned(x < -w) | unsigned(x > w) << 1 | unsigned(y < -w) << 2 |
                   unsigned(y > w) << 3 | unsigned(w < 0) << 4;
        }
        return out == 0;
    };
    const kit::Point3 forward = request.camera.forward();
    const auto along = [&](const kit::Bounds3& box) {
        return forward.x * (box.low.x + box.high.x) + forward.y * (box.low.y + box.high.y) +
               forward.z * (box.low.z + box.high.z);
    };
    for (auto& [shape, items] : m_standing) {
        // The nearest first: what they hide costs little then.
        std::sort(items.begin(), items.end(),
                  [&](const auto* a, const auto* b) { return along(a->box) < along(b->box); });
        std::vector<Place> places;
        for (const kit::DepthScene::Item* item : items) {
            if (item->box.low.z > request.look.cut || !isInSight(item->box)) continue;
            const DepthMark mark = selected.contains(item->id)   ? DepthMark::Selected
                                   : atFault.contains(item->id)  ? DepthMark::AtFault
                                   : item->id == request.pointed ? DepthMark::Pointed
                                                                 : DepthMark::None;
            places.push_back(placeOf(item->standing, mark));
        }
        put(cardOf(shape, request.isMoving), places);
    }
}

}  // namespace rook::app
