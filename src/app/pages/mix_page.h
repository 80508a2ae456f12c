#pragma once
/// Other starts for a puzzle level, mixed back from its solved placement: small boards to choose
/// from, each solved.

#include <QFutureWatcher>
#include <atomic>

#include "app/pages/page.h"
#include "puzzle/mix.h"

class QSpinBox;

namespace rook::app {

class FlowLayout;

class MixPage : public Page {
    Q_OBJECT

public:
    MixPage(Session& session, QWidget* parent);
    ~MixPage() override;
    void refresh() override;
    void takeFocus() override;
    /// Begins to mix; what was found before goes.
    void mix();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Found {
        std::vector<puzzle::MixedStart> starts;
        std::optional<Error> error;
    };
    void stop();
    void show(const Found& found);
    void take(std::size_t place);

    QSpinBox* m_moves;
    QSpinBox* m_least;
    QSpinBox* m_most;
    QSpinBox* m_count;
    QSpinBox* m_seed;
    QLabel* m_told;
    FlowLayout* m_boards;
    QList<QWidget*> m_cards;
    std::vector<puzzle::MixedStart> m_starts;
    std::shared_ptr<const level::Level> m_of;  ///< that the starts are of
    std::shared_ptr<std::atomic<bool>> m_cancel = std::make_shared<std::atomic<bool>>(false);
    std::shared_ptr<std::atomic<int>> m_tried = std::make_shared<std::atomic<int>>(0);
    QFutureWatcher<Found> m_mixing;
};

}  // namespace rook::app
