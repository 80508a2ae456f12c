#include <algorithm>
#include <cstdio>

#include "file/bundle.h"
#include "file/csv_detail.h"
#include "file/entity_json.h"
#include "file/game_json.h"
#include "file/json_text.h"
#include "file/sprite_json_detail.h"

namespace rook::file {

namespace {

using namespace level;

std::string plainText(const FieldValue& value) {
    const Json json = fieldJson(value);
    return json.is_string() ? json.get<std::string>() : json.dump();
}

std::vector<std::string> kindRows(const Project& project) {
    std::vector<std::string> rows;
    for (const Kind& kind : project.kinds)
        rows.push_back(compactText({{"id", kind.id.text},
                                    {"title", kind.title},
                                    {"role", nameOf(kind.role)},
                                    {"color", kind.color},
                                    {"width", kind.width},
                                    {"height", kind.height},
                                    {"sprite", spriteJson(project, kind)}}));
    return rows;
}

}  // namespace

std::string campaignText(const Project& project, const game::GameProof& proof) {
    JsonLines lines;
    lines.member("format", "rookplot-campaign");
    lines.member("version", 1);
    lines.member("name", project.name);
    lines.beginList("levels");
    for (const auto& each : project.levels) {
        const Level& level = *each;
        std::vector<std::string> exits;
        for (const Entity& entity : level.entities) {
            if (project.roleOf(entity) != Role::Exit) continue;
            const game::Destination to = game::destinationOf(project, level, entity.to);
            exits.push_back(compactText(
                {{"id", entity.id.text}, {"to", destinationJson(to)}, {"leads", leadsName(to)}}));
        }
        lines.beginItem();
        lines.member("id", level.id.text);
        lines.member("title", level.title);
        lines.member("file", "levels/" + level.id.text + ".level.json");
        lines.member("message", messageOf(level));
        lines.list("exits", exits);
        const LevelId next = game::levelAfter(project, level.id);
        lines.member("next", next.isEmpty() ? Json(nullptr) : Json(next.text));
        lines.endItem();
    }
    lines.endList();
    lines.member("afterLast", nameOf(project.game.afterLast.what));
    writeGame(lines, project);
    lines.list("kinds", kindRows(project));
    lines.member("proof", proofJson(project, proof));
    return lines.take();
}

namespace {

/// Cells with as many places as it takes to find the px again.
std::string lengthText(int px, int cellPx, bool isCells) {
    if (!isCells) return std::to_string(px);
    char text[32];
    std::snprintf(text, sizeof text, "%.6f", double(px) / cellPx);
    std::string number = text;
    number.erase(number.find_last_not_of('0') + 1);
    if (number.back() == '.') number.pop_back();
    return number;
}

}  // namespace

std::string placementsText(const Project& project, const PlaceColumns& columns) {
    std::vector<std::string> names;
    for (const Kind& kind : project.kinds)
        for (const FieldDefinition& field : kind.fields)
            if (std::find(names.begin(), names.end(), field.name) == names.end())
                names.push_back(field.name);
    const std::string cells = columns.areCells ? "-cells" : "";
    std::string text =
        "level,kind,id,x" + cells + ",y" + (columns.isUp ? "-up" : "") + cells + ",facing";
    for (const std::string& name : names)
        text += "," + csvCell(name);
    text += "\r\n";
    for (const auto& level : project.levels) {
        for (const Entity& entity : level->entities) {
            text += level->id.text + "," + entity.kind.text + "," + entity.id.text + "," +
                    lengthText(entity.box.x, level->cellSize.width, columns.areCells) + "," +
                    lengthText(columns.isUp ? level->boundsPx().height - entity.box.bottom()
                                            : entity.box.y,
                               level->cellSize.height, columns.areCells) +
                    "," + std::string(nameOf(entity.facing));
            const Kind* kind = project.findKind(entity.kind);
            for (const std::string& name : names) {
                text += ",";
                if (!kind) continue;
                for (const FieldDefinition& field : kind->fields)
                    if (field.name == name) text += csvCell(plainText(fieldOf(entity, field)));
            }
            text += "\r\n";
        }
    }
    return text;
}

}  // namespace rook::file
