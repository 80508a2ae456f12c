#pragma once
/// What is placed on a level and is not matter: entities, and the kinds that they are of.

#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "base/id.h"
#include "level/counter_traits.h"
#include "level/matter.h"
#include "level/role_data.h"
#include "level/transition.h"

namespace rook::level {

struct FieldDefinition {
    std::string name;
    FieldType type = FieldType::Text;
    FieldValue defaultValue = std::string();  ///< what an entity has that does not say otherwise
    bool isNeeded = false;                    ///< an entity without it is told
    std::vector<std::string> choices;         ///< of a choice
    std::optional<Decimal> low;               ///< of numbers; none = any
    std::optional<Decimal> high;
    FieldType item = FieldType::Integer;  ///< of a list: what it is of, no path and no list
    KindId of;         ///< of a reference to an entity: the kind that it is of; empty = any
    std::string unit;  ///< "px", "ticks": beside the value
    std::string help;  ///< a sentence
    UnknownKeys unknown;
    bool operator==(const FieldDefinition&) const = default;
};

/// A type of entity.
struct Kind {
    KindId id;
    std::string title;
    Role role = Role::Prop;
    int width = 16;   ///< px, of the box
    int height = 16;  ///< px, of the box
    std::string color = "#808080";
    std::string sheet;
    int tile = 0;                  ///< as in Matter
    CellSize spriteTiles{1, 1};    ///< of the sheet, from `tile` on
    std::optional<PxRect> sprite;  ///< where it is drawn, from the box's corner; none = in the box
    Standing standing = Standing::Anywhere;
    std::string tally;  ///< of the game, that pickups and beaten foes add to; empty = none
    int worth = 1;      ///< of a foe that is beaten
    int atLeast = 0;    ///< entities of this kind in one level
    int atMost = 0;     ///< likewise; 0 = any number
    std::vector<FieldDefinition> fields;
    CounterTraits counter;  ///< of counters
    UnknownKeys unknown;
    bool operator==(const Kind&) const = default;
};

/// How a single thing looks otherwise than its kind.
struct Appearance {
    int scale = 1;         ///< times its picture, 1 to 16, about the middle of the box
    int quarterTurns = 0;  ///< clockwise, 0 to 3
    bool isMirrored = false;
    bool isUpsideDown = false;
    std::string sheet;     ///< of a picture of its own; empty = that of the kind
    int tile = 0;          ///< as in Kind
    CellSize tiles{1, 1};  ///< of the sheet, from `tile` on
    DrawOrder order = DrawOrder::AmongCast;
    int place = 0;  ///< among those of one order: lower ones first, -1,000 to 1,000
    bool operator==(const Appearance&) const = default;
};
inline constexpr int maxScale = 16;

/// Where an exit leads. What files do not say is the end.
struct ExitTarget {
    Onward onward = Onward::End;
    LevelId level;   ///< where it leads to a level
    EntityId entry;  ///< spawn or entry there; empty = the first spawn
    Transition transition{};
    bool operator==(const ExitTarget&) const = default;
};

struct Entity {
    EntityId id;  ///< unique in its level
    KindId kind;
    PxRect box;      ///< from the level's upper left corner
    int storey = 0;  ///< of a kit board
    Facing facing = Facing::Right;
    Appearance look{};
    ExitTarget to;                   ///< exits only
    std::vector<NamedValue> fields;  ///< those set, by the kind's names
    RoleData data;                   ///< what its role has
    std::string group;               ///< those of one name are chosen together; empty = alone
    UnknownKeys unknown;             ///< other keys of the entity
    UnknownKeys unknownFields;       ///< fields that the kind does not have
    bool operator==(const Entity&) const = default;
};

/// The value of a field: the entity's own, else the kind's default.
[[nodiscard]] FieldValue fieldOf(const Entity& entity, const FieldDefinition& definition);
void setField(Entity& entity, const std::string& name, FieldValue value);

}  // namespace rook::level
