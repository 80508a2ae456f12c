#include "app/session/workbench.h"

#include <algorithm>
#include <unordered_set>

#include "app/ui/words.h"
#include "level/kit.h"
#include "level/level_kinds.h"
#include "level/rules.h"
#include "level/zone_edits.h"

namespace rook::app {

QString stepName(Step step) {
    const char* const names[] = {QT_TR_NOOP("Sketch"), QT_TR_NOOP("Shape"), QT_TR_NOOP("Skin"),
                                 QT_TR_NOOP("Cast"),   QT_TR_NOOP("Prove"), QT_TR_NOOP("Ship")};
    return tr(names[std::size_t(step)]);
}

Workbench::Workbench(Document& document, std::vector<StepDefinition> steps)
    : m_document(document), m_steps(std::move(steps)), m_tools(m_steps.size()) {
    connect(&document, &Document::opened, this, [this] {
        m_selection = {};
        m_clip.reset();
        m_things.reset();
        tidyOptions(OptionsChange::Sort::NewProject, m_document.project());
        Q_EMIT selectionChanged();
    });
    connect(&document, &Document::levelLeft, this, [this] {
        tidyOptions(OptionsChange::Sort::OtherLevel, m_document.project());
        select({});
    });
    connect(&document, &Document::valueTaken, this, &Workbench::takeValue);
    tidyOptions(OptionsChange::Sort::NewProject, m_document.project());
}

std::size_t Workbench::indexOf(Step step) const {
    const level::LevelKind kind = m_document.level()->kind;
    std::optional<std::size_t> general;
    for (std::size_t i = 0; i < m_steps.size(); ++i) {
        if (m_steps[i].step != step) continue;
        const auto& kinds = m_steps[i].kinds;
        if (std::find(kinds.begin(), kinds.end(), kind) != kinds.end()) return i;
        if (kinds.empty()) general = i;
    }
    ROOK_ASSERT(general.has_value(), "each step is defined for each kind of level");
    return *general;
}

const StepDefinition& Workbench::definitionOf(Step step) const {
    return m_steps[indexOf(step)];
}

void Workbench::setStep(Step step) {
    if (step == m_step) return;
    m_document.commitGesture();
    m_step = step;
    select({});
    Q_EMIT stepChanged();
    Q_EMIT toolChanged();
}

const std::string& Workbench::tool() const {
    static const std::string none;
    const std::size_t index = indexOf(m_step);
    return m_steps[index].tools.empty() ? none : m_steps[index].tools[m_tools[index]].name;
}

int Workbench::toolPlace() const {
    return int(m_tools[indexOf(m_step)]);
}

void Workbench::chooseToolAt(int place) {
    const std::size_t index = indexOf(m_step);
    const auto& tools = m_steps[index].tools;
    if (place < 0 || place >= int(tools.size())) return;
    m_document.commitGesture();
    m_tools[index] = std::size_t(place);
    if (!tools[std::size_t(place)].keepsSelection) select({});
    Q_EMIT toolChanged();
}

void Workbench::chooseTool(std::string_view tool) {
    const auto& tools = definition().tools;
    for (std::size_t i = 0; i < tools.size(); ++i)
        if (tools[i].name == tool) return chooseToolAt(int(i));
}

void Workbench::setOptions(const ToolOptions& options) {
    m_options = options;
    Q_EMIT toolChanged();
}

void Workbench::select(Selection selection) {
    if (selection == m_selection) return;
    m_selection = std::move(selection);
    Q_EMIT selectionChanged();
}

int Workbench::storey() const {
    const auto level = m_document.level();
    return level && level::traitsOf(level->kind).isOfPieces ? m_storey : 0;
}

int Workbench::setStorey(int storey) {
    const int taken = std::clamp(storey, 0, level::maxStoreys - 1);
    if (taken != m_storey) {
        m_storey = taken;
        Q_EMIT toolChanged();
    }
    return taken;
}

void Workbench::takeValue(const level::Project& former, bool hasOtherLists) {
    cleanSelection();
    if (!hasOtherLists) return;
    // Cells in hand name matters by their place in the list, which may be another one now.
    if (!level::nameSameMatters(former, m_document.project())) m_clip.reset();
    tidyOptions(OptionsChange::Sort::OtherLists, former);
}

void Workbench::tidyOptions(OptionsChange::Sort sort, const level::Project& former) {
    const OptionsChange change{sort, m_document.project(), former};
    for (const StepDefinition& step : m_steps)
        if (step.tidyOptions) step.tidyOptions(m_options, change);
}

void Workbench::cleanSelection() {
    const level::Level& level = *m_document.level();
    Selection kept = m_selection;
    if (kept.cells) kept.cells = kept.cells->clipped(level.cells.bounds());
    if (kept.cells && kept.cells->isEmpty()) kept.cells.reset();
    // Most edits take nobody away.
    const bool isSameCast = level.entities.isSameBy(
        m_cleanedCast, [](const level::Entity& e) -> const std::string& { return e.id.text; });
    m_cleanedCast = level.entities;
    if (!kept.entities.empty() && !isSameCast) {
        std::unordered_set<std::string_view> there;
        for (const level::Entity& entity : level.entities)
            there.insert(entity.id.text);
        std::erase_if(kept.entities, [&](const EntityId& id) { return !there.contains(id.text); });
    }
    if (!kept.pieces.empty()) {
        std::unordered_set<int> there;
        for (const level::PlacedPiece& piece : level.pieces)
            there.insert(piece.id);
        for (const level::Solid& solid : level.solids)
            there.insert(solid.id);
        std::erase_if(kept.pieces, [&](int id) { return !there.contains(id); });
    }
    if (kept.zone && !findZone(level, *kept.zone)) kept.zone.reset();
    for (const StepDefinition& step : m_steps)
        if (step.tidySelection) step.tidySelection(kept, m_options, level);
    select(std::move(kept));
}

}  // namespace rook::app
