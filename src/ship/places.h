#pragma once
/// Where the targets of a project lie for one person: those folders that the project does not name.

#include "file/storage.h"
#include "level/target.h"

namespace rook::ship {

/// Absolute folders by target, of one project; they stand in the settings of a person.
using Places = std::map<std::string, std::string>;

/// $XDG_CONFIG_HOME/rookplot/places.json, else below ~/.config.
[[nodiscard]] file::Path placesFile();
/// None where there is no such file. Errors: BadSyntax for one that is not ours.
[[nodiscard]] Result<Places> readPlaces(file::Storage& storage, const file::Path& file,
                                        const file::Path& project);
/// Those of other projects are kept. Errors: as above, and of writing.
[[nodiscard]] Result<void> writePlaces(file::Storage& storage, const file::Path& file,
                                       const file::Path& project, const Places& places);

/// The folder of a target: what the project says, else the person's own. Errors: BadReference where
/// neither says anything; UnsafePath for the project's own folder, or one that it lies in.
[[nodiscard]] Result<file::Path> placeOf(const level::Target& target, const file::Path& project,
                                         const Places& places);

}  // namespace rook::ship
