#pragma once
/// All that Find finds: actions, tools of every step, sections of the margin, cards, levels, pages
/// of the guide.

#include <QAction>
#include <functional>
#include <vector>

#include "app/session/session.h"

namespace rook::app {

struct FindEntry {
    QString title;
    QString where;  ///< "Shape, tool"
    QString keys;   ///< empty = it has none
    QString words;  ///< what else it is called
    std::function<void()> act;
};

/// Those of the menus that can be chosen now. They are called what the menu calls them.
[[nodiscard]] std::vector<FindEntry> entriesOfActions(const QList<QAction*>& actions);
/// The tools of a step, on the level that is on the board.
[[nodiscard]] std::vector<FindEntry> entriesOfTools(Session& session, Step step);
/// What can be laid and placed, and the levels.
[[nodiscard]] std::vector<FindEntry> entriesOfContents(Session& session);
/// The sections that a step has in the margin; `show` is called in that step. Cost: one margin is
/// made, some milliseconds.
[[nodiscard]] std::vector<FindEntry> entriesOfSections(
    Session& session, Step step, const std::function<void(const QString& title)>& show);

}  // namespace rook::app
