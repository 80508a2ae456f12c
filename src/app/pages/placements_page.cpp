#include "app/pages/placements_page.h"

#include <QAbstractTableModel>
#include <QClipboard>
#include <QFileDialog>
#include <QGuiApplication>
#include <QHeaderView>
#include <QKeyEvent>
#include <QTableView>

#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "base/limits.h"
#include "file/roster_table.h"
#include "file/storage.h"

namespace rook::app {

/// Reads the project itself, so that hundreds of counters in hundreds of levels cost nothing until
/// they are seen.
class PlacementsModel final : public QAbstractTableModel {
public:
    explicit PlacementsModel(Session& session, QObject* parent)
        : QAbstractTableModel(parent), m_session(session) {}

    void follow(const std::string& roster) {
        const level::Project& project = m_session.document.project();
        beginResetModel();
        const auto former = std::move(m_levels);
        auto formerPlaces = std::move(m_places);
        m_levels = puzzle::levelsOf(project, roster);
        const level::Roster* found = project.findRoster(roster);
        m_counters = found ? found->counters : std::vector<level::RosterCounter>();
        m_places.clear();
        for (std::size_t i = 0; i < m_levels.size(); ++i) {
            const auto& level = m_levels[i];
            auto& places = m_places.emplace_back();
            // Most levels are as they were.
            if (i < former.size() && former[i] == level) {
                places = std::move(formerPlaces[i]);
                continue;
            }
            for (const level::Counter& counter : level->puzzle.counters)
                places[counter.id.text] = puzzle::placementOf(*level, counter);
        }
        endResetModel();
    }
    int rowCount(const QModelIndex& parent = {}) const override {
        return parent.isValid() ? 0 : int(2 * m_counters.size());
    }
    int columnCount(const QModelIndex& parent = {}) const override {
        return parent.isValid() ? 0 : int(m_levels.size());
    }
    QVariant data(const QModelIndex& index, int role) const override {
        const puzzle::Placement* at = placeOf(index.row(), index.column());
        const bool isHere =
            m_levels[std::size_t(index.column())]->id == m_session.document.level()->id;
        if (role == Qt::BackgroundRole && isHere) return currentTheme().panel;
        if (role == Qt::ForegroundRole && (!at || at->isParked)) return currentTheme().quietInk;
        if (role != Qt::DisplayRole && role != Qt::EditRole) return {};
        if (!at || at->isParked)
            return role == Qt::DisplayRole && index.row() % 2 == 0 ? tr("parked") : QString();
        return QString::number(index.row() % 2 == 0 ? at->x : at->y);
    }
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override {
        if (role != Qt::DisplayRole) return {};
        if (orientation == Qt::Horizontal)
            return QString::fromStdString(m_levels[std::size_t(section)]->title);
        return QString::fromStdString(m_counters[std::size_t(section / 2)].id.text) +
               (section % 2 == 0 ? QStringLiteral("  x") : QStringLiteral("  y"));
    }
    Qt::ItemFlags flags(const QModelIndex& index) const override {
        return QAbstractTableModel::flags(index) | Qt::ItemIsEditable;
    }
    bool setData(const QModelIndex& index, const QVariant& value, int role) override {
        if (role != Qt::EditRole) return false;
        return take(index.row(), index.column(), {{value.toString()}}).isEmpty();
    }
    /// Cells from there on; gives why it was refused, empty if it was not.
    QString take(int row, int column, const QList<QStringList>& rows) {
        std::map<std::pair<int, int>, puzzle::Placement> wanted;  // level, counter
        for (int r = 0; r < rows.size(); ++r)
            for (int c = 0; c < rows[r].size(); ++c) {
                const int atRow = row + r, atColumn = column + c;
                if (atRow >= rowCount() || atColumn >= columnCount()) continue;
                const std::pair key(atColumn, atRow / 2);
                const puzzle::Placement* now = placeOf(atRow, atColumn);
                auto& place = wanted.try_emplace(key, now ? *now : puzzle::Placement{true, 0, 0})
                                  .first->second;
                const QString text = rows[r][c].trimmed();
                bool isNumber = false;
                const int number = text.toInt(&isNumber);
                if (!isNumber && !text.isEmpty() && text != QStringLiteral("parked"))
                    return tr("\"%1\" is no whole number. Write one, or "
                              "nothing for a parked counter.")
                        .arg(text.left(80));
                if (!isNumber) {
                    place = {true, 0, 0};
                } else {
                    place.isParked = false;
                    (atRow % 2 == 0 ? place.x : place.y) = number;
                }
            }
        std::vector<puzzle::PlacementChange> changes;
        for (const auto& [key, place] : wanted)
            changes.push_back({m_levels[std::size_t(key.first)]->id,
                               m_counters[std::size_t(key.second)].id, place});
        const auto edit = puzzle::place(m_session.document.project(), changes,
                                        "Change " + std::to_string(changes.size()) +
                                            (changes.size() == 1 ? " placement" : " placements"));
        if (!edit) return told(edit.error());
        m_session.document.apply(*edit);
        return {};
    }
    [[nodiscard]] LevelId levelAt(int column) const { return m_levels[std::size_t(column)]->id; }

private:
    [[nodiscard]] const puzzle::Placement* placeOf(int row, int column) const {
        const auto& places = m_places[std::size_t(column)];
        const auto found = places.find(m_counters[std::size_t(row / 2)].id.text);
        return found == places.end() ? nullptr : &found->second;
    }
    Session& m_session;
    std::vector<std::shared_ptr<const level::Level>> m_levels;
    std::vector<level::RosterCounter> m_counters;
    std::vector<std::map<std::string, puzzle::Placement>> m_places;  ///< by level
};

PlacementsPage::PlacementsPage(Session& session, QWidget* parent)
    : Page(session, tr("Placements"), parent),
      m_model(new PlacementsModel(session, this)),
      m_table(new QTableView(body())),
      m_told(makeWords({}, body())) {
    setObjectName(QStringLiteral("placements"));
    setAccessibleName(tr("Placements"));
    m_table->setObjectName(QStringLiteral("placements-table"));
    m_table->setAccessibleName(tr("Placements of the roster"));
    m_table->setModel(m_model);
    m_table->setMinimumSize(420, 440);
    m_table->horizontalHeader()->setDefaultSectionSize(112);
    m_table->verticalHeader()->setDefaultSectionSize(24);
    m_table->installEventFilter(this);
    m_told->setObjectName(QStringLiteral("placements-told"));
    addAbove(m_told);
    addAbove(m_table);
    connect(m_table->horizontalHeader(), &QHeaderView::sectionDoubleClicked, this, [this](int at) {
        m_session.document.chooseLevel(m_model->levelAt(at));
        Q_EMIT left();
    });
    addAction(tr("Bring in CSV …"), QStringLiteral("placements-in"), [this] {
        const QString file =
            QFileDialog::getOpenFileName(this, tr("Bring in placements"), {}, tr("Tables (*.csv)"));
        if (!file.isEmpty()) bringIn(file);
    });
    addAction(tr("Write CSV …"), QStringLiteral("placements-out"), [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("Write placements"),
                                                          QString::fromStdString(roster() + ".csv"),
                                                          tr("Tables (*.csv)"));
        if (!file.isEmpty()) writeOut(file, false);
    });
    addAction(tr("Write one a counter …"), QStringLiteral("placements-each"), [this] {
        const QString folder =
            QFileDialog::getExistingDirectory(this, tr("Write a table a counter into a folder"));
        if (!folder.isEmpty()) writeOut(folder, true);
    });
}

std::string PlacementsPage::roster() const {
    return m_session.document.level()->puzzle.roster;
}

void PlacementsPage::refresh() {
    const QModelIndex now = m_table->currentIndex();
    m_model->follow(roster());
    if (now.isValid() && now.row() < m_model->rowCount() && now.column() < m_model->columnCount())
        m_table->setCurrentIndex(m_model->index(now.row(), now.column()));
    setWords(tr("Placements"), roster().empty()
                                   ? tr("the level has no roster")
                                   : tr("roster %1").arg(QString::fromStdString(roster())));
    if (m_told->text().isEmpty())
        m_told->setText(
            tr("Columns and rows count from 0; an empty cell is a parked counter. Copy "
               "and paste as in a spreadsheet; a double click on a level opens it."));
    Page::refresh();
}

void PlacementsPage::takeFocus() {
    m_table->setFocus(Qt::TabFocusReason);
    if (!m_table->currentIndex().isValid() && m_model->rowCount() > 0 && m_model->columnCount() > 0)
        m_table->setCurrentIndex(m_model->index(0, 0));
}

bool PlacementsPage::eventFilter(QObject* watched, QEvent* event) {
    const bool isKey =
        event->type() == QEvent::KeyPress || event->type() == QEvent::ShortcutOverride;
    if (watched == m_table && isKey) {
        auto* key = static_cast<QKeyEvent*>(event);
        // Before the window's own.
        if (event->type() == QEvent::ShortcutOverride) {
            if (!key->matches(QKeySequence::Copy) && !key->matches(QKeySequence::Paste))
                return false;
            event->accept();
            return true;
        }
        if (key->matches(QKeySequence::Copy)) return copy(), true;
        if (key->matches(QKeySequence::Paste)) return paste(), true;
    }
    return Page::eventFilter(watched, event);
}

void PlacementsPage::copy() {
    const auto chosen = m_table->selectionModel()->selectedIndexes();
    if (chosen.isEmpty()) return;
    QRect all;
    for (const QModelIndex& index : chosen)
        all = all.united(QRect(index.column(), index.row(), 1, 1));
    QStringList lines;
    for (int row = all.top(); row <= all.bottom(); ++row) {
        QStringList cells;
        for (int column = all.left(); column <= all.right(); ++column)
            cells << m_model->index(row, column).data(Qt::EditRole).toString();
        lines << cells.join(u'\t');
    }
    QGuiApplication::clipboard()->setText(lines.join(u'\n'));
}

void PlacementsPage::paste() {
    const QModelIndex at = m_table->currentIndex();
    QString text = QGuiApplication::clipboard()->text();
    if (!at.isValid() || text.isEmpty()) return;
    while (text.endsWith(u'\n'))
        text.chop(1);
    QList<QStringList> rows;
    for (const QString& line : text.split(u'\n'))
        rows << QString(line).remove(u'\r').split(u'\t');
    const QString why = m_model->take(at.row(), at.column(), rows);
    m_told->setText(
        why.isEmpty() ? tr("%1 pasted.").arg(counted(rows.size(), tr("row"), tr("rows"))) : why);
    setTone(m_told, why.isEmpty() ? currentTheme().quietInk : currentTheme().alarm);
}

void PlacementsPage::bringIn(const QString& file) {
    const auto text = file::diskStorage().read(file.toStdString(), limits::maxTextBytes);
    const auto tell = [this](const QString& words, bool isFine) {
        m_told->setText(words);
        setTone(m_told, isFine ? currentTheme().quietInk : currentTheme().alarm);
    };
    if (!text) return tell(told(text.error()), false);
    const level::Project& project = m_session.document.project();
    // A table of one counter is called so and begins with its axis.
    const QString name = QFileInfo(file).completeBaseName();
    const bool isOfOne = text->starts_with("axis");
    const auto changes = file::readRosterCsv(*text, file.toStdString(), project, roster(),
                                             isOfOne ? EntityId{name.toStdString()} : EntityId());
    if (!changes) return tell(told(changes.error()), false);
    if (changes->empty()) return tell(tr("The table says what stands here already."), true);
    const auto edit = puzzle::place(project, *changes, "Bring in placements");
    if (!edit) return tell(told(edit.error()), false);
    m_session.document.apply(*edit);
    tell(tr("%1 changed; undo takes them back.")
             .arg(counted(qsizetype(changes->size()), tr("placement"), tr("placements"))),
         true);
}

void PlacementsPage::writeOut(const QString& place, bool isEach) {
    const level::Project& project = m_session.document.project();
    std::map<std::string, std::string> files;
    const level::Roster* found = project.findRoster(roster());
    if (!found) return;
    if (!isEach) files[place.toStdString()] = file::rosterCsv(project, roster());
    for (const level::RosterCounter& counter : found->counters)
        if (isEach)
            files[(place + u'/' + QString::fromStdString(counter.id.text + ".csv")).toStdString()] =
                file::counterCsv(project, roster(), counter.id);
    for (const auto& [path, text] : files)
        if (const auto written = file::writeWhole(file::diskStorage(), path, text); !written) {
            m_told->setText(told(written.error()));
            return setTone(m_told, currentTheme().alarm);
        }
    m_told->setText(
        tr("%1 written.").arg(counted(qsizetype(files.size()), tr("table"), tr("tables"))));
    setTone(m_told, currentTheme().quietInk);
}

}  // namespace rook::app
