#pragma once
/// Keeps the work of a window that is not saved yet, and offers it again after a kill.
///
/// A moment after each change the value and its history go to the folder `.rookplot/kept` of the
/// project; where nothing can be written there, or the project has no folder yet, to one below the
/// user's state folder. When there is nothing unsaved any more, that is emptied. What was found
/// there at opening is offered: until somebody decides, the project is only looked at, and what was
/// kept stays as it is.

#include <QObject>
#include <QThreadPool>
#include <QTimer>

#include "app/session/project_guard.h"
#include "file/kept_work.h"
#include "file/project_lock.h"
#include "file/two_sides.h"

namespace rook::app {

/// What was kept, beside what the folder holds.
struct KeptOffer {
    file::KeptWork work;
    /// Of the work, and of what the disk holds now, since the work was begun.
    std::vector<file::ChangedPart> parts;
    bool isOnBoard = false;  ///< it is what one looks at
};

class Autosave : public QObject {
    Q_OBJECT

public:
    Autosave(Document& document, ProjectGuard& guard, Requests& requests);
    ~Autosave() override;

    /// For windows that nobody works in: nothing is kept, and nothing offered.
    void switchOff() { m_isOff = true; }

    /// Null while there is nothing to decide.
    [[nodiscard]] const KeptOffer* offer() const { return m_offer ? &*m_offer : nullptr; }
    /// Puts what was kept, or what was saved, on the board to be looked at.
    void lookAtKept(bool isKept);
    /// Goes on with what is on the board. The other one is one undo away.
    void goOn();
    /// Offers the newest work of a project that was never saved and that no window has, if there is
    /// one. Requires: the window has a new project.
    void offerUnsaved();

    /// Keeps what there is now and waits for it; for signals.
    void keepNow();
    /// Nothing is to be kept any more: it was saved, or given up. Waits for it.
    void forget();
    /// Where it is kept; empty if nowhere yet.
    [[nodiscard]] QString folder() const;
    /// Why it cannot be kept, if it cannot.
    [[nodiscard]] const std::optional<Error>& error() const { return m_error; }
    /// False while something changed that is not kept yet.
    [[nodiscard]] bool isKept() const { return !m_timer.isActive() && !m_isWriting && !m_isAgain; }

    /// Milliseconds from a change to the writing.
    static constexpr int delayMs = 150;

Q_SIGNALS:
    void offerChanged();
    void kept();  ///< or dropped, or refused

private:
    using Keeper = std::shared_ptr<file::WorkKeeper>;
    void startProject();
    void startSaved();
    void note();
    void write();
    [[nodiscard]] file::KeptWork work() const;
    void chooseFolder(bool isBesideProject);
    void find(const file::Path& folder);
    void putAside(const file::Path& folder, const Error& error);
    [[nodiscard]] level::History historyOnBoard(const KeptOffer& offer) const;
    void drop();

    Document& m_document;
    ProjectGuard& m_guard;
    Requests& m_requests;
    Keeper m_keeper;
    std::unique_ptr<file::ProjectLock> m_lock;  ///< of a folder below the state folder
    std::optional<KeptOffer> m_offer;
    std::optional<Error> m_error;
    bool m_isOff = false;
    bool m_isWriting = false;
    bool m_isAgain = false;  ///< something changed while it was written
    bool m_hasKept = false;  ///< there is something to drop
    int m_project = 0;       ///< counts projects: what was begun for a former one is left
    QTimer m_timer;
    QThreadPool m_thread;  ///< last, so that no job outlives the rest
};

}  // namespace rook::app
