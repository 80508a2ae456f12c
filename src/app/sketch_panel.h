#pragma once
/// The margin of Sketch: the selection, what the tool in hand needs, how the level holds to its
/// plan, and all else of the plan.

#include <functional>

#include "app/margin.h"
#include "app/panel_section.h"

class QSpinBox;

namespace rook::app {

/// A section about the plan.
class SketchSection : public PanelSection {
public:
    SketchSection(const QString& title, Session& session, QWidget* parent)
        : PanelSection(title, {}, session, parent) {}

protected:
    [[nodiscard]] const level::Sketch& sketch() const { return m_session.level()->sketch; }
};

class SketchPanel : public MarginPanel {
    Q_OBJECT

public:
    SketchPanel(Session& session, QWidget* parent);
    void refresh() override;

Q_SIGNALS:
    void placeChosen(const rook::PxRect& place);
    void pictureAsked();

private:
    QList<SketchSection*> m_sections;
};

using ShowPlace = std::function<void(const PxRect&)>;

/// One file a section. Those of the selection hide themselves when there is none of their sort.
[[nodiscard]] SketchSection* makeMarkSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makeBeadSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makeRouteSection(Session& session, QWidget* parent, ShowPlace show);
[[nodiscard]] SketchSection* makeLeafSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makePartsSection(Session& session, QWidget* parent, ShowPlace show);
[[nodiscard]] SketchSection* makePlanSection(Session& session, QWidget* parent, ShowPlace show);
[[nodiscard]] SketchSection* makeUnderlaySection(Session& session, QWidget* parent,
                                                 std::function<void()> ask);

/// A box for 10 to 100 percent.
[[nodiscard]] QSpinBox* makeOpacityBox(const QString& name, QWidget* parent,
                                       std::function<void(int)> act);

}  // namespace rook::app
