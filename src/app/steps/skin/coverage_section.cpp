#include <QFutureWatcher>
#include <QPainter>
#include <QTimer>
#include <QtConcurrentRun>

#include "app/steps/skin/skin_sections.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/names.h"
#include "skin/coverage.h"

namespace rook::app {

namespace {

constexpr std::size_t mostRows = 8;

/// The eight neighbours of a case, as a small drawing.
void drawCase(QPainter& painter, const QRectF& rect, const skin::Case& which) {
    const double side = std::floor(rect.width() / 3);
    const QRectF middle(rect.center().x() - side / 2, rect.center().y() - side / 2, side, side);
    const QColor ink = painter.pen().color();
    painter.setPen(Qt::NoPen);
    QColor quiet = ink;
    quiet.setAlphaF(0.45f);
    for (std::size_t i = 0; i < skin::neighbours.size(); ++i) {
        if (((which.exposure >> i) & 1u) == 0) continue;
        painter.fillRect(
            middle.translated(skin::neighbours[i].x * side, skin::neighbours[i].y * side), quiet);
    }
    painter.fillRect(middle, currentTheme().caution);
}

/// What the levels hold and no swatch shows. Counted on a worker.
class CoverageSection : public PanelSection {
public:
    CoverageSection(Session& session, QWidget* parent)
        : PanelSection(tr("Not shown yet"), {}, session, parent), m_list(new QVBoxLayout) {
        m_list->setSpacing(0);
        addWide(m_list);
        m_words = makeWords({}, this);
        addWide(m_words);
        m_add = makeButton(tr("Show it on the swatch"), QStringLiteral("show-case"), this,
                           [this] { showOnSwatch(); });
        m_add->setToolTip(tr("Lays this case in a free place of its matter's swatch, to dress."));
        addWide(m_add);
        m_delay.setSingleShot(true);
        m_delay.setInterval(120);
        connect(&m_delay, &QTimer::timeout, this, [this] { count(); });
        connect(&m_watcher, &QFutureWatcherBase::finished, this, [this] {
            if (*m_cancel) return;
            m_gaps = m_watcher.result();
            m_chosen = 0;
            show();
        });
    }
    ~CoverageSection() override {
        *m_cancel = true;
        m_watcher.waitForFinished();
    }

    void refresh() override {
        const auto tilingRules = m_session.dressing.tilingRules();
        const bool isSame =
            tilingRules == m_tilingRules && m_levels == m_session.document.project().levels;
        if (isSame) return;
        m_tilingRules = tilingRules;
        m_levels = m_session.document.project().levels;
        *m_cancel = true;
        m_delay.start();
        if (m_gaps.empty()) show();
    }

private:
    void count() {
        m_watcher.waitForFinished();
        m_cancel = std::make_shared<std::atomic<bool>>(false);
        m_watcher.setFuture(QtConcurrent::run(
            [project = m_session.document.project(), theme = m_session.document.level()->theme,
             tilingRules = m_tilingRules,
             cancel = m_cancel] { return gapsOf(project, theme, *tilingRules, cancel.get()); }));
    }
    void show() {
        qDeleteAll(m_rows);
        m_rows.clear();
        std::int64_t cells = 0;
        for (const skin::Gap& gap : m_gaps)
            cells += gap.count;
        for (std::size_t i = 0; i < std::min(mostRows, m_gaps.size()); ++i) {
            const skin::Gap& gap = m_gaps[i];
            auto* row = new MarginRow(rowsHolder());
            row->setObjectName(QStringLiteral("gap-row-%1").arg(i));
            row->setCheckable(true);
            row->setSign([which = gap.which](QPainter& painter, const QRectF& rect) {
                drawCase(painter, rect, which);
            });
            row->setWords(nameOf(gap), tr("%L1 ×").arg(gap.count), currentTheme().caution);
            row->setToolTip(tr("Go to the first of them."));
            connect(row, &QAbstractButton::clicked, this, [this, i] { choose(i); });
            m_list->addWidget(row);
            m_rows << row;
        }
        for (qsizetype i = 0; i < m_rows.size(); ++i)
            m_rows[i]->setChecked(std::size_t(i) == m_chosen);
        const bool isTaught = m_tilingRules && m_tilingRules->caseCount() > 0;
        setNote(!isTaught        ? QString()
                : m_gaps.empty() ? tr("all cases are shown")
                                 : tr("%L1 cells, %2 cases").arg(cells).arg(m_gaps.size()));
        m_words->setText(
            !isTaught ? tr("Cases that no swatch shows are listed here.")
            : m_gaps.size() > mostRows
                ? tr("The nearest case stands in. And %1 more.").arg(m_gaps.size() - mostRows)
            : m_gaps.empty() ? QString()
                             : tr("The nearest case stands in for these."));
        m_words->setVisible(!m_words->text().isEmpty());
        m_add->setVisible(!m_gaps.empty());
    }
    [[nodiscard]] QString nameOf(const skin::Gap& gap) const {
        const auto& matters = m_session.document.project().matters;
        QString name = QString::fromStdString(matters[gap.which.matter.index].title);
        if (gap.which.form != level::Form::Full)
            name += QStringLiteral(", ") +
                    QString::fromUtf8(level::nameOf(gap.which.form).data()).replace(u'-', u' ');
        if (gap.which.depth > 1) name += tr(", %1 deep").arg(gap.which.depth);
        return name;
    }
    void choose(std::size_t index) {
        m_chosen = index;
        for (qsizetype i = 0; i < m_rows.size(); ++i)
            m_rows[i]->setChecked(std::size_t(i) == m_chosen);
        const skin::Gap gap = m_gaps[index];
        if (m_session.document.level()->id != gap.level) m_session.document.chooseLevel(gap.level);
        m_session.requests.showPlace(
            toPx({gap.cell.x - 3, gap.cell.y - 3, 7, 7}, m_session.document.level()->cellSize));
    }
    void showOnSwatch() {
        if (m_chosen >= m_gaps.size()) return;
        const skin::Gap gap = m_gaps[m_chosen];
        const level::Project& project = m_session.document.project();
        const auto from = project.findLevel(gap.level);
        if (!from) return;
        std::shared_ptr<const level::Level> best;
        for (const auto& swatch : project.swatches) {
            bool hasMatter = false;
            for (int y = 0; y < swatch->cells.height(); ++y)
                for (int x = 0; x < swatch->cells.width(); ++x)
                    hasMatter = hasMatter || swatch->cells.at(x, y).matter() == gap.which.matter;
            const bool isOfTheme = swatch->theme == from->theme;
            if (hasMatter && (!best || (isOfTheme && best->theme != from->theme))) best = swatch;
        }
        if (!best) return m_session.say(tr("No swatch of this matter is left."));
        const auto edit = skin::showCase(*best, *from, gap.cell);
        if (!edit) return m_session.say(told(edit.error()));
        m_session.document.chooseLevel(best->id);
        m_session.document.apply(*edit);
        m_session.say(tr("Laid on the swatch: dress its middle cell."));
    }

    QVBoxLayout* m_list;
    QLabel* m_words;
    QWidget* m_add;
    QList<MarginRow*> m_rows;
    QTimer m_delay;
    QFutureWatcher<std::vector<skin::Gap>> m_watcher;
    std::shared_ptr<std::atomic<bool>> m_cancel = std::make_shared<std::atomic<bool>>(false);
    std::vector<skin::Gap> m_gaps;
    std::size_t m_chosen = 0;
    std::shared_ptr<const skin::TilingRules> m_tilingRules;
    std::vector<std::shared_ptr<const level::Level>> m_levels;
};

}  // namespace

PanelSection* makeCoverageSection(Session& session, QWidget* parent) {
    return new CoverageSection(session, parent);
}

}  // namespace rook::app
