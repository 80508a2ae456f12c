#include <QAbstractItemView>
#include <QComboBox>
#include <QLabel>
#include <QSpinBox>

#include "app/margin_section.h"
#include "app/theme.h"
#include "app/tray.h"

namespace rook::app {

QHBoxLayout* Tray::addOptionLine(QGridLayout* grid, int line, const QString& name) {
    auto* label = new QLabel(name, m_options);
    label->setFont(sizedFont(-1));
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    grid->addWidget(label, line, 0);
    grid->addLayout(row, line, 1);
    return row;
}

void Tray::addNumber(QHBoxLayout* row, const QString& name, const QString& words,
                     int ToolOptions::*field) {
    auto* box = new QSpinBox(m_options);
    box->setObjectName(name);
    box->setAccessibleName(words);
    box->setToolTip(words);
    box->setRange(1, 64);
    box->setFixedWidth(46);
    connect(box, &QSpinBox::valueChanged, this, [this, field](int value) {
        ToolOptions options = m_session.options();
        options.*field = value;
        m_session.setOptions(options);
    });
    m_refreshers << [this, box, field] {
        const QSignalBlocker blocker(box);
        box->setValue(m_session.options().*field);
    };
    row->addWidget(box);
}

void Tray::addBrushOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Size"));
    addNumber(row, QStringLiteral("brush-size"), tr("Size of the brush, cells"),
              &ToolOptions::brushSize);
    addChip(
        row, tr("round"), QStringLiteral("brush-round"),
        [](const auto& o) { return o.brushIsRound; },
        [](auto& o, bool isOn) { o.brushIsRound = isOn; });
    if (m_session.step() == Step::Shape && m_session.shapeTool() == ShapeTool::Line) {
        row->addSpacing(4);
        addChip(
            row, tr("stairs"), QStringLiteral("stairs"), [](const auto& o) { return o.laysStairs; },
            [](auto& o, bool isOn) { o.laysStairs = isOn; })
            ->setToolTip(tr("A flight of stairs instead of a line, as while S is held."));
        addNumber(row, QStringLiteral("stair-length"), tr("Length of a step, cells"),
                  &ToolOptions::stairLength);
        addNumber(row, QStringLiteral("stair-height"), tr("Height of a step, cells"),
                  &ToolOptions::stairHeight);
    }
    row->addStretch();
}

void Tray::addBoxOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Box"));
    addChip(
        row, tr("filled"), QStringLiteral("box-filled"),
        [](const auto& o) { return o.boxIsFilled; },
        [](auto& o, bool isOn) { o.boxIsFilled = isOn; });
    addChip(
        row, tr("frame"), QStringLiteral("box-frame"), [](const auto& o) { return !o.boxIsFilled; },
        [](auto& o, bool) { o.boxIsFilled = false; });
    addNumber(row, QStringLiteral("frame-thickness"), tr("Thickness of a frame, cells"),
              &ToolOptions::frameThickness);
    row->addStretch();
}

void Tray::addFillOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Fill"));
    addChip(
        row, tr("what hangs together"), QStringLiteral("fill-part"),
        [](const auto& o) { return !o.fillsAll; }, [](auto& o, bool) { o.fillsAll = false; });
    addChip(
        row, tr("all of it"), QStringLiteral("fill-all"), [](const auto& o) { return o.fillsAll; },
        [](auto& o, bool) { o.fillsAll = true; })
        ->setToolTip(tr("All of that matter in the level, not only what hangs together."));
    row->addStretch();
}

void Tray::addSelectOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Take"));
    const std::tuple<QString, SelectBy, QString> ways[] = {
        {tr("box"), SelectBy::Box, tr("Cells in a rectangle.")},
        {tr("lasso"), SelectBy::Lasso, tr("Cells inside a loop that is drawn.")},
        {tr("connected"), SelectBy::Connected,
         tr("A click takes the same matter as far as it hangs together.")}};
    for (const auto& [text, way, words] : ways)
        addChip(
            row, text, QStringLiteral("select-by-") + QString::number(int(way)),
            [way = way](const auto& o) { return o.selectBy == way; },
            [way = way](auto& o, bool) { o.selectBy = way; })
            ->setToolTip(words);
    row->addStretch();
    auto* hints = makeWords(
        tr("Shift adds. Drag inside to move, an edge to stretch. M, comma and point turn."),
        m_options);
    hints->setFont(sizedFont(-2));
    grid->addWidget(hints, line + 1, 0, 1, 2);
}

void Tray::addFormOptions(QGridLayout* grid, int line) {
    auto* forms = addOptionLine(grid, line, tr("Form"));
    const std::tuple<QString, Shaping, QString> choices[] = {
        {tr("full"), Shaping::Full, tr("Whole cells.")},
        {tr("slope"), Shaping::Slope,
         tr("Brush and line lay rises along their way; a click cuts or fills a corner.")},
        {tr("half"), Shaping::Half, tr("The half of the cell that is nearest to the pointer.")}};
    for (const auto& [text, shaping, words] : choices)
        addChip(
            forms, text, QStringLiteral("shaping-") + QString::number(int(shaping)),
            [shaping = shaping](const auto& o) { return o.shaping == shaping; },
            [shaping = shaping](auto& o, bool) { o.shaping = shaping; })
            ->setToolTip(words);
    auto* chosen = new QComboBox(m_options);
    chosen->setObjectName(QStringLiteral("form"));
    chosen->setAccessibleName(tr("Form, by hand"));
    chosen->addItem(tr("by hand"));
    for (int form = 1; form < runtime::formCount; ++form) {
        const auto name = level::nameOf(static_cast<level::Form>(form));
        chosen->addItem(textOf(name)
                            .replace(QStringLiteral("of2"), QStringLiteral(" of 2"))
                            .replace(u'-', u' '));
    }
    chosen->setMinimumContentsLength(5);
    chosen->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    chosen->view()->setMinimumWidth(130);
    connect(chosen, &QComboBox::activated, this, [this](int index) {
        ToolOptions options = m_session.options();
        options.shaping = index == 0 ? Shaping::Full : Shaping::Chosen;
        options.form = static_cast<level::Form>(index);
        m_session.setOptions(options);
    });
    m_refreshers << [this, chosen] {
        const bool isChosen = m_session.options().shaping == Shaping::Chosen;
        chosen->setCurrentIndex(isChosen ? int(m_session.options().form) : 0);
    };
    forms->addWidget(chosen, 1);
}

void Tray::addMirrorOptions(QGridLayout* grid, int line) {
    auto* row = addOptionLine(grid, line, tr("Mirror"));
    const std::tuple<QString, QString, QString, bool ToolOptions::*> axes[] = {
        {tr("↔"), QStringLiteral("mirror-sideways"), tr("Mirror left with right"),
         &ToolOptions::mirrorsSideways},
        {tr("↕"), QStringLiteral("mirror-top"), tr("Mirror top with bottom"),
         &ToolOptions::mirrorsTopToBottom}};
    for (const auto& [text, name, words, member] : axes) {
        const auto field = member;
        auto* chip = addChip(
            row, text, name, [field](const auto& o) { return o.*field; },
            [field](auto& o, bool isOn) { o.*field = isOn; });
        chip->setAccessibleName(words);
        chip->setToolTip(words);
    }
    row->addSpacing(10);
    addChip(
        row, tr("jumps"), QStringLiteral("show-jumps"), [](const auto& o) { return o.showsJumps; },
        [](auto& o, bool isOn) { o.showsJumps = isOn; })
        ->setToolTip(tr("The highest and the farthest jump, at the pointer."));
    row->addStretch();
}

void Tray::addShapeOptions(QGridLayout* grid) {
    switch (m_session.shapeTool()) {
        case ShapeTool::Brush:
        case ShapeTool::Line:
            addBrushOptions(grid, 1);
            break;
        case ShapeTool::Box:
            addBoxOptions(grid, 1);
            break;
        case ShapeTool::Fill:
            addFillOptions(grid, 1);
            break;
        case ShapeTool::Select:
            addSelectOptions(grid, 1);
            return grid->setRowStretch(3, 1);
    }
    addFormOptions(grid, 2);
    addMirrorOptions(grid, 3);
    grid->setRowStretch(4, 1);
}

void Tray::addShapeCards(QHBoxLayout* row) {
    const level::Project& project = m_session.project();
    // A pattern that was picked stands first, as long as it is in hand.
    if (const auto& stamp = m_session.options().stamp; stamp && stamp->block.empty()) {
        auto* card = makeClipCard(project, stamp->clip, tr("Pattern"), m_cards);
        card->setObjectName(QStringLiteral("pattern"));
        addCard(
            row, card, [](const auto& o) { return o.stamp != nullptr && o.stamp->block.empty(); },
            [](auto&) {});
    }
    for (std::size_t i = 1; i < project.matters.size(); ++i) {
        const level::Matter& matter = project.matters[i];
        const level::MatterId id{static_cast<std::uint16_t>(i)};
        auto* card = makeMatterCard(matter, m_cards);
        card->setObjectName(QStringLiteral("matter-") + QString::fromStdString(matter.name));
        addCard(
            row, card, [id](const auto& o) { return o.matter == id && !o.stamp; },
            [id, form = matter.form](auto& o) {
                o.matter = id;
                o.stamp.reset();
                // Matter that is laid in a form of its own brings it; slopes and halves stay.
                if (form != level::Form::Full || o.shaping == Shaping::Chosen)
                    o.shaping = form == level::Form::Full ? Shaping::Full : Shaping::Chosen;
                o.form = form;
            });
    }
    for (const level::Block& block : project.blocks) {
        auto* card =
            makeClipCard(project, {block.cells}, QString::fromStdString(block.title), m_cards);
        card->setObjectName(QStringLiteral("block-") + QString::fromStdString(block.name));
        addCard(
            row, card,
            [name = block.name](const auto& o) { return o.stamp && o.stamp->block == name; },
            [stamp = std::make_shared<Stamp>(Stamp{{block.cells}, block.name})](auto& o) {
                o.stamp = stamp;
            });
    }
}

}  // namespace rook::app
