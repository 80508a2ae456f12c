#include <QAbstractButton>
#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>

#include "app/painting/matter_painter.h"
#include "app/steps/skin/skin_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/look_edits.h"
#include "level/names.h"
#include "skin/pins.h"

namespace rook::app {

namespace {

/// What is said of the tiles in hand: their name, the form that they look like, and how they move.
class TileSection : public PanelSection {
public:
    TileSection(Session& session, QWidget* parent)
        : PanelSection(tr("Tiles in hand"), {}, session, parent) {
        makeFoldable(QStringLiteral("tile"), false);
        addNotes();
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
    }

    void refresh() override {
        const bool isMoving = animationInHand() != nullptr;
        const auto count = framesInHand().size();
        m_animate->setText(isMoving    ? tr("Hold the tile still")
                           : count > 1 ? tr("Animate by %1 frames").arg(count)
                                       : tr("Drag a row of frames to animate"));
        m_animate->setEnabled(isMoving || count > 1);
        refreshNotes();
    }

private:
    /// The sheet and numbers of a row of tiles in hand; empty if they are no frames.
    [[nodiscard]] std::vector<int> framesInHand() const {
        const auto& tiles = m_session.workbench.options<TilesInHand>().tiles;
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
        const level::Tile tile = m_session.workbench.options<TilesInHand>().tiles.at(0, 0);
        return tile.isShown() &&
                       std::size_t(tile.sheet()) < m_session.document.project().sheets.size()
                   ? m_session.document.project().sheets[std::size_t(tile.sheet())].animationOf(
                         tile.number())
                   : nullptr;
    }
    void animate() {
        const bool wasMoving = animationInHand() != nullptr;
        const level::Tile first = m_session.workbench.options<TilesInHand>().tiles.at(0, 0);
        const level::Project& project = m_session.document.project();
        m_session.document.apply(
            wasMoving ? holdTileStill(project, first.sheet(), first.number())
                      : animateTile(project, first.sheet(),
                                    {first.number(), framesInHand(), m_ticks->value()}));
        refresh();
    }
    void addNotes() {
        m_name = new QLineEdit(rowsHolder());
        m_name->setObjectName(QStringLiteral("tile-name"));
        m_name->setMaxLength(60);
        m_name->setFixedWidth(150);
        connect(m_name, &QLineEdit::editingFinished, this, [this] {
            if (!m_name->isModified()) return;
            m_name->setModified(false);
            const std::string name = m_name->text().trimmed().toStdString();
            changeNotes(tr("Name a tile"), [&](level::TileNote& note) { note.name = name; });
        });
        addControl(tr("Its name"), m_name);
        QStringList forms{tr("none")};
        for (int f = 0; f < runtime::formCount; ++f)
            forms << told(level::nameOf(static_cast<level::Form>(f)));
        m_form = makeChoiceBox(QStringLiteral("tile-form"), forms, this, [this](int index) {
            changeNotes(tr("Say what a tile looks like"), [index](level::TileNote& note) {
                note.form.reset();
                if (index > 0) note.form = static_cast<level::Form>(index - 1);
            });
        });
        m_form->setToolTip(
            tr("The form that the tile looks like: matter can be laid by it, once cells are "
               "selected."));
        addControl(tr("Looks like"), m_form);
        m_asDrawn = makeButton(tr("Forms as they are drawn"), QStringLiteral("forms-as-drawn"),
                               this, [this] { takeForms(); });
        m_asDrawn->setToolTip(tr("From the px of the tiles in hand: the form that fits best."));
        addWide(m_asDrawn);
    }
    /// Changes what is said of each tile in hand.
    void changeNotes(const QString& name, const std::function<void(level::TileNote&)>& make) {
        const auto& hand = m_session.workbench.options<TilesInHand>().tiles;
        std::vector<level::Tile> tiles;
        for (int y = 0; y < hand.height(); ++y)
            for (int x = 0; x < hand.width(); ++x)
                tiles.push_back(hand.at(x, y));
        m_session.document.apply(
            level::changeTileNotes(m_session.document.project(), tiles, make, name.toStdString()));
        refresh();
    }
    void takeForms() {
        const level::Project& project = m_session.document.project();
        const SheetImages images = loadSheets(project, m_session.document.folder());
        changeNotes(tr("Say what tiles look like"), [&](level::TileNote& note) {
            const level::Sheet& sheet =
                project.sheets[std::size_t(m_session.workbench.options<TilesInHand>().tileSheet)];
            const QImage image = images.value(QString::fromStdString(sheet.name));
            const QRect place = sourceOf(sheet, note.tile);
            note.form = skin::formOfTile(sheet.tile, [&](int x, int y) {
                return image.rect().contains(place.x() + x, place.y() + y) &&
                       qAlpha(image.pixel(place.x() + x, place.y() + y)) >= 128;
            });
        });
    }
    void refreshNotes() {
        const level::Tile tile = m_session.workbench.options<TilesInHand>().tiles.at(0, 0);
        const bool isOne = tile.isShown() &&
                           std::size_t(tile.sheet()) < m_session.document.project().sheets.size();
        const level::TileNote* note =
            isOne ? m_session.document.project().sheets[std::size_t(tile.sheet())].noteOf(
                        tile.number())
                  : nullptr;
        m_name->setEnabled(isOne);
        m_form->setEnabled(isOne);
        m_asDrawn->setEnabled(isOne);
        if (!m_name->hasFocus() || !m_name->isModified())
            m_name->setText(note ? QString::fromStdString(note->name) : QString());
        m_form->setCurrentIndex(note && note->form ? int(*note->form) + 1 : 0);
    }

    QSpinBox* m_ticks;
    QAbstractButton* m_animate;
    QLineEdit* m_name;
    QComboBox* m_form;
    QWidget* m_asDrawn;
};

}  // namespace

PanelSection* makeTileSection(Session& session, QWidget* parent) {
    return new TileSection(session, parent);
}

}  // namespace rook::app
