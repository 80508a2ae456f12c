#include "app/steps/ship/ship_panel.h"

#include "app/panels/finding_note.h"
#include "app/steps/ship/format_words.h"
#include "app/steps/ship/link_section.h"
#include "app/steps/ship/spelled_section.h"
#include "app/steps/ship/target_section.h"
#include "app/ui/buttons.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "base/printable.h"
#include "check/finding.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

class ShipPanel : public MarginPanel {
public:
    ShipPanel(Session& session, QWidget* parent) : MarginPanel(parent), m_session(session) {
        auto* column = makeColumn(this);
        m_target = makeTargetSection(session, this);
        m_options = makeSpelledSection(session, this);
        m_link = makeLinkSection(session, this);
        m_project = new MarginSection(tr("The project"), {}, this);
        m_findings = new QVBoxLayout;
        m_findings->setSpacing(6);
        m_project->addWide(m_findings);
        m_more = makeWords({}, m_project);
        m_project->addWide(m_more);
        connect(&session.projectCheck, &ProjectCheck::changed, this, [this] { refreshProject(); });
        m_order = new MarginSection(tr("Order of play"), {}, this);
        m_levels = makeWords({}, m_order);
        m_order->addWide(m_levels);
        m_written = new MarginSection(tr("Written"), tr("in this window"), this);
        m_history = makeWords({}, m_written);
        m_history->setObjectName(QStringLiteral("written"));
        m_written->addWide(m_history);
        connect(&session.shipping, &Shipping::changed, this, [this] { refreshWritten(); });
        column->addWidget(m_target);
        column->addWidget(m_options);
        column->addWidget(m_link);
        column->addWidget(m_project);
        column->addWidget(m_written);
        column->addWidget(m_order);
        column->addStretch();
    }

    void refresh() override {
        m_target->refresh();
        m_options->refresh();
        m_link->refresh();
        const level::Target* target = chosenTarget(m_session);
        m_options->setVisible(target && target->format == level::TargetFormat::Bundle);
        refreshProject();
        refreshWritten();
        QStringList levels;
        std::size_t open = 0;
        qsizetype unknown = 0;
        for (const auto& level : m_session.document.project().levels) {
            levels << tr("%1  %2").arg(levels.size() + 1).arg(QString::fromStdString(level->title));
            const auto proven = m_session.proofs.of(level->id);
            if (proven && m_session.proofs.isCurrent(level->id))
                open += check::openCount(proven->report.findings());
            else
                ++unknown;
        }
        m_levels->setText(levels.join(QLatin1Char('\n')));
        const QString found = counted(qsizetype(open), tr("finding"), tr("findings"));
        m_order->setNote(unknown > 0 ? tr("%1 open, %2 not judged yet").arg(open).arg(unknown)
                         : open == 0 ? tr("no open findings")
                                     : tr("%1 open").arg(found));
    }

private:
    void refreshWritten() {
        QString rows;
        for (const Shipping::Written& each : m_session.shipping.history())
            rows += QStringLiteral(
                        "<tr><td>%1</td><td>&nbsp;&nbsp;%2</td>"
                        "<td align=right>&nbsp;%3</td></tr>")
                        .arg(each.when.toString(QStringLiteral("HH:mm:ss")),
                             each.target.toHtmlEscaped(),
                             each.files == 0 ? tr("nothing new")
                                             : tr("%1 of %2").arg(each.files).arg(each.ofFiles));
        m_written->setVisible(!rows.isEmpty());
        m_history->setText(QStringLiteral("<table width=100% cellspacing=0>%1</table>").arg(rows));
    }

    /// What belongs to no level: unknown keys, files that cannot be read, names that lead nowhere.
    void refreshProject() {
        if (!isVisible()) return;
        const auto* findings = m_session.projectCheck.findings();
        if (!findings) return m_project->setNote(tr("being looked at"));
        const auto open = qsizetype(check::openCount(*findings));
        m_project->setNote(open == 0 ? tr("no open findings")
                                     : counted(open, tr("finding"), tr("findings")));
        if (m_shown == *findings && m_shownInk == currentTheme().ink) return;
        m_shownInk = currentTheme().ink;
        m_shown = *findings;
        for (QWidget* row : std::as_const(m_rows)) {
            row->hide();
            row->deleteLater();
        }
        m_rows.clear();
        const std::size_t shown = std::min(m_shown.size(), mostRows);
        for (std::size_t i = 0; i < shown; ++i)
            addFinding(m_shown[i]);
        m_more->setVisible(m_shown.size() > shown);
        m_more->setText(tr("And %1 more.").arg(m_shown.size() - shown));
    }

    /// Its words, and the button of its fix.
    void addFinding(const check::ProjectFinding& finding) {
        auto* row = new QWidget(m_project);
        auto* column = new QVBoxLayout(row);
        column->setContentsMargins({});
        column->setSpacing(2);
        auto* words = makeWords({}, row);
        words->setObjectName(QStringLiteral("project-finding-%1").arg(m_rows.size() + 1));
        words->setText(wordsOf(finding));
        column->addWidget(words);
        const auto fix = check::fixWordsOf(finding);
        if (!fix.empty()) {
            auto* button = new Chip(QString::fromUtf8(fix.data(), qsizetype(fix.size())), row);
            button->setCheckable(false);
            button->setObjectName(QStringLiteral("fix-project-%1").arg(m_rows.size() + 1));
            connect(button, &QAbstractButton::clicked, this, [this, finding] {
                if (const auto error = m_session.projectCheck.fix(finding))
                    m_session.requests.say(told(*error));
            });
            column->addWidget(button, 0, Qt::AlignLeft);
        }
        m_findings->addWidget(row);
        m_rows << row;
    }
    [[nodiscard]] static QString wordsOf(const check::ProjectFinding& finding) {
        const Theme& theme = currentTheme();
        const bool isError = finding.severity == check::Severity::Error;
        const bool isDoubt = finding.severity == check::Severity::Doubt;
        const QString mark = isError ? tr("Error") : isDoubt ? tr("Doubt") : tr("Note");
        return QStringLiteral(
                   "<b style='color:%1'>%2</b> <span style='color:%6'>%3</span><br>"
                   "<span style='color:%4'>%5</span>")
            .arg(toneOf(finding.severity).name(), mark,
                 told(printableLine(finding.sentence)).toHtmlEscaped(), theme.quietInk.name(),
                 told(printableLine(finding.where)).toHtmlEscaped(), theme.ink.name());
    }

    Session& m_session;
    PanelSection* m_target;
    PanelSection* m_options;
    PanelSection* m_link;
    MarginSection* m_written;
    QLabel* m_history;
    MarginSection* m_project;
    static constexpr std::size_t mostRows = 60;  // more would hold the window up
    QVBoxLayout* m_findings;
    QList<QWidget*> m_rows;
    std::vector<check::ProjectFinding> m_shown;
    QColor m_shownInk;  ///< the day or night that they are shown for
    QLabel* m_more;
    MarginSection* m_order;
    QLabel* m_levels;
};

}  // namespace

MarginPanel* makeShipPanel(Session& session, QWidget* parent) {
    return new ShipPanel(session, parent);
}

}  // namespace rook::app
