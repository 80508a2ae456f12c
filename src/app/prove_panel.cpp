#include "app/prove_panel.h"

#include <QPainter>

#include "app/theme.h"

namespace rook::app {

namespace {

/// A finding like a note in a drawing's margin: its pin, its sentence, its place.
class FindingNote : public QAbstractButton {
public:
    FindingNote(int number, const check::Finding& finding, CellSize cell, QWidget* parent)
        : QAbstractButton(parent),
          m_number(number),
          m_isError(finding.severity == check::Severity::Error) {
        setText(QString::fromStdString(finding.sentence));
        setCheckable(true);
        setAutoExclusive(true);
        setFocusPolicy(Qt::StrongFocus);
        setCursor(Qt::PointingHandCursor);
        if (!finding.place.isEmpty()) {
            const CellPoint at = toCell({finding.place.x, finding.place.y}, cell);
            m_place = ProvePanel::tr("at %1, %2").arg(at.x).arg(at.y);
        }
        setAccessibleName(tr("Finding %1: %2 %3").arg(number).arg(text(), m_place));
        QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
        policy.setHeightForWidth(true);
        setSizePolicy(policy);
    }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override {
        return textBox(width).height() + (m_place.isEmpty() ? 14 : 30);
    }
    QSize sizeHint() const override { return {240, heightForWidth(240)}; }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        if (isChecked() || underMouse()) painter.fillRect(rect(), theme.paper);
        const QColor tone = m_isError ? theme.alarm : theme.caution;
        if (isChecked()) painter.fillRect(QRect(0, 0, 2, height()), tone);
        if (hasFocus()) {
            painter.setPen(QPen(theme.accent, 1));
            painter.drawRect(rect().adjusted(0, 0, -1, -1));
        }
        painter.setPen(QPen(tone, 1.8));
        painter.drawEllipse(QPointF(16, 17), 9, 9);
        painter.setFont(sizedFont(-2, QFont::DemiBold));
        painter.drawText(QRect(6, 8, 20, 18), Qt::AlignCenter, QString::number(m_number));
        painter.setPen(theme.ink);
        painter.setFont(sizedFont(-1));
        const QRect box = textBox(width());
        painter.drawText(box, Qt::TextWordWrap, text());
        painter.setPen(theme.quietInk);
        painter.setFont(sizedFont(-2));
        painter.drawText(QRect(34, box.bottom() + 2, width() - 40, 16), Qt::AlignVCenter, m_place);
    }

private:
    [[nodiscard]] QRect textBox(int width) const {
        return QFontMetrics(sizedFont(-1))
            .boundingRect(QRect(34, 7, width - 42, 400), Qt::TextWordWrap, text())
            .adjusted(0, 0, 2, 0);
    }
    int m_number;
    bool m_isError;
    QString m_place;
};

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
    m_findings->setNote(findings.empty() ? tr("none open") : tr("%1 open").arg(findings.size()));
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
