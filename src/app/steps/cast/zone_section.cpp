#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>

#include "app/steps/cast/cast_sections.h"
#include "app/steps/cast/zone_map.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "cast/rooms.h"
#include "check/look.h"
#include "level/level_edits.h"
#include "level/look_edits.h"
#include "level/names.h"
#include "level/zone_edits.h"

namespace rook::app {

namespace {

using level::Zone;

QString abilitiesText(runtime::AbilitySet abilities) {
    QStringList names;
    for (int i = 0; i < level::abilityCount; ++i) {
        const auto ability = static_cast<level::Ability>(i);
        if ((abilities & setOf(ability)) != 0)
            names << told(level::nameOf(ability)).replace(u'-', u' ');
    }
    return names.join(QStringLiteral(", "));
}

std::vector<std::string> messagesOf(const QString& text) {
    std::vector<std::string> messages;
    for (const QString& part : text.split(u',', Qt::SkipEmptyParts))
        if (!part.trimmed().isEmpty()) messages.push_back(part.trimmed().toStdString());
    return messages;
}

QString textOfMessages(const std::vector<std::string>& messages) {
    QStringList texts;
    for (const std::string& message : messages)
        texts << QString::fromStdString(message);
    return texts.join(QStringLiteral(", "));
}

/// The zones of a level, the one that is selected, and what leads from it to others.
class ZoneSection : public PanelSection {
public:
    ZoneSection(Session& session, QWidget* parent)
        : PanelSection(tr("Zones"), {}, session, parent),
          m_list(new QVBoxLayout),
          m_ways(new QVBoxLayout) {
        makeFoldable(QStringLiteral("zones"), true);
        m_map = new ZoneMap(session, rowsHolder());
        connect(m_map, &ZoneMap::chosen, this, [this](const ZoneId& id) {
            const auto& zones = m_session.document.level()->zones;
            for (std::size_t i = 0; i < zones.size(); ++i)
                if (zones[i].id == id) return choose(i);
        });
        addWide(m_map);
        m_list->setSpacing(0);
        addWide(m_list);
        m_own = new QWidget(rowsHolder());
        auto* own = new QVBoxLayout(m_own);
        own->setContentsMargins(0, 4, 0, 4);
        own->setSpacing(5);
        m_name = addLine(own, tr("Name"), "zone-name", [](Zone& z, const QString& text) {
            if (!text.isEmpty()) z.name = text.toStdString();
        });
        addCamera(own);
        m_theme = makeChoiceBox(QStringLiteral("zone-theme"), {}, m_own, [this](int index) {
            change(tr("the theme"), [&](Zone& zone) {
                zone.theme = index <= 0 ? std::string() : m_themes[std::size_t(index) - 1];
            });
        });
        m_theme->setToolTip(tr("Themes are named where swatches are made, in Skin."));
        addRow(own, tr("Theme"), m_theme);
        m_music = addLine(own, tr("Music"), "zone-music",
                          [](Zone& z, const QString& text) { z.music = text.toStdString(); });
        m_enter = addLine(own, tr("On entering"), "zone-enter",
                          [](Zone& z, const QString& text) { z.onEnter = messagesOf(text); });
        m_enter->setPlaceholderText(tr("message, message"));
        m_leave = addLine(own, tr("On leaving"), "zone-leave",
                          [](Zone& z, const QString& text) { z.onLeave = messagesOf(text); });
        m_leave->setPlaceholderText(tr("message, message"));
        addTransition(own);
        auto* ofOne = new ButtonGrid;
        ofOne->add(tr("Set up all alike"), "zones-alike", this, [this] { setUpAlike(); })
            ->setToolTip(tr("All other zones get this one's theme, music, messages, and a camera "
                            "that lies in them as it does here."));
        ofOne->add(tr("Remove the zone"), "zone-remove", this, [this] {
            if (const Zone* zone = selected())
                m_session.document.apply(removeZone(*m_session.document.level(), zone->id));
        });
        own->addLayout(ofOne);
        addWide(m_own);
        m_ways->setSpacing(0);
        addWide(m_ways);
        m_words = makeWords({}, this);
        addWide(m_words);
        auto* grid = new ButtonGrid;
        grid->add(tr("By rooms"), "zones-rooms", this, [this] { makeRooms(); })
            ->setToolTip(tr("Open places that walls seal off, in place of the zones there are."));
        grid->add(tr("By screens"), "zones-screens", this, [this] { makeScreens(); })
            ->setToolTip(tr("Rectangles as large as the game's first screen."));
        addWide(grid);
        m_budget = makeNumberBox(QStringLiteral("zone-budget"), 0, 100000, this, [this](int value) {
            m_session.document.apply(level::setZoneBudget(m_session.document.project(), value));
        });
        m_budget->setSpecialValueText(tr("any"));
        addControl(tr("Entities in one, at most"), m_budget);
    }

    void refresh() override {
        const level::Level& level = *m_session.document.level();
        setNote(level.zones.empty()
                    ? tr("none: draw one with F")
                    : counted(qsizetype(level.zones.size()), tr("zone"), tr("zones")));
        setRowCount(m_rows, m_list, level.zones.size(), QStringLiteral("zone"),
                    [this](std::size_t i) { choose(i); });
        const auto proven = m_session.proofs.of(level.id);
        for (std::size_t i = 0; i < level.zones.size(); ++i) {
            const Zone& zone = level.zones[i];
            MarginRow* row = m_rows[qsizetype(i)];
            row->setChecked(m_session.workbench.selection().zone == zone.id);
            row->setWords(QString::fromStdString(zone.name),
                          QStringLiteral("%1 × %2").arg(zone.place.width).arg(zone.place.height));
        }
        m_map->refresh();
        refreshOwn();
        refreshWays(proven);
        showNumber(m_budget, m_session.document.project().zoneBudget);
    }

private:
    /// How its picture follows that of another zone.
    void addTransition(QVBoxLayout* own) {
        m_transition = makeChoiceBox(
            QStringLiteral("zone-transition"), {tr("a cut"), tr("a slide"), tr("a fade")}, m_own,
            [this](int index) {
                change(tr("how one comes in"),
                       [&](Zone& zone) { zone.transition.sort = level::TransitionSort(index); });
            });
        m_transition->setToolTip(tr("In Walk and in the game, from another zone to this one."));
        addRow(own, tr("Comes in by"), m_transition);
        m_transitionTicks = makeNumberBox(
            QStringLiteral("zone-transition-ticks"), 1, level::maxTransitionTicks, m_own,
            [this](int value) {
                change(tr("how one comes in"), [&](Zone& zone) { zone.transition.ticks = value; });
            });
        addRow(own, tr("In ticks"), m_transitionTicks);
    }

    [[nodiscard]] const Zone* selected() const {
        const auto& id = m_session.workbench.selection().zone;
        return id ? findZone(*m_session.document.level(), *id) : nullptr;
    }
    void choose(std::size_t index) {
        const level::Level& level = *m_session.document.level();
        Selection selection;
        selection.zone = level.zones[index].id;
        const PxRect place = toPx(level.zones[index].place, level.cellSize);
        m_session.workbench.select(selection);
        m_session.requests.showPlace(place);
    }
    template <typename Change>
    void change(const QString& what, Change&& make) {
        const Zone* zone = selected();
        if (!zone) return;
        Zone next = *zone;
        make(next);
        if (next == *zone) return;
        m_session.document.apply(changeZone(
            *m_session.document.level(), next,
            tr("Change %1 of %2").arg(what, QString::fromStdString(zone->name)).toStdString()));
    }
    QLineEdit* addLine(QVBoxLayout* column, const QString& words, const char* name,
                       void (*set)(Zone&, const QString&)) {
        auto* line = new QLineEdit(m_own);
        line->setObjectName(QLatin1String(name));
        line->setAccessibleName(words);
        line->setMaxLength(200);
        line->setFixedWidth(150);
        connect(line, &QLineEdit::editingFinished, this, [this, line, words, set] {
            if (!line->isModified()) return;
            line->setModified(false);
            change(words.toLower(), [&](Zone& zone) { set(zone, line->text().trimmed()); });
        });
        addRow(column, words, line);
        return line;
    }
    void addRow(QVBoxLayout* column, const QString& words, QWidget* control) {
        if (control->accessibleName().isEmpty()) control->setAccessibleName(words);
        auto* row = new QHBoxLayout;
        auto* label = new QLabel(words, m_own);
        label->setFont(sizedFont(-1));
        label->setBuddy(control);
        row->addWidget(label);
        row->addStretch();
        row->addWidget(control);
        column->addLayout(row);
    }
    void refreshThemes(const Zone& zone) {
        m_themes = level::themesOf(m_session.document.project());
        QStringList names{tr("as the level's")};
        int at = 0;
        for (std::size_t i = 0; i < m_themes.size(); ++i) {
            names << QString::fromStdString(m_themes[i]);
            if (m_themes[i] == zone.theme) at = int(i) + 1;
        }
        setChoices(m_theme, names);
        m_theme->setCurrentIndex(at);
    }
    /// Four sides beyond the zone's own, px; all 0 = the zone itself.
    void addCamera(QVBoxLayout* column) {
        auto* row = new QHBoxLayout;
        row->setSpacing(4);
        auto* label = new QLabel(tr("Camera beyond"), m_own);
        label->setFont(sizedFont(-1));
        row->addWidget(label);
        row->addStretch();
        const std::pair<const char*, QString> sides[] = {{"camera-left", tr("left")},
                                                         {"camera-top", tr("top")},
                                                         {"camera-right", tr("right")},
                                                         {"camera-bottom", tr("bottom")}};
        for (const auto& [name, words] : sides) {
            QSpinBox* box = makeNumberBox(QLatin1String(name), -4096, 4096, m_own,
                                          [this](int) { takeCamera(); });
            box->setFixedWidth(36);
            box->setButtonSymbols(QAbstractSpinBox::NoButtons);
            box->setToolTip(tr("How far the camera shows beyond the zone: %1").arg(words));
            box->setAccessibleName(tr("Camera beyond the zone, %1, px").arg(words));
            row->addWidget(box);
            m_camera << box;
        }
        column->addLayout(row);
    }
    void takeCamera() {
        change(tr("the camera"), [&](Zone& zone) {
            const PxRect place = toPx(zone.place, m_session.document.level()->cellSize);
            const int left = m_camera[0]->value(), top = m_camera[1]->value();
            const int right = m_camera[2]->value(), bottom = m_camera[3]->value();
            zone.camera.reset();
            if (left != 0 || top != 0 || right != 0 || bottom != 0)
                zone.camera =
                    PxRect{place.x - left, place.y - top, std::max(1, place.width + left + right),
                           std::max(1, place.height + top + bottom)};
        });
    }
    void refreshOwn() {
        const Zone* zone = selected();
        m_own->setVisible(zone != nullptr);
        if (!zone) return;
        const auto show = [](QLineEdit* line, const QString& text) {
            if (!line->hasFocus() || !line->isModified()) line->setText(text);
        };
        show(m_name, QString::fromStdString(zone->name));
        refreshThemes(*zone);
        show(m_music, QString::fromStdString(zone->music));
        {
            const QSignalBlocker blocker(m_transition);
            m_transition->setCurrentIndex(int(zone->transition.sort));
        }
        showNumber(m_transitionTicks, zone->transition.ticks);
        show(m_enter, textOfMessages(zone->onEnter));
        show(m_leave, textOfMessages(zone->onLeave));
        const PxRect place = toPx(zone->place, m_session.document.level()->cellSize);
        const PxRect camera = cameraOf(*m_session.document.level(), *zone);
        const int beyond[] = {place.x - camera.x, place.y - camera.y,
                              camera.right() - place.right(), camera.bottom() - place.bottom()};
        for (int i = 0; i < 4; ++i)
            showNumber(m_camera[i], beyond[i]);
    }
    /// From the zone, or of all; one for each pair, wherever bodies cross between the two: what
    /// every place needs is needed.
    [[nodiscard]] static std::vector<reach::Crossing> waysOf(const ProvenLevel* proven,
                                                             const Zone* zone) {
        std::vector<reach::Crossing> ways;
        for (const reach::Crossing& crossing :
             proven ? proven->crossings : std::vector<reach::Crossing>()) {
            if (zone ? crossing.from != zone->id : crossing.to.text < crossing.from.text) continue;
            const auto same = std::find_if(ways.begin(), ways.end(), [&](const auto& way) {
                return way.from == crossing.from && way.to == crossing.to;
            });
            if (same == ways.end()) {
                ways.push_back(crossing);
                continue;
            }
            same->place = same->place.united(crossing.place);
            same->needs &= crossing.needs;
            if (!same->respawn) same->respawn = crossing.respawn;
        }
        return ways;
    }
    /// The map of the zones, in words: what leads where, and what it takes.
    void refreshWays(const std::shared_ptr<const ProvenLevel>& proven) {
        const Zone* zone = selected();
        const std::vector<reach::Crossing> ways = waysOf(proven.get(), zone);
        setRowCount(m_wayRows, m_ways, ways.size(), QStringLiteral("crossing"),
                    [this](std::size_t i) { m_session.requests.showPlace(m_places[i]); });
        m_places.clear();
        for (std::size_t i = 0; i < ways.size(); ++i) {
            const Zone* from = findZone(*m_session.document.level(), ways[i].from);
            const Zone* to = findZone(*m_session.document.level(), ways[i].to);
            const QString names =
                zone ? tr("to %1").arg(to ? QString::fromStdString(to->name) : QString())
                     : QStringLiteral("%1 – %2").arg(
                           from ? QString::fromStdString(from->name) : QString(),
                           to ? QString::fromStdString(to->name) : QString());
            const QString needs = abilitiesText(ways[i].needs);
            m_wayRows[qsizetype(i)]->setWords(names,
                                              !ways[i].respawn  ? tr("no footing")
                                              : needs.isEmpty() ? tr("crossed")
                                                                : tr("by %1").arg(needs),
                                              needs.isEmpty() ? QColor() : currentTheme().plum);
            m_places.push_back(ways[i].place);
        }
        m_words->setVisible(m_session.document.level()->zones.size() > 1);
        // None is said only when it is known of the level as it is.
        const LevelId id = m_session.document.level()->id;
        const bool isKnown = m_session.proofs.isCurrent(id) && m_session.proofs.isPlanCurrent(id);
        m_words->setText(!isKnown       ? tr("Crossings are being found …")
                         : ways.empty() ? tr("Bodies cross no border here.")
                         : zone         ? tr("Crossings that bodies make from here.")
                                        : tr("Crossings that bodies make."));
    }
    void setUpAlike() {
        const Zone* like = selected();
        if (!like) return;
        m_session.document.apply(level::setUpAlike(*m_session.document.level(), like->id));
    }
    void makeRooms() {
        const auto rooms = cast::roomsOf(m_session.document.project(), *m_session.document.level());
        if (rooms.empty()) return m_session.say(tr("There is no room of twelve cells or more."));
        m_session.document.apply(setZones(*m_session.document.level(), rooms, selected()));
    }
    void makeScreens() {
        const level::Level& level = *m_session.document.level();
        const level::Screen screen = m_session.document.project().game.screen();
        const auto places = screensOf(level, std::max(1, screen.width / level.cellSize.width),
                                      std::max(1, screen.height / level.cellSize.height));
        m_session.document.apply(setZones(level, places, selected()));
    }

    ZoneMap* m_map;
    QVBoxLayout* m_list;
    QList<MarginRow*> m_rows;
    QVBoxLayout* m_ways;
    QList<MarginRow*> m_wayRows;
    std::vector<PxRect> m_places;
    QWidget* m_own;
    QLineEdit* m_name;
    QList<QSpinBox*> m_camera;
    QComboBox* m_theme;
    std::vector<std::string> m_themes;
    QLineEdit* m_music;
    QComboBox* m_transition;
    QSpinBox* m_transitionTicks;
    QLineEdit* m_enter;
    QLineEdit* m_leave;
    QLabel* m_words;
    QSpinBox* m_budget;
};

}  // namespace

PanelSection* makeZoneSection(Session& session, QWidget* parent) {
    return new ZoneSection(session, parent);
}

}  // namespace rook::app
