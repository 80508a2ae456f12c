#include "app/tray.h"

#include <QButtonGroup>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/entity_painter.h"
#include "app/matter_painter.h"

namespace rook::app {

namespace {

const QStringList homeRow{QStringLiteral("A"), QStringLiteral("S"), QStringLiteral("D"),
                          QStringLiteral("F"), QStringLiteral("G")};

struct ToolEntry {
    QString icon;
    QString name;
};

QList<ToolEntry> toolsOf(Step step) {
    switch (step) {
        case Step::Shape:
            return {{QStringLiteral("brush"), Tray::tr("Brush")},
                    {QStringLiteral("line"), Tray::tr("Line")},
                    {QStringLiteral("box"), Tray::tr("Box")},
                    {QStringLiteral("fill"), Tray::tr("Fill")},
                    {QStringLiteral("select"), Tray::tr("Select")}};
        case Step::Cast:
            return {{QStringLiteral("place"), Tray::tr("Place")},
                    {QStringLiteral("select"), Tray::tr("Select")},
                    {QStringLiteral("link"), Tray::tr("Link")},
                    {QStringLiteral("zone"), Tray::tr("Zone")}};
        case Step::Prove:
            return {{QStringLiteral("probe"), Tray::tr("Probe")},
                    {QStringLiteral("run-to"), Tray::tr("Run to")},
                    {QStringLiteral("measure"), Tray::tr("Measure")},
                    {QStringLiteral("close-off"), Tray::tr("Close off")},
                    {QStringLiteral("walk-from"), Tray::tr("Walk from")}};
        case Step::Sketch:
            return {{QStringLiteral("pencil"), Tray::tr("Pencil")},
                    {QStringLiteral("route"), Tray::tr("Route")},
                    {QStringLiteral("thing"), Tray::tr("Thing")},
                    {QStringLiteral("label"), Tray::tr("Label")},
                    {QStringLiteral("select"), Tray::tr("Select")}};
        case Step::Skin:
            return {{QStringLiteral("brush"), Tray::tr("Brush")},
                    {QStringLiteral("line"), Tray::tr("Line")},
                    {QStringLiteral("box"), Tray::tr("Box")},
                    {QStringLiteral("fill"), Tray::tr("Fill")},
                    {QStringLiteral("select"), Tray::tr("Select")}};
        case Step::Ship:
            return {};
    }
    return {};
}

/// Shape's, where pieces are laid.
QList<ToolEntry> kitTools() {
    return {{QStringLiteral("place"), Tray::tr("Place")},
            {QStringLiteral("route"), Tray::tr("Path")},
            {QStringLiteral("box"), Tray::tr("Room")},
            {QStringLiteral("close-off"), Tray::tr("Close")},
            {QStringLiteral("select"), Tray::tr("Select")}};
}

QString emptyWords(Step step) {
    switch (step) {
        case Step::Ship:
            return Tray::tr(
                "Exporting needs no tools: choose the folder in the margin and export.");
        case Step::Sketch:
        case Step::Shape:
        case Step::Skin:
        case Step::Cast:
        case Step::Prove:
            return {};
    }
    return {};
}

}  // namespace

Tray::Tray(Session& session, QWidget* parent)
    : QWidget(parent), m_session(session), m_layout(new QHBoxLayout(this)) {
    setFixedHeight(132);
    m_layout->setContentsMargins(0, 1, 0, 0);
    m_layout->setSpacing(0);
    connect(&session, &Session::stepChanged, this, &Tray::rebuild);
    connect(&session, &Session::levelSwitched, this, &Tray::rebuild);
    connect(&session, &Session::listsChanged, this, &Tray::rebuild);
    connect(&session, &Session::whatIfChanged, this, &Tray::refresh);
    connect(&session, &Session::documentChanged, this, [this] {
        if (m_session.step() == Step::Prove) refresh();
    });
    connect(&session, &Session::toolChanged, this, [this] {
        if (m_builtFor != wantedFor())
            rebuild();
        else
            refresh();
    });
    rebuild();
}

std::pair<int, bool> Tray::wantedFor() const {
    const Step step = m_session.step();
    const auto& stamp = m_session.options().stamp;
    const bool hasPattern = step == Step::Shape && stamp && stamp->block.empty();
    const bool isByTool = step == Step::Sketch || step == Step::Shape || step == Step::Skin;
    return {isByTool ? m_session.toolInHand() : -1, hasPattern};
}

bool Tray::chooseTool(int place) {
    if (place >= m_toolButtons.size()) return false;
    m_toolButtons[place]->click();
    return true;
}

void Tray::focusSearch() {
    if (m_search) m_search->setFocus(Qt::ShortcutFocusReason);
}

void Tray::rebuild() {
    for (QWidget* part : {m_tools, m_cards, m_options}) {
        if (!part) continue;
        m_layout->removeWidget(part);
        part->hide();
        part->setParent(nullptr);  // so that nobody finds its buttons any more
        part->deleteLater();
    }
    m_builtFor = wantedFor();
    m_search = nullptr;
    m_toolButtons.clear();
    m_cardButtons.clear();
    m_refreshers.clear();
    m_tools = new QWidget(this);
    m_cards = new QWidget(this);
    m_options = new QWidget(this);
    addTools();
    addCards();
    addOptions();
    m_layout->addWidget(m_tools);
    m_layout->addWidget(m_cards, 1);
    m_layout->addWidget(m_options);
    refresh();
    update();
}

void Tray::refresh() {
    for (const auto& refresher : m_refreshers)
        refresher();
}

void Tray::addTools() {
    const bool hasPieces = isKit() && m_session.step() == Step::Shape;
    const QList<ToolEntry> tools = hasPieces ? kitTools() : toolsOf(m_session.step());
    m_tools->setFixedWidth(tools.isEmpty() ? 0
                                           : 28 + 62 * int(std::max<qsizetype>(tools.size(), 3)));
    auto* row = new QHBoxLayout(m_tools);
    row->setContentsMargins(14, 14, 14, 24);
    row->setSpacing(4);
    for (int i = 0; i < tools.size(); ++i) {
        auto* button = new ToolButton(tools[i].icon, tools[i].name, homeRow[i], m_tools);
        button->setObjectName(QStringLiteral("tool-%1").arg(homeRow[i]));
        connect(button, &QAbstractButton::clicked, this, [this, i] {
            if (m_session.step() == Step::Sketch)
                m_session.setSketchTool(static_cast<SketchTool>(i));
            if (m_session.step() == Step::Shape) m_session.setShapeTool(static_cast<ShapeTool>(i));
            if (m_session.step() == Step::Skin) m_session.setSkinTool(static_cast<SkinTool>(i));
            if (m_session.step() == Step::Cast) m_session.setCastTool(static_cast<CastTool>(i));
            if (m_session.step() == Step::Prove) m_session.setProveTool(static_cast<ProveTool>(i));
        });
        m_refreshers << [this, button, i] { button->setChecked(m_session.toolInHand() == i); };
        row->addWidget(button);
        m_toolButtons << button;
    }
    row->addStretch();
}

QAbstractButton* Tray::addChip(QBoxLayout* row, const QString& text, const QString& name,
                               const std::function<bool(const ToolOptions&)>& isOn,
                               const std::function<void(ToolOptions&, bool)>& set) {
    auto* chip = new Chip(text, this);
    chip->setObjectName(name);
    connect(chip, &QAbstractButton::clicked, this, [this, set](bool isChecked) {
        ToolOptions options = m_session.options();
        set(options, isChecked);
        m_session.setOptions(options);
    });
    m_refreshers << [this, chip, isOn] { chip->setChecked(isOn(m_session.options())); };
    row->addWidget(chip);
    return chip;
}

QAbstractButton* Tray::addCard(QHBoxLayout* row, CardButton* card,
                               const std::function<bool(const ToolOptions&)>& isChosen,
                               const std::function<void(ToolOptions&)>& choose) {
    connect(card, &QAbstractButton::clicked, this, [this, choose] {
        ToolOptions options = m_session.options();
        choose(options);
        m_session.setOptions(options);
    });
    m_refreshers << [this, card, isChosen] { card->setChecked(isChosen(m_session.options())); };
    row->addWidget(card);
    m_cardButtons << card;
    return card;
}

void Tray::addCards() {
    auto* column = new QVBoxLayout(m_cards);
    column->setContentsMargins(12, 10, 12, 8);
    column->setSpacing(4);
    if (const QString words = emptyWords(m_session.step()); !words.isEmpty()) {
        auto* label = new QLabel(words, m_cards);
        label->setForegroundRole(QPalette::PlaceholderText);
        label->setWordWrap(true);
        column->addWidget(label, 0, Qt::AlignVCenter);
        return;
    }
    if (m_session.step() == Step::Prove) return addProveCards(column);
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    if (m_session.step() == Step::Sketch) {
        addSketchCards(row);
    } else if (m_session.step() == Step::Shape) {
        isKit() ? addKitCards(row) : addShapeCards(row);
    } else if (m_session.step() == Step::Skin) {
        addSkinCards(row);
    } else {
        addCastCards(row);
    }
    row->addStretch();
    auto* holder = new QWidget(m_cards);
    holder->setAutoFillBackground(true);
    holder->setBackgroundRole(QPalette::Button);
    holder->setLayout(row);
    row->setContentsMargins(0, 0, 0, 0);
    auto* scroll = new QScrollArea(m_cards);
    scroll->setWidget(holder);
    scroll->setWidgetResizable(true);
    scroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    column->addWidget(scroll);
}

void Tray::filterCards(const QString& text) {
    for (QAbstractButton* card : m_cardButtons)
        card->setVisible(card->text().contains(text, Qt::CaseInsensitive) ||
                         card->accessibleName().contains(text, Qt::CaseInsensitive));
}

void Tray::addSearch(QGridLayout* grid) {
    m_search = new QLineEdit(m_options);
    m_search->setObjectName(QStringLiteral("search"));
    m_search->setPlaceholderText(tr("Search cards  /"));
    m_search->setAccessibleName(tr("Search the cards"));
    m_search->setClearButtonEnabled(true);
    connect(m_search, &QLineEdit::textChanged, this, &Tray::filterCards);
    connect(m_search, &QLineEdit::returnPressed, this, [this] {
        for (QAbstractButton* card : m_cardButtons)
            if (card->isVisible()) {
                card->click();
                break;
            }
        m_search->clear();
        window()->findChild<QWidget*>(QStringLiteral("board"))->setFocus();
    });
    grid->addWidget(m_search, 0, 0, 1, 2);
}

void Tray::addOptions() {
    const bool hasCards = !m_cardButtons.isEmpty();
    const bool isSketch = m_session.step() == Step::Sketch;
    const bool isPencil = isSketch && m_session.sketchTool() == SketchTool::Pencil;
    const bool isWide = isPencil || m_session.step() == Step::Shape ||
                        m_session.step() == Step::Skin || m_session.step() == Step::Cast;
    m_options->setFixedWidth(isWide ? 292 : hasCards ? 190 : 0);
    if (!hasCards) return;
    auto* grid = new QGridLayout(m_options);
    grid->setContentsMargins(12, 10, 14, 8);
    grid->setVerticalSpacing(5);
    grid->setColumnStretch(isSketch || isWide ? 1 : 0, 1);
    if (isSketch) return addSketchOptions(grid);
    addSearch(grid);
    if (m_session.step() == Step::Shape) {
        isKit() ? addKitOptions(grid) : addShapeOptions(grid);
    } else if (m_session.step() == Step::Skin) {
        addSkinOptions(grid);
    } else {
        addCastOptions(grid);
    }
    grid->setRowStretch(3, 1);
}

void Tray::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.setPen(theme.rule());
    painter.drawLine(0, 0, width(), 0);
    if (m_tools->width() > 0) painter.drawLine(m_tools->width(), 0, m_tools->width(), height());
    if (m_options->width() > 0) painter.drawLine(m_options->x(), 0, m_options->x(), height());
}

}  // namespace rook::app
