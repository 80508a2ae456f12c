#include "base/limits.h"
#include "base/printable.h"
#include "cli/command.h"
#include "file/project_file.h"
#include "file/texts_po.h"

namespace rook::cli {

namespace {

struct TextOptions {
    std::string project;
    std::string po;
    std::string read;
};

std::vector<std::string> otherLanguages(const level::Project& project) {
    const auto& all = project.game.languages;
    return {all.empty() ? all.begin() : all.begin() + 1, all.end()};
}

int writeAll(const TextOptions& options, const level::Project& project) {
    for (const std::string& language : otherLanguages(project)) {
        const auto written = file::writeInside(file::diskStorage(), options.po, language + ".po",
                                               file::poText(project, language));
        if (!written) return report(written.error());
        std::printf("Wrote %s.po\n", language.c_str());
    }
    return exitFine;
}

int readAll(const TextOptions& options, level::Project project) {
    int taken = 0;
    bool hasLeft = false;
    for (const std::string& language : otherLanguages(project)) {
        const file::Path path = file::Path(options.read) / (language + ".po");
        if (!file::diskStorage().exists(path)) {
            std::printf("%s.po is not there: nothing was read for it\n", language.c_str());
            continue;
        }
        const auto bytes = file::diskStorage().read(path, limits::maxTextBytes);
        if (!bytes) return report(bytes.error());
        auto reading = file::readPo(project, language, *bytes, language + ".po");
        if (!reading) return report(reading.error());
        project = std::move(reading->project);
        taken += reading->taken;
        for (const std::string& context : reading->unknown)
            std::printf("%s.po: the game has no text %s\n", language.c_str(),
                        printableLine(context).c_str());
        for (const std::string& context : reading->stale)
            std::printf("%s.po: %s is another text by now, and was not taken\n", language.c_str(),
                        printableLine(context).c_str());
        hasLeft = hasLeft || !reading->unknown.empty() || !reading->stale.empty();
    }
    if (taken > 0)
        if (const auto saved = file::saveProject(file::diskStorage(), options.project, project);
            !saved)
            return report(saved.error());
    std::printf("Took %d %s\n", taken, taken == 1 ? "translation" : "translations");
    return hasLeft ? exitFindings : exitFine;
}

int doTexts(const TextOptions& options) {
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return report(project.error());
    if (options.po.empty() == options.read.empty())
        return report({ErrorKind::NotApplicable, "Nothing is asked for", options.project,
                       "Use --po DIR to write, or --read DIR to read"});
    if (otherLanguages(*project).empty())
        return report({ErrorKind::NotApplicable, "The game has one language only", options.project,
                       "Add others to its languages: in rookplot.json, or on the page of the game "
                       "(key 0)"});
    return options.read.empty() ? writeAll(options, *project) : readAll(options, *project);
}

}  // namespace

void addTextsCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "texts",
        "Write the texts that players read for translators, one PO file (GNU gettext) a language\n"
        "but the first, or read them back into the project. Exits with 0, with 1 if some\n"
        "translations are of texts that are not there or are other ones by now, 2 on an error.");
    auto options = std::make_shared<TextOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    command->add_option("--po", options->po, "Write LANGUAGE.po to this folder");
    command->add_option("--read", options->read, "Read LANGUAGE.po from this folder");
    command->callback([options, &exitCode] { exitCode = doTexts(*options); });
}

}  // namespace rook::cli
