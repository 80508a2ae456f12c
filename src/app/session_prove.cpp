/// What Prove adds to the session: questions asked otherwise, and the run that is shown.

#include "app/session.h"

namespace rook::app {

bool haveSameRules(const level::Project& a, const level::Project& b) {
    return a.matters.isSharedWith(b.matters) && a.kinds.isSharedWith(b.kinds) &&
           a.profiles.isSharedWith(b.profiles) && a.comfortLimit == b.comfortLimit &&
           a.zoneBudget == b.zoneBudget &&
           std::equal(a.levels.begin(), a.levels.end(), b.levels.begin(), b.levels.end(),
                      [](const auto& x, const auto& y) { return x->id == y->id; });
}

bool haveSameLook(const level::Project& a, const level::Project& b) {
    return a.sheets.isSharedWith(b.sheets) && a.backdrops.isSharedWith(b.backdrops) &&
           a.parts.isSharedWith(b.parts) && a.swatches == b.swatches;
}

void Session::setProveTool(ProveTool tool) {
    m_proveTool = tool;
    Q_EMIT toolChanged();
}

void Session::setWhatIf(const WhatIf& whatIf) {
    if (whatIf == m_whatIf) return;
    m_whatIf = whatIf;
    m_whatIfAnswer.reset();
    showRun(nullptr);
    Q_EMIT whatIfChanged();
}

std::shared_ptr<const ProvenLevel> Session::whatIfAnswer() const {
    const bool isOfNow = m_whatIfAnswer && m_whatIfOf == m_whatIf &&
                         m_whatIfAnswer->level == m_level &&
                         haveSameRules(m_whatIfAnswer->project, m_project);
    return m_whatIf.isAny() && isOfNow ? m_whatIfAnswer : nullptr;
}

void Session::takeWhatIf(std::shared_ptr<const ProvenLevel> answer, const WhatIf& of) {
    m_whatIfAnswer = std::move(answer);
    m_whatIfOf = of;
    Q_EMIT whatIfChanged();
}

std::shared_ptr<const ShownRun> Session::shownRun() const {
    if (m_run) return m_run;
    // Without one that was asked for it is the proof.
    const auto proof = proven(m_level->id);
    if (!proof || !proof->depth || !proof->isDepthCurrent || !proof->depth->proof.run ||
        m_whatIf.isAny())
        return nullptr;
    if (!m_proofRun || m_proofRunOf != proof->depth) {
        auto shown = std::make_shared<ShownRun>();
        shown->run = *proof->depth->proof.run;
        shown->title = tr("Proof run");
        shown->isProof = true;
        shown->goal = proof->depth->proof.exit;
        m_proofRun = std::move(shown);
        m_proofRunOf = proof->depth;
    }
    return m_proofRun;
}

void Session::showRun(std::shared_ptr<const ShownRun> run) {
    m_run = std::move(run);
    m_runTick = 0;
    m_isRunPlaying = false;
    Q_EMIT runChanged();
}

void Session::setRunTick(int tick) {
    const auto run = shownRun();
    const int last = run ? run->run.ticks() : 0;
    m_runTick = std::clamp(tick, 0, last);
    if (m_runTick == last && m_isRunPlaying) setRunPlaying(false);
    Q_EMIT runTickChanged();
}

void Session::setRunPlaying(bool isPlaying) {
    const auto run = shownRun();
    if (isPlaying && run && m_runTick >= run->run.ticks()) m_runTick = 0;
    m_isRunPlaying = isPlaying && run;
    Q_EMIT runTickChanged();
}

bool Session::isDepthCurrent(const LevelId& id) const {
    const auto proof = proven(id);
    return proof && proof->isDepthCurrent;
}

}  // namespace rook::app
