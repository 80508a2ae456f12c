#include "collide/map_patch.h"

#include <algorithm>

namespace rook::collide {

/// The cells of a level from a certain one on.
class MapPatch::Source final : public runtime::CellSource {
public:
    Source(const runtime::CellSource& source, int column, int row)
        : m_source(source), m_column(column), m_row(row) {}
    [[nodiscard]] runtime::CellShape at(int column, int row) const override {
        return m_source.at(column + m_column, row + m_row);
    }

private:
    const runtime::CellSource& m_source;
    int m_column;
    int m_row;
};

namespace {

runtime::Parts shifted(runtime::Parts parts, PxPoint origin) {
    const auto shift = [&](runtime::Box& box) {
        box.x -= origin.x;
        box.y -= origin.y;
    };
    for (runtime::Box& box : parts.deadly)
        shift(box);
    for (runtime::Box& box : parts.closed)
        shift(box);
    for (runtime::Door& door : parts.doors)
        shift(door.box);
    for (runtime::TimedHazard& hazard : parts.timed)
        shift(hazard.box);
    return parts;
}

/// Copies bits, and grows `changed` by those that were otherwise. No bits in `from` are zeros.
bool copyBits(BitMap& to, const PxRect& at, const BitMap& from, PxPoint fromAt, PxRect& changed) {
    if (to.width() == 0) return from.width() == 0;
    const PxRect inside = at.intersected({0, 0, to.width(), to.height()});
    for (int y = inside.y; y < inside.bottom(); ++y) {
        for (int x = inside.x; x < inside.right(); ++x) {
            const bool bit = from.test(x - at.x + fromAt.x, y - at.y + fromAt.y);
            if (bit == to.test(x, y)) continue;
            if (bit)
                to.set(x, y);
            else
                to.clearRun(y, x, x + 1);
            changed = changed.united({x, y, 1, 1});
        }
    }
    return true;
}

int cellsFor(int px, int cellPx) {
    return (px + cellPx - 1) / cellPx;
}

}  // namespace

MapPatch::MapPatch(const runtime::Frame& frame, const runtime::CellSource& source,
                   const runtime::MotionTables& tables, const runtime::Parts& parts,
                   const CellRect& cells)
    : m_tables(tables), m_changed(toPx(cells, {frame.cellWidth, frame.cellHeight})) {
    // No position that is copied sees what lies beyond the window.
    const int aside = cellsFor(tables.bodyWidth + 4, frame.cellWidth) + 1;
    const int above = cellsFor(tables.bodyHeight + 4, frame.cellHeight) + 1;
    const CellRect window = CellRect{cells.x - aside, cells.y - above, cells.width + 2 * aside,
                                     cells.height + 2 * above}
                                .intersected({0, 0, frame.columns, frame.rows});
    runtime::Frame part = frame;
    part.columns = window.width;
    part.rows = window.height;
    if (window.x > 0) part.edges.left = runtime::EdgeRule::Wall;
    if (window.y > 0) part.edges.top = runtime::EdgeRule::Wall;
    if (window.right() < frame.columns) part.edges.right = runtime::EdgeRule::Wall;
    if (window.bottom() < frame.rows) part.edges.bottom = runtime::EdgeRule::Wall;
    m_origin = {window.x * frame.cellWidth, window.y * frame.cellHeight};
    m_parts = shifted(parts, m_origin);
    m_window = makePxMaps(part, Source(source, window.x, window.y), tables, m_parts);
}

bool MapPatch::applyTo(PxMaps& maps) const {
    const PxRect px = m_changed.grown(1);
    const PxRect at{px.x + maps.left, px.y + maps.top, px.width, px.height};
    const PxPoint from{px.x - m_origin.x + m_window.left, px.y - m_origin.y + m_window.top};
    PxRect changed;
    bool isWhole = true;
    for (const auto map : {&PxMaps::solid, &PxMaps::oneWayTop, &PxMaps::deadly, &PxMaps::ladder,
                           &PxMaps::ladderTop, &PxMaps::liquid})
        isWhole = copyBits(maps.*map, at, m_window.*map, from, changed) && isWhole;
    return isWhole;
}

std::optional<PxRect> MapPatch::applyTo(BodyMaps& maps, runtime::HeldSet held,
                                        runtime::AbilitySet abilities) const {
    BodyMaps window = makeBodyMaps(m_window, m_tables, m_parts, held, abilities);
    if (window.holdFloor.width() == 0 && maps.holdFloor.width() > 0)
        window.holdFloor = window.floor;
    const PxRect px{m_changed.x - m_tables.bodyWidth - 2, m_changed.y - m_tables.bodyHeight - 2,
                    m_changed.width + m_tables.bodyWidth + 4,
                    m_changed.height + m_tables.bodyHeight + 4};
    const PxRect at{px.x + maps.left, px.y + maps.top, px.width, px.height};
    const PxPoint from{px.x - m_origin.x + window.left, px.y - m_origin.y + window.top};
    PxRect changed;
    for (const auto map : {&BodyMaps::free, &BodyMaps::live, &BodyMaps::floor, &BodyMaps::ladder,
                           &BodyMaps::ladderTop, &BodyMaps::holdFloor, &BodyMaps::liquid})
        if (!copyBits(maps.*map, at, window.*map, from, changed)) return std::nullopt;
    return changed;
}

}  // namespace rook::collide
