#include "app/session/document.h"

#include "app/ui/words.h"
#include "file/project_file.h"
#include "file/repair.h"
#include "file/text_files.h"
#include "level/rules.h"

namespace rook::app {

namespace {

/// False if there is no edit; why is said.
template <typename Edit>
bool applyOrSay(Document& document, Requests& requests, const Result<Edit>& edit) {
    if (edit)
        document.apply(*edit);
    else
        requests.say(told(edit.error()));
    return edit.has_value() && document.mayEdit();
}

}  // namespace

Document::Document(Requests& requests) : m_requests(requests) {
    startNew(file::newProject("Untitled"));
}

Result<void> Document::open(const QString& folder) {
    const file::Path path = folder.toStdString();
    file::FileStates states;
    auto project = file::openProject(file::diskStorage(), path, states);
    if (!project) return fail(project.error());
    if (project->levels.empty()) {
        return fail(ErrorKind::Missing, "The project has no level", folder.toStdString(),
                    "Add one to the order in rookplot.json");
    }
    startWith(std::move(*project), folder, std::move(states));
    return {};
}

Result<std::vector<std::string>> Document::openRepaired(const QString& folder) {
    auto repaired = file::openRepaired(file::diskStorage(), folder.toStdString());
    if (!repaired) return fail(repaired.error());
    if (repaired->project.levels.empty())
        return fail(ErrorKind::Missing, "No level could be read", folder.toStdString(),
                    "Restore a copy");
    file::FileStates states;
    for (const auto& [path, file] : file::textFilesOf(repaired->project))
        states[path];
    file::noteStates(file::diskStorage(), folder.toStdString(), states);
    startWith(std::move(repaired->project), folder, std::move(states));
    // Until it is saved, the folder holds something else.
    if (!repaired->changes.empty()) m_saved = level::Project();
    Q_EMIT historyChanged();
    return repaired->changes;
}

void Document::startNew(level::Project project, const QString& folder) {
    startWith(std::move(project), folder, {});
}

void Document::startWith(level::Project project, const QString& folder, file::FileStates states) {
    ROOK_ASSERT(!project.levels.empty(), "a project has a level");
    m_whyNot.clear();
    m_isLookingAtOther = false;
    m_states = std::move(states);
    m_history = level::History(project);
    m_project = std::move(project);
    m_level = m_project.levels.front();
    m_saved = m_project;
    m_folder = folder;
    m_gesture.reset();
    m_lastLevel = m_level->id;
    setGuards({});
    Q_EMIT opened();
    Q_EMIT levelSwitched();
    Q_EMIT historyChanged();
}

void Document::takeSaved(const level::Project& project, const QString& folder,
                         file::FileStates states) {
    m_saved = project;
    m_states = std::move(states);
    if (std::exchange(m_folder, folder) != folder) Q_EMIT folderChanged();
    Q_EMIT historyChanged();
}

void Document::forgetSaved(file::FileStates states) {
    m_states = std::move(states);
    m_saved = level::Project();
    Q_EMIT historyChanged();
}

void Document::takeFormerSaved(level::Project saved) {
    m_saved = std::move(saved);
    for (auto& [path, state] : m_states)
        state.clear();
    Q_EMIT historyChanged();
}

void Document::takeFromDisk(level::Project project, level::Project saved, file::FileStates states) {
    commitGesture();
    m_saved = std::move(saved);
    m_states = std::move(states);
    m_history.push(project, tr("Take in what changed on the disk").toStdString(), m_level->id,
                   m_level->cells.bounds());
    showWhole(std::move(project));
}

/// A value of which anything may be another one.
void Document::showWhole(level::Project project) {
    const auto former = m_level;
    setProject(std::move(project), former->cells.bounds().united(m_level->cells.bounds()));
    if (m_level->id != former->id) {
        Q_EMIT levelLeft();
        Q_EMIT levelSwitched();
    }
    Q_EMIT historyChanged();
}

void Document::setLookOnly(const QString& why) {
    if (m_whyNot == why) return;
    cancelGesture();
    m_whyNot = why;
    Q_EMIT historyChanged();
}

void Document::lookAt(level::Project project, const QString& why) {
    m_isLookingAtOther = true;
    setLookOnly(why);
    showWhole(std::move(project));
}

void Document::endLooking(level::History history) {
    m_isLookingAtOther = false;
    m_history = std::move(history);
    setLookOnly({});
    showWhole(m_history.current());
}

bool Document::refuses() const {
    if (!m_whyNot.isEmpty()) m_requests.say(m_whyNot);
    return !m_whyNot.isEmpty();
}

bool Document::refuses(const level::LevelEdit& edit) const {
    if (refuses()) return true;
    if (edit.level.id != m_level->id) return false;
    const level::Level& before = levelBeforeGesture();
    const bool isMasses = m_guards.masses.isLocked && changesMasses(before, edit.level);
    const bool isCast = m_guards.cast.isLocked && changesCast(before, edit.level);
    if (isMasses) m_requests.say(tr("The masses are locked. Unlock them in View, Masses locked."));
    if (isCast) m_requests.say(tr("The cast is locked. Unlock it in View, Cast locked."));
    return isMasses || isCast;
}

void Document::setGuards(const Guards& guards) {
    if (guards == m_guards) return;
    commitGesture();
    m_guards = guards;
    Q_EMIT guardsChanged();
}

/// Of a level that is gone, or has another id: what stands where it stood, or before it.
std::shared_ptr<const level::Level> Document::inPlaceOf(const level::Project& former,
                                                        const LevelId& gone) const {
    const auto found = std::find_if(former.levels.begin(), former.levels.end(),
                                    [&](const auto& level) { return level->id == gone; });
    const auto place = std::size_t(found - former.levels.begin());
    return m_project.levels[std::min(place, m_project.levels.size() - 1)];
}

void Document::setProject(level::Project project, const CellRect& touched) {
    const bool isSameSize = [&] {
        const auto next = project.findLevel(m_level->id);
        return next && next->cells.bounds() == m_level->cells.bounds();
    }();
    const level::Project former = std::exchange(m_project, std::move(project));
    const bool hasOtherLists = !level::haveSameLists(former, m_project);
    const auto next = m_project.findLevel(m_level->id);
    m_level = next ? next : inPlaceOf(former, m_level->id);
    if (!m_project.findLevel(m_lastLevel)) m_lastLevel = m_project.levels.front()->id;
    Q_EMIT valueTaken(former, hasOtherLists);
    if (hasOtherLists) Q_EMIT listsChanged();
    if (isSameSize)
        Q_EMIT changed(touched);
    else
        Q_EMIT levelSwitched();
}

void Document::apply(const level::LevelEdit& edit) {
    if (refuses(edit)) return;
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
    if (refuses()) return;
    commitGesture();
    if (edit.project == m_project) return;
    m_history.push(edit.project, edit.name, m_level->id, m_level->cells.bounds());
    setProject(edit.project, m_level->cells.bounds());
    Q_EMIT historyChanged();
}

void Document::showGesture(const level::LevelEdit& edit) {
    if (refuses(edit)) return;
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
    if (refuses()) return;
    if (m_history.canUndo()) jumpTo(m_history.undo());
}

void Document::redo() {
    if (refuses()) return;
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
