#include "file/solved.h"

#include <algorithm>

namespace rook::file {

namespace {

/// Nothing differs that the files of a level depend on but, maybe, that level and what is laid,
/// painted and sketched in others.
bool bakeAlike(const level::Project& a, const level::Project& b) {
    level::Project other = b;
    other.levels = a.levels;
    other.targets = a.targets;
    return a.sharesAllWith(other) &&
           std::equal(a.levels.begin(), a.levels.end(), b.levels.begin(), b.levels.end(),
                      [](const auto& x, const auto& y) {
                          return x == y ||
                                 (x->id == y->id && x->title == y->title && x->kind == y->kind &&
                                  x->entities.isSharedWith(y->entities));
                      });
}

}  // namespace

std::shared_ptr<const SolvedLevels::Files> SolvedLevels::pictures(const Files& sheets) {
    const std::lock_guard lock(m_mutex);
    if (!m_pictures || *m_pictures != sheets) m_pictures = std::make_shared<const Files>(sheets);
    return m_pictures;
}

std::optional<SolvedLevels::Files> SolvedLevels::find(
    const level::Project& project, const level::Level& level,
    const std::shared_ptr<const Files>& pictures) const {
    const std::lock_guard lock(m_mutex);
    for (const Kept& kept : m_kept)
        if (kept.level.get() == &level && kept.pictures == pictures &&
            bakeAlike(kept.project, project))
            return kept.files;
    return std::nullopt;
}

void SolvedLevels::keep(const level::Project& project, std::shared_ptr<const level::Level> level,
                        std::shared_ptr<const Files> pictures, Files files) {
    const std::lock_guard lock(m_mutex);
    const auto isOfIt = [&](const Kept& kept) { return kept.level->id == level->id; };
    if (std::count_if(m_kept.begin(), m_kept.end(), isOfIt) >= 2)
        m_kept.erase(std::find_if(m_kept.begin(), m_kept.end(), isOfIt));
    m_kept.push_back({project, std::move(level), std::move(pictures), std::move(files)});
}

}  // namespace rook::file
