#include "app/tools/cell_tray.h"

#include "app/tools/cell_options.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

QHBoxLayout* CellTray::addBrushOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Size"));
    addNumber(row, QStringLiteral("brush-size"), tr("Size of the brush, cells"),
              &CellOptions::brushSize);
    addChip<CellOptions>(
        row, tr("round"), QStringLiteral("brush-round"),
        [](const auto& o) { return o.brushIsRound; },
        [](auto& o, bool isOn) { o.brushIsRound = isOn; });
    return row;
}

void CellTray::addBoxOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Box"));
    addChip<CellOptions>(
        row, tr("filled"), QStringLiteral("box-filled"),
        [](const auto& o) { return o.boxIsFilled; },
        [](auto& o, bool isOn) { o.boxIsFilled = isOn; });
    addChip<CellOptions>(
        row, tr("frame"), QStringLiteral("box-frame"), [](const auto& o) { return !o.boxIsFilled; },
        [](auto& o, bool) { o.boxIsFilled = false; });
    addNumber(row, QStringLiteral("frame-thickness"), tr("Thickness of a frame, cells"),
              &CellOptions::frameThickness);
    row->addStretch();
}

void CellTray::addFillOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Fill"));
    addChip<CellOptions>(
        row, tr("what hangs together"), QStringLiteral("fill-part"),
        [](const auto& o) { return !o.fillsAll; }, [](auto& o, bool) { o.fillsAll = false; });
    addChip<CellOptions>(
        row, tr("all of it"), QStringLiteral("fill-all"), [](const auto& o) { return o.fillsAll; },
        [](auto& o, bool) { o.fillsAll = true; })
        ->setToolTip(tr("All of that matter in the level, not only what hangs together."));
    row->addStretch();
}

void CellTray::addSelectOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Take"));
    const std::tuple<QString, SelectBy, QString> ways[] = {
        {tr("box"), SelectBy::Box, tr("Cells in a rectangle.")},
        {tr("lasso"), SelectBy::Lasso, tr("Cells inside a loop that is drawn.")},
        {tr("connected"), SelectBy::Connected,
         tr("A click takes the same matter as far as it hangs together.")}};
    for (const auto& [text, way, words] : ways)
        addChip<CellOptions>(
            row, text, QStringLiteral("select-by-") + QString::number(int(way)),
            [way = way](const auto& o) { return o.selectBy == way; },
            [way = way](auto& o, bool) { o.selectBy = way; })
            ->setToolTip(words);
    row->addStretch();
    auto* hints = makeWords(
        tr("Shift adds. Drag inside to move, an edge to stretch. M, comma and point turn."),
        m_options);
    hints->setFont(sizedFont(-2));
    grid->addWidget(hints, line + 1, 0, 1, 2);
}

}  // namespace rook::app
