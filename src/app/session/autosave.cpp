#include "app/session/autosave.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>
#include <QtConcurrent>

#include "app/ui/words.h"
#include "file/hash.h"
#include "level/share.h"

namespace rook::app {

namespace {

/// Below the state folder of the desktop.
QString stateFolder() {
    QString state = qEnvironmentVariable("XDG_STATE_HOME");
    if (!QDir::isAbsolutePath(state)) state = QDir::homePath() + QStringLiteral("/.local/state");
    return state + QStringLiteral("/rookplot/kept");
}

/// Of a project in a folder where nothing can be written.
file::Path awayFrom(const QString& folder) {
    return file::Path(stateFolder().toStdString()) /
           ("of-" + file::sha256(folder.toStdString()).substr(0, 16));
}

file::Path beside(const QString& folder) {
    return file::Path(folder.toStdString()) / ".rookplot" / "kept";
}

/// False where a link lies in wait that would lead out of the project.
bool isSafeBeside(const QString& folder) {
    const file::Path root = folder.toStdString();
    return file::pathInside(root, ".rookplot/kept/index.json") &&
           file::pathInside(root, ".rookplot/kept/parts");
}

/// Null if another window has it, or nobody can.
std::unique_ptr<file::ProjectLock> lockOf(const file::Path& folder) {
    auto lock = file::takeLock(folder);
    if (!lock || !std::holds_alternative<std::unique_ptr<file::ProjectLock>>(*lock)) return nullptr;
    return std::move(std::get<std::unique_ptr<file::ProjectLock>>(*lock));
}

std::int64_t timeOf(const QString& folder) {
    const QFileInfo info(folder + QStringLiteral("/rookplot.json"));
    return info.exists() ? info.lastModified().toSecsSinceEpoch() : 0;
}

/// What is kept, sharing with what is saved all that is the same, so that undoing back to it is
/// seen. Nothing if there is nothing, or nothing but what is saved.
Result<std::optional<KeptOffer>> readOffer(const file::Path& folder,
                                           const std::optional<file::Path>& project,
                                           const level::Project& saved) {
    auto work = file::readKeptWork(file::diskStorage(), folder, project);
    if (!work) return fail(work.error());
    if (!*work) return std::optional<KeptOffer>();
    KeptOffer offer{std::move(**work), {}, false};
    level::Sharing sharing(saved);
    std::vector<level::HistoryStep> steps;
    for (const auto& held : offer.work.history.steps()) {
        steps.push_back(*held.step);
        steps.back().project = sharing.of(steps.back().project);
    }
    const bool isOfHistory = offer.work.current == offer.work.history.current();
    offer.work.history = level::History::restored(std::move(steps), offer.work.history.position());
    offer.work.current =
        isOfHistory ? offer.work.history.current() : sharing.of(offer.work.current);
    offer.work.saved = sharing.of(offer.work.saved);
    offer.parts = file::changedParts(offer.work.saved, offer.work.current, saved);
    const auto isMine = [](const file::ChangedPart& part) { return part.isMine; };
    if (std::none_of(offer.parts.begin(), offer.parts.end(), isMine))
        return std::optional<KeptOffer>();
    return std::optional(std::move(offer));
}

}  // namespace

Autosave::Autosave(Document& document, ProjectGuard& guard, Requests& requests)
    : m_document(document), m_guard(guard), m_requests(requests) {
    m_thread.setMaxThreadCount(1);
    m_timer.setSingleShot(true);
    m_timer.setInterval(delayMs);
    connect(&m_timer, &QTimer::timeout, this, &Autosave::write);
    connect(&document, &Document::opened, this, &Autosave::startProject);
    connect(&document, &Document::folderChanged, this, &Autosave::startSaved);
    connect(&document, &Document::valueTaken, this, &Autosave::note);
    connect(&document, &Document::historyChanged, this, &Autosave::note);
}

Autosave::~Autosave() = default;

QString Autosave::folder() const {
    return m_keeper ? QString::fromStdString(m_keeper->folder().string()) : QString();
}

/// Another project: what was kept of the former one was saved or given up.
void Autosave::startProject() {
    // What nobody decided about stays, and is offered again.
    if (!m_offer) drop();
    m_hasKept = false;
    ++m_project;
    m_keeper.reset();
    m_lock.reset();
    m_error.reset();
    m_isAgain = false;
    m_timer.stop();
    if (m_offer) {
        m_offer.reset();
        Q_EMIT offerChanged();
    }
    // What another window keeps of the project that it works on is its own.
    const QString folder = m_document.folder();
    if (m_isOff || folder.isEmpty() || !m_document.mayEdit()) return;
    const bool isSafe = isSafeBeside(folder);
    for (const file::Path& place : {isSafe ? beside(folder) : awayFrom(folder), awayFrom(folder)})
        if (file::diskStorage().exists(place / "index.json")) return find(place);
}

/// The same project in another folder.
void Autosave::startSaved() {
    if (m_offer) {
        // The value on the board was saved elsewhere; what was offered stays where it is.
        m_document.endLooking(historyOnBoard(*std::exchange(m_offer, std::nullopt)));
        Q_EMIT offerChanged();
    } else {
        drop();
    }
    m_hasKept = false;
    m_keeper.reset();
    m_lock.reset();
}

/// Reads on the thread what was kept in a folder. Until that is known nothing is changed, as it
/// would be kept in its place.
void Autosave::find(const file::Path& folder) {
    m_document.setLookOnly(tr("What was kept of this project is being read."));
    QtConcurrent::run(
        &m_thread,
        [folder, project = m_document.folder().toStdString(), saved = m_document.saved()] {
            return readOffer(folder, file::Path(project), saved);
        })
        .then(this,
              [this, folder, number = m_project](const Result<std::optional<KeptOffer>>& found) {
                  if (number != m_project) return;
                  m_document.setLookOnly({});
                  if (!found) return putAside(folder, found.error());
                  if (!*found) return;
                  m_keeper = std::make_shared<file::WorkKeeper>(file::diskStorage(), folder);
                  m_hasKept = true;
                  m_offer = **found;
                  lookAtKept(true);
              });
}

/// What cannot be read now may be readable later, and is not written over.
void Autosave::putAside(const file::Path& folder, const Error& error) {
    const file::Path place = file::realPath(folder);
    const file::Path aside = place.parent_path() / file::freshName("unread-");
    const auto done = file::diskStorage().rename(place, aside);
    m_requests.say(
        told(error) + u' ' +
        (done ? tr("It lies in %1.").arg(QString::fromStdString(aside.string())) : QString()));
}

void Autosave::offerUnsaved() {
    const QDir folder(stateFolder());
    const auto all = folder.entryInfoList({QStringLiteral("new-*")}, QDir::Dirs, QDir::Time);
    for (const QFileInfo& info : all) {
        const file::Path path = info.absoluteFilePath().toStdString();
        auto lock = lockOf(path);
        if (!lock) continue;
        const auto found = readOffer(path, std::nullopt, m_document.saved());
        if (!found || !*found) continue;
        m_lock = std::move(lock);
        m_keeper = std::make_shared<file::WorkKeeper>(file::diskStorage(), path);
        m_hasKept = true;
        m_offer = **found;
        return lookAtKept(true);
    }
}

void Autosave::lookAtKept(bool isKept) {
    if (!m_offer) return;
    m_offer->isOnBoard = isKept;
    m_document.lookAt(isKept ? m_offer->work.current : m_document.saved(),
                      tr("Decide first: go on with what was kept, or with what was saved."));
    Q_EMIT offerChanged();
}

/// The history that was kept, up to the value on the board: the other one is one undo away.
level::History Autosave::historyOnBoard(const KeptOffer& offer) const {
    level::History history = offer.work.history;
    const LevelId here = m_document.level()->id;
    const CellRect board = m_document.level()->cells.bounds();
    if (!history.current().sharesAllWith(offer.work.current))
        history.push(offer.work.current, tr("Draw").toStdString(), here, board);
    if (!offer.isOnBoard)
        history.push(m_document.saved(), tr("Go on with what was saved").toStdString(), here,
                     board);
    return history;
}

void Autosave::goOn() {
    if (!m_offer) return;
    const KeptOffer offer = *std::exchange(m_offer, std::nullopt);
    m_document.endLooking(historyOnBoard(offer));
    // What changed on the disk since then is to be seen, too, and not to be written over.
    const auto isTheirs = [](const file::ChangedPart& part) { return part.isTheirs; };
    if (offer.isOnBoard && std::any_of(offer.parts.begin(), offer.parts.end(), isTheirs)) {
        m_document.takeFormerSaved(offer.work.saved);
        m_guard.lookSoon();
    }
    Q_EMIT offerChanged();
}

void Autosave::note() {
    if (m_isOff || m_offer || !m_document.mayEdit()) return;
    if (m_isWriting)
        m_isAgain = true;
    else if (!m_timer.isActive())
        m_timer.start();
}

file::KeptWork Autosave::work() const {
    file::KeptWork work;
    work.history = m_document.history();
    work.current = m_document.project();
    work.saved = m_document.saved();
    work.savedAt = m_document.folder().isEmpty() ? 0 : timeOf(m_document.folder());
    work.keptAt = QDateTime::currentSecsSinceEpoch();
    work.folder = m_document.folder().toStdString();
    return work;
}

void Autosave::chooseFolder(bool isBesideProject) {
    const QString folder = m_document.folder();
    m_lock.reset();
    file::Path place = beside(folder);
    if (folder.isEmpty() || !isBesideProject || !isSafeBeside(folder)) {
        const file::Path fresh = file::Path(stateFolder().toStdString()) / file::freshName("new-");
        place = folder.isEmpty() ? fresh : awayFrom(folder);
        m_lock = lockOf(place);
        if (!m_lock) m_lock = lockOf(place = fresh);
    }
    m_keeper = std::make_shared<file::WorkKeeper>(file::diskStorage(), place);
}

void Autosave::write() {
    if (m_offer || !m_document.mayEdit()) return;
    if (!m_document.isModified()) {
        drop();
        Q_EMIT kept();
        return;
    }
    if (!m_keeper) chooseFolder(true);
    m_isWriting = true;
    m_hasKept = true;
    QtConcurrent::run(&m_thread, [keeper = m_keeper, work = work()] {
        return keeper->keep(work);
    }).then(this, [this, keeper = m_keeper](const Result<void>& done) {
        m_isWriting = false;
        const bool isOurs = keeper == m_keeper;
        if (done && isOurs) m_error.reset();
        if (!done && isOurs) {
            // Told once, and not with every stroke.
            if (!m_error) m_requests.say(told(done.error()));
            m_error = done.error();
            // Where nothing can be written beside the project, it is kept away from it.
            const bool wasBeside = keeper->folder() == beside(m_document.folder());
            if (wasBeside && !m_document.folder().isEmpty()) {
                chooseFolder(false);
                m_isAgain = true;
            }
        }
        if (std::exchange(m_isAgain, false)) m_timer.start();
        Q_EMIT kept();
    });
}

void Autosave::keepNow() {
    m_document.commitGesture();
    m_thread.waitForDone();
    if (m_isOff || m_offer || !m_document.mayEdit() || !m_document.isModified()) return;
    if (!m_keeper) chooseFolder(true);
    if (m_keeper->keep(work()) || m_document.folder().isEmpty()) return;
    chooseFolder(false);
    if (const auto done = m_keeper->keep(work()); !done) m_error = done.error();
}

void Autosave::drop() {
    if (!m_keeper || !m_hasKept) return;
    m_hasKept = false;
    // Of a project that was never saved the folder goes, too.
    const bool isOurs = m_lock != nullptr;
    QtConcurrent::run(&m_thread, [keeper = m_keeper, isOurs] {
        const auto dropped = keeper->drop();
        if (!dropped) return dropped;
        return isOurs ? file::diskStorage().remove(keeper->folder()) : dropped;
    }).then(this, [this](const Result<void>& done) {
        if (!done) m_error = done.error();
    });
    if (isOurs) m_keeper.reset();
    m_lock.reset();
}

void Autosave::forget() {
    m_timer.stop();
    // What was kept and not decided about is still wanted.
    if (!m_offer) drop();
    m_thread.waitForDone();
}

}  // namespace rook::app
