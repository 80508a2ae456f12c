#pragma once
/// Proves the whole game on a worker while somebody looks, and keeps what was solved before.

#include <QFutureWatcher>
#include <QThreadPool>
#include <QTimer>
#include <atomic>
#include <memory>

#include "app/session/document.h"
#include "game/proof.h"

namespace rook::app {

class GameProver : public QObject {
    Q_OBJECT

public:
    explicit GameProver(Document& document);
    ~GameProver() override;

    /// From now on it is kept up to date, or no more.
    void setWanted(bool isWanted);
    /// The last one; null if there is none yet. May be of a former value.
    [[nodiscard]] std::shared_ptr<const game::GameProof> proof() const { return m_proof; }
    [[nodiscard]] bool isCurrent() const;
    /// Ways in which levels are come to: those that are solved, and those that are known of. None
    /// while nothing is done.
    [[nodiscard]] std::optional<std::pair<int, int>> progress() const;

Q_SIGNALS:
    void changed();

private:
    void proveSoon();
    void prove();
    void take();

    Document& m_document;
    bool m_isWanted = false;
    QTimer m_soon;      ///< until nothing was drawn for a moment
    QTimer m_progress;  ///< tells how far it is
    QThreadPool m_pool;
    QFutureWatcher<std::shared_ptr<const game::GameProof>> m_watcher;
    std::shared_ptr<std::atomic<bool>> m_cancel;
    std::atomic<int> m_done{0}, m_known{0};
    game::WinningCache m_cache;  ///< the worker's
    level::Project m_proving;    ///< that is being proven
    level::Project m_of;         ///< that the proof is of
    std::shared_ptr<const game::GameProof> m_proof;
};

}  // namespace rook::app
