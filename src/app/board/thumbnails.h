#pragma once
/// Small pictures of levels, made on a worker when they are asked for.

#include <QImage>
#include <QObject>
#include <QThreadPool>
#include <map>
#include <set>

#include "app/session/session.h"

namespace rook::app {

class Thumbnails : public QObject {
    Q_OBJECT

public:
    /// `size`: px at most, before the screen's scale.
    Thumbnails(Session& session, QSize size, QObject* parent);

    /// Of a former value until that of this one is made, which `changed` tells; empty before the
    /// first.
    [[nodiscard]] QImage of(const std::shared_ptr<const level::Level>& level, double pixelRatio);
    /// Another theme.
    void forget();
    /// Drops those of values that are gone.
    void follow(const level::Project& project);
    [[nodiscard]] bool isBusy() const { return !m_wanted.empty(); }

Q_SIGNALS:
    void changed();

private:
    Session& m_session;
    QSize m_size;
    struct Made {
        std::shared_ptr<const level::Level> level;  ///< the value that it shows
        QImage image;
    };
    std::map<LevelId, Made> m_made;
    std::set<LevelId> m_wanted;  ///< that are being made, one value at a time
    int m_round = 0;             ///< counts changes of the theme
    QThreadPool m_thread;        ///< last, so that no job outlives the rest
};

}  // namespace rook::app
