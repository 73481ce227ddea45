#pragma once

#include <QFuture>
#include <QObject>
#include <QThreadPool>
#include <QtConcurrentRun>
#include <utility>

namespace upbeat {

/// What must not hold up the window: one piece of work after the other on a thread of its own, in the order in which it
/// was asked for, so that takes enter the logbook as they were played.
class Worker : public QObject {
    Q_OBJECT
  public:
    explicit Worker(QObject* parent = nullptr);
    ~Worker() override;

    /// Runs `work` on the thread and hands its result to `done` on the thread of this object. `done` is not called
    /// once the worker is gone; the work itself is always finished.
    template <class Work, class Done>
    void run(Work work, Done done) {
        using Outcome = decltype(work());
        ++m_pending;
        QtConcurrent::run(&m_pool, std::move(work)).then(this, [this, done = std::move(done)](Outcome result) mutable {
            --m_pending;
            done(std::move(result));
        });
    }

    [[nodiscard]] bool isBusy() const { return m_pending > 0; }

  private:
    QThreadPool m_pool;
    int m_pending = 0;
};

}  // namespace upbeat
