#include <QSpinBox>
#include <cmath>

#include "app/painting/underlay.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_panel.h"
#include "app/ui/flow_layout.h"
#include "app/ui/margin_row.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Underlay;

/// The picture under the board.
class UnderlaySection : public SketchSection {
public:
    UnderlaySection(Session& session, QWidget* parent)
        : SketchSection(tr("Underlay"), session, parent) {
        m_place = makeButton(tr("Place a picture …"), QStringLiteral("place-underlay"), this,
                             [this] { m_session.requests.choosePicture(); });
        addWide(m_place);
        m_opacity = makeOpacityBox(QStringLiteral("underlay-opacity"), this, [this](int value) {
            change("Opacity of the underlay", [value](Underlay& u) { u.opacity = value; });
        });
        m_shown = new IconToggle(QStringLiteral("eye"), QStringLiteral("eye-off"),
                                 tr("Show the underlay"), this);
        m_shown->setObjectName(QStringLiteral("underlay-shown"));
        connect(m_shown, &QAbstractButton::clicked, this, [this](bool isOn) {
            change("Show the underlay", [isOn](Underlay& u) { u.isShown = isOn; });
        });
        m_locked = new IconToggle(QStringLiteral("lock"), QStringLiteral("unlock"),
                                  tr("Lock the underlay"), this);
        m_locked->setObjectName(QStringLiteral("underlay-locked"));
        connect(m_locked, &QAbstractButton::clicked, this, [this](bool isOn) {
            change("Lock the underlay", [isOn](Underlay& u) { u.isLocked = isOn; });
        });
        m_tools = new QWidget(rowsHolder());
        auto* rows = new QVBoxLayout(m_tools);
        rows->setContentsMargins(0, 0, 0, 0);
        rows->setSpacing(5);
        auto* line = new QHBoxLayout;
        auto* word = new QLabel(tr("Opacity"), m_tools);
        word->setBuddy(m_opacity);
        m_opacity->setAccessibleName(tr("Opacity of the underlay"));
        line->addWidget(word, 1);
        line->addWidget(m_shown);
        line->addWidget(m_locked);
        line->addWidget(m_opacity);
        rows->addLayout(line);
        auto* buttons = new FlowLayout(6);
        buttons->addWidget(makeButton(tr("Scale …"), QStringLiteral("measure-underlay"), this,
                                      [this] { measure(); }));
        buttons->addWidget(
            makeButton(tr("Turn"), QStringLiteral("turn-underlay"), this, [this] { turn(); }));
        buttons->addWidget(
            makeButton(tr("Remove"), QStringLiteral("remove-underlay"), this, [this] {
                m_session.document.apply(
                    removeUnderlay(*m_session.document.level(), m_session.workbench.storey()));
            }));
        rows->addLayout(buttons);
        m_words = makeWords({}, this);
        rows->addWidget(m_words);
        addWide(m_tools);
    }

    void refresh() override {
        const Underlay* underlay = shown();
        m_tools->setVisible(underlay);
        setNote(underlay ? tr("shown in Sketch only") : tr("PNG, JPEG or SVG"));
        if (!underlay) return;
        const QSignalBlocker blocker(m_opacity);
        m_opacity->setValue(underlay->opacity);
        m_shown->setChecked(underlay->isShown);
        m_locked->setChecked(underlay->isLocked);
        const QSizeF cells = placeOf(*underlay).size() / m_session.document.level()->cellSize.width;
        m_words->setText(
            m_session.workbench.options<SketchOptions>().measuresUnderlay
                ? tr("Drag from one known point of the picture to another, then say how many "
                     "cells they are apart.")
            : cells.isEmpty()
                ? tr("The picture %1 cannot be read.").arg(QString::fromStdString(underlay->path))
                : tr("%1 × %2 cells. Drag it with Select (G).")
                      .arg(cells.width(), 0, 'f', 1)
                      .arg(cells.height(), 0, 'f', 1));
    }

private:
    /// Of the storey that is worked on.
    [[nodiscard]] const Underlay* shown() const {
        return sketch().underlayOn(m_session.workbench.storey());
    }
    template <typename Change>
    void change(const std::string& name, Change&& change) {
        if (!shown()) return;
        Underlay underlay = *shown();
        change(underlay);
        if (underlay == *shown()) return;
        m_session.document.apply(setUnderlay(*m_session.document.level(), underlay, name));
    }
    /// A quarter to the right, about its middle.
    void turn() {
        change("Turn the underlay", [](Underlay& u) {
            const QPointF middle = placeOf(u).center();
            u.turns = (u.turns + 1) % 4;
            const QSizeF size = placeOf(u).size();
            u.corner = {int(std::lround(middle.x() - size.width() / 2)),
                        int(std::lround(middle.y() - size.height() / 2))};
        });
    }
    void measure() {
        m_session.workbench.chooseTool("select");
        m_session.workbench.change<SketchOptions>([](auto& o) { o.measuresUnderlay = true; });
    }

    QWidget* m_place;
    QSpinBox* m_opacity;
    IconToggle* m_shown;
    IconToggle* m_locked;
    QWidget* m_tools;
    QLabel* m_words;
};

}  // namespace

SketchSection* makeUnderlaySection(Session& session, QWidget* parent) {
    return new UnderlaySection(session, parent);
}

}  // namespace rook::app
