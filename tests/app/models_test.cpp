/// Many models brought in: told in a table, mended for all or for some, taken as one undo.

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QDropEvent>
#include <QLabel>
#include <QMimeData>
#include <QTableWidget>

#include "app/pages/models_page.h"
#include "kit/pieces.h"
#include "kit_window.h"

namespace rook::models_test {

using namespace rook::app;

class ModelsWindowTest : public testing::KitWindow {
    Q_OBJECT
private slots:
    void initTestCase() { prepare("models"); }
    void init() { beginKitLevel(); }
    void cleanup() { endKitLevel(); }
    void drop_tellsThem_fixesMendThem_takingIsOneUndo();
    void fix_isForTheChosenRows();
    void otherModule_measuresThemAnew();
    void folder_withoutModels_saysSo();

private:
    [[nodiscard]] ModelsPage* page() { return m_window->findChild<ModelsPage*>(); }
    [[nodiscard]] QTableWidget* table() { return part<QTableWidget>("models-table"); }
    [[nodiscard]] QString text(int row, int column) { return table()->item(row, column)->text(); }
    bool waitForTable() {
        return QTest::qWaitFor([&] { return page() && !page()->isBusy(); }, 20'000);
    }
    [[nodiscard]] bool drop(const QString& path) {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(path)});
        QDropEvent event(QPointF(400, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
        QDragEnterEvent enter({400, 300}, Qt::CopyAction, &data, Qt::LeftButton, {});
        QCoreApplication::sendEvent(m_window.get(), &enter);
        QCoreApplication::sendEvent(m_window.get(), &event);
        return waitForTable();
    }
    void choose(const char* name, int at) {
        auto* box = part<QComboBox>(name);
        box->setFocus();
        while (box->currentIndex() < at)
            QTest::keyClick(box, Qt::Key_Down);
        QVERIFY(waitForTable());
    }
    void clickRow(int row, Qt::KeyboardModifiers modifiers = {}) {
        QTest::mouseClick(table()->viewport(), Qt::LeftButton, modifiers,
                          table()->visualItemRect(table()->item(row, 1)).center());
    }
    static QString set() { return QStringLiteral(ROOK_SOURCE_DIR "/demo/incoming/rope-store.obj"); }
};

void ModelsWindowTest::drop_tellsThem_fixesMendThem_takingIsOneUndo() {
    const level::Project before = session().document.project();
    const auto pieces = before.kitOf(level())->pieces.size();
    QVERIFY(drop(set()));
    QVERIFY(page()->isVisible());
    QCOMPARE(table()->rowCount(), 7);
    QCOMPARE(text(0, 0), QString("gangway"));
    // In millimetres it is larger than any piece; the row says why it cannot be.
    clickRow(0);
    QVERIFY(part<QLabel>("models-remarks")->text().contains("larger than 64 modules"));
    choose("models-up", 1);
    press("models-propose");
    QVERIFY(waitForTable());
    choose("models-pivot", 1);
    QVERIFY(std::abs(part<QDoubleSpinBox>("models-scale")->value() - 0.001) < 1e-9);
    QCOMPARE(text(0, 1), QString::fromUtf8("2 × 1 × 1"));
    QCOMPARE(text(0, 3), QString("0, 0"));
    // Turned faces and open edges are told of what they are.
    QCOMPARE(text(2, 6), QString("4"));
    QCOMPARE(text(4, 5), QString("4"));
    QCOMPARE(text(5, 6), QString("12"));
    press("models-mend");
    QVERIFY(waitForTable());
    QCOMPARE(text(5, 6), QString("0"));
    // One stays outside: Space takes its mark off.
    table()->setFocus();
    table()->setCurrentCell(6, 0);
    QTest::keyClick(table(), Qt::Key_Space);
    QCOMPARE(part<QAbstractButton>("models-take")->text(), QString("Take 6 in"));
    QTest::keyClick(table(), Qt::Key_Return);
    QVERIFY(QTest::qWaitFor([&] { return !page()->isVisible(); }, 20'000));
    const level::Kit& kit = *session().document.project().kitOf(level());
    QCOMPARE(kit.pieces.size(), pieces + 6);
    QVERIFY(kit.find("store-hut") && !kit.find("hatch-lid"));
    QVERIFY(QFile::exists(m_demo + "/kits/store-hut.glb"));
    session().document.undo();
    QVERIFY(session().document.project() == before);
}

void ModelsWindowTest::fix_isForTheChosenRows() {
    QVERIFY(drop(set()));
    choose("models-up", 1);
    press("models-propose");
    QVERIFY(waitForTable());
    choose("models-scope", 1);
    clickRow(6);
    auto* scale = part<QDoubleSpinBox>("models-scale");
    scale->setFocus();
    scale->selectAll();
    QTest::keyClicks(scale, "1");
    QTest::keyClick(scale, Qt::Key_Tab);
    QVERIFY(waitForTable());
    QCOMPARE(page()->models()[6].fixes.scale, 1.0);
    QVERIFY(std::abs(page()->models()[0].fixes.scale - 0.001) < 1e-9);
    QCOMPARE(text(6, 2), QString::fromUtf8("1 × 1 × 0.067"));
    // Two rows at once; what the controls show is of the one in hand.
    clickRow(1);
    clickRow(3, Qt::ControlModifier);
    press("models-stretch");
    QVERIFY(waitForTable());
    for (int row = 0; row < 7; ++row)
        QCOMPARE(page()->models()[std::size_t(row)].fixes.stretches, row == 1 || row == 3);
    QVERIFY(text(1, 2).startsWith(QString::fromUtf8("1 × 1 ×")));
    clickRow(0);
    QVERIFY(!part<QAbstractButton>("models-stretch")->isChecked());
    QTest::keyClick(table(), Qt::Key_Escape);
    QVERIFY(!page()->isVisible());
}

void ModelsWindowTest::otherModule_measuresThemAnew() {
    QVERIFY(drop(set()));
    choose("models-up", 1);
    press("models-propose");
    QVERIFY(waitForTable());
    QCOMPARE(text(0, 1), QString::fromUtf8("2 × 1 × 1"));
    table()->setCurrentCell(1, 0);
    QTest::keyClick(table(), Qt::Key_Space);
    level::Kit kit = *session().document.project().kitOf(level());
    const std::string name = kit.name;
    kit.width = kit.depth = level::Decimal{2000};
    QVERIFY(session().document.apply(kit::changeKit(session().document.project(), kit, name)));
    QVERIFY(waitForTable());
    QCOMPARE(text(0, 1), QString::fromUtf8("4 × 2 × 1"));
    QVERIFY(!page()->models()[1].isTaken && page()->models()[0].isTaken);
}

void ModelsWindowTest::folder_withoutModels_saysSo() {
    const QTemporaryDir folder;
    QVERIFY(drop(folder.path()));
    QCOMPARE(table()->rowCount(), 1);
    QVERIFY(part<QLabel>("models-remarks")->text().contains("No model lies in the folder"));
    QVERIFY(!part<QAbstractButton>("models-take")->isEnabled());
}

ROOK_TEST(ModelsWindowTest)

}  // namespace rook::models_test

#include "models_test.moc"
