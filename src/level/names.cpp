#include "level/names.h"

#include <span>
#include <string>

namespace rook::level {

namespace {

constexpr std::string_view roleNames[] = {"spawn",   "entry",     "exit",    "checkpoint", "pickup",
                                          "key",     "door",      "switch",  "hazard",     "foe",
                                          "mover",   "spring",    "trigger", "formation",  "prop",
                                          "thrower", "turn-mark", "counter"};
constexpr std::string_view facingNames[] = {"left", "right", "up", "down"};
constexpr std::string_view fieldTypeNames[] = {"whole-number", "text",   "yes-no", "number",
                                               "choice",       "colour", "point",  "path",
                                               "entity",       "level",  "list"};
constexpr std::string_view standingNames[] = {"anywhere", "floor", "ceiling", "wall", "liquid"};
constexpr std::string_view gaitNames[] = {"still", "walks", "hangs", "flies"};
constexpr std::string_view formationNames[] = {"ring", "arc", "line", "grid"};
constexpr std::string_view callNames[] = {"enter", "leave", "use"};
constexpr std::string_view easeNames[] = {"linear", "smooth"};
constexpr std::string_view transitionNames[] = {"cut", "slide", "fade"};
constexpr std::string_view orderNames[] = {"among-cast", "behind-masses", "before-front"};
constexpr std::string_view diagonalNames[] = {"sum", "even"};
constexpr std::string_view mannerNames[] = {"for-good",    "for-a-time", "one-way",
                                            "on-approach", "shuts",      "on-use"};
constexpr std::string_view abilityNames[] = {"short-hop", "air-jump",     "wall-jump",
                                             "coyote",    "drop-through", "climb",
                                             "swim",      "untouchable",  "beats-foes"};
static_assert(std::size(abilityNames) == abilityCount);
constexpr std::string_view levelKindNames[] = {"side", "above", "kit", "puzzle"};
constexpr std::string_view markNames[] = {"free", "line", "box", "outline", "label", "thing"};
constexpr std::string_view toneNames[] = {"graphite", "verdigris", "ochre", "vermilion", "plum"};
constexpr std::string_view widthNames[] = {"fine", "bold"};
constexpr std::string_view beadNames[] = {"jump",   "climb",  "door", "foe",
                                          "puzzle", "reward", "story"};
constexpr std::string_view fitNames[] = {"repeat", "across", "stretch", "once"};
constexpr std::string_view groundNames[] = {"on-top", "under", "beside", "inside", "open-air"};
constexpr std::string_view sideNames[] = {"right", "down", "left", "up"};
constexpr std::string_view surfaceNames[] = {"none", "flat", "ramp", "stairs", "block"};
constexpr std::string_view solidNames[] = {"box", "wedge", "stairs", "round"};
constexpr std::string_view partNames[] = {"kind", "matter", "tile"};

constexpr std::string_view onwardNames[] = {"next", "level", "end"};
constexpr std::string_view afterLastNames[] = {"end", "again", "level"};
constexpr std::string_view keepsNames[] = {"game", "level"};
constexpr std::string_view goalNames[] = {"collect", "defeat", "tally", "survive", "within"};
constexpr std::string_view wordsNames[] = {"start", "won", "lost", "said", "over", "end"};
constexpr std::string_view placeNames[] = {"top", "middle", "bottom"};
constexpr std::string_view arrivesNames[] = {"first", "any"};
constexpr std::string_view onDeathNames[] = {"go-on", "begin-again"};
constexpr std::string_view arrangementNames[] = {"square", "hex", "rings", "free"};
constexpr std::string_view pointsNames[] = {"up", "side"};
constexpr std::string_view slotNames[] = {"plain", "blocked", "gone", "locked"};
constexpr std::string_view ruleNames[] = {"none", "slide", "push", "pour", "gather"};
constexpr std::string_view countNames[] = {"steps", "slides"};
constexpr std::string_view slideNames[] = {"any", "across", "down", "not"};

constexpr std::string_view targetNames[] = {"bundle",   "text-grid", "image-map", "placements",
                                            "picture",  "plan",      "plan-book", "model",
                                            "findings", "recipe",    "play-page"};
constexpr std::string_view showsNames[] = {"art", "masses", "both"};
constexpr std::string_view reportNames[] = {"text", "json", "sarif", "junit"};
constexpr std::string_view collisionNames[] = {"merged", "outlines", "none"};
constexpr std::string_view tileRowsNames[] = {"rows", "list"};
constexpr std::string_view emptyNames[] = {"zero", "minus-one", "null"};
constexpr std::string_view flipNames[] = {"beside", "high-bits"};
constexpr std::string_view axisNames[] = {"down", "up"};
constexpr std::string_view unitNames[] = {"px", "cells"};
constexpr std::string_view upNames[] = {"y", "z"};
constexpr std::string_view paperNames[] = {"a4", "a3"};

template <typename E>
std::span<const std::string_view> namesOf();

template <typename E>
std::string_view nameIn(E value) {
    return namesOf<E>()[static_cast<std::size_t>(value)];
}

}  // namespace

template <typename E>
std::optional<E> fromName(std::string_view name) {
    const auto names = namesOf<E>();
    for (std::size_t i = 0; i < names.size(); ++i)
        if (names[i] == name) return static_cast<E>(i);
    return std::nullopt;
}

template <typename E>
std::string_view allNames() {
    static const std::string text = [] {
        std::string joined;
        for (const std::string_view name : namesOf<E>()) {
            if (!joined.empty()) joined += ", ";
            joined += name;
        }
        return joined;
    }();
    return text;
}

/// The names of an enumeration, all that is made of them.
#define ROOK_NAMES(E, names)                                      \
    namespace {                                                   \
    template <>                                                   \
    std::span<const std::string_view> namesOf<E>() {              \
        return names;                                             \
    }                                                             \
    }                                                             \
    std::string_view nameOf(E value) {                            \
        return nameIn(value);                                     \
    }                                                             \
    template std::optional<E> fromName<E>(std::string_view name); \
    template std::string_view allNames<E>();
ROOK_NAMES(Form, runtime::formNames)
ROOK_NAMES(Behaviour, runtime::behaviourNames)
ROOK_NAMES(Role, roleNames)
ROOK_NAMES(Facing, facingNames)
ROOK_NAMES(FieldType, fieldTypeNames)
ROOK_NAMES(Ability, abilityNames)
ROOK_NAMES(LevelKind, levelKindNames)
ROOK_NAMES(runtime::EdgeRule, runtime::edgeRuleNames)
ROOK_NAMES(MarkShape, markNames)
ROOK_NAMES(PencilTone, toneNames)
ROOK_NAMES(PencilWidth, widthNames)
ROOK_NAMES(BeadSort, beadNames)
ROOK_NAMES(PartSort, partNames)
ROOK_NAMES(PictureFit, fitNames)
ROOK_NAMES(Ground, groundNames)
ROOK_NAMES(Standing, standingNames)
ROOK_NAMES(Gait, gaitNames)
ROOK_NAMES(FormationShape, formationNames)
ROOK_NAMES(CallWhen, callNames)
ROOK_NAMES(TransitionSort, transitionNames)
ROOK_NAMES(DrawOrder, orderNames)
ROOK_NAMES(DoorManner, mannerNames)
ROOK_NAMES(TargetFormat, targetNames)
ROOK_NAMES(Shows, showsNames)
ROOK_NAMES(ReportForm, reportNames)
ROOK_NAMES(CollisionForm, collisionNames)
ROOK_NAMES(TileRows, tileRowsNames)
ROOK_NAMES(EmptyTile, emptyNames)
ROOK_NAMES(FlipForm, flipNames)
ROOK_NAMES(AxisDown, axisNames)
ROOK_NAMES(LengthUnit, unitNames)
ROOK_NAMES(UpAxis, upNames)
ROOK_NAMES(Paper, paperNames)
ROOK_NAMES(Ease, easeNames)
ROOK_NAMES(DiagonalRule, diagonalNames)
ROOK_NAMES(Side, sideNames)
ROOK_NAMES(SurfaceSort, surfaceNames)
ROOK_NAMES(SolidSort, solidNames)
ROOK_NAMES(Onward, onwardNames)
ROOK_NAMES(AfterLastWhat, afterLastNames)
ROOK_NAMES(Keeps, keepsNames)
ROOK_NAMES(GoalType, goalNames)
ROOK_NAMES(WordsWhen, wordsNames)
ROOK_NAMES(WordsPlace, placeNames)
ROOK_NAMES(Arrives, arrivesNames)
ROOK_NAMES(OnDeath, onDeathNames)
ROOK_NAMES(Arrangement, arrangementNames)
ROOK_NAMES(HexPoints, pointsNames)
ROOK_NAMES(SlotState, slotNames)
ROOK_NAMES(PuzzleRuleName, ruleNames)
ROOK_NAMES(MoveCount, countNames)
ROOK_NAMES(SlideWay, slideNames)
#undef ROOK_NAMES

}  // namespace rook::level
