/// Zones that overlap, are not reached, or show what they should not.

#include "check/cast.h"
#include "check/look.h"
#include "level/zone_edits.h"

namespace rook::check {

namespace {

using level::Zone;

class ZoneCheck {
public:
    ZoneCheck(const level::Project& project, const level::Level& level, const reach::Answer& answer)
        : m_project(project), m_level(level), m_answer(answer) {}

    [[nodiscard]] std::vector<Finding> run() {
        for (std::size_t i = 0; i < m_level.zones.size(); ++i) {
            overlaps(i);
            camera(m_level.zones[i]);
            reached(m_level.zones[i]);
            budget(m_level.zones[i]);
        }
        if (!m_level.zones.empty()) uncovered();
        for (const reach::Crossing& crossing : reach::crossingsOf(m_level, m_answer))
            if (!crossing.respawn)
                add(FindingKind::ZoneEntryBlocked, Severity::Doubt,
                    nameOfZone(crossing.to) + " is entered from " + nameOfZone(crossing.from) +
                        ", and there is nothing to stand on within 256 px",
                    crossing.place);
        return std::move(m_findings);
    }

private:
    void add(FindingKind kind, Severity severity, std::string sentence, const PxRect& place) {
        Finding finding;
        finding.kind = kind;
        finding.severity = severity;
        finding.level = m_level.id;
        finding.sentence = std::move(sentence);
        finding.place = place;
        m_findings.push_back(std::move(finding));
    }
    [[nodiscard]] PxRect placeOf(const Zone& zone) const {
        return toPx(zone.place, m_level.cellSize);
    }
    [[nodiscard]] std::string nameOfZone(const ZoneId& id) const {
        const Zone* zone = findZone(m_level, id);
        return zone ? zone->name : id.text;
    }
    void overlaps(std::size_t i) {
        for (std::size_t k = i + 1; k < m_level.zones.size(); ++k) {
            const CellRect both = m_level.zones[i].place.intersected(m_level.zones[k].place);
            if (both.isEmpty()) continue;
            add(FindingKind::ZonesOverlap, Severity::Doubt,
                m_level.zones[i].name + " and " + m_level.zones[k].name + " share " +
                    std::to_string(both.width) + " x " + std::to_string(both.height) +
                    " cells, where the first counts",
                toPx(both, m_level.cellSize));
        }
    }
    void camera(const Zone& zone) {
        const PxRect camera = cameraOf(m_level, zone);
        const std::string size =
            std::to_string(camera.width) + " x " + std::to_string(camera.height);
        const level::Screen screen = m_project.game.screen();
        if (camera.width < screen.width || camera.height < screen.height)
            add(FindingKind::ZoneCameraSmall, Severity::Note,
                "The camera of " + zone.name + " keeps to " + size + " px, less than a screen of " +
                    std::to_string(screen.width) + " x " + std::to_string(screen.height),
                camera);
        if (!m_level.boundsPx().contains(camera))
            add(FindingKind::ZoneCameraShows, Severity::Doubt,
                "The camera of " + zone.name + " shows what lies outside the level", camera);
        for (const Zone& other : m_level.zones) {
            const PxRect seen = camera.intersected(placeOf(other));
            if (other.id == zone.id || zone.place.overlaps(other.place)) continue;
            // A wall that both share may be seen from both.
            if (seen.width > 2 * m_level.cellSize.width &&
                seen.height > 2 * m_level.cellSize.height)
                add(FindingKind::ZoneCameraShows, Severity::Doubt,
                    "The camera of " + zone.name + " shows " + std::to_string(seen.width) + " x " +
                        std::to_string(seen.height) + " px of " + other.name,
                    seen);
        }
    }
    [[nodiscard]] bool isSolved() const {
        return m_answer.onCells().reached.completion == reach::Completion::Complete &&
               !m_answer.onCells().reached.isOnlySure &&
               m_answer.onCells().reached.visited.height() > 0;
    }
    /// True if the middle of some visited body lies in the rectangle.
    [[nodiscard]] bool isEntered(const PxRect& place) const {
        const reach::Reached& reached = m_answer.onCells().reached;
        const int left = place.x - m_answer.onCells().tables.bodyWidth / 2 + reached.left;
        const int top = place.y - m_answer.onCells().tables.bodyHeight / 2 + reached.top;
        return reached.visited.anyIn(left, top, left + place.width, top + place.height);
    }
    void reached(const Zone& zone) {
        if (isSolved() && !isEntered(placeOf(zone)))
            add(FindingKind::ZoneNotReached, Severity::Doubt, zone.name + " is never reached",
                placeOf(zone));
    }
    /// One finding for all cells that bodies get to and that no zone holds, at the first of them.
    void uncovered() {
        if (!isSolved()) return;
        int count = 0;
        CellPoint first;
        const CellRect all = m_level.cells.bounds();
        for (int y = 0; y < all.height; ++y)
            for (int x = 0; x < all.width; ++x) {
                if (level::zoneAt(m_level, {x, y})) continue;
                if (!isEntered(toPx(CellRect{x, y, 1, 1}, m_level.cellSize))) continue;
                if (count == 0) first = {x, y};
                ++count;
            }
        if (count == 0) return;
        add(FindingKind::ZoneUncovered, Severity::Doubt,
            std::to_string(count) + (count == 1 ? " cell is" : " cells are") +
                " reached and in no zone",
            toPx(CellRect{first.x, first.y, 1, 1}, m_level.cellSize));
    }
    void budget(const Zone& zone) {
        if (m_project.zoneBudget == 0) return;
        int count = 0;
        const PxRect place = placeOf(zone);
        for (const level::Entity& entity : m_level.entities)
            count += place.contains(PxPoint{entity.box.x + entity.box.width / 2,
                                            entity.box.y + entity.box.height / 2})
                         ? 1
                         : 0;
        if (count > m_project.zoneBudget)
            add(FindingKind::ZoneOverBudget, Severity::Doubt,
                zone.name + " holds " + std::to_string(count) + " entities, the budget is " +
                    std::to_string(m_project.zoneBudget),
                place);
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const reach::Answer& m_answer;
    std::vector<Finding> m_findings;
};

}  // namespace

std::vector<Finding> zoneFindings(const level::Project& project, const level::Level& level,
                                  const reach::Answer& answer) {
    return ZoneCheck(project, level, answer).run();
}

}  // namespace rook::check
