#pragma once
/// The placements of a roster as a table: a row x and a row y for each counter, a column for each
/// level. Cells are edited, copied and pasted as in a spreadsheet; tables come and go as CSV.

#include "app/pages/page.h"

class QTableView;

namespace rook::app {

class PlacementsModel;

class PlacementsPage : public Page {
    Q_OBJECT

public:
    PlacementsPage(Session& session, QWidget* parent);
    void refresh() override;
    void takeFocus() override;
    /// Rows of cells go in from the current cell on; those that cannot be are told.
    void paste();
    void copy();
    /// What a table file says; also for tests.
    void bringIn(const QString& file);
    /// One table of all, or with `isEach` one a counter into a folder.
    void writeOut(const QString& place, bool isEach);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    [[nodiscard]] std::string roster() const;
    PlacementsModel* m_model;
    QTableView* m_table;
    QLabel* m_told;
};

}  // namespace rook::app
