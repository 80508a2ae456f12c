#pragma once
/// A level of 4,096 x 4,096 cells with masses all over, for what must stay quick at that size.

#include "base/random.h"
#include "file/project_file.h"

namespace rook::bench {

inline level::Project largeProject() {
    level::Project project = file::newProject("Large");
    level::Level level = *project.levels[0];
    level.cells = Grid<level::Cell>(4096, 4096);
    Random random(7);
    for (int i = 0; i < 60000; ++i)
        level.cells.fillRect({random.between(0, 4095), random.between(0, 4095),
                              random.between(2, 40), random.between(1, 6)},
                             level::Cell({static_cast<std::uint16_t>(random.between(1, 4))}));
    return project.withLevel(level);
}

/// Masses with caves in them, of stone and silt of the demo.
inline level::Level largeBoard(int side) {
    level::Level board;
    board.cells = Grid<level::Cell>(side, side);
    Random random(3);
    for (int i = 0; i < side * side / 40; ++i) {
        const level::Cell cell(level::MatterId{std::uint16_t(random.chance(70) ? 1 : 3)});
        board.cells.fillRect({random.between(0, side - 1), random.between(0, side - 1),
                              random.between(1, 12), random.between(1, 7)},
                             cell);
    }
    return board;
}

}  // namespace rook::bench
