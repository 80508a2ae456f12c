#include "file/storage.h"

#include <fcntl.h>
#include <linux/fs.h>
#include <linux/openat2.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <cerrno>
#include <chrono>
#include <cstring>
#include <thread>
#include <vector>

#include "file/hash.h"

namespace rook::file {

namespace {

Error systemError(const std::string& doing, const Path& path, int code) {
    const std::string where = path.string();
    switch (code) {
        case ENOENT:
        case ENOTDIR:
            return {ErrorKind::Missing, doing + ": it is not there", where, "Check the path"};
        case EACCES:
        case EPERM:
        case EROFS:
            return {ErrorKind::NotPermitted, doing + ": permission was refused", where,
                    "Give yourself the right to it or choose another place"};
        case ENOSPC:
        case EDQUOT:
            return {ErrorKind::WriteFailed, doing + ": the disk is full", where,
                    "Free some space and try again"};
        case ELOOP:
            return {ErrorKind::UnsafePath, doing + ": a link came in the way", where,
                    "See who else changes this folder, and try again"};
        default:
            return {ErrorKind::WriteFailed, doing + ": " + std::strerror(code), where,
                    "Choose another place"};
    }
}

/// An open file that closes itself.
class Descriptor {
public:
    explicit Descriptor(int number) : m_number(number) {}
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;
    ~Descriptor() {
        if (m_number >= 0) ::close(m_number);
    }
    [[nodiscard]] int number() const { return m_number; }

private:
    int m_number;
};

/// False, with `errno`, if not all could be written.
bool writeAll(int file, const std::string& bytes) {
    std::size_t done = 0;
    while (done < bytes.size()) {
        const ssize_t count = ::write(file, bytes.data() + done, bytes.size() - done);
        if (count < 0 && errno == EINTR) continue;
        if (count < 0) return false;
        done += static_cast<std::size_t>(count);
    }
    return true;
}

void flushEntries(const Path& path) {
    const Descriptor folder(::open(path.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (folder.number() >= 0) ::fsync(folder.number());
}

/// A name in a folder that is held open, so that the folder is the same one until the end, whatever
/// takes its place meanwhile.
class Entry {
public:
    /// Links on the way to the folder are refused: callers follow them beforehand (`realPath`), and
    /// one that comes into being afterwards is not meant.
    explicit Entry(const Path& path)
        : m_folder(openFolder(path.has_parent_path() ? path.parent_path() : Path("."))),
          m_problem(m_folder.number() < 0 ? errno : 0),
          m_name(path.filename()) {}
    /// Of the system; 0 if the folder could be opened.
    [[nodiscard]] int problem() const { return m_problem; }
    [[nodiscard]] int folder() const { return m_folder.number(); }
    [[nodiscard]] const char* name() const { return m_name.c_str(); }

private:
    static int openFolder(const Path& path) {
        constexpr int flags = O_PATH | O_DIRECTORY | O_CLOEXEC;
        open_how how{};
        how.flags = flags;
        how.resolve = RESOLVE_NO_SYMLINKS;
        const long number = ::syscall(SYS_openat2, AT_FDCWD, path.c_str(), &how, sizeof how);
        if (number >= 0 || (errno != ENOSYS && errno != EPERM)) return static_cast<int>(number);
        return ::open(path.c_str(), flags);  // older systems, and boxes that know no such call
    }

    Descriptor m_folder;
    int m_problem;
    Path m_name;
};

/// Mode and owner of a file that is there; who is not permitted to give it away keeps it.
void takeAfter(int file, const Path& like) {
    struct stat info {};
    if (like.empty() || ::stat(like.c_str(), &info) != 0 || !S_ISREG(info.st_mode)) return;
    if (::fchown(file, info.st_uid, info.st_gid) != 0 && errno != EPERM) return;
    (void)!::fchmod(file, info.st_mode & 07777);
}

class DiskStorage : public Storage {
public:
    Result<std::string> read(const Path& path, std::size_t maxBytes) override {
        // Without waiting for the other end of a pipe, or for a device.
        const Descriptor file(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK | O_NOCTTY));
        if (file.number() < 0) return fail(systemError("The file cannot be read", path, errno));
        struct stat info {};
        if (::fstat(file.number(), &info) != 0)
            return fail(systemError("The file cannot be read", path, errno));
        if (!S_ISREG(info.st_mode)) {
            return fail(ErrorKind::WrongType, "This is not a file", path.string(), "Choose a file");
        }
        if (static_cast<std::uint64_t>(info.st_size) > maxBytes) {
            return fail(ErrorKind::OutOfRange,
                        "The file is larger than " + std::to_string(maxBytes >> 20) + " MiB",
                        path.string(), "Choose a smaller one");
        }
        std::string bytes(static_cast<std::size_t>(info.st_size), '\0');
        std::size_t done = 0;
        while (done < bytes.size()) {
            const ssize_t count = ::read(file.number(), bytes.data() + done, bytes.size() - done);
            if (count < 0 && errno == EINTR) continue;
            if (count < 0) return fail(systemError("The file cannot be read", path, errno));
            if (count == 0) break;
            done += static_cast<std::size_t>(count);
        }
        bytes.resize(done);
        return bytes;
    }

    bool exists(const Path& path) override { return ::access(path.c_str(), F_OK) == 0; }

    Result<void> writeNew(const Path& path, const std::string& bytes, const Path& like) override {
        const Entry entry(path);
        if (entry.problem())
            return fail(systemError("The file cannot be written", path, entry.problem()));
        const Descriptor file(::openat(entry.folder(), entry.name(),
                                       O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, 0644));
        if (file.number() < 0) return fail(systemError("The file cannot be written", path, errno));
        takeAfter(file.number(), like);
        if (writeAll(file.number(), bytes) && ::fsync(file.number()) == 0) return {};
        const int problem = errno;
        ::unlinkat(entry.folder(), entry.name(), 0);  // it is ours: nothing was there
        return fail(systemError("The file cannot be written", path, problem));
    }

    Result<void> flushFolder(const Path& path) override {
        flushEntries(path);
        return {};
    }

    Result<void> rename(const Path& from, const Path& to) override {
        if (const int problem = move(from, to, 0))
            return fail(systemError("The file cannot be put in its place", to, problem));
        flushBoth(from, to);
        return {};
    }

    Result<void> exchange(const Path& a, const Path& b) override {
        if (const int problem = move(a, b, RENAME_EXCHANGE)) {
            if (problem != EINVAL && problem != ENOSYS)
                return fail(systemError("It cannot be put in its place", b, problem));
            if (const auto done = exchangeInSteps(a, b); !done) return done;
        }
        flushBoth(a, b);
        return {};
    }

    Result<void> makeFolder(const Path& path) override {
        std::error_code problem;
        std::filesystem::create_directories(path, problem);
        if (problem) return fail(systemError("The folder cannot be made", path, problem.value()));
        return {};
    }

    Result<void> makeNewFolder(const Path& path) override {
        if (::mkdir(path.c_str(), 0700) != 0)
            return fail(systemError("The folder cannot be made", path, errno));
        flushEntries(path.parent_path());
        return {};
    }

    Result<void> remove(const Path& path) override {
        std::error_code problem;
        std::filesystem::remove_all(path, problem);
        if (problem) return fail(systemError("It cannot be removed", path, problem.value()));
        flushEntries(path.parent_path());
        return {};
    }

    Result<std::shared_ptr<void>> hold(const Path& path) override {
        auto file = std::make_shared<Descriptor>(
            ::open(path.c_str(), O_RDWR | O_CREAT | O_NOFOLLOW | O_CLOEXEC | O_NONBLOCK, 0644));
        if (file->number() < 0)
            return fail(systemError("It cannot be held against other programs", path, errno));
        const auto until = std::chrono::steady_clock::now() + std::chrono::seconds(10);
        while (::flock(file->number(), LOCK_EX | LOCK_NB) != 0) {
            if (errno != EWOULDBLOCK && errno != EINTR) break;  // no locks there: as without
            if (std::chrono::steady_clock::now() > until)
                return fail(ErrorKind::NotPermitted, "Another program is saving this project",
                            path.parent_path().parent_path().string(), "Try again");
            std::this_thread::sleep_for(std::chrono::milliseconds(10));
        }
        return file;
    }

private:
    /// 0, or what the system says.
    static int move(const Path& from, const Path& to, unsigned flags) {
        const Entry a(from), b(to);
        if (a.problem() || b.problem()) return a.problem() ? a.problem() : b.problem();
        if (::renameat2(a.folder(), a.name(), b.folder(), b.name(), flags) != 0) return errno;
        return 0;
    }
    static void flushBoth(const Path& a, const Path& b) {
        flushEntries(b.parent_path());
        if (a.parent_path() != b.parent_path()) flushEntries(a.parent_path());
    }
    /// A file system without exchange: files are replaced, folders go by a third name. A kill in
    /// between leaves both.
    static Result<void> exchangeInSteps(const Path& a, const Path& b) {
        std::error_code problem;
        std::vector<std::pair<Path, Path>> steps{{a, b}};
        if (std::filesystem::is_directory(b, problem)) {
            const Path third = b.parent_path() / freshName("." + b.filename().string() + ".");
            steps = {{b, third}, {a, b}, {third, a}};
        }
        for (const auto& [from, to] : steps)
            if (const int wrong = move(from, to, 0))
                return fail(systemError("It cannot be put in its place", b, wrong));
        return {};
    }
};

}  // namespace

Storage& diskStorage() {
    static DiskStorage storage;
    return storage;
}

Path realPath(const Path& path) {
    std::error_code problem;
    const Path real = std::filesystem::weakly_canonical(path, problem);
    return problem ? path : real;
}

Result<void> writeWhole(Storage& storage, const Path& path, const std::string& bytes) {
    std::error_code problem;
    Path place =
        realPath(path.has_parent_path() ? path.parent_path() : Path(".")) / path.filename();
    if (std::filesystem::is_symlink(path, problem)) {
        place = std::filesystem::weakly_canonical(path, problem);
        if (problem)
            return fail(ErrorKind::UnsafePath, "This link leads nowhere", path.string(),
                        "Remove the link or choose another place");
    }
    const Path beside = place.parent_path() / freshName("." + place.filename().string() + ".");
    if (const auto written = storage.writeNew(beside, bytes, place); !written) return written;
    const auto renamed = storage.rename(beside, place);
    if (!renamed)
        if (const auto removed = storage.remove(beside); !removed) return renamed;
    return renamed;
}

Result<void> writeInside(Storage& storage, const Path& root, const std::string& relative,
                         const std::string& bytes) {
    const auto path = pathInside(root, relative);
    if (!path) return fail(path.error());
    if (const auto made = storage.makeFolder(path->parent_path()); !made) return made;
    return writeWhole(storage, *path, bytes);
}

Result<Path> pathInside(const Path& root, const std::string& relative) {
    const Path path(relative);
    const auto unsafe = [&](const char* what) {
        return fail(ErrorKind::UnsafePath, std::string("The path ") + what, relative,
                    "Use a path inside the project folder, as sheets/name.png");
    };
    if (relative.empty()) return unsafe("is empty");
    if (relative.find('\0') != std::string::npos) return unsafe("holds a zero byte");
    if (path.is_absolute()) return unsafe("is absolute");
    for (const Path& part : path)
        if (part == "..") return unsafe("leaves the project folder");
    std::error_code problem;
    Path step = root;
    for (const Path& part : path) {
        step /= part;
        // A link to what is not there would be taken for a name that is free.
        if (std::filesystem::is_symlink(step, problem) && !std::filesystem::exists(step, problem))
            return unsafe("is a link that leads nowhere");
    }
    problem.clear();
    const Path base = std::filesystem::weakly_canonical(root, problem);
    if (problem)
        return fail(ErrorKind::Missing, "The folder is not there any more", root.string(),
                    "Change to one that is");
    const Path whole = std::filesystem::weakly_canonical(root / path, problem);
    if (problem) return unsafe("cannot be followed");
    const Path inner = whole.lexically_relative(base);
    if (inner.empty() || *inner.begin() == "..") return unsafe("leads out by a link");
    return root / path;
}

}  // namespace rook::file
