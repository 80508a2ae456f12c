#pragma once
/// What is decided once for the whole game: where it begins, what follows the last level, what it
/// counts, what passes from level to level; and the words and goals that levels have.

#include <optional>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/id.h"
#include "level/fields.h"
#include "level/names.h"

namespace rook::level {

/// A named whole number that the game keeps, such as a score or lives.
struct Tally {
    /// What grows with it: each time that the tally passes a multiple of `step` upwards.
    struct Every {
        int step = 100;     ///< 1 and more
        std::string tally;  ///< the other one
        int add = 1;
        bool operator==(const Every&) const = default;
    };

    std::string name;   ///< a plain name, unique in the game
    std::string title;  ///< what people read
    int start = 0;
    int least = 0;  ///< it is cut to `least` .. `most` after each addition
    int most = 999999;
    bool isShown = true;
    Keeps keeps = Keeps::Game;
    std::vector<Every> every;
    UnknownKeys unknown;
    bool operator==(const Tally&) const = default;
};

/// Something that a level asks for.
struct LevelGoal {
    GoalType type = GoalType::Collect;
    KindId kind;           ///< collect and defeat
    int count = 0;         ///< likewise; 0 = all that stand in the level's file
    std::string tally;     ///< of the game
    int atLeast = 0;       ///< of that tally
    int ticks = 3600;      ///< survive: holds from that tick on; within: must be won before it
    bool isNeeded = true;  ///< else it is a bonus
    std::string words;     ///< id of the text that tells of it; empty = none
    UnknownKeys unknown;
    bool operator==(const LevelGoal&) const = default;
};

/// A text in another language than the game's first.
struct Translation {
    std::string language;  ///< as the game names it, unique among its neighbours
    std::string text;
    bool operator==(const Translation&) const = default;
};

/// A text that the player reads.
struct Words {
    std::string id;                     ///< a plain name, unique among its neighbours
    WordsWhen when = WordsWhen::Start;  ///< of a level: start to said; of the game: over and end
    std::string text;
    WordsPlace at = WordsPlace::Middle;
    int ticks = 0;  ///< 0 = until a key
    std::vector<Translation> in;
    UnknownKeys unknown;
    /// In that language; none if it is not translated.
    [[nodiscard]] const std::string* textIn(const std::string& language) const;
    bool operator==(const Words&) const = default;
};

/// A screen that the game is played on.
struct Screen {
    std::string name;  ///< a plain name, unique in the game
    int width = 640;   ///< px
    int height = 360;  ///< px
    UnknownKeys unknown;
    bool operator==(const Screen&) const = default;
};

/// Where the game begins.
struct GameStart {
    LevelId level;   ///< empty = the first in the running order
    EntityId entry;  ///< empty = its first spawn
    bool operator==(const GameStart&) const = default;
};

/// What winning the last level leads to.
struct AfterLast {
    AfterLastWhat what = AfterLastWhat::End;
    LevelId level;   ///< where it leads to a level
    EntityId entry;  ///< empty = its first spawn
    bool operator==(const AfterLast&) const = default;
};

/// What is held when the next level begins.
struct Carries {
    bool abilities = false;
    bool keys = false;
    bool operator==(const Carries&) const = default;
};

/// Where a card lies on the game map.
struct MapPlace {
    LevelId level;
    PxPoint at;  ///< of its upper left corner
    bool operator==(const MapPlace&) const = default;
};

struct Game {
    GameStart start;
    AfterLast afterLast;
    std::vector<Tally> tallies;
    std::string lives;  ///< the tally of which a death takes 1; empty = deaths cost nothing
    Carries carries;
    /// The first is the one that cameras and fits are judged by.
    std::vector<Screen> screens{{"screen", 640, 360, {}}};
    std::vector<std::string> languages{"en"};  ///< the first is the one that texts are written in
    std::vector<Words> texts;                  ///< when the game is over, and at its end
    bool mayLoop = false;                      ///< levels that lead round for ever are meant so
    std::vector<MapPlace> map;                 ///< cards that were moved by hand
    UnknownKeys unknown;

    /// The screen that cameras and fits are judged by.
    [[nodiscard]] Screen screen() const { return screens.empty() ? Screen() : screens.front(); }
    [[nodiscard]] const Tally* findTally(const std::string& name) const;
    bool operator==(const Game&) const = default;
};

inline constexpr int greatestTally = 1000000000;
inline constexpr int maxTicks = 100000000;
inline constexpr std::size_t maxTallies = 64;
inline constexpr std::size_t maxGoals = 64;
inline constexpr std::size_t maxTexts = 1024;

/// A sentence if a rule is broken: bounds in their order; no tally that feeds itself, nor through
/// others; texts of the game only when it is over or ends; a screen and a language at least.
[[nodiscard]] std::optional<std::string> flawOf(const Tally& tally);
[[nodiscard]] std::optional<std::string> flawOf(const Game& game);

}  // namespace rook::level
