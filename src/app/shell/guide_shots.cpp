/// The pictures of the guide: a first game is made as the guide tells it.

#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QKeyEvent>
#include <QTemporaryDir>
#include <cstdio>

#include "app/shell/find.h"
#include "app/shell/guide.h"
#include "app/shell/shots.h"
#include "app/shell/shots_detail.h"
#include "app/shell/tour.h"
#include "file/project_file.h"
#include "file/starters.h"
#include "file/storage.h"
#include "level/edits.h"

namespace rook::app {

namespace {

using detail::movePointer;
using detail::settle;
using detail::shoot;
using detail::trigger;

/// A designer at the window: names of cards and tools instead of pixels.
class Designer {
public:
    Designer(MainWindow& window, QString folder) : m_window(window), m_folder(std::move(folder)) {}

    [[nodiscard]] bool isFine() const { return m_isFine; }
    [[nodiscard]] Session& session() const { return m_window.session(); }
    void save(QWidget& part, const char* name) {
        m_isFine =
            m_isFine &&
            part.grab().save(QDir(m_folder).filePath(QLatin1String(name) + QStringLiteral(".png")));
    }
    void shootAs(const char* name) {
        m_isFine = m_isFine && shoot(m_window, m_folder, QLatin1String(name));
    }
    void step(Step to, const char* tool) const {
        session().workbench.setStep(to);
        if (*tool != 0) session().workbench.chooseTool(tool);
        QApplication::processEvents();
    }
    /// Clicks a card of the tray.
    void card(const char* title) {
        for (CardButton* button : m_window.findChildren<CardButton*>())
            if (button->isVisible() && button->text() == QLatin1String(title))
                return button->click();
        complain(title);
    }
    /// An entry of a field of the margin.
    void choose(const char* field, int entry) {
        auto* box = m_window.findChild<QComboBox*>(QLatin1String(field));
        if (!box) return complain(field);
        box->setCurrentIndex(entry);
        Q_EMIT box->activated(entry);
    }
    void drag(CellPoint from, CellPoint to) const {
        Board& board = m_window.board();
        movePointer(board, at(from), Qt::LeftButton, QEvent::MouseButtonPress, Qt::LeftButton);
        hover(from, to);
        movePointer(board, at(to), Qt::NoButton, QEvent::MouseButtonRelease, Qt::LeftButton);
    }
    /// A drag that is not let go.
    void hover(CellPoint from, CellPoint to) const {
        Board& board = m_window.board();
        movePointer(board, (at(from) + at(to)) / 2, Qt::LeftButton, QEvent::MouseMove,
                    Qt::NoButton);
        movePointer(board, at(to), Qt::LeftButton, QEvent::MouseMove, Qt::NoButton);
    }
    void click(CellPoint cell) const { drag(cell, cell); }
    void point(CellPoint cell) const {
        movePointer(m_window.board(), at(cell), Qt::NoButton, QEvent::MouseMove, Qt::NoButton);
    }
    void key(QWidget* widget, Qt::Key key, const QString& text = {}) const {
        QKeyEvent event(QEvent::KeyPress, key, Qt::NoModifier, text);
        QApplication::sendEvent(widget, &event);
    }
    void complain(const char* what) {
        std::fprintf(stderr, "rookplot-desk: The window has no %s to click.\n", what);
        m_isFine = false;
    }

private:
    [[nodiscard]] QPointF at(CellPoint cell) const {
        return m_window.board().view().toWidget(PxPoint{cell.x * 16 + 8, cell.y * 16 + 8});
    }
    MainWindow& m_window;
    QString m_folder;
    bool m_isFine = true;
};

void layTheLevel(Designer& designer) {
    designer.step(Step::Shape, "box");
    designer.card("Stone");
    designer.drag({0, 19}, {15, 23});
    designer.shootAs("first-floor");
    designer.drag({20, 19}, {39, 23});
    designer.drag({27, 16}, {33, 18});
    designer.card("Plank");
    designer.step(Step::Shape, "line");
    designer.drag({7, 16}, {11, 16});
    designer.drag({13, 13}, {17, 13});
    designer.point({19, 12});
    designer.shootAs("first-ledges");
}

void castTheLevel(Designer& designer) {
    designer.step(Step::Cast, "place");
    designer.card("Player");
    designer.click({2, 18});
    designer.card("Exit");
    designer.click({37, 18});
    designer.card("Coin");
    designer.drag({13, 12}, {17, 12});
    designer.card("Crawler");
    designer.click({22, 18});
    designer.choose("gait", int(level::Gait::Walks));
    designer.shootAs("first-cast");
}

/// A wall that cannot be jumped, and what Prove says; then a spring before it.
void proveTheLevel(Designer& designer) {
    designer.step(Step::Prove, "");
    designer.shootAs("first-proof");
    designer.step(Step::Shape, "box");
    designer.card("Stone");
    designer.drag({30, 11}, {32, 15});
    designer.step(Step::Prove, "");
    designer.shootAs("first-wall");
    designer.step(Step::Cast, "place");
    designer.card("Spring");
    designer.click({28, 15});
    designer.step(Step::Prove, "");
    designer.shootAs("first-spring");
}

void shipTheGame(MainWindow& window, Designer& designer) {
    designer.step(Step::Skin, "");
    designer.shootAs("first-skin");
    designer.step(Step::Ship, "");
    designer.card("Play page");
    detail::waitForTargets(designer.session());
    designer.shootAs("first-ship");
    trigger(window, "level-sheet-action");
    designer.shootAs("first-sheet");
    designer.session().requests.returnToBoard();
    trigger(window, "level-sheet-action");
}

void findAndSet(MainWindow& window, Designer& designer) {
    designer.step(Step::Shape, "box");
    trigger(window, "find-action");
    auto* find = window.findChild<Find*>();
    find->findChild<QLineEdit*>()->setText(QStringLiteral("moving platform"));
    designer.shootAs("find");
    designer.key(find->findChild<QLineEdit*>(), Qt::Key_Escape);
    trigger(window, "settings-action");
    designer.shootAs("settings");
    window.welcome();
    designer.shootAs("welcome");
    trigger(window, "tour-action");
    auto* tour = window.findChild<Tour*>();
    auto* next = tour->findChild<QPushButton*>(QStringLiteral("tour-next"));
    for (int stop = 0; stop < 4; ++stop)
        next->click();
    designer.shootAs("tour");
    designer.key(next, Qt::Key_Escape);
    trigger(window, "guide-action");
    if (auto* guide = window.findChild<Guide*>()) {
        guide->open(QStringLiteral("guide/first-game.md"), QStringLiteral("4. Can it be played?"));
        settle(window);
        designer.save(*guide, "guide");
        guide->close();
    } else {
        designer.complain("guide");
    }
}

}  // namespace

bool writeGuideShots(MainWindow& window, const QString& folder) {
    QTemporaryDir home;
    const QString game = home.filePath(QStringLiteral("first-game"));
    const file::Starter* blank = file::findStarter("blank");
    const bool isMade =
        file::makeProject(file::diskStorage(), game.toStdString(), *blank, "First game")
            .has_value();
    if (!QDir().mkpath(folder) || !isMade || !window.openProject(game)) {
        std::fprintf(stderr,
                     "rookplot-desk: The guide's game cannot be made. Choose another folder.\n");
        return false;
    }
    window.resize(1120, 720);
    window.setNight(false);
    settle(window);
    window.board().fitLevel();
    Designer designer(window, folder);
    layTheLevel(designer);
    castTheLevel(designer);
    proveTheLevel(designer);
    shipTheGame(window, designer);
    findAndSet(window, designer);
    while (window.session().document.history().canUndo())
        window.session().document.undo();
    return designer.isFine();
}

}  // namespace rook::app
