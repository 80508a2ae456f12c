#include "app/pages/mix_page.h"

#include <QKeyEvent>
#include <QSpinBox>
#include <QTimer>
#include <QtConcurrent>

#include "app/painting/puzzle_painter.h"
#include "app/ui/buttons.h"
#include "app/ui/flow_layout.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace {

constexpr QSize cardSize(150, 150);

}  // namespace

MixPage::MixPage(Session& session, QWidget* parent)
    : Page(session, tr("Vary"), parent),
      m_told(makeWords({}, body())),
      m_boards(new FlowLayout(8)) {
    setObjectName(QStringLiteral("mix"));
    setAccessibleName(tr("Vary the level"));
    QVBoxLayout* column = addColumn();
    auto* section = new MarginSection(tr("What is wanted"), {}, body());
    const auto add = [&](const QString& words, const char* name, int low, int high, int value) {
        QSpinBox* box = makeNumberBox(QLatin1String(name), low, high, section, [](int) {});
        box->setValue(value);
        section->addControl(words, box);
        return box;
    };
    m_moves = add(tr("Moves back"), "mix-moves", 1, 10000, 60);
    m_moves->setToolTip(tr("So many chance moves backwards from the solved placement."));
    m_least = add(tr("Least moves, from"), "mix-least", 1, 100000, 8);
    m_most = add(tr("to"), "mix-most", 1, 100000, 40);
    m_count = add(tr("Proposals"), "mix-count", 1, 24, 8);
    m_seed = add(tr("Seed"), "mix-seed", 0, 1000000, 1);
    column->insertWidget(0, section);
    QVBoxLayout* right = addColumn();
    m_told->setObjectName(QStringLiteral("mix-told"));
    right->insertWidget(0, m_told);
    right->insertLayout(1, m_boards);
    auto* mixing = addAction(tr("Mix"), QStringLiteral("mix-start"), [this] { mix(); });
    mixing->setDefault(true);
    mixing->setToolTip(tr("Enter, in a field, mixes too."));
    addAction(tr("Stop"), QStringLiteral("mix-stop"), [this] { stop(); });
    connect(&m_mixing, &QFutureWatcher<Found>::finished, this, [this] { show(m_mixing.result()); });
    auto* progress = new QTimer(this);
    progress->setInterval(150);
    connect(progress, &QTimer::timeout, this, [this] {
        if (m_mixing.isRunning()) m_told->setText(tr("Mixing: %1 of 1000 tries …").arg(*m_tried));
    });
    progress->start();
}

MixPage::~MixPage() {
    *m_cancel = true;
    m_mixing.waitForFinished();
}

void MixPage::refresh() {
    const level::Level& level = *m_session.document.level();
    setWords(tr("Vary"), QString::fromStdString(level.title));
    if (m_told->text().isEmpty())
        m_told->setText(
            tr("Starts are mixed back from the placement in which the goal is met: the "
               "level's own, or the end of its solution."));
    Page::refresh();
}

void MixPage::takeFocus() {
    m_moves->setFocus(Qt::TabFocusReason);
    // What one came for: proposals by the numbers that stand there.
    if (m_of != m_session.document.level()) mix();
}

void MixPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Return && event->key() != Qt::Key_Enter)
        return Page::keyPressEvent(event);
    mix();
}

void MixPage::stop() {
    *m_cancel = true;
}

void MixPage::mix() {
    stop();
    m_mixing.waitForFinished();
    m_cancel = std::make_shared<std::atomic<bool>>(false);
    *m_tried = 0;
    qDeleteAll(m_cards);
    m_cards.clear();
    m_starts.clear();
    m_of = m_session.document.level();
    auto board = puzzle::boardOf(m_session.document.project(), *m_of);
    if (!board) return m_told->setText(told(board.error()));
    if (board->rule == runtime::puzzle::Rule::None)
        return m_told->setText(tr("Without a rule there is nothing to mix. Choose one first."));
    puzzle::MixWish wish;
    wish.moves = m_moves->value();
    wish.least = m_least->value();
    wish.most = m_most->value();
    wish.count = m_count->value();
    wish.seed = std::uint64_t(m_seed->value());
    m_told->setText(tr("Mixing …"));
    m_mixing.setFuture(QtConcurrent::run(
        [board = std::move(*board), wish, cancel = m_cancel, tried = m_tried]() mutable {
            Found found;
            wish.cancel = cancel.get();
            wish.progress = [tried](int tries, int) { *tried = tries; };
            puzzle::SolveOptions options;
            options.cancel = cancel.get();
            options.usesTwoThreads = false;
            const auto solved = puzzle::solvedState(board, options);
            if (!solved) {
                found.error = solved.error();
                return found;
            }
            auto starts = puzzle::mix(board, *solved, wish);
            if (starts)
                found.starts = std::move(*starts);
            else
                found.error = starts.error();
            return found;
        }));
}

void MixPage::show(const Found& found) {
    if (found.error) return m_told->setText(told(*found.error));
    m_starts = found.starts;
    std::sort(m_starts.begin(), m_starts.end(),
              [](const auto& a, const auto& b) { return a.least < b.least; });
    m_told->setText(m_starts.empty()
                        ? tr("No start was found in %1 tries. Ask for fewer moves, or go farther "
                             "back.")
                              .arg(*m_tried)
                        : tr("%1; a click takes one, as one undo.")
                              .arg(counted(qsizetype(m_starts.size()), tr("start"), tr("starts"))));
    const level::Project& project = m_session.document.project();
    const SheetImages sheets = loadSheets(project, m_session.document.folder());
    for (std::size_t i = 0; i < m_starts.size(); ++i) {
        const level::Level shown = puzzle::takeState(project, *m_of, m_starts[i].state, {}).level;
        QImage picture = puzzlePicture(
            project, shown, CardButton::pictureBox(cardSize).size() * devicePixelRatioF(),
            currentTheme(), sheets);
        auto* card = new CardButton(
            counted(m_starts[i].least, tr("move"), tr("moves")), tr("at least"),
            [picture = std::move(picture)](QPainter& painter, const QRect& box) {
                painter.drawImage(box, picture);
            },
            body());
        card->setObjectName(QStringLiteral("mixed-%1").arg(i));
        card->setFixedSize(cardSize);
        connect(card, &QAbstractButton::clicked, this, [this, i] { take(i); });
        m_boards->addWidget(card);
        m_cards << card;
    }
}

void MixPage::take(std::size_t place) {
    if (place >= m_starts.size() || !m_of || m_of->id != m_session.document.level()->id) return;
    const auto edit = puzzle::takeState(
        m_session.document.project(), *m_session.document.level(), m_starts[place].state,
        tr("Begin otherwise, %1 moves").arg(m_starts[place].least).toStdString());
    m_session.document.apply(edit);
    Q_EMIT left();
}

}  // namespace rook::app
