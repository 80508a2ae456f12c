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
    Thrower,
    TurnMark,
    Counter,
};
enum class Facing : unsigned char { Left, Right, Up, Down };
/// A side of a module, clockwise as a plan is seen.
enum class Side : unsigned char { Right, Down, Left, Up };
inline constexpr Side allSides[] = {Side::Right, Side::Down, Side::Left, Side::Up};
enum class LevelKind : unsigned char { Side, Above, Kit, Puzzle };
/// With gravity: what is below is down.
[[nodiscard]] constexpr bool isSeenFromTheSide(LevelKind kind) {
    return kind == LevelKind::Side;
}

/// The type of a field. A number has at most three places; an entity is one of the same level. The
/// first four are those that matters may have.
enum class FieldType : unsigned char {
    Integer,
    Text,
    Boolean,
    Number,
    Choice,
    Color,
    Point,
    Path,
    Entity,
    Level,
    List,
};
/// What an entity stands on, hangs from or leans against.
enum class Standing : unsigned char { Anywhere, Floor, Ceiling, Wall, Liquid };
/// How a foe gets about: not at all; on floors; under ceilings; along its track.
enum class Gait : unsigned char { Still, Walks, Hangs, Flies };
/// How the members of a formation lie.
enum class FormationShape : unsigned char { Ring, Arc, Line, Grid };
/// When a trigger calls.
enum class CallWhen : unsigned char { Enter, Leave, Use };
/// How a mover gathers speed on each leg.
enum class Ease : unsigned char { Linear, Smooth };
/// What a wish across and down at once is cut to, seen from above.
enum class DiagonalRule : unsigned char { Sum, Even };
/// How long a door stays open.
enum class DoorManner : unsigned char { ForGood, ForATime, OneWay, OnApproach, Shuts, OnUse };
/// What an exit leads to: the level after this in the running order, one that it names, or the end.
enum class Onward : unsigned char { Next, Level, End };
/// What winning the last level leads to.
enum class AfterLastWhat : unsigned char { End, Again, Level };
/// For how long a tally keeps its number.
enum class Keeps : unsigned char { Game, Level };
/// What a level asks for: to take, to beat, to count, to last, to be quick.
enum class GoalType : unsigned char { Collect, Defeat, Tally, Survive, Within };
/// When words are shown.
enum class WordsWhen : unsigned char { Start, Won, Lost, Said, Over, End };
enum class WordsPlace : unsigned char { Top, Middle, Bottom };
/// Which spawn a level begins at.
enum class Arrives : unsigned char { First, Any };
/// What a death leads to while there are lives.
enum class OnDeath : unsigned char { GoOn, BeginAgain };
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
/// How one picture follows another.
enum class TransitionSort : unsigned char { Cut, Slide, Fade };
/// When a single thing is drawn: with the others of the cast, behind the masses, or after all but
/// what lies before the cast.
enum class DrawOrder : unsigned char { AmongCast, BehindMasses, BeforeFront };
/// Where something may be strewn, as seen from the matter.
enum class Ground : unsigned char { OnTop, Under, Beside, Inside, OpenAir };
/// What one walks on in a module of a piece; a block is filled up.
enum class SurfaceSort : unsigned char { None, Flat, Ramp, Stairs, Block };
/// What a block-out solid is.
enum class SolidSort : unsigned char { Box, Wedge, Stairs, Round };
/// How the slots of a puzzle level lie.
enum class Arrangement : unsigned char { Square, Hex, Rings, Free };
/// Where the corners of a hexagon point.
enum class HexPoints : unsigned char { Up, Side };
/// Nothing may stand on a blocked slot; one that is gone is not there at all; a locked one is
/// opened for a price.
enum class SlotState : unsigned char { Plain, Blocked, Gone, Locked };
enum class PuzzleRuleName : unsigned char { None, Slide, Push, Pour, Gather };
/// What is one move of a slide: a slot, or any number of slots in one direction.
enum class MoveCount : unsigned char { Steps, Slides };
/// The directions in which a counter slides.
enum class SlideWay : unsigned char { Any, Across, Down, Not };
/// What stands for a thing of the plan.
enum class PartSort : unsigned char { Kind, Matter, Tile };

/// What a target writes; how each goes is in src/ship/.
enum class TargetFormat : unsigned char {
    Bundle,
    TextGrid,
    ImageMap,
    Placements,
    Picture,
    Plan,
    PlanBook,
    Model,
    Findings,
    Recipe,
    PlayPage,
};
/// What a picture or a plan shows of a level.
enum class Shows : unsigned char { Art, Masses, Both };
/// The form that findings are told in.
enum class ReportForm : unsigned char { Text, Json, Sarif, Junit };
/// How collision is told to a recipe: as rectangles, as outlines, or not at all.
enum class CollisionForm : unsigned char { Merged, Outlines, None };
/// How rows of tile numbers are told to a recipe: row by row, or as one list.
enum class TileRows : unsigned char { Rows, List };
/// What stands for a cell without a tile.
enum class EmptyTile : unsigned char { Zero, MinusOne, Null };
/// Whether flips of tiles stand beside the numbers, or in their highest bits.
enum class FlipForm : unsigned char { Beside, HighBits };
enum class AxisDown : unsigned char { Down, Up };
enum class LengthUnit : unsigned char { Px, Cells };
/// The axis of a model that points up.
enum class UpAxis : unsigned char { Y, Z };
/// The sheet of paper that a plan book is for, landscape.
enum class Paper : unsigned char { A4, A3 };

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
[[nodiscard]] std::string_view nameOf(TransitionSort sort);
[[nodiscard]] std::string_view nameOf(DrawOrder order);
[[nodiscard]] std::string_view nameOf(Ground ground);
[[nodiscard]] std::string_view nameOf(Standing standing);
[[nodiscard]] std::string_view nameOf(Gait gait);
[[nodiscard]] std::string_view nameOf(FormationShape shape);
[[nodiscard]] std::string_view nameOf(CallWhen when);
[[nodiscard]] std::string_view nameOf(DoorManner manner);
[[nodiscard]] std::string_view nameOf(Ease ease);
[[nodiscard]] std::string_view nameOf(DiagonalRule rule);
[[nodiscard]] std::string_view nameOf(Side side);
[[nodiscard]] std::string_view nameOf(SurfaceSort sort);
[[nodiscard]] std::string_view nameOf(SolidSort sort);
[[nodiscard]] std::string_view nameOf(Onward onward);
[[nodiscard]] std::string_view nameOf(AfterLastWhat what);
[[nodiscard]] std::string_view nameOf(Keeps keeps);
[[nodiscard]] std::string_view nameOf(GoalType type);
[[nodiscard]] std::string_view nameOf(WordsWhen when);
[[nodiscard]] std::string_view nameOf(WordsPlace place);
[[nodiscard]] std::string_view nameOf(Arrives arrives);
[[nodiscard]] std::string_view nameOf(OnDeath onDeath);
[[nodiscard]] std::string_view nameOf(Arrangement arrangement);
[[nodiscard]] std::string_view nameOf(HexPoints points);
[[nodiscard]] std::string_view nameOf(SlotState state);
[[nodiscard]] std::string_view nameOf(PuzzleRuleName name);
[[nodiscard]] std::string_view nameOf(MoveCount count);
[[nodiscard]] std::string_view nameOf(SlideWay way);
[[nodiscard]] std::string_view nameOf(TargetFormat format);
[[nodiscard]] std::string_view nameOf(Shows shows);
[[nodiscard]] std::string_view nameOf(ReportForm form);
[[nodiscard]] std::string_view nameOf(CollisionForm form);
[[nodiscard]] std::string_view nameOf(TileRows rows);
[[nodiscard]] std::string_view nameOf(EmptyTile empty);
[[nodiscard]] std::string_view nameOf(FlipForm form);
[[nodiscard]] std::string_view nameOf(AxisDown axis);
[[nodiscard]] std::string_view nameOf(LengthUnit unit);
[[nodiscard]] std::string_view nameOf(UpAxis axis);
[[nodiscard]] std::string_view nameOf(Paper paper);

/// The value of that name, or nothing. `E` is one of the types above.
template <typename E>
[[nodiscard]] std::optional<E> fromName(std::string_view name);

/// All names of a type, "a, b and c", for messages.
template <typename E>
[[nodiscard]] std::string_view allNames();

}  // namespace rook::level
