/// The fields that are described in level/: each is kept by reader and writer, and none is missing.

#include "file/described_detail.h"
#include "file/project_file.h"
#include "testing.h"

namespace rook::described_test {

using namespace level;

namespace {

struct Anything {
    template <typename T>
    constexpr operator T() const;  // NOLINT: it is anything
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

/// Another value that the rule lets through.
template <typename M>
M otherThan(const M& value, const FieldRule& rule) {
    if constexpr (std::is_same_v<M, bool>)
        return !value;
    else if constexpr (std::is_same_v<M, int>)
        return value != rule.high ? static_cast<int>(rule.high) : static_cast<int>(rule.low);
    else if constexpr (std::is_same_v<M, Decimal>)
        return {rule.hasRange() ? rule.low : value.thousandths + 125};
    else if constexpr (std::is_enum_v<M>)
        return static_cast<M>(value == M{} ? 1 : 0);
    else if constexpr (std::is_same_v<M, std::string>)
        return value + "other";
    else if constexpr (std::is_same_v<M, std::vector<int>>)
        return {3, -7};
    else if constexpr (std::is_same_v<M, std::vector<Ability>>)
        return {Ability::WallJump};
    else if constexpr (std::is_same_v<M, std::vector<Tile>>)
        return {Tile(0, 3, true, false), Tile(0, 5)};
    else
        return {"another"};
}

template <typename T>
T throughFile(const T& value) {
    const file::Json json = file::Json::parse(file::compactText(file::describedJson(value)));
    file::ObjectReader reader(json, "test");
    return file::readDescribed<T>(reader);
}

/// Rules name the sheets of their tiles, so a whole level goes through its file.
ScatterRule throughFile(const ScatterRule& rule) {
    Project project;
    Sheet sheet;
    sheet.name = "weir";
    project.sheets = std::vector{sheet};
    Level level;
    level.id = {"intake"};
    level.cells = Grid<Cell>(4, 4);
    level.scatter = std::vector{rule};
    const auto read = file::readLevelText(project, file::levelText(project, level), "intake.json");
    if (!read) qWarning("%s", read.error().sentence().c_str());
    return read && !read->scatter.empty() ? read->scatter[0] : ScatterRule{};
}

/// Makes one field after the other differ, and reads what was written.
template <typename T>
class Differences {
public:
    explicit Differences(int& fields) : m_fields(fields) {}
    template <typename M>
    void operator()(const char* key, M T::*member, const FieldRule& rule) {
        T value;
        value.*member = otherThan(value.*member, rule);
        ++m_fields;
        compare(key, value);
    }
    void operator()(const char* key, int T::*first, int T::*second, const FieldRule& rule) {
        T value;
        value.*first = otherThan(value.*first, rule);
        value.*second = static_cast<int>(rule.low);
        m_fields += 2;
        compare(key, value);
    }

private:
    static void compare(const char* key, const T& value) {
        QVERIFY2(!(value == T{}), key);
        QVERIFY2(throughFile(value) == value, key);
    }
    int& m_fields;
};

template <typename T>
void checkEachField() {
    int fields = 0;
    Description<T>::each(Differences<T>(fields));
    // A member that is neither described nor counted among the others was forgotten.
    QCOMPARE(fields + Description<T>::besides, memberCount<T>());
}

}  // namespace

class DescribedTest : public QObject {
    Q_OBJECT
private slots:
    void eachField_isKept();
    void outOfRange_isRefused_withItsPlace();
    void whatIsAsAlways_isLeftOut();
};

void DescribedTest::eachField_isKept() {
    checkEachField<MotionProfile>();
    checkEachField<TileLayer>();
    checkEachField<Picture>();
    checkEachField<ScatterRule>();
    checkEachField<DoorWay>();
    checkEachField<Patrol>();
    checkEachField<SpringHeights>();
}

void DescribedTest::outOfRange_isRefused_withItsPlace() {
    const auto refusal = [](const char* text) -> std::string {
        const file::Json json = file::Json::parse(text);
        try {
            file::ObjectReader reader(json, "test");
            (void)file::readDescribed<Patrol>(reader);
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
    TileLayer layer;
    layer.name = "mist";
    QVERIFY(file::describedJson(layer) == file::Json::parse(R"({"name": "mist"})"));
    layer.opacity = 40;
    QVERIFY(file::describedJson(layer) == file::Json::parse(R"({"name": "mist", "opacity": 40})"));
}

ROOK_TEST(DescribedTest)

}  // namespace rook::described_test

#include "described_test.moc"
