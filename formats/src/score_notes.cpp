// The notes of a bar: lengths, groups, ornaments, instruments.
#include "score_writer.h"

#include <algorithm>
#include <cmath>
#include <sstream>

#include "staff.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/dynamics.h"
#include "xml_add.h"
#include "xml_own_fields.h"

namespace upbeat {

namespace {

BeatGrid gridOf(const Beats& beat, std::int64_t steps) {
    const bool compound = beat == Beats(3, 2);
    const std::int64_t first = compound ? 3 : 1;
    BeatGrid grid{steps, first, compound ? 8 : ratio(Beats(4), beat).numerator()};
    while (2 * grid.normal <= steps) grid.normal *= 2, grid.value *= 2;
    if (compound && steps == 1) grid = {3, 3, 8};
    if (compound && steps == 2) grid = {6, 6, 16};
    return grid;
}

}  // namespace

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

BeatGrid ScoreWriter::gridAt(const CountedBeat& beat, bool feet) const {
    return gridOf(beat.length, divisionOfBeat(feet ? m_feet : m_hands, beat));
}

Beats ScoreWriter::unitOf(const CountedBeat& beat, bool feet) const {
    return beat.length / gridAt(beat, feet).steps;
}

void ScoreWriter::writeVoice(Node measure, const Bar& bar, bool feet) const {
    for (Beats at = bar.start; at < bar.end();) {
        const CountedBeat beat = beatAt(m_e, at);
        if (!feet) writeDirections(measure, beat.start, beat.end());
        writeBeat(measure, beat, feet);
        at = beat.end();
    }
}

void ScoreWriter::writeBeat(Node measure, const CountedBeat& beat, bool feet) const {
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

NoteLength ScoreWriter::longest(std::int64_t units) {
    std::int64_t plain = 1;
    while (2 * plain <= units) plain *= 2;
    if (3 * plain <= 2 * units && plain > 1) return {plain + plain / 2, 1};
    return {plain, 0};
}

void ScoreWriter::writeSpan(Node measure, const std::vector<const Stroke*>& strokes, std::int64_t units,
                            const BeatGrid& grid, const Beats& unit, bool feet) const {
    for (const Stroke* stroke : strokes) writeGraces(measure, *stroke);
    bool first = true;
    while (units > 0) {
        const NoteLength length = longest(units);
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

void ScoreWriter::writeValue(Node note, const NoteLength& length, const BeatGrid& grid, bool feet) {
    add(note, "voice", feet ? 2 : 1);
    const std::int64_t plain = length.dots > 0 ? length.units * 2 / 3 : length.units;
    add(note, "type", typeOf(std::max<std::int64_t>(grid.value / plain, 1)));
    for (int i = 0; i < length.dots; ++i) add(note, "dot");
    if (grid.steps == grid.normal) return;
    Node modification = add(note, "time-modification");
    add(modification, "actual-notes", grid.steps);
    add(modification, "normal-notes", grid.normal);
}

void ScoreWriter::writePlace(Node note, Voice voice) {
    const StaffPlace place = staffPlaceOf(voice);
    Node unpitched = add(note, "unpitched");
    add(unpitched, "display-step", std::string(1, place.step));
    add(unpitched, "display-octave", place.octave);
}

void ScoreWriter::writeInstrument(Node note, Voice voice) {
    add(note, "instrument").append_attribute("id") = instrumentId(voice).c_str();
}

void ScoreWriter::writeGraces(Node measure, const Stroke& s) {
    for (int g = graceNotes(s.ornament); g > 0; --g) {
        Node grace = add(measure, "note");
        add(grace, "grace").append_attribute("slash") = "yes";
        writePlace(grace, s.voice);
        writeInstrument(grace, s.voice);
        add(grace, "voice", isFoot(s) ? 2 : 1);
        add(grace, "type", "16th");
    }
}

void ScoreWriter::writeStroke(Node measure, const Stroke& s, bool chord, const NoteLength& length, const BeatGrid& grid,
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
    const auto lyric = [&note](int line, const std::string& text) {
        Node node = add(note, "lyric");
        if (line > 1) node.append_attribute("number") = line;
        add(node, "syllabic", "single");
        add(node, "text", text);
    };
    if (!isFoot(s) || !limbIsUsual(s)) lyric(1, s.limb == Limb::RightHand || s.limb == Limb::RightFoot ? "R" : "L");
    if (const auto words = m_words.find({s.at, s.voice}); words != m_words.end()) lyric(2, words->second);
}

bool ScoreWriter::limbIsUsual(const Stroke& s) {
    return s.limb == (s.voice == Voice::HiHatFoot ? Limb::LeftFoot : Limb::RightFoot);
}

}  // namespace upbeat
