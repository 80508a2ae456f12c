#pragma once
/// The running order: one card a level with number, thumbnail, title and verdict mark. Drag to
/// reorder.

#include <QImage>
#include <QLabel>
#include <QListWidget>

#include "app/board/thumbnails.h"
#include "app/panels/verdict_mark.h"

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
        VerdictMark verdict;
    };
    /// Without its thumbnail until that is made, on a worker.
    [[nodiscard]] Card card(int row) const;
    /// True while thumbnails are being made.
    [[nodiscard]] bool isBusy() const { return m_thumbnails.isBusy(); }

Q_SIGNALS:
    void gameAsked();
    void menuAsked(QPoint at);  ///< of the level on the board; on the screen

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void refresh();
    void takeOrder();

    Session& m_session;
    QLabel* m_count;
    QListWidget* m_list;
    bool m_isRefreshing = false;
    mutable Thumbnails m_thumbnails;
};

}  // namespace rook::app
