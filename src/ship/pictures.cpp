/// Pictures of levels, out.

#include "level/target_edits.h"
#include "reach/prove.h"
#include "reach/verdict.h"
#include "ship/canvas_detail.h"
#include "ship/level_picture.h"
#include "ship/making_detail.h"
#include "ship/pictures_detail.h"

namespace rook::ship::detail {

namespace {

constexpr Tone verdigris{0x3f, 0xb8, 0xa4};
constexpr Tone plum{0xc4, 0x87, 0xbc};

/// Each cell that a body can be in, washed.
Result<void> addReach(Canvas& canvas, const level::Project& project, const level::Level& level) {
    const auto query = reach::queryOf(project, level);
    if (!query) return fail(query.error());
    const reach::Answer answer = reach::answer(*query);
    const auto& [reached, tables] = answer.onCells();
    const CellSize cell = level.cellSize;
    for (int y = 0; y < level.cells.height(); ++y)
        for (int x = 0; x < level.cells.width(); ++x) {
            const PxRect box = toPx(CellRect{x, y, 1, 1}, cell);
            if (reached.meets(box, tables))
                canvas.fill({box.x, box.y, box.width, box.height}, verdigris, 70);
        }
    return {};
}

void addZones(Canvas& canvas, const level::Level& level) {
    for (const level::Zone& zone : level.zones) {
        const PxRect place = toPx(zone.place, level.cellSize);
        canvas.frame({place.x, place.y, place.width, place.height}, plum);
        canvas.frame({place.x + 1, place.y + 1, place.width - 2, place.height - 2}, plum);
        if (!zone.camera) continue;
        // Camera bounds as corners, so that they are told from zones without colour.
        const PxRect& camera = *zone.camera;
        const int arm = std::max(4, std::min(camera.width, camera.height) / 8);
        for (const int x : {camera.x, camera.right() - arm})
            for (const int y : {camera.y, camera.bottom() - 1})
                canvas.fill({x, y, arm, 1}, plum);
        for (const int y : {camera.y, camera.bottom() - arm})
            for (const int x : {camera.x, camera.right() - 1})
                canvas.fill({x, y, 1, arm}, plum);
    }
}

}  // namespace

Result<Pictures> Pictures::of(const Making& making) {
    Pictures pictures;
    auto sheets = file::sheetBytes(making.storage, making.project, making.folder);
    if (!sheets) return fail(sheets.error());
    pictures.m_project = &making.project;
    pictures.m_sheets = std::move(*sheets);
    auto images = file::imagesOfSheets(making.project, pictures.m_sheets);
    if (!images) return fail(images.error());
    pictures.m_images = std::move(*images);
    // Those behind levels, which are no sheets of tiles.
    for (const auto& [path, bytes] : pictures.m_sheets) {
        if (pictures.m_images.contains(path) || !path.ends_with(".png")) continue;
        auto image = file::readPng(bytes, path);
        if (!image) return fail(image.error());
        pictures.m_images[path] = std::move(*image);
    }
    const auto campaign =
        file::parseJson(file::campaignText(making.project, game::GameProof()), "campaign.json");
    if (!campaign) return fail(campaign.error());
    pictures.m_kinds = (*campaign)["kinds"];
    return pictures;
}

Result<Pictures::Look> Pictures::look(const level::Level& level) const {
    level::Project project = *m_project;
    project.bundle.isPacked = false;
    project.bundle.waysUpTo = level::mostWayTicks;
    const std::string cutPath = "cut tiles";  // no file of a project is called so
    auto baked = file::bakedLevel(project, level, m_images, cutPath, file::Baking::Look);
    if (!baked) return fail(baked.error());
    auto json = file::parseJson(baked->text, level.title);
    if (!json) return fail(json.error());
    Look look{std::move(*json), m_images};
    look.images[cutPath] = std::move(baked->cutTiles);
    return look;
}

const std::string* Pictures::bytesOf(const std::string& path) const {
    const auto found = m_sheets.find(path);
    return found == m_sheets.end() ? nullptr : &found->second;
}

Result<Picture32> Pictures::art(const level::Level& level) const {
    const auto seen = look(level);
    if (!seen) return fail(seen.error());
    return pictureOfBaked(seen->level, m_kinds, seen->images);
}

Result<Picture32> Pictures::of(const level::Level& level,
                               const level::TargetOptions& options) const {
    Picture32 picture;
    const bool isBoard = hasCells(level);
    if (options.shows == level::Shows::Masses && isBoard) {
        if (level.boundsPx().width * std::int64_t{level.boundsPx().height} > file::maxImagePx)
            return fail(ErrorKind::OutOfRange, "The level is too large for one picture",
                        level.title, "Write it as a plan book, which has pages");
        picture = blankOf(level);
        addMasses(picture, *m_project, level, 255);
    } else {
        auto drawn = art(level);
        if (!drawn) return drawn;
        picture = std::move(*drawn);
        if (options.shows == level::Shows::Both && isBoard)
            addMasses(picture, *m_project, level, 110);
    }
    Canvas canvas(std::move(picture));
    if (options.showsReach && isBoard)
        if (const auto done = addReach(canvas, *m_project, level); !done) return fail(done.error());
    if (options.showsZones && isBoard) addZones(canvas, level);
    picture = canvas.take();
    if (std::int64_t{picture.width} * options.scale * picture.height * options.scale >
        file::maxImagePx)
        return fail(ErrorKind::OutOfRange,
                    "At " + std::to_string(options.scale) +
                        " px a px the level is too large for one picture",
                    level.title, "Choose a smaller scale");
    return grown(picture, options.scale);
}

Result<Made> makePictures(const Making& making) {
    Made made;
    const auto pictures = Pictures::of(making);
    if (!pictures) return fail(pictures.error());
    for (const auto& level : level::levelsOf(making.project, making.target)) {
        const auto picture = pictures->of(*level, making.target.options);
        if (!picture) return fail(picture.error());
        made.files[level->id.text + ".png"] = file::writePng(*picture);
        if (!making.goesOn()) return cancelled();
    }
    return made;
}

}  // namespace rook::ship::detail
