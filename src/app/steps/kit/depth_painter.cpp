#include "app/steps/kit/depth_painter.h"

#include <QElapsedTimer>
#include <QOffscreenSurface>
#include <QOpenGLContext>
#include <QSurfaceFormat>
#include <atomic>

#include "app/painting/kit_models.h"
#include "app/steps/kit/depth_renderer.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr std::size_t mostTriangles = 300'000;  ///< of a model that is drawn

}  // namespace

/// What is done in the thread. Its values are its own, but for the request.
class DepthPainter::Work : public QObject {
public:
    Work(std::unique_ptr<QOpenGLContext> context, QOffscreenSurface& surface)
        : m_context(std::move(context)), m_surface(surface) {}

    /// From any thread: gives whether nothing was asked before.
    bool put(DepthRequest request) {
        const QMutexLocker lock(&m_mutex);
        const bool isFirst = !m_asked;
        m_asked = std::move(request);
        return isFirst;
    }
    void run(DepthPainter& painter) {
        auto request = take();
        if (!request || !prepare(painter)) return;
        const level::Kit* kit = kitOf(*request);
        if (!kit) return;
        for (;;) {
            QElapsedTimer timer;
            timer.start();
            takeScene(*request, *kit);
            DepthPicture picture;
            picture.image = m_renderer->draw(*request, *kit, m_scene);
            picture.number = request->number;
            picture.camera = request->camera;
            picture.size = request->size;
            picture.level = request->level;
            picture.scene = m_scene;
            picture.openPorts = m_openPorts;
            picture.milliseconds = double(timer.nsecsElapsed()) / 1e6;
            picture.reading = int(m_unread.size());
            picture.large = m_showsLarge ? 0 : int(m_large.size());
            Q_EMIT painter.painted(picture);
            // A model more, unless something newer is asked for.
            if (m_unread.empty() || isAsked() || m_isStopping) return;
            readOne(*kit, request->folder);
        }
    }
    /// From any thread: what is under way is the last.
    void stop() { m_isStopping = true; }
    void end() {
        if (m_isCurrent) m_renderer.reset();
        if (m_isCurrent) m_context->doneCurrent();
        m_context.reset();
    }

private:
    std::optional<DepthRequest> take() {
        const QMutexLocker lock(&m_mutex);
        return std::exchange(m_asked, std::nullopt);
    }
    [[nodiscard]] bool isAsked() {
        const QMutexLocker lock(&m_mutex);
        return m_asked.has_value();
    }
    bool prepare(DepthPainter& painter) {
        if (m_renderer) return true;
        if (m_hasFailed) return false;
        QString reason = tr("OpenGL cannot be used in a thread here");
        m_isCurrent = m_context->makeCurrent(&m_surface);
        if (m_isCurrent) m_renderer = DepthRenderer::make(&reason);
        m_hasFailed = !m_renderer;
        if (m_hasFailed) Q_EMIT painter.failed(reason);
        return !m_hasFailed;
    }
    static const level::Kit* kitOf(const DepthRequest& request) {
        for (const level::Kit& kit : request.kits)
            if (kit.name == request.level->kit) return &kit;
        return nullptr;
    }
    void takeScene(const DepthRequest& request, const level::Kit& kit) {
        const bool isSameKit = m_kit && m_folder == request.folder && *m_kit == kit;
        if (!isSameKit) {
            m_kit = kit;
            m_folder = request.folder;
            m_unread.clear();
            m_large.clear();
            for (const level::Piece& piece : kit.pieces)
                if (!piece.model.empty() && !request.folder.isEmpty())
                    m_unread.push_back(piece.name);
            m_shapes = kit::shapesOf(kit, {});
            m_scene = nullptr;
        }
        if (m_showsLarge != request.showsLarge) {
            // They are read once more, or stand as blocks again.
            m_showsLarge = request.showsLarge;
            const kit::Shapes blocks = kit::shapesOf(kit, {});
            for (const std::string& name : m_large)
                m_shapes[name] = blocks.at(name);
            if (m_showsLarge) m_unread.insert(m_unread.end(), m_large.begin(), m_large.end());
            if (m_showsLarge) m_large.clear();
            m_scene = nullptr;
        }
        const bool isSameLevel = isSameKit && m_openPorts &&
                                 m_pieces.isSharedWith(request.level->pieces) &&
                                 m_solids.isSharedWith(request.level->solids);
        if (m_scene && isSameLevel) return;
        m_pieces = request.level->pieces;
        m_solids = request.level->solids;
        m_scene = std::make_shared<const kit::DepthScene>(kit, *request.level, m_shapes,
                                                          isSameKit ? m_former.get() : nullptr);
        m_former = m_scene;
        // A model that was read changes what is seen, and no port.
        if (isSameLevel) return;
        m_openPorts = std::make_shared<const std::vector<kit::OpenPort>>(
            kit::openPorts(kit, *request.level, kit::PlacedIndex(kit, *request.level)));
    }
    void readOne(const level::Kit& kit, const QString& folder) {
        const std::string name = m_unread.back();
        m_unread.pop_back();
        const level::Piece* piece = kit.find(name);
        if (!piece) return;
        const auto mesh = loadModel(folder, *piece);
        const bool isLarge = mesh && mesh->triangles.size() > mostTriangles;
        if (isLarge) m_large.push_back(name);
        if (mesh && (!isLarge || m_showsLarge)) {
            m_shapes[name] = std::make_shared<const kit::Shape>(kit, *piece, *mesh);
            m_scene = nullptr;
        }
    }

    std::unique_ptr<QOpenGLContext> m_context;
    QOffscreenSurface& m_surface;
    QMutex m_mutex;
    std::optional<DepthRequest> m_asked;
    std::unique_ptr<DepthRenderer> m_renderer;
    std::atomic<bool> m_isStopping = false;
    bool m_isCurrent = false;
    bool m_hasFailed = false;
    std::optional<level::Kit> m_kit;
    QString m_folder;
    std::vector<std::string> m_unread;
    std::vector<std::string> m_large;  ///< pieces, as far as they were read
    bool m_showsLarge = false;
    kit::Shapes m_shapes;
    std::shared_ptr<const kit::DepthScene> m_scene;
    std::shared_ptr<const std::vector<kit::OpenPort>> m_openPorts;
    std::shared_ptr<const kit::DepthScene> m_former;  ///< whose solids are kept
    ChunkedVector<level::PlacedPiece> m_pieces;       ///< that the scene shows
    ChunkedVector<level::Solid> m_solids;
};

std::unique_ptr<DepthPainter> DepthPainter::make(QString* reason) {
    if (qEnvironmentVariableIsSet("ROOKPLOT_NO_OPENGL")) {
        *reason = tr("ROOKPLOT_NO_OPENGL is set");
        return nullptr;
    }
    QSurfaceFormat format;
    format.setVersion(3, 3);
    format.setProfile(QSurfaceFormat::CoreProfile);
    auto context = std::make_unique<QOpenGLContext>();
    context->setFormat(format);
    if (!context->create() || !QOpenGLContext::supportsThreadedOpenGL() ||
        context->format().version() < qMakePair(3, 3)) {
        *reason = tr("OpenGL 3.3 cannot be had here");
        return nullptr;
    }
    std::unique_ptr<DepthPainter> painter(new DepthPainter);
    painter->m_surface = std::make_unique<QOffscreenSurface>();
    painter->m_surface->setFormat(context->format());
    painter->m_surface->create();
    if (!painter->m_surface->isValid()) {
        *reason = tr("OpenGL 3.3 cannot be had here");
        return nullptr;
    }
    context->moveToThread(&painter->m_thread);
    painter->m_work = std::make_unique<Work>(std::move(context), *painter->m_surface);
    painter->m_work->moveToThread(&painter->m_thread);
    painter->m_thread.start();
    return painter;
}

DepthPainter::DepthPainter() {
    qRegisterMetaType<DepthPicture>();
}

DepthPainter::~DepthPainter() {
    if (!m_work) return;
    m_work->stop();
    // The context goes in the thread that it was used in.
    QMetaObject::invokeMethod(
        m_work.get(), [this] { m_work->end(); }, Qt::BlockingQueuedConnection);
    m_thread.quit();
    m_thread.wait();
}

void DepthPainter::ask(DepthRequest request) {
    if (m_work->put(std::move(request)))
        QMetaObject::invokeMethod(
            m_work.get(), [this] { m_work->run(*this); }, Qt::QueuedConnection);
}

}  // namespace rook::app
