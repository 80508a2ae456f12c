#include "ship/level_picture.h"

#include <algorithm>
#include <cmath>

#include "rook_shapes.hpp"
#include "ship/canvas_detail.h"
#include "ship/level_picture_detail.h"

namespace rook::ship {

namespace detail {

Part boxOf(const file::Json& thing) {
    return {thing.value("x", 0), thing.value("y", 0), thing.value("width", 0),
            thing.value("height", 0)};
}

const Picture32& PictureDrawing::image(const std::string& path) const {
    static const Picture32 none;
    const auto found = m_images.find(path);
    return found == m_images.end() ? none : found->second;
}

void PictureDrawing::drawKind(const std::string& id, const Part& box, bool isMirrored, int alpha,
                              const file::Json& look) {
    static const file::Json nothing = file::Json::object();
    const auto found = m_kinds.find(id);
    const file::Json& kind = found == m_kinds.end() ? nothing : *found->second;
    const file::Json sprite = look.contains("sprite")   ? look["sprite"]
                              : kind.contains("sprite") ? kind["sprite"]
                                                        : file::Json();
    if (!sprite.is_object())
        return m_canvas.fill(box, toneOf(kind.value("color", ""), {224, 166, 58}), alpha);
    isMirrored = isMirrored != look.value("mirrored", false);
    const Picture32& picture = image(sprite.value("sheet", ""));
    const Part source{sprite["frames"][0][0], sprite["frames"][0][1], sprite["width"],
                      sprite["height"]};
    const int scale = look.value("scale", 1);
    const int middleX = box.x + box.width / 2, middleY = box.y + box.height / 2;
    const auto put = [&](const Part& part, const Part& to) {
        const int x = middleX + (to.x - middleX) * scale, y = middleY + (to.y - middleY) * scale;
        m_canvas.copy(picture, part, {x, y, to.width * scale, to.height * scale},
                      {isMirrored, look.value("upsideDown", false), look.value("quarterTurns", 0),
                       alpha, middleX - x, middleY - y});
    };
    if (sprite.contains("place") && sprite["place"].is_object()) {
        const Part place = boxOf(sprite["place"]);
        const int dx = isMirrored ? box.width - place.x - place.width : place.x;
        return put(source, {box.x + dx, box.y + place.y, place.width, place.height});
    }
    // What is much longer than its picture, as a door, repeats it.
    const bool isLonger = 10LL * box.height * source.width > 22LL * box.width * source.height;
    const bool isWider = 10LL * box.width * source.height > 22LL * box.height * source.width;
    if (!isLonger && !isWider) return put(source, box);
    const int width = isLonger ? box.width : std::max(1, box.height * source.width / source.height);
    const int height =
        isLonger ? std::max(1, box.width * source.height / source.width) : box.height;
    for (int y = 0; y < box.height; y += height)
        for (int x = 0; x < box.width; x += width) {
            const int w = std::min(width, box.width - x), h = std::min(height, box.height - y);
            put({source.x, source.y, std::max(1, source.width * w / width),
                 std::max(1, source.height * h / height)},
                {box.x + x, box.y + y, w, h});
        }
}

namespace {

/// What goes about is drawn where it is, not where it stands.
bool goesAbout(const file::Json& thing) {
    if (thing.value("role", "") != "foe" || !thing.contains("patrol")) return false;
    return thing["patrol"].value("gait", "") != "still" || !thing.contains("timetable");
}

file::Json lookOf(const file::Json& thing) {
    return thing.contains("look") ? thing["look"] : file::Json::object();
}

bool isOnAtFirst(const file::Json& timetable) {
    for (const file::Json& span : timetable["on"])
        if (span[0] <= 0 && span[1] > 0) return true;
    return false;
}

class CellsDrawing : public PictureDrawing {
public:
    using PictureDrawing::PictureDrawing;

    void draw() {
        drawSky();
        drawPictures("back");
        drawThings("behind-masses");
        if (m_level["layers"].empty()) drawMatter();
        drawLayers(false);
        drawThings("among-cast");
        drawLayers(true);
        drawPictures("front");
        drawThings("before-front");
    }

private:
    void drawSky() {
        const file::Json background = m_level.value("background", file::Json::object());
        const std::string below = background.value("below", "");
        if (below.empty()) return;
        const Tone from = toneOf(background.value("color", ""), {27, 39, 51});
        const Tone to = toneOf(below, from);
        for (int y = 0; y < m_canvas.height(); ++y) {
            const double share = std::clamp((y + 0.5) / std::max(m_canvas.height(), 1), 0.0, 1.0);
            const auto mix = [share](int a, int b) {
                return static_cast<int>(a + (b - a) * share + 0.5);
            };
            m_canvas.fill(
                {0, y, m_canvas.width(), 1},
                {mix(from.red, to.red), mix(from.green, to.green), mix(from.blue, to.blue)});
        }
    }

    /// The screen is as large as the level and lies at its corner.
    void drawPictures(const char* role) {
        if (!m_level.contains("pictures")) return;
        const int wide = m_canvas.width(), high = m_canvas.height();
        for (const file::Json& each : m_level["pictures"]) {
            if (each["role"] != role) continue;
            const Picture32& picture = image(each["image"]);
            if (picture.width == 0) continue;
            const std::string fit = each["fit"];
            const int width = fit == "stretch" ? wide : picture.width;
            const int height = fit == "stretch" ? high : picture.height;
            double x = 0, y = 0;
            if (fit == "across") y = high - height;
            if (fit == "once") {
                x = (wide - width) / 2.0;
                y = (high - height) / 2.0;
            }
            const bool isAcross = fit == "across" || fit == "repeat";
            Placing how;
            how.alpha = each.value("opacity", 100) * 255 / 100;
            for (auto top = std::lround(y); top < high; top += height) {
                for (auto left = std::lround(x); left < wide; left += width) {
                    m_canvas.copy(picture, {0, 0, picture.width, picture.height},
                                  {static_cast<int>(left), static_cast<int>(top), width, height},
                                  how);
                    if (!isAcross) break;
                }
                if (fit != "repeat") break;
            }
        }
    }

    void drawLayers(bool areFront) {
        for (const file::Json& layer : m_level["layers"])
            if ((layer["role"] == "front") == areFront) drawLayer(layer);
    }
    void drawLayer(const file::Json& layer) {
        const Picture32& sheet = image(layer["sheet"]);
        const int wide = layer["tile"][0], high = layer["tile"][1], columns = layer["columns"];
        const int cellWide = m_level["cell"]["width"], cellHigh = m_level["cell"]["height"];
        std::map<int, int> moving;
        if (layer.contains("animations"))
            for (const file::Json& each : layer["animations"])
                moving[each["tile"]] = each["frames"][0];
        Placing how;
        how.alpha = layer.value("opacity", 100) * 255 / 100;
        const file::Json& tiles = layer["tiles"];
        for (std::size_t y = 0; y < tiles.size(); ++y) {
            for (std::size_t x = 0; x < tiles[y].size(); ++x) {
                const int tile = tiles[y][x];
                if (tile == 0) continue;
                const auto shown = moving.find(tile);
                const int number = (shown == moving.end() ? tile : shown->second) - 1;
                const int flip = layer.contains("flips") ? layer["flips"][y][x].get<int>() : 0;
                how.isMirrored = (flip & 1) != 0;
                how.isUpsideDown = (flip & 2) != 0;
                m_canvas.copy(sheet, {number % columns * wide, number / columns * high, wide, high},
                              {int(x) * cellWide, int(y) * cellHigh, cellWide, cellHigh}, how);
            }
        }
    }

    /// A level without art: each matter in its colour, cut to the forms of its cells.
    void drawMatter() {
        const file::Json& matter = m_level["matter"];
        const int wide = m_level["cell"]["width"], high = m_level["cell"]["height"];
        for (std::size_t y = 0; y < matter["cells"].size(); ++y)
            for (std::size_t x = 0; x < matter["cells"][y].size(); ++x) {
                const int number = matter["cells"][y][x];
                if (number == 0) continue;
                fillForm(m_canvas, static_cast<runtime::Form>(matter["forms"][y][x].get<int>()),
                         {int(x) * wide, int(y) * high, wide, high},
                         toneOf(matter["colors"][std::size_t(number)], {89, 100, 108}), 255);
            }
    }

    void drawThings(const std::string& order) {
        std::vector<const file::Json*> things;
        for (const file::Json& each : m_level["entities"])
            if (lookOf(each).value("order", "among-cast") == order) things.push_back(&each);
        std::stable_sort(things.begin(), things.end(), [](const auto* a, const auto* b) {
            return lookOf(*a).value("place", 0) < lookOf(*b).value("place", 0);
        });
        for (const file::Json* each : things)
            drawThing(*each);
        if (order == "among-cast") drawWhatGoes();
    }
    void drawThing(const file::Json& thing) {
        const std::string role = thing["role"];
        for (const char* unseen : {"spawn", "entry", "trigger", "formation", "turn-mark"})
            if (role == unseen) return;
        if (goesAbout(thing)) return;
        Part box = boxOf(thing);
        int alpha = 255;
        if (role == "mover") {
            for (const file::Json& mover : m_level["movers"]) {
                if (mover["id"] != thing["id"]) continue;
                const file::Json& way =
                    mover.contains("way") && !mover["way"].empty() ? mover["way"] : mover["track"];
                box.x = way[0][0];
                box.y = way[0][1];
            }
        } else if (role == "exit" && thing.contains("opens") && !thing["opens"].empty()) {
            alpha = 120;
        } else if ((role == "hazard" || role == "foe") && thing.contains("timetable")) {
            if (!isOnAtFirst(thing["timetable"])) alpha = 60;
        }
        drawKind(thing["kind"], box, thing.value("facing", "") == "left", alpha, lookOf(thing));
    }

    void drawWhatGoes() {
        for (const file::Json& thing : m_level["entities"])
            if (goesAbout(thing)) drawFoe(thing);
        for (const file::Json& thing : m_level["entities"])
            if (thing["role"] == "thrower") drawShots(thing);
        for (const file::Json& thing : m_level["entities"]) {
            if (thing["role"] != "formation" || !thing.contains("formation")) continue;
            const file::Json& formation = thing["formation"];
            if (!formation.contains("members") || !formation["members"].is_array()) continue;
            for (const file::Json& member : formation["members"])
                drawKind(formation["member"], {member["way"][0][0], member["way"][0][1],
                                               member["width"], member["height"]});
        }
    }
    void drawFoe(const file::Json& thing) {
        Part box = boxOf(thing);
        bool isMirrored = false;
        // Where its way is not written it is drawn where it begins.
        if (thing.contains("way") && thing["way"].is_array() && !thing["way"].empty()) {
            const file::Json& way = thing["way"];
            std::size_t after = 8;
            if (after >= way.size()) {
                const std::size_t from = thing.value("loopFrom", std::size_t{0});
                after = from + (after - from) % std::max<std::size_t>(1, way.size() - from);
            }
            box.x = way[0][0];
            box.y = way[0][1];
            isMirrored = way[after][0] < way[0][0];
        }
        drawKind(thing["kind"], box, isMirrored, 255, lookOf(thing));
    }
    void drawShots(const file::Json& thing) {
        const file::Json& thrower = thing["thrower"];
        if (!thrower.contains("flight") || !thrower["flight"].is_array()) return;
        const file::Json shot = thrower.value("shot", file::Json::object());
        const int wide = shot.value("width", 6), high = shot.value("height", 6);
        const int flight = static_cast<int>(thrower["flight"].size());
        for (int age = -thrower.value("first", 0); age < flight;
             age += thrower.value("every", 60)) {
            if (age < 0) continue;
            const file::Json& at = thrower["flight"][std::size_t(age)];
            const int x = at[0], y = at[1];
            m_canvas.fill({x, y, wide, high}, {240, 112, 90});
            if (wide <= 2 || high <= 2) continue;
            const auto kind = m_kinds.find(thing["kind"]);
            m_canvas.fill({x + 1, y + 1, wide - 2, high - 2},
                          toneOf(kind == m_kinds.end() ? "" : kind->second->value("color", ""),
                                 {240, 236, 220}));
        }
    }
};

}  // namespace

void fillForm(Canvas& canvas, runtime::Form form, const Part& cell, Tone tone, int alpha) {
    for (int y = 0; y < cell.height; ++y) {
        const auto [from, to] = runtime::formRow(form, y, cell.width, cell.height);
        canvas.fill({cell.x + from, cell.y + y, to - from, 1}, tone, alpha);
    }
}

}  // namespace detail

using namespace detail;

Result<Picture32> pictureOfBaked(const file::Json& level, const file::Json& kinds,
                                 const file::Images& images) {
    const bool isKit = level.value("kind", "") == "kit";
    const int columns = level["size"]["columns"], rows = level["size"]["rows"];
    const int cellWide = level["cell"]["width"], cellHigh = level["cell"]["height"];
    const int width = columns * (isKit ? planModulePx : cellWide);
    const int height = rows * (isKit ? planModulePx : cellHigh);
    if (std::int64_t{width} * height > file::maxImagePx)
        return fail(ErrorKind::OutOfRange, "The level is too large for one picture",
                    level.value("title", ""), "Write it as a plan book, which has pages");
    const file::Json background = level.value("background", file::Json::object());
    Canvas canvas(width, height, toneOf(background.value("color", ""), {27, 39, 51}));
    if (isKit)
        drawKitPlan(canvas, level, kinds, images);
    else if (level.value("kind", "") == "puzzle")
        drawPuzzleBoard(canvas, level, kinds, images);
    else
        CellsDrawing(canvas, level, kinds, images).draw();
    return canvas.take();
}

void addMasses(Picture32& picture, const level::Project& project, const level::Level& level,
               int opacity) {
    Canvas canvas(std::move(picture));
    const CellSize size = level.cellSize;
    for (int y = 0; y < level.cells.height(); ++y)
        level.cells.forEachRunOfRow(y, [&](int first, int count, const level::Cell* values) {
            for (int i = 0; i < count; ++i)
                if (!values[i].isOpen())
                    fillForm(canvas, values[i].form(),
                             {(first + i) * size.width, y * size.height, size.width, size.height},
                             toneOf(project.matterOf(values[i]).color, {89, 100, 108}), opacity);
        });
    picture = canvas.take();
}

Picture32 blankOf(const level::Level& level) {
    const PxRect all = level.boundsPx();
    return Canvas(all.width, all.height, toneOf(level.background, {27, 39, 51})).take();
}

}  // namespace rook::ship
