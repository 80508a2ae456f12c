#pragma once
/// Draws matter as a section drawing or dressed, for any part of a level at any scale.

#include <QHash>
#include <QImage>
#include <QPainter>
#include <memory>

#include "app/painting/view.h"
#include "app/session/step_definition.h"
#include "app/ui/theme.h"
#include "collide/shapes.h"
#include "level/entity_places.h"
#include "skin/scatter.h"
#include "skin/tiling_rules.h"

namespace rook::app {

/// An image file, read again only if it changed; null if it cannot be read. Interface thread.
[[nodiscard]] QImage readImage(const QString& path);

/// The sheets of a project as images, by name.
using SheetImages = QHash<QString, QImage>;
[[nodiscard]] SheetImages loadSheets(const level::Project& project, const QString& folder);

/// Where a tile stands in its sheet, px.
[[nodiscard]] QRect sourceOf(const level::Sheet& sheet, int number);

/// How a picture of a backdrop is called among the sheets.
[[nodiscard]] QString pictureKey(const std::string& path);

/// Which tiles are painted: those that move change from frame to frame, all others stay.
enum class TileMotion { All, Still, Moving };

/// Which of the art is painted: in play, what lies before the masses comes after the player.
enum class LayerPart { All, ButFront, FrontAlone };

struct MatterScene {
    const level::Project* project = nullptr;
    const level::Level* level = nullptr;
    const SheetImages* sheets = nullptr;
    BoardLook look;
    const skin::TilingRules* tilingRules =
        nullptr;                           ///< that matter is dressed by; null = plain tiles
    const skin::Strewn* strewn = nullptr;  ///< by the level's rules; null = nothing is
    LayerPart part = LayerPart::All;
    std::vector<double> layerShares{};    ///< of their opacity, by layer; empty = all of it
    std::vector<double> pictureShares{};  ///< likewise, by picture of the backdrop
    bool isClear = false;                 ///< nothing is painted behind the matter
    bool hidesPuzzle = false;             ///< slots and counters: a game shows them as they are
    bool showsGuesses = false;            ///< marks where the nearest case stands in
    TileMotion motion = TileMotion::All;
    long long tick = 0;                           ///< that tiles which move are shown at
    const level::EntityPlaces* places = nullptr;  ///< of the level's entities; null = not known
};

/// What lies behind a level whose edges are there on the widget: one colour, or two that turn into
/// each other from top to bottom.
[[nodiscard]] QBrush brushBehind(const level::Level& level, const QRectF& board);
/// The pictures behind the level, or before it, as a game shows them whose screen is the whole
/// widget; clipped to the level.
void paintBackdrop(QPainter& painter, const MatterScene& scene, const View& view, QSize size,
                   bool isFront);

/// Paints the part of the level that lies in `target` (px of the painter), where level px (x, y) is
/// at (x, y) * scale - origin. Below six px a cell, matters are plain tones without hatching.
void paintMatter(QPainter& painter, const MatterScene& scene, const QRect& target, QPointF origin,
                 double scale);

/// Paints what moves, and what lies over it, at the scene's tick; tells where. Nothing below six px
/// a cell.
[[nodiscard]] QRegion paintMoving(QPainter& painter, const MatterScene& scene, const QRect& target,
                                  QPointF origin, double scale);
/// Paints the layers before the masses alone, over whatever is there.
void paintFrontLayers(QPainter& painter, const MatterScene& scene, const QRect& target,
                      QPointF origin, double scale);
/// True if a sheet of the project has tiles that move.
[[nodiscard]] bool hasMovingTiles(const level::Project& project);
/// Another number whenever another frame of any tile is to be shown.
[[nodiscard]] long long frameStamp(const level::Project& project, long long tick);

/// The hatching of one behaviour, filling `rect` with its border: for cards and legends.
void paintBehaviourSample(QPainter& painter, level::Behaviour behaviour, level::Form form,
                          const QRect& rect);

/// A picture of the whole level in plain tones, for thumbnails.
[[nodiscard]] QImage plainPicture(const level::Project& project, const level::Level& level,
                                  QSize size, const Theme& theme);

}  // namespace rook::app
