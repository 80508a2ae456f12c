#pragma once
/// A kit board in depth: turned about by hand, worked on with the tools of the plan.

#include <QTimer>
#include <array>

#include "app/painting/placed_indexes.h"
#include "app/steps/kit/axis_handles.h"
#include "app/steps/kit/depth_marks.h"
#include "app/steps/kit/depth_painter.h"
#include "app/steps/kit/face_pull.h"
#include "app/steps/kit/view_aslant.h"

class QSlider;

namespace rook::app {

class Chip;
class OutlookRose;

class DepthView : public ViewAslant {
    Q_OBJECT

public:
    DepthView(Session& session, Board& board, std::unique_ptr<DepthPainter> painter,
              QWidget* parent);
    ~DepthView() override;

    void fit() override;
    void themeChanged() override { refresh(); }
    void zoomBy(double times) override;
    void turnToCorner(int by) override;
    /// All of the board from there, kept to parallel or not as chosen.
    void lookFrom(kit::Outlook outlook, int eighth);

    [[nodiscard]] const kit::Camera& camera() const { return m_camera; }
    void setCamera(const kit::Camera& camera);
    /// Moves the eye so that the place of the level is seen, if it is not.
    void bringIntoView(const PxRect& place);
    /// That is on the screen; none before the first.
    [[nodiscard]] const DepthPicture& picture() const { return m_picture; }
    [[nodiscard]] bool isCurrent() const override;
    /// A place of the board, units, in the widget; nothing behind the eye.
    [[nodiscard]] std::optional<QPointF> toWidget(const kit::Point3& place) const;
    /// Quarters of a storey that are shown; the highest shows all.
    void setCutQuarters(int quarters);
    QSize sizeHint() const override { return {480, 480}; }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void leaveEvent(QEvent* event) override;
    bool event(QEvent* event) override;
    /// While walking, Tab ends the walk and does not move the focus.
    bool focusNextPrevChild(bool next) override {
        return !m_wasWalking && QWidget::focusNextPrevChild(next);
    }

private:
    enum class Gesture { None, Tool, Turn, Move, Frame, Handle, Pull, Look };
    /// How a walk is seen.
    enum class WalkLook { Afar, Behind, AtEye };
    /// A place of the level, as the pointer is on it.
    struct Spot {
        QPointF px;
        int storey = 0;
        double z = 0;  ///< units
    };
    void addControls();
    void addWalkControls();
    void placeControls();
    void refresh();
    void askPicture();
    void takePicture(const DepthPicture& picture);
    [[nodiscard]] DepthRequest request() const;
    [[nodiscard]] const level::Kit* kit() const;
    [[nodiscard]] kit::PictureSize pictureSize() const;
    [[nodiscard]] kit::DepthLook look() const;
    [[nodiscard]] kit::Bounds3 board() const;
    [[nodiscard]] std::optional<kit::BoardHit> hitAt(QPointF widget) const;
    /// What is seen there, else the storey's ground, else the middle of the board.
    [[nodiscard]] kit::Point3 placeUnder(QPointF widget) const;
    [[nodiscard]] std::optional<Spot> onLevel(QPointF widget, double z, int storey) const;
    [[nodiscard]] std::optional<Spot> onPiece(QPointF widget) const;
    /// Under the middle of the thing whose mark is there, where things are placed.
    [[nodiscard]] std::optional<Spot> onThing(QPointF widget) const;
    [[nodiscard]] bool showsWhatIsThere() const;
    [[nodiscard]] Spot spotOf(const kit::BoardHit& hit) const;
    [[nodiscard]] std::optional<Spot> spotOfSelected();
    void turnBy(const kit::Point3& about, double heading, double pitch);
    // Walking:
    void takeWalk();
    void followWalk();
    void chooseWalkLook(WalkLook look);
    [[nodiscard]] bool looksFromWithin() const;
    void turnLook(double heading, double pitch);
    /// What a walk does with a key; false if it is none of its.
    bool takeWalkKey(QKeyEvent* event);
    void startMoving();
    void pressTool(QMouseEvent* event);
    void dragHandle(QPointF widget);
    /// The face of the selected solid that is under the pointer.
    [[nodiscard]] std::optional<FacePull> faceAt(QPointF widget) const;
    void dragFace(QPointF widget, Qt::KeyboardModifiers modifiers);
    void endPull();
    [[nodiscard]] QString pullWords() const;
    void endFrame(Qt::KeyboardModifiers modifiers);
    void paintPlate(QPainter& painter) const;
    void paintFrame(QPainter& painter) const;
    void paintWords(QPainter& painter) const;
    [[nodiscard]] bool selectsPieces() const;
    [[nodiscard]] std::optional<AxisHandles> handles() const;
    void showCursor(QPointF widget);

    Session& m_session;
    Board& m_board;
    std::unique_ptr<DepthPainter> m_painter;
    kit::Camera m_camera;
    bool m_isFitted = false;
    bool m_isStale = true;  ///< another picture is to be asked for
    bool m_isMoving = false;
    int m_asked = 0;  ///< number of the last request
    QTimer m_rest;    ///< the eye has come to rest
    DepthPicture m_picture;
    DepthMarks m_marks;
    PlacedIndexes m_indexes;
    int m_pointed = 0;  ///< id of a piece; 0 = none
    QPointF m_pointer;
    bool m_hasPointer = false;
    bool m_isMoveKeyDown = false;
    Gesture m_gesture = Gesture::None;
    kit::Point3 m_grabbed;  ///< place that the eye turns about, or that follows the pointer
    QPointF m_pressed;
    Spot m_toolSpot;      ///< that the tool was last at
    QPointF m_toolShift;  ///< px from what lies under the pointer to what was taken by its mark
    AxisHandles::Axis m_axis = AxisHandles::Axis::Across;
    double m_axisStart = 0;
    std::optional<FacePull> m_pull;
    Rational m_pulledBy;
    AxisHandles m_heldHandles;
    Spot m_handleSpot;

    WalkLook m_walkLook = WalkLook::Afar;
    bool m_wasWalking = false;
    kit::Camera m_boardCamera;  ///< before the walk
    double m_lookHeading = 0, m_lookPitch = 0;
    double m_footZ = 0;  ///< units; steps are taken smoothly
    std::array<Chip*, 3> m_walkLooks{};

    OutlookRose* m_rose = nullptr;
    QSlider* m_cut = nullptr;
    Chip* m_parallel = nullptr;
    Chip* m_smooth = nullptr;
    Chip* m_lowWalls = nullptr;
    Chip* m_below = nullptr;
    Chip* m_large = nullptr;  ///< there where a large model waits to be asked for
};

}  // namespace rook::app
