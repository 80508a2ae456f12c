/// The live link: from a stroke to what the stand-in game shows, and what games cost the window.

#include <benchmark/benchmark.h>

#include <QApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTcpSocket>
#include <QTemporaryDir>
#include <QThread>
#include <QWebSocket>
#include <algorithm>

#include "app/shell/main_window.h"
#include "demo_copy.h"

namespace {

using namespace rook;

constexpr int strokes = 200;

app::MainWindow& linkedWindow() {
    static const QTemporaryDir runtime;
    static const auto made = [] {
        for (const char* name : {"XDG_RUNTIME_DIR", "XDG_STATE_HOME", "XDG_CONFIG_HOME"})
            qputenv(name, runtime.path().toLocal8Bit());
        const QString copy = runtime.filePath(QStringLiteral("weir"));
        testing::copyDemo(copy.toStdString());
        auto opened = std::make_unique<app::MainWindow>();
        opened->resize(1280, 800);
        opened->show();
        if (!opened->openProject(copy) || !opened->session().document.mayEdit()) std::abort();
        opened->session().workbench.setStep(app::Step::Shape);
        return opened;
    }();
    return *made;
}

void processFor(int milliseconds) {
    QElapsedTimer timer;
    timer.start();
    while (timer.elapsed() < milliseconds)
        QCoreApplication::processEvents(QEventLoop::AllEvents, 5);
}

template <typename Holds>
bool processUntil(Holds&& holds) {
    QElapsedTimer timer;
    timer.start();
    bool isSo = holds();
    while (!isSo && timer.elapsed() < 20'000) {
        QCoreApplication::processEvents(QEventLoop::AllEvents | QEventLoop::WaitForMoreEvents, 2);
        isSo = holds();
    }
    return isSo;
}

/// A stroke of eight cells, each time another one.
void stroke(int number) {
    app::Document& document = linkedWindow().session().document;
    level::Level level = *document.level();
    const int x = 8 + number % 100, y = 4 + number / 100 * 3;
    for (int i = 0; i < 8; ++i)
        level.cells.set(x + i, y, number % 2 ? level::Cell() : level::Cell({1}));
    document.apply(level::LevelEdit{level, "Lay 8 cells", {x, y, 8, 1}});
}

double median(std::vector<double> times) {
    std::nth_element(times.begin(), times.begin() + std::ptrdiff_t(times.size() / 2), times.end());
    return times[times.size() / 2];
}

/// The median of 200 strokes, from the edit to lantern's picture of it.
void strokeToGame(benchmark::State& state) {
    app::LiveLink& link = linkedWindow().session().link;
    link.setOn(true);
    if (!processUntil([&] { return link.port() > 0; })) return state.SkipWithError("no link");
    QProcess lantern;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("SDL_VIDEODRIVER"), QStringLiteral("dummy"));
    lantern.setProcessEnvironment(environment);
    lantern.start(QCoreApplication::applicationDirPath() + QStringLiteral("/lantern"),
                  {QStringLiteral("--link")});
    if (!processUntil([&] { return !link.games().isEmpty() && !link.games()[0].level.isEmpty(); }))
        return state.SkipWithError("lantern did not come");
    processFor(1500);
    (void)lantern.readAllStandardOutput();
    for (auto _ : state) {
        std::vector<double> times;
        for (int i = 0; i < strokes; ++i) {
            QElapsedTimer timer;
            timer.start();
            stroke(i);
            if (!processUntil([&] { return lantern.readAllStandardOutput().contains("shows"); }))
                return state.SkipWithError(("lantern does not follow stroke " + std::to_string(i) +
                                            ": " + lantern.readAllStandardError().toStdString())
                                               .c_str());
            times.push_back(double(timer.nsecsElapsed()) * 1e-9);
            processFor(20);  // as a hand does
        }
        state.SetIterationTime(median(times));
        std::sort(times.begin(), times.end());
        state.counters["ms at most"] = times.back() * 1000;
    }
    link.setOn(false);
    (void)processUntil([&] { return lantern.state() == QProcess::NotRunning; });
}

/// Ten games that read and one that does not, on a thread of their own.
class Games : public QThread {
public:
    explicit Games(int port) : m_port(port) {}

protected:
    void run() override {
        QFile file(app::LiveLink::place());
        if (!file.open(QIODevice::ReadOnly)) return;
        const QString token =
            QJsonDocument::fromJson(file.readAll()).object()[QStringLiteral("token")].toString();
        const QString calls[] = {
            QStringLiteral(
                R"({"jsonrpc":"2.0","id":1,"method":"hello","params":{"game":"x","token":"%1"}})")
                .arg(token),
            QStringLiteral(R"({"jsonrpc":"2.0","id":2,"method":"subscribe","params":{}})"),
            QStringLiteral(
                R"({"jsonrpc":"2.0","id":3,"method":"level.get","params":{"id":"intake"}})")};
        std::vector<std::unique_ptr<QWebSocket>> sockets;
        for (int i = 0; i < 10; ++i) {
            sockets.push_back(std::make_unique<QWebSocket>());
            QWebSocket* socket = sockets.back().get();
            connect(socket, &QWebSocket::connected, socket, [socket, calls] {
                for (const QString& call : calls)
                    socket->sendTextMessage(call);
            });
            socket->open(QUrl(QStringLiteral("ws://127.0.0.1:%1").arg(m_port)));
        }
        QTcpSocket deaf;
        deaf.setReadBufferSize(1);
        deaf.connectToHost(QStringLiteral("127.0.0.1"), quint16(m_port));
        exec();
    }

private:
    int m_port;
};

/// The longest that the window was held while 200 strokes were drawn; the median of rounds.
double longestHold() {
    std::vector<double> holds;
    for (int round = 0; round < 5; ++round) {
        double longest = 0;
        for (int i = 0; i < strokes / 5; ++i) {
            QElapsedTimer timer;
            timer.start();
            stroke(i);
            longest = std::max(longest, double(timer.nsecsElapsed()) * 1e-9);
            for (int turn = 0; turn < 8; ++turn) {
                timer.restart();
                QCoreApplication::processEvents();
                longest = std::max(longest, double(timer.nsecsElapsed()) * 1e-9);
                QThread::msleep(2);
            }
        }
        holds.push_back(longest);
    }
    return median(holds);
}

void holdWithoutGames(benchmark::State& state) {
    (void)linkedWindow();
    processFor(1500);
    for (auto _ : state)
        state.SetIterationTime(longestHold());
}

void holdWithTenGames(benchmark::State& state) {
    app::LiveLink& link = linkedWindow().session().link;
    link.setOn(true);
    if (!processUntil([&] { return link.port() > 0; })) return state.SkipWithError("no link");
    Games games(link.port());
    games.start();
    if (!processUntil([&] { return link.games().size() == 10; }))
        return state.SkipWithError("the games did not come");
    processFor(1500);
    for (auto _ : state)
        state.SetIterationTime(longestHold());
    games.quit();
    games.wait();
    link.setOn(false);
    processFor(200);
}

BENCHMARK(strokeToGame)->Iterations(1)->UseManualTime()->Unit(benchmark::kMillisecond);
BENCHMARK(holdWithoutGames)->Iterations(1)->UseManualTime()->Unit(benchmark::kMillisecond);
BENCHMARK(holdWithTenGames)->Iterations(1)->UseManualTime()->Unit(benchmark::kMillisecond);

}  // namespace
