#include <cmath>
#include <map>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/entity_json.h"
#include "file/matter_text.h"
#include "file/project_parts_detail.h"

namespace rook::file {

using namespace level;

namespace {

/// Decimals of at most three places, exactly.
Decimal decimalOf(const Json& value, const std::string& where) {
    if (!value.is_number())
        failReading(ErrorKind::WrongType, "A number is wanted here", where, "Mend it");
    const double thousandths = value.get<double>() * 1000;
    const double rounded = std::round(thousandths);
    if (std::abs(rounded) > 1e12 ||
        std::abs(thousandths - rounded) > 1e-6 * std::max(1.0, std::abs(rounded))) {
        failReading(ErrorKind::OutOfRange, "The number " + value.dump() + " has too many places",
                    where, "Use at most three decimal places");
    }
    return {static_cast<std::int64_t>(rounded)};
}

template <typename T>
T orThrow(Result<T> result) {
    if (!result) throw ReadFailure{result.error()};
    if constexpr (!std::is_void_v<T>) return std::move(*result);
}

}  // namespace

Decimal readDecimal(ObjectReader& reader, const std::string& key, Decimal fallback) {
    return reader.has(key) ? decimalOf(reader.get(key), reader.whereOf(key)) : fallback;
}

namespace {

/// A point in brackets, as far from the corner as a coordinate may be; none if it is none.
std::optional<PxPoint> pointOf(const Json& value) {
    if (!value.is_array() || value.size() != 2) return std::nullopt;
    const auto most = static_cast<std::int64_t>(limits::maxCoordinatePx);
    for (const Json& part : value)
        if (!part.is_number_integer() || std::abs(part.get<double>()) > double(most))
            return std::nullopt;
    return PxPoint{value[0].get<int>(), value[1].get<int>()};
}

std::optional<std::vector<PxPoint>> pathOf(const Json& value) {
    if (!value.is_array() || value.size() > maxListItems) return std::nullopt;
    std::vector<PxPoint> path;
    for (const Json& item : value) {
        const auto point = pointOf(item);
        if (!point) return std::nullopt;
        path.push_back(*point);
    }
    return path;
}

std::optional<SimpleValue> simpleOf(const FieldValue& value) {
    return std::visit(
        [](const auto& each) -> std::optional<SimpleValue> {
            if constexpr (std::is_constructible_v<SimpleValue, std::decay_t<decltype(each)>>)
                return SimpleValue(each);
            else
                return std::nullopt;
        },
        value);
}

}  // namespace

FieldValue readFieldValue(FieldType type, const Json& value, const std::string& where,
                          FieldType item) {
    switch (type) {
        case FieldType::Integer:
            if (value.is_number_integer() &&
                !(value.is_number_unsigned() && value.get<double>() > 9.2e18))
                return value.get<std::int64_t>();
            break;
        case FieldType::Text:
        case FieldType::Choice:
        case FieldType::Entity:
        case FieldType::Level:
            if (value.is_string()) return value.get<std::string>();
            break;
        case FieldType::Color:
            if (value.is_string() && isColor(value.get<std::string>()))
                return value.get<std::string>();
            break;
        case FieldType::Boolean:
            if (value.is_boolean()) return value.get<bool>();
            break;
        case FieldType::Number:
            if (value.is_number()) return decimalOf(value, where);
            break;
        case FieldType::Point:
            if (const auto point = pointOf(value)) return *point;
            break;
        case FieldType::Path:
            if (auto path = pathOf(value)) return *path;
            break;
        case FieldType::List: {
            if (!value.is_array() || value.size() > maxListItems) break;
            FieldList list;
            for (std::size_t i = 0; i < value.size(); ++i) {
                const std::string at = where + "[" + std::to_string(i) + "]";
                if (const auto simple = simpleOf(readFieldValue(item, value[i], at)))
                    list.items.push_back(*simple);
            }
            return list;
        }
    }
    failReading(ErrorKind::WrongType, "The value " + value.dump() + " is not of the field's type",
                where, "Give one of the type " + std::string(nameOf(type)));
}

NamedValue readNamedValue(ObjectReader& reader) {
    const std::string name = reader.plainName("name");
    const auto type = reader.named<FieldType>("type");
    if (type > FieldType::Number)
        failReading(ErrorKind::WrongType, "A matter has no fields of this type",
                    reader.whereOf("type"), "Use one of: whole-number, text, yes-no, number");
    return {name, readFieldValue(type, reader.get("value"), reader.whereOf("value"))};
}

int integerOf(const Json& value, int low, int high, const std::string& where) {
    if (value.is_number_integer()) {
        const auto number = value.get<std::int64_t>();
        if (number >= low && number <= high) return static_cast<int>(number);
    }
    failReading(ErrorKind::OutOfRange,
                "A whole number from " + std::to_string(low) + " to " + std::to_string(high) +
                    " is wanted here",
                where, "Mend it");
}

namespace {

/// Throws if the data breaks a rule of its own.
template <typename Data>
void checkFlaw(const Data& data, const std::string& where) {
    if (const auto flaw = flawOf(data)) failReading(ErrorKind::OutOfRange, *flaw, where, "Mend it");
}

std::pair<int, int> pairOf(const Json& value, int low, int high, const std::string& where) {
    if (!value.is_array() || value.size() != 2)
        failReading(ErrorKind::WrongType, "Two numbers in brackets are wanted here", where,
                    "Write [0, 10]");
    return {integerOf(value[0], low, high, where), integerOf(value[1], low, high, where)};
}

runtime::Timetable readTimetable(ObjectReader reader) {
    runtime::Timetable times;
    times.periodTicks = reader.integer("periodTicks", 1, maxPeriodTicks);
    reader.forEach("on", maxPeriodTicks, [&](const Json& item, const std::string& where) {
        times.on.push_back(pairOf(item, 0, times.periodTicks, where));
    });
    checkFlaw(times, reader.where());
    return times;
}

Track readTrack(ObjectReader reader) {
    const int most = limits::maxCoordinatePx;
    Track track;
    reader.forEach("points", 64, [&](const Json& item, const std::string& where) {
        const auto [x, y] = pairOf(item, -most, most, where);
        track.points.push_back({x, y});
    });
    track.isRound = reader.boolean("round", false);
    track.periodTicks = reader.integer("periodTicks", 1, maxPeriodTicks, track.periodTicks);
    checkFlaw(track, reader.where());
    return track;
}

Formation readFormation(ObjectReader reader) {
    Formation formation;
    formation.member = {reader.text("member", "")};
    formation.shape = reader.named<FormationShape>("shape");
    formation.count = reader.integer("count", 1, maxFormation, formation.count);
    formation.distance = reader.integer("distance", 0, 4096, formation.distance);
    formation.columns = reader.integer("columns", 1, maxFormation, formation.columns);
    formation.arcDegrees = reader.integer("arcDegrees", 1, 360, formation.arcDegrees);
    formation.periodTicks = reader.integer("periodTicks", 0, maxPeriodTicks, formation.periodTicks);
    formation.isClockwise = reader.boolean("clockwise", true);
    reader.forEach("gaps", maxFormation, [&](const Json& item, const std::string& where) {
        formation.gaps.push_back(integerOf(item, 0, formation.count - 1, where));
    });
    if (reader.has("shift")) {
        const auto [x, y] = reader.pair("shift", -limits::maxCoordinatePx, limits::maxCoordinatePx);
        formation.shift = {x, y};
    }
    return formation;
}

Trigger readTrigger(ObjectReader reader) {
    Trigger trigger;
    trigger.once = reader.boolean("once", false);
    reader.forEachObject("calls", 64, [&](ObjectReader& item) {
        Call call;
        call.when = item.named<CallWhen>("when");
        call.message = item.text("message");
        call.target = {item.text("target", "")};
        trigger.calls.push_back(std::move(call));
    });
    return trigger;
}

RoleData readRoleData(ObjectReader& reader) {
    RoleData data;
    reader.forEach("opens", 64, [&](const Json& item, const std::string& where) {
        if (!item.is_string())
            failReading(ErrorKind::WrongType, "The id of a key or a switch is wanted here", where,
                        "Put it in quotes");
        data.opens.push_back({item.get<std::string>()});
    });
    data.opensWithAllPickups = reader.boolean("opensWithAllPickups", false);
    if (reader.has("grants")) data.grants = reader.named<Ability>("grants");
    if (reader.has("takes")) data.takes = reader.named<Ability>("takes");
    if (reader.has("timetable")) data.timetable = readTimetable(reader.object("timetable"));
    if (reader.has("spring")) {
        ObjectReader spring = reader.object("spring");
        data.spring = readDescribed<SpringHeights>(spring);
    }
    if (reader.has("track")) data.track = readTrack(reader.object("track"));
    data.value = reader.integer("value", -1000000, 1000000, data.value);
    data.grantTicks = reader.integer("grantTicks", 0, maxPeriodTicks, 0);
    if (reader.has("door")) {
        ObjectReader door = reader.object("door");
        data.door = readDescribed<DoorWay>(door);
    }
    if (reader.has("patrol")) {
        ObjectReader patrol = reader.object("patrol");
        data.patrol = readDescribed<Patrol>(patrol);
    }
    if (reader.has("formation")) data.formation = readFormation(reader.object("formation"));
    if (reader.has("trigger")) data.trigger = readTrigger(reader.object("trigger"));
    return data;
}

}  // namespace

KeptRun readKeptRun(ObjectReader& reader) {
    KeptRun run;
    run.name = reader.text("name", "");
    run.start = {reader.text("start", "")};
    run.goal = {reader.text("goal", "")};
    reader.forEach("inputs", maxRunTicks, [&](const Json& item, const std::string& where) {
        if (!item.is_array() || item.size() != 4)
            failReading(ErrorKind::WrongType, "Spans are [ticks, dx, dy, buttons]", where,
                        "Mend it");
        const int far = 1 << 16;
        run.spans.push_back({integerOf(item[0], 1, maxRunTicks, where),
                             integerOf(item[1], -far, far, where),
                             integerOf(item[2], -far, far, where),
                             static_cast<unsigned>(integerOf(item[3], 0, 15, where))});
    });
    if (run.ticks() > maxRunTicks)
        failReading(ErrorKind::OutOfRange, "The run takes more than an hour",
                    reader.whereOf("inputs"), "Leave it out");
    run.unknown = reader.unknown();
    return run;
}

Entity readEntity(ObjectReader& reader, const Project& project) {
    Entity entity;
    entity.id = {reader.plainName("id")};
    entity.kind = {reader.plainName("kind")};
    const Kind* kind = project.findKind(entity.kind);
    if (!kind) {
        failReading(ErrorKind::BadReference, "There is no kind \"" + entity.kind.text + "\"",
                    reader.whereOf("kind"), "Add it to the kinds in rookplot.json or use another");
    }
    const int most = limits::maxCoordinatePx;
    entity.box.x = reader.integer("x", -most, most);
    entity.box.y = reader.integer("y", -most, most);
    entity.box.width = reader.integer("width", 1, most, kind->width);
    entity.box.height = reader.integer("height", 1, most, kind->height);
    entity.storey = reader.integer("storey", 0, maxStoreys - 1, 0);
    entity.facing = reader.named<Facing>("facing", Facing::Right);
    if (reader.has("to")) {
        ObjectReader to = reader.object("to");
        entity.to.level = {to.text("level", "")};
        entity.to.entry = {to.text("entry", "")};
    }
    entity.group = reader.text("group", "");
    entity.data = readRoleData(reader);
    if (reader.has("fields")) {
        ObjectReader fields = reader.object("fields");
        for (const FieldDefinition& definition : kind->fields) {
            if (!fields.has(definition.name)) continue;
            entity.fields.emplace_back(
                definition.name, readFieldValue(definition.type, fields.get(definition.name),
                                                fields.whereOf(definition.name), definition.item));
        }
        entity.unknownFields = fields.unknown();
    }
    entity.unknown = reader.unknown();
    return entity;
}

void readMatterRows(ObjectReader& reader, const Project& project, Grid<Cell>& cells,
                    std::vector<LegendEntry>* kept) {
    std::map<std::string, Cell> legend;
    if (kept && reader.has("legend")) {
        const std::string where = reader.whereOf("legend");
        for (const auto& [glyph, value] : reader.get("legend").items()) {
            if (!value.is_string() || charactersOf(glyph).size() != 1) {
                failReading(ErrorKind::WrongType, "A legend gives one character a matter", where,
                            "Write \"#\": \"stone\"");
            }
            const Cell cell = orThrow(cellOfName(project, value.get<std::string>(), where));
            legend[glyph] = cell;
            kept->push_back({glyph, cell});
        }
    }
    int y = 0;
    const std::string where = reader.whereOf("matter");
    reader.forEach("matter", limits::maxBoardCells, [&](const Json& item, const std::string&) {
        if (!item.is_string())
            failReading(ErrorKind::WrongType, "Rows of matter are texts", where,
                        "Put them in quotes");
        if (y >= cells.height()) {
            ++y;
            return;
        }
        const std::string& row = item.get_ref<const std::string&>();
        if (legend.empty())
            orThrow(readRunRow(project, row, y, cells, where));
        else
            orThrow(readDrawnRow(row, legend, y, cells, where));
        ++y;
    });
    if (y != cells.height()) {
        failReading(ErrorKind::OutOfRange,
                    "There are " + std::to_string(y) + " rows and should be " +
                        std::to_string(cells.height()),
                    where, "Make them as many as size.rows");
    }
}

Block readBlock(ObjectReader& reader, const Project& project) {
    Block block;
    block.name = reader.plainName("name");
    block.title = reader.text("title", block.name);
    const auto [columns, rows] = reader.pair("size", 1, limits::maxBlockCells);
    block.cells = Grid<Cell>(columns, rows);
    readMatterRows(reader, project, block.cells, nullptr);
    reader.forEachObject("entities", limits::maxEntities, [&](ObjectReader& item) {
        block.entities.push_back(readEntity(item, project));
    });
    block.unknown = reader.unknown();
    return block;
}

LaidBlock readLaid(ObjectReader& reader) {
    LaidBlock laid;
    laid.block = reader.plainName("block");
    const auto [x, y] = reader.pair("at", 0, limits::maxBoardCells - 1);
    const auto [width, height] = reader.pair("size", 1, limits::maxBlockCells);
    laid.place = {x, y, width, height};
    return laid;
}

Json keptRunJson(const KeptRun& run) {
    Json json = Json::object();
    if (!run.name.empty()) json["name"] = run.name;
    if (!run.start.text.empty()) json["start"] = run.start.text;
    json["goal"] = run.goal.text;
    json["inputs"] = spansJson(run.spans);
    appendUnknown(json, run.unknown);
    return json;
}

Json namedValueJson(const NamedValue& field) {
    return {{"name", field.first},
            {"type", nameOf(typeOf(field.second))},
            {"value", fieldJson(field.second)}};
}

Json blockJson(const Project& project, const Block& block) {
    Json entities = Json::array();
    for (const Entity& entity : block.entities)
        entities.push_back(entityJson(project, entity));
    Json json = {{"name", block.name},
                 {"title", block.title},
                 {"size", {block.cells.width(), block.cells.height()}},
                 {"matter", runRows(project, block.cells)},
                 {"entities", std::move(entities)}};
    appendUnknown(json, block.unknown);
    return json;
}

Json laidJson(const LaidBlock& laid) {
    return {{"block", laid.block},
            {"at", {laid.place.x, laid.place.y}},
            {"size", {laid.place.width, laid.place.height}}};
}

Json animationsJson(const std::vector<level::TileAnimation>& animations) {
    Json list = Json::array();
    for (const level::TileAnimation& animation : animations) {
        Json frames = Json::array();
        for (const int frame : animation.frames)
            frames.push_back(frame + 1);
        list.push_back({{"tile", animation.tile + 1},
                        {"frames", std::move(frames)},
                        {"ticks", animation.ticks}});
    }
    return list;
}

}  // namespace rook::file
