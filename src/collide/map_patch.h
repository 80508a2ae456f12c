#pragma once
/// Px and body maps made anew where a few cells changed, and nowhere else.

#include <optional>

#include "collide/px_maps.h"

namespace rook::collide {

class MapPatch {
public:
    /// For cells that changed, all inside of `cells` (columns and rows). Cost: proportional to
    /// those cells and a border as wide as the body.
    MapPatch(const runtime::Frame& frame, const runtime::CellSource& source,
             const runtime::MotionTables& tables, const runtime::Parts& parts,
             const CellRect& cells);

    /// Both are left half done, of no use any more, and tell so, if the new cells need a map that
    /// there is none of: the first ladder or liquid.
    [[nodiscard]] bool applyTo(PxMaps& maps) const;
    /// The positions, of the maps, at which something is otherwise than before lie in the rectangle
    /// returned; its size is 0 if there are none.
    [[nodiscard]] std::optional<PxRect> applyTo(BodyMaps& maps, runtime::HeldSet held,
                                                runtime::AbilitySet abilities) const;

private:
    class Source;

    runtime::MotionTables m_tables;
    runtime::Parts m_parts;
    PxRect m_changed;  ///< px of the cells
    PxPoint m_origin;  ///< px of the level at which the window begins
    PxMaps m_window;
};

}  // namespace rook::collide
