#include "app/shell/life_of_process.h"

#include <sys/socket.h>
#include <unistd.h>

#include <QApplication>
#include <QLocalSocket>
#include <QSocketNotifier>
#include <csignal>

#include "app/shell/main_window.h"

namespace rook::app {

namespace {

int g_signals[2] = {-1, -1};  // a handler may do no more than write to a socket

void noteSignal(int number) {
    const char byte = static_cast<char>(number);
    (void)!::write(g_signals[0], &byte, 1);
}

}  // namespace

LifeOfProcess::LifeOfProcess(MainWindow& window) : m_window(window) {
    listenToSignals();
    listenToWindows();
    // The end of the desktop session: where it can be asked, closing asks; kept it is in any case.
    connect(
        qApp, &QGuiApplication::commitDataRequest, this,
        [this] { m_window.session().autosave.keepNow(); }, Qt::DirectConnection);
}

LifeOfProcess::~LifeOfProcess() {
    for (const int number : {SIGTERM, SIGHUP, SIGINT})
        std::signal(number, SIG_DFL);
    for (int& socket : g_signals)
        ::close(std::exchange(socket, -1));
}

void LifeOfProcess::listenToSignals() {
    if (::socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0, g_signals) != 0) return;
    auto* notifier = new QSocketNotifier(g_signals[1], QSocketNotifier::Read, this);
    connect(notifier, &QSocketNotifier::activated, this, [this] {
        char number = 0;
        (void)!::read(g_signals[1], &number, 1);
        m_window.session().autosave.keepNow();
        Q_EMIT ending();
        QApplication::exit(128 + number);
    });
    struct sigaction action {};
    action.sa_handler = noteSignal;
    action.sa_flags = SA_RESTART;
    for (const int number : {SIGTERM, SIGHUP, SIGINT})
        ::sigaction(number, &action, nullptr);
}

void LifeOfProcess::listenToWindows() {
    m_server.setSocketOptions(QLocalServer::UserAccessOption);
    const QString name = windowSocket(QCoreApplication::applicationPid());
    QLocalServer::removeServer(name);  // of a process that had the number before
    m_server.listen(name);
    connect(&m_server, &QLocalServer::newConnection, this, [this] {
        while (QLocalSocket* socket = m_server.nextPendingConnection())
            socket->deleteLater();
        m_window.comeToFront();
    });
}

}  // namespace rook::app
