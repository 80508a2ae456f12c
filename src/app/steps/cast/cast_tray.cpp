#include "app/steps/cast/cast_tray.h"

#include "app/painting/cards.h"
#include "app/painting/matter_painter.h"
#include "app/steps/cast/cast_options.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

class CastTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        addCards(addCardRow());
        auto* grid = addOptionGrid(wide);
        addSearch(grid);
        addOptions(grid);
        grid->setRowStretch(3, 1);
    }

private:
    void addCards(QHBoxLayout* row) {
        const level::Project& project = m_session.document.project();
        const SheetImages sheets = loadSheets(project, m_session.document.folder());
        for (const level::Kind& kind : project.kinds) {
            QImage sprite;
            const level::Sheet* sheet = project.findSheet(kind.sheet);
            if (sheet && kind.tile > 0) {
                QRect source = sourceOf(*sheet, kind.tile - 1);
                source.setSize({source.width() * kind.spriteTiles.width,
                                source.height() * kind.spriteTiles.height});
                sprite = sheets.value(QString::fromStdString(kind.sheet)).copy(source);
            }
            auto* card = makeKindCard(kind, m_cards, sprite);
            card->setObjectName(QStringLiteral("kind-") + QString::fromStdString(kind.id.text));
            addCard<CastOptions>(
                row, card, [id = kind.id](const auto& o) { return o.kind == id; },
                [this, id = kind.id](auto& o) {
                    o.kind = id;
                    m_session.workbench.chooseTool("place");
                });
        }
    }
    void addOptions(QGridLayout* grid) {
        auto* snaps = addOptionLine(grid, 1, tr("Snap"));
        const std::pair<QString, Snap> choices[] = {
            {tr("cell"), Snap::Cell}, {tr("half"), Snap::HalfCell}, {tr("px"), Snap::Px}};
        for (const auto& [text, snap] : choices)
            addChip<CastOptions>(
                snaps, text, QStringLiteral("snap-") + QString::number(int(snap)),
                [snap = snap](const auto& o) { return o.snap == snap; },
                [snap = snap](auto& o, bool) { o.snap = snap; })
                ->setAccessibleName(tr("Snap to %1").arg(text));
        addChip<CastOptions>(
            snaps, tr("set down"), QStringLiteral("sets-down"),
            [](const auto& o) { return o.setsDown; }, [](auto& o, bool isOn) { o.setsDown = isOn; })
            ->setToolTip(
                tr("What is placed comes to stand by its kind's rule: on the floor, under the "
                   "ceiling, at the wall."));
        snaps->addStretch();
        auto* shows = addOptionLine(grid, 2, tr("Show"));
        const std::tuple<QString, const char*, bool CastOptions::*, QString> chips[] = {
            {tr("ways"), "shows-ways", &CastOptions::showsWays,
             tr("Patrols, tracks, formations, and how high springs throw.")},
            {tr("links"), "shows-links", &CastOptions::showsLinks,
             tr("What refers to what, as lines.")},
            {tr("zones"), "shows-zones", &CastOptions::showsZones,
             tr("Zones, and where bodies cross from one to another.")},
            {tr("windows"), "shows-windows", &CastOptions::showsWindows,
             tr("When one can pass through a formation.")}};
        for (const auto& [text, name, field, words] : chips)
            addChip<CastOptions>(
                shows, text, QLatin1String(name),
                [field = field](const auto& o) { return o.*field; },
                [field = field](auto& o, bool isOn) { o.*field = isOn; })
                ->setToolTip(words);
        shows->addStretch();
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeCastTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<CastTray>(session, cards, options);
}

}  // namespace rook::app
