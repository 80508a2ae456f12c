#include <QPushButton>
#include <QSlider>
#include <QTimer>

#include "app/steps/prove/prove_sections.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

constexpr int tickMs = 1000 / 60;

int jumpsOf(const reach::Run& run) {
    int jumps = 0;
    for (const runtime::Input& input : run.inputs)
        if (input.buttons & runtime::jumpButton) ++jumps;
    return jumps;
}

class RunSection : public PanelSection {
public:
    RunSection(Session& session, QWidget* parent)
        : PanelSection(tr("Run"), {}, session, parent),
          m_slider(new QSlider(Qt::Horizontal, this)),
          m_keptList(new QVBoxLayout) {
        makeFoldable(QStringLiteral("run"), true);
        m_length = addValue(tr("Length"));
        m_length->setObjectName(QStringLiteral("run-length"));
        m_tick = addValue(tr("Shown at"));
        m_tick->setObjectName(QStringLiteral("run-tick"));
        m_slider->setObjectName(QStringLiteral("run-slider"));
        m_slider->setAccessibleName(tr("Tick of the run"));
        connect(m_slider, &QSlider::valueChanged, this, [this](int tick) {
            m_session.runs.setPlaying(false);
            m_session.runs.setTick(tick);
        });
        addWide(m_slider);
        addButtons();
        m_keptList->setSpacing(2);
        addWide(m_keptList);
        m_timer.setInterval(tickMs);
        m_timer.setTimerType(Qt::PreciseTimer);
        connect(&m_timer, &QTimer::timeout, this,
                [this] { m_session.runs.setTick(m_session.runs.tick() + 1); });
        connect(&session.runs, &RunPlayer::tickChanged, this, &RunSection::showTick);
        connect(&session.runs, &RunPlayer::runChanged, this, &RunSection::refresh);
    }

    void refresh() override {
        const auto run = m_session.runs.run();
        setTitle(run ? run->title : tr("Run"));
        setNote(!run           ? tr("none yet")
                : run->isProof ? tr("gets to %1").arg(QString::fromStdString(run->goal))
                               : QString());
        m_length->setText(run ? tr("%1 ticks, %2 s, %3 jumps")
                                    .arg(run->run.ticks())
                                    .arg(run->run.ticks() / 60.0, 0, 'f', 1)
                                    .arg(jumpsOf(run->run))
                              : QStringLiteral("–"));
        for (QWidget* widget : QList<QWidget*>{m_slider, m_play, m_back, m_on, m_keep})
            widget->setEnabled(bool(run));
        showTick();
        showKept();
    }

private:
    void addButtons() {
        auto* row = new QHBoxLayout;
        row->setSpacing(4);
        const auto add = [&](const char* name, std::function<void()> act) {
            auto* button = static_cast<QPushButton*>(
                makeButton({}, QLatin1String(name), this, std::move(act)));
            row->addWidget(button);
            return button;
        };
        m_back = add("run-back", [this] { step(-1); });
        m_back->setAccessibleName(tr("One tick back"));
        m_play =
            add("run-play", [this] { m_session.runs.setPlaying(!m_session.runs.isPlaying()); });
        m_on = add("run-on", [this] { step(1); });
        m_on->setAccessibleName(tr("One tick on"));
        m_keep = add("run-keep", [this] { keep(); });
        m_keep->setText(tr("Keep"));
        m_keep->setToolTip(tr("It must stay possible: Prove replays it after every edit."));
        for (QPushButton* button : {m_back, m_play, m_on})
            button->setFixedWidth(34);
        row->addStretch();
        addWide(row);
    }

    void step(int by) {
        m_session.runs.setPlaying(false);
        m_session.runs.setTick(m_session.runs.tick() + by);
    }

    void showTick() {
        const auto run = m_session.runs.run();
        const QSignalBlocker blocker(m_slider);
        m_slider->setRange(0, run ? run->run.ticks() : 0);
        m_slider->setValue(m_session.runs.tick());
        m_tick->setText(run ? tr("tick %1").arg(m_session.runs.tick()) : QStringLiteral("–"));
        const bool isPlaying = m_session.runs.isPlaying();
        if (isPlaying != m_timer.isActive()) isPlaying ? m_timer.start() : m_timer.stop();
        const QColor ink = currentTheme().ink;
        m_back->setIcon(lineIcon(QStringLiteral("step-back"), ink));
        m_on->setIcon(lineIcon(QStringLiteral("step-on"), ink));
        m_play->setIcon(
            lineIcon(isPlaying ? QStringLiteral("pause") : QStringLiteral("play"), ink));
        m_play->setAccessibleName(isPlaying ? tr("Pause the run") : tr("Play the run"));
    }

    void keep() {
        const auto run = m_session.runs.run();
        if (!run) return;
        m_session.document.apply(keepRun(*m_session.document.level(),
                                         reach::keptRunOf(run->run, "", run->goal),
                                         tr("run").toStdString())
                                     .edit);
    }

    /// One line a run that must stay possible: its mark, its name, show and remove.
    void showKept() {
        const auto& runs = m_session.document.level()->runs;
        const auto proven = m_session.proofs.of(m_session.document.level()->id);
        QStringList broken;
        if (proven)
            for (const check::Finding& finding : proven->report.findings())
                if (finding.kind == check::FindingKind::RunBroken) broken << told(finding.sentence);
        if (runs == m_shownRuns && broken == m_shownBroken) return;
        m_shownRuns = runs;
        m_shownBroken = broken;
        qDeleteAll(m_keptWidgets);
        m_keptWidgets.clear();
        for (std::size_t i = 0; i < runs.size(); ++i) {
            const QString name = QString::fromStdString(runs[i].name);
            const bool isBroken = !broken.filter(u'"' + name + u'"').isEmpty();
            auto* line = new QWidget(rowsHolder());
            auto* row = new QHBoxLayout(line);
            row->setContentsMargins(0, 0, 0, 0);
            row->setSpacing(4);
            auto* label = new QLabel(
                isBroken ? tr("✗ %1, broken").arg(name) : tr("✓ %1, still possible").arg(name),
                line);
            label->setObjectName(QStringLiteral("kept-run-%1").arg(i));
            setTone(label, isBroken ? currentTheme().alarm : currentTheme().accent);
            row->addWidget(label, 1);
            row->addWidget(makeButton(tr("Show"), QStringLiteral("show-run-%1").arg(i), line,
                                      [this, i] { show(i); }));
            row->addWidget(makeButton(tr("Remove"), QStringLiteral("remove-run-%1").arg(i), line,
                                      [this, i] { remove(i); }));
            m_keptList->addWidget(line);
            m_keptWidgets << line;
        }
    }

    void show(std::size_t index) {
        const auto& runs = m_session.document.level()->runs;
        const auto query =
            reach::queryOf(m_session.document.project(), *m_session.document.level());
        if (!query || index >= runs.size()) return;
        auto shown = std::make_shared<ShownRun>();
        shown->run = reach::replayed(query->problem, reach::inputsOf(runs[index].spans));
        shown->title = QString::fromStdString(runs[index].name);
        shown->goal = runs[index].goal.text;
        m_session.runs.showRun(std::move(shown));
    }

    void remove(std::size_t index) {
        const level::Level& level = *m_session.document.level();
        if (index < level.runs.size()) m_session.document.apply(removeRun(level, index));
    }

    QLabel* m_length;
    QLabel* m_tick;
    QSlider* m_slider;
    QPushButton* m_back = nullptr;
    QPushButton* m_play = nullptr;
    QPushButton* m_on = nullptr;
    QPushButton* m_keep = nullptr;
    QVBoxLayout* m_keptList;
    QList<QWidget*> m_keptWidgets;
    SharedVector<level::KeptRun> m_shownRuns;
    QStringList m_shownBroken;
    QTimer m_timer;
};

}  // namespace

PanelSection* makeRunSection(Session& session, QWidget* parent) {
    return new RunSection(session, parent);
}

}  // namespace rook::app
