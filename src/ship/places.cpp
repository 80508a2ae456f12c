#include "ship/places.h"

#include <cstdlib>

#include "base/limits.h"
#include "file/json_text.h"

namespace rook::ship {

namespace {

using file::Json;
using file::Path;

/// Projects by their folders, each with its places. An object without them where there is no file.
Result<Json> allPlaces(file::Storage& storage, const Path& file) {
    const Json none = {{"format", "rookplot-places"}, {"version", 1}, {"projects", Json::object()}};
    if (!storage.exists(file)) return none;
    const auto text = storage.read(file, limits::maxTextBytes);
    if (!text) return fail(text.error());
    auto json = file::parseJson(*text, file.string());
    if (!json) return fail(json.error());
    if (!json->is_object() || json->value("format", Json()) != "rookplot-places" ||
        !json->contains("projects") || !(*json)["projects"].is_object())
        return fail(ErrorKind::BadSyntax, "This is no list of places for exports", file.string(),
                    "Remove the file; folders of targets are then asked for again");
    return json;
}

std::string projectKey(const Path& project) {
    return file::realPath(project).string();
}

}  // namespace

Path placesFile() {
    const char* config = std::getenv("XDG_CONFIG_HOME");
    const char* home = std::getenv("HOME");
    const Path base = config && *config ? Path(config) : Path(home ? home : ".") / ".config";
    return base / "rookplot" / "places.json";
}

Result<Places> readPlaces(file::Storage& storage, const Path& file, const Path& project) {
    const auto all = allPlaces(storage, file);
    if (!all) return fail(all.error());
    Places places;
    const Json& projects = (*all)["projects"];
    const auto own = projects.find(projectKey(project));
    if (own == projects.end() || !own->is_object()) return places;
    for (const auto& [name, folder] : own->items())
        if (folder.is_string()) places[name] = folder.get<std::string>();
    return places;
}

Result<void> writePlaces(file::Storage& storage, const Path& file, const Path& project,
                         const Places& places) {
    auto all = allPlaces(storage, file);
    if (!all) return fail(all.error());
    Json own = Json::object();
    for (const auto& [name, folder] : places)
        own[name] = folder;
    (*all)["projects"][projectKey(project)] = own;
    if (const auto made = storage.makeFolder(file.parent_path()); !made) return made;
    return file::writeWhole(storage, file, all->dump(2) + "\n");
}

Result<Path> placeOf(const level::Target& target, const Path& project, const Places& places) {
    const auto own = places.find(target.name);
    Path folder = target.to;
    if (folder.empty() && own != places.end()) folder = own->second;
    if (folder.empty())
        return fail(ErrorKind::BadReference, "The target " + target.name + " has no folder",
                    "targets", "Choose one in Ship, or give it with --to");
    const Path root = file::realPath(std::filesystem::absolute(project));
    const Path place = file::realPath((root / folder).lexically_normal());
    const auto [rest, inside] = std::mismatch(place.begin(), place.end(), root.begin(), root.end());
    if (rest == place.end() || (rest != place.end() && rest->empty()))
        return fail(ErrorKind::UnsafePath,
                    "The target " + target.name + " would be written over the project",
                    place.string(), "Choose a folder beside it, or one of its own in it");
    return place;
}

}  // namespace rook::ship
