#include "app/steps/kit/kit_tray.h"
#include <QComboBox>
#include <QLabel>
#include <QPainter>
#include <QSpinBox>
#include <algorithm>

#include "app/painting/kit_painter.h"
#include "app/painting/solid_painter.h"
#include "app/steps/kit/kit_options.h"
#include "app/steps/kit/units_box.h"
#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "kit/rooms.h"

namespace rook::app {

namespace {

class KitTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        const bool areSolids = m_session.workbench.isInHand("solid");
        if (areSolids)
            addSolids(addCardRow());
        else
            addCards(addCardRow());
        auto* grid = addOptionGrid(wide);
        if (areSolids) return addSolidOptions(grid);
        if (m_session.workbench.isInHand("room")) return addRoomOptions(grid);
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
    void addSolids(QHBoxLayout* row) {
        struct Each {
            SolidCard card;
            const char* id;
            QString title, word;
        };
        const Each all[] = {{SolidCard::Box, "box", tr("Box"), tr("full")},
                            {SolidCard::Room, "room", tr("Room"), tr("walls, ceiling")},
                            {SolidCard::Wedge, "wedge", tr("Wedge"), tr("a slope")},
                            {SolidCard::Stairs, "stairs", tr("Stairs"), tr("step by step")},
                            {SolidCard::Round, "round", tr("Round"), tr("a post, a tower")},
                            {SolidCard::Opening, "opening", tr("Opening"), tr("a door, a hole")}};
        for (const Each& each : all) {
            auto* card = new CardButton(
                each.title, each.word,
                [this, which = each.card](QPainter& painter, const QRect& box) {
                    paintCard(painter, box, which);
                },
                m_cards);
            card->setObjectName(QStringLiteral("solid-card-") + QLatin1String(each.id));
            card->setAccessibleName(each.title);
            addCard<KitOptions>(
                row, card, [which = each.card](const auto& o) { return o.card == which; },
                [which = each.card](auto& o) { o.card = which; });
            m_refreshers << [card] { card->update(); };
        }
    }
    /// The solid in small, as the plan shows it.
    void paintCard(QPainter& painter, const QRect& box, SolidCard which) const {
        const level::Kit* kit = m_session.document.project().kitOf(*m_session.document.level());
        if (!kit) return;
        constexpr level::SolidSort sorts[] = {level::SolidSort::Box,   level::SolidSort::Box,
                                              level::SolidSort::Wedge, level::SolidSort::Stairs,
                                              level::SolidSort::Round, level::SolidSort::Box};
        level::Solid solid;
        solid.sort = sorts[int(which)];
        solid.height = kit->storey;
        solid.up = m_session.workbench.options<KitOptions>().up;
        solid.steps = 5;
        if (which == SolidCard::Room || which == SolidCard::Opening) {
            solid.wall = {kit->width.thousandths / 10};
            if (which == SolidCard::Opening) {
                level::Opening door;
                door.x = Rational(5, 8);
                door.y = Rational(1, 4);
                door.width = Rational(1, 2);
                door.depth = Rational(1, 2);
                door.height = kit->storey;
                solid.openings.edit([&](auto& openings) { openings.push_back(door); });
            }
        }
        const QRectF inner = QRectF(box).adjusted(2, 2, -2, -2);
        const double size = std::min(inner.width(), inner.height());
        paintSolid(painter, *kit, solid,
                   {{32, 32}, QPointF(size / 2, size / 2) - inner.center(), size / 32});
    }
    /// Shows a widget for some of the cards alone.
    void showFor(QWidget* widget, std::initializer_list<SolidCard> cards) {
        m_refreshers << [this, widget, of = std::vector<SolidCard>(cards)] {
            const SolidCard now = m_session.workbench.options<KitOptions>().card;
            widget->setVisible(std::find(of.begin(), of.end(), now) != of.end());
        };
    }
    void addNamed(QHBoxLayout* row, const QString& words, QAbstractSpinBox* box,
                  std::initializer_list<SolidCard> cards) {
        auto* label = new QLabel(words, m_options);
        box->setAccessibleName(words);
        label->setBuddy(box);
        row->addWidget(label);
        row->addWidget(box);
        if (cards.size() == 0) return;
        showFor(label, cards);
        showFor(box, cards);
    }
    void addUnits(QHBoxLayout* row, const char* name, const QString& words, double low,
                  level::Decimal KitOptions::*field, const QString& atLowest,
                  std::initializer_list<SolidCard> cards) {
        auto* box =
            makeUnitsBox(QLatin1String(name), low, 1000, m_options, [this, field](auto value) {
                m_session.workbench.change<KitOptions>([&](KitOptions& o) { o.*field = value; });
            });
        box->setSuffix({});
        box->setFixedWidth(84);
        if (!atLowest.isEmpty()) box->setSpecialValueText(atLowest);
        addNamed(row, words, box, cards);
        m_refreshers << [this, box, field] {
            showUnits(box, m_session.workbench.options<KitOptions>().*field);
        };
    }
    void addCount(QHBoxLayout* row, const char* name, const QString& words, int low, int high,
                  int KitOptions::*field, const QString& atLowest,
                  std::initializer_list<SolidCard> cards) {
        auto* box =
            makeNumberBox(QLatin1String(name), low, high, m_options, [this, field](int value) {
                m_session.workbench.change<KitOptions>([&](KitOptions& o) { o.*field = value; });
            });
        if (!atLowest.isEmpty()) {
            box->setSpecialValueText(atLowest);
            box->setFixedWidth(112);
        }
        addNamed(row, words, box, cards);
        m_refreshers << [this, box, field] {
            showNumber(box, m_session.workbench.options<KitOptions>().*field);
        };
    }
    void addSolidOptions(QGridLayout* grid) {
        using enum SolidCard;
        auto* size = addOptionLine(grid, 0, tr("Units"));
        addUnits(size, "solid-option-door", tr("high"), 0.1, &KitOptions::door, {}, {Opening});
        addUnits(size, "solid-option-height", tr("high"), 0, &KitOptions::height, tr("a storey"),
                 {Box, Room, Wedge, Stairs, Round});
        addUnits(size, "solid-option-base", tr("up"), -1000, &KitOptions::base, {},
                 {Box, Room, Wedge, Stairs, Round, Opening});
        size->addStretch();
        auto* more = addOptionLine(grid, 1, tr("More"));
        addUnits(more, "solid-option-wall", tr("walls"), 0.01, &KitOptions::wall, {}, {Room});
        addUnits(more, "solid-option-ceiling", tr("ceiling"), 0, &KitOptions::ceiling, tr("none"),
                 {Room});
        addCount(more, "solid-option-steps", tr("steps"), 0, level::maxSteps, &KitOptions::steps,
                 tr("as the body needs"), {Stairs});
        addCount(more, "solid-option-sides", tr("sides"), 3, level::maxSides, &KitOptions::sides,
                 {}, {Round});
        for (const int parts : {16, 32, 64}) {
            const QString text = parts == 16   ? tr("a quarter wide")
                                 : parts == 32 ? tr("half")
                                               : tr("a module");
            showFor(addChip<KitOptions>(
                        more, text, QStringLiteral("door-%1").arg(parts),
                        [parts](const auto& o) { return o.doorParts == parts; },
                        [parts](auto& o, bool) { o.doorParts = parts; }),
                    {Opening});
        }
        auto* turns = new QLabel(tr(", and . turn it"), m_options);
        more->addWidget(turns);
        showFor(turns, {Wedge});
        auto* plain = new QLabel(tr("full; the margin hollows it"), m_options);
        more->addWidget(plain);
        showFor(plain, {Box});
        more->addStretch();
        auto* words = makeWords({}, m_options);
        words->setFont(sizedFont(-2));
        m_refreshers << [this, words] {
            words->setText(m_session.workbench.options<KitOptions>().card == Opening
                               ? tr("Click a wall for a door, or drag a hole.")
                               : tr("Drag. Shift: parts of a module. Pull a side or face of what "
                                    "is selected."));
        };
        grid->addWidget(words, 2, 0, 1, 2);
        grid->setRowStretch(3, 1);
    }
    void addCount(QHBoxLayout* row, const char* name, const QString& words, int low, int high,
                  int KitOptions::*field) {
        addCount(row, name, words, low, high, field, {}, {});
        row->itemAt(row->count() - 1)->widget()->setFixedWidth(54);
    }
    /// One of the kit's pieces for a part of rooms; the first entry is none of them.
    void addPart(QHBoxLayout* row, const char* name, const QString& words, kit::RoomPart part,
                 const QString& nothing, std::string KitOptions::*field) {
        const level::Kit* kit = m_session.document.project().kitOf(*m_session.document.level());
        auto* box = new ChoiceBox(m_options);
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(words);
        box->setToolTip(words);
        box->setFixedWidth(114);
        box->addItem(nothing, QString());
        if (kit)
            for (const level::Piece* piece : kit::piecesFor(*kit, part))
                box->addItem(QString::fromStdString(piece->title),
                             QString::fromStdString(piece->name));
        connect(box, &QComboBox::activated, this, [this, box, field](int index) {
            m_session.workbench.change<KitOptions>(
                [&](KitOptions& o) { o.*field = box->itemData(index).toString().toStdString(); });
        });
        m_refreshers << [this, box, field] {
            const auto& chosen = m_session.workbench.options<KitOptions>().*field;
            box->setCurrentIndex(std::max(0, box->findData(QString::fromStdString(chosen))));
        };
        row->addWidget(box);
    }
    /// A room by number: what a click lays.
    void addRoomOptions(QGridLayout* grid) {
        auto* size = addOptionLine(grid, 0, tr("Room"));
        addCount(size, "room-width", tr("wide"), 1, level::maxPieceModules, &KitOptions::roomWidth);
        addCount(size, "room-depth", tr("deep"), 1, level::maxPieceModules, &KitOptions::roomDepth);
        size->addStretch();
        auto* parts = addOptionLine(grid, 1, tr("Of"));
        addPart(parts, "room-wall", tr("Walls of rooms"), kit::RoomPart::Wall, tr("any wall"),
                &KitOptions::wallPiece);
        addPart(parts, "room-corner", tr("Corners of rooms"), kit::RoomPart::Corner,
                tr("any corner"), &KitOptions::cornerPiece);
        parts->addStretch();
        auto* above = addOptionLine(grid, 2, tr("High"));
        addCount(above, "room-storeys", tr("storeys"), 1, 8, &KitOptions::roomStoreys);
        addPart(above, "room-ceiling", tr("Ceiling of rooms"), kit::RoomPart::Ceiling,
                tr("no ceiling"), &KitOptions::ceilingPiece);
        above->addStretch();
        grid->setRowStretch(3, 1);
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
        if (m_session.workbench.isInHand("path"))
            addCount(turns, "hall-width", tr("wide"), 1, 8, &KitOptions::hallWidth);
        turns->addStretch();
        const QString hints[] = {
            tr("Drawn to open ports. Shift: parts of a module. Drag: a row."),
            tr("Drag a path; bends, tees and crossings are chosen. Shift finds a way round."),
            QString(), tr("Click a piece: its open ports get ends."),
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
