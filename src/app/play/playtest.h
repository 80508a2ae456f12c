#pragma once
/// A playtest on the board: its keys, its ticks, what it shows. One sort for each way of moving.

#include <QElapsedTimer>
#include <QKeyEvent>
#include <QTimer>

#include "app/painting/entity_painter.h"
#include "app/play/game_controller.h"
#include "app/play/kit_walk.h"
#include "app/play/played_game.h"
#include "app/play/steering.h"
#include "app/session/session.h"
#include "reach/verdict.h"

namespace rook::app {

class Walk;

/// The widget that a playtest goes on in.
class PlayHost {
public:
    virtual ~PlayHost() = default;
    [[nodiscard]] virtual const View& view() const = 0;
    virtual void setView(const View& view) = 0;
    [[nodiscard]] virtual QSize playSize() const = 0;
    /// Moves the view so that the place is seen, in the middle if it was not.
    virtual void bringIntoView(const PxRect& place) = 0;
    /// What a game controller holds now; nothing where there is none.
    [[nodiscard]] virtual ControllerState controller() const = 0;
    /// A tool is being drawn with: the view keeps still.
    [[nodiscard]] virtual bool isDrawing() const = 0;
};

/// How one wishes to walk.
struct PlayWish {
    std::optional<PxPoint> at;  ///< where; none = at the first spawn
    EntityId entry;             ///< that one comes in by; empty = the first spawn
    /// That goes on here; null = a game that begins with this level.
    std::shared_ptr<PlayedGame> game{};
    /// One comes here in a game, and reads what is said at the start. Who walks a level to try it
    /// is not held up by that.
    bool isArrival = false;
    bool looksLikeTheGame = false;
    reach::QueryOptions abilities;  ///< as if the player had others
    /// That a game begins with here, by the tally's name, cut to its range.
    std::map<std::string, int> tallies{};
    /// The options with what is carried: by the game, and nothing where one begins.
    [[nodiscard]] reach::QueryOptions options() const;
};

class Playtest : public QObject {
    Q_OBJECT

public:
    Playtest(Session& session, PlayHost& host, const PlayWish& wish);
    /// A key that belongs to the walk; false if it does not.
    bool takeKey(const QKeyEvent& event, bool isDown);
    /// The keyboard is elsewhere: what is let go there is not told.
    void loseKeys() { m_steering.letGo(); }
    /// What of the scene is otherwise while one walks.
    virtual void dress(MatterScene& scene) const = 0;
    /// How entities look, given how the step shows them.
    [[nodiscard]] virtual EntityLook lookOf(EntityLook ofStep) const = 0;
    virtual void paint(QPainter& painter, const MatterScene& scene) = 0;
    /// The left button goes down, moves and goes up; level px. True if the walk is led by it.
    [[nodiscard]] virtual bool isLedByPointer() const { return false; }
    virtual bool pressAt(QPointF) { return false; }
    virtual bool moveTo(QPointF) { return false; }
    virtual bool releaseAt(QPointF) { return false; }
    /// What is counted, what the level asks for, and words.
    void paintGame(QPainter& painter) const;
    /// What the step shows stays in sight.
    [[nodiscard]] virtual bool keepsStepInSight() const { return false; }
    /// What is told in the status line.
    [[nodiscard]] virtual QString words() const = 0;
    /// The way that was gone, to stay in sight afterwards; feet, level px.
    [[nodiscard]] virtual std::vector<QPointF> trailToKeep() const { return {}; }
    /// Where one is on a kit board; none elsewhere.
    [[nodiscard]] virtual std::optional<KitWalk::Place> kitPlace() const { return std::nullopt; }
    /// What goes by the clock there, where it is now.
    [[nodiscard]] virtual std::vector<KitWalk::Going> kitGoing() const { return {}; }
    /// Of kit boards: where one looks to when one goes ahead, radians clockwise from up the plan; 0
    /// again where nobody looks from within.
    virtual void setHeading(double /*heading*/) {}
    /// What is walked on boards of matter; null elsewhere.
    [[nodiscard]] virtual const Walk* walk() const { return nullptr; }
    [[nodiscard]] virtual bool isPaused() const { return false; }
    /// The level may be changed while one walks in it.
    [[nodiscard]] virtual bool takesEdits() const { return false; }

    /// How the picture of where the last exit leads follows.
    [[nodiscard]] const level::Transition& wayOut() const { return m_wayOut; }

    /// A key asked for its end.
    [[nodiscard]] bool isEnded() const { return m_isEnded; }
    [[nodiscard]] const std::shared_ptr<PlayedGame>& game() const { return m_game; }

Q_SIGNALS:
    void changed();  ///< what is told
    void moved();
    /// Another zone is seen from now on.
    void crosses(const rook::level::Transition& transition);
    void ended();  ///< by itself, not by a key
    /// To a level, at an entry. `isNewGame`: nothing is carried there.
    void leadsTo(const rook::LevelId& level, const rook::EntityId& entry, bool isNewGame);

protected:
    /// A key of this sort of walk.
    virtual bool takeOwnKey(const QKeyEvent& event, bool isDown) = 0;
    /// The level as at its arrival.
    virtual void beginAgain() = 0;
    /// By a key or by the controller.
    [[nodiscard]] bool isHeld(SteeringAction action) const;
    /// True once after it was pressed on either.
    [[nodiscard]] bool takePress(SteeringAction action);
    /// False while words are read: the world stands still then.
    [[nodiscard]] bool mayTick();
    /// An exit was met, and wins.
    void win(const std::string& exit);
    /// After a tick in which nothing was won. True if the level goes on.
    bool follow(bool hasDied);
    void perform(PlayedGame::Then then);

    void end() { m_isEnded = true; }
    /// Goes on from now: what was missed is not made up for.
    void restartClock();
    /// Ticks that are due since the last call, at most so many that the world does not leap.
    [[nodiscard]] int dueTicks(double pace);
    virtual void advance() = 0;
    /// The level is another value now.
    virtual void levelChanged() {}
    [[nodiscard]] QPointF toWidget(QPointF levelPx) const {
        return m_host.view().toWidget(levelPx);
    }

    Session& m_session;
    PlayHost& m_host;
    std::shared_ptr<PlayedGame> m_game;

private:
    level::Transition m_wayOut;
    void paintStrip(QPainter& painter) const;
    void paintWords(QPainter& painter) const;
    void beginLevelAgain();
    void leave();
    void lookAtController();
    Steering m_steering;
    ControllerState m_controller;
    bool m_isControllerJump = false;
    bool m_isControllerSwap = false;
    QTimer m_timer;
    QElapsedTimer m_clock;
    qint64 m_ticks = 0;
    bool m_isEnded = false;
    bool m_hasLeft = false;  ///< for another level, or for good: nothing happens here any more
};

/// A line through places of a body, level px.
void paintTrail(QPainter& painter, const View& view, const std::vector<QPointF>& trail,
                double opacity);

/// Errors: those of `Walk::begin` and `KitWalk::begin`.
[[nodiscard]] Result<std::unique_ptr<Playtest>> startSidePlaytest(Session& session, PlayHost& host,
                                                                  const PlayWish& wish);
[[nodiscard]] Result<std::unique_ptr<Playtest>> startKitPlaytest(Session& session, PlayHost& host,
                                                                 const PlayWish& wish);

/// Errors: those of `puzzle::boardOf`; NotApplicable for a level without a rule.
[[nodiscard]] Result<std::unique_ptr<Playtest>> startPuzzlePlaytest(Session& session,
                                                                    PlayHost& host,
                                                                    const PlayWish& wish);

}  // namespace rook::app
