/// The live link: games of many sorts at the window's other end.

#include <QAbstractButton>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QProcess>
#include <QTcpSocket>
#include <QWebSocket>

#include "demo_window.h"
#include "file/json_text.h"
#include "reach/prove.h"
#include "rook_link.hpp"
#include "ship/live_level.h"
#include "testing.h"

namespace rook::link_test {

using namespace rook::app;

/// A game that speaks JSON-RPC.
class Player : public QObject {
public:
    explicit Player(const QString& origin = {}) : socket(origin) {
        connect(&socket, &QWebSocket::textMessageReceived, this, [this](const QString& text) {
            const QJsonObject message = QJsonDocument::fromJson(text.toUtf8()).object();
            if (message.contains("method"))
                news << message;
            else
                answers << message;
        });
        connect(&socket, &QWebSocket::disconnected, this, [this] { isClosed = true; });
        connect(&socket, qOverload<QAbstractSocket::SocketError>(&QWebSocket::error), this,
                [this] { hasFailed = true; });
    }
    void open(int port) { socket.open(QUrl(QStringLiteral("ws://127.0.0.1:%1").arg(port))); }
    void send(const QString& method, const QJsonObject& params, bool isCall = true) {
        QJsonObject call{{"jsonrpc", "2.0"}, {"method", method}, {"params", params}};
        if (isCall) call["id"] = ++calls;
        socket.sendTextMessage(QString::fromUtf8(QJsonDocument(call).toJson()));
    }
    /// The result of a call; an object with "error" where there is one.
    QJsonObject call(const QString& method, const QJsonObject& params = {}) {
        send(method, params);
        const int id = calls;
        QJsonObject found;
        (void)QTest::qWaitFor(
            [&] {
                for (const QJsonObject& answer : std::as_const(answers))
                    if (answer["id"].toInt() == id) found = answer;
                return !found.isEmpty();
            },
            20000);
        return found.contains("error") ? found : found["result"].toObject();
    }
    QWebSocket socket;
    QList<QJsonObject> news, answers;
    int calls = 0;
    bool isClosed = false, hasFailed = false;
};

class LinkTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase();
    void init();
    void cleanup();
    void place_isForThisPersonAlone();
    void strangers_areTurnedAway();
    void strokes_areTold_andMakeTheSameLevel();
    void gesture_isTold_whileItGoesOn();
    void files_areTheGamesOwn();
    void manyGames_oneThatNeverReads_andOneOfRubbish();
    void messages_thatAreNoCalls_areRefused();
    void plays_areKept_shownAndForgotten();
    void run_ofAGame_canBeKept();
    void lantern_showsEachStroke();

private:
    [[nodiscard]] LiveLink& link() const { return session().link; }
    [[nodiscard]] QJsonObject place() const {
        return QJsonDocument::fromJson(testing::readBytes(LiveLink::place())).object();
    }
    /// Greeted and subscribed to all.
    std::unique_ptr<Player> player(const QString& name = "probe") {
        auto made = std::make_unique<Player>();
        made->open(link().port());
        if (!QTest::qWaitFor([&] { return made->socket.isValid(); }, 5000)) qFatal("no connection");
        const auto hello =
            made->call("hello", {{"token", place()["token"]}, {"game", name}, {"version", 1}});
        if (!hello.contains("session")) qFatal("no greeting");
        made->call("subscribe");
        return made;
    }
    static QJsonObject levelOf(Player& player, const char* id = "intake") {
        return player.call("level.get", {{"id", id}});
    }
    void lay(int x, int y) const {
        level::Level level = *session().document.level();
        level.cells.set(x, y, level.cells.at(x, y).isOpen() ? level::Cell({1}) : level::Cell());
        session().document.apply(level::LevelEdit{level, "Lay a cell", {x, y, 1, 1}});
    }
    QTemporaryDir m_runtime;
};

namespace {

nlohmann::json jsonOf(const QJsonValue& value) {
    return nlohmann::json::parse(
        QJsonDocument(QJsonArray{value}).toJson(QJsonDocument::Compact).toStdString())[0];
}

}  // namespace

void LinkTest::initTestCase() {
    useOwnSettings("rookplot-link-test");
    qputenv("XDG_RUNTIME_DIR", m_runtime.path().toLocal8Bit());
}

void LinkTest::init() {
    openDemo();
    link().setOn(true);
    QTRY_VERIFY(link().port() > 0);
}

void LinkTest::cleanup() {
    link().setOn(false);
    closeDemo();
}

void LinkTest::place_isForThisPersonAlone() {
    const QFileInfo file(LiveLink::place());
    QVERIFY(file.exists());
    QCOMPARE(int(file.permissions() & 0x0fff & ~0x5000 & 0x0077), 0);
    QCOMPARE(place()["port"].toInt(), link().port());
    QCOMPARE(place()["token"].toString().size(), qsizetype(64));
    const QString token = place()["token"].toString();
    link().setOn(false);
    QTRY_VERIFY(!QFile::exists(LiveLink::place()));
    link().setOn(true);
    QTRY_VERIFY(link().port() > 0);
    QVERIFY(place()["token"].toString() != token);
}

void LinkTest::strangers_areTurnedAway() {
    Player guess;
    guess.open(link().port());
    QTRY_VERIFY(guess.socket.isValid());
    const auto refused = guess.call("hello", {{"token", QString(64, 'a')}, {"game", "x"}});
    QCOMPARE(refused["error"].toObject()["code"].toInt(), 2);
    QTRY_VERIFY(guess.isClosed);
    // Nothing is told to who did not say hello.
    Player silent;
    silent.open(link().port());
    QTRY_VERIFY(silent.socket.isValid());
    QCOMPARE(silent.call("level.get", {{"id", "intake"}})["error"].toObject()["code"].toInt(), 1);
    // Pages of browsers: only those that are listed.
    Player page("http://evil.example");
    page.open(link().port());
    QTRY_VERIFY(page.hasFailed || page.isClosed);
    link().setOrigins({"http://localhost:8000"});
    Player own("http://localhost:8000");
    own.open(link().port());
    QTRY_VERIFY(own.socket.isValid());
    QVERIFY(own.call("hello", {{"token", place()["token"]}, {"game", "page"}}).contains("session"));
    QTRY_VERIFY_WITH_TIMEOUT(silent.isClosed, 8000);  // five seconds without a greeting
}

void LinkTest::strokes_areTold_andMakeTheSameLevel() {
    const auto game = player();
    const QJsonObject got = levelOf(*game);
    nlohmann::json level = jsonOf(got["level"]);
    int revision = got["revision"].toInt();
    for (int i = 0; i < 6; ++i) {
        lay(40 + 3 * i, 6);
        QTRY_VERIFY(!game->news.isEmpty());
        while (!game->news.isEmpty()) {
            const QJsonObject message = game->news.takeFirst();
            if (message["method"] != "level.changed") continue;
            const QJsonObject params = message["params"].toObject();
            QCOMPARE(params["from"].toInt(), revision);
            QVERIFY(params["revision"].toInt() > revision);
            QCOMPARE(params["session"], got["session"]);
            revision = params["revision"].toInt();
            rook::runtime::applyChange(level, jsonOf(params["set"]));
        }
    }
    QTRY_VERIFY(levelOf(*game)["revision"].toInt() == revision);
    QVERIFY(jsonOf(levelOf(*game)["level"]) == level);
    const auto live =
        ship::liveLevel(session().document.project(), *session().document.level(), {});
    QVERIFY(live && nlohmann::json(live->level)["matter"] == level["matter"]);
    QVERIFY(nlohmann::json(live->level)["collision"] == level["collision"]);
    // Undo is told as well; what games do not see is not.
    session().document.undo();
    QTRY_VERIFY(!game->news.isEmpty());
}

void LinkTest::gesture_isTold_whileItGoesOn() {
    const auto game = player();
    levelOf(*game);
    level::Level level = *session().document.level();
    level.cells.set(50, 7, level::Cell({1}));
    session().document.showGesture(level::LevelEdit{level, "Lay", {50, 7, 1, 1}});
    QTRY_VERIFY(!game->news.isEmpty());
    game->news.clear();
    session().document.cancelGesture();
    QTRY_VERIFY(!game->news.isEmpty());
}

void LinkTest::files_areTheGamesOwn() {
    const auto game = player();
    const QJsonObject sheet = game->call("file.get", {{"path", "sheets/weir.png"}});
    QCOMPARE(QByteArray::fromBase64(sheet["base64"].toString().toLatin1()),
             testing::readBytes(m_demo + "/sheets/weir.png"));
    for (const char* path : {"rookplot.json", "../weir/rookplot.json", "/etc/passwd", ""})
        QCOMPARE(game->call("file.get", {{"path", path}})["error"].toObject()["code"].toInt(), 4);
    QVERIFY(game->call("game.get")["campaign"].toObject()["levels"].toArray().size() == 11);
    QCOMPARE(levelOf(*game, "nowhere")["error"].toObject()["code"].toInt(), 3);
}

void LinkTest::manyGames_oneThatNeverReads_andOneOfRubbish() {
    std::vector<std::unique_ptr<Player>> games;
    for (int i = 0; i < 10; ++i) {
        games.push_back(player(QStringLiteral("game %1").arg(i)));
        levelOf(*games.back());
    }
    QTRY_COMPARE(link().games().size(), 10);
    // One says hello by hand, asks for all, and never reads.
    QTcpSocket deaf;
    deaf.setReadBufferSize(1);
    deaf.connectToHost("127.0.0.1", quint16(link().port()));
    QVERIFY(deaf.waitForConnected(5000));
    deaf.write(
        "GET / HTTP/1.1\r\nHost: 127.0.0.1\r\nUpgrade: websocket\r\nConnection: Upgrade\r\n"
        "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==\r\nSec-WebSocket-Version: 13\r\n\r\n");
    const auto frame = [&](const QByteArray& text) {
        QByteArray bytes("\x81", 1);
        if (text.size() < 126) {
            bytes += char(0x80 | text.size());
        } else {
            bytes += char(0x80 | 126);
            bytes += char(text.size() >> 8);
            bytes += char(text.size() & 255);
        }
        bytes += QByteArray(4, 0) + text;  // a mask of nothing
        deaf.write(bytes);
    };
    frame(R"({"jsonrpc":"2.0","id":1,"method":"hello","params":{"game":"deaf","token":")" +
          place()["token"].toString().toLatin1() + R"("}})");
    frame(R"({"jsonrpc":"2.0","id":2,"method":"subscribe","params":{}})");
    for (int i = 0; i < 60; ++i)
        frame(R"({"jsonrpc":"2.0","id":3,"method":"level.get","params":{"id":"wheel-hall"}})");
    deaf.flush();
    Player rubbish;
    rubbish.open(link().port());
    QTRY_VERIFY(rubbish.socket.isValid());
    for (int i = 0; i < 30; ++i)
        rubbish.socket.sendTextMessage(QStringLiteral("{{{ %1 \x01").arg(i));
    QTRY_VERIFY(rubbish.isClosed);
    for (int i = 0; i < 12; ++i) {
        lay(40 + i, 7);
        QTest::qWait(5);
    }
    // Each that reads comes to the same, whatever the others do.
    const auto last = [](const Player& each) {
        int revision = 0;
        for (const QJsonObject& message : each.news)
            if (message["method"] == "level.changed")
                revision = message["params"].toObject()["revision"].toInt();
        return revision;
    };
    QTRY_VERIFY(std::all_of(games.begin(), games.end(), [&](const auto& each) {
        return last(*each) > 0 && last(*each) == last(*games[0]);
    }));
    const int revision = levelOf(*games[0])["revision"].toInt();
    QTRY_COMPARE(last(*games[9]), revision);
    deaf.abort();
    QTRY_COMPARE(link().games().size(), 10);
}

void LinkTest::messages_thatAreNoCalls_areRefused() {
    const auto game = player();
    const auto codeOf = [&](const QString& text) {
        game->answers.clear();
        game->socket.sendTextMessage(text);
        (void)QTest::qWaitFor([&] { return !game->answers.isEmpty(); }, 5000);
        return game->answers.isEmpty() ? 0 : game->answers[0]["error"].toObject()["code"].toInt();
    };
    QCOMPARE(codeOf("{"), -32700);
    QCOMPARE(codeOf("7"), -32600);
    QCOMPARE(codeOf(R"({"jsonrpc":"2.0","id":1,"method":"fly"})"), -32601);
    QCOMPARE(codeOf(R"({"jsonrpc":"2.0","id":1,"method":"level.get","params":[7]})"), -32602);
    QCOMPARE(codeOf(R"({"jsonrpc":"2.0","id":1,"method":"run.at","params":{"tick":"x"}})"), -32602);
    QCOMPARE(codeOf(R"({"jsonrpc":"2.0","id":1,"method":"run.started","params":{"level":"no"}})"),
             3);
    game->answers.clear();
    game->socket.sendBinaryMessage("x");
    QTRY_VERIFY(!game->answers.isEmpty());
    // A message that is too long closes the link of who sent it, and no other.
    const auto other = player("other");
    Player large;
    large.open(link().port());
    QTRY_VERIFY(large.socket.isValid());
    large.socket.sendTextMessage(QString(70 << 20, 'x'));
    QTRY_VERIFY_WITH_TIMEOUT(large.isClosed, 20000);
    QVERIFY(levelOf(*other).contains("level"));
}

void LinkTest::plays_areKept_shownAndForgotten() {
    session().workbench.setStep(Step::Ship);
    const auto game = player("otter");
    game->send("run.started", {{"level", "intake"}, {"arrival", ""}}, false);
    for (int i = 0; i < 8; ++i)
        game->send("run.at", {{"tick", 6 * i}, {"x", 70 + 16 * i}, {"y", 440}, {"phase", 0}},
                   false);
    QTRY_VERIFY(!link().games().isEmpty() && link().games()[0].at.x == 70 + 16 * 7);
    QCOMPARE(link().games()[0].level, QStringLiteral("intake"));
    QTRY_VERIFY(part<QLabel>("link-state")->text().contains("otter plays Intake steps"));
    game->send("run.died", {{"tick", 50}, {"x", 190}, {"y", 440}, {"by", "teeth"}}, false);
    QTRY_VERIFY(link().heat() && link().heat()->deaths == 1);
    QCOMPARE(link().heat()->died.at(11, 27), 1u);
    QTRY_VERIFY(part<QLabel>("link-plays")->text().contains("1 play here, 1 death"));
    const QString kept = m_demo + "/.rookplot/plays/intake.json";
    QTRY_VERIFY_WITH_TIMEOUT(testing::readBytes(kept).contains("otter"), 8000);
    // Another level has none.
    session().document.chooseLevel({"wheel-hall"});
    QTRY_VERIFY(!link().heat());
    session().document.chooseLevel({"intake"});
    QTRY_VERIFY(link().heat());
    QTest::mouseClick(part<QAbstractButton>("link-forget"), Qt::LeftButton);
    QTRY_VERIFY(!link().heat());
    QVERIFY(!QFile::exists(kept));
}

void LinkTest::run_ofAGame_canBeKept() {
    session().workbench.setStep(Step::Ship);
    const auto game = player("otter");
    QJsonArray inputs;
    for (const level::RunSpan& span : level().proof->spans)
        inputs << QJsonArray{span.ticks, span.dx, span.dy, int(span.buttons)};
    game->send("run.started", {{"level", "intake"}, {"arrival", ""}}, false);
    game->send("run.at", {{"tick", 0}, {"x", 72}, {"y", 437}}, false);
    game->send("run.inputs", {{"inputs", inputs}}, false);
    game->send("run.won", {{"ticks", 962}}, false);
    QTRY_VERIFY(link().hasRun());
    QTRY_VERIFY(part<QLabel>("link-plays")->text().contains("1 won"));
    QVERIFY(part<QLabel>("link-plays")->text().contains("the proof run takes"));
    QTest::mouseClick(part<QAbstractButton>("link-keep"), Qt::LeftButton);
    QCOMPARE(level().runs.size(), std::size_t(1));
    const auto query = reach::queryOf(session().document.project(), level());
    QVERIFY(reach::checkRun(*query, level(), level().runs[0]).isPossible);
}

void LinkTest::lantern_showsEachStroke() {
    const QString program = testing::binaryFolder() + "/bin/lantern";
    if (!QFile::exists(program)) QSKIP("the stand-in game is not built here");
    QProcess lantern;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("SDL_VIDEODRIVER", "dummy");
    lantern.setProcessEnvironment(environment);
    lantern.start(program, {"--link"});
    QByteArray said;
    const auto hasSaid = [&](const QByteArray& words) {
        return QTest::qWaitFor(
            [&] {
                said += lantern.readAllStandardOutput();
                return said.contains(words);
            },
            20000);
    };
    QVERIFY2(hasSaid("Intake steps"), lantern.readAllStandardError());
    QTRY_VERIFY(link().games().size() == 1 && link().games()[0].level == "intake");
    lay(40, 6);
    QVERIFY2(hasSaid("shows intake 2"), said + lantern.readAllStandardError());
    lay(41, 6);
    QVERIFY2(hasSaid("shows intake 3"), said + lantern.readAllStandardError());
    // A level that cannot be played for a while leaves the game as it is.
    level::Level broken = level();
    broken.entities.edit([](auto& list) { list.clear(); });
    session().document.apply(level::LevelEdit{broken, "Clear", {}});
    QTest::qWait(300);
    QCOMPARE(lantern.state(), QProcess::Running);
    session().document.undo();
    lay(42, 6);
    QVERIFY2(hasSaid("shows intake 6") || hasSaid("shows intake 5"),
             said + lantern.readAllStandardError());
    // It ends with the link.
    link().setOn(false);
    QTRY_VERIFY_WITH_TIMEOUT(lantern.state() == QProcess::NotRunning, 8000);
}

ROOK_TEST(LinkTest)

}  // namespace rook::link_test

#include "link_test.moc"
