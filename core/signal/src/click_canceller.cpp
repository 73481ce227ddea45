#include "upbeat/signal/click_canceller.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace upbeat {

namespace {

constexpr double kLongestS = 0.150;     // latency, the click and most of its room
constexpr double kBackgroundS = 0.020;  // memory of the running mean square
constexpr double kFadeShare = 0.2;      // of the window, at its end
constexpr double kPartS = 0.010;
constexpr double kUndisturbed = 2.0;
constexpr double kQuiet = 0.3;  // of the click's energy: what may sound before a click that teaches
constexpr double kNoiseMargin = 2.0;
constexpr double kAudible = 4.0;  // the loudest part of a click against the background, to be one

double energyOf(std::span<const float> x) {
    double sum = 0;
    for (const float v : x) sum += static_cast<double>(v) * static_cast<double>(v);
    return sum;
}

double loudestPart(std::span<const float> x, double length) {
    const auto part = std::min(x.size(), static_cast<std::size_t>(length));
    double most = 0;
    for (std::size_t at = 0; part > 0 && at + part <= x.size(); at += part)
        most = std::max(most, energyOf(x.subspan(at, part)));
    return most;
}

/// The window must end before the next click begins.
double windowS(const std::vector<ClickMark>& marks) {
    double window = kLongestS;
    for (std::size_t i = 1; i < marks.size(); ++i) window = std::min(window, marks[i].timeS - marks[i - 1].timeS);
    return std::max(0.0, window);
}

}  // namespace

ClickCanceller::ClickCanceller(std::vector<ClickMark> marks, int sampleRate)
    : m_marks(std::move(marks)),
      m_sampleRate(sampleRate),
      m_length(static_cast<std::int64_t>(windowS(m_marks) * sampleRate)),
      m_window(static_cast<std::size_t>(m_length), 0.0F) {
    std::erase_if(m_marks, [](const ClickMark& mark) { return mark.timeS < 0 || mark.kind < 0; });
    int kinds = 0;
    for (const ClickMark& mark : m_marks) kinds = std::max(kinds, mark.kind + 1);
    m_waves.resize(static_cast<std::size_t>(kinds), {m_window, m_window, 0, 0, 0});
}

bool ClickCanceller::hearsClick() const {
    return std::any_of(m_waves.begin(), m_waves.end(), [](const Wave& wave) { return energyOf(wave.mean) > 0; });
}

std::int64_t ClickCanceller::sampleOf(const ClickMark& mark) const {
    return std::llround(mark.timeS * m_sampleRate);
}

void ClickCanceller::process(std::span<float> block) {
    if (m_marks.empty()) return;
    const double forget = 1.0 / (kBackgroundS * m_sampleRate);
    for (float& sample : block) {
        if (m_next < m_marks.size() && m_position >= sampleOf(m_marks[m_next])) {
            m_beforeMark = m_before;
            m_isCountIn = m_isCountIn && m_marks[m_next].quiet;
            ++m_next;
        }
        const auto raw = static_cast<double>(sample);
        if (std::isfinite(raw)) m_before += forget * (raw * raw - m_before);
        if (m_next > 0) {
            const ClickMark& mark = m_marks[m_next - 1];
            const std::int64_t since = m_position - sampleOf(mark);
            if (since < m_length) {
                Wave& wave = m_waves[static_cast<std::size_t>(mark.kind)];
                const auto at = static_cast<std::size_t>(since);
                m_window[at] = sample;
                sample -= wave.mean[at];
                if (since + 1 == m_length && (m_isCountIn || isUndisturbed(wave))) learn(wave);
            }
        }
        ++m_position;
    }
}

/// Behind the count-in, also where nobody should play any more, only a click that is known already and has nothing
/// beside it may teach: what it leaves is no more than what was there before it, and that was little. Else a stroke
/// just before the click would be taken for the room, and the click unlearned with it.
bool ClickCanceller::isUndisturbed(const Wave& wave) const {
    constexpr int kEnough = 16;
    const double known = energyOf(wave.mean);
    if (wave.heard == 0 || wave.heard >= kEnough || known <= 0) return false;
    const double before = m_beforeMark * static_cast<double>(m_length);
    if (before > kQuiet * known) return false;
    double left = 0;
    for (std::size_t i = 0; i < m_window.size(); ++i) {
        const double v = static_cast<double>(m_window[i] - wave.mean[i]);
        left += v * v;
    }
    return left < kUndisturbed * before;
}

void ClickCanceller::learn(Wave& wave) {
    const double energy = energyOf(m_window);
    // On the first samples of a recording nothing was heard before: then a click must stand out of its own end.
    const std::span<const float> end = std::span(m_window).last(m_window.size() / 4);
    const double before = m_position > m_length + static_cast<std::int64_t>(kBackgroundS * m_sampleRate)
                              ? m_beforeMark
                              : energyOf(end) / static_cast<double>(std::max<std::size_t>(1, end.size()));
    const double background = before * static_cast<double>(m_length);
    const double audible = kAudible * before * kPartS * m_sampleRate;
    if (!std::isfinite(energy) || energy <= 0 || loudestPart(m_window, kPartS * m_sampleRate) < audible) return;
    for (std::size_t i = 0; i < m_window.size(); ++i) wave.sum[i] += m_window[i];
    wave.energies += energy;
    wave.noise += background;
    ++wave.heard;
    // A kind heard once only (the accent of a one-bar count-in) is believed where another kind proves that clicks leak.
    const bool leaks = std::any_of(m_waves.begin(), m_waves.end(), [](const Wave& w) { return likeness(w) > 0; });
    for (Wave& w : m_waves) shape(w, w.heard == 1 && leaks ? 1.0 : likeness(w));
}

/// From the energy of the mean against the mean energy, which is 1 when all clicks are alike and 1/n when they have
/// nothing in common. Strokes on the beats of a count-in are alike too, but never nearly so much.
double ClickCanceller::likeness(const Wave& wave) {
    constexpr double kLeast = 0.8;
    if (wave.heard < 2) return 0;
    // What rings or hisses on by itself is different each time and says nothing about the click.
    const double n = wave.heard;
    const double own = std::max(wave.energies - wave.noise, 1e-3 * wave.energies);
    const double alike = std::min(1.0, std::max(0.0, energyOf(wave.sum) - wave.noise) / (n * own));
    const double likeness = (alike - 1.0 / n) / (1.0 - 1.0 / n);
    return likeness < kLeast ? 0.0 : likeness;
}

/// The mean of what was heard, part by part only as far as it stands above the noise that is left in a mean: taking
/// noise off adds noise.
void ClickCanceller::shape(Wave& wave, double trust) const {
    const double n = std::max(1, wave.heard);
    const auto fade = static_cast<std::size_t>(kFadeShare * static_cast<double>(wave.mean.size()));
    const auto part = std::max<std::size_t>(1, static_cast<std::size_t>(kPartS * m_sampleRate));
    for (std::size_t from = 0; from < wave.mean.size(); from += part) {
        const std::size_t to = std::min(wave.mean.size(), from + part);
        const double heard = energyOf(std::span(wave.sum).subspan(from, to - from)) / (n * n);
        const double noise =
            wave.noise / (n * n) * static_cast<double>(to - from) / static_cast<double>(wave.mean.size());
        const double own = heard > 0 ? std::max(0.0, 1 - kNoiseMargin * noise / heard) : 0.0;
        for (std::size_t i = from; i < to; ++i) {
            const std::size_t left = wave.mean.size() - 1 - i;
            const double end = left < fade ? static_cast<double>(left) / static_cast<double>(fade) : 1.0;
            wave.mean[i] = static_cast<float>(trust * own * end / n * static_cast<double>(wave.sum[i]));
        }
    }
}

}  // namespace upbeat
