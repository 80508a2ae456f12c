#pragma once
/// The real window on a copy of the demo, with mouse and keys: what tests of whole steps share.

#include <QComboBox>
#include <QSettings>
#include <QStandardPaths>

#include "app/shell/main_window.h"
#include "data.h"
#include "registry.h"

namespace rook::testing {

class DemoWindow : public QObject {
protected:
    /// Settings of its own, and none to begin with. Once a test program.
    static void useOwnSettings(const char* name) {
        QStandardPaths::setTestModeEnabled(true);
        QCoreApplication::setOrganizationName("rookplot-test");
        QCoreApplication::setApplicationName(name);
        QSettings().clear();
        static const QTemporaryDir state;
        qputenv("XDG_STATE_HOME", state.path().toLocal8Bit());
        qputenv("XDG_CONFIG_HOME", state.path().toLocal8Bit());
    }
    /// Opens the window in Shape, with the first level proven.
    void openDemo() {
        m_folder = std::make_unique<QTemporaryDir>();
        m_demo = copyDemo(*m_folder);
        m_window = std::make_unique<app::MainWindow>();
        QVERIFY(m_window->openProject(m_demo));
        session().workbench.setStep(app::Step::Shape);
        m_window->show();
        QVERIFY(QTest::qWaitForWindowExposed(m_window.get()));
        m_window->activateWindow();
        board().setFocus();
        QVERIFY(waitForProof());
    }
    /// Undoes all, so that nothing asks whether to discard it.
    void closeDemo() {
        session().document.cancelGesture();
        while (session().document.history().canUndo())
            session().document.undo();
        m_window.reset();
    }

    [[nodiscard]] QPoint cell(int x, int y) const {
        return board().view().toWidget(PxPoint{x * 16 + 8, y * 16 + 8}).toPoint();
    }
    void dragCells(CellPoint from, CellPoint to, Qt::MouseButton button = Qt::LeftButton) const {
        QTest::mousePress(&board(), button, {}, cell(from.x, from.y));
        QTest::mouseMove(&board(), cell((from.x + to.x) / 2, (from.y + to.y) / 2));
        QTest::mouseMove(&board(), cell(to.x, to.y));
        QTest::mouseRelease(&board(), button, {}, cell(to.x, to.y));
    }
    template <typename T>
    [[nodiscard]] T* part(const char* name) const {
        return m_window->findChild<T*>(QLatin1String(name));
    }
    /// Chooses an entry as a click in the list does.
    void choose(const char* name, int index) const {
        auto* box = part<QComboBox>(name);
        box->setCurrentIndex(index);
        Q_EMIT box->activated(index);
    }
    bool waitForProof() const {
        return QTest::qWaitFor([&] { return session().proofs.isCurrent(level().id); }, 5000);
    }
    [[nodiscard]] app::Session& session() const { return m_window->session(); }
    [[nodiscard]] app::Board& board() const { return m_window->board(); }
    [[nodiscard]] const level::Level& level() const { return *session().document.level(); }

    std::unique_ptr<QTemporaryDir> m_folder;
    QString m_demo;
    std::unique_ptr<app::MainWindow> m_window;
};

}  // namespace rook::testing
