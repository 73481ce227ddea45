#include "studio/pad_map.h"

#include <algorithm>

namespace upbeat {

PadMap::PadMap(Ear& ear, const AudioInput& input, PadKits& kits) : m_ear(ear), m_input(input), m_kits(kits) {
    connect(&ear, &Ear::padStruck, this, &PadMap::hear);
}

void PadMap::begin() {
    m_isOn = true;
    m_kit = m_kits.of(m_input.id());
    m_ear.setPads(m_kit);
    m_before = {};
    m_last.reset();
    ask(0);
}

void PadMap::ask(int row) {
    m_asked = std::clamp(row, 0, kRows);
    m_strokes = 0;
    Q_EMIT changed();
}

void PadMap::hear(const PadNote& note) {
    if (!m_isOn) return;
    m_last = note;
    if (m_asked < kRows) learn(note);
    Q_EMIT changed();
}

void PadMap::learn(const PadNote& note) {
    const Voice voice = kVoices.at(static_cast<std::size_t>(m_asked));
    PadKit kit = m_kit;
    kit.voices.at(static_cast<std::size_t>(note.key)) = voice;
    if (note.pedal >= 0 && voice == Voice::HiHatClosed) kit.pedalClosed = note.pedal;
    if (note.pedal >= 0 && voice == Voice::HiHatOpen) kit.pedalOpen = note.pedal;
    if (kit != m_kit) {
        m_before = ghosts();
        m_kit = kit;
        m_ear.setPads(kit);
        m_kits.keep(m_input.id(), kit);
    }
    if (++m_strokes == kStrokesEach) ask(m_asked + 1);
}

std::vector<int> PadMap::keysOf(Voice voice) const {
    std::vector<int> keys;
    for (std::size_t key = 0; key < m_kit.voices.size(); ++key)
        if (m_kit.voices.at(key) == voice) keys.push_back(static_cast<int>(key));
    return keys;
}

std::optional<Voice> PadMap::lastVoice() const {
    return m_last ? std::optional(voiceOf(m_kit, *m_last)) : std::nullopt;
}

PadGhosts PadMap::ghosts() const {
    return {m_before.doubles + m_ear.padGhosts().doubles, m_before.crosstalk + m_ear.padGhosts().crosstalk};
}

}  // namespace upbeat
