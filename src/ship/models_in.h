#pragma once
/// Many models at once, from files and folders: each looked at beside the module and beside the
/// others, mended as one wishes, and taken into a kit as pieces.

#include <atomic>
#include <functional>

#include "file/storage.h"
#include "kit/model_set.h"
#include "level/edits.h"

namespace rook::ship {

struct IncomingModel {
    std::string name;  ///< of its node, or of its file
    std::string file;  ///< the file's name
    std::shared_ptr<const kit::Mesh> mesh;
    std::optional<Error> error;  ///< why it cannot be taken; then there may be no mesh
    std::shared_ptr<const kit::FaceFacts> faces;  ///< of the mesh, as the file has it
    kit::ModelFixes fixes;
    bool isTaken = true;
    // What `look` finds, with the fixes.
    std::optional<kit::Examination> seen;
    kit::Point3 size;    ///< units
    double against = 1;  ///< its longest side, times the middle one of all
};

struct ReadingModels {
    const std::atomic<bool>* cancel = nullptr;
    /// So many of so many files are read; called on the same thread.
    std::function<void(int done, int all)> progress;
};
inline constexpr std::size_t maxModelsAtOnce = 1000;

/// Models of files, and of files in folders (not of those below), by name; each node beside others
/// in one, and each object, is a model. A file that cannot be read is a model with an error; so is
/// one more than can be taken at once. Cost: linear in what the files hold; any thread.
[[nodiscard]] std::vector<IncomingModel> readModels(file::Storage& storage,
                                                    const std::vector<file::Path>& from,
                                                    const ReadingModels& reading = {});
/// Looks at those whose fixes changed since (all, if `all`), and at each beside the others.
void look(const kit::Kit& kit, std::vector<IncomingModel>& models, bool all);

/// Writes those that are taken into the project's folder, and makes a piece of each: one edit.
/// Errors: BadReference without the kit; NotApplicable if none is taken; of the storage, and of
/// what the kit would have.
[[nodiscard]] Result<level::ProjectEdit> takeModels(file::Storage& storage,
                                                    const file::Path& folder,
                                                    const level::Project& project,
                                                    const std::string& kit,
                                                    const std::vector<IncomingModel>& models);

}  // namespace rook::ship
