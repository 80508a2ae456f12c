#include <QAbstractButton>
#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>

#include "app/steps/skin/skin_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "level/level_edits.h"
#include "level/look_edits.h"
#include "level/tile_edits.h"
#include "skin/coverage.h"

namespace rook::app {

namespace {

/// The swatches of the project: made of a matter, opened, taken away.
class SwatchSection : public PanelSection {
public:
    SwatchSection(Session& session, QWidget* parent)
        : PanelSection(tr("Swatches"), {}, session, parent), m_list(new QVBoxLayout) {
        makeFoldable(QStringLiteral("swatches"), true);
        m_list->setSpacing(0);
        addWide(m_list);
        m_words = makeWords({}, this);
        addWide(m_words);
        m_matter = makeChoiceBox(QStringLiteral("swatch-matter"), {}, this, [](int) {});
        addControl(tr("New, of"), m_matter);
        m_theme = new QLineEdit(rowsHolder());
        m_theme->setObjectName(QStringLiteral("swatch-theme"));
        m_theme->setAccessibleName(tr("Theme of a new swatch"));
        m_theme->setPlaceholderText(tr("none: always"));
        m_theme->setFixedWidth(150);
        m_theme->setMaxLength(40);
        addControl(tr("Theme"), m_theme);
        addWide(makeButton(tr("Make the swatch"), QStringLiteral("make-swatch"), this,
                           [this] { make(); }));
        m_patch = makeNumberBox(QStringLiteral("swatch-patch"), 0, 256, this, [this](int value) {
            level::Chance chance = m_session.document.level()->chance;
            chance.patch = value;
            m_session.document.apply(setChance(*m_session.document.level(), chance,
                                               tr("Patches of trims").toStdString()));
        });
        m_patch->setSpecialValueText(tr("none"));
        m_patch->setToolTip(tr("What grows beside surfaces comes in patches of so many cells."));
        addControl(tr("Patches, cells"), m_patch);
        m_motif =
            qobject_cast<QAbstractButton*>(makeButton({}, QStringLiteral("motif"), this, [this] {
                if (const CellRect* cells = taken())
                    m_session.document.apply(
                        level::toggleMotif(*m_session.document.level(), *cells));
            }));
        m_motif->setToolTip(
            tr("The cells of a motif are laid whole, where each of them meets its like."));
        addWide(m_motif);
        m_back = makeButton(tr("Back to the level"), QStringLiteral("leave-swatch"), this, [this] {
            m_session.document.chooseLevel(m_session.document.lastLevel());
        });
        addWide(m_back);
        m_remove = makeButton(tr("Remove this swatch"), QStringLiteral("remove-swatch"), this,
                              [this] { remove(); });
        addWide(m_remove);
    }

    void refresh() override {
        const auto& swatches = m_session.document.project().swatches;
        const bool isOnSwatch = m_session.document.isOnSwatch();
        setNote(isOnSwatch ? tr("on the board") : QString());
        setRowCount(
            m_rows, m_list, swatches.size(), QStringLiteral("swatch"), [this](std::size_t i) {
                m_session.document.chooseLevel(m_session.document.project().swatches[i]->id);
            });
        for (std::size_t i = 0; i < swatches.size(); ++i) {
            m_rows[qsizetype(i)]->setWords(QString::fromStdString(swatches[i]->title),
                                           swatches[i]->theme.empty()
                                               ? QString()
                                               : QString::fromStdString(swatches[i]->theme));
            m_rows[qsizetype(i)]->setChecked(swatches[i]->id == m_session.document.level()->id);
        }
        m_words->setText(
            isOnSwatch ? tr("Dress this patch with tiles: every mass follows. Lay more matter in "
                            "Shape. Tiles on open cells beside a surface are trims.")
                       : tr("A small board that you dress by hand; its matter looks like that "
                            "anywhere."));
        fillMatters();
        m_patch->setEnabled(isOnSwatch);
        showNumber(m_patch, m_session.document.level()->chance.patch);
        const CellRect* cells = taken();
        m_motif->setVisible(isOnSwatch);
        m_motif->setEnabled(cells != nullptr);
        m_motif->setText(!cells ? tr("Ctrl + drag takes a motif")
                         : level::meetsMotif(*m_session.document.level(), *cells)
                             ? tr("Dissolve the motif")
                             : tr("Make %1 × %2 a motif").arg(cells->width).arg(cells->height));
        m_back->setVisible(isOnSwatch);
        m_remove->setVisible(isOnSwatch);
    }

private:
    /// The cells of this board that tiles were taken of last.
    [[nodiscard]] const CellRect* taken() const {
        const auto& from = m_session.workbench.options<TilesInHand>().tilesFrom;
        return from && m_session.document.isOnSwatch() &&
                       from->first == m_session.document.level()->id
                   ? &from->second
                   : nullptr;
    }
    void fillMatters() {
        QStringList titles;
        for (std::size_t i = 1; i < m_session.document.project().matters.size(); ++i)
            titles << QString::fromStdString(m_session.document.project().matters[i].title);
        setChoices(m_matter, titles);
    }
    void make() {
        const int index = m_matter->currentIndex() + 1;
        if (index < 1 || index >= int(m_session.document.project().matters.size())) return;
        const level::Project& project = m_session.document.project();
        level::Level swatch = skin::swatchFor(
            project, level::MatterId{static_cast<std::uint16_t>(index)},
            m_session.document.level()->cellSize, m_theme->text().trimmed().toStdString());
        const LevelId id = swatch.id;
        m_session.document.apply(level::addSwatch(project, std::move(swatch)));
        m_session.document.chooseLevel(id);
        m_session.say(tr("The patch shows all cases. Take tiles from the sheet and dress it."));
    }
    void remove() {
        const auto edit =
            level::removeSwatch(m_session.document.project(), m_session.document.level()->id);
        m_session.document.chooseLevel(m_session.document.lastLevel());
        m_session.document.apply(edit);
    }

    QVBoxLayout* m_list;
    QLabel* m_words;
    QComboBox* m_matter;
    QLineEdit* m_theme;
    QSpinBox* m_patch;
    QAbstractButton* m_motif;
    QWidget* m_back;
    QWidget* m_remove;
    QList<MarginRow*> m_rows;
};

}  // namespace

PanelSection* makeSwatchSection(Session& session, QWidget* parent) {
    return new SwatchSection(session, parent);
}

}  // namespace rook::app
