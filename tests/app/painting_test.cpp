/// What the board draws, looked at px by px.

#include <QPainter>
#include <QtMath>

#include "app/painting/board_images.h"
#include "app/painting/entity_painter.h"
#include "app/painting/view.h"
#include "app/session/live_reach.h"
#include "app/session/prove_level.h"
#include "testing.h"

// The board's own function.
namespace rook::app {
QImage reachWash(const ProvenLevel& proven, const BitMap& map, const View& view, QSize size,
                 const QColor& color);
}

namespace rook::painting_test {

using namespace rook::app;
using level::Cell;

class PaintingTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cachedPicture_equalsAFreshOne_afterRandomEdits();
    void tiles_leaveNoGap_atAnyScaleOfTheScreen();
    void hatching_goesOnOverCellBorders();
    void mass_hasOneOutline_withoutInnerLines();
    void eachBehaviour_looksDifferent();
    void smallScale_showsPlainTones_withoutLines();
    void wash_isTheCoveredPx_atAnyZoom();
    void view_convertsForthAndBack();
    void entityAt_findsTheTopmost_withSlack();
    void nothingIsDrawn_outsideTheLevel();

private:
    QImage drawn(const View& view, QSize size = {300, 200});
    MatterScene scene() { return {&m_project, &m_level, nullptr, {0, 1, 1}}; }
    level::Project m_project;
    level::Level m_level;
};

void PaintingTest::init() {
    setCurrentTheme(Theme::day());
    m_project = testing::smallProject();
    m_level = testing::drawnLevel(
        m_project, {"............", ".####..==...", ".####.......", "......^^.~~.", "..HH..^^.~~.",
                    "'...........", "............", "............"});
}

QImage PaintingTest::drawn(const View& view, QSize size) {
    QImage image(size, QImage::Format_RGB32);
    QPainter painter(&image);
    paintMatter(painter, scene(), QRect({0, 0}, size), view.offset(), view.scale());
    return image;
}

void PaintingTest::tiles_leaveNoGap_atAnyScaleOfTheScreen() {
    for (const double ratio : {1.0, 1.1, 1.25, 1.5, 1.7, 2.0})
        for (const QPointF offset :
             {QPointF(-12.3, -31.67), QPointF(0.5, 0.25), QPointF(131, 77)}) {
            QImage image(800, 700, QImage::Format_RGB32);
            image.fill(Qt::magenta);
            image.setDevicePixelRatio(ratio);
            View view;
            view.setOffset(offset);
            const QRect area(0, 0, qCeil(800 / ratio), qCeil(700 / ratio));
            BoardImages images;
            for (int round = 0; round < 2; ++round) {  // as made, and as kept
                QPainter painter(&image);
                QVERIFY(images.paint(
                    painter,
                    [](QPainter& tile, const QRect& target, QPointF, double) {
                        tile.fillRect(target, Qt::green);
                    },
                    view, area, ratio, 1000, Qt::green));
            }
            QImage whole(image.size(), image.format());
            whole.fill(Qt::green);
            whole.setDevicePixelRatio(ratio);
            QVERIFY2(image == whole,
                     qPrintable(QStringLiteral("%1 at %2").arg(ratio).arg(offset.x())));
        }
}

void PaintingTest::cachedPicture_equalsAFreshOne_afterRandomEdits() {
    const std::uint64_t seed = testing::seedOr(71);
    Random random(seed);
    m_level.cells = Grid<Cell>(60, 40);
    View view;
    view.zoomAt({}, 1.0 / 1.25);
    view.setOffset({37, -12});
    BoardImages images;
    for (int round = 0; round < 40; ++round) {
        const CellRect rect{random.between(0, 50), random.between(0, 35), random.between(1, 9),
                            random.between(1, 4)};
        const auto form = static_cast<level::Form>(random.between(0, 12));
        const auto matter = static_cast<std::uint16_t>(random.between(0, 6));
        m_level.cells.fillRect(rect, Cell({matter}, matter == 2 ? level::Form::Full : form));
        images.invalidate(rect, m_level.cellSize);
        const auto paint = [&](BoardImages& from) {
            QImage image(700, 500, QImage::Format_RGB32);
            QPainter painter(&image);
            const MatterScene shown = scene();
            const bool isComplete = from.paint(
                painter,
                [&](QPainter& tile, const QRect& target, QPointF origin, double scale) {
                    paintMatter(tile, shown, target, origin, scale);
                },
                view, image.rect(), 1, 10000, currentTheme().paper);
            painter.end();
            return isComplete ? image : QImage();
        };
        BoardImages fresh;
        QVERIFY2(paint(images) == paint(fresh), "ROOK_SEED=" + QByteArray::number(seed));
        if (random.chance(30))
            view.pan({double(random.between(-90, 90)), double(random.between(-60, 60))});
    }
}

void PaintingTest::hatching_goesOnOverCellBorders() {
    View view;
    view.zoomAt({}, 1.6);  // 32 px a cell
    view.setOffset({0, 0});
    const QImage image = drawn(view, {200, 200});
    // The texture repeats every 8 px in level and widget alike: inside the mass all shifts agree.
    for (int y = 42; y < 80; ++y)
        for (int x = 42; x < 110; ++x)
            QCOMPARE(image.pixel(x, y), image.pixel(x + 8, y));
}

void PaintingTest::mass_hasOneOutline_withoutInnerLines() {
    View view;
    view.zoomAt({}, 1.6);
    view.setOffset({0, 0});
    const QImage image = drawn(view, {250, 250});
    const auto darkest = [&](int y) {
        int least = 255;
        for (int x = 70; x < 120; ++x)
            least = std::min(least, qGray(image.pixel(x, y)));
        return least;
    };
    QVERIFY(darkest(32) < 110);  // the upper outline at row 1
    QVERIFY(darkest(64) > 110);  // between the two rows of cells: hatching only
    QVERIFY(darkest(96) < 110);  // the lower outline
}

void PaintingTest::eachBehaviour_looksDifferent() {
    QList<QImage> samples;
    for (int b = 0; b < 6; ++b) {
        QImage image(46, 30, QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter painter(&image);
        paintBehaviourSample(painter, static_cast<level::Behaviour>(b), level::Form::Full,
                             image.rect().adjusted(2, 2, -3, -3));
        painter.end();
        for (const QImage& other : samples)
            QVERIFY(image != other);
        samples << image;
    }
}

void PaintingTest::smallScale_showsPlainTones_withoutLines() {
    View view;
    view.zoomAt({}, 0.2);  // 4 px a cell
    view.setOffset({0, 0});
    const QImage image = drawn(view, {48, 32});
    QSet<QRgb> tones;
    for (int y = 0; y < 32; ++y)
        for (int x = 0; x < 48; ++x)
            tones.insert(image.pixel(x, y));
    QVERIFY(tones.size() <= 7);
    QVERIFY(image.pixel(6, 6) != image.pixel(2, 2));
    QCOMPARE(QColor(image.pixel(26, 14)), Theme::day().alarm);
}

void PaintingTest::wash_isTheCoveredPx_atAnyZoom() {
    auto level = std::make_shared<const level::Level>(
        testing::drawnLevel(m_project, {"....#...", ".S..#.X.", "########"}));
    const auto proven = proveLevel(m_project, level, nullptr);
    QVERIFY(proven->covered.count() > 0);
    for (const double factor : {0.4, 0.8, 2.5}) {
        View view;
        view.zoomAt({}, factor);
        view.setOffset({-13, -7});
        const QImage wash = reachWash(*proven, proven->covered, view, {300, 150}, Qt::black);
        for (int y = 0; y < 150; ++y) {
            for (int x = 0; x < 300; ++x) {
                const PxPoint px = view.toLevelPx(QPointF(x + 0.5, y + 0.5));
                const bool isCovered = [&] {
                    for (int j = 0; j < 22; ++j)
                        for (int i = 0; i < 12; ++i)
                            if (proven->answer.onCells().reached.isVisited({px.x - i, px.y - j}))
                                return true;
                    return false;
                }();
                QCOMPARE(qAlpha(wash.pixel(x, y)) > 0, isCovered);
            }
        }
    }
}

void PaintingTest::view_convertsForthAndBack() {
    Random random(testing::seedOr(72));
    View view;
    for (int round = 0; round < 200; ++round) {
        view.zoomAt({double(random.between(0, 800)), double(random.between(0, 500))},
                    random.between(50, 200) / 100.0);
        view.pan({double(random.between(-300, 300)), double(random.between(-300, 300))});
        const QPointF at(random.between(0, 800), random.between(0, 500));
        QVERIFY(QLineF(view.toWidget(view.toLevel(at)), at).length() < 1e-6);
        QVERIFY(view.scale() >= 1.0 / 512 && view.scale() <= 16);
    }
    view.fit({0, 0, 1920, 544}, {800, 550});
    const QRectF shown = view.toWidget(PxRect{0, 0, 1920, 544});
    QVERIFY(QRectF(0, 0, 800, 550).contains(shown));
}

void PaintingTest::entityAt_findsTheTopmost_withSlack() {
    level::Entity small;
    small.id = {"small"};
    small.box = {50, 50, 2, 2};
    level::Entity large;
    large.id = {"large"};
    large.box = {40, 40, 30, 30};
    m_level.entities = std::vector<level::Entity>{large, small};
    level::EntityPlaces places;
    places.follow(m_level.entities);
    QCOMPARE(entityAt(places, {51, 51}, 1)->id.text, std::string("small"));
    QCOMPARE(entityAt(places, {56, 51}, 1)->id.text, std::string("small"));
    QCOMPARE(entityAt(places, {60, 60}, 1)->id.text, std::string("large"));
    QCOMPARE(entityAt(places, {54, 51}, 8)->id.text,
             std::string("large"));  // zoomed in: less slack
    QVERIFY(!entityAt(places, {10, 10}, 1));
}

void PaintingTest::nothingIsDrawn_outsideTheLevel() {
    View view;
    view.setOffset({-50, -50});
    const QImage image = drawn(view);
    QCOMPARE(QColor(image.pixel(20, 20)), Theme::day().window);
    QCOMPARE(QColor(image.pixel(290, 30)), Theme::day().window);
    QVERIFY(QColor(image.pixel(54, 54)) != Theme::day().window);
}

ROOK_TEST(PaintingTest)

}  // namespace rook::painting_test

#include "painting_test.moc"
