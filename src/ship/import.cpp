#include "ship/import.h"

#include <algorithm>

#include "base/limits.h"
#include "base/printable.h"
#include "file/baked_import.h"
#include "file/json_text.h"
#include "file/kind_file.h"
#include "file/model_file.h"
#include "file/placements.h"
#include "file/png.h"
#include "file/sheet_import.h"
#include "kit/mesh.h"
#include "kit/pieces.h"
#include "level/kind_edits.h"

namespace rook::ship {

using namespace level;

namespace {

constexpr std::string_view sortNames[] = {"text-grid", "image-map", "placements", "level",
                                          "kinds",     "sheet",     "piece"};

std::string stemOf(const std::string& name) {
    const file::Path path(printableLine(name));
    std::string stem = path.stem().string();
    if (stem.ends_with(".level")) stem.resize(stem.size() - 6);
    return stem.empty() ? name : stem;
}

/// "intake" as "Intake".
std::string titleOfFile(const std::string& name) {
    std::string title = stemOf(name);
    std::replace(title.begin(), title.end(), '_', ' ');
    if (!title.empty() && title[0] >= 'a' && title[0] <= 'z')
        title[0] = static_cast<char>(title[0] - 'a' + 'A');
    return title;
}

std::string counted(std::size_t count, const char* one, const char* many) {
    return std::to_string(count) + " " + (count == 1 ? one : many);
}

class Previewing {
public:
    Previewing(const Project& project, const std::string& name, const std::string& bytes,
               const ImportWish& wish)
        : m_project(project), m_name(name), m_bytes(bytes), m_wish(wish) {}

    Result<ImportPreview> preview(ImportSort sort) {
        m_preview.sort = sort;
        m_preview.name = m_name;
        Result<void> done;
        switch (sort) {
            case ImportSort::TextGrid:
            case ImportSort::ImageMap:
                done = readGrid(sort);
                break;
            case ImportSort::Placements:
                done = readTable();
                break;
            case ImportSort::BakedLevel:
                done = readBaked();
                break;
            case ImportSort::Kinds:
                done = readKindFile();
                break;
            case ImportSort::Sheet:
                done = lookAtSheet();
                break;
            case ImportSort::Piece:
                m_preview.changes.push_back("A piece of the kit " + kitTitle() +
                                            ", fitted to whole modules.");
                if (m_project.kits.empty())
                    done = fail(ErrorKind::NotApplicable, "The project has no kit for a piece",
                                m_name, "Make a level of pieces first");
                break;
        }
        if (!done) return fail(done.error());
        return std::move(m_preview);
    }

private:
    [[nodiscard]] std::shared_ptr<const Level> into() const {
        return m_wish.into.isEmpty() ? nullptr : m_project.findLevel(m_wish.into);
    }
    [[nodiscard]] std::string kitTitle() const {
        const Kit* kit = into() ? m_project.kitOf(*into()) : nullptr;
        if (kit) return kit->title;
        return m_project.kits.empty() ? "" : m_project.kits.begin()->title;
    }

    Result<void> readGrid(ImportSort sort) {
        LegendOfSigns legend;
        if (!m_wish.legend.empty()) {
            auto read = readLegend(m_project, m_wish.legend, "the legend of " + m_name);
            if (!read) return fail(read.error());
            legend = std::move(*read);
        }
        auto reading = sort == ImportSort::TextGrid
                           ? readTextGrid(m_project, m_bytes, m_name, legend)
                           : readImageMap(m_project, m_bytes, m_name, legend);
        if (!reading) return fail(reading.error());
        for (MetSign& sign : reading->signs)
            if (const auto choice = m_wish.choices.find(sign.sign);
                choice != m_wish.choices.end()) {
                sign.meaning = choice->second;
                sign.distance.reset();
            }
        tellUnknown(*reading);
        if (const auto level = into()) {
            auto edit = replaceBoard(m_project, *level, *reading);
            if (!edit) return fail(edit.error());
            m_preview.changes.push_back("The cells and cast of " + level->title + " become " +
                                        boardWords(reading->boards[0]) + ".");
            m_preview.edit = ProjectEdit{m_project.withLevel(std::move(edit->level)), edit->name};
            m_preview.shown = level->id;
        } else {
            NewLevel usual = usualLevel(m_project, LevelKind::Side, {});
            usual.title = titleOfFile(m_name);
            auto added = addBoards(m_project, *reading, usual, m_name);
            if (!added) return fail(added.error());
            tellNew(*reading, added->edit.project);
            m_preview.edit = std::move(added->edit);
            m_preview.shown = added->level;
        }
        m_preview.reading = std::move(*reading);
        return {};
    }
    static std::string boardWords(const GridReading::Board& board) {
        return std::to_string(board.cells.width()) + " x " + std::to_string(board.cells.height()) +
               " cells";
    }
    void tellNew(const GridReading& reading, const Project& after) {
        const std::size_t first = after.levels.size() - reading.boards.size();
        const std::size_t told = std::min<std::size_t>(reading.boards.size(), 8);
        for (std::size_t i = 0; i < told; ++i)
            m_preview.changes.push_back("A new level " + after.levels[first + i]->title + " of " +
                                        boardWords(reading.boards[i]) + ".");
        if (told < reading.boards.size())
            m_preview.changes.push_back(
                "And " + counted(reading.boards.size() - told, "level", "levels") + " more.");
    }
    void tellUnknown(const GridReading& reading) {
        const std::int64_t count = reading.unknownCount();
        if (count == 0) return;
        std::string signs;
        int named = 0;
        for (const MetSign& sign : reading.signs)
            if (!sign.meaning && ++named <= 6) signs += (named > 1 ? ", " : "") + sign.sign;
        m_preview.notKept.push_back(
            counted(static_cast<std::size_t>(count), "cell has", "cells have") +
            " a sign that stands for nothing (" + printableLine(signs) +
            (named > 6 ? " and more" : "") + "): " + (count == 1 ? "it becomes" : "they become") +
            " open.");
    }

    Result<void> readTable() {
        auto change = file::readPlacements(m_bytes, m_name, m_project);
        if (!change) return fail(change.error());
        m_preview.changes = std::move(change->lines);
        if (m_preview.changes.empty())
            m_preview.changes.push_back("Nothing: all is as the table says.");
        m_preview.edit = std::move(change->edit);
        return {};
    }

    Result<void> readBaked() {
        auto baked = file::readBakedLevel(m_project, m_bytes, m_name);
        if (!baked) return fail(baked.error());
        m_preview.notKept = std::move(baked->notKept);
        Level level = std::move(baked->level);
        const std::string size = std::to_string(level.cells.width()) + " x " +
                                 std::to_string(level.cells.height()) + " cells and " +
                                 counted(level.entities.size(), "thing", "things");
        if (const auto former = into()) {
            Level next = *former;
            next.cellSize = level.cellSize;
            next.cells = std::move(level.cells);
            next.entities = std::move(level.entities);
            next.zones = std::move(level.zones);
            next.tiles = std::move(level.tiles);
            next.layers = std::move(level.layers);
            next.edges = level.edges;
            m_preview.changes.push_back(former->title + " becomes " + size +
                                        ", its zones, layers "
                                        "and edges those of the file.");
            m_preview.shown = former->id;
            m_preview.edit =
                ProjectEdit{m_project.withLevel(std::move(next)), "Import into " + former->title};
            return {};
        }
        NewLevel wish = usualLevel(m_project, level.kind, {});
        wish.title = level.title;
        wish.kind = level.kind;
        wish.columns = level.cells.width();
        wish.rows = level.cells.height();
        wish.cellSize = level.cellSize;
        auto added = addLevel(m_project, wish);
        if (!added) return fail(added.error());
        const auto empty = added->edit.project.findLevel(added->level);
        level.id = empty->id;
        level.title = empty->title;
        level.profile = empty->profile;
        level.backdrop = empty->backdrop;
        m_preview.changes.push_back("A new level " + empty->title + " of " + size + ".");
        m_preview.shown = added->level;
        m_preview.edit =
            ProjectEdit{added->edit.project.withLevel(std::move(level)), "Import " + m_name};
        return {};
    }

    Result<void> readKindFile() {
        const auto kinds = file::kindsOfText(m_bytes, m_name, m_project);
        if (!kinds) return fail(kinds.error());
        ProjectEdit edit{m_project, "Take kinds from " + m_name};
        for (const Kind& kind : *kinds) {
            if (!edit.project.findKind(kind.id)) {
                auto added = addKind(edit.project, kind);
                if (!added) return fail(added.error());
                edit.project = std::move(added->project);
                m_preview.changes.push_back("A new kind " + kind.title + ".");
                continue;
            }
            auto changed = changeKind(edit.project, kind.id, kind);
            if (!changed) return fail(changed.error());
            if (*edit.project.findKind(kind.id) == kind) continue;
            edit.project = std::move(changed->edit.project);
            m_preview.changes.push_back("The kind " + kind.title + " changes, and " +
                                        std::to_string(changed->changed) + " of the cast with it.");
            m_preview.notKept.insert(m_preview.notKept.end(), changed->losses.begin(),
                                     changed->losses.end());
        }
        if (m_preview.changes.empty())
            m_preview.changes.push_back("Nothing: all kinds are as the file says.");
        m_preview.edit = std::move(edit);
        return {};
    }

    Result<void> lookAtSheet() {
        const auto size = file::pngSize(m_bytes, m_name);
        if (!size) return fail(size.error());
        const file::CutTiles tiles =
            file::tilesOf({m_wish.tile, 0, 0, {}}, size->width, size->height);
        if (tiles.columns * tiles.rows == 0)
            return fail(ErrorKind::OutOfRange, "Not one tile fits into the picture", m_name,
                        "Give a smaller size of tiles");
        m_preview.changes.push_back("A new sheet of " + std::to_string(tiles.columns) + " x " +
                                    std::to_string(tiles.rows) + " tiles.");
        if (tiles.leftOverX > 0 || tiles.leftOverY > 0)
            m_preview.notKept.push_back(std::to_string(tiles.leftOverX) + " px at the right and " +
                                        std::to_string(tiles.leftOverY) +
                                        " px below are in no tile.");
        return {};
    }

    const Project& m_project;
    const std::string& m_name;
    const std::string& m_bytes;
    const ImportWish& m_wish;
    ImportPreview m_preview;
};

Result<ProjectEdit> takePiece(file::Storage& storage, const file::Path& folder,
                              const Project& project, const file::Path& source,
                              const ImportWish& wish) {
    const auto level = wish.into.isEmpty() ? nullptr : project.findLevel(wish.into);
    const Kit* kit = level ? project.kitOf(*level) : nullptr;
    if (!kit) kit = &*project.kits.begin();
    const auto bytes = storage.read(source, file::maxModelBytes);
    if (!bytes) return fail(bytes.error());
    const auto mesh =
        file::readModel(storage, source.parent_path(), source.filename().string(), *bytes);
    if (!mesh) return fail(mesh.error());
    const std::string profile = kit->profiles.empty() ? "" : kit->profiles.begin()->name;
    auto found = kit::examined(*kit, *mesh, source.stem().string(), profile);
    if (!found) return fail(found.error());
    Piece piece = std::move(found->piece);
    const kit::Mesh fitted = kit::fitted(*kit, *mesh, piece);
    piece.measure.reset();
    piece.name = kit::freshPieceName(*kit, piece.title);
    piece.model = "kits/" + piece.name + ".glb";
    const auto written = file::writeInside(storage, folder, piece.model,
                                           file::glbOf(fitted, piece.title, piece.color));
    if (!written) return fail(written.error());
    return kit::changePiece(project, kit->name, {}, std::move(piece));
}

}  // namespace

std::string_view nameOf(ImportSort sort) {
    return sortNames[static_cast<std::size_t>(sort)];
}

std::optional<ImportSort> importSortOf(std::string_view name) {
    const auto found = std::find(std::begin(sortNames), std::end(sortNames), name);
    if (found == std::end(sortNames)) return std::nullopt;
    return static_cast<ImportSort>(found - std::begin(sortNames));
}

Result<ImportSort> sortOfFile(const std::string& name, const std::string& bytes) {
    std::string ending = file::Path(name).extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c; });
    if (bytes.starts_with("\x89PNG")) return ImportSort::ImageMap;
    if (ending == ".csv") return ImportSort::Placements;
    if (ending == ".json") {
        // Which of them stands in its first line or two.
        const std::string head = bytes.substr(0, 400);
        return head.find("rookplot-kinds") != std::string::npos ? ImportSort::Kinds
                                                                : ImportSort::BakedLevel;
    }
    if (ending == ".glb" || ending == ".gltf" || ending == ".obj") return ImportSort::Piece;
    if (ending == ".txt" || ending == ".text" || ending.empty()) return ImportSort::TextGrid;
    return fail(ErrorKind::NotApplicable, "It is not known what this file is", name,
                "Choose what it is, such as a text grid");
}

Result<ImportPreview> previewImport(const Project& project, const std::string& name,
                                    const std::string& bytes, const ImportWish& wish) {
    if (!wish.into.isEmpty() && !project.findLevel(wish.into))
        return fail(ErrorKind::BadReference, "There is no level " + wish.into.text, name,
                    "Name one that the project has, or new");
    auto sort = wish.as ? Result<ImportSort>(*wish.as) : sortOfFile(name, bytes);
    if (!sort) return fail(sort.error());
    return Previewing(project, name, bytes, wish).preview(*sort);
}

Result<ProjectEdit> takeImport(file::Storage& storage, const file::Path& folder,
                               const Project& project, const ImportPreview& preview,
                               const file::Path& source, const ImportWish& wish) {
    if (preview.edit) return *preview.edit;
    if (preview.sort == ImportSort::Sheet)
        return file::importSheet(storage, folder, project, source, {wish.tile, 0, 0, {}});
    return takePiece(storage, folder, project, source, wish);
}

}  // namespace rook::ship
