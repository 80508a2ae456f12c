/// Skin in the real window: tiles by hand, swatches that teach, cases that are missing.

#include <QAbstractButton>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPainter>
#include <QSpinBox>

#include "app/painting/matter_painter.h"
#include "app/steps/skin/skin_on_board.h"
#include "app/steps/skin/skin_options.h"
#include "app/tools/cell_options.h"
#include "app/ui/theme.h"
#include "demo_window.h"
#include "level/tile_edits.h"
#include "skin/coverage.h"
#include "skin/dressing.h"
#include "testing.h"

namespace rook::skin_test {

using namespace rook::app;

using level::Tile;

class SkinWindowTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-skin-test"); }
    void init() {
        openDemo();
        session().workbench.setStep(Step::Skin);
        TilesInHand options = session().workbench.options<TilesInHand>();
        options.tileSheet = 1;
        session().workbench.setOptions(options);
        part<QComboBox>("sheet")->setCurrentIndex(1);
    }
    void cleanup() { closeDemo(); }
    void tiles_areTakenFromTheSheet_setByDragging_andGivenBack();
    void ctrl_takesWhatIsSeen();
    void swatch_teachesTheWholeLevel_andUndoForgets();
    void motif_isMadeOfWhatWasTaken_andDissolved();
    void walkFromSkin_looksAsTheGameWill();
    void row_ofTilesInHand_becomesAnAnimation();
    void tilesThatMove_arePaintedAnew_andNothingElse();
    void look_againstCollision_isShown_whereTheyDiffer();
    void pictureThatDoesNotFit_isMendedByAClick();
    void newSwatch_showsAllCases_andIsTakenAway();
    void missingCase_isListed_shownOnTheSwatch_andDressed();
    void look_changesThemeBackdropAndSeed();
    void tilesInHand_goWithTheirSheet();
    void layers_arePaintedOn_lockedAndMoved();
    void scatter_laysTilesByARule_asOneUndo();
    void scatter_laysMatterInMatter();
    void fadeLine_isDraggedByItsHandle_asOneUndo();
    void scatter_keptAsARule_followsTheMasses_andIsLaidDown();
    void select_pinsRollsMovesAndCopies();
    void tiles_haveNamesAndForms_andMatterIsLaidByThem();
    void layers_areDragged_dressed_andFadeBeforeThePlayer();
    void massesAndCast_areHiddenAndLocked();
    void image_droppedOnTheSection_isSeen_broughtInAndReplaced();
    void board_drawsWhatTheBundleSays();

private:
    void press(const char* name) {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void clickTile(QPoint at) {
        QTest::mouseClick(part<QWidget>("tile-picker"), Qt::LeftButton, Qt::NoModifier, at);
    }
    [[nodiscard]] Tile seenAt(int x, int y) {
        return skin::dress(*session().dressing.tilingRules(), level(), {x, y, 1, 1}).at(x, y);
    }
};

void SkinWindowTest::tiles_areTakenFromTheSheet_setByDragging_andGivenBack() {
    clickTile({5, 5});
    const Tile taken = session().workbench.options<TilesInHand>().tiles.at(0, 0);
    QCOMPARE(taken.sheet(), 1);
    QCOMPARE(taken.number(), 0);
    press("flip-sideways");
    QVERIFY(session().workbench.options<TilesInHand>().tiles.at(0, 0).isMirrored());
    dragCells({20, 10}, {24, 10});
    QCOMPARE(level::tileCount(level()), 5);
    QVERIFY(level().tileAt(22, 10).isMirrored());
    QTest::keyClick(&board(), Qt::Key_D);
    QCOMPARE(session().workbench.tool(), std::string("box"));
    dragCells({20, 12}, {21, 13});
    QCOMPARE(level::tileCount(level()), 9);
    press("tile-none");
    dragCells({20, 10}, {24, 13});
    QCOMPARE(level::tileCount(level()), 0);
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(level::tileCount(level()), 0);
    QVERIFY(!session().document.isModified());
}

void SkinWindowTest::ctrl_takesWhatIsSeen() {
    const Tile seen = seenAt(10, 30);
    QVERIFY(seen.isShown());
    QTest::mouseClick(&board(), Qt::LeftButton, Qt::ControlModifier, cell(10, 30));
    QVERIFY(session().workbench.options<TilesInHand>().tiles.at(0, 0) == seen);
    QVERIFY(!session().document.isModified());
}

void SkinWindowTest::swatch_teachesTheWholeLevel_andUndoForgets() {
    const Tile before = seenAt(60, 28);
    press("swatch-swatch-stone");
    QVERIFY(session().document.isOnSwatch());
    QCOMPARE(level().title, std::string("Wet stone"));
    // All inner stones of the swatch get another tile.
    TilesInHand options = session().workbench.options<TilesInHand>();
    options.tiles = Grid<Tile>(1, 1, Tile(1, 140));
    session().workbench.setOptions(options);
    QTest::keyClick(&board(), Qt::Key_D);
    dragCells({1, 1}, {9, 9});
    press("leave-swatch");
    QCOMPARE(level().id.text, std::string("intake"));
    QCOMPARE(seenAt(60, 28).number(), 140);
    QVERIFY(seenAt(60, 28) != before);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    session().document.chooseLevel({"intake"});
    QVERIFY(seenAt(60, 28) == before);
}

void SkinWindowTest::motif_isMadeOfWhatWasTaken_andDissolved() {
    press("swatch-swatch-stone");
    auto* button = part<QAbstractButton>("motif");
    QVERIFY(!button->isEnabled());
    const std::size_t before = level().motifs.size();
    QTest::mousePress(&board(), Qt::LeftButton, Qt::ControlModifier, cell(4, 4));
    QTest::mouseMove(&board(), cell(5, 5));
    QTest::mouseRelease(&board(), Qt::LeftButton, Qt::ControlModifier, cell(5, 5));
    QVERIFY(button->isEnabled());
    press("motif");
    QCOMPARE(level().motifs.size(), before + 1);
    QVERIFY((level().motifs[before] == CellRect{4, 4, 2, 2}));
    QCOMPARE(session().dressing.tilingRules()->motifs().size(), before + 1);
    press("motif");
    QCOMPARE(level().motifs.size(), before);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(level().motifs.size(), before + 1);
}

void SkinWindowTest::walkFromSkin_looksAsTheGameWill() {
    QTest::keyClick(&board(), Qt::Key_Tab);
    QVERIFY(board().isWalking());
    const auto middleOfBody = [&] {
        const level::Entity& spawn = level().entities[0];
        const PxPoint feet{spawn.box.x + spawn.box.width / 2, spawn.box.bottom() - 4};
        return board().grab().toImage().pixelColor(board().view().toWidget(feet).toPoint());
    };
    QVERIFY(middleOfBody() != currentTheme().accent);
    QTest::keyClick(&board(), Qt::Key_Tab);
    session().workbench.setStep(Step::Shape);
    QTest::keyClick(&board(), Qt::Key_Tab);
    QCOMPARE(middleOfBody(), currentTheme().accent);
    QTest::keyClick(&board(), Qt::Key_Tab);
}

void SkinWindowTest::row_ofTilesInHand_becomesAnAnimation() {
    auto* button = part<QAbstractButton>("animate");
    TilesInHand options = session().workbench.options<TilesInHand>();
    options.tiles = Grid<Tile>(1, 1, Tile(1, 4));
    session().workbench.setOptions(options);
    QVERIFY(!button->isEnabled());
    options.tiles = Grid<Tile>(3, 1, Tile(1, 4));
    options.tiles.set(1, 0, Tile(1, 5));
    options.tiles.set(2, 0, Tile(1, 6));
    session().workbench.setOptions(options);
    QVERIFY(button->isEnabled());
    part<QSpinBox>("frame-ticks")->setValue(20);
    press("animate");
    const auto* animation = session().document.project().sheets[1].animationOf(4);
    QVERIFY(animation);
    QCOMPARE(animation->ticks, 20);
    QVERIFY(animation->frames == (std::vector<int>{4, 5, 6}));
    press("animate");
    QVERIFY(!session().document.project().sheets[1].animationOf(4));
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(session().document.project().sheets[1].animationOf(4));
}

void SkinWindowTest::tilesThatMove_arePaintedAnew_andNothingElse() {
    QVERIFY(hasMovingTiles(session().document.project()));
    const auto still = [&](long long tick) {
        const SheetImages sheets =
            loadSheets(session().document.project(), session().document.folder());
        MatterScene scene{&session().document.project(), &level(), &sheets, {1, 0, 0}};
        scene.tilingRules = session().dressing.tilingRules().get();
        scene.isClear = true;
        scene.tick = tick;
        QImage image(level().boundsPx().width, level().boundsPx().height,
                     QImage::Format_ARGB32_Premultiplied);
        image.fill(Qt::transparent);
        QPainter painter(&image);
        scene.motion = TileMotion::Still;
        paintMatter(painter, scene, image.rect(), {}, 1);
        const QRegion moving = paintMoving(painter, scene, image.rect(), {}, 1);
        painter.end();
        // All at once gives the same picture.
        QImage whole = image.copy();
        whole.fill(Qt::transparent);
        QPainter again(&whole);
        scene.motion = TileMotion::All;
        paintMatter(again, scene, whole.rect(), {}, 1);
        again.end();
        return std::tuple(image, moving, whole == image);
    };
    const auto [first, moving, isSame] = still(0);
    const auto [second, movingLater, isSameLater] = still(14);
    QVERIFY(isSame && isSameLater);
    QVERIFY(!moving.isEmpty());
    QVERIFY(moving == movingLater);
    QVERIFY(first != second);
    for (int y = 0; y < first.height(); ++y)
        for (int x = 0; x < first.width(); ++x)
            QVERIFY(first.pixel(x, y) == second.pixel(x, y) || moving.contains(QPoint(x, y)));
}

void SkinWindowTest::look_againstCollision_isShown_whereTheyDiffer() {
    session().document.chooseLevel({"leaky-reach"});
    QVERIFY(QTest::qWaitFor(
        [&] {
            const auto proven = session().proofs.of(level().id);
            return proven && proven->look && proven->isPlanCurrent;
        },
        20000));
    const auto proven = session().proofs.of(level().id);
    QVERIFY(proven->look->looksSolid.test(25, 18) && !proven->look->looksSolid.test(27, 18));
    QVERIFY(proven->look->looksOpen.test(47, 21) && !proven->look->looksOpen.test(46, 21));
    // A cell's frame, half a px inside of its corner.
    const auto frameAt = [&](int x, int y) {
        const QPointF corner = board().view().toWidget(PxPoint{x * 16, y * 16});
        return board().grab().toImage().pixelColor(qRound(corner.x()) + 4, qRound(corner.y()));
    };
    const QColor before = frameAt(25, 18);
    press("shows-look");
    QVERIFY(frameAt(25, 18) != before);
    QCOMPARE(frameAt(25, 18), currentTheme().caution);
    QCOMPARE(frameAt(47, 21), currentTheme().alarm);
    press("shows-look");
    QCOMPARE(frameAt(25, 18), before);
}

void SkinWindowTest::pictureThatDoesNotFit_isMendedByAClick() {
    const auto fit = [&] {
        return session().document.project().findBackdrop("night-weir")->pictures[0].fit;
    };
    level::Project project = session().document.project();
    project.backdrops.edit([](auto& list) {
        for (level::Backdrop& each : list)
            if (each.name == "night-weir") {
                each.pictures[0].fit = level::PictureFit::Repeat;
                each.pictures[0].parallaxX = {0};
                each.pictures[0].parallaxY = {400};
            }
    });
    session().document.apply(level::ProjectEdit{project, "Repeat the sky"});
    session().workbench.setStep(Step::Prove);
    int number = 0;
    QVERIFY(QTest::qWaitFor(
        [&] {
            const auto proven = session().proofs.of(level().id);
            if (!proven || !proven->isPlanCurrent) return false;
            for (std::size_t i = 0; i < proven->report.findings().size(); ++i)
                if (proven->report.findings()[i].kind == check::FindingKind::PictureMisfit)
                    number = int(i) + 1;
            return number > 0;
        },
        20000));
    const QByteArray name = "fix-" + QByteArray::number(number);
    QTRY_VERIFY(part<QAbstractButton>(name.constData()));
    press(name.constData());
    QCOMPARE(fit(), level::PictureFit::Stretch);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(fit(), level::PictureFit::Repeat);
}

void SkinWindowTest::newSwatch_showsAllCases_andIsTakenAway() {
    const std::size_t count = session().document.project().swatches.size();
    part<QComboBox>("swatch-matter")->setCurrentIndex(1);
    press("make-swatch");
    QCOMPARE(session().document.project().swatches.size(), count + 1);
    QVERIFY(session().document.isOnSwatch());
    QCOMPARE(level().title, std::string("Planking"));
    QVERIFY(level().cells == skin::patchOf(level::MatterId{2}));
    press("remove-swatch");
    QCOMPARE(session().document.project().swatches.size(), count);
    QCOMPARE(level().id.text, std::string("intake"));
}

void SkinWindowTest::missingCase_isListed_shownOnTheSwatch_andDressed() {
    // Without its swatch, hanging silt has no case of its own.
    session().workbench.setStep(Step::Shape);
    const auto silt = session().document.project().findMatter("silt");
    QVERIFY(silt);
    std::vector<level::ShapedCell> cells;
    for (int x = 20; x < 116; x += 2)
        cells.push_back({{x, 5}, level::Form::HangLeft});
    session().document.apply(layShaped(session().document.project(), level(), cells, *silt));
    session().workbench.setStep(Step::Skin);
    QVERIFY(QTest::qWaitFor([&] { return part<QWidget>("gap-row-0") != nullptr; }, 5000));
    const auto first = [&] { return part<QAbstractButton>("gap-row-0"); };
    QVERIFY(QTest::qWaitFor([&] { return first() && first()->text().contains("hang"); }, 5000));
    QAbstractButton* row = first();
    row->click();
    press("show-case");
    QVERIFY(session().document.isOnSwatch());
    CellPoint place{-1, -1};
    for (int y = 0; y < level().cells.height(); ++y)
        for (int x = 0; x < level().cells.width(); ++x)
            if (level().cells.at(x, y).form() == level::Form::HangLeft) place = {x, y};
    QVERIFY(place.x > 0);
    clickTile({5, 5});
    board().fitLevel();
    QTest::mouseClick(&board(), Qt::LeftButton, Qt::NoModifier, cell(place.x, place.y));
    session().document.chooseLevel({"intake"});
    const auto dressed = skin::dress(*session().dressing.tilingRules(), level(), {60, 5, 1, 1});
    QVERIFY(!dressed.isGuessed(60, 5));
    QCOMPARE(dressed.at(60, 5).number(), 0);
}

void SkinWindowTest::look_changesThemeBackdropAndSeed() {
    auto* backdrop = part<QComboBox>("level-backdrop");
    QCOMPARE(backdrop->currentText(), QString("The weir by night"));
    choose("level-backdrop", 0);
    QVERIFY(level().backdrop.empty());
    const auto before =
        skin::dress(*session().dressing.tilingRules(), level(), level().cells.bounds());
    part<QSpinBox>("level-seed")->setValue(99);
    const auto after =
        skin::dress(*session().dressing.tilingRules(), level(), level().cells.bounds());
    QVERIFY(before.tiles != after.tiles);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(level().backdrop, std::string("night-weir"));
}

void SkinWindowTest::scatter_laysTilesByARule_asOneUndo() {
    clickTile({5, 5});
    part<QSpinBox>("scatter-share")->setValue(50);
    choose("scatter-reached", 1);
    press("scatter");
    const auto count = level::tileCount(level());
    QVERIFY(count > 5);
    const auto stone = session().document.project().findMatter("stone");
    for (int y = 0; y < level().cells.height(); ++y)
        for (int x = 0; x < level().cells.width(); ++x)
            if (!level().tileAt(x, y).isNone())
                QVERIFY(level().cells.at(x, y + 1).matter() == *stone);
    choose("scatter-reached", 0);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(level::tileCount(level()), 0);
    press("scatter");
    QVERIFY(level::tileCount(level()) > count);
}

void SkinWindowTest::scatter_laysMatterInMatter() {
    const auto& project = session().document.project();
    auto* what = part<QComboBox>("scatter-what");
    const auto stone = *project.findMatter("stone");
    const level::MatterId other{std::uint16_t(stone.index == 1 ? 2 : 1)};
    choose("scatter-what", int(project.kinds.size()) + int(other.index));
    QVERIFY(
        what->currentText().startsWith(QString::fromStdString(project.matters[other.index].title)));
    choose("scatter-where", int(level::Ground::Inside));
    choose("scatter-matter", int(stone.index) - 1);
    QVERIFY(!part<QWidget>("scatter-keep")->isEnabled());
    const auto before = level().cells;
    press("scatter");
    int laid = 0;
    for (int y = 0; y < before.height(); ++y)
        for (int x = 0; x < before.width(); ++x) {
            if (level().cells.at(x, y) == before.at(x, y)) continue;
            QCOMPARE(before.at(x, y).matter(), stone);
            QCOMPARE(level().cells.at(x, y).matter(), other);
            ++laid;
        }
    QVERIFY(laid > 5);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(level().cells == before);
}

void SkinWindowTest::fadeLine_isDraggedByItsHandle_asOneUndo() {
    press("layer-before");
    const std::size_t at = level().layers.size() - 1;
    level::TileLayer layer = level().layers[at];
    layer.fadeLine = level::FadeLine{level::Facing::Down, 160, 12};
    session().document.apply(changeLayer(level(), int(at), layer, "A line"));
    SkinOptions options = session().workbench.options<SkinOptions>();
    options.skinLayer = int(at);
    session().workbench.setOptions(options);
    const auto& lines = static_cast<SkinOnBoard&>(board().step()).fadeLines();
    const QPoint from = lines.handleOf(0, board().view(), board().rect(), int(at)).toPoint();
    const QPoint to = from + QPoint(30, int(48 * board().view().scale()));
    QTest::mousePress(&board(), Qt::LeftButton, {}, from);
    QTest::mouseMove(&board(), to);
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, to);
    const int moved = level().layers[at].fadeLine->at;
    QVERIFY2(std::abs(moved - 208) <= 2, qPrintable(QString::number(moved)));
    QCOMPARE(part<QSpinBox>("layer-fade-line")->value(), moved);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(level().layers[at].fadeLine->at, 160);
    // Escape while one drags: it stays.
    QTest::mousePress(&board(), Qt::LeftButton, {}, from);
    QTest::mouseMove(&board(), to);
    QTest::keyClick(m_window.get(), Qt::Key_Escape);
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, to);
    QCOMPARE(level().layers[at].fadeLine->at, 160);
}

void SkinWindowTest::scatter_keptAsARule_followsTheMasses_andIsLaidDown() {
    level::Level bare = level();
    bare.scatter = std::vector<level::ScatterRule>();
    session().document.apply({bare, "Take the demo's rules out", {}});
    press("section-scatter");
    clickTile({5, 5});
    part<QSpinBox>("scatter-share")->setValue(100);
    // The board shows where, before anything is done.
    QVERIFY(session().workbench.options<SkinOptions>().scatterPreview);
    const auto shown = *session().workbench.options<SkinOptions>().scatterPreview;
    press("scatter-keep");
    QCOMPARE(level().scatter.size(), std::size_t{1});
    QVERIFY(!session().workbench.options<SkinOptions>().scatterPreview);
    QCOMPARE(level::tileCount(level()), 0);
    const auto strewn = [&] {
        return QTest::qWaitFor(
                   [&] {
                       return session().proofs.isCurrent(level().id) &&
                              session().proofs.isPlanCurrent(level().id);
                   },
                   5000)
                   ? session().proofs.of(level().id)->strewn
                   : nullptr;
    };
    const auto before = strewn();
    QVERIFY(before);
    const CellPoint at{shown.runs()[0].x, shown.runs()[0].y};
    QVERIFY(before->tileAt(session().document.project(), level(), -1, at).isShown());
    // Without its ground it is gone at once, before anybody has solved anything.
    session().document.apply(layCells(session().document.project(), level(),
                                      level::CellRegion(CellRect{at.x, at.y + 1, 1, 1}),
                                      level::Cell(), "Lay"));
    QVERIFY(before->tileAt(session().document.project(), level(), -1, at).isNone());
    QVERIFY(strewn() != before);
    session().document.undo();
    press("scatter-on-1");
    QVERIFY(!level().scatter[0].isOn);
    press("scatter-on-1");
    press("scatter-row-1");
    press("scatter");
    QVERIFY(level().scatter.empty());
    QCOMPARE(level::tileCount(level()), shown.cellCount());
    session().document.undo();
    QCOMPARE(level().scatter.size(), std::size_t{1});
    QCOMPARE(level::tileCount(level()), 0);
    press("scatter-row-1");
    press("scatter-remove");
    QVERIFY(level().scatter.empty());
    press("section-scatter");
}

void SkinWindowTest::select_pinsRollsMovesAndCopies() {
    QTest::keyClick(&board(), Qt::Key_G);
    QCOMPARE(session().workbench.tool(), std::string("select"));
    dragCells({4, 20}, {13, 29});
    QVERIFY(session().workbench.selection().cells);
    const Tile seen = seenAt(6, 28);
    press("pin-tiles");
    QVERIFY(level::tileCount(level()) > 20);
    QVERIFY(level().tileAt(6, 28) == seen);
    press("unpin-tiles");
    QCOMPARE(level::tileCount(level()), 0);
    press("roll-tiles");
    const level::Level once = level();
    press("roll-tiles");
    QVERIFY(!(level().tiles == once.tiles));
    // Moving takes what is set by hand along, and no matter.
    session().document.undo();
    session().document.undo();
    session().document.undo();
    const auto cells = level().cells;
    const auto count = level::tileCount(level());
    const level::Level pinned = level();
    dragCells({6, 28}, {9, 27});
    QVERIFY(level().cells == cells);
    QCOMPARE(level().tileAt(9, 27), pinned.tileAt(6, 28));
    QVERIFY(level::tileCount(level()) <= count);
    session().document.undo();
    Selection again;
    again.cells = level::CellRegion(CellRect{4, 20, 10, 10});
    session().workbench.select(again);
    QTest::keyClick(m_window.get(), Qt::Key_C, Qt::ControlModifier);
    QCOMPARE(session().workbench.options<TilesInHand>().tiles.width(), 10);
    QTest::mouseMove(&board(), cell(40, 5));
    QTest::keyClick(m_window.get(), Qt::Key_V, Qt::ControlModifier);
    const CellRect laid = session().workbench.selection().cells->bounds();
    QCOMPARE(level().tileAt(laid.x, laid.y + 8), pinned.tileAt(4, 28));
    QTest::keyClick(m_window.get(), Qt::Key_Delete);
    QVERIFY(level().tileAt(laid.x, laid.y + 8).isNone());
}

void SkinWindowTest::tiles_haveNamesAndForms_andMatterIsLaidByThem() {
    clickTile({5, 5});
    auto* name = part<QLineEdit>("tile-name");
    name->setFocus();
    QTest::keyClicks(name, "keystone");
    QTest::keyClick(name, Qt::Key_Return);
    const level::Sheet& sheet = session().document.project().sheets[1];
    QVERIFY(sheet.noteOf(0));
    QCOMPARE(sheet.noteOf(0)->name, std::string("keystone"));
    choose("tile-form", 1 + int(level::Form::RiseRight));
    QCOMPARE(*session().document.project().sheets[1].noteOf(0)->form, level::Form::RiseRight);
    press("forms-as-drawn");
    QVERIFY(session().document.project().sheets[1].noteOf(0)->form != level::Form::RiseRight);
    session().document.undo();
    board().setFocus();
    QTest::keyClick(&board(), Qt::Key_D);
    dragCells({40, 5}, {41, 5});
    QTest::keyClick(&board(), Qt::Key_G);
    dragCells({39, 4}, {44, 7});
    press("lay-by-tiles");
    QCOMPARE(level().cells.at(41, 5).form(), level::Form::RiseRight);
    QVERIFY(level().cells.at(42, 5).isOpen());
}

void SkinWindowTest::massesAndCast_areHiddenAndLocked() {
    // Pictures are read and put together on a worker.
    const auto at = [&](CellPoint place) -> QRgb {
        board().repaint();
        if (!QTest::qWaitFor([&] { return board().isComplete(); })) return QRgb(0);
        return board().grab().toImage().pixel(cell(place.x, place.y));
    };
    const CellPoint stone = [&] {
        for (int x = 0; x < level().cells.width(); ++x)
            if (!level().cells.at(x, 31).isOpen()) return CellPoint{x, 31};
        return CellPoint{-1, -1};
    }();
    QVERIFY(stone.x >= 0);
    const QRgb shown = at(stone);
    // The row of the masses is the last but those behind; this level has no layers.
    press("layer-shown-0");
    QVERIFY(!session().document.guards().masses.isShown);
    QVERIFY(at(stone) != shown);
    // Where one works on them they are always seen, and walked on.
    session().workbench.setStep(Step::Shape);
    const QRgb inShape = at(stone);
    session().document.setGuards({});
    QCOMPARE(at(stone), inShape);
    session().workbench.setStep(Step::Skin);
    QCOMPARE(at(stone), shown);

    press("layer-locked-0");
    session().workbench.setStep(Step::Shape);
    const level::Level before = level();
    QString told;
    connect(&session().requests, &Requests::said, this, [&](const QString& text) { told = text; });
    dragCells({20, 6}, {24, 6});
    QCOMPARE(level(), before);
    QVERIFY(told.contains("locked"));
    // From the menu, too.
    part<QAction>("masses-locked-action")->trigger();
    dragCells({20, 6}, {24, 6});
    QVERIFY(level().cells != before.cells);
    session().document.undo();

    session().workbench.setStep(Step::Skin);
    press("layer-locked-cast");
    session().workbench.setStep(Step::Cast);
    Selection selection;
    selection.entities = {level().entities[0].id};
    session().workbench.select(selection);
    QTest::keyClick(&board(), Qt::Key_Delete);
    QCOMPARE(level().entities.size(), before.entities.size());
    // A lock leaves other parts alone.
    session().document.apply(level::layCells(
        session().document.project(), level(), level::CellRegion(CellRect{20, 6, 2, 1}),
        level::Cell(*session().document.project().findMatter("stone")), "Lay"));
    QVERIFY(level().cells != before.cells);
}

void SkinWindowTest::layers_areDragged_dressed_andFadeBeforeThePlayer() {
    press("layer-behind");
    press("layer-before");
    QCOMPARE(session().workbench.options<SkinOptions>().skinLayer, 1);
    const auto stone = *session().document.project().findMatter("stone");
    choose("layer-wears", stone.index);
    QTest::keyClick(&board(), Qt::Key_D);
    dragCells({40, 4}, {44, 7});
    QCOMPARE(level().layers[1].cells.at(42, 5).matter(), stone);
    QVERIFY(level().cells.at(42, 5).isOpen());
    QVERIFY(skin::dressLayer(*session().dressing.tilingRules(), level(), level().layers[1],
                             {42, 5, 1, 1})
                .at(42, 5)
                .isShown());
    choose("layer-fades", 1);
    QVERIFY(level().layers[1].fades);
    // The nearest is on top: dragged below the masses and the other, it is the farthest.
    const std::string name = level().layers[1].name;
    auto* from = part<QWidget>("layer-row-0");
    auto* to = part<QWidget>("layer-row-2");
    const auto top = [](QWidget* row) { return row->mapToGlobal(QPoint(0, 0)).y(); };
    QTRY_VERIFY(top(to) >= top(from) + from->height());
    QTest::mousePress(from, Qt::LeftButton);
    QTest::mouseMove(from, from->mapFromGlobal(to->mapToGlobal(to->rect().center())));
    QTest::mouseRelease(from, Qt::LeftButton, {},
                        from->mapFromGlobal(to->mapToGlobal(to->rect().center())));
    QVERIFY(QTest::qWaitFor([&] { return level().layers[0].name == name; }, 1000));
    QVERIFY(!level().layers[0].isFront && !level().layers[1].isFront);
    session().document.undo();
    QVERIFY(level().layers[1].isFront);
    // Walking behind it, it fades: the place looks otherwise than where nobody is.
    const auto body = level().entities[0].box;
    SkinOptions options = session().workbench.options<SkinOptions>();
    options.skinLayer = 1;
    session().workbench.setOptions(options);
    session().document.apply(layOnLayer(level(),
                                        level::CellRegion(toCells(body, level().cellSize).grown(2)),
                                        level::Cell(stone), 1));
    board().startWalk(false);
    const auto px = [&] {
        return board().grab().toImage().pixel(
            board().view().toWidget(PxPoint{body.x + 20, body.y + 4}).toPoint());
    };
    const QRgb first = px();
    QTRY_VERIFY(px() != first);
    board().stopWalk();
}

void SkinWindowTest::image_droppedOnTheSection_isSeen_broughtInAndReplaced() {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("bricks.png"));
    QImage image(50, 34, QImage::Format_ARGB32);
    image.fill(Qt::red);
    QVERIFY(image.save(file));
    auto* section = part<QWidget>("bring-in")->parentWidget()->parentWidget()->parentWidget();
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(file)});
    const auto dropIt = [&] {
        QDragEnterEvent enter({5, 5}, Qt::CopyAction, &data, Qt::LeftButton, {});
        QCoreApplication::sendEvent(section, &enter);
        QDropEvent drop({5, 5}, Qt::CopyAction, &data, Qt::LeftButton, {});
        QCoreApplication::sendEvent(section, &drop);
    };
    dropIt();
    QVERIFY(part<QWidget>("cut-preview")->isVisible());
    QVERIFY(part<QLabel>("cut-words")->text().contains(QStringLiteral("2 px at the right")));
    part<QSpinBox>("cut-left")->setValue(2);
    part<QSpinBox>("cut-top")->setValue(2);
    QVERIFY(!part<QLabel>("cut-words")->text().contains(QStringLiteral("No tile covers")));
    const auto count = session().document.project().sheets.size();
    press("bring-in");
    QCOMPARE(session().document.project().sheets.size(), count + 1);
    QCOMPARE(session().document.project().sheets[count].columns, 3);
    QVERIFY(!part<QWidget>("cut-preview")->isVisible());
    // Another image with the same layout takes its place; one with another is refused.
    const std::string path = session().document.project().sheets[count].path;
    dropIt();
    part<QSpinBox>("cut-left")->setValue(0);
    part<QSpinBox>("cut-width")->setValue(20);
    press("replace-sheet");
    QCOMPARE(session().document.project().sheets[count].path, path);
    part<QSpinBox>("cut-width")->setValue(16);
    press("replace-sheet");
    QCOMPARE(session().document.project().sheets.size(), count + 1);
    QVERIFY(session().document.project().sheets[count].path != path);
}

void SkinWindowTest::tilesInHand_goWithTheirSheet() {
    level::Project project = session().document.project();
    level::Sheet sheet = project.sheets[1];
    sheet.name = "more";
    project.sheets.edit([&](auto& list) { list.push_back(sheet); });
    session().document.apply(level::ProjectEdit{project, "Add a sheet"});
    const int added = int(project.sheets.size()) - 1;
    part<QComboBox>("sheet")->setCurrentIndex(added);
    TilesInHand options = session().workbench.options<TilesInHand>();
    options.tileSheet = added;
    options.tiles = Grid<Tile>(1, 1, Tile(added, 3));
    session().workbench.setOptions(options);
    session().document.undo();
    QVERIFY(session().workbench.options<TilesInHand>().tiles.at(0, 0).isNone());
    QCOMPARE(session().workbench.options<TilesInHand>().tileSheet, 0);
    dragCells({20, 10}, {24, 10});
    QCOMPARE(level::tileCount(level()), 0);
}

void SkinWindowTest::layers_arePaintedOn_lockedAndMoved() {
    // What is a layer's is not offered for the masses.
    for (const char* name : {"layer-name", "layer-opacity", "layer-wears", "layer-fades"})
        QVERIFY2(part<QWidget>(name)->isHidden(), name);
    clickTile({5, 5});
    press("layer-behind");
    QCOMPARE(level().layers.size(), std::size_t{1});
    for (const char* name : {"layer-name", "layer-opacity", "layer-wears", "layer-fades"})
        QVERIFY2(!part<QWidget>(name)->isHidden(), name);
    QCOMPARE(session().workbench.options<SkinOptions>().skinLayer, 0);
    dragCells({20, 10}, {24, 10});
    QVERIFY(level().layers[0].tiles.at(22, 10).isShown());
    QCOMPARE(level::tileCount(level()), 0);
    // The only layer lies behind the masses, so its row is the second.
    press("layer-locked-1");
    QVERIFY(level().layers[0].isLocked);
    dragCells({20, 12}, {24, 12});
    QVERIFY(level().layers[0].tiles.at(22, 12).isNone());
    press("layer-nearer");
    QVERIFY(level().layers[0].isFront);
    press("layer-remove");
    QVERIFY(level().layers.empty());
}

void SkinWindowTest::board_drawsWhatTheBundleSays() {
    // A cell that is set by hand changes just its own px of the board.
    board().fitLevel();
    const QImage before = board().grab().toImage();
    session().document.apply(setTiles(level(), level::CellRegion(CellRect{60, 8, 1, 1}),
                                      Grid<Tile>(1, 1, Tile(1, 70)), {60, 8}));
    const QPoint middle = cell(60, 8);
    QTRY_VERIFY(board().grab().toImage().pixel(middle) != before.pixel(middle));
    const QImage after = board().grab().toImage();
    const QPoint away = cell(64, 8);
    QCOMPARE(before.pixel(away), after.pixel(away));
}

ROOK_TEST(SkinWindowTest)

}  // namespace rook::skin_test

#include "skin_test.moc"
