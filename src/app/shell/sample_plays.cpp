#include "app/shell/sample_plays.h"

#include "base/random.h"
#include "file/bundle.h"
#include "rook_runtime.hpp"

namespace rook::app {

namespace {

using namespace runtime;

/// To the right, with a jump now and then and a step back; `luck` is the share of ticks with a
/// jump.
Input wishOf(Random& random, int luck) {
    Input input;
    input.dx = random.chance(4) ? -8 : 8;
    if (random.chance(luck)) input.buttons = jumpButton;
    return input;
}

ship::Play playOf(const Level& level, const World& world, Random& random) {
    ship::Play play;
    play.game = "sample";
    Body body = level.start(world, "");
    const int luck = random.between(3, 12);
    const auto here = [&] {
        return ship::PlayPoint{
            static_cast<int>(body.tick),
            {body.x + level.motion.bodyWidth / 2, body.y + level.motion.bodyHeight / 2}};
    };
    while (body.stance != Stance::Ended && body.tick < 900) {
        if (body.tick % 6 == 0) play.points.push_back(here());
        step(world, level.motion, body, wishOf(random, luck));
    }
    if (body.stance == Stance::Ended) play.died = here();
    return play;
}

}  // namespace

std::vector<ship::Play> samplePlays(const level::Project& project, const level::Level& level,
                                    int count) {
    std::vector<ship::Play> plays;
    const auto baked = file::bakedLevel(project, level, {}, "cut.png", file::Baking::Look);
    if (!baked) return plays;
    const Level read = readLevel(nlohmann::json::parse(baked->text), level.id.text);
    if (!read.isSteppable()) return plays;
    Parts parts = read.parts;
    parts.foes = read.ways();
    const World world(read.frame, read, read.motion, std::move(parts));
    Random random(7);
    for (int i = 0; i < count; ++i)
        plays.push_back(playOf(read, world, random));
    return plays;
}

}  // namespace rook::app
