#pragma once
/// Saves, on one thread, one job after the other.

#include <QObject>
#include <QThreadPool>

#include "app/session/project_guard.h"
#include "app/session/proofs.h"

namespace rook::app {

class Writer : public QObject {
    Q_OBJECT

public:
    Writer(Document& document, Proofs& proofs, ProjectGuard& guard, Requests& requests);

    /// `saveInBackground`, and waits for it while the window is painted but takes no input; for
    /// closing.
    [[nodiscard]] Result<void> save(const QString& folder);
    /// Writes the value of now; what came of it is said, and `ended` follows.
    void saveInBackground(const QString& folder);
    [[nodiscard]] bool isWriting() const { return m_jobs > 0; }
    void waitForWriting();

Q_SIGNALS:
    void ended();

private:
    /// Why nothing may be written to a folder now.
    [[nodiscard]] Result<void> mayWriteTo(const QString& folder) const;
    template <typename Work, typename Take>
    void write(Work work, Take take);

    Document& m_document;
    Proofs& m_proofs;
    ProjectGuard& m_guard;
    Requests& m_requests;
    Result<void> m_lastSave;
    bool m_isSaving = false;
    std::optional<QString> m_saveAgain;  ///< the folder, when the save under way has ended
    int m_jobs = 0;                      ///< waiting or under way
    QThreadPool m_thread;                ///< last, so that no job outlives the rest
};

}  // namespace rook::app
