#include "app/session.h"

#include <QCoreApplication>
#include <QtConcurrent>
#include <algorithm>
#include <string_view>
#include <unordered_set>

#include "file/project_file.h"
#include "file/repair.h"
#include "level/zone_edits.h"

namespace rook::app {

Session::Session(QObject* parent) : QObject(parent) {
    startNew(file::newProject("Untitled"));
}

bool Session::isModified() const {
    return !m_project.sharesAllWith(m_saved);
}

Result<void> Session::open(const QString& folder) {
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

Result<std::vector<std::string>> Session::openRepaired(const QString& folder) {
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

void Session::startNew(level::Project project, const QString& folder) {
    ROOK_ASSERT(!project.levels.empty(), "a project has a level");
    m_history = level::History(project);
    m_project = std::move(project);
    m_level = m_project.levels.front();
    m_saved = m_project;
    m_folder = folder;
    m_gesture.reset();
    m_selection = {};
    m_proofs.clear();
    m_lastExport.clear();
    m_exported.reset();
    m_exportError.reset();
    m_options.matter = {static_cast<std::uint16_t>(m_project.matters.size() > 1 ? 1 : 0)};
    m_options.leaf = m_options.route = 0;
    m_options.stamp.reset();
    m_options.proposal.reset();
    m_options.tiles = Grid<level::Tile>(1, 1);
    m_options.tileSheet = 0;
    m_options.skinLayer = -1;
    m_lastLevel = m_level->id;
    m_clip.reset();
    m_options.kind = m_project.kinds.empty() ? KindId{} : m_project.kinds[0].id;
    Q_EMIT levelSwitched();
    Q_EMIT historyChanged();
}

namespace {

/// Writes a project that lives in `home` (empty if nowhere yet) to a folder.
Result<void> writeProject(const level::Project& project, const QString& home, const QString& folder,
                          const level::Project* former) {
    file::Storage& storage = file::diskStorage();
    if (!home.isEmpty() && home != folder) {
        const auto copied = copySheets(storage, home.toStdString(), folder.toStdString(), project);
        if (!copied) return copied;
    }
    return file::saveProject(storage, folder.toStdString(), project, former);
}

/// The project with the runs that were found to get to its exits; they are saved with it.
level::Project withProofs(const Session& session) {
    level::Project project = session.project();
    for (auto& board : project.levels) {
        const auto proof = session.proven(board->id);
        const bool isOfNow = proof && proof->isDepthCurrent && proof->depthOf == board;
        if (!isOfNow || !proof->depth->proof.run) continue;
        level::KeptRun run =
            reach::keptRunOf(*proof->depth->proof.run, {}, proof->depth->proof.exit);
        if (board->proof == run) continue;
        level::Level with = *board;
        with.proof = std::move(run);
        board = std::make_shared<const level::Level>(std::move(with));
    }
    return project;
}

}  // namespace

Result<void> Session::save(const QString& folder) {
    commitGesture();
    const bool isSamePlace = folder == m_folder;
    const auto outcome =
        writeProject(withProofs(*this), m_folder, folder, isSamePlace ? &m_saved : nullptr);
    if (!outcome) return outcome;
    m_saved = m_project;
    m_folder = folder;
    Q_EMIT historyChanged();
    return {};
}

/// Runs `work` on the writer and hands its result to `take` on the interface thread.
template <typename Work, typename Take>
void Session::write(Work work, Take take) {
    ++m_jobs;
    QtConcurrent::run(&m_writer, std::move(work))
        .then(this, [this, take](const std::invoke_result_t<Work>& outcome) {
            --m_jobs;
            take(outcome);
            Q_EMIT historyChanged();
            Q_EMIT writingEnded();
        });
}

void Session::saveInBackground(const QString& folder) {
    commitGesture();
    std::optional<level::Project> former;
    if (folder == m_folder && !isWriting()) former = m_saved;
    write([project = withProofs(*this), home = m_folder, former,
           folder] { return writeProject(project, home, folder, former ? &*former : nullptr); },
          [this, project = m_project, folder](const Result<void>& outcome) {
              if (!outcome) return say(QString::fromStdString(outcome.error().sentence()));
              m_saved = project;
              m_folder = folder;
              say(tr("Saved to %1.").arg(folder));
          });
}

void Session::exportInBackground(const QString& target) {
    commitGesture();
    write(
        [project = m_project, folder = m_folder, target] {
            return file::exportBundle(file::diskStorage(), project, folder.toStdString(),
                                      target.toStdString());
        },
        [this, project = m_project](const Result<std::vector<file::WrittenFile>>& written) {
            m_exportError.reset();
            if (!written) {
                m_exportError = written.error();
                return say(QString::fromStdString(written.error().sentence()));
            }
            m_lastExport = *written;
            m_exported = project;
            say(tr("Exported the bundle."));
        });
}

void Session::waitForWriting() {
    m_writer.waitForDone();
    while (isWriting())
        QCoreApplication::processEvents(QEventLoop::ExcludeUserInputEvents, 10);
}

bool Session::isExportCurrent() const {
    return m_exported && m_exported->sharesAllWith(m_project);
}

void Session::setProject(level::Project project, const CellRect& touched) {
    const bool isSameSize = [&] {
        const auto next = project.findLevel(m_level->id);
        return next && next->cells.bounds() == m_level->cells.bounds();
    }();
    const level::Project former = std::exchange(m_project, std::move(project));
    const bool isSameLists = former.matters.isSharedWith(m_project.matters) &&
                             former.kinds.isSharedWith(m_project.kinds) &&
                             former.sheets.isSharedWith(m_project.sheets) &&
                             former.blocks.isSharedWith(m_project.blocks) &&
                             file::imagesOf(former) == file::imagesOf(m_project);
    const auto next = m_project.findLevel(m_level->id);
    m_level = next ? next : m_project.levels.front();
    if (!m_project.findLevel(m_lastLevel)) m_lastLevel = m_project.levels.front()->id;
    cleanSelection();
    if (m_run) showRun(nullptr);  // it is of a former value
    if (!isSameLists) {
        cleanOptions(former);
        Q_EMIT listsChanged();
    }
    if (isSameSize)
        Q_EMIT documentChanged(touched);
    else
        Q_EMIT levelSwitched();
}

void Session::apply(const level::LevelEdit& edit) {
    commitGesture();
    level::Project next = m_project.withLevel(edit.level);
    if (next == m_project) return;
    m_history.push(next, edit.name, edit.level.id, edit.touched);
    setProject(std::move(next), edit.touched);
    Q_EMIT historyChanged();
}

void Session::apply(const Result<level::LevelEdit>& edit) {
    if (edit)
        apply(*edit);
    else
        say(QString::fromStdString(edit.error().sentence()));
}

bool Session::apply(const Result<level::ProjectEdit>& edit) {
    if (edit)
        apply(*edit);
    else
        say(QString::fromStdString(edit.error().sentence()));
    return edit.has_value();
}

void Session::applyProject(level::Project project, const QString& name) {
    commitGesture();
    if (project == m_project) return;
    m_history.push(project, name.toStdString(), m_level->id, m_level->cells.bounds());
    setProject(std::move(project), m_level->cells.bounds());
    Q_EMIT historyChanged();
}

void Session::showGesture(const level::LevelEdit& edit) {
    const CellRect former = m_gesture ? m_gesture->edit.touched : CellRect{};
    level::Project before = m_gesture ? std::move(m_gesture->before) : m_project;
    level::Project next = before.withLevel(edit.level);
    m_gesture = Gesture{edit, std::move(before)};
    setProject(std::move(next), former.united(edit.touched));
}

void Session::commitGesture() {
    if (!m_gesture) return;
    const Gesture gesture = *std::exchange(m_gesture, std::nullopt);
    if (m_project == gesture.before) return;
    m_history.push(m_project, gesture.edit.name, gesture.edit.level.id, gesture.edit.touched);
    Q_EMIT historyChanged();
}

void Session::cancelGesture() {
    if (!m_gesture) return;
    Gesture gesture = *std::exchange(m_gesture, std::nullopt);
    setProject(std::move(gesture.before), gesture.edit.touched);
}

const level::Level& Session::levelBeforeGesture() const {
    if (!m_gesture) return *m_level;
    for (const auto* boards : {&m_gesture->before.levels, &m_gesture->before.swatches})
        for (const auto& board : *boards)
            if (board->id == m_level->id) return *board;
    return *m_level;
}

void Session::jumpTo(const level::HistoryStep& step) {
    level::Project project = m_history.current();
    if (project.findLevel(step.level) && step.level != m_level->id) {
        m_project = std::move(project);
        chooseLevel(step.level);
    } else {
        setProject(std::move(project), step.touched);
    }
    Q_EMIT historyChanged();
}

void Session::undo() {
    if (m_gesture) return cancelGesture();
    if (m_history.canUndo()) jumpTo(m_history.undo());
}

void Session::redo() {
    if (!m_gesture && m_history.canRedo()) jumpTo(m_history.redo());
}

void Session::chooseLevel(const LevelId& id) {
    commitGesture();
    const auto level = m_project.findLevel(id);
    if (!level) return;
    if (!isOnSwatch()) m_lastLevel = m_level->id;
    m_level = level;
    m_selection = {};
    m_options.leaf = m_options.route = 0;
    m_options.skinLayer = -1;
    m_options.boardFrame.reset();
    m_options.proposal.reset();
    m_whatIf.closed.reset();
    showRun(nullptr);
    Q_EMIT levelSwitched();
    Q_EMIT selectionChanged();
}

void Session::setStep(Step step) {
    if (step == m_step) return;
    commitGesture();
    m_step = step;
    select({});
    Q_EMIT stepChanged();
    Q_EMIT toolChanged();
}

void Session::setSketchTool(SketchTool tool) {
    commitGesture();
    m_sketchTool = tool;
    if (tool != SketchTool::Select) select({});
    Q_EMIT toolChanged();
}

int Session::leafInHand() const {
    return std::min(m_options.leaf, int(m_level->sketch.leaves.size()) - 1);
}

int Session::routeInHand() const {
    const int count = int(m_level->sketch.routes.size());
    return m_options.route < count ? m_options.route : -1;
}

int Session::toolInHand() const {
    switch (m_step) {
        case Step::Sketch:
            return int(m_sketchTool);
        case Step::Shape:
            return int(m_shapeTool);
        case Step::Cast:
            return int(m_castTool);
        case Step::Prove:
            return int(m_proveTool);
        case Step::Skin:
            return int(m_skinTool);
        case Step::Ship:
            return 0;
    }
    return 0;
}

void Session::setShapeTool(ShapeTool tool) {
    commitGesture();
    m_shapeTool = tool;
    if (tool != ShapeTool::Select) select({});
    Q_EMIT toolChanged();
}

void Session::setSkinTool(SkinTool tool) {
    commitGesture();
    m_skinTool = tool;
    Q_EMIT toolChanged();
}

std::shared_ptr<const skin::Lessons> Session::lessons() const {
    const bool isCurrent = m_taught && m_taught->theme == m_level->theme &&
                           m_taught->zones == m_level->zones &&
                           m_taught->of.swatches == m_project.swatches &&
                           m_taught->of.matters.isSharedWith(m_project.matters) &&
                           m_taught->of.sheets.isSharedWith(m_project.sheets);
    if (!isCurrent)
        m_taught = {m_project, m_level->theme, m_level->zones,
                    std::make_shared<const skin::Lessons>(skin::Lessons::of(m_project, *m_level))};
    return m_taught->lessons;
}

void Session::setCastTool(CastTool tool) {
    m_castTool = tool;
    Q_EMIT toolChanged();
}

void Session::setOptions(const ToolOptions& options) {
    m_options = options;
    m_options.brushSize = std::clamp(options.brushSize, 1, 64);
    m_options.frameThickness = std::clamp(options.frameThickness, 1, 64);
    m_options.stairLength = std::clamp(options.stairLength, 1, 64);
    m_options.stairHeight = std::clamp(options.stairHeight, 1, 64);
    Q_EMIT toolChanged();
}

void Session::select(Selection selection) {
    if (selection == m_selection) return;
    m_selection = std::move(selection);
    Q_EMIT selectionChanged();
}

void Session::cleanOptions(const level::Project& former) {
    // Tiles in hand may be of a sheet that was undone.
    const int sheets = int(m_project.sheets.size());
    if (m_options.tileSheet >= sheets) m_options.tileSheet = 0;
    for (int y = 0; y < m_options.tiles.height(); ++y)
        for (int x = 0; x < m_options.tiles.width(); ++x)
            if (const level::Tile tile = m_options.tiles.at(x, y);
                tile.isShown() && tile.sheet() >= sheets)
                m_options.tiles.set(x, y, {});
    const auto last = static_cast<std::uint16_t>(m_project.matters.size() - 1);
    m_options.matter.index = std::min(m_options.matter.index, last);
    if (!m_project.findKind(m_options.kind) && !m_project.kinds.empty())
        m_options.kind = m_project.kinds[0].id;
    // Cells in hand name matters by their place in the list, which may be another one now.
    const auto isSameMatter = [](const level::Matter& a, const level::Matter& b) {
        return a.name == b.name;
    };
    const bool areCellsSame = m_project.matters.size() >= former.matters.size() &&
                              std::equal(former.matters.begin(), former.matters.end(),
                                         m_project.matters.begin(), isSameMatter);
    if (!areCellsSame) m_clip.reset();
    const auto& stamp = m_options.stamp;
    const level::Block* block = stamp ? m_project.findBlock(stamp->block) : nullptr;
    if (block)
        m_options.stamp = std::make_shared<Stamp>(Stamp{{block->cells}, block->name});
    else if (stamp && (!areCellsSame || !stamp->block.empty()))
        m_options.stamp.reset();
}

void Session::cleanSelection() {
    Selection kept = m_selection;
    if (kept.cells) kept.cells = kept.cells->clipped(m_level->cells.bounds());
    if (kept.cells && kept.cells->isEmpty()) kept.cells.reset();
    // Most edits take nobody away.
    const bool isSameCast = m_level->entities.isSameBy(
        m_cleanedCast, [](const level::Entity& e) -> const std::string& { return e.id.text; });
    m_cleanedCast = m_level->entities;
    if (!kept.entities.empty() && !isSameCast) {
        std::unordered_set<std::string_view> there;
        for (const level::Entity& entity : m_level->entities)
            there.insert(entity.id.text);
        std::erase_if(kept.entities, [&](const EntityId& id) { return !there.contains(id.text); });
    }
    std::erase_if(kept.marks, [&](level::MarkId id) { return !findMark(m_level->sketch, id); });
    if (kept.zone && !findZone(*m_level, *kept.zone)) kept.zone.reset();
    const int route = routeInHand();
    const level::Route none;
    const level::Route& inHand = route >= 0 ? m_level->sketch.routes[std::size_t(route)] : none;
    if (kept.wayPoint && *kept.wayPoint >= int(inHand.points.size())) kept.wayPoint.reset();
    if (kept.bead && *kept.bead >= int(inHand.beads.size())) kept.bead.reset();
    kept.hasUnderlay = kept.hasUnderlay && m_level->sketch.underlay;
    select(std::move(kept));
}

std::shared_ptr<const ProvenLevel> Session::proven(const LevelId& id) const {
    for (const auto& proof : m_proofs)
        if (proof->level->id == id) return proof;
    return nullptr;
}

bool Session::isProofCurrent(const LevelId& id) const {
    const auto proof = proven(id);
    return proof && proof->level == m_project.findLevel(id) &&
           haveSameRules(proof->project, m_project);
}

bool Session::isPlanCurrent(const LevelId& id) const {
    const auto proof = proven(id);
    return proof && proof->isPlanCurrent && haveSameLook(proof->project, m_project);
}

void Session::takeProof(std::shared_ptr<const ProvenLevel> proven) {
    const LevelId id = proven->level->id;
    if (!m_project.findLevel(id)) return;
    std::erase_if(m_proofs, [&](const auto& proof) { return proof->level->id == id; });
    m_proofs.push_back(std::move(proven));
    Q_EMIT proofChanged(id);
}

}  // namespace rook::app
