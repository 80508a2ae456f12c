#pragma once
/// The level sheet: all that belongs to a level and not to a cell, in one place. Every change is
/// one undo.

#include "app/pages/page.h"

namespace rook::app {

class LevelSheet : public Page {
    Q_OBJECT

public:
    LevelSheet(Session& session, QWidget* parent);
    void refresh() override;
    void takeFocus() override;

private:
    QWidget* m_first = nullptr;
    QList<PanelSection*> m_ofCells;  ///< of levels of cells and pieces
    QList<PanelSection*> m_ofSlots;  ///< of puzzle levels
};

/// Its sections, one file each.
[[nodiscard]] PanelSection* makeIdentitySection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makePlaySection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeGoalSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeTextSection(Session& session, QWidget* parent);

}  // namespace rook::app
