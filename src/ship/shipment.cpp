#include "ship/shipment.h"

#include <algorithm>

#include "base/limits.h"
#include "file/hash.h"
#include "file/json_text.h"
#include "level/target_edits.h"
#include "ship/making_detail.h"

namespace rook::ship {

using file::Path;
using level::TargetFormat;

namespace detail {

bool hasCells(const level::Level& level) {
    return level.kind == level::LevelKind::Side || level.kind == level::LevelKind::Above;
}

std::string leftOut(const level::Level& level, const std::string& format) {
    const bool isKit = level.kind == level::LevelKind::Kit;
    return level.title + " is " + (isKit ? "a board of pieces" : "a puzzle level") + ", which " +
           format + " cannot tell: it is not written.";
}

std::vector<std::shared_ptr<const level::Level>> boardsOf(const Making& making,
                                                          const std::string& format, Made& made) {
    std::vector<std::shared_ptr<const level::Level>> boards;
    for (const auto& level : level::levelsOf(making.project, making.target)) {
        if (hasCells(*level))
            boards.push_back(level);
        else
            made.notes.push_back(leftOut(*level, format));
    }
    return boards;
}

Result<Made> makeBundle(const Making& making) {
    Made made;
    level::Project project = making.project;
    project.levels = level::levelsOf(making.project, making.target);
    if (project.levels.empty())
        return fail(ErrorKind::BadReference, "None of the levels of this target is there",
                    making.target.name, "Choose others");
    auto sheets = file::sheetBytes(making.storage, project, making.folder);
    if (!sheets) return fail(sheets.error());
    auto files = file::bundleFiles(
        project, *sheets, [&] { return making.goesOn(); }, making.solved);
    if (!files) return fail(files.error());
    made.files = std::move(*files);
    return made;
}

}  // namespace detail

namespace {

Result<Made> madeBy(const Making& making) {
    switch (making.target.format) {
        case TargetFormat::Bundle:
            return detail::makeBundle(making);
        case TargetFormat::TextGrid:
            return detail::makeTextGrid(making);
        case TargetFormat::ImageMap:
            return detail::makeImageMap(making);
        case TargetFormat::Placements:
            return detail::makePlacements(making);
        case TargetFormat::Picture:
            return detail::makePictures(making);
        case TargetFormat::Plan:
            return detail::makePlans(making);
        case TargetFormat::PlanBook:
            return detail::makePlanBook(making);
        case TargetFormat::Model:
            return detail::makeModels(making);
        case TargetFormat::Findings:
            return detail::makeFindings(making);
        case TargetFormat::Recipe:
            return detail::makeByRecipe(making);
        case TargetFormat::PlayPage:
            return detail::makePlayPage(making);
    }
    return Made{};
}

std::string recordText(const Files& files) {
    file::JsonLines lines;
    lines.member("format", "rookplot-written");
    lines.member("version", 1);
    std::vector<std::string> rows;
    for (const auto& [path, bytes] : files)
        rows.push_back(file::compactText({{"path", path}, {"sha256", file::sha256(bytes)}}));
    lines.list("files", rows);
    return lines.take();
}

/// What a record says was written: hashes by path. Nothing where there is none of ours.
std::map<std::string, std::string> writtenBefore(file::Storage& storage, const Shipment& shipment) {
    std::map<std::string, std::string> hashes;
    const auto text = storage.read(shipment.folder / shipment.record, limits::maxTextBytes);
    if (!text) return hashes;
    const auto json = file::parseJson(*text, shipment.record);
    if (!json || !json->is_object() || !json->contains("files") || !(*json)["files"].is_array())
        return hashes;
    for (const file::Json& row : (*json)["files"])
        if (row.is_object() && row.contains("path") && row["path"].is_string() &&
            row.contains("sha256") && row["sha256"].is_string())
            hashes[row["path"].get<std::string>()] = row["sha256"].get<std::string>();
    return hashes;
}

/// The hash of what lies at a path; empty where nothing does.
Result<std::string> hashThere(file::Storage& storage, const Shipment& shipment,
                              const std::string& path, std::size_t* bytes = nullptr) {
    const auto place = file::pathInside(shipment.folder, path);
    if (!place) return fail(place.error());
    if (!storage.exists(*place)) return std::string();
    const auto there = storage.read(*place, std::size_t{1} << 30);
    if (!there) return fail(there.error());
    if (bytes) *bytes = there->size();
    return file::sha256(*there);
}

FileState stateOf(const std::string& there, const std::string& next, const std::string* written) {
    if (there.empty()) return FileState::New;
    if (there == next) return FileState::Same;
    if (!written) return FileState::Foreign;
    return *written == there ? FileState::Changed : FileState::Edited;
}

Result<void> compare(file::Storage& storage, Shipment& shipment) {
    const auto before = writtenBefore(storage, shipment);
    Files next = shipment.made.files;
    if (shipment.isBundle) next[file::manifestName] = file::manifestOf(shipment.made.files);
    for (const auto& [path, bytes] : next) {
        const auto there = hashThere(storage, shipment, path);
        if (!there) return fail(there.error());
        const auto known = before.find(path);
        const bool isOwn = known != before.end() || (shipment.isBundle && !before.empty());
        // A bundle is exchanged as a whole: what its manifest names is its own.
        const std::string* written = !isOwn || shipment.isBundle ? nullptr : &known->second;
        FileState state = stateOf(*there, file::sha256(bytes), written);
        if (shipment.isBundle && state == FileState::Foreign) state = FileState::Changed;
        shipment.planned.push_back({path, bytes.size(), state});
    }
    for (const auto& [path, hash] : before) {
        if (next.contains(path)) continue;
        std::size_t bytes = 0;
        const auto there = hashThere(storage, shipment, path, &bytes);
        if (!there) return fail(there.error());
        // What somebody changed since is theirs, and stays.
        if (there->empty() || (*there != hash && !shipment.isBundle)) continue;
        shipment.planned.push_back({path, bytes, FileState::Gone});
    }
    std::sort(shipment.planned.begin(), shipment.planned.end(),
              [](const PlannedFile& a, const PlannedFile& b) { return a.path < b.path; });
    return {};
}

}  // namespace

std::string_view nameOf(FileState state) {
    constexpr std::string_view names[] = {"new", "changed", "same", "gone", "edited", "foreign"};
    return names[static_cast<std::size_t>(state)];
}

Result<Made> filesOf(const Making& making) {
    if (making.progress)
        making.progress->all =
            static_cast<int>(level::levelsOf(making.project, making.target).size());
    auto made = madeBy(making);
    if (!made) return made;
    for (const LevelId& id : making.target.levels)
        if (!making.project.findLevel(id))
            made->notes.push_back("There is no level " + id.text + ".");
    return made;
}

std::size_t Shipment::count(FileState state) const {
    return static_cast<std::size_t>(
        std::count_if(planned.begin(), planned.end(),
                      [state](const PlannedFile& each) { return each.state == state; }));
}

bool Shipment::isCurrent() const {
    return count(FileState::Same) == planned.size();
}

const PlannedFile* Shipment::inTheWay() const {
    const auto found = std::find_if(planned.begin(), planned.end(), [](const PlannedFile& each) {
        return each.state == FileState::Edited || each.state == FileState::Foreign;
    });
    return found == planned.end() ? nullptr : &*found;
}

Result<Shipment> planShipment(const Making& making, const Path& to) {
    if (making.target.format == TargetFormat::Bundle)
        if (const auto may = file::mayTakeBundle(making.storage, to); !may)
            return fail(may.error());
    auto made = filesOf(making);
    if (!made) return fail(made.error());
    Shipment shipment;
    shipment.folder = file::realPath(std::filesystem::absolute(to).lexically_normal());
    shipment.isBundle = making.target.format == TargetFormat::Bundle;
    shipment.record =
        shipment.isBundle ? file::manifestName : ".rookplot-" + making.target.name + ".json";
    shipment.made = std::move(*made);
    if (const auto done = compare(making.storage, shipment); !done) return fail(done.error());
    return shipment;
}

namespace {

Result<void> writeFiles(file::Storage& storage, const Shipment& shipment) {
    if (const auto made = storage.makeFolder(shipment.folder); !made) return made;
    for (const PlannedFile& each : shipment.planned) {
        if (each.state == FileState::Same) continue;
        if (each.state == FileState::Gone) {
            const auto place = file::pathInside(shipment.folder, each.path);
            if (!place) return fail(place.error());
            if (const auto gone = storage.remove(*place); !gone) return gone;
            continue;
        }
        const auto done = file::writeInside(storage, shipment.folder, each.path,
                                            shipment.made.files.at(each.path));
        if (!done) return done;
    }
    return file::writeInside(storage, shipment.folder, shipment.record,
                             recordText(shipment.made.files));
}

}  // namespace

Result<void> writeShipment(file::Storage& storage, const Shipment& shipment, bool writesOver) {
    if (const PlannedFile* there = shipment.inTheWay(); there && !writesOver) {
        const bool isEdited = there->state == FileState::Edited;
        return fail(ErrorKind::NotApplicable,
                    isEdited ? "A file was changed by somebody since this target wrote it"
                             : "There is a file that this target did not write",
                    (shipment.folder / there->path).string(),
                    isEdited ? "Import what was changed, or write over it"
                             : "Move it, choose another folder, or write over it");
    }
    if (!shipment.isBundle) return writeFiles(storage, shipment);
    const auto written = file::writeBundle(storage, shipment.made.files, shipment.folder);
    if (!written) return fail(written.error());
    return {};
}

}  // namespace rook::ship
