#include "app/board/thumbnails.h"

#include <QtConcurrent>

#include "app/board/level_kind_face.h"

namespace rook::app {

Thumbnails::Thumbnails(Session& session, QSize size, QObject* parent)
    : QObject(parent), m_session(session), m_size(size) {
    m_thread.setMaxThreadCount(1);
}

QImage Thumbnails::of(const std::shared_ptr<const level::Level>& level, double pixelRatio) {
    const auto made = m_made.find(level->id);
    const QImage shown = made == m_made.end() ? QImage() : made->second.image;
    const bool isOfNow = made != m_made.end() && made->second.level == level;
    // While one draws, values come faster than pictures: what is asked for meanwhile is left out.
    if (isOfNow || !m_wanted.insert(level->id).second) return shown;
    const LevelKindFace& face = faceOf(level->kind);
    QtConcurrent::run(&m_thread, [project = m_session.document.project(), level, size = m_size,
                                  pixelRatio, theme = currentTheme(), &face,
                                  sheets = face.sheetsFor(m_session)] {
        QImage image =
            face.picture(project, *level, (QSizeF(size) * pixelRatio).toSize(), theme, sheets);
        image.setDevicePixelRatio(pixelRatio);
        return image;
    }).then(this, [this, level, round = m_round](const QImage& image) {
        m_wanted.erase(level->id);
        if (round == m_round) m_made[level->id] = {level, image};
        Q_EMIT changed();
    });
    return shown;
}

void Thumbnails::forget() {
    ++m_round;
    m_made.clear();
}

void Thumbnails::follow(const level::Project& project) {
    std::set<LevelId> there;
    for (const auto& level : project.levels)
        there.insert(level->id);
    std::erase_if(m_made, [&](const auto& each) { return !there.contains(each.first); });
}

}  // namespace rook::app
