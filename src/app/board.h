#pragma once
/// The board: draws the level as the step wants it and carries pointer and keys to the tool in
/// hand.

#include <QElapsedTimer>
#include <QFutureWatcher>
#include <QPen>
#include <QTimer>
#include <QWidget>
#include <functional>
#include <map>
#include <span>

#include "app/board_images.h"
#include "app/jump_guides.h"
#include "app/kit_models.h"
#include "app/kit_walk.h"
#include "app/matter_painter.h"
#include "app/tool.h"
#include "app/underlay.h"
#include "app/walk.h"
#include "cast/behaviour.h"
#include "level/entity_places.h"
#include "rook_patrol.hpp"

class QLineEdit;
class QPainterPath;

namespace rook::app {

/// The patrols of a level, simulated once for each ground that they go on, and the windows of its
/// formations, once for each shape that they have.
class Ways {
public:
    Ways();
    ~Ways();
    /// Good until the next call.
    [[nodiscard]] const runtime::PatrolWay& wayOf(const level::Project& project,
                                                  const std::shared_ptr<const level::Level>& level,
                                                  const runtime::MotionTables& body,
                                                  const level::Entity& foe);
    /// Reckoned in the background, one formation after the other: none until then, and
    /// `whenReckoned` is called. Good until the next call.
    [[nodiscard]] const std::vector<cast::Passage>& passagesOf(const level::Project& project,
                                                               const runtime::MotionTables& body,
                                                               const level::Entity& formation);
    [[nodiscard]] bool isReckoning() const { return m_reckoning.isRunning(); }
    std::function<void()> whenReckoned;

private:
    struct Windows {
        level::Entity entity;
        std::vector<int> body;  ///< width, height and walk, px
        std::vector<cast::Passage> passages;
    };
    void takeWindows();
    std::shared_ptr<const level::Level> m_level;
    SharedVector<level::Matter> m_matters;
    std::vector<PxRect> m_doors;
    std::map<EntityId, std::pair<level::Entity, runtime::PatrolWay>> m_ways;
    SharedVector<level::Kind> m_kinds;  ///< of the windows
    std::map<EntityId, Windows> m_windows;
    QFutureWatcher<Windows> m_reckoning;
};

/// The index of the pieces of one value, kept in line with the next one.
class PlacedIndexes {
public:
    /// Good until the next call.
    [[nodiscard]] const kit::PlacedIndex& of(const level::Kit& kit, const level::Level& level);

private:
    bool m_isBuilt = false;
    std::optional<std::string> m_kit;
    LevelId m_level;
    ChunkedVector<level::PlacedPiece> m_pieces;
    kit::PlacedIndex m_index;
};

class Board : public QWidget {
    Q_OBJECT

public:
    explicit Board(Session& session, QWidget* parent = nullptr);

    [[nodiscard]] const View& view() const { return m_view; }
    void setView(const View& view);
    void fitLevel();
    /// Moves the view so that the place is seen, in the middle if it was not.
    void bringIntoView(const PxRect& place);
    void themeChanged();
    [[nodiscard]] PxPoint pointerPx() const { return m_pointerPx; }
    [[nodiscard]] bool hasPointer() const { return m_hasPointer; }
    /// Frames that stayed unfinished at the last painting are finished in the next ones.
    [[nodiscard]] bool isComplete() const {
        return m_isComplete && !m_underlay->isBusy() && !m_ways.isReckoning();
    }

    [[nodiscard]] bool isWalking() const { return m_walk != nullptr; }
    [[nodiscard]] const Walk* walk() const { return m_walk.get(); }
    [[nodiscard]] bool isWalkPaused() const { return m_walkPace == 0; }
    void startWalk(bool atPointer);
    void stopWalk();

    // Keys that act on the selection, called by the window's actions.
    void copy();
    void cut();
    void paste();
    void deleteSelection();
    void duplicate();
    void nudge(int dx, int dy, bool byPx);
    void selectAll();
    /// Turns the selected cells or marks about; without a selection, Shape paints mirrored.
    void turn(level::Turning turning);
    /// A storey up or down, on a kit board.
    void changeStorey(int by);
    /// What the tool in hand would do, for other views of the same level.
    [[nodiscard]] const ToolPreview& toolPreview() const { return m_tool->preview(); }
    /// Where the entities of the level are.
    [[nodiscard]] const level::EntityPlaces& places() const {
        m_places.follow(m_session.level()->entities);
        return m_places;
    }
    /// Where one walks on a kit board; none if nobody does.
    [[nodiscard]] std::optional<KitWalk::Place> kitBody() const;
    [[nodiscard]] bool isKitWalking() const { return m_kitWalk != nullptr; }
    void stopKitWalk();
    /// Turns the selected marks over, left with right or top with bottom.
    void mirror(bool isSideways);
    void group();
    /// Measures a jump on the board; none takes the ruler away.
    void setJumpLine(std::optional<JumpLine> line);
    [[nodiscard]] const std::optional<JumpLine>& jumpLine() const { return m_jumpLine; }
    /// Reads a picture file on a worker, and lays it under the board or says why not.
    void placeUnderlay(const QString& file);
    /// Escape: the gesture, else the selection.
    void cancel();

Q_SIGNALS:
    void viewChanged();
    void pointerMoved();
    void walkChanged();

protected:
    bool event(QEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    /// While walking, Tab ends the walk and does not move the focus.
    bool focusNextPrevChild(bool next) override {
        return !isWalking() && QWidget::focusNextPrevChild(next);
    }
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;

private:
    void takeTool();
    void showCursor();
    [[nodiscard]] std::unique_ptr<Tool> makeTool() const;
    void takeLevel();
    [[nodiscard]] ToolInput inputAt(QPointF widget, Qt::KeyboardModifiers modifiers) const;
    void follow(const ToolOutcome& outcome);
    [[nodiscard]] bool isPanGesture(const QMouseEvent* event) const;
    [[nodiscard]] MatterScene scene() const;
    void paintSketch(QPainter& painter, double budgetMs);
    void paintProofRun(QPainter& painter);
    void previewLaying();
    /// Forgets the pictures of strokes that are no longer so.
    void followSketch();
    void ask(const WordsRequest& request);
    void takeWords();
    [[nodiscard]] bool isOnSketch() const { return m_session.step() == Step::Sketch; }
    void layTilesInHand();
    void deletePlanned(const Selection& selection);
    void pasteMarks(const std::vector<level::Mark>& marks, int dx, int dy);
    void paintReach(QPainter& painter);
    /// Traps, deadly touches, what is deadly at times, and a region that is closed off.
    void paintHatched(QPainter& painter, const ProvenLevel& shown);
    /// The px that bodies cover, spread from their positions once an answer and not once a frame.
    struct Washes {
        std::shared_ptr<const ProvenLevel> of;
        BitMap standing;
        BitMap traps;
        BitMap risky;
        BitMap byMovers;  ///< and not reached without
    };
    void takeWashes(const std::shared_ptr<const ProvenLevel>& shown);
    void paintClosed(QPainter& painter);
    /// The run that is shown, with its jumps and landings, and the body at its tick.
    void paintRun(QPainter& painter);
    void followProve(const ToolOutcome& outcome);
    /// The pointer has come to rest: the run that gets there is asked for.
    void probe();
    void paintFindings(QPainter& painter);
    void paintSelection(QPainter& painter);
    void paintPreview(QPainter& painter);
    /// The collision shapes that the options ask for.
    void paintShapes(QPainter& painter);
    [[nodiscard]] CellRect cellsInSight() const;
    /// The solid rectangles of chunks in sight that are not merged as they are now; `areas` gets
    /// those chunks. None where there are too many for a frame.
    [[nodiscard]] std::vector<PxRect> freshSolids(const level::Level& level,
                                                  const ProvenLevel* proven,
                                                  std::vector<CellRect>& areas) const;
    /// The axes of mirrored painting, and the frame that the board may get.
    void paintGuides(QPainter& painter);
    void paintProposal(QPainter& painter);
    /// Jumps at the pointer, or the ruler.
    void paintJumps(QPainter& painter);
    void paintJump(QPainter& painter, const JumpGuide& guide, PxPoint from, bool isOwn);
    /// To both sides.
    void paintArc(QPainter& painter, const motion::JumpArc& arc, PxPoint from, bool isLent);
    void paintRuler(QPainter& painter);
    /// Words on a ground of their own, kept inside the board.
    void paintFlag(QPainter& painter, QPointF corner, const QString& text, const QColor& tone);
    [[nodiscard]] std::span<const level::CellRun> runsInSight(
        const level::CellRegion& region) const;
    /// Reads rows of characters that another program copied; false if they cannot be read.
    bool takeTextClip();
    [[nodiscard]] PxPoint cellCornerAt(QPointF widget) const;
    /// A wash with an outline over cells that a gesture or a command would cover.
    void paintCells(QPainter& painter, const level::CellRegion& region, const QColor& tone,
                    float opacity, const QPen& outline);
    void paintMotifs(QPainter& painter);
    void paintLook(QPainter& painter);
    void paintMotion(QPainter& painter, const MatterScene& shown);
    void advanceMotion();
    /// Cast: zones, references and ways, under the previews.
    void paintCast(QPainter& painter);
    void paintZones(QPainter& painter);
    void paintLinks(QPainter& painter);
    void paintWays(QPainter& painter);
    void paintPatrol(QPainter& painter, const level::Entity& foe,
                     const runtime::MotionTables& body);
    void paintTrack(QPainter& painter, const level::Entity& mover);
    void paintFormation(QPainter& painter, const level::Entity& entity,
                        const runtime::MotionTables* body);
    void paintWindows(QPainter& painter, const level::Entity& formation,
                      const runtime::MotionTables& body);
    void paintThrow(QPainter& painter, const level::Entity& spring);
    void paintHandles(QPainter& painter);
    /// Of the level's body; null until it was solved.
    [[nodiscard]] const runtime::MotionTables* bodyTables() const;
    void paintWalk(QPainter& painter, const MatterScene& scene);
    void paintBody(QPainter& painter, const MatterScene& scene) const;
    void paintWalkThings(QPainter& painter);
    void paintTimesLeft(QPainter& painter);
    /// Foes and formations, where they are in this tick.
    void paintGoing(QPainter& painter, const MatterScene& scene);
    bool takeWalkKey(const QKeyEvent* event, bool isDown);
    void keepWalk();
    void advanceWalk();
    /// Layers that fade do so, step by step, where they lie before the body.
    void fadeLayers();
    /// Forgets the images of what is strewn otherwise now.
    void followStrewn(const LevelId& id);
    /// Pans so that the body stays in the calm middle of the board, and the board on the level.
    void followWalk();

    Session& m_session;
    std::unique_ptr<Tool> m_tool;
    std::pair<Step, int> m_toolInHand;  ///< step and place on the home row that m_tool is for
    View m_view;
    BoardImages m_images;
    BoardImages m_leafImages;
    level::CellRegion m_layPreview;  ///< cells that the selected marks would be laid as
    level::Sketch m_shownSketch;     ///< that the leaf images are of
    UnderlayImages* m_underlay;
    QLineEdit* m_words;
    bool m_isAsking = false;
    std::vector<level::Mark> m_copiedMarks;
    QString m_copiedText;  ///< what this program put on the clipboard last
    Washes m_washes;
    Ways m_ways;
    mutable level::EntityPlaces m_places;
    mutable level::EntityPlaces m_toolPlaces;  ///< before the gesture
    // Kit boards (board_kit.cpp).
    enum class PieceEdit { Move, Remove, Copy };
    [[nodiscard]] bool isKit() const;
    void paintKit(QPainter& painter, double budgetMs);
    void paintKitHand(QPainter& painter);
    void paintKitReach(QPainter& painter);
    void paintKitWalk(QPainter& painter);
    void startKitWalk(bool atPointer);
    void advanceKitWalk();
    void followKitWalk();
    bool takeKitWalkKey(QKeyEvent* event, bool isDown);
    void setStorey(int storey);
    /// True if there is a kit board with something to turn, or selected pieces.
    bool turnPieces(int quarters);
    bool editPieces(int dx, int dy, PieceEdit what);
    PlacedIndexes m_shownIndex;
    mutable PlacedIndexes m_toolIndex;  ///< of the value before the gesture
    KitModels m_models;
    int m_paintedStorey = 0;
    std::unique_ptr<KitWalk> m_kitWalk;
    std::array<int, 4> m_kitKeys{};  ///< left, right, up, down: 1 while held
    QElapsedTimer m_kitClock;
    int m_kitTicks = 0;
    QTimer m_probeTimer;
    JumpGuides m_jumpGuides;
    std::optional<JumpLine> m_jumpLine;
    bool m_isRulerKeyDown = false;
    bool m_isLineKeyDown = false;
    bool m_isMeasuring = false;
    SheetImages m_sheets;
    mutable std::shared_ptr<const skin::Lessons> m_lessons;  ///< that the images are dressed by
    mutable std::shared_ptr<const skin::Strewn> m_strewn;    ///< that the images show
    std::vector<double> m_layerShares;  ///< of their opacity, while one walks; by layer
    LevelId m_shownLevel;
    bool m_isComplete = true;
    QPointF m_pointer;
    PxPoint m_pointerPx;
    bool m_hasPointer = false;
    bool m_isPanKeyDown = false;
    bool m_isPanning = false;
    Qt::MouseButton m_gestureButton = Qt::NoButton;
    std::unique_ptr<Walk> m_walk;
    std::vector<QPointF> m_lastTrail;
    View m_viewBeforeWalk;
    QTimer m_motionTimer;  ///< runs while something that moves is in sight
    QElapsedTimer m_motionClock;
    long long m_motionTick = 0;
    QRegion m_moving;  ///< where it was painted last
    QTimer m_walkTimer;
    QElapsedTimer m_walkClock;
    qint64 m_walkedTicks = 0;
    double m_walkPace = 1;  ///< 0 while paused
};

/// The wash of reached positions, as wide as the widget: one look-up a widget px.
[[nodiscard]] QImage reachWash(const ProvenLevel& proven, const BitMap& map, const View& view,
                               QSize size, const QColor& color);

}  // namespace rook::app
