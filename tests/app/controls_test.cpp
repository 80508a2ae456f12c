/// Controls of the margin: numbers that are dragged, colours that are picked.

#include "app/ui/color_field.h"
#include "app/ui/number_drag.h"

#include <QAbstractButton>
#include <QColorDialog>
#include <QComboBox>
#include <QSignalSpy>
#include <QSpinBox>

#include "app/ui/theme.h"
#include "testing.h"

namespace rook::controls_test {

using namespace rook::app;

class ControlsTest : public QObject {
    Q_OBJECT
private slots:
    void number_isDragged_asOneStep();
    void number_isNotDragged_byAClick_norSideways();
    void color_isPicked_intoItsLine();
    void choices_showThatTheyOpen_data();
    void choices_showThatTheyOpen();
};

namespace {

/// Press on the number, go so far and let go.
void dragNumber(QSpinBox& box, QPoint by) {
    auto* line = box.findChild<QLineEdit*>();
    const QPoint from = line->rect().center();
    QTest::mousePress(line, Qt::LeftButton, {}, from);
    const auto move = [&](QPoint to) {
        QMouseEvent event(QEvent::MouseMove, to, line->mapToGlobal(QPointF(to)), Qt::NoButton,
                          Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(line, &event);
    };
    move(from + by / 2);
    move(from + by);
    QTest::mouseRelease(line, Qt::LeftButton, {}, from + by);
}

}  // namespace

void ControlsTest::number_isDragged_asOneStep() {
    NumberDrag drag;
    qApp->installEventFilter(&drag);
    QSpinBox box;
    box.setRange(0, 100);
    box.setValue(10);
    box.show();
    const QSignalSpy spy(&box, &QSpinBox::valueChanged);
    dragNumber(box, {0, -40});
    QCOMPARE(box.value(), 18);
    QCOMPARE(spy.count(), 1);
    dragNumber(box, {0, 400});
    QCOMPARE(box.value(), 0);
    QCOMPARE(spy.count(), 2);
}

void ControlsTest::number_isNotDragged_byAClick_norSideways() {
    NumberDrag drag;
    qApp->installEventFilter(&drag);
    QSpinBox box;
    box.setRange(0, 100);
    box.setValue(10);
    box.show();
    const QSignalSpy spy(&box, &QSpinBox::valueChanged);
    dragNumber(box, {0, 2});
    dragNumber(box, {30, 0});
    QCOMPARE(box.value(), 10);
    QCOMPARE(spy.count(), 0);
}

void ControlsTest::color_isPicked_intoItsLine() {
    QWidget window;
    auto* line = new QLineEdit(&window);
    line->setObjectName("tone");
    line->setText("#102030");
    line->setFixedWidth(150);
    QWidget* field = withColorPicker(line, &window);
    QCOMPARE(field->maximumWidth(), 150);
    window.show();
    const QSignalSpy spy(line, &QLineEdit::editingFinished);
    auto* swatch = window.findChild<QAbstractButton*>("tone-swatch");
    QVERIFY(swatch && !swatch->accessibleName().isEmpty());
    swatch->click();
    auto* dialog = window.findChild<QColorDialog*>();
    QVERIFY(dialog);
    QCOMPARE(dialog->currentColor(), QColor("#102030"));
    dialog->setCurrentColor(QColor("#a0b0c0"));
    dialog->accept();
    QCOMPARE(line->text(), QString("#a0b0c0"));
    QVERIFY(line->isModified());
    QCOMPARE(spy.count(), 1);
}

void ControlsTest::choices_showThatTheyOpen_data() {
    QTest::addColumn<bool>("isNight");
    QTest::newRow("day") << false;
    QTest::newRow("night") << true;
}

/// The right end of a box of choices is not as plain as that of a line of text.
void ControlsTest::choices_showThatTheyOpen() {
    QFETCH(bool, isNight);
    const Theme& theme = isNight ? Theme::night() : Theme::day();
    (void)lineIcon(QStringLiteral("eye"), theme.ink);  // icons are there once one is asked for
    QComboBox box;
    box.setStyleSheet(theme.styleSheet());
    box.addItem("full");
    box.resize(120, 26);
    box.show();
    const QImage picture = box.grab().toImage();
    QSet<QRgb> tones;
    for (int x = picture.width() - 17; x < picture.width() - 4; ++x)
        tones << picture.pixel(x, picture.height() / 2);
    QVERIFY2(tones.size() > 2, "there is no mark");
}

ROOK_TEST(ControlsTest)

}  // namespace rook::controls_test

#include "controls_test.moc"
