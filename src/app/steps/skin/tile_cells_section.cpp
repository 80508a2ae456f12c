#include <QComboBox>

#include "app/steps/skin/skin_options.h"
#include "app/steps/skin/skin_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/words.h"
#include "level/tile_edits.h"
#include "skin/pins.h"

namespace rook::app {

namespace {

/// What can be done to the cells that are selected in Skin.
class TileCellsSection : public PanelSection {
public:
    TileCellsSection(Session& session, QWidget* parent)
        : PanelSection(tr("Selected cells"), {}, session, parent) {
        auto* grid = new ButtonGrid;
        const auto add = [&](const QString& text, const char* name, const QString& words,
                             std::function<void()> act) {
            QWidget* button = grid->add(text, name, this, std::move(act));
            button->setToolTip(words);
            return button;
        };
        add(tr("Pin"), "pin-tiles", tr("They keep the tiles that are seen now."), [this] {
            m_session.document.apply(skin::pinTiles(
                *m_session.dressing.tilingRules(), *m_session.document.level(), region(),
                layerInHand(m_session.workbench.options(), *m_session.document.level())));
        });
        add(tr("Dress anew"), "unpin-tiles", tr("They are given back to the dressing."), [this] {
            m_session.document.apply(clearTiles(
                *m_session.document.level(), region(),
                layerInHand(m_session.workbench.options(), *m_session.document.level())));
        });
        m_roll =
            add(tr("Roll anew"), "roll-tiles",
                tr("Other variants, trims and motifs, by chance; press again for others."), [this] {
                    m_session.document.apply(skin::rollAnew(*m_session.dressing.tilingRules(),
                                                            *m_session.document.level(), region(),
                                                            ++m_salt));
                });
        m_lay =
            add(tr("Lay by tiles"), "lay-by-tiles",
                tr("Matter is laid in the form that each tile set by hand looks like."), [this] {
                    m_session.document.apply(skin::layByTiles(
                        m_session.document.project(), *m_session.document.level(), region(),
                        m_session.workbench.options<CellOptions>().matter));
                });
        addWide(grid);
        m_matter = makeChoiceBox(QStringLiteral("lay-matter"), {}, this, [this](int index) {
            change<CellOptions>(
                [index](CellOptions& o) { o.matter = level::MatterId{std::uint16_t(index + 1)}; });
        });
        addControl(tr("Lays"), m_matter);
    }

    void refresh() override {
        const auto& cells = m_session.workbench.selection().cells;
        setVisible(cells.has_value());
        if (!cells) return;
        setNote(told(level::cellCountText(cells->cellCount())));
        const bool isOnMasses = layerInHand(m_session.workbench.options(),
                                            *m_session.document.level()) == level::onMasses;
        m_roll->setEnabled(isOnMasses);
        m_lay->setEnabled(isOnMasses);
        QStringList matters;
        for (std::size_t i = 1; i < m_session.document.project().matters.size(); ++i)
            matters << QString::fromStdString(m_session.document.project().matters[i].title);
        setChoices(m_matter, matters);
        m_matter->setCurrentIndex(int(m_session.workbench.options<CellOptions>().matter.index) - 1);
    }

private:
    [[nodiscard]] level::CellRegion region() const {
        return m_session.workbench.selection().cells.value_or(level::CellRegion());
    }

    QWidget* m_roll;
    QWidget* m_lay;
    QComboBox* m_matter;
    int m_salt = 0;
};

}  // namespace

PanelSection* makeTileCellsSection(Session& session, QWidget* parent) {
    return new TileCellsSection(session, parent);
}

}  // namespace rook::app
