#include "midi_tempos.h"

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
    if (!file.quarterBpm || !e.tempoChanges.empty() || !e.heldBars.empty()) return;
    for (const MidiTempo& tempo : file.tempos) {
        const int bar = barAt(e, Beats(tempo.tick, file.ticksPerQuarter)).number;
        if (bar <= e.bars) setTempoFrom(e, bar, tempo.quarterBpm / *file.quarterBpm);
    }
}

}  // namespace upbeat
