#pragma once
/// Keys of actions that the designer gave others; kept in the settings, by the action's name.

#include <QAction>
#include <QKeySequence>

namespace rook::app {

/// Gives an action its standard key, or the one that was chosen for it. Requires: it has a name.
void giveKey(QAction* action, const QKeySequence& standard);
[[nodiscard]] QKeySequence standardKeyOf(const QAction* action);
[[nodiscard]] bool hasChosenKey(const QAction* action);

/// Gives `action` another key, or none; an empty answer, or the sentence why not: another of `all`
/// has it, or it is one that letters and figures are for.
[[nodiscard]] QString chooseKey(QAction* action, const QKeySequence& keys,
                                const QList<QAction*>& all);
void giveStandardKey(QAction* action);

}  // namespace rook::app
