#include "skin/exposure.h"

#include <algorithm>

namespace rook::skin {

Joins::Joins(const level::Project& project) : m_count(project.matters.size()) {
    m_joined.resize(m_count * m_count);
    for (std::size_t i = 1; i < m_count; ++i) {
        m_joined[i * m_count + i] = true;
        for (const std::string& name : project.matters[i].joins)
            if (const auto other = project.findMatter(name); other && other->index > 0)
                m_joined[i * m_count + other->index] = m_joined[other->index * m_count + i] = true;
    }
}

Exposure exposureAt(const Joins& joins, const Grid<level::Cell>& cells, int x, int y) {
    const level::Cell cell = cells.at(x, y);
    unsigned mask = 0;
    for (std::size_t i = 0; i < neighbours.size(); ++i) {
        const level::Cell other = cells.at(std::clamp(x + neighbours[i].x, 0, cells.width() - 1),
                                           std::clamp(y + neighbours[i].y, 0, cells.height() - 1));
        if (joins.are(cell, other)) mask |= 1u << i;
    }
    return withRealCorners(mask);
}

}  // namespace rook::skin
