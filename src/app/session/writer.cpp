#include "app/session/writer.h"

#include <QCoreApplication>
#include <QtConcurrent>

#include "file/project_file.h"

namespace rook::app {

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

Writer::Writer(Document& document, Proofs& proofs, Requests& requests)
    : m_document(document), m_proofs(proofs), m_requests(requests) {
    m_thread.setMaxThreadCount(1);
    connect(&document, &Document::opened, this, [this] {
        m_lastExport.clear();
        m_exported.reset();
        m_exportError.reset();
    });
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

void Writer::saveInBackground(const QString& folder) {
    m_document.commitGesture();
    std::optional<level::Project> former;
    if (folder == m_document.folder() && !isWriting()) former = m_document.saved();
    write([project = withProofs(m_document, m_proofs), home = m_document.folder(), former,
           folder] { return writeProject(project, home, folder, former ? &*former : nullptr); },
          [this, project = m_document.project(), folder](const Result<void>& outcome) {
              m_lastSave = outcome;
              if (!outcome)
                  return m_requests.say(QString::fromStdString(outcome.error().sentence()));
              m_document.takeSaved(project, folder);
              m_requests.say(tr("Saved to %1.").arg(folder));
          });
}

void Writer::exportInBackground(const QString& target) {
    m_document.commitGesture();
    write(
        [project = m_document.project(), folder = m_document.folder(), target] {
            return file::exportBundle(file::diskStorage(), project, folder.toStdString(),
                                      target.toStdString());
        },
        [this,
         project = m_document.project()](const Result<std::vector<file::WrittenFile>>& written) {
            m_exportError.reset();
            if (!written) {
                m_exportError = written.error();
                return m_requests.say(QString::fromStdString(written.error().sentence()));
            }
            m_lastExport = *written;
            m_exported = project;
            m_requests.say(tr("Exported the bundle."));
        });
}

void Writer::waitForWriting() {
    m_thread.waitForDone();
    while (isWriting())
        QCoreApplication::processEvents(QEventLoop::ExcludeUserInputEvents, 10);
}

bool Writer::isExportCurrent() const {
    return m_exported && m_exported->sharesAllWith(m_document.project());
}

}  // namespace rook::app
