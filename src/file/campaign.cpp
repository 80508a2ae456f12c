#include <algorithm>

#include "file/bundle.h"
#include "file/csv_detail.h"
#include "file/entity_json.h"
#include "file/json_text.h"

namespace rook::file {

namespace {

using namespace level;

/// Where an exit leads: with the entry that it names, else the target's first spawn. Null for the
/// end of the game, and for an exit that leads nowhere, which is a finding.
Json resolvedTarget(const Project& project, const Entity& exit) {
    const auto target = project.findLevel(exit.to.level);
    if (!target) return nullptr;
    for (const Entity& entity : target->entities) {
        const Role role = project.roleOf(entity);
        const bool isWanted =
            exit.to.entry.isEmpty()
                ? role == Role::Spawn
                : entity.id == exit.to.entry && (role == Role::Spawn || role == Role::Entry);
        if (isWanted) return {{"level", exit.to.level.text}, {"entry", entity.id.text}};
    }
    return nullptr;
}

std::string plainText(const FieldValue& value) {
    const Json json = fieldJson(value);
    return json.is_string() ? json.get<std::string>() : json.dump();
}

}  // namespace

std::string campaignText(const Project& project) {
    JsonLines lines;
    lines.member("format", "rookplot-campaign");
    lines.member("version", 1);
    lines.member("name", project.name);
    lines.beginList("levels");
    for (std::size_t i = 0; i < project.levels.size(); ++i) {
        const Level& level = *project.levels[i];
        std::vector<std::string> exits;
        for (const Entity& entity : level.entities) {
            if (project.roleOf(entity) != Role::Exit) continue;
            exits.push_back(
                compactText({{"id", entity.id.text}, {"to", resolvedTarget(project, entity)}}));
        }
        lines.beginItem();
        lines.member("id", level.id.text);
        lines.member("title", level.title);
        lines.member("file", "levels/" + level.id.text + ".level.json");
        lines.member("message", level.message);
        lines.list("exits", exits);
        lines.member("next", i + 1 < project.levels.size() ? Json(project.levels[i + 1]->id.text)
                                                           : Json(nullptr));
        lines.endItem();
    }
    lines.endList();
    lines.member("afterLast", "end");
    return lines.take();
}

std::string placementsText(const Project& project) {
    std::vector<std::string> names;
    for (const Kind& kind : project.kinds)
        for (const FieldDefinition& field : kind.fields)
            if (std::find(names.begin(), names.end(), field.name) == names.end())
                names.push_back(field.name);
    std::string text = "level,kind,id,x,y,facing";
    for (const std::string& name : names)
        text += "," + csvCell(name);
    text += "\r\n";
    for (const auto& level : project.levels) {
        for (const Entity& entity : level->entities) {
            text += level->id.text + "," + entity.kind.text + "," + entity.id.text + "," +
                    std::to_string(entity.box.x) + "," + std::to_string(entity.box.y) + "," +
                    std::string(nameOf(entity.facing));
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
