#pragma once
/// Answers "is there room?" for boxes of one body in one level. C++17 and nothing else.

#include <utility>

#include "rook_parts.hpp"

namespace rook::runtime {

/// A foe or a shot that is gone.
struct Beaten {
    int what = 0;          ///< place among the foes; among the timed hazards, after all of those
    long long until = -1;  ///< the tick in which it is there again; -1 = it is not
    bool operator==(const Beaten& o) const { return what == o.what && until == o.until; }
    bool operator<(const Beaten& o) const {
        return what != o.what ? what < o.what : until < o.until;
    }
};
using BeatenList = std::vector<Beaten>;
/// That one is gone in that tick.
inline bool isBeaten(const BeatenList& beaten, int what, long long tick) {
    for (const Beaten& each : beaten)
        if (each.what == what && (each.until < 0 || tick < each.until)) return true;
    return false;
}

/// What the answers depend on besides the place.
struct Moment {
    HeldSet held = 0;                    ///< opens doors
    long long tick = 0;                  ///< moves movers, turns timed hazards on and off
    AbilitySet abilities = 0;            ///< those that the body has now
    const BeatenList* beaten = nullptr;  ///< none if null
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
            if (m_parts.gains[i].wantsUse) m_wantsUse |= HeldSet{1} << i;
            if (m_parts.gains[i].movesAs >= 0) m_movesAs |= HeldSet{1} << i;
            if (m_parts.gains[i].isShutting) m_shutting |= HeldSet{1} << i;
        }
        if (tables.others.empty()) return;
        for (int i = 0; i <= static_cast<int>(tables.others.size()); ++i)
            m_profiles.push_back({tablesOf(tables, i).abilities, tablesOf(tables, i).swapsWith});
    }

    const Frame& frame() const { return m_frame; }
    const Parts& parts() const { return m_parts; }

    /// The abilities of a body that holds these: all that are listed but those that are granted by
    /// something that is not held, or taken by something that is.
    AbilitySet abilitiesWith(HeldSet held) const {
        const int profile = profileOf(held);
        AbilitySet abilities = profile > 0 ? m_profiles[static_cast<std::size_t>(profile)].abilities
                                           : m_listed & ~m_granted;
        if ((m_granted | m_taken) == 0) return abilities;
        AbilitySet taken = 0;
        for (std::size_t i = 0; i < m_parts.gains.size(); ++i) {
            if (((held >> i) & 1u) == 0) continue;
            if (profile == 0) abilities |= m_listed & m_parts.gains[i].grants;
            taken |= m_parts.gains[i].takes;
        }
        return abilities & ~taken;
    }
    Moment momentOf(HeldSet held, long long tick) const {
        return {held, tick, abilitiesWith(held), nullptr};
    }
    /// The profile in force: that of the first thing held that says one, else the level's own; or
    /// the one that it was swapped for.
    int profileOf(HeldSet held) const {
        if (m_profiles.empty() || (held & (m_movesAs | swappedBit)) == 0) return 0;
        const int by = profileBy(held);
        const int other = m_profiles[static_cast<std::size_t>(by)].swapsWith;
        return (held & swappedBit) != 0 && other >= 0 ? other : by;
    }
    /// A swap is forgotten when what is held brings another profile.
    HeldSet afterSwaps(HeldSet before, HeldSet after) const {
        return profileBy(before) == profileBy(after) ? after : after & ~swappedBit;
    }
    /// Gains that are met only by who uses them.
    HeldSet wantsUse() const { return m_wantsUse; }
    /// Doors that shut behind a body that ends a tick at (x, y) with that in hand: held from then
    /// on.
    HeldSet shutAt(int x, int y, HeldSet held) const {
        HeldSet shut = 0;
        if ((m_shutting & ~held) == 0) return shut;
        for (std::size_t i = 0; i < m_parts.gains.size(); ++i) {
            const Gain& gain = m_parts.gains[i];
            const HeldSet bit = HeldSet{1} << i;
            if ((m_shutting & bit & ~held) != 0 && (held & gain.after) == gain.after &&
                !overlaps(gain.box, bodyBox(x, y)))
                shut |= bit;
        }
        return shut;
    }
    /// What is held after a tick that leads through (x, y) to its end there, if nothing is over by
    /// time.
    HeldSet heldAfter(int x, int y, HeldSet held, bool isUsing) const {
        held |= gainsAt(x, y, isUsing);
        for (std::size_t i = 0; (held & m_timedEffects) != 0 && i < m_parts.gains.size(); ++i)
            if (m_parts.gains[i].isLocal() && !overlaps(m_parts.gains[i].keeps, bodyBox(x, y)))
                held &= ~(HeldSet{1} << i);
        return held | shutAt(x, y, held);
    }
    /// Adds the foes and shots that the body meets and beats.
    void addMet(int x, int y, const Moment& now, BeatenList& beaten) const {
        const Box body = bodyBox(x, y);
        const auto add = [&](std::size_t what, long long until) {
            if (!isGone(now, what)) beaten.push_back({static_cast<int>(what), until});
        };
        for (std::size_t i = 0; i < m_parts.foes.size(); ++i)
            if (m_parts.foes[i].canBeBeaten && overlaps(m_parts.foes[i].at(now.tick), body))
                add(i, m_parts.foes[i].comesAgainAfter(now.tick));
        for (std::size_t i = 0; i < m_parts.timed.size(); ++i)
            if (m_parts.timed[i].canBeBeaten && m_parts.timed[i].times.isOn(now.tick) &&
                overlaps(m_parts.timed[i].box, body))
                add(m_parts.foes.size() + i, -1);
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
    HeldSet gainsAt(int x, int y, bool isUsing = false) const {
        HeldSet met = 0;
        for (std::size_t i = 0; i < m_parts.gains.size(); ++i)
            if (overlaps(m_parts.gains[i].box, bodyBox(x, y))) met |= HeldSet{1} << i;
        return met & ~(isUsing ? m_shutting : m_shutting | m_wantsUse);
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
        if (meetsEdge(x, y, EdgeRule::Deadly)) return true;
        if (x < -m_margins.left || x + m_width > m_frame.widthPx() + m_margins.right ||
            y < -m_margins.top || y + m_height > m_frame.heightPx() + m_margins.bottom)
            return true;
        for (const Box& box : m_parts.closed)
            if (overlaps(box, bodyBox(x, y))) return true;
        if (hasAbility(now, Ability::Untouchable)) return false;
        if (meetsCells(x, y, Behaviour::Deadly)) return true;
        if (m_fromAbove && !hasAbility(now, Ability::Swim) && meetsCells(x, y, Behaviour::Liquid))
            return true;
        for (const Box& box : m_parts.deadly)
            if (overlaps(box, bodyBox(x, y))) return true;
        return meetsWhatGoes(x, y, now);
    }
    /// Something deadly meets it that goes by the clock, and neither is beaten nor would be.
    bool meetsWhatGoes(int x, int y, const Moment& now) const {
        const bool beats = hasAbility(now, Ability::BeatsFoes);
        const Box body = bodyBox(x, y);
        for (std::size_t i = 0; i < m_parts.foes.size(); ++i) {
            const Way& foe = m_parts.foes[i];
            if (overlaps(foe.at(now.tick), body) && !(beats && foe.canBeBeaten) && !isGone(now, i))
                return true;
        }
        for (std::size_t i = 0; i < m_parts.timed.size(); ++i) {
            const TimedHazard& hazard = m_parts.timed[i];
            if (hazard.times.isOn(now.tick) && overlaps(hazard.box, body) &&
                !(beats && hazard.canBeBeaten) && !isGone(now, m_parts.foes.size() + i))
                return true;
        }
        return false;
    }
    static bool isGone(const Moment& now, std::size_t what) {
        return now.beaten && isBeaten(*now.beaten, static_cast<int>(what), now.tick);
    }
    /// Without swaps.
    int profileBy(HeldSet held) const {
        if ((held & m_movesAs) == 0) return 0;
        for (std::size_t i = 0; i < m_parts.gains.size(); ++i)
            if ((held >> i) & m_movesAs >> i & 1u) return m_parts.gains[i].movesAs;
        return 0;
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
    HeldSet m_wantsUse = 0;
    HeldSet m_movesAs = 0;
    HeldSet m_shutting = 0;
    struct Profile {
        AbilitySet abilities;
        int swapsWith;
    };
    std::vector<Profile> m_profiles;  ///< none if there is but one
    Margins m_margins;
    Parts m_parts;
};

}  // namespace rook::runtime
