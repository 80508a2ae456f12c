/// The last passes over a picture in depth: contact shade, light and lines, once for each px.

#include <algorithm>
#include <cmath>

#include "app/steps/kit/depth_renderer.h"
#include "app/steps/kit/depth_renderer_detail.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr double contactReach = 0.22;  ///< modules

}  // namespace

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
    texture(target.facings, GL_RGBA8, GL_RGBA, GL_UNSIGNED_BYTE, GL_NEAREST);
    m_gl.glFramebufferTexture2D(GL_FRAMEBUFFER, GL_COLOR_ATTACHMENT1, GL_TEXTURE_2D, target.facings,
                                0);
    texture(target.depths, GL_DEPTH_COMPONENT24, GL_DEPTH_COMPONENT, GL_UNSIGNED_INT, GL_NEAREST);
    m_gl.glFramebufferTexture2D(GL_FRAMEBUFFER, GL_DEPTH_ATTACHMENT, GL_TEXTURE_2D, target.depths,
                                0);
    const GLenum both[] = {GL_COLOR_ATTACHMENT0, GL_COLOR_ATTACHMENT1};
    m_gl.glDrawBuffers(2, both);
}

/// What the places of a picture are told from.
void DepthRenderer::setDepths(QOpenGLShaderProgram& shaders, const DepthRequest& request,
                              const kit::Bounds3& box) const {
    const kit::Camera& camera = request.camera;
    const double tall = camera.opening * (camera.isParallel ? camera.distance : 1);
    const kit::DepthRange range = kit::depthsOf(camera, box);
    shaders.setUniformValue(
        "extent", QVector3D(float(tall * request.size.width() / request.size.height()), float(tall),
                            camera.isParallel ? 1 : 0));
    shaders.setUniformValue("range", QVector2D(float(range.first), float(range.last)));
}

QImage DepthRenderer::finish(const DepthRequest& request, const level::Kit& kit,
                             const kit::Bounds3& box, int finer) {
    const Theme& theme = request.isNight ? Theme::night() : Theme::day();
    m_gl.glDisable(GL_DEPTH_TEST);
    m_gl.glBindVertexArray(m_wholeArray);
    const GLuint textures[] = {m_main.colors, m_main.facings, m_main.depths, m_aboveMap,
                               m_contactTarget.colors};
    for (GLenum unit = 0; unit < 5; ++unit) {
        m_gl.glActiveTexture(GL_TEXTURE0 + unit);
        m_gl.glBindTexture(GL_TEXTURE_2D, textures[unit]);
    }
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_contactTarget.frame);
    m_gl.glViewport(0, 0, m_contactTarget.size.width(), m_contactTarget.size.height());
    QOpenGLShaderProgram& contact =
        program("whole.vert", "contact.frag",
                request.isMoving ? QStringLiteral("SAMPLES=5") : QStringLiteral("SAMPLES=9"));
    contact.bind();
    setDepths(contact, request, box);
    contact.setUniformValue("depths", 2);
    contact.setUniformValue("reach", float(contactReach * exact(kit.width).toDouble()));
    m_gl.glDrawArrays(GL_TRIANGLES, 0, 3);
    m_gl.glBindFramebuffer(GL_FRAMEBUFFER, m_end.frame);
    m_gl.glViewport(0, 0, m_end.size.width(), m_end.size.height());
    QOpenGLShaderProgram& shaders =
        program("whole.vert", "finish.frag",
                request.isMoving ? QStringLiteral("MOVING WAYS=2") : QStringLiteral("WAYS=4"));
    shaders.bind();
    setDepths(shaders, request, box);
    const char* names[] = {"colors", "facings", "depths", "fromAbove", "contact"};
    for (int unit = 0; unit < 5; ++unit)
        shaders.setUniformValue(names[unit], unit);
    shaders.setUniformValue(
        "board", QVector4D(float(box.low.x), float(box.low.y), float(1 / (box.high.x - box.low.x)),
                           float(1 / (box.high.y - box.low.y))));
    shaders.setUniformValue("heights", QVector2D(float(box.low.z), float(box.high.z)));
    shaders.setUniformValue("eye", threeOf(request.camera.eye()));
    shaders.setUniformValue("right", threeOf(request.camera.right()));
    shaders.setUniformValue("up", threeOf(request.camera.up()));
    shaders.setUniformValue("look", threeOf(request.camera.forward()));
    shaders.setUniformValue(
        "px", QVector2D(1.0F / float(m_main.size.width()), 1.0F / float(m_main.size.height())));
    shaders.setUniformValue("lineWidth",
                            std::max(1, int(std::lround(1.5 * request.ratio * finer))));
    shaders.setUniformValue("brightness", request.isNight ? 0.82F : 1.0F);
    shaders.setUniformValue("paper", vectorOf(theme.paper));
    shaders.setUniformValue("ink", vectorOf(request.isNight ? QColor(8, 10, 12) : theme.ink));
    const QVector3D marks[] = {vectorOf(theme.plum), vectorOf(theme.accent), vectorOf(theme.alarm),
                               vectorOf(theme.accent)};
    shaders.setUniformValueArray("marks", marks, 4);
    m_gl.glDrawArrays(GL_TRIANGLES, 0, 3);
    return pictureRead(double(m_small.size.width()) / request.size.width());
}

/// What was drawn finer is brought to the px of the screen.
QImage DepthRenderer::pictureRead(double ratio) {
    m_gl.glBindFramebuffer(GL_READ_FRAMEBUFFER, m_end.frame);
    if (m_end.size != m_small.size) {
        m_gl.glBindFramebuffer(GL_DRAW_FRAMEBUFFER, m_small.frame);
        m_gl.glBlitFramebuffer(0, 0, m_end.size.width(), m_end.size.height(), 0, 0,
                               m_small.size.width(), m_small.size.height(), GL_COLOR_BUFFER_BIT,
                               GL_LINEAR);
        m_gl.glBindFramebuffer(GL_READ_FRAMEBUFFER, m_small.frame);
    }
    QImage image(m_small.size, QImage::Format_RGBX8888);
    m_gl.glPixelStorei(GL_PACK_ALIGNMENT, 4);
    m_gl.glReadPixels(0, 0, image.width(), image.height(), GL_RGBA, GL_UNSIGNED_BYTE, image.bits());
    image.setDevicePixelRatio(ratio);
    return image;
}

}  // namespace rook::app
