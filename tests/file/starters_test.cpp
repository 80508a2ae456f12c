/// What a new project may begin with: each is a whole small game, drawn and proven.

#include "file/starters.h"

#include <set>

#include "check/project_findings.h"
#include "check/report.h"
#include "data.h"
#include "file/asset_facts.h"
#include "file/project_file.h"
#include "file/sheet_import.h"
#include "game/proof.h"
#include "testing.h"

namespace rook::starters_test {

class StartersTest : public QObject {
    Q_OBJECT
private slots:
    void eachHasNothingToMend_data();
    void eachHasNothingToMend();
    void casts_haveEveryRole();
    void makingOne_writesOverNothing();
    void namesAndPictures_areTheProjectsOwn();
};

void StartersTest::eachHasNothingToMend_data() {
    QTest::addColumn<QString>("name");
    // Under sanitizers the larger ones take minutes.
    const bool isShort = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0;
    for (const file::Starter& starter : file::starters())
        if (!isShort || starter.name == "above" || starter.name == "blank")
            QTest::addRow("%s", std::string(starter.name).c_str())
                << QString::fromStdString(std::string(starter.name));
}

void StartersTest::eachHasNothingToMend() {
    QFETCH(QString, name);
    const QTemporaryDir folder;
    const file::Path path = folder.filePath("mine").toStdString();
    const file::Starter& starter = *file::findStarter(name.toStdString());
    QVERIFY(file::makeProject(file::diskStorage(), path, starter, "Mine"));
    const auto project = file::openProject(file::diskStorage(), path);
    QVERIFY2(project, project ? "" : project.error().sentence().c_str());
    const bool isBlank = name == "blank";
    const auto facts = file::assetFactsOf(file::diskStorage(), path, *project);
    for (const check::ProjectFinding& finding : check::projectFindings(*project, facts))
        QVERIFY2(finding.severity == check::Severity::Note, finding.sentence.c_str());
    const skin::Opacity opacity = file::opacityOf(file::diskStorage(), path, *project);
    for (const auto& level : project->levels) {
        const auto report = check::reportOf(*project, *level, opacity, {false, true});
        QVERIFY(report);
        for (const check::Finding& finding : report->findings())
            QVERIFY2(isBlank || finding.severity == check::Severity::Note,
                     finding.sentence.c_str());
    }
    if (isBlank) return;
    const game::GameProof proof = game::proveGame(*project);
    QCOMPARE(proof.ends, game::Decided::Yes);
    QVERIFY(proof.deadEnds.empty());
    QVERIFY(proof.never.empty());
}

void StartersTest::casts_haveEveryRole() {
    for (const char* name : {"side", "blank"}) {
        const QTemporaryDir folder;
        const file::Path path = folder.filePath("mine").toStdString();
        QVERIFY(file::makeProject(file::diskStorage(), path, *file::findStarter(name), "Mine"));
        const auto project = file::openProject(file::diskStorage(), path);
        QVERIFY(project);
        std::set<level::Role> roles;
        std::set<level::Behaviour> behaviours;
        for (const level::Kind& kind : project->kinds) {
            roles.insert(kind.role);
            QVERIFY2(!kind.sheet.empty() || kind.role == level::Role::Entry ||
                         kind.role == level::Role::Trigger || kind.role == level::Role::Formation,
                     kind.id.text.c_str());
        }
        for (const level::Matter& matter : project->matters)
            behaviours.insert(matter.behaviour);
        QCOMPARE(roles.size(), std::size_t(15));
        QVERIFY(behaviours.contains(level::Behaviour::Ladder));
        QVERIFY(behaviours.contains(level::Behaviour::Liquid));
    }
}

void StartersTest::makingOne_writesOverNothing() {
    const QTemporaryDir folder;
    const file::Path path = folder.path().toStdString();
    const file::Starter& starter = *file::findStarter("side");
    QVERIFY(file::makeProject(file::diskStorage(), path, starter, "Mine"));
    const auto again = file::makeProject(file::diskStorage(), path, starter, "Mine");
    QVERIFY(!again);
    QVERIFY(again.error().sentence().find("There is a project already") != std::string::npos);
    QVERIFY(QFile::remove(folder.filePath("rookplot.json")));
    testing::writeBytes(folder.filePath("sheets/plain.png"), "mine");
    QVERIFY(!file::makeProject(file::diskStorage(), path, starter, "Mine"));
    QCOMPARE(testing::readBytes(folder.filePath("sheets/plain.png")), QByteArray("mine"));
    QVERIFY(!file::findStarter("side "));
}

void StartersTest::namesAndPictures_areTheProjectsOwn() {
    const QTemporaryDir folder;
    const file::Path path = folder.filePath("The mill").toStdString();
    const std::string name = "The \"mill\"";
    QVERIFY(file::makeProject(file::diskStorage(), path, *file::findStarter("side"), name));
    QCOMPARE(file::openProject(file::diskStorage(), path)->name, name);
    QCOMPARE(testing::readBytes(folder.filePath("The mill/sheets/plain.png")),
             testing::readBytes(QStringLiteral(ROOK_SOURCE_DIR "/starters/side/sheets/plain.png")));
}

ROOK_TEST(StartersTest)

}  // namespace rook::starters_test

#include "starters_test.moc"
