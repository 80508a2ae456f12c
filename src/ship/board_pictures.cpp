/// Boards of pieces in plan, and puzzle levels, as pictures.

#include <algorithm>
#include <cmath>

#include "ship/level_picture_detail.h"

namespace rook::ship::detail {

namespace {

using file::Json;

int rounded(double value) {
    return static_cast<int>(std::lround(value));
}

class KitDrawing : public PictureDrawing {
public:
    KitDrawing(Canvas& canvas, const Json& level, const Json& kinds, const file::Images& images)
        : PictureDrawing(canvas, level, kinds, images),
          m_width(level["kit"]["module"][0]),
          m_depth(level["kit"]["module"][1]),
          m_high(level["kit"]["storey"]) {}

    void draw() {
        int storey = 0;
        for (const Json& thing : m_level["entities"])
            if (thing["role"] == "spawn") {
                storey = thing.value("storey", 0);
                break;
            }
        for (int each = 0; each <= storey; ++each)
            for (const bool areWalls : {false, true})
                drawStorey(each, areWalls, each == storey ? 1 : 0.35);
        drawThings(storey);
    }

private:
    void drawStorey(int storey, bool areWalls, double light) {
        const double ground = storey * m_high;
        for (const Json& solid : m_level["solids"]) {
            const std::string sort = solid["sort"];
            const bool isWall = sort == "wall" || sort == "block";
            const double foot = solid[sort == "floor" ? "to" : "from"][2];
            if (isWall == areWalls && foot >= ground - m_high / 4 && foot < ground + m_high * 3 / 4)
                drawSolid(solid, sort, isWall, light);
        }
    }
    void drawSolid(const Json& solid, const std::string& sort, bool isWall, double light) {
        const int grey = isWall ? 205 : sort == "ramp" ? 120 : 88;
        const int left = across(solid["from"][0]), top = down(solid["from"][1]);
        const Part box{left, top, std::max(1, across(solid["to"][0]) - left),
                       std::max(1, down(solid["to"][1]) - top)};
        m_canvas.fill(box, {int(grey * light), int((grey + 4) * light), int((grey + 10) * light)});
        if (sort != "ramp") return;
        // Lines across, closer where it is higher.
        const std::string up = solid["up"];
        const bool isAcross = up == "right" || up == "left";
        const int length = isAcross ? box.width : box.height;
        for (int i = 1; i < 6; ++i) {
            const int at = length * i * i / 36;
            const int along = up == "left" || up == "up" ? at : length - at;
            m_canvas.fill(isAcross ? Part{box.x + along, box.y, 1, box.height}
                                   : Part{box.x, box.y + along, box.width, 1},
                          {60, 66, 74});
        }
    }
    void drawThings(int storey) {
        const double cellWide = m_level["cell"]["width"], cellHigh = m_level["cell"]["height"];
        for (const Json& thing : m_level["entities"]) {
            if (thing.value("storey", 0) != storey || thing["role"] == "spawn") continue;
            const Part box = boxOf(thing);
            const double x = (box.x + box.width / 2.0) / cellWide - columns() / 2;
            const double y = (box.y + box.height / 2.0) / cellHigh - rows() / 2;
            drawKind(thing["kind"],
                     {static_cast<int>(x * planModulePx) + m_canvas.width() / 2 - 8,
                      static_cast<int>(y * planModulePx) + m_canvas.height() / 2 - 8, 16, 16});
        }
    }
    [[nodiscard]] double columns() const { return m_level["size"]["columns"]; }
    [[nodiscard]] double rows() const { return m_level["size"]["rows"]; }
    [[nodiscard]] int across(double units) const {
        return static_cast<int>((units / m_width - columns() / 2) * planModulePx +
                                m_canvas.width() / 2.0);
    }
    [[nodiscard]] int down(double units) const {
        return static_cast<int>((units / m_depth - rows() / 2) * planModulePx +
                                m_canvas.height() / 2.0);
    }

    double m_width, m_depth, m_high;
};

class PuzzleBoardDrawing : public PictureDrawing {
public:
    PuzzleBoardDrawing(Canvas& canvas, const Json& level, const Json& kinds,
                       const file::Images& images)
        : PictureDrawing(canvas, level, kinds, images),
          m_puzzle(level["puzzle"]),
          m_wide(m_puzzle["slotWidth"]),
          m_high(m_puzzle["slotHeight"]),
          m_across(m_wide),
          m_down(m_high) {
        const Json& slots = m_puzzle["slots"];
        const std::size_t columns = m_puzzle.value("columns", std::size_t{0});
        if (slots.size() > 1)
            m_across = slots[1]["corner"][0].get<int>() - slots[0]["corner"][0].get<int>();
        if (slots.size() > columns)
            m_down = slots[columns]["corner"][1].get<int>() - slots[0]["corner"][1].get<int>();
    }

    void draw() {
        for (const Json& slot : m_puzzle["slots"])
            if (slot["state"] != "gone") drawSlot(slot);
        for (const Json& counter : m_puzzle["counters"])
            if (!counter["slot"].is_null()) drawCounter(counter);
        if (!m_puzzle["rule"].contains("queue")) return;
        const Json& queue = m_puzzle["rule"]["queue"];
        for (std::size_t i = 0; i < std::min<std::size_t>(5, queue.size()); ++i) {
            const Part box{6, 24 + 34 * static_cast<int>(i), 26, 30};
            m_canvas.fill(box, {40, 46, 50});
            if (i == 0) m_canvas.frame(box, {240, 240, 230});
            drawStack(queue[i], box);
        }
    }

private:
    void drawSlot(const Json& slot) {
        const int x = slot["corner"][0], y = slot["corner"][1];
        const bool isLocked = slot["state"] == "locked";
        const Tone tone = isLocked                     ? Tone{120, 96, 44}
                          : slot["state"] == "blocked" ? Tone{52, 58, 62}
                                                       : Tone{206, 203, 190};
        if (slot.contains("outline") && !slot["outline"].empty())
            drawPolygon(slot["outline"], tone);
        else
            m_canvas.fill({x, y, m_wide, m_high}, tone);
        if (slot.contains("marks") && !slot["marks"].empty())
            m_canvas.fill({slot["centre"][0].get<int>() - 4, y + 4, 8, 4}, {138, 84, 140});
        const int price = isLocked ? std::min(10, slot.value("price", 0)) : 0;
        for (int notch = 0; notch < price; ++notch)
            m_canvas.fill({x + 6 + notch % 5 * 5, y + 8 + notch / 5 * 6, 3, 4}, {240, 220, 160});
        if (slot.contains("stack")) drawStack(slot["stack"], {x, y, m_wide, m_high});
    }

    /// All px whose middle lies inside: between the first and second crossing, and so on.
    void drawPolygon(const Json& corners, Tone tone) {
        std::vector<std::pair<double, double>> points;
        for (const Json& corner : corners)
            points.emplace_back(corner[0], corner[1]);
        double top = points[0].second, bottom = top;
        for (const auto& [x, y] : points) {
            top = std::min(top, y);
            bottom = std::max(bottom, y);
        }
        for (int y = static_cast<int>(std::floor(top)); y < std::ceil(bottom); ++y) {
            std::vector<double> crossings;
            const double middle = y + 0.5;
            for (std::size_t i = 0; i < points.size(); ++i) {
                const auto& [ax, ay] = points[i];
                const auto& [bx, by] = points[(i + 1) % points.size()];
                if ((ay <= middle) != (by <= middle))
                    crossings.push_back(ax + (bx - ax) * (middle - ay) / (by - ay));
            }
            std::sort(crossings.begin(), crossings.end());
            for (std::size_t i = 0; i + 1 < crossings.size(); i += 2) {
                const int first = static_cast<int>(std::ceil(crossings[i] - 0.5));
                const int end = static_cast<int>(std::ceil(crossings[i + 1] - 0.5));
                m_canvas.fill({first, y, end - first, 1}, tone);
            }
        }
    }

    void drawStack(const Json& stack, const Part& box) {
        const double each =
            std::min(7.0, box.height * 0.8 / std::max<double>(4, double(stack.size())));
        double foot = box.y + box.height - 3;
        for (const Json& name : stack) {
            Tone tone{128, 128, 128};
            for (const Json& color : m_puzzle["colors"])
                if (color["name"] == name) tone = toneOf(color["color"], tone);
            m_canvas.fill({rounded(box.x + box.width * 0.18), rounded(foot - each + 1),
                           rounded(box.width * 0.64), rounded(each - 1)},
                          tone);
            foot -= each;
        }
    }

    void drawCounter(const Json& counter) {
        const Json& corner = m_puzzle["slots"][counter["slot"].get<std::size_t>()]["corner"];
        const int x = corner[0], y = corner[1];
        const auto kind = m_kinds.find(counter["kind"]);
        const Json sprite = kind != m_kinds.end() && kind->second->contains("sprite")
                                ? (*kind->second)["sprite"]
                                : Json();
        if (!sprite.is_object()) {
            const std::string color = kind == m_kinds.end() ? "" : kind->second->value("color", "");
            return drawToken(counter["cells"], x, y, toneOf(color, {200, 200, 190}));
        }
        int left = 0, right = 0, top = 0, bottom = 0;
        for (const Json& cell : counter["cells"]) {
            left = std::min(left, cell[0].get<int>());
            right = std::max(right, cell[0].get<int>());
            top = std::min(top, cell[1].get<int>());
            bottom = std::max(bottom, cell[1].get<int>());
        }
        double at = x + left * m_across, down = y + top * m_down;
        int w = (right - left) * m_across + m_wide, h = (bottom - top) * m_down + m_high;
        const int turn = counter["turn"];
        if (turn % 2 == 1) {
            at += (w - h) / 2.0;
            down += (h - w) / 2.0;
            std::swap(w, h);
        }
        Placing how;
        how.quarterTurns = turn;
        how.middleX = rounded(w / 2.0);
        how.middleY = rounded(h / 2.0);
        m_canvas.copy(
            image(sprite["sheet"]),
            {sprite["frames"][0][0], sprite["frames"][0][1], sprite["width"], sprite["height"]},
            {rounded(at), rounded(down), w, h}, how);
    }
    void drawToken(const Json& cells, int left, int top, Tone tone) {
        for (const Json& cell : cells) {
            const int cx = cell[0], cy = cell[1];
            const int x = left + cx * m_across, y = top + cy * m_down;
            m_canvas.fill({x + 3, y + 3, m_wide - 6, m_high - 6}, tone);
            for (const Json& other : cells) {
                const int ox = other[0], oy = other[1];
                if (ox - cx == 1 && oy == cy)
                    m_canvas.fill({x + m_wide / 2, y + 3, m_across, m_high - 6}, tone);
                if (ox == cx && oy - cy == 1)
                    m_canvas.fill({x + 3, y + m_high / 2, m_wide - 6, m_down}, tone);
            }
        }
    }

    const Json& m_puzzle;
    int m_wide, m_high;
    int m_across, m_down;  ///< px from slot to slot
};

}  // namespace

void drawKitPlan(Canvas& canvas, const Json& level, const Json& kinds, const file::Images& images) {
    KitDrawing(canvas, level, kinds, images).draw();
}

void drawPuzzleBoard(Canvas& canvas, const Json& level, const Json& kinds,
                     const file::Images& images) {
    PuzzleBoardDrawing(canvas, level, kinds, images).draw();
}

}  // namespace rook::ship::detail
