/// Walking as the stepper that ships does: on boards seen from the side and from above.

#include <QPainter>

#include "app/play/front_fading.h"
#include "app/play/hidden_things.h"
#include "app/play/playtest.h"
#include "app/play/screen_view.h"
#include "app/play/walk.h"
#include "app/ui/words.h"
#include "level/level_edits.h"
#include "level/rules.h"
#include "level/zone_edits.h"
#include "reach/zones.h"

namespace rook::app {

namespace {

/// What the player is: the kind of the first spawn.
const level::Kind* playerKind(const MatterScene& scene) {
    for (const level::Entity& entity : scene.level->entities)
        if (scene.project->roleOf(entity) == level::Role::Spawn)
            return scene.project->findKind(entity.kind);
    return nullptr;
}

class SidePlaytest final : public Playtest {
public:
    SidePlaytest(Session& session, PlayHost& host, std::unique_ptr<Walk> walk, const PlayWish& wish)
        : Playtest(session, host, wish),
          m_walk(std::move(walk)),
          m_looksLikeTheGame(wish.looksLikeTheGame),
          m_project(session.document.project()) {
        if (const auto proven = m_session.proofs.ofBoard()) m_walk->setCrossings(proven->crossings);
        View view = m_host.view();
        if (view.scale() < 1) {
            view.zoomAt({}, 1.5 / view.scale());
            view.centre({double(m_walk->body().x), double(m_walk->body().y)}, m_host.playSize());
            m_host.setView(view);
        }
        followBody();
    }

    void dress(MatterScene& scene) const override {
        if (m_showsHidden)
            scene.look = {0.15, 1, 0};
        else if (!m_looksLikeTheGame)
            scene.look = {0.25, 0.75, 0};
        scene.isClear = scene.look.art >= 1;
        if (scene.isClear) {
            scene.part = LayerPart::ButFront;
            scene.layerShares = m_fading.layers();
            scene.pictureShares = m_fading.pictures();
        }
        scene.tick = m_walk->ticks();
        scene.showsGuesses = false;
    }
    EntityLook lookOf(EntityLook) const override {
        return {{1, m_looksLikeTheGame, false, !m_looksLikeTheGame},
                !m_looksLikeTheGame,
                [this](const level::Entity& e) {
                    return m_walk->isTaken(e.id.text) || m_walk->goes(e.id) ||
                           m_walk->isBeaten(e.id) ||
                           (m_looksLikeTheGame &&
                            m_session.document.project().roleOf(e) == level::Role::Spawn);
                },
                {}};
    }
    void paint(QPainter& painter, const MatterScene& scene) override {
        // The run before the last death stays in sight, faintly.
        paintTrail(painter, m_host.view(), m_walk->formerTrail(), 0.35);
        paintTrail(painter, m_host.view(), m_walk->trail(), 1);
        painter.save();
        painter.setRenderHint(QPainter::Antialiasing);
        paintGoing(painter, scene);
        paintThings(painter);
        paintBody(painter, scene);
        if (m_showsHidden)
            paintHidden(painter, *m_session.document.level(), *m_walk, m_host.view(),
                        m_host.playSize());
        m_screens.paint(painter, m_host.view(), m_host.playSize());
        painter.restore();
    }
    QString words() const override {
        QString text = tr("walking: %1 s, %2 taken, %3 deaths, %4 exits — P pause, O tick, I slow, "
                          "U hidden, F "
                          "screen, Home again, K keep, Esc")
                           .arg(m_walk->ticks() / 60.0, 0, 'f', 1)
                           .arg(m_walk->taken())
                           .arg(m_walk->deaths())
                           .arg(m_walk->finished());
        if (m_game->run()) text.prepend(tr("the proof, any arrow takes over: "));
        if (const std::string profile = m_walk->profileInForce(); !profile.empty())
            text += tr(", as %1").arg(QString::fromStdString(profile));
        if (m_pace == 0) text.prepend(tr("paused, "));
        if (!m_walk->lastExit().empty())
            text += tr(", last exit %1").arg(QString::fromStdString(m_walk->lastExit()));
        return text;
    }
    std::vector<QPointF> trailToKeep() const override {
        // A run that has just begun anew has nothing to show: then the one before it stays.
        const bool hasRun = m_walk->trail().size() > 30 || m_walk->formerTrail().empty();
        return hasRun ? m_walk->trail() : m_walk->formerTrail();
    }
    [[nodiscard]] const Walk* walk() const override { return m_walk.get(); }
    [[nodiscard]] bool takesEdits() const override { return !m_looksLikeTheGame; }
    [[nodiscard]] bool isPaused() const override { return m_pace == 0; }

protected:
    void beginAgain() override {
        m_walk->beginAgain();
        followBody();
    }
    bool takeOwnKey(const QKeyEvent& event, bool isDown) override {
        if (event.modifiers() & (Qt::ControlModifier | Qt::AltModifier)) return false;
        switch (event.key()) {
            case Qt::Key_P:
                if (isDown && !event.isAutoRepeat()) m_pace = (m_pace == 0) ? 1 : 0;
                restartClock();
                Q_EMIT changed();
                return true;
            case Qt::Key_I:
                if (isDown && !event.isAutoRepeat()) m_pace = m_pace == 0.25 ? 1 : 0.25;
                restartClock();
                Q_EMIT changed();
                return true;
            case Qt::Key_O:
                if (!isDown) return true;
                m_pace = 0;
                playTick();
                followBody();
                Q_EMIT changed();
                Q_EMIT moved();
                return true;
            case Qt::Key_U:
                if (isDown && !event.isAutoRepeat()) {
                    m_showsHidden = !m_showsHidden;
                    Q_EMIT moved();
                }
                return true;
            case Qt::Key_F:
                if (isDown && !event.isAutoRepeat()) nextScreen();
                return true;
            case Qt::Key_K:
                if (isDown && !event.isAutoRepeat()) keep();
                return true;
            case Qt::Key_Escape:
            case Qt::Key_Tab:
                if (isDown && !event.isAutoRepeat()) end();
                return true;
            default:
                return false;
        }
    }
    void advance() override {
        const int tenths = m_walk->ticks() / 6;
        const int deaths = m_walk->deaths();
        const int finished = m_walk->finished();
        for (int due = dueTicks(m_pace); due > 0; --due)
            playTick();
        fadeFront();
        followBody();
        if (tenths != m_walk->ticks() / 6 || deaths != m_walk->deaths() ||
            finished != m_walk->finished())
            Q_EMIT changed();
        Q_EMIT moved();
    }

    /// One draws: the world follows; foes do once the stroke is over.
    void levelChanged() override {
        const level::Project& project = m_session.document.project();
        const level::Level& level = *m_session.document.level();
        m_game->follow(project, level);
        // A run that is kept, words, a look: the world is the same, and the run goes on.
        const bool isSame = !m_isStroke && m_walk->isIn(level) && haveSameRules(m_project, project);
        m_isStroke = m_session.document.isInGesture();
        m_project = project;
        if (!isSame) m_walk->follow(project, level, !m_isStroke);
    }

private:
    [[nodiscard]] QRect area() const { return {QPoint(), m_host.playSize()}; }
    void paintGoing(QPainter& painter, const MatterScene& scene) {
        const Theme& theme = currentTheme();
        for (const Walk::Going& each : m_walk->going()) {
            const QRectF box = m_host.view().toWidget(level::rectOf(each.box));
            if (!box.intersects(area())) continue;
            const level::Kind* kind = m_session.document.project().findKind(each.kind);
            if (each.isShot) {
                paintShot(painter, box, kind);
                continue;
            }
            painter.setRenderHint(QPainter::Antialiasing, false);
            const bool hasSprite = kind && paintSprite(painter, scene, *kind, box, each.facesLeft);
            painter.setRenderHint(QPainter::Antialiasing);
            if (hasSprite) continue;
            painter.setPen(QPen(each.isDeadly ? theme.alarm : theme.plum, 1.6));
            painter.setBrush(Qt::NoBrush);
            paintRoleMark(painter, kind ? kind->role : level::Role::Prop, box,
                          level::Facing::Right);
        }
    }

    static void paintShot(QPainter& painter, const QRectF& box, const level::Kind* kind) {
        const QColor own(kind ? QString::fromStdString(kind->color) : QString());
        painter.setPen(QPen(currentTheme().alarm, 1.6));
        painter.setBrush(own.isValid() ? own : currentTheme().alarm);
        painter.drawEllipse(box);
        painter.setBrush(Qt::NoBrush);
    }

    void fadeFront() {
        const runtime::Body& body = m_walk->body();
        m_fading.follow(m_session.document.project(), *m_session.document.level(),
                        {body.x, body.y, m_walk->tables().bodyWidth, m_walk->tables().bodyHeight});
    }

    void steer() {
        runtime::PlayerKeys& keys = m_walk->keys();
        keys.left = isHeld(SteeringAction::Left);
        keys.right = isHeld(SteeringAction::Right);
        keys.up = isHeld(SteeringAction::Up);
        keys.down = isHeld(SteeringAction::Down);
        keys.jump = isHeld(SteeringAction::Jump);
        keys.use = isHeld(SteeringAction::Use);
        if (takePress(SteeringAction::Jump)) keys.jumpBufferTicks = runtime::jumpBuffer;
        if (takePress(SteeringAction::Swap)) keys.swapBufferTicks = runtime::jumpBuffer;
    }
    void playTick() {
        if (!mayTick()) return;
        steer();
        const bool mayWin = m_game->mayWin();
        const level::Level& level = *m_session.document.level();
        const PlayedGame::ProofRun* run = m_game->run();
        const auto tick = std::size_t(m_walk->ticks());
        std::optional<runtime::Input> given;
        if (run && tick < std::max<std::size_t>(1, run->inputs.size()))
            given = run->inputs.empty() ? runtime::Input{} : run->inputs[tick];
        else
            m_game->takeOver();
        const ZoneId zone = m_walk->zone();
        const Walk::Happening happening = m_walk->tick(mayWin, given);
        const level::Zone* now = m_walk->zone() == zone ? nullptr : findZone(level, m_walk->zone());
        if (now && !zone.isEmpty() && !happening.hasDied) Q_EMIT crosses(now->transition);
        if (mayWin && !happening.exit.empty()) {
            m_game->left.reset();
            if (const auto* inputs = m_walk->recorded())
                m_game->left = {level.id, *inputs, happening.exit};
            m_game->carry(m_session.document.project(), level, m_walk->takenIds());
            return win(happening.exit);
        }
        for (const std::string& id : happening.taken)
            if (const level::Entity* entity = level::findEntity(level, {id}))
                m_game->take(m_session.document.project(), *entity);
        for (const EntityId& id : happening.beaten)
            if (const level::Entity* entity = level::findEntity(level, id))
                m_game->beat(m_session.document.project(), *entity);
        if (!happening.exit.empty()) m_game->tellMissing(level);
        follow(happening.hasDied);
    }
    void nextScreen() {
        m_screens.next(m_session.document.project().game);
        followBody();
        m_session.say(m_screens.words());
        Q_EMIT moved();
    }
    /// What the game's camera keeps to: the zone that one is in, else the level.
    [[nodiscard]] PxRect cameraBounds() const {
        const level::Level& level = *m_session.document.level();
        const level::Zone* zone =
            reach::zoneOf(level, m_walk->tables(), {m_walk->body().x, m_walk->body().y});
        return zone ? cameraOf(level, *zone) : level.boundsPx();
    }
    void followBody() {
        if (m_host.isDrawing()) return;
        const runtime::Body& at = m_walk->body();
        m_screens.follow({at.x, at.y, m_walk->tables().bodyWidth, m_walk->tables().bodyHeight},
                         level::boxOf(cameraBounds()));
        if (m_screens.isAlone())
            return m_host.setView(m_screens.viewOf(m_host.view(), m_host.playSize()));
        const runtime::Body& body = m_walk->body();
        const QPointF place = m_host.view().toWidget(PxPoint{body.x, body.y});
        const QRectF calm = QRectF(area()).adjusted(
            m_host.playSize().width() * 0.3, m_host.playSize().height() * 0.25,
            -m_host.playSize().width() * 0.3, -m_host.playSize().height() * 0.25);
        const QPointF wanted = m_host.view().offset() + place -
                               QPointF(std::clamp(place.x(), calm.left(), calm.right()),
                                       std::clamp(place.y(), calm.top(), calm.bottom()));
        // Where the level ends there is nothing to see: an axis that fits whole does not move at
        // all.
        const auto kept = [&](double offset, double now, int start, int size, int widgetPx) {
            constexpr double rim = 12;
            const double first = start * m_host.view().scale() - rim;
            const double last = (start + size) * m_host.view().scale() - widgetPx + rim;
            return last <= first ? now : std::clamp(offset, first, last);
        };
        const level::Level& level = *m_session.document.level();
        PxRect bounds = level.boundsPx();
        // Where a zone is as large as what is seen, the view keeps to its camera.
        const level::Zone* zone =
            reach::zoneOf(level, m_walk->tables(), {m_walk->body().x, m_walk->body().y});
        if (zone) {
            const PxRect camera = cameraOf(level, *zone);
            if (camera.width * m_host.view().scale() >= m_host.playSize().width()) {
                bounds.x = camera.x;
                bounds.width = camera.width;
            }
            if (camera.height * m_host.view().scale() >= m_host.playSize().height()) {
                bounds.y = camera.y;
                bounds.height = camera.height;
            }
        }
        View view = m_host.view();
        view.setOffset({kept(wanted.x(), m_host.view().offset().x(), bounds.x, bounds.width,
                             m_host.playSize().width()),
                        kept(wanted.y(), m_host.view().offset().y(), bounds.y, bounds.height,
                             m_host.playSize().height())});
        m_host.setView(view);
    }

    /// The run so far; in the first moments of a level the one that led here. One that came to an
    /// exit must come there again, another one must only be survived.
    void keep() {
        constexpr int firstTicks = 180;
        const bool isLeft = m_game->left && m_walk->ticks() < firstTicks;
        const std::vector<runtime::Input>* inputs =
            isLeft ? &m_game->left->inputs : m_walk->recorded();
        const auto level = isLeft ? m_session.document.project().findLevel(m_game->left->level)
                                  : m_session.document.level();
        if (!inputs || inputs->empty() || !level)
            return m_session.say(
                tr("Only a run of one life from the level's start, with its own "
                   "abilities, can be kept."));
        reach::Run run;
        run.inputs = *inputs;
        level::KeptRun kept = reach::keptRunOf(run, "", "");
        if (isLeft) kept.goal = {m_game->left->exit};
        if (!isLeft && m_walk->isAtExit()) kept.goal = {m_walk->lastExit()};
        const level::KeptNow now = keepRun(*level, std::move(kept), tr("walk").toStdString());
        m_session.document.apply(now.edit);
        m_game->left.reset();
        m_session.say(
            tr("Kept with %1 as \"%2\": Prove replays it after every edit.")
                .arg(QString::fromStdString(level->title), QString::fromStdString(now.name)));
    }

    void paintBody(QPainter& painter, const MatterScene& scene) const {
        const Theme& theme = currentTheme();
        const runtime::Body& body = m_walk->body();
        const QRectF box = m_host.view().toWidget(
            PxRect{body.x, body.y, m_walk->tables().bodyWidth, m_walk->tables().bodyHeight});
        const level::Kind* kind = m_looksLikeTheGame ? playerKind(scene) : nullptr;
        if (kind) {
            // The sprite as large as where it is placed, standing where the body stands.
            QRectF sprite = m_host.view().toWidget(PxRect{0, 0, kind->width, kind->height});
            sprite.moveCenter(box.center());
            sprite.moveBottom(box.bottom());
            painter.setRenderHint(QPainter::Antialiasing, false);
            if (paintSprite(painter, scene, *kind, sprite, m_walk->facesLeft())) return;
        }
        painter.setPen(QPen(theme.ink, 1.5));
        painter.setBrush(theme.accent);
        painter.drawRoundedRect(box, 3, 3);
        const double eye = m_walk->facesLeft() ? 0.25 : 0.75;
        painter.setBrush(theme.paper);
        painter.drawEllipse(
            QPointF(box.left() + box.width() * eye, box.top() + box.height() * 0.25),
            box.width() * 0.14, box.width() * 0.14);
    }

    /// Doors, movers and hazards as they are in this tick, where one died, and the ghost of the
    /// proof.
    void paintThings(QPainter& painter) {
        const Theme& theme = currentTheme();
        const runtime::Body& body = m_walk->body();
        const runtime::Parts& parts = m_walk->world().parts();
        const auto boxOf = [&](const runtime::Box& box) {
            return m_host.view().toWidget(level::rectOf(box));
        };
        for (const runtime::Door& door : parts.doors) {
            painter.setPen(
                QPen(theme.ink, 1.5, door.isOpen(body.held) ? Qt::DotLine : Qt::SolidLine));
            painter.setBrush(door.isOpen(body.held) ? QBrush(Qt::NoBrush)
                                                    : QBrush(theme.ink, Qt::BDiagPattern));
            painter.drawRect(boxOf(door.box));
        }
        for (const runtime::TimedHazard& hazard : parts.timed) {
            const bool isOn = hazard.times.isOn(body.tick);
            painter.setPen(QPen(theme.alarm, 1.5, isOn ? Qt::SolidLine : Qt::DotLine));
            painter.setBrush(isOn ? QBrush(theme.alarm, Qt::DiagCrossPattern)
                                  : QBrush(Qt::NoBrush));
            painter.drawRect(boxOf(hazard.box));
        }
        painter.setPen(QPen(theme.ink, 1.5));
        painter.setBrush(theme.plum);
        for (const runtime::Mover& mover : parts.movers)
            painter.drawRect(boxOf(mover.at(body.tick)));
        paintTimesLeft(painter, *m_walk, m_host.view());
        painter.setPen(QPen(theme.alarm, 2));
        for (const QPointF at : m_walk->deathPlaces()) {
            const QPointF place = m_host.view().toWidget(at);
            painter.drawLine(place - QPointF(5, 5), place + QPointF(5, 5));
            painter.drawLine(place - QPointF(5, -5), place + QPointF(5, -5));
        }
        const auto ghost = m_session.runs.run();
        if (!ghost || !ghost->isProof || !m_walk->recorded()) return;
        const auto tick = std::size_t(std::min(m_walk->ticks(), ghost->run.ticks()));
        const runtime::Body& there = ghost->run.bodies[tick];
        QColor tone = theme.plum;
        tone.setAlphaF(0.35f);
        painter.setPen(QPen(theme.plum, 1, Qt::DashLine));
        painter.setBrush(tone);
        painter.drawRoundedRect(
            m_host.view().toWidget(
                PxRect{there.x, there.y, m_walk->tables().bodyWidth, m_walk->tables().bodyHeight}),
            3, 3);
    }

    std::unique_ptr<Walk> m_walk;
    bool m_looksLikeTheGame;
    FrontFading m_fading;
    double m_pace = 1;  ///< 0 while paused
    bool m_showsHidden = false;
    level::Project m_project;  ///< that one walks in
    bool m_isStroke = false;   ///< foes do not go by the last value yet
    ScreenView m_screens;
};

}  // namespace

Result<std::unique_ptr<Playtest>> startSidePlaytest(Session& session, PlayHost& host,
                                                    const PlayWish& wish) {
    auto walk = Walk::begin(session.document.project(), *session.document.level(), wish.at,
                            wish.options(), wish.entry);
    if (!walk) return fail(walk.error());
    return std::make_unique<SidePlaytest>(session, host, std::move(*walk), wish);
}

}  // namespace rook::app
