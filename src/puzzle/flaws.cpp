/// What is wrong with a puzzle level; see board.h.

#include <algorithm>
#include <map>
#include <set>

#include "puzzle/board.h"

namespace rook::puzzle {

using level::Arrangement;
using level::Counter;
using level::PuzzleRuleName;
using level::Slot;
using level::SlotState;

namespace {

std::string textOf(CellPoint at) {
    return std::to_string(at.x) + ", " + std::to_string(at.y);
}

class Flaws {
public:
    Flaws(const level::Project& project, const level::Level& level)
        : m_project(project),
          m_puzzle(level.puzzle),
          m_rule(level.puzzle.rule),
          m_geometry(level.puzzle.board) {}

    std::vector<Flaw> find() {
        if (const auto flaw = level::flawOf(m_puzzle.board)) {
            add(*flaw, "Give the board other numbers in the level sheet");
            return std::move(m_flaws);
        }
        for (const Slot& slot : m_puzzle.slotList)
            checkSlot(slot);
        checkTallies();
        checkRoster();
        for (const Counter& counter : m_puzzle.counters)
            checkCounter(counter);
        checkPlaces();
        checkRule();
        return std::move(m_flaws);
    }

private:
    void add(std::string sentence, std::string remedy) {
        m_flaws.push_back({std::move(sentence), std::move(remedy), false, std::nullopt, {}});
    }
    void note(std::string sentence, std::string remedy) {
        add(std::move(sentence), std::move(remedy));
        m_flaws.back().isNote = true;
    }
    void addAt(const Slot& slot, std::string sentence, std::string remedy) {
        add("Slot " + textOf(slot.at) + " " + std::move(sentence), std::move(remedy));
        m_flaws.back().slot = slot.at;
    }
    void addOf(const Counter& counter, std::string sentence, std::string remedy) {
        add(counter.id.text + " " + std::move(sentence), std::move(remedy));
        m_flaws.back().counter = counter.id;
        if (!counter.isParked) m_flaws.back().slot = counter.at;
    }
    [[nodiscard]] bool isGrid() const {
        return m_puzzle.board.arrangement == Arrangement::Square ||
               m_puzzle.board.arrangement == Arrangement::Hex;
    }
    [[nodiscard]] bool isFree() const { return m_puzzle.board.arrangement == Arrangement::Free; }
    [[nodiscard]] bool isOfStacks() const {
        return m_rule.name == PuzzleRuleName::Pour || m_rule.name == PuzzleRuleName::Gather;
    }
    [[nodiscard]] const level::Tally* findTally(const std::string& name) const {
        for (const level::Tally& tally : m_project.game.tallies)
            if (tally.name == name) return &tally;
        return nullptr;
    }
    [[nodiscard]] std::optional<std::string> strangeColor(
        const std::vector<std::string>& colors) const {
        for (const std::string& name : colors)
            if (std::none_of(m_project.stackColors.begin(), m_project.stackColors.end(),
                             [&](const level::StackColor& color) { return color.name == name; }))
                return name;
        return std::nullopt;
    }

    void checkSlot(const Slot& slot) {
        if (m_geometry.numberOf(slot.at) < 0) {
            addAt(slot, "lies outside of the board", "Make the board larger, or take it out");
            m_flaws.back().isNote = true;
            return;
        }
        if (slot.state == SlotState::Locked && slot.tally.empty())
            addAt(slot, "is locked and no tally pays for it", "Choose a tally for its price");
        if (slot.state == SlotState::Locked && !slot.tally.empty() && !findTally(slot.tally))
            addAt(slot, "is paid by a tally \"" + slot.tally + "\", which the game does not have",
                  "Choose another, or add it on the page of the game");
        if (slot.stack.empty()) return;
        if (slot.state == SlotState::Blocked || slot.state == SlotState::Gone)
            addAt(slot, "is " + std::string(nameOf(slot.state)) + " and has a stack",
                  "Take the stack away, or make the slot plain");
        if (const auto strange = strangeColor(slot.stack))
            addAt(slot, "has a colour \"" + *strange + "\" that the project does not have",
                  "Add it to the project's colours, or lay another");
        if (m_rule.name == PuzzleRuleName::Pour && slot.state == SlotState::Plain &&
            slot.stack.size() > static_cast<std::size_t>(m_rule.capacity))
            addAt(slot,
                  "has " + std::to_string(slot.stack.size()) + " colours; a stack holds " +
                      std::to_string(m_rule.capacity),
                  "Take some away, or let stacks hold more");
    }

    void checkTallies() {
        for (const level::TallyStart& start : m_puzzle.tallies)
            if (!findTally(start.tally))
                add("The game has no tally \"" + start.tally + "\"",
                    "Choose another, or add it on the page of the game");
    }

    void checkRoster() {
        if (m_puzzle.roster.empty()) return;
        const level::Roster* roster = m_project.findRoster(m_puzzle.roster);
        if (!roster)
            return add("There is no roster \"" + m_puzzle.roster + "\"",
                       "Choose another in the level sheet");
        std::map<std::string, KindId> wanted;
        for (const level::RosterCounter& counter : roster->counters)
            wanted[counter.id.text] = counter.kind;
        for (const Counter& counter : m_puzzle.counters) {
            const auto known = wanted.find(counter.id.text);
            if (known == wanted.end())
                addOf(counter, "is not of the roster " + roster->name,
                      "Take it out, or add it to the roster");
            else if (known->second != counter.kind)
                addOf(counter, "is a " + known->second.text + " in the roster " + roster->name,
                      "Give it that kind");
            if (known != wanted.end()) wanted.erase(known);
        }
        for (const auto& [id, kind] : wanted)
            add(id + " of the roster " + roster->name + " is missing", "Park it here");
    }

    void checkCounter(const Counter& counter) {
        const level::Kind* kind = m_project.findKind(counter.kind);
        if (!kind)
            return addOf(counter, "is of a kind \"" + counter.kind.text + "\" that is not there",
                         "Choose another kind");
        if (kind->role != level::Role::Counter)
            return addOf(counter, "is a " + kind->title + ", which is no counter",
                         "Give that kind the role counter");
        const auto& footprint = kind->counter.footprint;
        if (footprint.empty() || !(footprint.front() == CellPoint{0, 0}))
            addOf(counter, "has a footprint that does not begin at 0, 0", "Begin it there");
        if (footprint.size() > 1 && m_puzzle.board.arrangement != Arrangement::Square)
            addOf(counter, "stands on several slots, which only square boards have room for",
                  "Use a kind of one cell");
        const auto& turns = kind->counter.turns;
        if (std::find(turns.begin(), turns.end(), counter.turn) == turns.end())
            addOf(counter, "may not be turned so", "Turn it otherwise");
        if (m_rule.name == PuzzleRuleName::Push && footprint.size() > 1)
            addOf(counter, "stands on several slots and cannot be pushed about",
                  "Use a kind of one cell");
    }

    void checkPlaces() {
        if (isFree()) return;
        std::map<std::pair<int, int>, std::string> taken;
        for (const Counter& counter : m_puzzle.counters) {
            if (counter.isParked) continue;
            const level::Kind* kind = m_project.findKind(counter.kind);
            const std::vector<CellPoint> cells =
                kind ? turnedFootprint(kind->counter.footprint, counter.turn)
                     : std::vector<CellPoint>{{0, 0}};
            for (const CellPoint cell : cells) {
                const CellPoint at{counter.at.x + cell.x, counter.at.y + cell.y};
                if (m_geometry.numberOf(at) < 0) {
                    addOf(counter, "stands beside the board, at " + textOf(at), "Move or park it");
                    break;
                }
                const SlotState state = slotAt(m_puzzle, at).state;
                if (state != SlotState::Plain) {
                    addOf(
                        counter,
                        "stands on slot " + textOf(at) + ", which is " + std::string(nameOf(state)),
                        "Move or park it");
                    break;
                }
                const auto [other, isNew] = taken.try_emplace({at.y, at.x}, counter.id.text);
                if (isNew || other->second == counter.id.text) continue;
                addOf(counter, "and " + other->second + " stand on the same slot " + textOf(at),
                      "Move or park one of them");
                break;
            }
        }
    }

    void checkRule() {
        if (m_rule.name == PuzzleRuleName::None) return;
        const std::string rule(nameOf(m_rule.name));
        if (isFree())
            return add("A free board has no slots to " + rule + " on",
                       "Choose another arrangement, or no rule");
        if (m_rule.name == PuzzleRuleName::Slide &&
            m_puzzle.board.arrangement != Arrangement::Square)
            return add("Only counters of square boards slide", "Choose push, pour or gather");
        if (m_rule.name == PuzzleRuleName::Push && !isGrid())
            return add("Rings have no directions to push in", "Choose pour or gather");
        if (m_rule.name == PuzzleRuleName::Slide) checkSlide();
        if (m_rule.name == PuzzleRuleName::Push) checkPush();
        if (m_rule.name == PuzzleRuleName::Gather) checkGather();
    }

    [[nodiscard]] bool isMarkUsed(const std::string& mark) const {
        return std::any_of(
            m_puzzle.slotList.begin(), m_puzzle.slotList.end(), [&](const Slot& slot) {
                return slot.state != SlotState::Gone && m_geometry.numberOf(slot.at) >= 0 &&
                       std::find(slot.marks.begin(), slot.marks.end(), mark) != slot.marks.end();
            });
    }
    void checkMark(const std::string& mark) {
        if (!mark.empty() && !isMarkUsed(mark))
            add("The goal names the mark \"" + mark + "\", which no slot has",
                "Mark a slot so, or name another");
    }
    void checkSlide() {
        if (m_rule.goal.counters.empty())
            add("The goal names no counter", "Say in the level sheet which has to get where");
        for (const level::CounterGoal& goal : m_rule.goal.counters) {
            const auto named =
                std::find_if(m_puzzle.counters.begin(), m_puzzle.counters.end(),
                             [&](const Counter& counter) { return counter.id == goal.counter; });
            if (named == m_puzzle.counters.end())
                add("The goal names a counter \"" + goal.counter.text + "\" that is not there",
                    "Name another");
            else if (named->isParked)
                note("The goal names " + goal.counter.text + ", which is parked: it is never met",
                     "Place it, or name another");
            if (goal.mark.empty())
                add("The goal of " + goal.counter.text + " names no mark", "Name one");
            checkMark(goal.mark);
        }
    }
    void checkPush() {
        if (m_rule.goal.mark.empty())
            add("The goal names no mark", "Say in the level sheet where pushed counters belong");
        checkMark(m_rule.goal.mark);
        if (!m_rule.goal.kind.isEmpty() && !m_project.findKind(m_rule.goal.kind))
            add("The goal names a kind \"" + m_rule.goal.kind.text + "\" that is not there",
                "Name another");
        const bool hasPusher =
            std::any_of(m_puzzle.counters.begin(), m_puzzle.counters.end(), [&](const auto& c) {
                const level::Kind* kind = m_project.findKind(c.kind);
                return !c.isParked && kind && kind->counter.pushes;
            });
        if (!hasPusher)
            note("No counter on the board pushes: there is no move", "Place one that does");
    }
    void checkGather() {
        if (m_rule.goal.tally.empty())
            add("The goal names no tally", "Say in the level sheet what counts what is gathered");
        else if (!findTally(m_rule.goal.tally))
            add("The goal names a tally \"" + m_rule.goal.tally + "\" that the game does not have",
                "Choose another, or add it on the page of the game");
        std::size_t place = 0;
        for (const level::QueuedStack& queued : m_rule.queue) {
            ++place;
            if (queued.colors.empty())
                add("Stack " + std::to_string(place) + " of the queue is empty", "Take it out");
            if (const auto strange = strangeColor(queued.colors))
                add("Stack " + std::to_string(place) + " of the queue has a colour \"" + *strange +
                        "\" that the project does not have",
                    "Add it to the project's colours, or choose another");
        }
    }

    const level::Project& m_project;
    const level::Puzzle& m_puzzle;
    const level::PuzzleRule& m_rule;
    Geometry m_geometry;
    std::vector<Flaw> m_flaws;
};

}  // namespace

std::vector<Flaw> flawsOf(const level::Project& project, const level::Level& level) {
    return Flaws(project, level).find();
}

}  // namespace rook::puzzle
