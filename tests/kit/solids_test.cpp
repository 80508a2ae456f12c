/// Block-out solids: what they fill, audit and walk against a plain look at quarters of a module,
/// and their edits.

#include <set>

#include "kit/audit.h"
#include "kit/mesh.h"
#include "kit/shape.h"
#include "kit/solid_fill.h"
#include "kit/walk_graph.h"
#include "random_solids.h"
#include "testing.h"

namespace rook::solids_test {

using level::Side;
using level::Solid;
using level::SolidSort;
using testing::kitBoard;
using testing::put;
using testing::quarters;
using testing::randomSolid;
using testing::smallKit;
using testing::Span;
using testing::spansOf;
using testing::with;
using testing::withSolid;

class SolidsTest : public QObject {
    Q_OBJECT
private slots:
    void masses_fillWhatTheDesignSays();
    void audit_equalsPlainLook_onRandomBoards();
    void walk_equalsPlainLook_onRandomBoards();
    void wedge_isWalkedUp_ifItIsNotTooHigh();
    void round_isInTheWay_andOverlapsByItsOutline();
    void gap_isTold_ifNarrowerThanAPart();
    void face_isPulled_andNeverPastTheOther();
    void pullingLeft_keepsOpeningsInPlace();
    void fourQuarterTurns_areNone();
    void door_isCutIntoTheNearestWall();
    void flaws_areToldInASentence();
    void coveredSolid_goesInTheSameEdit();
    void filling_takesBlocksFloorsRoomsAndStairs();
    void filling_saysWhatIsLeft();
    void copies_haveIdsOfOneSequence();
    void shape_isClosed();
};

namespace {

Solid box(Rational x, Rational y, Rational width, Rational depth, std::int64_t base,
          std::int64_t height) {
    Solid solid;
    solid.x = x;
    solid.y = y;
    solid.width = width;
    solid.depth = depth;
    solid.base = {base};
    solid.height = {height};
    return solid;
}

QByteArray seedText(std::uint64_t seed) {
    return "ROOK_SEED=" + QByteArray::number(qulonglong(seed));
}

std::int64_t thousandths(const Rational& value) {
    return (value * Rational(1000)).top();
}

}  // namespace

void SolidsTest::masses_fillWhatTheDesignSays() {
    const std::uint64_t seed = testing::seedOr(61);
    const level::Kit kit = smallKit();
    for (int round = 0; round < 400; ++round) {
        Random random(seed + std::uint64_t(round));
        const Solid solid = randomSolid(random, 4, 4);
        const auto masses = kit::massesOf(kit, solid);
        QVERIFY2(!level::flawOf(kit, solid), seedText(seed + std::uint64_t(round)));
        for (int y = 0; y < 4 * quarters; ++y)
            for (int x = 0; x < 4 * quarters; ++x) {
                const kit::ExactRect part{Rational(x, quarters), Rational(y, quarters),
                                          Rational(x + 1, quarters), Rational(y + 1, quarters)};
                // By tenths of a unit; no two masses fill the same.
                std::multiset<std::int64_t> plain, filled;
                for (const Span& span : spansOf(kit, solid, x, y))
                    for (std::int64_t z = span.from; z < span.to; z += 100)
                        plain.insert(z);
                for (const kit::Mass& mass : masses)
                    if (mass.covers(part))
                        for (std::int64_t z = thousandths(mass.from); z < thousandths(mass.to);
                             z += 100)
                            filled.insert(z);
                QVERIFY2(plain == filled, seedText(seed + std::uint64_t(round)));
            }
    }
}

namespace {

/// Spans of pieces above a quarter: floors, and walls of a twelfth as a part of it.
bool pieceOverlaps(const level::Kit& kit, const level::PlacedPiece& placed, const Solid& solid) {
    // A wall fills a twelfth of its module: a solid of quarters meets it where it meets its
    // quarter.
    const level::Piece& piece = *kit.find(placed.piece);
    for (const kit::PlacedCell& cell : kit::cellsOf(piece, placed)) {
        const std::int64_t ground = cell.spot.storey * kit.storey.thousandths;
        for (int y = 0; y < quarters; ++y)
            for (int x = 0; x < quarters; ++x) {
                std::vector<Span> own;
                if (piece.cells[cell.cell].surface == level::SurfaceSort::Flat)
                    own.push_back({ground - kit.slab.thousandths, ground});
                const auto hasWall = [&](Side side) {
                    return ((cell.walls >> static_cast<int>(side)) & 1u) != 0;
                };
                if ((x == 0 && hasWall(Side::Left)) ||
                    (x == quarters - 1 && hasWall(Side::Right)) || (y == 0 && hasWall(Side::Up)) ||
                    (y == quarters - 1 && hasWall(Side::Down)))
                    own.push_back({ground, ground + kit.storey.thousandths - kit.slab.thousandths});
                for (const Span& theirs : spansOf(kit, solid, cell.spot.at.x * quarters + x,
                                                  cell.spot.at.y * quarters + y))
                    for (const Span& span : own)
                        if (std::max(span.from, theirs.from) < std::min(span.to, theirs.to))
                            return true;
            }
    }
    return false;
}

/// Only flat pieces, on whole modules.
level::Level flatBoard(Random& random, const level::Kit& kit, int columns, int rows) {
    level::Level level = kitBoard(columns, rows);
    const char* names[] = {"floor", "wall", "corner", "frame", "straight"};
    for (int y = 0; y < rows; ++y)
        for (int x = 0; x < columns; ++x)
            if (random.chance(70))
                level = with(kit, level,
                             {put(names[random.between(0, random.chance(60) ? 0 : 4)], x, y,
                                  random.between(0, 3), random.chance(85) ? 0 : 1)});
    for (int i = random.between(1, 7); i > 0; --i)
        level = withSolid(kit, level, randomSolid(random, columns, rows));
    return level;
}

}  // namespace

void SolidsTest::audit_equalsPlainLook_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(71);
    const level::Kit kit = smallKit();
    int found = 0;
    for (int round = 0; round < 250; ++round) {
        Random random(seed + std::uint64_t(round));
        const level::Level level = flatBoard(random, kit, 4, 3);
        std::set<std::pair<int, int>> plain, told;
        const auto solids = level.solids.items();
        for (std::size_t i = 0; i < solids.size(); ++i) {
            for (std::size_t k = i + 1; k < solids.size(); ++k)
                for (int y = 0; y < 3 * quarters; ++y)
                    for (int x = 0; x < 4 * quarters; ++x)
                        for (const Span& a : spansOf(kit, solids[i], x, y))
                            for (const Span& b : spansOf(kit, solids[k], x, y))
                                if (std::max(a.from, b.from) < std::min(a.to, b.to))
                                    plain.insert({solids[i].id, solids[k].id});
            for (const auto& placed : level.pieces)
                if (pieceOverlaps(kit, placed, solids[i])) plain.insert({solids[i].id, placed.id});
        }
        for (const kit::Fault& fault : kit::auditOf(kit, level).faults) {
            const bool isOverlap =
                fault.sort == kit::FaultSort::Overlap || fault.sort == kit::FaultSort::SharedFace;
            if (isOverlap && kit::findSolid(level, fault.pieces[0]))
                told.insert({fault.pieces[0], fault.pieces[1]});
        }
        QVERIFY2(plain == told, seedText(seed + std::uint64_t(round)));
        found += int(plain.size());
    }
    QVERIFY(found > 500);
}

namespace {

/// Surfaces above quarters of modules, and steps between neighbours, by the letter.
class PlainWalk {
public:
    PlainWalk(const level::Kit& kit, const level::Level& level) : m_kit(kit), m_level(level) {
        const CellRect board = level.cells.bounds();
        m_width = board.width * quarters;
        m_height = board.height * quarters;
        m_surfaces.resize(std::size_t(m_width * m_height));
        m_spans.resize(m_surfaces.size());
        m_floors.resize(m_surfaces.size());
        for (int y = 0; y < m_height; ++y)
            for (int x = 0; x < m_width; ++x)
                fill(x, y);
    }
    using Place = std::tuple<int, int, std::int64_t>;
    std::set<Place> reachedFrom(const Place& start) const {
        std::set<Place> reached{start};
        std::vector<Place> open{start};
        while (!open.empty()) {
            const Place at = open.back();
            open.pop_back();
            for (int side = 0; side < 4; ++side)
                if (const auto next = stepFrom(at, side); next && reached.insert(*next).second)
                    open.push_back(*next);
        }
        return reached;
    }
    bool has(const Place& place) const {
        const auto& [x, y, height] = place;
        return m_surfaces[indexOf(x, y)].contains(height);
    }

    bool isStoodAt(const Place& place) const {
        const auto& [x, y, height] = place;
        return hasRoom(x, y, height, height);
    }

private:
    std::size_t indexOf(int x, int y) const { return std::size_t(y * m_width + x); }
    void fill(int x, int y) {
        auto& spans = m_spans[indexOf(x, y)];
        for (const Solid& solid : m_level.solids)
            for (const Span& span : spansOf(m_kit, solid, x, y))
                spans.push_back(span);
        std::set<std::int64_t> heights;
        for (const auto& placed : m_level.pieces)
            if (placed.at == CellPoint{x / quarters, y / quarters}) {
                const std::int64_t floor = placed.storey * m_kit.storey.thousandths;
                m_floors[indexOf(x, y)].insert(floor);
                heights.insert(floor);
            }
        for (const Span& span : spans)
            heights.insert(span.to);
        for (const std::int64_t height : heights) {
            bool isBuried = false;
            for (const Span& span : spans)
                isBuried = isBuried || (span.from <= height && span.to > height);
            if (!isBuried) m_surfaces[indexOf(x, y)].insert(height);
        }
    }
    bool hasRoom(int x, int y, std::int64_t own, std::int64_t height) const {
        const std::int64_t body = m_kit.body.height.thousandths;
        for (const Span& span : m_spans[indexOf(x, y)])
            if (span.from < height + body && span.to > height) return false;
        for (const std::int64_t floor : m_floors[indexOf(x, y)])
            if (floor > own && floor - m_kit.slab.thousandths < height + body && floor > height)
                return false;
        return true;
    }
    bool isWalled(int x, int y, Side side, std::int64_t height) const {
        for (const auto& placed : m_level.pieces) {
            if (!(placed.at == CellPoint{x / quarters, y / quarters})) continue;
            const unsigned walls = m_kit.find(placed.piece)->cells[0].walls;
            const int own = (static_cast<int>(side) + 4 - placed.turn) % 4;
            const std::int64_t ground = placed.storey * m_kit.storey.thousandths;
            if (((walls >> own) & 1u) && ground < height + m_kit.body.height.thousandths &&
                ground + m_kit.storey.thousandths > height)
                return true;
        }
        return false;
    }
    std::optional<Place> stepFrom(const Place& at, int side) const {
        const int dx[] = {1, 0, -1, 0}, dy[] = {0, 1, 0, -1};
        const auto& [x, y, own] = at;
        const int nx = x + dx[side], ny = y + dy[side];
        if (nx < 0 || ny < 0 || nx >= m_width || ny >= m_height) return std::nullopt;
        std::optional<std::int64_t> best;
        for (const std::int64_t height : m_surfaces[indexOf(nx, ny)])
            if (height - own <= m_kit.body.stepUp.thousandths) best = height;
        if (!best || own - *best > m_kit.body.drop.thousandths) return std::nullopt;
        const std::int64_t height = std::max(own, *best);
        if (!hasRoom(x, y, own, height) || !hasRoom(nx, ny, *best, height)) return std::nullopt;
        const bool isBorder = x / quarters != nx / quarters || y / quarters != ny / quarters;
        const auto way = static_cast<Side>(side);
        if (isBorder && (isWalled(x, y, way, height) || isWalled(nx, ny, opposite(way), height)))
            return std::nullopt;
        return Place{nx, ny, *best};
    }

    const level::Kit& m_kit;
    const level::Level& m_level;
    int m_width = 0, m_height = 0;
    std::vector<std::set<std::int64_t>> m_surfaces, m_floors;
    std::vector<std::vector<Span>> m_spans;
};

/// Quarters under a patch, with its height.
std::vector<PlainWalk::Place> quartersOf(const kit::Patch& patch) {
    const kit::ExactRect place = patch.place();
    const auto inQuarters = [](const Rational& value) {
        return int((value * Rational(quarters)).top());
    };
    std::vector<PlainWalk::Place> all;
    for (int y = inQuarters(place.top); y < inQuarters(place.bottom); ++y)
        for (int x = inQuarters(place.left); x < inQuarters(place.right); ++x)
            all.emplace_back(x, y, thousandths(patch.low));
    return all;
}

}  // namespace

void SolidsTest::walk_equalsPlainLook_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(81);
    const level::Kit kit = smallKit();
    std::size_t reachedInAll = 0;
    for (int round = 0; round < 300; ++round) {
        Random random(seed + std::uint64_t(round));
        const level::Level level = flatBoard(random, kit, random.between(2, 5), 3);
        const kit::PlacedIndex index(kit, level);
        const kit::WalkGraph graph(kit, level, index);
        if (graph.patches().empty()) continue;
        const PlainWalk plain(kit, level);
        const int start = random.between(0, int(graph.patches().size()) - 1);
        std::set<int> reached{start};
        std::vector<int> open{start};
        while (!open.empty()) {
            const int at = open.back();
            open.pop_back();
            for (const int next : graph.next(at))
                if (reached.insert(next).second) open.push_back(next);
        }
        std::set<PlainWalk::Place> places;
        for (const int patch : reached)
            for (const auto& place : quartersOf(graph.patches()[std::size_t(patch)]))
                places.insert(place);
        const auto first = quartersOf(graph.patches()[std::size_t(start)]).front();
        QVERIFY2(plain.has(first), seedText(seed + std::uint64_t(round)));
        const auto byTheLetter = plain.reachedFrom(first);
        // Nobody begins where there is no room to stand.
        if (!plain.isStoodAt(first)) continue;
        QVERIFY2(places == byTheLetter, seedText(seed + std::uint64_t(round)));
        reachedInAll += places.size();
    }
    QVERIFY(reachedInAll > 10'000);
}

void SolidsTest::wedge_isWalkedUp_ifItIsNotTooHigh() {
    const level::Kit kit = smallKit();
    level::Level level = kitBoard(5, 2);
    level = with(kit, level, {put("floor", 0, 0)});
    Solid wedge = box(1, 0, 2, 1, 0, 2000);
    wedge.sort = SolidSort::Wedge;
    level = withSolid(kit, level, wedge);
    level = withSolid(kit, level, box(3, 0, 1, 1, 0, 2000));
    const kit::PlacedIndex index(kit, level);
    const kit::WalkGraph graph(kit, level, index);
    const int floor = graph.patchAt({{0, 0}, 0});
    const int low = graph.patchUnder({Rational(3, 2), Rational(1, 2)}, 0);
    const int high = graph.patchUnder({Rational(5, 2), Rational(1, 2)}, 0);
    const int top = graph.patchUnder({Rational(7, 2), Rational(1, 2)}, 0);
    const auto leads = [&](int from, int to) {
        const auto& next = graph.next(from);
        return std::find(next.begin(), next.end(), to) != next.end();
    };
    QVERIFY(floor >= 0 && low >= 0 && high >= 0 && top >= 0);
    QCOMPARE(graph.patches()[std::size_t(low)].high, Rational(1));
    QVERIFY(leads(floor, low) && leads(low, high) && leads(high, top));
    QVERIFY(leads(top, high) && leads(high, low) && leads(low, floor));
    // Sideways onto it, where it is too high, nobody comes.
    QVERIFY(!leads(top, floor) && !leads(floor, high));
}

void SolidsTest::round_isInTheWay_andOverlapsByItsOutline() {
    const level::Kit kit = smallKit();
    level::Level level =
        with(kit, kitBoard(3, 1), {put("floor", 0, 0), put("floor", 1, 0), put("floor", 2, 0)});
    Solid post = box(1, 0, 1, 1, 0, 2500);
    post.sort = SolidSort::Round;
    level = withSolid(kit, level, post);
    // A box in the corner of its square touches it in nothing.
    level = withSolid(kit, level, box(1, 0, Rational(1, 8), Rational(1, 8), 0, 2500));
    for (const kit::Fault& fault : kit::auditOf(kit, level).faults)
        QVERIFY(fault.sort != kit::FaultSort::Overlap && fault.sort != kit::FaultSort::SharedFace);
    const level::Level crossed =
        withSolid(kit, level, box(1, 0, Rational(1, 2), Rational(1, 2), 0, 2500));
    const auto faults = kit::auditOf(kit, crossed).faults;
    QVERIFY(std::any_of(faults.begin(), faults.end(), [](const kit::Fault& fault) {
        return fault.sentence ==
               "Round 4 and Box 6 overlap, and faces of both lie in one plane, "
               "where they flicker";
    }));
    // A post as wide as the module lets nobody through.
    const kit::PlacedIndex index(kit, level);
    const kit::WalkGraph graph(kit, level, index);
    std::set<int> reached{graph.patchAt({{0, 0}, 0})};
    std::vector<int> open(reached.begin(), reached.end());
    while (!open.empty()) {
        const int at = open.back();
        open.pop_back();
        for (const int next : graph.next(at))
            if (reached.insert(next).second) open.push_back(next);
    }
    QVERIFY(!reached.contains(graph.patchAt({{2, 0}, 0})));
}

void SolidsTest::gap_isTold_ifNarrowerThanAPart() {
    const level::Kit kit = smallKit();  // four parts a module
    level::Level level = withSolid(kit, kitBoard(4, 2), box(0, 0, 1, 1, 0, 1000));
    const level::Level narrow = withSolid(kit, level, box(Rational(9, 8), 0, 1, 1, 0, 1000));
    const auto faults = kit::auditOf(kit, narrow).faults;
    QCOMPARE(faults.size(), std::size_t(1));
    QCOMPARE(faults[0].sort, kit::FaultSort::Gap);
    QCOMPARE(faults[0].sentence,
             std::string("Between Box 1 and Box 2 there is a gap of 0.5 units"));
    const level::Level wide = withSolid(kit, level, box(Rational(5, 4), 0, 1, 1, 0, 1000));
    QVERIFY(kit::auditOf(kit, wide).faults.empty());
}

void SolidsTest::face_isPulled_andNeverPastTheOther() {
    const level::Kit kit = smallKit();
    const level::Level level = withSolid(kit, kitBoard(6, 6), box(2, 2, 2, 2, 0, 2000));
    const auto pulled = [&](kit::SolidFace face, Rational by) {
        const auto edit = kit::pulled(kit, level, 1, face, by);
        return edit ? edit->level.solids[0] : Solid{};
    };
    QCOMPARE(pulled(kit::SolidFace::Right, 1).width, Rational(3));
    QCOMPARE(pulled(kit::SolidFace::Left, Rational(1, 4)).x, Rational(7, 4));
    QCOMPARE(pulled(kit::SolidFace::Left, Rational(1, 4)).width, Rational(9, 4));
    QCOMPARE(pulled(kit::SolidFace::Top, Rational(1, 2)).height.thousandths, 2500);
    QCOMPARE(pulled(kit::SolidFace::Bottom, 1).base.thousandths, -1000);
    QCOMPARE(pulled(kit::SolidFace::Bottom, 1).height.thousandths, 3000);
    // Inwards, as far as one part is left, and the far face stays.
    QCOMPARE(pulled(kit::SolidFace::Left, -9).width, Rational(1, 4));
    QCOMPARE(pulled(kit::SolidFace::Left, -9).x, Rational(15, 4));
    QVERIFY(!kit::pulled(kit, level, 1, kit::SolidFace::Left, 3).has_value());
    QVERIFY(!kit::pulled(kit, level, 7, kit::SolidFace::Left, 1).has_value());
}

void SolidsTest::pullingLeft_keepsOpeningsInPlace() {
    const std::uint64_t seed = testing::seedOr(91);
    const level::Kit kit = smallKit();
    for (int round = 0; round < 100; ++round) {
        Random random(seed + std::uint64_t(round));
        Solid solid = randomSolid(random, 6, 6);
        if (solid.openings.empty()) continue;
        const auto face = static_cast<kit::SolidFace>(random.between(0, 5));
        const bool isUpright = face >= kit::SolidFace::Top;
        const Solid next = kit::pulledSolid(kit, solid, face,
                                            isUpright ? Rational(random.between(0, 10), 10)
                                                      : Rational(random.between(0, 8), quarters));
        const auto before = kit::boxOf(kit, solid), after = kit::boxOf(kit, next);
        for (std::size_t i = 0; i < solid.openings.size(); ++i) {
            const level::Opening &a = solid.openings[i], &b = next.openings[i];
            QVERIFY2(before.place.left + a.x == after.place.left + b.x &&
                         before.place.top + a.y == after.place.top + b.y &&
                         before.from + exact(a.base) == after.from + exact(b.base),
                     seedText(seed + std::uint64_t(round)));
        }
    }
}

void SolidsTest::fourQuarterTurns_areNone() {
    const std::uint64_t seed = testing::seedOr(93);
    const level::Kit kit = smallKit();
    for (int round = 0; round < 100; ++round) {
        Random random(seed + std::uint64_t(round));
        level::Level level = kitBoard(12, 12);
        Solid first = randomSolid(random, 2, 2), second = randomSolid(random, 2, 2);
        for (Solid* each : {&first, &second}) {
            each->x += Rational(5);
            each->y += Rational(5);
            level = withSolid(kit, level, *each);
        }
        // As one turn back, too, which lays the same masses.
        level::Level turned = level;
        for (int i = 0; i < 4; ++i) {
            const auto edit = kit::turn(kit, turned, {1, 2}, 1);
            QVERIFY2(edit.has_value(), seedText(seed + std::uint64_t(round)));
            turned = edit->level;
        }
        QVERIFY2(turned.solids == level.solids, seedText(seed + std::uint64_t(round)));
        const auto right = kit::turn(kit, level, {1, 2}, 3),
                   left = kit::turn(kit, level, {1, 2}, -1);
        QVERIFY(right && left && right->level.solids == left->level.solids);
    }
}

void SolidsTest::door_isCutIntoTheNearestWall() {
    const level::Kit kit = smallKit();
    Solid room = box(1, 1, 3, 3, 0, 2800);
    room.wall = {200};
    room.ceiling = {200};
    const level::Level level = withSolid(kit, kitBoard(6, 6), room);
    const kit::ExactPoint near{Rational(39, 10), Rational(23, 10)};
    QCOMPARE(kit::nearestSide(kit, level.solids[0], near), Side::Right);
    const kit::ExactBox door =
        kit::doorIn(kit, level.solids[0], Side::Right, near, Rational(1, 2), {2200});
    const auto edit = kit::opened(kit, level, door);
    QVERIFY(edit.has_value());
    const Solid& opened = edit->level.solids[0];
    QCOMPARE(opened.openings.size(), std::size_t(1));
    QCOMPARE(opened.openings[0].width, Rational(1, 4));
    QCOMPARE(opened.openings[0].y, Rational(1));  // half a module about 2.3, by quarters
    QCOMPARE(edit->name, std::string("Open Room 1"));
    // One gets in by it, and else does not.
    const auto walksIn = [&](const level::Level& board) {
        level::Level walked = board;
        for (int x = 0; x < 6; ++x)
            for (int y = 0; y < 6; ++y)
                walked = withSolid(kit, walked, box(x, y, 1, 1, -200, 200));
        const kit::PlacedIndex index(kit, walked);
        const kit::WalkGraph graph(kit, walked, index);
        std::set<int> reached{graph.patchUnder({Rational(1, 2), Rational(1, 2)}, 0)};
        std::vector<int> open(reached.begin(), reached.end());
        while (!open.empty()) {
            const int at = open.back();
            open.pop_back();
            for (const int next : graph.next(at))
                if (reached.insert(next).second) open.push_back(next);
        }
        return reached.contains(graph.patchUnder({Rational(5, 2), Rational(5, 2)}, 0));
    };
    QVERIFY(!walksIn(level));
    QVERIFY(walksIn(edit->level));
    QVERIFY(!kit::opened(kit, level, {{5, 5, 6, 6}, 0, 1}).has_value());
}

void SolidsTest::flaws_areToldInASentence() {
    const level::Kit kit = smallKit();
    const level::Level level = kitBoard(4, 4);
    const auto refused = [&](const Solid& solid) {
        const auto placed = kit::placeSolid(kit, level, solid);
        return placed ? std::string() : placed.error().what;
    };
    Solid solid = box(0, 0, 1, 1, 0, 1000);
    QCOMPARE(refused(solid), std::string());
    solid.wall = {2000};
    QCOMPARE(refused(solid), std::string("Solid 1 has no room between its walls"));
    solid.wall = {};
    solid.width = Rational(1, 65);
    QVERIFY(!refused(solid).empty());
    solid.width = 5;
    QCOMPARE(refused(solid), std::string("Box 1 would leave the board"));
    solid.width = 1;
    solid.height = {0};
    QVERIFY(!refused(solid).empty());
    // A kit of other modules leaves no room between walls: that is a fault then.
    Solid room = box(0, 0, 1, 1, 0, 2800);
    room.wall = {1500};
    const level::Level with = withSolid(kit, level, room);
    level::Kit small = kit;
    small.width = {2000};
    const auto faults = kit::auditOf(small, with).faults;
    QCOMPARE(faults.size(), std::size_t(1));
    QCOMPARE(faults[0].sort, kit::FaultSort::SolidFlaw);
}

void SolidsTest::coveredSolid_goesInTheSameEdit() {
    const level::Kit kit = smallKit();
    level::Level level = withSolid(kit, kitBoard(4, 4), box(0, 0, 2, 1, -200, 200));
    const auto first = kit::place(kit, level, {put("floor", 0, 0)}, "Place");
    QVERIFY(first.has_value());
    QCOMPARE(first->level.solids.size(), std::size_t(1));  // half of it is left
    const auto second = kit::place(kit, first->level, {put("floor", 1, 0)}, "Place");
    QVERIFY(second.has_value());
    QVERIFY(second->level.solids.empty());
    QVERIFY(second->touched.contains(CellRect{0, 0, 2, 1}));
    // What reaches higher than the pieces stays.
    level = withSolid(kit, kitBoard(4, 4), box(0, 0, 1, 1, 0, 3500));
    const auto low = kit::place(kit, level, {put("floor", 0, 0)}, "Place");
    QCOMPARE(low->level.solids.size(), std::size_t(1));
}

namespace {

/// The small kit, with a block of one module and stairs of two.
level::Kit fullKit() {
    level::Kit kit = smallKit();
    // Which of two pieces of one shape it takes is not told here.
    std::erase_if(kit.pieces, [](const level::Piece& piece) {
        return piece.name == "ell" || piece.name == "cross";
    });
    level::Piece block = testing::oneModule("block", {});
    block.cells[0].surface = level::SurfaceSort::Block;
    kit.pieces.push_back(block);
    level::Piece stairs;
    stairs.name = stairs.title = "stairs";
    stairs.cells.resize(2);
    stairs.cells[1].at = {1, 0};
    for (std::size_t i = 0; i < 2; ++i) {
        stairs.cells[i].surface = level::SurfaceSort::Stairs;
        stairs.cells[i].height = {std::int64_t(i) * 1500};
        stairs.cells[i].rise = {1500};
    }
    stairs.pivotX = 2;
    stairs.pivotY = 1;
    kit.pieces.push_back(stairs);
    return kit;
}

std::map<std::string, int> usesOf(const level::Level& level) {
    std::map<std::string, int> uses;
    for (const auto& placed : level.pieces)
        ++uses[placed.piece];
    return uses;
}

}  // namespace

void SolidsTest::filling_takesBlocksFloorsRoomsAndStairs() {
    const level::Kit kit = fullKit();
    level::Level level = withSolid(kit, kitBoard(12, 8), box(0, 0, 2, 1, 0, 6000));
    level = withSolid(kit, level, box(0, 2, 3, 2, -200, 200));
    Solid stairs = box(4, 0, 2, 1, 0, 3000);
    stairs.sort = SolidSort::Stairs;
    stairs.up = Side::Left;
    level = withSolid(kit, level, stairs);
    Solid room = box(6, 2, 3, 3, 0, 2800);
    room.wall = {200};
    level = withSolid(kit, level, room);
    level = kit::opened(kit, level,
                        kit::doorIn(kit, level.solids[3], Side::Up, {Rational(15, 2), Rational(2)},
                                    Rational(1, 2), {2200}))
                ->level;
    const auto edit = kit::fillWithPieces(kit, level, {1, 2, 3, 4});
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QVERIFY(edit->level.solids.empty());
    // Seven floors: six, and the middle of the room.
    const std::map<std::string, int> expected{{"block", 4},  {"floor", 7}, {"stairs", 1},
                                              {"corner", 4}, {"wall", 3},  {"frame", 1}};
    for (const auto& [name, count] : usesOf(edit->level))
        QVERIFY2(expected.contains(name) && expected.at(name) == count,
                 (name + " " + std::to_string(count)).c_str());
    // Turned as the room is: nothing is refused but what looks outside.
    for (const kit::Fault& fault : kit::auditOf(kit, edit->level).faults)
        QVERIFY2(fault.sort == kit::FaultSort::OpenPort || fault.sort == kit::FaultSort::RampEnd,
                 fault.sentence.c_str());
    for (const auto& placed : edit->level.pieces)
        if (placed.piece == "stairs") QCOMPARE(placed.turn, 2);
}

void SolidsTest::filling_saysWhatIsLeft() {
    const level::Kit kit = fullKit();
    level::Level level = with(kit, kitBoard(8, 4), {put("floor", 1, 1)});
    level = withSolid(kit, level, box(0, 0, 3, 3, 0, 3000));
    const kit::PlacedIndex index(kit, level);
    const auto filling = kit::fillingOf(kit, index, level.solids[0]);
    QCOMPARE(filling.modules, 9);
    QCOMPARE(filling.covered, 8);
    QCOMPARE(filling.reason, std::string("pieces stand at 1, 1 already"));
    QCOMPARE(filling.rest.size(), std::size_t(1));
    QCOMPARE(filling.rest[0].x, Rational(1));
    QCOMPARE(filling.rest[0].width, Rational(1));
    const auto edit = kit::fillWithPieces(kit, level, {2});
    QVERIFY(edit.has_value());
    QCOMPARE(edit->level.pieces.size(), std::size_t(9));
    // A round has no piece, and what is off the module is left alone.
    Solid post = box(5, 0, 1, 1, 0, 3000);
    post.sort = SolidSort::Round;
    level = withSolid(kit, level, post);
    const auto none = kit::fillWithPieces(kit, level, {3});
    QVERIFY(!none.has_value());
    QCOMPARE(none.error().what, std::string("Round 3 stays: no piece is round"));
}

void SolidsTest::copies_haveIdsOfOneSequence() {
    const level::Kit kit = smallKit();
    level::Level level = with(kit, kitBoard(8, 4), {put("floor", 0, 0)});
    level = withSolid(kit, level, box(1, 0, 1, 1, 0, 1000));
    const auto beside = kit::duplicateBeside(kit, level, {1, 2});
    QVERIFY(beside.has_value());
    QCOMPARE(beside->copies, (std::vector<int>{3, 4}));
    QCOMPARE(beside->edit.level.solids[1].id, 4);
    QCOMPARE(beside->edit.level.solids[1].x, Rational(3));
    QCOMPARE(beside->edit.name, std::string("Duplicate 2 things"));
    const auto moved = kit::move(kit, beside->edit.level, {4}, 1, 1, 1);
    QVERIFY(moved.has_value());
    QCOMPARE(moved->level.solids[1].storey, 1);
    QVERIFY(!kit::move(kit, level, {2}, 9, 0, 0).has_value());
    const auto left = kit::remove(kit, moved->level, {1, 2, 3});
    QCOMPARE(left.level.solids.size(), std::size_t(1));
    QVERIFY(left.level.pieces.empty());
}

/// Each edge of the faces is met from the other side, so that nothing looks through.
void SolidsTest::shape_isClosed() {
    const std::uint64_t seed = testing::seedOr(95);
    const level::Kit kit = smallKit();
    for (int round = 0; round < 60; ++round) {
        Random random(seed + std::uint64_t(round));
        Solid solid = randomSolid(random, 3, 3);
        solid.openings = {};
        if (round % 3 == 0) solid.sort = SolidSort::Round;
        if (round % 3 == 1) solid.sort = SolidSort::Wedge;
        double volume = 0;
        for (const kit::Face& face : kit::facesOf(kit, solid))
            for (std::size_t i = 2; i < face.corners.size(); ++i)
                volume -=
                    kit::dot(face.corners[0], kit::crossed(face.corners[i - 1], face.corners[i])) /
                    6;
        double plain = 0;
        for (const kit::Mass& mass : kit::massesOf(kit, solid)) {
            double area = ((mass.place.right - mass.place.left) * exact(kit.width) *
                           (mass.place.bottom - mass.place.top) * exact(kit.depth))
                              .toDouble();
            if (!mass.outline.empty()) {
                area = 0;
                for (std::size_t i = 0; i < mass.outline.size(); ++i) {
                    const auto& p = mass.outline[i];
                    const auto& q = mass.outline[(i + 1) % mass.outline.size()];
                    area += (p[0] * q[1] - p[1] * q[0]) / 2 * exact(kit.width).toDouble() *
                            exact(kit.depth).toDouble();
                }
            }
            plain += area * (mass.to - mass.from).toDouble() * (mass.up ? 0.5 : 1);
        }
        QVERIFY2(std::abs(volume - plain) < 1e-6 * std::max(1.0, plain),
                 seedText(seed + std::uint64_t(round)));
        // A shape of it is met by a ray from above.
        const kit::Shape shape(kit, solid);
        QVERIFY(!shape.triangles.empty());
    }
}

ROOK_TEST(SolidsTest)

}  // namespace rook::solids_test

#include "solids_test.moc"
