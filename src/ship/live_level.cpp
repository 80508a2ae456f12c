#include "ship/live_level.h"

#include <algorithm>

namespace rook::ship {

namespace {

using file::Json;

/// The rectangle in which rows of equal size differ, as a patch; null if none does.
Json patchOf(const Json& former, const Json& next) {
    std::size_t left = SIZE_MAX, top = SIZE_MAX, right = 0, bottom = 0;
    for (std::size_t y = 0; y < next.size(); ++y) {
        if (former[y] == next[y]) continue;
        top = std::min(top, y);
        bottom = y + 1;
        for (std::size_t x = 0; x < next[y].size(); ++x)
            if (former[y][x] != next[y][x]) {
                left = std::min(left, x);
                right = std::max(right, x + 1);
            }
    }
    if (top == SIZE_MAX) return nullptr;
    Json rows = Json::array();
    for (std::size_t y = top; y < bottom; ++y) {
        Json row = Json::array();
        for (std::size_t x = left; x < right; ++x)
            row.push_back(next[y][x]);
        rows.push_back(std::move(row));
    }
    return {{"x", left}, {"y", top}, {"rows", std::move(rows)}};
}

bool areAlike(const Json& former, const Json& next) {
    if (!former.is_array() || !next.is_array() || former.size() != next.size()) return false;
    for (std::size_t y = 0; y < next.size(); ++y)
        if (!former[y].is_array() || !next[y].is_array() || former[y].size() != next[y].size())
            return false;
    return true;
}

Json matterChange(const Json& former, const Json& next) {
    Json change = Json::object();
    for (const auto& [key, value] : next.items()) {
        if (former.contains(key) && former[key] == value) continue;
        const bool isPatched = (key == "cells" || key == "forms") && former.contains(key) &&
                               areAlike(former[key], value);
        change[key] = isPatched ? patchOf(former[key], value) : value;
    }
    return change;
}

/// Patches of tiles, where the layers are the same ones; else all of them.
Json layersChange(const Json& former, const Json& next) {
    if (former.size() != next.size()) return next;
    Json patches = Json::array();
    for (std::size_t i = 0; i < next.size(); ++i) {
        if (former[i] == next[i]) continue;
        Json a = former[i], b = next[i];
        Json patch = {{"at", i}};
        for (const char* part : {"tiles", "flips"}) {
            if (a.contains(part) != b.contains(part)) return next;
            if (!b.contains(part)) continue;
            if (!areAlike(a[part], b[part])) return next;
            if (Json rows = patchOf(a[part], b[part]); !rows.is_null())
                patch[part] = std::move(rows);
            a.erase(part);
            b.erase(part);
        }
        if (a != b) return next;
        patches.push_back(std::move(patch));
    }
    return {{"patches", std::move(patches)}};
}

/// The text of each top-level key: each begins on a line of its own, two spaces in.
std::map<std::string, std::string> textsOf(const std::string& baked) {
    std::map<std::string, std::string> texts;
    for (std::size_t at = baked.find("\n  \""); at != std::string::npos;) {
        const std::size_t next = baked.find("\n  \"", at + 1);
        const std::size_t end = next == std::string::npos ? baked.rfind('}') : next;
        const std::size_t colon = baked.find("\": ", at);
        std::string text = baked.substr(colon + 3, end - colon - 3);
        while (!text.empty() && (text.back() == ',' || text.back() == '\n'))
            text.pop_back();
        texts[baked.substr(at + 4, colon - at - 4)] = std::move(text);
        at = next;
    }
    return texts;
}

}  // namespace

Result<LiveLevel> liveLevel(const level::Project& project, const level::Level& level,
                            const file::Images& images, const LiveLevel* former) {
    level::Project plain = project;
    plain.bundle.isPacked = false;
    LiveLevel live;
    live.cutPath = "cut/" + level.id.text + ".png";
    auto baked = file::bakedLevel(plain, level, images, live.cutPath, file::Baking::Look);
    if (!baked) return fail(baked.error());
    live.texts = textsOf(baked->text);
    for (const auto& [key, text] : live.texts) {
        const auto known = former ? former->texts.find(key) : live.texts.end();
        if (former && known != former->texts.end() && known->second == text) {
            live.level[key] = former->level[key];
            continue;
        }
        auto value = file::parseJson(text, level.title);
        if (!value) return fail(value.error());
        live.level[key] = std::move(*value);
    }
    // Nobody has looked yet.
    if (live.level["puzzle"].is_null())
        live.level["proof"] = {{"verdict", "not-decided"}, {"exits", Json::array()}};
    if (baked->cutTiles.width > 0) live.cutTiles = file::writePng(baked->cutTiles);
    return live;
}

Json changeOf(const Json& former, const Json& next) {
    Json set = Json::object();
    for (const auto& [key, value] : next.items()) {
        if (former.contains(key) && former[key] == value) continue;
        if (key == "matter" && former.contains(key))
            set[key] = matterChange(former[key], value);
        else if (key == "layers" && former.contains(key))
            set[key] = layersChange(former[key], value);
        else
            set[key] = value;
    }
    for (const auto& [key, value] : former.items())
        if (!next.contains(key)) set[key] = nullptr;
    return set;
}

}  // namespace rook::ship
