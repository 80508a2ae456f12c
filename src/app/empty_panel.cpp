#include "app/margin.h"
#include "app/margin_section.h"
#include "app/theme.h"

namespace rook::app {

namespace {

class EmptyPanel : public MarginPanel {
public:
    EmptyPanel(Session& session, QWidget* parent) : MarginPanel(parent) {
        const bool isSketch = session.step() == Step::Sketch;
        auto* column = makeColumn(this);
        auto* section = new MarginSection(isSketch ? tr("Sketch") : tr("Skin"),
                                          tr("not in this version"), this);
        section->addWide(makeWords(
            isSketch
                ? tr("The plan of the level belongs here: its border, the route through it and "
                     "what stands in the way.")
                : tr("The dressing of the masses belongs here, learned from a swatch. What you see "
                     "is each matter's plain tile, as it is exported today."),
            section));
        column->addWidget(section);
        column->addStretch();
    }
    void refresh() override {}
};

}  // namespace

MarginPanel* makeEmptyPanel(Session& session, QWidget* parent) {
    return new EmptyPanel(session, parent);
}

}  // namespace rook::app
