#include "check/why_not.h"

#include <algorithm>
#include <cstdio>

#include "reach/analysis.h"

namespace rook::check {

namespace {

using level::Behaviour;

constexpr std::size_t mostThings = 8;
constexpr std::size_t mostLedges = 48;

bool isOutOfReach(FindingKind kind) {
    return kind == FindingKind::ExitOutOfReach || kind == FindingKind::PickupOutOfReach ||
           kind == FindingKind::CheckpointOutOfReach || kind == FindingKind::KeyOutOfReach;
}

/// What a ledge is made of: the project's first one-way matter, else its first solid one.
std::optional<level::MatterId> ledgeMatter(const level::Project& project) {
    for (const Behaviour wanted : {Behaviour::OneWay, Behaviour::Solid})
        for (std::size_t i = 1; i < project.matters.size(); ++i)
            if (project.matters[i].behaviour == wanted)
                return level::MatterId{static_cast<std::uint16_t>(i)};
    return std::nullopt;
}

class Reasons {
public:
    Reasons(const level::Project& project, const level::Level& level, const reach::Analysis& depth,
            const std::atomic<bool>* cancel)
        : m_project(project), m_level(level), m_depth(depth), m_cancel(cancel) {}

    void addTo(Finding& finding) const {
        const auto missed = m_depth.runs->missedBy(finding.place);
        if (missed && *missed > 0)
            finding.sentence += ": a body comes as near as " + std::to_string(*missed) + " px";
        std::string would;
        for (int i = 0; i < level::abilityCount && !isCancelled(); ++i) {
            const auto ability = static_cast<level::Ability>(i);
            if (m_depth.runs->problem().tables.has(ability)) continue;
            reach::QueryOptions options;
            options.lent = setOf(ability);
            if (!isMet(m_level, finding.place, options)) continue;
            would += (would.empty() ? "; it would be reached with " : " or ") + wordsOf(ability);
        }
        finding.sentence += would;
        if (const auto ledge = nearestLedge(finding.place))
            finding.fix = "Lay a ledge of " + std::to_string(ledge->width) + " cells at " +
                          std::to_string(ledge->x) + ", " + std::to_string(ledge->y);
    }

private:
    /// As people say it, where files have one word.
    static std::string wordsOf(level::Ability ability) {
        if (ability == level::Ability::Coyote) return "coyote time";
        std::string words(level::nameOf(ability));
        std::replace(words.begin(), words.end(), '-', ' ');
        return words;
    }
    [[nodiscard]] bool isCancelled() const { return m_cancel && *m_cancel; }

    [[nodiscard]] bool isMet(const level::Level& level, const PxRect& goal,
                             const reach::QueryOptions& options) const {
        const auto query = reach::queryOf(m_project, level, options);
        if (!query || !query->notSolved.empty()) return false;
        const auto met =
            reach::meetsOf(query->problem, {goal}, {reach::Limits{}.maxBytes, m_cancel});
        return met && met->front();
    }

    /// Of the ledges around the goal, the shortest and nearest that would do.
    [[nodiscard]] std::optional<CellRect> nearestLedge(const PxRect& goal) const {
        const auto matter = ledgeMatter(m_project);
        if (!matter || m_level.kind != level::LevelKind::Side) return std::nullopt;
        const CellRect at = toCells(goal, m_level.cellSize);
        std::vector<CellRect> ledges;
        for (int width = 2; width <= 3; ++width)
            for (int y = at.bottom(); y <= at.bottom() + 5; ++y)
                for (int x = at.x - 7; x <= at.x + 7; ++x)
                    if (isOpen({x, y, width, 1})) ledges.push_back({x, y, width, 1});
        const auto farness = [&](const CellRect& ledge) {
            return 3 * ledge.width + std::abs(2 * ledge.x + ledge.width - 2 * at.x - at.width) +
                   std::abs(ledge.y - at.bottom() - 2);
        };
        std::stable_sort(ledges.begin(), ledges.end(),
                         [&](const auto& a, const auto& b) { return farness(a) < farness(b); });
        for (std::size_t i = 0; i < ledges.size() && i < mostLedges && !isCancelled(); ++i) {
            level::Level changed = m_level;
            for (int x = ledges[i].x; x < ledges[i].right(); ++x)
                changed.cells.set(x, ledges[i].y, level::Cell(*matter));
            if (isMet(changed, goal, {})) return ledges[i];
        }
        return std::nullopt;
    }
    [[nodiscard]] bool isOpen(const CellRect& ledge) const {
        if (ledge.intersected(m_level.cells.bounds()) != ledge) return false;
        for (int x = ledge.x; x < ledge.right(); ++x)
            if (!m_level.cells.at(x, ledge.y).isOpen()) return false;
        return true;
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const reach::Analysis& m_depth;
    const std::atomic<bool>* m_cancel;
};

}  // namespace

std::vector<Finding> withReasons(const level::Project& project, const level::Level& level,
                                 const reach::Analysis& depth, std::vector<Finding> findings,
                                 const std::atomic<bool>* cancel) {
    if (!depth.runs || reach::solveCost(depth.runs->problem()) > reach::mostCostForComfort)
        return findings;
    const Reasons reasons(project, level, depth, cancel);
    std::vector<Finding> told = findings;
    std::size_t count = 0;
    for (Finding& finding : told)
        if (isOutOfReach(finding.kind) && finding.fix.empty() && count++ < mostThings)
            reasons.addTo(finding);
    return cancel && *cancel ? findings : told;
}

Result<level::LevelEdit> layLedge(const level::Project& project, const level::Level& level,
                                  const Finding& finding) {
    int width = 0;
    CellPoint at;
    const auto matter = ledgeMatter(project);
    const bool isLedge = std::sscanf(finding.fix.c_str(), "Lay a ledge of %d cells at %d, %d",
                                     &width, &at.x, &at.y) == 3;
    const CellRect place{at.x, at.y, width, 1};
    if (!matter || !isLedge || width < 1 || place.intersected(level.cells.bounds()) != place) {
        return fail(ErrorKind::NotApplicable, "There is no such ledge to lay any more", level.title,
                    "Look at the finding again");
    }
    level::LevelEdit edit =
        layCells(project, level, level::CellRegion(place), level::Cell(*matter), "Lay");
    return edit;
}

}  // namespace rook::check
