#pragma once
/// The fields of what levels are made of and look like. See describe.h.

#include "level/describe.h"
#include "level/matter.h"
#include "level/scatter_rule.h"
#include "level/tile.h"

namespace rook::level {

template <>
struct Description<TileAnimation> {
    static void each(auto&& visit) {
        visit("tile", &TileAnimation::tile, range(1, 65536).required().countedFromOne());
        visit("frames", &TileAnimation::frames,
              range(1, 65536).items(2, maxFrames).always().countedFromOne());
        visit("ticks", &TileAnimation::ticks, range(1, maxFrameTicks).required());
    }
};

template <>
struct Description<TileNote> {
    static void each(auto&& visit) {
        visit("tile", &TileNote::tile, range(1, 65536).required().countedFromOne());
        visit("name", &TileNote::name, plain);
        visit("form", &TileNote::form, plain);
    }
};

template <>
struct Description<Sheet> {
    static void each(auto&& visit) {
        visit("name", &Sheet::name, plainName);
        visit("path", &Sheet::path, plain.required());
        visit("tile", &Sheet::tile, range(1, limits::maxCellPx).required());
        visit("columns", &Sheet::columns, range(1, 65536).required());
        visit("animations", &Sheet::animations, listOf(65536).unique());
        visit("notes", &Sheet::notes, listOf(65536).unique());
    }
};

template <>
struct Description<Matter> {
    static void each(auto&& visit) {
        visit("name", &Matter::name, plainName);
        visit("title", &Matter::title, title);
        visit("behaviour", &Matter::behaviour, plain.required());
        visit("glyph", &Matter::glyph, plain.always());
        visit("color", &Matter::color, color);
        visit("sheet", &Matter::sheet, text(TextSort::Sheet));
        visit("tile", &Matter::tile, range(0, 65536));
        visit("form", &Matter::form, plain);
        visit("joins", &Matter::joins, listOf(limits::maxMatters));
        visit("fields", byHand(&Matter::fields));
    }
};

template <>
struct Description<TileLayer> {
    static void each(auto&& visit) {
        visit("name", &TileLayer::name, plain.required());
        visit("front", &TileLayer::isFront, plain);
        visit("shown", &TileLayer::isShown, plain);
        visit("exported", &TileLayer::isExported, plain);
        visit("locked", &TileLayer::isLocked, plain);
        visit("fades", &TileLayer::fades, plain);
        visit("fadeLine", &TileLayer::fadeLine, plain);
        visit("opacity", &TileLayer::opacity, range(0, 100));
        visit("matter", byHand(&TileLayer::cells));
        visit("tiles", byHand(&TileLayer::tiles));
    }
};

template <>
struct Description<FadeLine> {
    static void each(auto&& visit) {
        visit("beyond", &FadeLine::beyond, plain.required());
        visit("at", &FadeLine::at,
              range(-limits::maxCoordinatePx, limits::maxCoordinatePx).always());
        visit("ticks", &FadeLine::ticks, range(1, maxTransitionTicks).always());
    }
};

template <>
struct Description<Chance> {
    static void each(auto&& visit) {
        visit("seed", &Chance::seed, range(0, 1000000000).always());
        visit("patch", &Chance::patch, range(0, 256).always());
    }
};

template <>
struct Description<Picture> {
    static void each(auto&& visit) {
        visit("name", &Picture::name, plain.required());
        visit("path", &Picture::path, plain.required());
        visit("fit", &Picture::fit, plain.always());
        visit("parallaxX", &Picture::parallaxX, range(0, 4000).always());
        visit("parallaxY", &Picture::parallaxY, range(0, 4000).always());
        visit("scrollX", &Picture::scrollX, range(-64000, 64000));
        visit("opacity", &Picture::opacity, range(0, 100));
        visit("front", &Picture::isFront, plain);
        visit("fadeLine", &Picture::fadeLine, plain);
    }
};

template <>
struct Description<Backdrop> {
    static void each(auto&& visit) {
        visit("name", &Backdrop::name, plainName);
        visit("title", &Backdrop::title, title);
        visit("pictures", &Backdrop::pictures, plain.always());
    }
};

template <>
struct Description<ScatterRule> {
    static void each(auto&& visit) {
        visit("name", &ScatterRule::name, plain.required());
        visit("on", &ScatterRule::isOn, plain);
        visit("where", &ScatterRule::where, plain.required());
        visit("matter", &ScatterRule::matter, plain);
        visit("tiles", byHand(&ScatterRule::tiles));
        visit("layer", &ScatterRule::layer, plain);
        visit("kind", &ScatterRule::kind, plain);
        visit("lays", &ScatterRule::lays, plain);
        visit("share", &ScatterRule::share, range(0, 100).always());
        visit("count", &ScatterRule::count, range(0, limits::maxEntities));
        visit("distance", &ScatterRule::distance, range(0, 64));
        visit("awayFrom", &ScatterRule::awayFrom, plain);
        visit("awayCells", &ScatterRule::awayCells, range(0, 64));
        visit("reached", &ScatterRule::onlyReached, plain);
        visit("patch", &ScatterRule::patch, range(0, 256));
        visit("seed", &ScatterRule::seed, range(0, 1000000000).always());
    }
};

}  // namespace rook::level
