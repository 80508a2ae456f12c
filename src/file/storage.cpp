#include "file/storage.h"

#include <fcntl.h>
#include <linux/fs.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>

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

void flushFolder(const Path& path) {
    const Descriptor folder(::open(path.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (folder.number() >= 0) ::fsync(folder.number());
}

class DiskStorage : public Storage {
public:
    Result<std::string> read(const Path& path, std::size_t maxBytes) override {
        const Descriptor file(::open(path.c_str(), O_RDONLY | O_CLOEXEC));
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

    Result<void> writeFlushed(const Path& path, const std::string& bytes) override {
        const Descriptor file(::open(path.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644));
        if (file.number() < 0) return fail(systemError("The file cannot be written", path, errno));
        std::size_t done = 0;
        while (done < bytes.size()) {
            const ssize_t count = ::write(file.number(), bytes.data() + done, bytes.size() - done);
            if (count < 0 && errno == EINTR) continue;
            if (count < 0) return fail(systemError("The file cannot be written", path, errno));
            done += static_cast<std::size_t>(count);
        }
        if (::fsync(file.number()) != 0)
            return fail(systemError("The file cannot be written", path, errno));
        return {};
    }

    Result<void> rename(const Path& from, const Path& to) override {
        if (::rename(from.c_str(), to.c_str()) != 0)
            return fail(systemError("The file cannot be put in its place", to, errno));
        flushFolder(to.parent_path());
        return {};
    }

    Result<void> exchange(const Path& a, const Path& b) override {
        if (::renameat2(AT_FDCWD, a.c_str(), AT_FDCWD, b.c_str(), RENAME_EXCHANGE) != 0) {
            if (errno != EINVAL && errno != ENOSYS)
                return fail(systemError("The folders cannot be exchanged", b, errno));
            // A file system without exchange: by a third name. A kill in between leaves both.
            Path third = b;
            third += ".former";
            for (const auto& [from, to] :
                 {std::pair(b, third), std::pair(a, b), std::pair(third, a)})
                if (::rename(from.c_str(), to.c_str()) != 0)
                    return fail(systemError("The folders cannot be exchanged", b, errno));
        }
        flushFolder(b.parent_path());
        return {};
    }

    Result<void> makeFolder(const Path& path) override {
        std::error_code problem;
        std::filesystem::create_directories(path, problem);
        if (problem) return fail(systemError("The folder cannot be made", path, problem.value()));
        return {};
    }

    Result<void> remove(const Path& path) override {
        std::error_code problem;
        std::filesystem::remove_all(path, problem);
        if (problem) return fail(systemError("It cannot be removed", path, problem.value()));
        return {};
    }
};

}  // namespace

Storage& diskStorage() {
    static DiskStorage storage;
    return storage;
}

Result<void> writeWhole(Storage& storage, const Path& path, const std::string& bytes) {
    Path beside = path;
    beside += ".part";
    Result<void> outcome = storage.writeFlushed(beside, bytes);
    if (outcome) outcome = storage.rename(beside, path);
    if (!outcome) {
        // What is left beside the file is harmless; the first failure is the one to tell.
        if (const auto removed = storage.remove(beside); !removed) return outcome;
    }
    return outcome;
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
    const Path base = std::filesystem::weakly_canonical(root, problem);
    const Path whole = std::filesystem::weakly_canonical(root / path, problem);
    if (problem) return unsafe("cannot be followed");
    const Path inner = whole.lexically_relative(base);
    if (inner.empty() || *inner.begin() == "..") return unsafe("leads out by a link");
    return root / path;
}

}  // namespace rook::file
