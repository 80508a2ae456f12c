#include "app/steps/prove/prove_panel.h"

#include "app/panels/finding_list.h"
#include "app/session/reach_words.h"
#include "app/steps/prove/prove_sections.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "check/audit.h"
#include "level/level_edits.h"
#include "level/names.h"

#include <QSpinBox>

namespace rook::app {

namespace {

class ProvePanel : public MarginPanel {
public:
    /// `hasJumps`: bodies jump there, and runs go by ticks.
    ProvePanel(Session& session, bool hasJumps, QWidget* parent);
    void refresh() override;
    void stepFinding(int by) override;

private:
    void showFindings(const std::vector<check::Finding>& findings);
    void select(const check::Finding& finding);
    void showDepth(const ProvenLevel& proven);
    void showWinning(const ProvenLevel& proven);
    void showWhatIf();

    Session& m_session;
    MarginSection* m_verdict;
    QLabel* m_sentence;
    QLabel* m_goals;
    QLabel* m_winning;  ///< where that is more than to reach the only exit
    MarginSection* m_findings;
    FindingList* m_list;
    QLabel* m_comfort;
    QLabel* m_tightest;
    QLabel* m_needs;
    QLabel* m_order;
    QLabel* m_kept;
    QLabel* m_memory;
    QSpinBox* m_limit;
    QList<PanelSection*> m_sections;
};

QString abilitiesText(runtime::AbilitySet set) {
    QStringList names;
    for (int i = 0; i < level::abilityCount; ++i)
        if (set & setOf(static_cast<level::Ability>(i)))
            names << told(level::nameOf(static_cast<level::Ability>(i))).replace(u'-', u' ');
    return names.isEmpty() ? ProvePanel::tr("running and jumping")
                           : names.join(QStringLiteral(" + "));
}

ProvePanel::ProvePanel(Session& session, bool hasJumps, QWidget* parent)
    : MarginPanel(parent),
      m_session(session),
      m_verdict(new MarginSection(tr("Verdict"), {}, this)),
      m_sentence(new QLabel(this)),
      m_findings(new MarginSection(tr("Findings"), {}, this)),
      m_list(new FindingList(session, QStringLiteral("finding-"), 200, this)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 4, 12, 12);
    column->setSpacing(0);
    m_sentence->setObjectName(QStringLiteral("verdict"));
    m_sentence->setFont(sizedFont(1, QFont::DemiBold));
    m_sentence->setWordWrap(true);
    m_verdict->addWide(m_sentence);
    m_goals = m_verdict->addValue(tr("Things reached"));
    m_winning = m_verdict->addValue(tr("Can be won"));
    m_winning->setObjectName(QStringLiteral("winning"));
    m_winning->setWordWrap(true);
    m_findings->addWide(m_list);
    connect(m_list, &FindingList::chosen, this, &ProvePanel::select);
    m_comfort = m_verdict->addValue(tr("Comfort"));
    m_comfort->setObjectName(QStringLiteral("comfort"));
    m_tightest = m_verdict->addValue(tr("Tightest"));
    m_needs = m_verdict->addValue(tr("Needs"));
    m_needs->setObjectName(QStringLiteral("needs"));
    m_order = m_verdict->addValue(tr("In this order"));
    m_order->setObjectName(QStringLiteral("critical-path"));
    m_kept = m_verdict->addValue(tr("Former run"));
    m_kept->setObjectName(QStringLiteral("former-run"));
    m_memory = m_verdict->addValue(tr("States, memory"));
    for (QLabel* label : {m_needs, m_order})
        label->setWordWrap(true);
    m_limit = makeNumberBox(
        QStringLiteral("comfort-limit"), 0, reach::maxComfort, this, [this](int percent) {
            m_session.document.apply(level::setComfortLimit(m_session.document.project(), percent));
        });
    m_limit->setFixedWidth(150);
    m_limit->setSuffix(tr(" %"));
    m_limit->setAccessibleName(tr("Comfort below this is a finding"));
    m_limit->setKeyboardTracking(false);
    m_verdict->addControl(tr("Comfort wanted"), m_limit);
    // Where one walks from module to module, what is about jumps says nothing.
    if (!hasJumps)
        for (QWidget* row : {static_cast<QWidget*>(m_comfort), static_cast<QWidget*>(m_tightest),
                             static_cast<QWidget*>(m_needs), static_cast<QWidget*>(m_order),
                             static_cast<QWidget*>(m_kept), static_cast<QWidget*>(m_memory),
                             static_cast<QWidget*>(m_limit)})
            m_verdict->showRow(row, false);
    m_sections << makeRunSection(session, this) << makeHandSection(session, this)
               << makeMotionSection(session, this);
    column->addWidget(m_verdict);
    column->addWidget(m_sections[0]);
    column->addWidget(m_findings);
    column->addWidget(m_sections[1]);
    column->addWidget(m_sections[2]);
    for (PanelSection* section : m_sections)
        section->setVisible(hasJumps);
    if (!hasJumps) m_sections.clear();
    column->addStretch();
}

void ProvePanel::refresh() {
    const Theme& theme = currentTheme();
    const auto proven = m_session.proofs.of(m_session.document.level()->id);
    const bool isCurrent = m_session.proofs.isCurrent(m_session.document.level()->id);
    for (PanelSection* section : m_sections)
        section->refresh();
    if (!proven) {
        m_sentence->setText(tr("Being proven …"));
        setTone(m_sentence, theme.quietInk);
        return;
    }
    const reach::Verdict& verdict = proven->answer.verdict;
    using reach::VerdictKind;
    const bool isGood = !proven->error && verdict.kind == VerdictKind::Reached;
    const bool isDoubt = proven->error || verdict.kind == VerdictKind::NotDecided ||
                         verdict.kind == VerdictKind::NoStart ||
                         verdict.kind == VerdictKind::NoExit;
    m_sentence->setText(proven->error ? told(*proven->error) : told(verdict.sentence()));
    setTone(m_sentence, !isCurrent ? theme.quietInk
                        : isGood   ? theme.accent
                        : isDoubt  ? theme.caution
                                   : theme.alarm);
    m_verdict->setNote(isCurrent ? answeredWords(proven->answer) : tr("being solved …"));
    m_goals->setText(tr("%1 of %2").arg(verdict.goalsReached()).arg(verdict.goals.size()));
    showFindings(proven->report.findings());
    showDepth(*proven);
    showWinning(*proven);
    showWhatIf();
    showNumber(m_limit, m_session.document.project().comfortLimit);
}

/// What the worker finds after the verdict; of a former value it is shown quietly.
void ProvePanel::showDepth(const ProvenLevel& proven) {
    const Theme& theme = currentTheme();
    const QString none = QStringLiteral("–");
    const bool isNow = proven.isAnalysisCurrent;
    const reach::Analysis* analysis = proven.analysis.get();
    const reach::Comfort* comfort =
        analysis && analysis->proof.comfort ? &*analysis->proof.comfort : nullptr;
    const bool isWhole = isNow && (!analysis || !analysis->runs || analysis->isComplete);
    m_comfort->setText(!comfort           ? isWhole ? none : tr("…")
                                 : comfort->isLeast ? tr("at least %1 %").arg(comfort->percent)
                                          : tr("%1 %").arg(comfort->percent));
    setTone(m_comfort, !isNow || !comfort || comfort->isLeast ? theme.quietInk
                       : comfort->percent < std::max(1, m_session.document.project().comfortLimit)
                           ? theme.caution
                           : theme.ink);
    QString tightest = isWhole ? none : tr("…");
    if (comfort && !comfort->places.empty()) {
        const reach::TightPlace& place = comfort->places.front();
        const CellPoint cell =
            toCell({place.body.x, place.body.bottom() - 1}, m_session.document.level()->cellSize);
        tightest = tr("to %1, %2, at %3 %").arg(cell.x).arg(cell.y).arg(place.percent);
    }
    m_tightest->setText(tightest);
    QStringList needs;
    if (analysis)
        for (const reach::AbilitySets& sets : analysis->abilities)
            if (sets.goal == analysis->proof.exit)
                for (const runtime::AbilitySet set : sets.least)
                    needs << abilitiesText(set);
    m_needs->setText(needs.isEmpty() ? (isWhole ? none : tr("…")) : needs.join(tr("\nor ")));
    QStringList order;
    if (analysis)
        for (const std::string& id : analysis->criticalPath)
            order << QString::fromStdString(id);
    m_order->setText(order.isEmpty() ? none : order.join(QStringLiteral(" → ")));
    m_kept->setText(!proven.formerRunHolds   ? none
                    : *proven.formerRunHolds ? tr("still works")
                                             : tr("no longer works"));
    const reach::Reached& reached = proven.answer.onCells().reached;
    m_memory->setText(
        tr("%L1 · %2 MB").arg(reached.states).arg(double(reached.bytes) / 1e6, 0, 'f', 1));
}

/// By which exits, and by a run of what length.
void ProvePanel::showWinning(const ProvenLevel& proven) {
    const bool isAsked =
        game::asksMoreThanReach(m_session.document.project(), *m_session.document.level());
    m_verdict->showRow(m_winning, isAsked);
    if (!isAsked) return;
    const Theme& theme = currentTheme();
    const bool isKnown = proven.winning && proven.isAnalysisCurrent &&
                         m_session.proofs.isCurrent(m_session.document.level()->id);
    if (!isKnown) {
        m_winning->setText(tr("…"));
        return setTone(m_winning, theme.quietInk);
    }
    const game::Winning& winning = *proven.winning;
    QStringList ways;
    for (const game::WayOut& way : winning.ways) {
        const QString exit = way.exit.isEmpty() ? tr("its goals") : textOf(way.exit.text);
        const QString words =
            way.can == game::Decided::Yes
                ? (way.inputs.empty()
                       ? tr("by %1").arg(exit)
                       : tr("by %1, %2 s").arg(exit).arg(double(way.inputs.size()) / 60, 0, 'f', 1))
            : way.can == game::Decided::No ? tr("not by %1").arg(exit)
                                           : tr("by %1: not decided").arg(exit);
        ways << words;
    }
    if (ways.isEmpty()) ways << tr("not decided");
    m_winning->setText(ways.join(u'\n'));
    setTone(m_winning, winning.can == game::Decided::Yes  ? theme.ink
                       : winning.can == game::Decided::No ? theme.alarm
                                                          : theme.caution);
}

/// The verdict as if the player had other things in hand, or a region were closed.
void ProvePanel::showWhatIf() {
    if (!m_session.runs.whatIf().isAny()) return;
    const auto answer = m_session.runs.whatIfAnswer();
    const Theme& theme = currentTheme();
    m_verdict->setNote(tr("as if"));
    if (!answer) {
        m_sentence->setText(tr("Being solved as if …"));
        return setTone(m_sentence, theme.quietInk);
    }
    const reach::Verdict& verdict = answer->answer.verdict;
    m_sentence->setText(
        tr("As if: %1").arg(answer->error ? told(*answer->error) : told(verdict.sentence())));
    setTone(m_sentence, verdict.kind == reach::VerdictKind::Reached ? theme.accent : theme.alarm);
    m_goals->setText(tr("%1 of %2").arg(verdict.goalsReached()).arg(verdict.goals.size()));
}

void ProvePanel::showFindings(const std::vector<check::Finding>& findings) {
    const std::size_t open = check::openCount(findings);
    m_findings->setNote(open == 0 ? tr("none open") : tr("%1 open").arg(open));
    m_list->show(findings);
}

void ProvePanel::select(const check::Finding& finding) {
    Selection selection;
    if (!finding.entity.isEmpty()) selection.entities = {finding.entity};
    selection.pieces = finding.pieces;
    if (finding.storey >= 0) m_session.workbench.setStorey(finding.storey);
    m_session.workbench.select(selection);
}

void ProvePanel::stepFinding(int by) {
    m_list->step(by);
}

}  // namespace

MarginPanel* makeProvePanel(Session& session, QWidget* parent) {
    return new ProvePanel(session, true, parent);
}
MarginPanel* makeKitProvePanel(Session& session, QWidget* parent) {
    return new ProvePanel(session, false, parent);
}

}  // namespace rook::app
