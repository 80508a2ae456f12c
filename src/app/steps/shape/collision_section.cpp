#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

/// What is solid, in numbers, and which of its shapes the board shows.
class CollisionSection : public PanelSection {
public:
    CollisionSection(Session& session, QWidget* parent);
    void refresh() override;

private:
    Chip* addToggle(QLayout* row, const QString& text, const QString& name,
                    bool ShapeOptions::*field);

    QLabel* m_solids;
    QLabel* m_area;
    QLabel* m_outlines;
    QLabel* m_others;
    QLabel* m_passed;
    QList<std::pair<Chip*, bool ShapeOptions::*>> m_toggles;
};

CollisionSection::CollisionSection(Session& session, QWidget* parent)
    : PanelSection(tr("Collision"), tr("as exported"), session, parent) {
    makeFoldable(QStringLiteral("collision"), true);
    m_solids = addValue(tr("Solid cells → rectangles"));
    m_solids->setObjectName(QStringLiteral("collision-solids"));
    m_area = addValue(tr("Solid area"));
    m_outlines = addValue(tr("Outlines, slopes"));
    m_others = addValue(tr("One-way, deadly"));
    m_passed = addValue(tr("Ladders, liquids"));
    struct Set {
        QString text;
        const char* name;
        bool ShapeOptions::*field;
    };
    const QList<QList<Set>> rows{{{tr("rectangles"), "show-solids", &ShapeOptions::showsSolids},
                                  {tr("slopes"), "show-slopes", &ShapeOptions::showsSlopes},
                                  {tr("outlines"), "show-outlines", &ShapeOptions::showsOutlines}},
                                 {{tr("one-way"), "show-one-way", &ShapeOptions::showsOneWay},
                                  {tr("deadly"), "show-deadly", &ShapeOptions::showsDeadly}},
                                 {{tr("ladders"), "show-ladders", &ShapeOptions::showsLadders},
                                  {tr("liquids"), "show-liquids", &ShapeOptions::showsLiquids}}};
    for (const QList<Set>& sets : rows) {
        auto* row = new QHBoxLayout;
        row->setSpacing(4);
        for (const Set& set : sets)
            addToggle(row, set.text, QLatin1String(set.name), set.field);
        row->addStretch();
        addWide(row);
    }
}

Chip* CollisionSection::addToggle(QLayout* row, const QString& text, const QString& name,
                                  bool ShapeOptions::*field) {
    auto* chip = new Chip(text, rowsHolder());
    chip->setObjectName(name);
    chip->setAccessibleName(tr("Show %1 on the board").arg(text));
    connect(chip, &QAbstractButton::clicked, this, [this, field](bool isOn) {
        change<ShapeOptions>([&](ShapeOptions& options) { options.*field = isOn; });
    });
    row->addWidget(chip);
    m_toggles.append({chip, field});
    return chip;
}

void CollisionSection::refresh() {
    for (const auto& [chip, field] : m_toggles)
        chip->setChecked(m_session.workbench.options<ShapeOptions>().*field);
    const auto proven = m_session.proofs.of(m_session.document.level()->id);
    const auto* shapes = proven ? proven->shapes.get() : nullptr;
    const bool isCurrent = shapes && proven->isPlanCurrent &&
                           m_session.proofs.isCurrent(m_session.document.level()->id);
    const bool isLarge = m_session.document.level()->cells.bounds().area() > maxLiveShapeCells;
    const bool isGreedy = isCurrent && !shapes->isFewest;
    setNote(isGreedy    ? tr("cut greedily: very large")
            : isLarge   ? tr("too large to merge live")
            : isCurrent ? tr("as exported")
                        : tr("…"));
    if (!shapes) {
        for (QLabel* label : {m_solids, m_area, m_outlines, m_others, m_passed})
            label->setText(QStringLiteral("–"));
        return;
    }
    std::int64_t area = 0;
    for (const PxRect& rect : shapes->solids)
        area += rect.area();
    m_solids->setText(tr("%1 → %2").arg(shapes->solidCells).arg(shapes->solids.size()));
    m_solids->setToolTip(shapes->isFewest ? tr("As few rectangles as there can be.")
                                          : tr("The level is too large for the fewest."));
    m_area->setText(tr("%L1 px").arg(area));
    m_outlines->setText(tr("%1, %2").arg(shapes->outlines.size()).arg(shapes->slopes.size()));
    m_others->setText(tr("%1, %2").arg(shapes->oneWay.size()).arg(shapes->deadly.size()));
    m_passed->setText(tr("%1, %2").arg(shapes->ladders.size()).arg(shapes->liquids.size()));
}

}  // namespace

PanelSection* makeCollisionSection(Session& session, QWidget* parent) {
    return new CollisionSection(session, parent);
}

}  // namespace rook::app
