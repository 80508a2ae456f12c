#pragma once
// Puzzle levels in the stand-in game: drawn from the bundle alone, played with the mouse (drag, or
// click and click); Backspace takes a move back.

#include <SDL.h>

#include <cmath>
#include <set>

#include "lantern_screen.hpp"
#include "lantern_text.hpp"
#include "rook_runtime.hpp"

namespace lantern {

/// Where one is in a puzzle level.
class PuzzleTable {
public:
    void begin(const rook::runtime::PuzzleLevel& level) {
        m_state = rook::runtime::puzzle::beginning(level.board);
        m_history.clear();
        m_picked = m_from = -1;
    }
    [[nodiscard]] bool isWon(const rook::runtime::PuzzleLevel& level) const {
        return rook::runtime::puzzle::isMet(level.board, m_state);
    }
    [[nodiscard]] const rook::runtime::puzzle::State& state() const { return m_state; }
    [[nodiscard]] std::size_t moves() const { return m_history.size(); }
    [[nodiscard]] int picked() const { return m_picked; }
    [[nodiscard]] int from() const { return m_from; }
    void takeBack() {
        if (m_history.empty()) return;
        m_state = m_history.back();
        m_history.pop_back();
    }
    /// The button goes down on that slot, -1 = beside all.
    void press(const rook::runtime::PuzzleLevel& level, int slot) {
        using namespace rook::runtime::puzzle;
        if (slot < 0) return;
        if (level.board.rule == Rule::Gather) {
            if (!make(level, {Move::Sort::Put, -1, -1, 0, -1, slot}))
                (void)make(level, {Move::Sort::Open, -1, -1, 0, -1, slot});
            return;
        }
        if (level.board.rule == Rule::Pour) {
            if (m_from >= 0 && m_from != slot) {
                (void)make(level, {Move::Sort::Pour, -1, -1, 0, m_from, slot});
                m_from = -1;
            } else {
                m_from = m_from == slot ? -1 : slot;
            }
            return;
        }
        const int owner = rook::runtime::puzzle::detail::ownersOf(
            level.board, m_state)[static_cast<std::size_t>(slot)];
        if (owner >= 0 && mayMove(level.board, owner))
            m_picked = owner;
        else if (m_picked >= 0)
            go(level, slot);
    }
    /// The button goes up on another slot than it went down.
    void release(const rook::runtime::PuzzleLevel& level, int slot) {
        if (slot < 0 || level.board.isOfStacks() || m_picked < 0) return;
        go(level, slot);
    }

private:
    bool make(const rook::runtime::PuzzleLevel& level, const rook::runtime::puzzle::Move& move) {
        rook::runtime::puzzle::State next = m_state;
        if (!rook::runtime::puzzle::apply(level.board, next, move)) return false;
        m_history.push_back(m_state);
        m_state = next;
        return true;
    }
    static bool mayMove(const rook::runtime::puzzle::Board& board, int counter) {
        const auto& each = board.counters[static_cast<std::size_t>(counter)];
        return board.rule == rook::runtime::puzzle::Rule::Push ? each.pushes : each.slides != 0;
    }
    /// The counter in hand by its own moves, the fewest; what is in its way it pushes last.
    void go(const rook::runtime::PuzzleLevel& level, int slot) {
        using namespace rook::runtime::puzzle;
        const auto hand = static_cast<std::size_t>(m_picked);
        std::vector<std::pair<State, std::vector<Move>>> open{{m_state, {}}};
        std::set<int> known{m_state.at[hand]};
        for (std::size_t n = 0; n < open.size() && n < 4096; ++n) {
            const std::pair<State, std::vector<Move>> now = open[n];
            for (const Move& move : movesOf(level.board, now.first)) {
                if (move.counter != m_picked) continue;
                std::pair<State, std::vector<Move>> next = now;
                (void)apply(level.board, next.first, move);
                next.second.push_back(move);
                const auto under = rook::runtime::puzzle::detail::covered(
                    level.board, next.first, level.board.counters[hand], next.first.at[hand]);
                if (std::find(under.begin(), under.end(), slot) != under.end()) {
                    for (const Move& each : next.second)
                        (void)make(level, each);
                    return;
                }
                bool pushes = false;
                for (std::size_t i = 0; i < next.first.at.size(); ++i)
                    pushes = pushes || (i != hand && next.first.at[i] != now.first.at[i]);
                if (!pushes && known.insert(next.first.at[hand]).second)
                    open.push_back(std::move(next));
            }
        }
    }
    rook::runtime::puzzle::State m_state;
    std::vector<rook::runtime::puzzle::State> m_history;
    int m_picked = -1;
    int m_from = -1;
};

/// From px of the level to px of the screen: whole, in its middle.
struct PuzzleView {
    double scale = 1;
    double left = 0;
    double top = 0;

    static PuzzleView of(const rook::runtime::Level& level, int width, int height) {
        PuzzleView view;
        const double wide = double(level.frame.columns) * level.frame.cellWidth;
        const double high = double(level.frame.rows) * level.frame.cellHeight;
        view.scale = std::min({2.0, width / wide, height / high});
        view.left = (width - wide * view.scale) / 2;
        view.top = (height - high * view.scale) / 2;
        return view;
    }
    /// The slot whose centre is nearest, if it is near; -1 = none.
    [[nodiscard]] int slotAt(const rook::runtime::PuzzleLevel& level, int x, int y) const {
        const double px = (x - left) / scale, py = (y - top) / scale;
        int best = -1;
        double nearest = std::max(level.slotWidth, level.slotHeight) * 0.62;
        for (std::size_t i = 0; i < level.slotFaces.size(); ++i) {
            const double apart =
                std::hypot(level.slotFaces[i].centreX - px, level.slotFaces[i].centreY - py);
            if (apart >= nearest) continue;
            nearest = apart;
            best = static_cast<int>(i);
        }
        return best;
    }
};

/// What counters of a kind look like.
struct CounterFace {
    Color tone{200, 200, 190};     ///< where there is no picture
    const Sheet* sheet = nullptr;  ///< its picture
    SDL_Rect source{0, 0, 0, 0};   ///< px of the texture
};

/// Draws a puzzle level as it stands.
class PuzzleDrawing {
public:
    using Tone = Color;
    PuzzleDrawing(Screen& screen, const PuzzleView& view) : m_screen(screen), m_view(view) {}

    /// `faceOf(kind)` tells what its counters look like.
    template <typename FaceOf>
    void draw(const rook::runtime::PuzzleLevel& level, const PuzzleTable& table, FaceOf&& faceOf) {
        for (std::size_t i = 0; i < level.slotFaces.size(); ++i)
            drawSlot(level, table, i);
        for (std::size_t i = 0; i < level.board.counters.size(); ++i) {
            const int at = table.state().at[i];
            if (at < 0) continue;
            const auto& corner = level.slotFaces[static_cast<std::size_t>(at)];
            const auto& counter = level.board.counters[i];
            const CounterFace face = faceOf(counter.kind);
            if (face.sheet)
                drawPicture(level, counter, corner, face);
            else
                drawToken(level, counter, corner, face.tone);
            if (static_cast<int>(i) == table.picked())
                frame(corner.x + 1, corner.y + 1, level.slotWidth - 2, level.slotHeight - 2,
                      {255, 255, 255});
        }
        drawQueue(level, table);
    }

private:
    /// Its picture over all its cells, turned with it.
    void drawPicture(const rook::runtime::PuzzleLevel& level,
                     const rook::runtime::puzzle::Counter& counter,
                     const rook::runtime::PuzzleSlot& corner, const CounterFace& face) {
        int left = 0, top = 0, right = 0, bottom = 0;
        for (const auto& cell : counter.cells) {
            left = std::min(left, cell.first);
            right = std::max(right, cell.first);
            top = std::min(top, cell.second);
            bottom = std::max(bottom, cell.second);
        }
        const int pitchX = pitch(level, true), pitchY = pitch(level, false);
        const SDL_FRect all = rect(corner.x + left * pitchX, corner.y + top * pitchY,
                                   (right - left) * pitchX + level.slotWidth,
                                   (bottom - top) * pitchY + level.slotHeight);
        SDL_FRect upright = all;
        if (counter.turn % 2 == 1)
            upright = {all.x + (all.w - all.h) / 2, all.y + (all.h - all.w) / 2, all.h, all.w};
        Placing how;
        how.quarterTurns = counter.turn;
        how.middle = {int(std::lround(upright.w / 2)), int(std::lround(upright.h / 2))};
        m_screen.copy(*face.sheet, face.source, upright, how);
    }
    /// Its cells in its colour, where it has no picture.
    void drawToken(const rook::runtime::PuzzleLevel& level,
                   const rook::runtime::puzzle::Counter& counter,
                   const rook::runtime::PuzzleSlot& corner, Tone tone) {
        const int pitchX = pitch(level, true), pitchY = pitch(level, false);
        for (const auto& cell : counter.cells) {
            const int x = corner.x + cell.first * pitchX, y = corner.y + cell.second * pitchY;
            box(x + 3, y + 3, level.slotWidth - 6, level.slotHeight - 6, tone);
            // What joins its cells.
            for (const auto& other : counter.cells) {
                const int dx = other.first - cell.first, dy = other.second - cell.second;
                if (dx == 1 && dy == 0)
                    box(x + level.slotWidth / 2, y + 3, pitchX, level.slotHeight - 6, tone);
                if (dx == 0 && dy == 1)
                    box(x + 3, y + level.slotHeight / 2, level.slotWidth - 6, pitchY, tone);
            }
        }
    }
    /// From slot to slot, px; of square boards alone, where counters have several cells.
    static int pitch(const rook::runtime::PuzzleLevel& level, bool isAcross) {
        const std::size_t next = isAcross ? 1 : static_cast<std::size_t>(level.board.columns);
        if (next >= level.slotFaces.size()) return isAcross ? level.slotWidth : level.slotHeight;
        return isAcross ? level.slotFaces[next].x - level.slotFaces[0].x
                        : level.slotFaces[next].y - level.slotFaces[0].y;
    }
    static Tone toneOf(const std::string& text) {
        unsigned value = 0x808080;
        if (text.size() == 7) (void)std::sscanf(text.c_str(), "#%06x", &value);
        return {Uint8(value >> 16), Uint8(value >> 8 & 0xff), Uint8(value & 0xff)};
    }
    [[nodiscard]] SDL_FPoint onScreen(double x, double y) const {
        return {float(x * m_view.scale + m_view.left), float(y * m_view.scale + m_view.top)};
    }
    [[nodiscard]] SDL_FRect rect(double x, double y, double width, double height) const {
        const SDL_FPoint corner = onScreen(x, y);
        return {corner.x, corner.y, float(width * m_view.scale), float(height * m_view.scale)};
    }
    void box(double x, double y, double width, double height, Tone tone) {
        m_screen.fill(rect(x, y, width, height), tone);
    }
    void frame(double x, double y, double width, double height, Tone tone) {
        m_screen.frame(rect(x, y, width, height), tone);
    }
    /// All px whose middle lies inside, row by row: between the first and second crossing of its
    /// sides, the third and fourth, and so on.
    void polygon(const rook::runtime::PuzzleSlot& face, Tone tone) {
        std::vector<std::pair<double, double>> corners;
        double top = 1e9, bottom = -1e9;
        for (const auto& corner : face.outline) {
            corners.emplace_back(corner.first * m_view.scale + m_view.left,
                                 corner.second * m_view.scale + m_view.top);
            top = std::min(top, corners.back().second);
            bottom = std::max(bottom, corners.back().second);
        }
        for (int y = int(std::floor(top)); y < bottom; ++y) {
            const double middle = y + 0.5;
            std::vector<double> crossings;
            for (std::size_t i = 0; i < corners.size(); ++i) {
                const auto& a = corners[i];
                const auto& b = corners[(i + 1) % corners.size()];
                if ((a.second <= middle) == (b.second <= middle)) continue;
                crossings.push_back(a.first + (b.first - a.first) * (middle - a.second) /
                                                  (b.second - a.second));
            }
            std::sort(crossings.begin(), crossings.end());
            for (std::size_t i = 0; i + 1 < crossings.size(); i += 2) {
                const int from = int(std::ceil(crossings[i] - 0.5));
                const SDL_Rect row{from, y, int(std::ceil(crossings[i + 1] - 0.5)) - from, 1};
                if (row.w > 0) m_screen.fill(row, tone);
            }
        }
    }
    void plate(const rook::runtime::PuzzleLevel& level, const rook::runtime::PuzzleSlot& face,
               Tone tone) {
        if (face.outline.empty())
            box(face.x, face.y, level.slotWidth, level.slotHeight, tone);
        else
            polygon(face, tone);
    }
    void stack(const rook::runtime::PuzzleLevel& level, const rook::runtime::puzzle::Stack& colors,
               double x, double y, double width, double height) {
        const double high =
            std::min(7.0, height * 0.8 / double(std::max<std::size_t>(4, colors.size())));
        double foot = y + height - 3;
        for (const rook::runtime::puzzle::Color color : colors) {
            box(x + width * 0.18, foot - high + 1, width * 0.64, high - 1,
                toneOf(level.colors[static_cast<std::size_t>(color - 1)].color));
            foot -= high;
        }
    }
    void drawSlot(const rook::runtime::PuzzleLevel& level, const PuzzleTable& table,
                  std::size_t i) {
        namespace puzzle = rook::runtime::puzzle;
        const puzzle::Slot& slot = level.board.slotList[i];
        const auto& face = level.slotFaces[i];
        const bool isOpen = !table.state().isOpen.empty() && table.state().isOpen[i] != 0;
        if (slot.state == puzzle::SlotState::Gone) return;
        const bool isLocked = slot.state == puzzle::SlotState::Locked && !isOpen;
        plate(level, face,
              isLocked                                   ? Tone{120, 96, 44}
              : slot.state == puzzle::SlotState::Blocked ? Tone{52, 58, 62}
                                                         : Tone{206, 203, 190});
        if (static_cast<int>(i) == table.from())
            frame(face.x, face.y, level.slotWidth, level.slotHeight, {255, 255, 255});
        if (!face.marks.empty()) box(face.centreX - 4, face.y + 4, 8, 4, {138, 84, 140});
        // As many notches as it costs, up to ten.
        for (int notch = 0; isLocked && notch < std::min<std::int64_t>(10, slot.price); ++notch)
            box(face.x + 6 + notch % 5 * 5, face.y + 8 + notch / 5 * 6, 3, 4, {240, 220, 160});
        if (!table.state().stacks.empty())
            stack(level, table.state().stacks[i], face.x, face.y, level.slotWidth,
                  level.slotHeight);
    }
    void drawQueue(const rook::runtime::PuzzleLevel& level, const PuzzleTable& table) {
        const auto& queue = level.board.queue;
        for (std::size_t i = table.state().isPut; i < queue.size() && i < table.state().isPut + 5;
             ++i) {
            const double x = -m_view.left / m_view.scale + 6;
            const double y = -m_view.top / m_view.scale + 24 + double(i - table.state().isPut) * 34;
            box(x, y, 26, 30, {40, 46, 50});
            if (i == table.state().isPut) frame(x, y, 26, 30, {240, 240, 230});
            stack(level, queue[i], x, y, 26, 30);
        }
    }

    Screen& m_screen;
    PuzzleView m_view;
};

}  // namespace lantern
