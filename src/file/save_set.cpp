#include "file/save_set.h"

#include "base/limits.h"
#include "file/hash.h"
#include "file/json_text.h"

namespace rook::file {

namespace {

Path ownFolder(const Path& root) {
    return root / ".rookplot";
}
Path journalOf(const Path& root) {
    return ownFolder(root) / "journal";
}

/// A place in the project, where links inside of it lead. Errors: UnsafePath.
Result<Path> placeBelow(const Path& root, const std::string& path) {
    const auto inside = pathInside(root, path);
    if (!inside) return inside;
    return realPath(*inside);
}

struct Journal {
    std::string folder;  ///< below .rookplot
    struct File {
        std::string path;
        std::string sha256;
    };
    std::vector<File> files;
};

std::string journalText(const Journal& journal) {
    JsonLines lines;
    lines.member("format", "rookplot-save");
    lines.member("version", 1);
    lines.member("folder", journal.folder);
    std::vector<std::string> rows;
    for (const Journal::File& file : journal.files)
        rows.push_back(compactText({{"path", file.path}, {"sha256", file.sha256}}));
    lines.list("files", rows);
    return lines.take();
}

/// The name of a save's folder as `freshName` makes them.
bool isSaveName(const std::string& name) {
    return name.size() == 21 && name.starts_with("save-") &&
           name.find_first_not_of("0123456789abcdef", 5) == std::string::npos;
}

Result<Journal> journalOfText(const std::string& text, const Path& path) {
    const auto broken = [&] {
        return fail(ErrorKind::BadSyntax, "The journal of a save that was broken off is not ours",
                    path.string(), "Remove this file: the project is as it was before that save");
    };
    const auto json = parseJson(text, path.string());
    if (!json || !json->is_object() || json->value("format", Json()) != "rookplot-save" ||
        !json->contains("files") || !(*json)["files"].is_array())
        return broken();
    const Json folder = json->value("folder", Json());
    if (!folder.is_string() || !isSaveName(folder)) return broken();
    Journal journal{folder, {}};
    for (const Json& item : (*json)["files"]) {
        if (!item.is_object() || !item.value("path", Json()).is_string() ||
            !item.value("sha256", Json()).is_string())
            return broken();
        journal.files.push_back({item["path"], item["sha256"]});
    }
    return journal;
}

/// The journal that is there, if there is one.
Result<std::optional<Journal>> readJournal(Storage& storage, const Path& root) {
    const Path path = journalOf(root);
    const auto text = storage.read(path, limits::maxTextBytes);
    if (!text && text.error().kind == ErrorKind::Missing) return std::optional<Journal>();
    if (!text) return fail(text.error());
    auto journal = journalOfText(*text, path);
    if (!journal) return fail(journal.error());
    return std::optional(std::move(*journal));
}

/// Puts a file that was written beside in its place; the former one, if there was one, is then
/// where it was.
Result<void> swapIn(Storage& storage, const Path& staged, const Path& place) {
    if (const auto made = storage.makeFolder(place.parent_path()); !made) return made;
    return storage.exists(place) ? storage.exchange(staged, place) : storage.rename(staged, place);
}

/// One program at a time puts files in their places.
Result<std::shared_ptr<void>> holdSaving(Storage& storage, const Path& root) {
    const auto path = pathInside(root, ".rookplot/saving");
    if (!path) return fail(path.error());
    return storage.hold(*path);
}

Result<void> dropJournal(Storage& storage, const Path& root, const std::string& folder) {
    if (const auto gone = storage.remove(journalOf(root)); !gone) return gone;
    return storage.remove(ownFolder(root) / folder);
}

}  // namespace

Result<void> SaveSet::stage(const Path& folder, const std::map<std::string, Path>& places) {
    Journal journal{folder.filename().string(), {}};
    if (const auto made = m_storage.makeNewFolder(folder); !made) return made;
    std::size_t number = 0;
    for (const auto& [path, bytes] : m_files) {
        const auto written =
            m_storage.writeNew(folder / std::to_string(number++), bytes, places.at(path));
        if (!written) return written;
        journal.files.push_back({path, sha256(bytes)});
    }
    if (const auto flushed = m_storage.flushFolder(folder); !flushed) return flushed;
    const Path beside = folder / "journal";
    if (const auto written = m_storage.writeNew(beside, journalText(journal), {}); !written)
        return written;
    return m_storage.rename(beside, journalOf(m_root));
}

Result<void> SaveSet::place(const Path& folder, const std::map<std::string, Path>& places) {
    struct Swap {
        Path staged, place;
        bool wasThere;
    };
    std::vector<Swap> done;
    for (const auto& [path, place] : places) {
        const Swap next{folder / std::to_string(done.size()), place, m_storage.exists(place)};
        const auto placed = swapIn(m_storage, next.staged, place);
        if (placed) {
            done.push_back(next);
            continue;
        }
        // Back to the former files. Where one is gone, as on a file system without exchange, or
        // the disk refuses, the journal stays, and the next opening finishes the save.
        for (auto it = done.rbegin(); it != done.rend(); ++it) {
            if (it->wasThere && !m_storage.exists(it->staged)) return placed;
            const auto back = it->wasThere ? m_storage.exchange(it->staged, it->place)
                                           : m_storage.rename(it->place, it->staged);
            if (!back) return placed;
        }
        (void)dropJournal(m_storage, m_root, folder.filename()).has_value();
        return placed;
    }
    return {};
}

Result<std::map<std::string, std::string>> pendingFiles(Storage& storage, const Path& folder) {
    const Path root = realPath(folder);
    std::map<std::string, std::string> pending;
    const auto journal = readJournal(storage, root);
    if (!journal) return fail(journal.error());
    if (!*journal) return pending;
    for (std::size_t i = 0; i < (*journal)->files.size(); ++i) {
        const Journal::File& file = (*journal)->files[i];
        const auto place = placeBelow(root, file.path);
        if (!place) return fail(place.error());
        const auto staged = storage.read(ownFolder(root) / (*journal)->folder / std::to_string(i),
                                         limits::maxImageBytes);
        // Gone, or the former file: it is in its place already.
        if (staged && sha256(*staged) == file.sha256) pending[file.path] = *staged;
    }
    return pending;
}

namespace {

Result<void> finishHeld(Storage& storage, const Path& root) {
    const auto journal = readJournal(storage, root);
    if (!journal) return fail(journal.error());
    if (!*journal) return {};
    const auto pending = pendingFiles(storage, root);
    if (!pending) return fail(pending.error());
    for (std::size_t i = 0; i < (*journal)->files.size(); ++i) {
        const std::string& path = (*journal)->files[i].path;
        if (!pending->contains(path)) continue;
        const auto placed =
            swapIn(storage, ownFolder(root) / (*journal)->folder / std::to_string(i),
                   *placeBelow(root, path));
        if (!placed) return placed;
    }
    return dropJournal(storage, root, (*journal)->folder);
}

}  // namespace

namespace {

/// Folders of saves that were killed before they counted. Requires: saving is held, so that none of
/// them is of a save that goes on, and no journal names one.
void sweep(Storage& storage, const Path& own) {
    std::error_code problem;
    std::vector<Path> left;
    for (auto it = std::filesystem::directory_iterator(own, problem);
         !problem && it != std::filesystem::directory_iterator(); it.increment(problem))
        if (isSaveName(it->path().filename().string())) left.push_back(it->path());
    // What cannot be removed harms nobody.
    for (const Path& folder : left)
        (void)storage.remove(folder).has_value();
}

}  // namespace

Result<void> SaveSet::commit() {
    if (m_files.empty()) return {};
    std::map<std::string, Path> places;
    for (const auto& [path, bytes] : m_files) {
        const auto place = placeBelow(m_root, path);
        if (!place) return fail(place.error());
        places[path] = *place;
    }
    const auto own = placeBelow(m_root, ".rookplot");
    if (!own) return fail(own.error());
    if (const auto made = m_storage.makeFolder(*own); !made) return made;
    const auto held = holdSaving(m_storage, m_root);
    if (!held) return fail(held.error());
    if (const auto finished = finishHeld(m_storage, m_root); !finished) return finished;
    sweep(m_storage, *own);
    const Path folder = *own / freshName("save-");
    if (const auto staged = stage(folder, places); !staged) {
        // The first failure is the one to tell; what is left there harms nobody.
        (void)m_storage.remove(folder).has_value();
        return staged;
    }
    if (const auto placed = place(folder, places); !placed) return placed;
    return dropJournal(m_storage, m_root, folder.filename());
}

Result<void> finishSave(Storage& storage, const Path& folder) {
    const Path root = realPath(folder);
    const auto journal = readJournal(storage, root);
    if (!journal) return fail(journal.error());
    if (!*journal) return {};
    const auto held = holdSaving(storage, root);
    if (!held) return fail(held.error());
    return finishHeld(storage, root);
}

}  // namespace rook::file
