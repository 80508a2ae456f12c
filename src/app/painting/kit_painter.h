#pragma once
/// Kit boards in plan: pieces with their walls, ramps and ports, as in a floor plan.

#include <QPainter>
#include <map>
#include <string>
#include <tuple>

#include "app/painting/view.h"
#include "app/ui/theme.h"
#include "kit/joins.h"
#include "kit/mesh.h"

namespace rook::app {

/// Models as they are seen from above, each drawn once for its turn and size.
class ModelPlans {
public:
    void clear() { m_images.clear(); }
    /// A turned footprint, `px` large.
    [[nodiscard]] const QImage& of(const level::Kit& kit, const level::Piece& piece,
                                   const kit::Mesh& mesh, int turn, QSize px);

private:
    std::map<std::tuple<const kit::Mesh*, int, int, int, QRgb, bool>, QImage> m_images;
};

struct KitScene {
    const level::Kit* kit = nullptr;
    const level::Level* level = nullptr;
    const kit::PlacedIndex* index = nullptr;
    int storey = 0;
    bool showsPorts = true;
    /// Of pieces that have a model, by name.
    const std::map<std::string, kit::Mesh>* models = nullptr;
    bool showsGrid = true;
    ModelPlans* plans = nullptr;  ///< where there are models
};

/// Paints what of the storey, and faintly of the one below it, lies in `target` (px of the
/// painter), where level px (x, y) is at (x, y) * scale - origin. Cost: the modules in sight.
void paintKitPlan(QPainter& painter, const KitScene& scene, const QRect& target, QPointF origin,
                  double scale);

/// One piece where it lies, in the tones of the plan: for cards, and for what is in hand.
void paintPiece(QPainter& painter, const level::Kit& kit, const level::Piece& piece,
                const level::PlacedPiece& placed, CellSize cell, QPointF origin, double scale);

/// The marks of ports: joined, open, not fitting. `at` is the middle of the edge, widget px.
void paintPortMark(QPainter& painter, QPointF at, level::Side side, double sizePx,
                   std::optional<kit::Meeting> meeting);

/// The whole level in a picture of that size, its storeys one over the other.
[[nodiscard]] QImage kitPicture(const level::Kit& kit, const level::Level& level, QSize size);

/// A piece's plan in a card or list.
void paintPieceCard(QPainter& painter, const level::Kit& kit, const level::Piece& piece,
                    const QRect& box, int turn = 0);

/// The box of a placed piece on the board, level px, with the fraction that it is off.
[[nodiscard]] QRectF boxOf(const level::Piece& piece, const level::PlacedPiece& placed,
                           CellSize cell);
/// The middle of an edge, level px.
[[nodiscard]] QPointF edgeMiddle(CellPoint at, level::Side side, CellSize cell);

}  // namespace rook::app
