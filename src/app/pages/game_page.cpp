#include "app/pages/game_page.h"

#include "app/pages/game_map.h"
#include "app/ui/theme.h"

namespace rook::app {

GamePage::GamePage(Session& session, QWidget* parent) : Page(session, tr("The game"), parent) {
    setObjectName(QStringLiteral("game-page"));
    setAccessibleName(tr("The game"));
    m_map = new GameMap(session, body());
    connect(m_map, &GameMap::levelOpened, this, [this] { Q_EMIT left(); });
    addAbove(m_map);
    QVBoxLayout* leftColumn = addColumn();
    PanelSection* proof = add(leftColumn, makeGameProofSection(session, body()));
    connect(&session.gameProver, &GameProver::changed, this, [this, proof] {
        if (!isVisible()) return;
        proof->refresh();
        m_map->showProof();
    });
    add(leftColumn, makeFlowSection(session, body()));
    add(leftColumn, makeScreenSection(session, body()));
    QVBoxLayout* right = addColumn();
    add(right, makeExitsSection(session, body()));
    addBelow(makeTallySection(session, body()));
    addBelow(makeGameTextSection(session, body()));
}

void GamePage::refresh() {
    const level::Project& project = m_session.document.project();
    setWords(QString::fromStdString(project.name),
             counted(qsizetype(project.levels.size()), tr("level"), tr("levels")));
    m_map->refresh();
    m_map->showProof();
    Page::refresh();
}

void GamePage::showEvent(QShowEvent* event) {
    m_session.gameProver.setWanted(true);
    Page::showEvent(event);
}

void GamePage::hideEvent(QHideEvent* event) {
    m_session.gameProver.setWanted(false);
    Page::hideEvent(event);
}

void GamePage::takeFocus() {
    m_map->setFocus(Qt::OtherFocusReason);
}

}  // namespace rook::app
