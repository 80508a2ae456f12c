#include <QLineEdit>
#include <QSpinBox>
#include <QtConcurrent>
#include <algorithm>

#include "app/steps/kit/kit_sections.h"
#include "app/steps/kit/units_box.h"
#include "app/ui/buttons.h"
#include "app/ui/choice_names.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "kit/audit.h"
#include "kit/solid_fill.h"

namespace rook::app {

namespace {

using level::Decimal;
using level::Solid;
using level::SolidSort;

/// The solid that is selected, by its numbers; and which pieces could stand for it.
class SolidSection final : public PanelSection {
public:
    SolidSection(Session& session, int id, QWidget* parent)
        : PanelSection(QString(), tr("solid"), session, parent), m_id(id) {
        setObjectName(QStringLiteral("solid-section"));
        addPair(tr("Corner"), "solid-x", "solid-y", &Solid::x, &Solid::y);
        addPair(tr("Size"), "solid-width", "solid-depth", &Solid::width, &Solid::depth);
        addUnits(tr("Above its storey"), "solid-base", -1000, &Solid::base);
        addUnits(tr("High"), "solid-height", 0.01, &Solid::height);
        addRising();
        addRound();
        addRoom();
        addFilling();
        refresh();
    }

    void refresh() override {
        const Solid* now = solid();
        if (!now) return;
        setTitle(told(kit::titleOf(*now)));
        for (const auto& refresher : m_refreshers)
            refresher(*now);
    }

private:
    [[nodiscard]] const level::Kit* kit() const {
        return m_session.document.project().kitOf(*m_session.document.level());
    }
    [[nodiscard]] const Solid* solid() const {
        return kit::findSolid(*m_session.document.level(), m_id);
    }
    template <typename Change>
    void changeSolid(Change&& change) {
        const Solid* now = solid();
        if (!now || !kit()) return;
        Solid next = *now;
        change(next);
        if (!(next == *now))
            m_session.document.apply(kit::changeSolid(*kit(), *m_session.document.level(), next));
        refresh();
    }
    QLineEdit* makeModules(const QString& name, const char* id, Rational Solid::*field) {
        auto* line = new QLineEdit(rowsHolder());
        line->setObjectName(QLatin1String(id));
        line->setAccessibleName(name);
        line->setFixedWidth(72);
        line->setAlignment(Qt::AlignRight);
        line->setToolTip(tr("Modules: 2, 1.25 or 5/4"));
        connect(line, &QLineEdit::editingFinished, this, [this, line, field] {
            if (!line->isModified()) return;
            line->setModified(false);
            const auto value = kit::modulesIn(line->text().toStdString());
            if (!value) return m_session.say(told(value.error()));
            changeSolid([&](Solid& s) { s.*field = *value; });
        });
        m_refreshers << [line, field](const Solid& now) {
            if (!line->isModified()) line->setText(told(kit::lengthText(now.*field)));
        };
        return line;
    }
    void addPair(const QString& name, const char* first, const char* second,
                 Rational Solid::*across, Rational Solid::*down) {
        auto* holder = new QWidget(rowsHolder());
        auto* row = new QHBoxLayout(holder);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(4);
        row->addWidget(makeModules(name + u' ' + tr("across"), first, across));
        row->addWidget(makeModules(name + u' ' + tr("down"), second, down));
        addControl(name, holder);
    }
    QDoubleSpinBox* addUnits(const QString& name, const char* id, double low,
                             Decimal Solid::*field) {
        auto* box = makeUnitsBox(QLatin1String(id), low, 1000, this, [this, field](Decimal value) {
            changeSolid([&](Solid& s) { s.*field = value; });
        });
        m_refreshers << [box, field](const Solid& now) { showUnits(box, now.*field); };
        addControl(name, box);
        return box;
    }

    void addRising() {
        auto* up = makeChoiceBox(
            QStringLiteral("solid-up"),
            {tr("to the right"), tr("downwards in the plan"), tr("to the left"),
             tr("upwards in the plan")},
            this, [this](int choice) {
                changeSolid([&](Solid& s) { s.up = static_cast<level::Side>(choice); });
            });
        addControl(tr("Rises"), up);
        auto* steps =
            makeNumberBox(QStringLiteral("solid-steps"), 1, level::maxSteps, this,
                          [this](int count) { changeSolid([&](Solid& s) { s.steps = count; }); });
        addControl(tr("Steps"), steps);
        auto* rise =
            makeUnitsBox(QStringLiteral("solid-rise"), 0.001, 100, this, [this](Decimal value) {
                changeSolid([&](Solid& s) { s.height = {value.thousandths * s.steps}; });
            });
        addControl(tr("One step rises"), rise);
        auto* tread =
            makeUnitsBox(QStringLiteral("solid-tread"), 0.001, 100, this, [this](Decimal value) {
                if (!kit()) return;
                changeSolid([&](Solid& s) { s = kit::withTread(*kit(), s, value); });
            });
        addControl(tr("One step is deep"), tread);
        m_refreshers << [this, up, steps, rise, tread](const Solid& now) {
            const bool areStairs = now.sort == SolidSort::Stairs;
            showRow(up, now.rises());
            for (QWidget* each : {static_cast<QWidget*>(steps), static_cast<QWidget*>(rise),
                                  static_cast<QWidget*>(tread)})
                showRow(each, areStairs);
            up->setCurrentIndex(int(now.up));
            showNumber(steps, now.steps);
            showUnits(rise, {now.height.thousandths / std::max(1, now.steps)});
            if (kit()) showUnits(tread, kit::treadOf(*kit(), now));
        };
    }
    void addRound() {
        auto* sides =
            makeNumberBox(QStringLiteral("solid-sides"), 3, level::maxSides, this,
                          [this](int count) { changeSolid([&](Solid& s) { s.sides = count; }); });
        addControl(tr("Sides"), sides);
        auto* radius =
            makeUnitsBox(QStringLiteral("solid-radius"), 0.001, 500, this, [this](Decimal value) {
                if (!kit()) return;
                changeSolid([&](Solid& s) { s = kit::withRadius(*kit(), s, value); });
            });
        addControl(tr("Radius"), radius);
        m_refreshers << [this, sides, radius](const Solid& now) {
            showRow(sides, now.sort == SolidSort::Round);
            showRow(radius, now.sort == SolidSort::Round);
            showNumber(sides, now.sides);
            if (kit())
                showUnits(radius, {(now.width * exact(kit()->width) * Rational(500)).nearest()});
        };
    }
    void addRoom() {
        auto* walls = addUnits(tr("Walls are thick"), "solid-wall", 0, &Solid::wall);
        walls->setSpecialValueText(tr("full"));
        auto* floor = addUnits(tr("Floor is thick"), "solid-floor", 0, &Solid::floor);
        floor->setSpecialValueText(tr("none"));
        auto* ceiling = addUnits(tr("Ceiling is thick"), "solid-ceiling", 0, &Solid::ceiling);
        ceiling->setSpecialValueText(tr("none"));
        auto* hollow =
            makeButton(tr("Hollow it to a room"), QStringLiteral("solid-hollow"), this, [this] {
                changeSolid([&](Solid& s) {
                    s.wall = {200};
                    s.ceiling = {200};
                });
            });
        addWide(hollow);
        auto* openings = addValue(tr("Openings"));
        openings->setObjectName(QStringLiteral("solid-openings"));
        auto* close = makeButton(tr("Close its openings"), QStringLiteral("solid-close"), this,
                                 [this] { changeSolid([](Solid& s) { s.openings = {}; }); });
        addWide(close);
        m_refreshers << [this, walls, floor, ceiling, hollow, openings, close](const Solid& now) {
            const bool isBox = now.sort == SolidSort::Box;
            showRow(walls, now.isHollow());
            showRow(floor, now.isHollow());
            showRow(ceiling, now.isHollow());
            hollow->setVisible(isBox && !now.isHollow());
            showRow(openings, isBox && !now.openings.empty());
            close->setVisible(isBox && !now.openings.empty());
            openings->setText(QString::number(now.openings.size()));
        };
    }
    /// What would stand for it, told before one does it; both on a worker.
    void addFilling() {
        m_fits = makeWords(QString(), this);
        m_fits->setObjectName(QStringLiteral("solid-fits"));
        addWide(m_fits);
        m_fill = makeButton(tr("Fill with pieces"), QStringLiteral("solid-fill"), this,
                            [this] { fill(); });
        addWide(m_fill);
        m_refreshers << [this](const Solid& now) { tellFilling(now); };
    }
    void tellFilling(const Solid& now) {
        const auto level = m_session.document.level();
        const level::Kit* kit = this->kit();
        if (!kit || (level == m_lookedAt && *kit == m_lookedFor)) return;
        m_lookedAt = level;
        m_lookedFor = *kit;
        m_fill->setEnabled(false);
        m_fits->setText(tr("Looking which pieces fit …"));
        QtConcurrent::run([kit = *kit, level, now] {
            return kit::fillingOf(kit, kit::PlacedIndex(kit, *level), now);
        }).then(this, [this, level](const kit::SolidFilling& filling) {
            if (level != m_lookedAt) return;
            m_fill->setEnabled(filling.isSome());
            m_fits->setText(told(kit::wordsOf(filling)));
        });
    }
    void fill() {
        if (!kit()) return;
        // Another selection does not stop it.
        QtConcurrent::run([kit = *kit(), level = m_session.document.level(), id = m_id] {
            return std::pair(level, kit::fillWithPieces(kit, *level, {id}));
        }).then(&m_session.document, [session = &m_session](const Filled& filled) {
            if (filled.first != session->document.level())
                return session->say(tr("The level has changed meanwhile. Fill it once more."));
            session->document.apply(filled.second);
        });
    }

    using Filled = std::pair<std::shared_ptr<const level::Level>, Result<level::LevelEdit>>;
    int m_id;
    QLabel* m_fits = nullptr;
    QWidget* m_fill = nullptr;
    std::shared_ptr<const level::Level> m_lookedAt;  ///< that `m_fits` is of
    level::Kit m_lookedFor;
    QList<std::function<void(const Solid&)>> m_refreshers;
};

}  // namespace

PanelSection* makeSolidSection(Session& session, int id, QWidget* parent) {
    return new SolidSection(session, id, parent);
}

}  // namespace rook::app
