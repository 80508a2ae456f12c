#include "file/entity_json.h"

#include "file/described_detail.h"

namespace rook::file {

using namespace level;

Json decimalJson(Decimal decimal) {
    if (decimal.thousandths % 1000 == 0) return decimal.thousandths / 1000;
    return static_cast<double>(decimal.thousandths) / 1000.0;
}

Json fieldJson(const FieldValue& value) {
    struct ToJson {
        Json operator()(Decimal number) const { return decimalJson(number); }
        Json operator()(std::int64_t number) const { return number; }
        Json operator()(const std::string& text) const { return text; }
        Json operator()(bool isYes) const { return isYes; }
        Json operator()(PxPoint point) const { return {point.x, point.y}; }
        Json operator()(const std::vector<PxPoint>& path) const {
            Json points = Json::array();
            for (const PxPoint point : path)
                points.push_back({point.x, point.y});
            return points;
        }
        Json operator()(const FieldList& list) const {
            Json items = Json::array();
            for (const SimpleValue& item : list.items)
                items.push_back(std::visit(*this, item));
            return items;
        }
    };
    return std::visit(ToJson{}, value);
}

namespace {

Json timetableJson(const runtime::Timetable& times) {
    Json on = Json::array();
    for (const auto& [from, to] : times.on)
        on.push_back({from, to});
    return {{"periodTicks", times.periodTicks}, {"on", std::move(on)}};
}

Json formationJson(const Formation& formation) {
    Json json = {{"member", formation.member.text},
                 {"shape", nameOf(formation.shape)},
                 {"count", formation.count},
                 {"distance", formation.distance}};
    if (!formation.gaps.empty()) json["gaps"] = formation.gaps;
    if (formation.shape == FormationShape::Grid || formation.columns != Formation{}.columns)
        json["columns"] = formation.columns;
    if (formation.shape == FormationShape::Arc || formation.arcDegrees != Formation{}.arcDegrees)
        json["arcDegrees"] = formation.arcDegrees;
    json["periodTicks"] = formation.periodTicks;
    if (!formation.isClockwise) json["clockwise"] = false;
    if (!(formation.shift == PxPoint{})) json["shift"] = {formation.shift.x, formation.shift.y};
    return json;
}

}  // namespace

void appendRoleKeys(Json& json, const RoleData& data) {
    if (!data.opens.empty()) {
        Json ids = Json::array();
        for (const EntityId& id : data.opens)
            ids.push_back(id.text);
        json["opens"] = std::move(ids);
    }
    if (data.opensWithAllPickups) json["opensWithAllPickups"] = true;
    if (data.grants) json["grants"] = nameOf(*data.grants);
    if (data.takes) json["takes"] = nameOf(*data.takes);
    if (data.timetable) json["timetable"] = timetableJson(*data.timetable);
    if (data.value != 1) json["value"] = data.value;
    if (data.grantTicks != 0) json["grantTicks"] = data.grantTicks;
    if (data.door != DoorWay{}) json["door"] = describedJson(data.door);
    if (data.patrol != Patrol{}) json["patrol"] = describedJson(data.patrol);
    if (data.formation != Formation{}) json["formation"] = formationJson(data.formation);
    if (data.trigger != Trigger{}) {
        Json calls = Json::array();
        for (const Call& call : data.trigger.calls) {
            calls.push_back({{"when", nameOf(call.when)}, {"message", call.message}});
            if (!call.target.isEmpty()) calls.back()["target"] = call.target.text;
        }
        json["trigger"] = {{"once", data.trigger.once}, {"calls", std::move(calls)}};
    }
}

Json entityJson(const Project& project, const Entity& entity) {
    Json json = {{"id", entity.id.text},
                 {"kind", entity.kind.text},
                 {"x", entity.box.x},
                 {"y", entity.box.y}};
    const Kind* kind = project.findKind(entity.kind);
    if (!kind || kind->width != entity.box.width) json["width"] = entity.box.width;
    if (!kind || kind->height != entity.box.height) json["height"] = entity.box.height;
    if (entity.storey != 0) json["storey"] = entity.storey;
    if (entity.facing != Facing::Right) json["facing"] = nameOf(entity.facing);
    if (entity.to != ExitTarget{})
        json["to"] = {{"level", entity.to.level.text}, {"entry", entity.to.entry.text}};
    if (!entity.group.empty()) json["group"] = entity.group;
    appendRoleKeys(json, entity.data);
    if (entity.data.spring != SpringHeights{}) json["spring"] = describedJson(entity.data.spring);
    if (entity.data.track != Track{}) {
        Json points = Json::array();
        for (const PxPoint& point : entity.data.track.points)
            points.push_back({point.x, point.y});
        json["track"] = {{"points", std::move(points)},
                         {"round", entity.data.track.isRound},
                         {"periodTicks", entity.data.track.periodTicks}};
    }
    Json fields = Json::object();
    for (const auto& [name, value] : entity.fields)
        fields[name] = fieldJson(value);
    appendUnknown(fields, entity.unknownFields);
    if (!fields.empty()) json["fields"] = std::move(fields);
    appendUnknown(json, entity.unknown);
    return json;
}

Json spansJson(const std::vector<RunSpan>& spans) {
    Json json = Json::array();
    for (const RunSpan& span : spans)
        json.push_back({span.ticks, span.dx, span.dy, span.buttons});
    return json;
}

Json edgesJson(const runtime::Edges& edges) {
    return {{"left", level::nameOf(edges.left)},
            {"right", level::nameOf(edges.right)},
            {"top", level::nameOf(edges.top)},
            {"bottom", level::nameOf(edges.bottom)}};
}

void writeLevelHead(JsonLines& lines, const char* format, const level::Level& level) {
    lines.member("format", format);
    lines.member("version", 1);
    lines.member("id", level.id.text);
    lines.member("title", level.title);
    lines.member("kind", level::nameOf(level.kind));
    lines.member("cell", {{"width", level.cellSize.width}, {"height", level.cellSize.height}});
    lines.member("size", {{"columns", level.cells.width()}, {"rows", level.cells.height()}});
    lines.member("edges", edgesJson(level.edges));
    lines.member("background", {{"color", level.background}});
}

void appendUnknown(Json& object, const level::UnknownKeys& unknown) {
    for (const auto& [key, text] : unknown)
        object[key] = Json::parse(text);
}

void appendUnknown(JsonLines& lines, const level::UnknownKeys& unknown) {
    for (const auto& [key, text] : unknown)
        lines.raw(key, compactText(Json::parse(text)));
}

}  // namespace rook::file
