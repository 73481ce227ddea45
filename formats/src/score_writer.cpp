#include "score_writer.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <limits>
#include <optional>
#include <sstream>

#include "staff.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/dynamics.h"
#include "xml_add.h"
#include "xml_own_fields.h"

namespace upbeat {

std::string instrumentId(Voice voice) {
    return fmt::format("P1-I{}", keyOf(voice));
}

std::string ScoreWriter::write() {
    pugi::xml_document document;
    Node declaration = document.append_child(pugi::node_declaration);
    declaration.append_attribute("version") = "1.0";
    declaration.append_attribute("encoding") = "UTF-8";
    Node score = add(document.root(), "score-partwise");
    score.append_attribute("version") = "4.0";
    writeHead(score);
    Node part = add(score, "part");
    part.append_attribute("id") = "P1";
    for (int bar = 1; bar <= m_e.bars; ++bar) writeBar(part, barOf(m_e, bar));
    std::ostringstream out;
    document.save(out, " ", pugi::format_default, pugi::encoding_utf8);
    return out.str();
}

std::int64_t ScoreWriter::ticks(const Beats& length) const {
    const std::int64_t whole = length.numerator() / length.denominator() * m_divisions;
    const std::int64_t rest = length.numerator() % length.denominator();
    // Between places that hardly any grid holds lie lengths of which only about a part is known.
    if (std::abs(rest) > std::numeric_limits<std::int64_t>::max() / m_divisions)
        return whole + static_cast<std::int64_t>(static_cast<double>(rest) / static_cast<double>(length.denominator()) *
                                                 static_cast<double>(m_divisions));
    return whole + rest * m_divisions / length.denominator();
}

void ScoreWriter::writeHead(Node score) const {
    add(add(score, "work"), "work-title", m_e.title);
    Node identification = add(score, "identification");
    add(add(identification, "encoding"), "software", "Upbeat Check");
    writeOwnFields(identification, m_e);
    Node part = add(add(score, "part-list"), "score-part");
    part.append_attribute("id") = "P1";
    add(part, "part-name", "Drums");
    const auto voices = rowsOf(m_e);
    for (const Voice voice : voices) {
        Node instrument = add(part, "score-instrument");
        instrument.append_attribute("id") = instrumentId(voice).c_str();
        add(instrument, "instrument-name", spokenName(voice));
    }
    for (const Voice voice : voices) {
        Node midi = add(part, "midi-instrument");
        midi.append_attribute("id") = instrumentId(voice).c_str();
        add(midi, "midi-channel", 10);
        add(midi, "midi-unpitched", keyOf(voice) + 1);
    }
}

void ScoreWriter::writeBar(Node part, const Bar& bar) const {
    Node measure = add(part, "measure");
    measure.append_attribute("number") = printedBar(m_e, bar.number);
    if (bar.number == 1)
        writeAttributes(measure);
    else if (bar.meter != barOf(m_e, bar.number - 1).meter)
        writeTime(add(measure, "attributes"), bar.meter);
    for (const Section& section : m_e.sections)
        if (section.bar == bar.number) add(add(add(measure, "direction"), "direction-type"), "rehearsal", section.name);
    writeTempos(measure, bar);
    writeVoice(measure, bar, false);
    writeFermata(measure, bar);
    if (m_feet.strokes.empty()) return;
    add(add(measure, "backup"), "duration", ticks(bar.meter.barLength()));
    writeVoice(measure, bar, true);
}

/// What changes at this bar, in words for the reader and as a tempo for who plays it. Who gets there gradually is there
/// with the bar behind.
void ScoreWriter::writeTempos(Node measure, const Bar& bar) const {
    const auto mark = [&](const std::string& words, std::optional<double> percent) {
        Node direction = add(measure, "direction");
        add(add(direction, "direction-type"), "words", words);
        if (!percent) return;
        const double quarterBpm = m_e.tempo.start * m_e.meter.beatLength().toDouble() * *percent / 100;
        add(direction, "sound").append_attribute("tempo") = fmt::format("{}", quarterBpm).c_str();
    };
    double now = 100;
    for (const TempoChange& change : m_e.tempoChanges) {
        const std::string share = fmt::format("{:.4g} %", change.percent);
        if (change.bar == bar.number && change.through == 0) mark(share, change.percent);
        if (change.bar == bar.number && change.through > 0)
            mark(fmt::format("{} to {}", change.percent < now ? "rit." : "accel.", share), std::nullopt);
        if (change.through > 0 && change.through + 1 == bar.number) mark(share, change.percent);
        now = change.percent;
    }
}

/// Over what the bar ends with; by how much it is held stands among our own fields.
void ScoreWriter::writeFermata(Node measure, const Bar& bar) const {
    const auto isHere = [&bar](const HeldBar& held) { return held.bar == bar.number; };
    if (std::none_of(m_e.heldBars.begin(), m_e.heldBars.end(), isHere)) return;
    Node last;
    for (const Node note : measure.children("note"))
        if (!note.child("chord") && !note.child("grace")) last = note;
    Node notations = last.child("notations");
    if (!notations) {
        const Node lyric = last.child("lyric");
        notations = lyric ? last.insert_child_before("notations", lyric) : last.append_child("notations");
    }
    add(notations, "fermata");
}

void ScoreWriter::writeTime(Node attributes, const Meter& meter) {
    Node time = add(attributes, "time");
    add(time, "beats", meter.count);
    add(time, "beat-type", meter.unit);
}

void ScoreWriter::writeAttributes(Node measure) const {
    Node attributes = add(measure, "attributes");
    add(attributes, "divisions", m_divisions);
    add(add(attributes, "key"), "fifths", 0);
    writeTime(attributes, m_e.meter);
    add(add(attributes, "clef"), "sign", "percussion");
    Node direction = add(measure, "direction");
    Node metronome = add(add(direction, "direction-type"), "metronome");
    const Beats beat = m_e.meter.beatLength();
    add(metronome, "beat-unit", beat == Beats(3, 2) ? "quarter" : typeOf(m_e.meter.unit));
    if (beat == Beats(3, 2)) add(metronome, "beat-unit-dot");
    add(metronome, "per-minute", fmt::format("{}", m_e.tempo.start));
    Node sound = add(direction, "sound");
    sound.append_attribute("tempo") = fmt::format("{}", m_e.tempo.start * beat.toDouble()).c_str();
    if (!m_e.feel.isSwung()) return;
    Node swing = add(sound, "swing");
    add(swing, "first", std::lround(m_e.feel.ratio * 100));
    add(swing, "second", 100);
    add(swing, "swing-type", m_e.feel.level == SwingLevel::Eighth ? "eighth" : "16th");
}

void ScoreWriter::writeDirections(Node measure, const Beats& from, const Beats& to) const {
    const auto direction = [&](const Beats& at) {
        Node node = add(measure, "direction");
        Node type = add(node, "direction-type");
        if (from < at) add(node, "offset", ticks(at - from));
        return type;
    };
    const auto mark = [&](const Beats& at, double db) {
        add(add(direction(at), "dynamics"), std::string(dynamicOfLevel(db)).c_str());
    };
    for (const Swell& s : m_e.swells) {
        const bool rises = s.toDb > s.fromDb;
        if (!(s.from < from) && s.from < to) {
            mark(s.from, s.fromDb);
            if (s.isLevel()) continue;
            add(direction(s.from), "wedge").append_attribute("type") = rises ? "crescendo" : "diminuendo";
        }
        // What ends with a beat is closed before the next begins.
        if (from < s.to && !(to < s.to) && !s.isLevel()) {
            add(direction(s.to), "wedge").append_attribute("type") = "stop";
            mark(s.to, s.toDb);
        }
    }
}

}  // namespace upbeat
