#pragma once
/// The targets of the project: what each would write, found out on a worker while somebody looks,
/// and writing them.

#include <QDateTime>
#include <QObject>
#include <QThreadPool>
#include <QTimer>
#include <map>

#include "app/session/document.h"
#include "ship/places.h"
#include "ship/shipment.h"

namespace rook::app {

class Shipping : public QObject {
    Q_OBJECT

public:
    Shipping(Document& document, Requests& requests);
    ~Shipping() override;

    /// Of one target.
    struct Outlook {
        /// A dry run; null while none is known.
        std::shared_ptr<const ship::Shipment> shipment;
        std::optional<Error> error;  ///< why there is none
        bool isCurrent = false;      ///< it is of the value of now
        bool isUnderWay = false;
        int done = 0, all = 0;  ///< levels, while it is under way
    };
    [[nodiscard]] Outlook outlookOf(const std::string& target) const;
    /// Where it would be written. Errors: as `ship::placeOf`.
    [[nodiscard]] Result<file::Path> placeOf(const level::Target& target) const;
    /// The folder of a target for this person alone; empty = as the project says.
    void setOwnPlace(const std::string& target, const QString& folder);

    /// Dry runs are kept up to date while somebody looks.
    void setWatched(bool isWatched);
    /// Files may be others than they were.
    void lookAgain();
    /// Writes what the dry run of now says, or makes one first. `writesOver` also what somebody
    /// else wrote.
    void write(const std::string& target, bool writesOver = false);
    /// All targets, one after the other.
    void writeAll();
    void cancel();
    [[nodiscard]] bool isWriting() const { return !m_wanted.isEmpty(); }

    /// What was written in this window, the last first.
    struct Written {
        QDateTime when;
        QString target;
        QString folder;
        int files = 0;    ///< written or removed
        int ofFiles = 0;  ///< that the target has
    };
    [[nodiscard]] const QList<Written>& history() const { return m_history; }

Q_SIGNALS:
    void changed();

private:
    struct State {
        Outlook outlook;
        level::Project of;  ///< that the outlook is of
        level::Target as;
        std::shared_ptr<ship::Progress> progress;
        int round = 0;
    };
    struct Found {
        std::shared_ptr<const ship::Shipment> shipment;
        std::optional<Error> error;
    };
    [[nodiscard]] bool isOfNow(const State& state, const level::Target& target) const;
    void lookSoon() { m_soon.start(); }
    void lookAtNext();
    void look(const level::Target& target);
    void take(const std::string& name, const Found& found, bool wasWritten);
    void writeFound(const std::string& name, const Found& found);
    void forget();

    Document& m_document;
    Requests& m_requests;
    ship::Places m_places;
    std::map<std::string, State> m_states;
    QStringList m_wanted;  ///< targets that are to be written, in their order
    QStringList m_over;    ///< those of them that may be written over what somebody else wrote
    bool m_isWatched = false;
    bool m_isBusy = false;
    int m_round = 0;  ///< counts what makes dry runs old besides the value
    QList<Written> m_history;
    /// Of the worker alone; the next project begins another.
    std::shared_ptr<file::Solved> m_solved = std::make_shared<file::Solved>();
    QTimer m_soon, m_tick;
    QThreadPool m_thread;  ///< last, so that no job outlives the rest
};

}  // namespace rook::app
