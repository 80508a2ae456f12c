#pragma once
/// What the window knows of the view beside the plan of a kit board: drawn in depth with OpenGL, or
/// aslant where that cannot be had.

#include <QWidget>

#include "app/session/session.h"

namespace rook::app {

class Board;

class ViewAslant : public QWidget {
    Q_OBJECT

public:
    using QWidget::QWidget;
    /// Shows the whole level.
    virtual void fit() = 0;
    virtual void themeChanged() = 0;
    virtual void zoomBy(double times) = 0;
    /// What is on the screen is what is there now, at rest.
    [[nodiscard]] virtual bool isCurrent() const { return true; }
    /// To the next of the corners, clockwise or back. Nothing where there is one direction only.
    virtual void turnToCorner(int /*by*/) {}

Q_SIGNALS:
    /// It can show nothing, and the painter's is wanted in its place.
    void gaveUp();
};

/// In depth where OpenGL 3.3 can be had, else the painter's; the first time, that is said once.
[[nodiscard]] ViewAslant* makeViewAslant(Session& session, Board& board, QWidget* parent);
/// The painter's, which needs nothing.
[[nodiscard]] ViewAslant* makePaintedView(Session& session, Board& board, QWidget* parent);

}  // namespace rook::app
