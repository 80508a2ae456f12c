#include "app/steps/ship/ship_definition.h"

#include <QPainter>
#include <cmath>

#include "app/board/board.h"
#include "app/painting/zone_painter.h"
#include "app/panels/tray_parts.h"
#include "app/steps/ship/format_words.h"
#include "app/steps/ship/ship_options.h"
#include "app/steps/ship/ship_panel.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/target_edits.h"

namespace rook::app {

namespace {

/// Camera frames, zones, and exits with the title of where they lead.
class ShipOnBoard final : public BoardStep {
public:
    explicit ShipOnBoard(Board& board) : BoardStep(board) {
        QObject::connect(&m_session.link, &LiveLink::changed, &board, [this] { update(); });
        QObject::connect(&m_session.link, &LiveLink::playersMoved, &board, [this] { update(); });
    }
    void paintOver(QPainter& painter) override {
        painter.save();
        paintHeat(painter);
        painter.setBrush(Qt::NoBrush);
        paintZones(painter, m_session, view(), area().size());
        paintPlayers(painter);
        painter.restore();
    }
    Qt::CursorShape cursor() const override { return Qt::ArrowCursor; }

private:
    /// Where players were, the more often the stronger; crosses where they died.
    void paintHeat(QPainter& painter) {
        const ship::HeatMap* heat = m_session.link.heat();
        if (!heat) return;
        const Theme& theme = currentTheme();
        const CellSize cell = level().cellSize;
        const auto boxOf = [&](int x, int y) {
            return QRectF(view().toWidget(PxPoint{x * cell.width, y * cell.height}),
                          view().toWidget(PxPoint{(x + 1) * cell.width, (y + 1) * cell.height}));
        };
        for (int y = 0; y < heat->was.height(); ++y)
            heat->was.forEachRunOfRow(y, [&](int first, int count, const std::uint32_t* values) {
                for (int i = 0; i < count; ++i) {
                    if (values[i] == 0) continue;
                    QColor tone = theme.plum;
                    tone.setAlphaF(
                        float(0.18 + 0.55 * std::sqrt(double(values[i]) / heat->mostWas)));
                    painter.fillRect(boxOf(first + i, y), tone);
                }
            });
        for (int y = 0; y < heat->died.height(); ++y)
            heat->died.forEachRunOfRow(y, [&](int first, int count, const std::uint32_t* values) {
                for (int i = 0; i < count; ++i) {
                    if (values[i] == 0) continue;
                    const QPointF at = boxOf(first + i, y).center();
                    const double arm = 4 + 4 * std::sqrt(double(values[i]) / heat->mostDied);
                    painter.setPen(QPen(theme.paper, 4));
                    paintCross(painter, at, arm);
                    painter.setPen(QPen(theme.alarm, 2));
                    paintCross(painter, at, arm);
                }
            });
    }
    static void paintCross(QPainter& painter, QPointF at, double arm) {
        painter.drawLine(at - QPointF(arm, arm), at + QPointF(arm, arm));
        painter.drawLine(at - QPointF(arm, -arm), at + QPointF(arm, -arm));
    }
    /// Who plays here now, with the game's name.
    void paintPlayers(QPainter& painter) {
        const Theme& theme = currentTheme();
        for (const LinkedGame& game : m_session.link.games()) {
            if (game.level.toStdString() != level().id.text) continue;
            const QPointF at = view().toWidget(game.at);
            painter.setPen(QPen(theme.paper, 2));
            painter.setBrush(theme.plum);
            painter.drawEllipse(at, 7, 7);
            painter.setPen(theme.ink);
            painter.setFont(sizedFont(-1, QFont::DemiBold));
            painter.drawText(at + QPointF(11, 4), game.name);
        }
    }
};

/// A sheet of paper with its ending, or a folder of them.
void paintFormat(QPainter& painter, const QRect& rect, const QString& ending) {
    const Theme& theme = currentTheme();
    painter.setRenderHint(QPainter::Antialiasing);
    const double high = std::min(42.0, rect.height() - 4.0), wide = high;
    const QRectF sheet(rect.center().x() - wide / 2, rect.top() + (rect.height() - high) / 2, wide,
                       high);
    const double fold = high * 0.24;
    const QPolygonF outline({sheet.topLeft(), sheet.topRight() - QPointF(fold, 0),
                             sheet.topRight() + QPointF(0, fold), sheet.bottomRight(),
                             sheet.bottomLeft()});
    painter.setPen(QPen(theme.ink, 1.5));
    painter.setBrush(theme.paper);
    painter.drawPolygon(outline);
    painter.drawPolyline(QPolygonF({outline[1], outline[1] + QPointF(0, fold), outline[2]}));
    painter.setFont(sizedFont(-3, QFont::DemiBold));
    painter.setPen(theme.accent);
    painter.drawText(sheet.adjusted(0, high * 0.3, 0, 0), Qt::AlignCenter, ending);
}

/// A card a format: choosing one makes a target of it.
class ShipTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        auto* row = addCardRow();
        for (int i = 0; i < formatCount; ++i) {
            const auto format = static_cast<level::TargetFormat>(i);
            auto* card = new CardButton(
                formatTitle(format), rook::app::tr("+ target"),
                [ending = formatEnding(format)](QPainter& painter, const QRect& rect) {
                    paintFormat(painter, rect, ending);
                },
                m_cards);
            card->setCheckable(false);
            card->setObjectName(QStringLiteral("format-%1").arg(i));
            card->setToolTip(rook::app::tr("A new target: %1").arg(formatWords(format)));
            card->setAccessibleName(rook::app::tr("New target: %1").arg(formatTitle(format)));
            connect(card, &QAbstractButton::clicked, this, [this, format] { add(format); });
            row->addWidget(card);
            m_cardButtons << card;
        }
        auto* grid = addOptionGrid(narrow);
        const auto addButton = [&](const QString& text, const char* name, auto act) {
            auto* line = addOptionLine(grid, grid->rowCount(), {});
            auto* button = new Chip(text, m_options);
            button->setCheckable(false);
            button->setObjectName(QLatin1String(name));
            connect(button, &QAbstractButton::clicked, this, act);
            line->addWidget(button);
        };
        addButton(rook::app::tr("Show the targets"), "show-targets",
                  [this] { m_session.requests.openTargets(); });
        addButton(rook::app::tr("Bring a file in …"), "ship-import",
                  [this] { m_session.requests.openImport({}); });
    }

private:
    void add(level::TargetFormat format) {
        const level::Project& project = m_session.document.project();
        const QString folder = m_session.document.folder();
        std::string name = "game";
        if (!folder.isEmpty()) name = folder.section(u'/', -1).toStdString();
        const std::string to = "../" + name + "-" + std::string(level::nameOf(format));
        if (!m_session.document.apply(level::addTarget(project, format, to))) return;
        const std::string added =
            m_session.document.project().targets[project.targets.size() - 1].name;
        m_session.workbench.change<ShipOptions>([&](ShipOptions& options) {
            options.target = added;
            options.file.clear();
        });
        m_session.requests.openTargets();
    }
};

/// Full where every target is known to lie as it should.
StationState stateOfShip(const Session& session) {
    using Fill = StationState::Fill;
    const auto& targets = session.document.project().targets;
    std::size_t fine = 0;
    for (const level::Target& target : targets) {
        const auto outlook = session.shipping.outlookOf(target.name);
        fine += outlook.isCurrent && outlook.shipment && outlook.shipment->isCurrent() ? 1 : 0;
    }
    if (fine == 0) return {Fill::Hollow, 0, false};
    return {fine == targets.size() ? Fill::Full : Fill::Half, 0, false};
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
