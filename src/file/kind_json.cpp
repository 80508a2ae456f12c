#include "base/limits.h"
#include "file/entity_json.h"
#include "file/project_parts_detail.h"

namespace rook::file {

using namespace level;

namespace {

Json fieldDefinitionJson(const FieldDefinition& field) {
    Json json = {{"name", field.name},
                 {"type", nameOf(field.type)},
                 {"standard", fieldJson(field.defaultValue)}};
    if (field.type == FieldType::List) json["item"] = nameOf(field.item);
    if (field.isNeeded) json["needed"] = true;
    if (!field.choices.empty()) json["choices"] = field.choices;
    if (field.low) json["low"] = decimalJson(*field.low);
    if (field.high) json["high"] = decimalJson(*field.high);
    if (!field.of.isEmpty()) json["of"] = field.of.text;
    if (!field.unit.empty()) json["unit"] = field.unit;
    if (!field.help.empty()) json["help"] = field.help;
    appendUnknown(json, field.unknown);
    return json;
}

FieldDefinition readField(ObjectReader& reader) {
    FieldDefinition field;
    field.name = reader.plainName("name");
    field.type = reader.named<FieldType>("type");
    field.defaultValue = defaultOf(field.type);
    field.item = reader.named<FieldType>("item", field.item);
    if (field.item == FieldType::List || field.item == FieldType::Path)
        failReading(ErrorKind::WrongType, "A list is of single values", reader.whereOf("item"),
                    "Use another type");
    if (reader.has("standard"))
        field.defaultValue = readFieldValue(field.type, reader.get("standard"),
                                            reader.whereOf("standard"), field.item);
    field.isNeeded = reader.boolean("needed", false);
    reader.forEach("choices", maxListItems, [&](const Json& item, const std::string& where) {
        if (!item.is_string())
            failReading(ErrorKind::WrongType, "A choice is text", where, "Put it in quotes");
        field.choices.push_back(item.get<std::string>());
    });
    if (reader.has("low")) field.low = readDecimal(reader, "low", {});
    if (reader.has("high")) field.high = readDecimal(reader, "high", {});
    field.of = {reader.text("of", "")};
    field.unit = reader.text("unit", "");
    field.help = reader.text("help", "");
    field.unknown = reader.unknown();
    return field;
}

}  // namespace

std::string sheetName(ObjectReader& reader, const Project& project) {
    const std::string name = reader.text("sheet", "");
    if (!name.empty() && !project.findSheet(name)) {
        failReading(ErrorKind::BadReference, "There is no sheet \"" + name + "\"",
                    reader.whereOf("sheet"), "Add it to the sheets or use another");
    }
    return name;
}

Json kindJson(const Kind& kind) {
    Json json = {{"id", kind.id.text},
                 {"title", kind.title},
                 {"role", nameOf(kind.role)},
                 {"box", {kind.width, kind.height}},
                 {"color", kind.color}};
    if (!kind.sheet.empty()) json["sheet"] = kind.sheet;
    if (kind.tile != 0) json["tile"] = kind.tile;
    if (!(kind.spriteTiles == CellSize{1, 1}) || kind.sprite) {
        Json sprite = {{"tiles", {kind.spriteTiles.width, kind.spriteTiles.height}}};
        if (kind.sprite) {
            sprite["at"] = {kind.sprite->x, kind.sprite->y};
            sprite["size"] = {kind.sprite->width, kind.sprite->height};
        }
        json["sprite"] = std::move(sprite);
    }
    if (kind.standing != Standing::Anywhere) json["standing"] = nameOf(kind.standing);
    if (kind.atLeast != 0) json["atLeast"] = kind.atLeast;
    if (kind.atMost != 0) json["atMost"] = kind.atMost;
    if (!kind.fields.empty()) {
        Json fields = Json::array();
        for (const FieldDefinition& field : kind.fields)
            fields.push_back(fieldDefinitionJson(field));
        json["fields"] = std::move(fields);
    }
    appendUnknown(json, kind.unknown);
    return json;
}

Kind readKind(ObjectReader& reader, const Project& project) {
    Kind kind;
    kind.id = {reader.plainName("id")};
    kind.title = reader.text("title", kind.id.text);
    kind.role = reader.named<Role>("role");
    const auto [width, height] = reader.pair("box", 1, limits::maxCoordinatePx);
    kind.width = width;
    kind.height = height;
    kind.color = reader.color("color", kind.color);
    kind.sheet = sheetName(reader, project);
    kind.tile = reader.integer("tile", 0, 65536, 0);
    if (reader.has("sprite")) {
        ObjectReader sprite = reader.object("sprite");
        const auto [columns, rows] = sprite.pair("tiles", 1, 64);
        kind.spriteTiles = {columns, rows};
        if (sprite.has("at")) {
            const auto [left, top] = sprite.pair("at", -4096, 4096);
            const auto [spriteWidth, spriteHeight] = sprite.pair("size", 1, 4096);
            kind.sprite = PxRect{left, top, spriteWidth, spriteHeight};
        }
    }
    kind.standing = reader.named<Standing>("standing", kind.standing);
    kind.atLeast = reader.integer("atLeast", 0, limits::maxEntities, 0);
    kind.atMost = reader.integer("atMost", 0, limits::maxEntities, 0);
    reader.forEachObject("fields", 256,
                         [&](ObjectReader& item) { kind.fields.push_back(readField(item)); });
    kind.unknown = reader.unknown();
    return kind;
}

}  // namespace rook::file
