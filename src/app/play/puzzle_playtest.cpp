/// Playing a puzzle level: with the mouse or the arrow keys, moves taken back, hints, and word of
/// it as soon as the goal can no longer be reached. Nothing of it touches the document.

#include <QFutureWatcher>
#include <QPainterPath>
#include <QtConcurrent>

#include "app/painting/flags.h"
#include "app/painting/puzzle_painter.h"
#include "app/play/playtest.h"
#include "app/ui/words.h"
#include "puzzle/own_way.h"

namespace rook::app {

namespace {

namespace play = runtime::puzzle;

/// What is found out of a state beside the interface.
struct Told {
    int number = 0;  ///< of the state that it is of
    bool isDecided = false;
    bool isDead = false;
    std::optional<play::Move> hint;
};

class PuzzlePlaytest final : public Playtest {
public:
    PuzzlePlaytest(Session& session, PlayHost& host, play::Board board, const PlayWish& wish)
        : Playtest(session, host, wish),
          m_board(std::make_shared<const play::Board>(std::move(board))),
          m_geometry(session.document.level()->puzzle.board),
          m_level(session.document.level()),
          m_state(play::beginning(*m_board)) {
        m_picked = firstOfPlayer();
        connect(&m_asked, &QFutureWatcher<Told>::finished, this,
                [this] { take(m_asked.result()); });
        lookAhead();
    }
    ~PuzzlePlaytest() override {
        *m_cancel = true;
        m_asked.waitForFinished();
    }

    void dress(MatterScene& scene) const override { scene.hidesPuzzle = true; }
    EntityLook lookOf(EntityLook ofStep) const override { return ofStep; }
    QString words() const override {
        QString text = counted(m_moves, tr("move"), tr("moves"));
        if (const auto least = leastMoves()) text += tr(" of at least %1").arg(*least);
        if (m_isWon) return tr("won in %1 — Home again, Esc ends").arg(text);
        if (m_isDead) text += tr(", this can no longer be solved");
        if (m_hasNoHint) text += tr(", no hint: not decided whether it can be solved");
        return text + tr(" — drag or click and click, arrows, Backspace takes back, H hints, Home "
                         "again, Esc ends");
    }

    void paint(QPainter& painter, const MatterScene& scene) override {
        PuzzleLook look;
        look.sheets = scene.sheets;
        look.showsGone = false;
        look.state = &m_state;
        const QPointF origin = m_host.view().offset();
        const double scale = m_host.view().scale();
        painter.save();
        painter.setRenderHint(QPainter::Antialiasing);
        paintSlots(painter, *scene.project, *m_level, look, QRect({}, m_host.playSize()), origin,
                   scale);
        paintPicked(painter, origin, scale);
        paintCounters(painter, *scene.project, *m_level, look, origin, scale);
        if (m_hint) paintMove(painter, m_geometry, m_state, *m_hint, origin, scale, Qt::DashLine);
        paintQueue(painter, *scene.project);
        if (m_isDead && !m_isWon) paintDead(painter);
        painter.restore();
    }

    bool isLedByPointer() const override { return true; }
    bool pressAt(QPointF px) override {
        const auto slot = m_geometry.slotAt(pxOf(px));
        if (!slot || m_isWon) return true;
        const int at = m_geometry.numberOf(*slot);
        m_pressed = at;
        if (m_board->isOfStacks()) return pressStack(at);
        const int counter = counterOn(at);
        if (counter >= 0 && mayMove(counter))
            m_picked = counter;
        else if (m_picked >= 0)
            (void)go(at);  // click and click: the second one says where to
        return true;
    }
    bool moveTo(QPointF) override { return m_pressed >= 0; }
    bool releaseAt(QPointF px) override {
        const int from = std::exchange(m_pressed, -1);
        const auto slot = m_geometry.slotAt(pxOf(px));
        const int at = slot ? m_geometry.numberOf(*slot) : -1;
        if (at < 0 || from < 0 || at == from || m_isWon) return true;
        if (m_board->isOfStacks()) {
            if (m_board->rule == play::Rule::Pour) {
                m_from = -1;
                pour(from, at);
            }
            return true;
        }
        if (m_picked >= 0) (void)go(at);
        return true;
    }

protected:
    void beginAgain() override {
        m_state = play::beginning(*m_board);
        m_history.clear();
        m_moves = 0;
        m_isWon = false;
        m_from = -1;
        changedState();
    }
    bool takeOwnKey(const QKeyEvent& event, bool isDown) override {
        const int key = event.key();
        const bool ends = key == Qt::Key_Escape || key == Qt::Key_Tab;
        const bool isOwn = ends || key == Qt::Key_Backspace || key == Qt::Key_H || key == Qt::Key_N;
        if (!isOwn || !isDown) return isOwn;
        if (ends) end();
        if (key == Qt::Key_Backspace) takeBack();
        if (key == Qt::Key_H) m_wantsHint = true, showHint();
        if (key == Qt::Key_N) pickNext(event.modifiers() & Qt::ShiftModifier ? -1 : 1);
        return true;
    }
    void advance() override {
        if (!mayTick()) return;
        if (const PlayedGame::ProofRun* run = m_game->run(); run && !m_isWon) followProof();
        using enum SteeringAction;
        const bool isLeft = isHeld(Left), isUp = isHeld(Up);
        const bool hasSix = m_board->directions == 6;
        const bool isSide = hasSix && m_level->puzzle.board.points == level::HexPoints::Side;
        // Of six directions the four keys say four; with two keys held, the others.
        if (takePress(Right)) step(isSide ? (isUp ? 5 : 0) : 0);
        if (takePress(Left)) step(hasSix ? (isSide ? (isUp ? 3 : 2) : 3) : 2);
        if (takePress(Down)) step(hasSix ? (isSide ? 1 : isLeft ? 2 : 1) : 1);
        if (takePress(Up)) step(hasSix ? (isSide ? 4 : isLeft ? 4 : 5) : 3);
    }
    void levelChanged() override { end(); }

private:
    [[nodiscard]] static PxPoint pxOf(QPointF px) {
        return {int(std::floor(px.x())), int(std::floor(px.y()))};
    }
    [[nodiscard]] bool mayMove(int counter) const {
        const play::Counter& each = m_board->counters[std::size_t(counter)];
        return m_board->rule == play::Rule::Push ? each.pushes : each.slides != 0;
    }
    [[nodiscard]] int firstOfPlayer() const {
        for (std::size_t i = 0; i < m_board->counters.size(); ++i)
            if (m_board->counters[i].slot >= 0 && !m_board->isOfStacks() && mayMove(int(i)))
                return int(i);
        return -1;
    }
    void pickNext(int by) {
        const int count = int(m_board->counters.size());
        for (int i = 1; i <= count; ++i) {
            const int at = ((m_picked + i * by) % count + count) % count;
            if (m_state.at[std::size_t(at)] < 0 || !mayMove(at)) continue;
            m_picked = at;
            break;
        }
        Q_EMIT moved();
    }
    [[nodiscard]] int counterOn(int slot) const {
        return play::detail::ownersOf(*m_board, m_state)[std::size_t(slot)];
    }

    /// Makes the move; false if there is none such.
    bool make(const play::Move& move) {
        play::State next = m_state;
        if (m_isWon || !play::apply(*m_board, next, move)) return false;
        m_history.push_back(std::move(m_state));
        m_state = std::move(next);
        ++m_moves;
        changedState();
        if (!play::isMet(*m_board, m_state)) return true;
        m_isWon = true;
        win({});
        return true;
    }
    void takeBack() {
        if (m_history.empty() || m_isWon) return;
        m_state = std::move(m_history.back());
        m_history.pop_back();
        --m_moves;
        changedState();
    }
    void step(int direction) {
        if (m_picked < 0 || direction >= m_board->directions) return;
        (void)make({play::Move::Sort::Step, m_picked, direction, 1, -1, -1});
    }
    /// The counter in hand goes to that slot by moves of its own, the fewest; it pushes only what
    /// is right beside it.
    bool go(int slot) {
        const std::vector<play::Move> moves = puzzle::ownWay(*m_board, m_state, m_picked, slot);
        for (const play::Move& each : moves)
            if (!make(each)) break;
        return !moves.empty();
    }
    void pour(int from, int to) { (void)make({play::Move::Sort::Pour, -1, -1, 0, from, to}); }
    bool pressStack(int slot) {
        if (m_board->rule == play::Rule::Gather) {
            const bool isPut = make({play::Move::Sort::Put, -1, -1, 0, -1, slot});
            if (!isPut) (void)make({play::Move::Sort::Open, -1, -1, 0, -1, slot});
            return true;
        }
        if (m_from >= 0 && m_from != slot) {
            pour(std::exchange(m_from, -1), slot);
            return true;
        }
        m_from = m_from == slot || m_state.stacks[std::size_t(slot)].empty() ? -1 : slot;
        return true;
    }
    /// A move of the proof every third of a second.
    void followProof() {
        constexpr int ticksAMove = 20;
        m_proofTicks += dueTicks(1);
        if (m_proofTicks < ticksAMove) return;
        m_proofTicks = 0;
        const auto solution = known();
        if (!solution || std::size_t(m_moves) >= solution->moves.size()) return;
        (void)make(solution->moves[std::size_t(m_moves)]);
    }

    /// What Prove knows of this very level.
    [[nodiscard]] const puzzle::Solution* known() const {
        const auto proven = m_session.proofs.of(m_level->id);
        if (!proven || !m_session.proofs.isCurrent(m_level->id)) return nullptr;
        const reach::PuzzleAnswer* answer = proven->answer.onPuzzle();
        return answer ? &answer->solution : nullptr;
    }
    [[nodiscard]] std::optional<int> leastMoves() const {
        const puzzle::Solution* solution = known();
        if (!solution || solution->verdict != puzzle::Solution::Verdict::Solved)
            return std::nullopt;
        return solution->least;
    }

    void changedState() {
        m_hint.reset();
        m_next.reset();
        m_wantsHint = m_hasNoHint = false;
        ++m_number;
        lookAhead();
        Q_EMIT moved();
        Q_EMIT changed();
    }
    /// Whether the goal can still be reached: known at once where Prove kept all states, else found
    /// out beside the interface, with the next move of a shortest way.
    void lookAhead() {
        m_isDead = false;
        if (m_isWon || play::isMet(*m_board, m_state)) return;
        const puzzle::Solution* solution = known();
        if (solution && solution->explored) {
            const auto isDead = solution->explored->isDead(m_state);
            m_isDead = isDead.value_or(false);
            if (m_isDead) {
                *m_cancel = true;  // what was asked of former states
                return;
            }
        }
        ask();
    }
    void ask() {
        *m_cancel = true;
        m_cancel = std::make_shared<std::atomic<bool>>(false);
        m_asked.setFuture(QtConcurrent::run(
            [board = m_board, from = m_state, number = m_number, cancel = m_cancel] {
                puzzle::SolveOptions options;
                options.stopsAtGoal = true;
                options.mostStates = 5'000'000;
                options.usesTwoThreads = false;
                options.cancel = cancel.get();
                const puzzle::Solution found = puzzle::solveFrom(*board, from, options);
                using Verdict = puzzle::Solution::Verdict;
                Told told;
                told.number = number;
                told.isDecided =
                    found.verdict == Verdict::Solved || found.verdict == Verdict::Impossible;
                told.isDead = found.verdict == Verdict::Impossible;
                if (!found.moves.empty()) told.hint = found.moves.front();
                return told;
            }));
    }
    void take(const Told& told) {
        if (told.number != m_number) return;
        if (told.isDecided) m_isDead = told.isDead;
        m_next = told.hint;
        showHint();
        Q_EMIT changed();
        Q_EMIT moved();
    }
    void showHint() {
        if (!m_wantsHint || (m_asked.isRunning() && !m_isDead)) return;
        m_hint = m_next;
        m_hasNoHint = !m_hint && !m_isDead && !m_isWon;
        Q_EMIT moved();
    }

    void paintPicked(QPainter& painter, QPointF origin, double scale) const {
        painter.setPen(QPen(currentTheme().accent, 3));
        painter.setBrush(Qt::NoBrush);
        if (m_from >= 0)
            painter.drawPath(shapeOf(m_geometry, m_geometry.addressOf(m_from), origin, scale));
        if (m_picked < 0 || m_board->isOfStacks() || m_state.at[std::size_t(m_picked)] < 0) return;
        for (const int slot :
             play::detail::covered(*m_board, m_state, m_board->counters[std::size_t(m_picked)],
                                   m_state.at[std::size_t(m_picked)]))
            painter.drawPath(shapeOf(m_geometry, m_geometry.addressOf(slot), origin, scale));
    }
    /// What is still to be put, the next one first, beside the board.
    void paintQueue(QPainter& painter, const level::Project& project) const {
        if (m_board->rule != play::Rule::Gather) return;
        const Theme& theme = currentTheme();
        constexpr int shown = 6;
        const QSizeF size(46, 50);
        const QSize window = m_host.playSize();
        QPointF at(window.width() - size.width() - 16, 16);
        painter.setFont(sizedFont(-1));
        for (std::size_t i = m_state.isPut; i < m_board->queue.size() && i < m_state.isPut + shown;
             ++i) {
            const QRectF box(at, size);
            painter.setPen(
                QPen(i == m_state.isPut ? theme.accent : theme.rule(), i == m_state.isPut ? 2 : 1));
            painter.setBrush(theme.paper);
            painter.drawRoundedRect(box, 3, 3);
            std::vector<std::string> colors;
            for (const play::Color color : m_board->queue[i])
                colors.push_back(project.stackColors[std::size_t(color - 1)].name);
            paintStack(painter, project, colors, box);
            at.ry() += size.height() + 6;
        }
        painter.setPen(theme.ink);
        const auto left = qsizetype(m_board->queue.size() - m_state.isPut);
        paintFlag(painter, window, at + QPointF(-30, 0), tr("%1 left").arg(left), theme.ink);
        const auto names = puzzle::talliesUsed(m_level->puzzle);
        for (std::size_t i = 0; i < m_state.tallies.size(); ++i) {
            QString text = QStringLiteral("%1 %2")
                               .arg(QString::fromStdString(names[i]))
                               .arg(m_state.tallies[i]);
            if (int(i) == m_board->goalTally) text += tr(" of %1").arg(m_board->goalCount);
            paintFlag(painter, window, QPointF(16, 16 + 26 * double(i)), text, theme.ink);
        }
    }
    void paintDead(QPainter& painter) const {
        paintFlag(painter, m_host.playSize(), QPointF(16, m_host.playSize().height() - 40),
                  tr("This can no longer be solved"), currentTheme().alarm);
    }

    std::shared_ptr<const play::Board> m_board;
    puzzle::Geometry m_geometry;
    std::shared_ptr<const level::Level> m_level;
    play::State m_state;
    std::vector<play::State> m_history;
    int m_moves = 0;
    bool m_isWon = false;
    bool m_isDead = false;
    int m_picked = -1;   ///< counter that the arrow keys move
    int m_from = -1;     ///< stack that is poured from next
    int m_pressed = -1;  ///< slot where the button went down
    int m_number = 0;    ///< counts states, so that old answers are known
    int m_proofTicks = 0;
    bool m_wantsHint = false;
    bool m_hasNoHint = false;  ///< one was asked for, and nobody knows

    std::optional<play::Move> m_hint;
    std::optional<play::Move> m_next;
    std::shared_ptr<std::atomic<bool>> m_cancel = std::make_shared<std::atomic<bool>>(false);
    QFutureWatcher<Told> m_asked;
};

}  // namespace

Result<std::unique_ptr<Playtest>> startPuzzlePlaytest(Session& session, PlayHost& host,
                                                      const PlayWish& wish) {
    auto board = puzzle::boardOf(session.document.project(), *session.document.level());
    if (!board) return fail(board.error());
    if (board->rule == play::Rule::None)
        return fail(ErrorKind::NotApplicable, "The level has no rule to play by",
                    session.document.level()->title, "Choose one in the level sheet");
    return std::make_unique<PuzzlePlaytest>(session, host, std::move(*board), wish);
}

}  // namespace rook::app
