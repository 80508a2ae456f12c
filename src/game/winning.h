#pragma once
/// Whether a level can be won: by which exits, with which goals, and with what in hand.
///
/// A *yes* has a run that was played by the rules of the game, with all that moves and kills, and
/// won. A *no* is proven: the exit is met by no body, or one goal alone is impossible. The rest is
/// not decided. All of it is of one life.
///
/// Threads: pure functions; they may run anywhere.

#include "game/rules.h"
#include "kit/stands.h"
#include "reach/prove.h"

namespace rook::game {

enum class Decided : unsigned char { Yes, No, Unknown };

/// Whether one goal by itself can be met.
struct GoalChance {
    Decided can = Decided::Unknown;
    std::string why;  ///< unless it is *yes*: a sentence without a full stop
    bool operator==(const GoalChance&) const = default;
};

/// One way of winning: by an exit, with what is carried on from there.
struct WayOut {
    EntityId exit;        ///< empty = without one, by the goals
    level::InHand after;  ///< as far as it was asked for
    Decided can = Decided::Unknown;
    std::string why;                     ///< unless it is *yes*
    std::vector<runtime::Input> inputs;  ///< of the run, where it is *yes* on a board of matter
    std::vector<kit::Spot> way;          ///< the same on a board of pieces
    std::vector<kit::PacedMove> moves;   ///< of that way, where something goes by the clock
};

struct Winning {
    Decided can = Decided::Unknown;
    std::string why;                ///< unless it is *yes*
    std::vector<GoalChance> goals;  ///< as the level has them; on bonus goals too
    std::vector<WayOut> ways;       ///< exits in file order
    bool isWhole = true;            ///< false if there may be ways that are not listed

    /// By that exit, with anything in hand.
    [[nodiscard]] Decided by(const EntityId& exit) const;
};

/// What one asks beside the level.
struct WinOptions {
    EntityId entry;                       ///< where it begins; empty = the first spawn
    std::optional<level::InHand> inHand;  ///< none = as the level assumes
    /// What makes a difference to other levels, and so tells ways apart.
    level::InHand matters;
    bool looksAtBonus = true;  ///< whether bonus goals can be met, too
    /// What is reached from there with that in hand, where it is known already.
    const reach::Verdict* reached = nullptr;
};

/// False if a level is won exactly where its only exit is reached: nothing else is asked for then.
[[nodiscard]] bool asksMoreThanReach(const level::Project& project, const level::Level& level);

/// Cost: a solve with a log an exit; with needed goals, for each of a few orders of what is to be
/// collected, a solve for each thing.
[[nodiscard]] Winning winningOf(const level::Project& project, const level::Level& level,
                                const WinOptions& options = {}, const reach::Limits& limits = {});

/// How a level was played by inputs.
struct Played {
    bool isWon = false;
    EntityId exit;  ///< by which; empty = without one
    bool isDead = false;
    bool isLost = false;        ///< a needed *within* failed
    runtime::HeldSet held = 0;  ///< when it ended
    std::size_t ticks = 0;      ///< the winning one not counted
};
/// Plays by the rules until it ends or the inputs do. `problem`: with foes, as all that kills
/// counts. Pure. Cost: ticks times what can be met.
[[nodiscard]] Played play(const level::Project& project, const level::Level& level,
                          const reach::Problem& problem, const std::vector<runtime::Input>& inputs);

}  // namespace rook::game
