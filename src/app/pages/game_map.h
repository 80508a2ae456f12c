#pragma once
/// The game map: levels as cards, exits as arrows from where they stand to where they lead. Drag a
/// card to lay it out, drag from an exit to a card to lead it there; a double click opens a level.

#include <QWidget>
#include <map>

#include "app/board/level_cards.h"
#include "game/flow.h"

namespace rook::app {

class GameMap : public QWidget {
    Q_OBJECT

public:
    GameMap(Session& session, QWidget* parent);
    QSize sizeHint() const override { return {760, 320}; }
    void refresh();
    /// What is proven of the game now, on cards and exits.
    void showProof();
    /// All cards in sight.
    void fit();
    /// Of the card, and of the handle of an exit; widget px.
    [[nodiscard]] QRectF cardOf(const LevelId& level) const;
    [[nodiscard]] QPointF handleOf(const LevelId& level, const EntityId& exit) const;

Q_SIGNALS:
    void levelOpened();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    /// An arrow: an exit and where it leads.
    struct Way {
        LevelId from;
        EntityId exit;         ///< empty = of a puzzle, which is won by its goal
        std::size_t card = 0;  ///< that it stands on
        int toCard = -1;       ///< that it leads to; -1 = to none
        QPointF offset;        ///< of the exit in its card, map px
        game::Destination to;
        bool isNext = false;    ///< by the running order
        bool isLocked = false;  ///< something must be held
    };
    struct Card {
        std::shared_ptr<const level::Level> level;
        QPointF corner;  ///< map px
    };
    [[nodiscard]] QPointF toMap(QPointF widget) const { return (widget - m_offset) / m_scale; }
    [[nodiscard]] QPointF toWidget(QPointF map) const { return map * m_scale + m_offset; }
    [[nodiscard]] const Card* cardAt(QPointF map) const;
    [[nodiscard]] const Card* find(const LevelId& level) const;
    [[nodiscard]] QRectF endCard() const;
    void lay();
    void gather(std::size_t at);
    [[nodiscard]] QPointF startOf(const Way& way) const {
        return m_cards[way.card].corner + way.offset;
    }
    [[nodiscard]] bool isOnHandle(const Way& way, QPointF map) const;
    void paintEnding(QPainter& painter, const Card& card) const;
    void paintWay(QPainter& painter, const Way& way) const;
    void paintArrow(QPainter& painter, QPointF from, QPointF to, const QColor& tone,
                    Qt::PenStyle style) const;
    void link(const Way& way, QPointF map);
    void open(const LevelId& level);

    Session& m_session;
    Thumbnails m_thumbnails;
    std::vector<Card> m_cards;
    std::vector<Way> m_ways;
    /// Of levels that one comes to: whether a run wins by that exit. Empty while it is not known.
    std::map<std::pair<LevelId, EntityId>, game::Decided> m_proven;
    std::map<LevelId, QString> m_endings;  ///< what is told of a card
    QPointF m_end;                         ///< corner of what stands for the end, map px
    QPointF m_offset;
    double m_scale = 1;
    bool m_isFitted = false;

    enum class Drag { Nothing, Ground, Card, Way } m_drag = Drag::Nothing;
    LevelId m_dragged;
    std::size_t m_way = 0;  ///< that is dragged
    QPointF m_grip;         ///< from the card's corner, or of the ground; map px
    QPointF m_pointer;      ///< map px
    bool m_hasMoved = false;
};

}  // namespace rook::app
