#pragma once
/// A panel that is a column of sections.

#include "app/panels/panel_section.h"

namespace rook::app {

class SectionPanel : public MarginPanel {
public:
    explicit SectionPanel(QWidget* parent) : MarginPanel(parent), m_column(makeColumn(this)) {
        m_column->addStretch();
    }
    /// Below those that are there.
    void add(PanelSection* section) {
        m_sections << section;
        m_column->insertWidget(m_column->count() - 1, section);
    }
    void refresh() override {
        for (PanelSection* section : m_sections)
            section->refresh();
    }

private:
    QVBoxLayout* m_column;
    QList<PanelSection*> m_sections;
};

}  // namespace rook::app
