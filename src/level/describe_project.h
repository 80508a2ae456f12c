#pragma once
/// The fields of levels and of the project. See describe.h.

#include "level/describe_cast.h"
#include "level/describe_game.h"
#include "level/describe_kit.h"
#include "level/describe_look.h"
#include "level/describe_plan.h"
#include "level/project.h"

namespace rook::level {

template <>
struct Description<runtime::Edges> {
    static void each(auto&& visit) {
        visit("left", &runtime::Edges::left, plain.always());
        visit("right", &runtime::Edges::right, plain.always());
        visit("top", &runtime::Edges::top, plain.always());
        visit("bottom", &runtime::Edges::bottom, plain.always());
    }
};

template <>
struct Description<LaidBlock> {
    static void each(auto&& visit) {
        visit("block", &LaidBlock::block, plainName);
        visit("at", byHand(&LaidBlock::place));
    }
};

template <>
struct Description<Level> {
    static constexpr bool isLong = true;
    static void each(auto&& visit) {
        visit("id", &Level::id, plainName);
        visit("title", &Level::title, title);
        visit("kind", &Level::kind, plain.always());
        visit("cell", byHand(&Level::cellSize));
        visit("size", byHand(&Level::cells));
        visit("edges", &Level::edges, plain.always());
        visit("background", byHand(&Level::background, &Level::backgroundBelow));
        visit("motion", &Level::profile, plain);
        visit("goals", &Level::goals, listOf(maxGoals));
        visit("texts", &Level::texts, listOf(maxTexts).unique());
        visit("arrives", &Level::arrives, plain);
        visit("onDeath", &Level::onDeath, plain);
        visit("assumes", &Level::assumes, listOf(abilityCount));
        visit("music", &Level::music, plain);
        visit("comfort", &Level::comfort, range(0, 60));
        visit("matter", byHand(&Level::legend));
        visit("entities", &Level::entities, listOf(limits::maxEntities).unique().always());
        visit("kit", &Level::kit, plain);
        visit("pieces", &Level::pieces, listOf(maxPieces).unique());
        visit("blockOut", &Level::solids, listOf(maxSolids).unique());
        visit("zones", &Level::zones, listOf(maxZones).unique());
        visit("theme", &Level::theme, plain);
        visit("backdrop", &Level::backdrop, plain);
        visit("chance", &Level::chance, plain);
        visit("tiles", byHand(&Level::tiles));
        visit("layers", &Level::layers, listOf(maxTileLayers));
        visit("secrets", byHand(&Level::secrets));
        visit("motifs", byHand(&Level::motifs));
        visit("scatter", &Level::scatter, listOf(maxScatterRules));
        visit("puzzle", &Level::puzzle, plain);
        visit("laid", &Level::laid, listOf(limits::maxEntities));
        visit("runs", &Level::runs, listOf(limits::maxKeptRuns).unique());
        visit("proof", &Level::proof, plain);
        visit("sketch", &Level::sketch, plain);
    }
};

template <>
struct Description<Block> {
    static void each(auto&& visit) {
        visit("name", &Block::name, plainName);
        visit("title", &Block::title, title);
        visit("size", byHand(&Block::cells));
        visit("entities", &Block::entities, listOf(limits::maxEntities).always());
    }
};

template <>
struct Description<BundleOptions> {
    static void each(auto&& visit) {
        visit("waysUpTo", &BundleOptions::waysUpTo, range(0, mostWayTicks).always());
        visit("packed", &BundleOptions::isPacked, plain);
    }
};

template <>
struct Description<TargetOptions> {
    static void each(auto&& visit) {
        visit("oneFile", &TargetOptions::isOneFile, plain);
        visit("scale", &TargetOptions::scale, range(1, maxPictureScale));
        visit("shows", &TargetOptions::shows, plain);
        visit("zones", &TargetOptions::showsZones, plain);
        visit("reach", &TargetOptions::showsReach, plain);
        visit("paper", &TargetOptions::paper, plain);
        visit("cellTenths", &TargetOptions::cellTenths, range(0, 500));
        visit("depth", &TargetOptions::depth, range(1, 64));
        visit("up", &TargetOptions::up, plain);
        visit("unitMillimetres", &TargetOptions::unitMm, range(1, maxUnitMm));
        visit("report", &TargetOptions::report, plain);
        visit("recipe", &TargetOptions::recipe, text(TextSort::OneLine));
        visit("collision", &TargetOptions::collision, plain);
        visit("members", &TargetOptions::hasMembers, plain);
        visit("tileRows", &TargetOptions::tileRows, plain);
        visit("firstTile", &TargetOptions::firstTile, range(0, 1));
        visit("emptyTile", &TargetOptions::emptyTile, plain);
        visit("flips", &TargetOptions::flips, plain);
        visit("y", &TargetOptions::y, plain);
        visit("unit", &TargetOptions::unit, plain);
    }
};

template <>
struct Description<Target> {
    static void each(auto&& visit) {
        visit("name", &Target::name, plainName);
        visit("format", &Target::format, plain.required());
        visit("to", &Target::to, text(TextSort::OneLine).always());
        visit("levels", &Target::levels, listOf(limits::maxLevels));
        visit("options", &Target::options, plain);
    }
};

template <>
struct Description<Project> {
    static constexpr bool isLong = true;
    static void each(auto&& visit) {
        using enum Concern;
        visit("name", &Project::name, plain.required());
        visit("sheets", &Project::sheets, listOf(maxSheets).unique().always().on(Look | Choice));
        visit("matters", byHand(&Project::matters).on(Verdict | Choice));
        visit("kinds", &Project::kinds, listOf(4096).unique().always().on(Verdict | Choice));
        visit("motion", &Project::profiles, listOf(256).unique().always().on(Verdict));
        visit("parts", &Project::parts, listOf(4096).unique().on(Look));
        visit("blocks", &Project::blocks, listOf(limits::maxBlocks).unique().on(Choice));
        visit("backdrops", &Project::backdrops, listOf(4096).unique().on(Look));
        visit("rosters", &Project::rosters, listOf(maxRosters).unique().on(Verdict | Choice));
        visit("stackColors", &Project::stackColors,
              listOf(maxStackColors).unique().on(Verdict | Choice));
        visit("kits", byHand(&Project::kits).on(Verdict | Choice));
        visit("swatches", byHand(&Project::swatches).on(Look));
        visit("game", &Project::game, plain.on(Verdict | Choice));
        visit("zoneBudget", &Project::zoneBudget, range(0, limits::maxEntities).on(Verdict));
        visit("bundle", &Project::bundle, plain);
        visit("targets", &Project::targets, listOf(maxTargets).unique());
        visit("comfortLimit", &Project::comfortLimit, range(0, 60).on(Verdict));
        visit("order", byHand(&Project::levels));
    }
};

}  // namespace rook::level
