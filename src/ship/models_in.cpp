#include "ship/models_in.h"

#include <algorithm>

#include "base/printable.h"
#include "file/model_file.h"
#include "kit/pieces.h"

namespace rook::ship {

namespace {

bool isModelFile(const file::Path& path) {
    std::string ending = path.extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c; });
    return ending == ".glb" || ending == ".gltf" || ending == ".obj";
}

IncomingModel refused(const std::string& file, Error error) {
    IncomingModel model;
    model.name = file::Path(file).stem().string();
    model.file = file;
    model.error = std::move(error);
    model.isTaken = false;
    return model;
}

/// Files as they are, and those of folders by name.
std::vector<file::Path> modelFilesOf(const std::vector<file::Path>& from,
                                     std::vector<IncomingModel>& models) {
    std::vector<file::Path> files;
    for (const file::Path& path : from) {
        std::error_code error;
        if (!std::filesystem::is_directory(path, error)) {
            files.push_back(path);
            continue;
        }
        std::vector<file::Path> inside;
        for (std::filesystem::directory_iterator each(path, error), end; !error && each != end;
             each.increment(error))
            if (isModelFile(each->path()) && each->is_regular_file(error))
                inside.push_back(each->path());
        const std::string name = path.filename().string();
        if (error)
            models.push_back(refused(name, {ErrorKind::NotPermitted, "The folder cannot be read",
                                            name, "Look at who may read it"}));
        else if (inside.empty())
            models.push_back(refused(name, {ErrorKind::Missing, "No model lies in the folder", name,
                                            "Choose one with .glb, .gltf or .obj files"}));
        std::sort(inside.begin(), inside.end());
        files.insert(files.end(), inside.begin(), inside.end());
    }
    return files;
}

void addModels(file::Storage& storage, const file::Path& path, std::vector<IncomingModel>& models) {
    const std::string file = path.filename().string();
    const auto bytes = storage.read(path, file::maxModelBytes);
    const auto mesh = bytes ? file::readModel(storage, path.parent_path(), file, *bytes)
                            : Result<kit::Mesh>(fail(bytes.error()));
    if (!mesh) return models.push_back(refused(file, mesh.error()));
    const bool isOne = mesh->parts.size() < 2;
    const std::size_t count = isOne ? 1 : mesh->parts.size();
    for (std::size_t i = 0; i < count; ++i) {
        if (models.size() >= maxModelsAtOnce)
            return models.push_back(
                refused(file, {ErrorKind::OutOfRange, "There are more than 1,000 models", file,
                               "Bring them in a part at a time"}));
        IncomingModel model;
        model.file = file;
        if (isOne) {
            model.name = path.stem().string();
            model.mesh = std::make_shared<const kit::Mesh>(*mesh);
        } else {
            const kit::MeshPart& part = mesh->parts[i];
            model.name = part.name.empty() ? path.stem().string() + " " + std::to_string(i + 1)
                                           : printableLine(part.name);
            model.mesh = std::make_shared<const kit::Mesh>(kit::partAlone(*mesh, part));
        }
        model.faces = std::make_shared<const kit::FaceFacts>(kit::faceFactsOf(*model.mesh));
        models.push_back(std::move(model));
    }
}

}  // namespace

std::vector<IncomingModel> readModels(file::Storage& storage, const std::vector<file::Path>& from,
                                      const ReadingModels& reading) {
    std::vector<IncomingModel> models;
    const std::vector<file::Path> files = modelFilesOf(from, models);
    for (std::size_t i = 0; i < files.size() && models.size() <= maxModelsAtOnce; ++i) {
        if (reading.cancel && *reading.cancel) break;
        if (reading.progress) reading.progress(static_cast<int>(i), static_cast<int>(files.size()));
        addModels(storage, files[i], models);
    }
    return models;
}

void look(const kit::Kit& kit, std::vector<IncomingModel>& models, bool all) {
    const std::string profile = kit.profiles.empty() ? "" : kit.profiles.begin()->name;
    std::vector<double> sides;
    for (IncomingModel& model : models) {
        if (!model.mesh) continue;
        if (all || (!model.seen && !model.error)) {
            model.error.reset();
            model.seen.reset();
            const kit::Mesh fixed = kit::withFixes(kit, *model.mesh, model.fixes);
            const kit::MeshBox box = kit::boxOf(fixed);
            model.size = box.high - box.low;
            auto seen = kit::examined(kit, fixed, model.name, profile);
            if (seen)
                model.seen = std::move(*seen);
            else
                model.error = seen.error();
        }
        sides.push_back(std::max({model.size.x, model.size.y, model.size.z}));
    }
    if (sides.empty()) return;
    const auto middle = sides.begin() + static_cast<std::ptrdiff_t>(sides.size() / 2);
    std::nth_element(sides.begin(), middle, sides.end());
    for (IncomingModel& model : models)
        if (model.mesh && *middle > 0)
            model.against = std::max({model.size.x, model.size.y, model.size.z}) / *middle;
}

Result<level::ProjectEdit> takeModels(file::Storage& storage, const file::Path& folder,
                                      const level::Project& project, const std::string& kitName,
                                      const std::vector<IncomingModel>& models) {
    level::ProjectEdit edit{project, {}};
    std::size_t count = 0;
    for (const IncomingModel& model : models) {
        if (!model.isTaken || !model.seen || !model.mesh) continue;
        const kit::Kit* kit = edit.project.findKit(kitName);
        if (!kit)
            return fail(ErrorKind::BadReference, "There is no such kit", kitName,
                        "Choose one that the project has");
        level::Piece piece = model.seen->piece;
        piece.name = kit::freshPieceName(*kit, piece.title);
        piece.model = "kits/" + piece.name + ".glb";
        const kit::Mesh fixed = kit::withFixes(*kit, *model.mesh, model.fixes);
        const auto written = file::writeInside(storage, folder, piece.model,
                                               file::glbOf(fixed, piece.title, piece.color));
        if (!written) return fail(written.error());
        auto next = kit::changePiece(edit.project, kitName, {}, std::move(piece));
        if (!next) return fail(next.error());
        edit.project = std::move(next->project);
        ++count;
    }
    if (count == 0)
        return fail(ErrorKind::NotApplicable, "No model is to be taken", kitName,
                    "Mark those that become pieces");
    edit.name = "Take " + std::to_string(count) + (count == 1 ? " model in" : " models in");
    return edit;
}

}  // namespace rook::ship
