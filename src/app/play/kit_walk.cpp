#include "app/play/kit_walk.h"

#include <QLineF>
#include <algorithm>
#include <cmath>

#include "level/cast_edits.h"

namespace rook::app {

using level::Entity;
using level::Role;
using level::Side;

namespace {

constexpr double pace = 2.5 / 60;  ///< modules a tick, as by the clock
constexpr double radius = 0.18;    ///< modules, of the body
constexpr std::size_t longestTrail = 6000;

}  // namespace

KitWalk::KitWalk(const level::Project& project, std::shared_ptr<const level::Level> level,
                 const kit::WalkGraph* known)
    : m_project(project), m_level(std::move(level)) {
    const level::Kit& kit = *m_project.kitOf(*m_level);
    m_index = kit::PlacedIndex(kit, *m_level);
    m_graph = known ? *known : kit::WalkGraph(m_project, *m_level, m_index);
}

Result<std::unique_ptr<KitWalk>> KitWalk::begin(const level::Project& project,
                                                std::shared_ptr<const level::Level> level,
                                                std::optional<PxPoint> at, int storey,
                                                const EntityId& entry,
                                                const kit::WalkGraph* known) {
    if (!project.kitOf(*level))
        return fail(ErrorKind::Missing, "The level has no kit", level->title,
                    "Name one of the project's kits");
    std::unique_ptr<KitWalk> walk(new KitWalk(project, std::move(level), known));
    std::optional<Start> start;
    const auto startAt = [&](PxPoint px, int on) {
        start = Start{kit::inModules(*walk->m_level, px), on};
    };
    if (at) startAt(*at, storey);
    if (const Entity* named = level::findEntity(*walk->m_level, entry); named && !start)
        startAt(kit::boxMiddle(*named), named->storey);
    for (const Entity& entity : walk->m_level->entities)
        if (!start && project.roleOf(entity) == Role::Spawn)
            startAt(kit::boxMiddle(entity), entity.storey);
    if (!start)
        return fail(ErrorKind::Missing, "There is no start to walk from", walk->m_level->title,
                    "Place a spawn in Cast, or walk from the pointer with Shift");
    walk->putAt(*start);
    if (walk->m_patch < 0)
        return fail(ErrorKind::NotApplicable, "There is nothing to stand on here",
                    walk->m_level->title, "Choose a module with a floor");
    return walk;
}

void KitWalk::putAt(const Start& start) {
    m_start = start;
    m_patch = m_graph.patchUnder(start.at, start.storey);
    if (m_patch < 0) return;
    // In the middle of the module, or of the part of it.
    const auto [x, y] = m_graph.patches()[std::size_t(m_patch)].middle();
    m_x = x;
    m_y = y;
    m_isNew = true;
    m_body.reset();
    if (!m_graph.timed() || !m_graph.problem().empty()) return;
    const int stand = m_graph.timed()->stands().nearest(m_patch, start.at);
    if (stand < 0) return;
    m_body.emplace(*m_graph.timed(), stand);
    takePlace();
}

void KitWalk::takePlace() {
    const auto [x, y] = m_body->place();
    m_x = x / kit::Stands::across;
    m_y = y / kit::Stands::across;
    m_patch = m_graph.timed()->patchAt(m_body->stand());
}

void KitWalk::beginAgain() {
    m_taken.clear();
    m_trail.clear();
    m_ticks = 0;
    m_checkpoint.reset();
    m_moves.clear();
    putAt(m_start);
}

void KitWalk::setWish(double dx, double dy) {
    m_dx = dx;
    m_dy = dy;
}

bool KitWalk::mayEnter(int patch) const {
    const kit::Patch& there = m_graph.patches()[std::size_t(patch)];
    for (const Entity& entity : m_level->entities) {
        if (!level::mayBeShut(m_project.roleOf(entity)) || entity.storey != there.spot.storey)
            continue;
        if (!toCells(entity.box, m_level->cellSize).contains(there.spot.at)) continue;
        for (const EntityId& id : whatOpens(m_project, *m_level, entity))
            if (!m_taken.contains(id.text)) return false;
    }
    return true;
}

void KitWalk::follow(std::vector<kit::PacedMove> moves) {
    m_moves = std::move(moves);
    m_move = 0;
    m_waited = 0;
}

bool KitWalk::tryStep(int dx, int dy) {
    if (dx == 0 && dy == 0) return false;
    const kit::TimedWalk& timed = *m_graph.timed();
    const int to = timed.beside(m_body->stand(), dx, dy, m_body->now());
    if (to < 0 || (timed.patchAt(to) >= 0 && !mayEnter(timed.patchAt(to)))) return false;
    m_body->begin(to, kit::ticksOfStep(dx, dy));
    return true;
}

/// The next one that is followed, else the one that is wished for, or along what is in its way.
void KitWalk::beginStep() {
    if (m_move < m_moves.size()) {
        const kit::PacedMove& move = m_moves[m_move];
        const bool isDone = tryStep(move.dx, move.dy) || ++m_waited >= move.ticks;
        if (!isDone) return;
        ++m_move;
        m_waited = 0;
        return;
    }
    if (std::hypot(m_dx, m_dy) < 0.3) return;
    constexpr double eighth = 0.7853981633974483;
    const long turn = std::lround(std::atan2(m_dy, m_dx) / eighth);
    const auto part = [](double value) { return int(std::lround(value)); };
    const int dx = part(std::cos(double(turn) * eighth)),
              dy = part(std::sin(double(turn) * eighth));
    const bool isAcross = std::abs(m_dx) > std::abs(m_dy);
    if (tryStep(dx, dy) || dx == 0 || dy == 0) return;
    if (isAcross ? tryStep(dx, 0) : tryStep(0, dy)) return;
    isAcross ? tryStep(0, dy) : tryStep(dx, 0);
}

void KitWalk::goByTheClock() {
    if (m_body->isAtRest()) beginStep();
    if (m_body->tick()) {
        ++m_deaths;
        m_moves.clear();
        const Start begin = m_start;
        putAt(m_checkpoint.value_or(begin));
        m_start = begin;
        return;
    }
    takePlace();
}

std::vector<KitWalk::Going> KitWalk::going() const {
    std::vector<Going> going;
    if (!m_body) return going;
    for (const kit::ClockThing& thing : m_graph.timed()->clock().things) {
        if (!thing.way.isThere(m_body->now())) continue;
        const runtime::Box box = thing.way.at(m_body->now());
        going.push_back({m_level->entities[thing.entity].id,
                         {box.x, box.y, box.width, box.height},
                         thing.storey,
                         thing.member});
    }
    for (const kit::Deck& deck : m_graph.timed()->clock().decks) {
        const runtime::Box box = deck.way.at(m_body->now());
        going.push_back({m_level->entities[deck.entity].id,
                         {box.x, box.y, box.width, box.height},
                         deck.storey,
                         -1});
    }
    return going;
}

bool KitWalk::goes(const Entity& entity) const {
    if (!m_body) return false;
    const kit::Clock& clock = m_graph.timed()->clock();
    const auto isIt = [&](const auto& each) {
        return m_level->entities[each.entity].id == entity.id;
    };
    return std::any_of(clock.things.begin(), clock.things.end(), isIt) ||
           std::any_of(clock.decks.begin(), clock.decks.end(), isIt);
}

/// One axis: over a border only where the graph leads over it, else up to the border.
void KitWalk::goAlong(double& along, double by, Side lower, Side upper) {
    if (by == 0) return;
    const Side side = by > 0 ? upper : lower;
    const kit::ExactRect here = m_graph.patches()[std::size_t(m_patch)].place();
    const auto borderOf = [](const kit::ExactRect& part, Side of) {
        return of == Side::Right  ? part.right
               : of == Side::Left ? part.left
               : of == Side::Down ? part.bottom
                                  : part.top;
    };
    const double border = borderOf(here, side).toDouble();
    const bool isAcross = side == Side::Right || side == Side::Left;
    const double other = isAcross ? m_y : m_x;
    int into = -1;
    for (const int patch : m_graph.next(m_patch)) {
        const kit::ExactRect there = m_graph.patches()[std::size_t(patch)].place();
        const double first = borderOf(there, isAcross ? Side::Up : Side::Left).toDouble();
        const double last = borderOf(there, isAcross ? Side::Down : Side::Right).toDouble();
        if (borderOf(there, opposite(side)) == borderOf(here, side) && first <= other &&
            other < last && mayEnter(patch))
            into = patch;
    }
    if (into < 0) {
        along = by > 0 ? std::min(along + by, std::max(along, border - radius))
                       : std::max(along + by, std::min(along, border + radius));
        return;
    }
    along += by;
    const bool hasCrossed = by > 0 ? along >= border : along < border;
    if (hasCrossed) m_patch = into;
}

std::vector<std::string> KitWalk::tick() {
    std::vector<std::string> taken;
    ++m_ticks;
    // Never faster for going aslant.
    const double share = 1 / std::max(1.0, std::hypot(m_dx, m_dy));
    const int before = m_patch;
    if (m_body) {
        goByTheClock();
    } else {
        goAlong(m_x, m_dx * pace * share, Side::Left, Side::Right);
        goAlong(m_y, m_dy * pace * share, Side::Up, Side::Down);
    }
    if (m_patch != before || std::exchange(m_isNew, false)) meet(taken);
    if (m_trail.empty() || QLineF(m_trail.back(), QPointF(m_x, m_y)).length() > 0.05)
        m_trail.push_back({m_x, m_y});
    if (m_trail.size() > longestTrail) m_trail.erase(m_trail.begin());
    return taken;
}

/// What stands where one is is taken; an exit is noticed.
void KitWalk::meet(std::vector<std::string>& taken) {
    for (const Entity& entity : m_level->entities) {
        if (m_patch < 0 || m_graph.patchUnder(*m_level, entity) != m_patch) continue;
        const Role role = m_project.roleOf(entity);
        if (role == Role::Pickup || role == Role::Key || role == Role::Switch)
            if (m_taken.insert(entity.id.text).second) taken.push_back(entity.id.text);
        if (role == Role::Checkpoint)
            m_checkpoint = Start{kit::inModules(*m_level, kit::boxMiddle(entity)), entity.storey};
        if (role == Role::Exit) {
            ++m_finished;
            m_lastExit = entity.id.text;
        }
    }
}

KitWalk::Place KitWalk::place() const {
    if (m_patch < 0) {
        const int storey = m_graph.timed()->deckAt(m_body->stand())->storey;
        const level::Kit& kit = *m_project.kitOf(*m_level);
        return {m_x, m_y, storey * level::exact(kit.storey).toDouble(), storey};
    }
    const kit::Patch& here = m_graph.patches()[std::size_t(m_patch)];
    // As far up the ramp as one has come.
    const kit::ExactRect part = here.place();
    const double across = (m_x - part.left.toDouble()) / (part.right - part.left).toDouble();
    const double down = (m_y - part.top.toDouble()) / (part.bottom - part.top).toDouble();
    const double share = here.up == Side::Right  ? across
                         : here.up == Side::Left ? 1 - across
                         : here.up == Side::Down ? down
                                                 : 1 - down;
    const double low = here.low.toDouble();
    return {m_x, m_y, low + (here.high.toDouble() - low) * std::clamp(share, 0.0, 1.0),
            here.spot.storey};
}

}  // namespace rook::app
