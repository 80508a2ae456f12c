#include "check/look.h"

#include "check/audit.h"
#include "collide/components.h"
#include "skin/dressing.h"

namespace rook::check {

namespace {

using level::Behaviour;
using level::Cell;

constexpr std::size_t mostLookFindings = 50;

class Look {
public:
    Look(const level::Project& project, const level::Level& level, const skin::Opacity& opacity,
         const std::atomic<bool>* cancel)
        : m_project(project),
          m_level(level),
          m_opacity(opacity),
          m_cancel(cancel),
          m_looksSolid(level.cells.width(), level.cells.height()),
          m_looksOpen(level.cells.width(), level.cells.height()) {}

    [[nodiscard]] LookMaps run() {
        const skin::TilingRules tilingRules = skin::TilingRules::of(m_project, m_level);
        if (tilingRules.isEmpty()) return {};
        const CellRect all = m_level.cells.bounds();
        for (int y = 0; y < all.height; y += 32) {
            if (m_cancel && *m_cancel) return {};
            const CellRect rows = CellRect{0, y, all.width, 32}.intersected(all);
            compare(skin::dress(tilingRules, m_level, rows));
        }
        for (const CellRect& secret : m_level.secrets)
            for (int y = secret.y; y < secret.bottom(); ++y) {
                m_looksSolid.clearRun(y, secret.x, secret.right());
                m_looksOpen.clearRun(y, secret.x, secret.right());
            }
        return {std::move(m_looksSolid), std::move(m_looksOpen)};
    }

private:
    void compare(const skin::Dressed& dressed) {
        const CellRect& area = dressed.area;
        for (int y = area.y; y < area.bottom(); ++y)
            for (int x = area.x; x < area.right(); ++x) {
                const Cell cell = m_level.cells.at(x, y);
                const Behaviour behaviour = m_project.behaviourOf(cell);
                if (behaviour != Behaviour::Open && behaviour != Behaviour::Solid) continue;
                const auto share = shareAt(cell, x, y, dressed.at(x, y));
                if (!share) continue;
                if (behaviour == Behaviour::Open && *share >= looksSolidFrom)
                    m_looksSolid.set(x, y);
                if (behaviour == Behaviour::Solid && *share <= looksOpenUpTo) m_looksOpen.set(x, y);
            }
    }
    /// Where nothing was chosen to be seen, matter without a tile has its colour.
    [[nodiscard]] std::optional<int> shareAt(Cell cell, int x, int y, level::Tile tile) const {
        if (tile.isShown()) return m_opacity.of(tile);
        const bool isPlain = !cell.isOpen() && !m_level.tileAt(x, y).isBlank();
        return isPlain ? 100 : 0;
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const skin::Opacity& m_opacity;
    const std::atomic<bool>* m_cancel;
    BitMap m_looksSolid;
    BitMap m_looksOpen;
};

void tell(const level::Level& level, const BitMap& map, FindingKind kind, const char* severally,
          const char* singly, std::vector<Finding>& findings) {
    for (const collide::BitPart& part : collide::partsOf(map)) {
        if (findings.size() >= mostLookFindings) return;
        Finding finding;
        finding.kind = kind;
        finding.severity = Severity::Doubt;
        finding.level = level.id;
        const bool isOne = part.bits == 1;
        finding.sentence = (isOne ? "A cell " : std::to_string(part.bits) + " cells ") +
                           std::string(isOne ? singly : severally);
        finding.place = toPx({part.bounds.x, part.bounds.y, part.bounds.width, part.bounds.height},
                             level.cellSize);
        finding.fix = "It is a secret";
        findings.push_back(std::move(finding));
    }
}

}  // namespace

LookMaps lookMaps(const level::Project& project, const level::Level& level,
                  const skin::Opacity& opacity, const std::atomic<bool>* cancel) {
    if (level.boundsPx().area() > maxAuditPx) return {};
    return Look(project, level, opacity, cancel).run();
}

std::vector<Finding> lookFindings(const level::Level& level, const LookMaps& maps) {
    std::vector<Finding> findings;
    tell(level, maps.looksSolid, FindingKind::LooksSolid, "look solid and are not",
         "looks solid and is not", findings);
    tell(level, maps.looksOpen, FindingKind::LooksOpen, "are solid and do not look it",
         "is solid and does not look it", findings);
    return findings;
}

std::vector<Finding> lookFindings(const level::Project& project, const level::Level& level,
                                  const skin::Opacity& opacity, const std::atomic<bool>* cancel) {
    return lookFindings(level, lookMaps(project, level, opacity, cancel));
}

}  // namespace rook::check
