#include "file/kind_file.h"

#include "base/limits.h"
#include "file/described_detail.h"

namespace rook::file {

using namespace level;

std::string kindsText(const Project& project) {
    JsonLines lines;
    lines.member("format", "rookplot-kinds");
    lines.member("version", 1);
    std::vector<std::string> rows;
    for (const Kind& kind : project.kinds)
        rows.push_back(compactText(describedJson(FileContext{&project}, kind)));
    lines.list("kinds", rows);
    return lines.take();
}

Result<std::vector<Kind>> kindsOfText(const std::string& text, const std::string& name,
                                      const Project& project) {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        ObjectReader reader(*json, name);
        readHeader(reader, "rookplot-kinds");
        FileContext context{&project};
        std::vector<Kind> kinds;
        reader.forEachObject("kinds", 4096, [&](ObjectReader& item) {
            kinds.push_back(readDescribed<Kind>(item, context));
        });
        return kinds;
    } catch (const ReadFailure& failure) {
        return fail(failure.error);
    }
}

Result<void> writeKinds(Storage& storage, const Path& file, const Project& project) {
    return writeWhole(storage, file, kindsText(project));
}

Result<KindChange> readKinds(Storage& storage, const Path& file, const Project& project) {
    const auto bytes = storage.read(file, limits::maxTextBytes);
    if (!bytes) return fail(bytes.error());
    const auto kinds = kindsOfText(*bytes, file.filename().string(), project);
    if (!kinds) return fail(kinds.error());
    KindChange all{{project, "Take kinds from " + file.filename().string()}, 0, {}};
    for (const Kind& kind : *kinds) {
        if (!all.edit.project.findKind(kind.id)) {
            auto added = addKind(all.edit.project, kind);
            if (!added) return fail(added.error());
            all.edit.project = std::move(added->project);
            continue;
        }
        auto changed = changeKind(all.edit.project, kind.id, kind);
        if (!changed) return fail(changed.error());
        all.edit.project = std::move(changed->edit.project);
        all.changed += changed->changed;
        all.losses.insert(all.losses.end(), changed->losses.begin(), changed->losses.end());
    }
    return all;
}

}  // namespace rook::file
