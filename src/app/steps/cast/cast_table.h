#pragma once
/// The cast as a table: it serves the work on the board, where what is chosen here is shown.

#include <QAbstractTableModel>
#include <QSortFilterProxyModel>
#include <QWidget>

#include "app/session/session.h"
#include "file/placements.h"

class QLabel;
class QLineEdit;
class QTableView;

namespace rook::app {

/// One row an entity, one column a property or a field of any kind.
class CastModel : public QAbstractTableModel {
    Q_OBJECT

public:
    explicit CastModel(Session& session, QObject* parent);
    void setAllLevels(bool isOn);
    /// Reads the entities anew.
    void reload();
    /// The level and the entity of a row.
    [[nodiscard]] const std::pair<LevelId, EntityId>& idsOf(int row) const {
        return m_rows[std::size_t(row)];
    }
    [[nodiscard]] const level::Entity* entityOf(int row) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation,
                                      int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    /// Several cells as one step; those that cannot be read or changed are left out and counted.
    int setTexts(const QList<std::pair<QModelIndex, QString>>& texts);

private:
    [[nodiscard]] const level::FieldDefinition* fieldAt(const level::Entity& entity,
                                                        int column) const;
    /// True if it could be done.
    bool change(level::Entity& entity, int column, const QString& text) const;

    Session& m_session;
    bool m_isOfAll = false;
    std::vector<std::pair<LevelId, EntityId>> m_rows;
    QStringList m_fields;
};

/// Rows that meet all words of a filter: part of the kind or the id, or a comparison as "speed>2".
class CastFilter : public QSortFilterProxyModel {
    Q_OBJECT

public:
    using QSortFilterProxyModel::QSortFilterProxyModel;
    void setWords(const QString& words);

protected:
    [[nodiscard]] bool filterAcceptsRow(int row, const QModelIndex& parent) const override;
    [[nodiscard]] bool lessThan(const QModelIndex& left, const QModelIndex& right) const override;

private:
    [[nodiscard]] bool meets(int row, const QString& word) const;

    QStringList m_words;
};

class CastTable : public QWidget {
    Q_OBJECT

public:
    CastTable(Session& session, QWidget* parent);

private:
    void refresh();
    void choose();
    void copy();
    void paste();
    void writeCsv();
    void readCsv();
    void considerCsv(const QString& file);

    Session& m_session;
    CastModel* m_model;
    CastFilter* m_filter;
    QTableView* m_view;
    QLineEdit* m_words;
    QLabel* m_count;
    QLabel* m_preview;
    QWidget* m_take;
    std::optional<file::TableChange> m_waiting;
    bool m_isRefreshing = false;
};

}  // namespace rook::app
