#include "ship/kept_reports.h"

#include <algorithm>
#include <filesystem>

#include "file/hash.h"
#include "file/kit_file.h"
#include "file/project_file.h"
#include "file/storage.h"
#include "ship/report_parts.h"

namespace rook::ship {

namespace {

constexpr std::size_t mostBytes = 64u << 20;

/// Of this very program: another build may find other things.
const std::string& programHash() {
    static const std::string hash = [] {
        const auto bytes = file::diskStorage().read("/proc/self/exe", 1u << 30);
        // Without it nothing is found again, which is right and slow.
        return bytes ? file::sha256(*bytes) : file::freshName("program");
    }();
    return hash;
}

std::string fileHash(const std::string& folder, const std::string& path) {
    const auto bytes = file::diskStorage().read(file::Path(folder) / path, mostBytes);
    return bytes ? file::sha256(*bytes) : "none";
}

/// A level without what is laid, painted and sketched there.
std::string castHash(const level::Project& project, const level::Level& level) {
    level::Level bare = level;
    bare.cells = Grid<level::Cell>(1, 1);
    bare.tiles = Grid<level::Tile>(0, 0);
    bare.layers = {};
    bare.sketch = {};
    return file::sha256(file::levelText(project, bare));
}

bool isDecided(const check::Finding& finding) {
    using enum check::FindingKind;
    return finding.kind != NotDecided && finding.kind != WinNotDecided &&
           finding.kind != NotAudited && finding.kind != PuzzleNotSolved;
}

}  // namespace

KeptReports::KeptReports(std::string cache, const std::string& folder,
                         const level::Project& project, const check::ReportWish& wish)
    : m_cache(std::move(cache)), m_project(project) {
    std::string all = programHash() + (wish.isDeep ? " deep" : "") +
                      (wish.holdsToPlan ? " plan" : "") + file::projectText(project);
    for (const level::Kit& kit : project.kits)
        all += file::sha256(file::kitText(kit));
    for (const auto& swatch : project.swatches)
        all += file::sha256(file::levelText(project, *swatch));
    for (const level::Sheet& sheet : project.sheets)
        all += fileHash(folder, sheet.path);
    for (const level::Backdrop& backdrop : project.backdrops)
        for (const level::Picture& picture : backdrop.pictures)
            all += fileHash(folder, picture.path);
    m_common = file::sha256(all);
    for (const auto& level : project.levels)
        m_cast[level->id.text] = castHash(project, *level);
}

std::string KeptReports::keyOf(const level::Level& level) const {
    std::string all = m_common + file::levelText(m_project, level);
    level.sketch.forEachUnderlay([&](const level::Underlay& underlay) {
        all += underlay.picture.bytes ? "seen" : "missing";
    });
    for (const auto& [id, hash] : m_cast)
        if (id != level.id.text) all += id + hash;
    return file::sha256(all);
}

std::optional<std::vector<check::Finding>> KeptReports::find(const std::string& key) const {
    const file::Path path = file::Path(m_cache) / key.substr(0, 2) / key;
    const auto text = file::diskStorage().read(path, mostBytes);
    if (!text || text->size() < 65 || (*text)[64] != '\n') return std::nullopt;
    const std::string body = text->substr(65);
    if (file::sha256(key + body) != text->substr(0, 64)) return std::nullopt;
    auto findings = readFindings(body, path.string());
    if (!findings) return std::nullopt;
    return std::move(*findings);
}

void KeptReports::keep(const std::string& key, const std::vector<check::Finding>& findings) const {
    if (!std::all_of(findings.begin(), findings.end(), isDecided)) return;
    const file::Path folder = file::Path(m_cache) / key.substr(0, 2);
    file::Storage& storage = file::diskStorage();
    const std::string body = findingsText(findings);
    if (storage.makeFolder(file::realPath(folder)))
        (void)file::writeWhole(storage, file::realPath(folder) / key,
                               file::sha256(key + body) + "\n" + body)
            .has_value();
}

}  // namespace rook::ship
