#pragma once
/// Each field of a type once: its key in files, its range, and when it is written. The reader and
/// the writer of files both follow these lists, so that a new field takes its member and one line
/// here; a test makes each field differ and sees it come back, and counts that none was forgotten.

#include "base/limits.h"
#include "level/motion_profile.h"
#include "level/role_data.h"
#include "level/scatter_rule.h"
#include "level/tile.h"

namespace rook::level {

/// When a field stands in a file.
enum class Written : unsigned char {
    UnlessDefault,  ///< left out where it is as in a new value
    Always,         ///< if it is missing in a file, it is as in a new value
    Required,       ///< always, and a file without it is refused
};

/// What is said of a field besides its key. Numbers, and the items of lists of numbers, are from
/// `low` to `high`, decimals in thousandths; both 0: any.
struct FieldRule {
    Written written = Written::UnlessDefault;
    std::int64_t low = 0;
    std::int64_t high = 0;
    bool isPlainName = false;

    [[nodiscard]] constexpr bool hasRange() const { return low != 0 || high != 0; }
    [[nodiscard]] constexpr FieldRule always() const {
        FieldRule rule = *this;
        rule.written = Written::Always;
        return rule;
    }
    [[nodiscard]] constexpr FieldRule required() const {
        FieldRule rule = *this;
        rule.written = Written::Required;
        return rule;
    }
};
inline constexpr FieldRule plain{};
inline constexpr FieldRule plainName{Written::Required, 0, 0, true};
[[nodiscard]] constexpr FieldRule range(std::int64_t low, std::int64_t high) {
    return {Written::UnlessDefault, low, high, false};
}

/// `each(visit)` calls `visit(key, &T::member, rule)` for each field in the order of files, or
/// `visit(key, &T::first, &T::second, rule)` for two whole numbers under one key. `besides` counts
/// the members that files hold in a way of their own.
template <typename T>
struct Description;

template <>
struct Description<MotionProfile> {
    static constexpr int besides = 1;  // unknown
    static void each(auto&& visit) {
        visit("name", &MotionProfile::name, plainName);
        visit("body", &MotionProfile::bodyWidth, &MotionProfile::bodyHeight, range(1, 512));
        visit("run", &MotionProfile::run, plain.always());
        visit("climb", &MotionProfile::climb, plain.always());
        visit("swim", &MotionProfile::swim, plain.always());
        visit("greatestFall", &MotionProfile::greatestFall, plain.always());
        visit("jumpHeight", &MotionProfile::jumpHeight, plain.always());
        visit("timeToTop", &MotionProfile::timeToTop, plain.always());
        visit("fallFactor", &MotionProfile::fallFactor, plain.always());
        visit("coyoteMs", &MotionProfile::coyoteMs, plain.always());
        visit("wallPush", &MotionProfile::wallPush, range(0, 4096).always());
        visit("stepUp", &MotionProfile::stepUp, range(0, 512).always());
        visit("airJumps", &MotionProfile::airJumps, range(0, 3).always());
        visit("marginPx", &MotionProfile::marginPx, range(0, 512).always());
        visit("abilities", &MotionProfile::abilities, plain.always());
    }
};

template <>
struct Description<TileLayer> {
    static constexpr int besides = 3;  // tiles, cells, unknown
    static void each(auto&& visit) {
        visit("name", &TileLayer::name, plain.required());
        visit("front", &TileLayer::isFront, plain);
        visit("shown", &TileLayer::isShown, plain);
        visit("exported", &TileLayer::isExported, plain);
        visit("locked", &TileLayer::isLocked, plain);
        visit("fades", &TileLayer::fades, plain);
        visit("opacity", &TileLayer::opacity, range(0, 100));
    }
};

template <>
struct Description<Picture> {
    static constexpr int besides = 1;  // unknown
    static void each(auto&& visit) {
        visit("name", &Picture::name, plain.required());
        visit("path", &Picture::path, plain.required());
        visit("fit", &Picture::fit, plain.always());
        visit("parallaxX", &Picture::parallaxX, range(0, 4000).always());
        visit("parallaxY", &Picture::parallaxY, range(0, 4000).always());
        visit("scrollX", &Picture::scrollX, range(-64000, 64000));
        visit("opacity", &Picture::opacity, range(0, 100));
        visit("front", &Picture::isFront, plain);
    }
};

template <>
struct Description<ScatterRule> {
    static constexpr int besides = 1;  // unknown
    static void each(auto&& visit) {
        visit("name", &ScatterRule::name, plain.required());
        visit("on", &ScatterRule::isOn, plain);
        visit("where", &ScatterRule::where, plain.required());
        visit("matter", &ScatterRule::matter, plain);
        visit("tiles", &ScatterRule::tiles, plain);
        visit("layer", &ScatterRule::layer, plain);
        visit("kind", &ScatterRule::kind, plain);
        visit("share", &ScatterRule::share, range(0, 100).always());
        visit("count", &ScatterRule::count, range(0, limits::maxEntities));
        visit("distance", &ScatterRule::distance, range(0, 64));
        visit("awayFrom", &ScatterRule::awayFrom, plain);
        visit("awayCells", &ScatterRule::awayCells, range(0, 64));
        visit("reached", &ScatterRule::onlyReached, plain);
        visit("patch", &ScatterRule::patch, range(0, 256));
        visit("seed", &ScatterRule::seed, range(0, 1000000000).always());
    }
};

template <>
struct Description<DoorWay> {
    static constexpr int besides = 0;
    static void each(auto&& visit) {
        visit("manner", &DoorWay::manner, plain.required());
        visit("ticks", &DoorWay::ticks, range(1, maxPeriodTicks).always());
        visit("passes", &DoorWay::passes, plain.always());
    }
};

template <>
struct Description<Patrol> {
    static constexpr int besides = 0;
    static void each(auto&& visit) {
        visit("gait", &Patrol::gait, plain.required());
        visit("speed", &Patrol::speed, range(1, 16000).always());
        visit("turnsAtEdges", &Patrol::turnsAtEdges, plain.always());
        visit("turnsAt", &Patrol::turnsAt,
              range(-limits::maxCoordinatePx, limits::maxCoordinatePx));
    }
};

template <>
struct Description<SpringHeights> {
    static constexpr int besides = 0;
    static void each(auto&& visit) {
        visit("high", &SpringHeights::high, range(1, 1000000).always());
        visit("low", &SpringHeights::low, range(1, 1000000).always());
        visit("pushDx", &SpringHeights::pushDx, range(-maxSpringPushPx, maxSpringPushPx).always());
    }
};

}  // namespace rook::level
