#pragma once
/// The fields of a level's plan. See describe.h.

#include "level/describe.h"
#include "level/kit.h"
#include "level/sketch.h"

namespace rook::level {

inline constexpr FieldRule oneLine = text(TextSort::OneLine);

template <>
struct Description<CellRect> {
    static void each(auto&& visit) {
        const int most = limits::maxBoardCells;
        visit("x", &CellRect::x, range(-most, most).required());
        visit("y", &CellRect::y, range(-most, most).required());
        visit("width", &CellRect::width, range(1, most).required());
        visit("height", &CellRect::height, range(1, most).required());
    }
};

template <>
struct Description<Mark> {
    static void each(auto&& visit) {
        visit("id", byHand(&Mark::id));
        visit("shape", &Mark::shape, plain.required());
        visit("text", &Mark::text, oneLine);
        visit("tone", &Mark::tone, plain);
        visit("width", &Mark::width, plain);
        visit("room", &Mark::isRoom, plain);
        visit("group", &Mark::group, range(0, 1 << 30));
        visit("points", byHand(&Mark::points));
    }
};

template <>
struct Description<Leaf> {
    static constexpr bool isLong = true;
    static void each(auto&& visit) {
        visit("name", &Leaf::name, oneLine.always());
        visit("opacity", &Leaf::opacity, range(10, 100).always());
        visit("shown", &Leaf::isShown, plain.always());
        visit("locked", &Leaf::isLocked, plain.always());
        visit("marks", &Leaf::marks, listOf(limits::maxMarks).always());
    }
};

template <>
struct Description<Bead> {
    static void each(auto&& visit) {
        visit("leg", &Bead::leg, range(0, limits::maxWayPoints).required());
        visit("share", &Bead::share, range(0, 1000).required());
        visit("sort", &Bead::sort, plain.always());
        visit("note", &Bead::note, oneLine.always());
        visit("region", &Bead::region, plain);
    }
};

template <>
struct Description<Route> {
    static constexpr bool isLong = true;
    static void each(auto&& visit) {
        visit("name", &Route::name, oneLine.always());
        visit("points", &Route::points, coordinate.items(0, limits::maxWayPoints).always());
        visit("beads", byHand(&Route::beads));
    }
};

template <>
struct Description<Underlay> {
    static constexpr int besides = 1;  // picture: a file of its own
    static void each(auto&& visit) {
        visit("path", &Underlay::path, plain.required());
        visit("storey", &Underlay::storey, range(0, maxStoreys - 1));
        visit("corner", &Underlay::corner, coordinate.required());
        visit("scale", &Underlay::scale, range(1, 1000000).required());
        visit("turns", &Underlay::turns, range(0, 3).always());
        visit("opacity", &Underlay::opacity, range(10, 100).always());
        visit("shown", &Underlay::isShown, plain.always());
        visit("locked", &Underlay::isLocked, plain.always());
    }
};

template <>
struct Description<Sketch> {
    static constexpr bool isLong = true;
    static void each(auto&& visit) {
        visit("underlay", &Sketch::underlay, plain);
        visit("upperUnderlays", &Sketch::upperUnderlays, listOf(maxStoreys));
        visit("leaves", &Sketch::leaves, listOf(limits::maxLeaves).always());
        visit("routes", &Sketch::routes, listOf(limits::maxLeaves).always());
    }
};

template <>
struct Description<PartMatch> {
    static void each(auto&& visit) {
        visit("part", &PartMatch::part, oneLine.always());
        visit("is", &PartMatch::sort, plain.required());
        visit("target", &PartMatch::target, plain.required());
    }
};

}  // namespace rook::level
