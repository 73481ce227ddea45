#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstring>
#include <map>
#include <numeric>
#include <optional>
#include <pugixml.hpp>
#include <set>

#include "staff.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/formats/musicxml.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/dynamics.h"
#include "xml_own_fields.h"
#include "xml_repeats.h"
#include "xml_voices.h"

namespace upbeat {

namespace {

using Node = pugi::xml_node;

constexpr std::int64_t kMostDivisions = 1 << 20;
constexpr std::int64_t kMostTicks = std::int64_t{1} << 40;

std::optional<std::int64_t> wholeIn(Node node) {
    const std::string_view text = node.text().get();
    std::int64_t value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size()) return std::nullopt;
    return value;
}

/// A note as it stands in the file.
struct Note {
    Beats at;
    Stroke stroke;
    std::optional<Limb> hand;
    int tremolo = 0;
    Beats length;
};

class PartReader {
  public:
    PartReader(Node score, Node part) : m_part(part), m_voices(score, part) {}

    Result<Converted> read(Exercise frame) {
        m_out.exercise = std::move(frame);
        const auto order = measuresInOrder(m_part);
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

  private:
    void lose(const std::string& what) {
        if (m_lost.insert(what).second && m_lost.size() <= kMostLosses) m_out.losses.push_back(what);
    }
    void wrong(const std::string& what, const std::string& fix) {
        if (!m_error) m_error = Error{what, fmt::format("measure {}", m_measure), fix};
    }

    [[nodiscard]] Beats beats(std::int64_t ticks) const { return {ticks, m_divisions}; }

    /// A repeat leads back to the meter that was written there.
    void findMeter(Node measure) {
        Node before = measure.previous_sibling("measure");
        if (before == m_last) return;
        m_meter = {};
        for (; before; before = before.previous_sibling("measure"))
            if (const Node time = before.child("attributes").child("time")) return readTime(time);
    }

    void readMeasure(Node measure) {
        findMeter(measure);
        m_barStart = m_now = m_barEnd = m_nextBar;
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
            wrong("the bar holds more than its meter", "correct it in the notation program");
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

    /// Notes before the first full bar stand at the end of a bar of their own.
    void shiftPickup() {
        const Beats shift = m_barStart + m_meter.barLength() - m_barEnd;
        for (Note& note : m_notes) note.at = note.at + shift;
    }

    void readAttributes(Node attributes) {
        if (const Node node = attributes.child("divisions")) {
            const auto value = wholeIn(node);
            if (!value || *value < 1 || *value > kMostDivisions)
                return wrong("the divisions make no sense", "export the file again");
            m_divisions = *value;
        }
        if (const Node time = attributes.child("time")) readTime(time);
    }

    void readTime(Node time) {
        const auto count = wholeIn(time.child("beats"));
        const auto unit = wholeIn(time.child("beat-type"));
        const bool isSmall = count && unit && *count > 0 && *count < 100 && *unit > 0 && *unit < 100;
        m_meter = isSmall ? Meter{static_cast<int>(*count), static_cast<int>(*unit)} : Meter{0, 0};
        if (!isSupported(m_meter)) wrong("the meter is not supported", "use 1 to 15 over 2, 4, 8 or 16");
    }

    void move(Node node, bool back) {
        const auto ticks = wholeIn(node.child("duration"));
        if (!ticks || *ticks < 0 || *ticks > kMostTicks)
            return wrong("a length makes no sense", "export the file again");
        m_now = back ? m_now - beats(*ticks) : m_now + beats(*ticks);
        if (m_now < m_barStart) {
            lose(fmt::format("the voices of measure {} do not add up", m_measure));
            m_now = m_barStart;
        }
        keepInBar();
    }

    void keepInBar() {
        m_barEnd = std::max(m_barEnd, m_now);
        if (m_now > m_barStart + Beats(64)) wrong("the bar is too long", "export the file again");
    }

    void readNote(Node node) {
        if (node.child("grace")) {
            if (const auto voice = m_voices.of(node); voice && !node.child("chord")) ++m_graces[*voice];
            return;
        }
        const auto ticks = wholeIn(node.child("duration"));
        if (!ticks || *ticks < 0 || *ticks > kMostTicks) return wrong("a note has no length", "export the file again");
        const Beats length = beats(*ticks);
        const bool chord = !node.child("chord").empty();
        const Beats at = chord ? m_lastStart : m_now;
        if (!chord) m_lastStart = m_now, m_now = m_now + length;
        keepInBar();
        if (node.child("rest")) return;
        const auto voice = m_voices.of(node);
        if (!voice) return lose("notes with a pitch are left out");
        if (isTied(node)) return;
        if (m_notes.size() >= kMostStrokes) return wrong("more notes than a phrase can hold", "cut it into parts");
        m_notes.push_back(noteOf(node, *voice, at, length));
    }

    static bool isTied(Node node) {
        const auto ties = node.children("tie");
        return std::any_of(ties.begin(), ties.end(),
                           [](Node tie) { return std::string_view(tie.attribute("type").value()) == "stop"; });
    }

    Note noteOf(Node node, Voice voice, const Beats& at, const Beats& length) {
        Note note;
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

    static void readSticking(std::string_view text, Note& note) {
        if (text == "R" || text == "r") note.hand = Limb::RightHand;
        if (text == "L" || text == "l") note.hand = Limb::LeftHand;
    }

    void readDirection(Node direction) {
        const auto offset = wholeIn(direction.child("offset")).value_or(0);
        const Beats at = m_now + (std::abs(offset) < kMostTicks ? beats(offset) : Beats(0));
        for (const Node type : direction.children("direction-type")) {
            if (const Node dynamics = type.child("dynamics")) readDynamic(at, dynamics.first_child().name());
            if (const Node wedge = type.child("wedge")) readWedge(at, wedge.attribute("type").value());
        }
        if (const Node sound = direction.child("sound")) readSound(sound);
    }

    void readDynamic(const Beats& at, std::string_view mark) {
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

    void loseLoneDynamic() {
        if (m_isLone) lose("dynamic marks that stand alone, without a wedge");
        m_isLone = false;
    }

    void readWedge(const Beats& at, std::string_view type) {
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

    void readSound(Node sound) {
        const double tempo = sound.attribute("tempo").as_double(0);
        if (std::isfinite(tempo) && tempo > 0 && m_quarterBpm == 0) m_quarterBpm = tempo;
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

    /// Tremolo strokes of measured length, hand to hand.
    void addNote(const Note& note, bool& rightNext) {
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

    Result<Converted> finish() {
        Exercise& e = m_out.exercise;
        if (!m_meters.empty()) setMeters(e, m_meters);
        std::stable_sort(m_notes.begin(), m_notes.end(), [](const Note& a, const Note& b) { return a.at < b.at; });
        bool rightNext = true;
        for (const Note& note : m_notes) addNote(note, rightNext);
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

    static constexpr std::size_t kMostLosses = 20;
    Node m_part;
    XmlVoices m_voices;
    std::vector<Note> m_notes;
    std::map<Voice, int> m_graces;
    std::optional<Swell> m_wedge;
    std::optional<double> m_dynamic;
    bool m_isLone = false;                ///< The last dynamic belongs to no wedge so far.
    std::optional<std::size_t> m_closed;  ///< The swell that was closed last: a dynamic at its end belongs to it.
    Converted m_out;
    std::set<std::string> m_lost;
    std::optional<Error> m_error;
    std::string m_measure;
    std::int64_t m_divisions = 1;
    std::vector<Meter> m_meters;  ///< Of the bars read so far.
    Meter m_meter;
    Node m_last;
    Beats m_barStart;
    Beats m_barEnd;
    Beats m_nextBar;
    Beats m_now;
    Beats m_lastStart;
    double m_quarterBpm = 0;
};

}  // namespace

Result<Converted> exerciseFromMusicXml(std::string_view text, const std::string& where) {
    pugi::xml_document document;
    const auto parsed = document.load_buffer(text.data(), text.size());
    if (!parsed)
        return fail(fmt::format("the XML is damaged ({})", parsed.description()),
                    fmt::format("{}, byte {}", where, parsed.offset), "export it again");
    if (document.child("score-timewise")) return fail("a timewise score cannot be read", where, "export it partwise");
    const Node score = document.child("score-partwise");
    if (!score) return fail("this is not MusicXML", where, "choose a score");
    const Node part = XmlVoices::percussionPart(score);
    if (!part) return fail("no percussion part was found", where, "choose a score with unpitched notes");
    Exercise frame;
    frame.id = "musicxml-pattern";
    frame.title = inOneLine(score.child("work").child("work-title").text().get());
    if (frame.title.empty()) frame.title = inOneLine(score.child("movement-title").text().get());
    if (frame.title.empty()) frame.title = "A score";
    frame.trains = "A pattern from a score.";
    const OwnFields own = readOwnFields(score);
    frame.swells = own.head.swells;
    auto converted = PartReader(score, part).read(std::move(frame));
    if (!converted)
        return fail(converted.error().what, fmt::format("{}, {}", where, converted.error().where),
                    converted.error().fix);
    apply(own, converted->exercise);
    if (const auto ok = check(converted->exercise); !ok)
        return fail(ok.error().what, fmt::format("{}, {}", where, ok.error().where), ok.error().fix);
    return converted;
}

}  // namespace upbeat
