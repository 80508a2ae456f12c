/// Adding, changing and merging matters: the cells of all levels follow by name.

#include "level/matter_edits.h"

#include "testing.h"

namespace rook::matter_edits_test {

using level::Cell;
using level::Form;
using level::Matter;
using level::MatterId;

namespace {

/// Cells as names, which no renumbering changes.
std::string nameAt(const level::Project& project, int x, int y) {
    return project.matterOf(project.levels[0]->cells.at(x, y)).name;
}

}  // namespace

class MatterEditsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void fresh_hasANameAndAGlyphOfItsOwn();
    void adding_isRefused_forNamesThatAreTaken();
    void changing_renamesInPartsAndJoins();
    void changing_isRefused_forFormsThatDoNotGo();
    void merging_keepsAllOtherCells_onRandomLevels();
    void takingAway_emptiesItsCells();
    void uses_areCounted();

private:
    level::Project m_project;
};

void MatterEditsTest::init() {
    m_project = testing::smallProject();
    auto level = testing::drawnLevel(m_project, {"#=H~^'", "##....", "......"});
    level.cells.set(2, 2, Cell({1}, Form::RiseRight));
    m_project.levels = {std::make_shared<const level::Level>(level)};
}

void MatterEditsTest::fresh_hasANameAndAGlyphOfItsOwn() {
    const Matter fresh = freshMatter(m_project, "Stone");
    QCOMPARE(fresh.name, std::string("stone-2"));
    QVERIFY(fresh.glyph != "#" && fresh.glyph.size() == 1);
    const auto edit = addMatter(m_project, fresh);
    QVERIFY(edit);
    QCOMPARE(edit->name, std::string("Add matter Stone"));
    QCOMPARE(edit->project.matters.size(), m_project.matters.size() + 1);
    QCOMPARE(freshMatter(m_project, "·").name, std::string("matter"));
}

void MatterEditsTest::adding_isRefused_forNamesThatAreTaken() {
    Matter matter = freshMatter(m_project, "New");
    matter.name = "plank";
    QCOMPARE(addMatter(m_project, matter).error().kind, ErrorKind::BadReference);
    matter.name = "Not Plain";
    QCOMPARE(addMatter(m_project, matter).error().kind, ErrorKind::BadReference);
    matter.name = "new";
    matter.joins = {"nowhere"};
    QCOMPARE(addMatter(m_project, matter).error().kind, ErrorKind::BadReference);
    matter.joins.clear();
    matter.behaviour = level::Behaviour::OneWay;
    matter.form = Form::RiseLeft;
    QCOMPARE(addMatter(m_project, matter).error().kind, ErrorKind::NotApplicable);
    level::Project full = m_project;
    full.matters.edit([](auto& list) { list.resize(4096); });
    QCOMPARE(addMatter(full, freshMatter(m_project, "New")).error().kind, ErrorKind::OutOfRange);
}

void MatterEditsTest::changing_renamesInPartsAndJoins() {
    m_project.parts.edit([](auto& list) {
        list.push_back({"rock", level::PartSort::Matter, "stone"});
    });
    m_project.matters.edit([](auto& list) { list[2].joins = {"stone", "moss"}; });
    Matter stone = m_project.matters[1];
    stone.name = "granite";
    stone.fields = {{"friction", level::Decimal{600}}};
    const auto edit = changeMatter(m_project, {1}, stone);
    QVERIFY(edit);
    QCOMPARE(edit->project.parts[0].target, std::string("granite"));
    QCOMPARE(edit->project.matters[2].joins[0], std::string("granite"));
    QCOMPARE(nameAt(edit->project, 0, 0), std::string("granite"));
    QCOMPARE(changeMatter(m_project, {0}, stone).error().kind, ErrorKind::NotApplicable);
}

void MatterEditsTest::changing_isRefused_forFormsThatDoNotGo() {
    Matter stone = m_project.matters[1];
    stone.behaviour = level::Behaviour::OneWay;
    const auto edit = changeMatter(m_project, {1}, stone);
    QVERIFY(!edit);
    QVERIFY(edit.error().where.ends_with("cell 2, 2"));
    stone.behaviour = level::Behaviour::Deadly;
    QVERIFY(changeMatter(m_project, {1}, stone));
}

void MatterEditsTest::merging_keepsAllOtherCells_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(4501);
    for (int round = 0; round < 60; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        level::Level level;
        level.id = {"random"};
        level.cells = Grid<Cell>(random.between(1, 70), random.between(1, 40));
        for (int i = 0; i < 300; ++i)
            level.cells.set(random.between(0, level.cells.width() - 1),
                            random.between(0, level.cells.height() - 1),
                            Cell({static_cast<std::uint16_t>(random.between(0, 6))}));
        m_project.levels = {std::make_shared<const level::Level>(level)};
        const MatterId from{static_cast<std::uint16_t>(random.between(1, 6))};
        const MatterId into{static_cast<std::uint16_t>(random.between(0, 6))};
        const auto edit = mergeMatter(m_project, from, into);
        QCOMPARE(edit.has_value(), from != into);
        if (!edit) continue;
        QVERIFY2(!edit->project.findMatter(m_project.matters[from.index].name), where);
        for (int y = 0; y < level.cells.height(); ++y)
            for (int x = 0; x < level.cells.width(); ++x) {
                const bool isFrom = level.cells.at(x, y).matter() == from;
                QVERIFY2(nameAt(edit->project, x, y) == (isFrom ? m_project.matters[into.index].name
                                                                : nameAt(m_project, x, y)),
                         where);
            }
    }
}

void MatterEditsTest::takingAway_emptiesItsCells() {
    const auto edit = mergeMatter(m_project, {1}, {0});
    QCOMPARE(edit->name, std::string("Take away matter stone"));
    QCOMPARE(nameAt(edit->project, 0, 0), std::string("open"));
    QVERIFY(edit->project.levels[0]->cells.at(2, 2).isOpen());
    QCOMPARE(nameAt(edit->project, 1, 0), std::string("plank"));
    // A rise that one-way matter cannot be becomes full.
    level::Project withSwatch = m_project;
    level::Level swatch;
    swatch.id = {"swatch-1"};
    swatch.cells = Grid<level::Cell>(4, 4, level::Cell(level::MatterId{2}));
    swatch.cells.set(1, 1, level::Cell(level::MatterId{1}));
    withSwatch.swatches = {std::make_shared<const level::Level>(swatch)};
    const auto taught = mergeMatter(withSwatch, {1}, {2});
    QVERIFY(taught.has_value());
    QCOMPARE(taught->project.swatches[0]->cells.at(1, 1).matter().index, 1);
    QCOMPARE(taught->project.swatches[0]->cells.at(0, 0).matter().index, 1);
    const auto merged = mergeMatter(m_project, {1}, {2});
    QCOMPARE(merged->project.levels[0]->cells.at(2, 2).form(), Form::Full);
}

void MatterEditsTest::uses_areCounted() {
    const auto use = useOf(m_project, {1});
    QCOMPARE(use.cells, std::int64_t(4));
    QCOMPARE(use.formed, std::int64_t(1));
    QCOMPARE(use.levels, 1);
    QCOMPARE(useOf(m_project, {0}).levels, 1);
}

ROOK_TEST(MatterEditsTest)

}  // namespace rook::matter_edits_test

#include "matter_edits_test.moc"
