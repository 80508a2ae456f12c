#include "app/steps/ship/ship_panel.h"

#include <QFileDialog>
#include <QLineEdit>
#include <QPushButton>

#include "app/panels/finding_note.h"
#include "app/steps/ship/spelled_section.h"
#include "app/ui/buttons.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "base/printable.h"
#include "check/finding.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

class ShipPanel : public MarginPanel {
public:
    ShipPanel(Session& session, QWidget* parent) : MarginPanel(parent), m_session(session) {
        auto* column = makeColumn(this);
        auto* section = new MarginSection(tr("Export"), tr("the bundle a game loads"), this);
        m_target = new QLineEdit(section);
        m_target->setObjectName(QStringLiteral("export-folder"));
        m_target->setAccessibleName(tr("Folder to export to"));
        m_target->setPlaceholderText(tr("Folder of the bundle"));
        if (!session.document.folder().isEmpty())
            m_target->setText(session.document.folder() + QStringLiteral("-bundle"));
        auto* choose = new QPushButton(tr("Choose …"), section);
        connect(choose, &QPushButton::clicked, this, [this] {
            const QString folder = QFileDialog::getExistingDirectory(
                this, tr("Folder of the bundle"), m_target->text());
            if (!folder.isEmpty()) m_target->setText(folder);
        });
        auto* write = new QPushButton(tr("Export"), section);
        write->setObjectName(QStringLiteral("export"));
        connect(write, &QPushButton::clicked, this, [this] { write_(); });
        auto* buttons = new QHBoxLayout;
        buttons->setSpacing(8);
        buttons->addWidget(choose);
        buttons->addWidget(write);
        buttons->addStretch();
        m_outcome = makeWords({}, section);
        section->addWide(m_target);
        section->addWide(buttons);
        section->addWide(m_outcome);
        m_written = new MarginSection(tr("Written"), {}, this);
        m_files = makeWords({}, m_written);
        m_files->setObjectName(QStringLiteral("written"));
        m_written->addWide(m_files);
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
        m_options = makeSpelledSection(session, this);
        column->addWidget(section);
        column->addWidget(m_options);
        column->addWidget(m_project);
        column->addWidget(m_written);
        column->addWidget(m_order);
        column->addStretch();
    }

    void refresh() override {
        refreshOutcome();
        refreshProject();
        m_options->refresh();
        const auto& written = m_session.writer.lastExport();
        m_written->setVisible(!written.empty());
        m_written->setNote(m_session.writer.isExportCurrent() ? tr("up to date")
                                                              : tr("older than the project"));
        QString rows;
        for (const auto& one : written) {
            rows += QStringLiteral("<tr><td>%1</td><td align=right>&nbsp;%2</td></tr>")
                        .arg(QString::fromStdString(one.path).toHtmlEscaped(),
                             tr("%1 kB").arg(double(one.bytes) / 1000, 0, 'f', 1));
        }
        m_files->setText(QStringLiteral("<table width=100% cellspacing=0>%1</table>").arg(rows));
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
    void write_() {
        if (m_target->text().trimmed().isEmpty()) {
            m_outcome->setText(tr("Choose a folder first."));
            return;
        }
        if (m_session.document.folder().isEmpty()) {
            m_outcome->setText(
                tr("Save the project first: its sheets are copied from its folder."));
            return;
        }
        m_outcome->setText(tr("Exporting …"));
        setTone(m_outcome, currentTheme().quietInk);
        m_isAsked = true;
        m_session.writer.exportInBackground(m_target->text().trimmed());
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
                    m_session.requests.say(QString::fromStdString(error->sentence()));
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
                 QString::fromStdString(printableLine(finding.sentence)).toHtmlEscaped(),
                 theme.quietInk.name(),
                 QString::fromStdString(printableLine(finding.where)).toHtmlEscaped(),
                 theme.ink.name());
    }

    void refreshOutcome() {
        if (!m_isAsked || m_session.writer.isWriting()) return;
        const auto& error = m_session.writer.exportError();
        const auto count = qsizetype(m_session.writer.lastExport().size());
        m_outcome->setText(error ? QString::fromStdString(error->sentence())
                                 : tr("Wrote %1.").arg(counted(count, tr("file"), tr("files"))));
        setTone(m_outcome, error ? currentTheme().alarm : currentTheme().accent);
    }

    Session& m_session;
    bool m_isAsked = false;  ///< an export was asked for here
    QLineEdit* m_target;
    PanelSection* m_options;
    QLabel* m_outcome;
    MarginSection* m_written;
    QLabel* m_files;
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
