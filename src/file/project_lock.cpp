#include "file/project_lock.h"

#include <fcntl.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstring>
#include <ctime>

#include "file/json_text.h"

namespace rook::file {

namespace {

constexpr int staleAfterSeconds = 3 * ProjectLock::touchEverySeconds;

std::string hostName() {
    std::array<char, 256> name{};
    return ::gethostname(name.data(), name.size() - 1) == 0 ? name.data() : "";
}

/// What the file says; nothing where it says nothing of use.
LockHolder holderOf(int file) {
    std::array<char, 1024> bytes{};
    const ssize_t count = ::pread(file, bytes.data(), bytes.size(), 0);
    LockHolder holder;
    const auto json = Json::parse(bytes.data(), bytes.data() + std::max<ssize_t>(count, 0), nullptr,
                                  /*allow_exceptions=*/false);
    if (!json.is_object()) return holder;
    const auto text = json.value("host", Json());
    const auto process = json.value("process", Json()), since = json.value("since", Json());
    if (text.is_string()) holder.host = text.get<std::string>();
    if (process.is_number_integer()) holder.process = process.get<int>();
    if (since.is_number_integer()) holder.since = since.get<std::int64_t>();
    holder.isHere = holder.host.empty() || holder.host == hostName();
    return holder;
}

bool wasTouchedLately(int file) {
    struct stat info {};
    return ::fstat(file, &info) == 0 && std::time(nullptr) - info.st_mtime < staleAfterSeconds;
}

void writeHolder(int file) {
    const std::string text = compactText({{"host", hostName()},
                                          {"process", ::getpid()},
                                          {"since", std::int64_t{std::time(nullptr)}}}) +
                             "\n";
    // Words for people: without them the lock holds all the same.
    if (::ftruncate(file, 0) == 0) (void)!::pwrite(file, text.data(), text.size(), 0);
}

}  // namespace

ProjectLock::~ProjectLock() {
    // Emptied, so that no other machine waits for a holder that is gone; the file stays, as
    // somebody may be about to lock it.
    (void)!::ftruncate(m_file, 0);
    ::close(m_file);
}

void ProjectLock::touch() {
    (void)::futimens(m_file, nullptr);
}

Result<std::variant<std::unique_ptr<ProjectLock>, LockHolder>> takeLock(const Path& folder) {
    const auto path = pathInside(folder, ".rookplot/lock");
    if (!path) return fail(path.error());
    std::error_code problem;
    std::filesystem::create_directories(path->parent_path(), problem);
    const int file =
        ::open(path->c_str(), O_RDWR | O_CREAT | O_NOFOLLOW | O_CLOEXEC | O_NONBLOCK, 0644);
    struct stat info {};
    if (file < 0 || ::fstat(file, &info) != 0 || !S_ISREG(info.st_mode)) {
        const std::string why = file < 0 ? std::strerror(errno) : "it is not a file";
        if (file >= 0) ::close(file);
        return fail(ErrorKind::NotPermitted, "The project cannot be locked: " + why, path->string(),
                    "Save it to another folder");
    }
    const bool isFree = ::flock(file, LOCK_EX | LOCK_NB) == 0;
    LockHolder holder = holderOf(file);
    const bool isHeldElsewhere = !holder.isHere && wasTouchedLately(file);
    if (!isFree || isHeldElsewhere) {
        if (!isFree) holder.isHere = true;
        ::close(file);
        return holder;
    }
    writeHolder(file);
    return std::unique_ptr<ProjectLock>(new ProjectLock(file, *path));
}

}  // namespace rook::file
