#include "studio/ear.h"

#include <array>
#include <cmath>

#include "upbeat/signal/level.h"
#include "upbeat/signal/level_meter.h"
#include "upbeat/voices/pad_kit.h"

namespace upbeat {

namespace {

constexpr int kTickMs = 20;

}  // namespace

Ear::Ear(AudioInput& input) : m_input(input) {
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
    m_input.engine().untap(m_tap);
    m_tap.reset();
    m_detector.reset();
}

double Ear::nowS() const {
    return isOpen() ? static_cast<double>(m_detector->samplesSeen()) / m_input.sampleRate() : 0;
}

/// What was played is known a moment after the last note.
std::vector<PadNote> Ear::playedNotes() {
    StruckNote note;
    m_nowS += kTickMs * 1e-3;
    while (m_tap->notes.pop(std::span(&note, 1)) == 1) {
        m_nowS = static_cast<double>(note.position) / m_input.sampleRate();
        m_pads.push({m_nowS, note.key, note.velocity, note.pedal});
    }
    return m_pads.take(m_nowS);
}

/// As soon as they can be seen.
void Ear::tellOnsets(const InputTap& tap) {
    for (const Hit& hit : m_detector->takeEarly()) {
        if (hit.strength < kFirmStrength || m_tap.get() != &tap) continue;
        Q_EMIT onset(tap.start.load() + std::llround(hit.timeS * m_input.sampleRate()));
        if (m_tap.get() != &tap) return;
    }
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
    tellOnsets(*tap);
    if (m_tap != tap) return;
    std::vector<Hit> strokes = m_detector->take();
    std::erase_if(strokes, [](const Hit& hit) { return hit.strength < kFirmStrength; });
    const auto notes = playedNotes();
    const double openedS = static_cast<double>(tap->start.load()) / m_input.sampleRate();
    for (const PadNote& note : notes) {
        Hit& hit = strokes.emplace_back();
        hit.timeS = note.timeS - openedS;
        hit.levelDb = levelOfVelocity(note.velocity);
        peak = std::max(peak, hit.levelDb);
    }
    Q_EMIT heard(peak);
    for (const PadNote& note : notes) {
        if (m_tap == tap) Q_EMIT padStruck(note);
        if (m_tap == tap) Q_EMIT onset(std::llround(note.timeS * m_input.sampleRate()));
    }
    for (const Hit& hit : strokes) {
        if (m_tap == tap) Q_EMIT struck(hit.levelDb);
        if (m_tap == tap) Q_EMIT stroke(hit);
    }
}

}  // namespace upbeat
