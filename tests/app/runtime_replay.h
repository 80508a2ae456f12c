#pragma once
/// Plays an exported bundle by the runtime headers alone.

#include <QString>

#include "file/project_file.h"
#include "rook_runtime.hpp"

namespace rook::testing {

/// True if a body that runs right, and jumps whenever it stands at the last px of a floor, meets an
/// exit of the first level.
inline bool exitIsMetByRunningRight(const QString& bundle) {
    using namespace rook::runtime;
    const Campaign campaign = loadCampaign(bundle.toStdString());
    const runtime::Level level = loadLevel(bundle.toStdString(), campaign.levels[0].file);
    const World world = level.world();
    Body body = level.start(world, "");
    for (int tick = 0; tick < 1200 && body.stance != Stance::Ended; ++tick) {
        bool isAtEdge = body.stance == Stance::Standing;
        for (int px = 1; px <= 4; ++px)
            isAtEdge = isAtEdge && !world.hasFloor(body.x + 8 + px, body.y);
        step(world, level.motion, body, {512, 0, isAtEdge ? jumpButton : 0u});
        for (const Entity& entity : level.entities)
            if (entity.role == "exit" &&
                overlaps(entity.box,
                         {body.x, body.y, level.motion.bodyWidth, level.motion.bodyHeight}))
                return true;
    }
    return false;
}

}  // namespace rook::testing

/// What Project > New begins with.
inline rook::level::Project newSmall() {
    return rook::file::newProject("Small");
}
