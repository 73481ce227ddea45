#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numeric>
#include <pugixml.hpp>
#include <sstream>

#include "staff.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/formats/musicxml.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/dynamics.h"
#include "xml_own_fields.h"

namespace upbeat {

namespace {

using Node = pugi::xml_node;

Node add(Node parent, const char* name) {
    return parent.append_child(name);
}
Node add(Node parent, const char* name, std::string_view text) {
    Node node = parent.append_child(name);
    node.text().set(std::string(text).c_str());
    return node;
}
Node add(Node parent, const char* name, std::int64_t number) {
    return add(parent, name, std::to_string(number));
}

std::string instrumentId(Voice voice) {
    return fmt::format("P1-I{}", keyOf(voice));
}

/// How long a note is written: `units` of the beat's grid, each `value` of a whole note, `dots` more.
struct Length {
    std::int64_t units = 1;
    int dots = 0;
};

/// The grid of one beat in one voice: `steps` in the time of `normal` plain ones, each 1/`value` of a whole note.
struct BeatGrid {
    std::int64_t steps = 1;
    std::int64_t normal = 1;
    std::int64_t value = 4;
};

BeatGrid gridOf(const Beats& beat, std::int64_t steps) {
    const bool compound = beat == Beats(3, 2);
    const std::int64_t first = compound ? 3 : 1;
    BeatGrid grid{steps, first, compound ? 8 : ratio(Beats(4), beat).numerator()};
    while (2 * grid.normal <= steps) grid.normal *= 2, grid.value *= 2;
    if (compound && steps == 1) grid = {3, 3, 8};
    if (compound && steps == 2) grid = {6, 6, 16};
    return grid;
}

std::string_view typeOf(std::int64_t value) {
    switch (value) {
        case 1:
            return "whole";
        case 2:
            return "half";
        case 4:
            return "quarter";
        case 8:
            return "eighth";
        case 16:
            return "16th";
        case 32:
            return "32nd";
        case 64:
            return "64th";
        default:
            return "128th";
    }
}

class Writer {
  public:
    explicit Writer(const Exercise& e) : m_e(e), m_hands(e), m_feet(e) {
        std::erase_if(m_hands.strokes, isFoot);
        std::erase_if(m_feet.strokes, [](const Stroke& s) { return !isFoot(s); });
        // Every position and every unit of every beat is whole in these divisions.
        for (const CountedBeat& beat : beatsOf(e))
            for (const bool feet : {false, true}) m_divisions = std::lcm(m_divisions, unitOf(beat, feet).denominator());
    }

    std::string write() {
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

  private:
    static bool isFoot(const Stroke& s) { return !isHand(s.limb); }

    [[nodiscard]] std::int64_t ticks(const Beats& length) const {
        return length.numerator() * m_divisions / length.denominator();
    }

    [[nodiscard]] BeatGrid gridAt(const CountedBeat& beat, bool feet) const {
        return gridOf(beat.length, divisionOfBeat(feet ? m_feet : m_hands, beat));
    }
    [[nodiscard]] Beats unitOf(const CountedBeat& beat, bool feet) const {
        return beat.length / gridAt(beat, feet).steps;
    }

    void writeHead(Node score) const {
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

    void writeBar(Node part, const Bar& bar) const {
        Node measure = add(part, "measure");
        measure.append_attribute("number") = bar.number;
        if (bar.number == 1)
            writeAttributes(measure);
        else if (bar.meter != barOf(m_e, bar.number - 1).meter)
            writeTime(add(measure, "attributes"), bar.meter);
        writeVoice(measure, bar, false);
        if (m_feet.strokes.empty()) return;
        add(add(measure, "backup"), "duration", ticks(bar.meter.barLength()));
        writeVoice(measure, bar, true);
    }

    static void writeTime(Node attributes, const Meter& meter) {
        Node time = add(attributes, "time");
        add(time, "beats", meter.count);
        add(time, "beat-type", meter.unit);
    }

    void writeAttributes(Node measure) const {
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

    void writeDirections(Node measure, const Beats& from, const Beats& to) const {
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

    void writeVoice(Node measure, const Bar& bar, bool feet) const {
        for (Beats at = bar.start; at < bar.end();) {
            const CountedBeat beat = beatAt(m_e, at);
            if (!feet) writeDirections(measure, beat.start, beat.end());
            writeBeat(measure, beat, feet);
            at = beat.end();
        }
    }

    void writeBeat(Node measure, const CountedBeat& beat, bool feet) const {
        const BeatGrid grid = gridAt(beat, feet);
        const Beats unit = unitOf(beat, feet);
        const auto inside = strokesIn(feet ? m_feet : m_hands, beat.start, beat.end());
        auto stroke = inside.begin();
        for (Beats at = beat.start; at < beat.end();) {
            std::vector<const Stroke*> here;
            for (; stroke != inside.end() && stroke->at == at; ++stroke) here.push_back(&*stroke);
            const Beats next = stroke == inside.end() ? beat.end() : stroke->at;
            writeSpan(measure, here, wholeTimes(next - at, unit), grid, unit, feet);
            at = next;
        }
    }

    /// The longest note, dotted or plain, that fits.
    static Length longest(std::int64_t units) {
        std::int64_t plain = 1;
        while (2 * plain <= units) plain *= 2;
        if (3 * plain <= 2 * units && plain > 1) return {plain + plain / 2, 1};
        return {plain, 0};
    }

    void writeSpan(Node measure, const std::vector<const Stroke*>& strokes, std::int64_t units, const BeatGrid& grid,
                   const Beats& unit, bool feet) const {
        for (const Stroke* stroke : strokes) writeGraces(measure, *stroke);
        bool first = true;
        while (units > 0) {
            const Length length = longest(units);
            if (first && !strokes.empty()) {
                for (const Stroke* stroke : strokes)
                    writeStroke(measure, *stroke, stroke != strokes.front(), length, grid, unit);
            } else {
                Node note = add(measure, "note");
                add(note, "rest");
                add(note, "duration", ticks(unit * length.units));
                writeValue(note, length, grid, feet);
            }
            first = false;
            units -= length.units;
        }
    }

    /// Voice, type, dots and the grid the note belongs to.
    static void writeValue(Node note, const Length& length, const BeatGrid& grid, bool feet) {
        add(note, "voice", feet ? 2 : 1);
        const std::int64_t plain = length.dots > 0 ? length.units * 2 / 3 : length.units;
        add(note, "type", typeOf(std::max<std::int64_t>(grid.value / plain, 1)));
        for (int i = 0; i < length.dots; ++i) add(note, "dot");
        if (grid.steps == grid.normal) return;
        Node modification = add(note, "time-modification");
        add(modification, "actual-notes", grid.steps);
        add(modification, "normal-notes", grid.normal);
    }

    static void writePlace(Node note, Voice voice) {
        const StaffPlace place = staffPlaceOf(voice);
        Node unpitched = add(note, "unpitched");
        add(unpitched, "display-step", std::string(1, place.step));
        add(unpitched, "display-octave", place.octave);
    }

    static void writeInstrument(Node note, Voice voice) {
        add(note, "instrument").append_attribute("id") = instrumentId(voice).c_str();
    }

    static void writeGraces(Node measure, const Stroke& s) {
        for (int g = graceNotes(s.ornament); g > 0; --g) {
            Node grace = add(measure, "note");
            add(grace, "grace").append_attribute("slash") = "yes";
            writePlace(grace, s.voice);
            writeInstrument(grace, s.voice);
            add(grace, "voice", isFoot(s) ? 2 : 1);
            add(grace, "type", "16th");
        }
    }

    void writeStroke(Node measure, const Stroke& s, bool chord, const Length& length, const BeatGrid& grid,
                     const Beats& unit) const {
        Node note = add(measure, "note");
        if (chord) add(note, "chord");
        writePlace(note, s.voice);
        add(note, "duration", ticks(unit * length.units));
        writeInstrument(note, s.voice);
        writeValue(note, length, grid, isFoot(s));
        add(note, "stem", isFoot(s) ? "down" : "up");
        Node head = add(note, "notehead", staffPlaceOf(s.voice).head);
        if (s.level == Level::Ghost) head.append_attribute("parentheses") = "yes";
        if (s.level == Level::Accent || s.ornament == Ornament::ClosedRoll) {
            Node notations = add(note, "notations");
            if (s.ornament == Ornament::ClosedRoll)
                add(add(notations, "ornaments"), "tremolo", "0").append_attribute("type") = "unmeasured";
            if (s.level == Level::Accent) add(add(notations, "articulations"), "accent");
        }
        if (isFoot(s) && limbIsUsual(s)) return;
        Node lyric = add(note, "lyric");
        add(lyric, "syllabic", "single");
        add(lyric, "text", s.limb == Limb::RightHand || s.limb == Limb::RightFoot ? "R" : "L");
    }

    static bool limbIsUsual(const Stroke& s) {
        return s.limb == (s.voice == Voice::HiHatFoot ? Limb::LeftFoot : Limb::RightFoot);
    }

    const Exercise& m_e;
    Exercise m_hands;  // what voice 1 plays
    Exercise m_feet;   // what voice 2 plays
    std::int64_t m_divisions = 1;
};

}  // namespace

std::string toMusicXml(const Exercise& exercise) {
    return Writer(exercise).write();
}

std::vector<std::string> lossesInMusicXml(const Exercise& e) {
    std::vector<std::string> losses;
    if (std::any_of(e.strokes.begin(), e.strokes.end(), [](const Stroke& s) { return s.anchor; }))
        losses.emplace_back("anchors have no sign in MusicXML");
    const auto isOff = [](double db) { return levelOfDynamic(dynamicOfLevel(db)) != db; };
    if (std::any_of(e.swells.begin(), e.swells.end(),
                    [&](const Swell& s) { return !s.isLevel() && (isOff(s.fromDb) || isOff(s.toDb)); }))
        losses.emplace_back("the ends of a swell are written as the nearest of pp to ff");
    return losses;
}

}  // namespace upbeat
