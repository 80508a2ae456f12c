#pragma once
/// Files in memory: nothing of the disk is read or written.

#include <map>

#include "file/storage.h"

namespace rook::fuzz {

class MemoryFiles final : public file::Storage {
public:
    std::map<file::Path, std::string> files;

    Result<std::string> read(const file::Path& path, std::size_t maxBytes) override {
        const auto found = files.find(path);
        if (found == files.end())
            return fail(ErrorKind::Missing, "It is not there", path.string(), "Check the path");
        if (found->second.size() > maxBytes)
            return fail(ErrorKind::OutOfRange, "It is too large", path.string(), "Cut it");
        return found->second;
    }
    bool exists(const file::Path& path) override { return files.contains(path); }
    Result<void> writeNew(const file::Path& path, const std::string& bytes,
                          const file::Path&) override {
        files[path] = bytes;
        return {};
    }
    Result<void> flushFolder(const file::Path&) override { return {}; }
    Result<void> rename(const file::Path& from, const file::Path& to) override {
        auto taken = files.extract(from);
        if (taken.empty())
            return fail(ErrorKind::Missing, "It is not there", from.string(), "Check the path");
        files[to] = std::move(taken.mapped());
        return {};
    }
    Result<void> exchange(const file::Path& a, const file::Path& b) override {
        std::swap(files[a], files[b]);
        return {};
    }
    Result<void> makeFolder(const file::Path&) override { return {}; }
    Result<void> makeNewFolder(const file::Path&) override { return {}; }
    Result<void> remove(const file::Path& path) override {
        std::erase_if(files, [&](const auto& each) {
            return each.first == path || each.first.parent_path() == path;
        });
        return {};
    }
};

}  // namespace rook::fuzz
