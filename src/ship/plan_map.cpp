#include "ship/plan_map_detail.h"

#include <algorithm>
#include <cmath>

#include "collide/shapes.h"
#include "game/flow.h"
#include "ship/making_detail.h"

namespace rook::ship::detail {

namespace {

/// Cards as they lie on the game map, and arrows for the ways between them.
class GameMap {
public:
    GameMap(const level::Project& project,
            const std::vector<std::shared_ptr<const level::Level>>& levels,
            const Pictures& pictures)
        : m_project(project), m_levels(levels), m_pictures(pictures) {}

    Result<void> draw(Ink& ink, const Area& area) const {
        if (m_levels.empty()) return {};
        double left = 1e9, top = 1e9, right = -1e9, bottom = -1e9;
        for (std::size_t i = 0; i < m_levels.size(); ++i) {
            const Place at = cardPlace(i);
            left = std::min(left, at.x);
            top = std::min(top, at.y);
            right = std::max(right, at.x + cardWidth);
            bottom = std::max(bottom, at.y + cardHeight);
        }
        const double scale =
            std::min({area.width / (right - left), area.height / (bottom - top), 0.9});
        const auto boxOf = [&](std::size_t i) {
            const Place at = cardPlace(i);
            return Area{area.x + (at.x - left) * scale, area.y + (at.y - top) * scale,
                        cardWidth * scale, cardHeight * scale};
        };
        std::map<std::string, std::size_t> numbers;
        for (std::size_t i = 0; i < m_levels.size(); ++i)
            numbers[m_levels[i]->id.text] = i;
        std::map<std::pair<std::size_t, std::size_t>, int> ways;
        for (const game::Leading& way : game::waysOut(m_project)) {
            const game::Destination to = game::destinationOf(m_project, way);
            const auto from = numbers.find(way.from.text), there = numbers.find(to.level.text);
            if (to.sort == game::Destination::Sort::Level && from != numbers.end() &&
                there != numbers.end() && from != there)
                ++ways[{from->second, there->second}];
        }
        for (const auto& [way, count] : ways) {
            const Area from = boxOf(way.first), to = boxOf(way.second);
            bool isHidden = false;
            for (std::size_t i = 0; i < m_levels.size(); ++i)
                isHidden = isHidden || (i != way.first && i != way.second &&
                                        liesBetween(boxOf(i), middleOf(from), middleOf(to)));
            drawArrow(ink, from, to, isHidden ? from.height * 1.3 : 0);
        }
        for (std::size_t i = 0; i < m_levels.size(); ++i)
            if (const auto done = drawCard(ink, boxOf(i), i); !done) return done;
        return {};
    }

private:
    [[nodiscard]] Place cardPlace(std::size_t number) const {
        for (const level::MapPlace& place : m_project.game.map)
            if (place.level == m_levels[number]->id)
                return {double(place.at.x), double(place.at.y)};
        const auto row = number / 4, column = number % 4;
        return {double(row % 2 ? 3 - column : column) * (cardWidth + 64),
                double(row) * (cardHeight + 54)};
    }
    static constexpr double cardWidth = 148, cardHeight = 98;

    static Place middleOf(const Area& area) {
        return {area.x + area.width / 2, area.y + area.height / 2};
    }
    static bool liesBetween(const Area& area, Place from, Place to) {
        for (int i = 1; i < 40; ++i) {
            const double x = from.x + (to.x - from.x) * i / 40;
            const double y = from.y + (to.y - from.y) * i / 40;
            if (x > area.x && x < area.right() && y > area.y && y < area.bottom()) return true;
        }
        return false;
    }
    /// `bulge` is how far it goes out of the straight way, so that it passes a card.
    static void drawArrow(Ink& ink, const Area& from, const Area& to, double bulge) {
        const Place a = middleOf(from), b = middleOf(to);
        const double length = std::hypot(b.x - a.x, b.y - a.y);
        if (length < 1) return;
        // Beside the middle, so that there and back are two lines.
        const double nx = -(b.y - a.y) / length, ny = (b.x - a.x) / length;
        const Place begin{a.x + nx * 4, a.y + ny * 4};
        const Place by{(a.x + b.x) / 2 + nx * (4 + bulge), (a.y + b.y) / 2 + ny * (4 + bulge)};
        // To the border of the card, as it comes in.
        const Place come = bulge > 0 ? by : a;
        const double dx = b.x - come.x, dy = b.y - come.y;
        const double share = std::min(to.width / 2 / std::max(std::abs(dx), 1e-9),
                                      to.height / 2 / std::max(std::abs(dy), 1e-9));
        const double off = bulge > 0 ? 0 : 4;
        const Place tip{b.x - dx * share + nx * off, b.y - dy * share + ny * off};
        ink.color(inkPlum);
        if (bulge > 0)
            ink.curve(begin, by, tip, 0.9);
        else
            ink.line(begin, tip, 0.9);
        const double way = std::hypot(dx, dy), ux = dx / way, uy = dy / way;
        ink.polygon({tip,
                     {tip.x - 7 * ux - 3 * uy, tip.y - 7 * uy + 3 * ux},
                     {tip.x - 7 * ux + 3 * uy, tip.y - 7 * uy - 3 * ux}},
                    0.9);
    }
    Result<void> drawCard(Ink& ink, const Area& box, std::size_t number) const {
        const level::Level& level = *m_levels[number];
        ink.color({1, 1, 1});
        ink.fillRectangle(box);
        ink.color(inkBlack);
        ink.rectangle(box, 0.8);
        const double words = std::clamp(box.height * 0.14, 6.0, 10.0);
        const Area room{box.x + 4, box.y + 4, box.width - 8, box.height - 2.2 * words - 6};
        if (const auto done = drawSmall(ink, room, level); !done) return done;
        ink.color(inkBlack);
        ink.text({box.x + 5, box.bottom() - 1.7 * words},
                 std::to_string(number + 1) + "  " + level.title, words, TextAlign::Left,
                 box.width - 10, true);
        return {};
    }
    /// Its masses as rectangles; of boards of pieces and puzzles, their picture.
    Result<void> drawSmall(Ink& ink, const Area& room, const level::Level& level) const {
        if (!hasCells(level)) {
            const auto picture = m_pictures.art(level);
            if (!picture) return fail(picture.error());
            const double fit = std::min(room.width / picture->width, room.height / picture->height);
            ink.image({room.x + (room.width - picture->width * fit) / 2, room.y,
                       picture->width * fit, picture->height * fit},
                      picture->rgba.data(), picture->width, picture->height);
            return {};
        }
        const PxRect all = level.boundsPx();
        const double scale = std::min(room.width / all.width, room.height / all.height);
        const Area area{room.x + (room.width - all.width * scale) / 2,
                        room.y + (room.height - all.height * scale) / 2, all.width * scale,
                        all.height * scale};
        ink.color(inkFaint, 0.35);
        ink.fillRectangle(area);
        const auto shapes =
            collide::makeShapes(level::frameOf(level), level::LevelCells(m_project, level));
        ink.color(inkQuiet);
        for (const PxRect& r : shapes.solids)
            ink.fillRectangle(
                {area.x + r.x * scale, area.y + r.y * scale, r.width * scale, r.height * scale});
        return {};
    }

    const level::Project& m_project;
    const std::vector<std::shared_ptr<const level::Level>>& m_levels;
    const Pictures& m_pictures;
};

}  // namespace

Result<void> drawGameMap(Ink& ink, const Area& area, const level::Project& project,
                         const std::vector<std::shared_ptr<const level::Level>>& levels,
                         const Pictures& pictures) {
    return GameMap(project, levels, pictures).draw(ink, area);
}

}  // namespace rook::ship::detail
