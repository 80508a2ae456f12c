#pragma once
/// Answers "is there room?" for boxes of one body in one level. C++17 and nothing else.

#include <utility>

#include "rook_parts.hpp"

namespace rook::runtime {

/// What the answers depend on besides the place.
struct Moment {
    HeldSet held = 0;          ///< opens doors
    long long tick = 0;        ///< moves movers, turns timed hazards on and off
    AbilitySet abilities = 0;  ///< those that the body has now
};

/// Reads cells when asked and keeps no px maps, so it is made at once for a level of any size. Does
/// not own the cells.
class World {
public:
    World(const Frame& frame, const CellSource& cells, const MotionTables& tables, Parts parts = {})
        : m_frame(frame),
          m_cells(&cells),
          m_width(tables.bodyWidth),
          m_height(tables.bodyHeight),
          m_fromAbove(tables.fromAbove),
          m_listed(tables.abilities),
          m_margins(marginsOf(frame, tables, parts.springs)),
          m_parts(std::move(parts)) {
        for (std::size_t i = 0; i < m_parts.gains.size(); ++i) {
            m_granted |= m_parts.gains[i].grants;
            m_taken |= m_parts.gains[i].takes;
            if (m_parts.gains[i].isTimed()) m_timedEffects |= HeldSet{1} << i;
        }
    }

    const Frame& frame() const { return m_frame; }
    const Parts& parts() const { return m_parts; }

    /// The abilities of a body that holds these: all that are listed but those that are granted by
    /// something that is not held, or taken by something that is.
    AbilitySet abilitiesWith(HeldSet held) const {
        AbilitySet abilities = m_listed & ~m_granted;
        if ((m_granted | m_taken) == 0) return abilities;
        AbilitySet taken = 0;
        for (std::size_t i = 0; i < m_parts.gains.size(); ++i) {
            if (((held >> i) & 1u) == 0) continue;
            abilities |= m_listed & m_parts.gains[i].grants;
            taken |= m_parts.gains[i].takes;
        }
        return abilities & ~taken;
    }
    Moment momentOf(HeldSet held, long long tick) const {
        return {held, tick, abilitiesWith(held)};
    }

    /// All gains that do not last for good.
    HeldSet timedEffects() const { return m_timedEffects; }
    /// A body at (x, y) stands in a door that would shut without that.
    bool wouldShutOn(int x, int y, HeldSet held, HeldSet without) const {
        return doorShutsOn(m_parts, bodyBox(x, y), held, without);
    }

    /// The box at (x, y) meets nothing solid.
    bool isFree(int x, int y, const Moment& now = {}) const {
        if (meetsEdge(x, y, EdgeRule::Wall) || meetsCells(x, y, Behaviour::Solid)) return false;
        for (const Door& door : m_parts.doors)
            if (!door.isOpen(now.held) && overlaps(door.box, bodyBox(x, y))) return false;
        return true;
    }
    /// Free, meets nothing deadly, and has not left the level.
    bool isLive(int x, int y, const Moment& now = {}) const {
        return isFree(x, y, now) && !kills(x, y, now);
    }
    /// Something to stand on lies directly under the box: solid, a one-way top, a mover, and for
    /// who climbs, a ladder's top.
    bool hasFloor(int x, int y, const Moment& now = {}) const {
        return hasFixedFloor(x, y, now) || moverUnder(x, y, now.tick) >= 0 ||
               (climbs(now) && hasLadderTop(x, y));
    }
    /// The same, without movers and ladders.
    bool hasFixedFloor(int x, int y, const Moment& now) const {
        for (int px = x; px < x + m_width; ++px)
            if (solidPx(px, y + m_height) || topPx(px, y + m_height, Behaviour::OneWay))
                return true;
        for (const Door& door : m_parts.doors)
            if (!door.isOpen(now.held) && overlaps(door.box, rowUnder(x, y))) return true;
        return false;
    }
    /// A ladder's uppermost px lies directly under the box.
    bool hasLadderTop(int x, int y) const {
        for (int px = x; px < x + m_width; ++px)
            if (topPx(px, y + m_height, Behaviour::Ladder)) return true;
        return false;
    }
    bool meetsLadder(int x, int y) const { return meetsCells(x, y, Behaviour::Ladder); }
    bool meetsLiquid(int x, int y) const { return meetsCells(x, y, Behaviour::Liquid); }

    /// The first spring with a px of its top row directly under the box; -1 if there is none.
    int springUnder(int x, int y) const {
        for (std::size_t i = 0; i < m_parts.springs.size(); ++i)
            if (overlaps(topOf(m_parts.springs[i].box), rowUnder(x, y))) return static_cast<int>(i);
        return -1;
    }
    /// The first mover with a px of its top row directly under the box in that tick; -1 if none.
    int moverUnder(int x, int y, long long tick) const {
        for (std::size_t i = 0; i < m_parts.movers.size(); ++i)
            if (overlaps(topOf(m_parts.movers[i].at(tick)), rowUnder(x, y)))
                return static_cast<int>(i);
        return -1;
    }
    /// The gains whose boxes the body's box overlaps.
    HeldSet gainsAt(int x, int y) const {
        HeldSet met = 0;
        for (std::size_t i = 0; i < m_parts.gains.size(); ++i)
            if (overlaps(m_parts.gains[i].box, bodyBox(x, y))) met |= HeldSet{1} << i;
        return met;
    }

private:
    static constexpr bool hasAbility(const Moment& now, Ability ability) {
        return (now.abilities & setOf(ability)) != 0;
    }
    static bool climbs(const Moment& now) { return hasAbility(now, Ability::Climb); }
    static Box topOf(const Box& box) { return {box.x, box.y, box.width, 1}; }
    Box bodyBox(int x, int y) const { return {x, y, m_width, m_height}; }
    Box rowUnder(int x, int y) const { return {x, y + m_height, m_width, 1}; }

    bool insideRow(int py) const { return py >= 0 && py < m_frame.heightPx(); }
    bool inside(int px, int py) const { return insideRow(py) && px >= 0 && px < m_frame.widthPx(); }
    bool cellPx(int px, int py, Behaviour behaviour) const {
        const CellShape shape = m_cells->at(px / m_frame.cellWidth, py / m_frame.cellHeight);
        return shape.behaviour == behaviour &&
               formFills(shape.form, px % m_frame.cellWidth, py % m_frame.cellHeight,
                         m_frame.cellWidth, m_frame.cellHeight);
    }
    bool solidPx(int px, int py) const {
        if (inside(px, py)) return cellPx(px, py, Behaviour::Solid);
        const Edges& e = m_frame.edges;
        return (px < 0 && e.left == EdgeRule::Wall) ||
               (px >= m_frame.widthPx() && e.right == EdgeRule::Wall) ||
               (py < 0 && e.top == EdgeRule::Wall) ||
               (py >= m_frame.heightPx() && e.bottom == EdgeRule::Wall);
    }
    /// A px of this behaviour whose upper neighbour is not.
    bool topPx(int px, int py, Behaviour behaviour) const {
        if (!inside(px, py) || !cellPx(px, py, behaviour)) return false;
        return py == 0 || !cellPx(px, py - 1, behaviour);
    }
    /// Some px of the box lies in a half plane of this rule.
    bool meetsEdge(int x, int y, EdgeRule rule) const {
        const Edges& e = m_frame.edges;
        return (x < 0 && e.left == rule) || (x + m_width > m_frame.widthPx() && e.right == rule) ||
               (y < 0 && e.top == rule) || (y + m_height > m_frame.heightPx() && e.bottom == rule);
    }
    bool meetsCells(int x, int y, Behaviour behaviour) const {
        const int w = m_frame.cellWidth;
        const int h = m_frame.cellHeight;
        const int left = x < 0 ? 0 : x / w;
        const int top = y < 0 ? 0 : y / h;
        for (int row = top; row < m_frame.rows && row * h < y + m_height; ++row)
            for (int column = left; column < m_frame.columns && column * w < x + m_width; ++column)
                if (meetsCell(x, y, column, row, behaviour)) return true;
        return false;
    }
    bool meetsCell(int x, int y, int column, int row, Behaviour behaviour) const {
        const CellShape shape = m_cells->at(column, row);
        if (shape.behaviour != behaviour) return false;
        const int w = m_frame.cellWidth;
        const int h = m_frame.cellHeight;
        const int left = std::max(x - column * w, 0);
        const int right = std::min(x + m_width - column * w, w);
        const int top = std::max(y - row * h, 0);
        const int bottom = std::min(y + m_height - row * h, h);
        if (left >= right || top >= bottom) return false;
        if (shape.form == Form::Full) return true;
        for (int j = top; j < bottom; ++j)
            for (int i = left; i < right; ++i)
                if (formFills(shape.form, i, j, w, h)) return true;
        return false;
    }
    /// Requires: free. Deadly px, deadly edges, or gone beyond the margin of an open edge.
    bool kills(int x, int y, const Moment& now) const {
        if (meetsEdge(x, y, EdgeRule::Deadly) || meetsCells(x, y, Behaviour::Deadly)) return true;
        if (m_fromAbove && !hasAbility(now, Ability::Swim) && meetsCells(x, y, Behaviour::Liquid))
            return true;
        if (x < -m_margins.left || x + m_width > m_frame.widthPx() + m_margins.right ||
            y < -m_margins.top || y + m_height > m_frame.heightPx() + m_margins.bottom)
            return true;
        for (const Box& box : m_parts.deadly)
            if (overlaps(box, bodyBox(x, y))) return true;
        for (const Way& foe : m_parts.foes)
            if (overlaps(foe.at(now.tick), bodyBox(x, y))) return true;
        for (const TimedHazard& hazard : m_parts.timed)
            if (hazard.times.isOn(now.tick) && overlaps(hazard.box, bodyBox(x, y))) return true;
        return false;
    }

    Frame m_frame;
    const CellSource* m_cells;
    int m_width;
    int m_height;
    bool m_fromAbove;
    AbilitySet m_listed;
    AbilitySet m_granted = 0;
    AbilitySet m_taken = 0;
    HeldSet m_timedEffects = 0;
    Margins m_margins;
    Parts m_parts;
};

}  // namespace rook::runtime
