#pragma once
/// A small level for single ticks of the stepper.

#include "rook_motion.hpp"
#include "shape_cells.h"

namespace rook::testing {

using namespace rook::runtime;

/// A 2 x 3 body; phases: rise 3, rise 2, stay (top), fall 1, then 2 for ever.
inline MotionTables tablesWith(AbilitySet abilities) {
    MotionTables t;
    t.bodyWidth = 2;
    t.bodyHeight = 3;
    t.dx = {1, 1, 1, 1, 1, 1, 1, 1};
    t.dy = {-3, -2, 0, 1, 2, 2, 2, 2};
    t.topPhase = 2;
    t.loopFrom = 4;
    t.walk.fill(1);
    t.climb.fill(2);
    t.swim.fill(1);
    t.abilities = abilities;
    t.airJumps = t.has(Ability::AirJump) ? 1 : 0;
    t.coyoteTicks = t.has(Ability::Coyote) ? 2 : 0;
    t.wallPushTicks = t.has(Ability::WallJump) ? 3 : 0;
    return t;
}

/// Cells of one px, 20 x 20, with a floor in row 15.
struct Scene {
    Frame frame{20, 20, 1, 1, {}};
    ShapeCells cells{20, 20};
    MotionTables motion;
    Parts parts;

    explicit Scene(AbilitySet abilities = 0) : motion(tablesWith(abilities)) {
        fill(0, 15, 20, 5, Behaviour::Solid);
    }
    void fill(int x, int y, int width, int height, Behaviour behaviour) {
        for (int j = y; j < y + height; ++j)
            for (int i = x; i < x + width; ++i)
                cells.set(i, j, {behaviour, Form::Full});
    }
    Body go(Body body, std::initializer_list<Input> inputs) const {
        const World world(frame, cells, motion, parts);
        for (const Input& input : inputs)
            step(world, motion, body, input);
        return body;
    }
    [[nodiscard]] Body standing(int x, int y) const {
        Body body;
        body.x = x;
        body.y = y;
        body.stance = Stance::Standing;
        return body;
    }
    [[nodiscard]] Body airborne(int x, int y, int phase) const {
        Body body = standing(x, y);
        body.stance = Stance::Airborne;
        body.phase = phase;
        body.airJumps = motion.airJumps;
        return body;
    }
};

}  // namespace rook::testing
