#pragma once
/// What a board is made of, as it is painted below all else: matter, or pieces. One for each kind
/// of level; it keeps pictures of what it painted.

#include <memory>

#include "app/painting/matter_painter.h"
#include "app/session/session.h"

namespace rook::app {

/// Where and how long one may paint.
struct PaintFrame {
    View view;
    QRect area;  ///< widget px
    double devicePixelRatio = 1;
    double budgetMs = 6;
};

class LevelPainter {
public:
    virtual ~LevelPainter() = default;
    /// Forgets all pictures.
    virtual void clear() = 0;
    /// Forgets what shows these cells.
    virtual void invalidate(const CellRect& cells, CellSize size) = 0;
    /// False if some of it was not made in time, and another round is wanted.
    virtual bool paint(QPainter& painter, const MatterScene& scene, const PaintFrame& frame) = 0;
    /// True if the entity is on the part of the board that is worked on.
    [[nodiscard]] virtual bool shows(const level::Entity&) const { return true; }
    /// What is at a cell of the level, rich text; `entity` is what stands there, or null.
    [[nodiscard]] virtual QString wordsAt(CellPoint cell, const level::Entity* entity) = 0;
};

[[nodiscard]] std::unique_ptr<LevelPainter> makeMatterPainter(Session& session);
[[nodiscard]] std::unique_ptr<LevelPainter> makeKitPainter(Session& session);
[[nodiscard]] std::unique_ptr<LevelPainter> makePuzzlePainter(Session& session);

}  // namespace rook::app
