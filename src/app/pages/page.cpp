#include "app/pages/page.h"

#include <QKeyEvent>
#include <QPainter>

#include "app/ui/theme.h"

namespace rook::app {

Page::Page(Session& session, const QString& title, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_title(new QLabel(title, this)),
      m_words(new QLabel(this)),
      m_head(new QHBoxLayout),
      m_area(new QScrollArea(this)),
      m_body(new QWidget),
      m_columns(new QHBoxLayout),
      m_rows(new QVBoxLayout(m_body)) {
    m_title->setFont(sizedFont(4, QFont::DemiBold));
    m_words->setForegroundRole(QPalette::PlaceholderText);
    m_head->setContentsMargins(20, 12, 20, 8);
    m_head->setSpacing(12);
    m_head->addWidget(m_title);
    m_head->addWidget(m_words);
    m_head->addStretch();
    addAction(tr("Back to the board"), QStringLiteral("page-back"), [this] {
        Q_EMIT left();
    })->setToolTip(tr("Escape"));
    m_area->setWidgetResizable(true);
    m_area->setFrameShape(QFrame::NoFrame);
    m_area->setFocusPolicy(Qt::NoFocus);  // its controls come into sight as they get the keyboard
    m_area->setWidget(m_body);
    m_area->viewport()->setAutoFillBackground(false);
    m_body->setAutoFillBackground(false);
    m_rows->setContentsMargins(20, 0, 20, 16);
    m_rows->setSpacing(0);
    m_columns->setSpacing(36);
    m_rows->addLayout(m_columns);
    m_rows->addStretch();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addLayout(m_head);
    column->addWidget(m_area, 1);
}

void Page::setWords(const QString& title, const QString& words) {
    m_title->setText(title);
    m_words->setText(words);
}

QPushButton* Page::addAction(const QString& text, const QString& name, std::function<void()> act) {
    auto* button = new QPushButton(text, this);
    button->setObjectName(name);
    connect(button, &QAbstractButton::clicked, this, std::move(act));
    m_head->addWidget(button);
    return button;
}

QVBoxLayout* Page::addColumn() {
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    column->addStretch();
    m_columns->addLayout(column, 1);
    return column;
}

void Page::addAbove(QWidget* widget) {
    m_rows->insertWidget(0, widget);
}

void Page::addBelow(QWidget* widget) {
    m_rows->insertWidget(m_rows->count() - 1, widget);
}

void Page::addBelow(PanelSection* section) {
    addBelow(static_cast<QWidget*>(section));
    m_sections << section;
}

PanelSection* Page::add(QVBoxLayout* column, PanelSection* section) {
    column->insertWidget(column->count() - 1, section);
    m_sections << section;
    return section;
}

void Page::refresh() {
    for (PanelSection* section : m_sections)
        section->refresh();
}

void Page::takeFocus() {
    setFocus();
}

void Page::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return Q_EMIT left();
    QWidget::keyPressEvent(event);
}

void Page::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), currentTheme().panel);
}

}  // namespace rook::app
