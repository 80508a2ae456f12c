#pragma once
/// The screens of the game while one walks: the board as a whole, a frame of each screen, or that
/// screen alone at whole zoom; with the camera that games have (runtime/rook_camera.hpp).

#include <QPainter>

#include "app/painting/view.h"
#include "level/game.h"
#include "rook_camera.hpp"

namespace rook::app {

class ScreenView {
public:
    /// The board, then each screen as a frame, then alone, then the board again.
    void next(const level::Game& game);
    /// Px by px, as the game's camera does. Nothing on the board as a whole.
    void follow(const runtime::Box& body, const runtime::Box& bounds);
    /// Nothing but the screen is seen.
    [[nodiscard]] bool isAlone() const { return m_screen && m_place % 2 == 0; }
    /// The view with that screen in the middle, at the greatest whole zoom that fits.
    [[nodiscard]] View viewOf(View view, QSize size) const;
    void paint(QPainter& painter, const View& view, QSize size) const;
    [[nodiscard]] QString words() const;

private:
    int m_place = 0;  ///< 0 = the board; 2 n + 1 = a frame of screen n, 2 n + 2 = that alone
    std::optional<level::Screen> m_screen;
    runtime::Camera m_camera;
    bool m_isSet = false;
};

}  // namespace rook::app
