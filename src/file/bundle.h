#pragma once
/// The export bundle: what a game loads. See docs/format-bundle.md.

#include <map>
#include <string>
#include <vector>

#include "base/result.h"
#include "collide/shapes.h"
#include "file/png.h"
#include "file/storage.h"
#include "game/proof.h"
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

/// The files of a bundle but its manifest, by relative path. `sheets` holds the bytes of each
/// project sheet by its path. Errors: from motion profiles.
[[nodiscard]] Result<std::map<std::string, std::string>> bundleFiles(
    const level::Project& project, const std::map<std::string, std::string>& sheets);

/// Images of a project by their paths.
using Images = std::map<std::string, Picture32>;

/// A level as games get it: its file, and a picture of the tiles that are cut to slopes and halves;
/// of no width if there are none.
struct BakedLevel {
    std::string text;
    Picture32 cutTiles;
};
/// `cutPath` is where that picture will stand in the bundle. Where a sheet is not among `images`,
/// its tiles are left whole. A level is solved, and the run that gets to its exit baked in, with
/// its comfort. Errors: from motion profiles; a door that opens with something that is not there;
/// ways that are too long to be written.
[[nodiscard]] Result<BakedLevel> bakedLevel(const level::Project& project,
                                            const level::Level& level, const Images& images,
                                            const std::string& cutPath);

/// The text of campaign.json, with the proof of the whole game, of levels/<id>.level.json without
/// any picture, and of placements.csv. Errors: as `bakedLevel`.
[[nodiscard]] std::string campaignText(const level::Project& project, const game::GameProof& proof);
[[nodiscard]] Result<std::string> bakedLevelText(const level::Project& project,
                                                 const level::Level& level);
[[nodiscard]] std::string placementsText(const level::Project& project);

/// Collision shapes by themselves, as JSON; the members are those of `collision` in a level file.
[[nodiscard]] std::string collisionText(const collide::CollisionShapes& shapes);

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
