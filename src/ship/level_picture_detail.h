#pragma once
/// What drawings of levels share. Private to ship/.

#include "file/bundle.h"
#include "file/json_text.h"
#include "ship/canvas_detail.h"

namespace rook::ship::detail {

/// Px that a module of a board of pieces takes, as in the stand-in game.
inline constexpr int planModulePx = 24;

class PictureDrawing {
public:
    /// All must outlive it.
    PictureDrawing(Canvas& canvas, const file::Json& level, const file::Json& kinds,
                   const file::Images& images)
        : m_canvas(canvas), m_level(level), m_images(images) {
        for (const file::Json& kind : kinds)
            m_kinds[kind.value("id", "")] = &kind;
    }

protected:
    [[nodiscard]] const Picture32& image(const std::string& path) const;
    /// The picture of a kind in a box, or the box in its colour.
    void drawKind(const std::string& id, const Part& box, bool isMirrored = false, int alpha = 255,
                  const file::Json& look = file::Json::object());

    Canvas& m_canvas;
    const file::Json& m_level;
    const file::Images& m_images;
    std::map<std::string, const file::Json*> m_kinds;
};

[[nodiscard]] Part boxOf(const file::Json& thing);
/// A cell's form, row by row.
void fillForm(Canvas& canvas, runtime::Form form, const Part& cell, Tone tone, int alpha);
/// The storey of the spawn, and faintly those below.
void drawKitPlan(Canvas& canvas, const file::Json& level, const file::Json& kinds,
                 const file::Images& images);
/// The board as it begins.
void drawPuzzleBoard(Canvas& canvas, const file::Json& level, const file::Json& kinds,
                     const file::Images& images);

}  // namespace rook::ship::detail
