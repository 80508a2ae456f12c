#include "app/session/link_server_detail.h"
#include "app/ui/words.h"

#include <QDir>
#include <QFile>
#include <QRandomGenerator>
#include <QWebSocket>
#include <QWebSocketCorsAuthenticator>
#include <QWebSocketServer>
#include <algorithm>

#include "base/limits.h"
#include "file/project_file.h"
#include "game/proof.h"

namespace rook::app {

using namespace link;

namespace {

constexpr int mostMistakes = 20;

QByteArray bytesOf(const Json& json) {
    return QByteArray::fromStdString(
        json.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace));
}

QByteArray randomHex(int bytes) {
    QByteArray raw(bytes, 0);
    for (char& each : raw)
        each = static_cast<char>(QRandomGenerator::system()->bounded(256));
    return raw.toHex();
}

/// As long as a comparison of all bytes, so that nobody learns how many were right.
bool areEqual(const QByteArray& a, const QByteArray& b) {
    if (a.size() != b.size()) return false;
    unsigned differ = 0;
    for (qsizetype i = 0; i < a.size(); ++i)
        differ |= static_cast<unsigned char>(a[i]) ^ static_cast<unsigned char>(b[i]);
    return differ == 0;
}

}  // namespace

LinkServer::LinkServer() {
    m_gamesTimer.setParent(this);
    m_playsTimer.setParent(this);
    m_gamesTimer.setSingleShot(true);
    m_gamesTimer.setInterval(50);
    connect(&m_gamesTimer, &QTimer::timeout, this, [this] { tellGames(); });
    m_playsTimer.setSingleShot(true);
    m_playsTimer.setInterval(1500);
    connect(&m_playsTimer, &QTimer::timeout, this, [this] {
        for (const QString& level : std::as_const(m_unwritten))
            (void)ship::writePlays(file::diskStorage(), m_folder.toStdString(),
                                   {level.toStdString()}, playsOf(level.toStdString()));
        m_unwritten.clear();
    });
}

LinkServer::~LinkServer() {
    stop();
}

void LinkServer::start(const QString& place, const QStringList& origins) {
    stop();
    m_origins = origins;
    m_server =
        new QWebSocketServer(QStringLiteral("Rook Plot"), QWebSocketServer::NonSecureMode, this);
    connect(m_server, &QWebSocketServer::originAuthenticationRequired, this,
            [this](QWebSocketCorsAuthenticator* asked) {
                // Programs send none; pages in browsers do, and any page could try.
                asked->setAllowed(asked->origin().isEmpty() || m_origins.contains(asked->origin()));
            });
    connect(m_server, &QWebSocketServer::newConnection, this, [this] { accept(); });
    if (!m_server->listen(QHostAddress::LocalHost)) {
        const QString why = m_server->errorString();
        stop();
        return Q_EMIT failed(tr("The link cannot listen: %1.").arg(why));
    }
    m_token = randomHex(32);
    m_session = QString::fromLatin1(randomHex(8));
    const int port = m_server->serverPort();
    m_place = place;
    const QString folder = QFileInfo(place).path();
    QDir().mkpath(folder);
    QFile::setPermissions(folder, QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    QFile::remove(place);
    QFile file(place);
    const bool isOpen =
        file.open(QIODevice::WriteOnly | QIODevice::NewOnly, QFile::ReadOwner | QFile::WriteOwner);
    const QByteArray text = bytesOf({{"format", "rookplot-link"},
                                     {"version", 1},
                                     {"port", port},
                                     {"token", m_token.toStdString()}}) +
                            '\n';
    if (!isOpen || file.write(text) != text.size()) {
        stop();
        return Q_EMIT failed(tr("The link's place cannot be written (%1).").arg(place));
    }
    Q_EMIT started(port);
}

void LinkServer::stop() {
    if (!m_server) return;
    for (const ClientPointer& client : std::as_const(m_clients)) {
        endPlay(client);
        if (client->socket) client->socket->close(QWebSocketProtocol::CloseCodeGoingAway);
    }
    m_clients.clear();
    m_known.clear();
    m_server->close();
    m_server->deleteLater();
    m_server = nullptr;
    // Only if it is still ours: another window may have begun since.
    QFile file(m_place);
    if (file.open(QIODevice::ReadOnly) && file.readAll().contains(m_token)) file.remove();
    tellGames();
}

void LinkServer::accept() {
    while (QWebSocket* socket = m_server->nextPendingConnection()) {
        connect(socket, &QWebSocket::disconnected, socket, &QObject::deleteLater);
        if (m_clients.size() >= maxGames) {
            socket->close(QWebSocketProtocol::CloseCodeNormal, tr("there are too many games"));
            continue;
        }
        socket->setMaxAllowedIncomingMessageSize(quint64(maxMessage));
        socket->setMaxAllowedIncomingFrameSize(quint64(maxMessage));
        const auto client = std::make_shared<Client>();
        client->socket = socket;
        m_clients << client;
        connect(socket, &QWebSocket::textMessageReceived, this,
                [this, client](const QString& text) { takeMessage(client, text); });
        connect(socket, &QWebSocket::binaryMessageReceived, this, [this, client] {
            refuse(client, badCall, tr("JSON-RPC is spoken in text messages"));
        });
        connect(socket, &QWebSocket::disconnected, this, [this, client] {
            endPlay(client);
            m_clients.removeOne(client);
            m_gamesTimer.start();
        });
        // Who was left behind gets what it missed, merged, when it has read the rest.
        connect(socket, &QWebSocket::bytesWritten, this, [this, client] { tell(client); });
        QTimer::singleShot(greetingMs, socket, [this, client] { greetOrGo(client); });
    }
}

void LinkServer::greetOrGo(const ClientPointer& client) {
    if (!client->isGreeted && client->socket)
        client->socket->close(QWebSocketProtocol::CloseCodePolicyViolated,
                              tr("no hello came within %1 s").arg(greetingMs / 1000));
}

void LinkServer::send(const ClientPointer& client, const Json& message) {
    if (client->socket) client->socket->sendTextMessage(QString::fromUtf8(bytesOf(message)));
}

void LinkServer::refuse(const ClientPointer& client, int code, const QString& why) {
    send(client, {{"jsonrpc", "2.0"},
                  {"id", nullptr},
                  {"error", {{"code", code}, {"message", why.toStdString()}}}});
    if (++client->mistakes >= mostMistakes && client->socket)
        client->socket->close(QWebSocketProtocol::CloseCodePolicyViolated,
                              tr("too many messages that are no calls"));
}

/// One call, or a batch of them.
void LinkServer::takeMessage(const ClientPointer& client, const QString& text) {
    const auto json = file::parseJson(text.toStdString(), "the message");
    if (!json) return refuse(client, badJson, told(json.error()));
    QList<QByteArray> answers;
    const bool isBatch = json->is_array();
    if (isBatch)
        for (const Json& call : *json)
            takeCall(client, call, answers);
    else
        takeCall(client, *json, answers);
    if (answers.isEmpty() || !client->socket) return;
    const QByteArray joined = answers.join(',');
    client->socket->sendTextMessage(QString::fromUtf8(isBatch ? '[' + joined + ']' : joined));
}

void LinkServer::takeCall(const ClientPointer& client, const Json& call,
                          QList<QByteArray>& answers) {
    if (!client->socket) return;
    const bool isCall = call.is_object() && call.value("jsonrpc", Json()) == "2.0" &&
                        call.contains("method") && call["method"].is_string();
    if (!isCall) return refuse(client, badCall, tr("This is no call of JSON-RPC 2.0"));
    const std::string method = call["method"];
    const Json params = call.contains("params") ? call["params"] : Json::object();
    const bool isNotice = !call.contains("id");
    Json answer = {{"jsonrpc", "2.0"}, {"id", isNotice ? Json() : call["id"]}};
    try {
        if (method != "hello" && !client->isGreeted)
            throw Refusal{notGreeted, "Say hello first, with the token of link.json"};
        if (!takeRun(client, method, params)) answer["result"] = answerTo(client, method, params);
    } catch (const Refusal& refusal) {
        answer["error"] = {{"code", refusal.code}, {"message", refusal.why}};
        if (refusal.code == wrongToken && client->socket) {
            send(client, answer);
            return client->socket->close(QWebSocketProtocol::CloseCodePolicyViolated,
                                         tr("the token is wrong"));
        }
    }
    if (!isNotice && (answer.contains("result") || answer.contains("error")))
        answers << bytesOf(answer);
}

Json LinkServer::answerTo(const ClientPointer& client, const std::string& method,
                          const Json& params) {
    if (method == "hello") return hello(client, params);
    if (method == "game.get") {
        client->campaignRevision = m_campaignRevision;
        auto campaign = file::parseJson(m_campaign, "campaign.json");
        return {{"session", m_session.toStdString()},
                {"revision", m_campaignRevision},
                {"campaign", campaign ? *campaign : Json()}};
    }
    if (method == "level.get") return levelFor(client, textIn(params, "id"));
    if (method == "file.get") return fileFor(textIn(params, "path"));
    if (method == "subscribe") {
        client->levels.clear();
        client->isOfAll = !params.contains("levels") || params["levels"].empty();
        if (params.contains("levels") && params["levels"].is_array())
            for (const Json& level : params["levels"])
                if (level.is_string())
                    client->levels.insert(QString::fromStdString(level.get<std::string>()));
        return {{"session", m_session.toStdString()}};
    }
    throw Refusal{noSuchMethod, "There is no method " + method.substr(0, 60)};
}

Json LinkServer::hello(const ClientPointer& client, const Json& params) {
    if (!areEqual(QByteArray::fromStdString(textIn(params, "token")), m_token))
        throw Refusal{wrongToken, "The token is another one: read link.json again"};
    client->isGreeted = true;
    client->game.name = QString::fromStdString(textIn(params, "game")).simplified().left(60);
    client->campaignRevision = m_campaignRevision;
    m_gamesTimer.start();
    return {{"session", m_session.toStdString()}, {"project", m_project.name}, {"version", 1}};
}

LinkServer::Known* LinkServer::known(const std::string& id) {
    const auto level = m_project.findLevel({id});
    if (!level || m_project.isSwatch({id})) {
        m_known.erase(id);
        return nullptr;
    }
    Known& known = m_known[id];
    // The level is the same, and so is all that it is baked with.
    const auto isOfNow = [&] {
        level::Project now = m_project;
        now.levels = known.with.levels;
        return known.of == level && now.sharesAllWith(known.with);
    };
    if (known.json && isOfNow()) return &known;
    auto live = ship::liveLevel(m_project, *level, m_images, known.json ? &known.live : nullptr);
    known.of = level;
    known.with = m_project;
    if (!live) return known.json ? &known : nullptr;
    known.cutPath = live->cutPath;
    if (known.json && *known.json == live->level && known.cutTiles == live->cutTiles) return &known;
    known.cutTiles = live->cutTiles;
    known.json = std::make_shared<const Json>(live->level);
    known.live = std::move(*live);
    ++known.revision;
    return &known;
}

Json LinkServer::levelFor(const ClientPointer& client, const std::string& id) {
    const Known* level = known(id);
    if (!level) throw Refusal{noSuchLevel, "There is no level " + id.substr(0, 60) + " to be had"};
    client->sent[id] = {level->revision, level->json, level->cutTiles};
    return {{"session", m_session.toStdString()},
            {"id", id},
            {"revision", level->revision},
            {"level", *level->json}};
}

Json LinkServer::fileFor(const std::string& path) {
    for (const auto& [id, level] : m_known)
        if (level.cutPath == path && !level.cutTiles.empty())
            return {{"path", path},
                    {"base64", QByteArray::fromStdString(level.cutTiles).toBase64().toStdString()}};
    const auto bytes = m_sheetBytes.find(path);
    if (bytes == m_sheetBytes.end()) throw Refusal{noSuchFile, "The game has no file of that path"};
    return {{"path", path},
            {"base64", QByteArray::fromStdString(bytes->second).toBase64().toStdString()}};
}

void LinkServer::takeValue(const level::Project& project, const QString& folder) {
    const bool hasOtherImages =
        folder != m_folder || file::imagesOf(project) != file::imagesOf(m_project);
    m_project = project;
    if (folder != m_folder) {
        m_plays.clear();
        m_folder = folder;
    }
    if (hasOtherImages) {
        m_images.clear();
        m_sheetBytes.clear();
        if (auto bytes = file::sheetBytes(file::diskStorage(), project, folder.toStdString())) {
            m_sheetBytes = std::move(*bytes);
            if (auto images = file::imagesOfSheets(project, m_sheetBytes))
                m_images = std::move(*images);
        }
    }
    // Of many values that come while a level is baked the last counts.
    if (m_isLooking) return;
    m_isLooking = true;
    QMetaObject::invokeMethod(
        this, [this] { lookAtValue(); }, Qt::QueuedConnection);
}

void LinkServer::lookAtValue() {
    m_isLooking = false;
    std::string campaign = file::campaignText(m_project, game::GameProof());
    if (campaign != m_campaign) {
        m_campaign = std::move(campaign);
        ++m_campaignRevision;
    }
    for (const ClientPointer& client : std::as_const(m_clients))
        tell(client);
}

/// All that a game does not have yet of what it wants to hear of; later, where it does not read.
void LinkServer::tell(const ClientPointer& client) {
    if (!client->isGreeted || !client->socket || m_isLooking) return;
    const auto isBehind = [&] { return client->socket->bytesToWrite() > mostUnsent; };
    if (isBehind()) return;
    if (client->campaignRevision != m_campaignRevision) {
        client->campaignRevision = m_campaignRevision;
        send(client, {{"jsonrpc", "2.0"},
                      {"method", "game.changed"},
                      {"params",
                       {{"session", m_session.toStdString()}, {"revision", m_campaignRevision}}}});
    }
    for (auto& [id, sent] : client->sent) {
        if (!client->isOfAll && !client->levels.contains(QString::fromStdString(id))) continue;
        const Known* level = known(id);
        if (!level || level->revision == sent.revision) continue;
        if (isBehind()) return;
        Json params = {{"session", m_session.toStdString()},
                       {"id", id},
                       {"from", sent.revision},
                       {"revision", level->revision},
                       {"set", ship::changeOf(*sent.json, *level->json)}};
        if (sent.cutTiles != level->cutTiles) params["files"] = Json::array({level->cutPath});
        sent = {level->revision, level->json, level->cutTiles};
        send(client, {{"jsonrpc", "2.0"}, {"method", "level.changed"}, {"params", params}});
    }
}

void LinkServer::tellGames() {
    QList<LinkedGame> games;
    for (const ClientPointer& client : std::as_const(m_clients))
        if (client->isGreeted) games << client->game;
    Q_EMIT gamesChanged(games);
}

}  // namespace rook::app
