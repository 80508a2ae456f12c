#include "app/steps/kit/depth_renderer.h"

#include <QElapsedTimer>
#include <QFile>
#include <QMatrix4x4>
#include <QOpenGLContext>
#include <cmath>
#include <numbers>

#include "app/steps/kit/depth_renderer_detail.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr int aboveSide = 1024;        ///< px of the map from above
constexpr int mostPixels = 9'000'000;  ///< that are drawn finer than they are shown
constexpr double longestTurn = 33;     ///< ms that a picture may take while the eye turns
constexpr double sheetBelow = 0.02;    ///< units that the sheet lies below the slabs

QString textIn(const QString& name) {
    QFile file(QStringLiteral(":/shaders/") + name);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
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

QOpenGLShaderProgram& DepthRenderer::program(const char* vertex, const char* fragment,
                                             const QString& defines) {
    const QString name = QLatin1String(fragment) + u' ' + defines;
    auto& made = m_programs[name];
    if (made) return *made;
    made = std::make_unique<QOpenGLShaderProgram>();
    QString head = QStringLiteral("#version 330 core\n");
    for (const QString& define : defines.split(u' ', Qt::SkipEmptyParts))
        head += QStringLiteral("#define ") + QString(define).replace(u'=', u' ') + u'\n';
    QString text = textIn(QLatin1String(fragment));
    if (text.contains(u"placeAt(")) text.prepend(textIn(QStringLiteral("depth.glsl")));
    const bool isFine = made->addShaderFromSourceCode(QOpenGLShader::Vertex,
                                                      head + textIn(QLatin1String(vertex))) &&
                        made->addShaderFromSourceCode(QOpenGLShader::Fragment, head + text) &&
                        made->link();
    if (!isFine && m_refusal.isEmpty()) m_refusal = made->log().section(u'\n', 0, 0);
    return *made;
}

bool DepthRenderer::begin(QString* reason) {
    if (!m_gl.initializeOpenGLFunctions()) {
        *reason = tr("OpenGL is older than 3.3 here");
        return false;
    }
    // What any picture needs: what is wrong with shaders shows at once.
    const QString looks[] = {QStringLiteral("FLAT"), QStringLiteral("PICTURE"),
                             QStringLiteral("FLAT CUT")};
    for (const QString& defines : looks)
        (void)program("pieces.vert", "pieces.frag", defines);
    (void)program("ground.vert", "ground.frag");
    (void)program("whole.vert", "contact.frag", QStringLiteral("SAMPLES=9"));
    (void)program("whole.vert", "finish.frag", QStringLiteral("WAYS=4"));
    if (!m_refusal.isEmpty()) {
        *reason = tr("A shader is refused: %1").arg(m_refusal);
        return false;
    }
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

/// Heights from straight above, for the shade of what hangs over something.
void DepthRenderer::drawAbove(const DepthRequest& request, const kit::Bounds3& box) {
    if (m_aboveOf == m_scene.get() && m_aboveCut == request.look.cut && m_aboveBox == box) return;
    m_aboveOf = m_scene.get();
    m_aboveCut = request.look.cut;
    m_aboveBox = box;
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
    takeMarks(request, toMap);
    Look how;
    how.isAbove = true;
    how.isCut = request.look.cut < m_scene->bounds().high.z;
    for (auto& [shape, items] : m_standing)
        drawBatches(cardOf(shape, request.isMoving), how, request, toMap);
}

void DepthRenderer::drawBatches(const OnCard& card, const Look& how, const DepthRequest& request,
                                const QMatrix4x4& toPicture) {
    if (card.count == 0) return;
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    const kit::Camera& camera = request.camera;
    const kit::Point3 forward = camera.forward();
    m_gl.glBindVertexArray(card.array);
    for (const Batch& batch : card.batches) {
        const bool hasPicture =
            !how.isAbove && batch.picture >= 0 && batch.picture < int(card.pictures.size());
        QString defines = how.isSmooth || how.isAbove ? QString() : QStringLiteral("FLAT");
        if (how.isCut) defines += QStringLiteral(" CUT");
        if (hasPicture) defines += QStringLiteral(" PICTURE");
        QOpenGLShaderProgram& shaders =
            program("pieces.vert", how.isAbove ? "above.frag" : "pieces.frag", defines);
        shaders.bind();
        shaders.setUniformValue("toPicture", toPicture);
        shaders.setUniformValue("eye",
                                camera.isParallel ? fourOf(forward, 0) : fourOf(camera.eye(), 1));
        shaders.setUniformValue("lowWalls", request.look.wallsAreLow && !how.isAbove ? 1.0F : 0.0F);
        shaders.setUniformValue("cut", float(request.look.cut));
        shaders.setUniformValue("look", threeOf(forward));
        shaders.setUniformValue("cutPaper", vectorOf(theme.panel));
        shaders.setUniformValue("cutInk", vectorOf(theme.quietInk));
        shaders.setUniformValue("ghost", how.ghost);
        shaders.setUniformValue("picture", 0);
        if (hasPicture) {
            m_gl.glActiveTexture(GL_TEXTURE0);
            m_gl.glBindTexture(GL_TEXTURE_2D, card.pictures[std::size_t(batch.picture)]);
        }
        if (batch.isSeenFromBehind || how.isCut || how.isAbove)
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
                               const QMatrix4x4& toPicture) {
    takeMarks(request, toPicture);
    Look how;
    how.isSmooth = request.isSmooth;
    how.isCut = request.look.cut < box.high.z;
    for (auto& [shape, items] : m_standing)
        drawBatches(cardOf(shape, request.isMoving), how, request, toPicture);
}

/// What is in hand, tinted; where it has no room, in the tone of alarms.
void DepthRenderer::drawInHand(const DepthRequest& request, const level::Kit& kit,
                               const QMatrix4x4& toPicture) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    const auto draw = [&](const std::shared_ptr<const kit::Shape>& shape,
                          const kit::Standing& standing) {
        OnCard& card = upload(shape);
        put(card, {placeOf(standing, DepthMark::InHand)});
        const QVector3D tone = vectorOf(request.isRefused ? theme.alarm : theme.accent);
        const DepthMark mark = request.isRefused ? DepthMark::AtFault : DepthMark::InHand;
        Look how;
        how.isSmooth = request.isSmooth;
        how.ghost = QVector4D(tone, float(int(mark)) / 15);
        drawBatches(card, how, request, toPicture);
    };
    for (const level::PlacedPiece& placed : request.inHand) {
        const level::Piece* piece = kit.find(placed.piece);
        const auto shape = m_scene->shapes().find(placed.piece);
        if (piece && shape != m_scene->shapes().end() && !shape->second->triangles.empty())
            draw(shape->second, kit::standingOf(kit, *piece, placed));
    }
    // Solids to come have shapes for this picture alone.
    for (const auto& shape : m_inHandShapes)
        if (const auto found = m_cards.find(shape.get()); found != m_cards.end()) {
            forget(found->second);
            m_cards.erase(found);
        }
    m_inHandShapes.clear();
    for (const level::Solid& solid : request.solidsInHand) {
        const auto shape = std::make_shared<const kit::Shape>(kit, solid);
        if (shape->triangles.empty()) continue;
        m_inHandShapes.push_back(shape);
        draw(shape, kit::standingOf(kit, solid));
    }
}

void DepthRenderer::drawBody(const DepthRequest& request, const QMatrix4x4& toPicture) {
    if (!request.body) return;
    if (!m_bodyShape || m_bodyHeight != request.body->height) {
        m_bodyShape = postOf(request.body->height, Theme::day().plum);
        m_bodyHeight = request.body->height;
    }
    OnCard& card = upload(m_bodyShape);
    kit::Standing standing;
    standing.corner = request.body->foot;
    put(card, {placeOf(standing, DepthMark::None)});
    Look how;
    how.isSmooth = true;
    drawBatches(card, how, request, toPicture);
}

void DepthRenderer::drawGround(const DepthRequest& request, const level::Kit& kit,
                               const kit::Bounds3& box, const QMatrix4x4& toPicture,
                               bool onlyLines) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    const CellRect cells = request.level->cells.bounds();
    const auto width = float(exact(kit.width).toDouble());
    const auto depth = float(exact(kit.depth).toDouble());
    QOpenGLShaderProgram& shaders =
        program("ground.vert", "ground.frag", onlyLines ? QStringLiteral("LINES") : QString());
    shaders.bind();
    shaders.setUniformValue("toPicture", toPicture);
    shaders.setUniformValue(
        "sheet", QVector4D(0, 0, float(cells.width) * width, float(cells.height) * depth));
    shaders.setUniformValue(
        "height",
        onlyLines ? float(exact(kit.storey).toDouble() * request.storey + 0.01) : float(box.low.z));
    shaders.setUniformValue("module", QVector2D(width, depth));
    shaders.setUniformValue("paper", vectorOf(theme.paper));
    // The sheet is ruled where the storey is not.
    const bool isPlain = request.showsGrid && !onlyLines;
    shaders.setUniformValue("minor", vectorOf(isPlain ? theme.paper : theme.gridMinor));
    shaders.setUniformValue("major", vectorOf(isPlain     ? theme.paper
                                              : onlyLines ? theme.quietInk
                                                          : theme.gridMajor));
    m_gl.glBindVertexArray(m_sheetArray);
    if (onlyLines) {
        // Over the colours alone: marks, normals and depths stay those of what lies below.
        m_gl.glEnable(GL_BLEND);
        m_gl.glBlendFuncSeparate(GL_SRC_ALPHA, GL_ONE_MINUS_SRC_ALPHA, GL_ZERO, GL_ONE);
        m_gl.glColorMaski(1, GL_FALSE, GL_FALSE, GL_FALSE, GL_FALSE);
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
    takeScene(scene);
    QElapsedTimer timer;
    timer.start();
    // Half as fine while the eye turns, where that keeps up with the hand; at rest twice as fine,
    // where it does not make one wait.
    const QSize screen = (QSizeF(request.size) * request.ratio).toSize().expandedTo({2, 2});
    const bool isCoarse = request.isMoving && m_costOfPx > longestTurn;
    const bool isFine = !request.isMoving && m_costOfPx > 0 && m_costOfPx < longestTurn * 2 &&
                        screen.width() * screen.height() * 4 <= mostPixels;
    const QSize shown = isCoarse ? screen / 2 : screen;
    const int finer = isFine ? 2 : 1;
    resize(m_main, shown * finer, Holds::Pieces);
    resize(m_contactTarget, (shown * finer / 2).expandedTo({1, 1}), Holds::Light);
    resize(m_end, shown * finer, Holds::Colors);
    resize(m_small, shown, Holds::Colors);
    const kit::Bounds3 box = boxOf(request, kit);
    const auto columns = kit::matrixOf(
        request.camera, {double(request.size.width()), double(request.size.height())}, box);
    const QMatrix4x4 toPicture = QMatrix4x4(columns.data()).transposed();
    m_gl.glEnable(GL_DEPTH_TEST);
    m_gl.glDepthFunc(GL_LEQUAL);
    m_gl.glFrontFace(GL_CCW);
    drawAbove(request, box);
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_main.frame);
    m_gl.glViewport(0, 0, m_main.size.width(), m_main.size.height());
    const float nothing[] = {0, 0, 0, 0};
    const float deepest = 1;
    m_gl.glClearBufferfv(GL_COLOR, 0, nothing);
    m_gl.glClearBufferfv(GL_COLOR, 1, nothing);
    m_gl.glClearBufferfv(GL_DEPTH, 0, &deepest);
    drawGround(request, kit, box, toPicture, false);
    drawPieces(request, box, toPicture);
    drawInHand(request, kit, toPicture);
    drawBody(request, toPicture);
    if (request.showsGrid) drawGround(request, kit, box, toPicture, true);
    QImage image = finish(request, kit, box, finer);
    if (!isFine) m_costOfPx = double(timer.nsecsElapsed()) / 1e6 * (isCoarse ? 3.5 : 1);
    return image;
}

}  // namespace rook::app
