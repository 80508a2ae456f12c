#include "app/steps/skin/skin_sections.h"

namespace rook::app {

namespace {

/// What Skin shows beside the board.
class SkinPanel : public MarginPanel {
public:
    SkinPanel(Session& session, QWidget* parent) : MarginPanel(parent) {
        auto* column = makeColumn(this);
        m_sections = {makeTileCellsSection(session, this), makeSheetSection(session, this),
                      makeTileSection(session, this),      makeLayerSection(session, this),
                      makeSwatchSection(session, this),    makeCoverageSection(session, this),
                      makeLookSection(session, this),      makeScatterSection(session, this),
                      makeBackdropSection(session, this)};
        for (PanelSection* section : m_sections)
            column->addWidget(section);
        column->addStretch();
    }
    void refresh() override {
        for (PanelSection* section : m_sections)
            section->refresh();
    }

private:
    QList<PanelSection*> m_sections;
};

}  // namespace

MarginPanel* makeSkinPanel(Session& session, QWidget* parent) {
    return new SkinPanel(session, parent);
}

}  // namespace rook::app
