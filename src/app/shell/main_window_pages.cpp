/// What stands in the board's place for a while, and what is done to whole levels.

#include <QDragEnterEvent>
#include <QFileInfo>
#include <QMimeData>
#include <QRegularExpression>
#include <QUrl>

#include "app/pages/game_page.h"
#include "app/pages/import_page.h"
#include "app/pages/level_sheet.h"
#include "app/pages/mix_page.h"
#include "app/pages/models_page.h"
#include "app/pages/new_level_page.h"
#include "app/pages/new_project_page.h"
#include "app/pages/placements_page.h"
#include "app/pages/targets_page.h"
#include "app/pages/walk_keys_page.h"
#include "app/shell/main_window.h"
#include "app/steps/sketch/place_underlay.h"
#include "app/ui/words.h"
#include "game/flow.h"
#include "level/running_order.h"

namespace rook::app {

void MainWindow::showPage(Page* page) {
    if (m_board->isWalking()) m_board->stopWalk();
    if (m_page) m_page->hide();
    m_page = page;
    showAslant(m_aslantShown);
    if (!page) return m_board->setFocus();
    if (m_middle->indexOf(page) < 0) {
        m_middle->insertWidget(m_middle->indexOf(m_plan), page, 1);
        connect(page, &Page::left, this, [this] { showPage(nullptr); });
        const auto follow = [this, page] {
            if (m_page == page) page->refresh();
        };
        connect(&m_session.document, &Document::changed, page, follow);
        connect(&m_session.document, &Document::levelSwitched, page, follow);
    }
    page->refresh();
    page->show();
    page->takeFocus();
}

void MainWindow::openLevelSheet() {
    if (!m_sheet) m_sheet = new LevelSheet(m_session, centralWidget());
    showPage(m_sheet);
}

void MainWindow::openGame() {
    if (m_game && m_page == m_game) return showPage(nullptr);
    if (!m_game) m_game = new GamePage(m_session, centralWidget());
    showPage(m_game);
}

void MainWindow::newProject() {
    if (!m_newProject) {
        m_newProject = new NewProjectPage(m_session, centralWidget());
        connect(m_newProject, &NewProjectPage::made, this, [this](const QString& folder) {
            showPage(nullptr);
            if (mayDiscard()) openProject(folder);
        });
    }
    m_newProject->begin();
    showPage(m_newProject);
}

void MainWindow::openWalkKeys() {
    if (!m_walkKeys) m_walkKeys = new WalkKeysPage(m_session, centralWidget());
    showPage(m_walkKeys);
}

void MainWindow::openPlacements() {
    if (!m_placements) m_placements = new PlacementsPage(m_session, centralWidget());
    showPage(m_placements);
}

void MainWindow::openMix() {
    if (!m_session.document.mayEdit()) return m_session.say(tr("Here one can only look."));
    if (!m_mix) m_mix = new MixPage(m_session, centralWidget());
    showPage(m_mix);
}

void MainWindow::openTargets() {
    if (!m_targets) {
        m_targets = new TargetsPage(m_session, centralWidget());
        connect(m_targets, &TargetsPage::importAsked, this, [this] { openImport({}); });
    }
    if (m_page != m_targets) showPage(m_targets);
}

void MainWindow::writeTargets() {
    if (m_session.document.project().targets.empty()) {
        m_session.workbench.setStep(Step::Ship);
        return m_session.say(tr("There is no target yet: choose a format in the tray."));
    }
    m_session.shipping.writeAll();
}

void MainWindow::openImport(const QStringList& files) {
    if (!m_session.document.mayEdit()) return m_session.say(tr("Here one can only look."));
    const auto isOfModels = [](const QString& file) {
        static const QRegularExpression ending(QStringLiteral("\\.(glb|gltf|obj)$"),
                                               QRegularExpression::CaseInsensitiveOption);
        return file.contains(ending) || QFileInfo(file).isDir();
    };
    if (!files.isEmpty() && std::all_of(files.begin(), files.end(), isOfModels))
        return openModels(files);
    if (!m_import) {
        m_import = new ImportPage(m_session, centralWidget());
        connect(m_import, &ImportPage::underlayAsked, this,
                [this](const QString& file) { placeUnderlay(m_session, this, file); });
    }
    showPage(m_import);
    m_import->begin(files);
}

void MainWindow::openModels(const QStringList& files) {
    if (!m_session.document.mayEdit()) return m_session.say(tr("Here one can only look."));
    if (!m_models) m_models = new ModelsPage(m_session, centralWidget());
    showPage(m_models);
    m_models->begin(files);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

/// Files, from wherever.
void MainWindow::dropEvent(QDropEvent* event) {
    QStringList files;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) files << url.toLocalFile();
    if (files.isEmpty()) return m_session.say(tr("Only files of this computer can be brought in."));
    event->acceptProposedAction();
    openImport(files);
}

void MainWindow::newLevel(level::LevelKind kind) {
    if (!m_session.document.mayEdit()) return m_session.say(tr("Here one can only look."));
    if (!m_newLevel) {
        m_newLevel = new NewLevelPage(m_session, centralWidget());
        connect(m_newLevel, &NewLevelPage::made, this, [this] {
            showPage(nullptr);
            // There is little on the board yet: it begins with its masses.
            m_session.workbench.setStep(Step::Shape);
        });
    }
    m_newLevel->begin(kind);
    showPage(m_newLevel);
}

void MainWindow::duplicateLevel() {
    const auto copy =
        level::duplicateLevel(m_session.document.project(), m_session.document.level()->id);
    if (!copy) return m_session.say(told(copy.error()));
    m_session.document.apply(copy->edit);
    m_session.document.chooseLevel(copy->level);
}

void MainWindow::removeLevel() {
    const level::Project former = m_session.document.project();
    const level::Level& level = *m_session.document.level();
    const QString title = QString::fromStdString(level.title);
    QStringList leading;
    for (const game::Leading& each : game::whatNames(former, level.id)) {
        if (each.from == level.id) continue;
        leading << (each.from.isEmpty()
                        ? tr("the game's own settings")
                        : tr("%1 of %2")
                              .arg(QString::fromStdString(each.exit.text),
                                   QString::fromStdString(former.findLevel(each.from)->title)));
    }
    if (!m_session.document.apply(level::removeLevel(former, level.id))) return;
    if (leading.isEmpty())
        return m_session.say(tr("%1 is removed; undo brings it back.").arg(title));
    const qsizetype more = leading.size() - 3;
    if (more > 0) leading = leading.mid(0, 3) << tr("%1 more").arg(more);
    m_session.say(tr("%1 is removed. What led there leads nowhere now: %2. Undo brings it back.")
                      .arg(title, leading.join(QStringLiteral(", "))));
}

void MainWindow::moveLevel(int by) {
    m_session.document.apply(
        level::moveLevel(m_session.document.project(), m_session.document.level()->id, by));
}

}  // namespace rook::app
