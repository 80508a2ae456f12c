#include "app/shell/tray.h"

#include <QPainter>

#include "app/session/home_row.h"
#include "app/ui/controls.h"
#include "app/ui/theme.h"

namespace rook::app {

Tray::Tray(Session& session, QWidget* parent)
    : QWidget(parent), m_session(session), m_layout(new QHBoxLayout(this)) {
    setFixedHeight(132);
    m_layout->setContentsMargins(0, 1, 0, 0);
    m_layout->setSpacing(0);
    connect(&session.workbench, &Workbench::stepChanged, this, &Tray::rebuild);
    connect(&session.document, &Document::opened, this, &Tray::rebuild);
    connect(&session.document, &Document::levelSwitched, this, [this] {
        if (m_builtFor != wanted())
            rebuild();
        else
            refresh();
    });
    connect(&session.document, &Document::listsChanged, this, &Tray::rebuild);
    connect(&session.runs, &RunPlayer::whatIfChanged, this, &Tray::refresh);
    const auto follow = [this] {
        if (m_builtFor != wanted())
            rebuild();
        else
            refresh();
    };
    connect(&session.document, &Document::changed, this, follow);
    connect(&session.workbench, &Workbench::toolChanged, this, follow);
    rebuild();
}

Tray::~Tray() = default;

Tray::BuiltFor Tray::wanted() const {
    const StepDefinition& step = m_session.workbench.definition();
    return {&step,
            step.trayFollowsTool ? m_session.workbench.toolPlace() : -1,
            step.trayVariant ? step.trayVariant(m_session.workbench.options()) : 0,
            step.trayContent ? step.trayContent(m_session) : 0,
            m_session.document.level()->kit,
            m_session.document.isOnSwatch()};
}

void Tray::chooseTool(int place) {
    if (place < m_toolButtons.size()) m_toolButtons[place]->click();
}

void Tray::rebuild() {
    for (QWidget* part : {m_tools, m_cards, m_options}) {
        if (!part) continue;
        m_layout->removeWidget(part);
        letGo(part);
    }
    // One of its cards may have asked for this: it goes when control is back.
    if (m_parts) m_parts->deleteLater();
    m_toolButtons.clear();
    m_tools = new QWidget(this);
    m_cards = new QWidget(this);
    m_options = new QWidget(this);
    m_builtFor = wanted();
    addTools();
    m_parts = m_builtFor.step->makeTray(m_session, m_cards, m_options).release();
    m_parts->setParent(this);
    m_parts->fill();
    m_layout->addWidget(m_tools);
    m_layout->addWidget(m_cards, 1);
    m_layout->addWidget(m_options);
    refresh();
    update();
}

void Tray::refresh() {
    for (int i = 0; i < m_toolButtons.size(); ++i)
        m_toolButtons[i]->setChecked(m_session.workbench.toolPlace() == i);
    m_parts->refresh();
}

void Tray::addTools() {
    const auto& tools = m_builtFor.step->tools;
    const int count = int(tools.size());
    m_tools->setFixedWidth(tools.empty() ? 0 : 28 + 62 * std::max(count, 3));
    auto* row = new QHBoxLayout(m_tools);
    row->setContentsMargins(14, 14, 14, 24);
    row->setSpacing(4);
    for (int i = 0; i < count; ++i) {
        const ToolDefinition& tool = tools[std::size_t(i)];
        auto* button = new ToolButton(tool.icon, tool.title, toolKey(std::size_t(i)), m_tools);
        button->setObjectName(QStringLiteral("tool-%1").arg(toolKey(std::size_t(i))));
        button->setToolTip(
            QStringLiteral("%1 (%2): %3").arg(tool.title, toolKey(std::size_t(i)), tool.help));
        connect(button, &QAbstractButton::clicked, this,
                [this, i] { m_session.workbench.chooseToolAt(i); });
        row->addWidget(button);
        m_toolButtons << button;
    }
    row->addStretch();
}

void Tray::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.setPen(theme.rule());
    painter.drawLine(0, 0, width(), 0);
    if (m_floats) {
        painter.setPen(QPen(theme.quietInk, 1));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
        painter.setPen(theme.rule());
    }
    if (m_tools->width() > 0) painter.drawLine(m_tools->width(), 0, m_tools->width(), height());
    if (m_options->width() > 0) painter.drawLine(m_options->x(), 0, m_options->x(), height());
}

}  // namespace rook::app
