#include "stepper_target.h"

#include "level/project.h"
#include "motion/step_tables.h"
#include "rook_motion.hpp"
#include "rook_world.hpp"

namespace rook::fuzz {

namespace {

using namespace runtime;

constexpr int side = 12;  // cells

/// Cells out of bytes: matter in the low bits, form in the high ones.
class ByteCells final : public CellSource {
public:
    explicit ByteCells(Bytes bytes) : m_bytes(bytes) {}
    CellShape at(int column, int row) const override {
        const std::size_t index = std::size_t(row) * side + std::size_t(column);
        const unsigned byte = index < m_bytes.size() ? m_bytes[index] : 0u;
        // Mostly open, so that there is somewhere to go.
        const unsigned sort = byte & 15u;
        if (sort > 5) return {Behaviour::Open, Form::Full};
        const auto behaviour = static_cast<Behaviour>(sort);
        const auto form = static_cast<Form>((byte >> 4) % formNames.size());
        if (behaviour == Behaviour::OneWay && form > Form::UpperHalf)
            return {behaviour, Form::Full};
        return {behaviour, form};
    }

private:
    Bytes m_bytes;
};

Input inputOf(Bytes bytes, std::size_t at) {
    Input input;
    input.dx = (bytes[at] & 15) * 90 - 675;
    input.dy = (bytes[at] >> 4) * 90 - 675;
    // Buttons that there are, and some that there are not.
    input.buttons = bytes[at + 1];
    if (bytes[at + 1] == 255) input.buttons = ~0u, input.dx = 0x7fffffff, input.dy = -0x7fffffff;
    return input;
}

bool areSame(const Body& a, const Body& b) {
    return a.x == b.x && a.y == b.y && a.stance == b.stance && a.phase == b.phase &&
           a.airJumps == b.airJumps && a.coyoteTicks == b.coyoteTicks && a.tick == b.tick;
}

}  // namespace

void stepWildly(Bytes bytes) {
    constexpr std::size_t head = 1 + side * side;
    if (bytes.size() < head + 2) return;
    level::MotionProfile profile;
    for (unsigned i = 0; i < level::abilityCount; ++i)
        if (bytes[0] >> (i % 8) & 1) profile.abilities.push_back(static_cast<Ability>(i));
    profile.airJumps = 1;
    MotionTables tables = motion::makeStepTables(profile, CellSize{16, 16})->body;
    tables.fromAbove = (bytes[0] & 0xc0) == 0xc0;
    const ByteCells cells(bytes.subspan(1, side * side));
    const Frame frame{side, side, 16, 16, {}};
    const World world(frame, cells, tables);
    const Body start = bodyAt(Box{80, 80, 16, 24}, world, tables);
    Body body = start, again = start;
    for (std::size_t at = head; at + 1 < bytes.size(); at += 2) {
        step(world, tables, body, inputOf(bytes, at));
        if (body.stance == Stance::Ended) break;
        require(world.isFree(body.x, body.y, world.momentOf(body.held, body.tick)),
                "a body that is alive is in nothing solid");
    }
    for (std::size_t at = head; at + 1 < bytes.size() && again.stance != Stance::Ended; at += 2)
        step(world, tables, again, inputOf(bytes, at));
    require(areSame(body, again), "the same inputs lead to the same body");
}

}  // namespace rook::fuzz
