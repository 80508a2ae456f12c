#include "file/kept_work.h"

#include "base/limits.h"
#include "file/hash.h"
#include "file/json_text.h"
#include "file/kept_index_detail.h"

namespace rook::file {

using namespace level;

namespace {

Path partOf(const Path& folder, const std::string& fingerprint) {
    return folder / "parts" / fingerprint;
}

KeptIndex::Files fingerprintsOf(const TextFiles& files) {
    KeptIndex::Files fingerprints;
    for (const auto& [path, file] : files)
        fingerprints[path] = file.sha256;
    return fingerprints;
}

}  // namespace

const TextFiles& WorkKeeper::filesOf(const std::shared_ptr<const HistoryStep>& step,
                                     const FormerFiles& beside) {
    Entry& entry = m_entries[step.get()];
    if (!entry.step) entry = {step, textFilesOf(step->project, beside)};
    return entry.files;
}

std::size_t WorkKeeper::addUsed(const TextFiles& files,
                                std::unordered_set<std::string>& used) const {
    std::size_t bytes = 0;
    for (const auto& [path, file] : files)
        if (used.insert(file.sha256).second) bytes += file.size;
    return bytes;
}

/// As many steps back as fit, then as many forth.
WorkKeeper::Range WorkKeeper::chooseSteps(const History& history, std::size_t bytes) {
    std::unordered_set<std::string> used;
    (void)addUsed(m_currentFiles, used);
    (void)addUsed(m_savedFiles, used);
    const auto& steps = history.steps();
    Range range{history.position(), history.position()};
    FormerFiles beside{&m_currentValue, &m_currentFiles};
    const auto fits = [&](std::size_t at) {
        const TextFiles& files = filesOf(steps[at].step, beside);
        bytes += addUsed(files, used);
        beside = {&steps[at].step->project, &files};
        return bytes <= m_maxBytes || at == history.position();
    };
    (void)fits(range.first);
    const FormerFiles middle = beside;
    while (range.first > 0 && fits(range.first - 1))
        --range.first;
    beside = middle;
    while (range.last + 1 < steps.size() && fits(range.last + 1))
        ++range.last;
    return range;
}

Result<void> WorkKeeper::writeParts(TextFiles& files) {
    for (auto& [path, file] : files) {
        if (!m_written.contains(file.sha256)) {
            const auto written = writeWhole(m_storage, partOf(m_folder, file.sha256), *file.bytes);
            if (!written) return written;
            m_written.insert(file.sha256);
        }
        file.bytes.reset();
    }
    return {};
}

/// Removes what the index does not name any more.
void WorkKeeper::forgetAllBut(const History& history, Range range,
                              const std::unordered_set<std::string>& used) {
    std::unordered_map<const HistoryStep*, Entry> entries;
    for (std::size_t i = range.first; i <= range.last; ++i)
        entries.insert(m_entries.extract(history.steps()[i].step.get()));
    m_entries = std::move(entries);
    std::erase_if(m_written, [&](const std::string& fingerprint) {
        // One that stays, as the disk refuses, is only in the way.
        return !used.contains(fingerprint) &&
               m_storage.remove(partOf(m_folder, fingerprint)).has_value();
    });
}

Result<void> WorkKeeper::keep(const KeptWork& work) {
    if (const auto made = m_storage.makeFolder(m_folder / "parts"); !made) return made;
    const auto take = [](const Project& now, Project& value, TextFiles& files) {
        files = textFilesOf(now, {&value, &files});
        value = now;
    };
    take(work.saved, m_savedValue, m_savedFiles);
    take(work.current, m_currentValue, m_currentFiles);
    std::unordered_set<std::string> used;
    std::size_t bytes = addUsed(m_currentFiles, used);
    bytes += addUsed(m_savedFiles, used);
    const Range range = chooseSteps(work.history, bytes);

    KeptIndex index;
    index.savedAt = work.savedAt;
    index.keptAt = work.keptAt;
    index.folder = work.folder;
    index.position = work.history.position() - range.first;
    index.current = fingerprintsOf(m_currentFiles);
    index.saved = fingerprintsOf(m_savedFiles);
    for (TextFiles* files : {&m_currentFiles, &m_savedFiles})
        if (const auto written = writeParts(*files); !written) return written;
    for (std::size_t i = range.first; i <= range.last; ++i) {
        const auto& step = work.history.steps()[i].step;
        TextFiles& files = m_entries.at(step.get()).files;
        index.steps.push_back({step->name, step->level, step->touched, fingerprintsOf(files)});
        (void)addUsed(files, used);
        if (const auto written = writeParts(files); !written) return written;
    }
    const auto written = writeWhole(m_storage, m_folder / "index.json", textOf(index));
    if (written) forgetAllBut(work.history, range, used);
    return written;
}

Result<void> WorkKeeper::drop() {
    m_entries.clear();
    m_written.clear();
    m_savedValue = m_currentValue = {};
    m_savedFiles = m_currentFiles = {};
    // The index first: what is left after a kill is then no work.
    if (const auto gone = m_storage.remove(m_folder / "index.json"); !gone) return gone;
    return m_storage.remove(m_folder / "parts");
}

namespace {

/// Reads values out of parts; what was read once is shared.
class PartsReader {
public:
    PartsReader(Storage& storage, const Path& folder, const Path& project)
        : m_storage(storage), m_folder(folder), m_project(project) {}

    struct Value {
        Project project;
        TextFiles files;
    };
    Result<Value> read(const KeptIndex::Files& fingerprints, const Value* beside) {
        Value value;
        for (const auto& [path, fingerprint] : fingerprints) {
            const auto bytes = part(fingerprint);
            if (!bytes) return fail(bytes.error());
            value.files[path] = {fingerprint, *bytes, (*bytes)->size()};
        }
        const FormerFiles former =
            beside ? FormerFiles{&beside->project, &beside->files} : FormerFiles{};
        auto project = readTextFiles(m_storage, m_project, value.files, former);
        if (!project) return fail(project.error());
        if (project->levels.empty())
            return fail(ErrorKind::Missing, "What was kept has no level", m_folder.string(),
                        "Go on with what was saved");
        value.project = std::move(*project);
        return value;
    }

private:
    Result<std::shared_ptr<const std::string>> part(const std::string& fingerprint) {
        auto& known = m_parts[fingerprint];
        if (known) return known;
        auto bytes = m_storage.read(partOf(m_folder, fingerprint), limits::maxImageBytes);
        if (!bytes) return fail(bytes.error());
        m_bytes += bytes->size();
        if (sha256(*bytes) != fingerprint || m_bytes > maxBytes)
            return fail(ErrorKind::BadSyntax, "A part of what was kept is damaged",
                        partOf(m_folder, fingerprint).string(), "Go on with what was saved");
        known = std::make_shared<const std::string>(std::move(*bytes));
        return known;
    }

    static constexpr std::size_t maxBytes = 4 * WorkKeeper::defaultMaxBytes;
    Storage& m_storage;
    const Path& m_folder;
    const Path& m_project;
    std::map<std::string, std::shared_ptr<const std::string>> m_parts;
    std::size_t m_bytes = 0;
};

/// The steps around the current one that can be read.
History historyOf(const KeptIndex& index, PartsReader& reader, const PartsReader::Value& current) {
    std::deque<HistoryStep> steps;
    std::size_t position = 0;
    const auto add = [&](std::size_t at, PartsReader::Value& beside, bool isBefore) {
        auto value = reader.read(index.steps[at].files, &beside);
        if (!value) return false;
        const KeptIndex::Step& kept = index.steps[at];
        HistoryStep step{value->project, kept.name, kept.level, kept.touched};
        isBefore ? steps.push_front(std::move(step)) : steps.push_back(std::move(step));
        beside = std::move(*value);
        return true;
    };
    PartsReader::Value beside = current;
    if (!add(index.position, beside, false)) return History(current.project);
    const PartsReader::Value middle = beside;
    for (std::size_t at = index.position; at > 0 && add(at - 1, beside, true); --at)
        ++position;
    beside = middle;
    for (std::size_t at = index.position + 1; at < index.steps.size(); ++at)
        if (!add(at, beside, false)) break;
    return History::restored({steps.begin(), steps.end()}, position);
}

}  // namespace

Result<std::optional<KeptWork>> readKeptWork(Storage& storage, const Path& folder,
                                             const std::optional<Path>& project) {
    const Path path = folder / "index.json";
    const auto text = storage.read(path, limits::maxTextBytes);
    if (!text && text.error().kind == ErrorKind::Missing) return std::optional<KeptWork>();
    if (!text) return fail(text.error());
    const auto index = readKeptIndex(*text, path.string());
    if (!index) return fail(index.error());
    const Path home =
        project ? *project : Path(index->folder.empty() ? folder : Path(index->folder));
    PartsReader reader(storage, folder, home);
    const auto current = reader.read(index->current, nullptr);
    if (!current) return fail(current.error());
    KeptWork work;
    work.current = current->project;
    // Where that is gone, all of the current value counts as changed.
    if (auto saved = reader.read(index->saved, &*current)) work.saved = std::move(saved->project);
    work.history = historyOf(*index, reader, *current);
    if (index->current == index->steps[index->position].files)
        work.current = work.history.current();
    work.savedAt = index->savedAt;
    work.keptAt = index->keptAt;
    work.folder = index->folder;
    return std::optional(std::move(work));
}

}  // namespace rook::file
