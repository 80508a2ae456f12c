/// What was solved before, in bundles: the files are those of one that is made anew.

#include "file/solved.h"

#include "file/bundle.h"
#include "testing.h"

namespace rook::solved_test {

using file::SolvedLevels;

class SolvedTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void files_areThoseOfABundleMadeAnew_afterAnyEdit();
    void oneLevelThatChanged_isSolved_andNoOther();
    void whatOthersHold_andPictures_count();

private:
    /// Holds a bundle by what was solved to one without.
    void compare();
    void changeLevel(std::size_t place, const std::function<void(level::Level&)>& change) {
        level::Level level = *m_project.levels[place];
        change(level);
        m_project.levels[place] = std::make_shared<const level::Level>(std::move(level));
    }
    [[nodiscard]] bool isKnown(std::size_t place) {
        return m_solved->levels
            .find(m_project, *m_project.levels[place], m_solved->levels.pictures(m_sheets))
            .has_value();
    }
    level::Project m_project;
    SolvedLevels::Files m_sheets;
    std::unique_ptr<file::Solved> m_solved;
};

void SolvedTest::init() {
    m_project = testing::smallProject();
    m_project.levels.clear();
    for (int i = 0; i < 3; ++i) {
        level::Level level =
            testing::drawnLevel(m_project, {"............", ".S........X.", "############"});
        level.id = {"level-" + std::to_string(i)};
        level.title = "Level " + std::to_string(i);
        m_project.levels.push_back(std::make_shared<const level::Level>(std::move(level)));
    }
    m_sheets = {{"notes.txt", "as it was"}};
    m_solved = std::make_unique<file::Solved>();
}

void SolvedTest::compare() {
    const auto kept = file::bundleFiles(m_project, m_sheets, nullptr, m_solved.get());
    const auto anew = file::bundleFiles(m_project, m_sheets);
    QVERIFY2(kept.has_value(), kept ? "" : kept.error().sentence().c_str());
    QVERIFY(anew.has_value());
    QVERIFY(*kept == *anew);
}

void SolvedTest::files_areThoseOfABundleMadeAnew_afterAnyEdit() {
    const std::uint64_t seed = testing::seedOr(20261201);
    Random random(seed);
    compare();
    for (int edit = 0; edit < 24; ++edit) {
        const auto place = std::size_t(random.between(0, 2));
        const level::Project former = m_project;
        switch (random.between(0, 5)) {
            case 0:
                changeLevel(place, [&](level::Level& level) {
                    level.cells.set(random.between(3, 8), 1, level::Cell({1}));
                });
                break;
            case 1:
                changeLevel(place, [&](level::Level& level) {
                    level.entities.edit([&](auto& list) { list.back().box.x -= 16; });
                });
                break;
            case 2:
                changeLevel(place, [&](level::Level& level) {
                    level.title = "Title " + std::to_string(edit);
                });
                break;
            case 3:
                m_project.matters.edit([&](auto& list) { list[1].title += "!"; });
                break;
            case 4:
                m_sheets["notes.txt"] += "!";
                break;
            default:
                m_project.bundle.isPacked = !m_project.bundle.isPacked;
                break;
        }
        compare();
        // Back, now and then: by the values themselves.
        if (random.chance(30)) {
            m_project = former;
            compare();
        }
        if (QTest::currentTestFailed())
            qFatal("ROOK_SEED=%llu", static_cast<unsigned long long>(seed));
    }
}

void SolvedTest::oneLevelThatChanged_isSolved_andNoOther() {
    compare();
    changeLevel(1, [](level::Level& level) { level.cells.set(5, 0, level::Cell({1})); });
    QVERIFY(isKnown(0) && !isKnown(1) && isKnown(2));
    compare();
    QVERIFY(isKnown(0) && isKnown(1) && isKnown(2));
}

void SolvedTest::whatOthersHold_andPictures_count() {
    compare();
    const level::Project former = m_project;
    changeLevel(1, [](level::Level& level) {
        level.entities.edit([](auto& list) { list.back().box.x -= 16; });
    });
    QVERIFY(!isKnown(0) && !isKnown(1) && !isKnown(2));
    m_project = former;
    QVERIFY(isKnown(0) && isKnown(1) && isKnown(2));
    m_sheets["notes.txt"] = "another";
    QVERIFY(!isKnown(0));
}

ROOK_TEST(SolvedTest)

}  // namespace rook::solved_test

#include "solved_test.moc"
