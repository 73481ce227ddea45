#include "upbeat/formats/pattern.h"

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/library.h"

namespace upbeat {

Result<Exercise> readPattern(const std::filesystem::path& path) {
    const auto bytes = readFile(path);
    if (!bytes) return tl::unexpected(bytes.error());
    if (bytes->empty()) return fail("the file is empty", path.string(), "choose another pattern");
    if (bytes->starts_with("MThd")) {
        const auto midi = parseMidi(*bytes, path.string());
        if (!midi) return tl::unexpected(midi.error());
        return exerciseFromMidi(*midi, path.string());
    }
    if (bytes->starts_with("<?xml") || bytes->starts_with("PK"))
        return fail("MusicXML cannot be read yet", path.string(), "use an exercise file or a MIDI file");
    return exerciseFromJson(*bytes, path.string());
}

Result<Exercise> patternByNameOrFile(const std::string& nameOrPath) {
    if (auto exercise = builtInExercise(nameOrPath)) return *std::move(exercise);
    return readPattern(nameOrPath);
}

}  // namespace upbeat
