#include "app/steps/cast/cast_table.h"

#include <QClipboard>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QRegularExpression>
#include <QShortcut>
#include <QTableView>
#include <QVBoxLayout>
#include <set>

#include "app/panels/field_control.h"
#include "app/panels/panel_section.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "base/limits.h"
#include "file/placements.h"
#include "level/cast_edits.h"
#include "level/names.h"

namespace rook::app {

namespace {

enum Column { LevelColumn, KindColumn, IdColumn, XColumn, YColumn, FacingColumn, FieldColumns };

}  // namespace

CastModel::CastModel(Session& session, QObject* parent)
    : QAbstractTableModel(parent), m_session(session) {
    reload();
}

void CastModel::setAllLevels(bool isOn) {
    m_isOfAll = isOn;
    reload();
}

void CastModel::reload() {
    std::vector<std::pair<LevelId, EntityId>> rows;
    QStringList fields;
    const level::Project& project = m_session.document.project();
    for (const auto& level : project.levels) {
        if (!m_isOfAll && level->id != m_session.document.level()->id) continue;
        for (const level::Entity& entity : level->entities)
            rows.emplace_back(level->id, entity.id);
    }
    for (const level::Kind& kind : project.kinds)
        for (const level::FieldDefinition& field : kind.fields)
            if (const QString name = QString::fromStdString(field.name); !fields.contains(name))
                fields << name;
    if (rows == m_rows && fields == m_fields) {
        if (!m_rows.empty())
            Q_EMIT dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
        return;
    }
    beginResetModel();
    m_rows = std::move(rows);
    m_fields = std::move(fields);
    endResetModel();
}

const level::Entity* CastModel::entityOf(int row) const {
    const auto level = m_session.document.project().findLevel(m_rows[std::size_t(row)].first);
    if (!level) return nullptr;
    // Rows come as the entities do: the place is right unless something changed meanwhile.
    const auto& id = m_rows[std::size_t(row)].second;
    int before = row;
    while (before > 0 && m_rows[std::size_t(before) - 1].first == level->id)
        --before;
    const auto place = std::size_t(row - before);
    if (place < level->entities.size() && level->entities[place].id == id)
        return &level->entities[place];
    return findEntity(*level, id);
}

int CastModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(m_rows.size());
}

int CastModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : FieldColumns + int(m_fields.size());
}

const level::FieldDefinition* CastModel::fieldAt(const level::Entity& entity, int column) const {
    const level::Kind* kind = m_session.document.project().findKind(entity.kind);
    if (!kind || column < FieldColumns) return nullptr;
    const std::string name = m_fields[column - FieldColumns].toStdString();
    for (const level::FieldDefinition& field : kind->fields)
        if (field.name == name) return &field;
    return nullptr;
}

QVariant CastModel::data(const QModelIndex& index, int role) const {
    if (role != Qt::DisplayRole && role != Qt::EditRole) return {};
    const level::Entity* entity = entityOf(index.row());
    if (!entity) return {};
    switch (index.column()) {
        case LevelColumn:
            return QString::fromStdString(m_rows[std::size_t(index.row())].first.text);
        case KindColumn:
            return QString::fromStdString(entity->kind.text);
        case IdColumn:
            return QString::fromStdString(entity->id.text);
        case XColumn:
            return QString::number(entity->box.x);
        case YColumn:
            return QString::number(entity->box.y);
        case FacingColumn:
            return told(level::nameOf(entity->facing));
        default:
            break;
    }
    const level::FieldDefinition* field = fieldAt(*entity, index.column());
    return field ? textOfValue(fieldOf(*entity, *field)) : QVariant();
}

QVariant CastModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole) return {};
    if (orientation == Qt::Vertical) return section + 1;
    const QString names[] = {tr("level"), tr("kind"), tr("id"), tr("x"), tr("y"), tr("facing")};
    return section < FieldColumns ? names[section] : m_fields[section - FieldColumns];
}

Qt::ItemFlags CastModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = QAbstractTableModel::flags(index);
    const level::Entity* entity = index.isValid() ? entityOf(index.row()) : nullptr;
    const bool mayChange = entity && index.column() > IdColumn &&
                           (index.column() < FieldColumns || fieldAt(*entity, index.column()));
    return mayChange ? flags | Qt::ItemIsEditable : flags;
}

bool CastModel::change(level::Entity& entity, int column, const QString& text) const {
    bool isNumber = false;
    const int number = text.trimmed().toInt(&isNumber);
    if (column == XColumn || column == YColumn) {
        if (isNumber) (column == XColumn ? entity.box.x : entity.box.y) = number;
        return isNumber;
    }
    if (column == FacingColumn) {
        const auto facing = level::fromName<level::Facing>(text.trimmed().toStdString());
        if (facing) entity.facing = *facing;
        return facing.has_value();
    }
    const level::FieldDefinition* field = fieldAt(entity, column);
    const auto value = field ? valueOfText(*field, text) : std::nullopt;
    if (value) setField(entity, field->name, *value);
    return value.has_value();
}

bool CastModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    return role == Qt::EditRole && setTexts({{index, value.toString()}}) == 1;
}

int CastModel::setTexts(const QList<std::pair<QModelIndex, QString>>& texts) {
    std::vector<level::EntityChange> changes;
    for (const auto& [index, text] : texts) {
        if (!(flags(index) & Qt::ItemIsEditable)) continue;
        const auto& [level, id] = m_rows[std::size_t(index.row())];
        const auto make = [this, column = index.column(), text = text](level::Entity& entity) {
            return change(entity, column, text);
        };
        changes.push_back({level, id, make});
    }
    const level::ChangedEntities changed = changeEntities(m_session.document.project(), changes);
    m_session.document.apply(changed.edit);
    return changed.done;
}

void CastFilter::setWords(const QString& words) {
    m_words = words.split(u' ', Qt::SkipEmptyParts);
    invalidateFilter();
}

bool CastFilter::filterAcceptsRow(int row, const QModelIndex&) const {
    return std::all_of(m_words.begin(), m_words.end(),
                       [&](const QString& word) { return meets(row, word); });
}

bool CastFilter::meets(int row, const QString& word) const {
    static const QRegularExpression comparison(QStringLiteral("^([\\w-]+)(<=|>=|<|>|=)(.*)$"));
    const QAbstractItemModel* model = sourceModel();
    const auto textAt = [&](int column) {
        return model->index(row, column).data(Qt::DisplayRole).toString();
    };
    const auto match = comparison.match(word);
    if (!match.hasMatch())
        return textAt(KindColumn).contains(word, Qt::CaseInsensitive) ||
               textAt(IdColumn).contains(word, Qt::CaseInsensitive);
    for (int column = 0; column < model->columnCount(); ++column) {
        if (model->headerData(column, Qt::Horizontal).toString() != match.captured(1)) continue;
        const QString text = textAt(column);
        bool isNumber = false, isOther = false;
        const double value = text.toDouble(&isNumber);
        const double other = match.captured(3).toDouble(&isOther);
        const QString sign = match.captured(2);
        if (sign == QLatin1String("=")) return text == match.captured(3);
        if (!isNumber || !isOther) return false;
        return sign == QLatin1String("<")    ? value < other
               : sign == QLatin1String(">")  ? value > other
               : sign == QLatin1String("<=") ? value <= other
                                             : value >= other;
    }
    return false;
}

bool CastFilter::lessThan(const QModelIndex& left, const QModelIndex& right) const {
    bool isNumber = false, isOther = false;
    const double a = left.data().toString().toDouble(&isNumber);
    const double b = right.data().toString().toDouble(&isOther);
    if (isNumber && isOther) return a < b;
    return QString::localeAwareCompare(left.data().toString(), right.data().toString()) < 0;
}

CastTable::CastTable(Session& session, QWidget* parent)
    : QWidget(parent, Qt::Window),
      m_session(session),
      m_model(new CastModel(session, this)),
      m_filter(new CastFilter(this)),
      m_view(new QTableView(this)),
      m_words(new QLineEdit(this)),
      m_count(new QLabel(this)),
      m_preview(new QLabel(this)) {
    setWindowTitle(tr("Cast"));
    setObjectName(QStringLiteral("cast-table"));
    resize(760, 420);
    m_filter->setSourceModel(m_model);
    m_view->setModel(m_filter);
    m_view->setObjectName(QStringLiteral("cast-view"));
    m_view->setAccessibleName(tr("The cast as a table"));
    m_view->setSortingEnabled(true);
    m_view->sortByColumn(IdColumn, Qt::AscendingOrder);
    m_view->verticalHeader()->setDefaultSectionSize(24);
    m_view->horizontalHeader()->setDefaultSectionSize(88);
    m_view->setAlternatingRowColors(true);
    m_words->setObjectName(QStringLiteral("cast-filter"));
    m_words->setPlaceholderText(tr("Filter: crab speed>2"));
    m_words->setAccessibleName(tr("Filter the rows"));
    m_words->setClearButtonEnabled(true);
    auto* top = new QHBoxLayout;
    top->addWidget(m_words, 1);
    auto* all = new Chip(tr("all levels"), this);
    all->setObjectName(QStringLiteral("cast-all-levels"));
    top->addWidget(all);
    top->addWidget(
        makeButton(tr("To CSV …"), QStringLiteral("cast-csv-out"), this, [this] { writeCsv(); }));
    top->addWidget(
        makeButton(tr("From CSV …"), QStringLiteral("cast-csv-in"), this, [this] { readCsv(); }));
    auto* bottom = new QHBoxLayout;
    m_preview->setObjectName(QStringLiteral("cast-preview"));
    m_preview->setWordWrap(true);
    m_take = makeButton(tr("Take these changes"), QStringLiteral("cast-take"), this, [this] {
        if (m_waiting) m_session.document.apply(m_waiting->edit);
        m_waiting.reset();
        refresh();
    });
    bottom->addWidget(m_count);
    bottom->addWidget(m_preview, 1);
    bottom->addWidget(m_take);
    auto* column = new QVBoxLayout(this);
    column->addLayout(top);
    column->addWidget(m_view, 1);
    column->addLayout(bottom);
    connect(m_words, &QLineEdit::textChanged, this, [this](const QString& words) {
        m_filter->setWords(words);
        refresh();
    });
    connect(all, &QAbstractButton::toggled, this, [this](bool isOn) {
        m_model->setAllLevels(isOn);
        refresh();
    });
    connect(m_view->selectionModel(), &QItemSelectionModel::selectionChanged, this,
            &CastTable::choose);
    // Shortcuts, as the view would take these keys for itself.
    const auto onKeys = [this](const QKeySequence& keys, auto act) {
        auto* shortcut = new QShortcut(keys, this);
        connect(shortcut, &QShortcut::activated, this, act);
    };
    onKeys(QKeySequence::Copy, &CastTable::copy);
    onKeys(QKeySequence::Paste, &CastTable::paste);
    onKeys(Qt::Key_Escape, &QWidget::close);
    connect(&session.document, &Document::changed, this, &CastTable::refresh);
    connect(&session.document, &Document::levelSwitched, this, &CastTable::refresh);
    connect(&session.document, &Document::listsChanged, this, &CastTable::refresh);
    refresh();
}

void CastTable::refresh() {
    m_isRefreshing = true;
    m_model->reload();
    m_count->setText(tr("%1 of %2").arg(m_filter->rowCount()).arg(m_model->rowCount()));
    m_take->setVisible(m_waiting.has_value());
    if (!m_waiting) m_preview->clear();
    m_isRefreshing = false;
}

/// What is chosen here is selected on the board, and brought into sight.
void CastTable::choose() {
    if (m_isRefreshing) return;
    Selection selection;
    PxRect place;
    const QModelIndexList rows = m_view->selectionModel()->selectedIndexes();
    LevelId first;
    std::set<EntityId> chosen;
    for (const QModelIndex& index : rows) {
        const int row = m_filter->mapToSource(index).row();
        const auto& [level, id] = m_model->idsOf(row);
        if (first.isEmpty()) first = level;
        if (level != first || !chosen.insert(id).second) continue;
        selection.entities.push_back(id);
        if (const level::Entity* entity = m_model->entityOf(row)) place = place.united(entity->box);
    }
    if (selection.entities.empty()) return;
    if (first != m_session.document.level()->id) m_session.document.chooseLevel(first);
    m_session.workbench.select(selection);
    m_session.requests.showPlace(place);
}

void CastTable::copy() {
    QModelIndexList cells = m_view->selectionModel()->selectedIndexes();
    std::sort(cells.begin(), cells.end());
    QString text;
    for (qsizetype i = 0; i < cells.size(); ++i) {
        if (i > 0) text += cells[i].row() == cells[i - 1].row() ? u'\t' : u'\n';
        text += cells[i].data().toString();
    }
    QGuiApplication::clipboard()->setText(text);
}

/// Rows and columns from the first cell that is chosen on; one value goes to all that are chosen.
void CastTable::paste() {
    QModelIndexList cells = m_view->selectionModel()->selectedIndexes();
    if (cells.isEmpty()) return;
    std::sort(cells.begin(), cells.end());
    const QString text = QGuiApplication::clipboard()->text();
    const QStringList lines = text.split(u'\n', Qt::SkipEmptyParts);
    QList<std::pair<QModelIndex, QString>> texts;
    if (lines.size() == 1 && !text.contains(u'\t')) {
        for (const QModelIndex& cell : cells)
            texts.append({m_filter->mapToSource(cell), lines[0]});
    } else {
        for (qsizetype y = 0; y < lines.size(); ++y) {
            const QStringList parts = lines[y].split(u'\t');
            for (qsizetype x = 0; x < parts.size(); ++x) {
                const QModelIndex at =
                    m_filter->index(cells[0].row() + int(y), cells[0].column() + int(x));
                if (at.isValid()) texts.append({m_filter->mapToSource(at), parts[x].trimmed()});
            }
        }
    }
    const int done = m_model->setTexts(texts);
    m_preview->setText(tr("%1 of %2 cells took what was pasted.").arg(done).arg(texts.size()));
}

void CastTable::writeCsv() {
    const QString name =
        QFileDialog::getSaveFileName(this, tr("The cast as CSV"), {}, tr("Tables (*.csv)"));
    if (name.isEmpty()) return;
    const auto written = file::writeWhole(file::diskStorage(), name.toStdString(),
                                          file::placementsText(m_session.document.project()));
    m_preview->setText(written ? tr("Wrote %1.").arg(name) : told(written.error()));
}

void CastTable::readCsv() {
    const QString name =
        QFileDialog::getOpenFileName(this, tr("The cast from CSV"), {}, tr("Tables (*.csv)"));
    if (!name.isEmpty()) considerCsv(name);
}

/// Tells what would change, and waits.
void CastTable::considerCsv(const QString& name) {
    m_waiting.reset();
    const auto bytes = file::diskStorage().read(name.toStdString(), limits::maxTextBytes);
    auto change = bytes ? file::readPlacements(*bytes, QFileInfo(name).fileName().toStdString(),
                                               m_session.document.project())
                        : Result<file::TableChange>(fail(bytes.error()));
    if (!change) {
        refresh();
        return m_preview->setText(told(change.error()));
    }
    QStringList lines;
    for (std::size_t i = 0; i < change->lines.size() && i < 3; ++i)
        lines << told(change->lines[i]);
    if (change->lines.size() > 3) lines << tr("and %1 more").arg(change->lines.size() - 3);
    const bool hasAny = !change->lines.empty();
    if (hasAny) m_waiting = std::move(*change);
    refresh();
    m_preview->setText(hasAny ? lines.join(QStringLiteral("; ")) : tr("Nothing would change."));
}

}  // namespace rook::app
