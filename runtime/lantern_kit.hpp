#pragma once
// Kit boards in the stand-in game: the plan, and the keeper who walks the way that was proven.

#include <SDL.h>

#include <algorithm>

#include "rook_runtime.hpp"

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

/// The storey in plan, the ones below it darker, in a view of that size.
inline void drawKit(SDL_Renderer* renderer, const rook::runtime::KitPlan& plan,
                    const KitStroll& stroll, int viewWidth, int viewHeight) {
    const int storey = stroll.module(plan)[2];
    // Named, as C++17 lets no lambda take a structured binding.
    const std::pair<double, double> place = stroll.place(plan);
    const double x = place.first, y = place.second;
    constexpr double px = 24;  // of a module
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
                SDL_SetRenderDrawColor(renderer, static_cast<Uint8>(tone * light),
                                       static_cast<Uint8>((tone + 4) * light),
                                       static_cast<Uint8>((tone + 10) * light), 255);
                const int left = across(solid.from[0]);
                const int top = down(solid.from[1]);
                const SDL_Rect box{left, top, std::max(1, across(solid.to[0]) - left),
                                   std::max(1, down(solid.to[1]) - top)};
                SDL_RenderFillRect(renderer, &box);
                if (solid.sort != "ramp") continue;
                // Lines across, closer where it is higher.
                SDL_SetRenderDrawColor(renderer, 60, 66, 74, 255);
                for (int i = 1; i < 6; ++i) {
                    const bool isAcross = solid.up == "right" || solid.up == "left";
                    const int at = (isAcross ? box.w : box.h) * i * i / 36;
                    const bool isTurned = solid.up == "left" || solid.up == "up";
                    const int along = isTurned ? at : (isAcross ? box.w : box.h) - at;
                    if (isAcross)
                        SDL_RenderDrawLine(renderer, box.x + along, box.y, box.x + along,
                                           box.y + box.h);
                    else
                        SDL_RenderDrawLine(renderer, box.x, box.y + along, box.x + box.w,
                                           box.y + along);
                }
            }
        }
    }
    const SDL_Rect body{viewWidth / 2 - 5, viewHeight / 2 - 5, 10, 10};
    SDL_SetRenderDrawColor(renderer, 240, 236, 220, 255);
    SDL_RenderFillRect(renderer, &body);
    SDL_SetRenderDrawColor(renderer, 30, 127, 113, 255);
    SDL_RenderDrawRect(renderer, &body);
}

}  // namespace lantern
