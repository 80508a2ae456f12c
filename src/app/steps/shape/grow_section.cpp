#include <QComboBox>
#include <QFutureWatcher>
#include <QSpinBox>
#include <QtConcurrent>

#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/buttons.h"
#include "app/ui/words.h"
#include "masses/caves.h"

namespace rook::app {

namespace {

/// What is grown where, on a worker.
struct GrowTask {
    level::Project project;
    std::shared_ptr<const level::Level> level;
    level::CellRegion area;
    masses::CaveSettings settings;
    level::MatterId matter;
};

std::shared_ptr<const Proposal> propose(const GrowTask& task, const std::atomic<bool>& cancel) {
    auto edit = layCave(task.project, *task.level, task.area, task.settings, task.matter, &cancel);
    if (!edit) return nullptr;
    const CellRect bounds = task.area.bounds();
    auto proposal = std::make_shared<Proposal>();
    proposal->bounds = bounds;
    proposal->area = BitMap(bounds.width, bounds.height);
    proposal->solid = proposal->area;
    for (const level::CellRun& run : task.area.runs())
        for (int x = run.x; x < run.x + run.count; ++x) {
            proposal->area.set(x - bounds.x, run.y - bounds.y);
            if (!edit->level.cells.at(x, run.y).isOpen())
                proposal->solid.set(x - bounds.x, run.y - bounds.y);
        }
    proposal->edit = std::move(*edit);
    proposal->of = task.level;
    return proposal;
}

/// Caves out of noise, seen on the board before they are grown.
class GrowSection : public PanelSection {
public:
    GrowSection(Session& session, QWidget* parent)
        : PanelSection(tr("Grow a cave"), {}, session, parent) {
        makeFoldable(QStringLiteral("grow"), false);
        m_kind = makeChoiceBox(QStringLiteral("noise-kind"),
                               {tr("smooth"), tr("billows"), tr("ridges"), tr("pebbles")}, this,
                               [this](int index) {
                                   m_settings.noise.kind = NoiseKind(index);
                                   consider();
                               });
        m_kind->setFixedWidth(92);
        addControl(tr("Noise"), m_kind);
        addNumber(tr("Scale, cells"), QStringLiteral("noise-scale"), 1, 256,
                  m_settings.noise.scale);
        addNumber(tr("Octaves"), QStringLiteral("noise-octaves"), 1, 8, m_settings.noise.octaves);
        addNumber(tr("Solid from, %"), QStringLiteral("noise-threshold"), 0, 101,
                  m_settings.threshold);
        addNumber(tr("Seed"), QStringLiteral("noise-seed"), 0, 999999, m_settings.noise.seed);
        addNumber(tr("Smoothing, passes"), QStringLiteral("cave-smoothing"), 0, 16,
                  m_settings.smoothing);
        addNumber(tr("Sealed border, cells"), QStringLiteral("cave-border"), 0, 64,
                  m_settings.border);
        auto* row = new QHBoxLayout;
        row->setSpacing(4);
        auto* one = new Chip(tr("largest room only"), rowsHolder());
        one->setObjectName(QStringLiteral("one-room"));
        one->setChecked(m_settings.keepsOneRoom);
        connect(one, &QAbstractButton::toggled, this, [this](bool isOn) {
            m_settings.keepsOneRoom = isOn;
            consider();
        });
        row->addWidget(one);
        row->addStretch();
        addWide(row);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("grow-words"));
        addWide(m_words);
        auto* buttons = new QHBoxLayout;
        buttons->setSpacing(6);
        buttons->addWidget(makeButton(tr("Preview"), QStringLiteral("preview-cave"), this, [this] {
            m_isOn = true;
            consider();
        }));
        buttons->addWidget(
            makeButton(tr("Another seed"), QStringLiteral("next-seed"), this, [this] {
                auto* seed = findChild<QSpinBox*>(QStringLiteral("noise-seed"));
                m_isOn = true;
                seed->setValue(seed->value() + 1);
            }));
        m_grow = makeButton(tr("Grow"), QStringLiteral("grow-cave"), this, [this] { grow(); });
        buttons->addWidget(m_grow);
        addWide(buttons);
        connect(&m_watcher, &QFutureWatcherBase::finished, this, [this] { take(); });
        connect(this, &MarginSection::folded, this, [this](bool isOpen) {
            if (!isOpen) stop();
        });
    }
    ~GrowSection() override {
        if (m_cancel) *m_cancel = true;
        m_watcher.waitForFinished();
    }

    void refresh() override {
        const bool isShown = m_session.workbench.options<ShapeOptions>().proposal != nullptr;
        // Escape, or another level, took the preview away.
        if (m_wasShown && !isShown && !m_watcher.isRunning()) m_isOn = false;
        m_wasShown = isShown;
        m_grow->setEnabled(isShown);
        const auto& cells = m_session.workbench.selection().cells;
        const bool isOther =
            m_isOn && (m_shownLevel != m_session.document.level() || m_shownArea != cells ||
                       m_shownMatter != m_session.workbench.options<CellOptions>().matter);
        if (isOther) consider();
        refreshWords();
    }

private:
    void refreshWords() {
        const auto& cells = m_session.workbench.selection().cells;
        const QString area =
            cells ? tr("in the selection, %1").arg(told(level::cellCountText(cells->cellCount())))
                  : tr("over the whole level");
        const auto& matters = m_session.document.project().matters;
        const QString matter =
            QString::fromStdString(
                matters[m_session.workbench.options<CellOptions>().matter.index].title)
                .toLower();
        const auto& proposal = m_session.workbench.options<ShapeOptions>().proposal;
        m_words->setText(
            m_watcher.isRunning() ? tr("Growing %1 %2 … Esc stops it.").arg(matter, area)
            : proposal            ? tr("%1 % of %2 %3.")
                             .arg(100 * proposal->solid.count() /
                                  std::max<std::int64_t>(1, proposal->area.count()))
                             .arg(matter, area)
                       : tr("Of %1, %2. What is there is laid anew.").arg(matter, area));
    }
    void addNumber(const QString& words, const QString& name, int low, int high, int& value) {
        QSpinBox* box = makeNumberBox(name, low, high, this, [this, &value](int next) {
            value = next;
            consider();
        });
        showNumber(box, value);
        addControl(words, box);
    }
    void stop() {
        m_isOn = false;
        if (m_cancel) *m_cancel = true;
        if (m_session.workbench.options<ShapeOptions>().proposal)
            change<ShapeOptions>([](ShapeOptions& options) { options.proposal.reset(); });
    }
    /// Begins anew with what is chosen now, if a preview is wanted.
    void consider() {
        if (!m_isOn) return;
        if (m_watcher.isRunning()) {
            *m_cancel = true;
            m_isWanted = true;
            return;
        }
        m_isWanted = false;
        m_shownLevel = m_session.document.level();
        m_shownArea = m_session.workbench.selection().cells;
        m_shownMatter = m_session.workbench.options<CellOptions>().matter;
        const level::CellRegion area =
            m_shownArea ? *m_shownArea : level::CellRegion(m_shownLevel->cells.bounds());
        m_cancel = std::make_shared<std::atomic<bool>>(false);
        m_watcher.setFuture(
            QtConcurrent::run([task = GrowTask{m_session.document.project(), m_shownLevel, area,
                                               m_settings, m_shownMatter},
                               cancel = m_cancel] { return propose(task, *cancel); }));
        refreshWords();
    }
    void take() {
        const auto proposal = m_watcher.result();
        if (m_isWanted) return consider();
        if (!m_isOn) return;
        change<ShapeOptions>([&](ShapeOptions& options) { options.proposal = proposal; });
    }
    void grow() {
        const auto proposal = m_session.workbench.options<ShapeOptions>().proposal;
        if (!proposal || proposal->of != m_session.document.level())
            return m_session.say(tr("The level changed meanwhile: the preview is made anew."));
        stop();
        m_session.document.apply(proposal->edit);
    }

    masses::CaveSettings m_settings;
    QComboBox* m_kind;
    QLabel* m_words;
    QWidget* m_grow;
    bool m_isOn = false;  ///< a preview is wanted
    bool m_wasShown = false;
    bool m_isWanted = false;  ///< anew, as soon as the worker is free
    std::shared_ptr<const level::Level> m_shownLevel;
    std::optional<level::CellRegion> m_shownArea;
    level::MatterId m_shownMatter;
    std::shared_ptr<std::atomic<bool>> m_cancel;
    QFutureWatcher<std::shared_ptr<const Proposal>> m_watcher;
};

}  // namespace

PanelSection* makeGrowSection(Session& session, QWidget* parent) {
    return new GrowSection(session, parent);
}

}  // namespace rook::app
