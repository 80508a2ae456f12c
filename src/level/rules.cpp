#include "level/rules.h"

#include <algorithm>

#include "level/carried.h"
#include "level/describe_project.h"

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

/// Whether another level matters in the same way to those that it is not.
bool leadAndGrantTheSame(const Project& a, const Project& b) {
    if (a.game.carries != b.game.carries || a.game.tallies != b.game.tallies) return false;
    const bool carries = a.game.carries.abilities;
    return std::equal(a.levels.begin(), a.levels.end(), b.levels.begin(), b.levels.end(),
                      [&](const auto& x, const auto& y) {
                          if (x->id != y->id) return false;
                          if (x == y || x->entities.isSharedWith(y->entities)) return true;
                          return entriesOf(a, *x) == entriesOf(b, *y) &&
                                 (!carries || grantedForGood(a, *x) == grantedForGood(b, *y));
                      });
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

/// Whether the fields that concern something are the same in two projects. Lists are so if they are
/// shared, which costs nothing to see.
class SameFields {
public:
    SameFields(Concern what, const Project& a, const Project& b) : m_what(what), m_a(a), m_b(b) {}

    template <typename M>
    void operator()(const char*, M Project::*member, const FieldRule& rule) {
        if (rule.concerns(m_what)) compare(member);
    }
    template <typename... M>
    void operator()(const char*, const ByHand<M...>& field) {
        if (concerns(field.concern, m_what))
            std::apply([&](auto... member) { (compare(member), ...); }, field.members);
    }
    [[nodiscard]] bool areSame() const { return m_areSame; }

private:
    template <typename M>
    void compare(M Project::*member) {
        const M& a = m_a.*member;
        const M& b = m_b.*member;
        if constexpr (requires { a.isSharedWith(b); })
            m_areSame = m_areSame && a.isSharedWith(b);
        else
            m_areSame = m_areSame && a == b;
    }

    Concern m_what;
    const Project& m_a;
    const Project& m_b;
    bool m_areSame = true;
};

bool areSameFor(Concern what, const Project& a, const Project& b) {
    SameFields same(what, a, b);
    Description<Project>::each(same);
    return same.areSame();
}

}  // namespace

bool haveSameRules(const Project& a, const Project& b) {
    return areSameFor(Concern::Verdict, a, b) && leadAndGrantTheSame(a, b);
}

bool haveSameLook(const Project& a, const Project& b) {
    const Screen one = a.game.screen(), other = b.game.screen();
    return areSameFor(Concern::Look, a, b) && one.width == other.width &&
           one.height == other.height;
}

bool haveSameLists(const Project& a, const Project& b) {
    return areSameFor(Concern::Choice, a, b) &&
           (a.backdrops.isSharedWith(b.backdrops) || havePicturesInCommon(a, b));
}

bool nameSameMatters(const Project& former, const Project& now) {
    return now.matters.size() >= former.matters.size() &&
           std::equal(former.matters.begin(), former.matters.end(), now.matters.begin(),
                      [](const Matter& a, const Matter& b) { return a.name == b.name; });
}

}  // namespace rook::level
