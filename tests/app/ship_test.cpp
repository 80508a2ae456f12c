/// Ship in the real window: targets as cards, files as they will be, bringing files in.

#include <QAbstractButton>
#include <QComboBox>
#include <QDragEnterEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QTableWidget>

#include "app/pages/file_preview.h"
#include "app/pages/import_page.h"
#include "app/pages/target_card.h"
#include "app/pages/targets_page.h"
#include "app/steps/ship/ship_options.h"
#include "demo_window.h"
#include "level/target_edits.h"

namespace rook::ship_window_test {

using namespace rook::app;

class ShipWindowTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-ship-test"); }
    void init();
    void cleanup() { closeDemo(); }
    void cards_tellWhatWouldBe_andWriteIt();
    void stale_levelsAreTold_untilTheyAreWritten();
    void files_areShownAsTheyWillBe();
    void targets_areMadeChangedAndRemoved();
    void otherPeoplesFiles_areWrittenOverOnlyWhenAsked();
    void everyFormat_hasItsOptions();
    void cards_areWorkedByKeys();
    void board_isBackByEscape_andTargetsByTheirKey();
    void imported_asANewLevel_withAChosenSign();
    void imported_overALevel_isOneUndo();
    void dropped_filesAreBroughtIn();
    void broken_filesSayWhy();

private:
    [[nodiscard]] Shipping& shipping() const { return session().shipping; }
    [[nodiscard]] QString out(const char* path) const {
        return m_folder->filePath("out/" + QString(path));
    }
    [[nodiscard]] TargetCard* card(const char* name) const {
        return m_window->findChild<TargetCard*>(QStringLiteral("target-card-") + name);
    }
    [[nodiscard]] bool isKnown(const char* name) const {
        return QTest::qWaitFor([&] { return shipping().outlookOf(name).isCurrent; }, 20000);
    }
    void change(const char* name, const std::function<void(level::Target&)>& make) const {
        level::Target target = *session().document.project().findTarget(name);
        make(target);
        QVERIFY(session().document.apply(
            level::changeTarget(session().document.project(), name, std::move(target))));
    }
};

/// Two quick targets, in the folder of the test.
void ShipWindowTest::init() {
    openDemo();
    level::ProjectEdit edit{session().document.project(), "Two targets"};
    level::Target grids, maps;
    grids.name = "grids";
    grids.format = level::TargetFormat::TextGrid;
    grids.to = "../out/grids";
    maps.name = "maps";
    maps.format = level::TargetFormat::ImageMap;
    maps.to = "../out/maps";
    edit.project.targets = std::vector<level::Target>{grids, maps};
    session().document.apply(edit);
    session().workbench.setStep(Step::Ship);
    QVERIFY(part<TargetsPage>("targets")->isVisible());
}

void ShipWindowTest::cards_tellWhatWouldBe_andWriteIt() {
    QVERIFY(isKnown("grids") && isKnown("maps"));
    QTRY_VERIFY(card("grids")->accessibleName().contains("6 new"));
    QVERIFY(!QDir(out("")).exists());
    QTest::mouseClick(part<QAbstractButton>("target-write-grids"), Qt::LeftButton);
    QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(out("grids/intake.txt")), 10000);
    QTRY_VERIFY(card("grids")->accessibleName().contains("6 files, all as they should be"));
    QVERIFY(!QFile::exists(out("maps/intake.png")));
    QTest::mouseClick(part<QAbstractButton>("targets-write-all"), Qt::LeftButton);
    QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(out("maps/intake.png")), 10000);
    QTRY_COMPARE(shipping().history().size(), 3);
    QVERIFY(part<QLabel>("written")->text().contains("maps"));
    // Known even when the window is opened anew.
    const QString notes = part<QLabel>("target-notes")->text();
    QVERIFY2(notes.contains("board of pieces") || notes.contains("cannot tell"), qPrintable(notes));
}

void ShipWindowTest::stale_levelsAreTold_untilTheyAreWritten() {
    shipping().writeAll();
    QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(out("maps/intake.png")) && !shipping().isWriting(),
                             20000);
    level::Level level = *session().document.level();
    level.cells.set(40, 6, level::Cell({1}));
    session().document.apply(level::LevelEdit{level, "Lay a cell", {40, 6, 1, 1}});
    QVERIFY(!shipping().outlookOf("grids").isCurrent);
    QVERIFY(isKnown("grids"));
    const auto& shipment = *shipping().outlookOf("grids").shipment;
    QCOMPARE(shipment.count(ship::FileState::Changed), std::size_t(1));
    QTRY_VERIFY(card("grids")->accessibleName().contains("1 changed, 5 as they are"));
    session().document.undo();
    QVERIFY(isKnown("grids"));
    QVERIFY(shipping().outlookOf("grids").shipment->isCurrent());
}

void ShipWindowTest::files_areShownAsTheyWillBe() {
    QVERIFY(isKnown("grids") && isKnown("maps"));
    auto* files = part<QListWidget>("target-files");
    const auto* text = part<QPlainTextEdit>("preview-text");
    QTRY_COMPARE(files->count(), 6);
    const auto show = [&](const char* path) {
        for (int i = 0; i < files->count(); ++i)
            if (files->item(i)->data(Qt::UserRole) == QLatin1String(path)) files->setCurrentRow(i);
    };
    show("intake.txt");
    QTRY_VERIFY(text->isVisible() && text->toPlainText().startsWith("; Intake steps\n##"));
    QTest::mouseClick(card("maps"), Qt::LeftButton, {}, {20, 20});
    QTRY_VERIFY(!text->isVisible());
    // A book is turned by its pages.
    change("maps", [](level::Target& target) {
        target.format = level::TargetFormat::PlanBook;
        target.levels = {{"intake"}};
    });
    QVERIFY(isKnown("maps"));
    auto* preview = m_window->findChild<FilePreview*>();
    QTRY_COMPARE(preview->pageCount(), 3);
    const auto* page = part<QLabel>("preview-page");
    const QImage first = preview->grab().toImage();
    QTest::mouseClick(part<QAbstractButton>("preview-next"), Qt::LeftButton);
    QTRY_COMPARE(page->text(), QStringLiteral("page 2 of 3"));
    QVERIFY(preview->grab().toImage() != first);
    QTest::mouseClick(part<QAbstractButton>("preview-next"), Qt::LeftButton);
    QTest::mouseClick(part<QAbstractButton>("preview-next"), Qt::LeftButton);
    QTRY_COMPARE(page->text(), QStringLiteral("page 3 of 3"));
    QTest::mouseClick(part<QAbstractButton>("preview-former"), Qt::LeftButton);
    QTRY_COMPARE(page->text(), QStringLiteral("page 2 of 3"));
}

void ShipWindowTest::targets_areMadeChangedAndRemoved() {
    QTest::mouseClick(part<QAbstractButton>("format-5"), Qt::LeftButton);  // plans
    const auto target = [&](const char* name) {
        return session().document.project().findTarget(name);
    };
    QVERIFY(target("plan"));
    QCOMPARE(target("plan")->to, std::string("../weir-plan"));
    auto* name = part<QLineEdit>("target-name");
    QTRY_COMPARE(name->text(), QStringLiteral("plan"));
    name->setFocus();
    name->selectAll();
    QTest::keyClicks(name, "drawings");
    QTest::keyClick(name, Qt::Key_Return);
    QVERIFY(target("drawings") && !target("plan"));
    // A name that another one has is refused, and said.
    const QSignalSpy said(&session().requests, &Requests::said);
    name->selectAll();
    QTest::keyClicks(name, "grids");
    QTest::keyClick(name, Qt::Key_Return);
    QVERIFY(target("drawings"));
    QVERIFY(said.count() > 0);
    // A folder that is far away is this person's own.
    auto* folder = part<QLineEdit>("target-folder");
    folder->setFocus();
    folder->selectAll();
    QTest::keyClicks(folder, "../out/drawings");
    QTest::keyClick(folder, Qt::Key_Return);
    QCOMPARE(target("drawings")->to, std::string("../out/drawings"));
    // Some levels only.
    QTest::mouseClick(part<QAbstractButton>("target-some"), Qt::LeftButton);
    QCOMPARE(target("drawings")->levels.size(), std::size_t(1));
    part<QListWidget>("target-levels")->item(1)->setCheckState(Qt::Checked);
    QCOMPARE(target("drawings")->levels.size(), std::size_t(2));
    part<QListWidget>("target-levels")->item(0)->setCheckState(Qt::Unchecked);
    part<QListWidget>("target-levels")->item(1)->setCheckState(Qt::Unchecked);
    QVERIFY2(!target("drawings")->levels.empty(), "none at all would be all of them");
    QTest::mouseClick(part<QAbstractButton>("target-remove"), Qt::LeftButton);
    QVERIFY(!target("drawings"));
    session().document.undo();
    QVERIFY(target("drawings"));
}

void ShipWindowTest::otherPeoplesFiles_areWrittenOverOnlyWhenAsked() {
    testing::writeBytes(out("grids/intake.txt"), "notes");
    shipping().lookAgain();
    QVERIFY(isKnown("grids"));
    auto* write = part<QAbstractButton>("target-write-grids");
    QTRY_COMPARE(write->text(), QStringLiteral("Write over"));
    QVERIFY(card("grids")->accessibleName().contains("1 not ours"));
    // All of them: this one is left alone.
    QTest::mouseClick(part<QAbstractButton>("targets-write-all"), Qt::LeftButton);
    QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(out("maps/intake.png")) && !shipping().isWriting(),
                             10000);
    QCOMPARE(testing::readBytes(out("grids/intake.txt")), QByteArray("notes"));
    shipping().lookAgain();
    QVERIFY(isKnown("grids"));
    QTRY_COMPARE(write->text(), QStringLiteral("Write over"));
    QTest::mouseClick(write, Qt::LeftButton);
    QTRY_VERIFY_WITH_TIMEOUT(testing::readBytes(out("grids/intake.txt")).startsWith("; Intake"),
                             10000);
}

void ShipWindowTest::everyFormat_hasItsOptions() {
    const auto isShown = [&](const char* name) { return part<QWidget>(name)->isVisible(); };
    const std::pair<level::TargetFormat, QList<const char*>> wanted[] = {
        {level::TargetFormat::TextGrid, {"target-one-file"}},
        {level::TargetFormat::Picture, {"target-shows", "target-scale", "target-zones"}},
        {level::TargetFormat::PlanBook, {"target-paper", "target-cell", "target-reach"}},
        {level::TargetFormat::Model,
         {"target-depth", "target-up", "target-unit-mm", "target-collision"}},
        {level::TargetFormat::Placements, {"target-y", "target-unit"}},
        {level::TargetFormat::Findings, {"target-report"}},
        {level::TargetFormat::Recipe, {"target-recipe", "target-collision", "target-flips"}},
        {level::TargetFormat::Bundle, {"ways-up-to"}}};
    QStringList all;
    for (const auto& [format, names] : wanted)
        for (const char* name : names)
            all << QLatin1String(name);
    for (const auto& [format, names] : wanted) {
        change("grids", [format = format](level::Target& target) { target.format = format; });
        for (const QString& name : std::as_const(all)) {
            const bool isWanted = std::any_of(names.begin(), names.end(), [&](const char* each) {
                return name == QLatin1String(each);
            });
            // Zones and reach are of plans and pictures alike.
            if (name == "target-zones" || name == "target-reach" || name == "target-cell") continue;
            QVERIFY2(isShown(qPrintable(name)) == isWanted, qPrintable(name));
        }
    }
    // The scripts of the project can be chosen.
    change("grids", [](level::Target& target) { target.format = level::TargetFormat::Recipe; });
    auto* recipe = part<QComboBox>("target-recipe");
    QVERIFY(recipe->findText("recipes/rows.lua") >= 0);
    choose("target-recipe", recipe->findText("recipes/rows.lua"));
    QCOMPARE(session().document.project().findTarget("grids")->options.recipe,
             std::string("recipes/rows.lua"));
}

void ShipWindowTest::cards_areWorkedByKeys() {
    QVERIFY(isKnown("grids") && isKnown("maps"));
    card("grids")->setFocus();
    QTest::keyClick(card("grids"), Qt::Key_Down);
    QCOMPARE(m_window->focusWidget(), card("maps"));
    QTRY_COMPARE(session().workbench.options<ShipOptions>().target, std::string("maps"));
    QTest::keyClick(card("maps"), Qt::Key_Return);
    QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(out("maps/intake.png")), 10000);
    QTest::keyClick(m_window->focusWidget(), Qt::Key_Up);
    QCOMPARE(m_window->focusWidget(), card("grids"));
}

void ShipWindowTest::board_isBackByEscape_andTargetsByTheirKey() {
    QTest::keyClick(m_window->focusWidget(), Qt::Key_Escape);
    QVERIFY(board().isVisible());
    QVERIFY(!part<TargetsPage>("targets")->isVisible());
    QTest::keyClick(&board(), Qt::Key_6);
    QVERIFY(part<TargetsPage>("targets")->isVisible());
    QTest::keyClick(m_window->focusWidget(), Qt::Key_2);
    QVERIFY(board().isVisible());
}

void ShipWindowTest::imported_asANewLevel_withAChosenSign() {
    const QString file = m_folder->filePath("side pool.txt");
    testing::writeBytes(file, "; Side pool\n########\n#K.?..G#\n########\n");
    const std::size_t count = session().document.project().levels.size();
    session().requests.openImport(file);
    auto* page = part<ImportPage>("import");
    QVERIFY(page && page->isVisible());
    auto* take = part<QAbstractButton>("import-take");
    QTRY_VERIFY(take->isEnabled());
    QVERIFY(part<QLabel>("import-lost")->text().contains("stands for nothing") ||
            part<QLabel>("import-lost")->text().contains("sign"));
    auto* signs = part<QTableWidget>("import-signs");
    QCOMPARE(signs->rowCount(), 5);
    for (int row = 0; row < signs->rowCount(); ++row) {
        if (signs->item(row, 0)->text() != "?") continue;
        auto* box = qobject_cast<QComboBox*>(signs->cellWidget(row, 2));
        QCOMPARE(box->currentIndex(), 0);
        box->setCurrentIndex(box->findText("Lantern"));
        Q_EMIT box->activated(box->currentIndex());
        break;
    }
    QTRY_VERIFY(take->isEnabled() && part<QLabel>("import-lost")->text().isEmpty());
    QCOMPARE(session().document.project().levels.size(), count);  // nothing has changed yet
    QTest::keyClick(page, Qt::Key_Return);
    QCOMPARE(session().document.project().levels.size(), count + 1);
    QCOMPARE(level().title, std::string("Side pool"));
    QCOMPARE(level().entities.size(), std::size_t(3));
    QVERIFY(!page->isVisible());
    session().document.undo();
    QCOMPARE(session().document.project().levels.size(), count);
}

void ShipWindowTest::imported_overALevel_isOneUndo() {
    const QString file = m_folder->filePath("again.txt");
    testing::writeBytes(file, "####\n#K.#\n####\n");
    const auto former = session().document.level();
    session().requests.openImport(file);
    auto* take = part<QAbstractButton>("import-take");
    QTRY_VERIFY(take->isEnabled());
    choose("import-into", 1);
    QTRY_VERIFY(take->isEnabled() &&
                part<QLabel>("import-changes")->text().contains("Intake steps become"));
    QTest::mouseClick(take, Qt::LeftButton);
    QCOMPARE(level().cells.width(), 4);
    QCOMPARE(level().id, former->id);
    session().document.undo();
    QVERIFY(session().document.level()->cells == former->cells);
}

void ShipWindowTest::dropped_filesAreBroughtIn() {
    const QString file = m_folder->filePath("drop.txt");
    testing::writeBytes(file, "##\n");
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(file)});
    QDragEnterEvent enter({50, 50}, Qt::CopyAction, &data, Qt::LeftButton, {});
    QCoreApplication::sendEvent(m_window.get(), &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent drop({50, 50}, Qt::CopyAction, &data, Qt::LeftButton, {});
    QCoreApplication::sendEvent(m_window.get(), &drop);
    QTRY_VERIFY(part<ImportPage>("import") && part<ImportPage>("import")->isVisible());
}

void ShipWindowTest::broken_filesSayWhy() {
    const QString file = m_folder->filePath("broken.level.json");
    testing::writeBytes(file, "{ \"format\": \"rookplot-level\" ");
    const auto before = session().document.project();
    session().requests.openImport(file);
    QTRY_VERIFY(part<QLabel>("import-changes")->text().contains("broken.level.json"));
    QVERIFY(!part<QAbstractButton>("import-take")->isEnabled());
    QVERIFY(session().document.project().sharesAllWith(before));
}

ROOK_TEST(ShipWindowTest)

}  // namespace rook::ship_window_test

#include "ship_test.moc"
