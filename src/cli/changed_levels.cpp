#include "cli/changed_levels.h"

#include <fcntl.h>
#include <spawn.h>
#include <sys/wait.h>
#include <unistd.h>

#include <array>
#include <sstream>

extern char** environ;

namespace rook::cli {

namespace {

Error notKnown(const std::string& folder, const std::string& revision) {
    return {ErrorKind::NotApplicable, "What changed since \"" + revision + "\" is not known to git",
            folder, "Name a revision of the repository that the project lies in"};
}

/// What git says, file by file; nothing if it fails.
std::optional<std::vector<std::string>> linesOfGit(const std::string& folder,
                                                   std::vector<std::string> words) {
    words.insert(words.begin(), {"git", "-C", folder, "-c", "core.quotePath=false"});
    std::vector<char*> arguments;
    for (std::string& word : words)
        arguments.push_back(word.data());
    arguments.push_back(nullptr);
    int ends[2];
    if (::pipe2(ends, O_CLOEXEC) != 0) return std::nullopt;
    posix_spawn_file_actions_t actions;
    posix_spawn_file_actions_init(&actions);
    posix_spawn_file_actions_adddup2(&actions, ends[1], STDOUT_FILENO);
    posix_spawn_file_actions_addopen(&actions, STDERR_FILENO, "/dev/null", O_WRONLY, 0);
    pid_t child = 0;
    const int problem = ::posix_spawnp(&child, "git", &actions, nullptr, arguments.data(), environ);
    posix_spawn_file_actions_destroy(&actions);
    ::close(ends[1]);
    std::string said;
    std::array<char, 4096> bytes;
    for (ssize_t got = 0; problem == 0 && (got = ::read(ends[0], bytes.data(), bytes.size())) > 0;)
        said.append(bytes.data(), std::size_t(got));
    ::close(ends[0]);
    int status = 0;
    if (problem != 0 || ::waitpid(child, &status, 0) != child || !WIFEXITED(status) ||
        WEXITSTATUS(status) != 0)
        return std::nullopt;
    std::vector<std::string> lines;
    std::istringstream text(said);
    for (std::string line; std::getline(text, line);)
        lines.push_back(line);
    return lines;
}

}  // namespace

Result<std::optional<std::vector<LevelId>>> changedLevels(const std::string& folder,
                                                          const std::string& revision) {
    // A revision is never taken for an option.
    if (revision.empty() || revision[0] == '-') return fail(notKnown(folder, revision));
    auto changed = linesOfGit(folder, {"diff", "--name-only", "--relative", revision, "--", "."});
    const auto added =
        linesOfGit(folder, {"ls-files", "--others", "--exclude-standard", "--", "."});
    if (!changed || !added) return fail(notKnown(folder, revision));
    changed->insert(changed->end(), added->begin(), added->end());
    std::vector<LevelId> levels;
    for (const std::string& file : *changed) {
        if (file.starts_with(".rookplot/")) continue;
        const bool isLevel = file.starts_with("levels/") && file.ends_with(".json");
        if (!isLevel) return std::optional<std::vector<LevelId>>();
        levels.push_back({file.substr(7, file.size() - 12)});
    }
    return std::optional(levels);
}

}  // namespace rook::cli
