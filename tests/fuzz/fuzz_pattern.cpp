// Feeds anything to everything that reads an exercise: JSON, MIDI, MusicXML, compressed MusicXML and the text form.
// What is read must be playable and survive being written again.
#include <cstddef>
#include <cstdint>
#include <cstdlib>

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
    const auto again = exerciseFromJson(toJson(e), "fuzz");
    if (!again || again->strokes != e.strokes) std::abort();
    (void)toText(e);
    (void)toMusicXml(e);
    (void)toMidiBytes(toMidi(e));
    return 0;
}
