#include "app/board/thumbnails.h"

#include <QtConcurrent>

#include "app/board/level_kind_face.h"

namespace rook::app {

Thumbnails::Thumbnails(Session& session, QSize size, QObject* parent)
    : QObject(parent), m_session(session), m_size(size) {
    m_thread.setMaxThreadCount(1);
}

QImage Thumbnails::of(const std::shared_ptr<const level::Level>& level, double pixelRatio) {
    if (const auto found = m_images.constFind(level.get()); found != m_images.constEnd())
        return *found;
    if (m_wanted.contains(level.get())) return {};
    m_wanted.insert(level.get());
    QtConcurrent::run(&m_thread, [project = m_session.document.project(), level, size = m_size,
                                  pixelRatio, theme = currentTheme()] {
        QImage image = faceOf(level->kind)
                           .picture(project, *level, (QSizeF(size) * pixelRatio).toSize(), theme);
        image.setDevicePixelRatio(pixelRatio);
        return image;
    }).then(this, [this, level, round = m_round](const QImage& image) {
        m_wanted.remove(level.get());
        const bool isThere = m_session.document.project().findLevel(level->id) == level;
        if (isThere && round == m_round) m_images[level.get()] = image;
        Q_EMIT changed();
    });
    return {};
}

void Thumbnails::forget() {
    ++m_round;
    m_images.clear();
}

void Thumbnails::follow(const level::Project& project) {
    QSet<const level::Level*> there;
    for (const auto& level : project.levels)
        there.insert(level.get());
    m_images.removeIf([&](const auto& each) { return !there.contains(each.key()); });
}

}  // namespace rook::app
