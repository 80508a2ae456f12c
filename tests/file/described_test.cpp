/// The fields that are described in level/: each is kept by reader and writer, and none is missing.

#include <cstdlib>

#include "file/described_detail.h"
#include "file/kit_file.h"
#include "file/project_file.h"
#include "testing.h"

namespace rook::described_test {

using namespace level;

namespace {

struct Anything {
    template <typename T>
    operator T() const {  // NOLINT: it is anything
        std::abort();
    }
};

/// How many members a struct has: as many as it can be made of. After "counting the fields of an
/// aggregate" by A. Polukhin, 2016.
template <typename T, typename... Members>
constexpr int memberCount() {
    if constexpr (requires { T{Members{}..., Anything{}}; })
        return memberCount<T, Members..., Anything>();
    else
        return static_cast<int>(sizeof...(Members));
}

/// What parts of files may name.
const Project& known() {
    static const Project project = [] {
        Project made;
        Sheet sheet;
        sheet.name = "weir";
        made.sheets = std::vector{sheet};
        Matter stone;
        stone.name = "stone";
        made.matters.edit([&](auto& list) { list.push_back(stone); });
        FieldDefinition field;
        field.name = "bells";
        field.type = FieldType::Integer;
        field.defaultValue = std::int64_t{0};
        Kind kind;
        kind.id = {"one"};
        kind.fields = {field};
        Kind another = kind;
        another.id = {"another"};
        made.kinds = std::vector{kind, another};
        MotionProfile profile;
        profile.name = "other";
        made.profiles = std::vector{profile};
        Kit kit;
        kit.name = "other";
        made.kits = std::vector{kit};
        Backdrop backdrop;
        backdrop.name = "other";
        made.backdrops = std::vector{backdrop};
        return made;
    }();
    return project;
}

/// A value that a file may hold: what is required is there.
template <typename T>
T valid() {
    T value{};
    if constexpr (requires { value.name = std::string(); }) value.name = "one";
    if constexpr (requires { value.title; }) value.title = "One";
    if constexpr (requires { value.id.text; }) value.id.text = "one";
    if constexpr (std::same_as<T, Mark>) {
        value.id.number = 1;
        value.points = std::vector<PxPoint>{{0, 0}, {4, 4}};
    }
    if constexpr (std::same_as<T, Entity>) {
        value.kind = {"one"};
        value.box = {0, 0, 16, 16};
    }
    if constexpr (std::same_as<T, FieldDefinition>) value.defaultValue = defaultOf(value.type);
    if constexpr (std::same_as<T, Kind>) value.id = {"one"};
    if constexpr (std::same_as<T, PartMatch>) {
        value.part = "Bell";
        value.target = "one";
    }
    if constexpr (std::same_as<T, ProfileFit>) value.with = "one";
    if constexpr (std::same_as<T, TileAnimation>) value.frames = {0, 1};
    if constexpr (std::same_as<T, Zone>) value.place = {0, 0, 2, 2};
    if constexpr (std::same_as<T, LaidBlock>) value = {"one", {0, 0, 2, 2}};
    if constexpr (std::same_as<T, Block>) value.cells = Grid<Cell>(2, 2);
    if constexpr (std::same_as<T, PlacedPiece>) {
        value.id = 1;
        value.piece = "one";
    }
    if constexpr (std::same_as<T, Solid>) value.id = 1;
    if constexpr (std::same_as<T, Port>) value = {{}, Side::Right, {}, "one"};
    if constexpr (std::same_as<T, Piece>) value.cells = {PieceCell{}};
    if constexpr (std::same_as<T, Level>) {
        value.cells = Grid<Cell>(4, 4);
        value.legend = {{".", Cell()}};
    }
    if constexpr (std::same_as<T, Project>) value.kinds = std::vector{valid<Kind>()};
    if constexpr (std::same_as<T, Counter> || std::same_as<T, RosterCounter>) value.kind = {"one"};
    if constexpr (std::same_as<T, CounterGoal>) value.counter = {"one"};
    if constexpr (std::same_as<T, TallyStart>) value.tally = "one";
    if constexpr (std::same_as<T, Tally::Every>) value.tally = "one";
    if constexpr (std::same_as<T, Words>) value.id = "one";
    if constexpr (std::same_as<T, Translation>) value.language = "one";
    if constexpr (std::same_as<T, MapPlace>) value.level = {"one"};
    if constexpr (std::same_as<T, CellRect>) value = {0, 0, 1, 1};
    if constexpr (std::same_as<T, runtime::Timetable>) value = {120, {{0, 60}}};
    return value;
}

/// Another value that the rule lets through.
template <typename M>
M otherThan(const M& value, const FieldRule& rule) {
    const auto low = static_cast<int>(rule.low), high = static_cast<int>(rule.high);
    const int offset = rule.isCountedFromOne ? 1 : 0;
    if constexpr (std::same_as<M, bool>)
        return !value;
    else if constexpr (std::same_as<M, int>)
        return (value + offset != high ? high : low) - offset;
    else if constexpr (std::same_as<M, double>)
        return value + 0.25;
    else if constexpr (std::same_as<M, Decimal>)
        return {rule.hasRange() ? rule.low : value.thousandths + 125};
    else if constexpr (std::is_enum_v<M>)
        return static_cast<M>(value == M{} ? 1 : 0);
    else if constexpr (std::same_as<M, std::string>)
        return rule.text == TextSort::Color   ? "#123456"
               : rule.text == TextSort::Sheet ? "weir"
                                              : "other";
    else if constexpr (file::detail::IsId<M>)
        return {"another"};
    else if constexpr (file::detail::IsPoint<M>)
        return {value.x + 3, value.y + 2};
    else if constexpr (std::same_as<M, CellSize>)
        return {7, 9};
    else if constexpr (std::same_as<M, std::pair<int, int>>)
        return {low + 1, low + 5};
    else if constexpr (std::same_as<M, std::array<Decimal, 4>>)
        return {Decimal{1500}, Decimal{-20}, Decimal{}, Decimal{4}};
    else if constexpr (file::detail::IsOptional<M>)
        return otherThan(valid<typename M::value_type>(), rule);
    else if constexpr (file::detail::IsList<M>) {
        using Item = file::detail::Item<M>;
        if constexpr (Described<Item>)
            return std::vector<Item>{valid<Item>()};
        else
            return std::vector<Item>(std::max<std::size_t>(rule.fewest, 1),
                                     otherThan(Item{}, rule));
    } else if constexpr (std::same_as<M, Track>) {
        Track track;
        track.points = {{16, 0}};
        track.isRound = true;
        track.periodTicks = 90;
        track.pace = {1500};
        track.waits = {4};
        track.ease = Ease::Smooth;
        return track;
    } else if constexpr (std::same_as<M, Sketch>) {
        M sketch;
        sketch.routes = std::vector<Route>{valid<Route>()};
        return sketch;
    } else {
        static_assert(Described<M>);
        M other = valid<M>();
        bool isFirst = true;
        // The first field of it that is not by hand.
        Description<M>::each([&](const char*, auto member, const auto&... each) {
            if constexpr (std::is_member_pointer_v<decltype(member)>) {
                if (isFirst) other.*member = otherThan(other.*member, each...);
                isFirst = false;
            }
        });
        return other;
    }
}

/// Where a field that differs breaks a rule of the whole: another value that keeps to it.
template <typename T>
void keepRules(T&, std::string_view) {}
void keepRules(FieldDefinition& field, std::string_view key) {
    if (key == "type") field.defaultValue = defaultOf(field.type);
}
void keepRules(Track& track, std::string_view key) {
    if (key == "points") track.points = {{0, -32}};
    if (key == "waits") track.waits = {4};
}
void keepRules(Formation& formation, std::string_view key) {
    if (key == "gaps") formation.gaps = {3, 5};
}
void keepRules(Matter& matter, std::string_view key) {
    if (key == "glyph") matter.glyph = "%";
}
void keepRules(PartMatch& part, std::string_view key) {
    if (key == "is") part.target = "stone";
    if (key == "target") part.target = "another";
}
void keepRules(Piece& piece, std::string_view key) {
    if (key == "cells") piece.cells[0].storey = 1;
    if (key == "pivot") std::tie(piece.pivotX, piece.pivotY) = std::pair(1, 2);
}
void keepRules(RoleData& data, std::string_view key) {
    if (key == "letter") data.letter = "K";
}
void keepRules(Tally& tally, std::string_view key) {
    if (key == "start") tally.start = 7;
    if (key == "least") tally.least = -5;
    if (key == "most") tally.most = 12;
}
void keepRules(Game& game, std::string_view key) {
    if (key == "texts") game.texts[0].when = WordsWhen::End;
}
void keepRules(Project& project, std::string_view key) {
    if (key == "kinds") project.kinds.edit([](auto& list) { list[0].id = {"another"}; });
}

/// Makes what stands in files by hand differ; one overload a type that has such.
void differ(FieldDefinition& field, std::string_view) {
    field.defaultValue = std::string("Mind the weir");
    field.item = FieldType::Text;
}
void differ(Kind& kind, std::string_view) {
    kind.spriteTiles = {2, 3};
    kind.sprite = PxRect{-4, -8, 24, 32};
}
void differ(Entity& entity, std::string_view key) {
    if (key == "x") entity.box = {-5, 7, 11, 13};
    if (key == "fields") {
        entity.fields = {{"bells", std::int64_t{3}}};
        entity.unknownFields = {{"ropes", "2"}};
    }
}
void differ(KeptRun& run, std::string_view) {
    run.spans = {{5, 1, -1, 3}, {2, 0, 0, 0}};
}
void differ(Zone& zone, std::string_view key) {
    if (key == "at") zone.place = {1, 2, 3, 2};
    if (key == "camera") zone.camera = PxRect{-8, 0, 320, 180};
}
void differ(Matter& matter, std::string_view) {
    matter.fields = {{"friction", Decimal{250}}};
}
void differ(TileLayer& layer, std::string_view key) {
    if (key == "tiles") {
        layer.tiles = Grid<Tile>(4, 4);
        layer.tiles.set(1, 2, Tile(0, 5, true, true));
    } else {
        layer.cells = Grid<Cell>(4, 4);
        layer.cells.set(2, 1, Cell(MatterId{1}));
    }
}
void differ(ScatterRule& rule, std::string_view) {
    rule.tiles = {Tile(0, 3, true, false), Tile(0, 5)};
}
void differ(Mark& mark, std::string_view key) {
    if (key == "id")
        mark.id = {12};
    else
        mark.points = std::vector<PxPoint>{{3, 4}, {-5, 6}, {7, 7}};
}
void differ(Route& route, std::string_view) {
    route.points = {{0, 0}, {8, 0}};
    route.beads = {Bead{0, 500, BeadSort::Foe, "The otter", CellRect{1, 2, 3, 4}, {}}};
}
void differ(PieceCell& cell, std::string_view) {
    cell.walls = 0b0101;
}
void differ(Piece& piece, std::string_view) {
    piece.turns = 0b0110;
}
void differ(PlacedPiece& placed, std::string_view) {
    placed.offX = Rational(1, 4);
    placed.offY = Rational(-1, 3);
}
template <typename Placed>
void differPlaceOrSize(Placed& placed, std::string_view key) {
    if (key == "at") {
        placed.x = Rational(5, 4);
        placed.y = Rational(-2, 3);
    } else {
        placed.width = Rational(3, 4);
        placed.depth = 7;
    }
}
void differ(Opening& opening, std::string_view key) {
    differPlaceOrSize(opening, key);
}
void differ(Solid& solid, std::string_view key) {
    differPlaceOrSize(solid, key);
}
void differ(LaidBlock& laid, std::string_view) {
    laid.place = {3, 1, 2, 4};
}
void differ(Block& block, std::string_view) {
    block.cells = Grid<Cell>(3, 2);
    block.cells.set(1, 1, Cell(MatterId{1}));
}
void differ(Level& level, std::string_view key) {
    if (key == "cell") level.cellSize = {24, 32};
    if (key == "size") level.cells = Grid<Cell>(5, 3);
    if (key == "background") level.background = "#123456";
    if (key == "matter") {
        level.cells.set(0, 0, Cell(MatterId{1}));
        level.legend.push_back({"%", Cell(MatterId{1})});
    }
    if (key == "tiles") {
        level.tiles = Grid<Tile>(4, 4);
        level.tiles.set(0, 3, Tile::blank());
    }
    if (key == "secrets") level.secrets = std::vector<CellRect>{{0, 1, 2, 3}};
    if (key == "motifs") level.motifs = std::vector<CellRect>{{1, 0, 3, 2}};
}
void differ(Project& project, std::string_view key) {
    if (key == "matters") project.matters.edit([](auto& list) { list.push_back(valid<Matter>()); });
    const auto board = std::make_shared<const Level>(valid<Level>());
    if (key == "kits") project.kits = std::vector{valid<Kit>()};
    if (key == "swatches") project.swatches = {board};
    if (key == "order") project.levels = {board};
}

/// Written and read again.
template <typename T>
T throughFile(const T& value) {
    file::FileContext context{&known(), {0, 0, 4, 4}};
    file::Json json;
    if constexpr (file::detail::IsLong<T>) {
        file::JsonLines lines;
        file::writeDescribed(lines, context, value);
        json = file::Json::parse(lines.take());
    } else {
        json = file::Json::parse(file::compactText(file::describedJson(context, value)));
    }
    file::ObjectReader reader(json, "test.json");
    return file::readDescribed<T>(reader, context);
}
Level throughFile(const Level& level) {
    const auto read = file::readLevelText(known(), file::levelText(known(), level), "level.json");
    if (!read) qWarning("%s", read.error().sentence().c_str());
    return read.value_or(Level{});
}
Kit throughFile(const Kit& kit) {
    const auto read = file::readKitText(file::kitText(kit), "kit.json");
    if (!read) qWarning("%s", read.error().sentence().c_str());
    return read.value_or(Kit{});
}
/// Its boards and kits are files of their own, which a project in memory stands for here.
Project throughFile(const Project& project) {
    file::BoardIds boards;
    auto read = file::readProjectText(file::projectText(project), "rookplot.json", boards);
    if (!read) qWarning("%s", read.error().sentence().c_str());
    if (!read) return {};
    for (const std::string& id : boards.order)
        read->levels.push_back(project.findLevel({id}));
    for (const std::string& id : boards.swatches)
        read->swatches.push_back(project.findLevel({id}));
    std::vector<Kit> kits;
    for (const std::string& name : boards.kits)
        kits.push_back(*project.findKit(name));
    read->kits = std::move(kits);
    return *read;
}

/// Makes one field after the other differ, and reads what was written.
template <typename T>
class Differences {
public:
    explicit Differences(int& fields) : m_fields(fields) {}
    template <typename M>
    void operator()(const char* key, M T::*member, const FieldRule& rule) {
        T value = valid<T>();
        value.*member = otherThan(value.*member, rule);
        keepRules(value, key);
        ++m_fields;
        compare(key, value);
    }
    template <typename... M>
    void operator()(const char* key, const std::tuple<M...>& members, const FieldRule& rule) {
        std::apply([&](auto... member) { ((*this)(key, member, rule), ...); }, members);
    }
    template <typename... M>
    void operator()(const char* key, const ByHand<M...>&) {
        T value = valid<T>();
        differ(value, key);
        m_fields += static_cast<int>(sizeof...(M));
        compare(key, value);
    }

private:
    static void compare(const char* key, const T& value) {
        QVERIFY2(!(value == valid<T>()), key);
        try {
            QVERIFY2(throughFile(value) == value, key);
        } catch (const file::ReadFailure& failure) {
            QFAIL(qPrintable(QString::fromLatin1(key) + ": " +
                             QString::fromStdString(failure.error.sentence())));
        }
    }
    int& m_fields;
};

template <typename T>
void checkEachField() {
    int fields = 0;
    Description<T>::each(Differences<T>(fields));
    if constexpr (requires(T value) { value.unknown; }) {
        T value = valid<T>();
        value.unknown = {{"lanterns", "[1, 2]"}};
        QVERIFY(throughFile(value).unknown.size() == 1);
        ++fields;
    }
    if constexpr (requires { Description<T>::besides; }) fields += Description<T>::besides;
    // A member that is neither described nor counted among the others was forgotten.
    QCOMPARE(fields, memberCount<T>());
}

template <typename... T>
void checkAll() {
    (checkEachField<T>(), ...);
}

}  // namespace

class DescribedTest : public QObject {
    Q_OBJECT
private slots:
    void eachFieldOfTheCast_isKept() {
        checkAll<MotionProfile, FieldDefinition, Kind, SpringHeights, Track, Patrol, Formation,
                 Call, Trigger, DoorWay, RoleData, Transition, Appearance, ExitTarget, Entity,
                 KeptRun, Zone>();
        checkEachField<runtime::Timetable>();
    }
    void eachFieldOfTheLook_isKept() {
        checkAll<TileAnimation, TileNote, Sheet, Matter, TileLayer, FadeLine, Chance, Picture,
                 Backdrop, ScatterRule>();
    }
    void eachFieldOfPlans_isKept() {
        checkAll<CellRect, Mark, Leaf, Bead, Route, Underlay, Sketch, PartMatch>();
    }
    void eachFieldOfKits_isKept() {
        checkAll<PieceCell, Port, Measure, Piece, ProfileFit, PortProfile, KitBody, Kit,
                 PlacedPiece, Opening, Solid>();
    }
    void eachFieldOfLevelAndProject_isKept() {
        checkAll<runtime::Edges, LaidBlock, Block, Level, Project>();
    }
    void eachFieldOfTheGame_isKept() {
        checkAll<Tally::Every, Tally, LevelGoal, Translation, Words, Screen, GameStart, AfterLast,
                 Carries, MapPlace, Game>();
    }
    void outOfRange_isRefused_withItsPlace();
    void whatIsAsAlways_isLeftOut();
};

void DescribedTest::outOfRange_isRefused_withItsPlace() {
    const auto refusal = [](const char* text) -> std::string {
        const file::Json json = file::Json::parse(text);
        try {
            file::FileContext context{&known()};
            file::ObjectReader reader(json, "test");
            (void)file::readDescribed<Patrol>(reader, context);
        } catch (const file::ReadFailure& failure) {
            return failure.error.sentence();
        }
        return {};
    };
    QCOMPARE(refusal(R"({"gait": "walks", "speed": 16})"), std::string());
    const std::string tooFast = refusal(R"({"gait": "walks", "speed": 16.001})");
    QVERIFY2(tooFast.find("from 0.001 to 16") != std::string::npos, tooFast.c_str());
    QVERIFY2(tooFast.find("test.speed") != std::string::npos, tooFast.c_str());
    QVERIFY(refusal(R"({"speed": 1})").find("gait") != std::string::npos);
    QVERIFY(!refusal(R"({"gait": "walks", "turnsAt": [1.5]})").empty());
}

void DescribedTest::whatIsAsAlways_isLeftOut() {
    const file::FileContext context{&known()};
    Call call;
    call.message = "ring";
    QVERIFY(file::describedJson(context, call) ==
            file::Json::parse(R"({"when": "enter", "message": "ring"})"));
    call.target = {"bell"};
    QVERIFY(file::describedJson(context, call) ==
            file::Json::parse(R"({"when": "enter", "message": "ring", "target": "bell"})"));
}

ROOK_TEST(DescribedTest)

}  // namespace rook::described_test

#include "described_test.moc"
