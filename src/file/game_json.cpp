#include "file/game_json.h"

#include "file/described_detail.h"
#include "file/entity_json.h"
#include "level/carried.h"

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

const char* leadsName(const game::Destination& destination) {
    using enum game::Destination::Sort;
    return destination.sort == Level ? "on" : destination.sort == End ? "to-the-end" : "nowhere";
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
    lines.member("arrives", level::nameOf(level.arrives));
    lines.member("onDeath", level::nameOf(level.onDeath));
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

Json abilitiesJson(runtime::AbilitySet abilities) {
    Json list = Json::array();
    for (int i = 0; i < level::abilityCount; ++i)
        if (const auto ability = static_cast<Ability>(i); (abilities & setOf(ability)) != 0)
            list.push_back(level::nameOf(ability));
    return list;
}

void writeCarried(JsonLines& lines, const Project& project, const Level& level) {
    if (!project.game.carries.abilities) return;
    lines.member("carried", Json{{"granted", abilitiesJson(grantedForGood(project))},
                                 {"assumed", abilitiesJson(assumedIn(project, level))}});
}

std::string_view wordOf(game::Decided ends) {
    switch (ends) {
        case game::Decided::Yes:
            return "can-be-finished";
        case game::Decided::No:
            return "cannot-be-finished";
        case game::Decided::Unknown:
            return "not-decided";
    }
    return "";
}

Json proofJson(const Project& project, const game::GameProof& proof) {
    Json runs = Json::array();
    for (const game::Link& link : proof.chain) {
        const game::Node& node = proof.nodes[link.node];
        const game::WayOut& way = proof.edges[link.edge].way;
        Json run = {
            {"level", node.level.text}, {"entry", node.entry.text}, {"exit", way.exit.text}};
        if (way.way.empty()) {
            run["ticks"] = way.inputs.size();
            run["inputs"] = spansJson(reach::spansOf(way.inputs));
        } else {
            Json modules = Json::array();
            for (const kit::Spot& spot : way.way)
                modules.push_back({spot.at.x, spot.at.y, spot.storey});
            run["way"] = std::move(modules);
            if (!way.moves.empty()) run["moves"] = movesJson(way.moves);
        }
        runs.push_back(std::move(run));
    }
    return {{"verdict", wordOf(proof.ends)},
            {"sentence", game::sentenceOf(project, proof)},
            {"runs", std::move(runs)}};
}

}  // namespace rook::file
