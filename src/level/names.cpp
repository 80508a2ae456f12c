#include "level/names.h"

#include <span>
#include <string>

namespace rook::level {

namespace {

constexpr std::string_view formNames[] = {
    "full",           "lower-half", "upper-half",      "left-half",       "right-half",
    "rise-right",     "rise-left",  "rise-right-1of2", "rise-right-2of2", "rise-left-1of2",
    "rise-left-2of2", "hang-right", "hang-left"};
constexpr std::string_view behaviourNames[] = {"open",   "solid",  "one-way",
                                               "ladder", "liquid", "deadly"};
constexpr std::string_view roleNames[] = {"spawn", "entry",  "exit",    "checkpoint", "pickup",
                                          "key",   "door",   "switch",  "hazard",     "foe",
                                          "mover", "spring", "trigger", "formation",  "prop"};
constexpr std::string_view facingNames[] = {"left", "right", "up", "down"};
constexpr std::string_view levelKindNames[] = {"side", "above", "kit", "puzzle"};
constexpr std::string_view edgeNames[] = {"wall", "open", "deadly"};
static_assert(std::size(formNames) == runtime::formCount);

template <typename E>
std::span<const std::string_view> namesOf();
template <>
std::span<const std::string_view> namesOf<Form>() {
    return formNames;
}
template <>
std::span<const std::string_view> namesOf<Behaviour>() {
    return behaviourNames;
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
std::span<const std::string_view> namesOf<LevelKind>() {
    return levelKindNames;
}
template <>
std::span<const std::string_view> namesOf<runtime::EdgeRule>() {
    return edgeNames;
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
std::string_view nameOf(Facing facing) {
    return nameIn(facing);
}
std::string_view nameOf(LevelKind kind) {
    return nameIn(kind);
}
std::string_view nameOf(runtime::EdgeRule rule) {
    return nameIn(rule);
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
ROOK_NAMES_OF(LevelKind);
ROOK_NAMES_OF(runtime::EdgeRule);
#undef ROOK_NAMES_OF

}  // namespace rook::level
