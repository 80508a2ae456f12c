#pragma once
/// What happens to the process from outside: signals, the end of the desktop session, another
/// window that asks this one to come to the front.

#include <QLocalServer>
#include <QObject>

namespace rook::app {

class MainWindow;

class LifeOfProcess : public QObject {
    Q_OBJECT

public:
    /// One a process. SIGTERM, SIGHUP and SIGINT keep what is not saved, and end.
    explicit LifeOfProcess(MainWindow& window);
    ~LifeOfProcess() override;

Q_SIGNALS:
    void ending();  ///< by a signal; all is kept

private:
    void listenToSignals();
    void listenToWindows();

    MainWindow& m_window;
    QLocalServer m_server;
};

}  // namespace rook::app
