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
                                            "findings", "recipe"};
constexpr std::string_view showsNames[] = {"art", "masses", "both"};
constexpr std::string_view reportNames[] = {"text", "json", "sarif", "junit"};
constexpr std::string_view collisionNames[] = {"merged", "outlines", "none"};
constexpr std::string_view tileRowsNames[] = {"rows", "list"};
constexpr std::string_view emptyNames[] = {"zero", "minus-one", "null"};
constexpr std::string_view flipNames[] = {"beside", "high-bits"};
constexpr std::string_view axisNames[] = {"down", "up"};
constexpr std::string_view unitNames[] = {"px", "cells"};
constexpr std::string_view paperNames[] = {"a4", "a3"};

template <typename E>
std::span<const std::string_view> namesOf();
template <>
std::span<const std::string_view> namesOf<Form>() {
    return runtime::formNames;
}
template <>
std::span<const std::string_view> namesOf<Behaviour>() {
    return runtime::behaviourNames;
}
template <>
std::span<const std::string_view> namesOf<Role>() {
    return roleNames;
}
template <>
std::span<const std::string_view> namesOf<Facing>() {
    return facingNames;
}
template <>
std::span<const std::string_view> namesOf<FieldType>() {
    return fieldTypeNames;
}
template <>
std::span<const std::string_view> namesOf<Ability>() {
    return abilityNames;
}
template <>
std::span<const std::string_view> namesOf<LevelKind>() {
    return levelKindNames;
}
template <>
std::span<const std::string_view> namesOf<runtime::EdgeRule>() {
    return runtime::edgeRuleNames;
}
template <>
std::span<const std::string_view> namesOf<MarkShape>() {
    return markNames;
}
template <>
std::span<const std::string_view> namesOf<PencilTone>() {
    return toneNames;
}
template <>
std::span<const std::string_view> namesOf<PencilWidth>() {
    return widthNames;
}
template <>
std::span<const std::string_view> namesOf<BeadSort>() {
    return beadNames;
}
template <>
std::span<const std::string_view> namesOf<PartSort>() {
    return partNames;
}

template <>
std::span<const std::string_view> namesOf<PictureFit>() {
    return fitNames;
}

template <>
std::span<const std::string_view> namesOf<Ground>() {
    return groundNames;
}

template <>
std::span<const std::string_view> namesOf<Standing>() {
    return standingNames;
}

template <>
std::span<const std::string_view> namesOf<Gait>() {
    return gaitNames;
}

template <>
std::span<const std::string_view> namesOf<FormationShape>() {
    return formationNames;
}

template <>
std::span<const std::string_view> namesOf<CallWhen>() {
    return callNames;
}

template <>
std::span<const std::string_view> namesOf<TransitionSort>() {
    return transitionNames;
}
template <>
std::span<const std::string_view> namesOf<DrawOrder>() {
    return orderNames;
}
template <>
std::span<const std::string_view> namesOf<DoorManner>() {
    return mannerNames;
}

template <>
std::span<const std::string_view> namesOf<TargetFormat>() {
    return targetNames;
}
template <>
std::span<const std::string_view> namesOf<Shows>() {
    return showsNames;
}
template <>
std::span<const std::string_view> namesOf<ReportForm>() {
    return reportNames;
}
template <>
std::span<const std::string_view> namesOf<CollisionForm>() {
    return collisionNames;
}
template <>
std::span<const std::string_view> namesOf<TileRows>() {
    return tileRowsNames;
}
template <>
std::span<const std::string_view> namesOf<EmptyTile>() {
    return emptyNames;
}
template <>
std::span<const std::string_view> namesOf<FlipForm>() {
    return flipNames;
}
template <>
std::span<const std::string_view> namesOf<AxisDown>() {
    return axisNames;
}
template <>
std::span<const std::string_view> namesOf<LengthUnit>() {
    return unitNames;
}
template <>
std::span<const std::string_view> namesOf<Paper>() {
    return paperNames;
}
template <>
std::span<const std::string_view> namesOf<Ease>() {
    return easeNames;
}

template <>
std::span<const std::string_view> namesOf<DiagonalRule>() {
    return diagonalNames;
}

template <>
std::span<const std::string_view> namesOf<Side>() {
    return sideNames;
}
template <>
std::span<const std::string_view> namesOf<SurfaceSort>() {
    return surfaceNames;
}

template <>
std::span<const std::string_view> namesOf<Onward>() {
    return onwardNames;
}
template <>
std::span<const std::string_view> namesOf<AfterLastWhat>() {
    return afterLastNames;
}
template <>
std::span<const std::string_view> namesOf<Keeps>() {
    return keepsNames;
}
template <>
std::span<const std::string_view> namesOf<GoalType>() {
    return goalNames;
}
template <>
std::span<const std::string_view> namesOf<WordsWhen>() {
    return wordsNames;
}
template <>
std::span<const std::string_view> namesOf<WordsPlace>() {
    return placeNames;
}
template <>
std::span<const std::string_view> namesOf<Arrives>() {
    return arrivesNames;
}
template <>
std::span<const std::string_view> namesOf<OnDeath>() {
    return onDeathNames;
}

template <>
std::span<const std::string_view> namesOf<Arrangement>() {
    return arrangementNames;
}
template <>
std::span<const std::string_view> namesOf<HexPoints>() {
    return pointsNames;
}
template <>
std::span<const std::string_view> namesOf<SlotState>() {
    return slotNames;
}
template <>
std::span<const std::string_view> namesOf<PuzzleRuleName>() {
    return ruleNames;
}
template <>
std::span<const std::string_view> namesOf<MoveCount>() {
    return countNames;
}
template <>
std::span<const std::string_view> namesOf<SlideWay>() {
    return slideNames;
}

template <typename E>
std::string_view nameIn(E value) {
    return namesOf<E>()[static_cast<std::size_t>(value)];
}

}  // namespace

std::string_view nameOf(Form form) {
    return nameIn(form);
}
std::string_view nameOf(Behaviour behaviour) {
    return nameIn(behaviour);
}
std::string_view nameOf(Role role) {
    return nameIn(role);
}
std::string_view nameOf(TransitionSort sort) {
    return transitionNames[static_cast<std::size_t>(sort)];
}
std::string_view nameOf(DrawOrder order) {
    return orderNames[static_cast<std::size_t>(order)];
}
std::string_view nameOf(Facing facing) {
    return nameIn(facing);
}
std::string_view nameOf(LevelKind kind) {
    return nameIn(kind);
}
std::string_view nameOf(runtime::EdgeRule rule) {
    return nameIn(rule);
}

std::string_view nameOf(FieldType type) {
    return nameIn(type);
}
std::string_view nameOf(Ability ability) {
    return nameIn(ability);
}
std::string_view nameOf(MarkShape shape) {
    return nameIn(shape);
}
std::string_view nameOf(PencilTone tone) {
    return nameIn(tone);
}
std::string_view nameOf(PencilWidth width) {
    return nameIn(width);
}
std::string_view nameOf(BeadSort sort) {
    return nameIn(sort);
}
std::string_view nameOf(PartSort sort) {
    return nameIn(sort);
}
std::string_view nameOf(PictureFit fit) {
    return nameIn(fit);
}
std::string_view nameOf(Standing value) {
    return nameIn(value);
}
std::string_view nameOf(Gait value) {
    return nameIn(value);
}
std::string_view nameOf(FormationShape value) {
    return nameIn(value);
}
std::string_view nameOf(CallWhen value) {
    return nameIn(value);
}
std::string_view nameOf(DoorManner value) {
    return nameIn(value);
}
std::string_view nameOf(Ease value) {
    return nameIn(value);
}
std::string_view nameOf(DiagonalRule value) {
    return nameIn(value);
}
std::string_view nameOf(Side value) {
    return nameIn(value);
}
std::string_view nameOf(SurfaceSort value) {
    return nameIn(value);
}
std::string_view nameOf(Ground ground) {
    return nameIn(ground);
}

std::string_view nameOf(Onward value) {
    return nameIn(value);
}
std::string_view nameOf(AfterLastWhat value) {
    return nameIn(value);
}
std::string_view nameOf(Keeps value) {
    return nameIn(value);
}
std::string_view nameOf(GoalType value) {
    return nameIn(value);
}
std::string_view nameOf(WordsWhen value) {
    return nameIn(value);
}
std::string_view nameOf(WordsPlace value) {
    return nameIn(value);
}
std::string_view nameOf(Arrives value) {
    return nameIn(value);
}
std::string_view nameOf(OnDeath value) {
    return nameIn(value);
}

std::string_view nameOf(Arrangement value) {
    return nameIn(value);
}
std::string_view nameOf(HexPoints value) {
    return nameIn(value);
}
std::string_view nameOf(SlotState value) {
    return nameIn(value);
}
std::string_view nameOf(PuzzleRuleName value) {
    return nameIn(value);
}
std::string_view nameOf(MoveCount value) {
    return nameIn(value);
}
std::string_view nameOf(SlideWay value) {
    return nameIn(value);
}

std::string_view nameOf(TargetFormat value) {
    return nameIn(value);
}
std::string_view nameOf(Shows value) {
    return nameIn(value);
}
std::string_view nameOf(ReportForm value) {
    return nameIn(value);
}
std::string_view nameOf(CollisionForm value) {
    return nameIn(value);
}
std::string_view nameOf(TileRows value) {
    return nameIn(value);
}
std::string_view nameOf(EmptyTile value) {
    return nameIn(value);
}
std::string_view nameOf(FlipForm value) {
    return nameIn(value);
}
std::string_view nameOf(AxisDown value) {
    return nameIn(value);
}
std::string_view nameOf(LengthUnit value) {
    return nameIn(value);
}
std::string_view nameOf(Paper value) {
    return nameIn(value);
}

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

#define ROOK_NAMES_OF(E)                                          \
    template std::optional<E> fromName<E>(std::string_view name); \
    template std::string_view allNames<E>()
ROOK_NAMES_OF(Form);
ROOK_NAMES_OF(Behaviour);
ROOK_NAMES_OF(Role);
ROOK_NAMES_OF(Facing);
ROOK_NAMES_OF(TransitionSort);
ROOK_NAMES_OF(DrawOrder);
ROOK_NAMES_OF(LevelKind);
ROOK_NAMES_OF(FieldType);
ROOK_NAMES_OF(PictureFit);
ROOK_NAMES_OF(Ground);
ROOK_NAMES_OF(DoorManner);
ROOK_NAMES_OF(Ease);
ROOK_NAMES_OF(DiagonalRule);
ROOK_NAMES_OF(Side);
ROOK_NAMES_OF(SurfaceSort);
ROOK_NAMES_OF(CallWhen);
ROOK_NAMES_OF(FormationShape);
ROOK_NAMES_OF(Gait);
ROOK_NAMES_OF(Standing);
ROOK_NAMES_OF(Ability);
ROOK_NAMES_OF(runtime::EdgeRule);
ROOK_NAMES_OF(MarkShape);
ROOK_NAMES_OF(PencilTone);
ROOK_NAMES_OF(PencilWidth);
ROOK_NAMES_OF(BeadSort);
ROOK_NAMES_OF(PartSort);
ROOK_NAMES_OF(Onward);
ROOK_NAMES_OF(AfterLastWhat);
ROOK_NAMES_OF(Keeps);
ROOK_NAMES_OF(GoalType);
ROOK_NAMES_OF(WordsWhen);
ROOK_NAMES_OF(WordsPlace);
ROOK_NAMES_OF(TargetFormat);
ROOK_NAMES_OF(Shows);
ROOK_NAMES_OF(ReportForm);
ROOK_NAMES_OF(CollisionForm);
ROOK_NAMES_OF(TileRows);
ROOK_NAMES_OF(EmptyTile);
ROOK_NAMES_OF(FlipForm);
ROOK_NAMES_OF(AxisDown);
ROOK_NAMES_OF(LengthUnit);
ROOK_NAMES_OF(Paper);
ROOK_NAMES_OF(Arrives);
ROOK_NAMES_OF(OnDeath);
ROOK_NAMES_OF(Arrangement);
ROOK_NAMES_OF(HexPoints);
ROOK_NAMES_OF(SlotState);
ROOK_NAMES_OF(PuzzleRuleName);
ROOK_NAMES_OF(MoveCount);
ROOK_NAMES_OF(SlideWay);
#undef ROOK_NAMES_OF

}  // namespace rook::level
