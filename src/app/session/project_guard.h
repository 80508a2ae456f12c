#pragma once
/// Two windows, and changes from outside: who may write the project, what its files hold, and what
/// is to be done when somebody else changed them.
///
/// The window that opens a project first holds its lock; another one looks only, and takes over
/// when the first is gone. Files are watched, and compared by content before every save. What
/// changed is read anew; where the window changed the same, somebody chooses.

#include <QFileSystemWatcher>
#include <QObject>
#include <QThreadPool>
#include <QTimer>

#include "app/session/document.h"
#include "file/project_lock.h"
#include "file/two_sides.h"

namespace rook::app {

/// A project that changed on the disk and in the window, and waits for a choice.
struct TwoSides {
    level::Project theirs;
    file::FileStates states;  ///< of theirs
    std::vector<file::ChangedPart> parts;
    [[nodiscard]] qsizetype conflictCount() const;
};

/// Files that changed and cannot be read.
struct BrokenOutside {
    Error error;
    file::FileStates states;  ///< of what is there now
};

class ProjectGuard : public QObject {
    Q_OBJECT

public:
    ProjectGuard(Document& document, Requests& requests);
    ~ProjectGuard() override;

    /// For windows that nobody works in: no lock is taken, and nothing watched.
    void switchOff() { m_isOff = true; }

    /// The window that has the project; none if it is this one, or nobody can have it.
    [[nodiscard]] const std::optional<file::LockHolder>& holder() const { return m_holder; }
    /// Asks that window to come to the front. Says why if it does not answer.
    void goToHolder();

    /// Looks at the disk soon, as when the window becomes active.
    void lookSoon() { m_timer.start(); }
    /// Null while there is nothing to choose.
    [[nodiscard]] const TwoSides* twoSides() const { return m_sides ? &*m_sides : nullptr; }
    /// By path; conflicts that are not named are of mine. Begins on a worker; says why not if the
    /// parts do not fit.
    void join(const std::map<std::string, file::Whose>& choices);
    [[nodiscard]] const BrokenOutside* broken() const { return m_broken ? &*m_broken : nullptr; }
    /// What is here is to be saved over files that cannot be read.
    void keepMine();
    /// A save of this window begins or ends: what it changes is no news.
    void setSaving(bool isSaving) {
        m_isSaving = isSaving;
        ++m_saves;
    }
    /// True while nothing is under way.
    [[nodiscard]] bool isIdle() const { return !m_isLooking && !m_timer.isActive(); }

Q_SIGNALS:
    void changed();

private:
    struct Outside {
        std::vector<std::string> files;
        file::FileStates states;
        Result<level::Project> theirs;
    };
    void startProject();
    void watch();
    void takeLock();
    void waitForLock();
    void look();
    void take(Outside outside);
    template <typename Work, typename Done>
    void compute(Work work, Done done);
    void compare(Outside outside);
    void takeParts(const Outside& outside, std::vector<file::ChangedPart> parts);
    void takeJoined(const Result<level::Project>& joined);
    void takeTheirs(const level::Project& theirs, const file::FileStates& states,
                    std::size_t parts);
    [[nodiscard]] static Outside read(const QString& folder, const file::FileStates& states,
                                      const level::Project& saved);

    Document& m_document;
    Requests& m_requests;
    std::unique_ptr<file::ProjectLock> m_lock;
    std::optional<file::LockHolder> m_holder;
    std::optional<TwoSides> m_sides;
    std::optional<BrokenOutside> m_broken;
    QFileSystemWatcher m_watcher;
    QTimer m_timer;      ///< from a change on the disk to the look at it
    QTimer m_lockTimer;  ///< touches the lock, or tries to get it
    bool m_isOff = false;
    bool m_isLooking = false;  ///< or comparing, or joining: on a worker
    bool m_isSaving = false;
    int m_saves = 0;  ///< begun and ended
    int m_project = 0;
    QThreadPool m_thread;  ///< last, so that no job outlives the rest
};

/// The name under which a window can be asked to come to the front, by its process.
[[nodiscard]] QString windowSocket(qint64 process);

}  // namespace rook::app
