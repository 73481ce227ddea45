#include "studio/ear.h"

#include <array>

#include "upbeat/formats/midi_take.h"
#include "upbeat/signal/level.h"
#include "upbeat/signal/level_meter.h"

namespace upbeat {

Ear::Ear(AudioInput& input) : m_input(input) {
    constexpr int kTickMs = 20;
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &Ear::listen);
    connect(&m_input, &AudioInput::opened, this, [this] {
        if (isOpen()) open();  // another rate, perhaps
    });
}

void Ear::open() {
    m_tap = std::make_shared<InputTap>(m_input.sampleRate());
    m_detector = std::make_unique<HitDetector>(m_input.sampleRate());
    m_input.engine().tap(m_tap);
    m_ticker.start();
}

void Ear::close() {
    if (!isOpen()) return;
    m_ticker.stop();
    m_input.engine().tap(nullptr);
    m_tap.reset();
    m_detector.reset();
}

void Ear::listen() {
    const auto tap = m_tap;  // whoever is told may close this
    double peak = kSilenceDb;
    std::array<float, 4096> block{};
    while (const std::size_t count = tap->samples.pop(block)) {
        const auto some = std::span<const float>(block).first(count);
        peak = std::max(peak, peakDb(some));
        m_detector->push(some);
    }
    std::vector<Hit> hits = m_detector->take();
    StruckNote note;
    while (tap->notes.pop(std::span(&note, 1)) == 1) {
        hits.push_back(hitOfNote(0, note.key, note.velocity));
        peak = std::max(peak, hits.back().levelDb);
    }
    Q_EMIT heard(peak);
    for (const Hit& hit : hits)
        if (hit.strength >= kFirmStrength && m_tap == tap) Q_EMIT struck(hit.levelDb);
}

}  // namespace upbeat
