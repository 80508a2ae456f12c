#include "app/shell/margin.h"

namespace rook::app {

using MarginFollows = StepDefinition::MarginFollows;

Margin::Margin(Session& session, QWidget* parent) : QScrollArea(parent), m_session(session) {
    setFixedWidth(290);
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus);
    setAccessibleName(tr("Margin"));
    const Workbench& workbench = session.workbench;
    connect(&workbench, &Workbench::stepChanged, this, &Margin::rebuild);
    connect(&session.document, &Document::opened, this, &Margin::rebuild);
    connect(&session.document, &Document::levelSwitched, this, [this] {
        // What stands there for one level stands there for another of its sort.
        const bool isOther = m_builtFor != &m_session.workbench.definition() ||
                             m_builtFor->marginFollows != MarginFollows::Nothing ||
                             m_builtForKit != m_session.document.level()->kit ||
                             m_builtOnSwatch != m_session.document.isOnSwatch();
        if (isOther)
            rebuild();
        else
            refresh();
    });
    connect(&workbench, &Workbench::selectionChanged, this, [this] {
        if (m_builtFor->marginFollows == MarginFollows::Selection)
            rebuild();
        else
            refresh();
    });
    connect(&workbench, &Workbench::toolChanged, this, [this] {
        // What the tool in hand needs stands first.
        const bool isOther = m_builtForTool != m_session.workbench.toolPlace();
        if (m_builtFor->marginFollows == MarginFollows::Tool && isOther)
            rebuild();
        else
            refresh();
    });
    connect(&session.document, &Document::changed, this, &Margin::refresh);
    connect(&session.proofs, &Proofs::changed, this, &Margin::refresh);
    connect(&session.document, &Document::historyChanged, this, &Margin::refresh);
    connect(&session.writer, &Writer::ended, this, &Margin::refresh);
    connect(&session.runs, &RunPlayer::whatIfChanged, this, &Margin::refresh);
    rebuild();
}

void Margin::rebuild() {
    // The panel may be the one whose control asked for this: it goes when control is back.
    if (m_panel) {
        takeWidget();
        m_panel->hide();
        m_panel->deleteLater();
    }
    m_builtFor = &m_session.workbench.definition();
    m_builtForTool = m_session.workbench.toolPlace();
    m_builtForKit = m_session.document.level()->kit;
    m_builtOnSwatch = m_session.document.isOnSwatch();
    m_panel = m_builtFor->makeMargin(m_session, this);
    m_panel->setAutoFillBackground(true);
    m_panel->setBackgroundRole(QPalette::Button);
    setWidget(m_panel);
    m_panel->refresh();
}

void Margin::stepFinding(int by) {
    m_session.workbench.setStep(Step::Prove);
    m_panel->stepFinding(by);
}

bool Margin::goToSection(const QString& title) {
    for (MarginSection* section : m_panel->findChildren<MarginSection*>()) {
        if (section->title() != title || section->isHidden()) continue;
        section->goTo();
        return true;
    }
    return false;
}

}  // namespace rook::app
