#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QImageReader>
#include <QSpinBox>
#include <cmath>
#include <memory>

#include "app/steps/skin/fade_rows.h"
#include "app/steps/skin/skin_sections.h"
#include "app/ui/margin_row.h"
#include "app/ui/words.h"
#include "file/sheet_import.h"
#include "level/look_edits.h"

namespace rook::app {

namespace {

using level::Backdrop;
using level::Decimal;
using level::Picture;
using level::PictureFit;

/// The pictures behind the level, shared by all levels that show the same backdrop.
class BackdropSection : public PanelSection {
public:
    BackdropSection(Session& session, QWidget* parent)
        : PanelSection(tr("Backdrop"), {}, session, parent), m_list(new QVBoxLayout) {
        makeFoldable(QStringLiteral("backdrop"), true);
        m_list->setSpacing(0);
        addWide(m_list);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("picture-words"));
        addWide(m_words);
        m_fit = makeChoiceBox(QStringLiteral("picture-fit"),
                              {tr("repeats both ways"), tr("repeats across"),
                               tr("as large as the level"), tr("once, in the middle")},
                              this, [this](int index) {
                                  change(tr("Fit of a picture"), [index](Picture& p) {
                                      p.fit = static_cast<PictureFit>(index);
                                  });
                              });
        addControl(tr("Fit"), m_fit);
        m_parallaxX =
            addDecimal(tr("Moves across"), "picture-parallax-x", 0, 4, 0.05, &Picture::parallaxX);
        m_parallaxY =
            addDecimal(tr("Moves down"), "picture-parallax-y", 0, 4, 0.05, &Picture::parallaxY);
        m_parallaxX->setToolTip(tr("0 stays with the screen, 1 moves with the level."));
        m_scroll = addDecimal(tr("Drifts, px"), "picture-scroll", -64, 64, 0.1, &Picture::scrollX);
        m_opacity = makeNumberBox(QStringLiteral("picture-opacity"), 0, 100, this, [this](int v) {
            change(tr("Opacity of a picture"), [v](Picture& p) { p.opacity = v; });
        });
        m_opacity->setSuffix(tr(" %"));
        addControl(tr("Opacity"), m_opacity);
        m_fades =
            makeChoiceBox(QStringLiteral("picture-fades"), {tr("stays"), tr("fades beyond a line")},
                          this, [this](int index) {
                              const int middle = m_session.document.level()->boundsPx().height / 2;
                              change(tr("Fading of a picture"), [&](Picture& p) {
                                  p.fadeLine.reset();
                                  if (index == 1)
                                      p.fadeLine = level::FadeLine{level::Facing::Down, middle, 12};
                              });
                          });
        addControl(tr("In play"), m_fades);
        m_fadeRows = std::make_unique<FadeRows>(
            *this, QStringLiteral("picture-fade"), [this](const level::FadeLine& line) {
                change(tr("Fading of a picture"), [&](Picture& p) { p.fadeLine = line; });
            });
        auto* grid = new ButtonGrid;
        const auto add = [&](const QString& text, const char* name, std::function<void()> act) {
            return grid->add(text, name, this, std::move(act));
        };
        m_ofPicture << add(tr("Farther"), "picture-farther", [this] { move(-1); })
                    << add(tr("Nearer"), "picture-nearer", [this] { move(1); })
                    << add(tr("In front"), "picture-front",
                           [this] {
                               change(tr("Picture before or behind the level"),
                                      [](Picture& p) { p.isFront = !p.isFront; });
                           })
                    << add(tr("Take out"), "picture-remove", [this] { takeOut(); });
        addWide(grid);
        m_add = makeButton(tr("Add a picture …"), QStringLiteral("add-picture"), this, [this] {
            if (m_session.document.folder().isEmpty())
                return m_session.say(
                    tr("Save the project first: pictures are kept in its folder."));
            const QString file =
                QFileDialog::getOpenFileName(this, tr("Add a picture"), {}, tr("Pictures (*.png)"));
            if (!file.isEmpty()) bringIn(file);
        });
        addWide(m_add);
    }

    void refresh() override {
        const Backdrop* backdrop = shown();
        const std::size_t count = backdrop ? backdrop->pictures.size() : 0;
        setNote(backdrop ? QString::fromStdString(backdrop->title) : tr("none"));
        setRowCount(m_rows, m_list, count, QStringLiteral("picture"), [this](std::size_t i) {
            m_chosen = i;
            refresh();
        });
        m_chosen = std::min(m_chosen, count == 0 ? 0 : count - 1);
        for (std::size_t i = 0; i < count; ++i) {
            const Picture& picture = backdrop->pictures[i];
            m_rows[qsizetype(i)]->setWords(QString::fromStdString(picture.name),
                                           picture.isFront
                                               ? tr("before the level")
                                               : tr("× %1").arg(numberOf(picture.parallaxX)));
            m_rows[qsizetype(i)]->setChecked(i == m_chosen);
        }
        const Picture* picture = chosen();
        const bool isFront = picture && picture->isFront;
        showRow(m_fades, isFront);
        m_fades->setCurrentIndex(isFront && picture->fadeLine ? 1 : 0);
        m_fadeRows->show(isFront ? picture->fadeLine : std::nullopt);
        for (QWidget* widget :
             std::initializer_list<QWidget*>{m_fit, m_parallaxX, m_parallaxY, m_scroll, m_opacity})
            widget->setEnabled(picture != nullptr);
        for (QWidget* widget : m_ofPicture)
            widget->setVisible(picture != nullptr);
        m_add->setEnabled(!m_session.document.isOnSwatch());
        m_words->setText(picture ? fitWords(*picture)
                                 : tr("Pictures at several depths behind the level. Several "
                                      "levels may share them: changed once, changed in all."));
        if (!picture) return;
        m_fit->setCurrentIndex(int(picture->fit));
        showDecimal(m_parallaxX, picture->parallaxX);
        showDecimal(m_parallaxY, picture->parallaxY);
        showDecimal(m_scroll, picture->scrollX);
        showNumber(m_opacity, picture->opacity);
    }

    /// Adds a PNG, to a backdrop of its own if the level has none. Also for tests.
    void bringIn(const QString& file) {
        const auto path = file::importPicture(
            file::diskStorage(), m_session.document.folder().toStdString(), file.toStdString());
        if (!path) return m_session.say(told(path.error()));
        Picture picture;
        picture.path = *path;
        picture.name = QFileInfo(QString::fromStdString(*path)).completeBaseName().toStdString();
        m_session.document.apply(
            addPicture(m_session.document.project(), *m_session.document.level(), picture));
        m_chosen = shown()->pictures.size() - 1;
        refresh();
    }

private:
    [[nodiscard]] const Backdrop* shown() const {
        return m_session.document.project().findBackdrop(m_session.document.level()->backdrop);
    }
    [[nodiscard]] const Picture* chosen() const {
        const Backdrop* backdrop = shown();
        return backdrop && m_chosen < backdrop->pictures.size() ? &backdrop->pictures[m_chosen]
                                                                : nullptr;
    }
    [[nodiscard]] static QString numberOf(Decimal value) {
        return QString::number(double(value.thousandths) / 1000, 'g', 4);
    }
    /// How it fills the level, with its size.
    [[nodiscard]] QString fitWords(const Picture& picture) const {
        const auto path = file::pathInside(m_session.document.folder().toStdString(), picture.path);
        const QSize size =
            path ? QImageReader(QString::fromStdString(path->string())).size() : QSize();
        if (size.isEmpty())
            return tr("The image %1 cannot be read.").arg(QString::fromStdString(picture.path));
        const PxRect level = m_session.document.level()->boundsPx();
        const QString both = tr("%1 × %2 in a level of %L3 × %L4")
                                 .arg(size.width())
                                 .arg(size.height())
                                 .arg(level.width)
                                 .arg(level.height);
        const int across = (level.width + size.width() - 1) / size.width();
        switch (picture.fit) {
            case PictureFit::Repeat:
                return tr("%1: repeats %2 times across, %3 down.")
                    .arg(both)
                    .arg(across)
                    .arg((level.height + size.height() - 1) / size.height());
            case PictureFit::Across:
                return size.height() > level.height
                           ? tr("%1: repeats, and is cut at the top.").arg(both)
                           : tr("%1: repeats %2 times at parallax 1.").arg(both).arg(across);
            case PictureFit::Stretch:
                return tr("%1: stretched.").arg(both);
            case PictureFit::Once:
                break;
        }
        return tr("%1: once.").arg(both);
    }
    QDoubleSpinBox* addDecimal(const QString& words, const char* name, double low, double high,
                               double step, Decimal Picture::*field) {
        auto* box = new QDoubleSpinBox(rowsHolder());
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(words);
        box->setRange(low, high);
        box->setDecimals(3);
        box->setSingleStep(step);
        box->setFixedWidth(86);
        box->setKeyboardTracking(false);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, words, field](double value) {
            change(words, [&](Picture& p) { p.*field = {std::llround(value * 1000)}; });
        });
        addControl(words, box);
        return box;
    }
    static void showDecimal(QDoubleSpinBox* box, Decimal value) {
        const QSignalBlocker blocker(box);
        if (!box->hasFocus() || std::llround(box->value() * 1000) != value.thousandths)
            box->setValue(double(value.thousandths) / 1000);
    }
    [[nodiscard]] const std::string& backdropName() const {
        return m_session.document.level()->backdrop;
    }
    template <typename Change>
    void change(const QString& name, Change&& make) {
        if (!chosen()) return;
        Picture picture = *chosen();
        make(picture);
        m_session.document.apply(changePicture(m_session.document.project(), backdropName(),
                                               m_chosen, picture, name.toStdString()));
        refresh();
    }
    void move(int by) {
        const Backdrop* backdrop = shown();
        const std::size_t to = m_chosen + std::size_t(by);
        if (!backdrop || to >= backdrop->pictures.size()) return;
        m_session.document.apply(
            movePicture(m_session.document.project(), backdropName(), m_chosen, by));
        m_chosen = to;
        refresh();
    }
    void takeOut() {
        if (!chosen()) return;
        m_session.document.apply(
            removePicture(m_session.document.project(), backdropName(), m_chosen));
        refresh();
    }

    QVBoxLayout* m_list;
    QLabel* m_words;
    QComboBox* m_fit;
    QDoubleSpinBox* m_parallaxX;
    QDoubleSpinBox* m_parallaxY;
    QDoubleSpinBox* m_scroll;
    QSpinBox* m_opacity;
    QComboBox* m_fades = nullptr;
    std::unique_ptr<FadeRows> m_fadeRows;
    QList<QWidget*> m_ofPicture;
    QWidget* m_add;
    QList<MarginRow*> m_rows;
    std::size_t m_chosen = 0;
};

}  // namespace

PanelSection* makeBackdropSection(Session& session, QWidget* parent) {
    return new BackdropSection(session, parent);
}

}  // namespace rook::app
