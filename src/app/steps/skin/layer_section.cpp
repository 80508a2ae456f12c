#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>
#include <memory>

#include "app/steps/skin/fade_rows.h"
#include "app/steps/skin/skin_options.h"
#include "app/steps/skin/skin_sections.h"
#include "app/ui/buttons.h"
#include "app/ui/margin_row.h"
#include "app/ui/row_drag.h"
#include "level/tile_edits.h"

namespace rook::app {

namespace {

using level::TileLayer;

/// The layers that tiles are painted on, the nearest on top, with the masses among them and the
/// cast above.
class LayerSection : public PanelSection {
public:
    LayerSection(Session& session, QWidget* parent)
        : PanelSection(tr("Layers"), {}, session, parent), m_list(new QVBoxLayout) {
        makeFoldable(QStringLiteral("layers"), true);
        m_list->setSpacing(0);
        addCastRow();
        addWide(m_list);
        connect(&session.document, &Document::guardsChanged, this, &LayerSection::refresh);
        m_name = new QLineEdit(rowsHolder());
        m_name->setObjectName(QStringLiteral("layer-name"));
        m_name->setAccessibleName(tr("Name of the layer in hand"));
        m_name->setMaxLength(60);
        m_name->setFixedWidth(150);
        connect(m_name, &QLineEdit::editingFinished, this, [this] {
            const std::string name = m_name->text().trimmed().toStdString();
            if (!name.empty())
                change(tr("Name a layer"), [&](TileLayer& layer) { layer.name = name; });
        });
        addControl(tr("Name"), m_name);
        m_opacity = makeNumberBox(QStringLiteral("layer-opacity"), 0, 100, this, [this](int value) {
            change(tr("Opacity of a layer"), [value](TileLayer& l) { l.opacity = value; });
        });
        m_opacity->setSuffix(tr(" %"));
        addControl(tr("Opacity"), m_opacity);
        m_wears = makeChoiceBox(QStringLiteral("layer-wears"), {}, this, [this](int index) {
            m_session.workbench.change<SkinOptions>([index](SkinOptions& o) {
                o.layerMatter.reset();
                if (index > 0) o.layerMatter = level::MatterId{std::uint16_t(index)};
            });
            refresh();
        });
        m_wears->setToolTip(
            tr("What the tools lay on it: tiles by hand, or a matter that is dressed as the masses "
               "are and that nobody bumps into."));
        addControl(tr("Tools lay"), m_wears);
        m_fades =
            makeChoiceBox(QStringLiteral("layer-fades"),
                          {tr("stays"), tr("fades before the player"), tr("fades beyond a line")},
                          this, [this](int index) { setFading(index); });
        addControl(tr("In play"), m_fades);
        m_fadeRows = std::make_unique<FadeRows>(
            *this, QStringLiteral("layer-fade"), [this](const level::FadeLine& line) {
                change(tr("Fading of a layer"), [&](TileLayer& layer) { layer.fadeLine = line; });
            });
        auto* grid = new ButtonGrid;
        const auto add = [&](const QString& text, const char* name, std::function<void()> act) {
            return grid->add(text, name, this, std::move(act));
        };
        m_adding << add(tr("Add behind"), "layer-behind", [this] { addNew(false); })
                 << add(tr("Add before"), "layer-before", [this] { addNew(true); });
        m_ofLayer << add(tr("Nearer"), "layer-nearer", [this] { move(1); })
                  << add(tr("Farther"), "layer-farther", [this] { move(-1); })
                  << add(tr("Remove"), "layer-remove", [this] {
                         const int layer = inHand();
                         m_session.workbench.change<SkinOptions>(
                             [](SkinOptions& o) { o.skinLayer = level::onMasses; });
                         m_session.document.apply(removeLayer(*m_session.document.level(), layer));
                     });
        addWide(grid);
        m_exported = new Chip(tr("exported"), rowsHolder());
        m_exported->setObjectName(QStringLiteral("layer-exported"));
        m_exported->setAccessibleName(tr("Games load this layer"));
        m_exported->setToolTip(
            tr("Games load this layer. The eye hides it here alone, to see better."));
        connect(m_exported, &QAbstractButton::clicked, this, [this](bool isOn) {
            changeLayer(inHand(), isOn ? tr("Export a layer") : tr("Leave a layer out"),
                        [isOn](TileLayer& l) { l.isExported = isOn; });
        });
        addControl(tr("For games"), m_exported);
    }

    void refresh() override {
        const auto& layers = m_session.document.level()->layers;
        const bool isOnSwatch = m_session.document.isOnSwatch();
        setNote(layers.empty() ? tr("the masses alone") : QString());
        if (m_rows.size() != qsizetype(layers.size()) + 1) rebuild(int(layers.size()));
        const int behind = int(std::count_if(layers.begin(), layers.end(),
                                             [](const TileLayer& l) { return !l.isFront; }));
        // From the nearest down; the masses lie between.
        qsizetype row = 0;
        for (int place = int(layers.size()); place >= 0; --place) {
            const int layer = place > behind ? place - 1 : place == behind ? -1 : place;
            Row& shown = m_rows[row++];
            shown.layer = layer;
            shown.button->setChecked(layer == inHand());
            if (layer < 0) {
                shown.button->setWords(tr("Masses"), tr("dressed"));
                showGuard(shown, m_session.document.guards().masses);
                continue;
            }
            const TileLayer& each = layers[std::size_t(layer)];
            shown.button->setWords(QString::fromStdString(each.name),
                                   !each.isExported ? tr("not exported")
                                   : each.isFront   ? tr("before")
                                                    : tr("behind"));
            shown.eye->setChecked(each.isShown);
            shown.lock->setChecked(each.isLocked);
        }
        showGuard(m_cast, m_session.document.guards().cast);
        const bool hasLayer = inHand() >= 0;
        QStringList laid{tr("tiles in hand")};
        const auto& matters = m_session.document.project().matters;
        for (std::size_t i = 1; i < matters.size(); ++i)
            laid << QString::fromStdString(matters[i].title);
        setChoices(m_wears, laid);
        const auto matter =
            m_session.workbench.options<SkinOptions>().layerMatter.value_or(level::MatterId{});
        m_wears->setCurrentIndex(hasLayer ? int(matter.index) : 0);
        const bool isFront = hasLayer && layers[std::size_t(inHand())].isFront;
        m_fades->setEnabled(isFront);
        const TileLayer* front = isFront ? &layers[std::size_t(inHand())] : nullptr;
        m_fades->setCurrentIndex(!front ? 0 : front->fadeLine ? 2 : front->fades ? 1 : 0);
        m_fadeRows->show(front ? front->fadeLine : std::nullopt);
        m_exported->setChecked(!hasLayer || layers[std::size_t(inHand())].isExported);
        for (QWidget* widget :
             std::initializer_list<QWidget*>{m_name, m_opacity, m_wears, m_fades, m_exported})
            showRow(widget, hasLayer);
        for (QWidget* widget : m_ofLayer)
            widget->setVisible(hasLayer);
        for (QWidget* widget : m_adding)
            widget->setEnabled(!isOnSwatch);
        if (!m_name->hasFocus())
            m_name->setText(hasLayer ? QString::fromStdString(layers[std::size_t(inHand())].name)
                                     : QString());
        showNumber(m_opacity, hasLayer ? layers[std::size_t(inHand())].opacity : 100);
    }

private:
    struct Row {
        MarginRow* button = nullptr;
        IconToggle* eye = nullptr;
        IconToggle* lock = nullptr;
        int layer = level::onMasses;
    };

    [[nodiscard]] int inHand() const {
        const int layer = m_session.workbench.options<SkinOptions>().skinLayer;
        return layer < int(m_session.document.level()->layers.size()) ? layer : level::onMasses;
    }
    [[nodiscard]] Row makeRow(const QString& name) {
        auto* holder = new QWidget(rowsHolder());
        auto* line = new QHBoxLayout(holder);
        line->setContentsMargins(0, 0, 0, 0);
        line->setSpacing(2);
        Row row;
        row.button = new MarginRow(holder);
        row.button->setObjectName(QStringLiteral("layer-row-") + name);
        row.eye = new IconToggle(QStringLiteral("eye"), QStringLiteral("eye-off"),
                                 tr("Show it here; games take no notice of this"), holder);
        row.eye->setObjectName(QStringLiteral("layer-shown-") + name);
        row.lock = new IconToggle(QStringLiteral("lock"), QStringLiteral("unlock"),
                                  tr("Lock it: tools leave it alone"), holder);
        row.lock->setObjectName(QStringLiteral("layer-locked-") + name);
        line->addWidget(row.button, 1);
        line->addWidget(row.eye);
        line->addWidget(row.lock);
        return row;
    }
    /// The cast stands over the masses and below what lies before them; nothing is laid on it.
    void addCastRow() {
        m_cast = makeRow(QStringLiteral("cast"));
        m_cast.button->setWords(tr("Cast"), tr("placed in Cast"));
        connect(m_cast.button, &QAbstractButton::clicked, this,
                [this] { m_session.workbench.setStep(Step::Cast); });
        connect(m_cast.eye, &QAbstractButton::clicked, this,
                [this](bool isOn) { guard(&Guards::cast, &Guard::isShown, isOn); });
        connect(m_cast.lock, &QAbstractButton::clicked, this,
                [this](bool isOn) { guard(&Guards::cast, &Guard::isLocked, isOn); });
        auto* line = new QVBoxLayout;
        line->addWidget(m_cast.button->parentWidget());
        addWide(line);
    }
    void guard(Guard Guards::*part, bool Guard::*of, bool isOn) {
        Guards guards = m_session.document.guards();
        guards.*part.*of = isOn;
        m_session.document.setGuards(guards);
    }
    static void showGuard(const Row& row, const Guard& guard) {
        row.eye->setChecked(guard.isShown);
        row.lock->setChecked(guard.isLocked);
    }
    void rebuild(int count) {
        for (const Row& row : m_rows)
            delete row.button->parentWidget();
        m_rows.clear();
        m_drag.clear();
        for (int i = 0; i <= count; ++i) {
            Row row = makeRow(QString::number(i));
            row.button->setCheckable(true);
            connect(row.button, &QAbstractButton::clicked, this, [this, i] {
                m_session.workbench.change<SkinOptions>(
                    [&](SkinOptions& o) { o.skinLayer = m_rows[i].layer; });
                refresh();
            });
            connect(row.eye, &QAbstractButton::clicked, this, [this, i](bool isOn) {
                if (m_rows[i].layer < 0) return guard(&Guards::masses, &Guard::isShown, isOn);
                changeLayer(m_rows[i].layer, tr("Show a layer"),
                            [isOn](TileLayer& l) { l.isShown = isOn; });
            });
            connect(row.lock, &QAbstractButton::clicked, this, [this, i](bool isOn) {
                if (m_rows[i].layer < 0) return guard(&Guards::masses, &Guard::isLocked, isOn);
                changeLayer(m_rows[i].layer, tr("Lock a layer"),
                            [isOn](TileLayer& l) { l.isLocked = isOn; });
            });
            row.button->setToolTip(tr("Drag to bring it nearer or farther."));
            m_drag.add(row.button);
            m_list->addWidget(row.button->parentWidget());
            m_rows << row;
        }
    }
    void addNew(bool isFront) {
        const std::size_t count = m_session.document.level()->layers.size();
        const QString name =
            isFront ? tr("Before %1").arg(count + 1) : tr("Behind %1").arg(count + 1);
        const auto edit = addLayer(*m_session.document.level(), isFront, name.toStdString());
        m_session.document.apply(edit);
        if (!edit) return;
        const auto& layers = m_session.document.level()->layers;
        for (std::size_t i = 0; i < layers.size(); ++i)
            if (layers[i].name == name.toStdString())
                m_session.workbench.change<SkinOptions>(
                    [i](SkinOptions& o) { o.skinLayer = int(i); });
        refresh();
    }
    void move(int by) {
        const int layer = inHand();
        const std::string name = m_session.document.level()->layers[std::size_t(layer)].name;
        m_session.document.apply(moveLayer(*m_session.document.level(), layer, by));
        const auto& layers = m_session.document.level()->layers;
        for (std::size_t i = 0; i < layers.size(); ++i)
            if (layers[i].name == name)
                m_session.workbench.change<SkinOptions>(
                    [i](SkinOptions& o) { o.skinLayer = int(i); });
        refresh();
    }
    /// A row that is dragged over another takes its layer there, across the masses too. Rows run
    /// from the nearest down.
    void moveRow(qsizetype from, qsizetype to) {
        if (from >= m_rows.size() || to >= m_rows.size()) return;
        const int layer = m_rows[from].layer;
        if (layer < 0) return;
        const level::MovedLayer moved =
            moveLayerFar(*m_session.document.level(), layer, int(from - to));
        m_session.document.apply(moved.edit);
        m_session.workbench.change<SkinOptions>([&](SkinOptions& o) { o.skinLayer = moved.layer; });
        refresh();
    }
    /// A new line goes through the middle of the level.
    void setFading(int index) {
        const int middle = m_session.document.level()->boundsPx().height / 2;
        change(tr("Fading of a layer"), [&](TileLayer& layer) {
            layer.fades = index == 1;
            layer.fadeLine.reset();
            if (index == 2) layer.fadeLine = level::FadeLine{level::Facing::Down, middle, 12};
        });
    }
    template <typename Change>
    void change(const QString& name, Change&& make) {
        changeLayer(inHand(), name, make);
    }
    template <typename Change>
    void changeLayer(int layer, const QString& name, Change&& make) {
        if (layer < 0) return;
        const level::Level& level = *m_session.document.level();
        level::TileLayer value = level.layers[std::size_t(layer)];
        make(value);
        m_session.document.apply(level::changeLayer(level, layer, value, name.toStdString()));
    }

    QVBoxLayout* m_list;
    QList<Row> m_rows;
    Row m_cast;
    RowDrag m_drag{this, [this](qsizetype from, qsizetype to) { moveRow(from, to); }};
    QComboBox* m_wears;
    QComboBox* m_fades;
    std::unique_ptr<FadeRows> m_fadeRows;
    QLineEdit* m_name;
    Chip* m_exported = nullptr;
    QSpinBox* m_opacity;
    QList<QWidget*> m_adding;
    QList<QWidget*> m_ofLayer;
};

}  // namespace

PanelSection* makeLayerSection(Session& session, QWidget* parent) {
    return new LayerSection(session, parent);
}

}  // namespace rook::app
