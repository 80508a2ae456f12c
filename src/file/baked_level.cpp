#include <algorithm>

#include "collide/shapes.h"
#include "file/baked_kit_detail.h"
#include "file/baked_layers_detail.h"
#include "file/baked_motion_detail.h"
#include "file/baked_things_detail.h"
#include "file/bundle.h"
#include "file/described_detail.h"
#include "file/game_json.h"
#include "file/number_rows_detail.h"
#include "file/puzzle_json.h"
#include "level/cast_edits.h"
#include "reach/prove.h"
#include "reach/zones.h"
#include "skin/scatter.h"

namespace rook::file {

namespace {

using namespace level;

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
    Json colors = Json::array();
    Json fields = Json::array();
    for (const Matter& matter : project.matters) {
        names.push_back(matter.name);
        behaviours.push_back(nameOf(matter.behaviour));
        colors.push_back(matter.color);
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
    lines.member("colors", colors);
    const bool hasFields = std::any_of(project.matters.begin(), project.matters.end(),
                                       [](const Matter& matter) { return !matter.fields.empty(); });
    if (hasFields) lines.member("fields", fields);
    const auto numbers = [&](const char* key, auto&& numberOf) {
        writeNumbers(
            lines, key, level.cells.width(), level.cells.height(), project.bundle.isPacked,
            [&](int y, std::uint32_t* row) {
                level.cells.forEachRunOfRow(y, [&](int first, int count, const Cell* values) {
                    for (int i = 0; i < count; ++i)
                        row[first + i] = static_cast<std::uint32_t>(numberOf(values[i]));
                });
            });
    };
    numbers("cells", [](Cell cell) { return cell.matter().index; });
    numbers("forms", [](Cell cell) { return cell.form(); });
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

/// Whether a slope is stood on or hangs: where its mass lies, seen from its slanted edge.
const char* sideOf(const collide::Polygon& slope) {
    for (std::size_t i = 0; i < slope.size(); ++i) {
        const PxPoint from = slope[i], to = slope[(i + 1) % slope.size()];
        if (from.x == to.x || from.y == to.y) continue;
        for (const PxPoint& corner : slope) {
            const std::int64_t across = std::int64_t{corner.x} - from.x;
            const std::int64_t below =
                (std::int64_t{corner.y} - from.y) * (to.x - from.x) - across * (to.y - from.y);
            if (below != 0) return (below > 0) == (to.x > from.x) ? "floor" : "ceiling";
        }
    }
    return "floor";
}

/// The level's edges that stop or kill, a cell thick, beyond the level.
std::vector<std::string> edgeLines(const Level& level) {
    const PxRect all = level.boundsPx();
    const int w = level.cellSize.width, h = level.cellSize.height;
    const PxRect beside[] = {{-w, 0, w, all.height},
                             {all.width, 0, w, all.height},
                             {-w, -h, all.width + 2 * w, h},
                             {-w, all.height, all.width + 2 * w, h}};
    const std::pair<const char*, runtime::EdgeRule> rules[] = {{"left", level.edges.left},
                                                               {"right", level.edges.right},
                                                               {"top", level.edges.top},
                                                               {"bottom", level.edges.bottom}};
    std::vector<std::string> lines;
    for (std::size_t i = 0; i < 4; ++i) {
        if (rules[i].second == runtime::EdgeRule::Open) continue;
        const PxRect& r = beside[i];
        lines.push_back(compactText({{"side", rules[i].first},
                                     {"rule", nameOf(rules[i].second)},
                                     {"x", r.x},
                                     {"y", r.y},
                                     {"width", r.width},
                                     {"height", r.height}}));
    }
    return lines;
}

/// The members of a collision object.
void writeShapes(JsonLines& lines, const collide::CollisionShapes& shapes) {
    std::vector<std::string> slopes;
    for (const auto& slope : shapes.slopes)
        slopes.push_back(compactText({{"points", pointsJson(slope)}, {"side", sideOf(slope)}}));
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
    lines.list("edges", edgeLines(level));
    lines.endObject();
}

/// One an exit: reached, not-reached, or not-decided.
Json exitVerdicts(const reach::Verdict& verdict) {
    Json list = Json::array();
    for (const reach::Goal& goal : verdict.goals)
        if (goal.role == Role::Exit)
            list.push_back({{"id", goal.id},
                            {"verdict", goal.isReached     ? "reached"
                                        : goal.isUndecided ? "not-decided"
                                                           : "not-reached"}});
    return list;
}

Json runProofJson(const reach::Proof& proof) {
    Json json = {{"verdict", nameOf(proof.verdict.kind)}, {"exits", exitVerdicts(proof.verdict)}};
    if (!proof.run) return json;
    json["exit"] = proof.exit;
    json["ticks"] = proof.run->ticks();
    json["inputs"] = spansJson(reach::spansOf(proof.run->inputs));
    json["inputColumns"] = {"ticks", "dx", "dy", "buttons"};
    if (proof.comfort && !proof.comfort->isLeast) json["comfort"] = proof.comfort->percent;
    return json;
}

/// Where bodies can be, if rules or zones ask for it; null if nothing does.
std::shared_ptr<const reach::Answer> answerFor(const reach::Query& query, const Level& level,
                                               bool asksForZones) {
    if (!skin::needsReach(level) && (!asksForZones || level.zones.size() < 2)) return nullptr;
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

Result<BakedLevel> bakedLevel(const Project& original, const Level& level, const Images& images,
                              const std::string& cutPath, Baking baking) {
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
    const bool isWhole = baking == Baking::Whole;
    const auto puzzle = puzzleJson(project, level, isWhole);
    if (!puzzle) return fail(puzzle.error());
    const auto answer = answerFor(*query, level, isWhole);
    const reach::Proof proof = !puzzle->is_null() ? puzzleProof(*puzzle)
                               : isWhole ? reach::prove(project, level, {}, {}, answer.get())
                                         : reach::Proof();

    // As it is seen: what rules strew stands in it.
    const Level seen =
        skin::withStrewn(level, skin::strew(project, level, reachedIn(answer, level)));
    JsonLines lines;
    writeLevelHead(lines, "rookplot-level", level);
    BakedLevel baked;
    auto cuts = writeLayers(lines, project, seen, images, cutPath);
    if (!cuts) return fail(cuts.error());
    baked.cutTiles = std::move(*cuts);
    if (const auto pictures = pictureLines(project, level); !pictures.empty())
        lines.list("pictures", pictures);
    bakeMatter(lines, project, level);
    writeCollision(lines, project, level);
    if (const auto done = writeThings(lines, project, level, seen, tables->body); !done)
        return fail(done.error());
    lines.list("zones", zoneLines(project, level, answer.get()));
    writeKit(lines, project, level);
    lines.member("puzzle", *puzzle);
    writeGoals(lines, project, level);
    writeCarried(lines, project, level);
    lines.member("motion", motionJson(project, level, *profiles, *tables, query->problem));
    lines.member("proof", runProofJson(proof));
    baked.text = lines.take();
    return baked;
}

Result<std::string> bakedLevelText(const Project& project, const Level& level) {
    auto baked = bakedLevel(project, level, {}, {});
    if (!baked) return fail(baked.error());
    return std::move(baked->text);
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
