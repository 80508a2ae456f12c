#include <QComboBox>
#include <QSpinBox>

#include "app/pages/level_sheet.h"
#include "app/ui/buttons.h"
#include "app/ui/choice_names.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/carried.h"
#include "level/level_edits.h"
#include "level/level_kinds.h"

namespace rook::app {

namespace {

/// How one moves in the level, what its borders are, where it begins, and what a death leads to.
class PlaySection : public PanelSection {
public:
    PlaySection(Session& session, QWidget* parent) : PanelSection(tr("Play"), {}, session, parent) {
        m_profile = makeChoiceBox(QStringLiteral("sheet-profile"), {}, this, [this](int at) {
            change(tr("Move as another"), [&](level::Level& l) {
                l.profile = m_session.document.project().profiles[std::size_t(at)].name;
            });
        });
        addControl(tr("Moves as"), m_profile);
        addEdges();
        m_arrives = makeChoiceBox(
            QStringLiteral("sheet-arrives"), {tr("the first spawn"), tr("any spawn, by chance")},
            this, [this](int at) {
                change(tr("Begin at another spawn"),
                       [&](level::Level& l) { l.arrives = static_cast<level::Arrives>(at); });
            });
        addControl(tr("Begins at"), m_arrives);
        m_onDeath = makeChoiceBox(QStringLiteral("sheet-on-death"),
                                  {tr("goes on"), tr("begins again")}, this, [this](int at) {
                                      change(tr("Change what a death does"), [&](level::Level& l) {
                                          l.onDeath = static_cast<level::OnDeath>(at);
                                      });
                                  });
        m_onDeath->setToolTip(tr("Goes on: at the last checkpoint, else where one came in."));
        addControl(tr("After a death it"), m_onDeath);
        addAssumed();
        m_comfort = makeNumberBox(QStringLiteral("sheet-comfort"), -1, 60, this, [this](int value) {
            change(tr("Wish for comfort"), [&](level::Level& l) {
                l.comfort = value < 0 ? std::nullopt : std::optional(value);
            });
        });
        m_comfort->setFixedWidth(150);
        m_comfort->setSuffix(tr(" %"));
        m_comfort->setToolTip(tr("A run that only a stronger body makes is a finding."));
        addControl(tr("Comfort wanted"), m_comfort);
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        QStringList names;
        int at = 0;
        const level::MotionProfile* profile = project.profileOf(level());
        for (const level::MotionProfile& each : project.profiles) {
            if (&each == profile) at = int(names.size());
            names << QString::fromStdString(each.name);
        }
        setChoices(m_profile, names);
        m_profile->setCurrentIndex(at);
        for (int side = 0; side < 4; ++side)
            m_edges[std::size_t(side)]->setCurrentIndex(int(level().edges.*sides[side]));
        m_arrives->setCurrentIndex(int(level().arrives));
        m_onDeath->setCurrentIndex(int(level().onDeath));
        showNumber(m_comfort, level().comfort.value_or(-1));
        m_comfort->setSpecialValueText(project.comfortLimit > 0
                                           ? tr("as the project: %1 %").arg(project.comfortLimit)
                                           : tr("any"));
        showAssumed();
        const bool isOfPieces = level::traitsOf(level().kind).isOfPieces;
        showRow(m_profile, !isOfPieces);
        m_edgesHolder->setVisible(!isOfPieces);
    }

private:
    static constexpr runtime::EdgeRule runtime::Edges::*sides[] = {
        &runtime::Edges::left, &runtime::Edges::right, &runtime::Edges::top,
        &runtime::Edges::bottom};

    [[nodiscard]] const level::Level& level() const { return *m_session.document.level(); }
    template <typename Change>
    void change(const QString& name, Change&& act) {
        m_session.document.apply(
            changeLevel(level(), name.toStdString(), std::forward<Change>(act)));
    }
    /// What its own verdict begins with: what levels before it grant, or what is chosen here.
    void addAssumed() {
        m_assumes = makeChoiceBox(QStringLiteral("sheet-assumes"),
                                  {tr("what came before"), tr("only these")}, this, [this](int at) {
                                      change(tr("What is assumed in hand"), [&](level::Level& l) {
                                          l.assumes.reset();
                                          if (at == 1) l.assumes.emplace();
                                      });
                                  });
        m_assumes->setToolTip(
            tr("Abilities that one has in hand here, for the verdict of this "
               "level by itself. The game's proof follows what is carried."));
        addControl(tr("In hand on arrival"), m_assumes);
        m_assumed = new QWidget(rowsHolder());
        auto* grid = new QGridLayout(m_assumed);
        grid->setContentsMargins(0, 0, 0, 4);
        grid->setSpacing(6);
        for (int i = 0; i < level::abilityCount; ++i) {
            const auto ability = static_cast<level::Ability>(i);
            auto* chip = new Chip(told(level::nameOf(ability)).replace(u'-', u' '), m_assumed);
            chip->setObjectName(QStringLiteral("sheet-assumes-%1").arg(i));
            connect(chip, &QAbstractButton::clicked, this, [this, ability](bool isOn) {
                change(tr("What is assumed in hand"), [&](level::Level& l) {
                    auto& list =
                        l.assumes.emplace(l.assumes.value_or(std::vector<level::Ability>()));
                    std::erase(list, ability);
                    if (isOn) list.push_back(ability);
                });
            });
            grid->addWidget(chip, i / 4, i % 4);
            m_abilities << chip;
        }
        grid->setColumnStretch(4, 1);
        addWide(m_assumed);
    }
    void showAssumed() {
        const level::Project& project = m_session.document.project();
        const bool isCarried = project.game.carries.abilities;
        showRow(m_assumes, isCarried);
        m_assumed->setVisible(isCarried && level().assumes);
        m_assumes->setCurrentIndex(level().assumes ? 1 : 0);
        const runtime::AbilitySet assumed = assumedIn(project, level());
        const runtime::AbilitySet granted = grantedForGood(project);
        for (int i = 0; i < level::abilityCount; ++i) {
            const runtime::AbilitySet each = setOf(static_cast<level::Ability>(i));
            m_abilities[i]->setChecked((assumed & each) != 0);
            m_abilities[i]->setVisible((granted & each) != 0);
        }
    }
    void addEdges() {
        m_edgesHolder = new QWidget(rowsHolder());
        auto* grid = new QGridLayout(m_edgesHolder);
        grid->setContentsMargins(0, 2, 0, 2);
        grid->setSpacing(6);
        const QString names[] = {tr("Left border"), tr("Right border"), tr("Top border"),
                                 tr("Bottom border")};
        for (int side = 0; side < 4; ++side) {
            QComboBox* box =
                makeChoiceBox(QStringLiteral("sheet-edge-%1").arg(side),
                              namesUpTo<runtime::EdgeRule>(3), this, [this, side](int at) {
                                  change(tr("Change a border"), [&](level::Level& l) {
                                      l.edges.*sides[side] = static_cast<runtime::EdgeRule>(at);
                                  });
                              });
            box->setFixedWidth(84);
            box->setAccessibleName(names[side]);
            auto* label = new QLabel(names[side], m_edgesHolder);
            label->setFont(sizedFont(-1));
            label->setBuddy(box);
            grid->addWidget(label, side / 2, 2 * (side % 2));
            grid->addWidget(box, side / 2, 2 * (side % 2) + 1);
            m_edges[std::size_t(side)] = box;
        }
        grid->setColumnStretch(0, 1);
        grid->setColumnStretch(2, 1);
        addWide(m_edgesHolder);
    }
    QComboBox* m_profile;
    QWidget* m_edgesHolder = nullptr;
    std::array<QComboBox*, 4> m_edges{};
    QComboBox* m_arrives;
    QComboBox* m_assumes;
    QWidget* m_assumed;
    QList<Chip*> m_abilities;
    QComboBox* m_onDeath;
    QSpinBox* m_comfort;
};

}  // namespace

PanelSection* makePlaySection(Session& session, QWidget* parent) {
    return new PlaySection(session, parent);
}

}  // namespace rook::app
