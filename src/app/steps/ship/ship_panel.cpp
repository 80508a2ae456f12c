#include "app/steps/ship/ship_panel.h"

#include <QFileDialog>
#include <QLineEdit>
#include <QPushButton>

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
        m_members = new Chip(tr("Write out the members of formations"), section);
        m_members->setObjectName(QStringLiteral("write-members"));
        m_members->setToolTip(
            tr("For games that do not turn formations themselves: the place of each member in each "
               "tick"));
        connect(m_members, &QAbstractButton::clicked, this, [this](bool isOn) {
            m_session.document.apply(level::setWritesMembers(m_session.document.project(), isOn));
        });
        section->addWide(m_target);
        section->addWide(m_members);
        section->addWide(buttons);
        section->addWide(m_outcome);
        m_written = new MarginSection(tr("Written"), {}, this);
        m_files = makeWords({}, m_written);
        m_files->setObjectName(QStringLiteral("written"));
        m_written->addWide(m_files);
        m_project = new MarginSection(tr("The project"), {}, this);
        m_projectWords = makeWords({}, m_project);
        m_projectWords->setObjectName(QStringLiteral("project-findings"));
        m_project->addWide(m_projectWords);
        connect(&session.projectCheck, &ProjectCheck::changed, this, [this] { refreshProject(); });
        m_order = new MarginSection(tr("Order of play"), {}, this);
        m_levels = makeWords({}, m_order);
        m_order->addWide(m_levels);
        column->addWidget(section);
        column->addWidget(m_project);
        column->addWidget(m_written);
        column->addWidget(m_order);
        column->addStretch();
    }

    void refresh() override {
        refreshOutcome();
        refreshProject();
        m_members->setChecked(m_session.document.project().writesMembers);
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
        m_projectWords->setVisible(findings && !findings->empty());
        if (!findings) return m_project->setNote(tr("being looked at"));
        const auto open = qsizetype(check::openCount(*findings));
        m_project->setNote(open == 0 ? tr("no open findings")
                                     : counted(open, tr("finding"), tr("findings")));
        QString rows;
        for (const check::ProjectFinding& finding : *findings) {
            const QColor tone = finding.severity == check::Severity::Error ? currentTheme().alarm
                                : finding.severity == check::Severity::Doubt
                                    ? currentTheme().caution
                                    : currentTheme().quietInk;
            const QString mark = finding.severity == check::Severity::Error   ? tr("Error")
                                 : finding.severity == check::Severity::Doubt ? tr("Doubt")
                                                                              : tr("Note");
            rows +=
                QStringLiteral(
                    "<p style='margin:0 0 6px 0'><b style='color:%1'>%2</b> "
                    "<span style='color:%6'>%3</span><br>"
                    "<span style='color:%4'>%5</span></p>")
                    .arg(tone.name(), mark,
                         QString::fromStdString(printableLine(finding.sentence)).toHtmlEscaped(),
                         currentTheme().quietInk.name(),
                         QString::fromStdString(printableLine(finding.where)).toHtmlEscaped(),
                         currentTheme().ink.name());
        }
        m_projectWords->setText(rows);
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
    Chip* m_members;
    QLabel* m_outcome;
    MarginSection* m_written;
    QLabel* m_files;
    MarginSection* m_project;
    QLabel* m_projectWords;
    MarginSection* m_order;
    QLabel* m_levels;
};

}  // namespace

MarginPanel* makeShipPanel(Session& session, QWidget* parent) {
    return new ShipPanel(session, parent);
}

}  // namespace rook::app
