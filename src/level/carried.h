#pragma once
/// What passes from level to level: abilities that are gained for good, and keys by their kind and
/// letter.

#include <string>
#include <utility>
#include <vector>

#include "level/project.h"

namespace rook::level {

/// A key as other levels know it: its kind, and its letter; empty = none.
struct CarriedKey {
    KindId kind;
    std::string letter;
    bool operator==(const CarriedKey&) const = default;
    auto operator<=>(const CarriedKey&) const = default;
};

/// What one has in hand when a level begins.
struct InHand {
    runtime::AbilitySet abilities = 0;  ///< those that some level grants for good
    std::vector<CarriedKey> keys;       ///< sorted, none twice

    [[nodiscard]] bool has(const CarriedKey& key) const;
    /// Kept sorted.
    void add(const CarriedKey& key);
    /// What stands in both.
    [[nodiscard]] InHand within(const InHand& other) const;
    bool operator==(const InHand&) const = default;
    auto operator<=>(const InHand&) const = default;
};

/// The ability that a pickup grants for good; none for all others.
[[nodiscard]] runtime::AbilitySet grantedForGood(const Project& project, const Entity& entity);
/// What lasting pickups of the level grant. Cost: its entities.
[[nodiscard]] runtime::AbilitySet grantedForGood(const Project& project, const Level& level);
/// The same of all levels of the game: where abilities are carried, these are held nowhere until
/// they are gained or carried. Cost: all entities.
[[nodiscard]] runtime::AbilitySet grantedForGood(const Project& project);

/// What the level's own verdict begins with, where abilities are carried: what it assumes, else all
/// that the levels before it in the running order grant. Cost: the entities of those.
[[nodiscard]] runtime::AbilitySet assumedIn(const Project& project, const Level& level);

/// As what a key is carried; its role is not looked at.
[[nodiscard]] CarriedKey keyOf(const Entity& entity);

}  // namespace rook::level
