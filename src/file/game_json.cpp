#include "file/game_json.h"

#include "file/described_detail.h"

namespace rook::file {

using namespace level;

namespace {

template <typename List>
std::vector<std::string> rowsOf(const Project& project, const List& list) {
    std::vector<std::string> rows;
    for (const auto& item : list)
        rows.push_back(compactText(describedJson(FileContext{&project}, item)));
    return rows;
}

}  // namespace

Json destinationJson(const game::Destination& destination) {
    if (destination.sort != game::Destination::Sort::Level) return nullptr;
    return {{"level", destination.level.text}, {"entry", destination.entry.text}};
}

std::string messageOf(const Level& level) {
    for (const Words& words : level.texts)
        if (words.when == WordsWhen::Start) return words.text;
    return {};
}

void writeGoals(JsonLines& lines, const Project& project, const Level& level) {
    lines.list("goals", rowsOf(project, level.goals));
    lines.list("texts", rowsOf(project, level.texts));
    lines.member("message", messageOf(level));
    lines.member("arrives", nameOf(level.arrives));
    lines.member("onDeath", nameOf(level.onDeath));
    lines.member("music", level.music);
}

void writeGame(JsonLines& lines, const Project& project) {
    const Game& game = project.game;
    lines.beginObject("game");
    lines.member("start", destinationJson(game::startOf(project)));
    lines.member("afterLast", destinationJson(game::afterLast(project)));
    lines.list("tallies", rowsOf(project, game.tallies));
    lines.member("lives", game.lives);
    lines.member("carries", describedJson(FileContext{&project}, game.carries));
    lines.list("screens", rowsOf(project, game.screens));
    lines.member("languages", Json(game.languages));
    lines.list("texts", rowsOf(project, game.texts));
    appendUnknown(lines, game.unknown);
    lines.endObject();
}

}  // namespace rook::file
