#pragma once
/// The plan of a level: what is drawn on leaves of tracing paper, the routes through it, and the
/// picture that lies under it. Plain values; nothing of it is exported.
///
/// Invariants:
///  1. Mark ids are unique in a sketch and above 0.
///  2. A mark has as many points as its shape wants (`pointRange`).
///  3. The beads of a route stand in the order of their places along it.
/// All coordinates are level px and may lie outside the level.

#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/id.h"
#include "base/shared_vector.h"
#include "level/matter.h"
#include "level/region.h"

namespace rook::level {

/// Number of a mark in its sketch; 0 = none.
struct MarkId {
    int number = 0;
    auto operator<=>(const MarkId&) const = default;
};

/// One thing drawn on a leaf.
struct Mark {
    MarkId id;
    MarkShape shape = MarkShape::Free;
    PencilTone tone = PencilTone::Graphite;
    PencilWidth width = PencilWidth::Fine;
    /// Free: a smooth curve through them. Line: straight from each to the next. Outline: the same,
    /// closed. Box: two opposite corners. Thing: its place, or two corners. Label: where it begins.
    SharedVector<PxPoint> points;
    std::string text;     ///< of a label, a thing or a room
    bool isRoom = false;  ///< of boxes and outlines: this is to be open space
    int group = 0;        ///< marks of one group are selected together; 0 = none
    UnknownKeys unknown;
    bool operator==(const Mark&) const = default;

    [[nodiscard]] bool isClosed() const {
        return shape == MarkShape::Box || shape == MarkShape::Outline;
    }
    [[nodiscard]] bool isStroke() const {
        return shape != MarkShape::Label && shape != MarkShape::Thing;
    }
};

/// One layer of tracing paper.
struct Leaf {
    std::string name;
    int opacity = 100;  ///< percent, 10 to 100
    bool isShown = true;
    bool isLocked = false;
    SharedVector<Mark> marks;  ///< later ones lie above
    UnknownKeys unknown;
    bool operator==(const Leaf&) const = default;
};

/// An obstacle or event on a route.
struct Bead {
    int leg = 0;    ///< on the way from way point `leg` to the next one
    int share = 0;  ///< how far along that leg, thousandths
    BeadSort sort = BeadSort::Jump;
    std::string note;
    std::optional<CellRect> region;  ///< cells that the player has to pass, if it is drawn
    UnknownKeys unknown;
    bool operator==(const Bead&) const = default;
};

/// The line that the player is meant to take.
struct Route {
    std::string name;
    std::vector<PxPoint> points;
    std::vector<Bead> beads;
    UnknownKeys unknown;
    bool operator==(const Route&) const = default;
};

/// Bytes of an image file, shared between copies; equal if the bytes are.
struct PictureBytes {
    std::shared_ptr<const std::string> bytes;  ///< null if the file could not be read
    bool operator==(const PictureBytes& other) const {
        return bytes == other.bytes || (bytes && other.bytes && *bytes == *other.bytes);
    }
};

/// A picture under the board.
struct Underlay {
    std::string path;  ///< in the project folder: "underlays/..."
    int storey = 0;    ///< of a kit board, 0 elsewhere
    PictureBytes picture;
    PxPoint corner;    ///< upper left corner of the picture as it lies, after turning
    double scale = 1;  ///< level px a picture px, 0.001 to 1000
    int turns = 0;     ///< quarter turns to the right, 0 to 3
    int opacity = 50;  ///< percent, 10 to 100
    bool isShown = true;
    bool isLocked = false;
    UnknownKeys unknown;
    bool operator==(const Underlay&) const = default;
};

struct Sketch {
    SharedVector<Leaf> leaves;         ///< bottom first
    SharedVector<Route> routes;        ///< the first is the main one, the others are side routes
    std::optional<Underlay> underlay;  ///< of storey 0
    SharedVector<Underlay> upperUnderlays;  ///< of the storeys above, one each at most
    UnknownKeys unknown;
    bool operator==(const Sketch&) const = default;

    [[nodiscard]] bool isEmpty() const {
        return leaves.empty() && routes.empty() && !underlay && upperUnderlays.empty();
    }
    /// The picture under that storey; null if it has none.
    [[nodiscard]] const Underlay* underlayOn(int storey) const {
        if (storey == 0) return underlay ? &*underlay : nullptr;
        for (const Underlay& each : upperUnderlays)
            if (each.storey == storey) return &each;
        return nullptr;
    }
    template <typename Visit>
    void forEachUnderlay(Visit&& visit) const {
        if (underlay) visit(*underlay);
        for (const Underlay& each : upperUnderlays)
            visit(each);
    }
    /// `change` gets each one as what it may change.
    template <typename Change>
    void changeUnderlays(Change&& change) {
        if (underlay) change(*underlay);
        if (upperUnderlays.empty()) return;
        upperUnderlays.edit([&](auto& list) {
            for (Underlay& each : list)
                change(each);
        });
    }
};

/// What stands for a thing of the plans: a kind, a matter, or a tile ("weir:12").
struct PartMatch {
    std::string part;  ///< the thing's name
    PartSort sort = PartSort::Kind;
    std::string target;
    bool operator==(const PartMatch&) const = default;
};

/// Fewest and most points of a mark of that shape.
[[nodiscard]] std::pair<std::size_t, std::size_t> pointRange(MarkShape shape);
/// The smallest rectangle around a mark's points; at least one px wide and high.
[[nodiscard]] PxRect boundsOf(const Mark& mark);
/// The mark and the place of its leaf, or null.
[[nodiscard]] const Mark* findMark(const Sketch& sketch, MarkId id);
[[nodiscard]] int leafOf(const Sketch& sketch, MarkId id);
[[nodiscard]] MarkId freshMarkId(const Sketch& sketch);
/// These marks and all that are grouped with them, on leaves that are shown and not locked.
[[nodiscard]] std::vector<MarkId> withGroups(const Sketch& sketch, std::vector<MarkId> ids);

/// The cells of a closed mark: those whose centre lies inside (even-odd rule; a centre on the left
/// or upper border is inside). Of a line: those it runs through. Of others: none.
/// Cost: rows x corners.
[[nodiscard]] CellRegion cellsOf(const Mark& mark, CellSize cell);

/// A polyline with fewer points that is nowhere further than `tolerancePx` from the given one
/// (Ramer 1972; Douglas and Peucker 1973). The ends stay. Cost: n log n as a rule, n^2 at worst.
[[nodiscard]] std::vector<PxPoint> simplified(const std::vector<PxPoint>& points,
                                              double tolerancePx);

/// Length of a route, cells.
[[nodiscard]] double lengthInCells(const Route& route, CellSize cell);
/// Where a bead lies. Requires: the route has two points or more.
[[nodiscard]] PxPoint placeOf(const Route& route, const Bead& bead);
/// The place on the route that is nearest to a point, and how far that is, px.
struct RoutePlace {
    int leg = 0;
    int share = 0;
    double distancePx = 0;
};
[[nodiscard]] std::optional<RoutePlace> nearestPlace(const Route& route, PxPoint point);

}  // namespace rook::level
