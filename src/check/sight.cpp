/// Whether one can see the game before its background.

#include <cmath>

#include "check/audit.h"
#include "check/look.h"
#include "rook_level.hpp"
#include "skin/dressing.h"

namespace rook::check {

namespace {

using level::Behaviour;

/// How light what lies at some place is, and how much that varies around it; 0 to 255.
struct Sight {
    double light = 0;
    double spread = 0;

    /// Something lies over it, of which `share` (0 to 1) is to be seen.
    void cover(double share, double itsLight, double itsSpread) {
        light += share * (itsLight - light);
        spread += share * (itsSpread - spread);
    }
};

int lightOfColor(const std::string& color) {
    const auto part = [&](std::size_t at) {
        return color.size() == 7 ? std::stoi(color.substr(at, 2), nullptr, 16) : 0;
    };
    return skin::lightnessOf(part(1), part(3), part(5));
}

class Background {
public:
    Background(const level::Project& project, const level::Level& level,
               const skin::Opacity& opacity)
        : m_level(level),
          m_opacity(opacity),
          m_light(lightOfColor(level.background)),
          m_lightBelow(level.backgroundBelow.empty() ? m_light
                                                     : lightOfColor(level.backgroundBelow)),
          m_bounds(level.boundsPx()),
          m_screen(project.game.screen()) {
        const level::Backdrop* backdrop = project.findBackdrop(level.backdrop);
        for (std::size_t i = 0; backdrop && i < backdrop->pictures.size(); ++i) {
            const level::Picture& each = backdrop->pictures[i];
            const auto lights = opacity.pictures.find(each.path);
            if (each.isFront || lights == opacity.pictures.end()) continue;
            runtime::Picture picture;
            picture.fit = std::string(level::nameOf(each.fit));
            picture.parallaxX = double(each.parallaxX.thousandths) / 1000;
            picture.parallaxY = double(each.parallaxY.thousandths) / 1000;
            picture.opacity = each.opacity;
            m_pictures.push_back({picture, &lights->second});
        }
    }

    /// Behind the middle of a cell.
    [[nodiscard]] Sight at(int column, int row) const {
        const CellSize cell = m_level.cellSize;
        const PxPoint px{column * cell.width + cell.width / 2, row * cell.height + cell.height / 2};
        Sight sight{m_light + double(m_lightBelow - m_light) * px.y / m_bounds.height, 0};
        for (const auto& [picture, lights] : m_pictures)
            if (const skin::Light* light = lightAt(picture, *lights, px))
                sight.cover(light->share * picture.opacity / 10000.0, light->mean, light->spread);
        for (const level::TileLayer& layer : m_level.layers) {
            if (layer.isFront || !layer.isShown || layer.tiles.width() == 0) continue;
            if (const skin::Light* light = m_opacity.lightOf(layer.tiles.at(column, row)))
                sight.cover(light->share * layer.opacity / 10000.0, light->mean, light->spread);
        }
        return sight;
    }

private:
    /// The screen lies around the place, as far as the level lets it.
    [[nodiscard]] const skin::Light* lightAt(const runtime::Picture& picture,
                                             const skin::PictureLights& lights, PxPoint px) const {
        const int left =
            std::max(0, std::min(px.x - m_screen.width / 2, m_bounds.width - m_screen.width));
        const int top =
            std::max(0, std::min(px.y - m_screen.height / 2, m_bounds.height - m_screen.height));
        const auto [width, height] = picture.sizeOn(m_screen.width, m_screen.height, m_bounds.width,
                                                    m_bounds.height, lights.width, lights.height);
        const auto [x, y] = picture.cornerOn(left, top, m_screen.width, m_screen.height,
                                             m_bounds.width, m_bounds.height, width, height);
        double across = (px.x - left - x) / width;
        double down = (px.y - top - y) / height;
        if (picture.fit == "across" || picture.fit == "repeat") across -= std::floor(across);
        if (picture.fit == "repeat") down -= std::floor(down);
        if (across < 0 || across >= 1 || down < 0 || down >= 1) return nullptr;
        return &lights.at(static_cast<int>(across * lights.width),
                          static_cast<int>(down * lights.height));
    }

    const level::Level& m_level;
    const skin::Opacity& m_opacity;
    int m_light;
    int m_lightBelow;  ///< at the lower edge of the level
    PxRect m_bounds;
    level::Screen m_screen;
    std::vector<std::pair<runtime::Picture, const skin::PictureLights*>> m_pictures;
};

/// How many surfaces are so, and the worst of them.
struct SurfaceCount {
    int count = 0;
    double worst = 0;
    CellPoint place;

    void add(double badness, CellPoint cell) {
        if (count == 0 || badness > worst) {
            worst = badness;
            place = cell;
        }
        ++count;
    }
};

std::string percentOf(double lightness) {
    return std::to_string(static_cast<int>(std::lround(lightness * 100 / 255))) + " %";
}

class Looking {
public:
    Looking(const level::Project& project, const level::Level& level, const reach::Answer& answer,
            const skin::Opacity& opacity)
        : m_project(project),
          m_level(level),
          m_answer(answer),
          m_opacity(opacity),
          m_background(project, level, opacity) {}

    [[nodiscard]] std::vector<Finding> run(const std::atomic<bool>* cancel) {
        const skin::TilingRules tilingRules = skin::TilingRules::of(m_project, m_level);
        const CellRect all = m_level.cells.bounds();
        for (int y = 0; y < all.height; y += 32) {
            if (cancel && *cancel) return {};
            const CellRect rows = CellRect{0, y, all.width, 32}.intersected(all);
            look(skin::dress(tilingRules, m_level, rows));
        }
        std::vector<Finding> findings;
        if (isMany(m_alike))
            findings.push_back(
                finding(FindingKind::HardToTell, m_alike,
                        " surfaces can hardly be told from what lies behind them, the worst by " +
                            percentOf(leastContrast - m_alike.worst) + " of lightness"));
        if (isMany(m_busy))
            findings.push_back(
                finding(FindingKind::BusyBehind, m_busy,
                        " surfaces lie before something busy, whose lightness varies by " +
                            percentOf(mostSpread + m_busy.worst)));
        return findings;
    }

private:
    void look(const skin::Dressed& dressed) {
        const CellRect& area = dressed.area;
        for (int y = std::max(1, area.y); y < area.bottom(); ++y)
            for (int x = area.x; x < area.right(); ++x) {
                if (!isStoodOn(x, y)) continue;
                ++m_surfaces;
                const Sight behind = m_background.at(x, y - 1);
                const double contrast = std::abs(lightAt(dressed.at(x, y), x, y) - behind.light);
                if (contrast < leastContrast) m_alike.add(leastContrast - contrast, {x, y});
                if (behind.spread > mostSpread) m_busy.add(behind.spread - mostSpread, {x, y});
            }
    }
    [[nodiscard]] bool isStoodOn(int x, int y) const {
        const Behaviour behaviour = m_project.behaviourOf(m_level.cells.at(x, y));
        if (behaviour != Behaviour::Solid && behaviour != Behaviour::OneWay) return false;
        if (!m_level.cells.at(x, y - 1).isOpen()) return false;
        const reach::Reached& reached = m_answer.onCells().reached;
        const int left = x * m_level.cellSize.width + reached.left;
        const int feet =
            y * m_level.cellSize.height - m_answer.onCells().tables.bodyHeight + reached.top;
        return reached.standing.anyIn(left - m_answer.onCells().tables.bodyWidth + 1, feet,
                                      left + m_level.cellSize.width, feet + 1);
    }
    [[nodiscard]] double lightAt(level::Tile tile, int x, int y) const {
        const skin::Light* light = m_opacity.lightOf(tile);
        if (light && light->share > 0) return light->mean;
        return lightOfColor(m_project.matterOf(m_level.cells.at(x, y)).color);
    }
    [[nodiscard]] bool isMany(const SurfaceCount& tally) const {
        return tally.count >= 3 && 20 * tally.count >= m_surfaces;
    }
    [[nodiscard]] Finding finding(FindingKind kind, const SurfaceCount& tally,
                                  const std::string& words) const {
        Finding finding;
        finding.kind = kind;
        finding.severity = Severity::Doubt;
        finding.level = m_level.id;
        finding.sentence =
            std::to_string(tally.count) + " of " + std::to_string(m_surfaces) + words;
        finding.place = toPx({tally.place.x, tally.place.y, 1, 1}, m_level.cellSize);
        return finding;
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const reach::Answer& m_answer;
    const skin::Opacity& m_opacity;
    Background m_background;
    int m_surfaces = 0;
    SurfaceCount m_alike;
    SurfaceCount m_busy;
};

}  // namespace

std::vector<Finding> sightFindings(const level::Project& project, const level::Level& level,
                                   const reach::Answer& answer, const skin::Opacity& opacity,
                                   const std::atomic<bool>* cancel) {
    const bool hasLook = !project.swatches.empty() || !level.backdrop.empty();
    if (!hasLook || level.kind != level::LevelKind::Side ||
        answer.onCells().reached.completion != reach::Completion::Complete ||
        level.boundsPx().area() > maxAuditPx)
        return {};
    return Looking(project, level, answer, opacity).run(cancel);
}

}  // namespace rook::check
