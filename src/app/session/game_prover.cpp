#include "app/session/game_prover.h"

#include <QtConcurrent>

namespace rook::app {

namespace {
constexpr int quietMs = 300, tellEveryMs = 150;
}  // namespace

GameProver::GameProver(Document& document) : m_document(document) {
    m_pool.setMaxThreadCount(1);
    m_soon.setSingleShot(true);
    m_soon.setInterval(quietMs);
    m_progress.setInterval(tellEveryMs);
    connect(&m_soon, &QTimer::timeout, this, &GameProver::prove);
    connect(&m_progress, &QTimer::timeout, this, &GameProver::changed);
    connect(&m_watcher, &QFutureWatcherBase::finished, this, &GameProver::take);
    connect(&document, &Document::changed, this, &GameProver::proveSoon);
    connect(&document, &Document::opened, this, [this] {
        m_proof.reset();
        proveSoon();
    });
}

GameProver::~GameProver() {
    if (m_cancel) *m_cancel = true;
    m_pool.waitForDone();
}

bool GameProver::isCurrent() const {
    return m_proof && m_of.sharesAllWith(m_document.project());
}

std::optional<std::pair<int, int>> GameProver::progress() const {
    if (!m_watcher.isRunning()) return std::nullopt;
    return std::pair(m_done.load(), m_known.load());
}

void GameProver::setWanted(bool isWanted) {
    m_isWanted = isWanted;
    if (!isWanted && m_cancel) *m_cancel = true;
    if (!isWanted) return m_soon.stop();
    if (!isCurrent()) prove();
}

void GameProver::proveSoon() {
    if (!m_isWanted || isCurrent()) return;
    if (m_cancel) *m_cancel = true;
    m_soon.start();
}

void GameProver::prove() {
    if (!m_isWanted || isCurrent()) return;
    // What was cancelled is on its way back.
    if (m_watcher.isRunning()) return m_soon.start();
    m_cancel = std::make_shared<std::atomic<bool>>(false);
    m_proving = m_document.project();
    m_done = m_known = 0;
    m_watcher.setFuture(QtConcurrent::run(&m_pool, [this, cancel = m_cancel, project = m_proving] {
        game::GameLimits limits;
        limits.solve.cancel = cancel.get();
        limits.progress = [this](std::size_t done, std::size_t known) {
            m_done = int(done);
            m_known = int(known);
        };
        return std::shared_ptr<const game::GameProof>(
            std::make_shared<game::GameProof>(game::proveGame(project, limits, &m_cache)));
    }));
    m_progress.start();
    Q_EMIT changed();
}

void GameProver::take() {
    m_progress.stop();
    if (!m_cancel || !*m_cancel) {
        m_proof = m_watcher.result();
        m_of = m_proving;
    }
    m_proving = {};
    if (!isCurrent() && m_isWanted) m_soon.start();
    Q_EMIT changed();
}

}  // namespace rook::app
