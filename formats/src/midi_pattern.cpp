#include "upbeat/formats/midi_pattern.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "midi_remarks.h"
#include "midi_tempos.h"
#include "staff.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/page.h"
#include "upbeat/music/tempo_map.h"

namespace upbeat {

namespace {

struct KeyVoice {
    int key;
    Voice voice;
};

// The first entry of a voice is the key it is written with.
constexpr std::array<KeyVoice, 23> kKeys{{
    {38, Voice::Snare},   {40, Voice::RimShot},     {37, Voice::CrossStick}, {36, Voice::Kick},
    {35, Voice::Kick},    {42, Voice::HiHatClosed}, {46, Voice::HiHatOpen},  {44, Voice::HiHatFoot},
    {51, Voice::Ride},    {59, Voice::Ride},        {53, Voice::RideBell},   {49, Voice::Crash},
    {57, Voice::Crash},   {55, Voice::CrashChoked}, {52, Voice::Crash},      {50, Voice::TomHigh},
    {48, Voice::TomHigh}, {47, Voice::TomMid},      {45, Voice::TomMid},     {43, Voice::TomLow},
    {41, Voice::TomLow},  {39, Voice::SnareEdge},   {33, Voice::Pad},
}};

Level levelOf(int velocity) {
    if (velocity <= 45) return Level::Ghost;
    return velocity <= 90 ? Level::Tap : Level::Accent;
}

int velocityOf(Level level) {
    constexpr std::array<int, 3> kVelocities{30, 70, 110};
    return kVelocities.at(static_cast<std::size_t>(level));
}

int velocityOf(const Exercise& e, const Stroke& s) {
    constexpr double kVelocityPerDb = 4;
    const auto db = writtenDb(e, s.at);
    if (!db) return velocityOf(s.level);
    return static_cast<int>(std::clamp(std::lround(velocityOf(Level::Accent) + kVelocityPerDb * *db), 20L, 120L));
}

/// Grace notes belong to the next note of their key when that is louder and at most this far away.
constexpr double kLongestGraceS = 0.085;
constexpr double kLongestGraceQuarters = 0.124;

struct Written {
    MidiNote note;
    int graces = 0;
};

/// The notes of one key in order, as a loop: after the last comes the first again, one length of the file later.
class Line {
  public:
    Line(std::vector<MidiNote> notes, const MidiFile& file) : m_notes(std::move(notes)), m_file(file) {}

    [[nodiscard]] std::size_t size() const { return m_notes.size(); }
    [[nodiscard]] const MidiNote& note(std::size_t i) const { return m_notes[i % size()]; }
    [[nodiscard]] std::int64_t tick(std::size_t i) const {
        return note(i).tick + static_cast<std::int64_t>(i / size()) * m_file.endTick;
    }
    /// Whether the note after `i` follows as closely as a main stroke follows its grace note.
    [[nodiscard]] bool leads(std::size_t i) const {
        const std::int64_t ticks = tick(i + 1) - tick(i);
        const double quarters = static_cast<double>(ticks) / m_file.ticksPerQuarter;
        return ticks > 0 && quarters <= kLongestGraceQuarters &&
               quarters * 60.0 / m_file.quarterBpm.value_or(100.0) <= kLongestGraceS;
    }
    /// A soft note is a grace note when the chain of close, equally soft notes after it ends on a louder one.
    [[nodiscard]] bool isGrace(std::size_t i) const {
        if (levelOf(note(i).velocity) != Level::Ghost) return false;
        std::size_t end = i;
        while (end < i + 3 && leads(end) && note(end + 1).velocity <= note(i).velocity) ++end;
        return leads(end) && note(end + 1).velocity > note(i).velocity;
    }

  private:
    std::vector<MidiNote> m_notes;
    const MidiFile& m_file;
};

/// Folds grace notes into their main notes. `notes` are in order of time.
std::vector<Written> foldGraces(const std::vector<MidiNote>& notes, const MidiFile& file) {
    std::map<int, std::vector<MidiNote>> byKey;
    for (const MidiNote& note : notes) byKey[note.key].push_back(note);
    std::vector<Written> written;
    for (auto& [key, list] : byKey) {
        const Line line(std::move(list), file);
        int waiting = 0;
        // Grace notes of the very first stroke stand at the end of the loop.
        for (std::size_t i = line.size(); i-- > 1 && line.isGrace(i) && line.leads(i);) ++waiting;
        for (std::size_t i = 0; i < line.size(); ++i) {
            if (line.isGrace(i)) {
                ++waiting;
                continue;
            }
            written.push_back({line.note(i), std::min(waiting, 3)});
            waiting = 0;
        }
    }
    std::stable_sort(written.begin(), written.end(),
                     [](const Written& a, const Written& b) { return a.note.tick < b.note.tick; });
    return written;
}

Beats positionOf(std::int64_t tick, int ticksPerQuarter) {
    const double quarters = static_cast<double>(tick) / ticksPerQuarter;
    for (const int grid : {12, 8, 5, 7}) {
        const double steps = quarters * grid;
        constexpr double kOff = 0.02;
        if (std::abs(steps - std::round(steps)) <= kOff) return {std::llround(steps), grid};
    }
    constexpr int kFine = 960;
    return {std::llround(quarters * kFine), kFine};
}

Limb limbOf(Voice voice, bool rightNext) {
    if (voice == Voice::Kick) return Limb::RightFoot;
    if (voice == Voice::HiHatFoot) return Limb::LeftFoot;
    return rightNext ? Limb::RightHand : Limb::LeftHand;
}

std::vector<MidiNote> percussionOf(const MidiFile& file) {
    std::vector<MidiNote> notes;
    std::copy_if(file.notes.begin(), file.notes.end(), std::back_inserter(notes),
                 [](const MidiNote& n) { return n.channel == 9; });
    return notes.empty() ? file.notes : notes;
}

/// The meters of the whole bars that hold every note; a file that ends later (trailing rests) is taken at its word. One
/// more than a phrase can hold where there are more.
std::vector<Meter> barsOf(const MidiFile& file, std::int64_t lastTick) {
    std::vector<Meter> bars;
    Meter meter;
    double start = 0;
    auto next = file.meters.begin();
    while (bars.size() <= static_cast<std::size_t>(kMostBars)) {
        // A change inside a bar holds from the next bar line on.
        for (; next != file.meters.end() && static_cast<double>(next->tick) < start + 0.5; ++next) meter = next->meter;
        const double length = isSupported(meter) ? meter.barLength().toDouble() * file.ticksPerQuarter : 0;
        const bool isNeeded = static_cast<double>(lastTick) >= start;
        const bool isAskedFor = static_cast<double>(file.endTick) >= start + 0.5 * length;
        if (length > 0 && !isNeeded && !isAskedFor) break;
        bars.push_back(meter);
        start += length;
    }
    return bars;
}

Ornament ornamentOf(int graces) {
    constexpr std::array<Ornament, 4> kOrnaments{Ornament::None, Ornament::Flam, Ornament::Drag, Ornament::Ruff};
    return kOrnaments.at(static_cast<std::size_t>(std::clamp(graces, 0, 3)));
}

}  // namespace

int keyOf(Voice voice) {
    const auto found =
        std::find_if(kKeys.begin(), kKeys.end(), [voice](const KeyVoice& k) { return k.voice == voice; });
    return found == kKeys.end() ? 42 : found->key;
}

Voice voiceOfKey(int key) {
    const auto found = std::find_if(kKeys.begin(), kKeys.end(), [key](const KeyVoice& k) { return k.key == key; });
    return found == kKeys.end() ? Voice::Pad : found->voice;
}

Result<Exercise> exerciseFromMidi(const MidiFile& file, const std::string& where) {
    Exercise e;
    e.id = "midi-pattern";
    e.title = file.title.empty() ? "MIDI pattern" : file.title;
    e.trains = "A pattern from a MIDI file.";
    const auto notes = foldGraces(percussionOf(file), file);
    if (notes.empty())
        return fail(UPBEAT_TEXT("the MIDI file holds no notes"), where, UPBEAT_TEXT("choose another file"));
    const auto bars = barsOf(file, notes.back().note.tick);
    const auto odd = std::find_if_not(bars.begin(), bars.end(), isSupported);
    if (odd != bars.end())
        return fail(Text::with(UPBEAT_TEXT("the meter %1 is not supported"), odd->toString()), where,
                    UPBEAT_TEXT("use another file"));
    if (bars.size() > static_cast<std::size_t>(kMostBars))
        return fail(Text::with(UPBEAT_TEXT("the pattern has more than %1 bars"), kMostBars), where,
                    Text::with(UPBEAT_TEXT("cut it to %1 or fewer"), kMostBars));
    setMeters(e, bars);
    const double tempo = file.quarterBpm.value_or(100.0) / e.meter.beatLength().toDouble();
    const double goal = std::clamp(std::round(tempo), kSlowestTempo, kFastestTempo);
    e.tempo = {std::max(kSlowestTempo, std::round(0.6 * goal)), goal, 4};
    bool rightNext = true;
    for (const Written& w : notes) {
        const Voice voice = voiceOfKey(w.note.key);
        const Stroke stroke{positionOf(w.note.tick, file.ticksPerQuarter), voice, limbOf(voice, rightNext),
                            levelOf(w.note.velocity), ornamentOf(w.graces)};
        if (stroke.at < e.length()) (void)dealStroke(e, stroke, rightNext);
    }
    readRemarks(file.remarks, e);
    readMarkers(file, e);
    readTempos(file, e);
    e = inOrder(std::move(e));
    if (const auto ok = check(e); !ok) return fail(ok.error().what, where, ok.error().fix);
    return e;
}

MidiFile toMidi(const Exercise& e) {
    MidiFile file;
    file.ticksPerQuarter = 960;
    file.title = e.title;
    const Bpm tempo(e.tempo.start);
    file.remarks = remarksOf(e);
    file.quarterBpm = e.tempo.start * e.meter.beatLength().toDouble();
    file.meters.push_back({0, e.meter});
    for (const MeterChange& change : e.meterChanges)
        file.meters.push_back(
            {std::llround(barOf(e, change.bar).start.toDouble() * file.ticksPerQuarter), change.meter});
    file.markers = markersOf(e, file.ticksPerQuarter);
    file.tempos = temposOf(e, file.ticksPerQuarter);
    const TempoMap map(e);
    const double quarter = quarterS(e.meter, tempo);
    const auto length = std::llround(e.length().toDouble() * file.ticksPerQuarter);
    file.endTick = length;
    for (const WrittenStroke& w : writeOut(e, tempo, 1)) {
        const Stroke& stroke = e.strokes[static_cast<std::size_t>(w.stroke)];
        auto tick = std::llround(map.writtenAt(w.gridS / quarter) * file.ticksPerQuarter);
        if (tick < 0) tick += length;  // a grace note of the first stroke: the phrase is a loop
        file.notes.push_back(
            {tick, 9, keyOf(stroke.voice), w.role == Role::Grace ? velocityOf(Level::Ghost) : velocityOf(e, stroke)});
    }
    std::stable_sort(file.notes.begin(), file.notes.end(),
                     [](const MidiNote& a, const MidiNote& b) { return a.tick < b.tick; });
    return file;
}

}  // namespace upbeat
