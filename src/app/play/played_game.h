#pragma once
/// A game that is played on the board, level after level: what is counted, the words that are
/// shown, and what follows. No widget here.

#include <QString>
#include <QStringList>
#include <optional>

#include "game/proof.h"
#include "rook_motion.hpp"

namespace rook::app {

class PlayedGame {
public:
    explicit PlayedGame(const level::Project& project);

    /// A level begins; its words at the start are shown, unless it begins
    /// again.
    void arrive(const level::Project& project, const level::Level& level, bool isAgain);

    /// Numbers that are there at every arrival from now on, whatever would be: for who tries a
    /// level with them. Names that no tally has count for nothing.
    void tryWith(const std::map<std::string, int>& tallies) { m_tried = tallies; }

    /// Goes by the runs of that proof from now on, level after level, from its start.
    void followProof(const game::GameProof& proof);
    /// A run through one level of it.
    struct ProofRun {
        LevelId level;
        EntityId entry;
        std::vector<runtime::Input> inputs;
        std::vector<kit::Spot> way;         ///< on a board of pieces
        std::vector<kit::PacedMove> moves;  ///< of it, where something goes by the clock
    };
    /// Of the level that one is in; null if hands steer.
    [[nodiscard]] const ProofRun* run() const { return m_run; }
    /// Hands steer from here on.
    void takeOver() { m_run = nullptr; }

    /// What is carried: the next level begins with it.
    [[nodiscard]] const level::InHand& hand() const { return m_hand; }
    /// The level is left with these taken.
    void carry(const level::Project& project, const level::Level& level,
               const std::vector<std::string>& taken);
    /// Where one arrives: where levels begin at any of their spawns, at the one whose turn it is.
    [[nodiscard]] EntityId entryOf(const level::Project& project, const game::Destination& to);

    /// The level is another value now: what it asks for may be, too.
    void follow(const level::Project& project, const level::Level& level) {
        m_level = game::rulesOf(project, level, m_rules);
    }

    /// True if an exit that is met in the next tick wins the level.
    [[nodiscard]] bool mayWin() const { return runtime::mayWin(m_level, m_state); }
    /// An exit was met for nothing: the words of the first goal that is missing.
    void tellMissing(const level::Level& level);
    /// Something of that kind was taken.
    void take(const level::Project& project, const level::Entity& entity);
    /// A foe was beaten, or a member of a formation.
    void beat(const level::Project& project, const level::Entity& entity);
    /// A tick in which nothing was won and nobody died.
    [[nodiscard]] runtime::TickEnd endTick();
    /// What follows a death, or a level that is lost.
    [[nodiscard]] runtime::Death die();

    /// What is done once the words are read.
    enum class Then : unsigned char { GoesOn, LeadsOn, LevelAgain, GameAgain, Ends };
    /// The level is won by an exit (or by none): its words, then on to where it leads.
    void win(const level::Level& level, const game::Destination& to);
    /// The level is lost: its words, then again, or the game is over.
    void lose(const level::Project& project, const level::Level& level);
    void over(const level::Project& project);
    /// The game is won.
    void end(const level::Project& project);

    /// Words that stand there now; null if none do.
    [[nodiscard]] const level::Words* words() const { return m_words ? &*m_words : nullptr; }
    /// Time stands still until a key.
    [[nodiscard]] bool isWaiting() const;
    /// A tick of the words; gives what is to be done now.
    [[nodiscard]] Then passTick();
    /// A key was pressed while time stood still; gives what is to be done now.
    [[nodiscard]] Then dismiss();
    /// Where the level that was won leads.
    [[nodiscard]] const game::Destination& destination() const { return m_to; }

    /// A run that left a level by an exit: so long as nothing else was done it can be kept.
    struct LeftRun {
        LevelId level;
        std::vector<runtime::Input> inputs;
        std::string exit;
    };
    std::optional<LeftRun> left;

    /// "Score 120", for the strip.
    [[nodiscard]] QStringList counts() const;
    /// Goals in words, with how far they are.
    [[nodiscard]] QStringList goals(const level::Project& project) const;
    [[nodiscard]] const runtime::GameState& state() const { return m_state; }

private:
    void show(const level::Words* words, Then then);

    runtime::GameRules m_rules;
    std::map<std::string, int> m_tried;
    level::InHand m_hand;
    unsigned long long m_arrivals = 0;
    std::vector<ProofRun> m_runs;
    std::size_t m_nextRun = 0;
    const ProofRun* m_run = nullptr;
    runtime::GameState m_state;
    runtime::LevelRules m_level;
    std::optional<level::Words> m_words;
    int m_ticksLeft = 0;  ///< of words that go by themselves
    Then m_then = Then::GoesOn;
    game::Destination m_to;
};

}  // namespace rook::app
