#pragma once
/// Edits of how levels look: themes, chances, rules by which things are strewn, pictures behind
/// and before a level, and what is said of tiles. Places in lists count from 0 and must exist.

#include <functional>

#include "level/edits.h"

namespace rook::level {

/// The themes that swatches, levels and zones name, each once, by name.
[[nodiscard]] std::vector<std::string> themesOf(const Project& project);
[[nodiscard]] LevelEdit setTheme(const Level& level, const std::string& theme);
[[nodiscard]] LevelEdit setBackdrop(const Level& level, const std::string& backdrop);
/// `name`: "Roll the dressing".
[[nodiscard]] LevelEdit setChance(const Level& level, const Chance& chance,
                                  const std::string& name);

/// Errors: OutOfRange for more than 64.
[[nodiscard]] Result<LevelEdit> addScatterRule(const Level& level, const ScatterRule& rule);
[[nodiscard]] LevelEdit changeScatterRule(const Level& level, std::size_t at,
                                          const ScatterRule& rule, const std::string& name);
[[nodiscard]] LevelEdit removeScatterRule(const Level& level, std::size_t at);
/// The rule takes that place, and those between move up or down by one.
[[nodiscard]] LevelEdit moveScatterRule(const Level& level, std::size_t from, std::size_t to);

/// The nearest picture of the level's backdrop; of one of its own if it has none.
[[nodiscard]] ProjectEdit addPicture(const Project& project, const Level& level,
                                     const Picture& picture);
[[nodiscard]] ProjectEdit changePicture(const Project& project, const std::string& backdrop,
                                        std::size_t at, const Picture& picture,
                                        const std::string& name);
/// One place nearer (1) or farther (-1), as far as there is one.
[[nodiscard]] ProjectEdit movePicture(const Project& project, const std::string& backdrop,
                                      std::size_t at, int by);
[[nodiscard]] ProjectEdit removePicture(const Project& project, const std::string& backdrop,
                                        std::size_t at);

/// The tile moves from now on, in place of how it moved before. Requires: the project has its
/// sheet.
[[nodiscard]] ProjectEdit animateTile(const Project& project, int sheet,
                                      const TileAnimation& animation);
[[nodiscard]] ProjectEdit holdTileStill(const Project& project, int sheet, int tile);
/// Changes what is said of each of these tiles, blank ones left out; a note that says nothing any
/// more goes.
[[nodiscard]] ProjectEdit changeTileNotes(const Project& project, const std::vector<Tile>& tiles,
                                          const std::function<void(TileNote&)>& change,
                                          const std::string& name);

}  // namespace rook::level
