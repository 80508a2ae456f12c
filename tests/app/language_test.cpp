/// The window in German: every text in its place, whole, and what the core says with it.

#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>
#include <QTextDocument>
#include <set>

#include "app/ui/core_words.h"
#include "app/ui/words.h"
#include "testing.h"
#include "whole_window.h"

namespace rook::language_test {

using namespace rook::app;

class LanguageTest : public testing::WholeWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-language-test"); }
    void cleanup() {
        if (m_window) closeDemo();
        speak(QLocale(QLocale::English));
    }
    void everyText_hasItsRoom_data();
    void everyText_hasItsRoom();
    void sentencesOfTheCore_areTold_withTheirValues_data();
    void sentencesOfTheCore_areTold_withTheirValues();
    void namesInQuotes_areLeftAlone();
    void language_isThatOfTheLocale_andCanBeChosen();
};

namespace {

/// The width that a label's widest line needs, px.
int widthOfText(const QLabel& label) {
    if (Qt::mightBeRichText(label.text())) {
        QTextDocument document;
        document.setDefaultFont(label.font());
        document.setDocumentMargin(0);
        document.setHtml(label.text());
        return int(document.idealWidth());
    }
    int width = 0;
    for (const QString& line : label.text().split(u'\n'))
        width = std::max(width, label.fontMetrics().horizontalAdvance(line));
    return width;
}

/// What is cut of a widget's text, in px; 0 if it is whole or breaks its lines.
int cutOf(const QWidget* widget) {
    if (const auto* label = qobject_cast<const QLabel*>(widget)) {
        if (label->wordWrap() || label->text().isEmpty()) return 0;
        return widthOfText(*label) - label->contentsRect().width();
    }
    if (const auto* button = qobject_cast<const QAbstractButton*>(widget))
        return button->text().isEmpty() ? 0 : button->minimumSizeHint().width() - button->width();
    if (const auto* number = qobject_cast<const QSpinBox*>(widget)) {
        const auto* line = number->findChild<QLineEdit*>();
        return number->fontMetrics().horizontalAdvance(number->text()) -
               line->contentsRect().width();
    }
    if (const auto* box = qobject_cast<const QComboBox*>(widget)) {
        QStyleOptionComboBox option;
        option.initFrom(box);
        const QRect field = box->style()->subControlRect(QStyle::CC_ComboBox, &option,
                                                         QStyle::SC_ComboBoxEditField, box);
        return box->fontMetrics().horizontalAdvance(box->currentText()) - field.width();
    }
    return 0;
}

QString textOf(const QWidget* widget) {
    if (const auto* label = qobject_cast<const QLabel*>(widget)) return label->text();
    if (const auto* button = qobject_cast<const QAbstractButton*>(widget)) return button->text();
    if (const auto* number = qobject_cast<const QSpinBox*>(widget)) return number->text();
    if (const auto* box = qobject_cast<const QComboBox*>(widget)) return box->currentText();
    return {};
}

/// What stands in an area that does not scroll sideways and is too small for it.
QString tooWide(const QWidget* widget) {
    const auto* area = qobject_cast<const QScrollArea*>(widget);
    if (!area || !area->widget() || area->horizontalScrollBarPolicy() != Qt::ScrollBarAlwaysOff)
        return {};
    const int room = area->viewport()->width();
    if (area->widget()->minimumSizeHint().width() <= room) return {};
    QStringList widths;
    for (const QWidget* child :
         area->widget()->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly)) {
        QStringList texts;
        for (const QWidget* part : child->findChildren<QWidget*>())
            texts << textOf(part);
        widths << QStringLiteral("%1 px for %2")
                      .arg(child->minimumSizeHint().width())
                      .arg(texts.join(u' ').simplified().left(300));
    }
    return QStringLiteral("%1 px for %2").arg(room).arg(widths.join("; "));
}

}  // namespace

void LanguageTest::everyText_hasItsRoom_data() {
    QTest::addColumn<QString>("language");
    QTest::newRow("English") << "en";
    QTest::newRow("German") << "de";
}

void LanguageTest::everyText_hasItsRoom() {
    QFETCH(QString, language);
    speak(QLocale(language));
    openDemo();
    QStringList cut;
    int count = 0;
    const auto look = [&](const QString& where) {
        // So that all is laid out, and what is wider for it as well.
        for (int i = 0; i < 4; ++i)
            QApplication::sendPostedEvents();
        for (const QWidget* widget : m_window->findChildren<QWidget*>()) {
            if (!isInSight(widget)) continue;
            ++count;
            if (const int px = cutOf(widget); px > 1)
                cut << QStringLiteral("%1: \"%2\" by %3 px").arg(where, textOf(widget)).arg(px);
            const QString wide = tooWide(widget);
            if (!wide.isEmpty()) cut << where + ": " + wide;
        }
    };
    everywhere(look);
    session().document.chooseLevel(LevelId{"wheel-hall"});
    session().workbench.setStep(Step::Cast);
    std::set<std::string> seen;
    for (const level::Entity& entity : level().entities) {
        if (!seen.insert(entity.kind.text).second) continue;
        Selection chosen;
        chosen.entities = {entity.id};
        session().workbench.select(chosen);
        QTest::qWait(1);
        look(QString::fromStdString(entity.kind.text));
    }
    Selection zone;
    zone.zone = level().zones[0].id;
    session().workbench.select(zone);
    QTest::qWait(1);
    look("zone");
    const int needed = m_window->minimumSizeHint().width();
    if (needed > 1280) cut << QStringLiteral("the window is %1 px wide").arg(needed);
    cut.removeDuplicates();
    QVERIFY2(cut.isEmpty(), qPrintable(cut.join("\n")));
    QVERIFY(count > 3000);
}

void LanguageTest::sentencesOfTheCore_areTold_withTheirValues_data() {
    QTest::addColumn<QString>("english");
    QTest::addColumn<QString>("german");
    QTest::newRow("whole") << "The exit can be reached."
                           << "Der Ausgang ist erreichbar.";
    QTest::newRow("a value") << "crab-1 is never reached"
                             << "crab-1 wird nie erreicht";
    QTest::newRow("two values") << "Merge moss into stone"
                                << "moss mit stone verschmelzen";
    QTest::newRow("a sentence in a sentence")
        << "Exit gate-1 leads nowhere: there is no entry west"
        << "Ausgang gate-1 führt nirgendwohin: es gibt keinen Eingang west";
    QTest::newRow("one of two") << "1 cell shows tiles that moss does not have"
                                << "1 Zelle zeigt Kacheln, die moss nicht hat";
    QTest::newRow("a choice") << "one-way"
                              << "einseitig";
    QTest::newRow("no sentence") << "gate-1"
                                 << "gate-1";
}

void LanguageTest::sentencesOfTheCore_areTold_withTheirValues() {
    QFETCH(QString, english);
    QFETCH(QString, german);
    QCOMPARE(told(english.toStdString()), english);
    speak(QLocale(QLocale::German));
    QCOMPARE(told(english.toStdString()), german);
    const Error error{ErrorKind::Missing, english.toStdString(), "level 3", "Choose another name"};
    QCOMPARE(told(error), german + " (level 3). Wähle einen anderen Namen.");
}

void LanguageTest::namesInQuotes_areLeftAlone() {
    speak(QLocale(QLocale::German));
    QCOMPARE(told("There is no matter \"solid\""), QString("Es gibt keinen Stoff \"solid\""));
}

void LanguageTest::language_isThatOfTheLocale_andCanBeChosen() {
    speak(QLocale("de_AT"));
    QCOMPARE(tr("Board"), QString("Brett"));
    speak(QLocale("fr"));
    QCOMPARE(tr("Board"), QString("Board"));
    openDemo();
    part<QAction>("settings-action")->trigger();
    choose("settings-language", 2);
    QCOMPARE(QSettings().value("language").toString(), QString("de"));
    QVERIFY(part<QLabel>("settings-size-words")->text().contains("next"));
    choose("settings-language", 0);
    QVERIFY(!QSettings().contains("language"));
}

ROOK_TEST(LanguageTest)

}  // namespace rook::language_test

#include "language_test.moc"
