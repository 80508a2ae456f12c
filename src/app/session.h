#pragma once
/// The one place of change: the project's value, its history, the selection, the step and the tool.
///
/// Widgets read values and send edits; none owns a piece of the document, and none talks to another
/// directly. All on the interface thread; reach is solved elsewhere (`LiveReach`) and handed in.

#include <QObject>
#include <QString>
#include <QThreadPool>
#include <memory>
#include <optional>

#include "check/look.h"
#include "check/plan.h"
#include "file/bundle.h"
#include "level/blocks.h"
#include "level/history.h"
#include "level/sketch_edits.h"
#include "level/stamps.h"
#include "masses/caves.h"
#include "reach/zones.h"
#include "skin/lessons.h"
#include "skin/scatter.h"

namespace rook::app {

enum class Step { Sketch, Shape, Skin, Cast, Prove, Ship };
inline constexpr int stepCount = 6;

enum class SketchTool { Pencil, Route, Thing, Label, Select };
enum class ShapeTool { Brush, Line, Box, Fill, Select };
/// As Shape's, but they set tiles.
enum class SkinTool { Brush, Line, Box, Fill, Select };
enum class CastTool { Place, Select, Link, Zone };
enum class ProveTool { Probe, RunTo, Measure, CloseOff, WalkFrom };
/// The form in which matter is laid: full, or by the direction of a line, by the side of the cell
/// that is pointed at, or one that was chosen.
enum class Shaping { Full, Slope, Half, Chosen };
enum class Snap { Cell, HalfCell, Px };
/// How the select tool takes cells: by a rectangle, by a drawn loop, or what hangs together.
enum class SelectBy { Box, Lasso, Connected };

/// Cells that brush and line lay whole, and box and fill repeat: picked from the level, made of
/// numbers, or a block of the project.
struct Stamp {
    level::CellClip clip;
    std::string block;  ///< name of the block that it is; empty = none
};

/// Masses that could be grown, to be seen before they are.
struct Proposal {
    CellRect bounds;
    BitMap area;   ///< cells of the bounds that would be laid anew
    BitMap solid;  ///< of those, the ones that would be matter
    level::LevelEdit edit;
    std::shared_ptr<const level::Level> of;  ///< the level that the edit begins with
};

/// The options of the tools in hand.
struct ToolOptions {
    level::MatterId matter{1};
    int brushSize = 1;  ///< cells, 1 to 64
    bool brushIsRound = false;
    Shaping shaping = Shaping::Full;
    level::Form form = level::Form::Full;  ///< for `Shaping::Chosen`
    bool boxIsFilled = true;
    int frameThickness = 1;   ///< cells, of boxes that are not filled
    bool fillsAll = false;    ///< all of a matter, instead of what hangs together
    bool laysStairs = false;  ///< the line tool lays flights of stairs
    int stairLength = 2;      ///< cells, of a step
    int stairHeight = 1;      ///< cells, of a step
    SelectBy selectBy = SelectBy::Box;
    std::shared_ptr<const Stamp> stamp;  ///< in hand instead of matter, if there is one
    bool showsJumps = true;              ///< at the pointer
    bool showsLentJumps = false;         ///< with and without each ability too
    std::shared_ptr<const Proposal> proposal;
    bool mirrorsSideways = false;
    bool mirrorsTopToBottom = false;
    std::optional<CellRect> boardFrame;  ///< a size of the board that is being considered
    KindId kind;
    level::Facing facing = level::Facing::Right;
    Snap snap = Snap::Cell;
    bool setsDown = true;    ///< what is placed comes to stand by its kind's rule
    bool showsLinks = true;  ///< Cast: references, as lines
    bool showsWays = true;   ///< patrols, tracks, formations
    bool showsZones = true;
    bool showsWindows = false;                              ///< when one can pass a formation
    level::MarkShape pencilShape = level::MarkShape::Free;  ///< free, line, box or outline
    bool pencilErases = false;
    bool drawsRooms = false;
    std::string piece;        ///< of the kit, in hand
    int storey = 0;           ///< of a kit board, that is worked on
    int pieceTurn = 0;        ///< quarter turns of the piece in hand
    int spreadCount = 5;      ///< Cast: how many are placed in a frame
    bool sketchSnaps = true;  ///< lines, boxes and way points, to half cells
    level::PencilTone tone = level::PencilTone::Graphite;
    level::PencilWidth pencilWidth = level::PencilWidth::Fine;
    int leaf = 0;   ///< in hand; the last one if there are fewer
    int route = 0;  ///< in hand; one more than there are = the next click begins one
    level::BeadSort beadSort = level::BeadSort::Jump;
    std::string thing;              ///< name of the next thing; empty = it is asked
    bool drawsRegion = false;       ///< the next drag of the route tool is the bead's region
    bool measuresUnderlay = false;  ///< the next drag of the select tool measures the underlay
    bool showsPlan = true;          ///< faintly, in Shape
    bool showsSolids = false;       ///< the rectangles of what is solid, in Shape
    bool showsOutlines = false;     ///< the closed outlines of the masses
    bool showsSlopes = false;
    bool showsOneWay = false;
    bool showsDeadly = false;
    bool showsLadders = false;
    bool showsLiquids = false;
    /// Of the collision shapes, some that a click can choose.
    [[nodiscard]] bool showsColliders() const {
        return showsSolids || showsSlopes || showsOneWay || showsDeadly || showsLadders ||
               showsLiquids;
    }
    Grid<level::Tile> tiles{1,
                            1};  ///< in hand in Skin: none = one gives cells back to the dressing
    /// Where tiles were taken last: the board, and which of its cells.
    std::optional<std::pair<LevelId, CellRect>> tilesFrom;
    int skinLayer = -1;  ///< that tiles are set on; -1 = the masses
    /// Laid on the layer in hand instead of tiles, to be dressed there; none = tiles are set.
    std::optional<level::MatterId> layerMatter;
    /// What a rule would strew, to be seen before it does.
    std::shared_ptr<const level::CellRegion> scatterPreview;
    int tileSheet = 0;         ///< that tiles are taken from
    bool showsLook = false;    ///< Skin: cells that look otherwise than they are
    bool showsGuesses = true;  ///< where the nearest case stands in for one that is not shown
    bool showsReach = true;    ///< Prove: where bodies get to, standing stronger than passing
    bool showsTraps = true;
    bool showsTouches = true;  ///< where reached bodies touch what is deadly
    bool showsRun = true;
    bool showsRisky = true;  ///< deadly at times
};

/// What Prove asks otherwise than the project says, without touching it.
struct WhatIf {
    runtime::AbilitySet lent = 0;
    runtime::AbilitySet taken = 0;
    std::optional<PxRect> closed;  ///< a region that nobody may touch
    bool operator==(const WhatIf&) const = default;
    [[nodiscard]] bool isAny() const { return *this != WhatIf{}; }
};

/// A run that is shown on the board.
struct ShownRun {
    reach::Run run;
    QString title;
    bool isProof = false;  ///< of the level as it is
    std::string goal;      ///< id of what it gets to, if it is an entity
    PxPoint to;            ///< px asked for, else
};

struct Selection {
    std::optional<level::CellRegion> cells;  ///< never an empty region
    std::vector<EntityId> entities;
    std::vector<level::MarkId> marks;
    std::vector<int> pieces;  ///< ids, of a kit board
    std::optional<ZoneId> zone;
    std::optional<int> wayPoint;  ///< of the route in hand
    std::optional<int> bead;      ///< of the route in hand
    bool hasUnderlay = false;
    bool operator==(const Selection&) const = default;
};

/// Above this many cells, shapes are not made while one draws.
inline constexpr std::int64_t maxLiveShapeCells = 4096 * 4096;

/// An answer with the level value that it is of, and what follows from it.
struct ProvenLevel {
    std::shared_ptr<const level::Level> level;
    level::Project project;  ///< that it is of: profiles, kinds and matters decide, too
    reach::Answer answer;
    std::shared_ptr<const reach::Question> question;  ///< that was answered; null on an error
    BitMap covered;  ///< px of the map's frame that some body at a visited position covers
    /// Of reach and placement first; then, once the level was looked at whole, those of the
    /// collision audit and of the plan; notes last.
    std::vector<check::Finding> findings;
    std::size_t ownFindings = 0;                    ///< of them, those of reach and placement
    std::shared_ptr<const check::PlanReport> plan;  ///< null if there is no plan, or not yet
    /// Collision shapes; null if there are none yet, or the level is above `maxLiveShapeCells`.
    std::shared_ptr<const collide::CollisionShapes> shapes;
    std::shared_ptr<const level::Level> shapesOf;  ///< the value that the shapes are of
    std::shared_ptr<const skin::Strewn> strewn;    ///< by the level's rules; null if it has none
    std::shared_ptr<const skin::Strewn> strewnBefore;
    CellRect strewnChange;                        ///< cells where these two differ
    std::shared_ptr<const check::LookMaps> look;  ///< null until it was looked at
    bool isPlanCurrent = false;            ///< else `plan` and `shapes` are of a former value
    std::vector<check::Finding> meetings;  ///< of the proof run with foes; once looked at deep
    std::vector<reach::Crossing>
        crossings;  ///< between zones; with their needs once it was looked at deep
    std::shared_ptr<const reach::Depth> depth;    ///< null until it was looked at
    std::shared_ptr<const level::Level> depthOf;  ///< the value that it is of
    bool isDepthCurrent = false;
    BitMap deadlyTouches;  ///< reached positions' px where a body dies one px on; map's frame
    BitMap risky;          ///< positions that are deadly at times
    std::optional<bool> formerRunHolds;  ///< the run that was kept last, replayed after the edit
    std::optional<Error> error;          ///< why there is no answer
};

/// True if nothing differs that a verdict depends on besides the level itself: matters, kinds,
/// motion profiles, the limit of comfort, which levels there are. Compares pointers.
[[nodiscard]] bool haveSameRules(const level::Project& a, const level::Project& b);
/// The same of what looks and plans depend on: sheets, swatches, backdrops, parts.
[[nodiscard]] bool haveSameLook(const level::Project& a, const level::Project& b);

class Session : public QObject {
    Q_OBJECT

public:
    explicit Session(QObject* parent = nullptr);

    // The document.
    [[nodiscard]] const level::Project& project() const { return m_project; }
    [[nodiscard]] const std::shared_ptr<const level::Level>& level() const { return m_level; }
    [[nodiscard]] const QString& folder() const { return m_folder; }
    [[nodiscard]] bool isModified() const;
    /// Errors leave everything as it was.
    [[nodiscard]] Result<void> open(const QString& folder);
    /// What was left out, a sentence each; nothing is written until it is saved.
    [[nodiscard]] Result<std::vector<std::string>> openRepaired(const QString& folder);
    /// `folder` is where it was read from; empty for a project that was never saved.
    void startNew(level::Project project, const QString& folder = {});
    /// Writes at once and waits; for closing. The window saves by `saveInBackground`.
    [[nodiscard]] Result<void> save(const QString& folder);
    /// Both write the value of now on a worker, one after the other; `said` and `writingEnded`
    /// follow.
    void saveInBackground(const QString& folder);
    void exportInBackground(const QString& target);
    [[nodiscard]] bool isWriting() const { return m_jobs > 0; }
    void waitForWriting();
    [[nodiscard]] const std::vector<file::WrittenFile>& lastExport() const { return m_lastExport; }
    /// Why the last export failed, if it did.
    [[nodiscard]] const std::optional<Error>& exportError() const { return m_exportError; }
    [[nodiscard]] bool isExportCurrent() const;

    // Change. A gesture replaces its value as it goes and is one step when it is committed.
    void apply(const level::LevelEdit& edit);
    /// The same, or says why not.
    void apply(const Result<level::LevelEdit>& edit);
    void applyProject(level::Project project, const QString& name);
    void apply(const level::ProjectEdit& edit) {
        applyProject(edit.project, QString::fromStdString(edit.name));
    }
    /// The same, or says why not. Gives whether it was done.
    bool apply(const Result<level::ProjectEdit>& edit);
    void showGesture(const level::LevelEdit& edit);
    void commitGesture();
    void cancelGesture();
    [[nodiscard]] bool isInGesture() const { return m_gesture.has_value(); }
    /// The level without the gesture that is going on.
    [[nodiscard]] const level::Level& levelBeforeGesture() const;
    void undo();
    void redo();
    [[nodiscard]] const level::History& history() const { return m_history; }

    // What one works on and with.
    void chooseLevel(const LevelId& id);
    [[nodiscard]] Step step() const { return m_step; }
    void setStep(Step step);
    [[nodiscard]] SketchTool sketchTool() const { return m_sketchTool; }
    void setSketchTool(SketchTool tool);
    /// The leaf and the route in hand, of those that there are; -1 if there are none.
    [[nodiscard]] int leafInHand() const;
    [[nodiscard]] int routeInHand() const;
    [[nodiscard]] ShapeTool shapeTool() const { return m_shapeTool; }
    [[nodiscard]] SkinTool skinTool() const { return m_skinTool; }
    void setSkinTool(SkinTool tool);
    /// Of the level on the board, that tiles are set on; -1 = the masses.
    [[nodiscard]] int skinLayerInHand() const {
        return m_options.skinLayer < int(m_level->layers.size()) ? m_options.skinLayer : -1;
    }
    /// What the swatches teach for the board in hand. Cost: learned anew when they changed.
    [[nodiscard]] std::shared_ptr<const skin::Lessons> lessons() const;
    [[nodiscard]] bool isOnSwatch() const { return m_project.isSwatch(m_level->id); }
    /// The level that was on the board before a swatch was.
    [[nodiscard]] const LevelId& lastLevel() const { return m_lastLevel; }
    [[nodiscard]] CastTool castTool() const { return m_castTool; }
    /// Place on the home row of the step's tool in hand; 0 where a step has one or none.
    [[nodiscard]] int toolInHand() const;
    void setShapeTool(ShapeTool tool);
    void setCastTool(CastTool tool);
    [[nodiscard]] ProveTool proveTool() const { return m_proveTool; }
    void setProveTool(ProveTool tool);
    [[nodiscard]] const ToolOptions& options() const { return m_options; }
    void setOptions(const ToolOptions& options);
    [[nodiscard]] const Selection& selection() const { return m_selection; }
    void select(Selection selection);
    [[nodiscard]] const std::optional<level::CellClip>& clip() const { return m_clip; }
    void setClip(level::CellClip clip) { m_clip = std::move(clip); }

    // Reach.
    /// The latest answer for a level; null if there is none yet. May be of a former value.
    [[nodiscard]] std::shared_ptr<const ProvenLevel> proven(const LevelId& id) const;
    [[nodiscard]] bool isProofCurrent(const LevelId& id) const;
    /// The level was held to its plan and its shapes made. Requires: the proof is current.
    [[nodiscard]] bool isPlanCurrent(const LevelId& id) const;
    void takeProof(std::shared_ptr<const ProvenLevel> proven);
    [[nodiscard]] bool isDepthCurrent(const LevelId& id) const;

    // What if; of the level on the board, and forgotten with it.
    [[nodiscard]] const WhatIf& whatIf() const { return m_whatIf; }
    void setWhatIf(const WhatIf& whatIf);
    /// The answer to what is asked now; null if nothing is, or not yet.
    [[nodiscard]] std::shared_ptr<const ProvenLevel> whatIfAnswer() const;
    void takeWhatIf(std::shared_ptr<const ProvenLevel> answer, const WhatIf& of);

    // The run that is shown: the proof of the level, or one that was asked for.
    [[nodiscard]] std::shared_ptr<const ShownRun> shownRun() const;
    void showRun(std::shared_ptr<const ShownRun> run);
    /// Between two ticks of the shown run: 0 is its start.
    [[nodiscard]] int runTick() const { return m_runTick; }
    void setRunTick(int tick);
    [[nodiscard]] bool isRunPlaying() const { return m_isRunPlaying; }
    void setRunPlaying(bool isPlaying);
    /// Asks for a run to the px; `runFound` or words follow.
    void askRun(PxPoint to) { Q_EMIT runAsked(to); }

    /// Something to tell in the status line.
    void say(const QString& text) { Q_EMIT said(text); }

Q_SIGNALS:
    void documentChanged(const rook::CellRect& touched);  ///< cells of the current level
    void levelSwitched();                                 ///< another level, or another project
    void listsChanged();  ///< matters, kinds, sheets or blocks; before documentChanged
    void historyChanged();
    void selectionChanged();
    void stepChanged();
    void toolChanged();
    void proofChanged(const rook::LevelId& id);
    void whatIfChanged();
    void runChanged();  ///< another run is shown
    void runTickChanged();
    void runAsked(rook::PxPoint to);
    void tableAsked();                           ///< the cast, as a table
    void placeAsked(const rook::PxRect& place);  ///< of the level on the board, to be looked at
    void said(const QString& text);
    void writingEnded();

private:
    struct Gesture {
        level::LevelEdit edit;
        level::Project before;
    };
    void setProject(level::Project project, const CellRect& touched);
    void cleanSelection();
    void cleanOptions(const level::Project& former);
    void jumpTo(const level::HistoryStep& step);
    template <typename Work, typename Take>
    void write(Work work, Take take);

    level::History m_history;
    level::Project m_project;                     ///< the gesture's value while one goes on
    std::shared_ptr<const level::Level> m_level;  ///< of m_project; never null
    std::optional<Gesture> m_gesture;
    level::Project m_saved;
    QString m_folder;
    std::vector<file::WrittenFile> m_lastExport;
    std::optional<level::Project> m_exported;
    std::optional<Error> m_exportError;
    int m_jobs = 0;  ///< of writing, waiting or under way
    Step m_step = Step::Shape;
    SketchTool m_sketchTool = SketchTool::Pencil;
    ShapeTool m_shapeTool = ShapeTool::Brush;
    SkinTool m_skinTool = SkinTool::Brush;
    LevelId m_lastLevel;
    struct Taught {
        level::Project of;  ///< shares what the lessons were learned from
        std::string theme;
        SharedVector<level::Zone> zones;
        std::shared_ptr<const skin::Lessons> lessons;
    };
    mutable std::optional<Taught> m_taught;
    CastTool m_castTool = CastTool::Place;
    ProveTool m_proveTool = ProveTool::Probe;
    WhatIf m_whatIf;
    std::shared_ptr<const ProvenLevel> m_whatIfAnswer;
    WhatIf m_whatIfOf;
    std::shared_ptr<const ShownRun> m_run;  ///< that was asked for
    mutable std::shared_ptr<const ShownRun> m_proofRun;
    mutable std::shared_ptr<const reach::Depth> m_proofRunOf;
    int m_runTick = 0;
    bool m_isRunPlaying = false;
    ToolOptions m_options;
    Selection m_selection;
    ChunkedVector<level::Entity> m_cleanedCast;  ///< that the selection was held to
    std::optional<level::CellClip> m_clip;
    std::vector<std::shared_ptr<const ProvenLevel>> m_proofs;
    QThreadPool m_writer;  ///< one thread; goes first, so that no job outlives the rest
};

}  // namespace rook::app
