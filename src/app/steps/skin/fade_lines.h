#pragma once
/// The lines beyond which something in front fades in play, on the board of Skin: of the layer in
/// hand, and of the pictures before the level. Each is dragged by the handle in its middle.

#include <QPainter>
#include <optional>
#include <vector>

#include "app/painting/view.h"
#include "app/session/session.h"

namespace rook::app {

class FadeLines {
public:
    explicit FadeLines(Session& session) : m_session(session) {}
    /// `seen`: the part of the widget in which the handles lie; `layer`: in hand, -1 = the masses.
    void paint(QPainter& painter, const View& view, const QRectF& seen, int layer) const;
    /// True if a handle lies there, widget px; it is dragged then.
    bool press(QPointF at, const View& view, const QRectF& seen, int layer);
    bool drag(QPointF at, const View& view);
    /// The line stays where it was let go, as one edit.
    bool release();
    /// The drag is taken back; false if there was none.
    bool cancel();
    /// The middle of the handle of the n-th line, widget px. Requires: there are so many.
    [[nodiscard]] QPointF handleOf(std::size_t n, const View& view, const QRectF& seen,
                                   int layer) const;

private:
    /// One line, and whose it is.
    struct Shown {
        level::FadeLine line;
        int layer = -1;           ///< place in the level's layers; -1 = of a picture
        std::size_t picture = 0;  ///< place in the level's backdrop
        QString name;
    };
    [[nodiscard]] std::vector<Shown> lines(int layer) const;
    [[nodiscard]] QLineF onBoard(const level::FadeLine& line, const View& view) const;
    [[nodiscard]] QPointF handle(const level::FadeLine& line, const View& view,
                                 const QRectF& seen) const;

    Session& m_session;
    std::optional<Shown> m_dragged;  ///< with the line where the pointer is
};

}  // namespace rook::app
