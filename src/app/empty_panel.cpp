#include "app/margin.h"
#include "app/margin_section.h"
#include "app/theme.h"

namespace rook::app {

namespace {

class EmptyPanel : public MarginPanel {
public:
    explicit EmptyPanel(QWidget* parent) : MarginPanel(parent) {
        auto* column = makeColumn(this);
        auto* section = new MarginSection(tr("Skin"), tr("not in this version"), this);
        section->addWide(makeWords(
            tr("The dressing of the masses belongs here, learned from a swatch. What you see "
               "is each matter's plain tile, as it is exported today."),
            section));
        column->addWidget(section);
        column->addStretch();
    }
    void refresh() override {}
};

}  // namespace

MarginPanel* makeEmptyPanel(QWidget* parent) {
    return new EmptyPanel(parent);
}

}  // namespace rook::app
