#include "file/asset_facts.h"

#include <algorithm>

#include "base/limits.h"
#include "file/model_file.h"
#include "file/png.h"
#include "file/project_file.h"

namespace rook::file {

namespace {

level::AssetFact factOf(Storage& storage, const Path& folder, const std::string& path,
                        bool isModel) {
    const auto place = pathInside(folder, path);
    if (!place) return {place.error().sentence(), 0, 0};
    const auto bytes = storage.read(*place, limits::maxImageBytes);
    if (!bytes) return {bytes.error().what + " (" + path + ")", 0, 0};
    if (isModel) {
        const auto mesh = readModel(storage, place->parent_path(), path, *bytes);
        return {mesh ? std::string() : mesh.error().sentence(), 0, 0};
    }
    const auto picture = readPng(*bytes, path);
    if (!picture) return {picture.error().sentence(), 0, 0};
    return {{}, picture->width, picture->height};
}

/// A folder that cannot be read holds nothing that is left out.
std::vector<std::string> levelsLeftOut(const Path& folder, const level::Project& project) {
    std::vector<std::string> left;
    std::error_code problem;
    for (auto it = std::filesystem::directory_iterator(folder / "levels", problem);
         !problem && it != std::filesystem::directory_iterator(); it.increment(problem)) {
        const Path path = it->path();
        if (path.extension() == ".json" && !project.findLevel({path.stem().string()}))
            left.push_back("levels/" + path.filename().string());
    }
    std::sort(left.begin(), left.end());
    return left;
}

}  // namespace

level::AssetFacts assetFactsOf(Storage& storage, const Path& folder,
                               const level::Project& project) {
    level::AssetFacts facts;
    const auto look = [&](const std::string& path, bool isModel) {
        if (!facts.files.contains(path)) facts.files[path] = factOf(storage, folder, path, isModel);
    };
    for (const level::Kit& kit : project.kits)
        for (const level::Piece& piece : kit.pieces)
            if (!piece.model.empty()) look(piece.model, true);
    for (const std::string& image : imagesOf(project))
        look(image, false);
    facts.levelsLeftOut = levelsLeftOut(folder, project);
    return facts;
}

}  // namespace rook::file
