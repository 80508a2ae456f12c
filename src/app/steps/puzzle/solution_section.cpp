#include <QComboBox>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <QSpinBox>

#include "app/steps/puzzle/puzzle_options.h"
#include "app/steps/puzzle/puzzle_sections.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "puzzle/board.h"

namespace rook::app {

namespace {

using puzzle::Solution;

QString grouped(std::uint64_t number) {
    return QLocale().toString(qulonglong(number));
}

/// The least number of moves of each puzzle level, in their order; the level on the board stands
/// out. A click goes to a level.
class LeastChart final : public QWidget {
public:
    LeastChart(Session& session, QWidget* parent) : QWidget(parent), m_session(session) {
        setObjectName(QStringLiteral("least-chart"));
        setAccessibleName(tr("Least moves of the puzzle levels, in their order"));
        setFixedHeight(96);
        setMouseTracking(true);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        painter.fillRect(rect(), theme.paper);
        painter.setPen(theme.rule());
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
        const auto bars = gather();
        int most = 1;
        for (const Bar& bar : bars)
            most = std::max(most, bar.least);
        const QFont font = sizedFont(-3);
        painter.setFont(font);
        for (std::size_t i = 0; i < bars.size(); ++i) {
            const QRectF column = columnOf(i, bars.size());
            const Bar& bar = bars[i];
            const double high = bar.isKnown ? 58.0 * bar.least / most : 4;
            const QRectF box(column.left() + 2, height() - 18 - high,
                             std::min(26.0, column.width() - 4), high);
            const QColor tone = bar.isHere ? theme.accent : theme.quietInk;
            painter.setPen(QPen(tone, 1));
            painter.setBrush(bar.isKnown ? QBrush(tone) : QBrush(Qt::NoBrush));
            painter.drawRect(box);
            painter.setPen(bar.isHere ? theme.ink : theme.quietInk);
            painter.drawText(QRectF(column.left(), box.top() - 16, box.width() + 6, 15),
                             Qt::AlignLeft | Qt::AlignBottom,
                             bar.isKnown ? QString::number(bar.least) : QStringLiteral("–"));
            painter.drawText(QRectF(column.left() + 1, height() - 17, column.width(), 15),
                             Qt::AlignLeft | Qt::AlignVCenter, QString::number(bar.place));
        }
    }
    void mousePressEvent(QMouseEvent* event) override {
        const auto bars = gather();
        for (std::size_t i = 0; i < bars.size(); ++i)
            if (columnOf(i, bars.size()).contains(event->position()))
                m_session.document.chooseLevel(bars[i].level);
    }

private:
    struct Bar {
        LevelId level;
        int place = 0;  ///< in the running order, from 1
        int least = 0;
        bool isKnown = false;
        bool isHere = false;
    };
    [[nodiscard]] QRectF columnOf(std::size_t i, std::size_t count) const {
        const double wide =
            std::min(34.0, (width() - 12.0) / double(std::max<std::size_t>(1, count)));
        return {6 + double(i) * wide, 0, wide, double(height())};
    }
    [[nodiscard]] std::vector<Bar> gather() const {
        std::vector<Bar> bars;
        int place = 0;
        for (const auto& level : m_session.document.project().levels) {
            ++place;
            if (level->kind != level::LevelKind::Puzzle) continue;
            Bar bar{level->id, place, 0, false, level->id == m_session.document.level()->id};
            const auto proven = m_session.proofs.of(level->id);
            if (proven && proven->answer.verdict.kind == reach::VerdictKind::Solved) {
                bar.least = proven->answer.verdict.least;
                bar.isKnown = m_session.proofs.isCurrent(level->id);
            }
            bars.push_back(bar);
        }
        return bars;
    }
    Session& m_session;
};

class SolutionSection : public PanelSection {
public:
    SolutionSection(Session& session, QWidget* parent)
        : PanelSection(tr("Solution"), {}, session, parent) {
        makeFoldable(QStringLiteral("solution"), true);
        m_sentence = makeWords({}, this);
        m_sentence->setObjectName(QStringLiteral("puzzle-sentence"));
        m_sentence->setFont(sizedFont(1, QFont::DemiBold));
        addWide(m_sentence);
        m_states = addValue(tr("States"));
        m_dead = addValue(tr("Dead"));
        m_dead->setToolTip(tr("States from which the goal can no longer be reached."));
        m_ways = addValue(tr("Ways as short"));
        m_only = addValue(tr("Without choice"));
        m_only->setToolTip(tr("Moves of this solution that alone keep the goal within reach."));
        m_move = makeNumberBox(QStringLiteral("puzzle-move"), 0, 100000, this, [this](int at) {
            change<PuzzleProofOptions>([at](PuzzleProofOptions& o) { o.move = at; });
        });
        addControl(tr("After move"), m_move);
        auto* grid = new ButtonGrid;
        grid->add(tr("A move back"), "puzzle-back", this, [this] { m_move->stepDown(); });
        grid->add(tr("A move on"), "puzzle-on", this, [this] { m_move->stepUp(); });
        grid->add(tr("Vary …"), "puzzle-vary", this, [this] { m_session.requests.openMix(); });
        addWide(grid);
        m_counter = makeChoiceBox(QStringLiteral("puzzle-dead-of"), {}, this, [this](int at) {
            change<PuzzleProofOptions>([this, at](PuzzleProofOptions& o) {
                o.counter = at == 0 ? EntityId() : m_counters[std::size_t(at - 1)];
            });
        });
        addControl(tr("Dead places of"), m_counter);
        addWide(makeWords(tr("Least moves, level by level:"), this));
        m_chart = new LeastChart(session, rowsHolder());
        addWide(m_chart);
    }

    void refresh() override {
        const level::Level& level = *m_session.document.level();
        const auto proven = m_session.proofs.of(level.id);
        const bool isCurrent = proven && m_session.proofs.isCurrent(level.id);
        const reach::PuzzleAnswer* answer = proven ? proven->answer.onPuzzle() : nullptr;
        const Theme& theme = currentTheme();
        m_chart->update();
        if (!isCurrent || !answer) {
            m_sentence->setText(proven && proven->error ? told(*proven->error)
                                                        : tr("Being solved …"));
            setTone(m_sentence, theme.quietInk);
            for (QLabel* each : {m_states, m_dead, m_ways, m_only})
                each->setText(QStringLiteral("…"));
            return;
        }
        const reach::Verdict& verdict = proven->answer.verdict;
        const Solution& solution = answer->solution;
        m_sentence->setText(told(verdict.sentence()));
        setTone(m_sentence, verdict.kind == reach::VerdictKind::Solved      ? theme.accent
                            : verdict.kind == reach::VerdictKind::NotSolved ? theme.alarm
                                                                            : theme.caution);
        const bool isSolved = solution.verdict == Solution::Verdict::Solved;
        m_states->setText(grouped(solution.states) +
                          (solution.isWhole ? QString() : tr(" and more")));
        m_dead->setText(
            solution.isWhole && solution.states > 0
                ? tr("%1, %2 %")
                      .arg(grouped(solution.dead))
                      .arg(100.0 * double(solution.dead) / double(solution.states), 0, 'f', 1)
                : tr("not decided"));
        m_ways->setText(isSolved && solution.sequences > 0 ? grouped(solution.sequences)
                                                           : QStringLiteral("–"));
        m_only->setText(isSolved && solution.isWhole
                            ? tr("%1 of %2").arg(solution.onlyWays).arg(solution.least)
                            : QStringLiteral("–"));
        m_move->setMaximum(std::max(0, solution.least));
        m_move->setSuffix(tr(" of %1").arg(solution.least));
        showNumber(m_move, std::min(m_session.workbench.options<PuzzleProofOptions>().move,
                                    solution.least));
        refreshCounters(level, solution);
    }

private:
    void refreshCounters(const level::Level& level, const Solution& solution) {
        showRow(m_counter, !solution.places.empty() && solution.dead > 0);
        QStringList names{tr("none")};
        m_counters.clear();
        int at = 0;
        for (const level::Counter& counter : level.puzzle.counters) {
            if (counter.isParked) continue;
            m_counters.push_back(counter.id);
            names << QString::fromStdString(counter.id.text);
            if (counter.id == m_session.workbench.options<PuzzleProofOptions>().counter)
                at = int(m_counters.size());
        }
        setChoices(m_counter, names);
        m_counter->setCurrentIndex(at);
    }

    QLabel* m_sentence;
    QLabel* m_states;
    QLabel* m_dead;
    QLabel* m_ways;
    QLabel* m_only;
    QSpinBox* m_move;
    QComboBox* m_counter;
    std::vector<EntityId> m_counters;
    LeastChart* m_chart;
};

}  // namespace

PanelSection* makeSolutionSection(Session& session, QWidget* parent) {
    return new SolutionSection(session, parent);
}

}  // namespace rook::app
