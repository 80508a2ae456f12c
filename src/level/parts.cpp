#include "level/parts.h"

#include <algorithm>
#include <charconv>
#include <map>

namespace rook::level {

namespace {

/// Lower case for ASCII; other letters are compared as they are.
std::string folded(std::string_view text) {
    std::string lower(text);
    for (char& c : lower)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return lower;
}

std::optional<PartMatch> matchByName(const Project& project, const std::string& name) {
    const std::string wanted = folded(name);
    for (const Kind& kind : project.kinds)
        if (folded(kind.title) == wanted || kind.id.text == wanted)
            return PartMatch{name, PartSort::Kind, kind.id.text};
    for (std::size_t i = 1; i < project.matters.size(); ++i)
        if (folded(project.matters[i].title) == wanted || project.matters[i].name == wanted)
            return PartMatch{name, PartSort::Matter, project.matters[i].name};
    return std::nullopt;
}

/// "weir:12" as sheet and tile; tiles count from 1.
std::optional<std::pair<std::string, int>> tileOf(const std::string& target) {
    const std::size_t colon = target.rfind(':');
    if (colon == std::string::npos) return std::nullopt;
    int tile = 0;
    const char* end = target.data() + target.size();
    const auto [stop, problem] = std::from_chars(target.data() + colon + 1, end, tile);
    if (problem != std::errc{} || stop != end || tile < 1 || tile > 65536) return std::nullopt;
    return std::pair{target.substr(0, colon), tile};
}

void collect(const Project& project, const Level& level, std::map<std::string, Part>& parts) {
    for (const Leaf& leaf : level.sketch.leaves) {
        for (const Mark& mark : leaf.marks) {
            if (mark.shape != MarkShape::Thing) continue;
            Part& part = parts[folded(mark.text)];
            if (part.instances++ == 0) part.name = mark.text;
            part.places.emplace_back(level.id, mark.id);
            if (part.instances > 1) continue;
            for (const PartMatch& match : project.parts)
                if (folded(match.part) == folded(mark.text)) part.match = match;
            if (part.match) continue;
            part.match = matchByName(project, mark.text);
            part.isMatchedByName = part.match.has_value();
        }
    }
}

std::vector<Part> listed(const std::map<std::string, Part>& parts) {
    std::vector<Part> list;
    for (const auto& [name, part] : parts)
        list.push_back(part);
    return list;
}

bool standsForMatter(const Project& project, const Matter& matter, const PartMatch& match) {
    if (match.sort == PartSort::Matter) return matter.name == match.target;
    const auto tile = tileOf(match.target);
    return tile && matter.tile == tile->second && matter.sheet == tile->first &&
           project.findSheet(matter.sheet) != nullptr;
}

}  // namespace

std::vector<Part> partsOf(const Project& project, const Level& level) {
    std::map<std::string, Part> parts;
    collect(project, level, parts);
    return listed(parts);
}

std::vector<Part> partsOf(const Project& project) {
    std::map<std::string, Part> parts;
    for (const auto& level : project.levels)
        collect(project, *level, parts);
    return listed(parts);
}

bool answersTo(const Project& project, const PartMatch& match) {
    switch (match.sort) {
        case PartSort::Kind:
            return project.findKind({match.target}) != nullptr;
        case PartSort::Matter:
            return project.findMatter(match.target).has_value();
        case PartSort::Tile: {
            const auto tile = tileOf(match.target);
            return tile && project.findSheet(tile->first) != nullptr;
        }
    }
    return false;
}

std::string matchText(const Project& project, const PartMatch& match) {
    switch (match.sort) {
        case PartSort::Kind:
            if (const Kind* kind = project.findKind({match.target})) return "kind " + kind->title;
            break;
        case PartSort::Matter:
            if (const auto matter = project.findMatter(match.target))
                return "matter " + project.matters[matter->index].title;
            break;
        case PartSort::Tile:
            if (const auto tile = tileOf(match.target))
                return "tile " + std::to_string(tile->second) + " of " + tile->first;
            break;
    }
    return match.target;
}

Result<ProjectEdit> matchPart(const Project& project, const std::string& part,
                              const std::optional<PartMatch>& match) {
    if (part.empty())
        return fail(ErrorKind::NotApplicable, "A part without a name cannot be matched",
                    project.name, "Give the thing a name first");
    if (match && !answersTo(project, *match))
        return fail(
            ErrorKind::BadReference,
            "There is no " + std::string(nameOf(match->sort)) + " \"" + match->target + "\"",
            project.name, "Choose one that is there");
    ProjectEdit edit{project, "Match " + part};
    edit.project.parts.edit([&](auto& list) {
        std::erase_if(list, [&](const PartMatch& m) { return folded(m.part) == folded(part); });
        if (match) list.push_back({part, match->sort, match->target});
    });
    return edit;
}

bool isStoodFor(const Project& project, const Level& level, const Mark& thing,
                const PartMatch& match) {
    const PxRect place = boundsOf(thing);
    const PxRect wide = {place.x - level.cellSize.width, place.y - level.cellSize.height,
                         place.width + 2 * level.cellSize.width,
                         place.height + 2 * level.cellSize.height};
    if (match.sort == PartSort::Kind)
        return std::any_of(level.entities.begin(), level.entities.end(), [&](const Entity& e) {
            return e.kind.text == match.target && e.box.overlaps(wide);
        });
    const CellRect cells = toCells(wide, level.cellSize).intersected(level.cells.bounds());
    for (int y = cells.y; y < cells.bottom(); ++y)
        for (int x = cells.x; x < cells.right(); ++x)
            if (standsForMatter(project, project.matterOf(level.cells.at(x, y)), match))
                return true;
    return false;
}

}  // namespace rook::level
