#pragma once
/// Each field of a type once: its key in files, its range, and when it is written. The reader and
/// the writer of files follow these lists, and so does what compares two projects; a new field
/// takes its member and one line. A test makes each field differ and sees it come back, and counts
/// that none was forgotten.
///
/// The lists stand in describe_cast.h (kinds, entities, zones, motion), describe_look.h (matters,
/// sheets, layers, pictures), describe_plan.h (sketches), describe_kit.h and describe_project.h
/// (levels and the project, and all of the former).

#include <cstddef>
#include <cstdint>
#include <tuple>

#include "base/limits.h"

namespace rook::level {

/// When a field stands in a file.
enum class Written : unsigned char {
    UnlessDefault,  ///< left out where it is as in a new value
    Always,         ///< if it is missing in a file, it is as in a new value
    Required,       ///< always, and a file without it is refused
};

/// What a text is.
enum class TextSort : unsigned char {
    Any,
    PlainName,  ///< as ids are
    Title,      ///< what people read; if it is missing in a file, the plain name before it
    OneLine,    ///< of at most `limits::maxWordsBytes`
    Color,      ///< "#rrggbb"
    Sheet,      ///< the name of a sheet that the project has, or empty
};

/// What follows from a field of the project, and is no longer of now when it changes.
enum class Concern : unsigned char {
    Nothing = 0,
    Verdict = 1,  ///< what is found out about a level
    Look = 2,     ///< what boards and plans show
    Choice = 4,   ///< what one chooses from
};
[[nodiscard]] constexpr Concern operator|(Concern a, Concern b) {
    return static_cast<Concern>(static_cast<unsigned>(a) | static_cast<unsigned>(b));
}

[[nodiscard]] constexpr bool concerns(Concern any, Concern what) {
    return (static_cast<unsigned>(any) & static_cast<unsigned>(what)) != 0;
}

/// What is said of a field besides its key.
struct FieldRule {
    Written written = Written::UnlessDefault;
    /// Numbers, and those in lists and points, are from `low` to `high`, decimals and fractions in
    /// thousandths; both 0: any.
    std::int64_t low = 0;
    std::int64_t high = 0;
    TextSort text = TextSort::Any;
    std::size_t fewest = 0;
    std::size_t most = 64;          ///< items of a list
    bool isUnique = false;          ///< no two items of the list have the same first field
    bool isCountedFromOne = false;  ///< in files, and so is the range; in values from 0
    bool isInPlace = false;         ///< the fields of the member stand among those of its holder
    Concern concern = Concern::Nothing;

    [[nodiscard]] constexpr bool hasRange() const { return low != 0 || high != 0; }
    [[nodiscard]] constexpr bool concerns(Concern what) const {
        return level::concerns(concern, what);
    }

private:
    // Before its uses: clang wants it so in constant expressions.
    template <typename Change>
    [[nodiscard]] constexpr FieldRule with(Change&& change) const {
        FieldRule rule = *this;
        change(rule);
        return rule;
    }

public:
    // Each gives this rule with something more said.
    [[nodiscard]] constexpr FieldRule always() const {
        return with([](FieldRule& rule) { rule.written = Written::Always; });
    }
    [[nodiscard]] constexpr FieldRule required() const {
        return with([](FieldRule& rule) { rule.written = Written::Required; });
    }
    [[nodiscard]] constexpr FieldRule items(std::size_t least, std::size_t greatest) const {
        return with([=](FieldRule& rule) {
            rule.fewest = least;
            rule.most = greatest;
        });
    }
    [[nodiscard]] constexpr FieldRule unique() const {
        return with([](FieldRule& rule) { rule.isUnique = true; });
    }
    [[nodiscard]] constexpr FieldRule countedFromOne() const {
        return with([](FieldRule& rule) { rule.isCountedFromOne = true; });
    }
    [[nodiscard]] constexpr FieldRule on(Concern what) const {
        return with([=](FieldRule& rule) { rule.concern = what; });
    }
};

inline constexpr FieldRule plain{};
[[nodiscard]] constexpr FieldRule range(std::int64_t low, std::int64_t high) {
    return {.low = low, .high = high};
}
[[nodiscard]] constexpr FieldRule text(TextSort sort) {
    return {.text = sort};
}
/// A list of at most so many items.
[[nodiscard]] constexpr FieldRule listOf(std::size_t most) {
    return {.most = most};
}
inline constexpr FieldRule plainName = text(TextSort::PlainName).required();
inline constexpr FieldRule title = text(TextSort::Title).always();
inline constexpr FieldRule color = text(TextSort::Color).always();
inline constexpr FieldRule inPlace{.isInPlace = true};
inline constexpr FieldRule coordinate = range(-limits::maxCoordinatePx, limits::maxCoordinatePx);

/// Members that stand under one key, as a list of numbers.
template <typename... Members>
[[nodiscard]] constexpr std::tuple<Members...> together(Members... members) {
    return {members...};
}

/// Members that files hold in a way of their own.
template <typename... Members>
struct ByHand {
    std::tuple<Members...> members;
    Concern concern = Concern::Nothing;

    [[nodiscard]] constexpr ByHand on(Concern what) const { return {members, what}; }
};
template <typename... Members>
[[nodiscard]] constexpr ByHand<Members...> byHand(Members... members) {
    return {{members...}};
}

/// `each(visit)` calls, for each field in the order of files, one of
/// - `visit(key, &T::member, rule)`;
/// - `visit(key, together(&T::first, &T::second), rule)`;
/// - `visit(key, byHand(&T::member, ...))`.
/// `besides`, if it is there, counts the members that no file holds. Of a type with a member
/// `unknown`, the keys of a file that nobody knows are kept there.
/// `isLong`, if it is there: in files each field has a line of its own.
template <typename T>
struct Description;

template <typename T>
concept Described = requires {
    sizeof(Description<T>);
};

}  // namespace rook::level
