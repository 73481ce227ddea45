#include "upbeat/audio/recording_run.h"

#include <cmath>

#include "upbeat/music/click_sound.h"

namespace upbeat {

namespace {

constexpr std::size_t kRingSeconds = 4;

}  // namespace

RecordingRun::RecordingRun(TakePlan plan, int sampleRate)
    : m_plan(std::move(plan)),
      m_sampleRate(sampleRate),
      m_total(std::llround(m_plan.durationS() * sampleRate)),
      m_samples(kRingSeconds * static_cast<std::size_t>(sampleRate)),
      m_losses(256),
      m_notes(4096) {
    for (const ClickKind kind : {ClickKind::Bar, ClickKind::Beat, ClickKind::Subdivision})
        m_clickSounds.at(static_cast<std::size_t>(kind)) = clickSound(kind, sampleRate, m_plan.click.tone);
}

void RecordingRun::process(std::span<const float> in, std::span<float> out, std::int64_t position, bool late) noexcept {
    if (isFinished()) return;
    if (startPosition() < 0) m_start.store(position, std::memory_order_release);
    const std::int64_t from = position - startPosition();
    const auto frames = static_cast<std::int64_t>(in.size());
    if (from > m_expected || late) noteGap(from, m_expected, frames, late);
    playClicks(out, from);
    handOver(in, from);
    m_expected = from + frames;
    m_passed.store(m_expected, std::memory_order_release);
    if (m_expected >= m_total || wasStopped()) m_finished.store(true, std::memory_order_release);
}

void RecordingRun::note(const StruckNote& note) noexcept {
    if (startPosition() < 0 || note.position < startPosition()) return;
    const StruckNote inTake{note.position - startPosition(), note.key, note.velocity};
    (void)m_notes.push(std::span(&inTake, 1));
}

void RecordingRun::noteGap(std::int64_t from, std::int64_t expected, std::int64_t frames, bool late) noexcept {
    const LostFrames lost{expected, from - expected, late ? frames : 0};
    (void)m_losses.push(std::span(&lost, 1));
}

void RecordingRun::handOver(std::span<const float> in, std::int64_t from) noexcept {
    const std::int64_t room = m_total - from;
    if (room <= 0) return;
    const auto count = std::min(in.size(), static_cast<std::size_t>(room));
    if (m_samples.push(in.first(count))) return;
    // The writer has been stalled for seconds: the samples are lost, and that is recorded like a gap of the device.
    const LostFrames lost{from, static_cast<std::int64_t>(count), 0};
    (void)m_losses.push(std::span(&lost, 1));
}

void RecordingRun::playClicks(std::span<float> out, std::int64_t from) noexcept {
    const auto to = from + static_cast<std::int64_t>(out.size());
    const double lastClickS = m_plan.click.firstBeat().value() + m_plan.playingS() + 1e-6;
    for (std::int64_t index = m_nextClick;; ++index) {
        const Click click = clickAt(m_plan.click, index);
        const std::int64_t at = std::llround((TakePlan::kLeadS + click.timeS) * m_sampleRate);
        if (at >= to || click.timeS > lastClickS) break;
        const auto& wave = m_clickSounds[static_cast<std::size_t>(click.kind)];
        const auto end = at + static_cast<std::int64_t>(wave.size());
        if (end <= from) {
            m_nextClick = index + 1;
            continue;
        }
        if (!click.audible) continue;
        const auto gain = static_cast<float>(m_plan.clickGain);
        for (std::int64_t i = std::max(at, from); i < std::min(end, to); ++i)
            out[static_cast<std::size_t>(i - from)] += gain * wave[static_cast<std::size_t>(i - at)];
    }
}

}  // namespace upbeat
