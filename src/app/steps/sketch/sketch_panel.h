#pragma once
/// The margin of Sketch: the selection, what the tool in hand needs, how the level holds to its
/// plan, and all else of the plan.

#include <functional>

#include "app/panels/panel_section.h"

class QSpinBox;

namespace rook::app {

/// A section about the plan.
class SketchSection : public PanelSection {
public:
    SketchSection(const QString& title, Session& session, QWidget* parent)
        : PanelSection(title, {}, session, parent) {}

protected:
    [[nodiscard]] const level::Sketch& sketch() const { return m_session.document.level()->sketch; }
};

[[nodiscard]] MarginPanel* makeSketchPanel(Session& session, QWidget* parent);

/// One file a section. Those of the selection hide themselves when there is none of their sort.
[[nodiscard]] SketchSection* makeMarkSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makeBeadSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makeRouteSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makeLeafSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makePartsSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makePlanSection(Session& session, QWidget* parent);
[[nodiscard]] SketchSection* makeUnderlaySection(Session& session, QWidget* parent);

/// A box for 10 to 100 percent.
[[nodiscard]] QSpinBox* makeOpacityBox(const QString& name, QWidget* parent,
                                       std::function<void(int)> act);

}  // namespace rook::app
