#include <QComboBox>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QSpinBox>
#include <set>

#include "app/steps/puzzle/puzzle_sections.h"
#include "app/steps/puzzle/word_lists.h"
#include "app/ui/theme.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace {

using level::PuzzleRule;
using level::PuzzleRuleName;

class RuleSection : public PanelSection {
public:
    RuleSection(Session& session, QWidget* parent)
        : PanelSection(tr("Rule and goal"), {}, session, parent) {
        makeFoldable(QStringLiteral("puzzle-rule"), true);
        m_rule = makeChoiceBox(
            QStringLiteral("puzzle-rule"),
            {tr("none"), tr("slide"), tr("push"), tr("pour"), tr("gather")}, this, [this](int at) {
                change(tr("Choose the rule"),
                       [at](PuzzleRule& rule) { rule.name = static_cast<PuzzleRuleName>(at); });
            });
        addControl(tr("Rule"), m_rule);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("puzzle-rule-words"));
        addWide(m_words);
        m_counts = makeChoiceBox(QStringLiteral("puzzle-counts"),
                                 {tr("one slot"), tr("any number of slots")}, this, [this](int at) {
                                     change(tr("What a move is"), [at](PuzzleRule& rule) {
                                         rule.counts = static_cast<level::MoveCount>(at);
                                     });
                                 });
        addControl(tr("A move is"), m_counts);
        m_capacity = addNumber(tr("A stack holds"), "puzzle-capacity", 1, level::maxSlotStack,
                               [](PuzzleRule& rule, int value) { rule.capacity = value; });
        m_near = makeChoiceBox(QStringLiteral("puzzle-near"), {tr("any stacks"), tr("neighbours")},
                               this, [this](int at) {
                                   change(tr("Between which one pours"),
                                          [at](PuzzleRule& rule) { rule.isNear = at == 1; });
                               });
        addControl(tr("Poured between"), m_near);
        m_collect = addNumber(tr("Taken away from"), "puzzle-collect", 2, level::maxSlotStack,
                              [](PuzzleRule& rule, int value) { rule.collect = value; });
        m_tally = makeChoiceBox(QStringLiteral("puzzle-tally"), {}, this, [this](int at) {
            const auto& tallies = m_session.document.project().game.tallies;
            change(tr("Tally of the goal"), [&](PuzzleRule& rule) {
                rule.goal.tally = at == 0 ? std::string() : tallies[std::size_t(at - 1)].name;
            });
        });
        addControl(tr("Counted by"), m_tally);
        m_atLeast = addNumber(tr("Up to"), "puzzle-at-least", 1, 1000000,
                              [](PuzzleRule& rule, int value) { rule.goal.atLeast = value; });
        m_mark = addText(tr("Onto slots marked"), "puzzle-mark", [this](const QString& text) {
            change(tr("Mark of the goal"),
                   [&](PuzzleRule& rule) { rule.goal.mark = text.trimmed().toStdString(); });
        });
        m_kind = makeChoiceBox(QStringLiteral("puzzle-kind"), {}, this, [this](int at) {
            change(tr("Kind of the goal"), [&](PuzzleRule& rule) {
                rule.goal.kind = at == 0 ? KindId() : m_kinds[std::size_t(at - 1)];
            });
        });
        addControl(tr("Pushed ones of"), m_kind);
        addGoals();
        m_queue = new QPlainTextEdit(rowsHolder());
        m_queue->setObjectName(QStringLiteral("puzzle-queue"));
        m_queue->setAccessibleName(tr("Queue"));
        m_queue->setFixedHeight(96);
        m_queue->setToolTip(tr("A stack a line, its colours from the bottom up."));
        m_queueRow = makeButton(tr("Take the queue as written"),
                                QStringLiteral("puzzle-queue-take"), this, [this] { takeQueue(); });
        m_queueName = makeWords(tr("What is to be put, a stack a line, from the bottom up:"), this);
        addWide(m_queueName);
        addWide(m_queue);
        addWide(m_queueRow);
    }

    void refresh() override {
        const level::Level& level = *m_session.document.level();
        const level::Project& project = m_session.document.project();
        const PuzzleRule& rule = level.puzzle.rule;
        const bool isSlide = rule.name == PuzzleRuleName::Slide;
        const bool isPush = rule.name == PuzzleRuleName::Push;
        const bool isPour = rule.name == PuzzleRuleName::Pour;
        const bool isGather = rule.name == PuzzleRuleName::Gather;
        m_rule->setCurrentIndex(int(rule.name));
        m_words->setText(tellRule(rule.name));
        showRow(m_counts, isSlide);
        showRow(m_capacity, isPour);
        showRow(m_near, isPour);
        showRow(m_collect, isGather);
        showRow(m_tally, isGather);
        showRow(m_atLeast, isGather);
        showRow(m_mark, isPush);
        showRow(m_kind, isPush);
        showRow(m_goalCounter, isSlide);
        showRow(m_goalMark, isSlide);
        m_goals->setVisible(isSlide);
        m_addGoal->setVisible(isSlide);
        m_clearGoals->setVisible(isSlide && !rule.goal.counters.empty());
        m_queue->setVisible(isGather);
        m_queueName->setVisible(isGather);
        m_queueRow->setVisible(isGather);
        m_counts->setCurrentIndex(int(rule.counts));
        m_near->setCurrentIndex(rule.isNear ? 1 : 0);
        showNumber(m_capacity, rule.capacity);
        showNumber(m_collect, rule.collect);
        showNumber(m_atLeast, rule.goal.atLeast);
        if (!m_mark->hasFocus()) m_mark->setText(QString::fromStdString(rule.goal.mark));
        QStringList tallies{tr("none")};
        int at = 0;
        for (const level::Tally& tally : project.game.tallies) {
            tallies << QString::fromStdString(tally.title);
            if (tally.name == rule.goal.tally) at = int(tallies.size()) - 1;
        }
        setChoices(m_tally, tallies);
        m_tally->setCurrentIndex(at);
        refreshKinds(project, rule);
        refreshGoals(level);
        if (!m_queue->hasFocus() && !(m_shownQueue && *m_shownQueue == rule.queue)) {
            QStringList lines;
            for (const level::QueuedStack& stack : rule.queue)
                lines << joined(stack.colors);
            m_queue->setPlainText(lines.join(u'\n'));
            m_shownQueue = rule.queue;
        }
    }

private:
    [[nodiscard]] static QString tellRule(PuzzleRuleName name) {
        switch (name) {
            case PuzzleRuleName::None:
                return tr("Counters are placed and exported; nothing is to be solved.");
            case PuzzleRuleName::Slide:
                return tr("Counters slide; each that is named has to get onto a marked slot.");
            case PuzzleRuleName::Push:
                return tr("One steps and pushes; every marked slot has to hold a pushed one.");
            case PuzzleRuleName::Pour:
                return tr("Runs of a colour are poured; each colour has to lie in one stack.");
            case PuzzleRuleName::Gather:
                return tr("Stacks are put; equal tops flow together, long runs are taken away.");
        }
        return {};
    }
    QSpinBox* addNumber(const QString& words, const char* name, int low, int high,
                        std::function<void(PuzzleRule&, int)> set) {
        QSpinBox* box =
            makeNumberBox(QLatin1String(name), low, high, this, [this, words, set](int value) {
                change(words, [&](PuzzleRule& rule) { set(rule, value); });
            });
        addControl(words, box);
        return box;
    }
    QLineEdit* addText(const QString& words, const char* name,
                       std::function<void(const QString&)> act) {
        auto* line = new QLineEdit(rowsHolder());
        line->setObjectName(QLatin1String(name));
        line->setFixedWidth(150);
        connect(line, &QLineEdit::editingFinished, this, [line, act = std::move(act)] {
            if (!line->isModified()) return;
            line->setModified(false);
            act(line->text());
        });
        addControl(words, line);
        return line;
    }
    void change(const QString& name, const std::function<void(PuzzleRule&)>& make) {
        const level::Level& level = *m_session.document.level();
        auto edit = puzzle::changeRule(level, make, name.toStdString());
        if (!(edit.level == level)) m_session.document.apply(edit);
    }
    void addGoals() {
        m_goals = makeWords({}, this);
        m_goals->setObjectName(QStringLiteral("puzzle-goals"));
        addWide(m_goals);
        m_goalCounter = makeChoiceBox(QStringLiteral("puzzle-goal-counter"), {}, this, [](int) {});
        addControl(tr("Counter"), m_goalCounter);
        m_goalMark = makeChoiceBox(QStringLiteral("puzzle-goal-mark"), {}, this, [](int) {});
        addControl(tr("To a slot marked"), m_goalMark);
        auto* grid = new ButtonGrid;
        m_addGoal = grid->add(tr("Ask for it"), "puzzle-goal-add", this, [this] {
            const std::string counter = m_goalCounter->currentText().toStdString();
            const std::string mark = m_goalMark->currentText().toStdString();
            if (counter.empty() || mark.empty())
                return m_session.say(
                    tr("Place a counter and mark a slot first, then say which has to get where."));
            change(tr("Ask for %1").arg(m_goalCounter->currentText()), [&](PuzzleRule& rule) {
                std::erase_if(rule.goal.counters,
                              [&](const auto& goal) { return goal.counter.text == counter; });
                rule.goal.counters.push_back({{counter}, mark});
            });
        });
        m_clearGoals = grid->add(tr("Ask for none"), "puzzle-goal-clear", this, [this] {
            change(tr("Ask for nothing"), [](PuzzleRule& rule) { rule.goal.counters.clear(); });
        });
        addWide(grid);
    }
    void refreshGoals(const level::Level& level) {
        QStringList counters, lines;
        for (const level::Counter& counter : level.puzzle.counters)
            counters << QString::fromStdString(counter.id.text);
        std::set<std::string> marks;
        for (const level::Slot& slot : level.puzzle.slotList)
            marks.insert(slot.marks.begin(), slot.marks.end());
        QStringList names;
        for (const std::string& mark : marks)
            names << QString::fromStdString(mark);
        setChoices(m_goalCounter, counters);
        setChoices(m_goalMark, names);
        for (const level::CounterGoal& goal : level.puzzle.rule.goal.counters)
            lines << tr("%1 to %2")
                         .arg(QString::fromStdString(goal.counter.text),
                              QString::fromStdString(goal.mark));
        m_goals->setText(lines.isEmpty() ? tr("Nothing is asked for yet.") : lines.join(u'\n'));
    }
    void refreshKinds(const level::Project& project, const PuzzleRule& rule) {
        QStringList kinds{tr("any kind")};
        m_kinds.clear();
        int at = 0;
        for (const level::Kind& kind : project.kinds) {
            if (kind.role != level::Role::Counter || !kind.counter.isPushed) continue;
            m_kinds.push_back(kind.id);
            kinds << QString::fromStdString(kind.title);
            if (kind.id == rule.goal.kind) at = int(m_kinds.size());
        }
        setChoices(m_kind, kinds);
        m_kind->setCurrentIndex(at);
    }
    void takeQueue() {
        std::vector<level::QueuedStack> queue;
        for (const QString& line : m_queue->toPlainText().split(u'\n')) {
            level::QueuedStack stack;
            stack.colors = wordsIn(line);
            if (!stack.colors.empty()) queue.push_back(std::move(stack));
        }
        if (queue.size() > std::size_t(level::maxQueue))
            return m_session.say(
                tr("A queue has at most %L1 stacks, and these are %L2. Take some out.")
                    .arg(level::maxQueue)
                    .arg(queue.size()));
        change(tr("Change the queue"), [&](PuzzleRule& rule) { rule.queue = queue; });
    }

    QComboBox* m_rule;
    QLabel* m_words;
    QComboBox* m_counts;
    QSpinBox* m_capacity;
    QComboBox* m_near;
    QSpinBox* m_collect;
    QComboBox* m_tally;
    QSpinBox* m_atLeast;
    QLineEdit* m_mark;
    QComboBox* m_kind;
    std::vector<KindId> m_kinds;
    QLabel* m_goals;
    QComboBox* m_goalCounter;
    QComboBox* m_goalMark;
    QWidget* m_addGoal;
    QWidget* m_clearGoals;
    QPlainTextEdit* m_queue;
    QLabel* m_queueName;
    QWidget* m_queueRow;
    std::optional<SharedVector<level::QueuedStack>> m_shownQueue;
};

}  // namespace

PanelSection* makeRuleSection(Session& session, QWidget* parent) {
    return new RuleSection(session, parent);
}

}  // namespace rook::app
