#pragma once
/// The fields of kits and of the pieces that are placed. See describe.h.

#include "level/describe.h"
#include "level/kit.h"
#include "level/solid.h"

namespace rook::level {

inline constexpr int maxPlanModules = 1'000'000;  ///< from the corner of a board

template <>
struct Description<PieceCell> {
    static void each(auto&& visit) {
        visit("at", &PieceCell::at, range(0, maxPieceModules - 1).required());
        visit("storey", &PieceCell::storey, range(0, maxStoreys - 1));
        visit("surface", &PieceCell::surface, plain);
        visit("height", &PieceCell::height, plain);
        visit("rise", &PieceCell::rise, plain);
        visit("up", &PieceCell::up, plain);
        visit("walls", byHand(&PieceCell::walls));
    }
};

template <>
struct Description<Port> {
    static void each(auto&& visit) {
        visit("at", &Port::cell, range(0, maxPieceModules - 1).required());
        visit("side", &Port::side, plain.required());
        visit("height", &Port::height, plain);
        visit("profile", &Port::profile, plainName);
        visit("flipped", &Port::isFlipped, plain);
    }
};

template <>
struct Description<Measure> {
    static void each(auto&& visit) {
        visit("size", together(&Measure::width, &Measure::depth, &Measure::height),
              plain.required());
        visit("over", &Measure::over, plain.required());
        visit("pivotOff", together(&Measure::pivotX, &Measure::pivotY), plain.required());
    }
};

template <>
struct Description<Piece> {
    static void each(auto&& visit) {
        visit("name", &Piece::name, plainName);
        visit("title", &Piece::title, title);
        visit("tags", &Piece::tags, plain);
        visit("color", &Piece::color, color);
        visit("cells", &Piece::cells, listOf(4096).always());
        visit("pivot", together(&Piece::pivotX, &Piece::pivotY),
              range(0, 2 * maxPieceModules).required());
        visit("turns", byHand(&Piece::turns));
        visit("ports", &Piece::ports, listOf(4096).always());
        visit("model", &Piece::model, plain);
        visit("measure", &Piece::measure, plain);
        visit("variants", &Piece::variants, plain);
    }
};

template <>
struct Description<ProfileFit> {
    static void each(auto&& visit) {
        visit("with", &ProfileFit::with, plainName);
        visit("mirrored", &ProfileFit::isMirrored, plain);
    }
};

template <>
struct Description<PortProfile> {
    static void each(auto&& visit) {
        visit("name", &PortProfile::name, plainName);
        visit("fits", &PortProfile::fits, listOf(256).always());
    }
};

template <>
struct Description<KitBody> {
    static void each(auto&& visit) {
        visit("height", &KitBody::height, plain.always());
        visit("stepUp", &KitBody::stepUp, plain.always());
        visit("drop", &KitBody::drop, plain.always());
    }
};

template <>
struct Description<Kit> {
    static void each(auto&& visit) {
        visit("name", &Kit::name, plainName);
        visit("title", &Kit::title, title);
        visit("module", together(&Kit::width, &Kit::depth), plain.required());
        visit("storey", &Kit::storey, plain.always());
        visit("slab", &Kit::slab, plain.always());
        visit("fraction", &Kit::fraction, range(1, maxKitFraction).always());
        visit("body", &Kit::body, plain.always());
        visit("profiles", &Kit::profiles, listOf(1024).always());
        visit("pieces", &Kit::pieces, listOf(4096).always());
    }
};

template <>
struct Description<PlacedPiece> {
    static void each(auto&& visit) {
        visit("id", &PlacedPiece::id, range(1, 0x7fffffff).required());
        visit("piece", &PlacedPiece::piece, plainName);
        visit("at", &PlacedPiece::at, range(-maxPlanModules, maxPlanModules).required());
        visit("storey", &PlacedPiece::storey, range(0, maxStoreys - 1).always());
        visit("turn", &PlacedPiece::turn, range(0, 3).always());
        visit("off", byHand(&PlacedPiece::offX, &PlacedPiece::offY));
    }
};

template <>
struct Description<Opening> {
    static void each(auto&& visit) {
        visit("at", byHand(&Opening::x, &Opening::y));
        visit("size", byHand(&Opening::width, &Opening::depth));
        visit("base", &Opening::base, plain);
        visit("height", &Opening::height, plain.always());
    }
};

template <>
struct Description<Solid> {
    static void each(auto&& visit) {
        visit("id", &Solid::id, range(1, 0x7fffffff).required());
        visit("sort", &Solid::sort, plain.required());
        visit("at", byHand(&Solid::x, &Solid::y));
        visit("size", byHand(&Solid::width, &Solid::depth));
        visit("storey", &Solid::storey, range(0, maxStoreys - 1).always());
        visit("base", &Solid::base, plain);
        visit("height", &Solid::height, plain.always());
        visit("up", &Solid::up, plain);
        visit("steps", &Solid::steps, range(1, maxSteps));
        visit("sides", &Solid::sides, range(3, maxSides));
        visit("walls", &Solid::wall, plain);
        visit("floor", &Solid::floor, plain);
        visit("ceiling", &Solid::ceiling, plain);
        visit("openings", &Solid::openings, listOf(maxOpenings));
    }
};

}  // namespace rook::level
