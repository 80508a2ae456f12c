#pragma once
/// How much is left of what lies before the player, in play: it fades where it would hide the body,
/// or beyond a line, tick by tick.

#include <vector>

#include "level/project.h"

namespace rook::app {

class FrontFading {
public:
    /// One tick more; `body` in level px.
    void follow(const level::Project& project, const level::Level& level, const PxRect& body);
    /// Of their opacity, by layer of the level.
    [[nodiscard]] const std::vector<double>& layers() const { return m_layers; }
    /// Likewise, by picture of the level's backdrop.
    [[nodiscard]] const std::vector<double>& pictures() const { return m_pictures; }

private:
    std::vector<double> m_layers;
    std::vector<double> m_pictures;
};

}  // namespace rook::app
