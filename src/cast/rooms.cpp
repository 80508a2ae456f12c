#include "cast/rooms.h"

#include <algorithm>
#include <tuple>

namespace rook::cast {

std::vector<CellRect> roomsOf(const level::Project& project, const level::Level& level, int least) {
    const auto& cells = level.cells;
    const CellRect all = cells.bounds();
    Grid<std::uint8_t> isMet(all.width, all.height);
    const auto isOpen = [&](CellPoint at) {
        return project.behaviourOf(cells.at(at)) != level::Behaviour::Solid;
    };
    std::vector<CellRect> rooms;
    std::vector<CellPoint> open;
    for (int y = 0; y < all.height; ++y)
        for (int x = 0; x < all.width; ++x) {
            if (isMet.at(x, y) != 0 || !isOpen({x, y})) continue;
            CellRect bounds;
            std::int64_t count = 0;
            open = {{x, y}};
            isMet.set(x, y, 1);
            while (!open.empty()) {
                const CellPoint at = open.back();
                open.pop_back();
                bounds = bounds.united({at.x, at.y, 1, 1});
                ++count;
                for (const CellPoint next :
                     {CellPoint{at.x - 1, at.y}, CellPoint{at.x + 1, at.y},
                      CellPoint{at.x, at.y - 1}, CellPoint{at.x, at.y + 1}}) {
                    if (!all.contains(next) || isMet.at(next) != 0 || !isOpen(next)) continue;
                    isMet.set(next, 1);
                    open.push_back(next);
                }
            }
            if (count >= least) rooms.push_back(bounds.grown(1).intersected(all));
        }
    std::vector<CellRect> outer;
    for (std::size_t i = 0; i < rooms.size(); ++i) {
        bool isInner = false;
        for (std::size_t k = 0; k < rooms.size() && !isInner; ++k)
            isInner = i != k && rooms[k].contains(rooms[i]) && (rooms[k] != rooms[i] || k < i);
        if (!isInner) outer.push_back(rooms[i]);
    }
    std::sort(outer.begin(), outer.end(), [](const CellRect& a, const CellRect& b) {
        return std::tuple(a.y, a.x) < std::tuple(b.y, b.x);
    });
    return outer;
}

}  // namespace rook::cast
