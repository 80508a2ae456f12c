#pragma once
/// What a picture of a kit board in depth is made from, as a value.

#include <QColor>
#include <QImage>
#include <QString>
#include <memory>
#include <vector>

#include "app/session/session.h"
#include "kit/depth_scene.h"
#include "kit/joins.h"

namespace rook::app {

/// What a piece is marked as; the lowest is not marked.
enum class DepthMark : unsigned char {
    None = 1,
    Pointed = 2,
    Selected = 3,
    AtFault = 4,
    InHand = 5
};

struct DepthRequest {
    int number = 0;  ///< that its pictures have, too
    std::shared_ptr<const level::Level> level;
    SharedVector<level::Kit> kits;
    QString folder;  ///< of the project, for models; empty for one that was never saved
    kit::Camera camera;
    QSize size;        ///< px of the widget
    double ratio = 1;  ///< device px a px
    kit::DepthLook look;
    bool isSmooth = false;
    bool showsLarge = false;  ///< models of more triangles than are shown unasked
    bool isMoving = false;    ///< it is turned just now: quick before fine
    int storey = 0;           ///< that is worked on
    bool showsGrid = true;
    int pointed = 0;  ///< id; 0 = none
    std::vector<int> selected;
    std::vector<int> atFault;
    std::vector<level::PlacedPiece> inHand;
    std::vector<level::Solid> solidsInHand;
    bool isRefused = false;  ///< what is in hand has no room there
    struct Body {
        kit::Point3 foot;  ///< units
        double height = 1.8;
    };
    std::optional<Body> body;
    bool isNight = false;
};

struct DepthPicture {
    int number = 0;
    QImage image;
    kit::Camera camera;
    QSize size;  ///< px of the widget
    std::shared_ptr<const level::Level> level;
    std::shared_ptr<const kit::DepthScene> scene;
    std::shared_ptr<const std::vector<kit::OpenPort>> openPorts;  ///< of the level
    double milliseconds = 0;                                      ///< that it took
    int reading = 0;  ///< models that are still to be read
    int large = 0;    ///< models that are large and were not asked for: their blocks are drawn
};

}  // namespace rook::app
