#pragma once
/// The export bundle: what a game loads. See docs/format-bundle.md.

#include <functional>
#include <map>
#include <string>
#include <vector>

#include "base/result.h"
#include "collide/shapes.h"
#include "file/png.h"
#include "file/solved.h"
#include "file/storage.h"
#include "level/project.h"
#include "motion/step_tables.h"
#include "reach/verdict.h"

namespace rook::file {

/// What was written: paths relative to the bundle, in order, with bytes.
struct WrittenFile {
    std::string path;
    std::size_t bytes = 0;
    std::string sha256;
    bool operator==(const WrittenFile&) const = default;
};

/// Images of a project by their paths.
using Images = std::map<std::string, Picture32>;

/// Called when one more level is done, one call at a time, from two threads; false if the rest is
/// not wanted any more.
using GoesOn = std::function<bool()>;

/// The files of a bundle but its manifest, by relative path. `sheets` holds the bytes of each
/// project sheet by its path. Two threads look at levels; the files are the same as by one, and
/// whatever is `solved`, which gives and takes what was solved before. Errors: from motion
/// profiles; NotApplicable where `goesOn` says no.
[[nodiscard]] Result<std::map<std::string, std::string>> bundleFiles(
    const level::Project& project, const std::map<std::string, std::string>& sheets,
    const GoesOn& goesOn = nullptr, Solved* solved = nullptr);
/// Those that tiles are cut from, of the bytes of `sheetBytes`. Errors: as `readPng`.
[[nodiscard]] Result<Images> imagesOfSheets(const level::Project& project,
                                            const std::map<std::string, std::string>& sheets);
/// The bytes of the sheets, pictures and models of a project, by their paths.
/// Errors: UnsafePath, and of reading.
[[nodiscard]] Result<std::map<std::string, std::string>> sheetBytes(Storage& storage,
                                                                    const level::Project& project,
                                                                    const Path& projectFolder);
inline constexpr const char* manifestName = "manifest.json";
/// The manifest of such files.
[[nodiscard]] std::string manifestOf(const std::map<std::string, std::string>& files);

/// A level as games get it: its file, and a picture of the tiles that are cut to slopes and halves;
/// of no width if there are none.
struct BakedLevel {
    std::string text;
    Picture32 cutTiles;
};
/// What of a level is baked: all; or without what has to be solved for (its proof, and where one
/// comes back in zones), for those who draw it.
enum class Baking : unsigned char { Whole, Look };
/// `cutPath` is where that picture will stand in the bundle. Where a sheet is not among `images`,
/// its tiles are left whole. A level is solved, and the run that gets to its exit baked in, with
/// its comfort. Errors: from motion profiles; a door that opens with something that is not there;
/// ways that are too long to be written.
[[nodiscard]] Result<BakedLevel> bakedLevel(const level::Project& project,
                                            const level::Level& level, const Images& images,
                                            const std::string& cutPath,
                                            Baking baking = Baking::Whole);

/// The text of campaign.json, with the proof of the whole game, of levels/<id>.level.json without
/// any picture, and of placements.csv. Errors: as `bakedLevel`.
[[nodiscard]] std::string campaignText(const level::Project& project, const game::GameProof& proof);
[[nodiscard]] Result<std::string> bakedLevelText(const level::Project& project,
                                                 const level::Level& level);
/// How a table says where things are: the corner of the box in px from the level's upper left
/// corner, or up from its lower edge to the box's, or either in cells. The header says which: x, y;
/// y-up; x-cells, y-cells; y-up-cells.
struct PlaceColumns {
    bool isUp = false;
    bool areCells = false;
};
[[nodiscard]] std::string placementsText(const level::Project& project,
                                         const PlaceColumns& columns = {});

/// Collision shapes by themselves, as JSON; the members are those of `collision` in a level file.
[[nodiscard]] std::string collisionText(const collide::CollisionShapes& shapes);

/// Whether a folder is new, empty or a bundle. Errors: NotApplicable if not.
[[nodiscard]] Result<void> mayTakeBundle(Storage& storage, const Path& target);
/// Writes the files of a bundle and their manifest. Errors: as `exportBundle`.
[[nodiscard]] Result<std::vector<WrittenFile>> writeBundle(
    Storage& storage, const std::map<std::string, std::string>& files, const Path& target);
/// Writes the bundle beside `target` and puts it in its place at once; a failed export leaves the
/// former one. Files in `target` that the former manifest does not list are kept.
/// Errors: NotApplicable if `target` holds files but is no bundle; and those of reading and
/// writing.
[[nodiscard]] Result<std::vector<WrittenFile>> exportBundle(Storage& storage,
                                                            const level::Project& project,
                                                            const Path& projectFolder,
                                                            const Path& target);

/// The query of reach for an exported level, by the motion tables that stand in the file.
/// Errors: BadSyntax with line and column; else the sentence of the runtime loader.
[[nodiscard]] Result<reach::Query> askOfBakedLevel(const std::string& text,
                                                   const std::string& name);

/// The JSON Schemas of all formats, by file name.
[[nodiscard]] const std::map<std::string, std::string>& schemas();

}  // namespace rook::file
