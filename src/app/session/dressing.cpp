#include "app/session/dressing.h"

namespace rook::app {

std::shared_ptr<const skin::TilingRules> Dressing::tilingRules() const {
    const level::Project& project = m_document.project();
    const level::Level& level = *m_document.level();
    const bool isCurrent = m_taught && m_taught->theme == level.theme &&
                           m_taught->zones == level.zones &&
                           m_taught->of.swatches == project.swatches &&
                           m_taught->of.matters.isSharedWith(project.matters) &&
                           m_taught->of.sheets.isSharedWith(project.sheets);
    if (!isCurrent)
        m_taught = {
            project, level.theme, level.zones,
            std::make_shared<const skin::TilingRules>(skin::TilingRules::of(project, level))};
    return m_taught->tilingRules;
}

}  // namespace rook::app
