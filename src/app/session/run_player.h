#pragma once
/// What Prove asks otherwise, and the run that is shown: the proof of the level, or one that was
/// asked for. All of the level on the board, and forgotten with it.

#include <QObject>
#include <QString>
#include <map>

#include "app/session/proofs.h"

namespace rook::app {

/// A run that is shown on the board.
struct ShownRun {
    reach::Run run;
    QString title;
    bool isProof = false;  ///< of the level as it is
    std::string goal;      ///< id of what it gets to, if it is an entity
    PxPoint to;            ///< px asked for, else
};

class RunPlayer : public QObject {
    Q_OBJECT

public:
    RunPlayer(Document& document, Proofs& proofs);

    [[nodiscard]] const WhatIf& whatIf() const { return m_whatIf; }
    void setWhatIf(const WhatIf& whatIf);
    /// Numbers that a game begins with which is walked from Prove, by the tally's name; the others
    /// begin as ever.
    using Tallies = std::map<std::string, int>;
    [[nodiscard]] const Tallies& tallies() const { return m_tallies; }
    void setTallies(Tallies tallies) { m_tallies = std::move(tallies); }
    /// The answer to what is asked now; null if nothing is, or not yet.
    [[nodiscard]] std::shared_ptr<const ProvenLevel> whatIfAnswer() const;
    void takeWhatIf(std::shared_ptr<const ProvenLevel> answer, const WhatIf& of);
    /// What is asked otherwise, else what is known of the level; null if there is neither.
    [[nodiscard]] std::shared_ptr<const ProvenLevel> shown() const;

    [[nodiscard]] std::shared_ptr<const ShownRun> run() const;
    void showRun(std::shared_ptr<const ShownRun> run);
    /// Between two ticks of the shown run: 0 is its start.
    [[nodiscard]] int tick() const { return m_tick; }
    void setTick(int tick);
    [[nodiscard]] bool isPlaying() const { return m_isPlaying; }
    void setPlaying(bool isPlaying);
    /// Asks for a run to the px; `runChanged` or words follow.
    void askRun(PxPoint to) { Q_EMIT runAsked(to); }

Q_SIGNALS:
    void whatIfChanged();
    void runChanged();  ///< another run is shown
    void tickChanged();
    void runAsked(rook::PxPoint to);

private:
    Document& m_document;
    Proofs& m_proofs;
    WhatIf m_whatIf;
    Tallies m_tallies;
    std::shared_ptr<const ProvenLevel> m_whatIfAnswer;
    WhatIf m_whatIfOf;
    std::shared_ptr<const ShownRun> m_run;  ///< that was asked for
    mutable std::shared_ptr<const ShownRun> m_proofRun;
    mutable std::shared_ptr<const reach::Analysis> m_proofRunOf;
    int m_tick = 0;
    bool m_isPlaying = false;
};

}  // namespace rook::app
