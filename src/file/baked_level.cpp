#include <algorithm>

#include "cast/behaviour.h"
#include "collide/shapes.h"
#include "file/baked_kit_detail.h"
#include "file/baked_motion_detail.h"
#include "file/bundle.h"
#include "file/described_detail.h"
#include "file/game_json.h"
#include "file/puzzle_json.h"
#include "file/sprite_json_detail.h"
#include "file/tile_rows_detail.h"
#include "level/cast_edits.h"
#include "level/tracks.h"
#include "reach/prove.h"
#include "reach/zones.h"
#include "skin/dressing.h"
#include "skin/scatter.h"

// Long because a level file is written from its head to its end here, in the order of its format.

namespace rook::file {

namespace {

using namespace level;

/// One text line a row: `toNumber(cell)` of each cell, in brackets.
template <typename ToNumber>
std::vector<std::string> numberRows(const Grid<Cell>& cells, ToNumber&& toNumber) {
    std::vector<std::string> rows;
    for (int y = 0; y < cells.height(); ++y) {
        std::string row = "[";
        cells.forEachRunOfRow(y, [&](int first, int count, const Cell* values) {
            for (int i = 0; i < count; ++i) {
                if (first + i > 0) row += ", ";
                row += std::to_string(toNumber(values[i]));
            }
        });
        rows.push_back(row + "]");
    }
    return rows;
}

struct LayerHead {
    std::string name;
    const char* role;
    int depth = 0;  ///< below 0 is behind the masses
    int opacity = 100;
    bool fades = false;  ///< in play, where it would hide the player
    std::optional<FadeLine> fadeLine{};
};

/// One layer a sheet that its tiles are of.
void writeLayer(JsonLines& lines, const Project& project, const CellRect& bounds,
                const LayerHead& head, const std::vector<Tile>& tiles) {
    std::vector<bool> isUsed(project.sheets.size()), isFlipped(project.sheets.size());
    for (const Tile tile : tiles) {
        if (!tile.isShown()) continue;
        const auto sheet = static_cast<std::size_t>(tile.sheet());
        isUsed[sheet] = true;
        isFlipped[sheet] = isFlipped[sheet] || tile.isMirrored() || tile.isUpsideDown();
    }
    const auto rowsOf = [&](std::size_t sheet, auto&& toNumber) {
        std::vector<std::string> rows;
        for (int y = 0; y < bounds.height; ++y) {
            std::string row = "[";
            for (int x = 0; x < bounds.width; ++x) {
                const Tile tile =
                    tiles[std::size_t(y) * std::size_t(bounds.width) + std::size_t(x)];
                const bool isOwn = tile.isShown() && tile.sheet() == static_cast<int>(sheet);
                if (x > 0) row += ", ";
                row += std::to_string(isOwn ? toNumber(tile) : 0);
            }
            rows.push_back(row + "]");
        }
        return rows;
    };
    for (std::size_t i = 0; i < project.sheets.size(); ++i) {
        if (!isUsed[i]) continue;
        const Sheet& sheet = project.sheets[i];
        lines.beginItem();
        lines.member("name", head.name);
        lines.member("role", head.role);
        lines.member("depth", head.depth);
        lines.member("parallax", {1, 1});
        if (head.opacity != 100) lines.member("opacity", head.opacity);
        if (head.fades) lines.member("fades", true);
        if (head.fadeLine)
            lines.member("fadeLine", describedJson(FileContext{&project}, *head.fadeLine));
        lines.member("sheet", sheet.path);
        lines.member("tile", {sheet.tile.width, sheet.tile.height});
        lines.member("columns", sheet.columns);
        if (!sheet.animations.empty())
            lines.member("animations",
                         detail::jsonOf(FileContext{&project}, sheet.animations, plain));
        lines.list("tiles", rowsOf(i, [](Tile tile) { return tile.number() + 1; }));
        if (isFlipped[i]) lines.list("flips", rowsOf(i, flipOf));
        lines.endItem();
    }
}

/// The farthest first: those behind the masses, the masses as they are dressed, those before them.
void writeLayers(JsonLines& lines, const Project& project, const Level& level) {
    const CellRect bounds = level.cells.bounds();
    const auto behind =
        static_cast<int>(std::count_if(level.layers.begin(), level.layers.end(),
                                       [](const TileLayer& layer) { return !layer.isFront; }));
    const skin::TilingRules tilingRules = skin::TilingRules::of(project, level);
    lines.beginList("layers");
    for (int i = 0; i <= static_cast<int>(level.layers.size()); ++i) {
        if (i == behind)
            writeLayer(lines, project, bounds, {"masses", "main", 0, 100, false},
                       dress(tilingRules, level, bounds).tiles);
        if (i == static_cast<int>(level.layers.size())) break;
        const TileLayer& layer = level.layers[static_cast<std::size_t>(i)];
        if (!layer.isExported || (layer.tiles.width() == 0 && layer.cells.width() == 0)) continue;
        writeLayer(lines, project, bounds,
                   {layer.name, layer.isFront ? "front" : "back",
                    i < behind ? i - behind : i - behind + 1, layer.opacity,
                    layer.isFront && layer.fades, layer.isFront ? layer.fadeLine : std::nullopt},
                   skin::dressLayer(tilingRules, level, layer, bounds).tiles);
    }
    lines.endList();
}

std::vector<std::string> pictureLines(const Project& project, const Level& level) {
    std::vector<std::string> lines;
    const Backdrop* backdrop = project.findBackdrop(level.backdrop);
    for (std::size_t i = 0; backdrop && i < backdrop->pictures.size(); ++i) {
        const Picture& picture = backdrop->pictures[i];
        Json line = {{"name", picture.name},
                     {"image", picture.path},
                     {"role", picture.isFront ? "front" : "back"},
                     {"fit", nameOf(picture.fit)},
                     {"parallax", {decimalJson(picture.parallaxX), decimalJson(picture.parallaxY)}},
                     {"scroll", decimalJson(picture.scrollX)},
                     {"opacity", picture.opacity}};
        if (picture.isFront && picture.fadeLine)
            line["fadeLine"] = describedJson(FileContext{&project}, *picture.fadeLine);
        lines.push_back(compactText(line));
    }
    return lines;
}

void bakeMatter(JsonLines& lines, const Project& project, const Level& level) {
    Json names = Json::array();
    Json behaviours = Json::array();
    Json fields = Json::array();
    for (const Matter& matter : project.matters) {
        names.push_back(matter.name);
        behaviours.push_back(nameOf(matter.behaviour));
        fields.push_back(Json::object());
        for (const NamedValue& field : matter.fields)
            fields.back()[field.first] = fieldJson(field.second);
    }
    Json formNames = Json::array();
    for (int f = 0; f < runtime::formCount; ++f)
        formNames.push_back(nameOf(static_cast<runtime::Form>(f)));
    lines.beginObject("matter");
    lines.member("names", names);
    lines.member("behaviours", behaviours);
    const bool hasFields = std::any_of(project.matters.begin(), project.matters.end(),
                                       [](const Matter& matter) { return !matter.fields.empty(); });
    if (hasFields) lines.member("fields", fields);
    lines.list("cells", numberRows(level.cells, [](Cell cell) { return cell.matter().index; }));
    lines.list("forms",
               numberRows(level.cells, [](Cell cell) { return static_cast<int>(cell.form()); }));
    lines.member("formNames", formNames);
    lines.endObject();
}

Json pointsJson(const collide::Polygon& polygon) {
    Json points = Json::array();
    for (const PxPoint point : polygon)
        points.push_back({point.x, point.y});
    return points;
}

std::vector<std::string> rectLines(const std::vector<PxRect>& rects) {
    std::vector<std::string> lines;
    for (const PxRect& r : rects)
        lines.push_back(
            compactText({{"x", r.x}, {"y", r.y}, {"width", r.width}, {"height", r.height}}));
    return lines;
}

/// The members of a collision object.
void writeShapes(JsonLines& lines, const collide::CollisionShapes& shapes) {
    std::vector<std::string> slopes;
    for (const auto& slope : shapes.slopes)
        slopes.push_back(compactText({{"points", pointsJson(slope)}}));
    std::vector<std::string> outlines;
    for (const auto& outline : shapes.outlines)
        outlines.push_back(
            compactText({{"points", pointsJson(outline.points)}, {"hole", outline.isHole}}));
    std::vector<std::string> oneWay;
    for (const auto& top : shapes.oneWay)
        oneWay.push_back(compactText({{"x", top.x}, {"y", top.y}, {"width", top.width}}));
    lines.list("solids", rectLines(shapes.solids));
    lines.list("slopes", slopes);
    lines.list("outlines", outlines);
    lines.list("oneWay", oneWay);
    lines.list("deadly", rectLines(shapes.deadly));
    lines.list("ladders", rectLines(shapes.ladders));
    lines.list("liquids", rectLines(shapes.liquids));
}

void writeCollision(JsonLines& lines, const Project& project, const Level& level) {
    lines.beginObject("collision");
    writeShapes(lines, collide::makeShapes(frameOf(level), LevelCells(project, level)));
    lines.endObject();
}

/// Of a mover, or a foe that flies.
Json wayJson(const Entity& entity) {
    Json track = Json::array();
    for (const PxPoint& corner : trackOf(entity.data.track, {entity.box.x, entity.box.y}))
        track.push_back({corner.x, corner.y});
    const runtime::Mover mover = level::moverOf(entity.data.track, entity.box);
    Json json = {{"id", entity.id.text},
                 {"width", entity.box.width},
                 {"height", entity.box.height},
                 {"track", std::move(track)},
                 {"periodTicks", mover.periodTicks}};
    if (!mover.way.empty()) json["way"] = mover.way;
    return json;
}

/// Where each member is: its corner in each tick of the period, or in the first if it keeps still.
Json membersJson(const Project& project, const Entity& entity) {
    const runtime::Formation formation = cast::formationOf(project, entity);
    Json members = Json::array();
    for (int place = 0; place < formation.count; ++place) {
        if (formation.isGap(place)) continue;
        Json way = Json::array();
        for (int tick = 0; tick < std::max(1, formation.periodTicks); ++tick) {
            const runtime::Box box = formation.at(place, tick);
            way.push_back({box.x, box.y});
        }
        members.push_back({{"id", entity.id.text + "." + std::to_string(place)},
                           {"width", formation.middle.width},
                           {"height", formation.middle.height},
                           {"way", std::move(way)}});
    }
    return members;
}

/// Corners in all: more would make a file that no game wants to read.
constexpr std::int64_t maxMemberPlaces = 500'000;

Result<void> checkMembers(const Project& project, const Level& level) {
    std::int64_t places = 0;
    for (const Entity& entity : level.entities) {
        if (!project.writesMembers || project.roleOf(entity) != Role::Formation) continue;
        const Formation& data = entity.data.formation;
        places += std::int64_t{data.count} * std::max(1, data.periodTicks);
        if (places > maxMemberPlaces)
            return fail(ErrorKind::OutOfRange,
                        "With " + entity.id.text + " the members of formations have more than " +
                            std::to_string(maxMemberPlaces) + " places",
                        level.title,
                        "Shorten its period, or leave members out of the bundle in Ship");
    }
    return {};
}

/// What a foe is worth that is beaten, where it counts.
void addWorth(Json& json, const Kind& kind) {
    if (kind.role != Role::Foe || kind.tally.empty()) return;
    json["tally"] = kind.tally;
    json["worth"] = kind.worth;
}

Json bakedEntity(const Project& project, const Level& level, const Entity& entity) {
    Json json = {{"id", entity.id.text},
                 {"kind", entity.kind.text},
                 {"role", nameOf(project.roleOf(entity))},
                 {"x", entity.box.x},
                 {"y", entity.box.y},
                 {"width", entity.box.width},
                 {"height", entity.box.height},
                 {"facing", nameOf(entity.facing)}};
    Json fields = Json::object();
    if (const Kind* kind = project.findKind(entity.kind))
        for (const FieldDefinition& definition : kind->fields)
            fields[definition.name] = fieldJson(fieldOf(entity, definition));
    appendUnknown(fields, entity.unknownFields);
    json["fields"] = std::move(fields);
    if (entity.storey != 0) json["storey"] = entity.storey;
    RoleData data = entity.data;
    data.opens = level::whatOpens(project, level, entity);
    data.opensWithAllPickups = false;
    data.spring = {};  // games get them as tables and as the way they make
    data.track = {};
    json.update(roleJson(data));
    if (project.roleOf(entity) == Role::Thrower)
        json["thrower"] = describedJson(FileContext{&project}, entity.data.thrower);
    if (project.roleOf(entity) == Role::Foe && entity.data.patrol.gait == Gait::Flies)
        json.update(wayJson(entity));
    if (json.contains("formation")) {
        const Kind* member = project.findKind(entity.data.formation.member);
        json["formation"]["memberRole"] = nameOf(member ? member->role : Role::Prop);
        json["formation"]["memberWidth"] = member ? member->width : entity.box.width;
        json["formation"]["memberHeight"] = member ? member->height : entity.box.height;
        if (member) addWorth(json["formation"], *member);
        if (project.writesMembers) json["formation"]["members"] = membersJson(project, entity);
    }
    const Kind* kind = project.findKind(entity.kind);
    if (kind && kind->role == Role::Pickup && !kind->tally.empty()) json["tally"] = kind->tally;
    if (kind) addWorth(json, *kind);
    if (kind && entity.look != Appearance())
        json["look"] = appearanceJson(project, *kind, entity.look);
    if (project.roleOf(entity) == Role::Exit) {
        json["to"] = destinationJson(game::destinationOf(project, level, entity.to));
        if (json["to"].is_object() && entity.to.transition.sort != TransitionSort::Cut)
            json["to"]["transition"] = describedJson(FileContext{&project}, entity.to.transition);
    }
    appendUnknown(json, entity.unknown);
    return json;
}

std::vector<std::string> moverLines(const Project& project, const Level& level) {
    std::vector<std::string> lines;
    for (const Entity& entity : level.entities) {
        if (project.roleOf(entity) != Role::Mover) continue;
        Json line = wayJson(entity);
        line["ease"] = nameOf(entity.data.track.ease);
        lines.push_back(compactText(line));
    }
    return lines;
}

Json runProofJson(const reach::Proof& proof) {
    Json json = {{"verdict", nameOf(proof.verdict.kind)}};
    if (!proof.run) return json;
    json["exit"] = proof.exit;
    json["ticks"] = proof.run->ticks();
    json["inputs"] = spansJson(reach::spansOf(proof.run->inputs));
    json["inputColumns"] = {"ticks", "dx", "dy", "buttons"};
    if (proof.comfort) json["comfort"] = proof.comfort->percent;
    return json;
}

/// Where bodies can be, if rules or zones ask for it; null if nothing does.
std::shared_ptr<const reach::Answer> answerFor(const reach::Query& query, const Level& level) {
    if (!skin::needsReach(level) && level.zones.size() < 2) return nullptr;
    return std::make_shared<const reach::Answer>(reach::answer(query));
}

skin::IsReached reachedIn(std::shared_ptr<const reach::Answer> answer, const Level& level) {
    if (!answer) return nullptr;
    return [answer = std::move(answer), cell = level.cellSize](CellPoint at) {
        return answer->onCells().reached.meets(toPx(CellRect{at.x, at.y, 1, 1}, cell),
                                               answer->onCells().tables);
    };
}

std::vector<std::string> zoneLines(const Project& project, const Level& level,
                                   const reach::Answer* answer) {
    std::vector<std::string> lines;
    const auto crossings =
        answer ? reach::crossingsOf(level, *answer) : std::vector<reach::Crossing>();
    for (const Zone& zone : level.zones) {
        const PxRect place = toPx(zone.place, level.cellSize);
        const PxRect camera = zone.camera.value_or(place);
        Json json = {{"id", zone.id.text},
                     {"name", zone.name},
                     {"x", place.x},
                     {"y", place.y},
                     {"width", place.width},
                     {"height", place.height},
                     {"camera",
                      {{"left", camera.x},
                       {"top", camera.y},
                       {"right", camera.right()},
                       {"bottom", camera.bottom()}}},
                     {"entries", Json::array()},
                     {"neighbours", Json::array()},
                     {"onEnter", zone.onEnter},
                     {"onLeave", zone.onLeave}};
        for (const reach::Crossing& crossing : crossings) {
            Json& neighbours = json["neighbours"];
            const bool isNew = std::find(neighbours.begin(), neighbours.end(), crossing.to.text) ==
                               neighbours.end();
            if (crossing.from == zone.id && isNew) neighbours.push_back(crossing.to.text);
            if (crossing.to == zone.id && crossing.respawn)
                json["entries"].push_back({{"x", crossing.respawn->x},
                                           {"y", crossing.respawn->y},
                                           {"from", crossing.from.text}});
        }
        if (!zone.theme.empty()) json["theme"] = zone.theme;
        if (!zone.music.empty()) json["music"] = zone.music;
        if (zone.transition.sort != TransitionSort::Cut)
            json["transition"] = describedJson(FileContext{&project}, zone.transition);
        appendUnknown(json, zone.unknown);
        lines.push_back(compactText(json));
    }
    return lines;
}

/// Nobody walks in a puzzle level: its proof is the solution that stands with the puzzle.
reach::Proof puzzleProof(const Json& puzzle) {
    using reach::VerdictKind;
    reach::Proof proof;
    const std::string verdict = puzzle["solution"]["verdict"];
    proof.verdict.kind = verdict == "solved"       ? VerdictKind::Solved
                         : verdict == "impossible" ? VerdictKind::NotSolved
                         : verdict == "no rule"    ? VerdictKind::NoRule
                                                   : VerdictKind::NotDecided;
    return proof;
}

}  // namespace

Result<std::string> bakedLevelText(const Project& original, const Level& level) {
    // A puzzle level is moved in by nobody, and still has tables as all levels have.
    Project withProfile = original;
    if (level.kind == LevelKind::Puzzle && original.profiles.empty())
        withProfile.profiles = std::vector<MotionProfile>{MotionProfile{}};
    const Project& project = withProfile;
    const auto profiles = motion::LevelProfiles::of(project, level);
    if (!profiles) return fail(profiles.error());
    const auto tables = profiles->tables(level, {});
    if (!tables) return fail(tables.error());

    const auto query = reach::queryOf(project, level);
    if (!query) return fail(query.error());
    for (const Entity& entity : level.entities) {
        if (!level::mayBeShut(project.roleOf(entity))) continue;
        for (const EntityId& id : level::whatOpens(project, level, entity)) {
            const std::vector<std::string>& gains = query->gainIds;
            if (std::find(gains.begin(), gains.end(), id.text) != gains.end()) continue;
            return fail(ErrorKind::BadReference,
                        "The " + std::string(level::nameOf(project.roleOf(entity))) + " " +
                            entity.id.text + " opens with " + id.text + ", which is not there",
                        level.title, "Choose a key or a switch of this level in Cast");
        }
    }
    if (const auto checked = checkMembers(project, level); !checked) return fail(checked.error());
    const auto puzzle = puzzleJson(project, level);
    if (!puzzle) return fail(puzzle.error());
    const reach::Proof proof =
        puzzle->is_null() ? reach::prove(project, level) : puzzleProof(*puzzle);

    // As it is seen: what rules strew stands in it.
    const auto answer = answerFor(*query, level);
    const Level seen =
        skin::withStrewn(level, skin::strew(project, level, reachedIn(answer, level)));
    JsonLines lines;
    writeLevelHead(lines, "rookplot-level", level);
    writeLayers(lines, project, seen);
    if (const auto pictures = pictureLines(project, level); !pictures.empty())
        lines.list("pictures", pictures);
    bakeMatter(lines, project, level);
    writeCollision(lines, project, level);
    std::vector<std::string> entities;
    for (const Entity& entity : seen.entities)
        entities.push_back(compactText(bakedEntity(project, level, entity)));
    lines.list("entities", entities);
    lines.list("movers", moverLines(project, level));
    lines.list("zones", zoneLines(project, level, answer.get()));
    writeKit(lines, project, level);
    lines.member("puzzle", *puzzle);
    writeGoals(lines, project, level);
    writeCarried(lines, project, level);
    lines.member("motion", motionJson(project, level, *profiles, *tables, query->problem.parts));
    lines.member("proof", runProofJson(proof));
    return lines.take();
}

std::string collisionText(const collide::CollisionShapes& shapes) {
    JsonLines lines;
    lines.member("format", "rookplot-collision");
    lines.member("version", 1);
    lines.member("fewest", shapes.isFewest);
    writeShapes(lines, shapes);
    return lines.take();
}

}  // namespace rook::file
