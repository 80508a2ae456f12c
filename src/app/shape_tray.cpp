#include <QAbstractItemView>
#include <QComboBox>
#include <QLabel>
#include <QSpinBox>

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
    box->setFixedWidth(52);
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

void Tray::addShapeOptions(QGridLayout* grid) {
    auto* brush = addOptionLine(grid, 1, tr("Brush"));
    addNumber(brush, QStringLiteral("brush-size"), tr("Size of the brush, cells"),
              &ToolOptions::brushSize);
    addChip(
        brush, tr("round"), QStringLiteral("brush-round"),
        [](const auto& o) { return o.brushIsRound; },
        [](auto& o, bool isOn) { o.brushIsRound = isOn; });
    addChip(
        brush, tr("fill all"), QStringLiteral("fill-all"), [](const auto& o) { return o.fillsAll; },
        [](auto& o, bool isOn) { o.fillsAll = isOn; })
        ->setToolTip(tr("Fill takes all of a matter, not only what hangs together."));
    brush->addStretch();
    auto* forms = addOptionLine(grid, 2, tr("Form"));
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
    auto* boxes = addOptionLine(grid, 3, tr("Boxes"));
    addChip(
        boxes, tr("filled"), QStringLiteral("box-filled"),
        [](const auto& o) { return o.boxIsFilled; },
        [](auto& o, bool isOn) { o.boxIsFilled = isOn; });
    addNumber(boxes, QStringLiteral("frame-thickness"), tr("Thickness of a frame, cells"),
              &ToolOptions::frameThickness);
    addChip(
        boxes, tr("mirror ↔"), QStringLiteral("mirror-sideways"),
        [](const auto& o) { return o.mirrorsSideways; },
        [](auto& o, bool isOn) { o.mirrorsSideways = isOn; });
    addChip(
        boxes, tr("↕"), QStringLiteral("mirror-top"),
        [](const auto& o) { return o.mirrorsTopToBottom; },
        [](auto& o, bool isOn) { o.mirrorsTopToBottom = isOn; })
        ->setAccessibleName(tr("Mirror top with bottom"));
    boxes->addStretch();
    grid->setRowStretch(4, 1);
}

}  // namespace rook::app
