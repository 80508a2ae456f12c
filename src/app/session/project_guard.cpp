#include "app/session/project_guard.h"

#include <QDir>
#include <QFileInfo>
#include <QLocalSocket>
#include <QSet>
#include <QtConcurrent>

#include "app/ui/words.h"
#include "file/text_files.h"
#include "level/share.h"

namespace rook::app {

namespace {

constexpr int lookDelayMs = 250;
constexpr int lockDelayMs = 2000;
constexpr int answerMs = 500;  // of another window that is asked for

bool isText(const std::string& path) {
    return path.ends_with(".json");
}

}  // namespace

QString windowSocket(qint64 process) {
    return QStringLiteral("rookplot-%1").arg(process);
}

qsizetype TwoSides::conflictCount() const {
    return std::count_if(parts.begin(), parts.end(),
                         [](const file::ChangedPart& part) { return part.isConflict(); });
}

ProjectGuard::ProjectGuard(Document& document, Requests& requests)
    : m_document(document), m_requests(requests) {
    m_thread.setMaxThreadCount(1);
    m_timer.setSingleShot(true);
    m_timer.setInterval(lookDelayMs);
    connect(&m_timer, &QTimer::timeout, this, &ProjectGuard::look);
    connect(&m_lockTimer, &QTimer::timeout, this, &ProjectGuard::waitForLock);
    connect(&m_watcher, &QFileSystemWatcher::directoryChanged, this, &ProjectGuard::lookSoon);
    connect(&m_watcher, &QFileSystemWatcher::fileChanged, this, &ProjectGuard::lookSoon);
    connect(&document, &Document::opened, this, &ProjectGuard::startProject);
    connect(&document, &Document::folderChanged, this, &ProjectGuard::startProject);
}

ProjectGuard::~ProjectGuard() = default;

void ProjectGuard::startProject() {
    ++m_project;
    m_isLooking = false;
    m_sides.reset();
    m_broken.reset();
    m_lock.reset();
    m_holder.reset();
    if (m_isOff) return;
    takeLock();
    watch();
    // Somebody may have saved between the reading and the lock.
    if (!m_document.folder().isEmpty()) lookSoon();
    Q_EMIT changed();
}

void ProjectGuard::takeLock() {
    m_lockTimer.stop();
    if (m_document.folder().isEmpty()) return m_document.setLookOnly({});
    auto taken = file::takeLock(m_document.folder().toStdString());
    if (taken && std::holds_alternative<file::LockHolder>(*taken)) {
        m_holder = std::get<file::LockHolder>(*taken);
        m_document.setLookOnly(tr("Another window works on this project: here one can only look."));
        return m_lockTimer.start(lockDelayMs);
    }
    // Where no lock can be had nothing can be written, either.
    if (taken) m_lock = std::move(std::get<std::unique_ptr<file::ProjectLock>>(*taken));
    m_document.setLookOnly({});
    if (m_lock) m_lockTimer.start(file::ProjectLock::touchEverySeconds * 1000);
}

/// The window that had the project is gone: it is opened again, as that one left it.
void ProjectGuard::waitForLock() {
    if (m_lock) return m_lock->touch();
    auto taken = file::takeLock(m_document.folder().toStdString());
    if (!taken || std::holds_alternative<file::LockHolder>(*taken)) return;
    taken = file::LockHolder();  // opening takes it
    const LevelId level = m_document.level()->id;
    if (const auto opened = m_document.open(m_document.folder()); !opened)
        return m_requests.say(told(opened.error()));
    m_document.chooseLevel(level);
    m_requests.say(tr("The other window has left this project: it is yours now."));
}

void ProjectGuard::goToHolder() {
    if (!m_holder) return;
    const auto sayWhyNot = [this, holder = *m_holder] {
        m_requests.say(tr("That window does not answer. It is process %1 on %2.")
                           .arg(holder.process)
                           .arg(holder.host.empty() ? tr("this machine")
                                                    : QString::fromStdString(holder.host)));
    };
    if (!m_holder->isHere || m_holder->process <= 0) return sayWhyNot();
    auto* socket = new QLocalSocket(this);
    connect(socket, &QLocalSocket::connected, socket, [socket] {
        socket->write("front");
        socket->disconnectFromServer();
    });
    connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
    connect(socket, &QLocalSocket::errorOccurred, socket, [socket, sayWhyNot] {
        sayWhyNot();
        socket->deleteLater();
    });
    QTimer::singleShot(answerMs, socket, [socket, sayWhyNot] {
        if (socket->state() == QLocalSocket::ConnectingState) sayWhyNot();
        socket->deleteLater();
    });
    socket->connectToServer(windowSocket(m_holder->process));
}

/// Files that are replaced are forgotten by the watcher, so it is told anew. What it knows stays:
/// news of a path that is taken out for a moment would be lost.
void ProjectGuard::watch() {
    const QString folder = m_document.folder();
    QSet<QString> wanted;
    if (!folder.isEmpty()) wanted << folder;
    for (const auto& [path, state] : m_document.filesOnDisk()) {
        const QString whole = folder + u'/' + QString::fromStdString(path);
        wanted << whole << QFileInfo(whole).path();
    }
    const QStringList list = m_watcher.files() + m_watcher.directories();
    const QSet<QString> watched(list.begin(), list.end());
    if (const auto former = watched - wanted; !former.isEmpty())
        m_watcher.removePaths(former.values());
    QStringList fresh = (wanted - watched).values();
    fresh.removeIf([](const QString& path) { return !QFileInfo::exists(path); });
    if (!fresh.isEmpty()) m_watcher.addPaths(fresh);
}

ProjectGuard::Outside ProjectGuard::read(const QString& folder, const file::FileStates& states,
                                         const level::Project& saved) {
    file::Storage& disk = file::diskStorage();
    const file::Path path = folder.toStdString();
    Outside outside{file::changedFiles(disk, path, states), states, saved};
    if (outside.files.empty()) return outside;
    outside.states.clear();
    outside.theirs = file::openProject(disk, path, outside.states);
    if (!outside.theirs) {
        outside.states = states;
        file::noteStates(disk, path, outside.states);
        return outside;
    }
    outside.theirs = level::Sharing(saved).of(*outside.theirs);
    return outside;
}

void ProjectGuard::look() {
    if (m_isOff || m_document.folder().isEmpty()) return;
    if (m_isLooking || m_isSaving || m_document.isLookingAtOther()) return m_timer.start();
    m_isLooking = true;
    const file::FileStates states = m_sides    ? m_sides->states
                                    : m_broken ? m_broken->states
                                               : m_document.filesOnDisk();
    QtConcurrent::run(&m_thread, [folder = m_document.folder(), states,
                                  saved = m_document.saved()] {
        return read(folder, states, saved);
    }).then(this, [this, number = m_project, count = m_saves](Outside outside) {
        if (number != m_project) return;
        m_isLooking = false;
        // A save of our own went on beside: what was read may be of either.
        if (count != m_saves) return lookSoon();
        take(std::move(outside));
    });
}

void ProjectGuard::take(Outside outside) {
    watch();
    if (outside.files.empty()) return;
    // What changed while this was read is seen the next time, whatever the watcher told.
    lookSoon();
    if (!outside.theirs) {
        m_sides.reset();
        m_broken = {outside.theirs.error(), std::move(outside.states)};
        return Q_EMIT changed();
    }
    m_broken.reset();
    m_sides.reset();
    if (std::any_of(outside.files.begin(), outside.files.end(),
                    [](const std::string& path) { return !isText(path); }))
        m_document.readPicturesAgain();
    m_document.commitGesture();
    compare(std::move(outside));
}

/// What a worker gives for the value as it is; once more if that became another one meanwhile. A
/// project that was opened or saved, or files that were looked at since, end it.
template <typename Work, typename Done>
void ProjectGuard::compute(Work work, Done done) {
    const level::Project mine = m_document.project();
    QtConcurrent::run(&m_thread, [mine, work] { return work(mine); })
        .then(this, [this, mine, work, done, number = m_project,
                     count = m_saves](std::invoke_result_t<Work, const level::Project&> result) {
            if (number != m_project || count != m_saves) {
                m_isLooking = false;
                return lookSoon();
            }
            if (!mine.sharesAllWith(m_document.project())) {
                m_document.commitGesture();
                return compute(work, done);
            }
            done(std::move(result));
        });
}

void ProjectGuard::compare(Outside outside) {
    m_isLooking = true;
    const auto shared = std::make_shared<const Outside>(std::move(outside));
    compute(
        [saved = m_document.saved(), shared](const level::Project& mine) {
            return file::changedParts(saved, mine, *shared->theirs);
        },
        [this, shared](std::vector<file::ChangedPart> parts) {
            m_isLooking = false;
            takeParts(*shared, std::move(parts));
        });
}

void ProjectGuard::takeParts(const Outside& outside, std::vector<file::ChangedPart> parts) {
    const auto isTheirs = [](const file::ChangedPart& part) { return part.isTheirs; };
    const auto theirs = std::count_if(parts.begin(), parts.end(), isTheirs);
    m_sides = TwoSides{*outside.theirs, outside.states, std::move(parts)};
    if (m_sides->conflictCount() == 0) {
        const TwoSides sides = *m_sides;
        if (theirs == 0) {
            m_document.takeStates(sides.states);
        } else if (m_document.isModified()) {
            return join({});
        } else {
            takeTheirs(sides.theirs, sides.states, std::size_t(theirs));
        }
        m_sides.reset();
    }
    Q_EMIT changed();
}

/// Nothing was changed here: what is on the disk is read anew.
void ProjectGuard::takeTheirs(const level::Project& theirs, const file::FileStates& states,
                              std::size_t parts) {
    m_document.takeFromDisk(theirs, theirs, states);
    m_requests.say(
        parts == 1
            ? tr("Read again from the disk: one part had changed there.")
            : tr("Read again from the disk: %1 parts had changed there.").arg(qulonglong(parts)));
}

void ProjectGuard::join(const std::map<std::string, file::Whose>& choices) {
    if (!m_sides || m_isLooking) return;
    m_isLooking = true;
    compute(
        [folder = file::Path(m_document.folder().toStdString()), saved = m_document.saved(),
         theirs = m_sides->theirs, choices](const level::Project& mine) -> Result<level::Project> {
            auto joined =
                file::joinSides(file::diskStorage(), folder, saved, mine, theirs, choices);
            if (joined) *joined = level::Sharing(theirs).of(*joined);
            return joined;
        },
        [this](const Result<level::Project>& joined) {
            m_isLooking = false;
            takeJoined(joined);
        });
}

void ProjectGuard::takeJoined(const Result<level::Project>& joined) {
    if (!joined) {
        m_requests.say(told(joined.error()) + u' ' + tr("Choose otherwise."));
        return Q_EMIT changed();
    }
    const TwoSides sides = *std::exchange(m_sides, std::nullopt);
    m_document.takeFromDisk(*joined, sides.theirs, sides.states);
    m_requests.say(
        tr("What changed on the disk is in; undo takes it out again. Nothing is saved "
           "yet."));
    Q_EMIT changed();
}

void ProjectGuard::keepMine() {
    if (!m_broken) return;
    m_document.forgetSaved(m_broken->states);
    m_broken.reset();
    m_requests.say(tr("The next save writes over them."));
    Q_EMIT changed();
}

}  // namespace rook::app
