#include "studio/worker.h"

namespace upbeat {

Worker::Worker(QObject* parent) : QObject(parent) {
    m_pool.setMaxThreadCount(1);
    m_pool.setExpiryTimeout(-1);
}

Worker::~Worker() {
    m_pool.waitForDone();
}

}  // namespace upbeat
