#include "app/session/dressing.h"

namespace rook::app {

std::shared_ptr<const skin::Lessons> Dressing::lessons() const {
    const level::Project& project = m_document.project();
    const level::Level& level = *m_document.level();
    const bool isCurrent = m_taught && m_taught->theme == level.theme &&
                           m_taught->zones == level.zones &&
                           m_taught->of.swatches == project.swatches &&
                           m_taught->of.matters.isSharedWith(project.matters) &&
                           m_taught->of.sheets.isSharedWith(project.sheets);
    if (!isCurrent)
        m_taught = {project, level.theme, level.zones,
                    std::make_shared<const skin::Lessons>(skin::Lessons::of(project, level))};
    return m_taught->lessons;
}

}  // namespace rook::app
