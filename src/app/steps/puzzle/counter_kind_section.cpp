#include <QComboBox>
#include <QLineEdit>

#include "app/steps/puzzle/puzzle_options.h"
#include "app/steps/puzzle/puzzle_sections.h"
#include "app/ui/color_field.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/kind_edits.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace {

using level::Kind;

/// The kind of the counter in hand, or of the selected one: what it stands on and what it can do.
class CounterKindSection : public PanelSection {
public:
    CounterKindSection(Session& session, QWidget* parent)
        : PanelSection(tr("Kind of counter"), {}, session, parent) {
        makeFoldable(QStringLiteral("counter-kind"), true);
        m_title = addText(tr("Title"), "counter-kind-title", [](Kind& kind, const QString& text) {
            kind.title = text.toStdString();
            return !text.isEmpty();
        });
        m_color = new QLineEdit(rowsHolder());
        prepare(m_color, "counter-kind-color", [](Kind& kind, const QString& text) {
            kind.color = text.toStdString();
            return QColor::isValidColor(text) && text.size() == 7;
        });
        m_color->setFixedWidth(118);
        addControl(tr("Colour"), withColorPicker(m_color, this));
        m_cells = addText(tr("Stands on"), "counter-kind-cells", takeCells);
        m_cells->setToolTip(tr("Columns and rows from its first cell, which is 0,0: 0,0 1,0"));
        m_turns = addText(tr("Quarter turns"), "counter-kind-turns", takeTurns);
        m_turns->setToolTip(tr("Those that it may be placed in: 0 1 2 3"));
        m_slides = makeChoiceBox(
            QStringLiteral("counter-kind-slides"),
            {tr("all ways"), tr("left and right"), tr("up and down"), tr("not at all")}, this,
            [this](int at) {
                change([at](Kind& kind) {
                    kind.counter.slides = static_cast<level::SlideWay>(at);
                    return true;
                });
            });
        addControl(tr("Slides"), m_slides);
        m_pushing = makeChoiceBox(QStringLiteral("counter-kind-pushing"),
                                  {tr("neither"), tr("pushes"), tr("is pushed"), tr("both")}, this,
                                  [this](int at) {
                                      change([at](Kind& kind) {
                                          kind.counter.pushes = (at & 1) != 0;
                                          kind.counter.isPushed = (at & 2) != 0;
                                          return true;
                                      });
                                  });
        addControl(tr("Pushing"), m_pushing);
        auto* grid = new ButtonGrid;
        grid->add(tr("New kind"), "counter-kind-add", this, [this] { addNew(); });
        addWide(grid);
    }

    void refresh() override {
        const Kind* shown = kind();
        setNote(shown ? QString::fromStdString(shown->id.text) : tr("none yet"));
        for (QWidget* each : {static_cast<QWidget*>(m_title), static_cast<QWidget*>(m_color),
                              static_cast<QWidget*>(m_cells), static_cast<QWidget*>(m_turns),
                              static_cast<QWidget*>(m_slides), static_cast<QWidget*>(m_pushing)})
            each->setEnabled(shown != nullptr);
        if (!shown) return;
        QStringList cells, turns;
        for (const CellPoint at : shown->counter.footprint)
            cells << QStringLiteral("%1,%2").arg(at.x).arg(at.y);
        for (const int turn : shown->counter.turns)
            turns << QString::number(turn);
        const std::pair<QLineEdit*, QString> texts[] = {
            {m_title, QString::fromStdString(shown->title)},
            {m_color, QString::fromStdString(shown->color)},
            {m_cells, cells.join(u' ')},
            {m_turns, turns.join(u' ')}};
        for (const auto& [line, text] : texts)
            if (!line->hasFocus()) line->setText(text);
        m_slides->setCurrentIndex(int(shown->counter.slides));
        m_pushing->setCurrentIndex((shown->counter.pushes ? 1 : 0) +
                                   (shown->counter.isPushed ? 2 : 0));
    }

private:
    using Take = std::function<bool(Kind&, const QString&)>;
    /// The selected counter's, else the one in hand.
    [[nodiscard]] const Kind* kind() const {
        const auto& chosen = m_session.workbench.selection().counters;
        const level::Counter* counter =
            chosen.empty()
                ? nullptr
                : puzzle::findCounter(m_session.document.level()->puzzle, chosen.front());
        const Kind* found = m_session.document.project().findKind(
            counter ? counter->kind : m_session.workbench.options<CounterOptions>().kind);
        return found && found->role == level::Role::Counter ? found : nullptr;
    }
    static bool takeCells(Kind& kind, const QString& text) {
        std::vector<CellPoint> cells;
        for (const QString& part : text.simplified().split(u' ', Qt::SkipEmptyParts)) {
            bool isX = false, isY = false;
            const CellPoint at{part.section(u',', 0, 0).toInt(&isX),
                               part.section(u',', 1).toInt(&isY)};
            const int reach = level::maxFootprintReach;
            if (!isX || !isY || std::abs(at.x) > reach || std::abs(at.y) > reach) return false;
            if (std::find(cells.begin(), cells.end(), at) == cells.end()) cells.push_back(at);
        }
        kind.counter.footprint = cells;
        return !cells.empty() && cells.front() == CellPoint{0, 0} &&
               cells.size() <= std::size_t(level::maxFootprint);
    }
    static bool takeTurns(Kind& kind, const QString& text) {
        kind.counter.turns.clear();
        for (const QString& part : text.simplified().split(u' ', Qt::SkipEmptyParts)) {
            bool isNumber = false;
            const int turn = part.toInt(&isNumber);
            if (!isNumber || turn < 0 || turn > 3) return false;
            kind.counter.turns.push_back(turn);
        }
        return !kind.counter.turns.empty() && kind.counter.turns.size() <= 4;
    }
    void prepare(QLineEdit* line, const char* name, Take take) {
        line->setObjectName(QLatin1String(name));
        connect(line, &QLineEdit::editingFinished, this, [this, line, take = std::move(take)] {
            const QString text = line->text().trimmed();
            change([&](Kind& kind) { return take(kind, text); });
        });
    }
    QLineEdit* addText(const QString& words, const char* name, Take take) {
        auto* line = new QLineEdit(rowsHolder());
        line->setFixedWidth(150);
        prepare(line, name, std::move(take));
        addControl(words, line);
        return line;
    }
    void change(const std::function<bool(Kind&)>& make) {
        const Kind* former = kind();
        if (!former) return;
        Kind next = *former;
        if (!make(next)) {
            m_session.say(tr("That cannot be read. It stays as it was."));
            return refresh();
        }
        if (next == *former) return;
        const auto edit = level::changeKind(m_session.document.project(), former->id, next);
        if (!edit) return m_session.say(told(edit.error()));
        m_session.document.apply(edit->edit);
    }
    void addNew() {
        const Kind made = level::freshKind(m_session.document.project(),
                                           tr("Counter").toStdString(), level::Role::Counter);
        if (!m_session.document.apply(level::addKind(m_session.document.project(), made))) return;
        m_session.workbench.select({});
        m_session.workbench.change<CounterOptions>([&](CounterOptions& o) { o.kind = made.id; });
        refresh();
    }

    QLineEdit* m_title;
    QLineEdit* m_color;
    QLineEdit* m_cells;
    QLineEdit* m_turns;
    QComboBox* m_slides;
    QComboBox* m_pushing;
};

}  // namespace

PanelSection* makeCounterKindSection(Session& session, QWidget* parent) {
    return new CounterKindSection(session, parent);
}

}  // namespace rook::app
