#include "app/shell/find_terms.h"

#include <QHash>

#include "app/ui/words.h"

namespace rook::app {

namespace {

struct Terms {
    const char* what;
    const char* words;
};

constexpr Terms allTerms[] = {
    // The menus.
    {"new-project-action", QT_TR_NOOP("create start game starter template")},
    {"open-action", QT_TR_NOOP("load folder file")},
    {"save-action", QT_TR_NOOP("write store keep disk")},
    {"save-as-action", QT_TR_NOOP("copy elsewhere new folder")},
    {"open-repaired", QT_TR_NOOP("broken damaged recover mend")},
    {"import-action", QT_TR_NOOP("import load csv text grid image sheet tileset model "
                                 "glb gltf obj spreadsheet png")},
    {"write-targets-action", QT_TR_NOOP("export ship build publish output bundle json all engine")},
    {"quit-action", QT_TR_NOOP("exit close end leave program")},
    {"undo-action", QT_TR_NOOP("back revert take back mistake")},
    {"redo-action", QT_TR_NOOP("again forward")},
    {"cut-action", QT_TR_NOOP("clipboard move")},
    {"copy-action", QT_TR_NOOP("clipboard")},
    {"paste-action", QT_TR_NOOP("clipboard insert")},
    {"duplicate-action", QT_TR_NOOP("copy clone twice")},
    {"delete-action", QT_TR_NOOP("remove erase clear")},
    {"select-all-action", QT_TR_NOOP("everything mark")},
    {"mirror-sideways-action", QT_TR_NOOP("flip horizontal left right symmetry")},
    {"mirror-top-action", QT_TR_NOOP("flip vertical up down symmetry")},
    {"turn-left-action", QT_TR_NOOP("rotate anticlockwise counterclockwise")},
    {"turn-right-action", QT_TR_NOOP("rotate clockwise")},
    {"group-action", QT_TR_NOOP("together prefab set")},
    {"step-1", QT_TR_NOOP("plan draw idea paper greybox underlay reference")},
    {"step-2", QT_TR_NOOP("blockout terrain collision walls floors layout geometry")},
    {"step-3", QT_TR_NOOP("art tiles graphics look dress autotile background")},
    {"step-4", QT_TR_NOOP("entities objects spawn enemies items zones")},
    {"step-5", QT_TR_NOOP("check test verify reachable solvable validate findings")},
    {"step-6", QT_TR_NOOP("export targets publish output engine formats")},
    {"game-action", QT_TR_NOOP("map of levels flow order lives score tallies texts "
                               "languages translation screen campaign world")},
    {"fit-action", QT_TR_NOOP("zoom whole reset view centre center all")},
    {"zoom-in-action", QT_TR_NOOP("larger bigger closer magnify")},
    {"zoom-out-action", QT_TR_NOOP("smaller farther")},
    {"depth-action", QT_TR_NOOP("3d isometric depth perspective")},
    {"corner-action", QT_TR_NOOP("3d rotate turn orbit camera")},
    {"storey-up-action", QT_TR_NOOP("floor above height")},
    {"storey-down-action", QT_TR_NOOP("floor below height")},
    {"whole-board-action", QT_TR_NOOP("full screen fullscreen distraction hide panels "
                                      "maximise maximize")},
    {"plan-action", QT_TR_NOOP("sketch underlay show hide")},
    {"grid-action", QT_TR_NOOP("lines cells show hide")},
    {"night-action", QT_TR_NOOP("dark light theme mode colours colors")},
    {"masses-shown-action", QT_TR_NOOP("hide terrain eye visible")},
    {"masses-locked-action", QT_TR_NOOP("protect terrain")},
    {"cast-shown-action", QT_TR_NOOP("hide entities objects eye visible")},
    {"cast-locked-action", QT_TR_NOOP("protect entities objects")},
    {"next-finding-action", QT_TR_NOOP("error problem warning issue")},
    {"previous-finding-action", QT_TR_NOOP("error problem warning issue")},
    {"walk-action", QT_TR_NOOP("play playtest test try run game")},
    {"walk-pointer-action", QT_TR_NOOP("play playtest test try here")},
    {"walk-keys-action", QT_TR_NOOP("controls gamepad controller jump bindings")},
    {"level-sheet-action",
     QT_TR_NOOP("title rename id goal win condition message words text edges "
                "background color colour music properties settings camera screen")},
    {"new-level-action", QT_TR_NOOP("add create side above top-down puzzle room map")},
    {"new-kit-level", QT_TR_NOOP("add create modular pieces 3d")},
    {"duplicate-level", QT_TR_NOOP("copy clone level")},
    {"remove-level", QT_TR_NOOP("delete level")},
    {"order-up-action", QT_TR_NOOP("earlier reorder sequence level")},
    {"order-down-action", QT_TR_NOOP("later reorder sequence level")},
    {"next-part-action", QT_TR_NOOP("focus keyboard panel")},
    {"previous-part-action", QT_TR_NOOP("focus keyboard panel")},
    {"find-action", QT_TR_NOOP("search command palette help")},
    {"keys-action", QT_TR_NOOP("shortcuts keyboard hotkeys help")},
    {"guide-action", QT_TR_NOOP("help manual documentation tutorial learn how")},
    {"tour-action", QT_TR_NOOP("tutorial introduction first learn begin example")},
    {"demo-action", QT_TR_NOOP("example sample lantern weir")},
    {"settings-action", QT_TR_NOOP("preferences options configure theme font text "
                                   "size keys shortcuts autosave language")},
    {"files-action", QT_TR_NOOP("where folder data settings autosave path recover")},
    {"about-action", QT_TR_NOOP("version licence credits")},
    // Tools.
    {"sketch/pencil", QT_TR_NOOP("draw outline border paint pen plan")},
    {"sketch/route", QT_TR_NOOP("path way flow critical player beads")},
    {"sketch/thing", QT_TR_NOOP("asset prop list parts placeholder")},
    {"sketch/label", QT_TR_NOOP("note text words annotate")},
    {"sketch/select", QT_TR_NOOP("move mark")},
    {"shape/brush", QT_TR_NOOP("paint draw terrain floor wall ground cells pen")},
    {"shape/line", QT_TR_NOOP("stairs ramp slope ledge platform floor straight")},
    {"shape/box", QT_TR_NOOP("floor room rectangle wall platform ground block frame hollow")},
    {"shape/fill", QT_TR_NOOP("bucket flood replace swap matter")},
    {"shape/select", QT_TR_NOOP("move region lasso copy stretch wand marquee")},
    {"shape/place", QT_TR_NOOP("module stamp snap piece row")},
    {"shape/path", QT_TR_NOOP("corridor hallway walkway")},
    {"shape/room", QT_TR_NOOP("floor box fill")},
    {"shape/solid", QT_TR_NOOP("block out box wedge stairs round opening door wall ceiling")},
    {"shape/close", QT_TR_NOOP("cap end gap hole leak")},
    {"skin/brush", QT_TR_NOOP("paint tile pen")},
    {"skin/line", QT_TR_NOOP("tile row straight")},
    {"skin/box", QT_TR_NOOP("pattern rectangle tile repeat")},
    {"skin/fill", QT_TR_NOOP("bucket flood tile pattern")},
    {"skin/select", QT_TR_NOOP("copy move tile region")},
    {"cast/place", QT_TR_NOOP("spawn entity object enemy foe item add put start exit "
                              "door key hazard platform checkpoint pickup coin")},
    {"cast/select", QT_TR_NOOP("move patrol waypoint track path entity object")},
    {"cast/link", QT_TR_NOOP("connect wire key door trigger lock switch reference")},
    {"cast/zone", QT_TR_NOOP("camera room region bounds area trigger scroll")},
    {"cast/swap", QT_TR_NOOP("exchange counters")},
    {"prove/probe", QT_TR_NOOP("inspect reachable why point")},
    {"prove/run-to", QT_TR_NOOP("path route how get there replay")},
    {"prove/measure", QT_TR_NOOP("distance jump height width ruler gap")},
    {"prove/close-off", QT_TR_NOOP("block what if shortcut bottleneck")},
    {"prove/walk-from", QT_TR_NOOP("play test here start")},
    // What a kind is for.
    {"role/spawn", QT_TR_NOOP("start player begin")},
    {"role/exit", QT_TR_NOOP("goal end door next level portal")},
    {"role/foe", QT_TR_NOOP("enemy monster patrol")},
    {"role/pickup", QT_TR_NOOP("coin item collectible ability power-up")},
    {"role/mover", QT_TR_NOOP("moving platform lift elevator")},
    {"role/formation", QT_TR_NOOP("ring of enemies turning pattern")},
    {"role/checkpoint", QT_TR_NOOP("respawn save point")},
    {"role/hazard", QT_TR_NOOP("spikes trap danger timed")},
    {"role/spring", QT_TR_NOOP("bounce trampoline jump pad")},
    {"role/door", QT_TR_NOOP("gate lock barrier")},
    {"role/key", QT_TR_NOOP("lock switch lever")},
    {"role/trigger", QT_TR_NOOP("event area message sign script")},
    // Sections of the margin.
    {"section/appearance", QT_TR_NOOP("sprite animation frames sheet picture")},
    {"section/zones", QT_TR_NOOP("camera rooms bounds scroll by rooms theme")},
    {"section/kind", QT_TR_NOOP("entity type fields role size box hitbox sprite")},
    {"section/level", QT_TR_NOOP("counts entities table spreadsheet")},
    {"section/cells", QT_TR_NOOP("tile size grid cell 16 32 px projection")},
    {"section/blocks", QT_TR_NOOP("prefab chunk pattern reuse library")},
    {"section/matter", QT_TR_NOOP("terrain type solid one-way ladder water deadly "
                                  "spikes friction ice material")},
    {"section/board", QT_TR_NOOP("resize level width height columns rows larger crop "
                                 "change size")},
    {"section/grow", QT_TR_NOOP("generate procedural random cave noise")},
    {"section/stamp", QT_TR_NOOP("stairs round circle slope steps numbers")},
    {"section/jumps", QT_TR_NOOP("height distance arc ruler guide")},
    {"section/collision", QT_TR_NOOP("solid shapes hitbox physics outline")},
    {"section/kit-pieces", QT_TR_NOOP("module model mesh import size")},
    {"section/kit-piece", QT_TR_NOOP("module model ports faces")},
    {"section/kit", QT_TR_NOOP("module set library")},
    {"section/hand", QT_TR_NOOP("abilities double jump wall dash try without")},
    {"section/run", QT_TR_NOOP("replay playback proof ticks inputs")},
    {"section/motion", QT_TR_NOOP("physics jump height speed gravity abilities player "
                                  "profile coyote")},
    {"section/solution", QT_TR_NOOP("least moves difficulty dead states solve hint vary mix "
                                    "shuffle other starts")},
    {"section/puzzle-rule", QT_TR_NOOP("slide push pour gather win goal")},
    {"section/roster", QT_TR_NOOP("counters pieces shared levels")},
    {"section/slot-board", QT_TR_NOOP("hexagon ring square size rows columns")},
    {"section/counter-kind", QT_TR_NOOP("piece length moves")},
    {"section/stack-colors", QT_TR_NOOP("color hues")},
    {"section/ship-link", QT_TR_NOOP("live reload running game engine connect heat")},
    {"section/scatter", QT_TR_NOOP("grass decoration strew random props")},
    {"section/layers", QT_TR_NOOP("depth order hide parallax foreground")},
    {"section/tile", QT_TR_NOOP("tileset animation properties")},
    {"section/swatches", QT_TR_NOOP("autotile auto-tiling rules edges corners theme")},
    {"section/backdrop", QT_TR_NOOP("background picture parallax sky")},
};

}  // namespace

QString termsOf(const QString& what) {
    static const QHash<QString, const char*> byName = [] {
        QHash<QString, const char*> all;
        for (const Terms& terms : allTerms)
            all.insert(QLatin1String(terms.what), terms.words);
        return all;
    }();
    const char* words = byName.value(what);
    return words ? tr(words) : QString();
}

}  // namespace rook::app
