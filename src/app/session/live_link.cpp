#include "app/session/live_link.h"

#include <QDir>
#include <QStandardPaths>

#include "level/level_edits.h"

namespace rook::app {

LiveLink::LiveLink(Document& document, Requests& requests)
    : m_document(document), m_requests(requests), m_server(new LinkServer) {
    m_server->moveToThread(&m_thread);
    connect(&m_thread, &QThread::finished, m_server, &QObject::deleteLater);
    connect(m_server, &LinkServer::started, this, [this](int port) {
        m_port = port;
        Q_EMIT changed();
    });
    connect(m_server, &LinkServer::failed, this, [this](const QString& why) {
        m_isOn = false;
        m_port = 0;
        m_requests.say(why);
        Q_EMIT changed();
    });
    connect(m_server, &LinkServer::gamesChanged, this, [this](const QList<LinkedGame>& games) {
        const bool isOther = games.size() != m_games.size() ||
                             !std::equal(games.begin(), games.end(), m_games.begin(),
                                         [](const auto& a, const auto& b) {
                                             return a.name == b.name && a.level == b.level;
                                         });
        m_games = games;
        Q_EMIT playersMoved();
        if (isOther) Q_EMIT changed();
    });
    connect(m_server, &LinkServer::heatChanged, this,
            [this](const QString& level, const std::shared_ptr<const ship::HeatMap>& heat) {
                m_heatOf = level;
                m_heat = heat;
                Q_EMIT changed();
            });
    connect(m_server, &LinkServer::inputsTold, this,
            [this](const QString& level, const std::vector<level::RunSpan>& inputs,
                   const QString& arrival) {
                m_runOf = level;
                m_run = inputs;
                m_runArrival = arrival;
                Q_EMIT changed();
            });
    const auto follow = [this] { takeValue(); };
    connect(&document, &Document::changed, this, follow);
    connect(&document, &Document::opened, this, follow);
    connect(&document, &Document::levelSwitched, this, [this] { watch(); });
    m_thread.setObjectName(QStringLiteral("live link"));
    m_thread.start();
}

LiveLink::~LiveLink() {
    QMetaObject::invokeMethod(
        m_server, [server = m_server] { server->stop(); }, Qt::BlockingQueuedConnection);
    m_thread.quit();
    m_thread.wait();
}

QString LiveLink::place() {
    QString folder = qEnvironmentVariable("XDG_RUNTIME_DIR");
    if (folder.isEmpty()) folder = QDir::tempPath();
    return folder + QStringLiteral("/rookplot/link.json");
}

void LiveLink::setOn(bool isOn) {
    if (m_isOn == isOn) return;
    m_isOn = isOn;
    m_port = 0;
    if (isOn) {
        QMetaObject::invokeMethod(m_server, [server = m_server, origins = m_origins] {
            server->start(LiveLink::place(), origins);
        });
        takeValue();
        watch();
    } else {
        QMetaObject::invokeMethod(m_server, [server = m_server] { server->stop(); });
    }
    Q_EMIT changed();
}

void LiveLink::setOrigins(const QStringList& origins) {
    m_origins = origins;
    QMetaObject::invokeMethod(m_server,
                              [server = m_server, origins] { server->setOrigins(origins); });
    Q_EMIT changed();
}

/// A value is shared, so that handing it over costs nothing that grows with it.
void LiveLink::takeValue() {
    if (!m_isOn) return;
    QMetaObject::invokeMethod(
        m_server, [server = m_server, project = m_document.project(),
                   folder = m_document.folder()] { server->takeValue(project, folder); });
}

void LiveLink::watch() {
    if (!m_isOn) return;
    QMetaObject::invokeMethod(
        m_server, [server = m_server, level = QString::fromStdString(m_document.level()->id.text)] {
            server->watch(level);
        });
}

const ship::HeatMap* LiveLink::heat() const {
    const bool isOfNow = m_heatOf.toStdString() == m_document.level()->id.text;
    return m_isOn && m_heat && isOfNow && m_heat->plays > 0 ? m_heat.get() : nullptr;
}

void LiveLink::forgetPlays() {
    QMetaObject::invokeMethod(
        m_server, [server = m_server, level = QString::fromStdString(m_document.level()->id.text)] {
            server->forgetPlays(level);
        });
}

bool LiveLink::hasRun() const {
    return !m_run.empty() && m_runOf.toStdString() == m_document.level()->id.text;
}

void LiveLink::keepRun() {
    if (!hasRun()) return;
    const level::Level& level = *m_document.level();
    level::KeptRun run;
    run.spans = m_run;
    run.start = {m_runArrival.toStdString()};
    for (const level::Entity& entity : level.entities)
        if (run.goal.isEmpty() && m_document.project().roleOf(entity) == level::Role::Exit)
            run.goal = entity.id;
    m_document.apply(level::keepRun(level, std::move(run), tr("played").toStdString()).edit);
}

}  // namespace rook::app
