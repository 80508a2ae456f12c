/// What two projects have in common, and edits of the project as a whole.

#include "level/rules.h"

#include "level/edits.h"
#include "testing.h"

namespace rook::rules_test {

using namespace rook::level;

class RulesTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void verdicts_dependOnKits();
    void verdicts_dependOnEntries_ofOtherLevels();
    void verdicts_doNotDependOnOtherThings_ofOtherLevels();
    void lists_areOthers_whenAKitChanges();
    void cells_meanTheSame_whileMattersAreOnlyAdded();

private:
    [[nodiscard]] Project withSecond(const Level& second) const {
        return m_project.withLevel(second);
    }
    Project m_project;
};

void RulesTest::init() {
    m_project = testing::smallProject();
    Level first = testing::drawnLevel(m_project, {"....", "####"});
    first.id = {"first"};
    Level second = first;
    second.id = {"second"};
    Entity entry;
    entry.id = {"door-1"};
    entry.kind = {"spawn"};
    entry.box = {0, 0, 8, 8};
    Entity prop = entry;
    prop.id = {"lantern-1"};
    prop.kind = {"lantern"};
    second.entities = std::vector<Entity>{entry, prop};
    m_project.levels = {std::make_shared<const Level>(first),
                        std::make_shared<const Level>(second)};
    Kit kit;
    kit.name = "quay";
    m_project.kits = std::vector{kit};
    bool hasSpawn = false;
    for (const Kind& kind : m_project.kinds)
        hasSpawn = hasSpawn || (kind.id == KindId{"spawn"} && kind.role == Role::Spawn);
    if (!hasSpawn)
        m_project.kinds.edit([](auto& kinds) {
            Kind spawn;
            spawn.id = {"spawn"};
            spawn.role = Role::Spawn;
            kinds.push_back(spawn);
        });
}

void RulesTest::verdicts_dependOnKits() {
    Project other = m_project;
    QVERIFY(haveSameRules(m_project, other));
    other.kits.edit([](auto& kits) { kits[0].body.height = Decimal{900}; });
    QVERIFY(!haveSameRules(m_project, other));
}

void RulesTest::verdicts_dependOnEntries_ofOtherLevels() {
    const auto without = deleteEntities(*m_project.levels[1], {EntityId{"door-1"}});
    QVERIFY(!haveSameRules(m_project, withSecond(without.level)));
}

void RulesTest::verdicts_doNotDependOnOtherThings_ofOtherLevels() {
    const auto without = deleteEntities(*m_project.levels[1], {EntityId{"lantern-1"}});
    QVERIFY(haveSameRules(m_project, withSecond(without.level)));
    Level drawn = *m_project.levels[1];
    drawn.cells.set(1, 0, Cell({1}));
    QVERIFY(haveSameRules(m_project, withSecond(drawn)));
}

void RulesTest::lists_areOthers_whenAKitChanges() {
    Project other = m_project;
    QVERIFY(haveSameLists(m_project, other));
    other.kits.edit([](auto& kits) { kits[0].pieces.emplace_back(); });
    QVERIFY(!haveSameLists(m_project, other));
}

void RulesTest::cells_meanTheSame_whileMattersAreOnlyAdded() {
    Project other = m_project;
    other.matters.edit([](auto& matters) {
        matters.push_back(matters.back());
        matters.back().name = "moss";
    });
    QVERIFY(nameSameMatters(m_project, other));
    QVERIFY(!nameSameMatters(other, m_project));
    other.matters.edit([](auto& matters) { std::swap(matters[1], matters.back()); });
    QVERIFY(!nameSameMatters(m_project, other));
}

ROOK_TEST(RulesTest)

}  // namespace rook::rules_test

#include "rules_test.moc"
