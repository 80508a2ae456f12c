#pragma once
/// What several tests share: seeds that are printed, and small levels drawn as text.

#include <QtTest>
#include <cstdlib>
#include <string>
#include <vector>

#include "base/random.h"
#include "level/project.h"
#include "registry.h"

namespace rook::testing {

/// The folder of the build, in which this program lies one below. Not compiled in, so that two
/// builds of one test are the same.
inline QString binaryFolder() {
    return QDir(QCoreApplication::applicationDirPath() + QStringLiteral("/..")).absolutePath();
}

/// The seed of a random test: from ROOK_SEED, else `standard`. A failure prints it.
inline std::uint64_t seedOr(std::uint64_t standard) {
    const char* text = std::getenv("ROOK_SEED");
    return text ? std::strtoull(text, nullptr, 10) : standard;
}

/// A project with one matter a behaviour: stone, plank, rungs, brine, teeth, moss.
inline level::Project smallProject() {
    using level::Behaviour;
    level::Project project;
    project.name = "Small";
    const auto matter = [](const char* name, const char* glyph, Behaviour behaviour) {
        level::Matter m;
        m.name = name;
        m.title = name;
        m.glyph = glyph;
        m.behaviour = behaviour;
        return m;
    };
    project.matters.edit([&](auto& list) {
        list.push_back(matter("stone", "#", Behaviour::Solid));
        list.push_back(matter("plank", "=", Behaviour::OneWay));
        list.push_back(matter("rungs", "H", Behaviour::Ladder));
        list.push_back(matter("brine", "~", Behaviour::Liquid));
        list.push_back(matter("teeth", "^", Behaviour::Deadly));
        list.push_back(matter("moss", "'", Behaviour::Open));
    });
    const auto kind = [](const char* id, level::Role role, int width, int height) {
        level::Kind k;
        k.id = {id};
        k.title = id;
        k.role = role;
        k.width = width;
        k.height = height;
        return k;
    };
    project.kinds = std::vector<level::Kind>{
        kind("keeper", level::Role::Spawn, 12, 22), kind("gate", level::Role::Exit, 16, 32),
        kind("lantern", level::Role::Pickup, 8, 8), kind("gauge", level::Role::Checkpoint, 8, 32)};
    project.profiles = std::vector<level::MotionProfile>{level::MotionProfile{}};
    return project;
}

/// A level drawn in the characters of `smallProject`; S and X place a keeper and a gate whose boxes
/// stand on the lower border of that cell, o a lantern at its corner.
inline level::Level drawnLevel(const level::Project& project,
                               const std::vector<std::string>& rows) {
    level::Level level;
    level.id = {"drawn"};
    level.title = "Drawn";
    level.cells =
        Grid<level::Cell>(static_cast<int>(rows[0].size()), static_cast<int>(rows.size()));
    const auto place = [&](const char* kindId, int x, int y) {
        const level::Kind& kind = *project.findKind({kindId});
        level::Entity entity;
        entity.id = level::freshEntityId(level, kind.id);
        entity.kind = kind.id;
        entity.box = {x * 16, (y + 1) * 16 - kind.height, kind.width, kind.height};
        level.entities.edit([&](auto& list) { list.push_back(entity); });
    };
    for (int y = 0; y < level.cells.height(); ++y) {
        for (int x = 0; x < level.cells.width(); ++x) {
            const char c = rows[static_cast<std::size_t>(y)][static_cast<std::size_t>(x)];
            if (c == 'S') place("keeper", x, y);
            if (c == 'X') place("gate", x, y);
            if (c == 'o') place("lantern", x, y);
            for (std::size_t m = 1; m < project.matters.size(); ++m)
                if (project.matters[m].glyph[0] == c)
                    level.cells.set(x, y, level::Cell({static_cast<std::uint16_t>(m)}));
        }
    }
    return level;
}

/// A game of levels drawn so, level-1 and on, each of whose gates leads to the next one.
inline level::Project gameOf(const std::vector<std::vector<std::string>>& drawings) {
    level::Project project = smallProject();
    for (std::size_t i = 0; i < drawings.size(); ++i) {
        level::Level level = drawnLevel(project, drawings[i]);
        level.id = {"level-" + std::to_string(i + 1)};
        level.title = "Level " + std::to_string(i + 1);
        level.entities.edit([&](auto& entities) {
            for (level::Entity& entity : entities)
                if (entity.kind.text == "gate") entity.to.onward = level::Onward::Next;
        });
        project.levels.push_back(std::make_shared<const level::Level>(level));
    }
    return project;
}

/// Changes a level of a project.
template <typename Edit>
void editLevel(level::Project& project, const char* id, Edit&& edit) {
    level::Level level = *project.findLevel({id});
    edit(level);
    project = project.withLevel(level);
}

/// A thing of that kind, in a level.
inline level::Entity& addTo(level::Level& level, const char* id, const char* kind, PxRect box) {
    level::Entity entity;
    entity.id = {id};
    entity.kind = {kind};
    entity.box = box;
    level.entities.edit([&](auto& list) { list.push_back(entity); });
    return const_cast<level::Entity&>(level.entities.back());
}

/// In the second level one stands under a ledge that asks for an air jump; it is had in the first,
/// over the way: one may take it or not.
inline level::Project gameWithAnAirJump() {
    level::Project project =
        gameOf({{"............", "............", "S.........X.", "############"},
                {"............", "............", "..........X.", "..........##", "............",
                 "............", "............", "............", "S...........", "############"}});
    project.game.carries.abilities = true;
    project.profiles.edit([](auto& list) {
        list[0].abilities = {level::Ability::ShortHop, level::Ability::AirJump};
        list[0].airJumps = 1;
        list[0].jumpHeight = {3400};
    });
    editLevel(project, "level-1", [&](level::Level& level) {
        addTo(level, "lantern-1", "lantern", {96, 0, 8, 8}).data.grants = level::Ability::AirJump;
    });
    return project;
}

/// A level of two zones, west and east, with teeth in the east one.
inline level::Project gameWithTwoZones() {
    level::Project project = gameOf({{"....................", "....................",
                                      "S.............^...X.", "####################"}});
    editLevel(project, "level-1", [](level::Level& level) {
        level::Zone west;
        west.id = {"west"};
        west.place = {0, 0, 8, 4};
        level::Zone east = west;
        east.id = {"east"};
        east.place = {8, 0, 12, 4};
        level.zones = std::vector<level::Zone>{west, east};
    });
    return project;
}

}  // namespace rook::testing
