#include "app/pages/game_page.h"

#include "app/ui/theme.h"

namespace rook::app {

GamePage::GamePage(Session& session, QWidget* parent) : Page(session, tr("The game"), parent) {
    setObjectName(QStringLiteral("game-page"));
    setAccessibleName(tr("The game"));
    QVBoxLayout* left = addColumn();
    add(left, makeFlowSection(session, body()));
    add(left, makeScreenSection(session, body()));
    QVBoxLayout* right = addColumn();
    add(right, makeExitsSection(session, body()));
    addBelow(makeTallySection(session, body()));
    addBelow(makeGameTextSection(session, body()));
}

void GamePage::refresh() {
    const level::Project& project = m_session.document.project();
    setWords(QString::fromStdString(project.name),
             counted(qsizetype(project.levels.size()), tr("level"), tr("levels")));
    Page::refresh();
}

}  // namespace rook::app
