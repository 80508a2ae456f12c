#include "app/play/playtest.h"

#include <QPainter>
#include "app/ui/words.h"

namespace rook::app {

namespace {
constexpr double ticksPerMs = 60.0 / 1000;
constexpr qint64 mostTicksAtOnce = 6;
}  // namespace

reach::QueryOptions PlayWish::options() const {
    reach::QueryOptions options = abilities;
    if (game)
        options.inHand = game->hand();
    else if (isArrival)
        options.inHand.emplace();
    return options;
}

Playtest::Playtest(Session& session, PlayHost& host, const PlayWish& wish)
    : m_session(session),
      m_host(host),
      m_game(wish.game ? wish.game : std::make_shared<PlayedGame>(session.document.project())) {
    m_game->tryWith(wish.tallies);
    m_game->arrive(session.document.project(), *session.document.level(), !wish.isArrival);
    connect(&session.document, &Document::changed, this, [this] {
        if (!m_hasLeft) levelChanged();
    });
    m_timer.setInterval(15);
    m_timer.setTimerType(Qt::PreciseTimer);
    connect(&m_timer, &QTimer::timeout, this, [this] {
        lookAtController();
        if (!m_hasLeft) advance();
    });
    m_clock.start();
    m_timer.start();
}

void Playtest::restartClock() {
    m_clock.restart();
    m_ticks = 0;
}

bool Playtest::takeKey(const QKeyEvent& event, bool isDown) {
    const bool isPlain = !(event.modifiers() & (Qt::ControlModifier | Qt::AltModifier));
    if (isPlain && event.key() == Qt::Key_Home) {
        if (!isDown || event.isAutoRepeat()) return true;
        perform(event.modifiers() & Qt::ShiftModifier ? PlayedGame::Then::GameAgain
                                                      : PlayedGame::Then::LevelAgain);
        return true;
    }
    const bool reads = event.key() == Qt::Key_Space || event.key() == Qt::Key_Return ||
                       event.key() == Qt::Key_Enter;
    if (isPlain && reads && isDown && m_game->isWaiting()) {
        if (!event.isAutoRepeat()) perform(m_game->dismiss());
        return true;
    }
    const bool steers = isPlain && m_steering.takeKey(event, isDown);
    if (steers) {
        if (isDown && !event.isAutoRepeat()) m_game->takeOver();
        return true;
    }
    return takeOwnKey(event, isDown);
}

bool Playtest::isHeld(SteeringAction action) const {
    switch (action) {
        case SteeringAction::Left:
            return m_controller.left || m_steering.isHeld(action);
        case SteeringAction::Right:
            return m_controller.right || m_steering.isHeld(action);
        case SteeringAction::Up:
            return m_controller.up || m_steering.isHeld(action);
        case SteeringAction::Down:
            return m_controller.down || m_steering.isHeld(action);
        case SteeringAction::Jump:
            return m_controller.jump || m_steering.isHeld(action);
        case SteeringAction::Use:
            return m_controller.use || m_steering.isHeld(action);
        case SteeringAction::Swap:
            return m_controller.swap || m_steering.isHeld(action);
    }
    return false;
}

bool Playtest::takePress(SteeringAction action) {
    const bool isKey = m_steering.takePress(action);
    bool* onController = action == SteeringAction::Jump   ? &m_isControllerJump
                         : action == SteeringAction::Swap ? &m_isControllerSwap
                                                          : nullptr;
    return (onController && std::exchange(*onController, false)) || isKey;
}

void Playtest::lookAtController() {
    const ControllerState former = std::exchange(m_controller, m_host.controller());
    if (m_controller.isAny() && !former.isAny()) m_game->takeOver();
    if (m_controller.swap && !former.swap) m_isControllerSwap = true;
    if (!m_controller.jump || former.jump) return;
    if (m_game->isWaiting())
        perform(m_game->dismiss());
    else
        m_isControllerJump = true;
}

bool Playtest::mayTick() {
    const bool waits = m_game->isWaiting();
    perform(m_game->passTick());
    return !waits && !m_hasLeft;
}

void Playtest::win(const std::string& exit) {
    const level::Project& project = m_session.document.project();
    const level::Level& level = *m_session.document.level();
    const level::Entity* entity = level::findEntity(level, {exit});
    const level::ExitTarget next{level::Onward::Next, {}, {}};
    m_wayOut = entity ? entity->to.transition : level::Transition();
    m_game->win(level, game::destinationOf(project, level, entity ? entity->to : next));
    if (!m_game->words()) perform(m_game->dismiss());
    Q_EMIT changed();
}

bool Playtest::follow(bool hasDied) {
    const level::Project& project = m_session.document.project();
    if (hasDied) {
        m_game->left.reset();  // the run that led here is no longer the last one
        const runtime::Death death = m_game->die();
        if (death == runtime::Death::GoesOn) return true;
        if (death == runtime::Death::BeginsAgain)
            beginLevelAgain();
        else
            m_game->over(project);
    } else {
        const runtime::TickEnd end = m_game->endTick();
        if (end == runtime::TickEnd::GoesOn) return true;
        if (end == runtime::TickEnd::Won)
            win({});
        else
            m_game->lose(project, *m_session.document.level());
    }
    // Where there is nothing to read it happens at once.
    if (!m_game->words() && !m_hasLeft) perform(m_game->dismiss());
    Q_EMIT changed();
    return false;
}

void Playtest::beginLevelAgain() {
    m_game->left.reset();
    m_game->arrive(m_session.document.project(), *m_session.document.level(), true);
    beginAgain();
}

void Playtest::leave() {
    m_isEnded = m_hasLeft = true;
    Q_EMIT ended();
}

void Playtest::perform(PlayedGame::Then then) {
    using Then = PlayedGame::Then;
    using Sort = game::Destination::Sort;
    const level::Project& project = m_session.document.project();
    switch (then) {
        case Then::GoesOn:
            return;
        case Then::LevelAgain:
            return beginLevelAgain();
        case Then::LeadsOn: {
            const game::Destination to = m_game->destination();
            if (to.sort == Sort::Level) {
                m_hasLeft = true;
                return Q_EMIT leadsTo(to.level, m_game->entryOf(project, to), false);
            }
            if (to.sort == Sort::End) {
                m_game->end(project);
                if (m_game->words()) return;
            }
            m_session.say(to.sort == Sort::End
                              ? tr("The end of the game is reached.")
                              : tr("That exit leads nowhere: %1.").arg(told(to.problem)));
            return leave();
        }
        case Then::GameAgain: {
            const game::Destination start = game::startOf(project);
            if (start.sort != Sort::Level) return m_session.say(told(start.problem) + u'.');
            m_hasLeft = true;
            return Q_EMIT leadsTo(start.level, start.entry, true);
        }
        case Then::Ends:
            return leave();
    }
}

void Playtest::paintGame(QPainter& painter) const {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    paintStrip(painter);
    paintWords(painter);
    painter.restore();
}

/// Over the board: the clock, tallies, and what is still to be done.
void Playtest::paintStrip(QPainter& painter) const {
    const level::Project& project = m_session.document.project();
    const QStringList counts = m_game->counts(), goals = m_game->goals(project);
    if (counts.isEmpty() && goals.isEmpty()) return;
    const Theme& theme = currentTheme();
    constexpr int height = 26, rim = 12;
    QColor ground = theme.panel;
    ground.setAlphaF(0.92f);
    painter.fillRect(QRectF(0, 0, m_host.playSize().width(), height), ground);
    painter.setPen(QPen(theme.rule(), 1));
    painter.drawLine(QPointF(0, height), QPointF(m_host.playSize().width(), height));
    const QRectF line(rim, 0, m_host.playSize().width() - 2 * rim, height);
    painter.setFont(sizedFont(-1, QFont::DemiBold));
    painter.setPen(theme.ink);
    painter.drawText(line, Qt::AlignVCenter | Qt::AlignLeft, counts.join(QStringLiteral("    ")));
    painter.setFont(sizedFont(-1));
    const int left = painter.fontMetrics().horizontalAdvance(counts.join(QStringLiteral("     ")));
    painter.drawText(line, Qt::AlignVCenter | Qt::AlignRight,
                     painter.fontMetrics().elidedText(goals.join(QStringLiteral("    ")),
                                                      Qt::ElideRight, int(line.width()) - left));
}

void Playtest::paintWords(QPainter& painter) const {
    const level::Words* words = m_game->words();
    if (!words) return;
    const Theme& theme = currentTheme();
    const QSizeF room = m_host.playSize();
    painter.setFont(sizedFont(3));
    const double width = std::min(room.width() * 0.7, 560.0);
    const QString text = QString::fromStdString(words->text);
    const QRectF size = painter.boundingRect(QRectF(0, 0, width - 48, room.height()),
                                             Qt::AlignHCenter | Qt::TextWordWrap, text);
    const bool waits = m_game->isWaiting() && words->ticks == 0;
    QRectF box(0, 0, std::max(size.width() + 48, 220.0), size.height() + (waits ? 52 : 32));
    box.moveCenter({room.width() / 2, room.height() / 2});
    if (words->at == level::WordsPlace::Top) box.moveTop(44);
    if (words->at == level::WordsPlace::Bottom) box.moveBottom(room.height() - 28);
    painter.setPen(QPen(theme.ink, 1.2));
    painter.setBrush(theme.paper);
    painter.drawRoundedRect(box, 3, 3);
    painter.setPen(theme.ink);
    painter.drawText(box.adjusted(24, 16, -24, 0), Qt::AlignHCenter | Qt::TextWordWrap, text);
    if (!waits) return;
    painter.setFont(sizedFont(-2));
    painter.setPen(theme.quietInk);
    painter.drawText(box.adjusted(0, 0, 0, -10), Qt::AlignHCenter | Qt::AlignBottom,
                     tr("Space goes on"));
}

int Playtest::dueTicks(double pace) {
    const auto due = static_cast<qint64>(double(m_clock.elapsed()) * ticksPerMs * pace);
    // After a pause (a window was dragged) the world does not catch up in one leap.
    m_ticks = std::max(m_ticks, due - mostTicksAtOnce);
    return int(due - std::exchange(m_ticks, std::max(m_ticks, due)));
}

void paintTrail(QPainter& painter, const View& view, const std::vector<QPointF>& trail,
                double opacity) {
    QPolygonF line;
    for (const QPointF p : trail)
        line << view.toWidget(p);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setOpacity(opacity);
    painter.setPen(QPen(currentTheme().plum, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(line);
    painter.restore();
}

}  // namespace rook::app
