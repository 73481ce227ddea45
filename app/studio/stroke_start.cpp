#include "studio/stroke_start.h"

namespace upbeat {

StrokeStart::StrokeStart(AudioInput& input) : m_ear(input) {
    connect(&m_ear, &Ear::onset, this, [this](qint64 position) {
        stop();
        Q_EMIT struck(position);
    });
}

void StrokeStart::wait() {
    m_ear.open();
}

void StrokeStart::stop() {
    m_ear.close();
}

}  // namespace upbeat
