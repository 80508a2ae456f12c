#include "kit/solids.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <numbers>
#include <sstream>

namespace rook::kit {

using level::Opening;
using level::SurfaceSort;

namespace {

constexpr double least = 1e-9;  ///< modules, that rounds have in common

/// Two convex outlines have a place in common: by the axes of both (Gottschalk, Lin and Manocha,
/// "OBBTree", 1996, in the plane).
using Outline = std::vector<std::array<double, 2>>;
bool haveCommon(const Outline& a, const Outline& b) {
    for (const Outline* edges : {&a, &b})
        for (std::size_t i = 0; i < edges->size(); ++i) {
            const auto& p = (*edges)[i];
            const auto& q = (*edges)[(i + 1) % edges->size()];
            const double nx = q[1] - p[1];
            const double ny = p[0] - q[0];
            const auto reach = [&](const Outline& outline) {
                double low = 1e300, high = -1e300;
                for (const auto& point : outline) {
                    const double at = point[0] * nx + point[1] * ny;
                    low = std::min(low, at);
                    high = std::max(high, at);
                }
                return std::pair(low, high);
            };
            const auto [lowA, highA] = reach(a);
            const auto [lowB, highB] = reach(b);
            const double slack = least * std::max(1e-6, std::hypot(nx, ny));
            if (highA <= lowB + slack || highB <= lowA + slack) return false;
        }
    return true;
}

Outline outlineOf(const ExactRect& rect) {
    const double left = rect.left.toDouble(), right = rect.right.toDouble();
    const double top = rect.top.toDouble(), bottom = rect.bottom.toDouble();
    return {{left, top}, {right, top}, {right, bottom}, {left, bottom}};
}

/// What is left of a box when another one is taken out of it: in front, behind and so on.
void cutOut(const Mass& mass, const ExactBox& hole, std::vector<Mass>& left) {
    const ExactRect common = mass.place.common(hole.place);
    const Rational from = max(mass.from, hole.from);
    const Rational to = min(mass.to, hole.to);
    if (common.isEmpty() || from >= to) {
        left.push_back(mass);
        return;
    }
    const auto add = [&](const ExactRect& place, const Rational& low, const Rational& high) {
        if (place.isEmpty() || low >= high) return;
        Mass rest = mass;
        rest.place = place;
        rest.from = low;
        rest.to = high;
        left.push_back(std::move(rest));
    };
    const ExactRect& all = mass.place;
    add({all.left, all.top, common.left, all.bottom}, mass.from, mass.to);
    add({common.right, all.top, all.right, all.bottom}, mass.from, mass.to);
    add({common.left, all.top, common.right, common.top}, mass.from, mass.to);
    add({common.left, common.bottom, common.right, all.bottom}, mass.from, mass.to);
    add(common, mass.from, from);
    add(common, to, mass.to);
}

std::vector<Mass> boxesOf(const Kit& kit, const Solid& solid) {
    const ExactBox all = boxOf(kit, solid);
    std::vector<Mass> boxes;
    const auto add = [&](const ExactRect& place, const Rational& from, const Rational& to) {
        if (place.isEmpty() || from >= to) return;
        Mass box;
        box.place = place;
        box.from = from;
        box.to = to;
        boxes.push_back(std::move(box));
    };
    if (!solid.isHollow()) {
        add(all.place, all.from, all.to);
    } else {
        const auto& [left, top, right, bottom] = all.place;
        const Rational floor = all.from + exact(solid.floor);
        const Rational ceiling = all.to - exact(solid.ceiling);
        const Rational across = exact(solid.wall) / exact(kit.width);
        const Rational down = exact(solid.wall) / exact(kit.depth);
        add(all.place, all.from, floor);
        add({left, top, left + across, bottom}, floor, ceiling);
        add({right - across, top, right, bottom}, floor, ceiling);
        add({left + across, top, right - across, top + down}, floor, ceiling);
        add({left + across, bottom - down, right - across, bottom}, floor, ceiling);
        add(all.place, ceiling, all.to);
    }
    for (const Opening& opening : solid.openings) {
        const ExactBox hole{
            {solid.x + opening.x, solid.y + opening.y, solid.x + opening.x + opening.width,
             solid.y + opening.y + opening.depth},
            all.from + exact(opening.base),
            all.from + exact(opening.base) + exact(opening.height)};
        std::vector<Mass> left;
        for (const Mass& box : boxes)
            cutOut(box, hole, left);
        boxes = std::move(left);
    }
    return boxes;
}

std::vector<Mass> stepsOf(const Kit& kit, const Solid& solid) {
    const ExactBox all = boxOf(kit, solid);
    std::vector<Mass> steps;
    for (int i = 0; i < solid.steps; ++i) {
        const Rational first(i, solid.steps);
        const Rational last(i + 1, solid.steps);
        Mass step;
        step.place = all.place;
        step.from = all.from;
        step.to = all.from + exact(solid.height) * last;
        switch (solid.up) {
            case Side::Right:
                step.place.left = solid.x + solid.width * first;
                step.place.right = solid.x + solid.width * last;
                break;
            case Side::Left:
                step.place.left = solid.x + solid.width * (Rational(1) - last);
                step.place.right = solid.x + solid.width * (Rational(1) - first);
                break;
            case Side::Down:
                step.place.top = solid.y + solid.depth * first;
                step.place.bottom = solid.y + solid.depth * last;
                break;
            case Side::Up:
                step.place.top = solid.y + solid.depth * (Rational(1) - last);
                step.place.bottom = solid.y + solid.depth * (Rational(1) - first);
                break;
        }
        steps.push_back(std::move(step));
    }
    return steps;
}

}  // namespace

ExactRect ExactRect::common(const ExactRect& other) const {
    return {max(left, other.left), max(top, other.top), min(right, other.right),
            min(bottom, other.bottom)};
}

bool ExactRect::contains(const ExactRect& other) const {
    return left <= other.left && top <= other.top && right >= other.right && bottom >= other.bottom;
}

CellRect ExactRect::modules() const {
    if (isEmpty()) return {};
    const auto first = [](const Rational& value) { return static_cast<int>(value.floor()); };
    const auto last = [](const Rational& value) { return -static_cast<int>((-value).floor()); };
    const int x = first(left);
    const int y = first(top);
    return {x, y, last(right) - x, last(bottom) - y};
}

ExactPoint ExactRect::middle() const {
    return {(left + right) / Rational(2), (top + bottom) / Rational(2)};
}

Rational Mass::topAt(const Rational& x, const Rational& y) const {
    if (!up) return to;
    const bool isAcross = *up == Side::Right || *up == Side::Left;
    const Rational size = isAcross ? place.right - place.left : place.bottom - place.top;
    const Rational along = isAcross ? x - place.left : y - place.top;
    const bool isForth = *up == Side::Right || *up == Side::Down;
    Rational share = along / size;
    constexpr std::int64_t finest = 1'000'000'000;
    if (share.bottom() > finest)
        share = {std::llround(share.toDouble() * static_cast<double>(finest)), finest};
    const Rational rise = to - from;
    return isForth ? from + rise * share : to - rise * share;
}

Rational Mass::topOver(const ExactRect& part) const {
    if (!up) return to;
    const ExactRect common = place.common(part);
    switch (*up) {
        case Side::Right:
            return topAt(common.right, common.top);
        case Side::Left:
        case Side::Up:
            return topAt(common.left, common.top);
        case Side::Down:
            return topAt(common.left, common.bottom);
    }
    return to;
}

ExactRect Mass::above(const Rational& height) const {
    if (height >= to) return {};
    if (!up || height <= from) return place;
    ExactRect part = place;
    const Rational share = (height - from) / (to - from);  // both are decimals, or nearly
    const Rational across = (place.right - place.left) * share;
    const Rational down = (place.bottom - place.top) * share;
    switch (*up) {
        case Side::Right:
            part.left = place.left + across;
            break;
        case Side::Left:
            part.right = place.right - across;
            break;
        case Side::Down:
            part.top = place.top + down;
            break;
        case Side::Up:
            part.bottom = place.bottom - down;
            break;
    }
    return part;
}

bool Mass::covers(const ExactRect& part) const {
    if (place.common(part).isEmpty()) return false;
    return outline.empty() || haveCommon(outline, outlineOf(part));
}

bool overlap(const Mass& a, const Mass& b) {
    const Rational bottom = max(a.from, b.from);
    const ExactRect common = a.above(bottom).common(b.above(bottom));
    if (common.isEmpty()) return false;
    if (a.outline.empty() && b.outline.empty()) return true;
    if (!a.outline.empty() && !b.outline.empty()) return haveCommon(a.outline, b.outline);
    return a.outline.empty() ? b.covers(a.above(bottom)) : a.covers(b.above(bottom));
}

ExactBox boxOf(const Kit& kit, const Solid& solid) {
    const Rational from = exact(kit.storey) * Rational(solid.storey) + exact(solid.base);
    return {{solid.x, solid.y, solid.x + solid.width, solid.y + solid.depth},
            from,
            from + exact(solid.height)};
}

CellRect boundsOf(const Solid& solid) {
    return ExactRect{solid.x, solid.y, solid.x + solid.width, solid.y + solid.depth}.modules();
}

std::vector<Mass> massesOf(const Kit& kit, const Solid& solid) {
    if (level::flawOf(kit, solid)) return {};
    if (solid.sort == SolidSort::Box) return boxesOf(kit, solid);
    if (solid.sort == SolidSort::Stairs) return stepsOf(kit, solid);
    const ExactBox all = boxOf(kit, solid);
    Mass mass;
    mass.place = all.place;
    mass.from = all.from;
    mass.to = all.to;
    if (solid.sort == SolidSort::Wedge) mass.up = solid.up;
    if (solid.sort == SolidSort::Round)
        for (int i = 0; i < solid.sides; ++i) {
            const double angle = 2 * std::numbers::pi * (i + 0.5) / solid.sides;
            const double halfWidth = solid.width.toDouble() / 2;
            const double halfDepth = solid.depth.toDouble() / 2;
            mass.outline.push_back({solid.x.toDouble() + halfWidth * (1 + std::cos(angle)),
                                    solid.y.toDouble() + halfDepth * (1 + std::sin(angle))});
        }
    return {mass};
}

std::vector<Mass> massesOf(const Kit& kit, const Piece& piece, const PlacedPiece& placed) {
    std::vector<Mass> masses;
    const Rational storey = exact(kit.storey);
    const Rational slab = exact(kit.slab);
    const Rational thick(1, 12);
    for (const PlacedCell& cell : cellsOf(piece, placed)) {
        const level::PieceCell& own = piece.cells[cell.cell];
        const Rational x = Rational(cell.spot.at.x) + placed.offX;
        const Rational y = Rational(cell.spot.at.y) + placed.offY;
        const ExactRect module{x, y, x + Rational(1), y + Rational(1)};
        const Rational ground = storey * Rational(cell.spot.storey);
        const Rational low = ground + exact(own.height);
        switch (own.surface) {
            case SurfaceSort::None:
                break;
            case SurfaceSort::Flat:
                masses.push_back({MassSort::Floor, module, low - slab, low});
                break;
            case SurfaceSort::Block:
                masses.push_back({MassSort::Block, module, ground, ground + storey});
                break;
            case SurfaceSort::Ramp:
            case SurfaceSort::Stairs:
                masses.push_back({MassSort::Ramp, module, low, low + exact(own.rise), cell.up});
                break;
        }
        for (const Side side : level::allSides) {
            if (!((cell.walls >> static_cast<int>(side)) & 1u)) continue;
            ExactRect wall = module;
            if (side == Side::Right) wall.left = module.right - thick;
            if (side == Side::Left) wall.right = module.left + thick;
            if (side == Side::Down) wall.top = module.bottom - thick;
            if (side == Side::Up) wall.bottom = module.top + thick;
            masses.push_back({MassSort::Wall, wall, ground, ground + storey - slab});
        }
    }
    return masses;
}

Result<Rational> modulesIn(const std::string& text) {
    std::istringstream words(text);
    Rational sum;
    int count = 0;
    for (std::string word; words >> word; ++count) {
        std::replace(word.begin(), word.end(), ',', '.');
        const std::size_t slash = word.find('/');
        const std::size_t point = word.find('.');
        std::string digits = word;
        std::int64_t bottom = 1;
        if (slash != std::string::npos) {
            const std::string below = word.substr(slash + 1);
            const auto read = std::from_chars(below.data(), below.data() + below.size(), bottom);
            if (read.ec != std::errc() || read.ptr != below.data() + below.size() || bottom < 1 ||
                bottom > 1'000'000)
                bottom = 0;
            digits = word.substr(0, slash);
        } else if (point != std::string::npos) {
            const std::size_t places = word.size() - point - 1;
            if (places > 6) bottom = 0;
            for (std::size_t i = 0; i < places && bottom > 0; ++i)
                bottom *= 10;
            digits.erase(point, 1);
        }
        std::int64_t top = 0;
        const auto read = std::from_chars(digits.data(), digits.data() + digits.size(), top);
        const bool isRead =
            read.ec == std::errc() && read.ptr == digits.data() + digits.size() && bottom > 0;
        if (!isRead || top > 1'000'000'000 || top < -1'000'000'000 || count > 1)
            return fail(ErrorKind::WrongType, "\"" + text + "\" is no number of modules", {},
                        "Write 2, 1.25 or 5/4");
        sum += Rational(top, bottom);
    }
    if (count == 0)
        return fail(ErrorKind::WrongType, "A number of modules is wanted", {},
                    "Write 2, 1.25 or 5/4");
    return sum;
}

std::string titleOf(const Solid& solid) {
    constexpr const char* names[] = {"Box", "Wedge", "Stairs", "Round"};
    const char* name = solid.isHollow() ? "Room" : names[static_cast<int>(solid.sort)];
    return std::string(name) + " " + std::to_string(solid.id);
}

const Solid* findSolid(const level::Level& level, int id) {
    for (const Solid& solid : level.solids)
        if (solid.id == id) return &solid;
    return nullptr;
}

SolidIndex::SolidIndex(const Kit& kit, const level::Level& level) {
    const CellRect board = level.cells.bounds();
    std::size_t index = 0;
    for (const Solid& solid : level.solids) {
        const std::size_t here = index++;
        for (Mass& mass : massesOf(kit, solid)) {
            const auto number = static_cast<std::uint32_t>(m_masses.size());
            const CellRect modules = mass.place.modules().intersected(board);
            for (int y = modules.y; y < modules.bottom(); ++y)
                for (int x = modules.x; x < modules.right(); ++x)
                    if (mass.covers({x, y, x + 1, y + 1})) m_modules[{{x, y}, 0}].push_back(number);
            m_masses.push_back(std::move(mass));
            m_solidOf.push_back(here);
        }
    }
}

const std::vector<std::uint32_t>& SolidIndex::at(CellPoint module) const {
    static const std::vector<std::uint32_t> none;
    const auto found = m_modules.find({module, 0});
    return found == m_modules.end() ? none : found->second;
}

int finestPart(const Kit& kit) {
    return std::min(kit.fraction, level::maxSolidParts);
}

}  // namespace rook::kit
