#pragma once
/// Levels as cards of a map of the game: where they lie, how they look, and where a place of a
/// level is on its card. All in px of the map.

#include <QPainter>

#include "app/board/thumbnails.h"

namespace rook::app {

inline constexpr QSizeF levelCardSize(148, 98);
inline constexpr QSize levelPictureSize(132, 62);

/// Where the n-th card lies that nobody has moved: in rows, to and fro.
[[nodiscard]] QPointF usualPlaceOfCard(std::size_t number);
/// Its upper left corner, as it was laid or by its number.
[[nodiscard]] QPointF placeOfCard(const level::Project& project, std::size_t number);
/// A place of the level, in its picture on a card at that corner.
[[nodiscard]] QPointF placeOnCard(const level::Level& level, QPointF corner, PxPoint at);
/// Its picture, title and verdict; `isChosen` frames it.
void paintLevelCard(QPainter& painter, const Session& session, Thumbnails& thumbnails,
                    const std::shared_ptr<const level::Level>& level, QPointF corner,
                    bool isChosen);
/// The part of the card that its picture fills.
[[nodiscard]] QRectF pictureFrame(QPointF corner);

}  // namespace rook::app
