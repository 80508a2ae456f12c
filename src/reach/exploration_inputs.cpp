/// What a body may do in one tick, and how far it gets by that.

#include "reach/exploration.h"

namespace rook::reach {

using runtime::Body;
using runtime::HeldSet;
using runtime::Input;
using runtime::Stance;

std::vector<Input> inputsOf(const Body& body, const runtime::MotionTables& own,
                            const CollisionMaps& collision) {
    const runtime::MotionTables& freely = runtime::tablesOf(own, collision.profile());
    std::vector<Input> inputs;
    const auto wishes = [&](int most, unsigned buttons) {
        inputs.push_back({0, 0, buttons});
        for (int d = 1; d <= most; ++d) {
            inputs.push_back({d, 0, buttons});
            inputs.push_back({-d, 0, buttons});
        }
    };
    const auto moves = [&](int most, unsigned buttons) {
        for (int sum = 0; sum <= most; ++sum)
            for (int dx = -sum; dx <= sum; ++dx)
                for (const int dy : {sum - std::abs(dx), std::abs(dx) - sum}) {
                    inputs.push_back({dx, dy, buttons});
                    if (dy == 0) break;
                }
    };
    const auto holds = [&] {
        const int most = std::max(collision.layers().gripLadder() >= 0 ? freely.climb[0] : 0,
                                  collision.layers().gripLiquid() >= 0 ? freely.swim[0] : 0);
        if (most > 0) moves(most, runtime::takeHoldButton);
    };
    const int jumpDx = freely.dx[0];
    switch (body.stance) {
        case Stance::Standing:
            if (freely.swapsWith >= 0) inputs.push_back({0, 0, runtime::swapButton});
            if (freely.fromAbove) {
                moves(freely.walk[0], 0);
                break;
            }
            wishes(freely.walk[0], 0);
            wishes(jumpDx, runtime::jumpButton);
            inputs.push_back({0, 0, runtime::dropButton});
            holds();
            break;
        case Stance::Airborne: {
            const Layer& layer = collision.layers()[collision.layers().layerOf(body)];
            wishes(layer.push == 0 ? layer.dx : 0, 0);
            if (layer.hop >= 0) wishes(layer.push == 0 ? layer.dx : 0, runtime::letGoButton);
            const bool mayJump = layer.coyoteJump >= 0 || layer.wallJumpLeft >= 0 ||
                                 layer.wallJumpRight >= 0 || layer.airJump >= 0;
            if (mayJump) wishes(std::max(1, jumpDx), runtime::jumpButton);
            holds();
            break;
        }
        case Stance::Sprung: {
            const auto& spring = collision.parts().springs[static_cast<std::size_t>(body.spring)];
            wishes(spring.flight(collision.profile(), true).dx[0], 0);
            wishes(spring.flight(collision.profile(), false).dx[0], runtime::letGoButton);
            holds();
            break;
        }
        case Stance::Climbing:
        case Stance::Swimming:
            moves(body.stance == Stance::Climbing ? freely.climb[0] : freely.swim[0], 0);
            wishes(jumpDx, runtime::jumpButton);
            inputs.push_back({0, 0, runtime::letGoButton});
            break;
        case Stance::Ended:
            break;
    }
    return inputs;
}

std::vector<Input> withUses(std::vector<Input> inputs, const CollisionMaps& collision) {
    if (collision.wantsUse() == 0) return inputs;
    for (std::size_t i = 0, count = inputs.size(); i < count; ++i) {
        inputs.push_back(inputs[i]);
        inputs.back().buttons |= runtime::useButton;
    }
    return inputs;
}

Stride strideOf(const Layer& layer, const runtime::MotionTables& own,
                const CollisionMaps& collision) {
    const runtime::MotionTables& freely = runtime::tablesOf(own, collision.profile());
    Stride stride;
    if (collision.layers().gripLadder() >= 0) stride.addAllWays(freely.climb[0]);
    if (collision.layers().gripLiquid() >= 0) stride.addAllWays(freely.swim[0]);
    stride.add(freely.dx[0], freely.dy[0]);  // a jump
    switch (layer.sort) {
        case LayerSort::Standing:
            stride.addAllWays(std::max({freely.walk[0], freely.stepUp, 1}));
            break;
        case LayerSort::Sprung: {
            const auto& spring = collision.parts().springs[static_cast<std::size_t>(layer.spring)];
            for (const bool isHigh : {true, false}) {
                const runtime::PhaseTable& table = spring.flight(collision.profile(), isHigh);
                stride.add(table.dx[0] + std::abs(spring.pushDx), table.dy[0]);
            }
            break;
        }
        case LayerSort::Air:
            stride.add(layer.dx + std::abs(layer.shove), layer.dy);
            break;
        case LayerSort::Climbing:
        case LayerSort::Swimming:
        case LayerSort::GripLadder:
        case LayerSort::GripLiquid:
            break;
    }
    return stride;
}

}  // namespace rook::reach
