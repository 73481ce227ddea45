#include "part_reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstring>
#include <numeric>

#include "staff.h"
#include "upbeat/formats/clean_utf8.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/tempo_map.h"
#include "xml_whole.h"

namespace upbeat {

namespace {

constexpr std::int64_t kMostDivisions = 1 << 20;

/// In quarters a minute; 0 where the sound says none.
double tempoIn(Node sound) {
    const double tempo = sound.attribute("tempo").as_double(0);
    return std::isfinite(tempo) && tempo > 0 ? tempo : 0;
}

double lastTempoOf(Node measure) {
    double last = 0;
    for (const Node child : measure.children()) {
        const std::string_view name = child.name();
        const double tempo = name == "sound" ? tempoIn(child) : name == "direction" ? tempoIn(child.child("sound")) : 0;
        if (tempo > 0) last = tempo;
    }
    return last;
}

}  // namespace

Result<Converted> PartReader::read(Exercise frame) {
    m_out.exercise = std::move(frame);
    const auto order = measuresInOrder(m_part);
    if (!order.empty())
        m_out.exercise.firstBar = std::clamp(order.front().attribute("number").as_int(1), 0, kLargestPrintedBar);
    for (const Node measure : order) {
        m_measure = measure.attribute("number").value();
        if (m_meters.size() >= static_cast<std::size_t>(kMostBars)) {
            lose(fmt::format("what follows bar {} is left out", kMostBars));
            break;
        }
        readMeasure(measure);
        if (m_error) return tl::unexpected(*m_error);
    }
    return finish();
}

void PartReader::lose(const std::string& what) {
    if (m_lost.insert(what).second && m_lost.size() <= kMostLosses) m_out.losses.push_back(what);
}

void PartReader::wrong(const Text& what, const Text& fix) {
    if (!m_error) m_error = Error{what, fmt::format("measure {}", m_measure), fix};
}

void PartReader::findWhatHolds(Node measure) {
    const Node last = measure.previous_sibling("measure");
    if (last == m_last) return;
    m_meter = {};
    Node time;
    double tempo = 0;
    for (Node before = last; before && !(time && tempo > 0); before = before.previous_sibling("measure")) {
        if (!time) time = before.child("attributes").child("time");
        if (tempo == 0) tempo = lastTempoOf(before);
    }
    if (time) readTime(time);
    if (tempo > 0) readTempo(tempo);
}

void PartReader::readMeasure(Node measure) {
    m_barStart = m_now = m_barEnd = m_nextBar;
    findWhatHolds(measure);
    for (const Node child : measure.children()) {
        const std::string_view name = child.name();
        if (name == "attributes") readAttributes(child);
        if (name == "note") readNote(child);
        if (name == "backup" || name == "forward") move(child, name == "backup");
        if (name == "direction") readDirection(child);
        if (name == "sound") readSound(child);
        if (m_error) return;
    }
    const Beats bar = m_meter.barLength();
    if (m_barEnd > m_barStart + bar) {
        wrong(UPBEAT_TEXT("the bar holds more than its meter"), UPBEAT_TEXT("correct it in the notation program"));
        return;
    }
    if (m_barEnd < m_barStart + bar && m_barEnd > m_barStart)
        lose(m_meters.empty() ? "the pickup is filled up with rests" : "short bars are filled up with rests");
    if (m_meters.empty() && m_barEnd < m_barStart + bar &&
        std::string_view(measure.attribute("implicit").value()) == "yes")
        shiftPickup();
    m_nextBar = m_barStart + bar;
    m_meters.push_back(m_meter);
    m_last = measure;
}

void PartReader::shiftPickup() {
    const Beats shift = m_barStart + m_meter.barLength() - m_barEnd;
    for (ScoreNote& note : m_notes) note.at = note.at + shift;
}

void PartReader::readAttributes(Node attributes) {
    if (const Node node = attributes.child("divisions")) {
        const auto value = wholeIn(node);
        if (!value || *value < 1 || *value > kMostDivisions)
            return wrong(UPBEAT_TEXT("the divisions make no sense"), UPBEAT_TEXT("export the file again"));
        m_divisions = *value;
    }
    if (const Node time = attributes.child("time")) readTime(time);
}

void PartReader::readTime(Node time) {
    const auto count = wholeIn(time.child("beats"));
    const auto unit = wholeIn(time.child("beat-type"));
    const bool isSmall = count && unit && *count > 0 && *count < 100 && *unit > 0 && *unit < 100;
    m_meter = isSmall ? Meter{static_cast<int>(*count), static_cast<int>(*unit)} : Meter{0, 0};
    if (!isSupported(m_meter))
        wrong(UPBEAT_TEXT("the meter is not supported"), UPBEAT_TEXT("use 1 to 15 over 2, 4, 8 or 16"));
}

void PartReader::move(Node node, bool back) {
    const auto ticks = wholeIn(node.child("duration"));
    if (!ticks || *ticks < 0 || *ticks > kMostTicks)
        return wrong(UPBEAT_TEXT("a length makes no sense"), UPBEAT_TEXT("export the file again"));
    m_now = back ? m_now - beats(*ticks) : m_now + beats(*ticks);
    if (m_now < m_barStart) {
        lose(fmt::format("the voices of measure {} do not add up", m_measure));
        m_now = m_barStart;
    }
    keepInBar();
}

void PartReader::keepInBar() {
    m_barEnd = std::max(m_barEnd, m_now);
    if (m_now > m_barStart + Beats(64)) wrong(UPBEAT_TEXT("the bar is too long"), UPBEAT_TEXT("export the file again"));
}

void PartReader::readDirection(Node direction) {
    const auto offset = wholeIn(direction.child("offset")).value_or(0);
    const Beats at = m_now + (std::abs(offset) < kMostTicks ? beats(offset) : Beats(0));
    for (const Node type : direction.children("direction-type")) {
        if (const Node dynamics = type.child("dynamics")) readDynamic(at, dynamics.first_child().name());
        if (const Node mark = type.child("rehearsal")) readRehearsal(mark.text().get());
        if (const Node wedge = type.child("wedge")) readWedge(at, wedge.attribute("type").value());
    }
    if (const Node sound = direction.child("sound")) readSound(sound);
}

/// A rehearsal mark begins a section.
void PartReader::readRehearsal(const char* mark) {
    addSection(m_out.exercise.sections, static_cast<int>(m_meters.size()) + 1, cleanUtf8(mark));
}

void PartReader::readDynamic(const Beats& at, std::string_view mark) {
    const auto level = levelOfDynamic(mark);
    if (!level) return;
    auto& swells = m_out.exercise.swells;
    const bool endsWedge = m_closed && swells[*m_closed].to == at && !m_wedge;
    if (endsWedge) swells[*m_closed].toDb = *level;
    m_closed.reset();
    loseLoneDynamic();
    m_dynamic = level;
    // Those of our own files stand in their head, with their ends.
    const auto isOurs = [&at](const Swell& swell) { return swell.isLevel() && swell.from == at; };
    m_isLone = !endsWedge && std::none_of(swells.begin(), swells.end(), isOurs);
}

void PartReader::loseLoneDynamic() {
    if (m_isLone) lose("dynamic marks that stand alone, without a wedge");
    m_isLone = false;
}

void PartReader::readWedge(const Beats& at, std::string_view type) {
    if (type == "stop" && m_wedge) {
        m_wedge->to = at;
        if (m_wedge->from < at) {
            m_closed = m_out.exercise.swells.size();
            m_out.exercise.swells.push_back(*m_wedge);
        }
        m_wedge.reset();
        m_dynamic.reset();
    } else if (type == "crescendo" || type == "diminuendo") {
        const bool rises = type == "crescendo";
        const double from = m_dynamic.value_or(rises ? -20.0 : 0.0);
        m_isLone = false;
        m_wedge = Swell{at, at, from, rises ? 0.0 : -20.0};
    }
}

/// A tempo that is not the first holds from the bar on in which it stands.
void PartReader::readTempo(double quarterBpm) {
    if (m_quarterBpm == 0) {
        m_quarterBpm = quarterBpm;
        return;
    }
    if (m_barStart < m_now) lose("a change of tempo inside a bar, which holds from its start on");
    setTempoFrom(m_out.exercise, static_cast<int>(m_meters.size()) + 1, quarterBpm / m_quarterBpm);
}

void PartReader::readSound(Node sound) {
    if (const double tempo = tempoIn(sound); tempo > 0) readTempo(tempo);
    if (const Node swing = sound.child("swing")) {
        const auto first = wholeIn(swing.child("first"));
        const auto second = wholeIn(swing.child("second"));
        if (!first || !second || *second <= 0 || *first <= 0) return;
        Feel& feel = m_out.exercise.feel;
        feel.level = std::string_view(swing.child("swing-type").text().get()) == "16th" ? SwingLevel::Sixteenth
                                                                                        : SwingLevel::Eighth;
        feel.ratio =
            std::clamp(static_cast<double>(*first) / static_cast<double>(*second), kSmallestSwing, kLargestSwing);
    }
}

Result<Converted> PartReader::finish() {
    Exercise& e = m_out.exercise;
    if (!m_meters.empty()) setMeters(e, m_meters);
    std::stable_sort(m_notes.begin(), m_notes.end(),
                     [](const ScoreNote& a, const ScoreNote& b) { return a.at < b.at; });
    bool rightNext = true;
    for (const ScoreNote& note : m_notes) addNote(note, rightNext);
    loseLoneDynamic();
    if (m_wedge) lose("a wedge that does not end is left out");
    if (m_quarterBpm > 0) {
        const double goal =
            std::clamp(std::round(m_quarterBpm / e.meter.beatLength().toDouble()), kSlowestTempo, kFastestTempo);
        e.tempo = {std::max(kSlowestTempo, std::round(0.6 * goal)), goal, 4};
    }
    e = inOrder(std::move(e));
    return std::move(m_out);
}

}  // namespace upbeat
