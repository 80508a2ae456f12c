#pragma once
/// The margin: sections that belong to the step, beside the board.

#include <QScrollArea>

#include "app/session.h"

namespace rook::app {

/// What a step shows in the margin. `refresh` brings it in line with the session.
class MarginPanel : public QWidget {
public:
    using QWidget::QWidget;
    virtual void refresh() = 0;
};

class Margin : public QScrollArea {
    Q_OBJECT

public:
    explicit Margin(Session& session, QWidget* parent = nullptr);
    void themeChanged() { rebuild(); }
    /// Selects the finding at that distance from the one selected, round and round.
    void stepFinding(int by);

Q_SIGNALS:
    /// A finding was selected: show its place.
    void placeChosen(const rook::PxRect& place);
    /// A picture file is wanted, to lie under the board.
    void pictureAsked();

private:
    void rebuild();

    Session& m_session;
    MarginPanel* m_panel = nullptr;
    SketchTool m_builtFor = SketchTool::Pencil;
};

[[nodiscard]] MarginPanel* makeShapePanel(Session& session, QWidget* parent);
/// Shape's, of kit boards.
[[nodiscard]] MarginPanel* makeKitPanel(Session& session, QWidget* parent);
[[nodiscard]] MarginPanel* makeCastPanel(Session& session, QWidget* parent);
[[nodiscard]] MarginPanel* makeShipPanel(Session& session, QWidget* parent);
[[nodiscard]] MarginPanel* makeSkinPanel(Session& session, QWidget* parent);

}  // namespace rook::app
