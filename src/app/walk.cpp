#include "app/walk.h"

#include "reach/verdict.h"

namespace rook::app {

namespace {

constexpr int farPx = 1 << 16;              // wishes are cut to the tables
constexpr std::size_t maxTrail = 60 * 600;  // ticks: ten minutes, then the oldest half goes

runtime::Box boxOf(const PxRect& r) {
    return {r.x, r.y, r.width, r.height};
}

}  // namespace

Result<std::unique_ptr<Walk>> Walk::begin(const level::Project& project, const level::Level& level,
                                          std::optional<PxPoint> at) {
    const auto question = reach::askOf(project, level);
    if (!question) return fail(question.error());
    const runtime::MotionTables& tables = question->problem.tables;
    std::optional<PxRect> start = question->problem.start;
    if (at)
        start = PxRect{at->x - tables.bodyWidth / 2, at->y - tables.bodyHeight, tables.bodyWidth,
                       tables.bodyHeight};
    if (!start) {
        return fail(ErrorKind::Missing, "There is no start to walk from", level.title,
                    "Place a spawn in Cast, or hold Shift to walk from the pointer");
    }
    std::vector<runtime::Box> deadly;
    for (const PxRect& box : question->problem.deadlyBoxes)
        deadly.push_back(boxOf(box));
    std::unique_ptr<Walk> walk(new Walk(project, level, tables, *start, std::move(deadly)));
    if (walk->m_body.stance == runtime::Stance::Ended) {
        return fail(ErrorKind::NotApplicable, "The body has no room to start there",
                    "px " + std::to_string(start->x) + ", " + std::to_string(start->y),
                    "Move the start into the open");
    }
    return walk;
}

Walk::Walk(const level::Project& project, const level::Level& level, runtime::MotionTables tables,
           PxRect start, std::vector<runtime::Box> deadly)
    : m_cells(project, level),
      m_tables(std::move(tables)),
      m_world(frameOf(level), m_cells, m_tables, std::move(deadly)),
      m_start(start) {
    for (const level::Entity& entity : level.entities)
        if (project.roleOf(entity) == level::Role::Exit)
            m_exits.emplace_back(entity.id.text, boxOf(entity.box));
    restart();
}

void Walk::restart() {
    m_body = runtime::bodyAt(boxOf(m_start), m_world, m_tables);
    m_trail.clear();
    m_isAtExit = false;
}

void Walk::tick() {
    runtime::Input input;
    if (m_tables.fromAbove) input.dy = (m_keys.down ? farPx : 0) - (m_keys.up ? farPx : 0);
    input.dx = (m_keys.right ? farPx : 0) - (m_keys.left ? farPx : 0);
    const bool isStanding = m_body.stance == runtime::Stance::Standing;
    if (m_keys.jumpBufferTicks > 0) {
        --m_keys.jumpBufferTicks;
        if (isStanding) {
            input.buttons |= runtime::jumpButton;
            m_keys.jumpBufferTicks = 0;
        }
    }
    if (m_keys.down && isStanding) input.buttons |= runtime::dropButton;
    // Letting go counts while the body rises; in other ticks the stepper ignores it.
    if (!m_keys.jump && !isStanding) input.buttons |= runtime::letGoButton;
    if (m_keys.left != m_keys.right) m_facesLeft = m_keys.left;
    step(m_world, m_tables, m_body, input);
    if (m_body.stance == runtime::Stance::Ended) {
        ++m_deaths;
        m_formerTrail = m_trail;
        restart();
        return;
    }
    m_trail.emplace_back(m_body.x + m_tables.bodyWidth / 2.0, m_body.y + m_tables.bodyHeight);
    if (m_trail.size() > maxTrail)
        m_trail.erase(m_trail.begin(), m_trail.begin() + static_cast<std::ptrdiff_t>(maxTrail / 2));
    countExits();
}

void Walk::countExits() {
    const runtime::Box box{m_body.x, m_body.y, m_tables.bodyWidth, m_tables.bodyHeight};
    bool isAtExit = false;
    for (const auto& [id, exit] : m_exits) {
        if (!overlaps(box, exit)) continue;
        isAtExit = true;
        if (!m_isAtExit) {
            ++m_finished;
            m_lastExit = id;
        }
    }
    m_isAtExit = isAtExit;
}

}  // namespace rook::app
