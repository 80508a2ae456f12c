#include "app/steps/shape/shape_tray.h"
#include "app/ui/controls.h"

#include <QAbstractItemView>
#include <QComboBox>

#include "app/painting/cards.h"
#include "app/steps/shape/shape_options.h"
#include "app/tools/cell_options.h"
#include "app/tools/cell_tray.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/names.h"

namespace rook::app {

namespace {

class ShapeTray final : public CellTray {
public:
    using CellTray::CellTray;
    void fill() override {
        addCards(addCardRow());
        auto* grid = addOptionGrid(wide);
        addSearch(grid);
        const Workbench& workbench = m_session.workbench;
        if (workbench.isInHand("select")) {
            addSelectOptions(grid, 1);
            return grid->setRowStretch(3, 1);
        }
        if (workbench.isInHand("box"))
            addBoxOptions(grid, 1);
        else if (workbench.isInHand("fill"))
            addFillOptions(grid, 1);
        else
            addLineOptions(grid);
        addFormOptions(grid, 2);
        addMirrorOptions(grid, 3);
        grid->setRowStretch(4, 1);
    }

private:
    void addLineOptions(QGridLayout* grid) {
        auto* row = addBrushOptions(grid, 1);
        if (m_session.workbench.isInHand("line")) {
            row->setSpacing(2);  // five controls in a row
            addChip<ShapeOptions>(
                row, tr("stairs"), QStringLiteral("stairs"),
                [](const auto& o) { return o.laysStairs; },
                [](auto& o, bool isOn) { o.laysStairs = isOn; })
                ->setToolTip(tr("A flight of stairs instead of a line, as while S is held."));
            addNumber(row, QStringLiteral("stair-length"), tr("Tread: length of a step, cells"),
                      &ShapeOptions::stairLength);
            addNumber(row, QStringLiteral("stair-height"), tr("Rise: height of a step, cells"),
                      &ShapeOptions::stairHeight);
        }
        row->addStretch();
    }
    void addFormOptions(QGridLayout* grid, int line) {
        auto* forms = addOptionLine(grid, line, tr("Form"));
        const std::tuple<QString, Shaping, QString> choices[] = {
            {tr("full"), Shaping::Full, tr("Whole cells.")},
            {tr("slope"), Shaping::Slope,
             tr("Brush and line lay rises along their way; a click cuts or fills a corner.")},
            {tr("half"), Shaping::Half,
             tr("The half of the cell that is nearest to the pointer.")}};
        for (const auto& [text, shaping, words] : choices)
            addChip<ShapeOptions>(
                forms, text, QStringLiteral("shaping-") + QString::number(int(shaping)),
                [shaping = shaping](const auto& o) { return o.shaping == shaping; },
                [shaping = shaping](auto& o, bool) { o.shaping = shaping; })
                ->setToolTip(words);
        auto* chosen = new ChoiceBox(m_options);
        chosen->setObjectName(QStringLiteral("form"));
        chosen->setAccessibleName(tr("Form, by hand"));
        chosen->addItem(tr("by hand"));
        for (int form = 1; form < runtime::formCount; ++form) {
            const auto name = level::nameOf(static_cast<level::Form>(form));
            chosen->addItem(told(name).replace(u'-', u' '));
        }
        chosen->setMinimumContentsLength(5);
        chosen->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        chosen->view()->setMinimumWidth(130);
        connect(chosen, &QComboBox::activated, this, [this](int index) {
            m_session.workbench.change<ShapeOptions>([index](auto& o) {
                o.shaping = index == 0 ? Shaping::Full : Shaping::Chosen;
                o.form = static_cast<level::Form>(index);
            });
        });
        m_refreshers << [this, chosen] {
            const bool isChosen =
                m_session.workbench.options<ShapeOptions>().shaping == Shaping::Chosen;
            chosen->setCurrentIndex(isChosen ? int(m_session.workbench.options<ShapeOptions>().form)
                                             : 0);
        };
        forms->addWidget(chosen, 1);
    }
    void addMirrorOptions(QGridLayout* grid, int line) {
        auto* row = addOptionLine(grid, line, tr("Mirror"));
        const std::tuple<QString, QString, QString, bool CellOptions::*> axes[] = {
            {tr("↔"), QStringLiteral("mirror-sideways"), tr("Mirror left with right"),
             &CellOptions::mirrorsSideways},
            {tr("↕"), QStringLiteral("mirror-top"), tr("Mirror top with bottom"),
             &CellOptions::mirrorsTopToBottom}};
        for (const auto& [text, name, words, member] : axes) {
            const auto field = member;
            auto* chip = addChip<CellOptions>(
                row, text, name, [field](const auto& o) { return o.*field; },
                [field](auto& o, bool isOn) { o.*field = isOn; });
            chip->setAccessibleName(words);
            chip->setToolTip(words);
        }
        row->addSpacing(10);
        addChip<ShapeOptions>(
            row, tr("jumps"), QStringLiteral("show-jumps"),
            [](const auto& o) { return o.showsJumps; },
            [](auto& o, bool isOn) { o.showsJumps = isOn; })
            ->setToolTip(tr("The highest and the farthest jump, at the pointer."));
        row->addStretch();
    }
    void addMatterCard(QHBoxLayout* row, const level::Matter& matter, level::MatterId id) {
        auto* card = makeMatterCard(matter, m_cards);
        card->setObjectName(QStringLiteral("matter-") + QString::fromStdString(matter.name));
        addCard<CellOptions>(
            row, card, [](const auto&) { return false; }, [id](auto& o) { o.matter = id; });
        connect(card, &QAbstractButton::clicked, this, [this, form = matter.form] {
            m_session.workbench.change<ShapeOptions>([form](ShapeOptions& o) {
                o.stamp.reset();
                // Matter that is laid in a form of its own brings it; slopes and halves stay.
                if (form != level::Form::Full || o.shaping == Shaping::Chosen)
                    o.shaping = form == level::Form::Full ? Shaping::Full : Shaping::Chosen;
                o.form = form;
            });
        });
        m_refreshers << [this, card, id] {
            card->setChecked(m_session.workbench.options<CellOptions>().matter == id &&
                             !m_session.workbench.options<ShapeOptions>().stamp);
        };
    }
    void addCards(QHBoxLayout* row) {
        const level::Project& project = m_session.document.project();
        // A pattern that was picked stands first, as long as it is in hand.
        if (const auto& stamp = m_session.workbench.options<ShapeOptions>().stamp;
            stamp && stamp->block.empty()) {
            auto* card = makeClipCard(project, stamp->clip, tr("Pattern"), m_cards);
            card->setObjectName(QStringLiteral("pattern"));
            addCard<ShapeOptions>(
                row, card,
                [](const auto& o) { return o.stamp != nullptr && o.stamp->block.empty(); },
                [](auto&) {});
        }
        for (std::size_t i = 1; i < project.matters.size(); ++i)
            addMatterCard(row, project.matters[i], {static_cast<std::uint16_t>(i)});
        for (const level::Block& block : project.blocks) {
            auto* card =
                makeClipCard(project, {block.cells}, QString::fromStdString(block.title), m_cards);
            card->setObjectName(QStringLiteral("block-") + QString::fromStdString(block.name));
            addCard<ShapeOptions>(
                row, card,
                [name = block.name](const auto& o) { return o.stamp && o.stamp->block == name; },
                [stamp = std::make_shared<Stamp>(Stamp{{block.cells}, block.name})](auto& o) {
                    o.stamp = stamp;
                });
        }
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeShapeTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<ShapeTray>(session, cards, options);
}

}  // namespace rook::app
