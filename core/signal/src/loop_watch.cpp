#include "upbeat/signal/loop_watch.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr int kGroup = 16;             // clicks
constexpr double kBeginningS = 0.004;  // of a click: later it hides what comes by way of the walls
constexpr double kDirectShare = 0.5;   // of the strongest arrival: the direct sound

constexpr std::size_t kThin = 4;

/// Every four samples as one: for the whole click, which is blunt by more than that, a sixteenth of the work.
std::vector<float> thinned(std::span<const float> x) {
    std::vector<float> out(x.size() / kThin);
    for (std::size_t i = 0; i < out.size(); ++i) {
        float sum = 0;
        for (std::size_t k = 0; k < kThin; ++k) sum += x[i * kThin + k];
        out[i] = sum / kThin;
    }
    return out;
}

/// Where the way round is long, only clicks before which there is room: none of those before them can arrive where they
/// should, and there are no more of them than can be listened to.
std::vector<ClickMark> withRoom(const std::vector<ClickMark>& marks, double longestS) {
    constexpr double kUsualS = 0.1;
    constexpr double kRoom = 0.6;  // of the longest way
    if (longestS <= kUsualS) return marks;
    std::vector<ClickMark> some;
    for (std::size_t i = 0; i < marks.size(); ++i) {
        const bool hasRoom = i == 0 || marks[i].timeS - marks[i - 1].timeS >= kRoom * longestS;
        if (hasRoom && (some.empty() || marks[i].timeS - some.back().timeS >= longestS)) some.push_back(marks[i]);
    }
    return some;
}

/// The beginning of a click, with a soft end.
std::vector<float> beginningOf(std::vector<float> wave, int sampleRate) {
    const auto length = std::min(wave.size(), static_cast<std::size_t>(kBeginningS * sampleRate));
    wave.resize(length);
    const std::size_t fade = length / 2;
    for (std::size_t i = 0; i < fade; ++i)
        wave[length - 1 - i] *= static_cast<float>(static_cast<double>(i) / static_cast<double>(fade));
    return wave;
}

/// Energy of every stretch of that length.
std::vector<double> energiesAt(std::span<const float> x, std::size_t length) {
    std::vector<double> energies;
    double sum = 0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        sum += static_cast<double>(x[i]) * static_cast<double>(x[i]);
        if (i >= length) sum -= static_cast<double>(x[i - length]) * static_cast<double>(x[i - length]);
        if (i + 1 >= length) energies.push_back(std::max(0.0, sum));
    }
    return energies;
}

double energyOf(std::span<const float> x) {
    double sum = 0;
    for (const float v : x) sum += static_cast<double>(v) * static_cast<double>(v);
    return sum;
}

}  // namespace

bool isClear(const ClickGroup& group) {
    constexpr double kClear = 7;
    constexpr double kFaintestDb = -45;
    constexpr double kLikeAClick = 0.5;  // a stroke that is struck along with the count-in is not
    return group.first.clearness >= kClear && group.levelDb >= kFaintestDb && group.likeness >= kLikeAClick;
}

LoopWatch::LoopWatch(const std::vector<ClickMark>& marks, const std::vector<std::vector<float>>& dry, int sampleRate,
                     double longestS)
    : m_marks(withRoom(marks, longestS)),
      m_sampleRate(sampleRate),
      m_length(static_cast<std::size_t>(longestS * sampleRate)) {
    for (const auto& wave : dry) {
        m_beginnings.emplace_back(beginningOf(wave, sampleRate));
        m_whole.emplace_back(thinned(wave));
        m_length = std::max(m_length, static_cast<std::size_t>(longestS * sampleRate) + wave.size());
    }
    std::erase_if(m_marks, [this](const ClickMark& mark) {
        return mark.timeS < 0 || mark.kind < 0 || static_cast<std::size_t>(mark.kind) >= m_whole.size();
    });
}

void LoopWatch::push(std::span<const float> block) {
    m_recent.insert(m_recent.end(), block.begin(), block.end());
    const auto end = m_recentFrom + static_cast<std::int64_t>(m_recent.size());
    for (; m_next < m_marks.size(); ++m_next) {
        const std::int64_t from = std::llround(m_marks[m_next].timeS * m_sampleRate);
        if (from + static_cast<std::int64_t>(m_length) > end) break;
        if (from < m_recentFrom) continue;
        closeWindow(std::span(m_recent).subspan(static_cast<std::size_t>(from - m_recentFrom), m_length));
    }
    const std::int64_t needed =
        m_next < m_marks.size() ? std::min<std::int64_t>(end, std::llround(m_marks[m_next].timeS * m_sampleRate)) : end;
    if (needed - m_recentFrom < static_cast<std::int64_t>(m_length)) return;
    m_recent.erase(m_recent.begin(), m_recent.begin() + (needed - m_recentFrom));
    m_recentFrom = needed;
}

void LoopWatch::closeWindow(std::span<const float> window) {
    const ClickMark& mark = m_marks[m_next];
    if (m_group.clicks > 0 && (m_group.clicks == kGroup || m_group.quiet != mark.quiet)) closeGroup();
    if (m_group.clicks == 0) m_group.fromS = mark.timeS;
    m_group.toS = mark.timeS;
    m_group.quiet = mark.quiet;
    ++m_group.clicks;
    // Where nobody strikes the click is heard best.
    constexpr double kQuietest = 1e-10;
    const double weight = 1 / (energyOf(window) / static_cast<double>(window.size()) + kQuietest);
    if (!std::isfinite(weight)) return;
    const auto kind = static_cast<std::size_t>(mark.kind);
    m_beginnings[kind].addAnswer(window, weight, m_sharp);
    m_whole[kind].addAnswer(thinned(window), weight, m_blunt);
    const auto energies = energiesAt(window, m_beginnings[kind].size());
    m_energies.resize(energies.size());
    for (std::size_t k = 0; k < energies.size(); ++k)
        m_energies[k] += weight * energies[k] / m_beginnings[kind].energy();
    m_weight += weight;
}

void LoopWatch::closeGroup() {
    if (const auto found = firstArrival(m_sharp, kDirectShare)) {
        m_group.first = {found->at / m_sampleRate, found->clearness};
        const double amplitude = found->amplitude / m_weight;
        const auto at = static_cast<std::size_t>(std::max(0.0, std::round(found->at)));
        const double all = m_energies[std::min(at, m_energies.size() - 1)] / m_weight;
        m_group.likeness = all > 0 ? amplitude * amplitude / all : 0;
        m_group.levelDb = 20 * std::log10(std::max(1e-9, amplitude));
    }
    if (const auto found = firstArrival(m_blunt, 1)) {
        constexpr double kReachS = 0.0005;
        const double rate = static_cast<double>(m_sampleRate) / kThin;
        m_group.loudest = {found->at / rate, found->clearness};
        if (m_reference)
            m_group.where = strengthNear(m_blunt, *m_reference * rate, kReachS * rate) / found->amplitude;
        else if (isClear(m_group))
            m_reference = m_group.loudest.s;
    }
    m_groups.push_back(m_group);
    m_group = {};
    m_sharp = {};
    m_blunt = {};
    m_weight = 0;
    m_energies.clear();
}

std::vector<ClickGroup> LoopWatch::finish() {
    if (m_group.clicks > 0) closeGroup();
    return std::move(m_groups);
}

}  // namespace upbeat
