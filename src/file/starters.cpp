#include "file/starters.h"

#include "file/hash.h"
#include "file/project_file.h"
#include "file/save_set.h"
#include "file/text_files.h"

namespace rook::file {

const Starter* findStarter(std::string_view name) {
    for (const Starter& starter : starters())
        if (starter.name == name) return &starter;
    return nullptr;
}

Result<level::Project> projectOf(const Starter& starter, const std::string& name) {
    TextFiles files;
    for (const StarterFile& file : starter.files)
        if (file.path.ends_with(".json"))
            files[std::string(file.path)] = {
                sha256(std::string(file.bytes)),
                std::make_shared<const std::string>(file.bytes), file.bytes.size()};
    auto project = readTextFiles(diskStorage(), {}, files);
    if (project) project->name = name;
    return project;
}

Result<void> makeProject(Storage& storage, const Path& folder, const Starter& starter,
                         const std::string& name) {
    for (const StarterFile& file : starter.files) {
        if (!storage.exists(folder / file.path)) continue;
        const bool isProject = file.path == "rookplot.json";
        return fail(ErrorKind::NotApplicable,
                    isProject ? "There is a project already"
                              : "There is a file already that the project would need",
                    (folder / file.path).string(),
                    isProject ? "Open it, or choose another folder" : "Choose another folder");
    }
    const auto project = projectOf(starter, name);
    if (!project) return fail(project.error());
    if (const auto made = storage.makeFolder(folder); !made) return made;
    SaveSet files(storage, folder);
    for (const StarterFile& file : starter.files)
        files.add(std::string(file.path), std::string(file.bytes));
    files.add("rookplot.json", projectText(*project));
    return files.commit();
}

}  // namespace rook::file
