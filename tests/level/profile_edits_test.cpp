/// Motion profiles: presets are fine as they are, and edits keep levels and profiles together.

#include "level/profile_edits.h"

#include <set>

#include "motion/step_tables.h"
#include "testing.h"

namespace rook::profile_edits_test {

using namespace rook::level;

class ProfileEditsTest : public QObject {
    Q_OBJECT
private slots:
    void presets_haveTables_andNamesOfTheirOwn();
    void renaming_takesTheLevelsAlong();
    void copy_isUsedByTheLevel_underAFreshName();
    void removing_isRefused_whileALevelMovesByIt();
};

namespace {

Project twoLevels() {
    Project project = testing::smallProject();
    Level a = testing::drawnLevel(project, {"S.X", "###"});
    a.id = {"a"};
    Level b = a;
    b.id = {"b"};
    project.levels = {std::make_shared<const Level>(a), std::make_shared<const Level>(b)};
    return project;
}

}  // namespace

void ProfileEditsTest::presets_haveTables_andNamesOfTheirOwn() {
    std::set<std::string> names;
    for (const MotionProfile& preset : profilePresets()) {
        QVERIFY(names.insert(preset.name).second);
        QVERIFY2(motion::makeStepTables(preset, {16, 16}), preset.name.c_str());
    }
    QVERIFY(names.size() >= 4);
}

void ProfileEditsTest::renaming_takesTheLevelsAlong() {
    Project project = copyProfile(twoLevels(), {"a"}, MotionProfile{}).project;
    const std::string name = project.findLevel({"a"})->profile;
    MotionProfile changed = *project.profileOf(*project.findLevel({"a"}));
    changed.name = "swift";
    changed.run = {9000};
    const auto edit = changeProfile(project, name, changed);
    QVERIFY(edit);
    QCOMPARE(edit->project.findLevel({"a"})->profile, std::string("swift"));
    QCOMPARE(edit->project.profileOf(*edit->project.findLevel({"a"}))->run.thousandths, 9000);
    QVERIFY(!changeProfile(project, "nobody", changed));
    changed.name = project.profiles[0].name;
    QVERIFY(!changeProfile(project, name, changed));
}

void ProfileEditsTest::copy_isUsedByTheLevel_underAFreshName() {
    const Project before = twoLevels();
    const Project after = copyProfile(before, {"b"}, before.profiles[0]).project;
    QCOMPARE(after.profiles.size(), std::size_t{2});
    QVERIFY(after.profiles[1].name != after.profiles[0].name);
    QCOMPARE(after.findLevel({"b"})->profile, after.profiles[1].name);
    QVERIFY(after.findLevel({"a"})->profile.empty());
    QVERIFY(
        useProfile(after, {"b"}, after.profiles[0].name).project.findLevel({"b"})->profile.empty());
}

void ProfileEditsTest::removing_isRefused_whileALevelMovesByIt() {
    const Project before = twoLevels();
    QVERIFY(!removeProfile(before, before.profiles[0].name));
    const Project two = copyProfile(before, {"b"}, before.profiles[0]).project;
    QVERIFY(!removeProfile(two, two.profiles[1].name));
    const Project freed = useProfile(two, {"b"}, two.profiles[0].name).project;
    QCOMPARE(removeProfile(freed, two.profiles[1].name)->project.profiles.size(), std::size_t{1});
}

ROOK_TEST(ProfileEditsTest)

}  // namespace rook::profile_edits_test

#include "profile_edits_test.moc"
