#pragma once
/// The options of the tools of kit boards.

#include <string>

#include "app/session/tool_options.h"
#include "level/solid.h"

namespace rook::app {

/// What the tool for solids lays.
enum class SolidCard : unsigned char { Box, Room, Wedge, Stairs, Round, Opening };

struct KitOptions {
    std::string piece;  ///< in hand
    int pieceTurn = 0;  ///< quarter turns of the piece in hand

    SolidCard card = SolidCard::Box;
    level::Decimal base{0};     ///< units above the storey's ground
    level::Decimal height{0};   ///< units; 0: a storey
    level::Decimal wall{200};   ///< units, of rooms
    level::Decimal ceiling{0};  ///< units, of rooms; 0: none
    level::Side up = level::Side::Right;
    int steps = 0;              ///< of stairs; 0: as many as the body needs
    int sides = 24;             ///< of a round
    level::Decimal door{2200};  ///< units that an opening is high
    int doorParts = 32;         ///< sixty-fourths of a module that a door is wide

    int hallWidth = 1;                 ///< modules, of paths
    int roomWidth = 4, roomDepth = 3;  ///< modules, of a room by a click
    int roomStoreys = 1;
    std::string wallPiece, cornerPiece;  ///< that rooms are made of; empty: chosen
    std::string ceilingPiece;            ///< empty: none

    /// As that one is.
    void take(const level::Solid& solid) {
        constexpr SolidCard cards[] = {SolidCard::Box, SolidCard::Wedge, SolidCard::Stairs,
                                       SolidCard::Round};
        card = solid.isHollow() ? SolidCard::Room : cards[static_cast<int>(solid.sort)];
        base = solid.base;
        height = solid.height;
        if (solid.isHollow()) {
            wall = solid.wall;
            ceiling = solid.ceiling;
        }
        up = solid.up;
        if (solid.sort == level::SolidSort::Stairs) steps = solid.steps;
        if (solid.sort == level::SolidSort::Round) sides = solid.sides;
    }
};

}  // namespace rook::app
