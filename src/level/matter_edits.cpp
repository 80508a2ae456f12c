#include "level/matter_edits.h"

#include <algorithm>

#include "base/limits.h"

namespace rook::level {

namespace {

bool isTaken(const Project& project, const std::string& name, std::size_t butAt) {
    for (std::size_t i = 0; i < project.matters.size(); ++i)
        if (i != butAt && project.matters[i].name == name) return true;
    return false;
}

/// `at` is the matter's place, or the number of matters for one that is new.
Result<void> check(const Project& project, std::size_t at, const Matter& matter) {
    if (at == 0)
        return fail(ErrorKind::NotApplicable, "Open is what is not matter", project.name,
                    "Choose another matter");
    if (matter.title.empty())
        return fail(ErrorKind::NotApplicable, "A matter needs a name", project.name, "Write one");
    if (!isPlainName(matter.name))
        return fail(ErrorKind::BadReference, "\"" + matter.name + "\" is no plain name",
                    matter.title, "Use 1 to 64 lower-case letters, digits, - and _");
    if (isTaken(project, matter.name, at))
        return fail(ErrorKind::BadReference, "There is a matter \"" + matter.name + "\" already",
                    project.name, "Choose another name");
    for (const std::string& joined : matter.joins)
        if (!project.findMatter(joined) && joined != matter.name)
            return fail(ErrorKind::BadReference, "There is no matter \"" + joined + "\" to join",
                        matter.title, "Leave it out");
    if (!canTake(matter.behaviour, matter.form))
        return fail(ErrorKind::NotApplicable,
                    "One-way matter cannot be laid as " + std::string(nameOf(matter.form)),
                    matter.title, "Lay it full, or as a lower or upper half");
    return {};
}

/// The grid with each cell replaced by `next(cell)`. Chunks that stay the same stay shared.
template <typename Next>
void replaceCells(Grid<Cell>& cells, Next&& next) {
    const Grid<Cell> former = cells;
    for (int y = 0; y < former.height(); ++y)
        former.forEachRunOfRow(y, [&](int first, int count, const Cell* values) {
            for (int i = 0; i < count; ++i) {
                const Cell replaced = next(values[i]);
                if (!(replaced == values[i])) cells.set(first + i, y, replaced);
            }
        });
}

void renameInRules(Level& level, const std::string& from, const std::string& to) {
    if (level.scatter.empty()) return;
    level.scatter.edit([&](auto& list) {
        for (ScatterRule& rule : list)
            for (std::string* name : {&rule.matter, &rule.lays})
                if (*name == from) *name = to;
    });
}

void renameInLists(Project& project, const std::string& from, const std::string& to) {
    for (std::shared_ptr<const Level>& slot : project.levels) {
        Level level = *slot;
        renameInRules(level, from, to);
        if (!(level == *slot)) slot = std::make_shared<const Level>(std::move(level));
    }
    project.parts.edit([&](auto& list) {
        for (PartMatch& part : list)
            if (part.sort == PartSort::Matter && part.target == from) part.target = to;
    });
    project.matters.edit([&](auto& list) {
        for (Matter& matter : list)
            std::replace(matter.joins.begin(), matter.joins.end(), from, to);
    });
}

}  // namespace

MatterUse useOf(const Project& project, MatterId matter) {
    MatterUse use;
    for (const auto& level : project.levels) {
        const std::int64_t before = use.cells;
        for (int y = 0; y < level->cells.height(); ++y)
            level->cells.forEachRunOfRow(y, [&](int, int count, const Cell* values) {
                for (int i = 0; i < count; ++i) {
                    if (values[i].matter() != matter) continue;
                    ++use.cells;
                    use.formed += values[i].form() == Form::Full ? 0 : 1;
                }
            });
        use.levels += use.cells > before ? 1 : 0;
    }
    return use;
}

Matter freshMatter(const Project& project, const std::string& title) {
    Matter matter;
    matter.title = title;
    const std::string stem = plainNameFrom(title, "matter");
    matter.name = stem;
    for (int i = 2; isTaken(project, matter.name, project.matters.size()); ++i)
        matter.name = stem + "-" + std::to_string(i);
    for (const char glyph : std::string_view("#%&@*+o~^=-:;xXwWmMnNsStTbBcCdDgGkKlLpPrRvVzZ")) {
        const bool isFree =
            std::none_of(project.matters.begin(), project.matters.end(),
                         [&](const Matter& other) { return other.glyph == std::string(1, glyph); });
        if (!isFree) continue;
        matter.glyph = std::string(1, glyph);
        break;
    }
    return matter;
}

Result<ProjectEdit> addMatter(const Project& project, const Matter& matter) {
    if (project.matters.size() >= limits::maxMatters)
        return fail(ErrorKind::OutOfRange, "A project holds at most 4,096 matters", project.name,
                    "Merge two of them first");
    if (const auto fine = check(project, project.matters.size(), matter); !fine)
        return fail(fine.error());
    ProjectEdit edit{project, "Add matter " + matter.title};
    edit.project.matters.edit([&](auto& list) { list.push_back(matter); });
    return edit;
}

Result<ProjectEdit> changeMatter(const Project& project, MatterId id, const Matter& matter) {
    if (const auto fine = check(project, id.index, matter); !fine) return fail(fine.error());
    const Matter& former = project.matters[id.index];
    if (matter.behaviour == Behaviour::OneWay && former.behaviour != Behaviour::OneWay) {
        std::vector<std::shared_ptr<const Level>> boards = project.levels;
        boards.insert(boards.end(), project.swatches.begin(), project.swatches.end());
        for (const auto& level : boards)
            for (int y = 0; y < level->cells.height(); ++y)
                for (int x = 0; x < level->cells.width(); ++x) {
                    const Cell cell = level->cells.at(x, y);
                    if (cell.matter() == id && !canTake(matter.behaviour, cell.form()))
                        return fail(
                            ErrorKind::NotApplicable,
                            "One-way matter cannot take the form " +
                                std::string(nameOf(cell.form())),
                            level->title + ", cell " + std::to_string(x) + ", " + std::to_string(y),
                            "Lay that cell full first");
                }
    }
    ProjectEdit edit{project, "Change matter " + matter.title};
    edit.project.matters.edit([&](auto& list) { list[id.index] = matter; });
    if (former.name != matter.name) renameInLists(edit.project, former.name, matter.name);
    return edit;
}

Result<ProjectEdit> mergeMatter(const Project& project, MatterId from, MatterId into) {
    if (from.index == 0 || from == into)
        return fail(ErrorKind::NotApplicable, "A matter can be merged into another only",
                    project.name, "Choose two that differ");
    const Matter& gone = project.matters[from.index];
    const Matter& target = project.matters[into.index];
    const auto isLater = [&](MatterId id) { return id.index > from.index; };
    const auto moved = [&](MatterId id) {
        return isLater(id) ? MatterId{static_cast<std::uint16_t>(id.index - 1)} : id;
    };
    const auto next = [&](Cell cell) {
        if (cell.matter() != from)
            return isLater(cell.matter()) ? Cell(moved(cell.matter()), cell.form()) : cell;
        return Cell(moved(into), canTake(target.behaviour, cell.form()) ? cell.form() : Form::Full);
    };
    ProjectEdit edit{project, into.index == 0 ? "Take away matter " + gone.title
                                              : "Merge " + gone.title + " into " + target.title};
    const auto replaceIn = [&](std::shared_ptr<const Level>& slot) {
        Level level = *slot;
        replaceCells(level.cells, next);
        if (!level.layers.empty())
            level.layers.edit([&](auto& list) {
                for (TileLayer& layer : list)
                    replaceCells(layer.cells, next);
            });
        if (into.index != 0) renameInRules(level, gone.name, target.name);
        std::erase_if(level.legend,
                      [&](const LegendEntry& entry) { return entry.cell.matter() == from; });
        for (LegendEntry& entry : level.legend)
            entry.cell = Cell(moved(entry.cell.matter()), entry.cell.form());
        if (!(level == *slot)) slot = std::make_shared<const Level>(std::move(level));
    };
    std::for_each(edit.project.levels.begin(), edit.project.levels.end(), replaceIn);
    std::for_each(edit.project.swatches.begin(), edit.project.swatches.end(), replaceIn);
    if (!edit.project.blocks.empty())
        edit.project.blocks.edit([&](auto& list) {
            for (Block& block : list)
                replaceCells(block.cells, next);
        });
    edit.project.parts.edit([&](auto& list) {
        std::erase_if(list, [&](PartMatch& part) {
            const bool isOurs = part.sort == PartSort::Matter && part.target == gone.name;
            if (isOurs && into.index != 0) part.target = target.name;
            return isOurs && into.index == 0;
        });
    });
    edit.project.matters.edit([&](auto& list) {
        list.erase(list.begin() + from.index);
        for (Matter& matter : list)
            std::erase(matter.joins, gone.name);
    });
    return edit;
}

}  // namespace rook::level
