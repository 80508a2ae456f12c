#include "app/ui/margin_section.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QPainter>
#include <QScrollArea>
#include <QSettings>
#include <QTimer>

#include "app/ui/theme.h"

namespace rook::app {

namespace {

/// The title of a section; where it opens and closes one, with a mark that says which.
class SectionTitle : public QAbstractButton {
public:
    explicit SectionTitle(const QString& text, QWidget* parent) : QAbstractButton(parent) {
        setText(text);
        setFont(sizedFont(0, QFont::DemiBold));
        setFocusPolicy(Qt::NoFocus);
    }
    /// It leads back, instead of opening and closing.
    void setLeadsBack() { m_leadsBack = true; }
    QSize sizeHint() const override {
        return {fontMetrics().horizontalAdvance(text()) + (isCheckable() ? markWidth : 0) + 2,
                fontMetrics().height() + 2};
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Theme& theme = currentTheme();
        QRectF words = rect();
        if (isCheckable()) {
            painter.setPen(QPen(theme.quietInk, 1.5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            const QPointF middle(6, height() / 2.0);
            const QPointF shut[] = {{-1.5, -3.5}, {2, 0}, {-1.5, 3.5}};
            const QPointF open[] = {{-3.5, -1.5}, {0, 2}, {3.5, -1.5}};
            const QPointF back[] = {{2, -3.5}, {-1.5, 0}, {2, 3.5}};
            QPolygonF mark;
            for (const QPointF point : m_leadsBack ? back : isChecked() ? open : shut)
                mark << middle + point;
            painter.drawPolyline(mark);
            words.setLeft(markWidth);
        }
        painter.setPen(hasFocus() ? theme.accent : theme.ink);
        painter.drawText(words, Qt::AlignLeft | Qt::AlignVCenter, text());
    }

private:
    static constexpr int markWidth = 16;
    bool m_leadsBack = false;
};

QString foldKey(const QString& name) {
    return QStringLiteral("sections/") + name;
}

}  // namespace

MarginSection::MarginSection(const QString& title, const QString& note, QWidget* parent)
    : QFrame(parent),
      m_title(new SectionTitle(title, this)),
      m_note(new QLabel(note, this)),
      m_rowsHolder(new QWidget(this)),
      m_rows(new QGridLayout(m_rowsHolder)) {
    m_note->setFont(sizedFont(-2));
    m_note->setForegroundRole(QPalette::PlaceholderText);
    auto* head = new QHBoxLayout;
    head->addWidget(m_title);
    head->addStretch();
    head->addWidget(m_note);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 10, 0, 12);
    column->setSpacing(5);
    column->addLayout(head);
    column->addWidget(m_rowsHolder);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setHorizontalSpacing(10);
    m_rows->setVerticalSpacing(5);
    m_rows->setColumnStretch(0, 1);
}

void MarginSection::setTitle(const QString& title) {
    m_title->setText(title);
    m_title->updateGeometry();
    m_title->update();
}

void MarginSection::makeFoldable(const QString& name, bool isOpenAtFirst) {
    m_foldName = name;
    m_isOccasional = !isOpenAtFirst;
    m_title->setCheckable(true);
    m_title->setFocusPolicy(Qt::TabFocus);
    m_title->setObjectName(QStringLiteral("section-") + name);
    m_title->setToolTip(tr("Open or close this section"));
    connect(m_title, &QAbstractButton::toggled, this, &MarginSection::fold);
    const bool isOpen = QSettings().value(foldKey(name), isOpenAtFirst).toBool();
    {
        const QSignalBlocker blocker(m_title);
        m_title->setChecked(isOpen);
    }
    // What is not to be seen yet is not laid out: a page is made of it, or it folds as it is shown.
    if (!isOpen && !m_isOccasional) m_rowsHolder->hide();
}

void MarginSection::makePage() {
    m_isPage = true;
    {
        const QSignalBlocker blocker(m_title);
        m_title->setChecked(false);
    }
    static_cast<SectionTitle*>(m_title)->setLeadsBack();
    m_title->setToolTip(tr("Back to the margin"));
}

void MarginSection::keepOpen() {
    m_title->disconnect(this);
    m_title->setCheckable(false);
    m_title->setFocusPolicy(Qt::NoFocus);
    m_title->setToolTip({});
    if (m_rowsHolder->isHidden()) m_rowsHolder->show();
}

bool MarginSection::event(QEvent* event) {
    // Others come while it is made.
    if (event->type() != QEvent::Polish) return QFrame::event(event);
    if (m_isOccasional && !m_isPage && m_title->isCheckable() && !m_title->isChecked())
        m_rowsHolder->hide();
    return QFrame::event(event);
}

/// What was opened is what one wants to see: after the layout has made room for it.
void MarginSection::scrollTo() {
    QTimer::singleShot(0, this, [this] {
        for (QWidget* around = parentWidget(); around; around = around->parentWidget())
            if (auto* area = qobject_cast<QScrollArea*>(around))
                area->ensureWidgetVisible(this, 0, 0);
    });
}

void MarginSection::goTo() {
    if (m_title->isCheckable()) m_title->setChecked(true);
    scrollTo();
    for (QWidget* child : m_rowsHolder->findChildren<QWidget*>()) {
        if (!(child->focusPolicy() & Qt::TabFocus) || child->isHidden() || !child->isEnabled())
            continue;
        return child->setFocus(Qt::TabFocusReason);
    }
    m_title->setFocus(Qt::TabFocusReason);
}

void MarginSection::fold(bool isOpen) {
    if (m_isPage) {
        Q_EMIT folded(isOpen);
        return;
    }
    m_rowsHolder->setVisible(isOpen);
    if (isOpen && isVisible()) scrollTo();
    QSettings().setValue(foldKey(m_foldName), isOpen);
    Q_EMIT folded(isOpen);
}

/// Of a control, px; what has so few letters is not longer.
constexpr int longestName = 190;
constexpr qsizetype surelyFits = 14;

QLabel* MarginSection::addValue(const QString& name) {
    auto* value = new QLabel(m_rowsHolder);
    value->setFont(sizedFont(-1, QFont::DemiBold));
    value->setAlignment(Qt::AlignRight);
    value->setTextInteractionFlags(Qt::NoTextInteraction);
    addControl(name, value);
    return value;
}

void MarginSection::addControl(const QString& name, QWidget* control) {
    auto* label = new QLabel(name, m_rowsHolder);
    label->setFont(sizedFont(-1));
    label->setBuddy(control);
    // In some languages a name is a sentence.
    if (name.size() > surelyFits && label->fontMetrics().horizontalAdvance(name) > longestName) {
        label->setWordWrap(true);
        label->setFixedWidth(longestName);
    }
    if (control->accessibleName().isEmpty()) control->setAccessibleName(name);
    // Of a field with a button beside it, the field is what one is told of.
    for (auto* field : control->findChildren<QLineEdit*>())
        if (field->accessibleName().isEmpty()) field->setAccessibleName(name);
    const int row = m_rows->rowCount();
    m_rows->addWidget(label, row, 0, Qt::AlignLeft | Qt::AlignVCenter);
    m_rows->addWidget(control, row, 1, Qt::AlignVCenter);
}

void MarginSection::showRow(QWidget* control, bool isShown) {
    control->setVisible(isShown);
    for (QLabel* label : m_rowsHolder->findChildren<QLabel*>())
        if (label->buddy() == control) label->setVisible(isShown);
}

void MarginSection::addWide(QWidget* widget) {
    m_rows->addWidget(widget, m_rows->rowCount(), 0, 1, 2);
}
void MarginSection::addWide(QLayout* layout) {
    m_rows->addLayout(layout, m_rows->rowCount(), 0, 1, 2);
}

void MarginSection::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setPen(currentTheme().rule());
    painter.drawLine(0, height() - 1, width(), height() - 1);
}

QWidget* placeIn(QWidget* parent) {
    const auto* section = qobject_cast<MarginSection*>(parent);
    return section ? section->rowsHolder() : parent;
}

QLabel* makeWords(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, placeIn(parent));
    label->setFont(sizedFont(-1));
    label->setWordWrap(true);
    label->setForegroundRole(QPalette::PlaceholderText);
    return label;
}

QVBoxLayout* makeColumn(QWidget* panel) {
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 4, 12, 12);
    column->setSpacing(0);
    return column;
}

void setTone(QLabel* label, const QColor& color) {
    // Without a role of its own a label takes the one that goes with its parent's background.
    label->setForegroundRole(QPalette::WindowText);
    QPalette palette = label->palette();
    palette.setColor(QPalette::WindowText, color);
    label->setPalette(palette);
}

}  // namespace rook::app
