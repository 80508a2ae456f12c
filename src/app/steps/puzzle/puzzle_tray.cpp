#include "app/steps/puzzle/puzzle_tray.h"

#include <QInputDialog>
#include <QPainter>
#include <QPainterPath>
#include <set>

#include "app/painting/puzzle_painter.h"
#include "app/steps/puzzle/puzzle_options.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "puzzle/rosters.h"

namespace rook::app {

namespace {

using level::SlotState;

/// One slot of the level's arrangement in a card.
void paintSlotCard(QPainter& painter, const level::Project& project, const level::Level& level,
                   const level::Slot& slot, const QRect& box) {
    level::Level shown = level;
    shown.puzzle.counters = std::vector<level::Counter>();
    shown.puzzle.board.origin = {};
    level::Slot first = slot;
    first.at = {0, 0};
    shown.puzzle.slotList = std::vector<level::Slot>{first};
    level::SlotBoard& board = shown.puzzle.board;
    if (board.arrangement == level::Arrangement::Rings ||
        board.arrangement == level::Arrangement::Free)
        board.arrangement = level::Arrangement::Square;
    board.columns = board.rows = 1;
    const double scale =
        std::min(double(box.width()) / board.slot.width, double(box.height()) / board.slot.height) *
        0.94;
    const QPointF origin =
        QPointF(board.slot.width, board.slot.height) * scale / 2 - QRectF(box).center();
    painter.setRenderHint(QPainter::Antialiasing);
    paintSlots(painter, project, shown, {}, box, origin, scale);
}

class SlotTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        auto* row = addCardRow();
        const std::pair<SlotState, QString> states[] = {{SlotState::Plain, tr("Plain")},
                                                        {SlotState::Blocked, tr("Blocked")},
                                                        {SlotState::Gone, tr("Gone")},
                                                        {SlotState::Locked, tr("Locked")}};
        for (const auto& [state, title] : states) {
            level::Slot slot;
            slot.state = state;
            slot.price = 1;
            addSlotCard(
                row, title, tr("state"), slot,
                [state = state](const SlotOptions& o) {
                    return o.sort == SlotOptions::Sort::State && o.state == state;
                },
                [state = state](SlotOptions& o) {
                    o.sort = SlotOptions::Sort::State;
                    o.state = state;
                });
        }
        addMarks(row);
        for (const level::StackColor& color : m_session.document.project().stackColors) {
            level::Slot slot;
            slot.stack = {color.name, color.name};
            addSlotCard(
                row, QString::fromStdString(color.title), tr("colour"), slot,
                [name = color.name](const SlotOptions& o) {
                    return o.sort == SlotOptions::Sort::Color && o.name == name;
                },
                [name = color.name](SlotOptions& o) {
                    o.sort = SlotOptions::Sort::Color;
                    o.name = name;
                });
        }
        auto* grid = addOptionGrid(wide);
        addSearch(grid);
        auto* prices = addOptionLine(grid, 1, tr("Price"));
        auto* price = new QSpinBox(m_options);
        price->setObjectName(QStringLiteral("brush-price"));
        price->setAccessibleName(tr("Price of locked slots"));
        price->setRange(0, 1000000);
        connect(price, &QSpinBox::valueChanged, this, [this](int value) {
            m_session.workbench.change<SlotOptions>([&](SlotOptions& o) { o.price = value; });
        });
        m_refreshers << [this, price] {
            const QSignalBlocker blocker(price);
            price->setValue(m_session.workbench.options<SlotOptions>().price);
        };
        prices->addWidget(price);
        addChip<SlotOptions>(
            prices, tr("new mark …"), QStringLiteral("new-mark"),
            [](const SlotOptions&) { return false; }, [this](SlotOptions& o, bool) { askMark(o); });
        prices->addStretch();
        auto* words = makeWords(tr("The right button gives back a plain slot, takes a mark off or "
                                   "the topmost colour."),
                                m_options);
        words->setFont(sizedFont(-2));
        grid->addWidget(words, 2, 0, 1, 2);
        grid->setRowStretch(3, 1);
    }

private:
    void addMarks(QHBoxLayout* row) {
        std::set<std::string> marks{"rest"};
        marks.insert(m_session.document.level()->puzzle.rule.goal.mark);
        for (const auto& level : m_session.document.project().levels)
            for (const level::Slot& slot : level->puzzle.slotList)
                marks.insert(slot.marks.begin(), slot.marks.end());
        if (m_session.workbench.options<SlotOptions>().sort == SlotOptions::Sort::Mark)
            marks.insert(m_session.workbench.options<SlotOptions>().name);
        marks.erase("");
        for (const std::string& mark : marks) {
            level::Slot slot;
            slot.marks = {mark};
            addSlotCard(
                row, QString::fromStdString(mark), tr("mark"), slot,
                [mark](const SlotOptions& o) {
                    return o.sort == SlotOptions::Sort::Mark && o.name == mark;
                },
                [mark](SlotOptions& o) {
                    o.sort = SlotOptions::Sort::Mark;
                    o.name = mark;
                });
        }
    }
    void askMark(SlotOptions& options) {
        bool isTaken = false;
        const QString name =
            QInputDialog::getText(m_options, tr("New mark"), tr("A plain name, for goals to use:"),
                                  QLineEdit::Normal, {}, &isTaken)
                .trimmed()
                .toLower();
        if (!isTaken || name.isEmpty()) return;
        options.sort = SlotOptions::Sort::Mark;
        options.name = name.toStdString();
    }
    void addSlotCard(QHBoxLayout* row, const QString& title, const QString& word,
                     const level::Slot& slot, const std::function<bool(const SlotOptions&)>& isIn,
                     const std::function<void(SlotOptions&)>& take) {
        auto* card = new CardButton(
            title, word,
            [this, slot](QPainter& painter, const QRect& box) {
                paintSlotCard(painter, m_session.document.project(), *m_session.document.level(),
                              slot, box);
            },
            m_cards);
        card->setObjectName(QStringLiteral("slot-card-") + title.toLower());
        card->setAccessibleName(title + u' ' + word);
        addCard<SlotOptions>(row, card, isIn, take);
    }
};

/// Kinds of counters; of a level with a roster its counters, those that are parked first.
class CounterTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        auto* row = addCardRow();
        const level::Level& level = *m_session.document.level();
        const level::Project& project = m_session.document.project();
        m_sheets = loadSheets(project, m_session.document.folder());
        if (level.puzzle.roster.empty()) {
            for (const level::Kind& kind : project.kinds)
                if (kind.role == level::Role::Counter) addKind(row, kind);
        } else {
            for (const bool isParked : {true, false})
                for (const level::Counter& counter : level.puzzle.counters)
                    if (counter.isParked == isParked) addCounter(row, counter);
        }
        auto* grid = addOptionGrid(wide);
        addSearch(grid);
        auto* ghosts = addOptionLine(grid, 1, tr("Ghosts"));
        addChip<CounterOptions>(
            ghosts, tr("off"), QStringLiteral("ghosts-off"),
            [](const CounterOptions& o) { return o.ghosts.isEmpty(); },
            [](CounterOptions& o, bool) { o.ghosts = {}; });
        addChip<CounterOptions>(
            ghosts, tr("of the level before"), QStringLiteral("ghosts-before"),
            [this](const CounterOptions& o) { return !o.ghosts.isEmpty() && o.ghosts == before(); },
            [this](CounterOptions& o, bool) { o.ghosts = before(); });
        ghosts->addStretch();
        const QString words =
            level.puzzle.roster.empty()
                ? tr("Click places one, a drag a row. The right button deletes, Ctrl takes the "
                     "kind.")
                : tr("Click places the card in hand; dragged off the board or by the right button "
                     "a counter is parked.");
        auto* hint = makeWords(words, m_options);
        hint->setFont(sizedFont(-2));
        grid->addWidget(hint, 2, 0, 1, 2);
        grid->setRowStretch(3, 1);
    }

private:
    /// The level of the roster before this one; of the first one the last.
    [[nodiscard]] LevelId before() const {
        const LevelId& here = m_session.document.level()->id;
        LevelId last;
        for (const auto& level : puzzle::levelsOf(m_session.document.project(),
                                                  m_session.document.level()->puzzle.roster)) {
            if (level->id == here && !last.isEmpty()) return last;
            if (level->id != here) last = level->id;
        }
        return last;
    }
    [[nodiscard]] CardButton::Draw drawing(const KindId& id, int turn) {
        return [this, id, turn](QPainter& painter, const QRect& box) {
            const level::Kind* kind = m_session.document.project().findKind(id);
            if (!kind) return;
            const auto cells = puzzle::turnedFootprint(kind->counter.footprint, turn);
            CellRect all{0, 0, 1, 1};
            for (const CellPoint at : cells)
                all = all.united({at.x, at.y, 1, 1});
            const double side =
                0.86 * std::min(double(box.width()) / all.width, double(box.height()) / all.height);
            const QPointF corner =
                QRectF(box).center() -
                QPointF(all.x + all.width / 2.0, all.y + all.height / 2.0) * side;
            painter.setRenderHint(QPainter::Antialiasing);
            paintCounter(painter, m_session.document.project(), *kind, turn,
                         {corner, QSizeF(side, side)}, {side, side}, &m_sheets);
        };
    }
    void addKind(QHBoxLayout* row, const level::Kind& kind) {
        auto* card = new CardButton(QString::fromStdString(kind.title), tr("counter"),
                                    drawing(kind.id, 0), m_cards);
        card->setObjectName(QStringLiteral("counter-") + QString::fromStdString(kind.id.text));
        card->setAccessibleName(QString::fromStdString(kind.title));
        card->setDragText(QStringLiteral("kind:") + QString::fromStdString(kind.id.text));
        addCard<CounterOptions>(
            row, card, [id = kind.id](const CounterOptions& o) { return o.kind == id; },
            [this, id = kind.id](CounterOptions& o) {
                o.kind = id;
                m_session.workbench.chooseTool("place");
            });
    }
    void addCounter(QHBoxLayout* row, const level::Counter& counter) {
        auto* card = new CardButton(QString::fromStdString(counter.id.text),
                                    counter.isParked ? tr("parked") : tr("on the board"),
                                    drawing(counter.kind, counter.turn), m_cards);
        card->setObjectName(QStringLiteral("counter-") + QString::fromStdString(counter.id.text));
        card->setAccessibleName(QString::fromStdString(counter.id.text));
        card->setDragText(QStringLiteral("counter:") + QString::fromStdString(counter.id.text));
        addCard<CounterOptions>(
            row, card, [id = counter.id](const CounterOptions& o) { return o.counter == id; },
            [this, id = counter.id, isParked = counter.isParked](CounterOptions& o) {
                o.counter = id;
                if (isParked) return m_session.workbench.chooseTool("place");
                Selection selection;
                selection.counters = {id};
                m_session.workbench.select(selection);
            });
    }

    SheetImages m_sheets;  ///< that the cards' pictures are of
};

/// What the washes and figures mean: there is nothing to lend or to take.
class PuzzleProveTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        addCardWords(
            tr("All states are seen, so the least number of moves is exact, and what cannot be "
               "solved is proven. A state is dead when the goal can no longer be reached from it: "
               "choose a counter, and each slot shows how many of the states with it there are. "
               "Tab plays the level; H gives a hint there."));
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeSlotTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<SlotTray>(session, cards, options);
}
std::unique_ptr<TrayParts> makeCounterTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<CounterTray>(session, cards, options);
}
std::unique_ptr<TrayParts> makePuzzleProveTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<PuzzleProveTray>(session, cards, options);
}

}  // namespace rook::app
