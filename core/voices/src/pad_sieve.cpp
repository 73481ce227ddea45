#include "upbeat/voices/pad_sieve.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kSameS = 0.012;
constexpr double kBounceS = 0.030;
constexpr double kShakeS = 0.006;
constexpr int kShaken = 24;  // at most
constexpr int kShaker = 3;   // times as hard

}  // namespace

void PadSieve::push(PadNote note) {
    if (!m_recent.empty()) note.timeS = std::max(note.timeS, m_recent.back().timeS);
    if (isDouble(note)) {
        ++m_ghosts.doubles;
        return;
    }
    m_recent.push_back(note);
}

bool PadSieve::isDouble(const PadNote& note) {
    const Voice instrument = instrumentOf(voiceOf(m_kit, note));
    for (std::size_t i = m_recent.size(); i-- > 0;) {
        PadNote& first = m_recent[i];
        const double later = note.timeS - first.timeS;
        if (later > kBounceS) return false;
        if (instrumentOf(voiceOf(m_kit, first)) != instrument) continue;
        if (later <= kSameS) {
            // The zone that was struck is the louder one; when it was struck, the first of them says.
            if (i >= m_given && note.velocity > first.velocity) {
                const double timeS = first.timeS;
                first = note;
                first.timeS = timeS;
            }
            return true;
        }
        return 2 * note.velocity < first.velocity;
    }
    return false;
}

bool PadSieve::isCrosstalk(const PadNote& note) const {
    const Voice voice = voiceOf(m_kit, note);
    if (note.velocity > kShaken || isStruckByFoot(voice)) return false;
    return std::any_of(m_recent.begin(), m_recent.end(), [&](const PadNote& other) {
        return std::abs(other.timeS - note.timeS) <= kShakeS && other.velocity >= kShaker * note.velocity &&
               instrumentOf(voiceOf(m_kit, other)) != instrumentOf(voice);
    });
}

std::vector<PadNote> PadSieve::take(double nowS) {
    std::vector<PadNote> played;
    while (m_given < m_recent.size() && m_recent[m_given].timeS + kSameS < nowS) {
        const PadNote& note = m_recent[m_given];
        if (isCrosstalk(note))
            ++m_ghosts.crosstalk;
        else
            played.push_back(note);
        ++m_given;
    }
    // What can still be a forerunner stays.
    while (m_given > 0 && m_recent.front().timeS + kBounceS < nowS) {
        m_recent.erase(m_recent.begin());
        --m_given;
    }
    return played;
}

}  // namespace upbeat
