#pragma once
/// The fields of what is decided for the whole game. See describe.h.

#include "level/describe.h"
#include "level/game.h"

namespace rook::level {

template <>
struct Description<Tally::Every> {
    static void each(auto&& visit) {
        visit("step", &Tally::Every::step, range(1, greatestTally).always());
        visit("tally", &Tally::Every::tally, plainName);
        visit("add", &Tally::Every::add, range(-greatestTally, greatestTally).always());
    }
};

template <>
struct Description<Tally> {
    static void each(auto&& visit) {
        constexpr FieldRule number = range(-greatestTally, greatestTally).always();
        visit("name", &Tally::name, plainName);
        visit("title", &Tally::title, title);
        visit("start", &Tally::start, number);
        visit("least", &Tally::least, number);
        visit("most", &Tally::most, number);
        visit("shown", &Tally::isShown, plain.always());
        visit("keeps", &Tally::keeps, plain.always());
        visit("every", &Tally::every, listOf(maxTallies));
    }
};

template <>
struct Description<LevelGoal> {
    static void each(auto&& visit) {
        visit("type", &LevelGoal::type, plain.required());
        visit("kind", &LevelGoal::kind, plain);
        visit("count", &LevelGoal::count, range(0, limits::maxEntities));
        visit("tally", &LevelGoal::tally, plain);
        visit("atLeast", &LevelGoal::atLeast, range(-greatestTally, greatestTally));
        visit("ticks", &LevelGoal::ticks, range(0, maxTicks));
        visit("needed", &LevelGoal::isNeeded, plain.always());
        visit("words", &LevelGoal::words, plain);
    }
};

template <>
struct Description<Translation> {
    static void each(auto&& visit) {
        visit("language", &Translation::language, plainName);
        visit("text", &Translation::text, plain.always());
    }
};

template <>
struct Description<Words> {
    static void each(auto&& visit) {
        visit("id", &Words::id, plainName);
        visit("when", &Words::when, plain.required());
        visit("text", &Words::text, plain.always());
        visit("at", &Words::at, plain.always());
        visit("ticks", &Words::ticks, range(0, maxTicks).always());
        visit("in", &Words::in, listOf(64));
    }
};

template <>
struct Description<Screen> {
    static void each(auto&& visit) {
        visit("name", &Screen::name, plainName);
        visit("width", &Screen::width, range(16, 16384).required());
        visit("height", &Screen::height, range(16, 16384).required());
    }
};

template <>
struct Description<GameStart> {
    static void each(auto&& visit) {
        visit("level", &GameStart::level, plain.always());
        visit("entry", &GameStart::entry, plain.always());
    }
};

template <>
struct Description<AfterLast> {
    static void each(auto&& visit) {
        visit("do", &AfterLast::what, plain.required());
        visit("level", &AfterLast::level, plain);
        visit("entry", &AfterLast::entry, plain);
    }
};

template <>
struct Description<Carries> {
    static void each(auto&& visit) {
        visit("abilities", &Carries::abilities, plain.always());
        visit("keys", &Carries::keys, plain.always());
    }
};

template <>
struct Description<MapPlace> {
    static void each(auto&& visit) {
        visit("level", &MapPlace::level, plainName);
        visit("at", &MapPlace::at, coordinate.required());
    }
};

template <>
struct Description<Game> {
    static constexpr bool isLong = true;
    static void each(auto&& visit) {
        visit("start", &Game::start, plain);
        visit("afterLast", &Game::afterLast, plain);
        visit("tallies", &Game::tallies, listOf(maxTallies).unique());
        visit("lives", &Game::lives, plain);
        visit("carries", &Game::carries, plain);
        visit("screens", &Game::screens, listOf(64).unique());
        visit("languages", &Game::languages, listOf(64));
        visit("texts", &Game::texts, listOf(maxTexts).unique());
        visit("mayLoop", &Game::mayLoop, plain);
        visit("map", &Game::map, listOf(limits::maxLevels).unique());
    }
};

}  // namespace rook::level
