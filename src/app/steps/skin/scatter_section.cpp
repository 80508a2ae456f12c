#include <QAbstractButton>
#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>

#include "app/session/live_reach.h"
#include "app/steps/skin/skin_options.h"
#include "app/steps/skin/skin_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/margin_row.h"
#include "app/ui/row_drag.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/look_edits.h"

namespace rook::app {

namespace {

using level::ScatterRule;

/// Levels above that many cells show no preview: it would hold the window up.
constexpr std::int64_t mostPreviewed = 512 * 512;

/// The rules by which things are strewn, and one that is being made.
class ScatterSection : public PanelSection {
public:
    ScatterSection(Session& session, QWidget* parent)
        : PanelSection(tr("Scatter"), {}, session, parent), m_list(new QVBoxLayout) {
        makeFoldable(QStringLiteral("scatter"), false);
        m_list->setSpacing(0);
        addWide(m_list);
        m_name = new QLineEdit(rowsHolder());
        m_name->setObjectName(QStringLiteral("scatter-name"));
        m_name->setMaxLength(60);
        m_name->setFixedWidth(150);
        connect(m_name, &QLineEdit::editingFinished, this, [this] {
            const std::string name = m_name->text().trimmed().toStdString();
            if (!name.empty() && m_name->isModified())
                change([&](ScatterRule& rule) { rule.name = name; });
            m_name->setModified(false);
        });
        addControl(tr("Name"), m_name);
        m_what = addChoice(tr("Strews"), "scatter-what", [this](int index) { takeWhat(index); });
        m_where = addChoice(tr("Where"), "scatter-where", [this](int index) {
            change([&](ScatterRule& r) { r.where = static_cast<level::Ground>(index); });
        });
        m_where->addItems(
            {tr("on top of"), tr("under"), tr("beside"), tr("inside"), tr("in open air")});
        m_matter = addChoice(tr("Of"), "scatter-matter", [this](int index) {
            const auto& matters = m_session.document.project().matters;
            change([&](ScatterRule& r) { r.matter = matters[std::size_t(index + 1)].name; });
        });
        m_layer = addChoice(tr("On"), "scatter-layer", [this](int index) {
            const auto& layers = m_session.document.level()->layers;
            change([&](ScatterRule& r) {
                r.layer = index == 0 ? std::string() : layers[std::size_t(index - 1)].name;
            });
        });
        addNumber(tr("Share, %"), "scatter-share", 0, 100, &ScatterRule::share);
        addNumber(tr("Count in each zone"), "scatter-count", 0, 100000, &ScatterRule::count)
            ->setSpecialValueText(tr("any"));
        addNumber(tr("Apart, cells"), "scatter-distance", 0, 64, &ScatterRule::distance);
        m_away = addChoice(tr("Away from"), "scatter-away", [this](int index) {
            const auto& kinds = m_session.document.project().kinds;
            change([&](ScatterRule& r) {
                r.awayFrom = index == 0 ? KindId() : kinds[std::size_t(index - 1)].id;
            });
        });
        addNumber(tr("By cells"), "scatter-away-cells", 0, 64, &ScatterRule::awayCells);
        m_reached = addChoice(tr("Cells"), "scatter-reached", [this](int index) {
            change([&](ScatterRule& r) { r.onlyReached = index == 1; });
        });
        m_reached->addItems({tr("everywhere"), tr("only where reached")});
        addNumber(tr("Patches, cells"), "scatter-patch", 0, 256, &ScatterRule::patch);
        addNumber(tr("Seed"), "scatter-seed", 0, 1000000, &ScatterRule::seed);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("scatter-words"));
        addWide(m_words);
        auto* grid = new ButtonGrid;
        m_keep = grid->add(tr("Keep as a rule"), "scatter-keep", this, [this] { keep(); });
        m_keep->setToolTip(tr("It is followed anew whenever the masses change."));
        m_remove = grid->add(tr("Remove the rule"), "scatter-remove", this, [this] { remove(); });
        grid->add(tr("Lay down"), "scatter", this, [this] { layDown(); })
            ->setToolTip(tr("What is strewn becomes tiles, things or matter of the level's own."));
        addWide(grid);
        connect(this, &MarginSection::folded, this, [this] { preview(); });
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        const auto& rules = m_session.document.level()->scatter;
        if (m_rule >= int(rules.size())) m_rule = -1;
        setNote(rules.empty() ? tr("no rule yet")
                              : counted(qsizetype(rules.size()), tr("rule"), tr("rules")));
        refreshRows();
        const ScatterRule rule = inHand();
        QStringList kinds;
        QStringList things{tr("tiles in hand")};
        for (const level::Kind& kind : project.kinds) {
            kinds << QString::fromStdString(kind.title);
            things << QString::fromStdString(kind.title);
        }
        if (m_rule >= 0 && rule.kind.isEmpty() && rule.lays.empty())
            things[0] = counted(qsizetype(rule.tiles.size()), tr("tile"), tr("tiles"));
        for (std::size_t i = 1; i < project.matters.size(); ++i)
            things << tr("%1, as matter").arg(QString::fromStdString(project.matters[i].title));
        setChoices(m_what, things);
        const auto laid = project.findMatter(rule.lays);
        m_what->setCurrentIndex(laid && laid->index > 0
                                    ? int(project.kinds.size()) + int(laid->index)
                                    : placeOf(rule.kind));
        m_where->setCurrentIndex(int(rule.where));
        QStringList matters;
        for (std::size_t i = 1; i < project.matters.size(); ++i)
            matters << QString::fromStdString(project.matters[i].title);
        setChoices(m_matter, matters);
        m_matter->setCurrentIndex(
            int(project.findMatter(rule.matter).value_or(level::MatterId{}).index) - 1);
        m_matter->setEnabled(rule.where != level::Ground::OpenAir);
        QStringList layers{tr("the masses")};
        for (const level::TileLayer& layer : m_session.document.level()->layers)
            layers << QString::fromStdString(layer.name);
        setChoices(m_layer, layers);
        m_layer->setCurrentIndex(
            std::max(0, m_layer->findText(QString::fromStdString(rule.layer))));
        m_layer->setEnabled(rule.kind.isEmpty() && rule.lays.empty());
        setChoices(m_away, QStringList{tr("all that is placed")} + kinds);
        m_away->setCurrentIndex(placeOf(rule.awayFrom));
        m_reached->setCurrentIndex(rule.onlyReached ? 1 : 0);
        for (const auto& [box, field] : m_numbers)
            showNumber(box, rule.*field);
        if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(rule.name));
        m_keep->setVisible(m_rule < 0);
        m_remove->setVisible(m_rule >= 0);
        preview();
    }

private:
    QComboBox* addChoice(const QString& words, const char* name, std::function<void(int)> act) {
        QComboBox* box = makeChoiceBox(QLatin1String(name), {}, this, std::move(act));
        addControl(words, box);
        return box;
    }
    QSpinBox* addNumber(const QString& words, const char* name, int low, int high,
                        int ScatterRule::*field) {
        QSpinBox* box = makeNumberBox(
            QLatin1String(name), low, high, this,
            [this, field](int value) { change([&](ScatterRule& rule) { rule.*field = value; }); });
        addControl(words, box);
        m_numbers.emplace_back(box, field);
        return box;
    }
    [[nodiscard]] int placeOf(const KindId& id) const {
        const auto& kinds = m_session.document.project().kinds;
        for (std::size_t i = 0; i < kinds.size(); ++i)
            if (kinds[i].id == id) return int(i) + 1;
        return 0;
    }
    /// The rule in hand; one that is being made strews the tiles in hand.
    [[nodiscard]] ScatterRule inHand() const {
        if (m_rule >= 0) return m_session.document.level()->scatter[std::size_t(m_rule)];
        ScatterRule rule = m_draft;
        if (rule.name.empty())
            rule.name =
                tr("rule %1").arg(m_session.document.level()->scatter.size() + 1).toStdString();
        if (rule.matter.empty() && m_session.document.project().matters.size() > 1)
            rule.matter = m_session.document.project().matters[1].name;
        if (rule.kind.isEmpty() && rule.lays.empty()) rule.tiles = tilesInHand();
        return rule;
    }
    [[nodiscard]] std::vector<level::Tile> tilesInHand() const {
        const auto& hand = m_session.workbench.options<TilesInHand>().tiles;
        std::vector<level::Tile> tiles;
        for (int y = 0; y < hand.height(); ++y)
            for (int x = 0; x < hand.width(); ++x)
                if (hand.at(x, y).isShown() && tiles.size() < level::maxScatterTiles)
                    tiles.push_back(hand.at(x, y));
        return tiles;
    }
    template <typename Change>
    void change(Change&& make) {
        if (m_rule < 0) {
            make(m_draft);
            return refresh();
        }
        changeRule(m_rule, tr("Change a scatter rule"), make);
        refresh();
    }
    template <typename Change>
    void changeRule(int at, const QString& name, Change&& make) {
        const level::Level& level = *m_session.document.level();
        ScatterRule rule = level.scatter[std::size_t(at)];
        make(rule);
        m_session.document.apply(
            changeScatterRule(level, std::size_t(at), rule, name.toStdString()));
    }
    void takeWhat(int index) {
        const std::vector<level::Tile> tiles = tilesInHand();
        const level::Project& project = m_session.document.project();
        const int kinds = int(project.kinds.size());
        change([&](ScatterRule& rule) {
            const bool isKind = index > 0 && index <= kinds;
            rule.kind = isKind ? project.kinds[std::size_t(index - 1)].id : KindId();
            rule.lays =
                index > kinds ? project.matters[std::size_t(index - kinds)].name : std::string();
            if (index == 0 && !tiles.empty()) rule.tiles = tiles;
        });
    }

    void refreshRows() {
        const auto& rules = m_session.document.level()->scatter;
        while (m_rows.size() > qsizetype(rules.size()) + 1) {
            delete m_rows.back().holder;
            m_rows.pop_back();
            m_drag.removeLast();
        }
        while (m_rows.size() < qsizetype(rules.size()) + 1)
            addRow(int(m_rows.size()) - 1);
        for (qsizetype i = 0; i < m_rows.size(); ++i) {
            const Row& row = m_rows[i];
            const int place = int(i) - 1;
            row.button->setChecked(place == m_rule);
            row.eye->setVisible(place >= 0);
            if (place < 0) {
                row.button->setWords(tr("A new rule"), tr("from the tiles in hand"));
                continue;
            }
            const ScatterRule& rule = rules[std::size_t(place)];
            const auto flaw =
                skin::flawOf(m_session.document.project(), *m_session.document.level(), rule, true);
            row.button->setWords(QString::fromStdString(rule.name),
                                 flaw        ? tr("cannot be followed")
                                 : rule.isOn ? QString()
                                             : tr("off"),
                                 flaw ? currentTheme().alarm : QColor());
            row.eye->setChecked(rule.isOn);
        }
    }
    void addRow(int place) {
        Row row;
        row.holder = new QWidget(rowsHolder());
        auto* line = new QHBoxLayout(row.holder);
        line->setContentsMargins(0, 0, 0, 0);
        line->setSpacing(2);
        row.button = new MarginRow(row.holder);
        row.button->setCheckable(true);
        row.button->setObjectName(QStringLiteral("scatter-row-%1").arg(place + 1));
        row.eye = new IconToggle(QStringLiteral("eye"), QStringLiteral("eye-off"),
                                 tr("Follow the rule"), row.holder);
        row.eye->setObjectName(QStringLiteral("scatter-on-%1").arg(place + 1));
        line->addWidget(row.button, 1);
        line->addWidget(row.eye);
        connect(row.button, &QAbstractButton::clicked, this, [this, place] {
            m_rule = place;
            refresh();
        });
        connect(row.eye, &QAbstractButton::clicked, this, [this, place](bool isOn) {
            changeRule(place, tr("Switch a scatter rule"),
                       [isOn](ScatterRule& rule) { rule.isOn = isOn; });
        });
        row.button->setToolTip(tr("Drag a rule: later ones lie over earlier ones."));
        m_drag.add(row.button);
        m_list->addWidget(row.holder);
        m_rows << row;
    }

    /// The first row is that of a new rule, and stays.
    void moveRow(qsizetype from, qsizetype to) {
        if (from < 1 || from >= m_rows.size() || to >= m_rows.size()) return;
        const auto place = std::size_t(std::max<qsizetype>(to, 1) - 1);
        m_rule = int(place);
        m_session.document.apply(
            moveScatterRule(*m_session.document.level(), std::size_t(from - 1), place));
        refresh();
    }

    [[nodiscard]] skin::IsReached reachedNow() const {
        const LevelId& id = m_session.document.level()->id;
        const auto proven = m_session.proofs.of(id);
        return proven && m_session.proofs.isCurrent(id)
                   ? check::reachedCells(answerOf(proven), *m_session.document.level())
                   : nullptr;
    }
    /// Where the new rule would strew, as a wash on the board; and in words.
    void preview() {
        std::shared_ptr<const level::CellRegion> shown;
        const level::Level& level = *m_session.document.level();
        const ScatterRule rule = inHand();
        const auto flaw = skin::flawOf(m_session.document.project(), level, rule, false);
        QString words = flaw ? told(*flaw) + QLatin1Char('.') : QString();
        const bool isSmall = level.cells.bounds().area() <= mostPreviewed;
        if (isOpen() && !flaw && isSmall) {
            auto region = skin::scatter(m_session.document.project(), level, level.cells.bounds(),
                                        rule, reachedNow());
            words = tr("On %L1 cells.").arg(region.cellCount());
            if (m_rule < 0 && !region.isEmpty())
                shown = std::make_shared<const level::CellRegion>(std::move(region));
        } else if (!flaw && !isSmall) {
            words = tr("This level is too large for a preview.");
        }
        if (const auto stays = skin::flawOf(m_session.document.project(), level, rule, true);
            stays && !flaw) {
            words += QLatin1Char(' ') + told(*stays) + QLatin1Char('.');
            m_keep->setEnabled(false);
        } else {
            m_keep->setEnabled(!flaw);
        }
        m_words->setText(words.trimmed());
        const auto& former = m_session.workbench.options<SkinOptions>().scatterPreview;
        const bool isSame = (!former && !shown) || (former && shown && *former == *shown);
        if (!isSame)
            m_session.workbench.change<SkinOptions>(
                [&](SkinOptions& o) { o.scatterPreview = shown; });
    }
    void keep() {
        const ScatterRule rule = inHand();
        if (const auto flaw =
                skin::flawOf(m_session.document.project(), *m_session.document.level(), rule, true))
            return m_session.say(told(*flaw) + QLatin1Char('.'));
        if (!m_session.document.apply(addScatterRule(*m_session.document.level(), rule))) return;
        m_rule = int(m_session.document.level()->scatter.size()) - 1;
        m_draft = {};
        refresh();
    }
    void remove() {
        const int gone = m_rule;
        m_rule = -1;
        m_session.document.apply(removeScatterRule(*m_session.document.level(), std::size_t(gone)));
        refresh();
    }
    /// A rule that is laid down has done its work: it goes.
    void layDown() {
        if (inHand().onlyReached && !reachedNow())
            return m_session.say(tr("Reach is still being solved."));
        auto edit = skin::layScattered(m_session.document.project(), *m_session.document.level(),
                                       inHand(), reachedNow());
        if (edit && m_rule >= 0) {
            edit->level = removeScatterRule(edit->level, std::size_t(m_rule)).level;
            m_rule = -1;
        }
        m_session.document.apply(edit);
        if (edit) m_session.say(QString::fromStdString(edit->name) + tr(". Undo takes it back."));
        refresh();
    }

    struct Row {
        QWidget* holder = nullptr;
        MarginRow* button = nullptr;
        IconToggle* eye = nullptr;
    };
    QVBoxLayout* m_list;
    QList<Row> m_rows;
    RowDrag m_drag{this, [this](qsizetype from, qsizetype to) { moveRow(from, to); }};
    int m_rule = -1;  ///< in hand; -1 = the one that is being made
    ScatterRule m_draft;
    QLineEdit* m_name;
    QComboBox* m_what;
    QComboBox* m_where;
    QComboBox* m_matter;
    QComboBox* m_layer;
    QComboBox* m_away;
    QComboBox* m_reached;
    std::vector<std::pair<QSpinBox*, int ScatterRule::*>> m_numbers;
    QLabel* m_words;
    QWidget* m_keep;
    QWidget* m_remove;
};

}  // namespace

PanelSection* makeScatterSection(Session& session, QWidget* parent) {
    return new ScatterSection(session, parent);
}

}  // namespace rook::app
