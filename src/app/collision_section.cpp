#include "app/panel_section.h"
#include "app/theme.h"
#include "app/tray_buttons.h"

namespace rook::app {

namespace {

/// What is solid, in numbers, and which of its shapes the board shows.
class CollisionSection : public PanelSection {
public:
    CollisionSection(Session& session, QWidget* parent);
    void refresh() override;

private:
    Chip* addToggle(QLayout* row, const QString& text, const QString& name,
                    bool ToolOptions::*field);

    QLabel* m_solids;
    QLabel* m_area;
    QLabel* m_outlines;
    QLabel* m_others;
    QLabel* m_passed;
    QList<std::pair<Chip*, bool ToolOptions::*>> m_toggles;
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
        bool ToolOptions::*field;
    };
    const QList<QList<Set>> rows{{{tr("rectangles"), "show-solids", &ToolOptions::showsSolids},
                                  {tr("slopes"), "show-slopes", &ToolOptions::showsSlopes},
                                  {tr("outlines"), "show-outlines", &ToolOptions::showsOutlines}},
                                 {{tr("one-way"), "show-one-way", &ToolOptions::showsOneWay},
                                  {tr("deadly"), "show-deadly", &ToolOptions::showsDeadly}},
                                 {{tr("ladders"), "show-ladders", &ToolOptions::showsLadders},
                                  {tr("liquids"), "show-liquids", &ToolOptions::showsLiquids}}};
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
                                  bool ToolOptions::*field) {
    auto* chip = new Chip(text, this);
    chip->setObjectName(name);
    chip->setAccessibleName(tr("Show %1 on the board").arg(text));
    connect(chip, &QAbstractButton::clicked, this, [this, field](bool isOn) {
        ToolOptions options = m_session.options();
        options.*field = isOn;
        m_session.setOptions(options);
    });
    row->addWidget(chip);
    m_toggles.append({chip, field});
    return chip;
}

void CollisionSection::refresh() {
    for (const auto& [chip, field] : m_toggles)
        chip->setChecked(m_session.options().*field);
    const auto proven = m_session.proven(m_session.level()->id);
    const auto* shapes = proven ? proven->shapes.get() : nullptr;
    const bool isCurrent =
        shapes && proven->isPlanCurrent && m_session.isProofCurrent(m_session.level()->id);
    const bool isLarge = m_session.level()->cells.bounds().area() > maxLiveShapeCells;
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
