/// Puzzle levels in a bundle; see docs/format-bundle.md.

#include "file/described_detail.h"
#include "file/puzzle_json.h"
#include "rook_runtime.hpp"

namespace rook::file {

using namespace level;

namespace {

namespace play = runtime::puzzle;

/// Px with two places: enough to draw by.
double roundedPx(double value) {
    return std::round(value * 100) / 100;
}

Json slotJson(const Level& level, const puzzle::Geometry& geometry, const play::Board& board,
              int number) {
    const CellPoint at = geometry.addressOf(number);
    const Slot slot = puzzle::slotAt(level.puzzle, at);
    const PxPoint centre = geometry.centreOf(at), corner = geometry.cornerOf(at);
    Json json = {{"at", {at.x, at.y}},
                 {"centre", {centre.x, centre.y}},
                 {"corner", {corner.x, corner.y}},
                 {"state", nameOf(slot.state)}};
    if (slot.state == SlotState::Locked) {
        json["price"] = slot.price;
        json["tally"] = slot.tally;
    }
    if (!slot.marks.empty()) json["marks"] = slot.marks;
    if (!slot.stack.empty()) json["stack"] = slot.stack;
    Json fields = Json::object();
    for (const NamedValue& field : slot.fields)
        fields[field.first] = fieldJson(field.second);
    if (!fields.empty()) json["fields"] = std::move(fields);
    Json next = Json::array();
    for (const int other : board.slotList[static_cast<std::size_t>(number)].next)
        next.push_back(other < 0 ? Json(nullptr) : Json(other));
    json["next"] = std::move(next);
    if (level.puzzle.board.arrangement != Arrangement::Square) {
        Json outline = Json::array();
        for (const puzzle::Corner& each : geometry.outlineOf(at))
            outline.push_back({roundedPx(each.x), roundedPx(each.y)});
        json["outline"] = std::move(outline);
    }
    return json;
}

Json counterJson(const Project& project, const Level& level, const puzzle::Geometry& geometry,
                 const Counter& counter, const play::Counter& made) {
    const bool isFree = level.puzzle.board.arrangement == Arrangement::Free;
    PxPoint corner = counter.px;
    if (counter.isParked) {
        const Roster* roster = project.findRoster(level.puzzle.roster);
        corner = roster ? roster->park : PxPoint{};
    } else if (!isFree) {
        corner = geometry.cornerOf(counter.at);
    }
    Json cells = Json::array(), slides = Json::array();
    for (const auto& [dx, dy] : made.cells)
        cells.push_back({dx, dy});
    for (int direction = 0; direction < geometry.directions(); ++direction)
        if (made.slides >> direction & 1) slides.push_back(direction);
    Json json = {{"id", counter.id.text},
                 {"kind", counter.kind.text},
                 {"slot", made.slot < 0 ? Json(nullptr) : Json(made.slot)},
                 {"corner", {corner.x, corner.y}},
                 {"turn", counter.turn},
                 {"cells", std::move(cells)},
                 {"slides", std::move(slides)}};
    if (!counter.isParked && !isFree) json["at"] = {counter.at.x, counter.at.y};
    if (counter.isParked) json["parked"] = true;
    if (made.pushes) json["pushes"] = true;
    if (made.isPushed) json["pushed"] = true;
    return json;
}

Json ruleJson(const Level& level) {
    const PuzzleRule& rule = level.puzzle.rule;
    Json json = {{"name", nameOf(rule.name)}};
    Json goal = Json::object();
    switch (rule.name) {
        case PuzzleRuleName::None:
            return json;
        case PuzzleRuleName::Slide: {
            json["counts"] = nameOf(rule.counts);
            Json counters = Json::array();
            for (const CounterGoal& each : rule.goal.counters)
                counters.push_back({{"counter", each.counter.text}, {"mark", each.mark}});
            goal["counters"] = std::move(counters);
            break;
        }
        case PuzzleRuleName::Push:
            goal["mark"] = rule.goal.mark;
            if (!rule.goal.kind.isEmpty()) goal["kind"] = rule.goal.kind.text;
            break;
        case PuzzleRuleName::Pour:
            json["capacity"] = rule.capacity;
            json["near"] = rule.isNear;
            break;
        case PuzzleRuleName::Gather: {
            json["collect"] = rule.collect;
            Json queue = Json::array();
            for (const QueuedStack& stack : rule.queue)
                queue.push_back(stack.colors);
            json["queue"] = std::move(queue);
            goal["tally"] = rule.goal.tally;
            goal["atLeast"] = rule.goal.atLeast;
            break;
        }
    }
    json["goal"] = std::move(goal);
    return json;
}

Json solutionJson(const play::Board& board, bool isSolved) {
    if (board.rule == play::Rule::None) return {{"verdict", "no rule"}, {"moves", Json::array()}};
    if (!isSolved) return {{"verdict", "not decided"}, {"moves", Json::array()}};
    puzzle::SolveOptions options;
    options.stopsAtGoal = true;
    const puzzle::Solution solution = puzzle::solve(board, options);
    using Verdict = puzzle::Solution::Verdict;
    Json json = {{"verdict", solution.verdict == Verdict::Solved       ? "solved"
                             : solution.verdict == Verdict::Impossible ? "impossible"
                                                                       : "not decided"},
                 {"moves", movesJson(board, solution.moves)}};
    if (solution.verdict == Verdict::Solved) json["least"] = solution.least;
    return json;
}

}  // namespace

Json moveJson(const play::Board& board, const play::Move& move) {
    switch (move.sort) {
        case play::Move::Sort::Step:
            return {{"counter", board.counters[static_cast<std::size_t>(move.counter)].id},
                    {"direction", move.direction},
                    {"slots", move.distance}};
        case play::Move::Sort::Pour:
            return {{"from", move.from}, {"to", move.to}};
        case play::Move::Sort::Put:
            return {{"put", move.to}};
        case play::Move::Sort::Open:
            return {{"open", move.to}};
    }
    return nullptr;
}

Json movesJson(const play::Board& board, const std::vector<play::Move>& moves) {
    Json list = Json::array();
    for (const play::Move& move : moves)
        list.push_back(moveJson(board, move));
    return list;
}

Result<Json> puzzleJson(const Project& project, const Level& level, bool isSolved) {
    if (level.kind != LevelKind::Puzzle) return Json(nullptr);
    const auto board = puzzle::boardOf(project, level);
    if (!board) return fail(board.error());
    const SlotBoard& slotBoard = level.puzzle.board;
    const puzzle::Geometry geometry(slotBoard);
    Json json = {{"arrangement", nameOf(slotBoard.arrangement)},
                 {"columns", board->columns},
                 {"rows", board->rows},
                 {"directions", board->directions},
                 {"slotWidth", slotBoard.slot.width},
                 {"slotHeight", slotBoard.slot.height}};
    if (slotBoard.arrangement == Arrangement::Hex) json["points"] = nameOf(slotBoard.points);
    if (slotBoard.arrangement == Arrangement::Rings) json["rings"] = slotBoard.rings;
    Json colors = Json::array();
    for (const StackColor& color : project.stackColors)
        colors.push_back({{"name", color.name}, {"title", color.title}, {"color", color.color}});
    json["colors"] = std::move(colors);
    Json tallies = Json::array();
    const auto names = puzzle::talliesUsed(level.puzzle);
    for (std::size_t i = 0; i < names.size(); ++i)
        tallies.push_back({{"tally", names[i]}, {"value", board->tallies[i]}});
    json["tallies"] = std::move(tallies);
    Json slotList = Json::array();
    for (int number = 0; number < geometry.count(); ++number)
        slotList.push_back(slotJson(level, geometry, *board, number));
    json["slots"] = std::move(slotList);
    Json counters = Json::array();
    for (std::size_t i = 0; i < level.puzzle.counters.size(); ++i)
        counters.push_back(
            counterJson(project, level, geometry, level.puzzle.counters[i], board->counters[i]));
    json["counters"] = std::move(counters);
    json["rule"] = ruleJson(level);
    const Roster* roster = project.findRoster(level.puzzle.roster);
    const PxPoint park = roster ? roster->park : PxPoint{};
    json["park"] = {park.x, park.y};
    json["solution"] = solutionJson(*board, isSolved);
    return json;
}

Result<play::Board> boardOfBakedLevel(const std::string& text, const std::string& name) {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        runtime::Level level = runtime::readLevel(*json, name);
        if (!level.puzzle)
            return fail(ErrorKind::NotApplicable, "This is no puzzle level", name,
                        "Name one of slots; how far a body gets is told by rookplot reach");
        return std::move(level.puzzle->board);
    } catch (const std::exception& problem) {
        return fail(ErrorKind::WrongType, problem.what(), name, {});
    }
}

}  // namespace rook::file
