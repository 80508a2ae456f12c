#include "app/session/writer.h"

#include <QCoreApplication>
#include <QtConcurrent>

#include "app/ui/words.h"
#include "file/project_file.h"
#include "file/text_files.h"

namespace rook::app {

namespace {

struct Save {
    level::Project project;
    QString home;  ///< where it lives; empty if nowhere yet
    QString folder;
    std::optional<level::Project> former;
    file::FileStates states;  ///< of the folder, if it is the home
};

/// Gives what the files hold afterwards.
Result<file::FileStates> writeProject(const Save& save) {
    file::Storage& storage = file::diskStorage();
    const file::Path folder = save.folder.toStdString();
    file::FileStates states = save.states;
    if (save.home == save.folder) {
        const auto changed = file::changedFiles(storage, folder, states);
        if (!changed.empty())
            return fail(ErrorKind::NotApplicable,
                        "Somebody else changed this file: nothing was saved", changed[0],
                        "Look at what changed, above the board, and save again");
    } else if (!save.home.isEmpty()) {
        const auto copied = copySheets(storage, save.home.toStdString(), folder, save.project);
        if (!copied) return fail(copied.error());
        for (const std::string& image : file::imagesOf(save.project))
            states[image];
        file::noteStates(storage, folder, states);
    }
    const auto saved = file::saveProject(storage, folder, save.project,
                                         save.former ? &*save.former : nullptr, &states);
    if (!saved) return fail(saved.error());
    return states;
}

/// The project with the runs that were found to get to its exits; they are saved with it.
level::Project withProofs(const Document& document, const Proofs& proofs) {
    level::Project project = document.project();
    for (auto& board : project.levels) {
        const auto proof = proofs.of(board->id);
        const bool isOfNow = proof && proof->isAnalysisCurrent && proof->analysisOf == board;
        if (!isOfNow || !proof->analysis->proof.run) continue;
        level::KeptRun run =
            reach::keptRunOf(*proof->analysis->proof.run, {}, proof->analysis->proof.exit);
        if (board->proof == run) continue;
        level::Level with = *board;
        with.proof = std::move(run);
        board = std::make_shared<const level::Level>(std::move(with));
    }
    return project;
}

}  // namespace

Writer::Writer(Document& document, Proofs& proofs, ProjectGuard& guard, Requests& requests)
    : m_document(document), m_proofs(proofs), m_guard(guard), m_requests(requests) {
    m_thread.setMaxThreadCount(1);
}

Result<void> Writer::save(const QString& folder) {
    saveInBackground(folder);
    waitForWriting();
    return m_lastSave;
}

/// Runs `work` on the thread and hands its result to `take` on the interface thread.
template <typename Work, typename Take>
void Writer::write(Work work, Take take) {
    ++m_jobs;
    QtConcurrent::run(&m_thread, std::move(work))
        .then(this, [this, take](const std::invoke_result_t<Work>& outcome) {
            --m_jobs;
            take(outcome);
            Q_EMIT ended();
        });
}

Result<void> Writer::mayWriteTo(const QString& folder) const {
    const std::string where = folder.toStdString();
    if (folder == m_document.folder()) {
        if (!m_document.mayEdit())
            return fail(ErrorKind::NotApplicable, "This window only looks at the project", where,
                        "Save it as another one, or decide above the board");
        if (m_guard.twoSides() || m_guard.broken())
            return fail(ErrorKind::NotApplicable, "Files of the project changed on the disk", where,
                        "Choose above the board, and save again");
        return {};
    }
    if (!file::diskStorage().exists(file::Path(where) / ".rookplot")) return {};
    const auto lock = file::takeLock(where);
    if (lock && std::holds_alternative<file::LockHolder>(*lock))
        return fail(ErrorKind::NotApplicable, "Another window works on that project", where,
                    "Choose another folder");
    return {};
}

void Writer::saveInBackground(const QString& folder) {
    m_document.commitGesture();
    // What the files hold is known when the former save has ended.
    if (m_isSaving) {
        m_saveAgain = folder;
        return;
    }
    if (m_lastSave = mayWriteTo(folder); !m_lastSave)
        return m_requests.say(told(m_lastSave.error()));
    Save save{withProofs(m_document, m_proofs), m_document.folder(), folder, {}, {}};
    if (folder == m_document.folder()) {
        save.former = m_document.saved();
        save.states = m_document.filesOnDisk();
    }
    m_isSaving = true;
    m_guard.setSaving(true);
    write([save] { return writeProject(save); },
          [this, project = m_document.project(), folder](const Result<file::FileStates>& outcome) {
              m_isSaving = false;
              m_guard.setSaving(false);
              m_lastSave = outcome ? Result<void>() : fail(outcome.error());
              if (!outcome) {
                  m_requests.say(told(outcome.error()));
                  m_saveAgain.reset();
                  return m_guard.lookSoon();
              }
              m_document.takeSaved(project, folder, *outcome);
              m_requests.say(tr("Saved to %1.").arg(folder));
              if (const auto again = std::exchange(m_saveAgain, std::nullopt))
                  saveInBackground(*again);
          });
}

void Writer::waitForWriting() {
    m_thread.waitForDone();
    while (isWriting())
        QCoreApplication::processEvents(QEventLoop::ExcludeUserInputEvents, 10);
}

}  // namespace rook::app
