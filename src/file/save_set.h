#pragma once
/// Files of a project that are written as one: a kill, a full disk or a refusal at any moment
/// leaves all of them or none, once the project is opened again.
///
/// They are written beside their places first, flushed, in a folder of the save's own below
/// `.rookplot/`. Then a journal that names them is put in place, which is the moment when the save
/// counts; then they change places with the former ones; then the journal goes. Opening finishes
/// what a journal says.

#include <map>

#include "file/storage.h"

namespace rook::file {

class SaveSet {
public:
    SaveSet(Storage& storage, const Path& root) : m_storage(storage), m_root(realPath(root)) {}

    /// `path` is relative to the root. A later one of the same path replaces it.
    void add(const std::string& path, std::string bytes) { m_files[path] = std::move(bytes); }
    /// All that were added, by path.
    [[nodiscard]] const std::map<std::string, std::string>& files() const { return m_files; }
    /// Writes all of them. Errors: as of Storage; UnsafePath. After an error the former files
    /// stand.
    [[nodiscard]] Result<void> commit();

private:
    [[nodiscard]] Result<void> stage(const Path& folder, const std::map<std::string, Path>& places);
    [[nodiscard]] Result<void> place(const Path& folder, const std::map<std::string, Path>& places);

    Storage& m_storage;
    Path m_root;
    std::map<std::string, std::string> m_files;
};

/// What a save that was broken off has not put in its place yet: the path of each file, relative to
/// the root, and its bytes. Empty if there is none. Nothing is written.
/// Errors: BadSyntax, UnsafePath for a journal that no save of ours wrote.
[[nodiscard]] Result<std::map<std::string, std::string>> pendingFiles(Storage& storage,
                                                                      const Path& root);
/// Finishes such a save. Errors: as above, and as of Storage.
[[nodiscard]] Result<void> finishSave(Storage& storage, const Path& root);

}  // namespace rook::file
