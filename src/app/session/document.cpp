#include "app/session/document.h"

#include "file/project_file.h"
#include "file/repair.h"
#include "level/rules.h"

namespace rook::app {

namespace {

/// False if there is no edit; why is said.
template <typename Edit>
bool applyOrSay(Document& document, Requests& requests, const Result<Edit>& edit) {
    if (edit)
        document.apply(*edit);
    else
        requests.say(QString::fromStdString(edit.error().sentence()));
    return edit.has_value();
}

}  // namespace

Document::Document(Requests& requests) : m_requests(requests) {
    startNew(file::newProject("Untitled"));
}

Result<void> Document::open(const QString& folder) {
    const file::Path path = folder.toStdString();
    auto project = file::openProject(file::diskStorage(), path);
    if (!project) return fail(project.error());
    if (project->levels.empty()) {
        return fail(ErrorKind::Missing, "The project has no level", folder.toStdString(),
                    "Add one to the order in rookplot.json");
    }
    startNew(std::move(*project), folder);
    return {};
}

Result<std::vector<std::string>> Document::openRepaired(const QString& folder) {
    auto repaired = file::openRepaired(file::diskStorage(), folder.toStdString());
    if (!repaired) return fail(repaired.error());
    if (repaired->project.levels.empty())
        return fail(ErrorKind::Missing, "No level could be read", folder.toStdString(),
                    "Restore a copy");
    startNew(std::move(repaired->project), folder);
    // Until it is saved, the folder holds something else.
    if (!repaired->changes.empty()) m_saved = level::Project();
    Q_EMIT historyChanged();
    return repaired->changes;
}

void Document::startNew(level::Project project, const QString& folder) {
    ROOK_ASSERT(!project.levels.empty(), "a project has a level");
    m_history = level::History(project);
    m_project = std::move(project);
    m_level = m_project.levels.front();
    m_saved = m_project;
    m_folder = folder;
    m_gesture.reset();
    m_lastLevel = m_level->id;
    Q_EMIT opened();
    Q_EMIT levelSwitched();
    Q_EMIT historyChanged();
}

void Document::takeSaved(const level::Project& project, const QString& folder) {
    m_saved = project;
    m_folder = folder;
    Q_EMIT historyChanged();
}

void Document::setProject(level::Project project, const CellRect& touched) {
    const bool isSameSize = [&] {
        const auto next = project.findLevel(m_level->id);
        return next && next->cells.bounds() == m_level->cells.bounds();
    }();
    const level::Project former = std::exchange(m_project, std::move(project));
    const bool hasOtherLists = !level::haveSameLists(former, m_project);
    const auto next = m_project.findLevel(m_level->id);
    m_level = next ? next : m_project.levels.front();
    if (!m_project.findLevel(m_lastLevel)) m_lastLevel = m_project.levels.front()->id;
    Q_EMIT valueTaken(former, hasOtherLists);
    if (hasOtherLists) Q_EMIT listsChanged();
    if (isSameSize)
        Q_EMIT changed(touched);
    else
        Q_EMIT levelSwitched();
}

void Document::apply(const level::LevelEdit& edit) {
    commitGesture();
    level::Project next = m_project.withLevel(edit.level);
    if (next == m_project) return;
    m_history.push(next, edit.name, edit.level.id, edit.touched);
    setProject(std::move(next), edit.touched);
    Q_EMIT historyChanged();
}

bool Document::apply(const Result<level::LevelEdit>& edit) {
    return applyOrSay(*this, m_requests, edit);
}

bool Document::apply(const Result<level::ProjectEdit>& edit) {
    return applyOrSay(*this, m_requests, edit);
}

void Document::apply(const level::ProjectEdit& edit) {
    commitGesture();
    if (edit.project == m_project) return;
    m_history.push(edit.project, edit.name, m_level->id, m_level->cells.bounds());
    setProject(edit.project, m_level->cells.bounds());
    Q_EMIT historyChanged();
}

void Document::showGesture(const level::LevelEdit& edit) {
    const CellRect former = m_gesture ? m_gesture->edit.touched : CellRect{};
    level::Project before = m_gesture ? std::move(m_gesture->before) : m_project;
    level::Project next = before.withLevel(edit.level);
    m_gesture = Gesture{edit, std::move(before)};
    setProject(std::move(next), former.united(edit.touched));
}

void Document::commitGesture() {
    if (!m_gesture) return;
    const Gesture gesture = *std::exchange(m_gesture, std::nullopt);
    if (m_project == gesture.before) return;
    m_history.push(m_project, gesture.edit.name, gesture.edit.level.id, gesture.edit.touched);
    Q_EMIT historyChanged();
}

void Document::cancelGesture() {
    if (!m_gesture) return;
    Gesture gesture = *std::exchange(m_gesture, std::nullopt);
    setProject(std::move(gesture.before), gesture.edit.touched);
}

const level::Level& Document::levelBeforeGesture() const {
    if (!m_gesture) return *m_level;
    for (const auto* boards : {&m_gesture->before.levels, &m_gesture->before.swatches})
        for (const auto& board : *boards)
            if (board->id == m_level->id) return *board;
    return *m_level;
}

void Document::jumpTo(const level::HistoryStep& step) {
    setProject(m_history.current(), step.touched);
    if (step.level != m_level->id) chooseLevel(step.level);
    Q_EMIT historyChanged();
}

void Document::undo() {
    if (m_gesture) return cancelGesture();
    if (m_history.canUndo()) jumpTo(m_history.undo());
}

void Document::redo() {
    if (!m_gesture && m_history.canRedo()) jumpTo(m_history.redo());
}

void Document::chooseLevel(const LevelId& id) {
    commitGesture();
    const auto level = m_project.findLevel(id);
    if (!level) return;
    if (!isOnSwatch()) m_lastLevel = m_level->id;
    m_level = level;
    Q_EMIT levelLeft();
    Q_EMIT levelSwitched();
}

}  // namespace rook::app
