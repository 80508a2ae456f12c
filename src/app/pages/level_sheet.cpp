#include "app/pages/level_sheet.h"

#include "app/steps/puzzle/puzzle_sections.h"
#include "app/steps/shape/shape_sections.h"
#include "app/steps/skin/skin_sections.h"
#include "level/level_kinds.h"

namespace rook::app {

LevelSheet::LevelSheet(Session& session, QWidget* parent) : Page(session, {}, parent) {
    setObjectName(QStringLiteral("level-sheet"));
    setAccessibleName(tr("Level sheet"));
    QVBoxLayout* left = addColumn();
    PanelSection* identity = add(left, makeIdentitySection(session, body()));
    m_first = identity->findChild<QWidget*>(QStringLiteral("sheet-title"));
    m_ofCells = {add(left, makeBoardSection(session, body())),
                 add(left, makeCellsSection(session, body()))};
    m_ofSlots = {add(left, makeRuleSection(session, body())),
                 add(left, makeRosterSection(session, body()))};
    QVBoxLayout* right = addColumn();
    m_ofCells << add(right, makePlaySection(session, body()));
    m_ofSlots << add(right, makeSlotBoardSection(session, body()));
    for (PanelSection* section : m_ofCells + m_ofSlots)
        if (section != m_ofCells.back()) section->keepOpen();
    add(right, makeLookSection(session, body()));
    addBelow(makeGoalSection(session, body()));
    addBelow(makeTextSection(session, body()));
}

void LevelSheet::refresh() {
    const level::Level& level = *m_session.document.level();
    const auto& levels = m_session.document.project().levels;
    const auto place = std::find(levels.begin(), levels.end(), m_session.document.level());
    setWords(QString::fromStdString(level.title),
             place == levels.end()
                 ? tr("a swatch")
                 : tr("level %1 of %2").arg(place - levels.begin() + 1).arg(levels.size()));
    const bool isOfSlots = level::traitsOf(level.kind).isOfSlots;
    for (PanelSection* section : m_ofCells)
        section->setVisible(!isOfSlots);
    for (PanelSection* section : m_ofSlots)
        section->setVisible(isOfSlots);
    Page::refresh();
}

void LevelSheet::takeFocus() {
    m_first->setFocus(Qt::TabFocusReason);
}

}  // namespace rook::app
