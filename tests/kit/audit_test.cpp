/// The audit against a plain look at every pair of pieces, in whole numbers.

#include "kit/audit.h"

#include <set>

#include "small_kit.h"
#include "testing.h"

namespace rook::audit_test {

using kit::FaultSort;
using level::Side;
using testing::kitBoard;
using testing::put;
using testing::smallKit;
using testing::with;

class AuditTest : public QObject {
    Q_OBJECT
private slots:
    void rational_isExact();
    void audit_equalsPlainLook_onRandomBoards();
    void ports_thatDoNotFit_areTold();
    void latch_fitsOnlyItsMirrorImage();
    void fraction_isTold_withGapAndOverlap_inUnits();
    void measuredPiece_isOfAnotherScale();
    void ramp_thatMeetsNothing_isTold();
    void counts_sayWhatTheLevelCosts();
};

namespace {

/// Everything in 1/420 modules: 420 is divided by 1 to 7.
constexpr int parts = 420;

struct PlainPort {
    std::size_t piece;
    int x, y;  ///< of the middle of the edge, half modules
    Side side;
    std::int64_t height;
    const level::Port* port;
};

struct Plain {
    std::set<std::tuple<int, int, int, int>> open;    ///< piece, half modules of the edge, side
    std::set<std::pair<int, int>> misfits;            ///< pieces
    std::map<std::tuple<int, int, int>, int> spaces;  ///< pieces, and whether across: in parts
    std::set<std::pair<int, int>> overlaps;
    std::set<std::pair<int, int>> twins;
    std::set<int> off;
};

int inParts(const Rational& value) {
    return int((value * Rational(parts)).top());
}

/// By the letter: turns corner by corner, and every pair.
Plain plainLook(const level::Kit& kit, const level::Level& level) {
    Plain plain;
    std::vector<PlainPort> ports;
    std::vector<std::vector<std::array<int, 3>>> cells;
    const std::vector<level::PlacedPiece> placed = level.pieces.items();
    for (std::size_t i = 0; i < placed.size(); ++i) {
        const level::Piece& piece = *kit.find(placed[i].piece);
        const CellRect bounds = piece.bounds();
        // Turns a point given in half modules, about nothing, then moves it back to the corner.
        const auto turn = [&](int x, int y) {
            int w = 2 * bounds.width, h = 2 * bounds.height;
            for (int t = 0; t < placed[i].turn; ++t) {
                std::tie(x, y) = std::pair(h - y, x);
                std::swap(w, h);
            }
            return std::pair(x + 2 * placed[i].at.x, y + 2 * placed[i].at.y);
        };
        cells.emplace_back();
        for (const level::PieceCell& cell : piece.cells) {
            const auto [x, y] = turn(2 * cell.at.x + 1, 2 * cell.at.y + 1);
            cells.back().push_back({(x - 1) / 2, (y - 1) / 2, placed[i].storey + cell.storey});
        }
        for (const level::Port& port : piece.ports) {
            const int dx[] = {2, 1, 0, 1};
            const int dy[] = {1, 2, 1, 0};
            const auto side = static_cast<int>(port.side);
            const auto [x, y] = turn(2 * port.cell.x + dx[side], 2 * port.cell.y + dy[side]);
            ports.push_back({i, x, y, static_cast<Side>((side + placed[i].turn) % 4),
                             placed[i].storey * kit.storey.thousandths + port.height.thousandths,
                             &port});
        }
        if (!placed[i].offX.isZero() || !placed[i].offY.isZero()) plain.off.insert(placed[i].id);
    }
    for (const PlainPort& a : ports) {
        bool isMet = false;
        for (const PlainPort& b : ports) {
            if (a.piece == b.piece || a.x != b.x || a.y != b.y ||
                (static_cast<int>(a.side) + 2) % 4 != static_cast<int>(b.side) ||
                2 * std::abs(a.height - b.height) >= kit.storey.thousandths)
                continue;
            isMet = true;
            if (a.height != b.height || !kit.fit(*a.port, *b.port))
                plain.misfits.insert(std::minmax(placed[a.piece].id, placed[b.piece].id));
        }
        if (!isMet) plain.open.insert({placed[a.piece].id, a.x, a.y, static_cast<int>(a.side)});
    }
    for (std::size_t i = 0; i < placed.size(); ++i)
        for (std::size_t j = 0; j < placed.size(); ++j) {
            if (i == j) continue;
            for (const auto& a : cells[i])
                for (const auto& b : cells[j]) {
                    if (a[2] != b[2]) continue;
                    const auto key = std::minmax(placed[i].id, placed[j].id);
                    if (i < j && a == b) {
                        const level::PlacedPiece& p = placed[i];
                        const level::PlacedPiece& q = placed[j];
                        const bool isTwin = p.piece == q.piece && p.at == q.at &&
                                            p.storey == q.storey && p.turn == q.turn &&
                                            p.offX == q.offX && p.offY == q.offY;
                        (isTwin ? plain.twins : plain.overlaps).insert(key);
                    }
                    const int across = inParts(placed[j].offX) - inParts(placed[i].offX);
                    const int down = inParts(placed[j].offY) - inParts(placed[i].offY);
                    if (b[0] == a[0] + 1 && b[1] == a[1] && across != 0)
                        plain.spaces[{placed[i].id, placed[j].id, 1}] = across;
                    if (b[1] == a[1] + 1 && b[0] == a[0] && down != 0)
                        plain.spaces[{placed[i].id, placed[j].id, 0}] = down;
                }
        }
    return plain;
}

int countOf(const kit::Audit& audit, FaultSort sort) {
    return static_cast<int>(std::count_if(audit.faults.begin(), audit.faults.end(),
                                          [&](const auto& fault) { return fault.sort == sort; }));
}

}  // namespace

void AuditTest::rational_isExact() {
    QCOMPARE(Rational(1, 10) + Rational(2, 10), Rational(3, 10));
    Rational sum;
    for (int i = 0; i < 10; ++i)
        sum += Rational(1, 10);
    QCOMPARE(sum, Rational(1));
    QCOMPARE(Rational(-6, -4), Rational(3, 2));
    QCOMPARE(Rational(6, -4).bottom(), std::int64_t{2});
    QCOMPARE(Rational(-1, 2).floor(), std::int64_t{-1});
    QCOMPARE(Rational(1, 2).nearest(), std::int64_t{1});
    QCOMPARE(Rational(-1, 2).nearest(), std::int64_t{0});
    QVERIFY(Rational(1, 3) < Rational(34, 100));
    QCOMPARE(kit::lengthText(Rational(-1, 40)), std::string("-0.025"));
    QCOMPARE(kit::lengthText(Rational(1, 3)), std::string("1/3"));
    const std::uint64_t seed = testing::seedOr(1127);
    Random random(seed);
    for (int round = 0; round < 2000; ++round) {
        const std::int64_t a = random.between(-9999, 9999), b = random.between(1, 999);
        const std::int64_t c = random.between(-9999, 9999), d = random.between(1, 999);
        const Rational x(a, b), y(c, d);
        QVERIFY2((x + y).top() * b * d == (a * d + c * b) * (x + y).bottom(), "sum");
        QVERIFY2((x * y).top() * b * d == a * c * (x * y).bottom(), "product");
        QVERIFY2((x < y) == (a * d < c * b), "order");
        QVERIFY2(Rational(x.floor()) <= x && x < Rational(x.floor() + 1), "floor");
        if (c != 0) QCOMPARE(x / y * y, x);
    }
}

void AuditTest::audit_equalsPlainLook_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(20261128);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0
                           ? qEnvironmentVariableIntValue("ROOK_ROUNDS")
                           : 300;
    const level::Kit kit = smallKit();
    int spaces = 0, misfits = 0;
    for (int round = 0; round < rounds; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const level::Level level = testing::randomBoard(random, kit, random.between(1, 30));
        const Plain plain = plainLook(kit, level);
        const kit::Audit audit = kit::auditOf(kit, level);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        std::set<std::pair<int, int>> found, overlaps, twins;
        std::map<std::tuple<int, int, int>, Rational> gaps;
        std::set<int> off;
        int open = 0;
        for (const kit::Fault& fault : audit.faults) {
            const auto pair =
                fault.pieces.size() == 2
                    ? std::pair<int, int>(std::minmax(fault.pieces[0], fault.pieces[1]))
                    : std::pair(0, 0);
            const bool isSpace = fault.sentence.starts_with("Between");
            if (fault.sort == FaultSort::OpenPort) ++open;
            if (fault.sort == FaultSort::PortHeight || fault.sort == FaultSort::PortProfile)
                found.insert(pair);
            if (fault.sort == FaultSort::Overlap && !isSpace) overlaps.insert(pair);
            if (fault.sort == FaultSort::Duplicate) twins.insert(pair);
            if (fault.sort == FaultSort::OffModule) off.insert(fault.pieces[0]);
        }
        QVERIFY2(open == int(plain.open.size()), where + " open ports");
        QVERIFY2(found == plain.misfits, where + " misfits");
        QVERIFY2(overlaps == plain.overlaps, where + " overlaps");
        QVERIFY2(twins == plain.twins, where + " twins");
        QVERIFY2(off == plain.off, where + " off the module");
        // Each space with its length, in units, as text.
        std::multiset<std::string> told, plainly;
        for (const kit::Fault& fault : audit.faults)
            if (fault.sentence.starts_with("Between")) {
                const std::size_t at = fault.sentence.rfind(" of ");
                told.insert(fault.sentence.substr(at + 4) +
                            (fault.sort == FaultSort::Gap ? " apart" : " over"));
            }
        for (const auto& [key, space] : plain.spaces)
            plainly.insert(kit::lengthText(Rational(std::abs(space), parts) * Rational(4)) +
                           " units" + (space > 0 ? " apart" : " over"));
        QVERIFY2(told == plainly, where + " spaces");
        spaces += int(plainly.size());
        misfits += int(found.size());
    }
    QVERIFY2(spaces > rounds / 4 && misfits > rounds / 4, "random boards have something to find");
}

void AuditTest::ports_thatDoNotFit_areTold() {
    const level::Kit kit = smallKit();
    const level::Level level =
        with(kit, kitBoard(8, 4), {put("straight", 1, 1), put("ramp", 2, 1), put("latch", 0, 1)});
    const kit::Audit audit = kit::auditOf(kit, level);
    QCOMPARE(countOf(audit, FaultSort::PortProfile), 1);
    QCOMPARE(countOf(audit, FaultSort::OpenPort), 2);
    // A storey up, a hall joins the ramp's upper end.
    level::Level joined = with(kit, level, {put("straight", 3, 1, 0, 1)});
    QCOMPARE(countOf(kit::auditOf(kit, joined), FaultSort::OpenPort), 2);
    QCOMPARE(countOf(kit::auditOf(kit, joined), FaultSort::RampEnd), 0);
}

void AuditTest::latch_fitsOnlyItsMirrorImage() {
    level::Kit kit = smallKit();
    const level::Level row = with(kit, kitBoard(8, 4), {put("latch", 1, 1), put("latch", 2, 1)});
    QCOMPARE(countOf(kit::auditOf(kit, row), FaultSort::PortProfile), 0);
    // Turned about, two ports of one hand look at each other.
    const level::Level turned =
        with(kit, kitBoard(8, 4), {put("latch", 1, 1), put("latch", 2, 1, 2)});
    QCOMPARE(countOf(kit::auditOf(kit, turned), FaultSort::PortProfile), 1);
}

void AuditTest::fraction_isTold_withGapAndOverlap_inUnits() {
    const level::Kit kit = smallKit();
    level::PlacedPiece off = put("straight", 2, 1);
    off.offX = Rational(1, 10);
    level::Level level =
        with(kit, kitBoard(8, 4), {put("straight", 1, 1), off, put("straight", 3, 1)});
    const kit::Audit audit = kit::auditOf(kit, level);
    QCOMPARE(countOf(audit, FaultSort::OffModule), 1);
    QCOMPARE(countOf(audit, FaultSort::Gap), 1);
    QCOMPARE(countOf(audit, FaultSort::Overlap), 1);
    for (const kit::Fault& fault : audit.faults)
        if (fault.sort == FaultSort::Gap)
            QCOMPARE(fault.sentence,
                     std::string("Between straight 1 and straight 2 there is a gap of 0.4 units"));
    const auto edit = kit::setStraight(kit, level, {});
    const kit::Audit straight = kit::auditOf(kit, edit.level);
    QCOMPARE(countOf(straight, FaultSort::OffModule) + countOf(straight, FaultSort::Gap) +
                 countOf(straight, FaultSort::Overlap),
             0);
}

void AuditTest::measuredPiece_isOfAnotherScale() {
    level::Kit kit = smallKit();
    level::Measure measure;
    measure.width = {4030};
    measure.depth = {4000};
    measure.over = {level::Decimal{30}, {}, {}, {}};
    measure.pivotY = {500};
    kit.pieces[0].measure = measure;
    const level::Level level = with(kit, kitBoard(8, 6),
                                    {put("straight", 1, 1), put("straight", 2, 1),
                                     put("straight", 4, 1, 1), put("straight", 4, 2, 1)});
    const kit::Audit audit = kit::auditOf(kit, level);
    // Told once, not for each use; but every overlap that it makes is.
    QCOMPARE(countOf(audit, FaultSort::PieceSize), 1);
    QCOMPARE(countOf(audit, FaultSort::PivotOff), 1);
    QCOMPARE(countOf(audit, FaultSort::Overlap), 2);
    for (const kit::Fault& fault : audit.faults)
        if (fault.sort == FaultSort::Overlap)
            QVERIFY2(fault.sentence.ends_with("an overlap of 0.03 units"), fault.sentence.c_str());
}

void AuditTest::ramp_thatMeetsNothing_isTold() {
    const level::Kit kit = smallKit();
    level::Level level = with(kit, kitBoard(8, 4), {put("straight", 0, 1), put("ramp", 1, 1)});
    QCOMPARE(countOf(kit::auditOf(kit, level), FaultSort::RampEnd), 1);
    level = with(kit, level, {put("floor", 2, 1, 0, 1)});
    QCOMPARE(countOf(kit::auditOf(kit, level), FaultSort::RampEnd), 0);
    // A floor above the ramp leaves no headroom; it overlaps, too.
    level = with(kit, level, {put("floor", 1, 1, 0, 1)});
    QVERIFY(countOf(kit::auditOf(kit, level), FaultSort::Headroom) > 0);
    QCOMPARE(countOf(kit::auditOf(kit, level), FaultSort::Overlap), 1);
}

void AuditTest::counts_sayWhatTheLevelCosts() {
    const level::Kit kit = smallKit();
    const auto counts =
        kit::auditOf(kit, with(kit, kitBoard(8, 4),
                               {put("floor", 1, 1), put("floor", 2, 1), put("wall", 1, 0)}))
            .counts;
    QCOMPARE(counts.pieces, 3);
    QCOMPARE(counts.distinct, 2);
    QCOMPARE(counts.uses.at("floor"), 2);
    QCOMPARE(counts.uses.at("ramp"), 0);
}

ROOK_TEST(AuditTest)

}  // namespace rook::audit_test

#include "audit_test.moc"
