#pragma once
/// A kit board seen from above and aslant: storeys on storeys, in painter's order. What is clicked
/// here goes to the board's tool, so one works in it as in the plan.

#include <QHash>
#include <QWidget>
#include <map>

#include "app/painting/kit_models.h"
#include "app/play/kit_walk.h"
#include "app/session/session.h"
#include "app/steps/kit/axon_sprite.h"
#include "app/steps/kit/view_aslant.h"
#include "kit/mesh.h"

class QSlider;

namespace rook::app {

class AxonView : public ViewAslant {
    Q_OBJECT

public:
    AxonView(Session& session, Board& board, QWidget* parent);
    void fit() override;
    void themeChanged() override;
    void zoomBy(double times) override { setZoom(m_half * times, QRectF(rect()).center()); }
    /// Moves the picture by so many px.
    void panBy(QPointF px) {
        m_origin += px;
        update();
    }
    /// Storeys are shown up to this one; those above are peeled off.
    void setPeel(int storey);
    [[nodiscard]] int peel() const;
    /// The px of the level under a px of the widget: on the uppermost piece that is seen there, or
    /// on the ground of the storey that is worked on.
    [[nodiscard]] QPointF toLevelPx(QPointF widget, bool onPieces) const;
    /// A place of the plan, in modules, at a height in units.
    [[nodiscard]] QPointF toWidget(double x, double y, double z) const;
    QSize sizeHint() const override { return {480, 480}; }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    /// One cell of a placed piece, in the order in which it is painted.
    struct Item {
        std::size_t placed = 0;
        std::size_t cell = 0;
        CellPoint at;
        int storey = 0;
        int turn = 0;
        QPointF off;  ///< modules
        int piece = 0;
    };
    void takeModels();
    void gather();
    [[nodiscard]] const level::Kit* kit() const;
    [[nodiscard]] std::optional<KitWalk::Place> placeOfBody() const;
    const AxonSprite& spriteOf(const level::Piece& piece, int pieceIndex, std::size_t cell,
                               int turn);
    [[nodiscard]] AxonSprite made(const level::Piece& piece, int pieceIndex, std::size_t cell,
                                  int turn) const;
    void paintOutline(QPainter& painter, const level::Piece& piece,
                      const level::PlacedPiece& placed, const QColor& tone);
    void paintBody(QPainter& painter);
    /// Goes to the uppermost storey that has something under the pointer.
    void takeStorey(QPointF widget);
    void setZoom(double pixels, QPointF fixed);

    Session& m_session;
    Board& m_board;
    QSlider* m_peel;
    double m_half = 26;  ///< px from a module's middle to its right corner
    QPointF m_origin;    ///< widget px of the plan's corner on the ground
    bool m_isFitted = false;
    bool m_isPanning = false;
    QPointF m_lastPointer;
    std::vector<Item> m_items;
    kit::PlacedIndex m_index;
    std::shared_ptr<const level::Level> m_gathered;
    SharedVector<level::Kit> m_kits;
    QHash<quint64, AxonSprite> m_sprites;
    std::map<int, std::vector<kit::Face>> m_faces;  ///< by piece of the kit
    KitModels m_models;
    std::size_t m_modelCount = 0;  ///< that are shown
};

}  // namespace rook::app
