#pragma once
/// Caves for what must stay quick where there are many masses: rooms and passages.

#include <array>

#include "base/bit_map.h"
#include "base/random.h"
#include "file/project_file.h"

namespace rook::bench {

/// Noise, smoothed five times by its neighbours.
inline BitMap caveOf(int side) {
    Random random(11);
    BitMap map(side, side);
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x)
            if (random.chance(47)) map.set(x, y);
    for (int round = 0; round < 5; ++round) {
        BitMap next(side, side);
        for (int y = 0; y < side; ++y)
            for (int x = 0; x < side; ++x) {
                int count = 0;
                for (int dy = -1; dy <= 1; ++dy)
                    for (int dx = -1; dx <= 1; ++dx)
                        count += map.test(x + dx, y + dy) ? 1 : 0;
                if (count >= 5) next.set(x, y);
            }
        map = next;
    }
    return map;
}

/// A level of 4,096 x 4,096 cells of cave: 1,024 x 1,024, mirrored back and forth.
inline level::Project caveProject() {
    constexpr int part = 1024;
    const BitMap cave = caveOf(part);
    level::Project project = file::newProject("Cave");
    level::Level level = *project.levels[0];
    level.cells = Grid<level::Cell>(4 * part, 4 * part);
    const auto folded = [](int at) {
        return at / part % 2 == 0 ? at % part : part - 1 - at % part;
    };
    for (int y = 0; y < 4 * part; ++y)
        for (int x = 0; x < 4 * part; ++x)
            if (cave.test(folded(x), folded(y))) level.cells.set(x, y, level::Cell({1}));
    // A room of a million cells.
    level.cells.fillRect({1499, 1499, 1002, 1002}, level::Cell({1}));
    level.cells.fillRect({1500, 1500, 1000, 1000}, level::Cell());
    return project.withLevel(level);
}

}  // namespace rook::bench
