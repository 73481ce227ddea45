#pragma once

#include <QMetaObject>
#include <QThreadPool>
#include <memory>
#include <utility>

namespace upbeat {

/// Runs `work` on the pool and hands its result to `done` on the receiver's thread. The receiver must wait for the pool
/// before it goes.
template <class Work, class Done>
void runInBackground(QThreadPool& pool, QObject* receiver, Work work, Done done) {
    pool.start([receiver, work = std::move(work), done = std::move(done)]() mutable {
        auto result = std::make_shared<decltype(work())>(work());
        QMetaObject::invokeMethod(
            receiver, [done = std::move(done), result]() mutable { done(std::move(*result)); }, Qt::QueuedConnection);
    });
}

}  // namespace upbeat
