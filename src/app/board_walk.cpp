#include <QKeyEvent>

#include "app/board.h"
#include "app/entity_painter.h"
#include "level/zone_edits.h"

namespace rook::app {

namespace {
constexpr double ticksPerMs = 60.0 / 1000;

}  // namespace

void Board::startWalk(bool atPointer) {
    if (isWalking() || isKitWalking()) return;
    if (isKit()) return startKitWalk(atPointer);
    cancel();
    std::optional<PxPoint> at;
    if (atPointer && m_hasPointer) at = m_pointerPx;
    reach::AskOptions options;
    if (m_session.step() == Step::Prove) {
        // As if the player had other abilities, where that is asked.
        options.lent = m_session.whatIf().lent;
        options.taken = m_session.whatIf().taken;
    }
    auto walk = Walk::begin(m_session.project(), *m_session.level(), at, options);
    if (!walk) return m_session.say(QString::fromStdString(walk.error().sentence()));
    m_walk = std::move(*walk);
    m_lastTrail.clear();
    m_viewBeforeWalk = m_view;
    m_images.clear();  // walking has a look of its own
    m_layerShares.assign(m_session.level()->layers.size(), 1);
    if (m_view.scale() < 1) {
        View view = m_view;
        view.zoomAt({}, 1.5 / view.scale());
        view.centre({double(m_walk->body().x), double(m_walk->body().y)}, size());
        setView(view);
    }
    followWalk();
    setFocus();
    setCursor(Qt::BlankCursor);
    m_walkClock.start();
    m_walkedTicks = 0;
    m_walkPace = 1;
    m_walkTimer.start();
    Q_EMIT walkChanged();
    update();
}

void Board::stopWalk() {
    if (!isWalking()) return;
    m_walkTimer.stop();
    // A run that has just begun anew has nothing to show: then the one before it stays.
    const bool hasRun = m_walk->trail().size() > 30 || m_walk->formerTrail().empty();
    m_lastTrail = hasRun ? m_walk->trail() : m_walk->formerTrail();
    m_walk.reset();
    m_images.clear();
    setView(m_viewBeforeWalk);
    takeTool();
    Q_EMIT walkChanged();
}

bool Board::takeWalkKey(const QKeyEvent* event, bool isDown) {
    if (event->modifiers() & (Qt::ControlModifier | Qt::AltModifier)) return false;
    runtime::PlayerKeys& keys = m_walk->keys();
    switch (event->key()) {
        case Qt::Key_Left:
        case Qt::Key_A:
            keys.left = isDown || event->isAutoRepeat();
            return true;
        case Qt::Key_Right:
        case Qt::Key_D:
            keys.right = isDown || event->isAutoRepeat();
            return true;
        case Qt::Key_Down:
        case Qt::Key_S:
            keys.down = isDown || event->isAutoRepeat();
            return true;
        case Qt::Key_Space:
        case Qt::Key_Up:
        case Qt::Key_W:
            if (event->key() != Qt::Key_Space) keys.up = isDown || event->isAutoRepeat();
            if (event->isAutoRepeat()) return true;
            keys.jump = isDown;
            if (isDown) keys.jumpBufferTicks = runtime::jumpBuffer;
            return true;
        case Qt::Key_P:
            if (isDown && !event->isAutoRepeat()) m_walkPace = isWalkPaused() ? 1 : 0;
            m_walkClock.restart();
            m_walkedTicks = 0;
            Q_EMIT walkChanged();
            return true;
        case Qt::Key_I:
            if (isDown && !event->isAutoRepeat()) m_walkPace = m_walkPace == 0.25 ? 1 : 0.25;
            m_walkClock.restart();
            m_walkedTicks = 0;
            Q_EMIT walkChanged();
            return true;
        case Qt::Key_O:
            if (!isDown) return true;
            m_walkPace = 0;
            m_walk->tick();
            followWalk();
            Q_EMIT walkChanged();
            update();
            return true;
        case Qt::Key_K:
            if (isDown && !event->isAutoRepeat()) keepWalk();
            return true;
        case Qt::Key_Escape:
        case Qt::Key_Tab:
            if (isDown && !event->isAutoRepeat()) stopWalk();
            return true;
        default:
            return false;
    }
}

void Board::paintGoing(QPainter& painter, const MatterScene& scene) {
    const Theme& theme = currentTheme();
    for (const Walk::Going& each : m_walk->going()) {
        const QRectF box = m_view.toWidget(level::rectOf(each.box));
        if (!box.intersects(rect())) continue;
        const level::Kind* kind = m_session.project().findKind(each.kind);
        painter.setRenderHint(QPainter::Antialiasing, false);
        const bool hasSprite = kind && paintSprite(painter, scene, *kind, box, each.facesLeft);
        painter.setRenderHint(QPainter::Antialiasing);
        if (hasSprite) continue;
        painter.setPen(QPen(each.isDeadly ? theme.alarm : theme.plum, 1.6));
        painter.setBrush(Qt::NoBrush);
        paintRoleMark(painter, kind ? kind->role : level::Role::Prop, box, level::Facing::Right);
    }
}

void Board::fadeLayers() {
    constexpr double faintest = 0.25;
    constexpr double step = 0.08;
    const level::Level& level = *m_session.level();
    const runtime::Body& body = m_walk->body();
    const CellRect cells =
        toCells(PxRect{body.x, body.y, m_walk->tables().bodyWidth, m_walk->tables().bodyHeight},
                level.cellSize);
    m_layerShares.resize(level.layers.size(), 1);
    for (std::size_t i = 0; i < level.layers.size(); ++i) {
        const level::TileLayer& layer = level.layers[i];
        if (!layer.isFront || !layer.fades) continue;
        bool isHidden = false;
        for (int y = cells.y; y < cells.bottom(); ++y)
            for (int x = cells.x; x < cells.right(); ++x)
                isHidden = isHidden || layer.tiles.at(x, y, level::Tile()).isShown() ||
                           !layer.cells.at(x, y, level::Cell()).isOpen();
        double& share = m_layerShares[i];
        share = isHidden ? std::max(faintest, share - step) : std::min(1.0, share + step);
    }
}

void Board::followWalk() {
    const runtime::Body& body = m_walk->body();
    const QPointF at = m_view.toWidget(PxPoint{body.x, body.y});
    const QRectF calm =
        QRectF(rect()).adjusted(width() * 0.3, height() * 0.25, -width() * 0.3, -height() * 0.25);
    const QPointF wanted = m_view.offset() + at -
                           QPointF(std::clamp(at.x(), calm.left(), calm.right()),
                                   std::clamp(at.y(), calm.top(), calm.bottom()));
    // Where the level ends there is nothing to see: an axis that fits whole does not move at all.
    const auto kept = [&](double offset, double now, int start, int size, int widgetPx) {
        constexpr double rim = 12;
        const double first = start * m_view.scale() - rim;
        const double last = (start + size) * m_view.scale() - widgetPx + rim;
        return last <= first ? now : std::clamp(offset, first, last);
    };
    const level::Level& level = *m_session.level();
    PxRect bounds = level.boundsPx();
    // Where a zone is as large as what is seen, the view keeps to its camera.
    const level::Zone* zone =
        reach::zoneOf(level, m_walk->tables(), {m_walk->body().x, m_walk->body().y});
    if (zone) {
        const PxRect camera = cameraOf(level, *zone);
        if (camera.width * m_view.scale() >= width()) {
            bounds.x = camera.x;
            bounds.width = camera.width;
        }
        if (camera.height * m_view.scale() >= height()) {
            bounds.y = camera.y;
            bounds.height = camera.height;
        }
    }
    View view = m_view;
    view.setOffset({kept(wanted.x(), m_view.offset().x(), bounds.x, bounds.width, width()),
                    kept(wanted.y(), m_view.offset().y(), bounds.y, bounds.height, height())});
    setView(view);
}

void Board::advanceWalk() {
    if (isKitWalking()) return advanceKitWalk();
    const auto due = static_cast<qint64>(double(m_walkClock.elapsed()) * ticksPerMs * m_walkPace);
    // After a pause (a window was dragged) the world does not catch up in one leap.
    m_walkedTicks = std::max(m_walkedTicks, due - 6);
    const int tenths = m_walk->ticks() / 6;
    const int deaths = m_walk->deaths();
    const int finished = m_walk->finished();
    for (; m_walkedTicks < due; ++m_walkedTicks)
        m_walk->tick();
    fadeLayers();
    followWalk();
    if (tenths != m_walk->ticks() / 6 || deaths != m_walk->deaths() ||
        finished != m_walk->finished())
        Q_EMIT walkChanged();
    update();
}

/// Keeps what was walked since the start: it must stay possible.
void Board::keepWalk() {
    const std::vector<runtime::Input>* inputs = m_walk->recorded();
    if (!inputs || inputs->empty())
        return m_session.say(
            tr("Only a run from the level's start, with its own abilities and "
               "without a checkpoint since, can be kept."));
    reach::Run run;
    run.inputs = *inputs;
    level::Level level = *m_session.level();
    const int number = int(level.runs.size()) + 1;
    const bool hasFinished = m_walk->finished() > 0 && !m_walk->lastExit().empty();
    std::string name = tr("walk %1").arg(number).toStdString();
    level.runs.edit([&](auto& list) {
        for (int n = number; std::any_of(list.begin(), list.end(),
                                         [&](const auto& kept) { return kept.name == name; });)
            name = tr("walk %1").arg(++n).toStdString();
        // A run that came to an exit must come there again; another one must only be survived.
        list.push_back(reach::keptRunOf(run, name, ""));
        if (hasFinished && m_walk->isAtExit()) list.back().goal = {m_walk->lastExit()};
    });
    m_session.apply({std::move(level), tr("Keep a run").toStdString(), {}});
    m_session.say(
        tr("Kept as \"%1\": Prove replays it after every edit.").arg(QString::fromStdString(name)));
}

}  // namespace rook::app
