#pragma once
/// Reads the cells of an exported level, and what is drawn of them: layers and pictures. Loaded by
/// rook_runtime.hpp. All functions throw `LoadError`.

#include <string>
#include <vector>

#include "rook_level.hpp"

namespace rook::runtime::detail {

inline void readMatter(const json& file, Level& level, const std::string& name) {
    const std::string where = name + ": matter";
    const json& matter = member(file, "matter", name);
    for (const json& value : list(matter, "names", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".names");
        level.matterNames.push_back(value.get<std::string>());
    }
    for (const json& value : list(matter, "behaviours", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".behaviours");
        level.behaviours.push_back(behaviour(value.get<std::string>(), where + ".behaviours"));
    }
    const std::size_t matterCount = level.behaviours.size();
    if (matter.contains("colors"))
        for (const json& value : list(matter, "colors", where)) {
            if (!value.is_string()) fail("A text is wanted here", where + ".colors");
            level.matterColors.push_back(value.get<std::string>());
        }
    level.matterColors.resize(matterCount);
    if (matterCount == 0 || matterCount > 4096 || matterCount != level.matterNames.size())
        fail("There should be as many names as behaviours, 1 to 4096", where);
    std::vector<Form> forms;
    for (const json& value : list(matter, "formNames", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".formNames");
        forms.push_back(form(value.get<std::string>(), where + ".formNames"));
    }
    if (forms.empty()) fail("There are no forms", where + ".formNames");
    const int columns = level.frame.columns;
    const int rowCount = level.frame.rows;
    rows(matter, "cells", columns, rowCount, static_cast<int>(matterCount) - 1, where,
         [&](int, int, int n) { level.cells.push_back(static_cast<std::uint16_t>(n)); });
    rows(matter, "forms", columns, rowCount, static_cast<int>(forms.size()) - 1, where,
         [&](int, int, int n) { level.forms.push_back(forms[static_cast<std::size_t>(n)]); });
    for (std::size_t i = 0; i < level.cells.size(); ++i) {
        if (level.behaviours[level.cells[i]] == Behaviour::OneWay &&
            level.forms[i] > Form::UpperHalf) {
            fail("One-way matter takes the forms full, lower-half and upper-half only",
                 item(where, "forms", i / static_cast<std::size_t>(columns)));
        }
    }
}

inline double numberOf(const json& value, const char* key, double standard,
                       const std::string& where) {
    if (!value.contains(key)) return standard;
    if (!value[key].is_number()) fail(std::string(key) + " should be a number", where);
    return value[key].get<double>();
}

inline Layer readLayer(const json& value, const Level& level, const std::string& where) {
    Layer layer;
    layer.name = text(value, "name", where);
    layer.role = text(value, "role", where);
    layer.sheet = path(value, "sheet", where);
    const std::vector<int> tile = numbers(value, "tile", 1, 16384, 2, where);
    if (tile.size() != 2) fail("tile should hold width and height", where);
    layer.tileWidth = tile[0];
    layer.tileHeight = tile[1];
    layer.columns = whole(value, "columns", 1, 65536, where);
    layer.opacity = static_cast<int>(numberOf(value, "opacity", 100, where));
    layer.fades = value.contains("fades") && value["fades"] == true;
    layer.fadeLine = readFadeLine(value, where);
    layer.tiles.assign(static_cast<std::size_t>(level.frame.rows), {});
    rows(value, "tiles", level.frame.columns, level.frame.rows, 65536, where,
         [&](int, int y, int n) { layer.tiles[static_cast<std::size_t>(y)].push_back(n); });
    if (value.contains("animations")) {
        const json& animations = list(value, "animations", where);
        for (std::size_t i = 0; i < animations.size(); ++i) {
            const std::string at = item(where + ": ", "animations", i);
            TileAnimation animation;
            animation.tile = whole(animations[i], "tile", 1, 65536, at);
            animation.ticks = whole(animations[i], "ticks", 1, 3600, at);
            animation.frames = numbers(animations[i], "frames", 1, 65536, 64, at);
            if (animation.frames.size() < 2) fail("An animation has two frames at least", at);
            layer.animations.push_back(std::move(animation));
        }
    }
    if (!value.contains("flips")) return layer;
    layer.flips.assign(static_cast<std::size_t>(level.frame.rows), {});
    rows(value, "flips", level.frame.columns, level.frame.rows, 3, where,
         [&](int, int y, int n) { layer.flips[static_cast<std::size_t>(y)].push_back(n); });
    return layer;
}

inline Picture readPicture(const json& value, const std::string& where) {
    Picture picture;
    picture.image = path(value, "image", where);
    picture.fit = text(value, "fit", where);
    picture.isFront = text(value, "role", where) == "front";
    if (value.contains("parallax") && value["parallax"].size() == 2 &&
        value["parallax"][0].is_number() && value["parallax"][1].is_number()) {
        picture.parallaxX = value["parallax"][0].get<double>();
        picture.parallaxY = value["parallax"][1].get<double>();
    }
    picture.scroll = numberOf(value, "scroll", 0, where);
    picture.opacity = static_cast<int>(numberOf(value, "opacity", 100, where));
    picture.fadeLine = readFadeLine(value, where);
    return picture;
}

}  // namespace rook::runtime::detail
