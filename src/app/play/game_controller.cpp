#include "app/play/game_controller.h"

#include <SDL.h>
#include <chrono>

namespace rook::app {

namespace {

constexpr auto lookEvery = std::chrono::milliseconds(6);
constexpr int looksBetweenSearches = 160;  // about a second
constexpr int deadZone = 12000;            // of 32,767

enum Bit : unsigned {
    leftBit = 1,
    rightBit = 2,
    upBit = 4,
    downBit = 8,
    jumpBit = 16,
    useBit = 32,
    swapBit = 64
};

unsigned heldOn(SDL_GameController* pad) {
    const auto has = [&](SDL_GameControllerButton button) {
        return SDL_GameControllerGetButton(pad, button) != 0;
    };
    const int across = SDL_GameControllerGetAxis(pad, SDL_CONTROLLER_AXIS_LEFTX);
    const int down = SDL_GameControllerGetAxis(pad, SDL_CONTROLLER_AXIS_LEFTY);
    unsigned held = 0;
    if (across < -deadZone || has(SDL_CONTROLLER_BUTTON_DPAD_LEFT)) held |= leftBit;
    if (across > deadZone || has(SDL_CONTROLLER_BUTTON_DPAD_RIGHT)) held |= rightBit;
    if (down < -deadZone || has(SDL_CONTROLLER_BUTTON_DPAD_UP)) held |= upBit;
    if (down > deadZone || has(SDL_CONTROLLER_BUTTON_DPAD_DOWN)) held |= downBit;
    if (has(SDL_CONTROLLER_BUTTON_A)) held |= jumpBit;
    if (has(SDL_CONTROLLER_BUTTON_X)) held |= useBit;
    if (has(SDL_CONTROLLER_BUTTON_Y)) held |= swapBit;
    return held;
}

SDL_GameController* firstController() {
    for (int i = 0; i < SDL_NumJoysticks(); ++i)
        if (SDL_IsGameController(i))
            if (SDL_GameController* pad = SDL_GameControllerOpen(i)) return pad;
    return nullptr;
}

}  // namespace

GameController::GameController() : m_thread([this] { run(); }) {}

GameController::~GameController() {
    m_ends = true;
    m_thread.join();
}

ControllerState GameController::state() const {
    const unsigned held = m_held;
    return {(held & leftBit) != 0, (held & rightBit) != 0, (held & upBit) != 0,
            (held & downBit) != 0, (held & jumpBit) != 0,  (held & useBit) != 0,
            (held & swapBit) != 0};
}

void GameController::run() {
    SDL_SetHint(SDL_HINT_NO_SIGNAL_HANDLERS, "1");
    // The window that has the keyboard is none of this library's.
    SDL_SetHint(SDL_HINT_JOYSTICK_ALLOW_BACKGROUND_EVENTS, "1");
    if (SDL_InitSubSystem(SDL_INIT_GAMECONTROLLER) != 0) return;
    SDL_GameController* pad = nullptr;
    for (int look = 0; !m_ends; ++look) {
        SDL_GameControllerUpdate();
        if (pad && !SDL_GameControllerGetAttached(pad)) {
            SDL_GameControllerClose(pad);
            pad = nullptr;
        }
        if (!pad && look % looksBetweenSearches == 0) pad = firstController();
        m_held = pad ? heldOn(pad) : 0;
        // Nobody reads what is told besides: it would pile up.
        SDL_FlushEvents(SDL_FIRSTEVENT, SDL_LASTEVENT);
        std::this_thread::sleep_for(lookEvery);
    }
    if (pad) SDL_GameControllerClose(pad);
    SDL_QuitSubSystem(SDL_INIT_GAMECONTROLLER);
}

}  // namespace rook::app
