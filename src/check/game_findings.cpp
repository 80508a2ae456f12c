#include "check/game_findings.h"

#include <algorithm>
#include <map>
#include <set>

#include "game/flow.h"
#include "game/rules.h"

namespace rook::check {

using namespace level;
using Sort = game::Destination::Sort;

namespace {

class GameCheck {
public:
    explicit GameCheck(const Project& project) : m_project(project) {}

    std::vector<ProjectFinding> run() {
        if (m_project.levels.empty()) return {};
        gather();
        beginnings();
        ways();
        tallies();
        texts(m_project.game.texts, "the game", gameFile);
        for (const auto& level : m_project.levels) {
            goals(*level);
            texts(level->texts, level->title, fileOf(level->id));
        }
        return std::move(m_findings);
    }

private:
    void add(const char* name, Severity severity, std::string sentence, const std::string& where) {
        m_findings.push_back({name, severity, std::move(sentence), where});
    }

    /// What each level leads to, and what can be gained in it.
    void gather() {
        for (const auto& level : m_project.levels) {
            auto& onward = m_onward[level->id];
            bool hasExit = false;
            for (const Entity& entity : level->entities) {
                const Kind* kind = m_project.findKind(entity.kind);
                if (!kind) continue;
                if (kind->role == Role::Pickup && !kind->tally.empty() && entity.data.value > 0)
                    m_gains[level->id][kind->tally] += entity.data.value;
                if (kind->role != Role::Exit) continue;
                hasExit = true;
                onward.push_back(game::destinationOf(m_project, *level, entity.to));
            }
            // Without exits it is won by its goals, or as a puzzle, and leads on to the next.
            if (level->kind == LevelKind::Puzzle || (!hasExit && !level->goals.empty()))
                onward.push_back(game::destinationOf(m_project, *level, {Onward::Next, {}, {}}));
        }
    }

    void beginnings() {
        const auto start = game::startOf(m_project);
        // That its first level has no spawn yet is said there.
        if (start.sort == Sort::Nowhere && !(m_project.game.start == GameStart()))
            add("game-begins-nowhere", Severity::Error, "The game begins nowhere: " + start.problem,
                gameFile);
        const auto after = game::afterLast(m_project);
        if (after.sort == Sort::Nowhere && m_project.game.afterLast.what == AfterLastWhat::Level)
            add("after-last-nowhere", Severity::Error,
                "What follows the last level leads nowhere: " + after.problem, gameFile);
    }

    /// Levels that one comes to, and whether an end is among what they lead to.
    void ways() {
        const auto start = game::startOf(m_project);
        if (start.sort != Sort::Level) return;
        std::vector<LevelId> open{start.level};
        std::set<LevelId> seen{start.level};
        bool hasEnd = false;
        while (!open.empty()) {
            const LevelId id = open.back();
            open.pop_back();
            for (const game::Destination& to : m_onward[id]) {
                hasEnd = hasEnd || to.sort == Sort::End || isNewGame(id, to);
                if (to.sort == Sort::Level && seen.insert(to.level).second)
                    open.push_back(to.level);
            }
        }
        if (!hasEnd && !m_project.game.mayLoop)
            add("game-without-end", Severity::Doubt,
                "No exit that one comes to leads to the end of the game. Let one lead there, or "
                "say "
                "that levels may lead round for ever (The game, key 0)",
                gameFile);
        for (const auto& level : m_project.levels)
            if (!seen.contains(level->id))
                add("level-not-led-to", Severity::Doubt,
                    "Nothing leads to " + level->title +
                        ": no exit that one comes to, and the game does not begin there",
                    fileOf(level->id));
    }
    /// Winning the last level, where the game begins again then, counts as an end.
    [[nodiscard]] bool isNewGame(const LevelId& from, const game::Destination& to) const {
        return m_project.game.afterLast.what == AfterLastWhat::Again &&
               from == m_project.levels.back()->id && to.level == game::startOf(m_project).level;
    }

    void tallies() {
        const Game& game = m_project.game;
        const auto wants = [&](const std::string& tally, const std::string& by,
                               const std::string& where) {
            if (!tally.empty() && !game.findTally(tally))
                add("tally-unknown", Severity::Error,
                    by + " names the tally " + tally + ", which the game does not have", where);
        };
        wants(game.lives, "What a death takes one of", gameFile);
        std::set<std::string> fed;
        for (const Tally& tally : game.tallies)
            for (const Tally::Every& every : tally.every) {
                wants(every.tally, tally.title, gameFile);
                fed.insert(every.tally);
            }
        for (const Kind& kind : m_project.kinds) {
            wants(kind.tally, kind.title, gameFile);
            fed.insert(kind.tally);
        }
        if (game.findTally(game.lives) && !fed.contains(game.lives))
            add("lives-not-given", Severity::Note,
                "Nothing gives " + game.findTally(game.lives)->title +
                    ": no pickup counts for it, and it grows with no other tally",
                gameFile);
    }

    void goals(const Level& level) {
        for (const LevelGoal& goal : level.goals) {
            const std::string flaw = flawOf(level, goal);
            if (!flaw.empty())
                add("goal-cannot-be-met", goal.isNeeded ? Severity::Error : Severity::Doubt,
                    "A goal of " + level.title + " cannot be met: " + flaw, fileOf(level.id));
            if (!goal.words.empty() && !game::findWords(level, goal.words))
                add("text-missing", Severity::Doubt,
                    "A goal of " + level.title + " names the text " + goal.words +
                        ", which the level does not have",
                    fileOf(level.id));
        }
    }

    /// Why a goal cannot be met, whatever one does; empty if that is not known.
    [[nodiscard]] std::string flawOf(const Level& level, const LevelGoal& goal) const {
        switch (goal.type) {
            case GoalType::Collect:
            case GoalType::Defeat: {
                const Kind* kind = m_project.findKind(goal.kind);
                if (!kind) return "there is no kind " + goal.kind.text;
                const auto count =
                    std::count_if(level.entities.begin(), level.entities.end(),
                                  [&](const Entity& entity) { return entity.kind == goal.kind; });
                if (goal.type == GoalType::Defeat && !someProfileBeatsFoes())
                    return "no motion profile of this project lists beats-foes";
                if (goal.type == GoalType::Collect && goal.count > count)
                    return "it asks for " + std::to_string(goal.count) + " of " + kind->title +
                           ", and " + std::to_string(count) + " stand in the level";
                return {};
            }
            case GoalType::Tally:
                return flawOfTally(level, goal);
            case GoalType::Within:
                return goal.ticks == 0 ? "there is no time at all" : "";
            case GoalType::Survive:
                return {};
        }
        return {};
    }
    [[nodiscard]] bool someProfileBeatsFoes() const {
        return std::any_of(m_project.profiles.begin(), m_project.profiles.end(),
                           [](const auto& each) { return each.has(Ability::BeatsFoes); });
    }
    [[nodiscard]] std::string flawOfTally(const Level& level, const LevelGoal& goal) const {
        const Tally* tally = m_project.game.findTally(goal.tally);
        if (!tally) return "there is no tally " + goal.tally;
        if (goal.atLeast > tally->most)
            return tally->title + " is " + std::to_string(tally->most) + " at most";
        // What is gained elsewhere counts too, again and again where levels lead round.
        if (tally->keeps != Keeps::Level || isFed(tally->name)) return {};
        long long most = tally->start;
        if (const auto here = m_gains.find(level.id); here != m_gains.end())
            if (const auto gained = here->second.find(tally->name); gained != here->second.end())
                most += gained->second;
        if (goal.atLeast <= most) return {};
        return tally->title + " gets to " + std::to_string(most) + " with all that can be gained";
    }
    [[nodiscard]] bool isFed(const std::string& name) const {
        for (const Tally& tally : m_project.game.tallies)
            for (const Tally::Every& every : tally.every)
                if (every.tally == name) return true;
        return false;
    }

    template <typename Texts>
    void texts(const Texts& list, const std::string& of, const std::string& where) {
        const std::vector<std::string>& languages = m_project.game.languages;
        std::map<std::string, std::vector<std::string>> missing;
        for (const Words& words : list) {
            if (words.text.find_first_not_of(" \n\t") == std::string::npos) {
                add("text-empty", Severity::Doubt,
                    "The text " + words.id + " of " + of + " says nothing", where);
                continue;
            }
            fits(words.text, words.id, of, where);
            for (std::size_t i = 1; i < languages.size(); ++i) {
                const std::string* text = words.textIn(languages[i]);
                if (!text)
                    missing[languages[i]].push_back(words.id);
                else
                    fits(*text, words.id + " in " + languages[i], of, where);
            }
        }
        for (const auto& [language, ids] : missing)
            add("text-not-translated", Severity::Doubt,
                of + ": " +
                    (ids.size() == 1 ? "the text " + ids[0] + " is"
                                     : std::to_string(ids.size()) + " texts are") +
                    " not in " + language,
                where);
    }
    /// By the letters of a plain font: what is told is too long on any screen of that size.
    void fits(const std::string& text, const std::string& id, const std::string& of,
              const std::string& where) {
        constexpr int letterPx = 7, linePx = 17, rimPx = 32;
        const Screen screen = m_project.game.screen();
        const int across = std::max(1, (screen.width * 7 / 10 - rimPx) / letterPx);
        int lines = 0;
        for (std::size_t at = 0; at <= text.size();) {
            const std::size_t end = std::min(text.find('\n', at), text.size());
            const auto letters = std::count_if(
                text.begin() + static_cast<std::ptrdiff_t>(at),
                text.begin() + static_cast<std::ptrdiff_t>(end),
                [](char c) { return (static_cast<unsigned char>(c) & 0xc0) != 0x80; });
            lines += std::max(1, static_cast<int>((letters + across - 1) / across));
            at = end + 1;
        }
        if (lines * linePx > screen.height / 2)
            add("text-too-long", Severity::Doubt,
                "The text " + id + " of " + of + " takes " + std::to_string(lines) +
                    " lines, more than half of a screen of " + std::to_string(screen.width) +
                    " x " + std::to_string(screen.height),
                where);
    }

    const Project& m_project;
    std::vector<ProjectFinding> m_findings;
    std::map<LevelId, std::vector<game::Destination>> m_onward;
    std::map<LevelId, std::map<std::string, long long>> m_gains;
};

}  // namespace

std::vector<ProjectFinding> gameFindings(const Project& project) {
    return GameCheck(project).run();
}

}  // namespace rook::check
