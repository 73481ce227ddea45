#include "upbeat/formats/midi_take.h"

#include <algorithm>
#include <cctype>
#include <string>

#include "upbeat/formats/midi_pattern.h"

namespace upbeat {

PadKit generalMidiKit() {
    PadKit kit;
    for (int key = 0; key < kPadKeys; ++key) kit.voices.at(static_cast<std::size_t>(key)) = voiceOfKey(key);
    return kit;
}

double secondsPerTick(const MidiFile& file) {
    return 60.0 / file.quarterBpm.value_or(120.0) / file.ticksPerQuarter;
}

std::vector<Hit> hitsOfMidi(const MidiFile& file) {
    constexpr int kPercussion = 9;
    const double tickS = secondsPerTick(file);
    const bool percussion = std::any_of(file.notes.begin(), file.notes.end(),
                                        [](const MidiNote& note) { return note.channel == kPercussion; });
    const PadKit kit = generalMidiKit();
    std::vector<Hit> hits;
    for (const MidiNote& note : file.notes) {
        if (percussion && note.channel != kPercussion) continue;
        hits.push_back(hitOf(kit, {static_cast<double>(note.tick) * tickS, note.key, note.velocity}));
    }
    return hits;
}

bool isMidiName(const std::filesystem::path& path) {
    std::string ending = path.extension().string();
    for (char& c : ending) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return ending == ".mid" || ending == ".midi";
}

}  // namespace upbeat
