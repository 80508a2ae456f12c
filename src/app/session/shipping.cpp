#include "app/session/shipping.h"

#include <QtConcurrent>
#include "app/ui/words.h"

namespace rook::app {

Shipping::Shipping(Document& document, Requests& requests)
    : m_document(document), m_requests(requests) {
    m_thread.setMaxThreadCount(1);
    m_soon.setSingleShot(true);
    m_soon.setInterval(400);
    connect(&m_soon, &QTimer::timeout, this, [this] { lookAtNext(); });
    // How far it is, while it is under way.
    m_tick.setInterval(200);
    connect(&m_tick, &QTimer::timeout, this, [this] { Q_EMIT changed(); });
    connect(&document, &Document::opened, this, [this] { forget(); });
    connect(&document, &Document::changed, this, [this] {
        // A dry run of a former value is of no use, unless it is about to be written.
        if (m_isBusy && m_wanted.isEmpty()) cancel();
        if (m_isWatched) lookSoon();
        Q_EMIT changed();
    });
}

Shipping::~Shipping() {
    for (auto& [name, state] : m_states)
        if (state.progress) state.progress->isCancelled = true;
    m_thread.waitForDone();
}

void Shipping::forget() {
    cancel();
    m_states.clear();
    m_history.clear();
    m_solved = std::make_shared<file::Solved>();
    m_places.clear();
    if (!m_document.folder().isEmpty()) {
        auto places = ship::readPlaces(file::diskStorage(), ship::placesFile(),
                                       m_document.folder().toStdString());
        if (places)
            m_places = std::move(*places);
        else
            m_requests.say(told(places.error()));
    }
    if (m_isWatched) lookSoon();
}

Result<file::Path> Shipping::placeOf(const level::Target& target) const {
    if (m_document.folder().isEmpty())
        return fail(ErrorKind::NotApplicable, "The project lies nowhere yet", {},
                    "Save it first: sheets are read from its folder");
    return ship::placeOf(target, m_document.folder().toStdString(), m_places);
}

void Shipping::setOwnPlace(const std::string& target, const QString& folder) {
    if (folder.isEmpty())
        m_places.erase(target);
    else
        m_places[target] = folder.toStdString();
    const auto written = ship::writePlaces(file::diskStorage(), ship::placesFile(),
                                           m_document.folder().toStdString(), m_places);
    if (!written) m_requests.say(told(written.error()));
    lookAgain();
}

bool Shipping::isOfNow(const State& state, const level::Target& target) const {
    if (state.round != m_round || !(state.as == target)) return false;
    // Targets are no part of what is written.
    level::Project now = m_document.project();
    now.targets = state.of.targets;
    return now.sharesAllWith(state.of);
}

Shipping::Outlook Shipping::outlookOf(const std::string& target) const {
    const auto found = m_states.find(target);
    const level::Target* known = m_document.project().findTarget(target);
    if (found == m_states.end() || !known) return {};
    Outlook outlook = found->second.outlook;
    outlook.isCurrent = !outlook.isUnderWay && isOfNow(found->second, *known);
    if (const auto& progress = found->second.progress; progress && outlook.isUnderWay) {
        outlook.done = progress->done;
        outlook.all = progress->all;
    }
    return outlook;
}

void Shipping::setWatched(bool isWatched) {
    if (isWatched && !m_isWatched) ++m_round;  // files may have changed meanwhile
    m_isWatched = isWatched;
    if (isWatched)
        lookSoon();
    else if (m_wanted.isEmpty())
        cancel();
}

void Shipping::lookAgain() {
    ++m_round;
    if (m_isWatched) lookSoon();
    Q_EMIT changed();
}

void Shipping::cancel() {
    m_wanted.clear();
    m_over.clear();
    for (auto& [name, state] : m_states)
        if (state.progress) state.progress->isCancelled = true;
}

void Shipping::write(const std::string& target, bool writesOver) {
    m_document.commitGesture();
    const QString name = QString::fromStdString(target);
    if (!m_wanted.contains(name)) m_wanted << name;
    if (writesOver && !m_over.contains(name)) m_over << name;
    lookAtNext();
    Q_EMIT changed();
}

void Shipping::writeAll() {
    m_document.commitGesture();
    for (const level::Target& target : m_document.project().targets)
        if (const QString name = QString::fromStdString(target.name); !m_wanted.contains(name))
            m_wanted << name;
    lookAtNext();
    Q_EMIT changed();
}

/// What is to be written goes first; then what is not known, in order.
void Shipping::lookAtNext() {
    if (m_isBusy) return;
    while (!m_wanted.isEmpty()) {
        const level::Target* target = m_document.project().findTarget(m_wanted[0].toStdString());
        if (target) return look(*target);
        m_over.removeOne(m_wanted.takeFirst());
    }
    if (!m_isWatched || m_document.folder().isEmpty()) return;
    for (const level::Target& target : m_document.project().targets) {
        const auto known = m_states.find(target.name);
        if (known == m_states.end() || !isOfNow(known->second, target)) return look(target);
    }
}

void Shipping::look(const level::Target& target) {
    State& state = m_states[target.name];
    const bool isToBeWritten = m_wanted.contains(QString::fromStdString(target.name));
    state.of = m_document.project();
    state.as = target;
    state.round = m_round;
    state.outlook.isUnderWay = true;
    state.progress = std::make_shared<ship::Progress>();
    const auto place = placeOf(target);
    m_isBusy = true;
    if (!place) {
        const Found found{nullptr, place.error()};
        QMetaObject::invokeMethod(
            this,
            [this, name = target.name, found, isToBeWritten] {
                if (isToBeWritten) writeFound(name, found);
                take(name, found, false);
            },
            Qt::QueuedConnection);
        return;
    }
    m_tick.start();
    QtConcurrent::run(&m_thread, [project = state.of, target, place = *place,
                                  progress = state.progress, solved = m_solved, isToBeWritten,
                                  writesOver = m_over.contains(QString::fromStdString(target.name)),
                                  folder = m_document.folder()] {
        file::Storage& storage = file::diskStorage();
        auto shipment = ship::planShipment(
            {storage, project, folder.toStdString(), target, progress.get(), solved.get()}, place);
        if (!shipment) return Found{nullptr, shipment.error()};
        if (isToBeWritten)
            if (const auto done = ship::writeShipment(storage, *shipment, writesOver); !done)
                return Found{std::make_shared<const ship::Shipment>(std::move(*shipment)),
                             done.error()};
        return Found{std::make_shared<const ship::Shipment>(std::move(*shipment)), std::nullopt};
    }).then(this, [this, name = target.name, isToBeWritten](const Found& found) {
        if (isToBeWritten) writeFound(name, found);
        take(name, found, isToBeWritten);
    });
}

/// What was written: told, and taken down.
void Shipping::writeFound(const std::string& name, const Found& found) {
    m_wanted.removeOne(QString::fromStdString(name));
    m_over.removeOne(QString::fromStdString(name));
    if (found.error) return m_requests.say(told(*found.error));
    const auto same = int(found.shipment->count(ship::FileState::Same));
    const auto gone = int(found.shipment->count(ship::FileState::Gone));
    const auto all = int(found.shipment->planned.size());
    m_history.prepend({QDateTime::currentDateTime(), QString::fromStdString(name),
                       QString::fromStdString(found.shipment->folder.string()), all - same,
                       all - gone});
    while (m_history.size() > 40)
        m_history.removeLast();
    m_requests.say(all == same
                       ? tr("%1: all was as it should be.").arg(QString::fromStdString(name))
                       : tr("%1: %2 of %3 files written.")
                             .arg(QString::fromStdString(name))
                             .arg(all - same)
                             .arg(all - gone));
}

void Shipping::take(const std::string& name, const Found& found, bool wasWritten) {
    m_isBusy = false;
    m_tick.stop();
    State& state = m_states[name];
    const bool wasCancelled = state.progress && state.progress->isCancelled;
    state.progress.reset();
    state.outlook.isUnderWay = false;
    if (wasCancelled && !found.shipment) {
        state.as = {};  // it is not known
    } else {
        state.outlook.error = found.error;
        state.outlook.shipment = found.shipment;
        if (found.shipment && !found.error && wasWritten) {
            // All is as it should be now.
            auto after = std::make_shared<ship::Shipment>(*found.shipment);
            std::erase_if(after->planned, [](const ship::PlannedFile& each) {
                return each.state == ship::FileState::Gone;
            });
            for (ship::PlannedFile& each : after->planned)
                each.state = ship::FileState::Same;
            state.outlook.shipment = after;
        }
    }
    Q_EMIT changed();
    lookAtNext();
}

}  // namespace rook::app
