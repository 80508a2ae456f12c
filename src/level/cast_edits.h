#pragma once
/// Edits of many entities at once: rows, fields, alignment, links, groups.

#include <functional>

#include "level/edits.h"

namespace rook::level {

/// Places as many of a kind as stand side by side from one corner to the other, `stepPx` apart
/// across or down, whichever is longer; as far as the level and the kind's limit allow.
/// Requires: stepPx > 0. Errors: as `placeEntity`, if not even one can be placed.
[[nodiscard]] Result<LevelEdit> placeRow(const Level& level, const Kind& kind, PxPoint from,
                                         PxPoint to, int stepPx, Facing facing);
/// The corners of such a row, without looking at the level.
[[nodiscard]] std::vector<PxPoint> rowCorners(PxPoint from, PxPoint to, int stepPx);

/// Changes each of them by `change`. Errors: OutOfRange if one would leave the level.
[[nodiscard]] Result<LevelEdit> changeEntities(const Level& level, const std::vector<EntityId>& ids,
                                               const std::function<void(Entity&)>& change,
                                               const std::string& name);

/// A change of one entity; `change` says whether it could be made.
struct EntityChange {
    LevelId level;
    EntityId entity;
    std::function<bool(Entity&)> change;
};
struct ChangedEntities {
    ProjectEdit edit;
    int done = 0;  ///< changes that were made
};
/// Makes each change in its turn; one that cannot be made, or after which its entity would leave
/// its level, leaves it as it was. Cost: the levels' entities, once.
[[nodiscard]] ChangedEntities changeEntities(const Project& project,
                                             const std::vector<EntityChange>& changes);

enum class Alignment : unsigned char { Left, Middle, Right, Top, Centre, Bottom };
/// Sets one side, or the middle across or the centre down, of all of them to that of the first.
/// Errors: as above.
[[nodiscard]] Result<LevelEdit> alignEntities(const Level& level, const std::vector<EntityId>& ids,
                                              Alignment alignment);
/// The same space between neighbours, the outermost two staying. Errors: NotApplicable for fewer
/// than three.
[[nodiscard]] Result<LevelEdit> distributeEntities(const Level& level,
                                                   const std::vector<EntityId>& ids, bool isAcross);

/// Whether things of that role stay shut, solid, until all that they name is held: doors do, and
/// exits that name something.
[[nodiscard]] constexpr bool mayBeShut(Role role) {
    return role == Role::Door || role == Role::Exit;
}

/// All that must be held for it to open: what it names, and every pickup if it asks for all. Cost:
/// linear in the level's entities if it does.
[[nodiscard]] std::vector<EntityId> whatOpens(const Project& project, const Level& level,
                                              const Entity& entity);
/// What was beaten where that entity, or a member of it, was; null if the project lacks the kind.
[[nodiscard]] const Kind* beatenKindOf(const Project& project, const Entity& entity);
/// A switch opens that door for a time only; keys and pickups are taken along, and open it again.
[[nodiscard]] bool opensForATime(const Project& project, const Level& level, const Entity& door,
                                 const EntityId& opener);

/// A reference from one to another, by what they are: what opens a door or an exit (either way
/// round), whom a trigger calls, an entry of a field for entities; once more takes it away. Errors:
/// NotApplicable if neither has such a reference.
[[nodiscard]] Result<LevelEdit> linkEntities(const Project& project, const Level& level,
                                             const EntityId& from, const EntityId& to);
/// All references of a level, from one that is there to one that may not be.
struct Link {
    EntityId from;
    EntityId to;
    std::string what;  ///< "opens", "calls", or the field's name
    bool operator==(const Link&) const = default;
};
[[nodiscard]] std::vector<Link> linksOf(const Project& project, const Level& level);
/// Who places a door while a key is chosen that opens nothing yet wants both as one: then the last
/// entity of the edit's level is linked to `chosen`, and the edit named so. The same for a key, or
/// a switch, after a door that nothing opens. Everything else stays as it is.
[[nodiscard]] LevelEdit linkedAsPlaced(const Project& project, LevelEdit placed,
                                       const EntityId& chosen);

struct CopiedEntities {
    LevelEdit edit;
    std::vector<EntityId> copies;
};
/// Copies of them, one cell to the right. Errors: as `placeEntity`.
[[nodiscard]] Result<CopiedEntities> duplicateEntities(const Project& project, const Level& level,
                                                       const std::vector<EntityId>& ids);

/// Makes them one group under a name that is free; or, if all are of one, no group any more.
[[nodiscard]] LevelEdit toggleGroup(const Level& level, const std::vector<EntityId>& ids);
/// Those, and all that are of a group with one of them.
[[nodiscard]] std::vector<EntityId> withGroups(const Level& level,
                                               const std::vector<EntityId>& ids);

}  // namespace rook::level
