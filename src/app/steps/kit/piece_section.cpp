#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

#include "app/painting/kit_painter.h"
#include "app/panels/field_control.h"
#include "app/steps/kit/kit_options.h"
#include "app/steps/kit/kit_sections.h"
#include "app/ui/buttons.h"
#include "app/ui/choice_names.h"
#include "app/ui/controls.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "file/model_file.h"
#include "kit/audit.h"
#include "kit/mesh.h"
#include "kit/pieces.h"

namespace rook::app {

namespace {

using level::Kit;
using level::Piece;
using level::PieceCell;
using level::Side;
using level::SurfaceSort;

/// What a click in the plan of a piece does.
enum class PieceTool { Floor, Ramp, Stairs, Block, Open, Wall, Port, Pivot };

/// The plan of one storey of a piece, with room for one module more on every side.
class PiecePlan : public QWidget {
public:
    explicit PiecePlan(QWidget* parent) : QWidget(parent) {
        setFixedHeight(190);
        setObjectName(QStringLiteral("piece-plan"));
        setAccessibleName(tr("Plan of the piece"));
        setCursor(Qt::CrossCursor);
    }
    /// Gets the module, the nearest of its sides, the nearest half module, and whether to erase.
    std::function<void(CellPoint, Side, QPoint, bool)> clicked;

    void show(const Kit* kit, const Piece* piece, int storey) {
        m_kit = kit;
        m_piece = piece;
        m_storey = storey;
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        const Theme& theme = currentTheme();
        painter.fillRect(rect(), theme.paper);
        painter.setPen(theme.rule());
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
        if (!m_piece) return;
        const double module = moduleSize();
        const QPointF corner = origin();
        const CellRect bounds = m_piece->bounds();
        painter.setPen(theme.gridMinor);
        for (int x = -1; x <= bounds.width + 1; ++x)
            painter.drawLine(corner + QPointF(x, -1) * module,
                             corner + QPointF(x, bounds.height + 1) * module);
        for (int y = -1; y <= bounds.height + 1; ++y)
            painter.drawLine(corner + QPointF(-1, y) * module,
                             corner + QPointF(bounds.width + 1, y) * module);
        // The storey in hand as if it were the piece's own ground.
        Piece shown = *m_piece;
        std::erase_if(shown.cells, [&](const PieceCell& cell) { return cell.storey != m_storey; });
        for (PieceCell& cell : shown.cells)
            cell.storey = 0;
        // Cell by cell: those that are not here hold the place of the footprint.
        level::PlacedPiece placed;
        for (const PieceCell& cell : shown.cells) {
            Piece one = shown;
            one.cells = {cell};
            one.cells[0].at = {0, 0};
            placed.at = cell.at;
            paintPiece(painter, *m_kit, one, placed, {32, 32}, -corner, module / 32);
        }
        for (const level::Port& port : m_piece->ports) {
            if (portStorey(port) != m_storey) continue;
            const QPointF at = edgeMiddle(port.cell, port.side, {1, 1}) * module + corner;
            paintPortMark(painter, at, port.side, 8, kit::Meeting::Joined);
            if (port.isFlipped) {
                painter.setPen(theme.plum);
                painter.drawText(at + QPointF(5, -5), tr("m"));
            }
        }
        const QPointF pivot = corner + QPointF(m_piece->pivotX, m_piece->pivotY) * module / 2;
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(theme.plum, 1.6));
        painter.setBrush(theme.paper);
        painter.drawEllipse(pivot, 4, 4);
        painter.drawLine(pivot - QPointF(8, 0), pivot + QPointF(8, 0));
        painter.drawLine(pivot - QPointF(0, 8), pivot + QPointF(0, 8));
    }
    void mousePressEvent(QMouseEvent* event) override {
        if (!m_piece || !clicked) return;
        const QPointF at = (event->position() - origin()) / moduleSize();
        const CellPoint cell{int(std::floor(at.x())), int(std::floor(at.y()))};
        const QPointF in(at.x() - cell.x - 0.5, at.y() - cell.y - 0.5);
        const Side side = std::abs(in.x()) >= std::abs(in.y())
                              ? (in.x() > 0 ? Side::Right : Side::Left)
                              : (in.y() > 0 ? Side::Down : Side::Up);
        clicked(cell, side, QPoint(int(std::lround(at.x() * 2)), int(std::lround(at.y() * 2))),
                event->button() == Qt::RightButton);
    }

private:
    [[nodiscard]] int portStorey(const level::Port& port) const {
        return std::max(0, kit::storeyOf(*m_kit, exact(port.height)));
    }
    [[nodiscard]] double moduleSize() const {
        const CellRect bounds = m_piece->bounds();
        return std::floor(std::min(
            {(width() - 8.0) / (bounds.width + 2), (height() - 8.0) / (bounds.height + 2), 56.0}));
    }
    [[nodiscard]] QPointF origin() const {
        const CellRect bounds = m_piece->bounds();
        const double module = moduleSize();
        return {std::round((width() - bounds.width * module) / 2),
                std::round((height() - bounds.height * module) / 2)};
    }

    const Kit* m_kit = nullptr;
    const Piece* m_piece = nullptr;
    int m_storey = 0;
};

/// The piece in hand: its blocks, walls and ports, or the model that it is.
class PieceSection : public PanelSection {
public:
    PieceSection(Session& session, QWidget* parent)
        : PanelSection(tr("Piece in hand"), {}, session, parent) {
        makeFoldable(QStringLiteral("kit-piece"), false);
        m_title = new QLineEdit(rowsHolder());
        m_title->setObjectName(QStringLiteral("piece-title"));
        m_title->setAccessibleName(tr("Title of the piece"));
        m_title->setMaxLength(60);
        m_title->setFixedWidth(150);
        connect(m_title, &QLineEdit::editingFinished, this, [this] {
            if (!m_title->isModified() || m_title->text().trimmed().isEmpty()) return;
            m_title->setModified(false);
            change([&](Piece piece) {
                piece.title = m_title->text().trimmed().toStdString();
                return piece;
            });
        });
        addControl(tr("Title"), m_title);
        m_plan = new PiecePlan(rowsHolder());
        m_plan->clicked = [this](CellPoint cell, Side side, QPoint half, bool isErasing) {
            click(cell, side, half, isErasing);
        };
        addWide(m_plan);
        addTools();
        addNumbers();
        auto* buttons = new ButtonGrid;
        buttons->add(tr("New piece"), "piece-new", this, [this] { make(Piece()); });
        buttons->add(tr("Copy it"), "piece-copy", this, [this] {
            if (const Piece* piece = inHand()) make(*piece);
        });
        buttons->add(tr("Delete it"), "piece-delete", this, [this] {
            m_session.document.apply(
                kit::removePiece(m_session.document.project(), m_session.document.level()->kit,
                                 m_session.workbench.options<KitOptions>().piece));
        });
        buttons->add(tr("Import a model …"), "piece-import", this, [this] {
            const QString file = QFileDialog::getOpenFileName(
                this, tr("Import a model of a piece"), {}, tr("Models (*.gltf *.glb *.obj)"));
            if (!file.isEmpty()) examine(file);
        });
        buttons->add(tr("Many models …"), "piece-models", this,
                     [this] { m_session.requests.openModels(); });
        addWide(buttons);
        m_remarks = makeWords({}, this);
        m_remarks->setObjectName(QStringLiteral("piece-remarks"));
        addWide(m_remarks);
        m_take = makeButton(tr("Fit by scale"), QStringLiteral("piece-fit"), this,
                            [this] { take(true); });
        m_keep = makeButton(tr("Keep and warn"), QStringLiteral("piece-keep"), this,
                            [this] { take(false); });
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        row->addWidget(m_take);
        row->addWidget(m_keep);
        addWide(row);
        refresh();
    }

    void refresh() override {
        const Piece* piece = inHand();
        setNote(piece ? QString::fromStdString(piece->title) : tr("choose a card"));
        m_plan->show(kit(), piece, m_storey);
        m_plan->setVisible(piece != nullptr);
        if (piece && !m_title->hasFocus()) m_title->setText(QString::fromStdString(piece->title));
        for (int i = 0; i < m_tools.size(); ++i)
            m_tools[i]->setChecked(i == int(m_tool));
        if (kit()) {
            QStringList profiles;
            for (const level::PortProfile& profile : kit()->profiles)
                profiles << QString::fromStdString(profile.name);
            setChoices(m_profile, profiles);
        }
        m_take->setVisible(m_examined.has_value());
        m_keep->setVisible(m_examined.has_value());
        m_remarks->setVisible(!m_remarks->text().isEmpty());
    }

    /// Reads a model and tells what it is beside the module; taking it is another step.
    void examine(const QString& file) {
        m_examined.reset();
        const QFileInfo info(file);
        const auto bytes = file::diskStorage().read(file.toStdString(), file::maxModelBytes);
        auto mesh = bytes ? file::readModel(file::diskStorage(), info.path().toStdString(),
                                            info.fileName().toStdString(), *bytes)
                          : Result<kit::Mesh>(fail(bytes.error()));
        auto found = mesh ? kit::examined(*kit(), *mesh, info.completeBaseName().toStdString(),
                                          m_profile->currentText().toStdString())
                          : Result<kit::Examination>(fail(mesh.error()));
        if (!found) {
            m_remarks->setText(told(found.error()));
            setTone(m_remarks, currentTheme().alarm);
            return refresh();
        }
        m_mesh = std::move(*mesh);
        m_examined = std::move(*found);
        QStringList lines;
        for (const std::string& remark : m_examined->remarks)
            lines << told(remark) + u'.';
        const CellRect bounds = m_examined->piece.bounds();
        if (lines.isEmpty())
            lines << tr("%1 × %2 modules, exactly.").arg(bounds.width).arg(bounds.height);
        lines << tr("%1 ports are proposed.").arg(m_examined->piece.ports.size());
        m_remarks->setText(lines.join(u'\n'));
        setTone(m_remarks, m_examined->isExact ? currentTheme().accent : currentTheme().caution);
        refresh();
    }

private:
    [[nodiscard]] const Kit* kit() const {
        return m_session.document.project().kitOf(*m_session.document.level());
    }
    [[nodiscard]] const Piece* inHand() const {
        return kit() ? kit()->find(m_session.workbench.options<KitOptions>().piece) : nullptr;
    }
    template <typename Make>
    void change(Make&& make) {
        const Piece* piece = inHand();
        if (!piece) return;
        Piece next = make(*piece);
        if (next == *piece) return;
        m_session.document.apply(kit::changePiece(m_session.document.project(), kit()->name,
                                                  piece->name, std::move(next)));
        refresh();
    }
    void make(Piece piece) {
        if (!kit()) return;
        if (piece.cells.empty()) {
            piece.title = tr("Piece").toStdString();
            piece.cells = {PieceCell()};
            piece.pivotX = piece.pivotY = 1;
        }
        piece.name = kit::freshPieceName(*kit(), piece.title);
        const std::string name = piece.name;
        if (m_session.document.apply(
                kit::changePiece(m_session.document.project(), kit()->name, {}, std::move(piece))))
            m_session.workbench.change<KitOptions>(
                [&](KitOptions& options) { options.piece = name; });
    }

    void addTools() {
        const QString names[] = {tr("floor"), tr("ramp"), tr("stairs"), tr("block"),
                                 tr("open"),  tr("wall"), tr("port"),   tr("pivot")};
        auto* grid = new QGridLayout;
        grid->setSpacing(4);
        for (int i = 0; i < 8; ++i) {
            auto* chip = new Chip(names[i], rowsHolder());
            chip->setObjectName(QStringLiteral("piece-tool-%1").arg(i));
            connect(chip, &QAbstractButton::clicked, this, [this, i] {
                m_tool = PieceTool(i);
                refresh();
            });
            grid->addWidget(chip, i / 4, i % 4);
            m_tools << chip;
        }
        addWide(grid);
        addWide(makeWords(tr("Click to set, right button to take away. Ramps rise towards the side "
                             "that is nearest; walls and ports stand there."),
                          this));
    }
    void addNumbers() {
        const auto decimal = [this](const QString& name, const char* id, double value) {
            auto* box = new QDoubleSpinBox(rowsHolder());
            box->setObjectName(QLatin1String(id));
            box->setAccessibleName(name);
            box->setDecimals(3);
            box->setRange(-1000, 1000);
            box->setSingleStep(0.5);
            box->setValue(value);
            box->setFixedWidth(110);
            addControl(name, box);
            return box;
        };
        m_height = decimal(tr("Height, units"), "piece-height", 0);
        m_rise = decimal(tr("Rise, units"), "piece-rise", 3);
        auto* storey = makeNumberBox(QStringLiteral("piece-storey"), 1, level::maxStoreys, this,
                                     [this](int value) {
                                         m_storey = value - 1;
                                         refresh();
                                     });
        storey->setFixedWidth(110);
        addControl(tr("Storey of it"), storey);
        m_profile = new ChoiceBox(rowsHolder());
        m_profile->setObjectName(QStringLiteral("piece-profile"));
        m_profile->setFixedWidth(110);
        addControl(tr("Profile of ports"), m_profile);
        m_flipped = new Chip(tr("mirrored"), rowsHolder());
        m_flipped->setObjectName(QStringLiteral("piece-flipped"));
        m_flipped->setCheckable(true);
        addControl(tr("The port is"), m_flipped);
    }
    [[nodiscard]] static level::Decimal decimalOf(const QDoubleSpinBox* box) {
        return {std::llround(box->value() * 1000)};
    }

    void click(CellPoint at, Side side, QPoint half, bool isErasing) {
        change([&](Piece piece) {
            switch (m_tool) {
                case PieceTool::Wall:
                    return kit::withWallToggled(std::move(piece), at, m_storey, side);
                case PieceTool::Port: {
                    level::Port port;
                    port.cell = at;
                    port.side = side;
                    port.height = {decimalOf(m_height).thousandths +
                                   kit()->storey.thousandths * m_storey};
                    port.profile = m_profile->currentText().toStdString();
                    port.isFlipped = m_flipped->isChecked();
                    return kit::withPortToggled(std::move(piece), port);
                }
                case PieceTool::Pivot: {
                    const CellRect bounds = piece.bounds();
                    piece.pivotX = std::clamp(half.x(), 0, 2 * bounds.width);
                    piece.pivotY = std::clamp(half.y(), 0, 2 * bounds.height);
                    return piece;
                }
                case PieceTool::Floor:
                case PieceTool::Ramp:
                case PieceTool::Stairs:
                case PieceTool::Block:
                case PieceTool::Open:
                    break;
            }
            if (isErasing) return kit::withoutCell(std::move(piece), at, m_storey);
            PieceCell cell;
            for (const PieceCell& there : piece.cells)
                if (there.at == at && there.storey == m_storey) cell.walls = there.walls;
            cell.at = at;
            cell.storey = m_storey;
            cell.height = decimalOf(m_height);
            const SurfaceSort sorts[] = {SurfaceSort::Flat, SurfaceSort::Ramp, SurfaceSort::Stairs,
                                         SurfaceSort::Block, SurfaceSort::None};
            cell.surface = sorts[int(m_tool)];
            if (m_tool == PieceTool::Ramp || m_tool == PieceTool::Stairs) {
                cell.rise = decimalOf(m_rise);
                cell.up = side;
            }
            return kit::withCell(std::move(piece), cell);
        });
    }

    /// Makes the examined model a piece: fitted to the module, or as it is.
    void take(bool isFitted) {
        if (!m_examined || !kit()) return;
        if (m_session.document.folder().isEmpty())
            return m_session.say(
                tr("Save the project first: the model is copied into its folder."));
        Piece piece = m_examined->piece;
        const kit::Mesh mesh = isFitted ? kit::fitted(*kit(), m_mesh, piece) : m_mesh;
        if (isFitted) piece.measure.reset();
        piece.name = kit::freshPieceName(*kit(), piece.title);
        piece.model = "kits/" + piece.name + ".glb";
        const auto written =
            file::writeInside(file::diskStorage(), m_session.document.folder().toStdString(),
                              piece.model, file::glbOf(mesh, piece.title, piece.color));
        if (!written) return m_session.say(told(written.error()));
        m_examined.reset();
        m_remarks->clear();
        make(std::move(piece));
        refresh();
    }

    PiecePlan* m_plan = nullptr;
    QLineEdit* m_title = nullptr;
    QList<Chip*> m_tools;
    QDoubleSpinBox* m_height = nullptr;
    QDoubleSpinBox* m_rise = nullptr;
    QComboBox* m_profile = nullptr;
    Chip* m_flipped = nullptr;
    QLabel* m_remarks = nullptr;
    QWidget* m_take = nullptr;
    QWidget* m_keep = nullptr;
    PieceTool m_tool = PieceTool::Floor;
    int m_storey = 0;
    kit::Mesh m_mesh;
    std::optional<kit::Examination> m_examined;
};

}  // namespace

PanelSection* makePieceSection(Session& session, QWidget* parent) {
    return new PieceSection(session, parent);
}

void examineModel(PanelSection* section, const QString& file) {
    static_cast<PieceSection*>(section)->examine(file);
}

}  // namespace rook::app
