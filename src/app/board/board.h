#pragma once
/// The board: carries pointer and keys to the tool in hand, and paints the level with the overlay
/// of the step. What a step shows and does there is its `BoardStep`'s.

#include <QElapsedTimer>
#include <QMouseEvent>
#include <QTimer>
#include <QWidget>
#include <map>

#include "app/board/board_cursor.h"
#include "app/board/board_step.h"
#include "app/board/level_kind_face.h"
#include "app/painting/flags.h"
#include "app/play/screen_change.h"
#include "level/entity_places.h"

class QLineEdit;

namespace rook::app {

class Board : public QWidget, public PlayHost {
    Q_OBJECT

public:
    explicit Board(Session& session, QWidget* parent = nullptr);
    ~Board() override;

    [[nodiscard]] Session& session() const { return m_session; }
    [[nodiscard]] const View& view() const override { return m_view; }
    void setView(const View& view) override;
    void fitLevel();
    void setShowsGrid(bool shows);
    void bringIntoView(const PxRect& place) override;
    [[nodiscard]] QSize playSize() const override { return size(); }
    [[nodiscard]] ControllerState controller() const override {
        return m_controller ? m_controller->state() : ControllerState{};
    }
    [[nodiscard]] bool isDrawing() const override { return isInGesture(); }
    void themeChanged();
    /// The pointer: widget px, and level px.
    [[nodiscard]] QPointF pointer() const { return m_pointer; }
    [[nodiscard]] PxPoint pointerPx() const { return m_pointerPx; }
    [[nodiscard]] bool hasPointer() const { return m_hasPointer; }
    [[nodiscard]] bool isInGesture() const { return m_gestureButton != Qt::NoButton; }
    /// That the keyboard moves.
    [[nodiscard]] const BoardCursor& keyCursor() const { return m_keyCursor; }
    /// Frames that stayed unfinished at the last painting are finished in the next ones.
    [[nodiscard]] bool isComplete() const;
    [[nodiscard]] const SheetImages& sheets() const { return m_sheets; }
    /// What there is to paint now.
    [[nodiscard]] MatterScene scene() const;

    // The pointer, from this widget or another view of the same level; `px`: of the level.
    void pressAt(QPointF px, Qt::MouseButton button, Qt::KeyboardModifiers modifiers);
    void moveTo(QPointF px, Qt::KeyboardModifiers modifiers);
    void releaseAt(QPointF px, Qt::MouseButton button, Qt::KeyboardModifiers modifiers);

    /// The runs of that proof, from the start of the game on.
    void walkProof(const game::GameProof& proof);
    [[nodiscard]] bool isWalking() const { return m_playtest != nullptr; }
    [[nodiscard]] Playtest* playtest() const { return m_playtest.get(); }
    void startWalk(bool atPointer);
    void stopWalk();

    /// What the step does here.
    [[nodiscard]] BoardStep& step() const;
    /// The step's, or else the view moves.
    void nudge(int dx, int dy, bool byPx);
    /// Escape: one thing at a time, the gesture first, the selection last.
    void cancel();
    /// What the tool in hand would do.
    [[nodiscard]] const ToolPreview& toolPreview() const { return m_tool->preview(); }
    /// Where the entities of the level are.
    [[nodiscard]] const level::EntityPlaces& places() const;
    /// What is at a cell, rich text.
    [[nodiscard]] QString wordsAt(CellPoint cell, const level::Entity* entity) const;

    /// Where so many cells would be laid: at the pointer, else in the middle of what is seen.
    [[nodiscard]] CellRect placeForCells(int width, int height) const;
    /// Level px there.
    [[nodiscard]] PxPoint placeForPaste() const;
    /// The corner of a cell that is nearest to a point of the widget, level px.
    [[nodiscard]] PxPoint cellCornerAt(QPointF widget) const;
    void paintFlag(QPainter& painter, QPointF corner, const QString& text,
                   const QColor& tone) const {
        app::paintFlag(painter, size(), corner, text, tone);
    }
    void paintCells(QPainter& painter, const level::CellRegion& region, const QColor& tone,
                    float opacity, const QPen& outline) const;
    [[nodiscard]] CellRect cellsInSight() const;

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
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;

private:
    void begin(const PlayWish& wish);
    /// Tools work: nobody walks, or the step's tools do so meanwhile.
    [[nodiscard]] bool mayDraw() const;
    void playOn(const LevelId& level, const EntityId& entry, bool isNewGame);
    void connectSession();
    void takeTool();
    void takeLevel();
    void takePainter();
    void showCursor();
    [[nodiscard]] ToolInput inputAt(Qt::KeyboardModifiers modifiers) const;
    void follow(const ToolOutcome& outcome);
    void ask(const WordsRequest& request);
    void takeWords();
    /// Forgets the images of what is strewn otherwise now.
    void followStrewn(const LevelId& id);
    [[nodiscard]] EntityLook entityLook() const;
    /// The level as it is painted: without its masses where the eye hides them.
    [[nodiscard]] std::shared_ptr<const level::Level> levelInSight() const;
    void paintLevel(QPainter& painter, const MatterScene& shown);
    void paintSelection(QPainter& painter);
    void paintPreview(QPainter& painter);
    void paintMotion(QPainter& painter, const MatterScene& shown);
    void advanceMotion();

    Session& m_session;
    View m_view;
    std::unique_ptr<LevelPainter> m_painter;
    std::optional<level::LevelKind> m_painterOf;
    mutable std::map<const StepDefinition*, std::unique_ptr<BoardStep>> m_steps;
    std::unique_ptr<Tool> m_tool;
    std::pair<const StepDefinition*, int> m_toolInHand{nullptr, 0};  ///< that m_tool is
    mutable level::EntityPlaces m_places;
    mutable level::EntityPlaces m_toolPlaces;  ///< before the gesture
    SheetImages m_sheets;
    mutable std::shared_ptr<const level::Level> m_bareOf, m_bare;  ///< a level without its masses
    mutable std::shared_ptr<const level::Level> m_inSight;         ///< that was painted last
    mutable std::shared_ptr<const skin::TilingRules>
        m_tilingRules;                                     ///< that the images are dressed by
    mutable std::shared_ptr<const skin::Strewn> m_strewn;  ///< that the images show
    LevelId m_shownLevel;
    bool m_isComplete = true;
    bool m_showsGrid = true;
    /// The view is still the one that shows the level whole: a board of another size fits it anew.
    bool m_isFitted = true;

    QLineEdit* m_words;
    bool m_isAsking = false;
    QPointF m_pointer;
    PxPoint m_pointerPx;
    bool m_hasPointer = false;
    bool m_isPanKeyDown = false;
    bool m_isPanning = false;
    bool m_isStepGesture = false;  ///< that the step took
    Qt::MouseButton m_gestureButton = Qt::NoButton;
    BoardCursor m_keyCursor{*this};

    std::unique_ptr<GameController> m_controller;  ///< while one walks
    std::unique_ptr<Playtest> m_playtest;
    std::vector<QPointF> m_lastTrail;
    ScreenChange m_screenChange;
    View m_viewBeforeWalk;

    QTimer m_motionTimer;  ///< runs while something that moves is in sight
    QElapsedTimer m_motionClock;
    long long m_motionTick = 0;
    QRegion m_moving;  ///< where it was painted last
};

}  // namespace rook::app
