#pragma once
// Kit boards in the stand-in game: the plan, and the keeper who walks the way that was proven.

#include <SDL.h>

#include <algorithm>

#include "lantern_screen.hpp"

namespace lantern {

/// Walks the proven way, from module to module.
class KitStroll {
public:
    static constexpr int ticksAModule = 18;

    void begin() { m_ticks = 0; }
    /// Moves by one tick; false when the way is walked.
    bool tick(const rook::runtime::KitPlan& plan) {
        ++m_ticks;
        return static_cast<std::size_t>(m_ticks / ticksAModule) + 1 < plan.way.size();
    }
    /// The module that the keeper is in; the corner where there is no way.
    rook::runtime::KitModule module(const rook::runtime::KitPlan& plan) const {
        if (plan.way.empty()) return {0, 0, 0};
        const std::size_t last = plan.way.size() - 1;
        return plan.way[std::min(static_cast<std::size_t>(m_ticks / ticksAModule), last)];
    }
    /// Where the keeper is, modules across and down.
    std::pair<double, double> place(const rook::runtime::KitPlan& plan) const {
        if (plan.way.empty()) return {0.5, 0.5};
        const std::size_t at = static_cast<std::size_t>(m_ticks / ticksAModule);
        const auto& from = plan.way[std::min(at, plan.way.size() - 1)];
        const auto& to = plan.way[std::min(at + 1, plan.way.size() - 1)];
        const double share = double(m_ticks % ticksAModule) / ticksAModule;
        return {from[0] + (to[0] - from[0]) * share + 0.5,
                from[1] + (to[1] - from[1]) * share + 0.5};
    }

private:
    int m_ticks = 0;
};

/// What is in the middle of a view of a plan, modules, and the storey that one is on.
struct PlanSight {
    double x = 0;
    double y = 0;
    int storey = 0;
};
inline constexpr int planModulePx = 24;

/// The storey in plan, the ones below it darker, in a view of that size.
inline void drawKit(Screen& screen, const rook::runtime::KitPlan& plan, const PlanSight& sight,
                    int viewWidth, int viewHeight) {
    const int storey = sight.storey;
    const double x = sight.x, y = sight.y;
    constexpr double px = planModulePx;
    const auto across = [&](double units) {
        return static_cast<int>((units / plan.width - x) * px + viewWidth / 2.0);
    };
    const auto down = [&](double units) {
        return static_cast<int>((units / plan.depth - y) * px + viewHeight / 2.0);
    };
    for (int level = 0; level <= storey; ++level) {
        const double ground = level * plan.storey;
        const double light = level == storey ? 1 : 0.35;
        for (const bool areWalls : {false, true}) {
            for (const auto& solid : plan.solids) {
                // Floors and ramps belong to the storey that their upper side begins in.
                const bool isWall = solid.sort == "wall" || solid.sort == "block";
                const double foot = solid.sort == "floor" ? solid.to[2] : solid.from[2];
                const bool isHere =
                    foot >= ground - plan.storey / 4 && foot < ground + plan.storey * 3 / 4;
                if (isWall != areWalls || !isHere) continue;
                const int tone = isWall ? 205 : solid.sort == "ramp" ? 120 : 88;
                const Color shade{static_cast<Uint8>(tone * light),
                                  static_cast<Uint8>((tone + 4) * light),
                                  static_cast<Uint8>((tone + 10) * light)};
                const int left = across(solid.from[0]);
                const int top = down(solid.from[1]);
                const SDL_Rect box{left, top, std::max(1, across(solid.to[0]) - left),
                                   std::max(1, down(solid.to[1]) - top)};
                screen.fill(box, shade);
                if (solid.sort != "ramp") continue;
                // Lines across, closer where it is higher.
                for (int i = 1; i < 6; ++i) {
                    const bool isAcross = solid.up == "right" || solid.up == "left";
                    const int at = (isAcross ? box.w : box.h) * i * i / 36;
                    const bool isTurned = solid.up == "left" || solid.up == "up";
                    const int along = isTurned ? at : (isAcross ? box.w : box.h) - at;
                    if (isAcross)
                        screen.fill(SDL_Rect{box.x + along, box.y, 1, box.h}, {60, 66, 74});
                    else
                        screen.fill(SDL_Rect{box.x, box.y + along, box.w, 1}, {60, 66, 74});
                }
            }
        }
    }
}

/// In the middle of the view.
inline void drawKeeper(Screen& screen, int viewWidth, int viewHeight) {
    const SDL_Rect body{viewWidth / 2 - 5, viewHeight / 2 - 5, 10, 10};
    screen.fill(body, {240, 236, 220});
    screen.frame(body, {30, 127, 113});
}

}  // namespace lantern
