#include "collide/px_maps.h"

#include <algorithm>
#include <array>

namespace rook::collide {

namespace {

using runtime::Behaviour;
using runtime::CellShape;
using runtime::EdgeRule;
using runtime::Form;
using runtime::FormRow;

/// The rows of all forms, looked up.
class FormRows {
public:
    FormRows(int width, int height) : m_height(height) {
        for (int f = 0; f < runtime::formCount; ++f)
            for (int j = 0; j < height; ++j)
                m_rows.push_back(runtime::formRow(static_cast<Form>(f), j, width, height));
    }
    [[nodiscard]] FormRow at(Form form, int j) const {
        return m_rows[static_cast<std::size_t>(form) * static_cast<std::size_t>(m_height) +
                      static_cast<std::size_t>(j)];
    }

private:
    int m_height;
    std::vector<FormRow> m_rows;
};

struct Pads {
    int left, right, top, bottom;
};

Pads padsOf(const runtime::Frame& frame, const runtime::MotionTables& tables,
            const runtime::Parts& parts) {
    const runtime::Margins m = runtime::marginsOf(frame, tables, parts.springs);
    return {m.left + 1, m.right + 1, m.top + 1, m.bottom + 1};
}

/// Fills the pads by the rules of the edges: solid before deadly, deadly before empty.
void fillEdges(PxMaps& maps, const runtime::Frame& frame) {
    const int width = maps.solid.width();
    const int height = maps.solid.height();
    const int right = maps.left + frame.widthPx();
    const int bottom = maps.top + frame.heightPx();
    const runtime::Edges& e = frame.edges;
    const auto fillSide = [&](BitMap& map, EdgeRule rule, int y) {
        if (e.left == rule) map.setRun(y, 0, maps.left);
        if (e.right == rule) map.setRun(y, right, width);
        if ((y < maps.top && e.top == rule) || (y >= bottom && e.bottom == rule))
            map.setRun(y, 0, width);
    };
    for (int y = 0; y < height; ++y) {
        fillSide(maps.solid, EdgeRule::Wall, y);
        fillSide(maps.deadly, EdgeRule::Deadly, y);
        // The outermost px of an open side is beyond its margin.
        if (e.left == EdgeRule::Open) maps.deadly.setRun(y, 0, 1);
        if (e.right == EdgeRule::Open) maps.deadly.setRun(y, width - 1, width);
    }
    if (e.top == EdgeRule::Open) maps.deadly.setRun(0, 0, width);
    if (e.bottom == EdgeRule::Open) maps.deadly.setRun(height - 1, 0, width);
}

/// Sets the px of a box of level px.
void fillBox(BitMap& map, const PxMaps& maps, const runtime::Box& box) {
    for (int y = box.y; y < box.y + box.height; ++y)
        map.setRun(maps.top + y, maps.left + box.x, maps.left + box.x + box.width);
}

/// The px of a map whose upper neighbour is not in it.
BitMap topsOf(const BitMap& map) {
    BitMap tops(map.width(), map.height());
    for (int y = 0; y < map.height(); ++y) {
        const BitMap::Word* here = map.row(y);
        const BitMap::Word* above = y > 0 ? map.row(y - 1) : nullptr;
        for (int i = 0; i < map.wordsPerRow(); ++i)
            tops.row(y)[i] = here[i] & ~(above ? above[i] : 0);
    }
    return tops;
}

/// Cells of each behaviour, as bits; a map is made when it is first needed.
class CellMaps {
public:
    CellMaps(PxMaps& maps, const runtime::Frame& frame) : m_maps(maps), m_frame(frame) {}

    void fill(const runtime::CellSource& cells) {
        const FormRows forms(m_frame.cellWidth, m_frame.cellHeight);
        for (int row = 0; row < m_frame.rows; ++row) {
            for (int column = 0; column < m_frame.columns;) {
                const CellShape shape = cells.at(column, row);
                int end = column + 1;
                if (shape.form == Form::Full) {
                    while (end < m_frame.columns &&
                           cells.at(end, row).behaviour == shape.behaviour &&
                           cells.at(end, row).form == Form::Full)
                        ++end;
                }
                BitMap* map = mapOf(shape.behaviour);
                const int x = m_maps.left + column * m_frame.cellWidth;
                const int y = m_maps.top + row * m_frame.cellHeight;
                const int wholeCells = (end - column - 1) * m_frame.cellWidth;
                for (int j = 0; map && j < m_frame.cellHeight; ++j) {
                    const FormRow run = forms.at(shape.form, j);
                    map->setRun(y + j, x + run.from, x + wholeCells + run.to);
                }
                column = end;
            }
        }
        m_maps.oneWayTop = topsOf(m_oneWay.width() > 0 ? m_oneWay : blank());
        if (m_maps.ladder.width() > 0) m_maps.ladderTop = topsOf(m_maps.ladder);
    }

private:
    [[nodiscard]] BitMap blank() const { return {m_maps.solid.width(), m_maps.solid.height()}; }
    BitMap* made(BitMap& map) const {
        if (map.width() == 0) map = blank();
        return &map;
    }
    BitMap* mapOf(Behaviour behaviour) {
        switch (behaviour) {
            case Behaviour::Solid:
                return &m_maps.solid;
            case Behaviour::OneWay:
                return made(m_oneWay);
            case Behaviour::Deadly:
                return &m_maps.deadly;
            case Behaviour::Liquid:
                return made(m_maps.liquid);
            case Behaviour::Ladder:
                return made(m_maps.ladder);
            case Behaviour::Open:
                return nullptr;
        }
        return nullptr;
    }

    PxMaps& m_maps;
    const runtime::Frame& m_frame;
    BitMap m_oneWay;
};

/// A map of boxes becomes one of the positions at which a body meets them.
BitMap meetings(BitMap map, const runtime::MotionTables& tables) {
    map.spreadLeft(tables.bodyWidth);
    map.spreadUp(tables.bodyHeight);
    return map;
}

/// A map of px to stand on becomes one of the positions of a body directly above them.
BitMap standings(BitMap ground, const runtime::MotionTables& tables) {
    ground.spreadLeft(tables.bodyWidth);
    BitMap above(ground.width(), ground.height());
    for (int y = 0; y + tables.bodyHeight < ground.height(); ++y)
        std::copy_n(ground.row(y + tables.bodyHeight), ground.wordsPerRow(), above.row(y));
    return above;
}

void addAll(BitMap& map, const BitMap& other) {
    for (int y = 0; y < map.height(); ++y)
        for (int i = 0; i < map.wordsPerRow(); ++i)
            map.row(y)[i] |= other.row(y)[i];
}

/// What ladders and liquids add for a body that climbs or swims.
void addHolds(BodyMaps& body, const PxMaps& maps, const runtime::MotionTables& tables,
              runtime::AbilitySet abilities) {
    const bool climbs =
        (abilities & setOf(runtime::Ability::Climb)) != 0 && maps.ladder.width() > 0;
    const bool swims = (abilities & setOf(runtime::Ability::Swim)) != 0 && maps.liquid.width() > 0;
    if (swims) body.liquid = meetings(maps.liquid, tables);
    if (climbs || swims) body.holdFloor = body.floor;
    if (!climbs) return;
    body.ladder = meetings(maps.ladder, tables);
    body.ladderTop = standings(maps.ladderTop, tables);
    addAll(body.floor, body.ladderTop);
    for (int y = 0; y < body.floor.height(); ++y)
        for (int i = 0; i < body.floor.wordsPerRow(); ++i)
            body.holdFloor.row(y)[i] |= body.ladderTop.row(y)[i] & ~body.ladder.row(y)[i];
}

}  // namespace

std::int64_t mapBits(const runtime::Frame& frame, const runtime::MotionTables& tables,
                     const runtime::Parts& parts) {
    const Pads pads = padsOf(frame, tables, parts);
    return (std::int64_t{frame.columns} * frame.cellWidth + pads.left + pads.right) *
           (std::int64_t{frame.rows} * frame.cellHeight + pads.top + pads.bottom);
}

PxMaps makePxMaps(const runtime::Frame& frame, const runtime::CellSource& cells,
                  const runtime::MotionTables& tables, const runtime::Parts& parts) {
    const Pads pads = padsOf(frame, tables, parts);
    const int width = frame.widthPx() + pads.left + pads.right;
    const int height = frame.heightPx() + pads.top + pads.bottom;
    PxMaps maps;
    maps.left = pads.left;
    maps.top = pads.top;
    maps.solid = BitMap(width, height);
    maps.deadly = BitMap(width, height);
    fillEdges(maps, frame);
    for (const runtime::Box& box : parts.closed)
        fillBox(maps.deadly, maps, box);
    if (runtime::listedByAny(tables, runtime::Ability::Untouchable)) maps.deadlyEdges = maps.deadly;
    CellMaps(maps, frame).fill(cells);
    for (const runtime::Box& box : parts.deadly)
        fillBox(maps.deadly, maps, box);
    for (const runtime::TimedHazard& hazard : parts.timed)
        if (hazard.times.isAlwaysOn()) fillBox(maps.deadly, maps, hazard.box);
    return maps;
}

BodyMaps makeBodyMaps(const PxMaps& maps, const runtime::MotionTables& tables,
                      const runtime::Parts& parts, runtime::HeldSet held,
                      runtime::AbilitySet abilities) {
    const int width = maps.solid.width();
    const int height = maps.solid.height();
    BitMap solid = maps.solid;
    for (const runtime::Door& door : parts.doors)
        if (!door.isOpen(held)) fillBox(solid, maps, door.box);
    BitMap ground = solid;
    addAll(ground, maps.oneWayTop);
    BodyMaps body;
    body.left = maps.left;
    body.top = maps.top;
    body.free = BitMap(width, height);
    body.live = BitMap(width, height);
    body.floor = standings(std::move(ground), tables);
    const BitMap blocked = meetings(std::move(solid), tables);
    BitMap deadly = maps.deadly;
    const bool liquidsKill = tables.fromAbove && (abilities & setOf(runtime::Ability::Swim)) == 0;
    if (liquidsKill && maps.liquid.width() > 0) addAll(deadly, maps.liquid);
    // Deadly edges are deadly for everybody.
    const bool isUntouchable = (abilities & setOf(runtime::Ability::Untouchable)) != 0;
    const BitMap killed = meetings(
        isUntouchable && maps.deadlyEdges.width() > 0 ? maps.deadlyEdges : std::move(deadly),
        tables);
    for (int y = 0; y + tables.bodyHeight <= height; ++y) {
        body.free.setRun(y, 0, width - tables.bodyWidth + 1);
        for (int i = 0; i < blocked.wordsPerRow(); ++i) {
            body.free.row(y)[i] &= ~blocked.row(y)[i];
            body.live.row(y)[i] = body.free.row(y)[i] & ~killed.row(y)[i];
        }
    }
    if (tables.fromAbove)
        body.floor = body.live;  // a body stands wherever it lives
    else
        addHolds(body, maps, tables, abilities);
    return body;
}

BodyMaps makeBodyMaps(const PxMaps& maps, const runtime::MotionTables& tables) {
    return makeBodyMaps(maps, tables, {}, 0, tables.abilities);
}

}  // namespace rook::collide
