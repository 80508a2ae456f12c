#include <QAbstractButton>
#include <QComboBox>
#include <QFileDialog>
#include <QFileSystemWatcher>
#include <QScrollArea>
#include <QSpinBox>

#include "app/panel_parts.h"
#include "app/theme.h"
#include "app/tile_picker.h"
#include "file/sheet_import.h"

namespace rook::app {

namespace {

constexpr int pickerHeight = 190;  // px

/// The sheets, and the tiles in hand.
class SheetSection : public PanelSection {
public:
    SheetSection(Session& session, QWidget* parent)
        : PanelSection(tr("Sheet"), {}, session, parent) {
        m_sheet = makeChoiceBox(QStringLiteral("sheet"), {}, this, [this](int index) {
            setOptions([index](ToolOptions& o) { o.tileSheet = index; });
            refresh();
        });
        addControl(tr("Tiles of"), m_sheet);
        m_picker = new TilePicker(session, this);
        m_scroll = new QScrollArea(this);
        m_scroll->setWidget(m_picker);
        m_scroll->setFrameShape(QFrame::NoFrame);
        m_scroll->setFocusPolicy(Qt::NoFocus);
        addWide(m_scroll);
        auto* grid = new ButtonGrid;
        const auto add = [&](const QString& text, const char* name, const QString& words,
                             std::function<void()> act) {
            grid->add(text, name, this, std::move(act))->setToolTip(words);
        };
        add(tr("Mirror"), "flip-sideways", tr("The tiles in hand, left for right."),
            [this] { flip(true); });
        add(tr("Upend"), "flip-upside", tr("The tiles in hand, top for bottom."),
            [this] { flip(false); });
        add(tr("Nothing"), "tile-blank", tr("Cells wear nothing, whatever dressing says."),
            [this] { takeOne(level::Tile::blank()); });
        add(tr("Dress anew"), "tile-none",
            tr("Cells are given back to the dressing, as by the right "
               "button."),
            [this] { takeOne({}); });
        addWide(grid);
        m_inHand = addValue(tr("In hand"));
        m_ticks =
            makeNumberBox(QStringLiteral("frame-ticks"), 1, level::maxFrameTicks, this, [](int) {});
        m_ticks->setValue(8);
        m_ticks->setSuffix(tr(" ticks"));
        m_ticks->setToolTip(tr("How long each frame is shown; 60 ticks are a second."));
        addControl(tr("Each frame"), m_ticks);
        m_animate = qobject_cast<QAbstractButton*>(
            makeButton({}, QStringLiteral("animate"), this, [this] { animate(); }));
        m_animate->setToolTip(tr(
            "A row of tiles in hand becomes the frames of its first one, wherever that is worn."));
        addWide(m_animate);
        addImport();
        connect(&m_watcher, &QFileSystemWatcher::fileChanged, this, [this] {
            m_picker->reload();
            Q_EMIT m_session.listsChanged();
            watch();
        });
    }

    void refresh() override {
        const auto& sheets = m_session.project().sheets;
        QStringList names;
        for (const level::Sheet& sheet : sheets)
            names << QStringLiteral("%1 · %2 × %3")
                         .arg(QString::fromStdString(sheet.name))
                         .arg(sheet.tile.width)
                         .arg(sheet.tile.height);
        if (setChoices(m_sheet, names)) watch();
        m_sheet->setCurrentIndex(m_session.options().tileSheet);
        m_scroll->setVisible(!sheets.empty());
        m_picker->refresh();
        m_scroll->setFixedHeight(std::min(pickerHeight, m_picker->height() + 2));
        setNote(sheets.empty() ? tr("none yet") : QString());
        m_inHand->setText(inHandText());
        const bool isMoving = animationInHand() != nullptr;
        const auto count = framesInHand().size();
        m_animate->setText(isMoving    ? tr("Hold the tile still")
                           : count > 1 ? tr("Animate by %1 frames").arg(count)
                                       : tr("Drag a row of frames to animate"));
        m_animate->setEnabled(isMoving || count > 1);
    }

private:
    [[nodiscard]] QString inHandText() const {
        const auto& tiles = m_session.options().tiles;
        const level::Tile first = tiles.at(0, 0);
        if (first.isNone()) return tr("dress anew");
        if (first.isBlank() && tiles.width() * tiles.height() == 1) return tr("nothing");
        if (tiles.width() * tiles.height() > 1)
            return tr("%1 × %2 tiles").arg(tiles.width()).arg(tiles.height());
        QString text = tr("tile %1").arg(first.number() + 1);
        if (first.isMirrored()) text += tr(", mirrored");
        if (first.isUpsideDown()) text += tr(", upended");
        return text;
    }
    /// The sheet and numbers of a row of tiles in hand; empty if they are no frames.
    [[nodiscard]] std::vector<int> framesInHand() const {
        const auto& tiles = m_session.options().tiles;
        std::vector<int> frames;
        for (int x = 0; tiles.height() == 1 && x < tiles.width(); ++x) {
            const level::Tile tile = tiles.at(x, 0);
            if (!tile.isShown() || tile.sheet() != tiles.at(0, 0).sheet()) return {};
            frames.push_back(tile.number());
        }
        if (frames.size() > std::size_t(level::maxFrames)) return {};
        return frames;
    }
    /// Of the first tile in hand; null if it keeps still.
    [[nodiscard]] const level::TileAnimation* animationInHand() const {
        const level::Tile tile = m_session.options().tiles.at(0, 0);
        return tile.isShown() && std::size_t(tile.sheet()) < m_session.project().sheets.size()
                   ? m_session.project().sheets[std::size_t(tile.sheet())].animationOf(
                         tile.number())
                   : nullptr;
    }
    void animate() {
        const bool wasMoving = animationInHand() != nullptr;
        const level::Tile first = m_session.options().tiles.at(0, 0);
        level::Project project = m_session.project();
        project.sheets.edit([&](auto& list) {
            auto& animations = list[std::size_t(first.sheet())].animations;
            if (wasMoving)
                std::erase_if(animations,
                              [&](const auto& each) { return each.tile == first.number(); });
            else
                animations.push_back({first.number(), framesInHand(), m_ticks->value()});
        });
        m_session.applyProject(std::move(project),
                               wasMoving ? tr("Hold a tile still") : tr("Animate a tile"));
        refresh();
    }
    void takeOne(level::Tile tile) {
        setOptions([tile](ToolOptions& o) { o.tiles = Grid<level::Tile>(1, 1, tile); });
        refresh();
    }
    void flip(bool isSideways) {
        setOptions([isSideways](ToolOptions& o) {
            const Grid<level::Tile> former = o.tiles;
            for (int y = 0; y < former.height(); ++y)
                for (int x = 0; x < former.width(); ++x)
                    o.tiles.set(isSideways ? former.width() - 1 - x : x,
                                isSideways ? y : former.height() - 1 - y,
                                former.at(x, y).flipped(isSideways));
        });
        refresh();
    }
    /// Images that change on disk are read again.
    void watch() {
        if (!m_watcher.files().isEmpty()) m_watcher.removePaths(m_watcher.files());
        for (const level::Sheet& sheet : m_session.project().sheets)
            if (const auto path = file::pathInside(m_session.folder().toStdString(), sheet.path))
                m_watcher.addPath(QString::fromStdString(path->string()));
    }

    void addImport() {
        auto* cut = new QHBoxLayout;
        cut->setSpacing(4);
        const std::tuple<const char*, QString, int*, int> fields[] = {
            {"cut-width", tr("Width of a tile, px"), &m_cut.tile.width, 1},
            {"cut-height", tr("Height of a tile, px"), &m_cut.tile.height, 1},
            {"cut-margin", tr("Margin around all tiles, px"), &m_cut.margin, 0},
            {"cut-spacing", tr("Space between two tiles, px"), &m_cut.spacing, 0}};
        for (const auto& [name, words, field, low] : fields) {
            QSpinBox* box = makeNumberBox(QLatin1String(name), low, 512, this,
                                          [field = field](int value) { *field = value; });
            box->setFixedWidth(52);
            box->setAccessibleName(words);
            box->setToolTip(words);
            showNumber(box, *field);
            cut->addWidget(box);
        }
        addWide(makeWords(tr("Cut a new sheet: width, height, margin and space in px"), this));
        addWide(cut);
        addWide(makeButton(tr("Add a sheet …"), QStringLiteral("add-sheet"), this, [this] {
            if (m_session.folder().isEmpty())
                return m_session.say(tr("Save the project first: sheets are kept in its folder."));
            const QString file =
                QFileDialog::getOpenFileName(this, tr("Add a sheet"), {}, tr("Pictures (*.png)"));
            if (!file.isEmpty()) bringIn(file);
        }));
    }
    void bringIn(const QString& file) {
        const auto edit = file::importSheet(file::diskStorage(), m_session.folder().toStdString(),
                                            m_session.project(), file.toStdString(), m_cut);
        if (!edit) return m_session.say(QString::fromStdString(edit.error().sentence()));
        const QImage image(file);
        const auto tiles = file::tilesOf(m_cut, image.width(), image.height());
        const int index = int(m_session.project().sheets.size());
        m_session.apply(*edit);
        setOptions([index](ToolOptions& o) { o.tileSheet = index; });
        refresh();
        const QString count =
            tr("%L1 tiles in %2 columns.").arg(tiles.columns * tiles.rows).arg(tiles.columns);
        const bool isWhole = tiles.leftOverX == 0 && tiles.leftOverY == 0;
        m_session.say(isWhole ? count
                              : count + QLatin1Char(' ') +
                                    tr("No tile covers %1 px at the right and %2 at the bottom.")
                                        .arg(tiles.leftOverX)
                                        .arg(tiles.leftOverY));
    }

    QComboBox* m_sheet;
    TilePicker* m_picker;
    QScrollArea* m_scroll;
    QLabel* m_inHand;
    QSpinBox* m_ticks;
    QAbstractButton* m_animate;
    file::SheetCut m_cut;
    QFileSystemWatcher m_watcher;
};

}  // namespace

PanelSection* makeSheetSection(Session& session, QWidget* parent) {
    return new SheetSection(session, parent);
}

}  // namespace rook::app
