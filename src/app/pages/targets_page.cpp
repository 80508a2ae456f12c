#include "app/pages/targets_page.h"

#include <QListWidget>
#include <QScrollArea>

#include "app/steps/ship/format_words.h"
#include "app/steps/ship/ship_options.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "base/printable.h"
#include "check/finding.h"

namespace rook::app {

namespace {

constexpr int cardsWidth = 340;
constexpr int filesHeight = 132;
constexpr std::size_t mostFiles = 2000;  // rows; more would hold the window up

/// "+", "~", "-", "!" before the name: colour never speaks alone.
QString markOf(ship::FileState state) {
    switch (state) {
        case ship::FileState::New:
            return QStringLiteral("+");
        case ship::FileState::Changed:
            return QStringLiteral("~");
        case ship::FileState::Gone:
            return QStringLiteral("−");
        case ship::FileState::Edited:
        case ship::FileState::Foreign:
            return QStringLiteral("!");
        case ship::FileState::Same:
            break;
    }
    return QStringLiteral(" ");
}

QString stateWords(ship::FileState state) {
    switch (state) {
        case ship::FileState::New:
            return TargetsPage::tr("new");
        case ship::FileState::Changed:
            return TargetsPage::tr("changed");
        case ship::FileState::Gone:
            return TargetsPage::tr("goes");
        case ship::FileState::Edited:
            return TargetsPage::tr("edited by somebody");
        case ship::FileState::Foreign:
            return TargetsPage::tr("not written by this target");
        case ship::FileState::Same:
            break;
    }
    return TargetsPage::tr("as it is");
}

QColor toneOfState(ship::FileState state) {
    const Theme& theme = currentTheme();
    switch (state) {
        case ship::FileState::Same:
            return theme.quietInk;
        case ship::FileState::Edited:
        case ship::FileState::Foreign:
            return theme.alarm;
        default:
            return theme.ink;
    }
}

}  // namespace

TargetsPage::TargetsPage(Session& session, QWidget* parent)
    : Page(session, tr("Targets"), parent),
      m_all(nullptr),
      m_against(makeWords({}, body())),
      m_column(nullptr),
      m_empty(makeWords(tr("Nothing is written out yet. Choose a format in the tray: each is a "
                           "target of its own, with its folder and its levels."),
                        body())),
      m_notes(makeWords({}, body())),
      m_files(new QListWidget(body())),
      m_preview(new FilePreview(body())) {
    setObjectName(QStringLiteral("targets"));
    setAccessibleName(tr("Targets"));
    addAction(tr("Bring a file in …"), QStringLiteral("targets-import"),
              [this] { Q_EMIT importAsked(); });
    m_all = addAction(tr("Write all"), QStringLiteral("targets-write-all"),
                      [this] { m_session.shipping.writeAll(); });
    auto* holder = new QWidget(body());
    m_column = new QVBoxLayout(holder);
    m_column->setContentsMargins(0, 0, 8, 0);
    m_column->setSpacing(8);
    m_column->addWidget(m_empty);
    m_column->addStretch();
    auto* area = new QScrollArea(body());
    area->setFocusPolicy(Qt::NoFocus);
    area->setWidget(holder);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->viewport()->setAutoFillBackground(false);
    holder->setAutoFillBackground(false);
    area->setFixedWidth(cardsWidth);
    m_files->setObjectName(QStringLiteral("target-files"));
    m_files->setAccessibleName(tr("Files of the target"));
    m_files->setFrameShape(QFrame::NoFrame);
    m_files->setUniformItemSizes(true);
    m_notes->setObjectName(QStringLiteral("target-notes"));
    m_against->setObjectName(QStringLiteral("targets-against"));
    auto* right = new QVBoxLayout;
    right->setSpacing(6);
    right->addWidget(m_files);
    right->addWidget(m_notes);
    right->addWidget(m_preview, 1);
    auto* both = new QWidget(body());
    auto* row = new QHBoxLayout(both);
    row->setContentsMargins({});
    row->setSpacing(14);
    row->addWidget(area);
    row->addLayout(right, 1);
    both->setMinimumHeight(470);
    addAbove(both);
    addAbove(m_against);
    fillHeight(both);
    connect(m_files, &QListWidget::currentRowChanged, this, [this] {
        if (!m_isRefreshing) showFile();
    });
    connect(&session.shipping, &Shipping::changed, this, [this] {
        if (isVisible()) refresh();
    });
    connect(&session.workbench, &Workbench::toolChanged, this, [this] {
        if (isVisible()) refresh();
    });
}

void TargetsPage::showEvent(QShowEvent* event) {
    Page::showEvent(event);
    m_session.shipping.setWatched(true);
}

void TargetsPage::hideEvent(QHideEvent* event) {
    Page::hideEvent(event);
    m_session.shipping.setWatched(false);
}

void TargetsPage::refresh() {
    if (m_isRefreshing) return;
    m_isRefreshing = true;
    showCards();
    tellFindings();
    showFiles();
    m_isRefreshing = false;
    showFile();
    Page::refresh();
}

void TargetsPage::takeFocus() {
    for (TargetCard* card : m_cards)
        if (const auto* target = chosenTarget(m_session); target && card->target() == target->name)
            return card->setFocus(Qt::OtherFocusReason);
    setFocus();
}

void TargetsPage::showCards() {
    const auto& targets = m_session.document.project().targets;
    while (m_cards.size() > qsizetype(targets.size())) {
        TargetCard* last = m_cards.takeLast();
        last->hide();
        last->deleteLater();
    }
    while (m_cards.size() < qsizetype(targets.size())) {
        auto* card = new TargetCard(m_session, this);
        m_column->insertWidget(m_column->count() - 1, card);
        connect(card, &TargetCard::chosen, this, [this, card] { choose(card->target()); });
        connect(card, &TargetCard::stepAsked, this, [this](int by) { step(by); });
        m_cards << card;
    }
    const level::Target* chosen = chosenTarget(m_session);
    int open = 0;
    for (std::size_t i = 0; i < targets.size(); ++i) {
        m_cards[qsizetype(i)]->take(targets[i], chosen && targets[i].name == chosen->name);
        const auto outlook = m_session.shipping.outlookOf(targets[i].name);
        open += outlook.isCurrent && outlook.shipment && outlook.shipment->isCurrent() ? 0 : 1;
    }
    m_empty->setVisible(targets.empty());
    m_files->setVisible(!targets.empty());
    m_preview->setVisible(!targets.empty());
    m_all->setEnabled(!targets.empty() && !m_session.shipping.isWriting());
    setWords(tr("Targets"),
             targets.empty() ? tr("none yet")
             : open == 0     ? tr("%1, all as they should be").arg(targets.size())
                             : tr("%1, %2 to look at or to write").arg(targets.size()).arg(open));
}

void TargetsPage::tellFindings() {
    std::size_t errors = 0, all = 0;
    QStringList where;
    qsizetype unknown = 0;
    for (const auto& level : m_session.document.project().levels) {
        const auto proven = m_session.proofs.of(level->id);
        if (!proven || !m_session.proofs.isCurrent(level->id)) {
            ++unknown;
            continue;
        }
        std::size_t here = 0;
        for (const check::Finding& finding : proven->report.findings())
            here += finding.severity == check::Severity::Error ? 1 : 0;
        if (here > 0) where << QString::fromStdString(level->title);
        errors += here;
        all += check::openCount(proven->report.findings());
    }
    QString words;
    if (errors > 0)
        words = tr("Against shipping: %1, in %2.")
                    .arg(counted(qsizetype(errors), tr("error"), tr("errors")),
                         where.join(QStringLiteral(", ")));
    else if (all > 0)
        words = tr("No errors, %1.").arg(counted(qsizetype(all), tr("finding"), tr("findings")));
    else if (unknown == 0)
        words = tr("Nothing stands against shipping.");
    if (unknown > 0)
        words += (words.isEmpty() ? QString() : QStringLiteral(" ")) +
                 tr("%1 not judged yet.").arg(counted(unknown, tr("level"), tr("levels")));
    m_against->setText(words);
    setTone(m_against, errors > 0 ? currentTheme().alarm : currentTheme().quietInk);
}

void TargetsPage::showFiles() {
    const level::Target* target = chosenTarget(m_session);
    const auto outlook = target ? m_session.shipping.outlookOf(target->name) : Shipping::Outlook();
    m_notes->hide();
    if (!outlook.shipment) {
        m_shown.reset();
        m_files->clear();
        m_preview->clear(!target ? QString() : outlookWords(outlook));
        return;
    }
    if (m_shown == outlook.shipment) {
        m_notes->setVisible(!m_notes->text().isEmpty());
        return;
    }
    m_shown = outlook.shipment;
    const std::string wanted = m_session.workbench.options<ShipOptions>().file;
    m_files->clear();
    int row = -1;
    for (std::size_t i = 0; i < m_shown->planned.size() && i < mostFiles; ++i) {
        const ship::PlannedFile& each = m_shown->planned[i];
        const QString path = QString::fromStdString(printableLine(each.path));
        auto* item = new QListWidgetItem(
            QStringLiteral("%1  %2   %3").arg(markOf(each.state), path, stateWords(each.state)),
            m_files);
        item->setData(Qt::UserRole, QString::fromStdString(each.path));
        item->setForeground(toneOfState(each.state));
        item->setToolTip(
            tr("%1 kB, %2").arg(double(each.bytes) / 1000, 0, 'f', 1).arg(stateWords(each.state)));
        if (each.path == wanted) row = int(i);
    }
    m_files->setFixedHeight(
        std::min(filesHeight, std::max(1, m_files->count()) * m_files->sizeHintForRow(0) + 4));
    // What changes is looked at first.
    for (std::size_t i = 0; row < 0 && i < m_shown->planned.size() && i < mostFiles; ++i)
        if (m_shown->planned[i].state != ship::FileState::Same) row = int(i);
    m_files->setCurrentRow(std::max(0, row));
    QStringList notes;
    for (const std::string& note : m_shown->made.notes)
        notes << told(printableLine(note));
    const qsizetype more = notes.size() - 2;
    if (more > 0) notes = notes.mid(0, 2) << tr("And %1 more like these.").arg(more);
    m_notes->setText(notes.join(u' '));
    m_notes->setVisible(!notes.isEmpty());
}

void TargetsPage::showFile() {
    const QListWidgetItem* item = m_files->currentItem();
    if (!m_shown || !item) return;
    const std::string path = item->data(Qt::UserRole).toString().toStdString();
    if (m_session.workbench.options<ShipOptions>().file != path)
        m_session.workbench.change<ShipOptions>([&](ShipOptions& o) { o.file = path; });
    const auto bytes = m_shown->made.files.find(path);
    if (bytes != m_shown->made.files.end())
        m_preview->show(QString::fromStdString(path), bytes->second);
    else
        m_preview->clear(path == m_shown->record ? tr("The list of all files with their hashes.")
                                                 : tr("This file goes."));
}

void TargetsPage::choose(const std::string& target) {
    const level::Target* now = chosenTarget(m_session);
    if (now && now->name == target && m_session.workbench.options<ShipOptions>().target == target)
        return;
    m_session.workbench.change<ShipOptions>([&](ShipOptions& o) {
        o.target = target;
        o.file.clear();
    });
}

void TargetsPage::step(int by) {
    const level::Target* now = chosenTarget(m_session);
    for (qsizetype i = 0; now && i < m_cards.size(); ++i)
        if (m_cards[i]->target() == now->name && i + by >= 0 && i + by < m_cards.size())
            return m_cards[i + by]->setFocus(Qt::TabFocusReason);
}

}  // namespace rook::app
