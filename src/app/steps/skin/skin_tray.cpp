#include "app/steps/skin/skin_tray.h"

#include <QLabel>
#include <QPainter>

#include "app/painting/matter_painter.h"
#include "app/steps/skin/skin_options.h"
#include "app/tools/cell_tray.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

/// The swatch itself, as it is dressed, in the middle of the card.
void drawSwatch(QPainter& painter, const QRect& rect, const level::Project& project,
                const level::Level& swatch, const SheetImages& sheets) {
    MatterScene scene{&project, &swatch, &sheets, {1, 0, 0}};
    scene.isClear = true;
    const PxRect size = swatch.boundsPx();
    QImage image(size.width, size.height, QImage::Format_ARGB32_Premultiplied);
    image.fill(QColor(QString::fromStdString(swatch.background)));
    QPainter picture(&image);
    paintMatter(picture, scene, image.rect(), {}, 1);
    picture.end();
    // From its first masses on: there is where it differs from others.
    const CellRect bounds = swatch.cells.bounds();
    int first = 0;
    while (first + 1 < bounds.area() &&
           swatch.cells.at(first % bounds.width, first / bounds.width).isOpen())
        ++first;
    const QPoint corner(first % bounds.width * swatch.cellSize.width - 6,
                        first / bounds.width * swatch.cellSize.height - 8);
    painter.setClipRect(rect);
    painter.drawImage(rect.topLeft(), image, QRect(corner, rect.size()));
}

class SkinTray final : public CellTray {
public:
    using CellTray::CellTray;
    void fill() override {
        addCards(addCardRow());
        auto* grid = addOptionGrid(wide);
        addSearch(grid);
        addOptions(grid);
        grid->setRowStretch(4, 1);
    }

private:
    void addCards(QHBoxLayout* row) {
        const level::Project& project = m_session.document.project();
        const SheetImages sheets = loadSheets(project, m_session.document.folder());
        for (const auto& swatch : project.swatches) {
            auto* card = new CardButton(
                QString::fromStdString(swatch->title),
                swatch->theme.empty() ? tr("swatch") : QString::fromStdString(swatch->theme),
                [project, swatch, sheets](QPainter& painter, const QRect& rect) {
                    drawSwatch(painter, rect, project, *swatch, sheets);
                },
                m_cards);
            card->setCheckable(true);
            card->setObjectName(QStringLiteral("swatch-") +
                                QString::fromStdString(swatch->id.text));
            card->setToolTip(tr("Open the swatch on the board; once more, back to the level."));
            connect(card, &QAbstractButton::clicked, this, [this, id = swatch->id] {
                m_session.document.chooseLevel(
                    m_session.document.level()->id == id ? m_session.document.lastLevel() : id);
            });
            m_refreshers << [this, card, id = swatch->id] {
                card->setChecked(m_session.document.level()->id == id);
            };
            row->addWidget(card);
            m_cardButtons << card;
        }
        if (!project.swatches.empty()) return;
        auto* words = new QLabel(
            tr("No swatch yet. Add a sheet in the margin, make a swatch of a matter, and dress it "
               "with tiles: every mass of that matter follows."),
            m_cards);
        words->setWordWrap(true);
        words->setForegroundRole(QPalette::PlaceholderText);
        row->addWidget(words, 1);
    }
    void addOptions(QGridLayout* grid) {
        const Workbench& workbench = m_session.workbench;
        if (workbench.isInHand("box"))
            addBoxOptions(grid, 1);
        else if (workbench.isInHand("fill"))
            addFillOptions(grid, 1);
        else if (workbench.isInHand("select"))
            addSelectOptions(grid, 1);
        else
            addBrushOptions(grid, 1)->addStretch();
        auto* shows = addOptionLine(grid, 2, tr("Show"));
        addChip<SkinOptions>(
            shows, tr("cases not shown"), QStringLiteral("shows-guesses"),
            [](const auto& o) { return o.showsGuesses; },
            [](auto& o, bool isOn) { o.showsGuesses = isOn; })
            ->setToolTip(tr("Marks cells whose case no swatch shows: the nearest stands in."));
        shows->addStretch();
        auto* looks = addOptionLine(grid, 3, {});
        addChip<SkinOptions>(
            looks, tr("look against collision"), QStringLiteral("shows-look"),
            [](const auto& o) { return o.showsLook; },
            [](auto& o, bool isOn) { o.showsLook = isOn; })
            ->setToolTip(
                tr("Outlines what is solid, and hatches cells that look otherwise: ochre ones "
                   "look solid and are not, vermilion ones are solid and do not look it."));
        looks->addStretch();
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeSkinTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<SkinTray>(session, cards, options);
}

}  // namespace rook::app
