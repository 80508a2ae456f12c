#pragma once
/// A game controller, looked at by a thread of its own; where there is none, nothing is ever held.

#include <atomic>
#include <thread>

namespace rook::app {

/// What is held at a moment.
struct ControllerState {
    bool left = false;
    bool right = false;
    bool up = false;
    bool down = false;
    bool jump = false;
    bool use = false;
    bool swap = false;
    [[nodiscard]] bool isAny() const { return left || right || up || down || jump || use || swap; }
};

/// The first controller that is there; one that is plugged in later is found within a second.
class GameController {
public:
    /// Returns at once: devices are looked for on the thread.
    GameController();
    ~GameController();
    GameController(const GameController&) = delete;
    GameController& operator=(const GameController&) = delete;
    [[nodiscard]] ControllerState state() const;

private:
    void run();
    std::atomic<unsigned> m_held{0};
    std::atomic<bool> m_ends{false};
    std::thread m_thread;
};

}  // namespace rook::app
