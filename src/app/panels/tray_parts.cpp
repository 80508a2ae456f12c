#include "app/panels/tray_parts.h"

#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QSpinBox>
#include <QVBoxLayout>

#include "app/ui/margin_section.h"
#include "app/ui/theme.h"

namespace rook::app {

TrayParts::TrayParts(Session& session, QWidget* cards, QWidget* options)
    : m_session(session), m_cards(cards), m_options(options) {
    m_options->setFixedWidth(none);
}

void TrayParts::refresh() {
    for (const auto& refresher : m_refreshers)
        refresher();
}

void TrayParts::focusSearch() {
    if (m_search) m_search->setFocus(Qt::ShortcutFocusReason);
}

QVBoxLayout* TrayParts::addCardColumn() {
    auto* column = new QVBoxLayout(m_cards);
    column->setContentsMargins(12, 10, 12, 8);
    column->setSpacing(4);
    return column;
}

void TrayParts::addCardWords(const QString& words) {
    auto* label = makeWords(words, m_cards);
    label->setFont(sizedFont(-2));
    addCardColumn()->addWidget(label, 0, Qt::AlignVCenter);
}

QHBoxLayout* TrayParts::addCardRow() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    row->setContentsMargins(0, 0, 0, 0);
    auto* holder = new QWidget(m_cards);
    holder->setAutoFillBackground(true);
    holder->setBackgroundRole(QPalette::Button);
    auto* holding = new QHBoxLayout(holder);
    holding->setContentsMargins(0, 0, 0, 0);
    holding->addLayout(row);
    holding->addStretch();
    auto* scroll = new QScrollArea(m_cards);
    scroll->setWidget(holder);
    scroll->setWidgetResizable(true);
    scroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    addCardColumn()->addWidget(scroll);
    return row;
}

QGridLayout* TrayParts::addOptionGrid(int width) {
    m_options->setFixedWidth(width);
    auto* grid = new QGridLayout(m_options);
    grid->setContentsMargins(12, 10, 14, 8);
    grid->setVerticalSpacing(5);
    grid->setColumnStretch(1, 1);
    return grid;
}

void TrayParts::addSearch(QGridLayout* grid) {
    m_search = new QLineEdit(m_options);
    m_search->setObjectName(QStringLiteral("search"));
    m_search->setPlaceholderText(tr("Search cards  /"));
    m_search->setAccessibleName(tr("Search the cards"));
    m_search->setClearButtonEnabled(true);
    connect(m_search, &QLineEdit::textChanged, this, &TrayParts::filterCards);
    connect(m_search, &QLineEdit::returnPressed, this, [this] {
        for (QAbstractButton* card : m_cardButtons)
            if (card->isVisible()) {
                card->click();
                break;
            }
        m_search->clear();
        m_session.requests.returnToBoard();
    });
    grid->addWidget(m_search, 0, 0, 1, 2);
}

void TrayParts::filterCards(const QString& text) {
    for (QAbstractButton* card : m_cardButtons)
        card->setVisible(card->text().contains(text, Qt::CaseInsensitive) ||
                         card->accessibleName().contains(text, Qt::CaseInsensitive));
}

QHBoxLayout* TrayParts::addOptionLine(QGridLayout* grid, int line, const QString& name) {
    auto* label = new QLabel(name, m_options);
    label->setFont(sizedFont(-1));
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    grid->addWidget(label, line, 0);
    grid->addLayout(row, line, 1);
    return row;
}

QSpinBox* TrayParts::makeSmallNumber(QHBoxLayout* row, const QString& name, const QString& words) {
    auto* box = new QSpinBox(m_options);
    box->setObjectName(name);
    box->setAccessibleName(words);
    box->setToolTip(words);
    box->setRange(1, 64);
    box->setFixedWidth(43);
    row->addWidget(box);
    return box;
}

}  // namespace rook::app
