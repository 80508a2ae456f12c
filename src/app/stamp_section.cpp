#include <QComboBox>
#include <QSpinBox>

#include "app/panel_section.h"
#include "app/tray_buttons.h"

namespace rook::app {

namespace {

using level::StampNumbers;
using level::StampShape;

/// Boxes, stairs and cylinders by numbers, taken in hand as a stamp.
class StampSection : public PanelSection {
public:
    StampSection(Session& session, QWidget* parent)
        : PanelSection(tr("Stamp by numbers"), {}, session, parent) {
        makeFoldable(QStringLiteral("stamp"), false);
        auto* shape =
            makeChoiceBox(QStringLiteral("stamp-shape"), {tr("box"), tr("stairs"), tr("cylinder")},
                          this, [this](int index) {
                              m_numbers.shape = StampShape(index);
                              refresh();
                              retake();
                          });
        shape->setCurrentIndex(int(m_numbers.shape));
        shape->setFixedWidth(92);
        addControl(tr("Shape"), shape);
        m_stairs =
            addGroup({{tr("Step length, cells"), "step-length", &StampNumbers::stepLength, 1},
                      {tr("Step height, cells"), "step-height", &StampNumbers::stepHeight, 1},
                      {tr("Steps"), "step-count", &StampNumbers::stepCount, 1}});
        auto* left = new Chip(tr("rises to the left"), m_stairs);
        left->setObjectName(QStringLiteral("rises-left"));
        connect(left, &QAbstractButton::toggled, this, [this](bool isOn) {
            m_numbers.risesLeft = isOn;
            retake();
        });
        m_stairs->layout()->addWidget(left);
        m_outline =
            addGroup({{tr("Width, cells"), "stamp-width", &StampNumbers::width, 1},
                      {tr("Height, cells"), "stamp-height", &StampNumbers::height, 1},
                      {tr("Thickness, 0 fills"), "stamp-thickness", &StampNumbers::thickness, 0}});
        m_take = makeButton(tr("Take in hand"), QStringLiteral("take-stamp"), this, [this] {
            take();
            if (m_session.shapeTool() == ShapeTool::Select)
                m_session.setShapeTool(ShapeTool::Brush);
        });
        addWide(m_take);
    }

    void refresh() override {
        const bool isStairs = m_numbers.shape == StampShape::Stairs;
        m_stairs->setVisible(isStairs);
        m_outline->setVisible(!isStairs);
        // Another matter in hand makes the same stamp of that.
        if (m_made && m_session.options().stamp == m_made && m_matter != m_session.options().matter)
            retake();
    }

private:
    struct Number {
        QString words;
        const char* name;
        int StampNumbers::*field;
        int least;
    };
    QWidget* addGroup(const QList<Number>& numbers) {
        auto* holder = new QWidget(this);
        auto* column = new QVBoxLayout(holder);
        column->setContentsMargins(0, 0, 0, 0);
        column->setSpacing(5);
        for (const Number& number : numbers) {
            auto* row = new QHBoxLayout;
            auto* label = new QLabel(number.words, holder);
            QSpinBox* box = makeNumberBox(QLatin1String(number.name), number.least, 512, holder,
                                          [this, field = number.field](int value) {
                                              m_numbers.*field = value;
                                              retake();
                                          });
            showNumber(box, m_numbers.*number.field);
            box->setAccessibleName(number.words);
            label->setBuddy(box);
            row->addWidget(label, 1);
            row->addWidget(box);
            column->addLayout(row);
        }
        addWide(holder);
        return holder;
    }
    void take() {
        m_matter = m_session.options().matter;
        const auto clip = makeStamp(m_numbers, level::Cell(m_matter));
        if (!clip) return m_session.say(QString::fromStdString(clip.error().sentence()));
        m_made = std::make_shared<Stamp>(Stamp{*clip, {}});
        setOptions([&](ToolOptions& options) { options.stamp = m_made; });
    }
    /// What is in hand already follows the numbers.
    void retake() {
        if (m_made && m_session.options().stamp == m_made) take();
    }

    StampNumbers m_numbers;
    QWidget* m_stairs;
    QWidget* m_outline;
    QWidget* m_take;
    std::shared_ptr<const Stamp> m_made;
    level::MatterId m_matter;
};

}  // namespace

PanelSection* makeStampSection(Session& session, QWidget* parent) {
    return new StampSection(session, parent);
}

}  // namespace rook::app
