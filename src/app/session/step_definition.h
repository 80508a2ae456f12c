#pragma once
/// What a step is: one definition says all that window, tray, board, head and key sheet ask of it.
///
/// A station may have several definitions, each for some kinds of level: Shape lays matter on most
/// boards, and pieces on kit boards. What the definition makes belongs to outer floors, so it is
/// named here and known there.

#include <QList>
#include <QString>
#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "app/session/selection.h"
#include "app/session/tool_options.h"
#include "level/project.h"

class QWidget;

namespace rook::app {

class Board;
class BoardStep;
class MarginPanel;
class Tool;
class TrayParts;
struct Session;

/// The six stations, in their order.
enum class Step { Sketch, Shape, Skin, Cast, Prove, Ship };
inline constexpr int stepCount = 6;
[[nodiscard]] QString stepName(Step step);

/// A key, or what the pointer does, and what comes of it.
struct KeyHelp {
    QString keys;
    QString meaning;
};

struct ToolDefinition {
    std::string name;  ///< for code: unique in its step
    QString icon;
    QString title;
    QString help;  ///< a line of the key sheet, after the key
    std::function<std::unique_ptr<Tool>()> make;
    bool keepsSelection = true;  ///< else it goes when the tool is taken in hand
};

/// What a station shows of its step.
struct StationState {
    enum class Fill { Hollow, Half, Full, Count } fill = Fill::Hollow;
    int count = 0;         ///< open findings, for Fill::Count
    bool isAlarm = false;  ///< one of them is an error
    bool operator==(const StationState&) const = default;
};

/// What is dimmed and stressed, each 0 to 1.
struct BoardLook {
    double art = 0;
    double hatching = 1;
    double grid = 1;
    bool showsPorts = false;  ///< of pieces
    bool operator==(const BoardLook&) const = default;
};

struct EntitiesLook {
    double opacity = 1;
    bool showsSprites = false;
    bool showsNames = false;
    bool showsTargets = false;  ///< where exits lead, as words beside them
};

/// Why options may have to be brought in line.
struct OptionsChange {
    enum class Sort { NewProject, OtherLevel, OtherLists } sort = Sort::NewProject;
    const level::Project& project;
    const level::Project& former;  ///< the same as `project` unless lists changed
};

struct StepDefinition {
    Step step = Step::Shape;
    std::vector<level::LevelKind> kinds;  ///< that it is for; none = all that no other one is for
    std::vector<ToolDefinition> tools;    ///< in the order of the home row
    QList<KeyHelp> keys;                  ///< besides those of the tools and those of the window
    BoardLook look;
    EntitiesLook entities;
    bool mayHideMasses = false;  ///< by the eye; else they are what the step is about
    bool mayHideCast = true;
    /// Cards and options, not filled yet.
    std::function<std::unique_ptr<TrayParts>(Session&, QWidget* cards, QWidget* options)> makeTray;
    bool trayFollowsTool = false;  ///< another tool has another tray
    /// What of the options makes the tray another one, as a number; null where nothing does.
    std::function<int(const ToolOptions&)> trayVariant{};
    /// What of the document makes the tray another one, as a number; null where nothing does but
    /// its lists.
    std::function<std::size_t(const Session&)> trayContent{};
    std::function<MarginPanel*(Session&, QWidget* parent)> makeMargin;
    /// What makes the margin another one.
    enum class MarginFollows { Nothing, Selection, Tool } marginFollows = MarginFollows::Nothing;
    std::function<std::unique_ptr<BoardStep>(Board&)> makeOnBoard;
    std::function<StationState(const Session&)> state;
    std::function<void(ToolOptions&, const OptionsChange&)> tidyOptions{};
    /// Takes away what of the step's own is no longer there.
    std::function<void(Selection&, const ToolOptions&, const level::Level&)> tidySelection{};
};

}  // namespace rook::app
