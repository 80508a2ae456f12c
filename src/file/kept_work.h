#pragma once
/// Work that is not saved yet, kept beside a project with its history, so that a kill takes nothing
/// back but the last moment.
///
/// A folder holds the parts of all values that are kept, each under its fingerprint, and an index
/// that says of which parts each value consists. Parts are written before the index that names
/// them, so that at any moment the index that is there can be read. Nothing in the folder is
/// trusted: what is no whole value ends the history there.

#include <cstdint>
#include <optional>
#include <unordered_map>
#include <unordered_set>

#include "file/text_files.h"
#include "level/history.h"

namespace rook::file {

/// What there is to keep, or was kept.
struct KeptWork {
    level::History history;
    level::Project current;    ///< the value on the screen; mostly that of the history
    level::Project saved;      ///< what the project's folder held when this was begun
    std::int64_t savedAt = 0;  ///< when that was known, seconds since 1970; 0 = never saved
    std::int64_t keptAt = 0;   ///< seconds since 1970
    std::string folder;        ///< of the project; empty if it has none yet
};

/// Keeps the work of one document in one folder. On one thread at a time.
class WorkKeeper {
public:
    /// The history is kept as far as it fits into so many bytes, the current value always.
    static constexpr std::size_t defaultMaxBytes = std::size_t{64} << 20;

    WorkKeeper(Storage& storage, Path folder, std::size_t maxBytes = defaultMaxBytes)
        : m_storage(storage), m_folder(std::move(folder)), m_maxBytes(maxBytes) {}

    /// Errors: of Storage; then what was kept before is still there.
    /// Cost: the text of what differs from what was kept before.
    [[nodiscard]] Result<void> keep(const KeptWork& work);
    /// Nothing is to be kept any more.
    [[nodiscard]] Result<void> drop();
    [[nodiscard]] const Path& folder() const { return m_folder; }

private:
    struct Entry {
        std::shared_ptr<const level::HistoryStep> step;  ///< held, so that its place is not reused
        TextFiles files;
    };
    struct Range {
        std::size_t first, last;
    };
    [[nodiscard]] const TextFiles& filesOf(const std::shared_ptr<const level::HistoryStep>& step,
                                           const FormerFiles& beside);
    [[nodiscard]] Range chooseSteps(const level::History& history, std::size_t used);
    [[nodiscard]] std::size_t addUsed(const TextFiles& files,
                                      std::unordered_set<std::string>& used) const;
    [[nodiscard]] Result<void> writeParts(TextFiles& files);
    void forgetAllBut(const level::History& history, Range range,
                      const std::unordered_set<std::string>& used);

    Storage& m_storage;
    Path m_folder;
    std::size_t m_maxBytes;
    std::unordered_map<const level::HistoryStep*, Entry> m_entries;
    std::unordered_set<std::string> m_written;  ///< fingerprints of parts
    level::Project m_savedValue, m_currentValue;
    TextFiles m_savedFiles, m_currentFiles;
};

/// Reads what is kept in a folder, if there is something. What values do not hold is read in the
/// folder `project`, or, if that is none, in the one that is named there. Errors: as `openProject`,
/// for the value on the screen; what cannot be read of the history is left out.
/// Cost: reads all parts; on any thread.
[[nodiscard]] Result<std::optional<KeptWork>> readKeptWork(
    Storage& storage, const Path& folder, const std::optional<Path>& project = std::nullopt);

}  // namespace rook::file
