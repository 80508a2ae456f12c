#pragma once
/// The movement of Rook Plot levels: one tick of one body, in whole px and whole ticks (60 a
/// second).
///
/// The editor's playtest, the tests of the reach solver and games all run this very header. It
/// needs C++17 and nothing else. Units: px and ticks; y grows downwards; a body's place is the
/// upper left corner of its box. The model is described in docs/motion.md.
///
/// This version moves bodies by running, jumping, short hops, slopes and step up, one-way platforms
/// with drop-through, deadly px and level edges; and, seen from above, in all four directions.

#include <algorithm>
#include <array>
#include <cstddef>
#include <cstdlib>
#include <string_view>
#include <type_traits>
#include <utility>
#include <vector>

namespace rook::runtime {

/// What a matter does to a body. Frozen order: written to files by name.
enum class Behaviour : unsigned char { Open, Solid, OneWay, Ladder, Liquid, Deadly };

/// The part of a cell that its matter fills. Frozen order: written to files by name.
enum class Form : unsigned char {
    Full,
    LowerHalf,
    UpperHalf,
    LeftHalf,
    RightHalf,
    RiseRight,
    RiseLeft,
    RiseRight1Of2,
    RiseRight2Of2,
    RiseLeft1Of2,
    RiseLeft2Of2,
    HangRight,
    HangLeft,
};
inline constexpr int formCount = 13;

/// The names in files, in the order of the enumerators. Frozen.
inline constexpr std::array<std::string_view, 6> behaviourNames{"open",   "solid",  "one-way",
                                                                "ladder", "liquid", "deadly"};
inline constexpr std::array<std::string_view, formCount> formNames{
    "full",           "lower-half", "upper-half",      "left-half",       "right-half",
    "rise-right",     "rise-left",  "rise-right-1of2", "rise-right-2of2", "rise-left-1of2",
    "rise-left-2of2", "hang-right", "hang-left"};

/// True if the form fills px (i, j) of a cell of `width` x `height` px, j down: a px is filled when
/// its centre lies in the shape, border included. Exact, in whole numbers: with u = (i + 1/2) /
/// width and t = 1 - (j + 1/2) / height, `a` is u and `b` is t, both times 2 x width x height.
inline bool formFills(Form form, int i, int j, int width, int height) {
    const long long a = (2LL * i + 1) * height;
    const long long b = (2LL * height - 2LL * j - 1) * width;
    const long long one = 2LL * width * height;
    switch (form) {
        case Form::Full:
            return true;
        case Form::LowerHalf:
            return 2 * b <= one;
        case Form::UpperHalf:
            return 2 * b >= one;
        case Form::LeftHalf:
            return 2 * a <= one;
        case Form::RightHalf:
            return 2 * a >= one;
        case Form::RiseRight:
            return b <= a;
        case Form::RiseLeft:
            return b <= one - a;
        case Form::RiseRight1Of2:
            return 2 * b <= a;
        case Form::RiseRight2Of2:
            return 2 * b <= one + a;
        case Form::RiseLeft1Of2:
            return 2 * b <= one - a;
        case Form::RiseLeft2Of2:
            return 2 * b <= 2 * one - a;
        case Form::HangRight:
            return b >= one - a;
        case Form::HangLeft:
            return b >= a;
    }
    return false;
}

/// The px that a form fills in row j of its cell: from `from` to `to` - 1, one run, as all forms
/// are convex; none if both are equal.
struct FormRow {
    int from = 0;
    int to = 0;
};

inline FormRow formRow(Form form, int j, int width, int height) {
    FormRow row;
    while (row.from < width && !formFills(form, row.from, j, width, height))
        ++row.from;
    row.to = row.from;
    while (row.to < width && formFills(form, row.to, j, width, height))
        ++row.to;
    return row;
}

enum class EdgeRule : unsigned char { Wall, Open, Deadly };
inline constexpr std::array<std::string_view, 3> edgeRuleNames{"wall", "open", "deadly"};

struct Edges {
    EdgeRule left = EdgeRule::Wall;
    EdgeRule right = EdgeRule::Wall;
    EdgeRule top = EdgeRule::Wall;
    EdgeRule bottom = EdgeRule::Deadly;
    bool operator==(const Edges& o) const {
        return left == o.left && right == o.right && top == o.top && bottom == o.bottom;
    }
};

/// What stands in one cell, as far as movement is concerned.
struct CellShape {
    Behaviour behaviour = Behaviour::Open;
    Form form = Form::Full;
};

/// Where a `World` reads its cells. Requires of `at`: callable for every cell of the level.
class CellSource {
public:
    virtual ~CellSource() = default;
    virtual CellShape at(int column, int row) const = 0;
};

/// A rectangle of px: x to x + width - 1, y to y + height - 1.
struct Box {
    int x = 0;
    int y = 0;
    int width = 0;
    int height = 0;
};

inline bool overlaps(const Box& a, const Box& b) {
    return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height &&
           b.y < a.y + a.height;
}

/// The step tables of a body: how far it moves in each tick. Exported as `motion`.
struct MotionTables {
    int bodyWidth = 12;   ///< px, 1 to 512
    int bodyHeight = 22;  ///< px, 1 to 512
    bool shortHop = false;
    bool dropThrough = false;
    std::vector<int> dx;  ///< px sideways at most, by phase; never negative
    std::vector<int> dy;  ///< px downwards, by phase; as many as dx
    int loopFrom = 0;     ///< the phase that follows the last one
    int topPhase = 0;  ///< the phase of a body that walks off an edge, bumps its head or is dropped
    std::array<int, 16> walk{};  ///< px that can be walked in tick t, by t mod 16
    int stepUp = 1;              ///< px
    bool fromAbove =
        false;           ///< the level is seen from above: nothing falls, all four ways are walks
    bool swims = false;  ///< from above: liquids do not kill

    int phaseAfter(int phase) const {
        return phase + 1 < static_cast<int>(dx.size()) ? phase + 1 : loopFrom;
    }
    /// The phase after `phase` when the jump button is let go in it; -1 where that is not possible.
    int phaseAfterLettingGo(int phase) const {
        if (!shortHop || phase < 4 || phase >= topPhase) return -1;
        return phase + 1 > topPhase - 4 ? phase + 1 : topPhase - 4;
    }
    /// Sum of all rises of one jump, px.
    int totalRise() const {
        int rise = 0;
        for (const int d : dy)
            if (d < 0) rise -= d;
        return rise;
    }
};

/// Size and edges of a level.
struct Frame {
    int columns = 0;
    int rows = 0;
    int cellWidth = 16;   ///< px
    int cellHeight = 16;  ///< px
    Edges edges;

    int widthPx() const { return columns * cellWidth; }
    int heightPx() const { return rows * cellHeight; }
};

/// How far a body may go beyond each edge before it has left the level, px; 0 unless it is open.
struct Margins {
    int left = 0;
    int right = 0;
    int top = 0;
    int bottom = 0;
};

inline Margins marginsOf(const Frame& frame, const MotionTables& tables) {
    const auto open = [](EdgeRule rule, int px) { return rule == EdgeRule::Open ? px : 0; };
    return {open(frame.edges.left, tables.bodyWidth), open(frame.edges.right, tables.bodyWidth),
            open(frame.edges.top, tables.bodyHeight + tables.totalRise()),
            open(frame.edges.bottom, tables.bodyHeight)};
}

/// Answers "is there room?" for boxes of one body in one level. Reads cells when asked and keeps no
/// px maps, so it is made at once for a level of any size. Does not own the cells.
class World {
public:
    World(const Frame& frame, const CellSource& cells, const MotionTables& tables,
          std::vector<Box> deadlyBoxes = {})
        : m_frame(frame),
          m_cells(&cells),
          m_width(tables.bodyWidth),
          m_height(tables.bodyHeight),
          m_margins(marginsOf(frame, tables)),
          m_liquidKills(tables.fromAbove && !tables.swims),
          m_deadlyBoxes(std::move(deadlyBoxes)) {}

    const Frame& frame() const { return m_frame; }

    /// The box at (x, y) meets nothing solid.
    bool isFree(int x, int y) const {
        return !meetsEdge(x, y, EdgeRule::Wall) && !meetsCells(x, y, Behaviour::Solid);
    }
    /// Free, meets nothing deadly, and has not left the level.
    bool isLive(int x, int y) const { return isFree(x, y) && !kills(x, y); }
    /// Something solid or a one-way top lies directly under the box.
    bool hasFloor(int x, int y) const {
        for (int px = x; px < x + m_width; ++px)
            if (solidPx(px, y + m_height) || oneWayTopPx(px, y + m_height)) return true;
        return false;
    }

private:
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
    bool oneWayTopPx(int px, int py) const {
        if (!inside(px, py) || !cellPx(px, py, Behaviour::OneWay)) return false;
        return py == 0 || !cellPx(px, py - 1, Behaviour::OneWay);
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
    bool kills(int x, int y) const {
        if (meetsEdge(x, y, EdgeRule::Deadly) || meetsCells(x, y, Behaviour::Deadly)) return true;
        if (m_liquidKills && meetsCells(x, y, Behaviour::Liquid)) return true;
        if (x < -m_margins.left || x + m_width > m_frame.widthPx() + m_margins.right ||
            y < -m_margins.top || y + m_height > m_frame.heightPx() + m_margins.bottom)
            return true;
        for (const Box& box : m_deadlyBoxes)
            if (overlaps(box, Box{x, y, m_width, m_height})) return true;
        return false;
    }

    Frame m_frame;
    const CellSource* m_cells;
    int m_width;
    int m_height;
    Margins m_margins;
    bool m_liquidKills;
    std::vector<Box> m_deadlyBoxes;
};

enum class Stance : unsigned char { Standing, Airborne, Ended };

/// One body between two ticks. `phase` counts only in the air; `tick` is the next tick's number.
struct Body {
    int x = 0;
    int y = 0;
    Stance stance = Stance::Airborne;
    int phase = 0;
    long long tick = 0;
};

/// Events of one tick, to be added up.
enum Button : unsigned { jumpButton = 1, letGoButton = 2, dropButton = 4, takeHoldButton = 8 };

struct Input {
    int dx = 0;  ///< px wished sideways, cut to the table
    int dy = 0;  ///< px wished up or down, where the level is seen from above
    unsigned buttons = 0;
};

/// A body at the start of a run: bottom centre on the bottom centre of `start`, standing if there
/// is floor, else in the air at the top phase; ended if that place is not live.
inline Body bodyAt(const Box& start, const World& world, const MotionTables& tables) {
    const int slack = start.width - tables.bodyWidth;
    Body body;
    body.x = start.x + (slack >= 0 ? slack / 2 : -((1 - slack) / 2));
    body.y = start.y + start.height - tables.bodyHeight;
    if (!world.isLive(body.x, body.y)) {
        body.stance = Stance::Ended;
    } else if (tables.fromAbove || world.hasFloor(body.x, body.y)) {
        body.stance = Stance::Standing;
    } else {
        body.phase = tables.topPhase;
    }
    return body;
}

namespace detail {

/// One tick of one body; `pass(x, y)` is told every live position on the way.
template <typename Pass>
class Tick {
public:
    Tick(const World& world, const MotionTables& tables, Body& body, Pass& pass)
        : m_world(world), m_tables(tables), m_body(body), m_pass(pass) {}

    void run(const Input& input) {
        if (m_body.stance == Stance::Standing && m_tables.fromAbove) {
            roam(input);
        } else if (m_body.stance == Stance::Standing) {
            runStanding(input);
        } else if (m_body.stance == Stance::Airborne) {
            fly(m_body.phase, input.dx, (input.buttons & letGoButton) != 0);
        }
        ++m_body.tick;
    }

private:
    void runStanding(const Input& input) {
        if (input.buttons & jumpButton) {
            fly(0, input.dx, false);
        } else if ((input.buttons & dropButton) && m_tables.dropThrough &&
                   m_world.isLive(m_body.x, m_body.y + 1)) {
            moveTo(m_body.x, m_body.y + 1);
            beAirborne(m_tables.topPhase);
        } else {
            walk(input.dx);
        }
    }

    /// Seen from above: |dx| px, then |dy| px, together at most the walk table's number.
    void roam(const Input& input) {
        const int most = m_tables.walk[static_cast<std::size_t>(m_body.tick % 16)];
        const int sideways = std::min(std::abs(input.dx), most);
        const int upright = std::min(std::abs(input.dy), most - sideways);
        for (int i = 0; i < sideways && m_body.stance == Stance::Standing; ++i)
            if (!roamOnePx(input.dx < 0 ? -1 : 1, 0)) break;
        for (int i = 0; i < upright && m_body.stance == Stance::Standing; ++i)
            if (!roamOnePx(0, input.dy < 0 ? -1 : 1)) break;
    }
    bool roamOnePx(int dx, int dy) {
        if (!m_world.isFree(m_body.x + dx, m_body.y + dy)) return false;
        return moveTo(m_body.x + dx, m_body.y + dy);
    }

    void walk(int wish) {
        const int direction = wish < 0 ? -1 : 1;
        const int most = m_tables.walk[static_cast<std::size_t>(m_body.tick % 16)];
        const int count = std::min(std::abs(wish), most);
        for (int i = 0; i < count && m_body.stance == Stance::Standing; ++i)
            if (!walkOnePx(direction)) return;
    }

    /// False when the walk ends at something solid.
    bool walkOnePx(int direction) {
        const int x = m_body.x;
        const int y = m_body.y;
        const int next = x + direction;
        if (!m_world.isFree(next, y)) return stepUp(next);
        if (!moveTo(next, y) || m_world.hasFloor(next, y)) return true;
        for (int k = 1; k <= m_tables.stepUp && m_world.isLive(next, y + k); ++k) {
            if (!m_world.hasFloor(next, y + k)) continue;
            for (int passed = 1; passed <= k; ++passed)
                moveTo(next, y + passed);
            return true;
        }
        beAirborne(m_tables.topPhase);
        return true;
    }

    bool stepUp(int next) {
        const int x = m_body.x;
        const int y = m_body.y;
        for (int k = 1; k <= m_tables.stepUp && m_world.isLive(x, y - k); ++k) {
            if (!m_world.isLive(next, y - k) || !m_world.hasFloor(next, y - k)) continue;
            for (int passed = 1; passed <= k; ++passed)
                moveTo(x, y - passed);
            moveTo(next, y - k);
            return true;
        }
        return false;
    }

    void fly(int phase, int wish, bool letsGo) {
        const auto p = static_cast<std::size_t>(phase);
        const int direction = wish < 0 ? -1 : 1;
        const int count = std::min(std::abs(wish), m_tables.dx[p]);
        for (int i = 0; i < count; ++i) {
            if (!m_world.isFree(m_body.x + direction, m_body.y)) break;
            if (!moveTo(m_body.x + direction, m_body.y)) return;
        }
        const int dy = m_tables.dy[p];
        for (int i = 0; i < std::abs(dy); ++i) {
            if (dy > 0 && m_world.hasFloor(m_body.x, m_body.y)) {
                m_body.stance = Stance::Standing;
                return;
            }
            if (dy < 0 && !m_world.isFree(m_body.x, m_body.y - 1)) {
                beAirborne(m_tables.topPhase);
                return;
            }
            if (!moveTo(m_body.x, m_body.y + (dy > 0 ? 1 : -1))) return;
        }
        const int afterLettingGo = letsGo ? m_tables.phaseAfterLettingGo(phase) : -1;
        beAirborne(afterLettingGo >= 0 ? afterLettingGo : m_tables.phaseAfter(phase));
    }

    void beAirborne(int phase) {
        m_body.stance = Stance::Airborne;
        m_body.phase = phase;
    }

    /// Requires: free there. False if that ends the run.
    bool moveTo(int x, int y) {
        m_body.x = x;
        m_body.y = y;
        if (!m_world.isLive(x, y)) {
            m_body.stance = Stance::Ended;
            return false;
        }
        m_pass(x, y);
        return true;
    }

    const World& m_world;
    const MotionTables& m_tables;
    Body& m_body;
    Pass& m_pass;
};

}  // namespace detail

/// Moves the body by one tick; `pass(int x, int y)` is told each live position on the way, in
/// order. A body that meets something deadly or leaves the level comes back as `Stance::Ended`.
template <typename Pass>
void step(const World& world, const MotionTables& tables, Body& body, const Input& input,
          Pass&& pass) {
    detail::Tick<std::remove_reference_t<Pass>>(world, tables, body, pass).run(input);
}

inline void step(const World& world, const MotionTables& tables, Body& body, const Input& input) {
    step(world, tables, body, input, [](int, int) {});
}

}  // namespace rook::runtime
