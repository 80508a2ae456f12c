#include <QComboBox>
#include <QSpinBox>

#include "app/pages/level_sheet.h"
#include "app/pages/list_section.h"
#include "app/ui/buttons.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

using level::GoalType;
using level::LevelGoal;

bool wantsKind(GoalType type) {
    return type == GoalType::Collect || type == GoalType::Defeat;
}

/// One goal in a line: what is asked for, of what, how much; needed or a bonus; what tells of it.
class GoalRow : public QWidget {
public:
    using Change = std::function<void(const std::function<void(LevelGoal&)>&)>;

    GoalRow(std::size_t place, Session& session, Change change, std::function<void()> remove,
            QWidget* parent)
        : QWidget(parent),
          m_place(place),
          m_session(session),
          m_change(std::move(change)),
          m_chance(new QLabel(this)) {
        auto* line = new QHBoxLayout(this);
        line->setContentsMargins(0, 0, 0, 0);
        line->setSpacing(6);
        const auto name = [&](const char* what) {
            return QStringLiteral("goal-%1-%2").arg(place).arg(QLatin1String(what));
        };
        m_type = makeChoiceBox(
            name("type"), {tr("collect"), tr("beat"), tr("count"), tr("last"), tr("win within")},
            this, [this](int at) {
                m_change([at](LevelGoal& g) { g.type = static_cast<GoalType>(at); });
            });
        m_type->setFixedWidth(104);
        m_type->setAccessibleName(tr("What is asked for"));
        m_of = makeChoiceBox(name("of"), {}, this, [this](int at) {
            const std::string id = m_ids[std::size_t(at)];
            m_change([&id](LevelGoal& g) { (wantsKind(g.type) ? g.kind.text : g.tally) = id; });
        });
        m_of->setAccessibleName(tr("Of what"));
        m_number = new QSpinBox(this);
        m_number->setObjectName(name("number"));
        m_number->setAccessibleName(tr("How much"));
        m_number->setFixedWidth(110);
        connect(m_number, &QSpinBox::valueChanged, this, [this](int value) {
            m_change([value](LevelGoal& g) {
                (wantsKind(g.type)           ? g.count
                 : g.type == GoalType::Tally ? g.atLeast
                                             : g.ticks) = value;
            });
        });
        m_needed = new Chip(tr("needed"), this);
        m_needed->setObjectName(name("needed"));
        m_needed->setToolTip(tr("Off: a bonus. One can win without it."));
        connect(m_needed, &QAbstractButton::clicked, this,
                [this](bool isOn) { m_change([isOn](LevelGoal& g) { g.isNeeded = isOn; }); });
        m_words = makeChoiceBox(name("words"), {}, this, [this](int at) {
            const std::string id = at <= 0 ? std::string() : m_texts[std::size_t(at) - 1];
            m_change([&id](LevelGoal& g) { g.words = id; });
        });
        m_words->setAccessibleName(tr("Text that is shown at the exit while it is missing"));
        m_words->setToolTip(m_words->accessibleName());
        auto* away = new IconToggle(QStringLiteral("remove"), QStringLiteral("remove"),
                                    tr("Take this goal away"), this);
        away->setObjectName(name("remove"));
        away->setCheckable(false);
        connect(away, &QAbstractButton::clicked, this, std::move(remove));
        m_chance->setObjectName(name("chance"));
        m_chance->setFixedWidth(16);
        m_chance->setAlignment(Qt::AlignCenter);
        for (QWidget* each :
             std::initializer_list<QWidget*>{m_chance, m_type, m_of, m_number, m_needed})
            line->addWidget(each);
        line->addStretch();
        line->addWidget(m_words);
        line->addWidget(away);
    }

    void show(const LevelGoal& goal) {
        m_type->setCurrentIndex(int(goal.type));
        m_needed->setChecked(goal.isNeeded);
        showSubject(goal);
        showNumber(goal);
        showChance();
        QStringList texts{tr("says nothing")};
        m_texts.clear();
        for (const level::Words& words : m_session.document.level()->texts) {
            m_texts.push_back(words.id);
            texts << tr("says %1").arg(QString::fromStdString(words.id));
        }
        setChoices(m_words, texts);
        const auto found = std::find(m_texts.begin(), m_texts.end(), goal.words);
        m_words->setCurrentIndex(found == m_texts.end() ? 0 : int(found - m_texts.begin()) + 1);
    }

    /// Whether it can be met, as far as that is known of the level as it is.
    void showChance() {
        const auto& level = m_session.document.level();
        const auto proven = m_session.proofs.of(level->id);
        const Theme& theme = currentTheme();
        const bool isKnown = proven && proven->winning && proven->isAnalysisCurrent &&
                             m_session.proofs.isCurrent(level->id) &&
                             m_place < proven->winning->goals.size();
        QString mark = QStringLiteral("…"), spoken = tr("not known yet");
        QColor tone = theme.quietInk;
        if (isKnown) {
            const game::GoalChance& chance = proven->winning->goals[m_place];
            const QString why = told(chance.why);
            switch (chance.can) {
                case game::Decided::Yes:
                    mark = QStringLiteral("✓"), spoken = tr("can be met"), tone = theme.accent;
                    break;
                case game::Decided::No:
                    mark = QStringLiteral("✗"), spoken = tr("cannot be met: %1").arg(why);
                    tone = theme.alarm;
                    break;
                case game::Decided::Unknown:
                    mark = QStringLiteral("?"), spoken = tr("not decided: %1").arg(why);
                    tone = theme.caution;
                    break;
            }
        }
        m_chance->setText(mark);
        m_chance->setToolTip(spoken);
        m_chance->setAccessibleName(spoken);
        setTone(m_chance, tone);
    }

private:
    void showSubject(const LevelGoal& goal) {
        const level::Project& project = m_session.document.project();
        QStringList names;
        m_ids.clear();
        const auto add = [&](const std::string& id, const std::string& title) {
            m_ids.push_back(id);
            names << QString::fromStdString(title);
        };
        using level::Role;
        for (const level::Kind& kind : project.kinds) {
            const bool isTaken = kind.role == Role::Pickup || kind.role == Role::Key;
            const bool isBeaten = kind.role == Role::Foe;
            if ((goal.type == GoalType::Collect && isTaken) ||
                (goal.type == GoalType::Defeat && isBeaten))
                add(kind.id.text, kind.title);
        }
        if (goal.type == GoalType::Tally)
            for (const level::Tally& tally : project.game.tallies)
                add(tally.name, tally.title);
        const std::string wanted = wantsKind(goal.type) ? goal.kind.text : goal.tally;
        const auto found = std::find(m_ids.begin(), m_ids.end(), wanted);
        // What is not there is told, and not taken for another.
        if (found == m_ids.end()) {
            m_ids.insert(m_ids.begin(), wanted);
            names.prepend(wanted.empty() ? tr("choose …") : tr("%1?").arg(told(wanted)));
        }
        const auto at = std::find(m_ids.begin(), m_ids.end(), wanted) - m_ids.begin();
        setChoices(m_of, names);
        m_of->setCurrentIndex(int(at));
        m_of->setVisible(goal.type != GoalType::Survive && goal.type != GoalType::Within);
    }
    void showNumber(const LevelGoal& goal) {
        const QSignalBlocker blocker(m_number);
        const bool isCount = wantsKind(goal.type);
        const bool isTally = goal.type == GoalType::Tally;
        m_number->setSpecialValueText(isCount ? tr("all") : QString());
        m_number->setSuffix(isCount || isTally ? QString() : tr(" ticks"));
        m_number->setPrefix(isTally ? tr("at least ") : QString());
        m_number->setRange(isTally ? -level::greatestTally : 0, isCount   ? 1000000
                                                                : isTally ? level::greatestTally
                                                                          : level::maxTicks);
        m_number->setValue(isCount ? goal.count : isTally ? goal.atLeast : goal.ticks);
        m_number->setToolTip(
            isCount || isTally ? QString() : tr("%1 s").arg(double(goal.ticks) / 60, 0, 'f', 1));
    }

    std::size_t m_place;
    Session& m_session;
    Change m_change;
    QLabel* m_chance;
    QComboBox* m_type;
    QComboBox* m_of;
    QSpinBox* m_number;
    Chip* m_needed;
    QComboBox* m_words;
    std::vector<std::string> m_ids;    ///< that `m_of` shows
    std::vector<std::string> m_texts;  ///< that `m_words` shows
};

/// What the level asks for.
class GoalSection final : public ListSection<LevelGoal, GoalRow> {
public:
    GoalSection(Session& session, QWidget* parent)
        : ListSection({tr("Goals"), tr("before an exit lets one out"), tr("Change a goal"),
                       tr("Take a goal away"), tr("None: the exit is all that there is to find.")},
                      session, parent) {
        addButton(tr("Add a goal"), "add-goal", [this] {
            LevelGoal goal;
            for (const level::Kind& kind : m_session.document.project().kinds)
                if (kind.role == level::Role::Pickup && goal.kind.isEmpty()) goal.kind = kind.id;
            edit(tr("Add a goal"), [&](Items& goals) { goals.push_back(goal); });
        });
        connect(&session.proofs, &Proofs::changed, this, [this] {
            if (isVisible()) refresh();
        });
    }

protected:
    const Items& items() const override { return m_session.document.level()->goals.items(); }
    bool setItems(Items goals, const QString& name) override {
        m_session.document.apply(
            changeLevel(*m_session.document.level(), name.toStdString(),
                        [&](level::Level& level) { level.goals = std::move(goals); }));
        return true;
    }
    GoalRow* makeRow(std::size_t place, Change change, std::function<void()> remove,
                     QWidget* parent) override {
        return new GoalRow(place, m_session, std::move(change), std::move(remove), parent);
    }
};

}  // namespace

PanelSection* makeGoalSection(Session& session, QWidget* parent) {
    return new GoalSection(session, parent);
}

}  // namespace rook::app
