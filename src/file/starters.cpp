#include "file/starters.h"

#include "file/json_text.h"
#include "file/save_set.h"

namespace rook::file {

const Starter* findStarter(std::string_view name) {
    for (const Starter& starter : starters())
        if (starter.name == name) return &starter;
    return nullptr;
}

namespace {

/// Its rookplot.json under another name, which is the first that stands in it.
std::string renamed(std::string text, const std::string& name) {
    const std::string key = "\"name\": \"";
    const std::size_t from = text.find(key) + key.size() - 1;
    const std::size_t to = text.find('"', from + 1) + 1;
    return text.replace(from, to - from, Json(name).dump());
}

}  // namespace

Result<void> makeProject(Storage& storage, const Path& folder, const Starter& starter,
                         const std::string& name) {
    if (storage.exists(folder / "rookplot.json"))
        return fail(ErrorKind::NotApplicable, "There is a project already", folder.string(),
                    "Open it, or choose another folder");
    for (const StarterFile& file : starter.files)
        if (storage.exists(folder / file.path))
            return fail(ErrorKind::NotApplicable,
                        "There is a file already that the project would need",
                        (folder / file.path).string(), "Choose another folder");
    if (const auto made = storage.makeFolder(folder); !made) return made;
    SaveSet files(storage, folder);
    for (const StarterFile& file : starter.files)
        files.add(std::string(file.path), file.path == "rookplot.json"
                                              ? renamed(std::string(file.bytes), name)
                                              : std::string(file.bytes));
    return files.commit();
}

}  // namespace rook::file
