#include <QComboBox>
#include <QSpinBox>

#include "app/panel_section.h"
#include "level/tile_edits.h"
#include "skin/scatter.h"

namespace rook::app {

namespace {

/// Strews the tiles in hand over the level, by a rule, on the layer in hand.
class ScatterSection : public PanelSection {
public:
    ScatterSection(Session& session, QWidget* parent)
        : PanelSection(tr("Scatter"), tr("the tile in hand"), session, parent) {
        makeFoldable(QStringLiteral("scatter"), false);
        m_where = makeChoiceBox(
            QStringLiteral("scatter-where"),
            {tr("on top of"), tr("under"), tr("beside"), tr("inside"), tr("in open air")}, this,
            [this](int index) {
                m_rule.where = static_cast<skin::Ground>(index);
                refresh();
            });
        addControl(tr("Where"), m_where);
        m_matter = makeChoiceBox(QStringLiteral("scatter-matter"), {}, this, [this](int index) {
            m_rule.matter = level::MatterId{static_cast<std::uint16_t>(index + 1)};
        });
        addControl(tr("Of"), m_matter);
        addNumber(tr("Share, %"), "scatter-share", 0, 100, &skin::ScatterRule::share);
        addNumber(tr("Apart, cells"), "scatter-distance", 0, 64, &skin::ScatterRule::distance);
        addNumber(tr("Patches, cells"), "scatter-patch", 0, 256, &skin::ScatterRule::patch);
        addNumber(tr("Seed"), "scatter-seed", 0, 1000000, &skin::ScatterRule::seed);
        m_reached = makeChoiceBox(QStringLiteral("scatter-reached"),
                                  {tr("everywhere"), tr("only where reached")}, this, [](int) {});
        addControl(tr("Cells"), m_reached);
        addWide(makeButton(tr("Lay them down"), QStringLiteral("scatter"), this,
                           [this] { layDown(); }));
    }

    void refresh() override {
        QStringList titles;
        for (std::size_t i = 1; i < m_session.project().matters.size(); ++i)
            titles << QString::fromStdString(m_session.project().matters[i].title);
        if (m_matter->count() != titles.size()) {
            m_matter->clear();
            m_matter->addItems(titles);
        }
        m_matter->setCurrentIndex(int(m_rule.matter.index) - 1);
        m_matter->setEnabled(m_rule.where != skin::Ground::OpenAir);
    }

private:
    void addNumber(const QString& words, const char* name, int low, int high,
                   int skin::ScatterRule::*field) {
        QSpinBox* box = makeNumberBox(QLatin1String(name), low, high, this,
                                      [this, field](int value) { m_rule.*field = value; });
        box->setAccessibleName(words);
        showNumber(box, m_rule.*field);
        addControl(words, box);
    }
    void layDown() {
        const auto& tiles = m_session.options().tiles;
        if (tiles.at(0, 0).isNone()) return m_session.say(tr("Take a tile from the sheet first."));
        const level::Level& level = *m_session.level();
        skin::ScatterRule rule = m_rule;
        const auto proven = m_session.proven(level.id);
        if (m_reached->currentIndex() == 1) {
            if (!proven || !m_session.isProofCurrent(level.id))
                return m_session.say(tr("Reach is still being solved."));
            rule.isWanted = [&proven, cell = level.cellSize](CellPoint at) {
                const reach::Reached& reached = proven->answer.reached;
                const PxRect px = toPx({at.x, at.y, 1, 1}, cell);
                return proven->covered.anyIn(px.x + reached.left, px.y + reached.top,
                                             px.right() + reached.left, px.bottom() + reached.top);
            };
        }
        const level::CellRegion region = skin::scatter(level, level.cells.bounds(), rule);
        if (region.isEmpty()) return m_session.say(tr("There is no place for that rule."));
        const int layer = m_session.options().skinLayer < int(level.layers.size())
                              ? m_session.options().skinLayer
                              : level::onMasses;
        level::LevelEdit edit = setTiles(level, region, tiles, {0, 0}, layer);
        edit.name = "Scatter " + level::cellCountText(region.cellCount());
        m_session.apply(edit);
        m_session.say(
            tr("Laid on %L1 cells. Undo, change the rule, lay again.").arg(region.cellCount()));
    }

    QComboBox* m_where;
    QComboBox* m_matter;
    QComboBox* m_reached;
    skin::ScatterRule m_rule;
};

}  // namespace

PanelSection* makeScatterSection(Session& session, QWidget* parent) {
    return new ScatterSection(session, parent);
}

}  // namespace rook::app
