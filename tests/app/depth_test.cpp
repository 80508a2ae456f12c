/// The view in depth in the real window, where OpenGL can be had: what is seen there is what the
/// tools take.

#include <QAbstractButton>
#include <QAction>
#include <QSlider>
#include <cmath>
#include <set>

#include "app/steps/kit/depth_view.h"
#include "app/steps/kit/kit_options.h"
#include "demo_window.h"
#include "file/model_file.h"
#include "kit/edits.h"
#include "kit/pieces.h"
#include "kit/solid_edits.h"

namespace rook::depth_window_test {

using namespace rook::app;

class DepthWindowTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase();
    void init();
    void cleanup() {
        board().stopWalk();
        closeDemo();
    }
    void piece_isPlaced_taken_andDeleted();
    void eye_turnsAboutWhatIsPointedAt();
    void keys_turn_andCorners_goRound();
    void rose_looksFromEachPlace();
    void frame_selects_andHandlesMove();
    void face_isPulled_byModulesAndUnits();
    void cut_showsWhatLiesBelow();
    void picture_showsWhatIsPointedAt_andIsShadedInCorners();
    void model_keepsItsMaterials();
    void walk_isSeen_fromAfar_behind_andAtEyeHeight();
    void thing_isTaken_byItsMark();
    void largeModel_isShown_whenAskedFor();
    void thousandsOfPieces_areDrawn();

private:
    void trigger(const char* name) {
        auto* action = m_window->findChild<QAction*>(QLatin1String(name));
        QVERIFY2(action, name);
        action->trigger();
    }
    [[nodiscard]] DepthView& view() { return *m_window->findChild<DepthView*>(); }
    void take(const char* piece, const char* tool = "place") {
        KitOptions options = session().workbench.options<KitOptions>();
        options.piece = piece;
        session().workbench.setOptions(options);
        session().workbench.chooseTool(tool);
    }
    /// In the widget; modules across and down, units up.
    [[nodiscard]] QPoint on(double x, double y, double z) {
        return view().toWidget({x * 4, y * 4, z}).value_or(QPointF(-1, -1)).toPoint();
    }
    bool settle() {
        return QTest::qWaitFor([&] { return view().isCurrent(); }, 30000);
    }
    void click(QPoint at, Qt::MouseButton button = Qt::LeftButton,
               Qt::KeyboardModifiers modifiers = {}) {
        QTest::mouseMove(&view(), at);
        QTest::mouseClick(&view(), button, modifiers, at);
        QVERIFY(settle());
    }
    void drag(QPoint from, QPoint to, Qt::MouseButton button = Qt::LeftButton,
              Qt::KeyboardModifiers modifiers = {}) {
        QTest::mouseMove(&view(), from);
        QTest::mousePress(&view(), button, modifiers, from);
        // Moves of a pressed button are sent as they come from a mouse.
        for (int i = 1; i <= 4; ++i) {
            const QPointF at = QPointF(from) + QPointF(to - from) * i / 4;
            QMouseEvent move(QEvent::MouseMove, at, view().mapToGlobal(at), Qt::NoButton, button,
                             modifiers);
            QCoreApplication::sendEvent(&view(), &move);
        }
        QTest::mouseRelease(&view(), button, modifiers, to);
        QVERIFY(settle());
    }
    [[nodiscard]] const level::PlacedPiece* at(int x, int y, int storey = 0) {
        for (const level::PlacedPiece& placed : level().pieces)
            if (placed.at == CellPoint{x, y} && placed.storey == storey) return &placed;
        return nullptr;
    }
    void placeRow(const char* piece, int count) {
        const level::Kit& kit = *session().document.project().kitOf(level());
        std::vector<level::PlacedPiece> pieces;
        for (int i = 0; i < count; ++i) {
            level::PlacedPiece placed;
            placed.piece = piece;
            placed.at = {4 + i, 5};
            pieces.push_back(placed);
        }
        session().document.apply(kit::place(kit, level(), pieces, "Place"));
        QVERIFY(settle());
    }
};

void DepthWindowTest::initTestCase() {
    useOwnSettings("rookplot-depth-test");
    QString reason;
    const bool isHere = DepthPainter::make(&reason) != nullptr;
    if (qEnvironmentVariableIsSet("ROOK_NEEDS_OPENGL")) QVERIFY2(isHere, qPrintable(reason));
    if (!isHere) QSKIP(qPrintable(reason));
}

void DepthWindowTest::init() {
    openDemo();
    trigger("new-kit-level");
    m_window->findChild<QAbstractButton*>("make-level")->click();
    trigger("depth-action");
    trigger("depth-action");
    QVERIFY(m_window->findChild<DepthView*>() && !board().isVisible());
    QVERIFY(settle());
}

void DepthWindowTest::piece_isPlaced_taken_andDeleted() {
    take("flags");
    click(on(6.5, 5.5, 0));
    QVERIFY(at(6, 5));
    session().workbench.chooseTool("place");
    session().workbench.setStorey(1);
    click(on(6.5, 5.5, 3));
    QVERIFY(at(6, 5, 1));
    // What is seen is what is taken, whatever storey is worked on.
    session().workbench.chooseTool("select");
    session().workbench.setStorey(0);
    click(on(6.5, 5.5, 3));
    QCOMPARE(session().workbench.selection().pieces, (std::vector<int>{at(6, 5, 1)->id}));
    QCOMPARE(session().workbench.storey(), 1);
    // The corner of the one below is seen under it from the lower left.
    click(on(6.1, 5.9, 0));
    QCOMPARE(session().workbench.selection().pieces, (std::vector<int>{at(6, 5, 0)->id}));
    // Ctrl takes it in hand, the right button deletes.
    take("stairs");
    click(on(6.5, 5.5, 3), Qt::LeftButton, Qt::ControlModifier);
    QCOMPARE(session().workbench.options<KitOptions>().piece, std::string("flags"));
    click(on(6.5, 5.5, 3), Qt::RightButton);
    QVERIFY(!at(6, 5, 1) && at(6, 5));
    trigger("undo-action");
    QVERIFY(at(6, 5, 1));
}

void DepthWindowTest::eye_turnsAboutWhatIsPointedAt() {
    placeRow("flags", 3);
    const QPoint pointed = on(5.5, 5.5, 0);
    const kit::Camera before = view().camera();
    drag(pointed, pointed + QPoint(60, -20), Qt::MiddleButton);
    QVERIFY(std::abs(view().camera().heading - before.heading) > 0.2);
    // It stays where it was.
    QVERIFY((on(5.5, 5.5, 0) - pointed).manhattanLength() <= 2);
    // With Shift it goes along.
    drag(pointed, pointed + QPoint(40, 30), Qt::MiddleButton, Qt::ShiftModifier);
    QVERIFY((on(5.5, 5.5, 0) - pointed - QPoint(40, 30)).manhattanLength() <= 2);
    // The wheel nears it.
    const QPoint here = on(5.5, 5.5, 0);
    const double far = view().camera().distance;
    QWheelEvent wheel(here, view().mapToGlobal(here), {}, {0, 240}, Qt::NoButton, {},
                      Qt::NoScrollPhase, false);
    QCoreApplication::sendEvent(&view(), &wheel);
    QVERIFY(view().camera().distance < far / 1.4);
    QVERIFY((on(5.5, 5.5, 0) - here).manhattanLength() <= 2);
    QVERIFY(settle());
    trigger("fit-action");
    for (const double x : {4.0, 7.0})
        QVERIFY(view().rect().contains(on(x, 5, 0)) && view().rect().contains(on(x, 6, 0)));
}

void DepthWindowTest::keys_turn_andCorners_goRound() {
    view().setFocus();
    const double heading = view().camera().heading;
    QTest::keyClick(&view(), Qt::Key_Right, Qt::ControlModifier);
    QVERIFY(std::abs(view().camera().heading - heading - M_PI / 12) < 1e-9);
    const double pitch = view().camera().pitch;
    QTest::keyClick(&view(), Qt::Key_Up, Qt::ControlModifier);
    QVERIFY(view().camera().pitch > pitch);
    // Four corners, and round.
    trigger("corner-action");
    const double first = view().camera().heading;
    std::set<int> corners;
    for (int i = 0; i < 4; ++i) {
        corners.insert(int(std::lround(view().camera().heading / (M_PI / 4))) & 7);
        trigger("corner-action");
    }
    QCOMPARE(corners, (std::set<int>{1, 3, 5, 7}));
    QVERIFY(std::abs(std::remainder(view().camera().heading - first, 2 * M_PI)) < 1e-9);
}

void DepthWindowTest::rose_looksFromEachPlace() {
    placeRow("flags", 2);
    for (int i = 0; i < 9; ++i) {
        auto* button = part<QAbstractButton>(qPrintable(QStringLiteral("outlook-%1").arg(i)));
        QVERIFY(!button->accessibleName().isEmpty());
        button->click();
        const kit::Camera& camera = view().camera();
        if (i == 8) {
            QVERIFY(std::abs(camera.pitch - M_PI / 2) < 1e-9);
            QVERIFY(on(5, 5, 0).x() > on(4, 5, 0).x() && on(4, 6, 0).y() > on(4, 5, 0).y());
        } else {
            QCOMPARE(int(std::lround(camera.heading / (M_PI / 4))) & 7, i);
            QCOMPARE(camera.pitch == 0, i % 2 == 0);
        }
        QVERIFY(view().rect().contains(on(5, 5.5, 0)));
    }
    // From below.
    part<QAbstractButton>("depth-below")->click();
    part<QAbstractButton>("outlook-1")->click();
    QVERIFY(view().camera().pitch < 0);
    part<QAbstractButton>("depth-below")->click();
    // What is far is smaller when it is not parallel.
    part<QAbstractButton>("outlook-0")->click();
    const auto wide = [&](double y) { return on(6, y, 0).x() - on(4, y, 0).x(); };
    QCOMPARE(wide(5), wide(6));
    part<QAbstractButton>("depth-parallel")->click();
    QVERIFY(wide(5) < wide(6));
    part<QAbstractButton>("depth-parallel")->click();
    QVERIFY(settle());
}

void DepthWindowTest::frame_selects_andHandlesMove() {
    placeRow("flags", 3);
    session().workbench.chooseTool("select");
    part<QAbstractButton>("outlook-8")->click();
    QVERIFY(settle());
    // Round all but the last, begun beside them.
    const auto box = [&](double x) {
        QRect all;
        for (const double px : {x, x + 1})
            for (const double py : {5.0, 6.0})
                all |= QRect(on(px, py, 0), QSize(1, 1));
        return all;
    };
    const QRect first = box(4).adjusted(-6, -6, 6, 6);
    drag(first.topLeft(), box(4).center() + QPoint(2, 2));
    QCOMPARE(session().workbench.selection().pieces, (std::vector<int>{at(4, 5)->id}));
    drag(first.topLeft() - QPoint(2, 2), box(6).bottomRight() + QPoint(8, 8), Qt::LeftButton,
         Qt::ShiftModifier);
    QCOMPARE(session().workbench.selection().pieces.size(), std::size_t{3});
    // The handle along the plan's x: two modules, by one undo.
    part<QAbstractButton>("outlook-1")->click();
    QVERIFY(settle());
    const auto handleAt = [&](AxisHandles::Axis axis) {
        AxisHandles handles;
        kit::Bounds3 all;
        const auto& ids = session().workbench.selection().pieces;
        for (const auto& item : view().picture().scene->items())
            if (std::find(ids.begin(), ids.end(), item.id) != ids.end()) all.takeAll(item.box);
        handles.middle = {(all.low.x + all.high.x) / 2, (all.low.y + all.high.y) / 2,
                          (all.low.z + all.high.z) / 2};
        const kit::PictureSize size{double(view().width()), double(view().height())};
        const auto at = kit::projected(view().camera(), size, handles.middle);
        handles.length = 78 / kit::pxPerUnit(view().camera(), size, at->depth);
        return handles.lineOf(axis, view().camera(), size)->pointAt(0.8).toPoint();
    };
    const QPoint across = handleAt(AxisHandles::Axis::Across);
    drag(across, across + on(6, 5, 0) - on(4, 5, 0));
    QVERIFY(at(6, 5) && at(7, 5) && at(8, 5) && !at(4, 5));
    QCOMPARE(session().workbench.selection().pieces.size(), std::size_t{3});
    const QPoint up = handleAt(AxisHandles::Axis::Storeys);
    drag(up, up + on(6, 5, 3) - on(6, 5, 0));
    QVERIFY(at(6, 5, 1) && !at(6, 5, 0));
    trigger("undo-action");
    trigger("undo-action");
    QVERIFY(at(4, 5) && at(5, 5) && at(6, 5));
    // A click beside all takes nothing.
    click(QPoint(view().width() / 2, view().height() - 60));
    QVERIFY(session().workbench.selection().pieces.empty());
}

void DepthWindowTest::face_isPulled_byModulesAndUnits() {
    const level::Kit& kit = *session().document.project().kitOf(level());
    level::Solid box;
    box.x = 6;
    box.y = 6;
    box.width = 2;
    box.depth = 2;
    box.height = {2000};
    const auto placed = kit::placeSolid(kit, level(), box);
    QVERIFY(placed.has_value());
    session().document.apply(placed->edit);
    session().workbench.chooseTool("select");
    QVERIFY(settle());
    // A click takes it; then its faces are what is dragged.
    click(on(7, 7, 2));
    QCOMPARE(session().workbench.selection().pieces, placed->copies);
    drag(on(6.3, 7.7, 2), on(6.3, 7.7, 3));
    QCOMPARE(level().solids[0].height.thousandths, 3000);
    session().document.undo();
    QVERIFY(settle());
    const auto faces = view().camera().forward();
    // The side that looks to the eye.
    const bool looksRight = faces.x < 0;
    const double edge = looksRight ? 8 : 6;
    drag(on(edge, 7.3, 1), on(edge + (looksRight ? 2 : -2), 7.3, 1));
    QCOMPARE(level().solids[0].width, Rational(4));
    QCOMPARE(level().solids[0].x, Rational(looksRight ? 6 : 4));
    session().document.undo();
    QCOMPARE(level().solids[0].width, Rational(2));
}

void DepthWindowTest::cut_showsWhatLiesBelow() {
    take("flags");
    click(on(6.5, 5.5, 0));
    session().workbench.chooseTool("place");
    session().workbench.setStorey(1);
    click(on(6.5, 5.5, 3));
    session().workbench.chooseTool("select");
    part<QAbstractButton>("outlook-8")->click();
    QVERIFY(settle());
    click(on(6.5, 5.5, 3));
    QCOMPARE(session().workbench.selection().pieces, (std::vector<int>{at(6, 5, 1)->id}));
    const QImage whole = view().picture().image;
    view().setCutQuarters(3);
    QVERIFY(settle());
    QVERIFY(view().picture().image != whole);
    click(on(6.5, 5.5, 0));
    QCOMPARE(session().workbench.selection().pieces, (std::vector<int>{at(6, 5, 0)->id}));
}

void DepthWindowTest::picture_showsWhatIsPointedAt_andIsShadedInCorners() {
    // A floor with a wall along its upper side.
    const level::Kit kit = *session().document.project().kitOf(level());
    const level::Piece* wall = nullptr;
    for (const level::Piece& piece : kit.pieces)
        if (piece.cells.size() == 1 && piece.cells[0].walls != 0 &&
            piece.cells[0].surface == level::SurfaceSort::Flat)
            wall = &piece;
    QVERIFY(wall);
    // Of blocks, in one colour.
    level::Piece plain = *wall;
    plain.model.clear();
    session().document.apply(
        kit::changePiece(session().document.project(), kit.name, wall->name, plain));
    placeRow(wall->name.c_str(), 1);
    int side = 0;
    while (!((wall->cells[0].walls >> side) & 1u))
        ++side;
    // From the other side, so that the wall stands behind its floor.
    part<QAbstractButton>("outlook-8")->click();
    kit::Camera camera = view().camera();
    const int eighth[] = {2, 4, 6, 0};  // looking right, down, left, up the plan
    camera.heading = eighth[side] * M_PI / 4;
    camera.pitch = 0.7;
    view().setCamera(camera);
    trigger("fit-action");
    QTest::mouseMove(&view(), QPoint(5, view().height() - 100));
    QVERIFY(settle());
    const QImage before = view().picture().image;
    const auto lightAt = [&](const QImage& image, double x, double y) {
        const QPointF at = *view().toWidget({x * 4, y * 4, 0}) * image.devicePixelRatio();
        return image.pixelColor(at.toPoint()).lightness();
    };
    const double dx[] = {0.36, 0, -0.36, 0}, dy[] = {0, 0.36, 0, -0.36};
    const int corner = lightAt(before, 4.5 + dx[side], 5.5 + dy[side]);
    const int open = lightAt(before, 4.5, 5.5);
    QVERIFY2(corner < open - 4, qPrintable(QStringLiteral("%1 and %2").arg(corner).arg(open)));
    // Pointed at, it is outlined. Where there is a display, the move comes by way of its server.
    QTest::mouseMove(&view(), on(4.5, 5.5, 0));
    QTRY_VERIFY(settle() && view().picture().image != before);
}

void DepthWindowTest::model_keepsItsMaterials() {
    // A slab whose material is red, though the piece is grey.
    const level::Kit& kit = *session().document.project().kitOf(level());
    level::Piece piece = *kit.find("flags");
    kit::Mesh mesh = kit::meshOf(kit::facesOf(kit, piece));
    const kit::Point3 pivot = kit::pivotUnits(kit, piece);
    for (kit::Point3& p : mesh.points)
        p = {p.x - pivot.x, p.y - pivot.y, p.z};
    mesh.materials = {{"red", {0.9, 0.05, 0.05}, 0, 0.9, -1, false}};
    mesh.materialOf.assign(mesh.triangles.size(), 0);
    testing::writeBytes(m_demo + "/kits/red.glb",
                        QByteArray::fromStdString(file::glbOf(mesh, "red", "#777777")));
    piece.model = "kits/red.glb";
    session().document.apply(
        kit::changePiece(session().document.project(), kit.name, "flags", piece));
    placeRow("flags", 1);
    QTest::mouseMove(&view(), QPoint(5, view().height() - 100));
    QVERIFY(settle());
    const QImage& image = view().picture().image;
    const QPointF at = *view().toWidget({18, 22, 0}) * image.devicePixelRatio();
    const QColor seen = image.pixelColor(at.toPoint());
    QVERIFY2(seen.red() > 2 * seen.green() && seen.red() > 90, qPrintable(seen.name()));
}

void DepthWindowTest::walk_isSeen_fromAfar_behind_andAtEyeHeight() {
    session().document.chooseLevel(LevelId{"keepers-quay"});
    QVERIFY(settle());
    const kit::Camera board = view().camera();
    const QImage before = view().picture().image;
    trigger("walk-action");
    QVERIFY(this->board().isWalking());
    QTRY_VERIFY(view().picture().image != before);
    QCOMPARE(view().camera(), board);
    // V goes through the three ways to see it.
    view().setFocus();
    QTest::keyClick(&view(), Qt::Key_V);
    QVERIFY(part<QAbstractButton>("walk-behind")->isChecked());
    QVERIFY(!view().camera().isParallel);
    QTest::keyClick(&view(), Qt::Key_V);
    QVERIFY(part<QAbstractButton>("walk-at-eye")->isChecked());
    const auto place = [&] { return *this->board().playtest()->kitPlace(); };
    const level::Kit& kit = *session().document.project().kitOf(level());
    QVERIFY(std::abs(view().camera().eye().z - place().z -
                     0.93 * level::exact(kit.body.height).toDouble()) < 0.02);
    QVERIFY(!m_window->findChild<QWidget*>("outlook-rose")->isVisible());
    // Ahead is where one looks: to the right of the plan after a look that way.
    kit::Camera look = view().camera();
    while (std::abs(std::remainder(look.heading - M_PI / 2, 2 * M_PI)) > 0.01) {
        QTest::keyClick(&view(), Qt::Key_Right, Qt::ControlModifier);
        look = view().camera();
    }
    const double x = place().x, y = place().y;
    QTest::keyPress(&view(), Qt::Key_W);
    QTRY_VERIFY(place().x > x + 0.1);
    QTest::keyRelease(&view(), Qt::Key_W);
    QVERIFY(std::abs(place().y - y) < 0.01);
    // A drag looks about.
    const double heading = view().camera().heading;
    QTest::mousePress(&view(), Qt::LeftButton, {}, QPoint(300, 200));
    const QPointF to(360, 200);
    QMouseEvent move(QEvent::MouseMove, to, view().mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                     {});
    QCoreApplication::sendEvent(&view(), &move);
    QTest::mouseRelease(&view(), Qt::LeftButton, {}, to.toPoint());
    QVERIFY(std::abs(view().camera().heading - heading) > 0.1);
    // The end gives the board back as it was.
    QTest::keyClick(&view(), Qt::Key_Escape);
    QTRY_VERIFY(!this->board().isWalking());
    QCOMPARE(view().camera(), board);
    QVERIFY(m_window->findChild<QWidget*>("outlook-rose")->isVisible());
    QVERIFY(settle());
}

void DepthWindowTest::thing_isTaken_byItsMark() {
    placeRow("flags", 6);
    level::Level next = level();
    level::Entity crab;
    crab.id = {"crab-1"};
    crab.kind = {"crab"};
    crab.box = {5 * 32 + 8, 5 * 32 + 8, 16, 14};
    next.entities.append(crab);
    session().document.apply(level::LevelEdit{next, "Populate", {}});
    session().workbench.setStep(Step::Cast);
    session().workbench.chooseTool("select");
    QVERIFY(settle());
    view().grab();
    // The plate stands over the thing, on a stem as high as four fifths of the body.
    const level::Kit& kit = *session().document.project().kitOf(level());
    const double high = level::exact(kit.body.height).toDouble() * 0.8;
    const QPoint plate = on(5.5, 5 + 15 / 32.0, high) - QPoint(0, 9);
    click(plate);
    QCOMPARE(session().workbench.selection().entities, std::vector<EntityId>{{"crab-1"}});
    view().grab();
    drag(plate, plate + on(7.5, 5.5, 0) - on(5.5, 5.5, 0));
    const PxRect moved = level().entities[0].box;
    QVERIFY2(std::abs(moved.x - (7 * 32 + 8)) <= 16 && std::abs(moved.y - (5 * 32 + 8)) <= 16,
             qPrintable(QStringLiteral("%1, %2").arg(moved.x).arg(moved.y)));
    trigger("undo-action");
    QCOMPARE(level().entities[0].box, crab.box);
    view().grab();
    click(plate, Qt::RightButton);
    QVERIFY(level().entities.empty());
}

void DepthWindowTest::largeModel_isShown_whenAskedFor() {
    const level::Kit& kit = *session().document.project().kitOf(level());
    level::Piece piece = *kit.find("flags");
    // A tower far above its module, of many triangles.
    kit::Mesh mesh;
    constexpr std::uint32_t side = 400;
    for (std::uint32_t i = 0; i <= side; ++i)
        for (std::uint32_t k = 0; k <= side; ++k)
            mesh.points.push_back({4.0 * i / side - 2, 0, 8.0 * k / side});
    for (std::uint32_t i = 0; i < side; ++i)
        for (std::uint32_t k = 0; k < side; ++k) {
            const std::uint32_t a = i * (side + 1) + k;
            mesh.triangles.push_back({a, a + 1, a + side + 2});
            mesh.triangles.push_back({a, a + side + 2, a + side + 1});
        }
    testing::writeBytes(m_demo + "/kits/tower.glb",
                        QByteArray::fromStdString(file::glbOf(mesh, "tower", "#b03020")));
    piece.model = "kits/tower.glb";
    session().document.apply(
        kit::changePiece(session().document.project(), kit.name, "flags", piece));
    placeRow("flags", 1);
    const auto isRead = [&] { return settle() && view().picture().reading == 0; };
    QVERIFY(QTest::qWaitFor(isRead, 30000));
    QCOMPARE(view().picture().large, 1);
    auto* chip = part<QAbstractButton>("depth-large");
    QVERIFY(chip->isVisible());
    const double low = view().picture().scene->bounds().high.z;
    QVERIFY(low < 4);
    chip->click();
    QVERIFY(QTest::qWaitFor([&] { return isRead() && view().picture().large == 0; }, 30000));
    QVERIFY(view().picture().scene->bounds().high.z > 7);
    chip->click();
    QVERIFY(QTest::qWaitFor([&] { return isRead() && view().picture().large == 1; }, 30000));
    QCOMPARE(view().picture().scene->bounds().high.z, low);
}

/// 2,000 pieces of 200 triangles, each once in the picture; how long that takes is told.
void DepthWindowTest::thousandsOfPieces_areDrawn() {
    const level::Kit& kit = *session().document.project().kitOf(level());
    level::Piece piece = *kit.find("flags");
    kit::Mesh mesh;
    for (int i = 0; i <= 10; ++i)
        for (int k = 0; k <= 10; ++k)
            mesh.points.push_back({i * 0.4 - 2, k * 0.4 - 2, 0.3 * std::sin(i * 1.3 + k)});
    for (std::uint32_t i = 0; i < 10; ++i)
        for (std::uint32_t k = 0; k < 10; ++k) {
            const std::uint32_t a = i * 11 + k;
            mesh.triangles.push_back({a, a + 1, a + 12});
            mesh.triangles.push_back({a, a + 12, a + 11});
        }
    testing::writeBytes(m_demo + "/kits/waves.glb",
                        QByteArray::fromStdString(file::glbOf(mesh, "waves", "#779977")));
    piece.model = "kits/waves.glb";
    session().document.apply(
        kit::changePiece(session().document.project(), kit.name, "flags", piece));
    const level::Kit& changed = *session().document.project().kitOf(level());
    const CellRect board = level().cells.bounds();
    std::vector<level::PlacedPiece> pieces;
    for (int i = 0; i < 2000; ++i) {
        level::PlacedPiece placed;
        placed.piece = "flags";
        placed.at = {i % board.width, i / board.width % board.height};
        placed.storey = i / (board.width * board.height);
        pieces.push_back(placed);
    }
    const auto edit = kit::place(changed, level(), pieces, "Place");
    QVERIFY2(edit, edit ? "" : edit.error().sentence().c_str());
    session().document.apply(edit);
    trigger("fit-action");
    QVERIFY(settle());
    QCOMPARE(view().picture().scene->items().size(), std::size_t{2000});
    // Nothing else is at work meanwhile.
    QVERIFY(QTest::qWaitFor([&] { return session().proofs.isCurrent(level().id); }, 60000));
    QTest::qWait(1500);
    QVERIFY(settle());
    const double atRest = view().picture().milliseconds;
    double turning = 0;
    for (int i = 0; i < 3; ++i) {
        kit::Camera camera = view().camera();
        camera.heading += 0.05;
        QVERIFY(settle());
        const int former = view().picture().number;
        view().setCamera(camera);
        QVERIFY(QTest::qWaitFor([&] { return view().picture().number > former; }, 20000));
        turning += view().picture().milliseconds / 3;
    }
    qInfo("%.1f ms while it turns, %.1f ms at rest, %d x %d px", turning, atRest, view().width(),
          view().height());
}

ROOK_TEST(DepthWindowTest)

}  // namespace rook::depth_window_test

#include "depth_test.moc"
