#include "app/steps/ship/ship_definition.h"

#include <QCoreApplication>
#include <QLabel>
#include <QPainter>

#include "app/board/board.h"
#include "app/painting/zone_painter.h"
#include "app/panels/tray_parts.h"
#include "app/steps/ship/ship_panel.h"

namespace rook::app {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Ship", text);
}

/// Camera frames, zones, and exits with the title of where they lead.
class ShipOnBoard final : public BoardStep {
public:
    using BoardStep::BoardStep;
    void paintOver(QPainter& painter) override {
        painter.save();
        painter.setBrush(Qt::NoBrush);
        paintZones(painter, m_session, view(), area().size());
        painter.restore();
    }
    Qt::CursorShape cursor() const override { return Qt::ArrowCursor; }
};

class ShipTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        auto* words = new QLabel(
            rook::app::tr("Exporting needs no tools: choose the folder in the margin and export."),
            m_cards);
        words->setForegroundRole(QPalette::PlaceholderText);
        words->setWordWrap(true);
        addCardColumn()->addWidget(words, 0, Qt::AlignVCenter);
    }
};

StationState stateOfShip(const Session& session) {
    using Fill = StationState::Fill;
    if (session.writer.isExportCurrent()) return {Fill::Full, 0, false};
    return {session.writer.lastExport().empty() ? Fill::Hollow : Fill::Half, 0, false};
}

}  // namespace

StepDefinition shipDefinition() {
    StepDefinition step;
    step.step = Step::Ship;
    step.look = {0.4, 0, 0};
    step.entities = {1, true, false, true};
    step.mayHideMasses = true;
    step.makeTray = [](Session& session, QWidget* cards, QWidget* options) {
        return std::make_unique<ShipTray>(session, cards, options);
    };
    step.makeMargin = makeShipPanel;
    step.makeOnBoard = [](Board& board) { return std::make_unique<ShipOnBoard>(board); };
    step.state = stateOfShip;
    return step;
}

}  // namespace rook::app
