/// What is selected on a puzzle level: slots in Shape, counters in Cast.

#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>

#include "app/steps/puzzle/puzzle_sections.h"
#include "app/steps/puzzle/word_lists.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace {

using level::Slot;
using level::SlotState;

class SlotSection : public PanelSection {
public:
    SlotSection(Session& session, QWidget* parent)
        : PanelSection(tr("Slots"), {}, session, parent) {
        m_state = makeChoiceBox(
            QStringLiteral("slot-state"), {tr("plain"), tr("blocked"), tr("gone"), tr("locked")},
            this, [this](int at) {
                change(tr("State of %1"),
                       [at](Slot& slot) { slot.state = static_cast<SlotState>(at); });
            });
        addControl(tr("State"), m_state);
        m_price = makeNumberBox(QStringLiteral("slot-price"), 0, 1000000, this, [this](int value) {
            change(tr("Price of %1"), [value](Slot& slot) { slot.price = value; });
        });
        addControl(tr("Price"), m_price);
        m_tally = makeChoiceBox(QStringLiteral("slot-tally"), {}, this, [this](int at) {
            const auto& tallies = m_session.document.project().game.tallies;
            const std::string name = at == 0 ? std::string() : tallies[std::size_t(at - 1)].name;
            change(tr("Tally of %1"), [&](Slot& slot) { slot.tally = name; });
        });
        addControl(tr("Paid by"), m_tally);
        m_marks = addWords(
            tr("Marks"), "slot-marks",
            [](Slot& slot, std::vector<std::string> words) { slot.marks = std::move(words); });
        m_stack = addWords(
            tr("Stack, upwards"), "slot-stack",
            [](Slot& slot, std::vector<std::string> words) { slot.stack = std::move(words); });
    }

    void refresh() override {
        const auto& chosen = m_session.workbench.selection().slotList;
        setVisible(!chosen.empty());
        if (chosen.empty()) return;
        const level::Puzzle& board = m_session.document.level()->puzzle;
        const Slot slot = puzzle::slotAt(board, chosen.front());
        setNote(chosen.size() == 1 ? tr("%1, %2").arg(slot.at.x).arg(slot.at.y)
                                   : told(puzzle::slotCountText(chosen.size())));
        m_state->setCurrentIndex(int(slot.state));
        const bool isLocked = slot.state == SlotState::Locked;
        showRow(m_price, isLocked);
        showRow(m_tally, isLocked);
        showNumber(m_price, slot.price);
        QStringList names{tr("none")};
        int at = 0;
        for (const level::Tally& tally : m_session.document.project().game.tallies) {
            names << QString::fromStdString(tally.title);
            if (tally.name == slot.tally) at = int(names.size()) - 1;
        }
        setChoices(m_tally, names);
        m_tally->setCurrentIndex(at);
        if (!m_marks->hasFocus()) m_marks->setText(joined(slot.marks));
        if (!m_stack->hasFocus()) m_stack->setText(joined(slot.stack));
    }

private:
    QLineEdit* addWords(const QString& words, const char* name,
                        std::function<void(Slot&, std::vector<std::string>)> set) {
        auto* line = new QLineEdit(rowsHolder());
        line->setObjectName(QLatin1String(name));
        line->setFixedWidth(150);
        connect(line, &QLineEdit::editingFinished, this, [this, line, words, set] {
            if (!line->isModified()) return;
            line->setModified(false);
            change(words + tr(" of %1"), [&](Slot& slot) { set(slot, wordsIn(line->text())); });
        });
        addControl(words, line);
        return line;
    }
    void change(const QString& name, const std::function<void(Slot&)>& make) {
        const auto& chosen = m_session.workbench.selection().slotList;
        const level::Level& level = *m_session.document.level();
        const auto edit =
            puzzle::changeSlots(m_session.document.project(), level, chosen, make,
                                name.arg(told(puzzle::slotCountText(chosen.size()))).toStdString());
        if (!(edit.level.puzzle == level.puzzle)) m_session.document.apply(edit);
    }

    QComboBox* m_state;
    QSpinBox* m_price;
    QComboBox* m_tally;
    QLineEdit* m_marks;
    QLineEdit* m_stack;
};

class CounterSection : public PanelSection {
public:
    CounterSection(Session& session, QWidget* parent)
        : PanelSection(tr("Counters"), {}, session, parent) {
        m_kind = addValue(tr("Kind"));
        m_place = addValue(tr("Stands at"));
        m_turn = addValue(tr("Turned by"));
        auto* grid = new ButtonGrid;
        m_turnIt = grid->add(tr("Turn"), "counter-turn", this, [this] {
            m_session.document.apply(puzzle::turnCounter(m_session.document.project(),
                                                         *m_session.document.level(), first()));
        });
        grid->add(tr("Park"), "counter-park", this, [this] {
            m_session.document.apply(puzzle::parkCounters(*m_session.document.level(), chosen()));
        });
        m_swap = grid->add(tr("Swap the two"), "counter-swap", this, [this] {
            m_session.document.apply(puzzle::swapCounters(m_session.document.project(),
                                                          *m_session.document.level(), chosen()[0],
                                                          chosen()[1]));
        });
        m_remove = grid->add(tr("Delete"), "counter-delete", this, [this] {
            m_session.document.apply(puzzle::removeCounters(*m_session.document.level(), chosen()));
        });
        addWide(grid);
        addWide(makeWords(tr("Arrows move by a slot; point and comma turn; dragged off the board, "
                             "a counter is parked."),
                          this));
    }

    void refresh() override {
        setVisible(!chosen().empty());
        if (chosen().empty()) return;
        const level::Level& level = *m_session.document.level();
        const level::Counter* counter = puzzle::findCounter(level.puzzle, first());
        if (!counter) return;
        setNote(chosen().size() == 1
                    ? QString::fromStdString(counter->id.text)
                    : counted(qsizetype(chosen().size()), tr("counter"), tr("counters")));
        const level::Kind* kind = m_session.document.project().findKind(counter->kind);
        m_kind->setText(QString::fromStdString(kind ? kind->title : counter->kind.text + " ?"));
        const bool isFree = level.puzzle.board.arrangement == level::Arrangement::Free;
        m_place->setText(counter->isParked ? tr("parked")
                         : isFree          ? tr("%1, %2 px").arg(counter->px.x).arg(counter->px.y)
                                           : tr("%1, %2").arg(counter->at.x).arg(counter->at.y));
        m_turn->setText(tr("%1°").arg(90 * counter->turn));
        m_turnIt->setEnabled(kind && kind->counter.turns.size() > 1);
        m_swap->setVisible(chosen().size() == 2);
        m_remove->setVisible(level.puzzle.roster.empty());
    }

private:
    [[nodiscard]] const std::vector<EntityId>& chosen() const {
        return m_session.workbench.selection().counters;
    }
    [[nodiscard]] EntityId first() const {
        return chosen().empty() ? EntityId() : chosen().front();
    }

    QLabel* m_kind;
    QLabel* m_place;
    QLabel* m_turn;
    QWidget* m_turnIt;
    QWidget* m_swap;
    QWidget* m_remove;
};

}  // namespace

PanelSection* makeSlotSection(Session& session, QWidget* parent) {
    return new SlotSection(session, parent);
}

PanelSection* makeCounterSection(Session& session, QWidget* parent) {
    return new CounterSection(session, parent);
}

}  // namespace rook::app
