#include "check/audit.h"

#include <algorithm>

#include "check/audit_detail.h"

namespace rook::check {

namespace {

using level::Cell;
using level::CellRegion;
using level::CellRun;
using level::Form;

constexpr std::size_t mostFindings = 200;

std::string sizeText(int width, int height) {
    return std::to_string(width) + " x " + std::to_string(height) + " px";
}

class Audit {
public:
    Audit(const level::Project& project, const level::Level& level, const reach::Answer& answer,
          const motion::StepTables& tables, const std::atomic<bool>* cancel)
        : m_project(project),
          m_level(level),
          m_answer(answer),
          m_tables(tables),
          m_cell(level.cellSize),
          m_cancel(cancel) {}

    std::vector<Finding> run() {
        for (const auto step :
             {&Audit::findTightSpaces, &Audit::findLoneCells, &Audit::findLedgesThatBump,
              &Audit::findStepsAtSlopes, &Audit::findTouchingCorners, &Audit::findLeaks,
              &Audit::findUnusedBottom}) {
            if (m_cancel && *m_cancel) return {};
            (this->*step)();
        }
        if (m_findings.size() > mostFindings) {
            const std::size_t more = m_findings.size() - mostFindings;
            m_findings.resize(mostFindings);
            add(FindingKind::NotAudited, Severity::Note,
                "There are " + std::to_string(more) + " more findings about collision", {});
        }
        return std::move(m_findings);
    }

private:
    void add(FindingKind kind, Severity severity, std::string sentence, const PxRect& place,
             std::string fix = {}) {
        m_findings.push_back(
            {kind, severity, m_level.id, std::move(sentence), {}, place, std::move(fix)});
    }
    [[nodiscard]] PxRect pxOf(int x, int y, int width = 1, int height = 1) const {
        return toPx(CellRect{x, y, width, height}, m_cell);
    }
    [[nodiscard]] bool isSolid(int x, int y, bool outside = false) const {
        return isSolidCell(m_project, m_level, x, y, outside);
    }
    [[nodiscard]] bool isSolidAndFull(int x, int y) const {
        return isSolid(x, y) && m_level.cells.at(x, y).form() == Form::Full;
    }
    /// Reach is known in full, and the level is seen from the side.
    [[nodiscard]] bool isReachKnown() const {
        const auto kind = m_answer.verdict.kind;
        return m_answer.onCells().reached.completion == reach::Completion::Complete &&
               m_answer.onCells().reached.startIsLive && kind != reach::VerdictKind::NotDecided;
    }
    [[nodiscard]] bool isFromTheSide() const { return m_level.kind == level::LevelKind::Side; }

    void findTightSpaces() {
        const std::string body = sizeText(m_tables.body.bodyWidth, m_tables.body.bodyHeight);
        for (const TightSpace& space : tightSpaces(m_project, m_level, m_tables, m_cancel)) {
            const std::string fix = space.cells.isEmpty() ? "" : "Fill it";
            const std::string size = sizeText(space.bounds.width, space.bounds.height);
            if (space.isPocket)
                add(FindingKind::Pocket, Severity::Doubt,
                    "A pocket of " + size + " that nothing can enter", space.bounds, fix);
            else
                add(FindingKind::GapTooTight, Severity::Doubt,
                    "A gap of " + size + " that the body, " + body + ", does not fit through",
                    space.bounds, fix);
        }
    }

    void findLoneCells() {
        for (int y = 0; y < m_level.cells.height(); ++y)
            for (int x = 0; x < m_level.cells.width(); ++x) {
                if (!isSolid(x, y)) continue;
                int neighbours = 0;
                for (int dy = -1; dy <= 1; ++dy)
                    for (int dx = -1; dx <= 1; ++dx)
                        neighbours +=
                            m_project.behaviourOf(m_level.cells.at(x + dx, y + dy, Cell())) !=
                                        level::Behaviour::Open ||
                                    !m_level.cells.bounds().contains(CellPoint{x + dx, y + dy})
                                ? 1
                                : 0;
                if (neighbours == 1)
                    add(FindingKind::LoneCell, Severity::Doubt, "A single solid cell in open air",
                        pxOf(x, y), "Erase it");
            }
    }

    /// The rows of cells from (x, y) down that are solid, at most three.
    [[nodiscard]] int thicknessAt(int x, int y) const {
        int rows = 0;
        while (rows < 3 && isSolid(x, y + rows))
            ++rows;
        return rows;
    }
    /// A thin ledge from cell x to right - 1 whose upper row is y.
    void judgeLedge(int x, int right, int y) {
        const reach::Reached& reached = m_answer.onCells().reached;
        const int h = m_tables.body.bodyHeight;
        const int w = m_tables.body.bodyWidth;
        const int top = y * m_cell.height;
        const int left = x * m_cell.width - w + 1 + reached.left;
        const int end = right * m_cell.width + reached.left;
        const int row = top - h + reached.top;
        if (reached.standing.anyIn(left, row, end, row + 1)) return;
        // Where a body stands under it that would get up, if it were let through.
        const int rise = m_tables.body.totalRise();
        const bool isBelow = reached.standing.anyIn(left, row + 1, end, row + rise + 1);
        if (!isBelow) return;
        int thickest = 0;
        for (int column = x; column < right; ++column)
            thickest = std::max(thickest, thicknessAt(column, y));
        const auto isOneWay = [](const level::Matter& matter) {
            return matter.behaviour == level::Behaviour::OneWay;
        };
        const bool canFix =
            std::any_of(m_project.matters.begin(), m_project.matters.end(), isOneWay);
        add(FindingKind::LedgeBumps, Severity::Doubt,
            "A jump bumps at the underside of this ledge, and nothing gets on top of it",
            pxOf(x, y, right - x, thickest), canFix ? "Make it one-way" : "");
    }
    void findLedgesThatBump() {
        if (!isReachKnown() || !isFromTheSide()) return;
        const auto isThinTop = [&](int x, int y) {
            const int thickness = isSolid(x, y - 1, true) ? 0 : thicknessAt(x, y);
            return thickness >= 1 && thickness <= 2 &&
                   m_level.cells.bounds().contains(CellPoint{x, y + thickness});
        };
        for (int y = 1; y < m_level.cells.height(); ++y)
            for (int x = 0; x < m_level.cells.width(); ++x) {
                if (!isThinTop(x, y)) continue;
                int right = x;
                while (right < m_level.cells.width() && isThinTop(right, y))
                    ++right;
                // A top that goes on as a thick mass is got at from there, or not at all.
                const auto goesOnAt = [&](int column) {
                    return isSolid(column, y) && !isSolid(column, y - 1, true);
                };
                const bool goesOn = goesOnAt(x - 1) || goesOnAt(right);
                if (!goesOn) judgeLedge(x, right, y);
                x = right;
            }
    }

    /// The px row of the surface of solid matter in a px column, from row `from` up if that is
    /// solid, else down; looked for within one cell and one px. None if there is none.
    [[nodiscard]] std::optional<int> surfaceNear(int column, int from) const {
        const auto isSolidPx = [&](int y) {
            const PxPoint px{column, y};
            if (!m_level.boundsPx().contains(px)) return false;
            const CellPoint at = toCell(px, m_cell);
            return isSolid(at.x, at.y) &&
                   runtime::formFills(m_level.cells.at(at).form(), px.x - at.x * m_cell.width,
                                      px.y - at.y * m_cell.height, m_cell.width, m_cell.height);
        };
        int y = from;
        for (int i = 0; i <= m_cell.height; ++i) {
            const bool isHere = isSolidPx(y);
            if (isHere && !isSolidPx(y - 1)) return y;
            y += isHere ? -1 : 1;
        }
        return std::nullopt;
    }
    void judgeSlope(int x, int y, bool risesRight) {
        const int left = x * m_cell.width;
        const int right = left + m_cell.width - 1;
        const int high = risesRight ? right : left;
        const int low = risesRight ? left : right;
        const int outward = risesRight ? 1 : -1;
        const int middle = y * m_cell.height + m_cell.height / 2;
        const auto top = surfaceNear(high, middle);
        const auto beyondTop = top ? surfaceNear(high + outward, *top) : std::nullopt;
        const auto foot = surfaceNear(low, middle);
        const auto beyondFoot = foot ? surfaceNear(low - outward, *foot) : std::nullopt;
        const int up = beyondTop ? *top - *beyondTop : 0;
        const int down = beyondFoot ? *beyondFoot - *foot : 0;
        const int step = std::max(up, down);
        if (step <= m_tables.body.stepUp || step > m_cell.height) return;
        add(FindingKind::SlopeEndsInStep, Severity::Doubt,
            "This slope ends in a step of " + std::to_string(step) + " px, and a body walks up " +
                std::to_string(m_tables.body.stepUp),
            pxOf(x, y));
    }
    void findStepsAtSlopes() {
        if (!isFromTheSide()) return;
        for (int y = 0; y < m_level.cells.height(); ++y)
            for (int x = 0; x < m_level.cells.width(); ++x) {
                if (!isSolid(x, y)) continue;
                switch (m_level.cells.at(x, y).form()) {
                    case Form::RiseRight:
                    case Form::RiseRight1Of2:
                    case Form::RiseRight2Of2:
                        judgeSlope(x, y, true);
                        break;
                    case Form::RiseLeft:
                    case Form::RiseLeft1Of2:
                    case Form::RiseLeft2Of2:
                        judgeSlope(x, y, false);
                        break;
                    case Form::Full:
                    case Form::LowerHalf:
                    case Form::UpperHalf:
                    case Form::LeftHalf:
                    case Form::RightHalf:
                    case Form::HangRight:
                    case Form::HangLeft:
                        break;
                }
            }
    }

    void findTouchingCorners() {
        for (int y = 0; y + 1 < m_level.cells.height(); ++y)
            for (int x = 0; x + 1 < m_level.cells.width(); ++x) {
                const bool falls = isSolidAndFull(x, y) && isSolidAndFull(x + 1, y + 1) &&
                                   !isSolid(x + 1, y) && !isSolid(x, y + 1);
                const bool rises = isSolidAndFull(x + 1, y) && isSolidAndFull(x, y + 1) &&
                                   !isSolid(x, y) && !isSolid(x + 1, y + 1);
                if (falls || rises)
                    add(FindingKind::CornersTouch, Severity::Doubt,
                        "Two masses touch at a corner only: no body passes, though it looks so",
                        pxOf(x, y, 2, 2), "Join them");
            }
    }

    /// Calls `tell(first, last)` for each run of positions that leave the level without an exit.
    template <typename Visited, typename BoxAt, typename Tell>
    void forEachLeak(int count, const Visited& isVisited, const BoxAt& boxAt, const Tell& tell) {
        const auto isLeak = [&](int i) {
            if (!isVisited(i)) return false;
            const PxRect box = boxAt(i);
            return std::none_of(
                m_level.entities.begin(), m_level.entities.end(), [&](const level::Entity& e) {
                    return m_project.roleOf(e) == level::Role::Exit && e.box.overlaps(box);
                });
        };
        for (int i = 0; i < count; ++i) {
            if (!isLeak(i)) continue;
            const int first = i;
            while (i + 1 < count && isLeak(i + 1))
                ++i;
            tell(first, i);
        }
    }
    void findLeaks() {
        if (!isReachKnown()) return;
        const reach::Reached& reached = m_answer.onCells().reached;
        const PxRect bounds = m_level.boundsPx();
        const int w = m_tables.body.bodyWidth;
        const int h = m_tables.body.bodyHeight;
        const auto open = runtime::EdgeRule::Open;
        const runtime::Edges& edges = m_level.edges;
        const auto side = [&](bool isOpen, int x, const char* name, int edgeX) {
            if (!isOpen) return;
            forEachLeak(
                bounds.height,
                [&](int y) {
                    return reached.isVisited({x, y});
                },
                [&](int y) {
                    return PxRect{x, y, w, h};
                },
                [&](int first, int last) {
                    add(FindingKind::Leak, Severity::Doubt,
                        std::string("The level can be left at the ") + name +
                            " edge without an exit",
                        {edgeX, first, m_cell.width, last - first + h},
                        std::string("Make the ") + name + " edge a wall");
                });
        };
        side(edges.left == open, -1, "left", 0);
        side(edges.right == open, bounds.width - w + 1, "right", bounds.width - m_cell.width);
        const auto level = [&](bool isOpen, int y, const PxRect& strip, FindingKind kind,
                               const std::string& sentence, const std::string& fix) {
            if (!isOpen) return;
            forEachLeak(
                bounds.width,
                [&](int x) {
                    return reached.isVisited({x, y});
                },
                [&](int x) {
                    return PxRect{x, y, w, h};
                },
                [&](int first, int last) {
                    add(kind, Severity::Doubt, sentence,
                        {first, strip.y, last - first + w, strip.height}, fix);
                });
        };
        level(edges.top == open, -1, {0, 0, 0, m_cell.height}, FindingKind::Leak,
              "The level can be left at the top edge without an exit", "Make the top edge a wall");
        level(edges.bottom == open, bounds.height - h + 1,
              {0, bounds.height - m_cell.height, 0, m_cell.height}, FindingKind::BottomlessGap,
              "A gap without a bottom: a body falls out of the level and does not die",
              "Make the bottom deadly");
    }

    void findUnusedBottom() {
        if (m_level.edges.bottom != runtime::EdgeRule::Deadly || !isFromTheSide()) return;
        const int last = m_level.cells.height() - 1;
        for (int x = 0; x < m_level.cells.width(); ++x)
            if (!isSolidAndFull(x, last)) return;
        add(FindingKind::DeadlyBottomUnused, Severity::Note,
            "The bottom is deadly under a floor without a gap: harmless",
            pxOf(0, last, m_level.cells.width()));
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const reach::Answer& m_answer;
    const motion::StepTables& m_tables;
    CellSize m_cell;
    const std::atomic<bool>* m_cancel;
    std::vector<Finding> m_findings;
};

}  // namespace

std::vector<Finding> auditFindings(const level::Project& project, const level::Level& level,
                                   const reach::Answer& answer, const std::atomic<bool>* cancel) {
    const level::MotionProfile* profile = project.profileOf(level);
    if (!profile) return {};
    auto tables = motion::makeStepTables(*profile, level.cellSize);
    if (!tables) return {};
    tables->body.fromAbove = level.kind == level::LevelKind::Above;
    if (level.boundsPx().area() > maxAuditPx) {
        return {{FindingKind::NotAudited,
                 Severity::Note,
                 level.id,
                 "Collision is not audited: the level is above 64 million px",
                 {},
                 {},
                 {}}};
    }
    return Audit(project, level, answer, *tables, cancel).run();
}

}  // namespace rook::check
