#include <QComboBox>
#include <QSpinBox>

#include "app/steps/skin/skin_sections.h"
#include "level/look_edits.h"
#include "level/tile_edits.h"
#include "skin/dressing.h"

namespace rook::app {

namespace {

/// How this level is dressed: by which theme, with which chances, before which pictures.
class LookSection : public PanelSection {
public:
    LookSection(Session& session, QWidget* parent)
        : PanelSection(tr("Look of the level"), {}, session, parent) {
        m_theme = makeChoiceBox(QStringLiteral("level-theme"), {}, this, [this](int index) {
            m_session.document.apply(
                setTheme(*m_session.document.level(),
                         index <= 0 ? std::string() : m_themes[std::size_t(index) - 1]));
        });
        addControl(tr("Theme"), m_theme);
        m_backdrop = makeChoiceBox(QStringLiteral("level-backdrop"), {}, this, [this](int index) {
            const auto& backdrops = m_session.document.project().backdrops;
            m_session.document.apply(
                setBackdrop(*m_session.document.level(),
                            index <= 0 ? std::string() : backdrops[std::size_t(index) - 1].name));
        });
        addControl(tr("Backdrop"), m_backdrop);
        m_seed =
            makeNumberBox(QStringLiteral("level-seed"), 0, 1000000000, this, [this](int value) {
                level::Chance chance = m_session.document.level()->chance;
                chance.seed = value;
                m_session.document.apply(setChance(*m_session.document.level(), chance,
                                                   tr("Roll the dressing").toStdString()));
            });
        m_seed->setToolTip(tr("Another number, other variants."));
        addControl(tr("Seed"), m_seed);
        m_byHand = addValue(tr("Set by hand"));
        m_clear =
            makeButton(tr("Dress everything anew"), QStringLiteral("clear-tiles"), this, [this] {
                m_session.document.apply(
                    clearTiles(*m_session.document.level(),
                               level::CellRegion(m_session.document.level()->cells.bounds())));
            });
        m_clear->setToolTip(tr("Takes all tiles away that were set by hand in this level."));
        addWide(m_clear);
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        const level::Level& level = *m_session.document.level();
        m_themes = level::themesOf(project);
        QStringList names{tr("none")};
        int at = 0;
        for (std::size_t i = 0; i < m_themes.size(); ++i) {
            names << QString::fromStdString(m_themes[i]);
            if (m_themes[i] == level.theme) at = int(i) + 1;
        }
        fill(m_theme, names, at);
        names = {tr("plain colour")};
        at = 0;
        for (const level::Backdrop& backdrop : project.backdrops) {
            names << QString::fromStdString(backdrop.title);
            if (backdrop.name == level.backdrop) at = int(names.size()) - 1;
        }
        fill(m_backdrop, names, at);
        m_backdrop->setEnabled(!m_session.document.isOnSwatch());
        showNumber(m_seed, level.chance.seed);
        const auto count = level.tiles.width() > 0 ? tileCount(level) : 0;
        m_byHand->setText(tr("%L1 tiles").arg(count));
        m_clear->setVisible(count > 0 && !m_session.document.isOnSwatch());
    }

private:
    static void fill(QComboBox* box, const QStringList& names, int at) {
        setChoices(box, names);
        box->setCurrentIndex(at);
    }

    QComboBox* m_theme;
    QComboBox* m_backdrop;
    QSpinBox* m_seed;
    QLabel* m_byHand;
    QWidget* m_clear;
    std::vector<std::string> m_themes;
};

}  // namespace

PanelSection* makeLookSection(Session& session, QWidget* parent) {
    return new LookSection(session, parent);
}

}  // namespace rook::app
