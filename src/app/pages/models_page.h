#pragma once
/// Many models, told in a table before any of them becomes a piece: what each measures beside the
/// module and beside the others, what is odd about its faces, and what is done about it, for all
/// or for some.

#include <QFutureWatcher>
#include <atomic>

#include "app/pages/page.h"
#include "ship/models_in.h"

class QComboBox;
class QDoubleSpinBox;
class QTableWidget;

namespace rook::app {

class Chip;
class PictureView;

class ModelsPage : public Page {
    Q_OBJECT

public:
    ModelsPage(Session& session, QWidget* parent);
    ~ModelsPage() override;
    /// Begins with files and folders; empty: waits for a choice of them.
    void begin(const QStringList& files);
    void refresh() override;
    void takeFocus() override;
    [[nodiscard]] bool isBusy() const { return m_busy > 0; }
    [[nodiscard]] const std::vector<ship::IncomingModel>& models() const { return m_models; }

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void addFixes();
    void addTable();
    [[nodiscard]] const level::Kit* kit() const;
    void chooseFiles();
    void chooseFolder();
    /// Looks at them by their fixes, on a worker.
    void look(bool all);
    void show(std::vector<ship::IncomingModel> models);
    void forget();
    void fillRow(int row);
    void showInHand();
    /// Rows that a fix is for.
    [[nodiscard]] std::vector<int> rowsMeant() const;
    template <typename Change>
    void fix(Change&& change);
    void proposeScale();
    void take();
    [[nodiscard]] int inHand() const;

    std::vector<ship::IncomingModel> m_models;
    std::optional<level::Kit> m_lookedFor;  ///< that they are measured by
    std::shared_ptr<std::atomic<bool>> m_cancel = std::make_shared<std::atomic<bool>>(false);
    int m_round = 0;  ///< of looking; what comes of a former one is left alone
    int m_pictureRound = 0;
    int m_busy = 0;
    QTableWidget* m_table;
    QComboBox* m_scope;
    QComboBox* m_up;
    QDoubleSpinBox* m_scale;
    QComboBox* m_pivot;
    Chip* m_mends;
    Chip* m_stretches;
    QPushButton* m_take;
    QLabel* m_told;
    QLabel* m_remarks;
    PictureView* m_picture;
};

}  // namespace rook::app
