#pragma once
/// What swatches teach: which tiles a cell may wear, by its matter, form, exposure and depth, and
/// what grows on the open cells beside a surface.

#include <map>
#include <memory>
#include <optional>

#include "base/noise.h"
#include "skin/exposure.h"

namespace rook::skin {

/// A tile, and how often the swatches show it.
struct Variant {
    level::Tile tile;
    int count = 0;
    bool operator==(const Variant&) const = default;
};

/// Where a cell is, as far as its look depends on it.
struct Case {
    level::MatterId matter;
    level::Form form = level::Form::Full;
    Exposure exposure = inside;
    int depth = 0;  ///< cells all around that are inside, 0 to 3; 0 wherever something is exposed
    auto operator<=>(const Case&) const = default;
};
inline constexpr int mostDepth = 3;

/// Where an open cell lies, as seen from the surface.
enum class Side : unsigned char { Top, Under, Left, Right };
inline constexpr int sideCount = 4;

/// What grows on open cells beside a surface.
struct Trim {
    std::vector<Variant> variants;
    int places = 0;   ///< open cells there
    int dressed = 0;  ///< of them, with a tile
    level::Chance chance;
    double threshold = 0;  ///< of the noise, where it grows in patches
};

/// Cells that are laid together: where all of them fit, their tiles are worn as the swatch shows
/// them.
struct Motif {
    struct Part {
        level::Cell cell;  ///< open where the motif hangs over
        Exposure exposure = 0;
        level::Tile tile;
    };
    int width = 0;
    int height = 0;
    std::vector<Part> parts;  ///< row by row
    int places = 1;           ///< where it fits on its swatch: it is laid in one of so many
};

class TilingRules {
public:
    /// From the project's swatches of that theme; what these leave out, from those without one.
    /// Cost: the cells of the swatches, and 50,000 comparisons a matter and form that is taught.
    TilingRules(const level::Project& project, const std::string& theme);

    [[nodiscard]] const Joins& joins() const { return m_joins; }
    [[nodiscard]] bool teaches(level::MatterId matter) const {
        return matter.index < m_matters.size() && m_matters[matter.index].isTaught;
    }
    /// The variants of the case or, if no swatch shows it, of the nearest that one shows; null if
    /// the matter is not taught.
    struct Choice {
        const std::vector<Variant>* variants = nullptr;
        bool isKnown = false;
        int total = 0;  ///< sum of the counts
    };
    [[nodiscard]] Choice choiceFor(const Case& which) const;
    /// What a matter that is not taught wears; none if it has no tile.
    [[nodiscard]] level::Tile plainTile(level::MatterId matter) const {
        return m_plain[matter.index];
    }
    /// Null if nothing grows there.
    [[nodiscard]] const Trim* trimOn(level::Cell surface, Side side) const;
    [[nodiscard]] const NoiseField* noiseOf(const Trim& trim) const;
    [[nodiscard]] const std::vector<Motif>& motifs() const { return m_motifs; }
    [[nodiscard]] std::size_t caseCount() const { return m_cases.size(); }
    [[nodiscard]] bool isEmpty() const {
        return m_cases.empty() && m_trims.empty() && m_zones.empty();
    }
    /// Zones of a level that a theme of their own dresses; the last one that holds a cell counts.
    using ZoneLessons = std::pair<CellRect, std::shared_ptr<const TilingRules>>;
    [[nodiscard]] const std::vector<ZoneLessons>& zones() const { return m_zones; }

    /// Of the level's theme, and of those of its zones.
    [[nodiscard]] static TilingRules of(const level::Project& project, const level::Level& level);

private:
    struct Slot {
        std::vector<Variant> variants;
        int total = 0;
    };
    struct Taught {
        bool isTaught = false;
        /// By form, exposure and depth: slot, or -1; negative - 2 = the slot of the nearest case.
        std::vector<int> places;
    };
    void learn(const level::Level& swatch, const std::vector<bool>& wanted);
    void learnMotifs(const level::Level& swatch, const std::vector<bool>& wanted);
    void learnTrims(const level::Level& swatch, const std::vector<bool>& wanted);
    void prepare(std::size_t matterCount);
    [[nodiscard]] int nearest(const Case& which) const;

    std::string m_theme;
    Joins m_joins;
    std::vector<ZoneLessons> m_zones;
    std::vector<level::Tile> m_plain;  ///< by matter
    std::map<Case, int> m_cases;       ///< the slot of each that a swatch shows
    std::vector<Slot> m_slots;
    std::vector<Taught> m_matters;
    std::map<std::pair<std::uint16_t, Side>, Trim> m_trims;  ///< by cell bits of the surface
    std::vector<Motif> m_motifs;
    std::map<std::pair<int, int>, NoiseField> m_noises;  ///< by patch and seed
};

/// True if each cell of the motif meets its like: `at(dx, dy)` is the cell there and its exposure,
/// 0 for an open one.
template <typename At>
[[nodiscard]] bool fitsAt(const Motif& motif, At&& at) {
    for (int dy = 0; dy < motif.height; ++dy)
        for (int dx = 0; dx < motif.width; ++dx) {
            const Motif::Part& part = motif.parts[static_cast<std::size_t>(dy * motif.width + dx)];
            if (at(dx, dy) != std::pair(part.cell, part.exposure)) return false;
        }
    return true;
}

/// The case of a cell. Requires: inside, not open. Cost: up to 49 cells are read.
[[nodiscard]] Case caseAt(const Joins& joins, const Grid<level::Cell>& cells, int x, int y);

/// The side on which an open cell may wear a trim of the surface beside it: below it first, then
/// above, right and left. None if nothing is beside it.
struct Surface {
    Side side = Side::Top;
    level::Cell cell;
};
[[nodiscard]] std::optional<Surface> surfaceAt(const Grid<level::Cell>& cells, int x, int y);

}  // namespace rook::skin
