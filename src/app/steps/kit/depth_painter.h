#pragma once
/// Paints pictures of a kit board in depth on a thread of its own, so that no picture holds the
/// window.

#include <QMutex>
#include <QThread>
#include <memory>
#include <optional>

#include "app/steps/kit/depth_picture.h"

class QOffscreenSurface;
class QOpenGLContext;

namespace rook::app {

class DepthPainter : public QObject {
    Q_OBJECT

public:
    /// Nothing where OpenGL 3.3 cannot be had in a thread; `reason` says why. In the interface
    /// thread.
    [[nodiscard]] static std::unique_ptr<DepthPainter> make(QString* reason);
    ~DepthPainter() override;

    /// The newest request is painted next; those before it are left out.
    void ask(DepthRequest request);

Q_SIGNALS:
    void painted(const rook::app::DepthPicture& picture);
    /// It goes no further; a sentence.
    void failed(const QString& reason);

private:
    class Work;
    DepthPainter();

    std::unique_ptr<QOffscreenSurface> m_surface;
    QThread m_thread;
    std::unique_ptr<Work> m_work;
};

}  // namespace rook::app
