#include "app/shell/find_terms.h"

#include <QCoreApplication>
#include <QHash>

namespace rook::app {

namespace {

struct Terms {
    const char* what;
    const char* words;
};

constexpr Terms allTerms[] = {
    // The menus.
    {"new-project-action", QT_TRANSLATE_NOOP("Terms", "create start game starter template")},
    {"open-action", QT_TRANSLATE_NOOP("Terms", "load folder file")},
    {"save-action", QT_TRANSLATE_NOOP("Terms", "write store keep disk")},
    {"save-as-action", QT_TRANSLATE_NOOP("Terms", "copy elsewhere new folder")},
    {"open-repaired", QT_TRANSLATE_NOOP("Terms", "broken damaged recover mend")},
    {"import-action", QT_TRANSLATE_NOOP("Terms",
                                        "import load csv text grid image sheet tileset model "
                                        "glb gltf obj spreadsheet png")},
    {"write-targets-action",
     QT_TRANSLATE_NOOP("Terms", "export ship build publish output bundle json all engine")},
    {"quit-action", QT_TRANSLATE_NOOP("Terms", "exit close end leave program")},
    {"undo-action", QT_TRANSLATE_NOOP("Terms", "back revert take back mistake")},
    {"redo-action", QT_TRANSLATE_NOOP("Terms", "again forward")},
    {"cut-action", QT_TRANSLATE_NOOP("Terms", "clipboard move")},
    {"copy-action", QT_TRANSLATE_NOOP("Terms", "clipboard")},
    {"paste-action", QT_TRANSLATE_NOOP("Terms", "clipboard insert")},
    {"duplicate-action", QT_TRANSLATE_NOOP("Terms", "copy clone twice")},
    {"delete-action", QT_TRANSLATE_NOOP("Terms", "remove erase clear")},
    {"select-all-action", QT_TRANSLATE_NOOP("Terms", "everything mark")},
    {"mirror-sideways-action", QT_TRANSLATE_NOOP("Terms", "flip horizontal left right symmetry")},
    {"mirror-top-action", QT_TRANSLATE_NOOP("Terms", "flip vertical up down symmetry")},
    {"turn-left-action", QT_TRANSLATE_NOOP("Terms", "rotate anticlockwise counterclockwise")},
    {"turn-right-action", QT_TRANSLATE_NOOP("Terms", "rotate clockwise")},
    {"group-action", QT_TRANSLATE_NOOP("Terms", "together prefab set")},
    {"step-1", QT_TRANSLATE_NOOP("Terms", "plan draw idea paper greybox underlay reference")},
    {"step-2",
     QT_TRANSLATE_NOOP("Terms", "blockout terrain collision walls floors layout geometry")},
    {"step-3", QT_TRANSLATE_NOOP("Terms", "art tiles graphics look dress autotile background")},
    {"step-4", QT_TRANSLATE_NOOP("Terms", "entities objects spawn enemies items zones")},
    {"step-5",
     QT_TRANSLATE_NOOP("Terms", "check test verify reachable solvable validate findings")},
    {"step-6", QT_TRANSLATE_NOOP("Terms", "export targets publish output engine formats")},
    {"game-action", QT_TRANSLATE_NOOP("Terms",
                                      "map of levels flow order lives score tallies texts "
                                      "languages translation screen campaign world")},
    {"fit-action", QT_TRANSLATE_NOOP("Terms", "zoom whole reset view centre center all")},
    {"zoom-in-action", QT_TRANSLATE_NOOP("Terms", "larger bigger closer magnify")},
    {"zoom-out-action", QT_TRANSLATE_NOOP("Terms", "smaller farther")},
    {"axon-action", QT_TRANSLATE_NOOP("Terms", "3d isometric depth perspective")},
    {"storey-up-action", QT_TRANSLATE_NOOP("Terms", "floor above height")},
    {"storey-down-action", QT_TRANSLATE_NOOP("Terms", "floor below height")},
    {"whole-board-action", QT_TRANSLATE_NOOP("Terms",
                                             "full screen fullscreen distraction hide panels "
                                             "maximise maximize")},
    {"plan-action", QT_TRANSLATE_NOOP("Terms", "sketch underlay show hide")},
    {"grid-action", QT_TRANSLATE_NOOP("Terms", "lines cells show hide")},
    {"night-action", QT_TRANSLATE_NOOP("Terms", "dark light theme mode colours colors")},
    {"masses-shown-action", QT_TRANSLATE_NOOP("Terms", "hide terrain eye visible")},
    {"masses-locked-action", QT_TRANSLATE_NOOP("Terms", "protect terrain")},
    {"cast-shown-action", QT_TRANSLATE_NOOP("Terms", "hide entities objects eye visible")},
    {"cast-locked-action", QT_TRANSLATE_NOOP("Terms", "protect entities objects")},
    {"next-finding-action", QT_TRANSLATE_NOOP("Terms", "error problem warning issue")},
    {"previous-finding-action", QT_TRANSLATE_NOOP("Terms", "error problem warning issue")},
    {"walk-action", QT_TRANSLATE_NOOP("Terms", "play playtest test try run game")},
    {"walk-pointer-action", QT_TRANSLATE_NOOP("Terms", "play playtest test try here")},
    {"walk-keys-action", QT_TRANSLATE_NOOP("Terms", "controls gamepad controller jump bindings")},
    {"level-sheet-action",
     QT_TRANSLATE_NOOP("Terms",
                       "title rename id goal win condition message words text edges "
                       "background color colour music properties settings camera screen")},
    {"new-level-action",
     QT_TRANSLATE_NOOP("Terms", "add create side above top-down puzzle room map")},
    {"new-kit-level", QT_TRANSLATE_NOOP("Terms", "add create modular pieces 3d")},
    {"duplicate-level", QT_TRANSLATE_NOOP("Terms", "copy clone level")},
    {"remove-level", QT_TRANSLATE_NOOP("Terms", "delete level")},
    {"order-up-action", QT_TRANSLATE_NOOP("Terms", "earlier reorder sequence level")},
    {"order-down-action", QT_TRANSLATE_NOOP("Terms", "later reorder sequence level")},
    {"next-part-action", QT_TRANSLATE_NOOP("Terms", "focus keyboard panel")},
    {"previous-part-action", QT_TRANSLATE_NOOP("Terms", "focus keyboard panel")},
    {"find-action", QT_TRANSLATE_NOOP("Terms", "search command palette help")},
    {"keys-action", QT_TRANSLATE_NOOP("Terms", "shortcuts keyboard hotkeys help")},
    {"guide-action", QT_TRANSLATE_NOOP("Terms", "help manual documentation tutorial learn how")},
    {"tour-action", QT_TRANSLATE_NOOP("Terms", "tutorial introduction first learn begin example")},
    {"demo-action", QT_TRANSLATE_NOOP("Terms", "example sample lantern weir")},
    {"settings-action", QT_TRANSLATE_NOOP("Terms",
                                          "preferences options configure theme font text "
                                          "size keys shortcuts autosave language")},
    {"files-action",
     QT_TRANSLATE_NOOP("Terms", "where folder data settings autosave path recover")},
    {"about-action", QT_TRANSLATE_NOOP("Terms", "version licence credits")},
    // Tools.
    {"sketch/pencil", QT_TRANSLATE_NOOP("Terms", "draw outline border paint pen plan")},
    {"sketch/route", QT_TRANSLATE_NOOP("Terms", "path way flow critical player beads")},
    {"sketch/thing", QT_TRANSLATE_NOOP("Terms", "asset prop list parts placeholder")},
    {"sketch/label", QT_TRANSLATE_NOOP("Terms", "note text words annotate")},
    {"sketch/select", QT_TRANSLATE_NOOP("Terms", "move mark")},
    {"shape/brush", QT_TRANSLATE_NOOP("Terms", "paint draw terrain floor wall ground cells pen")},
    {"shape/line", QT_TRANSLATE_NOOP("Terms", "stairs ramp slope ledge platform floor straight")},
    {"shape/box",
     QT_TRANSLATE_NOOP("Terms", "floor room rectangle wall platform ground block frame hollow")},
    {"shape/fill", QT_TRANSLATE_NOOP("Terms", "bucket flood replace swap matter")},
    {"shape/select", QT_TRANSLATE_NOOP("Terms", "move region lasso copy stretch wand marquee")},
    {"shape/place", QT_TRANSLATE_NOOP("Terms", "module stamp snap piece row")},
    {"shape/path", QT_TRANSLATE_NOOP("Terms", "corridor hallway walkway")},
    {"shape/room", QT_TRANSLATE_NOOP("Terms", "floor box fill")},
    {"shape/close", QT_TRANSLATE_NOOP("Terms", "cap end gap hole leak")},
    {"skin/brush", QT_TRANSLATE_NOOP("Terms", "paint tile pen")},
    {"skin/line", QT_TRANSLATE_NOOP("Terms", "tile row straight")},
    {"skin/box", QT_TRANSLATE_NOOP("Terms", "pattern rectangle tile repeat")},
    {"skin/fill", QT_TRANSLATE_NOOP("Terms", "bucket flood tile pattern")},
    {"skin/select", QT_TRANSLATE_NOOP("Terms", "copy move tile region")},
    {"cast/place", QT_TRANSLATE_NOOP("Terms",
                                     "spawn entity object enemy foe item add put start exit "
                                     "door key hazard platform checkpoint pickup coin")},
    {"cast/select", QT_TRANSLATE_NOOP("Terms", "move patrol waypoint track path entity object")},
    {"cast/link",
     QT_TRANSLATE_NOOP("Terms", "connect wire key door trigger lock switch reference")},
    {"cast/zone", QT_TRANSLATE_NOOP("Terms", "camera room region bounds area trigger scroll")},
    {"cast/swap", QT_TRANSLATE_NOOP("Terms", "exchange counters")},
    {"prove/probe", QT_TRANSLATE_NOOP("Terms", "inspect reachable why point")},
    {"prove/run-to", QT_TRANSLATE_NOOP("Terms", "path route how get there replay")},
    {"prove/measure", QT_TRANSLATE_NOOP("Terms", "distance jump height width ruler gap")},
    {"prove/close-off", QT_TRANSLATE_NOOP("Terms", "block what if shortcut bottleneck")},
    {"prove/walk-from", QT_TRANSLATE_NOOP("Terms", "play test here start")},
    // What a kind is for.
    {"role/spawn", QT_TRANSLATE_NOOP("Terms", "start player begin")},
    {"role/exit", QT_TRANSLATE_NOOP("Terms", "goal end door next level portal")},
    {"role/foe", QT_TRANSLATE_NOOP("Terms", "enemy monster patrol")},
    {"role/pickup", QT_TRANSLATE_NOOP("Terms", "coin item collectible ability power-up")},
    {"role/mover", QT_TRANSLATE_NOOP("Terms", "moving platform lift elevator")},
    {"role/formation", QT_TRANSLATE_NOOP("Terms", "ring of enemies turning pattern")},
    {"role/checkpoint", QT_TRANSLATE_NOOP("Terms", "respawn save point")},
    {"role/hazard", QT_TRANSLATE_NOOP("Terms", "spikes trap danger timed")},
    {"role/spring", QT_TRANSLATE_NOOP("Terms", "bounce trampoline jump pad")},
    {"role/door", QT_TRANSLATE_NOOP("Terms", "gate lock barrier")},
    {"role/key", QT_TRANSLATE_NOOP("Terms", "lock switch lever")},
    {"role/trigger", QT_TRANSLATE_NOOP("Terms", "event area message sign script")},
    // Sections of the margin.
    {"section/appearance", QT_TRANSLATE_NOOP("Terms", "sprite animation frames sheet picture")},
    {"section/zones", QT_TRANSLATE_NOOP("Terms", "camera rooms bounds scroll by rooms theme")},
    {"section/kind", QT_TRANSLATE_NOOP("Terms", "entity type fields role size box hitbox sprite")},
    {"section/level", QT_TRANSLATE_NOOP("Terms", "counts entities table spreadsheet")},
    {"section/cells", QT_TRANSLATE_NOOP("Terms", "tile size grid cell 16 32 px projection")},
    {"section/blocks", QT_TRANSLATE_NOOP("Terms", "prefab chunk pattern reuse library")},
    {"section/matter", QT_TRANSLATE_NOOP("Terms",
                                         "terrain type solid one-way ladder water deadly "
                                         "spikes friction ice material")},
    {"section/board", QT_TRANSLATE_NOOP("Terms",
                                        "resize level width height columns rows larger crop "
                                        "change size")},
    {"section/grow", QT_TRANSLATE_NOOP("Terms", "generate procedural random cave noise")},
    {"section/stamp", QT_TRANSLATE_NOOP("Terms", "stairs round circle slope steps numbers")},
    {"section/jumps", QT_TRANSLATE_NOOP("Terms", "height distance arc ruler guide")},
    {"section/collision", QT_TRANSLATE_NOOP("Terms", "solid shapes hitbox physics outline")},
    {"section/kit-pieces", QT_TRANSLATE_NOOP("Terms", "module model mesh import size")},
    {"section/kit-piece", QT_TRANSLATE_NOOP("Terms", "module model ports faces")},
    {"section/kit", QT_TRANSLATE_NOOP("Terms", "module set library")},
    {"section/hand", QT_TRANSLATE_NOOP("Terms", "abilities double jump wall dash try without")},
    {"section/run", QT_TRANSLATE_NOOP("Terms", "replay playback proof ticks inputs")},
    {"section/motion", QT_TRANSLATE_NOOP("Terms",
                                         "physics jump height speed gravity abilities player "
                                         "profile coyote")},
    {"section/puzzle-rule", QT_TRANSLATE_NOOP("Terms", "slide push pour gather win goal")},
    {"section/roster", QT_TRANSLATE_NOOP("Terms", "counters pieces shared levels")},
    {"section/slot-board", QT_TRANSLATE_NOOP("Terms", "hexagon ring square size rows columns")},
    {"section/counter-kind", QT_TRANSLATE_NOOP("Terms", "piece length moves")},
    {"section/stack-colors", QT_TRANSLATE_NOOP("Terms", "color hues")},
    {"section/ship-link",
     QT_TRANSLATE_NOOP("Terms", "live reload running game engine connect heat")},
    {"section/scatter", QT_TRANSLATE_NOOP("Terms", "grass decoration strew random props")},
    {"section/layers", QT_TRANSLATE_NOOP("Terms", "depth order hide parallax foreground")},
    {"section/tile", QT_TRANSLATE_NOOP("Terms", "tileset animation properties")},
    {"section/swatches",
     QT_TRANSLATE_NOOP("Terms", "autotile auto-tiling rules edges corners theme")},
    {"section/backdrop", QT_TRANSLATE_NOOP("Terms", "background picture parallax sky")},
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
    return words ? QCoreApplication::translate("Terms", words) : QString();
}

}  // namespace rook::app
