#include "app/steps/kit/depth_renderer.h"

#include <QElapsedTimer>
#include <QFile>
#include <QOpenGLContext>
#include <cmath>
#include <numbers>

#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr int aboveSide = 1024;        ///< px of the map from above
constexpr int mostPixels = 9'000'000;  ///< that are drawn finer than they are shown
constexpr double contactReach = 0.22;  ///< modules
constexpr double sheetBelow = 0.02;    ///< units that the sheet lies below the slabs

QString textIn(const QString& name) {
    QFile file(QStringLiteral(":/shaders/") + name);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

QVector3D vectorOf(const QColor& color) {
    return {color.redF(), color.greenF(), color.blueF()};
}

QVector4D fourOf(const kit::Point3& p, double w) {
    return {float(p.x), float(p.y), float(p.z), float(w)};
}

/// A round post as high as who walks, narrower at the head.
std::shared_ptr<const kit::Shape> postOf(double height, const QColor& color) {
    constexpr std::uint32_t sides = 12;
    kit::Mesh mesh;
    level::Piece piece;
    piece.color = color.name().toStdString();
    for (std::uint32_t i = 0; i < sides; ++i) {
        // Clockwise as the plan is seen.
        const double angle = 2 * std::numbers::pi * i / sides;
        for (const auto& [part, wide] : {std::pair(0.0, 0.24), {0.75, 0.32}, {1.0, 0.16}})
            mesh.points.push_back({wide * std::cos(angle), wide * std::sin(angle), part * height});
    }
    const std::uint32_t head = 3 * sides;
    mesh.points.push_back({0, 0, height * 1.02});
    for (std::uint32_t i = 0; i < sides; ++i) {
        const std::uint32_t a = 3 * i, b = 3 * ((i + 1) % sides);
        for (std::uint32_t k = 0; k < 2; ++k) {
            mesh.triangles.push_back({a + k, a + k + 1, b + k});
            mesh.triangles.push_back({a + k + 1, b + k + 1, b + k});
        }
        mesh.triangles.push_back({a + 2, head, b + 2});
    }
    return std::make_shared<const kit::Shape>(level::Kit{}, piece, mesh);
}

}  // namespace

std::unique_ptr<DepthRenderer> DepthRenderer::make(QString* reason) {
    std::unique_ptr<DepthRenderer> renderer(new DepthRenderer);
    return renderer->begin(reason) ? std::move(renderer) : nullptr;
}

DepthRenderer::~DepthRenderer() {
    if (!QOpenGLContext::currentContext()) return;
    for (auto& [shape, card] : m_cards)
        forget(card);
}

bool DepthRenderer::link(QOpenGLShaderProgram& program, const QString& vertex,
                         const QString& fragment, QString* reason) {
    const bool isFine =
        program.addShaderFromSourceCode(QOpenGLShader::Vertex, textIn(vertex)) &&
        program.addShaderFromSourceCode(QOpenGLShader::Fragment, textIn(fragment)) &&
        program.link();
    if (!isFine) *reason = tr("A shader is refused: %1").arg(program.log().section(u'\n', 0, 0));
    return isFine;
}

bool DepthRenderer::begin(QString* reason) {
    if (!m_gl.initializeOpenGLFunctions()) {
        *reason = tr("OpenGL is older than 3.3 here");
        return false;
    }
    const bool isLinked =
        link(m_pieces, QStringLiteral("pieces.vert"), QStringLiteral("pieces.frag"), reason) &&
        link(m_above, QStringLiteral("pieces.vert"), QStringLiteral("above.frag"), reason) &&
        link(m_ground, QStringLiteral("ground.vert"), QStringLiteral("ground.frag"), reason) &&
        link(m_contact, QStringLiteral("whole.vert"), QStringLiteral("contact.frag"), reason) &&
        link(m_finish, QStringLiteral("whole.vert"), QStringLiteral("finish.frag"), reason);
    if (!isLinked) return false;
    m_gl.glGenVertexArrays(1, &m_wholeArray);
    m_gl.glGenVertexArrays(1, &m_sheetArray);
    m_gl.glBindVertexArray(m_sheetArray);
    const float corners[] = {0, 0, 1, 0, 0, 1, 1, 1};
    m_gl.glGenBuffers(1, &m_sheetCorners);
    m_gl.glBindBuffer(GL_ARRAY_BUFFER, m_sheetCorners);
    m_gl.glBufferData(GL_ARRAY_BUFFER, sizeof corners, corners, GL_STATIC_DRAW);
    m_gl.glEnableVertexAttribArray(0);
    m_gl.glVertexAttribPointer(0, 2, GL_FLOAT, GL_FALSE, 0, nullptr);
    m_gl.glBindVertexArray(0);
    m_gl.glGenTextures(1, &m_white);
    m_gl.glBindTexture(GL_TEXTURE_2D, m_white);
    const unsigned char white[] = {255, 255, 255, 255};
    m_gl.glTexImage2D(GL_TEXTURE_2D, 0, GL_RGBA8, 1, 1, 0, GL_RGBA, GL_UNSIGNED_BYTE, white);
    m_gl.glTexParameteri(GL_TEXTURE_2D, GL_TEXTURE_MIN_FILTER, GL_NEAREST);
    m_gl.glGenTextures(1, &m_aboveMap);
    m_gl.glBindTexture(GL_TEXTURE_2D, m_aboveMap);
    m_gl.glTexImage2D(GL_TEXTURE_2D, 0, GL_DEPTH_COMPONENT24, aboveSide, aboveSide, 0,
                      GL_DEPTH_COMPONENT, GL_FLOAT, nullptr);
    for (const GLenum filter : {GL_TEXTURE_MIN_FILTER, GL_TEXTURE_MAG_FILTER})
        m_gl.glTexParameteri(GL_TEXTURE_2D, filter, GL_NEAREST);
    for (const GLenum wrap : {GL_TEXTURE_WRAP_S, GL_TEXTURE_WRAP_T})
        m_gl.glTexParameteri(GL_TEXTURE_2D, wrap, GL_CLAMP_TO_EDGE);
    m_gl.glGenFramebuffers(1, &m_aboveFrame);
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_aboveFrame);
    m_gl.glFramebufferTexture2D(GL_FRAMEBUFFER, GL_DEPTH_ATTACHMENT, GL_TEXTURE_2D, m_aboveMap, 0);
    m_gl.glDrawBuffer(GL_NONE);
    m_gl.glReadBuffer(GL_NONE);
    return true;
}

/// Textures to draw in: colours or one light, and with depths where there are colours of pieces.
void DepthRenderer::resize(Target& target, QSize size, Holds holds) {
    if (target.size == size) return;
    target.size = size;
    const auto texture = [&](GLuint& name, GLint format, GLenum of, GLenum type, GLenum filter) {
        if (name == 0) m_gl.glGenTextures(1, &name);
        m_gl.glBindTexture(GL_TEXTURE_2D, name);
        m_gl.glTexImage2D(GL_TEXTURE_2D, 0, format, size.width(), size.height(), 0, of, type,
                          nullptr);
        m_gl.glTexParameteri(GL_TEXTURE_2D, GL_TEXTURE_MIN_FILTER, GLint(filter));
        m_gl.glTexParameteri(GL_TEXTURE_2D, GL_TEXTURE_MAG_FILTER, GLint(filter));
        m_gl.glTexParameteri(GL_TEXTURE_2D, GL_TEXTURE_WRAP_S, GL_CLAMP_TO_EDGE);
        m_gl.glTexParameteri(GL_TEXTURE_2D, GL_TEXTURE_WRAP_T, GL_CLAMP_TO_EDGE);
    };
    if (target.frame == 0) m_gl.glGenFramebuffers(1, &target.frame);
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, target.frame);
    if (holds == Holds::Light)
        texture(target.colors, GL_R8, GL_RED, GL_UNSIGNED_BYTE, GL_LINEAR);
    else
        texture(target.colors, GL_RGBA8, GL_RGBA, GL_UNSIGNED_BYTE, GL_LINEAR);
    m_gl.glFramebufferTexture2D(GL_FRAMEBUFFER, GL_COLOR_ATTACHMENT0, GL_TEXTURE_2D, target.colors,
                                0);
    if (holds != Holds::Pieces) return;
    texture(target.depths, GL_R32F, GL_RED, GL_FLOAT, GL_NEAREST);
    m_gl.glFramebufferTexture2D(GL_FRAMEBUFFER, GL_COLOR_ATTACHMENT1, GL_TEXTURE_2D, target.depths,
                                0);
    if (target.buffer == 0) m_gl.glGenRenderbuffers(1, &target.buffer);
    m_gl.glBindRenderbuffer(GL_RENDERBUFFER, target.buffer);
    m_gl.glRenderbufferStorage(GL_RENDERBUFFER, GL_DEPTH_COMPONENT24, size.width(), size.height());
    m_gl.glFramebufferRenderbuffer(GL_FRAMEBUFFER, GL_DEPTH_ATTACHMENT, GL_RENDERBUFFER,
                                   target.buffer);
    const GLenum both[] = {GL_COLOR_ATTACHMENT0, GL_COLOR_ATTACHMENT1};
    m_gl.glDrawBuffers(2, both);
}

/// All that is drawn: what stands, the sheet, and what is in hand.
kit::Bounds3 DepthRenderer::boxOf(const DepthRequest& request, const level::Kit& kit) const {
    const CellRect cells = request.level->cells.bounds();
    const double width = exact(kit.width).toDouble();
    const double depth = exact(kit.depth).toDouble();
    const double storey = exact(kit.storey).toDouble();
    kit::Bounds3 box = m_scene->bounds();
    box.take({0, 0, -exact(kit.slab).toDouble() - sheetBelow});
    box.take({cells.width * width, cells.height * depth, storey * (request.storey + 2)});
    return box;
}

void DepthRenderer::setView(QOpenGLShaderProgram& program, const DepthRequest& request,
                            const kit::Bounds3& box) {
    const kit::Camera& camera = request.camera;
    const kit::Point3 forward = camera.forward();
    const kit::Point3 eye = camera.eye();
    program.setUniformValue("eye", camera.isParallel ? fourOf(forward, 0) : fourOf(eye, 1));
    program.setUniformValue(
        "forward", fourOf(forward, -(forward.x * eye.x + forward.y * eye.y + forward.z * eye.z)));
    program.setUniformValue("lowWalls", request.look.wallsAreLow ? 1.0F : 0.0F);
    program.setUniformValue("cut", float(request.look.cut));
    program.setUniformValue("look",
                            QVector3D(float(forward.x), float(forward.y), float(forward.z)));
    program.setUniformValue("heights", QVector2D(float(box.low.z), float(box.high.z)));
    program.setUniformValue(
        "board", QVector4D(float(box.low.x), float(box.low.y), float(1 / (box.high.x - box.low.x)),
                           float(1 / (box.high.y - box.low.y))));
    program.setUniformValue("picture", 0);
    program.setUniformValue("fromAbove", 1);
}

/// Heights from straight above, for the shade of what hangs over something.
void DepthRenderer::drawAbove(const DepthRequest& request, const kit::Bounds3& box) {
    if (m_aboveOf == m_scene.get() && m_aboveCut == request.look.cut) return;
    m_aboveOf = m_scene.get();
    m_aboveCut = request.look.cut;
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_aboveFrame);
    m_gl.glViewport(0, 0, aboveSide, aboveSide);
    m_gl.glClear(GL_DEPTH_BUFFER_BIT);
    // x and y to the map, heights to depths from the top.
    const auto scale = [](double low, double high) { return float(2 / (high - low)); };
    const auto shift = [](double low, double high) { return float(-(high + low) / (high - low)); };
    const QMatrix4x4 toMap(scale(box.low.x, box.high.x), 0, 0, shift(box.low.x, box.high.x), 0,
                           scale(box.low.y, box.high.y), 0, shift(box.low.y, box.high.y), 0, 0,
                           -scale(box.low.z, box.high.z), -shift(box.low.z, box.high.z), 0, 0, 0,
                           1);
    std::array<float, 16> everything{};
    everything[15] = 1;
    takeMarks(request, everything);
    m_above.bind();
    setView(m_above, request, box);
    m_above.setUniformValue("lowWalls", 0.0F);
    m_above.setUniformValue("toPicture", toMap);
    m_gl.glDisable(GL_CULL_FACE);
    for (auto& [shape, items] : m_standing)
        drawBatches(m_cards.at(shape), true);
}

void DepthRenderer::drawBatches(const OnCard& card, bool seesBacks) {
    if (card.count == 0) return;
    m_gl.glBindVertexArray(card.array);
    for (const Batch& batch : card.batches) {
        const bool hasPicture = batch.picture >= 0 && batch.picture < int(card.pictures.size());
        m_gl.glActiveTexture(GL_TEXTURE0);
        m_gl.glBindTexture(GL_TEXTURE_2D,
                           hasPicture ? card.pictures[std::size_t(batch.picture)] : m_white);
        m_pieces.setUniformValue("hasPicture", hasPicture ? 1.0F : 0.0F);
        if (batch.isSeenFromBehind || seesBacks)
            m_gl.glDisable(GL_CULL_FACE);
        else
            m_gl.glEnable(GL_CULL_FACE);
        m_gl.glDrawElementsInstanced(
            GL_TRIANGLES, batch.count, GL_UNSIGNED_INT,
            reinterpret_cast<const void*>(std::size_t(batch.first) * sizeof(GLuint)), card.count);
    }
    m_gl.glDisable(GL_CULL_FACE);
}

void DepthRenderer::drawPieces(const DepthRequest& request, const kit::Bounds3& box,
                               const std::array<float, 16>& toPicture) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    takeMarks(request, toPicture);
    m_pieces.bind();
    setView(m_pieces, request, box);
    m_gl.glUniformMatrix4fv(m_pieces.uniformLocation("toPicture"), 1, GL_FALSE, toPicture.data());
    m_pieces.setUniformValue("isSmooth", request.isSmooth ? 1.0F : 0.0F);
    m_pieces.setUniformValue("isNight", request.isNight ? 1.0F : 0.0F);
    m_pieces.setUniformValue("cutPaper", vectorOf(theme.panel));
    m_pieces.setUniformValue("cutInk", vectorOf(theme.quietInk));
    m_pieces.setUniformValue("ghost", QVector4D());
    for (auto& [shape, items] : m_standing)
        drawBatches(m_cards.at(shape), request.look.cut < box.high.z);
}

/// What is in hand, tinted; where it has no room, in the tone of alarms.
void DepthRenderer::drawInHand(const DepthRequest& request, const level::Kit& kit) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    for (const level::PlacedPiece& placed : request.inHand) {
        const level::Piece* piece = kit.find(placed.piece);
        const auto shape = m_scene->shapes().find(placed.piece);
        if (!piece || shape == m_scene->shapes().end() || shape->second->triangles.empty())
            continue;
        OnCard& card = upload(shape->second);
        put(card, {placeOf(kit::standingOf(kit, *piece, placed), DepthMark::InHand)});
        const QVector3D tone = vectorOf(request.isRefused ? theme.alarm : theme.accent);
        const DepthMark mark = request.isRefused ? DepthMark::AtFault : DepthMark::InHand;
        m_pieces.bind();
        m_pieces.setUniformValue("ghost", QVector4D(tone, float(int(mark)) / 15));
        drawBatches(card, false);
    }
    m_pieces.setUniformValue("ghost", QVector4D());
}

void DepthRenderer::drawBody(const DepthRequest& request) {
    if (!request.body) return;
    if (!m_bodyShape || m_bodyHeight != request.body->height) {
        m_bodyShape = postOf(request.body->height, Theme::day().plum);
        m_bodyHeight = request.body->height;
    }
    OnCard& card = upload(m_bodyShape);
    kit::Standing standing;
    standing.corner = request.body->foot;
    put(card, {placeOf(standing, DepthMark::None)});
    m_pieces.bind();
    drawBatches(card, false);
}

void DepthRenderer::drawGround(const DepthRequest& request, const level::Kit& kit,
                               const kit::Bounds3& box, const std::array<float, 16>& toPicture,
                               bool onlyLines) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    const CellRect cells = request.level->cells.bounds();
    const auto width = float(exact(kit.width).toDouble());
    const auto depth = float(exact(kit.depth).toDouble());
    m_ground.bind();
    setView(m_ground, request, box);
    m_gl.glUniformMatrix4fv(m_ground.uniformLocation("toPicture"), 1, GL_FALSE, toPicture.data());
    m_ground.setUniformValue(
        "sheet", QVector4D(0, 0, float(cells.width) * width, float(cells.height) * depth));
    m_ground.setUniformValue(
        "height",
        onlyLines ? float(exact(kit.storey).toDouble() * request.storey + 0.01) : float(box.low.z));
    m_ground.setUniformValue("module", QVector2D(width, depth));
    m_ground.setUniformValue("paper", vectorOf(theme.paper));
    m_ground.setUniformValue("minor", vectorOf(theme.gridMinor));
    m_ground.setUniformValue("major", vectorOf(onlyLines ? theme.quietInk : theme.gridMajor));
    m_ground.setUniformValue("onlyLines", onlyLines ? 1.0F : 0.0F);
    m_gl.glBindVertexArray(m_sheetArray);
    if (onlyLines) {
        m_gl.glEnable(GL_BLEND);
        m_gl.glDisablei(GL_BLEND, 1);
        m_gl.glColorMaski(1, GL_FALSE, GL_FALSE, GL_FALSE, GL_FALSE);
        m_gl.glBlendFuncSeparate(GL_SRC_ALPHA, GL_ONE_MINUS_SRC_ALPHA, GL_ZERO, GL_ONE);
        m_gl.glDepthMask(GL_FALSE);
    }
    m_gl.glDrawArrays(GL_TRIANGLE_STRIP, 0, 4);
    if (onlyLines) {
        m_gl.glDisable(GL_BLEND);
        m_gl.glColorMaski(1, GL_TRUE, GL_TRUE, GL_TRUE, GL_TRUE);
        m_gl.glDepthMask(GL_TRUE);
    }
}

QImage DepthRenderer::draw(const DepthRequest& request, const level::Kit& kit,
                           const std::shared_ptr<const kit::DepthScene>& scene) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    takeScene(scene);
    const QSize shown = (QSizeF(request.size) * request.ratio).toSize().expandedTo({1, 1});
    const int finer = request.isMoving || shown.width() * shown.height() * 4 > mostPixels ? 1 : 2;
    resize(m_main, shown * finer, Holds::Pieces);
    resize(m_contactTarget, (shown * finer) / 2, Holds::Light);
    resize(m_end, shown, Holds::Colors);
    const kit::Bounds3 box = boxOf(request, kit);
    const auto toPicture = kit::matrixOf(
        request.camera, {double(request.size.width()), double(request.size.height())}, box);
    m_gl.glEnable(GL_DEPTH_TEST);
    m_gl.glDepthFunc(GL_LEQUAL);
    m_gl.glFrontFace(GL_CCW);
    drawAbove(request, box);
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_main.frame);
    m_gl.glViewport(0, 0, m_main.size.width(), m_main.size.height());
    const float paper[] = {theme.paper.redF(), theme.paper.greenF(), theme.paper.blueF(), 0};
    const float far[] = {1e9F, 0, 0, 0};
    const float deepest = 1;
    m_gl.glClearBufferfv(GL_COLOR, 0, paper);
    m_gl.glClearBufferfv(GL_COLOR, 1, far);
    m_gl.glClearBufferfv(GL_DEPTH, 0, &deepest);
    m_gl.glActiveTexture(GL_TEXTURE1);
    m_gl.glBindTexture(GL_TEXTURE_2D, m_aboveMap);
    m_gl.glActiveTexture(GL_TEXTURE0);
    drawGround(request, kit, box, toPicture, false);
    drawPieces(request, box, toPicture);
    drawInHand(request, kit);
    drawBody(request);
    if (request.showsGrid) drawGround(request, kit, box, toPicture, true);
    return finish(request, kit, finer);
}

QImage DepthRenderer::finish(const DepthRequest& request, const level::Kit& kit, int finer) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    m_gl.glDisable(GL_DEPTH_TEST);
    m_gl.glBindVertexArray(m_wholeArray);
    const auto texture = [&](GLenum unit, GLuint name) {
        m_gl.glActiveTexture(unit);
        m_gl.glBindTexture(GL_TEXTURE_2D, name);
    };
    texture(GL_TEXTURE0, m_main.colors);
    texture(GL_TEXTURE1, m_main.depths);
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_contactTarget.frame);
    m_gl.glViewport(0, 0, m_contactTarget.size.width(), m_contactTarget.size.height());
    m_contact.bind();
    m_contact.setUniformValue("depths", 1);
    const kit::Camera& camera = request.camera;
    const double tall = kit::halfOpening * (camera.isParallel ? camera.distance : 1);
    m_contact.setUniformValue(
        "extent", QVector3D(float(tall * request.size.width() / request.size.height()), float(tall),
                            camera.isParallel ? 1 : 0));
    m_contact.setUniformValue("reach", float(contactReach * exact(kit.width).toDouble()));
    m_gl.glDrawArrays(GL_TRIANGLES, 0, 3);
    texture(GL_TEXTURE2, m_contactTarget.colors);
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_end.frame);
    m_gl.glViewport(0, 0, m_end.size.width(), m_end.size.height());
    m_finish.bind();
    m_finish.setUniformValue("colors", 0);
    m_finish.setUniformValue("depths", 1);
    m_finish.setUniformValue("contact", 2);
    m_finish.setUniformValue(
        "px", QVector2D(1.0F / float(m_main.size.width()), 1.0F / float(m_main.size.height())));
    m_finish.setUniformValue("lineWidth", float(1.5 * request.ratio * finer));
    m_finish.setUniformValue("ink", vectorOf(request.isNight ? QColor(8, 10, 12) : theme.ink));
    const QVector3D marks[] = {vectorOf(theme.plum), vectorOf(theme.accent), vectorOf(theme.alarm),
                               vectorOf(theme.accent)};
    m_finish.setUniformValueArray("marks", marks, 4);
    m_gl.glDrawArrays(GL_TRIANGLES, 0, 3);
    QImage image(m_end.size, QImage::Format_RGBX8888);
    m_gl.glPixelStorei(GL_PACK_ALIGNMENT, 4);
    m_gl.glReadPixels(0, 0, m_end.size.width(), m_end.size.height(), GL_RGBA, GL_UNSIGNED_BYTE,
                      image.bits());
    image.setDevicePixelRatio(request.ratio);
    return image;
}

}  // namespace rook::app
