#include "upbeat/audio/recording_run.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/click_sound.h"

namespace upbeat {

namespace {

constexpr std::size_t kRingSeconds = 4;

}  // namespace

RecordingRun::RecordingRun(TakePlan plan, int sampleRate)
    : m_plan(std::move(plan)),
      m_sampleRate(sampleRate),
      m_shortest(std::llround((m_plan.durationS() - m_plan.afterS()) * sampleRate)),
      m_total(std::llround(m_plan.durationS() * sampleRate)),
      m_clickSounds(clickSounds(sampleRate, m_plan.click.tone)),
      m_clock(sampleRate),
      m_samples(kRingSeconds * static_cast<std::size_t>(sampleRate)),
      m_losses(4096),
      m_notes(4096) {}

void RecordingRun::beginIn(const PreRoll& before, const Cycle& cycle) noexcept {
    if (!m_plan.struckAt || startPosition() >= 0) return;
    const auto lead = std::llround((m_plan.firstBeatS() + m_plan.latencyS) * m_sampleRate);
    const std::int64_t origin = *m_plan.struckAt - lead;
    m_clock.beginAt(origin, cycle);
    m_start.store(origin, std::memory_order_release);
    m_silentBefore = cycle.position - origin;  // no click from its middle on
    // What is not kept, or came before a gap, is a gap of the take.
    const bool follows = before.to() == cycle.position;
    const std::int64_t kept = follows ? std::clamp(before.from(), origin, cycle.position) : cycle.position;
    if (kept > origin) report({0, kept - origin, 0});
    std::array<float, 256> block{};
    for (std::int64_t at = kept; at < cycle.position;) {
        const auto count = std::min<std::int64_t>(std::ssize(block), cycle.position - at);
        for (std::int64_t i = 0; i < count; ++i) block[static_cast<std::size_t>(i)] = before.at(at + i);
        handOver(std::span<const float>(block).first(static_cast<std::size_t>(count)), at - origin);
        at += count;
    }
    before.eachNote([this](const StruckNote& struck) { note(struck); });
}

void RecordingRun::process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept {
    if (isFinished()) return;
    if (startPosition() < 0) m_start.store(cycle.position, std::memory_order_release);
    const std::int64_t before = m_clock.expected();
    if (m_isShort.load() && before <= m_shortest) m_total.store(m_shortest);
    const auto frames = static_cast<std::int64_t>(in.size());
    const bool wasBroken = m_clock.isBroken();
    const TakeClock::Placed placed = m_clock.place(cycle, frames);
    // What is delivered twice contradicts itself: neither copy is trusted.
    if (placed.skip > 0) report({placed.from, 0, before - placed.from});
    if (m_clock.isBroken() && !wasBroken)
        report({before, placed.gap, totalFrames() - before - placed.gap});
    else if (placed.gap > 0 || cycle.late)
        report(
            {before, placed.gap,
             cycle.late ? std::clamp<std::int64_t>(totalFrames() - before - placed.gap, 0, frames - placed.skip) : 0});
    playClicks(out, placed.from);
    speak(out, placed.from);
    handOver(in.subspan(static_cast<std::size_t>(placed.skip)), placed.from + placed.skip);
    m_passed.store(m_clock.expected(), std::memory_order_release);
    if (m_clock.expected() >= totalFrames() || wasStopped()) m_finished.store(true, std::memory_order_release);
}

void RecordingRun::note(const StruckNote& note) noexcept {
    if (startPosition() < 0) return;
    StruckNote inTake = note;
    inTake.position = m_clock.inTake(note.position);
    if (inTake.position < 0) return;
    (void)m_notes.push(std::span(&inTake, 1));
}

void RecordingRun::handOver(std::span<const float> in, std::int64_t from) noexcept {
    const std::int64_t room = totalFrames() - from;
    if (room <= 0) return;
    const auto count = std::min(in.size(), static_cast<std::size_t>(room));
    if (m_samples.push(in.first(count))) return;
    // The writer has been stalled for seconds: the samples are lost, and that is recorded like a gap of the device.
    report({from, static_cast<std::int64_t>(count), 0});
}

void RecordingRun::speak(std::span<float> out, std::int64_t from) const noexcept {
    if (!m_plan.spoken || from < 0) return;
    const std::vector<float>& voice = m_plan.spoken->samples;
    const auto to = std::min(from + std::ssize(out), std::ssize(voice));
    for (std::int64_t i = from; i < to; ++i)
        out[static_cast<std::size_t>(i - from)] += voice[static_cast<std::size_t>(i)];
}

void RecordingRun::playClicks(std::span<float> out, std::int64_t from) noexcept {
    const auto to = from + static_cast<std::int64_t>(out.size());
    const double lastClickS = totalFrames() == m_shortest ? m_plan.stopsS() : m_plan.lastClickS();
    for (std::int64_t index = m_nextClick;; ++index) {
        const Click click = clickAt(m_plan.click, index);
        const std::int64_t at = std::llround((TakePlan::kLeadS + click.timeS) * m_sampleRate);
        if (at >= to || TakePlan::kLeadS + click.timeS > lastClickS) break;
        const auto& wave = m_clickSounds[static_cast<std::size_t>(click.kind)];
        const auto end = at + static_cast<std::int64_t>(wave.size());
        if (end <= from) {
            m_nextClick = index + 1;
            continue;
        }
        if (!click.audible || at < m_silentBefore || TakePlan::kLeadS + click.timeS < m_plan.firstClickS()) continue;
        const auto gain = static_cast<float>(m_plan.clickGain);
        for (std::int64_t i = std::max(at, from); i < std::min(end, to); ++i)
            out[static_cast<std::size_t>(i - from)] += gain * wave[static_cast<std::size_t>(i - at)];
    }
}

}  // namespace upbeat
