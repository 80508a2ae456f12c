#pragma once
/// The file system, behind an interface: tests put one in that fails or is killed on demand.
///
/// Files are written under names that nothing has, flushed, and then put in their places: a kill at
/// any moment leaves the old or the new one, and a link that lies in wait is never followed. What
/// replaces a file takes its mode, and its owner where that is permitted.

#include <cstddef>
#include <filesystem>
#include <map>
#include <memory>
#include <string>

#include "base/result.h"

namespace rook::file {

using Path = std::filesystem::path;
/// What files hold, by their paths relative to a folder: fingerprints (file/hash.h).
using FileStates = std::map<std::string, std::string>;

class Storage {
public:
    virtual ~Storage() = default;
    /// Errors: Missing, NotPermitted; OutOfRange if larger than `maxBytes`; WrongType for anything
    /// that is no file, at once, whatever it is.
    [[nodiscard]] virtual Result<std::string> read(const Path& path, std::size_t maxBytes) = 0;
    [[nodiscard]] virtual bool exists(const Path& path) = 0;
    // What follows makes, places and renames by a path without links on the way (`realPath`); one
    // that comes into being afterwards is refused: UnsafePath.

    /// Makes a file that is not there yet, and flushes what is in it; `flushFolder` flushes that it
    /// is there. Mode and owner are those of the file at `like`, if it is not empty and there is
    /// one. Errors: WriteFailed if anything of that name is there, a link too.
    [[nodiscard]] virtual Result<void> writeNew(const Path& path, const std::string& bytes,
                                                const Path& like) = 0;
    [[nodiscard]] virtual Result<void> flushFolder(const Path& path) = 0;
    /// Renames, replacing a file of that name at once, and flushes both folders.
    [[nodiscard]] virtual Result<void> rename(const Path& from, const Path& to) = 0;
    /// Makes two files, or two folders, change places at once. Where the file system cannot, a file
    /// `b` is replaced at once, and nothing is left at `a`.
    [[nodiscard]] virtual Result<void> exchange(const Path& a, const Path& b) = 0;
    /// Makes the folder and those above it.
    [[nodiscard]] virtual Result<void> makeFolder(const Path& path) = 0;
    /// Makes a folder that is not there yet, for nobody else.
    [[nodiscard]] virtual Result<void> makeNewFolder(const Path& path) = 0;
    /// Removes a file or a folder with all in it; nothing there is fine. A link is removed, not
    /// what it leads to.
    [[nodiscard]] virtual Result<void> remove(const Path& path) = 0;
    /// Keeps other programs from doing what they hold the same file for, as long as the value
    /// lives; the file is made where there is none. Waits for them, at most ten seconds.
    /// Errors: NotPermitted if they take longer, or where no such file can be made.
    [[nodiscard]] virtual Result<std::shared_ptr<void>> hold(const Path&) {
        return std::make_shared<int>();
    }
};

/// The real file system.
[[nodiscard]] Storage& diskStorage();

/// The path with the links in it followed; as it is where they lead nowhere.
[[nodiscard]] Path realPath(const Path& path);

/// Replaces or makes one file, whole. Of a link, the file that it leads to.
[[nodiscard]] Result<void> writeWhole(Storage& storage, const Path& path, const std::string& bytes);

/// Replaces or makes one file inside a folder, which is made with those on the way.
/// Errors: as `pathInside`, and of Storage.
[[nodiscard]] Result<void> writeInside(Storage& storage, const Path& root,
                                       const std::string& relative, const std::string& bytes);

/// `root`/`relative`, if that stays inside `root`, links followed.
/// Errors: UnsafePath for an absolute path, one with "..", or a link that leads out or nowhere.
[[nodiscard]] Result<Path> pathInside(const Path& root, const std::string& relative);

}  // namespace rook::file
