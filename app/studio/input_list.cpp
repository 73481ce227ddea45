#include "studio/input_list.h"

#include <QtConcurrentRun>

namespace upbeat {

InputList::InputList(FindInputs find) : m_find(std::move(find)) {
    constexpr int kAgainMs = 2000;
    m_pool.setMaxThreadCount(1);
    m_again.setInterval(kAgainMs);
    connect(&m_again, &QTimer::timeout, this, &InputList::refresh);
}

InputList::~InputList() {
    m_pool.waitForDone();
}

void InputList::refresh() {
    if (std::exchange(m_isAsking, true)) return;
    QtConcurrent::run(&m_pool, m_find).then(this, [this](const FoundInputs& found) {
        m_isAsking = false;
        take(found);
    });
}

void InputList::take(const FoundInputs& found) {
    if (std::exchange(m_isKnown, true) && m_found == found) return;
    m_found = found;
    Q_EMIT changed();
}

void InputList::keepFresh(bool on) {
    if (!on) return m_again.stop();
    refresh();
    m_again.start();
}

}  // namespace upbeat
