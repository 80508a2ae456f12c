#pragma once
/// The running order: one card a level with number, thumbnail, title and verdict mark. Drag to
/// reorder.

#include <QHash>
#include <QImage>
#include <QLabel>
#include <QListWidget>
#include <QSet>
#include <QThreadPool>

#include "app/session/session.h"

namespace rook::app {

class Order : public QWidget {
    Q_OBJECT

public:
    explicit Order(Session& session, QWidget* parent = nullptr);
    void themeChanged();

    /// What the card of a level draws.
    struct Card {
        std::shared_ptr<const level::Level> level;
        QImage thumbnail;
        QString mark;    ///< "✓", a count, "…" while stale, "–" if not known yet
        QString spoken;  ///< the mark in words
        QColor markColor;
    };
    /// Without its thumbnail until that is made, on a worker.
    [[nodiscard]] Card card(int row) const;
    /// True while thumbnails are being made.
    [[nodiscard]] bool isBusy() const { return !m_wanted.isEmpty(); }

Q_SIGNALS:
    void gameAsked();
    void menuAsked(QPoint at);  ///< of the level on the board; on the screen

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void refresh();
    void takeOrder();
    [[nodiscard]] Card wordsOf(const std::shared_ptr<const level::Level>& level) const;
    void wantThumbnail(const std::shared_ptr<const level::Level>& level) const;

    Session& m_session;
    QLabel* m_count;
    QListWidget* m_list;
    bool m_isRefreshing = false;
    mutable QHash<const level::Level*, QImage> m_thumbnails;
    mutable QSet<const level::Level*> m_wanted;  ///< thumbnails that are being made
    int m_theme = 0;                             ///< counts changes of the theme
    mutable QThreadPool m_thread;                ///< last, so that no job outlives the rest
};

}  // namespace rook::app
