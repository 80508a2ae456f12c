#include <QGridLayout>
#include <QLabel>
#include <QPainter>

#include "app/main_window.h"
#include "app/margin_section.h"
#include "app/theme.h"

namespace rook::app {

namespace {

using Keys = QList<std::pair<QString, QString>>;

Keys keysOf(Step step) {
    const auto tr = [](const char* text) { return MainWindow::tr(text); };
    Keys keys;
    if (step == Step::Sketch) {
        keys = {{QStringLiteral("A S D F G"), tr("pencil, route, thing, label, select")},
                {tr("right button"), tr("cut strokes; take points, beads, words away")},
                {QStringLiteral("Shift"), tr("straight line, square; add to the selection")},
                {tr("click on the route"), tr("hang a bead; drag bends the line")},
                {QStringLiteral("M, Shift+M"), tr("mirror sideways, top to bottom")},
                {QStringLiteral("Ctrl+G"), tr("group, ungroup")},
                {tr("arrows"), tr("nudge by a cell, with Shift by a px")}};
    } else if (step == Step::Shape) {
        keys = {{QStringLiteral("A S D F G"), tr("brush, line, box, fill, select")},
                {tr("right button"), tr("erase with the same tool")},
                {QStringLiteral("Shift"), tr("straight line, square")},
                {tr("Ctrl + click, drag"), tr("take the matter, or a pattern")},
                {tr("S held"), tr("the line is a flight of stairs")},
                {tr("R + drag"), tr("measure a jump from edge to edge")},
                {QStringLiteral("[  ]"), tr("brush smaller, larger")},
                {QStringLiteral("M, Shift+M"), tr("mirror the selection, else mirror painting")},
                {QStringLiteral(",  ."), tr("turn the selection left, right")},
                {tr("arrows"), tr("nudge the selection, else pan")}};
    } else if (step == Step::Skin) {
        keys = {{QStringLiteral("A S D F G"), tr("brush, line, box, fill with tiles; select")},
                {tr("right button"), tr("give cells back to the dressing")},
                {QStringLiteral("Shift"), tr("straight line, square")},
                {tr("Ctrl + click, drag"), tr("take the tiles that are seen")},
                {tr("arrows in the sheet"), tr("the tile beside")},
                {tr("Ctrl+C, Ctrl+V"), tr("take the selected tiles in hand, lay them")},
                {QStringLiteral("[  ]"), tr("brush smaller, larger")}};
    } else if (step == Step::Cast) {
        keys = {{QStringLiteral("A S"), tr("place, select")},
                {tr("right button"), tr("delete what is under the pointer")},
                {QStringLiteral("Shift"), tr("snap to px; add to the selection")},
                {tr("Ctrl + click"), tr("take the kind under the pointer")},
                {tr("arrows"), tr("nudge by a cell, with Shift by a px")}};
    } else if (step == Step::Prove) {
        keys = {{QStringLiteral("A S D F G"), tr("probe, run to, measure, close off, walk from")},
                {QStringLiteral("F3"), tr("next finding, with Shift the previous one")},
                {tr("right button"), tr("open what was closed off")},
                {QStringLiteral("P O I"), tr("walking: pause, one tick, slow")},
                {QStringLiteral("K"), tr("walking: keep the run, it must stay possible")}};
    }
    keys << Keys{{QStringLiteral("1 … 6"), tr("the steps")},
                 {QStringLiteral("Tab"), tr("walk, and back; with Shift from the pointer")},
                 {tr("wheel, Home"), tr("zoom at the pointer, fit the level")},
                 {tr("Space or middle + drag"), tr("pan")},
                 {QStringLiteral("/"), tr("search the cards")},
                 {QStringLiteral("Ctrl+Z, Ctrl+Shift+Z"), tr("undo, redo")},
                 {QStringLiteral("Ctrl+C X V D"), tr("copy, cut, paste, duplicate")},
                 {QStringLiteral("F6"), tr("next part of the window")},
                 {QStringLiteral("Esc"), tr("leave the gesture, the selection, this sheet")}};
    return keys;
}

/// A sheet over the board that goes at the next key or click.
class KeySheet : public QFrame {
public:
    KeySheet(Step step, QWidget* parent) : QFrame(parent) {
        setObjectName(QStringLiteral("key-sheet"));
        setFocusPolicy(Qt::StrongFocus);
        auto* grid = new QGridLayout(this);
        grid->setContentsMargins(22, 18, 26, 20);
        grid->setHorizontalSpacing(22);
        grid->setVerticalSpacing(7);
        auto* title = new QLabel(MainWindow::tr("Keys in %1").arg(stepName(step)), this);
        title->setFont(sizedFont(2, QFont::DemiBold));
        grid->addWidget(title, 0, 0, 1, 2);
        int row = 1;
        for (const auto& [key, meaning] : keysOf(step)) {
            auto* name = new QLabel(key, this);
            name->setFont(sizedFont(-1, QFont::DemiBold));
            grid->addWidget(name, row, 0);
            grid->addWidget(new QLabel(meaning, this), row++, 1);
        }
        adjustSize();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.fillRect(rect(), currentTheme().panel);
        painter.setPen(QPen(currentTheme().quietInk, 1));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
    bool event(QEvent* event) override {
        if (event->type() == QEvent::ShortcutOverride) event->accept();
        return QFrame::event(event);
    }
    void keyPressEvent(QKeyEvent*) override { leave(); }
    void mousePressEvent(QMouseEvent*) override { leave(); }
    void focusOutEvent(QFocusEvent*) override { deleteLater(); }

private:
    void leave() {
        if (auto* board = window()->findChild<QWidget*>(QStringLiteral("board"))) board->setFocus();
        deleteLater();
    }
};

}  // namespace

void MainWindow::showKeys() {
    auto* sheet = new KeySheet(m_session.step(), centralWidget());
    const QRect board(m_board->mapTo(centralWidget(), QPoint(0, 0)), m_board->size());
    sheet->move(board.center() - QPoint(sheet->width() / 2, sheet->height() / 2));
    sheet->show();
    sheet->raise();
    sheet->setFocus();
}

}  // namespace rook::app
