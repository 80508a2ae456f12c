#pragma once
/// Draws entities: the mark of their role at the anchor, their sprite where the step shows art, and
/// name flags. What is drawn here is what `entityAt` finds.

#include <QPainter>
#include <functional>

#include "app/painting/matter_painter.h"
#include "app/painting/view.h"

namespace rook::app {

struct EntityLook : EntitiesLook {
    bool showsMarks = true;  ///< of roles, over sprites
    /// Not drawn at all; null = all are drawn.
    std::function<bool(const level::Entity&)> isLeftOut{};
    PxPoint selectedBy{};  ///< what is selected is drawn so many px farther on
};

void paintEntities(QPainter& painter, const MatterScene& scene, const View& view,
                   const EntityLook& look, const Selection& selection, const QRect& area);

/// The sprite of a kind, in its box, or as a single thing looks otherwise; false if there is none.
bool paintSprite(QPainter& painter, const MatterScene& scene, const level::Kind& kind,
                 const QRectF& box, bool isMirrored = false, const level::Appearance& look = {});
/// The sprites of things behind the masses, or before the front layers, alone.
void paintInOrder(QPainter& painter, const MatterScene& scene, const View& view,
                  const EntityLook& look, level::DrawOrder order, const QRect& area);

/// Where sprites move that are in sight, widget px.
[[nodiscard]] QRegion movingSprites(const MatterScene& scene, const View& view, const QRect& area);

/// The mark of a role in `rect`, in the painter's pen colour.
void paintRoleMark(QPainter& painter, level::Role role, const QRectF& rect, level::Facing facing);

/// All of them there, the topmost first.
[[nodiscard]] std::vector<const level::Entity*> entitiesAt(const level::EntityPlaces& places,
                                                           QPointF levelPx, double scale);
/// The topmost entity whose box, or a square of 12 widget px around its middle, holds the point.
[[nodiscard]] const level::Entity* entityAt(const level::EntityPlaces& places, QPointF levelPx,
                                            double scale);

}  // namespace rook::app
