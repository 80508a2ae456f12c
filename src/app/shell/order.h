#pragma once
/// The running order: one card a level with number, thumbnail, title and verdict mark. Drag to
/// reorder.

#include <QHash>
#include <QImage>
#include <QLabel>
#include <QListWidget>

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
    [[nodiscard]] Card card(int row) const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void refresh();
    void takeOrder();

    Session& m_session;
    QLabel* m_count;
    QListWidget* m_list;
    bool m_isRefreshing = false;
    mutable QHash<const level::Level*, QImage> m_thumbnails;
};

}  // namespace rook::app
