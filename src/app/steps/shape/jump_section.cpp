#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/tools/jump_guides.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

/// What the level's motion profile can jump.
class JumpSection : public PanelSection {
public:
    JumpSection(Session& session, QWidget* parent)
        : PanelSection(tr("Jumps"), {}, session, parent) {
        makeFoldable(QStringLiteral("jumps"), true);
        m_high = addValue(tr("Highest"));
        m_high->setObjectName(QStringLiteral("highest-jump"));
        m_far = addValue(tr("Farthest, level"));
        m_far->setObjectName(QStringLiteral("farthest-jump"));
        m_hop = addValue(tr("Least, by a short hop"));
        auto* row = new QHBoxLayout;
        row->setSpacing(4);
        m_shown = addToggle(row, tr("at the pointer"), QStringLiteral("jumps-shown"),
                            &ShapeOptions::showsJumps);
        m_lent = addToggle(row, tr("each ability"), QStringLiteral("jumps-lent"),
                           &ShapeOptions::showsLentJumps);
        m_lent->setToolTip(
            tr("Also with each ability that the profile lacks, and without each "
               "that it has."));
        row->addStretch();
        addWide(row);
        addWide(makeWords(tr("Hold R and drag from edge to edge to measure a jump."), this));
    }

    void refresh() override {
        const level::Level& level = *m_session.document.level();
        setVisible(level.kind == level::LevelKind::Side);
        m_shown->setChecked(m_session.workbench.options<ShapeOptions>().showsJumps);
        m_lent->setChecked(m_session.workbench.options<ShapeOptions>().showsLentJumps);
        m_guides.update(m_session.document.project(), level);
        const level::MotionProfile* profile = m_session.document.project().profileOf(level);
        setNote(profile ? QString::fromStdString(profile->name) : tr("no motion profile"));
        if (m_guides.guides().isEmpty()) {
            m_high->setText(QStringLiteral("–"));
            m_hop->setText(QStringLiteral("–"));
            return m_far->setText(QStringLiteral("–"));
        }
        const JumpGuide& own = m_guides.guides().first();
        const auto words = [](int px, int size) {
            return tr("%1 px, %2 cells").arg(px).arg(double(px) / size, 0, 'f', 1);
        };
        m_high->setText(words(own.high.rise, level.cellSize.height));
        m_far->setText(words(own.far.reach, level.cellSize.width));
        const auto& hop = m_guides.hop();
        m_hop->setText(hop ? words(hop->rise, level.cellSize.height) : tr("no short hops"));
    }

private:
    Chip* addToggle(QHBoxLayout* row, const QString& text, const QString& name,
                    bool ShapeOptions::*field) {
        auto* chip = new Chip(text, rowsHolder());
        chip->setObjectName(name);
        connect(chip, &QAbstractButton::clicked, this, [this, field](bool isOn) {
            change<ShapeOptions>([&](ShapeOptions& options) { options.*field = isOn; });
        });
        row->addWidget(chip);
        return chip;
    }

    QLabel* m_high;
    QLabel* m_far;
    QLabel* m_hop;
    Chip* m_shown;
    Chip* m_lent;
    JumpGuides m_guides;
};

}  // namespace

PanelSection* makeJumpSection(Session& session, QWidget* parent) {
    return new JumpSection(session, parent);
}

}  // namespace rook::app
