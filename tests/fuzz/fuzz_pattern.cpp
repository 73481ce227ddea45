// Feeds anything to everything that reads an exercise: JSON, MIDI, MusicXML, compressed MusicXML and the text form.
// What is read must be playable; of what is read an eighth, chosen by its bytes, must survive being written again, which
// takes ten times as long as reading.
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <numeric>

#include "upbeat/formats/exercise_json.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/music/grid_text.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace upbeat;
    const auto converted = importPattern(std::string_view(reinterpret_cast<const char*>(data), size), "fuzz");
    if (!converted) return 0;
    const Exercise& e = converted->exercise;
    if (!check(e)) std::abort();
    constexpr unsigned kEighth = 8;
    if (std::accumulate(data, data + size, 0U) % kEighth != 0) return 0;
    const auto again = exerciseFromJson(toJson(e), "fuzz");
    if (!again || again->strokes != e.strokes) std::abort();
    (void)toText(e);
    (void)toMusicXml(e);
    (void)toMidiBytes(toMidi(e));
    return 0;
}
