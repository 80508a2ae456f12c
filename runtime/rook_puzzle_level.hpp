#pragma once
/// A puzzle level as it is exported: the board by which one plays (rook_puzzle.hpp), and where its
/// slots lie. Loaded by rook_runtime.hpp.

#include "rook_json.hpp"
#include "rook_puzzle.hpp"

namespace rook::runtime {

struct PuzzleColor {
    std::string name;
    std::string title;
    std::string color;  ///< "#rrggbb"
};

struct PuzzleSlot {
    int column = 0;  ///< or place on its ring
    int row = 0;     ///< or ring, the innermost 0
    int centreX = 0;
    int centreY = 0;
    int x = 0;  ///< corner of its box, px
    int y = 0;
    std::vector<std::string> marks;
    nlohmann::json fields;
    /// Corners of its shape, clockwise, px.
    std::vector<std::pair<double, double>> outline;
};

struct PuzzleLevel {
    puzzle::Board board;
    std::string arrangement;            ///< "square", "hex", "rings" or "free"
    int slotWidth = 32;                 ///< px
    int slotHeight = 32;                ///< px
    std::vector<PuzzleSlot> slotFaces;  ///< as many as `board.slotList`
    std::vector<PuzzleColor> colors;
    std::vector<std::string> tallies;  ///< names of `board.tallies`
    int parkX = 0;                     ///< where parked counters are
    int parkY = 0;
    std::vector<std::pair<int, int>> counterPlaces;  ///< corner of each at the start, px
    std::string verdict;  ///< "solved", "impossible", "not decided" or "no rule"
    std::vector<puzzle::Move> solution;
};

namespace detail {

inline int slotOf(const json& value, const PuzzleLevel& level, const std::string& where) {
    return whole(value, 0, static_cast<int>(level.board.slotList.size()) - 1, where);
}

inline puzzle::Stack stackIn(const json& colors, const PuzzleLevel& level,
                             const std::string& where) {
    if (!colors.is_array()) fail("A list is wanted here", where);
    puzzle::Stack stack;
    for (const json& each : colors) {
        std::size_t at = 0;
        while (at < level.colors.size() && !(each.is_string() && level.colors[at].name == each))
            ++at;
        if (at == level.colors.size()) fail("The colour " + each.dump() + " is not known", where);
        stack.push_back(static_cast<puzzle::Color>(at + 1));
    }
    return stack;
}

inline int tallyIn(const json& object, const PuzzleLevel& level, const std::string& where) {
    const std::string name = text(object, "tally", where);
    for (std::size_t i = 0; i < level.tallies.size(); ++i)
        if (level.tallies[i] == name) return static_cast<int>(i);
    fail("The tally " + name + " is not known", where);
}

inline void readSlot(const json& slot, std::size_t i, PuzzleLevel& level,
                     const std::string& where) {
    static constexpr std::array<std::string_view, 4> states{"plain", "blocked", "gone", "locked"};
    constexpr int far = 0x7ffffff;
    puzzle::Slot& made = level.board.slotList[i];
    PuzzleSlot& face = level.slotFaces[i];
    made.state = named<puzzle::SlotState>(text(slot, "state", where), states, where + ".state");
    const std::vector<int> at = numbers(slot, "at", 0, 255, 2, where);
    const std::vector<int> centre = numbers(slot, "centre", -far, far, 2, where);
    const std::vector<int> corner = numbers(slot, "corner", -far, far, 2, where);
    if (at.size() != 2 || centre.size() != 2 || corner.size() != 2)
        fail("Places are two numbers", where);
    face.column = at[0];
    face.row = at[1];
    face.centreX = centre[0];
    face.centreY = centre[1];
    face.x = corner[0];
    face.y = corner[1];
    const json& next = list(slot, "next", where);
    for (const json& each : next)
        made.next.push_back(each.is_null() ? -1 : slotOf(each, level, where + ".next"));
    if (level.board.directions > 0 &&
        made.next.size() != static_cast<std::size_t>(level.board.directions))
        fail("There should be a neighbour, or null, in each direction", where + ".next");
    if (slot.contains("marks"))
        for (const json& mark : list(slot, "marks", where))
            if (mark.is_string()) face.marks.push_back(mark.get<std::string>());
    if (slot.contains("fields")) face.fields = slot["fields"];
    if (slot.contains("outline"))
        for (const json& point : list(slot, "outline", where)) {
            if (!point.is_array() || point.size() != 2 || !point[0].is_number() ||
                !point[1].is_number())
                fail("A corner is two numbers", where + ".outline");
            face.outline.emplace_back(point[0].get<double>(), point[1].get<double>());
        }
    if (slot.contains("stack")) made.stack = stackIn(slot["stack"], level, where + ".stack");
    if (made.state != puzzle::SlotState::Locked) return;
    made.price = whole(slot, "price", -0x7fffffff, 0x7fffffff, where);
    if (slot.contains("tally") && level.board.rule == puzzle::Rule::Gather)
        made.tally = tallyIn(slot, level, where);
}

inline void readCounter(const json& counter, PuzzleLevel& level, const std::string& where) {
    constexpr int far = 0x7ffffff;
    puzzle::Counter made;
    made.id = text(counter, "id", where);
    made.kind = text(counter, "kind", where);
    made.turn = whole(counter, "turn", 0, 3, where);
    const json& slot = member(counter, "slot", where);
    if (!slot.is_null()) made.slot = slotOf(slot, level, where + ".slot");
    made.cells.clear();
    for (const json& cell : list(counter, "cells", where)) {
        if (!cell.is_array() || cell.size() != 2) fail("A cell is two numbers", where + ".cells");
        made.cells.emplace_back(whole(cell[0], -64, 64, where), whole(cell[1], -64, 64, where));
    }
    if (made.cells.empty()) fail("A counter stands on a cell at least", where + ".cells");
    made.slides = 0;
    for (const int direction : numbers(counter, "slides", 0, 7, 8, where))
        made.slides |= 1u << direction;
    made.pushes = counter.value("pushes", false);
    made.isPushed = counter.value("pushed", false);
    level.board.counters.push_back(std::move(made));
    const std::vector<int> corner = numbers(counter, "corner", -far, far, 2, where);
    if (corner.size() != 2) fail("A corner is two numbers", where + ".corner");
    level.counterPlaces.emplace_back(corner[0], corner[1]);
}

inline void readPuzzleGoal(const json& rule, PuzzleLevel& level, const std::string& where) {
    constexpr int far = 0x7fffffff;
    const json& goal = member(rule, "goal", where);
    puzzle::Board& board = level.board;
    const auto marked = [&](const std::string& mark) {
        std::vector<char> slotList(board.slotList.size(), 0);
        for (std::size_t i = 0; i < slotList.size(); ++i) {
            const auto& marks = level.slotFaces[i].marks;
            if (board.slotList[i].state != puzzle::SlotState::Gone &&
                std::find(marks.begin(), marks.end(), mark) != marks.end())
                slotList[i] = 1;
        }
        return slotList;
    };
    std::string kind;
    if (board.rule == puzzle::Rule::Slide)
        for (const json& each : list(goal, "counters", where)) {
            const std::string id = text(each, "counter", where + ".counters");
            std::size_t at = 0;
            while (at < board.counters.size() && board.counters[at].id != id)
                ++at;
            if (at == board.counters.size()) fail("There is no counter " + id, where + ".counters");
            board.goals.push_back(
                {static_cast<int>(at), marked(text(each, "mark", where + ".counters"))});
        }
    if (board.rule == puzzle::Rule::Push) {
        const std::vector<char> slotList = marked(text(goal, "mark", where));
        for (std::size_t i = 0; i < slotList.size(); ++i)
            if (slotList[i] != 0) board.targets.push_back(static_cast<int>(i));
        if (goal.contains("kind")) kind = text(goal, "kind", where);
    }
    for (const puzzle::Counter& counter : board.counters)
        board.fits.push_back(kind.empty() || counter.kind == kind ? 1 : 0);
    if (board.rule != puzzle::Rule::Gather) return;
    board.goalTally = tallyIn(goal, level, where);
    board.goalCount = whole(goal, "atLeast", -far, far, where);
}

inline puzzle::Move readMove(const json& move, const PuzzleLevel& level, const std::string& where) {
    puzzle::Move made;
    if (!move.is_object()) fail("A move is wanted here", where);
    if (move.contains("put") || move.contains("open")) {
        const bool isPut = move.contains("put");
        made.sort = isPut ? puzzle::Move::Sort::Put : puzzle::Move::Sort::Open;
        made.to = slotOf(move[isPut ? "put" : "open"], level, where);
        return made;
    }
    if (move.contains("from")) {
        made.sort = puzzle::Move::Sort::Pour;
        made.from = slotOf(move["from"], level, where);
        made.to = slotOf(member(move, "to", where), level, where);
        return made;
    }
    const std::string id = text(move, "counter", where);
    for (std::size_t i = 0; i < level.board.counters.size(); ++i)
        if (level.board.counters[i].id == id) made.counter = static_cast<int>(i);
    if (made.counter < 0) fail("There is no counter " + id, where);
    made.direction = whole(move, "direction", 0, 7, where);
    made.distance = whole(move, "slots", 1, 128, where);
    return made;
}

inline void readPuzzleRule(const json& file, PuzzleLevel& level, const std::string& where) {
    static constexpr std::array<std::string_view, 5> rules{"none", "slide", "push", "pour",
                                                           "gather"};
    const json& rule = member(file, "rule", where);
    const std::string here = where + ".rule";
    puzzle::Board& board = level.board;
    board.rule = named<puzzle::Rule>(text(rule, "name", here), rules, here + ".name");
    if (rule.contains("counts")) board.slidesFar = text(rule, "counts", here) == "slides";
    if (rule.contains("capacity"))
        board.capacity = static_cast<std::size_t>(whole(rule, "capacity", 1, 64, here));
    board.isOnlyNear = rule.value("near", false);
    if (rule.contains("collect"))
        board.collect = static_cast<std::size_t>(whole(rule, "collect", 2, 64, here));
    if (rule.contains("queue"))
        for (const json& stack : list(rule, "queue", here))
            board.queue.push_back(stackIn(stack, level, here + ".queue"));
}

inline PuzzleLevel readPuzzle(const json& file, const std::string& where) {
    PuzzleLevel level;
    puzzle::Board& board = level.board;
    level.arrangement = text(file, "arrangement", where);
    board.columns = whole(file, "columns", 0, 256, where);
    board.rows = whole(file, "rows", 0, 256, where);
    board.directions = whole(file, "directions", 0, 8, where);
    level.slotWidth = whole(file, "slotWidth", 1, 512, where);
    level.slotHeight = whole(file, "slotHeight", 1, 512, where);
    for (const json& color : list(file, "colors", where))
        level.colors.push_back(
            {text(color, "name", where), text(color, "title", where), text(color, "color", where)});
    for (const json& tally : list(file, "tallies", where)) {
        level.tallies.push_back(text(tally, "tally", where));
        board.tallies.push_back(whole(tally, "value", -0x7fffffff, 0x7fffffff, where));
    }
    const json& slotList = list(file, "slots", where);
    if (slotList.size() > 16384) fail("There are more than 16384 slots", where);
    board.slotList.resize(slotList.size());
    level.slotFaces.resize(slotList.size());
    if (level.arrangement == "square" &&
        slotList.size() !=
            static_cast<std::size_t>(board.columns) * static_cast<std::size_t>(board.rows))
        fail("There should be a slot for each column and row", where + ".slots");
    readPuzzleRule(file, level, where);
    for (std::size_t i = 0; i < slotList.size(); ++i)
        readSlot(slotList[i], i, level, item(where, "slots", i));
    const json& counters = list(file, "counters", where);
    for (std::size_t i = 0; i < counters.size(); ++i) {
        readCounter(counters[i], level, item(where, "counters", i));
        if (level.arrangement != "square" && board.counters.back().cells.size() > 1)
            fail("Several cells are for square boards", item(where, "counters", i));
    }
    if (board.rule != puzzle::Rule::None) readPuzzleGoal(file["rule"], level, where + ".rule.goal");
    const std::vector<int> park = numbers(file, "park", -0x7ffffff, 0x7ffffff, 2, where);
    if (park.size() == 2) {
        level.parkX = park[0];
        level.parkY = park[1];
    }
    const json& solution = member(file, "solution", where);
    level.verdict = text(solution, "verdict", where + ".solution");
    for (const json& move : list(solution, "moves", where + ".solution"))
        level.solution.push_back(readMove(move, level, where + ".solution.moves"));
    return level;
}

}  // namespace detail

}  // namespace rook::runtime
