#include "app/shell/notice.h"

#include <QButtonGroup>
#include <QDateTime>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLocale>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr int rowHeight = 28;
constexpr int mostRows = 5;

/// "14:32" of today, else with the day.
QString timeWords(std::int64_t seconds) {
    const QDateTime time = QDateTime::fromSecsSinceEpoch(seconds);
    const QLocale locale;
    const QString clock = locale.language() == QLocale::C
                              ? time.toString(QStringLiteral("HH:mm"))
                              : locale.toString(time.time(), QLocale::ShortFormat);
    if (time.date() == QDate::currentDate()) return clock;
    return locale.toString(time.date(), QLocale::ShortFormat) + u' ' + clock;
}

QString nameOf(const file::ChangedPart& part) {
    switch (part.sort) {
        case file::ChangedPart::Sort::Level:
            return QString::fromStdString(part.title);
        case file::ChangedPart::Sort::Swatch:
            return Notice::tr("Swatch %1").arg(QString::fromStdString(part.title));
        case file::ChangedPart::Sort::Kit:
            return Notice::tr("Kit %1").arg(QString::fromStdString(part.title));
        case file::ChangedPart::Sort::Rest:
            return Notice::tr("Matters, kinds and the rest");
    }
    return {};
}

/// What one side did to a part.
QString changeWords(const file::ChangedPart& part, bool isMine) {
    if (!(isMine ? part.isInMine : part.isInTheirs)) return Notice::tr("removed");
    const level::LevelDifference& difference = isMine ? part.mine : part.theirs;
    return difference.isNone() ? Notice::tr("changed") : differenceWords(difference);
}

}  // namespace

QString differenceWords(const level::LevelDifference& difference) {
    QStringList words;
    const auto count = [&](int number, const QString& one, const QString& many) {
        if (number > 0) words << counted(number, one, many);
    };
    if (difference.hasOtherSize) words << Notice::tr("another size");
    count(difference.cells, Notice::tr("cell"), Notice::tr("cells"));
    count(difference.tiles, Notice::tr("tile"), Notice::tr("tiles"));
    count(difference.entities, Notice::tr("of the cast"), Notice::tr("of the cast"));
    count(difference.pieces, Notice::tr("piece"), Notice::tr("pieces"));
    count(difference.zones, Notice::tr("zone"), Notice::tr("zones"));
    if (difference.hasOtherSketch) words << Notice::tr("its plan");
    if (difference.hasOtherRest) words << Notice::tr("its title or settings");
    return words.join(QStringLiteral(", "));
}

Notice::Notice(Session& session, QWidget* parent) : QWidget(parent), m_session(session) {
    setObjectName(QStringLiteral("notice"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 7, 14, 7);
    column->setSpacing(6);
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    m_what = new QLabel(this);
    m_what->setFont(sizedFont(0, QFont::DemiBold));
    m_what->setObjectName(QStringLiteral("notice-what"));
    m_what->setTextFormat(Qt::PlainText);
    m_detail = new QLabel(this);
    m_detail->setFont(sizedFont(0));
    m_detail->setObjectName(QStringLiteral("notice-detail"));
    m_detail->setTextFormat(Qt::PlainText);
    m_detail->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_buttons = new QHBoxLayout;
    m_buttons->setSpacing(6);
    row->addWidget(m_what);
    row->addWidget(m_detail, 1);
    row->addLayout(m_buttons);
    column->addLayout(row);
    m_scroll = new QScrollArea(this);
    m_scroll->setWidgetResizable(true);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_scroll->viewport()->setAutoFillBackground(false);
    column->addWidget(m_scroll);
    connect(&session.autosave, &Autosave::offerChanged, this, &Notice::refresh);
    connect(&session.guard, &ProjectGuard::changed, this, &Notice::refresh);
    refresh();
}

void Notice::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.fillRect(QRect(0, 0, 4, height()), theme.caution);
    painter.setPen(theme.rule());
    painter.drawLine(0, height() - 1, width(), height() - 1);
}

/// While something is to be decided Tab goes from one answer to the next, and does not walk.
bool Notice::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::ShortcutOverride) return QWidget::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    if (key != Qt::Key_Tab && key != Qt::Key_Backtab) return false;
    event->accept();
    return true;
}

void Notice::clear() {
    while (QLayoutItem* item = m_buttons->takeAt(0)) {
        if (QWidget* button = item->widget()) {
            // It may be the one that was just clicked.
            button->hide();
            button->setObjectName({});
            button->deleteLater();
        }
        delete item;
    }
    m_list = new QWidget(m_scroll);
    m_rows = new QGridLayout(m_list);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setHorizontalSpacing(16);
    m_rows->setVerticalSpacing(2);
    m_rows->setColumnStretch(2, 1);
    m_scroll->setWidget(m_list);
    m_list->setAutoFillBackground(false);
    m_scroll->hide();
}

void Notice::refresh() {
    // The strip is made anew; the keyboard stays where it was.
    const QWidget* focused = window()->focusWidget();
    const bool hadFocus = focused && isAncestorOf(focused);
    const QString name = hadFocus ? focused->objectName() : QString();
    clear();
    const ProjectGuard& guard = m_session.guard;
    if (const KeptOffer* offer = m_session.autosave.offer())
        showOffer(*offer);
    else if (const TwoSides* sides = guard.twoSides())
        showTwoSides(*sides);
    else if (const BrokenOutside* broken = guard.broken())
        showBroken(*broken);
    else if (guard.holder())
        showHolder(*guard.holder());
    else {
        hide();
        if (hadFocus) m_session.requests.returnToBoard();
        return;
    }
    setTone(m_what, currentTheme().ink);
    setTone(m_detail, currentTheme().quietInk);
    show();
    update();
    // At once, and not when events are done: what is hidden takes no focus.
    for (int i = 0; i < m_buttons->count(); ++i)
        m_buttons->itemAt(i)->widget()->show();
    for (auto* button : findChildren<QAbstractButton*>())
        button->installEventFilter(this);
    auto* again = name.isEmpty() ? nullptr : findChild<QWidget*>(name);
    if (again) again->setFocus(Qt::TabFocusReason);
}

void Notice::say(const QString& what, const QString& detail) {
    m_what->setText(what);
    m_detail->setText(detail);
    m_detail->setToolTip(detail);
    setAccessibleName(what + u' ' + detail);
}

QWidget* Notice::addButton(const QString& text, const char* name, std::function<void()> act) {
    QWidget* button = makeButton(text, QLatin1String(name), this, std::move(act));
    m_buttons->addWidget(button);
    return button;
}

void Notice::showOffer(const KeptOffer& offer) {
    QStringList mine, theirs;
    for (const file::ChangedPart& part : offer.parts) {
        if (part.isMine) mine << tr("%1 (%2)").arg(nameOf(part), changeWords(part, true));
        if (part.isTheirs) theirs << nameOf(part);
    }
    QString parts = mine.join(QStringLiteral("; "));
    if (!theirs.isEmpty())
        parts += u' ' + tr("Changed on the disk since: %1.").arg(theirs.join(QStringLiteral(", ")));
    say(tr("Work that was not saved was kept at %1.").arg(timeWords(offer.work.keptAt)),
        offer.work.folder.empty() ? tr("The project %1 was never saved.")
                                        .arg(QString::fromStdString(offer.work.current.name))
                                  : parts);
    auto* label = new QLabel(tr("On the board:"), this);
    label->setFont(sizedFont(0));
    setTone(label, currentTheme().quietInk);
    m_buttons->addWidget(label);
    auto* group = new QButtonGroup(this);
    const bool isSaved = !offer.work.folder.empty();
    const auto add = [&](const QString& text, const char* name, bool isKept) {
        auto* chip = new Chip(text, this);
        chip->setObjectName(QLatin1String(name));
        chip->setCheckable(true);
        chip->setChecked(offer.isOnBoard == isKept);
        group->addButton(chip);
        m_buttons->addWidget(chip);
        connect(chip, &Chip::clicked, this, [this, isKept] {
            // The strip is made anew, this chip with it.
            QMetaObject::invokeMethod(
                this, [this, isKept] { m_session.autosave.lookAtKept(isKept); },
                Qt::QueuedConnection);
        });
    };
    add(tr("Kept"), "notice-look-kept", true);
    add(isSaved ? tr("Saved %1").arg(timeWords(offer.work.savedAt)) : tr("New project"),
        "notice-look-saved", false);
    addButton(offer.isOnBoard ? tr("Go on with what was kept")
              : isSaved       ? tr("Go on with what was saved")
                              : tr("Go on with the new one"),
              "notice-go-on", [this] { m_session.autosave.goOn(); });
}

void Notice::addConflictRow(int row, const file::ChangedPart& part) {
    auto* name = new QLabel(nameOf(part), m_list);
    name->setTextFormat(Qt::PlainText);
    auto* words = new QLabel(
        tr("here: %1 – on the disk: %2").arg(changeWords(part, true), changeWords(part, false)),
        m_list);
    words->setTextFormat(Qt::PlainText);
    for (QLabel* each : {name, words})
        each->setFont(sizedFont(0));
    words->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    setTone(words, currentTheme().quietInk);
    m_rows->addWidget(name, row, 0);
    m_rows->addWidget(words, row, 1, 1, 2);
    auto* group = new QButtonGroup(m_list);
    const auto add = [&](const QString& text, file::Whose side, int column) {
        auto* chip = new Chip(text, m_list);
        chip->setCheckable(true);
        chip->setChecked(m_choices[part.path] == side);
        chip->setObjectName(QStringLiteral("side-%1-%2").arg(row).arg(column));
        chip->setAccessibleName(tr("%1: %2").arg(nameOf(part), text));
        group->addButton(chip);
        m_rows->addWidget(chip, row, 3 + column);
        connect(chip, &Chip::clicked, this,
                [this, path = part.path, side] { m_choices[path] = side; });
    };
    add(tr("Mine"), file::Whose::Mine, 0);
    add(tr("Theirs"), file::Whose::Theirs, 1);
    if (part.sort == file::ChangedPart::Sort::Level && part.isInMine && part.isInTheirs)
        add(tr("Both"), file::Whose::Both, 2);
    m_rows->setRowMinimumHeight(row, rowHeight);
}

void Notice::showTwoSides(const TwoSides& sides) {
    const qsizetype count = sides.conflictCount();
    say(tr("Changed here and on the disk."),
        tr("Whose counts? Both keeps mine as a level of its own. Undo takes it back."));
    std::map<std::string, file::Whose> choices;
    int row = 0;
    for (const file::ChangedPart& part : sides.parts) {
        if (!part.isConflict()) continue;
        const auto former = m_choices.find(part.path);
        choices[part.path] = former != m_choices.end() ? former->second : file::Whose::Mine;
    }
    m_choices = std::move(choices);
    for (const file::ChangedPart& part : sides.parts)
        if (part.isConflict()) addConflictRow(row++, part);
    m_scroll->setFixedHeight(int(std::min<qsizetype>(count, mostRows)) * (rowHeight + 2) + 4);
    m_scroll->show();
    addButton(tr("Take these"), "notice-take", [this] { m_session.guard.join(m_choices); });
}

void Notice::showBroken(const BrokenOutside& broken) {
    say(tr("What changed on the disk cannot be read."), told(broken.error));
    addButton(tr("Look again"), "notice-again", [this] { m_session.guard.lookSoon(); });
    addButton(tr("Keep mine"), "notice-mine", [this] { m_session.guard.keepMine(); });
}

void Notice::showHolder(const file::LockHolder& holder) {
    const QString host = holder.isHere ? tr("this machine") : QString::fromStdString(holder.host);
    say(tr("Another window works on this project."),
        holder.process > 0 ? tr("Process %1 on %2, since %3. Here one can look; when it is left, "
                                "this window takes over.")
                                 .arg(holder.process)
                                 .arg(host, timeWords(holder.since))
                           : tr("Here one can look; when it is left, this window takes over."));
    if (holder.isHere)
        addButton(tr("Go to that window"), "notice-go", [this] { m_session.guard.goToHolder(); });
}

}  // namespace rook::app
