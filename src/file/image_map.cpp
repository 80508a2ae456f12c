#include "file/image_map.h"

#include <algorithm>
#include <cstdio>
#include <unordered_map>
#include <vector>

#include "base/limits.h"
#include "file/png.h"

namespace rook::file {

using namespace level;

namespace {

using Color = std::uint32_t;  // 0xrrggbb

Color colorOf(const unsigned char* px) {
    return Color(px[0]) << 16 | Color(px[1]) << 8 | Color(px[2]);
}

/// "#59646c" as a number. Colours of the document are written so.
Color colorOf(const std::string& text) {
    return static_cast<Color>(std::strtoul(text.c_str() + 1, nullptr, 16));
}

std::string textOfColor(Color color) {
    char text[8];
    std::snprintf(text, sizeof text, "#%06x", unsigned(color & 0xffffff));
    return text;
}

int distanceOf(Color a, Color b) {
    int sum = 0;
    for (int shift = 0; shift <= 16; shift += 8) {
        const int apart = int(a >> shift & 255) - int(b >> shift & 255);
        sum += apart * apart;
    }
    return sum;
}

/// What the colours of a picture stand for, as far as they were met.
class ColorReader {
public:
    explicit ColorReader(const Project& project) : m_project(project) {}

    Cell cellOf(Color color) {
        const auto [found, isNew] = m_met.try_emplace(color);
        Met& met = found->second;
        ++met.count;
        if (!isNew) return Cell(met.matter);
        int least = distanceOf(0, 0xffffff) + 1;
        for (std::size_t i = 1; i < m_project.matters.size(); ++i) {
            const int apart = distanceOf(color, colorOf(m_project.matters[i].color));
            if (apart >= least) continue;
            least = apart;
            met.matter = {static_cast<std::uint16_t>(i)};
        }
        met.isExact = least == 0;
        return Cell(met.matter);
    }
    /// The colours that no matter has, the most frequent first; empty if there are none.
    [[nodiscard]] std::string unknown() const {
        std::vector<std::pair<Color, Met>> list;
        for (const auto& each : m_met)
            if (!each.second.isExact) list.push_back(each);
        std::sort(list.begin(), list.end(), [](const auto& a, const auto& b) {
            return std::pair(b.second.count, a.first) < std::pair(a.second.count, b.first);
        });
        std::string text;
        for (std::size_t i = 0; i < list.size() && i < 4; ++i) {
            const Matter& nearest = m_project.matters[list[i].second.matter.index];
            text += (i ? ", " : "") + textOfColor(list[i].first) + " (" +
                    std::to_string(list[i].second.count) + " px, nearest " + nearest.title + " " +
                    nearest.color + ")";
        }
        if (list.size() > 4) text += " and " + std::to_string(list.size() - 4) + " more";
        return text;
    }

private:
    struct Met {
        std::int64_t count = 0;
        MatterId matter{};
        bool isExact = false;
    };
    const Project& m_project;
    std::unordered_map<Color, Met> m_met;
};

}  // namespace

Result<CellClip> clipOfImage(const Project& project, const std::string& png,
                             const std::string& name, bool takesNearest) {
    const auto picture = readPng(png, name);
    if (!picture) return fail(picture.error());
    if (picture->width > limits::maxBoardCells || picture->height > limits::maxBoardCells)
        return fail(ErrorKind::OutOfRange, "A board has at most 16,384 columns and rows", name,
                    "Cut the picture");
    CellClip clip;
    clip.cells = Grid<Cell>(picture->width, picture->height);
    ColorReader colors(project);
    for (int y = 0; y < picture->height; ++y)
        for (int x = 0; x < picture->width; ++x)
            if (const unsigned char* px = picture->at(x, y); px[3] >= 128)
                clip.cells.set(x, y, colors.cellOf(colorOf(px)));
    if (const std::string unknown = colors.unknown(); !takesNearest && !unknown.empty())
        return fail(ErrorKind::BadReference, "Some colours are of no matter: " + unknown, name,
                    "Change them, give a matter that colour, or take the nearest");
    return clip;
}

}  // namespace rook::file
