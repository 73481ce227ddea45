#include "upbeat/formats/midi_take.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <string>

#include "upbeat/formats/midi_pattern.h"

namespace upbeat {

double levelOfVelocity(int velocity) {
    return 40.0 * std::log10(std::clamp(velocity, 1, 127) / 127.0);
}

Hit hitOfNote(double timeS, int key, int velocity) {
    constexpr double kSure = 100;
    Hit hit;
    hit.timeS = timeS;
    hit.levelDb = levelOfVelocity(velocity);
    hit.strength = hit.contrastDb = kSure;
    hit.voice = voiceOfKey(key);
    hit.exact = true;
    return hit;
}

double secondsPerTick(const MidiFile& file) {
    return 60.0 / file.quarterBpm.value_or(120.0) / file.ticksPerQuarter;
}

std::vector<Hit> hitsOfMidi(const MidiFile& file) {
    constexpr int kPercussion = 9;
    const double tickS = secondsPerTick(file);
    const bool percussion = std::any_of(file.notes.begin(), file.notes.end(),
                                        [](const MidiNote& note) { return note.channel == kPercussion; });
    std::vector<Hit> hits;
    for (const MidiNote& note : file.notes) {
        if (percussion && note.channel != kPercussion) continue;
        hits.push_back(hitOfNote(static_cast<double>(note.tick) * tickS, note.key, note.velocity));
    }
    return hits;
}

bool isMidiName(const std::filesystem::path& path) {
    std::string ending = path.extension().string();
    for (char& c : ending) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return ending == ".mid" || ending == ".midi";
}

}  // namespace upbeat
