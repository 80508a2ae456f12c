#include "app/shell/find_entries.h"

#include <QMenu>

#include "app/panels/panel_section.h"
#include "app/session/home_row.h"
#include "app/shell/find_terms.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/puzzle/puzzle_options.h"
#include "app/tools/cell_options.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/level_kinds.h"
#include "level/names.h"

namespace rook::app {

namespace {

/// As a menu says it, without the mark of its letter.
QString withoutMark(QString text) {
    return text.remove(u'&');
}

/// For words: "shape", whatever the language of the window.
QString englishName(Step step) {
    static const char* const names[] = {"sketch", "shape", "skin", "cast", "prove", "ship"};
    return QLatin1String(names[int(step)]);
}

}  // namespace

std::vector<FindEntry> entriesOfActions(const QList<QAction*>& actions) {
    std::vector<FindEntry> entries;
    for (QAction* action : actions) {
        if (action->isSeparator() || !action->isEnabled()) continue;
        if (QMenu* menu = action->menu()) {
            for (FindEntry& entry : entriesOfActions(menu->actions())) {
                if (entry.where.isEmpty())
                    entry.where = tr("menu %1").arg(withoutMark(action->text()));
                entries.push_back(std::move(entry));
            }
            continue;
        }
        if (action->text().isEmpty()) continue;
        QString title = withoutMark(action->text());
        if (action->isCheckable() && action->isChecked()) title = tr("%1: is on").arg(title);
        entries.push_back({title,
                           {},
                           action->shortcut().toString(QKeySequence::NativeText),
                           termsOf(action->objectName()),
                           [action] { action->trigger(); }});
    }
    return entries;
}

std::vector<FindEntry> entriesOfTools(Session& session, Step step) {
    std::vector<FindEntry> entries;
    const auto& tools = session.workbench.definitionOf(step).tools;
    for (std::size_t i = 0; i < tools.size(); ++i) {
        const ToolDefinition& tool = tools[i];
        const QString name = QString::fromStdString(tool.name);
        entries.push_back({tr("%1: %2").arg(tool.title, tool.help),
                           tr("%1, tool").arg(stepName(step)),
                           tr("%1, then %2").arg(int(step) + 1).arg(toolKey(i)),
                           termsOf(englishName(step) + u'/' + name), [&session, step, i] {
                               session.workbench.setStep(step);
                               session.workbench.chooseToolAt(int(i));
                               session.requests.returnToBoard();
                           }});
    }
    return entries;
}

std::vector<FindEntry> entriesOfContents(Session& session) {
    std::vector<FindEntry> entries;
    const level::Project& project = session.document.project();
    const level::LevelKindTraits& traits = level::traitsOf(session.document.level()->kind);
    for (std::size_t i = 1; !traits.isOfSlots && !traits.isOfPieces && i < project.matters.size();
         ++i)
        entries.push_back({tr("Lay %1").arg(QString::fromStdString(project.matters[i].title)),
                           tr("Shape, matter"),
                           {},
                           {},
                           [&session, i] {
                               session.workbench.setStep(Step::Shape);
                               if (session.workbench.isInHand("select"))
                                   session.workbench.chooseTool("brush");
                               session.workbench.change<CellOptions>([&](CellOptions& o) {
                                   o.matter.index = static_cast<std::uint16_t>(i);
                               });
                               session.requests.returnToBoard();
                           }});
    for (const level::Kind& kind : project.kinds) {
        // Counters stand on boards of slots, and nothing else does.
        if ((kind.role == level::Role::Counter) != traits.isOfSlots) continue;
        const QString role = told(level::nameOf(kind.role));
        entries.push_back(
            {tr("Place %1").arg(QString::fromStdString(kind.title)),
             tr("Cast, %1").arg(role),
             {},
             termsOf(QStringLiteral("role/") + role),
             [&session, id = kind.id] {
                 session.workbench.setStep(Step::Cast);
                 session.workbench.chooseTool("place");
                 session.workbench.change<CastOptions>([&](CastOptions& o) { o.kind = id; });
                 session.workbench.change<CounterOptions>([&](CounterOptions& o) { o.kind = id; });
                 session.requests.returnToBoard();
             }});
    }
    for (const auto& level : project.levels)
        entries.push_back({QString::fromStdString(level->title),
                           tr("level"),
                           {},
                           QString::fromStdString(level->id.text),
                           [&session, id = level->id] {
                               session.document.chooseLevel(id);
                               session.requests.returnToBoard();
                           }});
    return entries;
}

std::vector<FindEntry> entriesOfSections(Session& session, Step step,
                                         const std::function<void(const QString&)>& show) {
    QWidget holder;
    std::vector<FindEntry> entries;
    MarginPanel* panel = session.workbench.definitionOf(step).makeMargin(session, &holder);
    for (const MarginSection* section : panel->findChildren<MarginSection*>()) {
        const QString title = section->title();
        if (title.isEmpty()) continue;
        entries.push_back({title,
                           tr("%1, in the margin").arg(stepName(step)),
                           {},
                           termsOf(QStringLiteral("section/") + section->name()),
                           [&session, step, title, show] {
                               session.workbench.setStep(step);
                               show(title);
                           }});
    }
    return entries;
}

}  // namespace rook::app
