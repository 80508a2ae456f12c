#include "level/rules.h"

#include <algorithm>

namespace rook::level {

namespace {

/// Ids of what an exit may lead to, in their order.
std::vector<std::string_view> entriesOf(const Project& project, const Level& level) {
    std::vector<std::string_view> ids;
    for (const Entity& entity : level.entities) {
        const Role role = project.roleOf(entity);
        if (role == Role::Spawn || role == Role::Entry) ids.push_back(entity.id.text);
    }
    return ids;
}

bool havePicturesInCommon(const Project& a, const Project& b) {
    return std::equal(a.backdrops.begin(), a.backdrops.end(), b.backdrops.begin(),
                      b.backdrops.end(), [](const Backdrop& x, const Backdrop& y) {
                          return std::equal(
                              x.pictures.begin(), x.pictures.end(), y.pictures.begin(),
                              y.pictures.end(),
                              [](const Picture& p, const Picture& q) { return p.path == q.path; });
                      });
}

}  // namespace

bool haveSameRules(const Project& a, const Project& b) {
    if (!a.matters.isSharedWith(b.matters) || !a.kinds.isSharedWith(b.kinds) ||
        !a.profiles.isSharedWith(b.profiles) || !a.kits.isSharedWith(b.kits) ||
        a.comfortLimit != b.comfortLimit || a.zoneBudget != b.zoneBudget)
        return false;
    return std::equal(a.levels.begin(), a.levels.end(), b.levels.begin(), b.levels.end(),
                      [&](const auto& x, const auto& y) {
                          return x->id == y->id &&
                                 (x == y || x->entities.isSharedWith(y->entities) ||
                                  entriesOf(a, *x) == entriesOf(b, *y));
                      });
}

bool haveSameLook(const Project& a, const Project& b) {
    return a.sheets.isSharedWith(b.sheets) && a.backdrops.isSharedWith(b.backdrops) &&
           a.parts.isSharedWith(b.parts) && a.swatches == b.swatches;
}

bool haveSameLists(const Project& a, const Project& b) {
    return a.matters.isSharedWith(b.matters) && a.kinds.isSharedWith(b.kinds) &&
           a.sheets.isSharedWith(b.sheets) && a.blocks.isSharedWith(b.blocks) &&
           a.kits.isSharedWith(b.kits) &&
           (a.backdrops.isSharedWith(b.backdrops) || havePicturesInCommon(a, b));
}

bool nameSameMatters(const Project& former, const Project& now) {
    return now.matters.size() >= former.matters.size() &&
           std::equal(former.matters.begin(), former.matters.end(), now.matters.begin(),
                      [](const Matter& a, const Matter& b) { return a.name == b.name; });
}

}  // namespace rook::level
