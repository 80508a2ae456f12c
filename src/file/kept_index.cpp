#include "base/limits.h"
#include "file/json_text.h"
#include "file/kept_index_detail.h"
#include "file/object_reader_detail.h"

namespace rook::file {

namespace {

constexpr std::size_t maxSteps = 1'000'000;

Json differenceOf(const KeptIndex::Files& files, const KeptIndex::Files& before) {
    Json changed = Json::object();
    for (const auto& [path, fingerprint] : files) {
        const auto found = before.find(path);
        if (found == before.end() || found->second != fingerprint) changed[path] = fingerprint;
    }
    for (const auto& [path, fingerprint] : before)
        if (!files.contains(path)) changed[path] = nullptr;
    return changed;
}

[[noreturn]] void refuse(const std::string& where) {
    failReading(ErrorKind::BadSyntax, "What was kept of this project cannot be read", where,
                "Go on with what was saved");
}

/// Fingerprints are names of files: nothing else may be one.
bool isFingerprint(const Json& value) {
    if (!value.is_string()) return false;
    const auto& text = value.get_ref<const std::string&>();
    return text.size() == 64 && text.find_first_not_of("0123456789abcdef") == std::string::npos;
}

KeptIndex::Files filesAfter(const KeptIndex::Files& before, const Json& changed,
                            const std::string& where) {
    KeptIndex::Files files = before;
    if (!changed.is_object()) refuse(where);
    for (const auto& [path, fingerprint] : changed.items()) {
        if (fingerprint.is_null())
            files.erase(path);
        else if (isFingerprint(fingerprint))
            files[path] = fingerprint.get<std::string>();
        else
            refuse(where);
    }
    return files;
}

CellRect rectOf(const Json& value) {
    if (!value.is_array() || value.size() != 4) return {};
    int numbers[4] = {};
    for (std::size_t i = 0; i < 4; ++i) {
        if (!value[i].is_number_integer()) return {};
        const auto number = value[i].get<std::int64_t>();
        if (number < -limits::maxBoardCells || number > 2 * limits::maxBoardCells) return {};
        numbers[i] = static_cast<int>(number);
    }
    return {numbers[0], numbers[1], numbers[2], numbers[3]};
}

std::int64_t secondsOf(ObjectReader& reader, const std::string& key) {
    const Json& value = reader.get(key);
    if (!value.is_number_integer()) refuse(reader.whereOf(key));
    return value.get<std::int64_t>();
}

KeptIndex readIndex(ObjectReader& reader) {
    readHeader(reader, "rookplot-kept");
    KeptIndex index;
    index.savedAt = secondsOf(reader, "savedAt");
    index.keptAt = secondsOf(reader, "keptAt");
    index.folder = reader.text("folder");
    index.position = static_cast<std::size_t>(reader.integer("position", 0, maxSteps));
    reader.forEachObject("steps", maxSteps, [&](ObjectReader& item) {
        const KeptIndex::Files before =
            index.steps.empty() ? KeptIndex::Files() : index.steps.back().files;
        index.steps.push_back({item.text("name"),
                               {item.text("level")},
                               rectOf(item.get("touched")),
                               filesAfter(before, item.get("files"), item.where())});
    });
    if (index.position >= index.steps.size()) refuse(reader.whereOf("position"));
    const KeptIndex::Files& now = index.steps[index.position].files;
    index.current = filesAfter(now, reader.get("current"), reader.whereOf("current"));
    index.saved = filesAfter(now, reader.get("saved"), reader.whereOf("saved"));
    return index;
}

}  // namespace

std::string textOf(const KeptIndex& index) {
    JsonLines lines;
    lines.member("format", "rookplot-kept");
    lines.member("version", 1);
    lines.member("savedAt", index.savedAt);
    lines.member("keptAt", index.keptAt);
    lines.member("folder", index.folder);
    lines.member("position", index.position);
    std::vector<std::string> rows;
    KeptIndex::Files before;
    for (const KeptIndex::Step& step : index.steps) {
        const CellRect& at = step.touched;
        rows.push_back(compactText({{"name", step.name},
                                    {"level", step.level.text},
                                    {"touched", {at.x, at.y, at.width, at.height}},
                                    {"files", differenceOf(step.files, before)}}));
        before = step.files;
    }
    lines.list("steps", rows);
    const KeptIndex::Files& now = index.steps[index.position].files;
    lines.member("current", differenceOf(index.current, now));
    lines.member("saved", differenceOf(index.saved, now));
    return lines.take();
}

Result<KeptIndex> readKeptIndex(const std::string& text, const std::string& name) {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        ObjectReader reader(*json, name);
        return readIndex(reader);
    } catch (const ReadFailure& failure) {
        return fail(failure.error);
    }
}

}  // namespace rook::file
