#include <QComboBox>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileSystemWatcher>
#include <QLabel>
#include <QMimeData>
#include <QScrollArea>
#include <QSpinBox>

#include "app/steps/skin/skin_sections.h"
#include "app/steps/skin/tile_picker.h"
#include "app/tools/cell_options.h"
#include "app/ui/cut_preview.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
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
            change<TilesInHand>([index](TilesInHand& o) { o.tileSheet = index; });
            refresh();
        });
        addControl(tr("Tiles of"), m_sheet);
        m_picker = new TilePicker(session, rowsHolder());
        m_scroll = new QScrollArea(rowsHolder());
        m_scroll->setWidget(m_picker);
        m_scroll->setFrameShape(QFrame::NoFrame);
        m_scroll->setFocusPolicy(Qt::NoFocus);
        addWide(m_scroll);
        auto* grid = new ButtonGrid;
        const auto add = [&](const QString& text, const char* name, const QString& words,
                             std::function<void()> act) {
            grid->add(text, name, this, std::move(act))->setToolTip(words);
        };
        add(tr("Flip across"), "flip-sideways", tr("The tiles in hand, left for right."),
            [this] { flip(true); });
        add(tr("Flip down"), "flip-upside", tr("The tiles in hand, top for bottom."),
            [this] { flip(false); });
        add(tr("Nothing"), "tile-blank", tr("Cells wear nothing, whatever dressing says."),
            [this] { takeOne(level::Tile::blank()); });
        add(tr("Dress anew"), "tile-none",
            tr("Cells are given back to the dressing, as by the right "
               "button."),
            [this] { takeOne({}); });
        addWide(grid);
        m_inHand = addValue(tr("In hand"));
        setAcceptDrops(true);
        addImport();
        connect(&m_watcher, &QFileSystemWatcher::fileChanged, this, [this] {
            m_picker->reload();
            m_session.document.readPicturesAgain();
            watch();
        });
    }

    void refresh() override {
        const auto& sheets = m_session.document.project().sheets;
        QStringList names;
        for (const level::Sheet& sheet : sheets)
            names << QStringLiteral("%1 · %2 × %3")
                         .arg(QString::fromStdString(sheet.name))
                         .arg(sheet.tile.width)
                         .arg(sheet.tile.height);
        if (setChoices(m_sheet, names)) watch();
        m_sheet->setCurrentIndex(m_session.workbench.options<TilesInHand>().tileSheet);
        m_scroll->setVisible(!sheets.empty());
        m_picker->refresh();
        m_scroll->setFixedHeight(std::min(pickerHeight, m_picker->height() + 2));
        setNote(sheets.empty() ? tr("none yet") : QString());
        m_inHand->setText(inHandText());
    }

protected:
    /// An image that is dropped here is looked at like one that was chosen.
    void dragEnterEvent(QDragEnterEvent* event) override {
        if (event->mimeData()->hasUrls()) event->acceptProposedAction();
    }
    void dropEvent(QDropEvent* event) override {
        const QList<QUrl> urls = event->mimeData()->urls();
        if (urls.isEmpty() || !urls[0].isLocalFile()) return;
        event->acceptProposedAction();
        if (mayImport()) consider(urls[0].toLocalFile());
    }

private:
    [[nodiscard]] bool mayImport() {
        if (!m_session.document.folder().isEmpty()) return true;
        m_session.say(tr("Save the project first: sheets are kept in its folder."));
        return false;
    }
    [[nodiscard]] QString inHandText() const {
        const auto& tiles = m_session.workbench.options<TilesInHand>().tiles;
        const level::Tile first = tiles.at(0, 0);
        if (first.isNone()) return tr("dress anew");
        if (first.isBlank() && tiles.width() * tiles.height() == 1) return tr("nothing");
        if (tiles.width() * tiles.height() > 1)
            return tr("%1 × %2 tiles").arg(tiles.width()).arg(tiles.height());
        QString text = tr("tile %1").arg(first.number() + 1);
        const level::TileNote* note =
            m_session.document.project().sheets[std::size_t(first.sheet())].noteOf(first.number());
        if (note && !note->name.empty()) text = QString::fromStdString(note->name);
        if (first.isMirrored()) text += tr(", mirrored");
        if (first.isUpsideDown()) text += tr(", upended");
        return text;
    }
    void takeOne(level::Tile tile) {
        change<TilesInHand>([tile](TilesInHand& o) { o.tiles = Grid<level::Tile>(1, 1, tile); });
        refresh();
    }
    void flip(bool isSideways) {
        change<TilesInHand>([isSideways](TilesInHand& o) {
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
        for (const level::Sheet& sheet : m_session.document.project().sheets)
            if (const auto path =
                    file::pathInside(m_session.document.folder().toStdString(), sheet.path))
                m_watcher.addPath(QString::fromStdString(path->string()));
    }

    /// An image is looked at, cut as one likes it, and then brought in.
    void addImport() {
        addWide(makeButton(tr("Choose an image …"), QStringLiteral("add-sheet"), this, [this] {
            if (!mayImport()) return;
            const QString file = QFileDialog::getOpenFileName(this, tr("An image of tiles"), {},
                                                              tr("Pictures (*.png)"));
            if (!file.isEmpty()) consider(file);
        }));
        m_import = new QWidget(rowsHolder());
        auto* column = new QVBoxLayout(m_import);
        column->setContentsMargins(0, 0, 0, 0);
        m_cutPreview = new CutPreview(m_import);
        column->addWidget(m_cutPreview);
        auto* cut = new QGridLayout;
        cut->setSpacing(4);
        const std::tuple<const char*, QString, int*, int> fields[] = {
            {"cut-width", tr("Tile width"), &m_cut.tile.width, 1},
            {"cut-height", tr("Tile height"), &m_cut.tile.height, 1},
            {"cut-margin", tr("Margin"), &m_cut.margin, 0},
            {"cut-spacing", tr("Space"), &m_cut.spacing, 0},
            {"cut-left", tr("From left"), &m_cut.offset.x, 0},
            {"cut-top", tr("From top"), &m_cut.offset.y, 0}};
        int place = 0;
        for (const auto& [name, words, field, low] : fields) {
            QSpinBox* box = makeNumberBox(QLatin1String(name), low, 4096, m_import,
                                          [this, field = field](int value) {
                                              *field = value;
                                              showCut();
                                          });
            box->setFixedWidth(52);
            box->setAccessibleName(words);
            showNumber(box, *field);
            auto* label = new QLabel(words, m_import);
            label->setFont(sizedFont(-2));
            label->setBuddy(box);
            cut->addWidget(label, place / 2, place % 2 * 2);
            cut->addWidget(box, place / 2, place % 2 * 2 + 1);
            ++place;
        }
        column->addLayout(cut);
        column->addWidget(makeButton(
            tr("The whole image is one tile"), QStringLiteral("cut-whole"), m_import, [this] {
                m_cut = {};
                m_cut.tile = {m_cutPreview->image().width(), m_cutPreview->image().height()};
                showCut();
            }));
        m_cutWords = makeWords({}, m_import);
        m_cutWords->setObjectName(QStringLiteral("cut-words"));
        column->addWidget(m_cutWords);
        auto* buttons = new ButtonGrid;
        buttons->add(tr("Add as a sheet"), "bring-in", m_import, [this] { bringIn(false); });
        m_replace = buttons->add(tr("Replace this sheet"), "replace-sheet", m_import,
                                 [this] { bringIn(true); });
        m_replace->setToolTip(tr("The sheet that is shown above, by tiles that lie alike."));
        buttons->add(tr("Leave it"), "leave-image", m_import, [this] { consider({}); });
        column->addLayout(buttons);
        addWide(m_import);
        consider({});
    }
    void consider(const QString& file) {
        m_file = file;
        m_cutPreview->setImage(file.isEmpty() ? QImage() : QImage(file));
        m_import->setVisible(!file.isEmpty());
        if (!file.isEmpty() && m_cutPreview->image().isNull())
            m_session.say(tr("%1 cannot be read as a picture.").arg(file));
        showCut();
    }
    void showCut() {
        for (const auto& [name, value] :
             std::initializer_list<std::pair<const char*, int>>{{"cut-width", m_cut.tile.width},
                                                                {"cut-height", m_cut.tile.height},
                                                                {"cut-margin", m_cut.margin},
                                                                {"cut-spacing", m_cut.spacing},
                                                                {"cut-left", m_cut.offset.x},
                                                                {"cut-top", m_cut.offset.y}})
            showNumber(m_import->findChild<QSpinBox*>(QLatin1String(name)), value);
        m_cutPreview->setCut(m_cut);
        const QImage& image = m_cutPreview->image();
        const auto tiles = file::tilesOf(m_cut, image.width(), image.height());
        QString words =
            tr("%L1 tiles in %2 columns.").arg(tiles.columns * tiles.rows).arg(tiles.columns);
        if (tiles.columns * tiles.rows == 0)
            words = tr("Not one tile fits.");
        else if (tiles.leftOverX != 0 || tiles.leftOverY != 0)
            words +=
                QLatin1Char(' ') + tr("No tile covers %1 px at the right and %2 at the bottom.")
                                       .arg(tiles.leftOverX)
                                       .arg(tiles.leftOverY);
        m_cutWords->setText(words);
        m_replace->setEnabled(!m_session.document.project().sheets.empty());
    }
    void bringIn(bool replaces) {
        const int index = replaces ? m_session.workbench.options<TilesInHand>().tileSheet
                                   : int(m_session.document.project().sheets.size());
        const std::string folder = m_session.document.folder().toStdString();
        const auto edit =
            replaces ? file::replaceSheet(file::diskStorage(), folder, m_session.document.project(),
                                          std::size_t(index), m_file.toStdString(), m_cut)
                     : file::importSheet(file::diskStorage(), folder, m_session.document.project(),
                                         m_file.toStdString(), m_cut);
        if (!edit) return m_session.say(told(edit.error()));
        const QString words = m_cutWords->text();
        m_session.document.apply(*edit);
        change<TilesInHand>([index](TilesInHand& o) { o.tileSheet = index; });
        consider({});
        refresh();
        watch();
        m_session.say(words);
    }

    QComboBox* m_sheet;
    TilePicker* m_picker;
    QScrollArea* m_scroll;
    QLabel* m_inHand;
    QWidget* m_import;
    CutPreview* m_cutPreview;
    QLabel* m_cutWords;
    QWidget* m_replace;
    QString m_file;  ///< the image that is looked at; empty = none
    file::SheetCut m_cut;
    QFileSystemWatcher m_watcher;
};

}  // namespace

PanelSection* makeSheetSection(Session& session, QWidget* parent) {
    return new SheetSection(session, parent);
}

}  // namespace rook::app
