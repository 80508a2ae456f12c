#include "level/project.h"

#include <algorithm>

#include "level/fresh_id.h"

namespace rook::level {

namespace {

template <typename List, typename Matches>
auto findIn(const List& list, Matches&& matches) -> decltype(&list[0]) {
    for (std::size_t i = 0; i < list.size(); ++i)
        if (matches(list[i])) return &list[i];
    return nullptr;
}

}  // namespace

Matter Project::openMatter() {
    Matter open;
    open.name = "open";
    open.title = "Open";
    open.behaviour = Behaviour::Open;
    open.glyph = ".";
    return open;
}

namespace {

using Boards = std::vector<std::shared_ptr<const Level>>;

bool areEqual(const Boards& a, const Boards& b) {
    return std::equal(a.begin(), a.end(), b.begin(), b.end(),
                      [](const auto& x, const auto& y) { return x == y || *x == *y; });
}

}  // namespace

bool Project::operator==(const Project& other) const {
    return name == other.name && matters == other.matters && sheets == other.sheets &&
           kinds == other.kinds && profiles == other.profiles && parts == other.parts &&
           blocks == other.blocks && kits == other.kits && zoneBudget == other.zoneBudget &&
           comfortLimit == other.comfortLimit && bundle == other.bundle &&
           unknown == other.unknown && backdrops == other.backdrops && rosters == other.rosters &&
           stackColors == other.stackColors && targets == other.targets && game == other.game &&
           areEqual(levels, other.levels) && areEqual(swatches, other.swatches);
}

bool Project::sharesAllWith(const Project& other) const {
    return name == other.name && levels == other.levels && matters.isSharedWith(other.matters) &&
           sheets.isSharedWith(other.sheets) && kinds.isSharedWith(other.kinds) &&
           profiles.isSharedWith(other.profiles) && parts.isSharedWith(other.parts) &&
           blocks.isSharedWith(other.blocks) && kits.isSharedWith(other.kits) &&
           backdrops.isSharedWith(other.backdrops) && rosters.isSharedWith(other.rosters) &&
           stackColors.isSharedWith(other.stackColors) && swatches == other.swatches &&
           game == other.game && zoneBudget == other.zoneBudget &&
           comfortLimit == other.comfortLimit && bundle == other.bundle &&
           targets.isSharedWith(other.targets) && unknown == other.unknown;
}

std::shared_ptr<const Level> Project::findLevel(const LevelId& id) const {
    for (const auto* boards : {&levels, &swatches})
        for (const auto& level : *boards)
            if (level->id == id) return level;
    return nullptr;
}

bool Project::isSwatch(const LevelId& id) const {
    return std::any_of(swatches.begin(), swatches.end(),
                       [&](const auto& swatch) { return swatch->id == id; });
}

const Backdrop* Project::findBackdrop(const std::string& backdropName) const {
    return findIn(backdrops, [&](const Backdrop& each) { return each.name == backdropName; });
}

std::optional<int> Project::sheetIndex(const std::string& sheetName) const {
    for (std::size_t i = 0; i < sheets.size(); ++i)
        if (sheets[i].name == sheetName) return static_cast<int>(i);
    return std::nullopt;
}

const Kind* Project::findKind(const KindId& id) const {
    return findIn(kinds, [&](const Kind& kind) { return kind.id == id; });
}

const Sheet* Project::findSheet(const std::string& sheetName) const {
    return findIn(sheets, [&](const Sheet& sheet) { return sheet.name == sheetName; });
}

const Kit* Project::findKit(const std::string& kitName) const {
    return findIn(kits, [&](const Kit& kit) { return kit.name == kitName; });
}

const Roster* Project::findRoster(const std::string& rosterName) const {
    return findIn(rosters, [&](const Roster& roster) { return roster.name == rosterName; });
}

const Block* Project::findBlock(const std::string& blockName) const {
    return findIn(blocks, [&](const Block& block) { return block.name == blockName; });
}

const Target* Project::findTarget(const std::string& targetName) const {
    return findIn(targets, [&](const Target& each) { return each.name == targetName; });
}

std::optional<MatterId> Project::findMatter(std::string_view matterName) const {
    for (std::size_t i = 0; i < matters.size(); ++i)
        if (matters[i].name == matterName) return MatterId{static_cast<std::uint16_t>(i)};
    return std::nullopt;
}

const MotionProfile* Project::profileOf(const Level& level) const {
    if (level.profile.empty()) return profiles.empty() ? nullptr : &profiles[0];
    return findIn(profiles, [&](const MotionProfile& p) { return p.name == level.profile; });
}

Role Project::roleOf(const Entity& entity) const {
    const Kind* kind = findKind(entity.kind);
    return kind ? kind->role : Role::Prop;
}

Project Project::withLevel(Level level) const {
    Project result = *this;
    for (auto* boards : {&result.levels, &result.swatches}) {
        for (auto& slot : *boards) {
            if (slot->id != level.id) continue;
            slot = std::make_shared<const Level>(std::move(level));
            return result;
        }
    }
    ROOK_ASSERT(false, "a level is replaced by one of the same id");
    return result;
}

const Entity* findEntity(const Level& level, const EntityId& id) {
    return findIn(level.entities, [&](const Entity& entity) { return entity.id == id; });
}

EntityId freshEntityId(const Level& level, const KindId& kind) {
    return freshIdAmong(level.entities, kind);
}

LevelCells::LevelCells(const Project& project, const Level& level) : m_cells(level.cells) {
    for (const Matter& matter : project.matters)
        m_behaviours.push_back(matter.behaviour);
}

runtime::Frame frameOf(const Level& level) {
    return {level.cells.width(), level.cells.height(), level.cellSize.width, level.cellSize.height,
            level.edges};
}

}  // namespace rook::level
