#pragma once
/// What the board of each kind of level is painted by and walked by: one row a kind.

#include "app/painting/level_painter.h"
#include "app/play/playtest.h"

namespace rook::app {

struct LevelKindFace {
    std::unique_ptr<LevelPainter> (*makePainter)(Session&);
    Result<std::unique_ptr<Playtest>> (*startPlaytest)(Session&, PlayHost&, const PlayWish&);
    /// The whole level in a picture of that size, on any thread.
    QImage (*picture)(const level::Project&, const level::Level&, QSize, const Theme&,
                      const SheetImages&);
    bool showsSheets;  ///< in its pictures; else none are needed
    /// The project's sheets where pictures show them. On the interface thread.
    [[nodiscard]] SheetImages sheetsFor(const Session& session) const;
};

/// Cost: none.
[[nodiscard]] const LevelKindFace& faceOf(level::LevelKind kind);

}  // namespace rook::app
