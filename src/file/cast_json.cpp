/// Kinds, entities, runs and zones: what their files hold in a way of their own.

#include "base/limits.h"
#include "file/described_detail.h"

namespace rook::file {

using namespace level;

namespace {

constexpr int far = limits::maxCoordinatePx;

PxRect readSprite(ObjectReader& sprite) {
    const auto [left, top] = sprite.pair("at", -4096, 4096);
    const auto [width, height] = sprite.pair("size", 1, 4096);
    return {left, top, width, height};
}

void readFields(ObjectReader fields, const Kind& kind, Entity& entity) {
    for (const FieldDefinition& definition : kind.fields) {
        if (!fields.has(definition.name)) continue;
        entity.fields.emplace_back(
            definition.name, readFieldValue(definition.type, fields.get(definition.name),
                                            fields.whereOf(definition.name), definition.item));
    }
    entity.unknownFields = fields.unknown();
}

RunSpan spanOf(const Json& item, const std::string& where) {
    if (!item.is_array() || item.size() != 4)
        failReading(ErrorKind::WrongType, "Spans are [ticks, dx, dy, buttons]", where,
                    "Correct it");
    const int most = 1 << 16;
    return {integerOf(item[0], 1, maxRunTicks, where), integerOf(item[1], -most, most, where),
            integerOf(item[2], -most, most, where),
            static_cast<unsigned>(integerOf(item[3], 0, 63, where))};
}

}  // namespace

void readByHand(ObjectReader& reader, FileContext&, FieldDefinition& field, std::string_view) {
    field.item = reader.named<FieldType>("item", field.item);
    if (field.item == FieldType::List || field.item == FieldType::Path)
        failReading(ErrorKind::WrongType, "A list is of single values", reader.whereOf("item"),
                    "Use another type");
    field.defaultValue = reader.has("standard")
                             ? readFieldValue(field.type, reader.get("standard"),
                                              reader.whereOf("standard"), field.item)
                             : defaultOf(field.type);
}

void writeByHand(Json& json, const FileContext&, const FieldDefinition& field, std::string_view) {
    json["standard"] = fieldJson(field.defaultValue);
    if (field.type == FieldType::List || field.item != FieldDefinition{}.item)
        json["item"] = nameOf(field.item);
}

void readByHand(ObjectReader& reader, FileContext&, Kind& kind, std::string_view) {
    if (!reader.has("sprite")) return;
    ObjectReader sprite = reader.object("sprite");
    const auto [columns, rows] = sprite.pair("tiles", 1, 64);
    kind.spriteTiles = {columns, rows};
    if (sprite.has("at")) kind.sprite = readSprite(sprite);
}

void writeByHand(Json& json, const FileContext&, const Kind& kind, std::string_view) {
    if (kind.spriteTiles == CellSize{1, 1} && !kind.sprite) return;
    Json sprite = {{"tiles", {kind.spriteTiles.width, kind.spriteTiles.height}}};
    if (kind.sprite) {
        sprite["at"] = {kind.sprite->x, kind.sprite->y};
        sprite["size"] = {kind.sprite->width, kind.sprite->height};
    }
    json["sprite"] = std::move(sprite);
}

/// The box is as large as the kind says where nothing else is said, and fields are the kind's.
void readByHand(ObjectReader& reader, FileContext& context, Entity& entity, std::string_view key) {
    const Kind* kind = context.project->findKind(entity.kind);
    if (!kind) {
        failReading(ErrorKind::BadReference, "There is no kind \"" + entity.kind.text + "\"",
                    reader.whereOf("kind"), "Add it to the kinds in rookplot.json or use another");
    }
    if (key == "fields") {
        if (reader.has("fields")) readFields(reader.object("fields"), *kind, entity);
        return;
    }
    entity.box.x = reader.integer("x", -far, far);
    entity.box.y = reader.integer("y", -far, far);
    entity.box.width = reader.integer("width", 1, far, kind->width);
    entity.box.height = reader.integer("height", 1, far, kind->height);
}

void writeByHand(Json& json, const FileContext& context, const Entity& entity,
                 std::string_view key) {
    if (key == "fields") {
        Json fields = Json::object();
        for (const auto& [name, value] : entity.fields)
            fields[name] = fieldJson(value);
        appendUnknown(fields, entity.unknownFields);
        if (!fields.empty()) json["fields"] = std::move(fields);
        return;
    }
    const Kind* kind = context.project->findKind(entity.kind);
    json["x"] = entity.box.x;
    json["y"] = entity.box.y;
    if (!kind || kind->width != entity.box.width) json["width"] = entity.box.width;
    if (!kind || kind->height != entity.box.height) json["height"] = entity.box.height;
}

void checkFurther(ObjectReader& reader, const FileContext&, ExitTarget& target) {
    if (!reader.has("do") && !target.level.isEmpty()) target.onward = Onward::Level;
}

void checkFurther(ObjectReader& reader, const FileContext&, const Formation& formation) {
    for (std::size_t i = 0; i < formation.gaps.size(); ++i)
        if (formation.gaps[i] >= formation.count)
            failReading(ErrorKind::OutOfRange, "A gap of a formation is one of its places",
                        reader.whereOf("gaps") + "[" + std::to_string(i) + "]",
                        "Use a number below its count");
}

void readByHand(ObjectReader& reader, FileContext&, KeptRun& run, std::string_view key) {
    reader.forEach(std::string(key), maxRunTicks, [&](const Json& item, const std::string& where) {
        run.spans.push_back(spanOf(item, where));
    });
    if (run.ticks() > maxRunTicks)
        failReading(ErrorKind::OutOfRange, "The run takes more than an hour",
                    reader.whereOf(std::string(key)), "Leave it out");
}

void writeByHand(Json& json, const FileContext&, const KeptRun& run, std::string_view key) {
    json[key] = spansJson(run.spans);
}

void readByHand(ObjectReader& reader, FileContext& context, Zone& zone, std::string_view key) {
    if (key == "camera") {
        if (!reader.has("camera")) return;
        ObjectReader camera = reader.object("camera");
        const int left = camera.integer("left", -far, far);
        const int top = camera.integer("top", -far, far);
        zone.camera = {left, top, camera.integer("right", left + 1, far) - left,
                       camera.integer("bottom", top + 1, far) - top};
        return;
    }
    zone.place = readPlace(reader, -limits::maxBoardCells, limits::maxBoardCells);
    if (context.board.isEmpty()) return;
    zone.place = zone.place.intersected(context.board);
    if (zone.place.isEmpty())
        failReading(ErrorKind::OutOfRange, "This zone lies outside the level", reader.where(),
                    "Move it in, or take it out");
}

void writeByHand(Json& json, const FileContext&, const Zone& zone, std::string_view key) {
    if (key == "at") appendPlace(json, zone.place);
    if (key == "camera" && zone.camera)
        json["camera"] = {{"left", zone.camera->x},
                          {"top", zone.camera->y},
                          {"right", zone.camera->right()},
                          {"bottom", zone.camera->bottom()}};
}

}  // namespace rook::file
