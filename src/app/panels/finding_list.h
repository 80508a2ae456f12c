#pragma once
/// Findings as notes, one below the other; one of them is chosen.

#include <QVBoxLayout>
#include <functional>

#include "app/panels/finding_note.h"
#include "app/session/session.h"

namespace rook::app {

class FindingList : public QWidget {
    Q_OBJECT

public:
    /// Notes are called `stem` and a number from 1; there are at most `most`.
    FindingList(Session& session, const QString& stem, std::size_t most, QWidget* parent);
    /// Requires: they are of the level on the board. Nothing is chosen where others are shown.
    void show(const std::vector<check::Finding>& findings);
    /// Chooses the one at that distance from the one chosen, round and round.
    void step(int by);

Q_SIGNALS:
    /// Before its place is shown.
    void chosen(const rook::check::Finding& finding);

private:
    void choose(int index);
    void fix(const check::Finding& finding);

    Session& m_session;
    QString m_stem;
    std::size_t m_most;
    QVBoxLayout* m_list;
    QList<QAbstractButton*> m_notes;
    std::vector<check::Finding> m_shown;
    int m_chosen = -1;
};

}  // namespace rook::app
