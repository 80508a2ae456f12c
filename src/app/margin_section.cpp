#include "app/margin_section.h"

#include <QPainter>

#include "app/theme.h"

namespace rook::app {

MarginSection::MarginSection(const QString& title, const QString& note, QWidget* parent)
    : QFrame(parent),
      m_title(new QLabel(title, this)),
      m_note(new QLabel(note, this)),
      m_rows(new QGridLayout(this)) {
    m_title->setFont(sizedFont(0, QFont::DemiBold));
    m_note->setFont(sizedFont(-2));
    m_note->setForegroundRole(QPalette::PlaceholderText);
    m_rows->setContentsMargins(0, 10, 0, 12);
    m_rows->setHorizontalSpacing(10);
    m_rows->setVerticalSpacing(5);
    m_rows->setColumnStretch(0, 1);
    m_rows->addWidget(m_title, 0, 0);
    m_rows->addWidget(m_note, 0, 1, Qt::AlignRight);
}

QLabel* MarginSection::addValue(const QString& name) {
    auto* value = new QLabel(this);
    value->setFont(sizedFont(-1, QFont::DemiBold));
    value->setAlignment(Qt::AlignRight);
    value->setTextInteractionFlags(Qt::NoTextInteraction);
    addControl(name, value);
    return value;
}

void MarginSection::addControl(const QString& name, QWidget* control) {
    auto* label = new QLabel(name, this);
    label->setFont(sizedFont(-1));
    label->setBuddy(control);
    if (control->accessibleName().isEmpty()) control->setAccessibleName(name);
    const int row = m_rows->rowCount();
    m_rows->addWidget(label, row, 0, Qt::AlignLeft | Qt::AlignVCenter);
    m_rows->addWidget(control, row, 1, Qt::AlignVCenter);
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

QLabel* makeWords(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
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
