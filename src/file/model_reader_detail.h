#pragma once
/// What the readers of models share.

#include <optional>

#include "file/model_file.h"

namespace rook::file {

/// A model that its reader cannot make out; `detail`: what that says, its first line.
[[nodiscard]] inline Error brokenModel(const std::string& name, std::string what,
                                       const std::string& detail = {}) {
    std::string first = detail.substr(0, detail.find('\n'));
    while (!first.empty() && (first.back() == '.' || first.back() == ' '))
        first.pop_back();
    if (!first.empty()) what += ": " + first;
    return {ErrorKind::BadSyntax, std::move(what), name, "Export the model once more"};
}

/// Reads beside the model, and nowhere else.
struct Beside {
    Storage* storage;
    Path folder;
    std::optional<Error> error;

    Result<std::string> read(std::string path) {
        while (path.starts_with("./") || path.starts_with("/"))
            path.erase(0, path.starts_with("./") ? 2 : 1);
        const auto inside = pathInside(folder, path);
        if (!inside) return fail(inside.error());
        return storage->read(*inside, maxModelBytes);
    }
};

/// As `readModel`, for its sort of file.
[[nodiscard]] Result<kit::Mesh> readGltf(Storage& storage, const Path& folder,
                                         const std::string& name, const std::string& bytes,
                                         bool isBinary);
[[nodiscard]] Result<kit::Mesh> readObj(Storage& storage, const Path& folder,
                                        const std::string& name, const std::string& bytes);

}  // namespace rook::file
