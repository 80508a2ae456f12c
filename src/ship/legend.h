#pragma once
/// What the characters of a text grid, and the colours of an image map, stand for.

#include <map>
#include <string>
#include <vector>

#include "base/result.h"
#include "level/project.h"

namespace rook::ship {

/// A cell of matter in a form; or an entity of a kind, and the cell that it stands in.
struct Meaning {
    level::Cell cell;
    KindId kind;  ///< empty = nothing stands there
    bool operator==(const Meaning&) const = default;
    bool operator<(const Meaning& other) const {
        return std::pair(kind.text, cell.bits()) < std::pair(other.kind.text, other.cell.bits());
    }
};

/// Levels as grids of meanings: each a number that `list` holds.
struct MeaningGrid {
    std::string level;  ///< id, or title where it was read
    Grid<std::uint16_t> cells{0, 0};
    std::vector<std::string> hidden;  ///< ids of entities that share their cell with another
};
struct Meanings {
    std::vector<Meaning> list;  ///< each once; the first is open
    std::vector<MeaningGrid> levels;
};
/// An entity is shown in the cell of the px (x + floor(w / 2), y + h - 1) of its box.
[[nodiscard]] CellPoint shownAt(const level::Level& level, const level::Entity& entity);
/// Cost: linear in cells and entities.
[[nodiscard]] Meanings meaningsOf(const level::Project& project,
                                  const std::vector<std::shared_ptr<const level::Level>>& levels);

/// A sign each: one character of UTF-8, or "#rrggbb". Open is transparent in colours and stands for
/// no sign there ("").
using Signs = std::map<Meaning, std::string>;
/// Characters: those of matters where they have one and it is free, `/` and `\` for ramps, letters
/// of their title for kinds, else the next that is free. Never ';', which begins a title. All
/// meanings that the project could have by itself come first, so that a level more changes little.
[[nodiscard]] Signs charactersFor(const level::Project& project,
                                  const std::vector<Meaning>& meanings);
/// Colours: those of matters and kinds where they are free, else one near to it.
[[nodiscard]] Signs colorsFor(const level::Project& project, const std::vector<Meaning>& meanings);

/// A legend as a file, format rookplot-legend: what each sign stands for.
[[nodiscard]] std::string legendText(const level::Project& project, const Signs& signs);
/// By sign. Errors: BadSyntax, WrongType; BadReference for matters, forms and kinds that the
/// project does not have.
[[nodiscard]] Result<std::map<std::string, Meaning>> readLegend(const level::Project& project,
                                                                const std::string& text,
                                                                const std::string& name);

}  // namespace rook::ship
