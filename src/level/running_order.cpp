#include "level/running_order.h"

#include <algorithm>

#include "base/assert.h"
#include "base/limits.h"
#include "level/level_kinds.h"

namespace rook::level {

namespace {

using Levels = std::vector<std::shared_ptr<const Level>>;

std::ptrdiff_t orderPlaceOf(const Levels& levels, const LevelId& id) {
    return std::find_if(levels.begin(), levels.end(),
                        [&](const auto& level) { return level->id == id; }) -
           levels.begin();
}

bool isIn(const Levels& levels, std::ptrdiff_t place) {
    return place < std::ptrdiff_t(levels.size());
}

tl::unexpected<Error> noSuchLevel(const LevelId& id) {
    return fail(ErrorKind::BadReference, "There is no level " + id.text, {}, "Choose another");
}

tl::unexpected<Error> tooMany() {
    return fail(ErrorKind::OutOfRange,
                "A project has at most " + std::to_string(limits::maxLevels) + " levels", {},
                "Remove one first");
}

/// An id made of a title that no level or swatch has.
LevelId freshLevelId(const Project& project, const std::string& title) {
    const std::string name = plainNameFrom(title, "level");
    LevelId id{name};
    for (int number = 2; project.findLevel(id); ++number)
        id.text = name + "-" + std::to_string(number);
    return id;
}

bool hasTitle(const Project& project, const std::string& title) {
    return std::any_of(project.levels.begin(), project.levels.end(),
                       [&](const auto& level) { return level->title == title; });
}

/// "Weir" gives "Weir 2", and "Weir 2" gives "Weir 3".
std::string nextTitle(const Project& project, const std::string& title) {
    std::size_t digits = title.size();
    while (digits > 0 && title[digits - 1] >= '0' && title[digits - 1] <= '9')
        --digits;
    const bool isNumbered = digits > 1 && digits < title.size() && title.size() - digits < 6 &&
                            title[digits - 1] == ' ';
    const std::string stem = isNumbered ? title.substr(0, digits) : title + " ";
    int number = isNumbered ? std::stoi(title.substr(digits)) + 1 : 2;
    while (hasTitle(project, stem + std::to_string(number)))
        ++number;
    return stem + std::to_string(number);
}

void insertAfter(Levels& levels, const LevelId& after, Level level) {
    const auto place = orderPlaceOf(levels, after);
    levels.insert(levels.begin() + (isIn(levels, place) ? place + 1 : place),
                  std::make_shared<const Level>(std::move(level)));
}

/// Calls `visit(std::string&)` for each name of a level in an entity: where an exit leads, and in
/// fields for levels.
template <typename E, typename Visit>
void forEachLevelName(const Project& project, E& entity, Visit&& visit) {
    visit(entity.to.level.text);
    const Kind* kind = entity.fields.empty() ? nullptr : project.findKind(entity.kind);
    if (!kind) return;
    for (const FieldDefinition& field : kind->fields) {
        const bool isList = field.type == FieldType::List && field.item == FieldType::Level;
        if (field.type != FieldType::Level && !isList) continue;
        for (auto& [name, value] : entity.fields) {
            if (name != field.name) continue;
            if (auto* text = std::get_if<std::string>(&value)) visit(*text);
            auto* list = std::get_if<FieldList>(&value);
            if (!list) continue;
            for (auto& item : list->items)
                if (auto* text = std::get_if<std::string>(&item)) visit(*text);
        }
    }
}

/// Changes the names of a level where they stand.
class LevelRenaming {
public:
    LevelRenaming(const Project& project, LevelId from, LevelId to)
        : m_project(project), m_from(std::move(from)), m_to(std::move(to)) {}

    [[nodiscard]] bool concerns(const Entity& entity) const {
        bool isNamed = false;
        forEachLevelName(m_project, entity, [&](const std::string& name) {
            isNamed = isNamed || name == m_from.text;
        });
        return isNamed;
    }
    void rename(Entity& entity) const {
        forEachLevelName(m_project, entity, [&](std::string& name) {
            if (name == m_from.text) name = m_to.text;
        });
    }
    void rename(LevelId& id) const {
        if (id == m_from) id = m_to;
    }

private:
    const Project& m_project;
    LevelId m_from, m_to;
};

}  // namespace

ProjectEdit moveLevel(const Project& project, const LevelId& id, int by) {
    ProjectEdit edit{project, "Reorder levels"};
    Levels& levels = edit.project.levels;
    const auto from = orderPlaceOf(levels, id);
    if (!isIn(levels, from)) return edit;
    const auto to = std::clamp<std::ptrdiff_t>(from + by, 0, std::ptrdiff_t(levels.size()) - 1);
    const auto found = levels.begin() + from;
    if (to > from) std::rotate(found, found + 1, levels.begin() + to + 1);
    if (to < from) std::rotate(levels.begin() + to, found, found + 1);
    return edit;
}

Result<ProjectEdit> orderLevels(const Project& project, const std::vector<LevelId>& order) {
    ProjectEdit edit{project, "Reorder levels"};
    Levels levels;
    for (const LevelId& id : order) {
        const auto place = orderPlaceOf(project.levels, id);
        if (isIn(project.levels, place) && !isIn(levels, orderPlaceOf(levels, id)))
            levels.push_back(project.levels[std::size_t(place)]);
    }
    if (levels.size() != project.levels.size() || levels.size() != order.size())
        return fail(ErrorKind::BadReference, "An order names each level once", project.name,
                    "Drag the levels again");
    edit.project.levels = std::move(levels);
    return edit;
}

NewLevel usualLevel(const Project& project, LevelKind kind, const LevelId& after) {
    const LevelKindTraits& traits = traitsOf(kind);
    NewLevel wish;
    wish.kind = kind;
    wish.columns = traits.usualColumns;
    wish.rows = traits.usualRows;
    wish.after = after;
    const auto beside = project.findLevel(after);
    wish.cellSize = traits.usualCell.width > 0 ? traits.usualCell
                    : beside                   ? beside->cellSize
                                               : CellSize();
    return wish;
}

Result<AddedLevel> addLevel(const Project& project, const NewLevel& wish) {
    const bool isFine = wish.columns >= 1 && wish.columns <= limits::maxBoardCells &&
                        wish.rows >= 1 && wish.rows <= limits::maxBoardCells &&
                        wish.cellSize.width >= 1 && wish.cellSize.width <= limits::maxCellPx &&
                        wish.cellSize.height >= 1 && wish.cellSize.height <= limits::maxCellPx;
    if (!isFine)
        return fail(ErrorKind::OutOfRange,
                    "A level has 1 to 16,384 columns and rows, of cells of 1 to 512 px", wish.title,
                    "Choose another size");
    if (project.levels.size() >= std::size_t(limits::maxLevels)) return tooMany();
    const LevelKindTraits& traits = traitsOf(wish.kind);
    const auto beside = project.findLevel(wish.after);
    Level level;
    level.title = wish.title;
    if (level.title.empty()) {
        const auto titleOf = [](std::size_t number) { return "Level " + std::to_string(number); };
        std::size_t number = project.levels.size() + 1;
        while (hasTitle(project, titleOf(number)))
            ++number;
        level.title = titleOf(number);
    }
    level.id = freshLevelId(project, level.title);
    level.kind = wish.kind;
    level.cellSize = wish.cellSize;
    level.cells = Grid<Cell>(wish.columns, wish.rows);
    if (!wish.background.empty())
        level.background = wish.background;
    else if (beside)
        level.background = beside->background;
    if (beside && !traits.isOfPieces) level.profile = beside->profile;
    if (traits.isOfPieces) {
        ROOK_ASSERT(!project.kits.empty(), "a level of pieces has a kit");
        level.kit = project.kits[0].name;
    }
    AddedLevel added{{project, traits.newLevel}, level.id};
    insertAfter(added.edit.project.levels, wish.after, std::move(level));
    return added;
}

Result<AddedLevel> duplicateLevel(const Project& project, const LevelId& id) {
    const auto place = orderPlaceOf(project.levels, id);
    if (!isIn(project.levels, place)) return noSuchLevel(id);
    if (project.levels.size() >= std::size_t(limits::maxLevels)) return tooMany();
    Level level = *project.levels[std::size_t(place)];
    level.title = nextTitle(project, level.title);
    level.id = freshLevelId(project, level.title);
    AddedLevel added{{project, "Duplicate " + project.levels[std::size_t(place)]->title}, level.id};
    insertAfter(added.edit.project.levels, id, std::move(level));
    return added;
}

Result<ProjectEdit> removeLevel(const Project& project, const LevelId& id) {
    const auto place = orderPlaceOf(project.levels, id);
    if (!isIn(project.levels, place)) return noSuchLevel(id);
    if (project.levels.size() == 1)
        return fail(ErrorKind::NotApplicable, "A project has one level at least",
                    project.levels[0]->title, "Make another one first");
    ProjectEdit edit{project, "Remove " + project.levels[std::size_t(place)]->title};
    edit.project.levels.erase(edit.project.levels.begin() + place);
    return edit;
}

Result<ProjectEdit> changeLevelId(const Project& project, const LevelId& from, const LevelId& to) {
    const auto place = orderPlaceOf(project.levels, from);
    if (!isIn(project.levels, place)) return noSuchLevel(from);
    ProjectEdit edit{project, "Rename the id " + from.text + " to " + to.text};
    if (to == from) return edit;
    if (!isPlainName(to.text))
        return fail(ErrorKind::OutOfRange,
                    "An id has 1 to 64 lower-case letters, digits, '-' and '_', a letter or digit "
                    "first",
                    to.text, "Choose such a name");
    if (project.findLevel(to))
        return fail(ErrorKind::OutOfRange, "There is a level or swatch of that id already", to.text,
                    "Choose another name");
    const LevelRenaming renaming(project, from, to);
    for (auto& each : edit.project.levels) {
        const bool isIt = each->id == from;
        if (!isIt && std::none_of(each->entities.begin(), each->entities.end(),
                                  [&](const Entity& entity) { return renaming.concerns(entity); }))
            continue;
        Level level = *each;
        if (isIt) level.id = to;
        level.entities.editEach([&](const Entity& entity) { return renaming.concerns(entity); },
                                [&](Entity& entity) { renaming.rename(entity); });
        each = std::make_shared<const Level>(std::move(level));
    }
    if (!project.blocks.empty())
        edit.project.blocks.edit([&](auto& blocks) {
            for (Block& block : blocks)
                for (Entity& entity : block.entities)
                    renaming.rename(entity);
        });
    Game& game = edit.project.game;
    renaming.rename(game.start.level);
    renaming.rename(game.afterLast.level);
    for (MapPlace& card : game.map)
        renaming.rename(card.level);
    if (!project.targets.empty())
        edit.project.targets.edit([&](auto& targets) {
            for (Target& target : targets)
                for (LevelId& level : target.levels)
                    renaming.rename(level);
        });
    return edit;
}

LevelEdit layFloorAndWalls(const Project& project, const Level& level) {
    LevelEdit edit{level, "Lay floor and walls", level.cells.bounds()};
    const auto solid =
        std::find_if(project.matters.begin(), project.matters.end(),
                     [](const Matter& matter) { return matter.behaviour == Behaviour::Solid; });
    if (traitsOf(level.kind).isOfPieces || solid == project.matters.end()) return edit;
    const Cell cell({static_cast<std::uint16_t>(solid - project.matters.begin())});
    const int columns = level.cells.width(), rows = level.cells.height();
    const int floor = traitsOf(level.kind).hasGravity ? 2 : 1;
    for (int y = 0; y < rows; ++y)
        for (int x = 0; x < columns; ++x)
            if (x == 0 || y == 0 || x == columns - 1 || y >= rows - floor)
                edit.level.cells.set(x, y, cell);
    return edit;
}

}  // namespace rook::level
