#pragma once
/// The fields of what is placed on a level, and of how bodies move. See describe.h.

#include "level/describe.h"
#include "level/describe_puzzle.h"
#include "level/entity.h"
#include "level/kept_run.h"
#include "level/kit.h"
#include "level/motion_profile.h"
#include "level/zone.h"

namespace rook::level {

template <>
struct Description<MotionProfile> {
    static void each(auto&& visit) {
        visit("name", &MotionProfile::name, plainName);
        visit("body", together(&MotionProfile::bodyWidth, &MotionProfile::bodyHeight),
              range(1, 512).required());
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
        visit("diagonal", &MotionProfile::diagonal, plain);
        visit("abilities", &MotionProfile::abilities, listOf(abilityCount).always());
        visit("swapsWith", &MotionProfile::swapsWith, plain);
    }
};

template <>
struct Description<FieldDefinition> {
    static void each(auto&& visit) {
        visit("name", &FieldDefinition::name, plainName);
        visit("type", &FieldDefinition::type, plain.required());
        visit("standard", byHand(&FieldDefinition::defaultValue, &FieldDefinition::item));
        visit("needed", &FieldDefinition::isNeeded, plain);
        visit("choices", &FieldDefinition::choices, listOf(maxListItems));
        visit("low", &FieldDefinition::low, plain);
        visit("high", &FieldDefinition::high, plain);
        visit("of", &FieldDefinition::of, plain);
        visit("unit", &FieldDefinition::unit, plain);
        visit("help", &FieldDefinition::help, plain);
    }
};

template <>
struct Description<Kind> {
    static void each(auto&& visit) {
        visit("id", &Kind::id, plainName);
        visit("title", &Kind::title, title);
        visit("role", &Kind::role, plain.required());
        visit("box", together(&Kind::width, &Kind::height),
              range(1, limits::maxCoordinatePx).required());
        visit("color", &Kind::color, color);
        visit("sheet", &Kind::sheet, text(TextSort::Sheet));
        visit("tile", &Kind::tile, range(0, 65536));
        visit("sprite", byHand(&Kind::spriteTiles, &Kind::sprite));
        visit("standing", &Kind::standing, plain);
        visit("tally", &Kind::tally, plain);
        visit("worth", &Kind::worth, range(-1000000, 1000000));
        visit("atLeast", &Kind::atLeast, range(0, limits::maxEntities));
        visit("atMost", &Kind::atMost, range(0, limits::maxEntities));
        visit("fields", &Kind::fields, listOf(256));
        visit("counter", &Kind::counter, plain);
    }
};

template <>
struct Description<runtime::Timetable> {
    static void each(auto&& visit) {
        visit("periodTicks", &runtime::Timetable::periodTicks, range(1, maxPeriodTicks).required());
        visit("on", &runtime::Timetable::on,
              range(0, maxPeriodTicks).items(0, maxPeriodTicks).always());
    }
};

template <>
struct Description<SpringHeights> {
    static void each(auto&& visit) {
        visit("high", &SpringHeights::high, range(1, 1000000).always());
        visit("low", &SpringHeights::low, range(1, 1000000).always());
        visit("pushDx", &SpringHeights::pushDx, range(-maxSpringPushPx, maxSpringPushPx).always());
    }
};

template <>
struct Description<Track> {
    static void each(auto&& visit) {
        visit("points", &Track::points, coordinate.always());
        visit("round", &Track::isRound, plain.always());
        visit("periodTicks", &Track::periodTicks, range(1, maxPeriodTicks).always());
        visit("pace", &Track::pace, plain);
        visit("waits", &Track::waits, range(0, maxPeriodTicks).items(0, maxTrackPoints + 1));
        visit("ease", &Track::ease, plain);
    }
};

template <>
struct Description<Thrower> {
    static void each(auto&& visit) {
        visit("every", &Thrower::everyTicks, range(1, maxPeriodTicks).always());
        visit("first", &Thrower::first, range(0, maxPeriodTicks - 1).always());
        visit("shot", &Thrower::shot, plain.always());
    }
};

template <>
struct Description<Shot> {
    static void each(auto&& visit) {
        visit("width", &Shot::width, range(1, maxShotPx).always());
        visit("height", &Shot::height, range(1, maxShotPx).always());
        visit("dx", &Shot::dx, range(-maxShotPace, maxShotPace).always());
        visit("dy", &Shot::dy, range(-maxShotPace, maxShotPace).always());
        visit("life", &Shot::lifeTicks, range(1, maxShotTicks).always());
    }
};

template <>
struct Description<Patrol> {
    static void each(auto&& visit) {
        visit("gait", &Patrol::gait, plain.required());
        visit("speed", &Patrol::speed, range(1, 16000).always());
        visit("turnsAtEdges", &Patrol::turnsAtEdges, plain.always());
        visit("turnsAt", &Patrol::turnsAt, coordinate);
    }
};

/// All numbers are written whatever the shape, so that none is lost while it is another.
template <>
struct Description<Formation> {
    static void each(auto&& visit) {
        visit("member", &Formation::member, plain.always());
        visit("shape", &Formation::shape, plain.required());
        visit("count", &Formation::count, range(1, maxFormation).always());
        visit("distance", &Formation::distance, range(0, 4096).always());
        visit("gaps", &Formation::gaps, range(0, maxFormation - 1).items(0, maxFormation));
        visit("columns", &Formation::columns, range(1, maxFormation).always());
        visit("arcDegrees", &Formation::arcDegrees, range(1, 360).always());
        visit("periodTicks", &Formation::periodTicks, range(0, maxPeriodTicks).always());
        visit("clockwise", &Formation::isClockwise, plain);
        visit("shift", &Formation::shift, coordinate);
    }
};

template <>
struct Description<Call> {
    static void each(auto&& visit) {
        visit("when", &Call::when, plain.required());
        visit("message", &Call::message, plain.required());
        visit("target", &Call::target, plain);
    }
};

template <>
struct Description<Trigger> {
    static void each(auto&& visit) {
        visit("once", &Trigger::once, plain.always());
        visit("calls", &Trigger::calls, plain.always());
    }
};

template <>
struct Description<DoorWay> {
    static void each(auto&& visit) {
        visit("manner", &DoorWay::manner, plain.required());
        visit("ticks", &DoorWay::ticks, range(0, maxPeriodTicks).always());
        visit("passes", &DoorWay::passes, plain.always());
    }
};

template <>
struct Description<RoleData> {
    static void each(auto&& visit) {
        visit("opens", &RoleData::opens, plain);
        visit("opensWithAllPickups", &RoleData::opensWithAllPickups, plain);
        visit("grants", &RoleData::grants, plain);
        visit("takes", &RoleData::takes, plain);
        visit("movesAs", &RoleData::movesAs, plain);
        visit("timetable", &RoleData::timetable, plain);
        visit("value", &RoleData::value, range(-1000000, 1000000));
        visit("grantTicks", &RoleData::grantTicks, range(0, maxPeriodTicks));
        visit("letter", &RoleData::letter, plain);
        visit("door", &RoleData::door, plain);
        visit("patrol", &RoleData::patrol, plain);
        visit("formation", &RoleData::formation, plain);
        visit("trigger", &RoleData::trigger, plain);
        visit("spring", &RoleData::spring, plain);
        visit("track", &RoleData::track, plain);
        visit("thrower", &RoleData::thrower, plain);
    }
};

template <>
struct Description<Transition> {
    static void each(auto&& visit) {
        visit("sort", &Transition::sort, plain.required());
        visit("ticks", &Transition::ticks, range(1, maxTransitionTicks).always());
    }
};

template <>
struct Description<Appearance> {
    static void each(auto&& visit) {
        visit("scale", &Appearance::scale, range(1, maxScale));
        visit("quarterTurns", &Appearance::quarterTurns, range(0, 3));
        visit("mirrored", &Appearance::isMirrored, plain);
        visit("upsideDown", &Appearance::isUpsideDown, plain);
        visit("sheet", &Appearance::sheet, text(TextSort::Sheet));
        visit("tile", &Appearance::tile, range(0, 65536));
        visit("tiles", &Appearance::tiles, range(1, 64));
        visit("order", &Appearance::order, plain);
        visit("place", &Appearance::place, range(-1000, 1000));
    }
};

template <>
struct Description<ExitTarget> {
    static void each(auto&& visit) {
        visit("do", &ExitTarget::onward, plain.always());
        visit("level", &ExitTarget::level, plain);
        visit("entry", &ExitTarget::entry, plain);
        visit("transition", &ExitTarget::transition, plain);
    }
};

template <>
struct Description<Entity> {
    static void each(auto&& visit) {
        visit("id", &Entity::id, plainName);
        visit("kind", &Entity::kind, plainName);
        visit("x", byHand(&Entity::box));
        visit("storey", &Entity::storey, range(0, maxStoreys - 1));
        visit("facing", &Entity::facing, plain);
        visit("look", &Entity::look, plain);
        visit("to", &Entity::to, plain);
        visit("group", &Entity::group, plain);
        visit("", &Entity::data, inPlace);
        visit("fields", byHand(&Entity::fields, &Entity::unknownFields));
    }
};

template <>
struct Description<KeptRun> {
    static void each(auto&& visit) {
        visit("name", &KeptRun::name, plain);
        visit("start", &KeptRun::start, plain);
        visit("goal", &KeptRun::goal, plain.always());
        visit("inputs", byHand(&KeptRun::spans));
    }
};

template <>
struct Description<Zone> {
    static void each(auto&& visit) {
        visit("id", &Zone::id, plainName);
        visit("name", &Zone::name, title);
        visit("at", byHand(&Zone::place));
        visit("camera", byHand(&Zone::camera));
        visit("theme", &Zone::theme, plain);
        visit("music", &Zone::music, plain);
        visit("onEnter", &Zone::onEnter, plain);
        visit("onLeave", &Zone::onLeave, plain);
        visit("transition", &Zone::transition, plain);
    }
};

}  // namespace rook::level
