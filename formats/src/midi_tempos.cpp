#include "midi_tempos.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/tempo_map.h"

namespace upbeat {

std::vector<MidiTempo> temposOf(const Exercise& e, int ticksPerQuarter) {
    std::vector<MidiTempo> tempos;
    if (e.tempoChanges.empty() && e.heldBars.empty()) return tempos;
    const TempoMap map(e);
    const double quarterBpm = e.tempo.start * e.meter.beatLength().toDouble();
    double last = quarterBpm;
    for (const CountedBeat& beat : beatsOf(e)) {
        const double written = beat.length.toDouble();
        const double start = beat.start.toDouble();
        const double bpm = quarterBpm * written / (map.evenAt(start + written) - map.evenAt(start));
        if (std::abs(bpm - last) > 1e-6 * last) tempos.push_back({std::llround(start * ticksPerQuarter), bpm});
        last = bpm;
    }
    return tempos;
}

void readTempos(const MidiFile& file, Exercise& e) {
    constexpr double kSame = 0.1;  // percent: MIDI counts whole microseconds
    if (!file.quarterBpm || !e.tempoChanges.empty() || !e.heldBars.empty()) return;
    for (const MidiTempo& tempo : file.tempos) {
        const int bar = barAt(e, Beats(tempo.tick, file.ticksPerQuarter)).number;
        if (bar > e.bars) break;
        const double share = std::clamp(100 * tempo.quarterBpm / *file.quarterBpm, kSlowestShare, kFastestShare);
        const double percent = std::round(share * 10) / 10;
        auto& changes = e.tempoChanges;
        if (!changes.empty() && changes.back().bar == bar) changes.pop_back();
        const double now = changes.empty() ? 100.0 : changes.back().percent;
        if (std::abs(percent - now) > kSame) changes.push_back({bar, percent});
    }
}

}  // namespace upbeat
