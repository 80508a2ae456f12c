/// Walking on a kit board: through plan and view aslant alike.

#include <QPainter>
#include <cmath>

#include "app/play/playtest.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

class KitPlaytest final : public Playtest {
public:
    KitPlaytest(Session& session, PlayHost& host, std::unique_ptr<KitWalk> walk,
                const PlayWish& wish)
        : Playtest(session, host, wish), m_walk(std::move(walk)) {
        followBody();
    }

    void dress(MatterScene&) const override {}
    EntityLook lookOf(EntityLook ofStep) const override {
        ofStep.isLeftOut = [this, before = ofStep.isLeftOut](const level::Entity& entity) {
            return (before && before(entity)) || m_walk->isTaken(entity.id.text) ||
                   m_walk->goes(entity);
        };
        return ofStep;
    }
    void paint(QPainter& painter, const MatterScene& scene) override {
        const Theme& theme = currentTheme();
        const CellSize cell = m_session.document.level()->cellSize;
        const auto placeOf = [&](QPointF module) {
            return toWidget(QPointF(module.x() * cell.width, module.y() * cell.height));
        };
        QPolygonF trail;
        for (const QPointF& at : m_walk->trail())
            trail << placeOf(at);
        painter.save();
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(theme.plum, 1.4));
        painter.drawPolyline(trail);
        paintGoing(painter, scene);
        const KitWalk::Place place = m_walk->place();
        const double radius = 0.18 * cell.width * m_host.view().scale();
        painter.setPen(QPen(theme.ink, 1.6));
        painter.setBrush(theme.plum);
        painter.drawEllipse(placeOf({place.x, place.y}), radius, radius);
        painter.restore();
    }
    bool keepsStepInSight() const override { return true; }
    QString words() const override {
        QString text = tr("walking — arrows or W A S D, Home again, Esc ends");
        if (m_walk->deaths() > 0)
            text += QStringLiteral(", ") + counted(m_walk->deaths(), tr("death"), tr("deaths"));
        return text;
    }
    std::optional<KitWalk::Place> kitPlace() const override { return m_walk->place(); }
    std::vector<KitWalk::Going> kitGoing() const override { return m_walk->going(); }
    void setHeading(double heading) override { m_heading = heading; }

protected:
    void beginAgain() override {
        m_walk->beginAgain();
        followBody();
    }
    bool takeOwnKey(const QKeyEvent& event, bool isDown) override {
        const bool ends = event.key() == Qt::Key_Escape || event.key() == Qt::Key_Tab;
        if (ends && isDown) end();
        return ends;
    }
    void advance() override {
        for (int due = dueTicks(1); due > 0; --due)
            playTick();
        followBody();
        Q_EMIT moved();
    }

private:
    /// The storey and the view go along with the body.
    void playTick() {
        if (!mayTick()) return;
        steer();
        const bool mayWin = m_game->mayWin();
        const int finished = m_walk->finished(), deaths = m_walk->deaths();
        for (const std::string& id : m_walk->tick())
            if (const level::Entity* entity = level::findEntity(*m_session.document.level(), {id}))
                m_game->take(m_session.document.project(), *entity);
        if (m_walk->finished() != finished) {
            if (mayWin) {
                m_game->carry(m_session.document.project(), *m_session.document.level(),
                              m_walk->takenIds());
                return win(m_walk->lastExit());
            }
            m_game->tellMissing(*m_session.document.level());
        }
        follow(m_walk->deaths() != deaths);
        if (m_walk->deaths() != deaths) Q_EMIT changed();
    }
    /// By the keys, or from module to module of a proof.
    void steer() {
        const PlayedGame::ProofRun* run = m_game->run();
        if (run && !run->moves.empty()) {
            if (m_walk->ticks() == 0) m_walk->follow(run->moves);
            return m_walk->setWish(0, 0);
        }
        m_walk->follow({});
        if (run && m_module < run->way.size()) {
            constexpr double near = 0.2;
            const kit::Spot& spot = run->way[m_module];
            const KitWalk::Place place = m_walk->place();
            const double dx = spot.at.x + 0.5 - place.x, dy = spot.at.y + 0.5 - place.y;
            const int across = dx > near ? 1 : dx < -near ? -1 : 0;
            const int down = dy > near ? 1 : dy < -near ? -1 : 0;
            if (across == 0 && down == 0) ++m_module;
            return m_walk->setWish(across, down);
        }
        const int across = int(isHeld(SteeringAction::Right)) - int(isHeld(SteeringAction::Left));
        const int down = int(isHeld(SteeringAction::Down)) - int(isHeld(SteeringAction::Up));
        // Up is ahead, wherever one looks.
        const double c = std::cos(m_heading), s = std::sin(m_heading);
        m_walk->setWish(across * c - down * s, across * s + down * c);
    }
    void followBody() {
        const KitWalk::Place place = m_walk->place();
        m_session.workbench.setStorey(place.storey);
        const CellSize cell = m_session.document.level()->cellSize;
        m_host.bringIntoView({int(place.x * cell.width) - cell.width,
                              int(place.y * cell.height) - cell.height, 2 * cell.width,
                              2 * cell.height});
    }

    /// Movers, foes and what is deadly, on the storey that is shown.
    void paintGoing(QPainter& painter, const MatterScene& scene) {
        const level::Project& project = m_session.document.project();
        for (const KitWalk::Going& each : m_walk->going()) {
            const level::Entity* entity = level::findEntity(*m_session.document.level(), each.id);
            if (!entity || each.storey != m_session.workbench.storey()) continue;
            const bool isMember = each.member >= 0;
            const level::Kind* kind =
                project.findKind(isMember ? entity->data.formation.member : entity->kind);
            const QRectF box = m_host.view().toWidget(each.box);
            if (kind &&
                paintSprite(painter, scene, *kind, box, entity->facing == level::Facing::Left))
                continue;
            const bool isMover = kind && kind->role == level::Role::Mover;
            painter.setPen(QPen(isMover ? currentTheme().plum : currentTheme().alarm, 1.6));
            painter.setBrush(Qt::NoBrush);
            paintRoleMark(painter, kind ? kind->role : level::Role::Hazard, box,
                          level::Facing::Right);
        }
    }

    std::unique_ptr<KitWalk> m_walk;
    double m_heading = 0;
    std::size_t m_module = 0;  ///< of a proof's way, that is gone to
};

}  // namespace

Result<std::unique_ptr<Playtest>> startKitPlaytest(Session& session, PlayHost& host,
                                                   const PlayWish& wish) {
    // What goes by the clock takes long to make ready: the proof has it.
    const auto level = session.document.level();
    const auto proven =
        session.proofs.isCurrent(level->id) ? session.proofs.of(level->id) : nullptr;
    const bool isKnown = proven && !proven->error && proven->answer.onKit();
    auto walk =
        KitWalk::begin(session.document.project(), level, wish.at, session.workbench.storey(),
                       wish.entry, isKnown ? &proven->answer.onKit()->graph : nullptr);
    if (!walk) return fail(walk.error());
    return std::make_unique<KitPlaytest>(session, host, std::move(*walk), wish);
}

}  // namespace rook::app
