#include "ship/plays.h"

#include <algorithm>

#include "base/limits.h"
#include "file/json_text.h"

namespace rook::ship {

namespace {

using file::Json;

std::string playsFile(const LevelId& level) {
    return ".rookplot/plays/" + level.text + ".json";
}

Json pointJson(const PlayPoint& point) {
    return {point.tick, point.at.x, point.at.y};
}

/// Throws where it is none.
PlayPoint pointOf(const Json& json) {
    return {json.at(0).get<int>(), {json.at(1).get<int>(), json.at(2).get<int>()}};
}

Json playJson(const Play& play) {
    Json json = {{"game", play.game}, {"arrival", play.arrival}};
    Json points = Json::array();
    for (const PlayPoint& point : play.points)
        points.push_back(pointJson(point));
    json["points"] = std::move(points);
    if (play.died) json["died"] = pointJson(*play.died);
    if (!play.by.empty()) json["by"] = play.by;
    if (play.wonTicks > 0) json["won"] = play.wonTicks;
    Json inputs = Json::array();
    for (const level::RunSpan& span : play.inputs)
        inputs.push_back({span.ticks, span.dx, span.dy, span.buttons});
    if (!inputs.empty()) json["inputs"] = std::move(inputs);
    return json;
}

Play playOf(const Json& json) {
    Play play;
    play.game = json.value("game", "");
    play.arrival = json.value("arrival", "");
    for (const Json& point : json.at("points"))
        if (play.points.size() < maxPlayPoints) play.points.push_back(pointOf(point));
    if (json.contains("died")) play.died = pointOf(json["died"]);
    play.by = json.value("by", "");
    play.wonTicks = json.value("won", 0);
    if (json.contains("inputs"))
        for (const Json& span : json["inputs"])
            play.inputs.push_back({span.at(0).get<int>(), span.at(1).get<int>(),
                                   span.at(2).get<int>(), span.at(3).get<unsigned>()});
    return play;
}

}  // namespace

Result<std::vector<Play>> readPlays(file::Storage& storage, const file::Path& folder,
                                    const LevelId& level) {
    std::vector<Play> plays;
    const auto place = file::pathInside(folder, playsFile(level));
    if (!place) return fail(place.error());
    if (!storage.exists(*place)) return plays;
    const auto text = storage.read(*place, limits::maxTextBytes);
    if (!text) return fail(text.error());
    const auto json = file::parseJson(*text, playsFile(level));
    if (!json) return fail(json.error());
    try {
        for (const Json& play : json->at("plays"))
            if (plays.size() < maxPlays) plays.push_back(playOf(play));
    } catch (const nlohmann::json::exception&) {
        return fail(ErrorKind::BadSyntax, "This is no list of plays", playsFile(level),
                    "Remove the file; nothing else needs it");
    }
    return plays;
}

Result<void> writePlays(file::Storage& storage, const file::Path& folder, const LevelId& level,
                        const std::vector<Play>& plays) {
    file::JsonLines lines;
    lines.member("format", "rookplot-plays");
    lines.member("version", 1);
    std::vector<std::string> rows;
    const std::size_t first = plays.size() > maxPlays ? plays.size() - maxPlays : 0;
    for (std::size_t i = first; i < plays.size(); ++i)
        rows.push_back(file::compactText(playJson(plays[i])));
    lines.list("plays", rows);
    return file::writeInside(storage, folder, playsFile(level), lines.take());
}

Result<void> removePlays(file::Storage& storage, const file::Path& folder, const LevelId& level) {
    const auto place = file::pathInside(folder, playsFile(level));
    if (!place) return fail(place.error());
    return storage.remove(*place);
}

HeatMap heatOf(const std::vector<Play>& plays, const level::Level& level) {
    HeatMap heat;
    heat.was = Grid<std::uint32_t>(level.cells.width(), level.cells.height());
    heat.died = heat.was;
    const auto count = [&](Grid<std::uint32_t>& grid, PxPoint px, std::uint32_t& most) {
        const CellPoint at = toCell(px, level.cellSize);
        if (!grid.bounds().contains(at)) return;
        const std::uint32_t next = grid.at(at) + 1;
        grid.set(at, next);
        most = std::max(most, next);
    };
    for (const Play& play : plays) {
        ++heat.plays;
        for (const PlayPoint& point : play.points)
            count(heat.was, point.at, heat.mostWas);
        if (play.died) {
            ++heat.deaths;
            count(heat.died, play.died->at, heat.mostDied);
        }
        if (play.wonTicks > 0) heat.wins.push_back(play.wonTicks);
    }
    std::sort(heat.wins.begin(), heat.wins.end());
    return heat;
}

}  // namespace rook::ship
