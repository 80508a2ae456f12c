#include "app/steps/kit/kit_tray.h"
#include <QPainter>

#include "app/painting/kit_painter.h"
#include "app/steps/kit/kit_options.h"
#include "app/ui/buttons.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

class KitTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        addCards(addCardRow());
        auto* grid = addOptionGrid(wide);
        addSearch(grid);
        addOptions(grid);
    }

private:
    void addCards(QHBoxLayout* row) {
        const level::Kit* kit = m_session.document.project().kitOf(*m_session.document.level());
        if (!kit) return;
        for (const level::Piece& piece : kit->pieces) {
            const CellRect bounds = piece.bounds();
            const QString size = piece.storeys() > 1
                                     ? tr("%1 × %2, %3 storeys")
                                           .arg(bounds.width)
                                           .arg(bounds.height)
                                           .arg(piece.storeys())
                                     : tr("%1 × %2").arg(bounds.width).arg(bounds.height);
            auto* card = new CardButton(
                QString::fromStdString(piece.title), size,
                [this, kitName = kit->name, name = piece.name](QPainter& painter,
                                                               const QRect& box) {
                    const level::Kit* now = m_session.document.project().findKit(kitName);
                    const level::Piece* shown = now ? now->find(name) : nullptr;
                    if (shown)
                        paintPieceCard(painter, *now, *shown, box,
                                       m_session.workbench.options<KitOptions>().pieceTurn);
                },
                m_cards);
            card->setObjectName(QStringLiteral("piece-") + QString::fromStdString(piece.name));
            card->setAccessibleName(QString::fromStdString(piece.title + " " + piece.tags));
            addCard<KitOptions>(
                row, card, [name = piece.name](const auto& o) { return o.piece == name; },
                [this, name = piece.name](auto& o) {
                    o.piece = name;
                    if (!m_session.workbench.isInHand("place") &&
                        !m_session.workbench.isInHand("path"))
                        m_session.workbench.chooseTool("place");
                });
            m_refreshers << [card] { card->update(); };
        }
    }
    void addOptions(QGridLayout* grid) {
        auto* turns = addOptionLine(grid, 1, tr("Turn"));
        for (int turn = 0; turn < 4; ++turn) {
            auto* chip = addChip<KitOptions>(
                turns, tr("%1°").arg(turn * 90), QStringLiteral("turn-%1").arg(turn),
                [turn](const auto& o) { return o.pieceTurn == turn; },
                [turn](auto& o, bool) { o.pieceTurn = turn; });
            chip->setAccessibleName(tr("Turned by %1 degrees").arg(turn * 90));
            chip->setToolTip(tr("Comma and point turn what is in hand."));
        }
        turns->addStretch();
        const QString hints[] = {
            tr("Drawn to open ports. Shift: parts of a module. Drag: a row."),
            tr("Drag a path; bends, tees and crossings are chosen."),
            tr("Drag a room; floors, walls and corners are chosen. Shift extends a room."),
            tr("Click a piece: its open ports get ends."),
            tr("Click, or drag a frame. Drag moves by whole modules.")};
        auto* words = makeWords(hints[m_session.workbench.toolPlace()] + u' ' +
                                    tr("Page up and down change the storey."),
                                m_options);
        words->setFont(sizedFont(-2));
        grid->addWidget(words, 2, 0, 1, 2);
        grid->setRowStretch(3, 1);
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeKitTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<KitTray>(session, cards, options);
}

}  // namespace rook::app
