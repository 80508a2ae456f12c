#pragma once
/// Who may write a project: one program at a time. The others may look.
///
/// The system holds the lock and frees it when its holder dies, on one machine. Machines that share
/// a disk cannot rely on that: there the lock's file counts as held while its holder keeps touching
/// it.

#include <memory>
#include <string>
#include <variant>

#include "file/storage.h"

namespace rook::file {

/// As written in the lock's file, and so not to be trusted: for people to read.
struct LockHolder {
    std::string host;
    int process = 0;         ///< 0 = not known
    std::int64_t since = 0;  ///< seconds since 1970
    bool isHere = true;      ///< on this machine
};

/// Held until it is gone.
class ProjectLock {
public:
    ProjectLock(const ProjectLock&) = delete;
    ProjectLock& operator=(const ProjectLock&) = delete;
    ~ProjectLock();

    /// To be called every few seconds, so that other machines see that it is held.
    void touch();
    static constexpr int touchEverySeconds = 20;

private:
    friend Result<std::variant<std::unique_ptr<ProjectLock>, LockHolder>> takeLock(const Path&);
    ProjectLock(int file, Path path) : m_file(file), m_path(std::move(path)) {}
    int m_file;
    Path m_path;
};

/// The lock `.rookplot/lock` of a folder, or who holds it. Errors: NotPermitted and others of
/// Storage where none can be made: nothing can be written there either.
[[nodiscard]] Result<std::variant<std::unique_ptr<ProjectLock>, LockHolder>> takeLock(
    const Path& folder);

}  // namespace rook::file
