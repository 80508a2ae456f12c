#include "app/prove_panel.h"

#include "app/finding_note.h"
#include "app/theme.h"
#include "check/audit.h"

namespace rook::app {

namespace {

QString decimalText(level::Decimal decimal) {
    return QString::number(double(decimal.thousandths) / 1000.0, 'g', 6);
}

}  // namespace

ProvePanel::ProvePanel(Session& session, QWidget* parent)
    : MarginPanel(parent),
      m_session(session),
      m_verdict(new MarginSection(tr("Verdict"), {}, this)),
      m_sentence(new QLabel(this)),
      m_findings(new MarginSection(tr("Findings"), {}, this)),
      m_list(new QVBoxLayout) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 4, 12, 12);
    column->setSpacing(0);
    m_sentence->setObjectName(QStringLiteral("verdict"));
    m_sentence->setFont(sizedFont(1, QFont::DemiBold));
    m_sentence->setWordWrap(true);
    m_verdict->addWide(m_sentence);
    m_goals = m_verdict->addValue(tr("Things reached"));
    m_list->setSpacing(2);
    m_findings->addWide(m_list);
    auto* motion = new MarginSection(tr("Motion"), tr("of this level"), this);
    for (const QString& name : {tr("Profile"), tr("Run"), tr("Jump"), tr("Abilities")})
        m_motion << motion->addValue(name);
    column->addWidget(m_verdict);
    column->addWidget(m_findings);
    column->addWidget(motion);
    column->addStretch();
}

void ProvePanel::refresh() {
    const Theme& theme = currentTheme();
    const auto proven = m_session.proven(m_session.level()->id);
    const bool isCurrent = m_session.isProofCurrent(m_session.level()->id);
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
    m_sentence->setText(
        QString::fromStdString(proven->error ? proven->error->sentence() : verdict.sentence()));
    setTone(m_sentence, !isCurrent ? theme.quietInk
                        : isGood   ? theme.accent
                        : isDoubt  ? theme.caution
                                   : theme.alarm);
    m_verdict->setNote(isCurrent ? tr("solved in %1 ms").arg(proven->answer.milliseconds, 0, 'f', 1)
                                 : tr("being solved …"));
    m_goals->setText(tr("%1 of %2").arg(verdict.goalsReached()).arg(verdict.goals.size()));
    showFindings(proven->findings);
    if (const level::MotionProfile* p = m_session.project().profileOf(*m_session.level())) {
        QStringList abilities;
        for (const level::Ability ability : p->abilities) {
            const auto name = level::nameOf(ability);
            abilities << textOf(name).replace(u'-', u' ');
        }
        m_motion[0]->setText(QString::fromStdString(p->name));
        m_motion[1]->setText(tr("%1 cells/s").arg(decimalText(p->run)));
        m_motion[2]->setText(
            tr("%1 cells in %2 s").arg(decimalText(p->jumpHeight), decimalText(p->timeToTop)));
        m_motion[3]->setText(abilities.isEmpty() ? tr("none")
                                                 : abilities.join(QStringLiteral(",\n")));
    }
}

void ProvePanel::showFindings(const std::vector<check::Finding>& findings) {
    const std::size_t open = check::openCount(findings);
    m_findings->setNote(open == 0 ? tr("none open") : tr("%1 open").arg(open));
    if (findings == m_shown) return;
    m_shown = findings;
    m_chosen = -1;
    for (QAbstractButton* note : m_notes) {
        m_list->removeWidget(note);
        note->hide();
        note->deleteLater();
    }
    m_notes.clear();
    for (std::size_t i = 0; i < findings.size() && i < 200; ++i) {
        auto* note = new FindingNote(int(i) + 1, findings[i], m_session.level()->cellSize, this);
        note->setObjectName(QStringLiteral("finding-%1").arg(i + 1));
        connect(note, &QAbstractButton::clicked, this, [this, i] { choose(int(i)); });
        connect(note, &FindingNote::fixAsked, this, [this, finding = findings[i]] {
            m_session.apply(check::fixOf(m_session.project(), *m_session.level(), finding));
        });
        m_list->addWidget(note);
        m_notes << note;
    }
}

void ProvePanel::choose(int index) {
    m_chosen = index;
    m_notes[index]->setChecked(true);
    const check::Finding& finding = m_shown[std::size_t(index)];
    Selection selection;
    if (!finding.entity.isEmpty()) selection.entities = {finding.entity};
    m_session.select(selection);
    if (!finding.place.isEmpty()) Q_EMIT placeChosen(finding.place);
    m_session.say(QString::fromStdString(finding.sentence));
}

void ProvePanel::stepFinding(int by) {
    const int count = int(m_notes.size());
    if (count == 0) return m_session.say(tr("There are no findings in this level."));
    choose(((m_chosen < 0 && by < 0 ? 0 : m_chosen) + by + count) % count);
}

}  // namespace rook::app
