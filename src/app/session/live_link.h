#pragma once
/// The link to running games, as the window has it: switched on and off, who is there, where they
/// are, and how a level was played. The work is done by `LinkServer` on a thread of its own.

#include <QStringList>
#include <QThread>

#include "app/session/document.h"
#include "app/session/link_server.h"

namespace rook::app {

class LiveLink : public QObject {
    Q_OBJECT

public:
    LiveLink(Document& document, Requests& requests);
    ~LiveLink() override;

    /// `$XDG_RUNTIME_DIR/rookplot/link.json`, else in the folder for temporary files.
    [[nodiscard]] static QString place();
    void setOn(bool isOn);
    [[nodiscard]] bool isOn() const { return m_isOn; }
    [[nodiscard]] int port() const { return m_port; }  ///< 0 = does not listen
    /// Pages of browsers that may link, as "http://localhost:8000".
    void setOrigins(const QStringList& origins);
    [[nodiscard]] const QStringList& origins() const { return m_origins; }
    [[nodiscard]] const QList<LinkedGame>& games() const { return m_games; }
    /// Of the level on the board; null where nobody played it, or it is not known yet.
    [[nodiscard]] const ship::HeatMap* heat() const;
    void forgetPlays();
    /// The last run that a game told the inputs of, in the level on the board.
    [[nodiscard]] bool hasRun() const;
    /// Keeps it with the level as a run that must stay possible. Errors: says why not.
    void keepRun();

Q_SIGNALS:
    void changed();       ///< on or off, games, heat
    void playersMoved();  ///< where they are, some twenty times a second

private:
    void takeValue();
    void watch();

    Document& m_document;
    Requests& m_requests;
    bool m_isOn = false;
    int m_port = 0;
    QStringList m_origins;
    QList<LinkedGame> m_games;
    QString m_heatOf;
    std::shared_ptr<const ship::HeatMap> m_heat;
    QString m_runOf;
    std::vector<level::RunSpan> m_run;
    QString m_runArrival;
    QThread m_thread;
    LinkServer* m_server;  ///< on the thread
};

}  // namespace rook::app
