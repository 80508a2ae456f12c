/// What games tell of runs, and how levels were played.

#include <algorithm>

#include "app/session/link_server_detail.h"

namespace rook::app {

using namespace link;

namespace {

constexpr int ticksAPoint = 6;  // of plays that are kept
constexpr std::size_t mostSpans = 20000;

}  // namespace

std::vector<ship::Play>& LinkServer::playsOf(const std::string& level) {
    const auto found = m_plays.find(level);
    if (found != m_plays.end()) return found->second;
    std::vector<ship::Play>& plays = m_plays[level];
    if (m_folder.isEmpty()) return plays;
    if (auto read = ship::readPlays(file::diskStorage(), m_folder.toStdString(), {level}))
        plays = std::move(*read);
    return plays;
}

/// True if the method was one of those that tell of a run.
bool LinkServer::takeRun(const ClientPointer& client, const std::string& method,
                         const Json& params) {
    if (!method.starts_with("run.")) return false;
    if (method == "run.started") {
        endPlay(client);
        const std::string level = textIn(params, "level");
        if (!m_project.findLevel({level}))
            throw Refusal{noSuchLevel, "There is no level " + level.substr(0, 60)};
        client->playLevel = level;
        client->play.emplace();
        client->play->game = client->game.name.toStdString();
        if (params.contains("arrival") && params["arrival"].is_string())
            client->play->arrival = params["arrival"].get<std::string>().substr(0, 64);
        client->game.level = QString::fromStdString(level);
        m_gamesTimer.start();
        return true;
    }
    if (method == "run.inputs") {
        std::vector<level::RunSpan> spans;
        const auto found = params.find("inputs");
        if (found == params.end() || !found->is_array() || found->size() > mostSpans)
            throw Refusal{badParams, "A list inputs of [ticks, dx, dy, buttons] is wanted"};
        for (const Json& span : *found) {
            const bool isSpan =
                span.is_array() && span.size() == 4 &&
                std::all_of(span.begin(), span.end(), [](const Json& each) {
                    return each.is_number_integer() && std::abs(each.get<double>()) < 1e8;
                });
            if (!isSpan || span[0] < 1)
                throw Refusal{badParams, "An input is [ticks, dx, dy, buttons]"};
            spans.push_back({span[0], span[1], span[2], span[3].get<unsigned>()});
        }
        const std::string arrival = client->play ? client->play->arrival : std::string();
        if (client->play) client->play->inputs = spans;
        Q_EMIT inputsTold(client->game.level, spans, QString::fromStdString(arrival));
        return true;
    }
    const bool isPoint = method == "run.at" || method == "run.died";
    if (!isPoint && method != "run.won") return false;
    if (!client->play) throw Refusal{badParams, "Say run.started first"};
    ship::Play& play = *client->play;
    if (isPoint) {
        const ship::PlayPoint point{numberIn(params, "tick"),
                                    {numberIn(params, "x"), numberIn(params, "y")}};
        client->game.at = point.at;
        client->game.tick = point.tick;
        const bool isDue =
            play.points.empty() || point.tick >= play.points.back().tick + ticksAPoint;
        if (isDue && play.points.size() < ship::maxPlayPoints) play.points.push_back(point);
        if (!m_gamesTimer.isActive()) m_gamesTimer.start();
        if (method == "run.at") return true;
        play.died = point;
        if (params.contains("by") && params["by"].is_string())
            play.by = params["by"].get<std::string>().substr(0, 64);
    } else {
        play.wonTicks = std::max(1, numberIn(params, "ticks"));
    }
    endPlay(client);
    return true;
}

/// What was played is kept; a play without a step is none.
void LinkServer::endPlay(const ClientPointer& client) {
    if (!client->play) return;
    const ship::Play play = std::move(*client->play);
    client->play.reset();
    client->game.level.clear();
    m_gamesTimer.start();
    if (play.points.empty() && play.wonTicks == 0) return;
    auto& plays = playsOf(client->playLevel);
    plays.push_back(play);
    if (plays.size() > ship::maxPlays) plays.erase(plays.begin());
    if (!m_folder.isEmpty()) m_unwritten.insert(QString::fromStdString(client->playLevel));
    m_playsTimer.start();
    if (m_watched.toStdString() == client->playLevel) tellHeat(client->playLevel);
}

void LinkServer::watch(const QString& level) {
    m_watched = level;
    tellHeat(level.toStdString());
}

void LinkServer::tellHeat(const std::string& id) {
    const auto level = m_project.findLevel({id});
    if (!level) return;
    Q_EMIT heatChanged(QString::fromStdString(id),
                       std::make_shared<const ship::HeatMap>(ship::heatOf(playsOf(id), *level)));
}

void LinkServer::forgetPlays(const QString& level) {
    m_plays[level.toStdString()].clear();
    m_unwritten.remove(level);
    if (!m_folder.isEmpty())
        (void)ship::removePlays(file::diskStorage(), m_folder.toStdString(), {level.toStdString()});
    tellHeat(level.toStdString());
}

}  // namespace rook::app
