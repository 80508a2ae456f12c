#pragma once
/// What steers a walk: keys that can be chosen, and a game controller, together.

#include <QKeyEvent>
#include <QSet>
#include <QString>
#include <array>
#include <optional>

#include "rook_player.hpp"

namespace rook::app {

enum class SteeringAction { Left, Right, Up, Down, Jump, Use, Swap };
inline constexpr int steeringActionCount = 7;

/// What an action is called.
[[nodiscard]] QString textOf(SteeringAction action);

/// The keys that steer: arrows, WASD and Space, and one chosen key an action. Kept in the settings.
class SteeringKeys {
public:
    [[nodiscard]] static SteeringKeys saved();
    void save() const;
    /// The chosen key; 0 = none is.
    [[nodiscard]] int chosen(SteeringAction action) const { return m_keys[std::size_t(action)]; }
    /// 0 takes the choice back. Gives why a key cannot be chosen; empty if it is.
    [[nodiscard]] QString choose(SteeringAction action, int key);
    /// True if the key, in a modifier's absence, does that. A key may do two things: Up jumps, too,
    /// as long as no key is chosen for jumping.
    [[nodiscard]] bool does(int key, SteeringAction action) const;

private:
    std::array<int, steeringActionCount> m_keys{};
};

/// What is held down now.
class Steering {
public:
    Steering() : m_keys(SteeringKeys::saved()) {}
    /// False if the key does not steer.
    bool takeKey(const QKeyEvent& event, bool isDown);
    /// All keys are up: they are let go elsewhere, where it is not told.
    void letGo() { m_held.clear(); }
    [[nodiscard]] bool isHeld(SteeringAction action) const;
    /// True once after a press.
    [[nodiscard]] bool takePress(SteeringAction action) {
        return std::exchange(m_isPressed[std::size_t(action)], false);
    }

private:
    SteeringKeys m_keys;
    QSet<int> m_held;
    std::array<bool, steeringActionCount> m_isPressed{};
};

}  // namespace rook::app
