#pragma once
/// Keeps the reach of every level up to date, on one worker thread with values of its own.
///
/// The level on the board goes first. When it changes while it is being solved, that work is
/// cancelled and the newest value is taken; then what is asked otherwise and runs that are asked
/// for, then it is held to its plan and looked at deep. Other levels follow when nothing else is to
/// do.

#include <QFutureWatcher>
#include <QThreadPool>
#include <atomic>
#include <memory>

#include "app/session/session.h"
#include "reach/resolver.h"
#include "skin/opacity.h"

namespace rook::app {

class LiveReach : public QObject {
    Q_OBJECT

public:
    explicit LiveReach(Session& session);
    ~LiveReach() override;

    [[nodiscard]] bool isBusy() const { return m_watcher.isRunning(); }

private:
    /// What is done next, in this order.
    enum class Job { Verdict, WhatIf, Run, Plan, Analysis, FurtherAnalysis };
    struct Outcome {
        Job job = Job::Verdict;
        std::shared_ptr<const ProvenLevel> proven;
        WhatIf whatIf;                        ///< what was asked
        std::shared_ptr<const ShownRun> run;  ///< null if there is none
        QString words;                        ///< about the run
    };
    /// The job for a level; none if all is done.
    [[nodiscard]] std::optional<Job> jobFor(const level::Level& level) const;
    [[nodiscard]] Outcome findRun(const level::Project& project,
                                  std::shared_ptr<const level::Level> level, const WhatIf& whatIf,
                                  PxPoint to, const std::atomic<bool>* cancel);
    void askRun(PxPoint to);
    void solveNext();
    void take();
    void takeProven(Job job, std::shared_ptr<const ProvenLevel> proven);
    [[nodiscard]] std::shared_ptr<collide::ShapesCache> cacheOf(const LevelId& id);

    Session& m_session;
    QThreadPool m_pool;
    QFutureWatcher<Outcome> m_watcher;
    std::shared_ptr<const level::Level> m_solving;  ///< null when idle
    level::Project m_solvingProject;
    std::shared_ptr<std::atomic<bool>> m_cancel;
    Job m_job = Job::Verdict;
    WhatIf m_askedWhatIf;
    std::optional<PxPoint> m_runWanted;
    /// Of the last run that was asked for; only the worker touches it.
    std::shared_ptr<const reach::RunFinder> m_finder;
    std::shared_ptr<const level::Level> m_finderLevel;
    WhatIf m_finderWhatIf;
    level::Project m_finderProject;
    std::shared_ptr<collide::ShapesCache> m_cache;
    LevelId m_cachedLevel;
    // Used by the worker only.
    [[nodiscard]] const skin::Opacity& opacityOf(const level::Project& project,
                                                 const QString& folder);
    reach::Resolver m_resolver;  ///< of the level on the board
    std::optional<skin::Opacity> m_opacity;
    SharedVector<level::Sheet> m_opacitySheets;
    SharedVector<level::Backdrop> m_opacityBackdrops;
    QString m_opacityFolder;
};

}  // namespace rook::app
