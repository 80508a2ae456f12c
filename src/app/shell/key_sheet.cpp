#include "app/shell/key_sheet.h"

#include "app/session/home_row.h"

#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>

#include "app/ui/theme.h"

namespace rook::app {

namespace {

/// Those of the tools, of the step, and of the window.
QList<KeyHelp> keysOf(const StepDefinition& step) {
    QList<KeyHelp> keys;
    for (std::size_t i = 0; i < step.tools.size(); ++i)
        keys << KeyHelp{toolKey(i),
                        QStringLiteral("%1: %2").arg(step.tools[i].title, step.tools[i].help)};
    keys << step.keys;
    const auto tr = [](const char* text) { return KeySheet::tr(text); };
    keys << QList<KeyHelp>{
        {QStringLiteral("1 … 6"), tr("the steps")},
        {QStringLiteral("Tab"), tr("walk, and back; with Shift from the pointer")},
        {tr("wheel, Home"), tr("zoom at the pointer, fit the level")},
        {tr("Space or middle + drag"), tr("pan")},
        {QStringLiteral("/"), tr("search the cards")},
        {QStringLiteral("Ctrl+Z, Ctrl+Shift+Z"), tr("undo, redo")},
        {QStringLiteral("Ctrl+C X V D"), tr("copy, cut, paste, duplicate")},
        {QStringLiteral("Ctrl+K, F1 F1"), tr("find what can be done, by words")},
        {QStringLiteral("F6"), tr("next part of the window")},
        {QStringLiteral("F11, Q"), tr("the board alone; the tray while Q is held")},
        {tr("Ctrl + arrows, Enter"), tr("a cursor on the board, and its click")},
        {QStringLiteral("Esc"), tr("leave the gesture, the selection, this sheet")}};
    return keys;
}

}  // namespace

KeySheet::KeySheet(Session& session, QWidget* parent) : QFrame(parent), m_session(session) {
    setObjectName(QStringLiteral("key-sheet"));
    setFocusPolicy(Qt::StrongFocus);
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(22, 16, 26, 18);
    grid->setHorizontalSpacing(22);
    grid->setVerticalSpacing(5);
    auto* title = new QLabel(tr("Keys in %1").arg(stepName(session.workbench.step())), this);
    title->setFont(sizedFont(2, QFont::DemiBold));
    grid->addWidget(title, 0, 0, 1, 2);
    int row = 1;
    for (const KeyHelp& help : keysOf(session.workbench.definition())) {
        auto* name = new QLabel(help.keys, this);
        name->setFont(sizedFont(-1, QFont::DemiBold));
        grid->addWidget(name, row, 0);
        auto* meaning = new QLabel(help.meaning, this);
        meaning->setFont(sizedFont(-1));
        grid->addWidget(meaning, row++, 1);
    }
    adjustSize();
}

void KeySheet::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), currentTheme().panel);
    painter.setPen(QPen(currentTheme().quietInk, 1));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

bool KeySheet::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride) event->accept();
    return QFrame::event(event);
}

void KeySheet::keyPressEvent(QKeyEvent* event) {
    leave();
    if (event->key() == Qt::Key_F1) m_session.requests.openFind();
}

void KeySheet::leave() {
    m_session.requests.returnToBoard();
    deleteLater();
}

}  // namespace rook::app
