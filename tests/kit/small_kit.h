#pragma once
/// A small kit for tests, and random boards of it.

#include <QtTest>

#include "base/random.h"
#include "kit/edits.h"

namespace rook::testing {

inline level::Port port(level::Side side, const char* profile = "hall", std::int64_t height = 0,
                        bool isFlipped = false, CellPoint cell = {}) {
    return {cell, side, {height}, profile, isFlipped};
}

inline level::Piece oneModule(const char* name, std::vector<level::Port> ports,
                              unsigned walls = 0) {
    level::Piece piece;
    piece.name = name;
    piece.title = name;
    piece.cells = {{}};
    piece.cells[0].walls = walls;
    piece.pivotX = piece.pivotY = 1;
    piece.ports = std::move(ports);
    return piece;
}

/// Halls (straight, bend, tee, cross, end), rooms (floor, wall, corner, frame), a ramp of one
/// module over one storey, stairs of two, an L of three modules, and an odd latch.
inline level::Kit smallKit() {
    using level::Side;
    level::Kit kit;
    kit.name = "small";
    kit.title = "Small";
    kit.profiles = {
        {"hall", {{"hall", false}}}, {"room", {{"room", false}}}, {"latch", {{"latch", true}}}};
    const auto wall = [](std::initializer_list<Side> sides) {
        unsigned bits = 0;
        for (const Side side : sides)
            bits |= 1u << static_cast<int>(side);
        return bits;
    };
    kit.pieces = {
        oneModule("straight", {port(Side::Left), port(Side::Right)}, wall({Side::Up, Side::Down})),
        oneModule("bend", {port(Side::Right), port(Side::Down)}, wall({Side::Up, Side::Left})),
        oneModule("tee", {port(Side::Left), port(Side::Right), port(Side::Down)}, wall({Side::Up})),
        oneModule("cross", {port(Side::Left), port(Side::Right), port(Side::Down), port(Side::Up)}),
        oneModule("end", {port(Side::Left)}, wall({Side::Right, Side::Up, Side::Down})),
        oneModule("floor", {port(Side::Left, "room"), port(Side::Right, "room"),
                            port(Side::Down, "room"), port(Side::Up, "room")}),
        oneModule("wall",
                  {port(Side::Left, "room"), port(Side::Right, "room"), port(Side::Down, "room")},
                  wall({Side::Up})),
        oneModule("corner", {port(Side::Right, "room"), port(Side::Down, "room")},
                  wall({Side::Up, Side::Left})),
        oneModule("frame", {port(Side::Left, "room"), port(Side::Right, "room"),
                            port(Side::Down, "room"), port(Side::Up, "hall")}),
        oneModule("latch", {port(Side::Left, "latch"), port(Side::Right, "latch", 0, true)})};
    level::Piece ramp = oneModule("ramp", {port(Side::Left), port(Side::Right, "hall", 3000)},
                                  wall({Side::Up, Side::Down}));
    ramp.cells[0].surface = level::SurfaceSort::Ramp;
    ramp.cells[0].rise = {3000};
    level::PieceCell above;
    above.storey = 1;
    above.surface = level::SurfaceSort::None;
    ramp.cells.push_back(above);
    kit.pieces.push_back(ramp);
    level::Piece bent;
    bent.name = bent.title = "ell";
    bent.cells.resize(3);
    bent.cells[1].at = {1, 0};
    bent.cells[2].at = {1, 1};
    bent.pivotX = bent.pivotY = 2;
    bent.ports = {port(Side::Left), port(Side::Down, "hall", 0, false, {1, 1})};
    kit.pieces.push_back(bent);
    return kit;
}

inline level::Level kitBoard(int columns, int rows) {
    level::Level level;
    level.id = {"board"};
    level.title = "Board";
    level.kind = level::LevelKind::Kit;
    level.kit = "small";
    level.cellSize = {32, 32};
    level.cells = Grid<level::Cell>(columns, rows);
    return level;
}

inline level::PlacedPiece put(const char* piece, int x, int y, int turn = 0, int storey = 0) {
    level::PlacedPiece placed;
    placed.piece = piece;
    placed.at = {x, y};
    placed.turn = turn;
    placed.storey = storey;
    return placed;
}

inline level::Level with(const level::Kit& kit, const level::Level& level,
                         std::vector<level::PlacedPiece> pieces) {
    auto edit = kit::place(kit, level, std::move(pieces), "Place");
    if (!edit) qFatal("%s", edit.error().sentence().c_str());
    return edit->level;
}

/// Pieces anywhere, some off the module by a fraction.
inline level::Level randomBoard(Random& random, const level::Kit& kit, int pieces) {
    level::Level level = kitBoard(random.between(3, 8), random.between(3, 8));
    for (int i = 0; i < pieces; ++i) {
        const auto& piece =
            kit.pieces[static_cast<std::size_t>(random.between(0, int(kit.pieces.size()) - 1))];
        level::PlacedPiece placed =
            put(piece.name.c_str(), random.between(0, level.cells.width() - 2),
                random.between(0, level.cells.height() - 2), random.between(0, 3),
                random.between(0, 2));
        if (random.chance(25)) placed.offX = Rational(random.between(-3, 3), random.between(4, 7));
        if (random.chance(25)) placed.offY = Rational(random.between(-3, 3), random.between(4, 7));
        if (auto edit = kit::place(kit, level, {placed}, "Place")) level = edit->level;
    }
    return level;
}

}  // namespace rook::testing
