#pragma once
/// What one works with: the step, its tool in hand, the options of tools, the selection, the
/// storey.

#include <QObject>
#include <optional>
#include <string_view>

#include "app/session/document.h"
#include "app/session/selection.h"
#include "app/session/step_definition.h"
#include "app/session/tool_options.h"
#include "kit/edits.h"
#include "level/cast_clips.h"
#include "level/clips.h"

namespace rook::app {

class Workbench : public QObject {
    Q_OBJECT

public:
    /// Requires: a definition of each step for each kind of level.
    Workbench(Document& document, std::vector<StepDefinition> steps);

    [[nodiscard]] Step step() const { return m_step; }
    void setStep(Step step);
    /// What the step in hand is on the board's kind of level.
    [[nodiscard]] const StepDefinition& definition() const { return definitionOf(m_step); }
    [[nodiscard]] const StepDefinition& definitionOf(Step step) const;

    /// The name of the tool in hand; empty where a step has none.
    [[nodiscard]] const std::string& tool() const;
    [[nodiscard]] bool isInHand(std::string_view tool) const { return this->tool() == tool; }
    /// Its place on the home row, 0 = A.
    [[nodiscard]] int toolPlace() const;
    /// Of the step in hand; nothing happens if it has none there.
    void chooseToolAt(int place);
    void chooseTool(std::string_view tool);

    [[nodiscard]] const ToolOptions& options() const { return m_options; }
    void setOptions(const ToolOptions& options);
    /// Sets the options of a step.
    template <typename Options>
    void setOptions(Options options) requires(!std::is_same_v<Options, ToolOptions>) {
        m_options.set(std::move(options));
        Q_EMIT toolChanged();
    }
    template <typename Options>
    [[nodiscard]] const Options& options() const {
        return m_options.of<Options>();
    }
    /// Changes the options of a step.
    template <typename Options, typename Change>
    void change(Change&& change) {
        m_options.change<Options>(std::forward<Change>(change));
        Q_EMIT toolChanged();
    }

    [[nodiscard]] const Selection& selection() const { return m_selection; }
    void select(Selection selection);
    [[nodiscard]] const std::optional<level::CellClip>& clip() const { return m_clip; }
    void setClip(level::CellClip clip) { m_clip = std::move(clip); }
    /// What else was copied last, and the text that the clipboard got with it.
    struct ThingsClip {
        level::CastClip cast;
        kit::Standings standings;  ///< of kit boards
        QString text;
    };
    [[nodiscard]] const std::optional<ThingsClip>& things() const { return m_things; }
    void setThings(ThingsClip things) { m_things = std::move(things); }

    /// Of a kit board, that is worked on, 0 = the lowest; 0 on others.
    [[nodiscard]] int storey() const;
    /// Gives the storey that was taken, which is within the limits.
    int setStorey(int storey);

Q_SIGNALS:
    void stepChanged();
    void toolChanged();  ///< the tool, its options or the storey
    void selectionChanged();

private:
    void takeValue(const level::Project& former, bool hasOtherLists);
    void tidyOptions(OptionsChange::Sort sort, const level::Project& former);
    void cleanSelection();
    /// Its place among the definitions.
    [[nodiscard]] std::size_t indexOf(Step step) const;

    Document& m_document;
    std::vector<StepDefinition> m_steps;
    std::vector<std::size_t> m_tools;  ///< in hand, by definition
    Step m_step = Step::Shape;
    ToolOptions m_options;
    Selection m_selection;
    ChunkedVector<level::Entity> m_cleanedCast;  ///< that the selection was held to
    std::optional<level::CellClip> m_clip;
    std::optional<ThingsClip> m_things;
    int m_storey = 0;
};

}  // namespace rook::app
