#pragma once
/// The file system, behind an interface: tests put one in that fails or is killed on demand.
///
/// A file that is written is written beside itself, flushed and renamed: a kill at any moment
/// leaves the old or the new one. A folder that is replaced is exchanged in one step.

#include <cstddef>
#include <filesystem>
#include <string>

#include "base/result.h"

namespace rook::file {

using Path = std::filesystem::path;

class Storage {
public:
    virtual ~Storage() = default;
    /// Errors: Missing, NotPermitted; OutOfRange if larger than `maxBytes`.
    [[nodiscard]] virtual Result<std::string> read(const Path& path, std::size_t maxBytes) = 0;
    [[nodiscard]] virtual bool exists(const Path& path) = 0;
    /// Writes and flushes a file, replacing one in steps that a kill can interrupt.
    [[nodiscard]] virtual Result<void> writeFlushed(const Path& path, const std::string& bytes) = 0;
    /// Renames, replacing a file of that name at once.
    [[nodiscard]] virtual Result<void> rename(const Path& from, const Path& to) = 0;
    /// Makes two folders change places at once.
    [[nodiscard]] virtual Result<void> exchange(const Path& a, const Path& b) = 0;
    /// Makes the folder and those above it.
    [[nodiscard]] virtual Result<void> makeFolder(const Path& path) = 0;
    /// Removes a file or a folder with all in it; nothing there is fine.
    [[nodiscard]] virtual Result<void> remove(const Path& path) = 0;
};

/// The real file system.
[[nodiscard]] Storage& diskStorage();

/// Replaces or makes one file, whole.
[[nodiscard]] Result<void> writeWhole(Storage& storage, const Path& path, const std::string& bytes);

/// `root`/`relative`, if that stays inside `root`, links followed.
/// Errors: UnsafePath for an absolute path, one with "..", or a link that leads out.
[[nodiscard]] Result<Path> pathInside(const Path& root, const std::string& relative);

}  // namespace rook::file
