#include "app/session/run_player.h"

#include <algorithm>

#include "level/rules.h"

namespace rook::app {

RunPlayer::RunPlayer(Document& document, Proofs& proofs) : m_document(document), m_proofs(proofs) {
    const auto forget = [this] {
        m_whatIf.closed.reset();
        m_whatIf.held.clear();
        showRun(nullptr);
    };
    connect(&document, &Document::levelLeft, this, forget);
    connect(&document, &Document::opened, this, [this] { m_tallies.clear(); });
    connect(&document, &Document::valueTaken, this, [this] {
        if (m_run) showRun(nullptr);  // it is of a former value
    });
}

void RunPlayer::setWhatIf(const WhatIf& whatIf) {
    if (whatIf == m_whatIf) return;
    m_whatIf = whatIf;
    m_whatIfAnswer.reset();
    showRun(nullptr);
    Q_EMIT whatIfChanged();
}

std::shared_ptr<const ProvenLevel> RunPlayer::whatIfAnswer() const {
    const bool isOfNow = m_whatIfAnswer && m_whatIfOf == m_whatIf &&
                         m_whatIfAnswer->level == m_document.level() &&
                         level::haveSameRules(m_whatIfAnswer->project, m_document.project());
    return m_whatIf.isAny() && isOfNow ? m_whatIfAnswer : nullptr;
}

void RunPlayer::takeWhatIf(std::shared_ptr<const ProvenLevel> answer, const WhatIf& of) {
    m_whatIfAnswer = std::move(answer);
    m_whatIfOf = of;
    Q_EMIT whatIfChanged();
}

std::shared_ptr<const ProvenLevel> RunPlayer::shown() const {
    const auto answer = whatIfAnswer();
    return answer ? answer : m_proofs.ofBoard();
}

std::shared_ptr<const ShownRun> RunPlayer::run() const {
    if (m_run) return m_run;
    // Without one that was asked for it is the proof.
    const auto proof = m_proofs.ofBoard();
    if (!proof || !proof->analysis || !proof->isAnalysisCurrent || !proof->analysis->proof.run ||
        m_whatIf.isAny())
        return nullptr;
    if (!m_proofRun || m_proofRunOf != proof->analysis) {
        auto shown = std::make_shared<ShownRun>();
        shown->run = *proof->analysis->proof.run;
        shown->title = tr("Proof run");
        shown->isProof = true;
        shown->goal = proof->analysis->proof.exit;
        m_proofRun = std::move(shown);
        m_proofRunOf = proof->analysis;
    }
    return m_proofRun;
}

void RunPlayer::showRun(std::shared_ptr<const ShownRun> run) {
    m_run = std::move(run);
    m_tick = 0;
    m_isPlaying = false;
    Q_EMIT runChanged();
}

void RunPlayer::setTick(int tick) {
    const auto shown = run();
    const int last = shown ? shown->run.ticks() : 0;
    m_tick = std::clamp(tick, 0, last);
    if (m_tick == last && m_isPlaying) setPlaying(false);
    Q_EMIT tickChanged();
}

void RunPlayer::setPlaying(bool isPlaying) {
    const auto shown = run();
    if (isPlaying && shown && m_tick >= shown->run.ticks()) m_tick = 0;
    m_isPlaying = isPlaying && shown;
    Q_EMIT tickChanged();
}

}  // namespace rook::app
