// The notes of a part.
#include "part_reader.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstring>
#include <numeric>

#include "staff.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/dynamics.h"
#include "xml_whole.h"

namespace upbeat {

void PartReader::readNote(Node node) {
    if (node.child("grace")) {
        if (const auto voice = m_voices.of(node); voice && !node.child("chord")) ++m_graces[*voice];
        return;
    }
    const auto ticks = wholeIn(node.child("duration"));
    if (!ticks || *ticks < 0 || *ticks > kMostTicks)
        return wrong(UPBEAT_TEXT("a note has no length"), UPBEAT_TEXT("export the file again"));
    const Beats length = beats(*ticks);
    const bool chord = !node.child("chord").empty();
    const Beats at = chord ? m_lastStart : m_now;
    if (!chord) m_lastStart = m_now, m_now = m_now + length;
    keepInBar();
    readFermata(node);
    if (node.child("rest")) return;
    const auto voice = m_voices.of(node);
    if (!voice) return lose("notes with a pitch are left out");
    if (isTied(node)) return;
    if (m_notes.size() >= kMostStrokes)
        return wrong(UPBEAT_TEXT("more notes than a phrase can hold"), UPBEAT_TEXT("cut it into parts"));
    m_notes.push_back(noteOf(node, *voice, at, length));
}

void PartReader::readFermata(Node note) {
    const int bar = static_cast<int>(m_meters.size()) + 1;
    auto& held = m_out.exercise.heldBars;
    for (const Node notations : note.children("notations"))
        if (notations.child("fermata") && (held.empty() || held.back().bar < bar)) held.push_back({bar, 1});
}

bool PartReader::isTied(Node node) {
    const auto ties = node.children("tie");
    return std::any_of(ties.begin(), ties.end(),
                       [](Node tie) { return std::string_view(tie.attribute("type").value()) == "stop"; });
}

ScoreNote PartReader::noteOf(Node node, Voice voice, const Beats& at, const Beats& length) {
    ScoreNote note;
    note.at = at;
    note.length = length;
    Stroke& s = note.stroke;
    s.voice = voice;
    const Node head = node.child("notehead");
    if (std::string_view(head.attribute("parentheses").value()) == "yes") s.level = Level::Ghost;
    for (const Node notations : node.children("notations")) {
        const Node articulations = notations.child("articulations");
        if (articulations.child("accent") || articulations.child("strong-accent")) s.level = Level::Accent;
        if (const Node tremolo = notations.child("ornaments").child("tremolo")) {
            const bool unmeasured = std::string_view(tremolo.attribute("type").value()) == "unmeasured";
            note.tremolo =
                unmeasured ? 3 : static_cast<int>(std::clamp<std::int64_t>(wholeIn(tremolo).value_or(3), 0, 3));
        }
        readSticking(notations.child("technical").child("fingering").text().get(), note);
    }
    for (const Node lyric : node.children("lyric")) readSticking(lyric.child("text").text().get(), note);
    constexpr std::array kOrnaments{Ornament::None, Ornament::Flam, Ornament::Drag, Ornament::Ruff};
    if (const auto graces = m_graces.find(s.voice); graces != m_graces.end()) {
        s.ornament = kOrnaments.at(static_cast<std::size_t>(std::min(graces->second, 3)));
        if (graces->second > 3) lose("more than three grace notes become a ruff");
        m_graces.erase(graces);
    }
    return note;
}

void PartReader::readSticking(std::string_view text, ScoreNote& note) {
    if (text == "R" || text == "r") note.hand = Limb::RightHand;
    if (text == "L" || text == "l") note.hand = Limb::LeftHand;
}

void PartReader::addNote(const ScoreNote& note, bool& rightNext) {
    Stroke s = note.stroke;
    s.at = note.at;
    const bool foot = isStruckByFoot(s.voice);
    const bool left = note.hand ? note.hand == Limb::LeftHand : foot ? s.voice == Voice::HiHatFoot : !rightNext;
    s.limb = foot ? (left ? Limb::LeftFoot : Limb::RightFoot) : (left ? Limb::LeftHand : Limb::RightHand);
    if (note.tremolo == 3) s.ornament = Ornament::ClosedRoll;
    if (!dealStroke(m_out.exercise, s, rightNext))
        lose("two notes of one limb or one drum fall together: one is left out");
    if (note.tremolo != 1 && note.tremolo != 2) return;
    const Beats step = Beats(1, 2) / note.tremolo;
    for (Beats at = note.at + step; at < note.at + note.length; at = at + step) {
        s.at = at;
        s.level = note.stroke.level == Level::Accent ? Level::Tap : note.stroke.level;
        s.ornament = Ornament::None;
        s.limb = rightNext ? Limb::RightHand : Limb::LeftHand;
        if (m_out.exercise.strokes.size() < kMostStrokes) (void)dealStroke(m_out.exercise, s, rightNext);
    }
}

}  // namespace upbeat
