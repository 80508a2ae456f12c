#pragma once
/// Small pictures of levels, made on a worker when they are asked for.

#include <QHash>
#include <QImage>
#include <QObject>
#include <QSet>
#include <QThreadPool>

#include "app/session/session.h"

namespace rook::app {

class Thumbnails : public QObject {
    Q_OBJECT

public:
    /// `size`: px at most, before the screen's scale.
    Thumbnails(Session& session, QSize size, QObject* parent);

    /// Empty until it is made; then `changed` is told.
    [[nodiscard]] QImage of(const std::shared_ptr<const level::Level>& level, double pixelRatio);
    /// Another theme.
    void forget();
    /// Drops those of values that are gone.
    void follow(const level::Project& project);
    [[nodiscard]] bool isBusy() const { return !m_wanted.isEmpty(); }

Q_SIGNALS:
    void changed();

private:
    Session& m_session;
    QSize m_size;
    QHash<const level::Level*, QImage> m_images;
    QSet<const level::Level*> m_wanted;  ///< that are being made
    int m_round = 0;                     ///< counts changes of the theme
    QThreadPool m_thread;                ///< last, so that no job outlives the rest
};

}  // namespace rook::app
