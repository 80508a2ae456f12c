/// Reports of large projects: kept by what they depend on, shared by machines, solved several at
/// once.

#include "ship/kept_reports.h"

#include "base/random.h"
#include "data.h"
#include "level/edits.h"
#include "ship/report_formats.h"
#include "ship/report_parts.h"
#include "testing.h"

namespace rook::kept_reports_test {

using check::Finding;

class KeptReportsTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void init() { m_cache = std::make_unique<QTemporaryDir>(); }
    void report_isTheSame_howeverItIsMade();
    void oneLevelChanged_isOneLevelSolved();
    void key_hangsOnAllThatIsRead();
    void brokenEntries_areSolvedAnew();
    void whatIsNotDecided_isNotKept();
    void findings_comeBack_whole();
    void shards_shareAllLevels_evenly();
    void parts_thatDoNotFit_sayOneSentence();

private:
    [[nodiscard]] std::string report(const ship::ProjectWish& wish) const {
        const auto found = ship::reportOf(m_project, "/nowhere", wish);
        if (!found) qFatal("%s", found.error().sentence().c_str());
        return ship::jsonOf(*found);
    }
    [[nodiscard]] ship::ProjectWish kept() const {
        ship::ProjectWish wish;
        wish.cache = m_cache->path().toStdString();
        return wish;
    }
    /// The files in the cache.
    [[nodiscard]] QStringList entries() const {
        QStringList files;
        for (const QFileInfo& folder :
             QDir(m_cache->path()).entryInfoList(QDir::Dirs | QDir::NoDotAndDotDot))
            for (const QFileInfo& file : QDir(folder.filePath()).entryInfoList(QDir::Files))
                files << file.filePath();
        return files;
    }

    level::Project m_project;
    std::unique_ptr<QTemporaryDir> m_cache;
};

namespace {

/// A level of random ledges, most with a start and an exit.
level::Level randomLevel(const level::Project& project, Random& random, int number) {
    const int columns = random.between(16, 40), rows = random.between(8, 14);
    std::vector<std::string> text(std::size_t(rows), std::string(std::size_t(columns), '.'));
    text.back() = std::string(std::size_t(columns), '#');
    for (int ledge = random.between(1, 6); ledge > 0; --ledge) {
        const int y = random.between(2, rows - 2), x = random.between(0, columns - 4);
        for (int i = 0; i < random.between(1, 4); ++i)
            text[std::size_t(y)][std::size_t(x + i)] = random.chance(70) ? '#' : '=';
    }
    text[std::size_t(rows - 2)][1] = 'S';
    if (random.chance(85))
        text[std::size_t(random.between(1, rows - 2))][std::size_t(columns - 2)] = 'X';
    level::Level level = testing::drawnLevel(project, text);
    level.id = {"level-" + std::to_string(number)};
    level.title = "Level " + std::to_string(number);
    return level;
}

}  // namespace

void KeptReportsTest::initTestCase() {
    Random random(testing::seedOr(25));
    m_project = testing::smallProject();
    // As many as a large game has; fewer where each is slow.
    const int count = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0 ? 60 : 500;
    for (int i = 0; i < count; ++i)
        m_project.levels.push_back(
            std::make_shared<const level::Level>(randomLevel(m_project, random, i)));
}

void KeptReportsTest::report_isTheSame_howeverItIsMade() {
    const std::string whole = report({});
    QVERIFY(whole.size() > 1000);
    ship::ProjectWish wish;
    wish.jobs = 3;
    QVERIFY(report(wish) == whole);
    QVERIFY(report(kept()) == whole);
    QCOMPARE(entries().size(), qsizetype(m_project.levels.size()));
    QVERIFY(report(kept()) == whole);
    // By shards, in any order.
    std::vector<std::string> parts, names;
    for (const int index : {3, 1, 4, 2}) {
        const ship::Shard shard{index, 4};
        ship::ProjectWish mine;
        mine.only = ship::levelsOfShard(m_project, shard);
        mine.leavesProjectOut = index > 1;
        parts.push_back(ship::partText(*ship::reportOf(m_project, "/nowhere", mine), shard));
        names.push_back(std::to_string(index));
    }
    const auto joined = ship::joinParts(m_project, parts, names);
    QVERIFY2(joined, joined ? "" : joined.error().sentence().c_str());
    QVERIFY(ship::jsonOf(*joined) == whole);
}

void KeptReportsTest::oneLevelChanged_isOneLevelSolved() {
    const std::string before = report(kept());
    const QStringList all = entries();
    const level::Project former = m_project;
    level::Level level = *m_project.levels[7];
    level.cells.set(5, 4, level::Cell({1}, level::Form::Full));
    m_project = m_project.withLevel(level);
    const std::string after = report(kept());
    QCOMPARE(entries().size(), all.size() + 1);
    QVERIFY(after == report({}));
    m_project = former;
    QVERIFY(report(kept()) == before);
    QCOMPARE(entries().size(), all.size() + 1);
}

void KeptReportsTest::key_hangsOnAllThatIsRead() {
    const auto keyOf = [&](const level::Project& project, const check::ReportWish& wish = {}) {
        return ship::KeptReports(m_cache->path().toStdString(), "/nowhere", project, wish)
            .keyOf(*project.levels[0]);
    };
    const std::string key = keyOf(m_project);
    QCOMPARE(keyOf(m_project), key);
    QVERIFY(keyOf(m_project, {true, true}) != key);
    QVERIFY(keyOf(m_project, {false, false}) != key);
    const auto changed = [&](std::size_t at, const std::function<void(level::Level&)>& change) {
        level::Level level = *m_project.levels[at];
        change(level);
        return keyOf(m_project.withLevel(level));
    };
    const auto cell = [](level::Level& level) {
        level.cells.set(3, 3, level::Cell({1}, level::Form::Full));
    };
    const auto thing = [](level::Level& level) {
        level.entities.edit([](auto& list) { list.front().box.x += 16; });
    };
    const auto title = [](level::Level& level) { level.title = "Another"; };
    for (const auto& change :
         {std::function<void(level::Level&)>(cell), std::function<void(level::Level&)>(thing),
          std::function<void(level::Level&)>(title)})
        QVERIFY(changed(0, change) != key);
    // Of another level: what stands there may be led to, what is laid there is not asked.
    QVERIFY(changed(1, thing) != key);
    QCOMPARE(changed(1, cell), key);
    // The rules of the game.
    level::Project project = m_project;
    project.profiles.edit([](auto& list) { list.front().bodyHeight += 1; });
    QVERIFY(keyOf(project) != key);
    project = m_project;
    project.matters.edit([](auto& list) { list[1].behaviour = level::Behaviour::Deadly; });
    QVERIFY(keyOf(project) != key);
}

void KeptReportsTest::brokenEntries_areSolvedAnew() {
    const std::string whole = report(kept());
    Random random(testing::seedOr(9));
    const QStringList all = entries();
    for (int i = 0; i < 40; ++i) {
        const QString path = all[random.between(0, int(all.size()) - 1)];
        QByteArray bytes = testing::readBytes(path);
        if (bytes.isEmpty()) continue;  // it was emptied before
        const int at = random.between(0, int(bytes.size()) - 1);
        switch (random.between(0, 3)) {
            case 0:
                bytes[at] = char(bytes[at] ^ 1);
                break;
            case 1:
                bytes.truncate(at);
                break;
            case 2:
                bytes.clear();
                break;
            default:
                // What is kept for another level is none of its own.
                bytes = testing::readBytes(all[random.between(0, int(all.size()) - 1)]);
        }
        testing::writeBytes(path, bytes);
    }
    QVERIFY(report(kept()) == whole);
    // And they are whole again.
    QVERIFY(report(kept()) == whole);
    QCOMPARE(entries().size(), all.size());
    // Where nothing can be written, nothing is kept, and all is said.
    ship::ProjectWish wish;
    wish.cache = "/proc/none/cache";
    QVERIFY(report(wish) == whole);
}

void KeptReportsTest::whatIsNotDecided_isNotKept() {
    const ship::KeptReports reports(m_cache->path().toStdString(), "/nowhere", m_project, {});
    Finding finding;
    finding.kind = check::FindingKind::Trap;
    reports.keep("aa1", {finding});
    QVERIFY(reports.find("aa1") == std::vector<Finding>{finding});
    finding.kind = check::FindingKind::NotDecided;
    reports.keep("aa2", {finding});
    QVERIFY(!reports.find("aa2"));
    QVERIFY(!reports.find("bb3"));
}

void KeptReportsTest::findings_comeBack_whole() {
    Random random(testing::seedOr(3));
    const auto word = [&] {
        std::string text;
        for (int i = random.between(0, 12); i > 0; --i)
            text += char(random.between(32, 126));
        return text;
    };
    for (int round = 0; round < 300; ++round) {
        std::vector<Finding> findings(std::size_t(random.between(0, 4)));
        for (Finding& finding : findings) {
            finding.kind = check::FindingKind(random.between(0, int(check::findingKindCount) - 1));
            finding.severity = check::Severity(random.between(0, 2));
            finding.level.text = word();
            finding.sentence = word() + "\xc3\xa4";
            finding.entity.text = word();
            finding.place = {random.between(-9, 9), random.between(-9, 9), random.between(0, 9), 3};
            finding.fix = word();
            finding.picture = random.between(-1, 3);
            if (random.chance(50))
                finding.parallax = {level::Decimal{random.between(-5, 5)}, level::Decimal{7}};
            for (int i = random.between(0, 3); i > 0; --i)
                finding.pieces.push_back(random.between(0, 99));
            finding.storey = random.between(-1, 3);
        }
        const auto back = ship::readFindings(ship::findingsText(findings), "x");
        QVERIFY(back && *back == findings);
    }
    for (const char* broken : {"", "{", "{}", "[{}]", "[1]", "[{\"kind\":\"flies\"}]"}) {
        const auto read = ship::readFindings(broken, "x");
        QVERIFY2(!read || read->empty(), broken);
    }
}

void KeptReportsTest::shards_shareAllLevels_evenly() {
    for (const int count : {1, 2, 7}) {
        std::map<std::string, int> seen;
        std::vector<std::int64_t> loads;
        for (int index = 1; index <= count; ++index) {
            std::int64_t load = 0;
            for (const LevelId& id : ship::levelsOfShard(m_project, {index, count})) {
                ++seen[id.text];
                const auto level = m_project.findLevel(id);
                load += std::int64_t(level->cells.width()) * level->cells.height() + 200;
            }
            loads.push_back(load);
        }
        QCOMPARE(seen.size(), m_project.levels.size());
        for (const auto& [id, times] : seen)
            QVERIFY2(times == 1, id.c_str());
        const auto [least, most] = std::minmax_element(loads.begin(), loads.end());
        QVERIFY(*most - *least <= 40 * 14 + 200);
    }
}

void KeptReportsTest::parts_thatDoNotFit_sayOneSentence() {
    const auto part = [&](int index, int count) {
        const ship::Shard shard{index, count};
        ship::ProjectReport report;
        for (const LevelId& id : ship::levelsOfShard(m_project, shard))
            report.ofLevels.push_back({id, {}, {}});
        return ship::partText(report, shard);
    };
    const auto refused = [&](const std::vector<std::string>& texts) {
        const auto joined =
            ship::joinParts(m_project, texts, std::vector<std::string>(texts.size(), "part"));
        return joined ? std::string() : joined.error().sentence();
    };
    QCOMPARE(refused({part(1, 2), part(2, 2)}), std::string());
    QVERIFY(refused({part(1, 2)}).find("1 of 2") != std::string::npos);
    QVERIFY(refused({part(1, 2), part(1, 2)}).find("not the parts") != std::string::npos);
    QVERIFY(refused({part(1, 2), part(2, 3)}).find("not the parts") != std::string::npos);
    QVERIFY(refused({"{}"}).find("no part") != std::string::npos);
    QVERIFY(!refused({"["}).empty());
    QVERIFY(!refused({}).empty());
    ship::ProjectReport few;
    QVERIFY(refused({ship::partText(few, {1, 1})}).find("in no part") != std::string::npos);
}

ROOK_TEST(KeptReportsTest)

}  // namespace rook::kept_reports_test

#include "kept_reports_test.moc"
