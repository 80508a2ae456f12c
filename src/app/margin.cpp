#include "app/margin.h"

#include "app/prove_panel.h"
#include "app/sketch_panel.h"

namespace rook::app {

Margin::Margin(Session& session, QWidget* parent) : QScrollArea(parent), m_session(session) {
    setFixedWidth(290);
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus);
    setAccessibleName(tr("Margin"));
    connect(&session, &Session::stepChanged, this, &Margin::rebuild);
    connect(&session, &Session::levelSwitched, this, &Margin::rebuild);
    connect(&session, &Session::selectionChanged, this, [this] {
        const bool hasPieces =
            m_session.step() == Step::Shape && m_session.level()->kind == level::LevelKind::Kit;
        if (m_session.step() == Step::Cast || hasPieces) rebuild();
        if (m_panel) m_panel->refresh();
    });
    const auto refresh = [this] {
        if (m_panel) m_panel->refresh();
    };
    connect(&session, &Session::documentChanged, this, refresh);
    connect(&session, &Session::toolChanged, this, [this] {
        // What the tool in hand needs stands first.
        if (m_session.step() == Step::Sketch && m_builtFor != m_session.sketchTool()) rebuild();
        if (m_panel) m_panel->refresh();
    });
    connect(&session, &Session::proofChanged, this, refresh);
    connect(&session, &Session::historyChanged, this, refresh);
    connect(&session, &Session::whatIfChanged, this, refresh);
    rebuild();
}

void Margin::rebuild() {
    // The panel may be the one whose control asked for this: it goes when control is back.
    if (m_panel) {
        takeWidget();
        m_panel->hide();
        m_panel->deleteLater();
    }
    m_builtFor = m_session.sketchTool();
    switch (m_session.step()) {
        case Step::Shape:
            m_panel = m_session.level()->kind == level::LevelKind::Kit
                          ? makeKitPanel(m_session, this)
                          : makeShapePanel(m_session, this);
            break;
        case Step::Cast:
            m_panel = makeCastPanel(m_session, this);
            break;
        case Step::Prove: {
            auto* prove = new ProvePanel(m_session, this);
            connect(prove, &ProvePanel::placeChosen, this, &Margin::placeChosen);
            m_panel = prove;
            break;
        }
        case Step::Ship:
            m_panel = makeShipPanel(m_session, this);
            break;
        case Step::Sketch: {
            auto* sketch = new SketchPanel(m_session, this);
            connect(sketch, &SketchPanel::placeChosen, this, &Margin::placeChosen);
            connect(sketch, &SketchPanel::pictureAsked, this, &Margin::pictureAsked);
            m_panel = sketch;
            break;
        }
        case Step::Skin:
            m_panel = makeSkinPanel(m_session, this);
            break;
    }
    m_panel->setAutoFillBackground(true);
    m_panel->setBackgroundRole(QPalette::Button);
    setWidget(m_panel);
    m_panel->refresh();
}

void Margin::stepFinding(int by) {
    m_session.setStep(Step::Prove);
    if (auto* prove = qobject_cast<ProvePanel*>(m_panel)) prove->stepFinding(by);
}

}  // namespace rook::app
