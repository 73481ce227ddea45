#include "xml_voices.h"

#include <algorithm>
#include <array>
#include <cstring>

#include "staff.h"
#include "upbeat/formats/midi_pattern.h"

namespace upbeat {

namespace {

using Node = pugi::xml_node;

constexpr int kPercussionChannel = 10;

bool hasUnpitched(Node part) {
    return part.find_node([](Node node) { return std::strcmp(node.name(), "unpitched") == 0; });
}

Node headOf(Node score, Node part) {
    return score.child("part-list").find_child_by_attribute("score-part", "id", part.attribute("id").value());
}

bool isOnPercussionChannel(Node score, Node part) {
    const auto instruments = headOf(score, part).children("midi-instrument");
    return std::any_of(instruments.begin(), instruments.end(),
                       [](Node midi) { return midi.child("midi-channel").text().as_int() == kPercussionChannel; });
}

/// MIDI key of a written pitch; middle C, C4, is 60.
int keyOf(Node pitch) {
    constexpr std::array kSemitones{9, 11, 0, 2, 4, 5, 7};  // from A
    const char step = *pitch.child("step").text().get();
    if (step < 'A' || step > 'G') return -1;
    const int octave = std::clamp(pitch.child("octave").text().as_int(), -1, 9);
    const int alter = std::clamp(pitch.child("alter").text().as_int(), -2, 2);
    return 12 * (octave + 1) + kSemitones.at(static_cast<std::size_t>(step - 'A')) + alter;
}

}  // namespace

XmlVoices::XmlVoices(Node score, Node part)
    : m_pitchesAreKeys(!hasUnpitched(part) && isOnPercussionChannel(score, part)) {
    for (const Node midi : headOf(score, part).children("midi-instrument"))
        if (const int key = midi.child("midi-unpitched").text().as_int(); key >= 1 && key <= 128)
            m_instruments[midi.attribute("id").value()] = voiceOfKey(key - 1);
}

std::optional<Voice> XmlVoices::of(Node note) const {
    const Node place = note.child("unpitched");
    if (!place) return m_pitchesAreKeys ? std::optional(voiceOfKey(keyOf(note.child("pitch")))) : std::nullopt;
    const auto known = m_instruments.find(note.child("instrument").attribute("id").value());
    if (known != m_instruments.end()) return known->second;
    const char* step = place.child("display-step").text().get();
    const int octave = std::clamp(place.child("display-octave").text().as_int(5), 0, 9);
    return voiceAtPlace(*step == 0 ? 'C' : *step, octave, note.child("notehead").text().get());
}

Node XmlVoices::percussionPart(Node score) {
    for (const Node part : score.children("part"))
        if (hasUnpitched(part)) return part;
    for (const Node part : score.children("part"))
        if (isOnPercussionChannel(score, part)) return part;
    return {};
}

}  // namespace upbeat
