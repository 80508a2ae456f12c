#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <algorithm>

#include "app/session/reach_words.h"
#include "app/steps/shape/shape_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/controls.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/level_edits.h"
#include "level/names.h"

namespace rook::app {

namespace {

class ShapePanel : public MarginPanel {
public:
    ShapePanel(Session& session, QWidget* parent) : MarginPanel(parent), m_session(session) {
        auto* column = makeColumn(this);
        m_matter = new MarginSection({}, tr("matter"), this);
        m_behaviour = m_matter->addValue(tr("Behaves as"));
        m_laid = m_matter->addValue(tr("Laid here"));
        m_selection = new MarginSection(tr("Selection"), {}, this);
        m_selected = m_selection->addValue(tr("Size"));
        m_place = m_selection->addValue(tr("From cell"));
        addReplacing();
        auto* reach = new MarginSection(tr("Reach while you draw"), {}, this);
        m_reach = reach;
        m_exit = reach->addValue(tr("Exit"));
        m_exit->setObjectName(QStringLiteral("exit-verdict"));
        m_things = reach->addValue(tr("Things reached"));
        m_findings = reach->addValue(tr("Findings"));
        auto* level = new MarginSection(tr("Level"), {}, this);
        m_title = new QLineEdit(level);
        m_title->setObjectName(QStringLiteral("level-title"));
        m_title->setMaxLength(80);
        m_title->setFixedWidth(150);
        connect(m_title, &QLineEdit::editingFinished, this, [this] { rename(); });
        level->addControl(tr("Title"), m_title);
        level->makeFoldable(QStringLiteral("level"), true);
        m_size = level->addValue(tr("Size"));
        m_cell = level->addValue(tr("Cell"));
        m_profile = level->addValue(tr("Moves as"));
        column->addWidget(m_selection);
        column->addWidget(m_matter);
        column->addWidget(reach);
        m_sections = {makeJumpSection(session, this),   makeCollisionSection(session, this),
                      makeMatterSection(session, this), makeBlockSection(session, this),
                      makeStampSection(session, this),  makeGrowSection(session, this)};
        for (PanelSection* section : m_sections)
            column->addWidget(section);
        column->addWidget(level);
        for (auto* make : {&makeCellsSection, &makeBoardSection}) {
            m_sections << make(session, this);
            column->addWidget(m_sections.last());
        }
        column->addStretch();
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        const level::Level& level = *m_session.document.level();
        const level::Matter& matter =
            project.matters[m_session.workbench.options<CellOptions>().matter.index];
        m_matter->setTitle(QString::fromStdString(matter.title));
        m_behaviour->setText(told(level::nameOf(matter.behaviour)));
        m_laid->setText(laidText(level));
        const auto& cells = m_session.workbench.selection().cells;
        m_selection->setVisible(cells.has_value());
        if (cells) {
            fillMatters();
            const CellRect bounds = cells->bounds();
            m_selected->setText(tr("%1 × %2, %3")
                                    .arg(bounds.width)
                                    .arg(bounds.height)
                                    .arg(told(level::cellCountText(cells->cellCount()))));
            m_place->setText(tr("%1, %2").arg(bounds.x).arg(bounds.y));
        }
        if (!m_title->hasFocus()) m_title->setText(QString::fromStdString(level.title));
        m_size->setText(tr("%1 × %2 cells").arg(level.cells.width()).arg(level.cells.height()));
        m_cell->setText(tr("%1 × %2 px").arg(level.cellSize.width).arg(level.cellSize.height));
        const level::MotionProfile* profile = project.profileOf(level);
        m_profile->setText(profile ? QString::fromStdString(profile->name) : tr("nothing"));
        refreshReach();
        for (PanelSection* section : m_sections)
            section->refresh();
    }

private:
    void addReplacing() {
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        m_from = new ChoiceBox(m_selection);
        m_from->setObjectName(QStringLiteral("replace-from"));
        m_from->setAccessibleName(tr("Matter to replace"));
        m_replace = new QPushButton(m_selection);
        m_replace->setObjectName(QStringLiteral("replace"));
        m_replace->setToolTip(tr("By the matter in hand; forms are kept."));
        connect(m_replace, &QAbstractButton::clicked, this, [this] {
            const auto& cells = m_session.workbench.selection().cells;
            const level::MatterId from{
                static_cast<std::uint16_t>(std::max(0, m_from->currentIndex()))};
            if (cells)
                m_session.document.apply(
                    replaceMatter(m_session.document.project(), *m_session.document.level(), *cells,
                                  from, m_session.workbench.options<CellOptions>().matter));
        });
        auto* word = new QLabel(tr("Replace"), m_selection);
        word->setFont(sizedFont(-1));
        word->setBuddy(m_from);
        row->addWidget(word);
        row->addWidget(m_from, 1);
        row->addWidget(m_replace);
        m_selection->addWide(row);
    }
    void fillMatters() {
        const auto& matters = m_session.document.project().matters;
        const QString inHand = QString::fromStdString(
            matters[m_session.workbench.options<CellOptions>().matter.index].title);
        m_replace->setText(tr("by %1").arg(
            m_replace->fontMetrics().elidedText(inHand.toLower(), Qt::ElideRight, 80)));
        if (m_from->count() == int(matters.size())) return;
        m_from->clear();
        for (const level::Matter& matter : matters)
            m_from->addItem(QString::fromStdString(matter.title));
        m_from->setCurrentIndex(std::min(1, m_from->count() - 1));
    }

    /// Counted for levels up to a million cells: more would hold the pointer up.
    QString laidText(const level::Level& level) const {
        if (level.cells.bounds().area() > 1000000) return tr("not counted");
        const level::MatterId wanted = m_session.workbench.options<CellOptions>().matter;
        std::int64_t count = 0;
        for (int y = 0; y < level.cells.height(); ++y)
            level.cells.forEachRunOfRow(y, [&](int, int length, const level::Cell* values) {
                for (int i = 0; i < length; ++i)
                    count += values[i].matter() == wanted ? 1 : 0;
            });
        return told(level::cellCountText(count));
    }

    void refreshReach() {
        const Theme& theme = currentTheme();
        const auto proven = m_session.proofs.of(m_session.document.level()->id);
        const bool isCurrent = m_session.proofs.isCurrent(m_session.document.level()->id);
        if (!proven || proven->error) {
            m_exit->setText(proven ? tr("not decided") : tr("being solved …"));
            setTone(m_exit, theme.quietInk);
            return;
        }
        const reach::Verdict& verdict = proven->answer.verdict;
        QString word;
        QColor tone = theme.alarm;
        switch (verdict.kind) {
            case reach::VerdictKind::Reached:
                word = tr("✓ reached");
                tone = theme.accent;
                break;
            case reach::VerdictKind::NotReached:
                word = tr("✕ not reached");
                break;
            case reach::VerdictKind::NotDecided:
                word = tr("not decided");
                tone = theme.caution;
                break;
            case reach::VerdictKind::NoStart:
                word = tr("no start yet");
                tone = theme.caution;
                break;
            case reach::VerdictKind::StartBlocked:
                word = tr("start is blocked");
                break;
            case reach::VerdictKind::NoExit:
                word = tr("no exit yet");
                tone = theme.caution;
                break;
            case reach::VerdictKind::Solved:
            case reach::VerdictKind::NotSolved:
            case reach::VerdictKind::NoRule:
                break;  // of levels that have a panel of their own
        }
        m_exit->setText(word);
        setTone(m_exit, isCurrent ? tone : theme.quietInk);
        m_reach->setNote(isCurrent ? answeredWords(proven->answer) : tr("…"));
        m_things->setText(tr("%1 of %2").arg(verdict.goalsReached()).arg(verdict.goals.size()));
        const std::size_t open = check::openCount(proven->report.findings());
        m_findings->setText(open == 0 ? tr("none") : tr("%1, in Prove").arg(open));
    }

    void rename() {
        const std::string title = m_title->text().trimmed().toStdString();
        if (title.empty() || title == m_session.document.level()->title) return;
        m_session.document.apply(renameLevel(*m_session.document.level(), title));
    }

    Session& m_session;
    QComboBox* m_from = nullptr;
    QPushButton* m_replace = nullptr;
    QList<PanelSection*> m_sections;
    MarginSection* m_matter;
    MarginSection* m_selection;
    MarginSection* m_reach;
    QLabel *m_behaviour, *m_laid, *m_selected, *m_place, *m_exit, *m_things, *m_findings;
    QLabel *m_size, *m_cell, *m_profile;
    QLineEdit* m_title;
};

}  // namespace

MarginPanel* makeShapePanel(Session& session, QWidget* parent) {
    return new ShapePanel(session, parent);
}

}  // namespace rook::app
