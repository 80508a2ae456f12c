#pragma once
/// The names under which forms, behaviours, roles and edges stand in files. Frozen.

#include <array>
#include <optional>
#include <string_view>

#include "level/cell.h"

namespace rook::level {

/// What an entity is for.
enum class Role : unsigned char {
    Spawn,
    Entry,
    Exit,
    Checkpoint,
    Pickup,
    Key,
    Door,
    Switch,
    Hazard,
    Foe,
    Mover,
    Spring,
    Trigger,
    Formation,
    Prop,
};
enum class Facing : unsigned char { Left, Right, Up, Down };
enum class LevelKind : unsigned char { Side, Above, Kit, Puzzle };

/// The type of a field: of an entity, or of a matter. A number has at most three places.
enum class FieldType : unsigned char { WholeNumber, Text, YesNo, Number };
using runtime::Ability;
using runtime::abilityCount;

/// What a mark of a sketch is.
enum class MarkShape : unsigned char { Free, Line, Box, Outline, Label, Thing };
enum class PencilTone : unsigned char { Graphite, Verdigris, Ochre, Vermilion, Plum };
enum class PencilWidth : unsigned char { Fine, Bold };
/// What a bead on a route is.
enum class BeadSort : unsigned char { Jump, Climb, Door, Foe, Puzzle, Reward, Story };
/// How a picture fills what it is seen in: repeated sideways and downwards; repeated sideways, on
/// the lower border; as large as the level; once, in the middle.
enum class PictureFit : unsigned char { Repeat, Across, Stretch, Once };
/// Where something may be strewn, as seen from the matter.
enum class Ground : unsigned char { OnTop, Under, Beside, Inside, OpenAir };
/// What stands for a thing of the plan.
enum class PartSort : unsigned char { Kind, Matter, Tile };

[[nodiscard]] std::string_view nameOf(FieldType type);
[[nodiscard]] std::string_view nameOf(Ability ability);
[[nodiscard]] std::string_view nameOf(Form form);
[[nodiscard]] std::string_view nameOf(Behaviour behaviour);
[[nodiscard]] std::string_view nameOf(Role role);
[[nodiscard]] std::string_view nameOf(Facing facing);
[[nodiscard]] std::string_view nameOf(LevelKind kind);
[[nodiscard]] std::string_view nameOf(runtime::EdgeRule rule);
[[nodiscard]] std::string_view nameOf(MarkShape shape);
[[nodiscard]] std::string_view nameOf(PencilTone tone);
[[nodiscard]] std::string_view nameOf(PencilWidth width);
[[nodiscard]] std::string_view nameOf(BeadSort sort);
[[nodiscard]] std::string_view nameOf(PartSort sort);
[[nodiscard]] std::string_view nameOf(PictureFit fit);
[[nodiscard]] std::string_view nameOf(Ground ground);

/// The value of that name, or nothing. `E` is one of the types above.
template <typename E>
[[nodiscard]] std::optional<E> fromName(std::string_view name);

/// All names of a type, "a, b and c", for messages.
template <typename E>
[[nodiscard]] std::string_view allNames();

}  // namespace rook::level
