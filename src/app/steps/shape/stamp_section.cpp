#include <QComboBox>
#include <QSpinBox>

#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/buttons.h"
#include "app/ui/words.h"
#include "level/stamps.h"

namespace rook::app {

namespace {

using level::StampNumbers;
using level::StampShape;

/// Blocks, flights of stairs and rounds by numbers, taken in hand as a stamp.
class StampSection : public PanelSection {
public:
    StampSection(Session& session, QWidget* parent)
        : PanelSection(tr("Stamp by numbers"), {}, session, parent) {
        makeFoldable(QStringLiteral("stamp"), false);
        auto* shape =
            makeChoiceBox(QStringLiteral("stamp-shape"), {tr("block"), tr("flight"), tr("round")},
                          this, [this](int index) {
                              m_numbers.shape = StampShape(index);
                              refresh();
                              retake();
                          });
        shape->setCurrentIndex(int(m_numbers.shape));
        shape->setFixedWidth(92);
        addControl(tr("Shape"), shape);
        m_flight = addGroup({{tr("Tread, cells"), "tread", &StampNumbers::tread, 1},
                             {tr("Rise, cells"), "rise", &StampNumbers::rise, 1},
                             {tr("Treads"), "treads", &StampNumbers::treads, 1}});
        auto* left = new Chip(tr("rises to the left"), m_flight);
        left->setObjectName(QStringLiteral("rises-left"));
        connect(left, &QAbstractButton::toggled, this, [this](bool isOn) {
            m_numbers.risesLeft = isOn;
            retake();
        });
        m_flight->layout()->addWidget(left);
        m_outline =
            addGroup({{tr("Width, cells"), "stamp-width", &StampNumbers::width, 1},
                      {tr("Height, cells"), "stamp-height", &StampNumbers::height, 1},
                      {tr("Thickness, 0 fills"), "stamp-thickness", &StampNumbers::thickness, 0}});
        m_take = makeButton(tr("Take in hand"), QStringLiteral("take-stamp"), this, [this] {
            take();
            if (m_session.workbench.isInHand("select")) m_session.workbench.chooseTool("brush");
        });
        addWide(m_take);
    }

    void refresh() override {
        const bool isFlight = m_numbers.shape == StampShape::Flight;
        m_flight->setVisible(isFlight);
        m_outline->setVisible(!isFlight);
        // Another matter in hand makes the same stamp of that.
        if (m_made && m_session.workbench.options<ShapeOptions>().stamp == m_made &&
            m_matter != m_session.workbench.options<CellOptions>().matter)
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
        auto* holder = new QWidget(rowsHolder());
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
        m_matter = m_session.workbench.options<CellOptions>().matter;
        const auto clip = makeStamp(m_numbers, level::Cell(m_matter));
        if (!clip) return m_session.say(told(clip.error()));
        m_made = std::make_shared<Stamp>(Stamp{*clip, {}});
        change<ShapeOptions>([&](ShapeOptions& options) { options.stamp = m_made; });
    }
    /// What is in hand already follows the numbers.
    void retake() {
        if (m_made && m_session.workbench.options<ShapeOptions>().stamp == m_made) take();
    }

    StampNumbers m_numbers;
    QWidget* m_flight;
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
