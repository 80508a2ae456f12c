#pragma once
/// The live link's other end: a WebSocket (RFC 6455) server on the loopback address that speaks
/// JSON-RPC 2.0 with running games. It lives on a thread of its own, bakes there, and never holds
/// the window. See docs/live-link.md.

#include <QHash>
#include <QObject>
#include <QPointer>
#include <QSet>
#include <QTimer>
#include <map>

#include "file/bundle.h"
#include "ship/live_level.h"
#include "ship/plays.h"

class QWebSocket;
class QWebSocketServer;

namespace rook::app {

/// A game that is linked, as far as it told.
struct LinkedGame {
    QString name;
    QString level;  ///< in which somebody plays; empty = nobody does
    PxPoint at;     ///< the body's middle, px
    int tick = 0;
};

class LinkServer : public QObject {
    Q_OBJECT

public:
    static constexpr int maxGames = 32;
    static constexpr qint64 maxMessage = qint64{64} << 20;  // bytes
    static constexpr qint64 mostUnsent = 256 * 1024;        // bytes; then a game is left behind
    static constexpr int greetingMs = 5000;

    LinkServer();
    ~LinkServer() override;

    // All are called on the thread of the server.
    /// Listens on a port that is free and writes it with a new token to `place`. Emits `started`,
    /// or `failed` with a sentence.
    void start(const QString& place, const QStringList& origins);
    void stop();
    void setOrigins(const QStringList& origins) { m_origins = origins; }
    /// The value of now, and where it lies; what changed in levels that games look at is told.
    void takeValue(const level::Project& project, const QString& folder);
    /// Forgets how a level was played.
    void forgetPlays(const QString& level);
    /// The heat of that level is wanted.
    void watch(const QString& level);

Q_SIGNALS:
    void started(int port);
    void failed(const QString& why);
    void gamesChanged(const QList<rook::app::LinkedGame>& games);
    void heatChanged(const QString& level, std::shared_ptr<const rook::ship::HeatMap> heat);
    /// Inputs of a run, which can be kept with the level.
    void inputsTold(const QString& level, const std::vector<rook::level::RunSpan>& inputs,
                    const QString& arrival);

private:
    struct Known;
    struct Client;
    using ClientPointer = std::shared_ptr<Client>;

    void accept();
    void greetOrGo(const ClientPointer& client);
    void takeMessage(const ClientPointer& client, const QString& text);
    void takeCall(const ClientPointer& client, const file::Json& call, QList<QByteArray>& answers);
    [[nodiscard]] file::Json answerTo(const ClientPointer& client, const std::string& method,
                                      const file::Json& params);
    [[nodiscard]] file::Json hello(const ClientPointer& client, const file::Json& params);
    [[nodiscard]] file::Json levelFor(const ClientPointer& client, const std::string& id);
    [[nodiscard]] file::Json fileFor(const std::string& path);
    [[nodiscard]] bool takeRun(const ClientPointer& client, const std::string& method,
                               const file::Json& params);
    void endPlay(const ClientPointer& client);
    void lookAtValue();
    /// Bakes a level anew where it changed; null where it cannot be baked.
    Known* known(const std::string& id);
    void tell(const ClientPointer& client);
    void send(const ClientPointer& client, const file::Json& message);
    void refuse(const ClientPointer& client, int code, const QString& why);
    void tellGames();
    void tellHeat(const std::string& level);
    void writePlaysSoon();
    [[nodiscard]] std::vector<ship::Play>& playsOf(const std::string& level);

    QWebSocketServer* m_server = nullptr;
    QString m_place;
    QByteArray m_token;
    QString m_session;
    QStringList m_origins;
    QList<ClientPointer> m_clients;
    level::Project m_project;
    QString m_folder;
    bool m_isLooking = false;  ///< a look at the value is due
    std::map<std::string, Known> m_known;
    std::string m_campaign;
    int m_campaignRevision = 0;
    file::Images m_images;
    std::map<std::string, std::string> m_sheetBytes;
    std::map<std::string, std::vector<ship::Play>> m_plays;
    QSet<QString> m_unwritten;  ///< levels whose plays are to be written
    QString m_watched;
    QTimer m_gamesTimer, m_playsTimer;
};

}  // namespace rook::app
