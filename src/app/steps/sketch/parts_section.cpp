#include <QComboBox>
#include <QFileDialog>

#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_panel.h"
#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "file/project_file.h"
#include "level/names.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Part;
using level::PartMatch;
using level::PartSort;

/// The things of this plan, counted, and what stands for each.
class PartsSection : public SketchSection {
public:
    PartsSection(Session& session, QWidget* parent)
        : SketchSection(tr("Parts list"), session, parent),
          m_list(new QVBoxLayout),
          m_match(new ChoiceBox(this)),
          m_words(makeWords({}, this)) {
        m_list->setSpacing(0);
        addWide(m_list);
        addWide(m_words);
        m_match->setObjectName(QStringLiteral("part-match"));
        m_match->setFixedWidth(170);
        connect(m_match, &QComboBox::activated, this,
                [this](int index) { match(m_chosen, m_match->itemData(index).toString()); });
        addControl(tr("Stands for it"), m_match);
        m_export = makeButton(tr("Export as CSV …"), QStringLiteral("export-parts"), this,
                              [this] { exportCsv(); });
        addWide(m_export);
    }

    void refresh() override {
        const auto parts = partsOf(m_session.document.project(), *m_session.document.level());
        if (parts != m_parts || m_rows.isEmpty()) rebuild(parts);
        const auto toMake =
            std::count_if(parts.begin(), parts.end(), [](const Part& part) { return !part.match; });
        setNote(parts.empty() ? tr("none yet")
                              : tr("%1, %2 to make")
                                    .arg(counted(qsizetype(parts.size()), tr("part"), tr("parts")))
                                    .arg(toMake));
        m_words->setText(parts.empty()
                             ? tr("Things of the scene (D) are counted here: what is there "
                                  "already, and what must still be made.")
                             : tr("Drag a card onto a part, or choose below what stands for it."));
        m_export->setEnabled(!parts.empty());
        refreshMatch();
    }

private:
    void rebuild(const std::vector<Part>& parts) {
        m_parts = parts;
        for (MarginRow* row : m_rows) {
            m_list->removeWidget(row);
            row->hide();
            row->deleteLater();
        }
        m_rows.clear();
        for (std::size_t i = 0; i < parts.size(); ++i) {
            const Part& part = parts[i];
            auto* row = new MarginRow(rowsHolder());
            const QString name = QString::fromStdString(part.name);
            row->setObjectName(QStringLiteral("part-%1").arg(i + 1));
            row->setWords(tr("%1 × %2").arg(part.instances).arg(name),
                          part.match ? told(matchText(m_session.document.project(), *part.match))
                                     : tr("to make"),
                          part.match ? QColor() : currentTheme().caution);
            row->takeDrops(CardButton::partType(), [this, name](const QString& target) {
                match(name.toStdString(), target);
            });
            connect(row, &QAbstractButton::clicked, this, [this, i] { choose(i); });
            m_list->addWidget(row);
            m_rows << row;
        }
    }
    /// Shows where the part is, one instance after the other.
    void choose(std::size_t index) {
        const Part part = m_parts[index];
        m_turn = part.name == m_chosen ? m_turn + 1 : 0;
        m_chosen = part.name;
        Selection selection;
        for (const auto& [level, id] : part.places)
            selection.marks.push_back(id);
        const auto* mark = findMark(sketch(), part.places[m_turn % part.places.size()].second);
        m_session.workbench.select(selection);
        if (mark) m_session.requests.showPlace(boundsOf(*mark));
        refresh();
    }
    void refreshMatch() {
        const Part* chosen = nullptr;
        for (std::size_t i = 0; i < m_parts.size(); ++i) {
            const bool isChosen = m_parts[i].name == m_chosen;
            m_rows[qsizetype(i)]->setChecked(isChosen);
            if (isChosen) chosen = &m_parts[i];
        }
        m_match->setEnabled(chosen != nullptr);
        m_match->clear();
        if (!chosen) return;
        const level::Project& project = m_session.document.project();
        m_match->addItem(tr("nothing yet: to make"), QString());
        const auto add = [&](PartSort sort, const std::string& target) {
            const PartMatch match{chosen->name, sort, target};
            m_match->addItem(told(matchText(project, match)),
                             QStringLiteral("%1:%2").arg(told(level::nameOf(sort)),
                                                         QString::fromStdString(target)));
            if (chosen->match && chosen->match->sort == sort && chosen->match->target == target)
                m_match->setCurrentIndex(m_match->count() - 1);
        };
        for (const level::Kind& kind : project.kinds)
            add(PartSort::Kind, kind.id.text);
        for (std::size_t i = 1; i < project.matters.size(); ++i)
            add(PartSort::Matter, project.matters[i].name);
        for (const level::Sheet& sheet : project.sheets)
            for (int tile = 1; tile <= std::min(sheet.columns, 64); ++tile)
                add(PartSort::Tile, sheet.name + ":" + std::to_string(tile));
    }
    /// `target` is "kind:lantern", "matter:stone", "tile:weir:12", or empty for none.
    void match(const std::string& part, const QString& target) {
        std::optional<PartMatch> wanted;
        const qsizetype colon = target.indexOf(u':');
        const auto sort = level::fromName<PartSort>(target.left(colon).toStdString());
        if (colon > 0 && sort) wanted = PartMatch{part, *sort, target.mid(colon + 1).toStdString()};
        m_session.document.apply(matchPart(m_session.document.project(), part, wanted));
    }
    void exportCsv() {
        const QString path =
            QFileDialog::getSaveFileName(this, tr("Export the parts list"),
                                         QStringLiteral("parts.csv"), tr("CSV table (*.csv)"));
        if (path.isEmpty()) return;
        const auto written =
            file::writeWhole(file::diskStorage(), path.toStdString(),
                             file::partsCsv(m_session.document.project(), m_parts));
        m_session.say(written ? tr("Exported %1.").arg(path) : told(written.error()));
    }

    QVBoxLayout* m_list;
    QComboBox* m_match;
    QLabel* m_words;
    QWidget* m_export;
    std::vector<Part> m_parts;
    QList<MarginRow*> m_rows;
    std::string m_chosen;
    std::size_t m_turn = 0;
};

}  // namespace

SketchSection* makePartsSection(Session& session, QWidget* parent) {
    return new PartsSection(session, parent);
}

}  // namespace rook::app
