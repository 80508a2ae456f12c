#include <chrono>
#include <csignal>
#include <filesystem>
#include <thread>

#include "cli/command.h"
#include "cli/shipping.h"

namespace rook::cli {

namespace {

volatile std::sig_atomic_t isEnded = 0;

constexpr std::chrono::milliseconds lookEvery{250};

/// Names, sizes and times of the project's files; where exports lie is left out.
std::map<std::string, std::pair<std::uintmax_t, std::filesystem::file_time_type>> statesOf(
    const std::string& folder) {
    namespace fs = std::filesystem;
    std::map<std::string, std::pair<std::uintmax_t, fs::file_time_type>> states;
    std::error_code problem;
    const auto take = [&](const fs::directory_entry& entry) {
        std::error_code gone;
        if (!entry.is_regular_file(gone)) return;
        const auto size = entry.file_size(gone);
        const auto time = entry.last_write_time(gone);
        if (!gone) states[entry.path().string()] = {size, time};
    };
    for (const auto& entry : fs::directory_iterator(folder, problem))
        take(entry);
    for (const char* part :
         {"levels", "swatches", "kits", "sheets", "pictures", "recipes", "blocks"}) {
        for (auto it = fs::recursive_directory_iterator(fs::path(folder) / part, problem);
             !problem && it != fs::recursive_directory_iterator(); it.increment(problem))
            take(*it);
        problem.clear();
    }
    return states;
}

/// What could not be written is told, and looked at again after the next change.
void writeTargets(const std::string& folder, const ShippingWish& wish) {
    const auto project = file::openProject(file::diskStorage(), folder);
    if (!project) return (void)report(project.error());
    const auto targets = targetsOf(*project, wish);
    if (!targets) return (void)report(targets.error());
    for (const level::Target& target : *targets)
        if (const auto done = shipTarget(*project, folder, target, wish); !done)
            (void)report(done.error());
    std::fflush(stdout);
}

int watch(const std::string& folder, const ShippingWish& wish) {
    const auto project = file::openProject(file::diskStorage(), folder);
    if (!project) return report(project.error());
    if (const auto targets = targetsOf(*project, wish); !targets) return report(targets.error());
    std::signal(SIGINT, [](int) { isEnded = 1; });
    std::signal(SIGTERM, [](int) { isEnded = 1; });
    auto known = decltype(statesOf(folder))();
    while (!isEnded) {
        auto now = statesOf(folder);
        if (now != known) {
            // A save is many files: wait until it is over.
            std::this_thread::sleep_for(lookEvery);
            if (auto later = statesOf(folder); later == now) {
                known = std::move(later);
                writeTargets(folder, wish);
                std::printf("Watching %s (Ctrl+C ends it)\n", folder.c_str());
                std::fflush(stdout);
            }
            continue;
        }
        std::this_thread::sleep_for(lookEvery);
    }
    return exitFine;
}

}  // namespace

void addWatchCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "watch",
        "Write the targets of a project now, and again whenever its files change, until it is\n"
        "ended. What is the same already is left alone.");
    auto folder = std::make_shared<std::string>();
    auto wish = std::make_shared<ShippingWish>();
    command->add_option("PROJECT", *folder, "The project folder")->required();
    command->add_option("--target", wish->target,
                        "One target, by its name; all unless it is given");
    command->add_option("--to", wish->to, "The folder to write to, in place of the target's");
    command->callback([folder, wish, &exitCode] { exitCode = watch(*folder, *wish); });
}

}  // namespace rook::cli
