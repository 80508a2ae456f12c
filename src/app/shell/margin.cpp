#include "app/shell/margin.h"

#include <QEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScopedValueRollback>
#include <QSettings>

#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/flow_layout.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

using MarginFollows = StepDefinition::MarginFollows;

QString widthKey() {
    return QStringLiteral("marginWidth");
}

/// The left edge of the margin: dragged, it makes the margin wider; arrows do as well.
class MarginEdge : public QWidget {
public:
    explicit MarginEdge(Margin* margin) : QWidget(margin), m_margin(margin) {
        setFixedWidth(5);
        setCursor(Qt::SplitHCursor);
        setFocusPolicy(Qt::TabFocus);
        setAccessibleName(tr("Width of the margin: arrows"));
        setToolTip(tr("Drag: the margin wider or narrower. Twice: as at first."));
    }

protected:
    void mousePressEvent(QMouseEvent* event) override {
        m_from = event->globalPosition().x();
        m_width = m_margin->width();
    }
    void mouseMoveEvent(QMouseEvent* event) override {
        m_margin->setWide(m_width + int(m_from - event->globalPosition().x()));
    }
    void mouseDoubleClickEvent(QMouseEvent*) override { m_margin->setWide(Margin::leastWidth); }
    void keyPressEvent(QKeyEvent* event) override {
        if (event->key() == Qt::Key_Left) return m_margin->setWide(m_margin->width() + 20);
        if (event->key() == Qt::Key_Right) return m_margin->setWide(m_margin->width() - 20);
        QWidget::keyPressEvent(event);
    }
    bool event(QEvent* event) override {
        const bool isHover = event->type() == QEvent::Enter || event->type() == QEvent::Leave;
        if (isHover) update();
        return QWidget::event(event);
    }
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        const Theme& theme = currentTheme();
        const bool isShown = hasFocus() || underMouse();
        painter.fillRect(rect(), theme.panel);
        painter.fillRect(QRect(0, 0, isShown ? 3 : 1, height()),
                         isShown ? theme.accent : theme.rule());
    }

private:
    Margin* m_margin;
    double m_from = 0;
    int m_width = 0;
};

/// Below the column, apart by a line.
class PageNames : public QWidget {
public:
    explicit PageNames(QWidget* parent) : QWidget(parent) {
        auto* names = new FlowLayout(5);
        names->setContentsMargins(10, 8, 8, 8);
        setLayout(names);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.fillRect(rect(), currentTheme().panel);
        painter.setPen(currentTheme().rule());
        painter.drawLine(0, 0, width(), 0);
    }
};

/// As wide and high as the margin gives it: what stands in it is not asked whenever the margin is
/// laid out.
class Area : public QScrollArea {
public:
    using QScrollArea::QScrollArea;
    QSize sizeHint() const override { return {Margin::leastWidth, Margin::leastWidth}; }
};

QScrollArea* makeArea(QWidget* parent) {
    auto* area = new Area(parent);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFocusPolicy(Qt::NoFocus);
    return area;
}

void fillWithPanel(QWidget* widget) {
    widget->setAutoFillBackground(true);
    widget->setBackgroundRole(QPalette::Button);
}

}  // namespace

Margin::Margin(Session& session, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_stack(new QStackedWidget(this)),
      m_names(new PageNames(this)) {
    setAccessibleName(tr("Margin"));
    setWide(QSettings().value(widthKey(), leastWidth).toInt());
    auto* both = new QVBoxLayout;
    both->setSpacing(0);
    both->addWidget(m_stack, 1);
    both->addWidget(m_names);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(new MarginEdge(this));
    row->addLayout(both, 1);
    m_names->setAccessibleName(tr("Pages of the margin"));
    follow();
}

/// What a project that is opened before would throw away is not built.
void Margin::showEvent(QShowEvent* event) {
    if (!m_panel) rebuild();
    QWidget::showEvent(event);
}

void Margin::refresh() {
    if (m_panel) m_panel->refresh();
}
void Margin::rebuildIfBuilt() {
    if (m_panel) rebuild();
}

void Margin::follow() {
    const Document& document = m_session.document;
    const Workbench& workbench = m_session.workbench;
    connect(&workbench, &Workbench::stepChanged, this, &Margin::rebuildIfBuilt);
    connect(&document, &Document::opened, this, &Margin::rebuildIfBuilt);
    connect(&document, &Document::levelSwitched, this, [this] {
        if (!m_panel) return;
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
        if (!m_panel) return;
        if (m_builtFor->marginFollows == MarginFollows::Selection)
            rebuild();
        else
            refresh();
    });
    connect(&workbench, &Workbench::toolChanged, this, [this] {
        if (!m_panel) return;
        // What the tool in hand needs stands first.
        const bool isOther = m_builtForTool != m_session.workbench.toolPlace();
        if (m_builtFor->marginFollows == MarginFollows::Tool && isOther)
            rebuild();
        else
            refresh();
    });
    connect(&document, &Document::changed, this, &Margin::refresh);
    connect(&m_session.proofs, &Proofs::changed, this, &Margin::refresh);
    connect(&document, &Document::historyChanged, this, &Margin::refresh);
    connect(&m_session.writer, &Writer::ended, this, &Margin::refresh);
    connect(&m_session.runs, &RunPlayer::whatIfChanged, this, &Margin::refresh);
}

void Margin::setWide(int width) {
    m_ownWidth = std::clamp(width, leastWidth, mostWidth);
    setFixedWidth(m_ownWidth);
    QSettings().setValue(widthKey(), m_ownWidth);
}

void Margin::rebuild() {
    const bool isOtherStep = m_builtFor && m_builtFor != &m_session.workbench.definition();
    // What needed more room may be gone.
    if (isOtherStep || m_builtForKind != m_session.document.level()->kind)
        setFixedWidth(m_ownWidth);
    m_builtForKind = m_session.document.level()->kind;
    // The panel may be the one whose control asked for this: it goes when control is back.
    for (const PlacedPage& page : m_pages) {
        page.section->removeEventFilter(this);
        page.section->disconnect(this);
        m_stack->removeWidget(page.area);
        m_names->layout()->removeWidget(page.name);
        letGo(page.area);
        letGo(page.name);
    }
    if (m_column) letGo(m_column);
    m_pages.clear();
    if (isOtherStep) m_openPage.clear();
    m_builtFor = &m_session.workbench.definition();
    m_builtForTool = m_session.workbench.toolPlace();
    m_builtForKit = m_session.document.level()->kit;
    m_builtOnSwatch = m_session.document.isOnSwatch();
    // Each part is made where it stands, and out of sight: what is put elsewhere is dressed again,
    // with all in it, and what is in sight is laid out with each part that comes.
    QScrollArea* former = m_column;
    m_column = makeArea(m_stack);
    m_stack->addWidget(m_column);
    m_panel = m_builtFor->makeMargin(m_session, m_column->viewport());
    fillWithPanel(m_panel);
    takePages();
    m_panel->refresh();
    m_column->setWidget(m_panel);
    m_panel->installEventFilter(this);
    const QString open = m_openPage;
    m_openPage.clear();
    m_stack->setCurrentWidget(m_column);
    if (former) m_stack->removeWidget(former);
    for (const PlacedPage& page : m_pages)
        if (page.section->name() == open) page.section->setOpen(true);
}

/// What one does now and then leaves the column.
void Margin::takePages() {
    m_sections = m_panel->findChildren<MarginSection*>();
    for (MarginSection* section : m_sections)
        if (section->isOccasional()) addPage(section);
    m_names->setVisible(!m_pages.isEmpty());
}

void Margin::addPage(MarginSection* section) {
    const bool isHidden = section->isHidden();
    QScrollArea* area = makeArea(m_stack);
    m_stack->addWidget(area);
    auto* holder = new QWidget(area->viewport());
    fillWithPanel(holder);
    area->setWidget(holder);
    QVBoxLayout* column = makeColumn(holder);
    column->addWidget(section);
    column->addStretch();
    holder->installEventFilter(this);
    section->makePage();
    auto* name = new Chip(section->title(), m_names);
    name->setObjectName(QStringLiteral("page-") + section->name());
    name->setCheckable(true);
    name->setVisible(!isHidden);
    name->ensurePolished();  // else the row is as high as for names that are not dressed
    m_names->layout()->addWidget(name);
    connect(name, &QAbstractButton::clicked, section, &MarginSection::setOpen);
    connect(section, &MarginSection::folded, this, [this, section](bool isOpen) {
        if (!m_isTurning) showPage(isOpen ? section : nullptr);
    });
    section->installEventFilter(this);
    m_pages << PlacedPage{section, area, name};
}

void Margin::showPage(MarginSection* section) {
    const QScopedValueRollback turning(m_isTurning, true);
    m_openPage = section ? section->name() : QString();
    for (const PlacedPage& page : m_pages) {
        const bool isIts = page.section == section;
        page.name->setChecked(isIts);
        if (isIts)
            m_stack->setCurrentWidget(page.area);
        else if (page.section->isOpen())
            page.section->setOpen(false);
    }
    if (m_openPage.isEmpty()) m_stack->setCurrentWidget(m_column);
}

bool Margin::closePage() {
    if (m_openPage.isEmpty()) return false;
    showPage(nullptr);
    return true;
}

void Margin::makeRoom(const QScrollArea& area) {
    const int lacking = area.widget()->minimumSizeHint().width() - area.viewport()->width();
    if (lacking > 0 && area.isVisible()) setFixedWidth(std::min(width() + lacking, mostWidth));
}

/// A section that has nothing to show has no name, either.
bool Margin::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::LayoutRequest) {
        for (const auto* area : m_stack->findChildren<QScrollArea*>())
            if (area->widget() == watched) makeRoom(*area);
        return false;
    }
    const bool isShown = event->type() == QEvent::ShowToParent;
    if (!isShown && event->type() != QEvent::HideToParent)
        return QWidget::eventFilter(watched, event);
    for (const PlacedPage& page : m_pages)
        if (page.section == watched) page.name->setVisible(isShown);
    return false;
}

void Margin::stepFinding(int by) {
    m_session.workbench.setStep(Step::Prove);
    closePage();
    m_panel->stepFinding(by);
}

bool Margin::goToSection(const QString& title) {
    for (MarginSection* section : m_sections) {
        if (section->title() != title || section->isHidden()) continue;
        if (!section->isOccasional()) closePage();
        section->goTo();
        return true;
    }
    return false;
}

}  // namespace rook::app
