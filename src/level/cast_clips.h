#pragma once
/// Entities and zones that are taken along, to be laid in this level or another one.

#include "level/edits.h"

namespace rook::level {

/// At the places that they had.
struct CastClip {
    std::vector<Entity> entities;
    std::vector<Zone> zones;
    CellSize cellSize;  ///< of the level that they are from
    bool operator==(const CastClip&) const = default;
    [[nodiscard]] bool isEmpty() const { return entities.empty() && zones.empty(); }
    /// Around all of them, px.
    [[nodiscard]] PxRect bounds() const;
};

[[nodiscard]] CastClip copyCast(const Level& level, const std::vector<EntityId>& entities,
                                const std::vector<ZoneId>& zones);
/// Takes them away, too.
[[nodiscard]] LevelEdit cutCast(const Level& level, const CastClip& clip);

struct PastedCast {
    LevelEdit edit;
    std::vector<EntityId> entities;  ///< under their new ids
    std::vector<ZoneId> zones;
    std::vector<std::string> told;  ///< sentences without a full stop: what was left out or let go
};
/// Lays them so that their bounds begin at `corner`, moved in where they would stand out. All have
/// ids of their own. References among them are kept; those to others are kept where the level has
/// them and let go elsewhere, and told. What has no kind here, no room, or is one more than its
/// kind allows is left out, and told. Zones keep to whole cells.
/// Cost: the number of entities of the level and of the clip.
[[nodiscard]] PastedCast pasteCast(const Project& project, const Level& level, const CastClip& clip,
                                   PxPoint corner);

}  // namespace rook::level
