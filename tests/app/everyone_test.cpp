/// For everyone: names for those who do not see the window, contrast and focus for those who see it
/// badly; in all steps of all kinds of level, on all pages, in both themes.

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <cmath>

#include "app/ui/theme.h"
#include "testing.h"
#include "whole_window.h"

namespace rook::everyone_test {

using namespace rook::app;

class EveryoneTest : public testing::WholeWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-everyone-test"); }
    void init() { openDemo(); }
    void cleanup() {
        m_window->setNight(false);
        closeDemo();
    }
    void everyControl_hasAName();
    void everyText_standsOutFromItsGround();
    void whatHasTheKeyboard_isSeen();

private:
    /// The controls that one sees now.
    [[nodiscard]] QList<QWidget*> controls() const;
};

namespace {

double luminance(QRgb c) {
    const auto part = [](int byte) {
        const double v = byte / 255.0;
        return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * part(qRed(c)) + 0.7152 * part(qGreen(c)) + 0.0722 * part(qBlue(c));
}

double contrast(QRgb a, QRgb b) {
    const double x = luminance(a) + 0.05, y = luminance(b) + 0.05;
    return std::max(x, y) / std::min(x, y);
}

/// Of what stands out most from what there is most of.
double contrastIn(const QImage& picture) {
    QHash<QRgb, int> counts;
    for (int y = 0; y < picture.height(); ++y)
        for (int x = 0; x < picture.width(); ++x)
            ++counts[picture.pixel(x, y)];
    QRgb ground = 0;
    int most = 0;
    for (auto it = counts.begin(); it != counts.end(); ++it)
        if (it.value() > most) ground = it.key(), most = it.value();
    double best = 1;
    for (auto it = counts.begin(); it != counts.end(); ++it)
        best = std::max(best, contrast(it.key(), ground));
    return best;
}

QString nameOfWidget(const QWidget* widget) {
    return QString(widget->metaObject()->className()) + " " + widget->objectName();
}

}  // namespace

QList<QWidget*> EveryoneTest::controls() const {
    QList<QWidget*> list;
    for (QWidget* widget : m_window->findChildren<QWidget*>()) {
        const bool isControl =
            qobject_cast<QAbstractButton*>(widget) || qobject_cast<QLineEdit*>(widget) ||
            qobject_cast<QComboBox*>(widget) || qobject_cast<QListWidget*>(widget) ||
            (widget->focusPolicy() & Qt::TabFocus);
        const bool isInner =
            widget->objectName().startsWith("qt_") ||
            (widget->parentWidget() && (widget->parentWidget()->inherits("QAbstractSpinBox") ||
                                        widget->parentWidget()->inherits("QComboBox") ||
                                        widget->parentWidget()->inherits("QKeySequenceEdit")));
        if (isControl && !isInner && isInSight(widget)) list << widget;
    }
    return list;
}

void EveryoneTest::everyControl_hasAName() {
    int count = 0;
    QStringList nameless;
    everywhere([&](const QString& where) {
        for (QWidget* widget : controls()) {
            const auto* button = qobject_cast<QAbstractButton*>(widget);
            const bool isNamed =
                !widget->accessibleName().isEmpty() || (button && !button->text().isEmpty());
            if (!isNamed) nameless << where + ": " + nameOfWidget(widget);
            ++count;
        }
    });
    QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join("; ").left(900)));
    QVERIFY(count > 800);
}

void EveryoneTest::everyText_standsOutFromItsGround() {
    int count = 0;
    QStringList faint;
    for (const bool isNight : {false, true}) {
        m_window->setNight(isNight);
        everywhere([&](const QString& where) {
            const QImage picture = m_window->grab().toImage();
            for (const QLabel* label : m_window->findChildren<QLabel*>()) {
                static const QRegularExpression letters("[\\p{L}\\p{N}]{2}");
                if (!isInSight(label) || !label->isEnabled() || !label->text().contains(letters))
                    continue;
                const QRect seen = label->visibleRegion().boundingRect().translated(
                    label->mapTo(m_window.get(), QPoint(0, 0)));
                if (seen.height() < label->height() || seen.width() < 10) continue;
                ++count;
                // Thin strokes are blended with the ground a little.
                const double found = contrastIn(picture.copy(seen));
                if (found < 4.2)
                    faint << where + ": \"" + label->text().left(30) + "\" " +
                                 QString::number(found, 'f', 1);
            }
        });
    }
    QVERIFY2(faint.isEmpty(), qPrintable(faint.join("; ").left(900)));
    QVERIFY(count > 800);
}

void EveryoneTest::whatHasTheKeyboard_isSeen() {
    int count = 0;
    QStringList unseen;
    everywhere([&](const QString&) {
        for (QWidget* widget : controls()) {
            if (!(widget->focusPolicy() & Qt::TabFocus) || !widget->isEnabled()) continue;
            if (widget->objectName() == "board") continue;  // it has a frame when all else has none
            if (QWidget* now = m_window->focusWidget()) now->clearFocus();
            const QImage before = widget->grab().toImage();
            widget->setFocus(Qt::TabFocusReason);
            if (!widget->hasFocus()) continue;
            ++count;
            if (before == widget->grab().toImage()) unseen << nameOfWidget(widget);
        }
    });
    unseen.removeDuplicates();
    QVERIFY2(unseen.isEmpty(), qPrintable(unseen.join("; ").left(900)));
    QVERIFY(count > 500);
}

ROOK_TEST(EveryoneTest)

}  // namespace rook::everyone_test

#include "everyone_test.moc"
