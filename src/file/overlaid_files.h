#pragma once
/// The files of a folder, some of them read otherwise than they are on the disk. Nothing is
/// written.

#include <map>

#include "base/limits.h"
#include "file/storage.h"

namespace rook::file {

class OverlaidFiles final : public Storage {
public:
    OverlaidFiles(Storage& storage, Path folder)
        : m_storage(storage), m_folder(std::move(folder)) {}

    /// `name` is relative to the folder.
    void set(const std::string& name, std::string text) {
        m_texts[(m_folder / name).lexically_normal()] = std::move(text);
    }
    [[nodiscard]] Result<std::string> text(const std::string& name) {
        return read(m_folder / name, limits::maxTextBytes);
    }

    Result<std::string> read(const Path& path, std::size_t maxBytes) override {
        const auto found = m_texts.find(path.lexically_normal());
        return found != m_texts.end() ? Result<std::string>(found->second)
                                      : m_storage.read(path, maxBytes);
    }
    bool exists(const Path& path) override {
        return m_texts.contains(path.lexically_normal()) || m_storage.exists(path);
    }
    Result<void> writeNew(const Path& path, const std::string&, const Path&) override {
        return refusal(path);
    }
    Result<void> flushFolder(const Path&) override { return {}; }
    Result<void> rename(const Path& from, const Path&) override { return refusal(from); }
    Result<void> exchange(const Path& a, const Path&) override { return refusal(a); }
    Result<void> makeFolder(const Path& path) override { return refusal(path); }
    Result<void> makeNewFolder(const Path& path) override { return refusal(path); }
    Result<void> remove(const Path& path) override { return refusal(path); }

private:
    static Result<void> refusal(const Path& path) {
        return fail(ErrorKind::NotPermitted, "Nothing is written here", path.string(),
                    "Save to another folder");
    }
    Storage& m_storage;
    Path m_folder;
    std::map<Path, std::string> m_texts;
};

}  // namespace rook::file
