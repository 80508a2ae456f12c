/// The margin's section about how a single thing looks otherwise than its kind.

#include <QCheckBox>

#include "app/panels/sheet_popup.h"
#include "app/panels/tray_parts.h"
#include "app/steps/cast/cast_sections.h"
#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/words.h"
#include "level/cast_edits.h"

namespace rook::app {

namespace {

using level::Appearance;
using level::Entity;

class AppearanceSection final : public PanelSection {
public:
    AppearanceSection(const std::vector<EntityId>& ids, Session& session, QWidget* parent)
        : PanelSection(tr("How it looks"), {}, session, parent), m_ids(ids) {
        makeFoldable(QStringLiteral("appearance"), true);
        addPicture();
        addNumber(tr("Scale"), "look-scale", 1, level::maxScale, &Appearance::scale)
            ->setPrefix(QStringLiteral("× "));
        addTurns();
        addOrder();
        refresh();
    }

    void refresh() override {
        const Entity* entity = findEntity(*m_session.document.level(), m_ids.front());
        if (!entity) return;
        const bool isPlain = entity->look == Appearance();
        setNote(isPlain ? tr("as its kind") : tr("otherwise"));
        for (const auto& show : m_shows)
            show(entity->look);
    }

private:
    void change(const QString& what, const std::function<void(Appearance&)>& make) {
        const auto edit = changeEntities(
            *m_session.document.level(), m_ids, [&](Entity& entity) { make(entity.look); },
            tr("Change %1").arg(what).toStdString());
        if (edit && edit->level == *m_session.document.level()) return;
        m_session.document.apply(edit);
        if (!edit) refresh();
    }

    QSpinBox* addNumber(const QString& name, const char* id, int low, int high,
                        int Appearance::*field) {
        auto* box =
            makeNumberBox(QLatin1String(id), low, high, this, [this, name, field](int value) {
                change(name, [&](Appearance& look) { look.*field = value; });
            });
        box->setAccessibleName(name);
        box->setKeyboardTracking(false);
        m_shows << [box, field](const Appearance& look) { showNumber(box, look.*field); };
        addControl(name, box);
        return box;
    }

    /// Its own picture, from any sheet, in one movement.
    void addPicture() {
        QStringList sheets{tr("that of its kind")};
        for (const level::Sheet& sheet : m_session.document.project().sheets)
            sheets << QString::fromStdString(sheet.name);
        auto* choice = makeChoiceBox(QStringLiteral("look-sheet"), sheets, this, [this](int index) {
            if (index > 0) return pick(std::size_t(index - 1));
            change(tr("the picture"), [](Appearance& look) {
                look.sheet.clear();
                look.tile = 0;
                look.tiles = {1, 1};
            });
        });
        m_choice = choice;
        choice->setAccessibleName(tr("Picture from the sheet"));
        m_shows << [this, choice](const Appearance& look) {
            const QSignalBlocker blocker(choice);
            choice->setCurrentIndex(
                std::max(0, choice->findText(QString::fromStdString(look.sheet))));
            if (look.sheet.empty()) choice->setCurrentIndex(0);
            m_pick->setVisible(!look.sheet.empty());
        };
        addControl(tr("Picture"), choice);
        m_pick = makeButton(tr("Take other tiles"), QStringLiteral("look-pick"), this, [this] {
            const int at = m_choice->currentIndex();
            if (at > 0) pick(std::size_t(at - 1));
        });
        m_pick->setToolTip(tr("Opens the sheet: click a tile, or drag over several."));
        addWide(m_pick);
    }
    void pick(std::size_t index) {
        const level::Sheet sheet = m_session.document.project().sheets[index];
        const Entity* entity = findEntity(*m_session.document.level(), m_ids.front());
        TakenTiles now;
        if (entity && entity->look.sheet == sheet.name && entity->look.tile > 0)
            now = {entity->look.tile - 1, entity->look.tiles};
        openSheet(m_session, m_choice, sheet, now,
                  [this, name = sheet.name](const TakenTiles& taken) {
                      change(tr("the picture"), [&](Appearance& look) {
                          look.sheet = name;
                          look.tile = taken.first + 1;
                          look.tiles = taken.tiles;
                      });
                  });
        // Without a choice it stays as it was.
        refresh();
    }

    void addTurns() {
        auto* turns = makeChoiceBox(
            QStringLiteral("look-turns"),
            {tr("upright"), tr("a quarter clockwise"), tr("half round"), tr("three quarters")},
            this, [this](int index) {
                change(tr("the turn"), [&](Appearance& look) { look.quarterTurns = index; });
            });
        m_shows << [turns](const Appearance& look) {
            const QSignalBlocker blocker(turns);
            turns->setCurrentIndex(look.quarterTurns);
        };
        addControl(tr("Turned"), turns);
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        struct Flip {
            QString name;
            QString text;
            bool Appearance::*field;
        };
        const Flip flips[] = {
            {QStringLiteral("look-mirrored"), tr("mirrored"), &Appearance::isMirrored},
            {QStringLiteral("look-upside-down"), tr("upside down"), &Appearance::isUpsideDown}};
        for (const Flip& flip : flips) {
            const QString text = flip.text;
            const auto field = flip.field;
            auto* chip = new Chip(text, rowsHolder());
            chip->setObjectName(flip.name);
            connect(chip, &QAbstractButton::clicked, this, [this, text, field](bool isOn) {
                change(text, [&](Appearance& look) { look.*field = isOn; });
            });
            m_shows << [chip, field](const Appearance& look) { chip->setChecked(look.*field); };
            row->addWidget(chip);
        }
        row->addStretch();
        addWide(row);
    }

    void addOrder() {
        auto* order = makeChoiceBox(
            QStringLiteral("look-order"),
            {tr("among the cast"), tr("behind the masses"), tr("before the front layers")}, this,
            [this](int index) {
                change(tr("the order"),
                       [&](Appearance& look) { look.order = level::DrawOrder(index); });
            });
        m_shows << [order](const Appearance& look) {
            const QSignalBlocker blocker(order);
            order->setCurrentIndex(int(look.order));
        };
        addControl(tr("Drawn"), order);
        addNumber(tr("In their order"), "look-place", -1000, 1000, &Appearance::place)
            ->setToolTip(tr("Lower numbers are drawn first, and lie behind."));
    }

    std::vector<EntityId> m_ids;
    QComboBox* m_choice = nullptr;
    QWidget* m_pick = nullptr;
    QList<std::function<void(const Appearance&)>> m_shows;
};

}  // namespace

PanelSection* makeAppearanceSection(const std::vector<EntityId>& ids, Session& session,
                                    QWidget* parent) {
    return new AppearanceSection(ids, session, parent);
}

}  // namespace rook::app
