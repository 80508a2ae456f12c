#pragma once
/// The plan of a board of cells on paper: masses hatched as in a section drawing, the cast by its
/// characters, rulers. Private to ship/.

#include "collide/shapes.h"
#include "level/project.h"
#include "reach/verdict.h"
#include "ship/ink_detail.h"
#include "ship/legend.h"

namespace rook::ship::detail {

/// A numbered place.
struct PlanPin {
    int number = 0;
    PxRect place;
};

class Plan {
public:
    /// `legend` gives kinds their characters. What is given must outlive it.
    Plan(const level::Project& project, const level::Level& level, const Signs& legend);

    bool showsZones = false;
    std::shared_ptr<const reach::Answer> reach;  ///< washes where bodies can be; null = does not
    std::vector<PlanPin> pins;

    /// A part of the level, in px, drawn into an area of the same shape, with rulers at its left
    /// and upper side, `rulerWidth` wide, outside of the area.
    void draw(Ink& ink, const PxRect& part, const Area& area) const;
    static constexpr double rulerWidth = 16;

private:
    struct View;
    void drawGrid(Ink& ink, const View& view) const;
    void drawReach(Ink& ink, const View& view) const;
    void drawSolids(Ink& ink, const View& view) const;
    void drawOthers(Ink& ink, const View& view) const;
    void drawCast(Ink& ink, const View& view) const;
    void drawZones(Ink& ink, const View& view) const;
    void drawPins(Ink& ink, const View& view) const;
    void drawRulers(Ink& ink, const View& view) const;

    const level::Project& m_project;
    const level::Level& m_level;
    const Signs& m_legend;
    collide::CollisionShapes m_shapes;
};

/// The kinds that a level has, with their characters and counts: "C crab 3".
struct CastRow {
    std::string sign, title;
    int count = 0;
};
[[nodiscard]] std::vector<CastRow> castRowsOf(const level::Project& project,
                                              const level::Level& level, const Signs& legend);

/// Who it is of, at the lower right: a framed block.
struct TitleBlock {
    std::string project, level, line;  ///< line: size and scale
    std::string page;
};
inline constexpr double titleBlockHeight = 34;
void drawTitleBlock(Ink& ink, const Area& area, const TitleBlock& block);

/// "side, 60 x 34 cells of 16 x 16 px".
[[nodiscard]] std::string sizeWords(const level::Level& level);

}  // namespace rook::ship::detail
