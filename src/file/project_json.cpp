/// The project: what its file holds in a way of its own.

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/project_file.h"

namespace rook::file {

using namespace level;

namespace {

/// Behind open, which is built in. Each knows the sheets, which stand before it.
void readMatters(ObjectReader& reader, FileContext& context, Project& project) {
    std::set<std::string> names = {project.matters[0].name};
    std::vector<Matter> matters = {project.matters[0]};
    reader.forEachObject("matters", limits::maxMatters - 1, [&](ObjectReader& item) {
        matters.push_back(readDescribed<Matter>(item, context));
        checkUnique(names, matters.back().name, item.where());
    });
    project.matters = std::move(matters);
    for (std::size_t i = 1; i < project.matters.size(); ++i)
        for (const std::string& joined : project.matters[i].joins)
            if (!project.findMatter(joined)) {
                failReading(ErrorKind::BadReference, "There is no matter \"" + joined + "\"",
                            reader.whereOf("matters") + "[" + std::to_string(i - 1) + "].joins",
                            "Leave it out");
            }
}

std::vector<std::string> readNames(ObjectReader& reader, const char* key) {
    std::vector<std::string> names;
    std::set<std::string> known;
    reader.forEach(key, limits::maxLevels, [&](const Json& item, const std::string& where) {
        if (!item.is_string() || !isPlainName(item.get<std::string>()))
            failReading(ErrorKind::WrongType, "The id of a board is wanted here", where,
                        "Correct it");
        names.push_back(item.get<std::string>());
        checkUnique(known, names.back(), where);
    });
    return names;
}

template <typename List, typename NameOf>
void writeNames(JsonLines& lines, std::string_view key, const List& list, NameOf&& nameOf) {
    std::vector<std::string> rows;
    for (const auto& item : list)
        rows.push_back(jsonString(nameOf(item)));
    lines.list(std::string(key), rows);
}

}  // namespace

void readByHand(ObjectReader& reader, FileContext& context, Project& project,
                std::string_view key) {
    if (key == "matters") readMatters(reader, context, project);
    if (key == "kits") context.boards->kits = readNames(reader, "kits");
    if (key == "swatches") context.boards->swatches = readNames(reader, "swatches");
    if (key == "order") context.boards->order = readNames(reader, "order");
}

void writeByHand(JsonLines& lines, const FileContext& context, const Project& project,
                 std::string_view key) {
    const auto idOf = [](const auto& level) { return level->id.text; };
    if (key == "matters") {
        std::vector<std::string> rows;
        for (std::size_t i = 1; i < project.matters.size(); ++i)  // open is built in
            rows.push_back(compactText(describedJson(context, project.matters[i])));
        lines.list("matters", rows);
    }
    if (key == "kits" && !project.kits.empty())
        writeNames(lines, key, project.kits, [](const Kit& kit) { return kit.name; });
    if (key == "swatches" && !project.swatches.empty())
        writeNames(lines, key, project.swatches, idOf);
    if (key == "order") writeNames(lines, key, project.levels, idOf);
}

/// Levels and swatches share their names.
void checkFurther(ObjectReader& reader, const FileContext& context, const Project&) {
    std::set<std::string> names(context.boards->order.begin(), context.boards->order.end());
    for (std::size_t i = 0; i < context.boards->swatches.size(); ++i)
        checkUnique(names, context.boards->swatches[i],
                    reader.whereOf("swatches") + "[" + std::to_string(i) + "]");
}

}  // namespace rook::file
