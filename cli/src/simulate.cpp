#include <fmt/format.h>

#include <filesystem>
#include <memory>
#include <system_error>

#include "commands.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/character_json.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/formats/truth_json.h"

namespace upbeat::cli {

namespace {

struct SimulateOptions {
    std::string exercise;
    double tempo = 0;
    int bars = 0;
    std::uint64_t seed = 1;
    std::string character;
    std::string out;
};

Exit checkArguments(const SimulateOptions& o) {
    if (!(o.tempo >= kSlowestTempo && o.tempo <= kFastestTempo))
        return complain({fmt::format("a tempo of {:g} is out of range", o.tempo), {}, "use --tempo 30 to 300"},
                        Exit::BadArguments);
    if (o.bars < 1 || o.bars > 4000)
        return complain({fmt::format("{} bars cannot be played", o.bars), {}, "use --bars 1 to 4000"},
                        Exit::BadArguments);
    return Exit::Measured;
}

/// Cuts the last pass where the bars end.
void cutAfter(Performance& performance, double endS) {
    std::erase_if(performance.hits, [endS](const PlayedHit& hit) { return hit.gridS > endS - 0.02; });
    std::erase_if(performance.missed, [endS](const WrittenStroke& w) { return w.gridS > endS - 0.02; });
}

Result<void> writeTake(const SimulateOptions& o, const Exercise& exercise, const Character& character) {
    namespace fs = std::filesystem;
    std::error_code error;
    fs::create_directories(o.out, error);
    if (error)
        return fail(UPBEAT_TEXT("the folder cannot be made"), o.out, UPBEAT_TEXT("choose a folder you may write to"));
    const Bpm tempo(o.tempo);
    const double durationS = barStartS(exercise, tempo, o.bars);
    Performance performance = perform(exercise, tempo, (o.bars + exercise.bars - 1) / exercise.bars, character, o.seed);
    cutAfter(performance, durationS);
    Recording recording;
    recording.kitSeed = o.seed;
    const RenderedTake take = render(performance, durationS, recording);
    const fs::path out(o.out);
    if (auto ok = writeSound(out / "take.wav", take.sound, AudioFormat::Wav24); !ok) return ok;
    if (auto ok = writeFileAtomically(out / "pattern.mid", toMidiBytes(toMidi(exercise))); !ok) return ok;
    return writeFileAtomically(out / "truth.json", truthToJson(take, performance, exercise, o.tempo, o.bars));
}

Exit simulate(const SimulateOptions& o) {
    if (const Exit bad = checkArguments(o); bad != Exit::Measured) return bad;
    const auto exercise = patternByNameOrFile(o.exercise);
    if (!exercise) return complain(exercise.error(), Exit::Unreadable);
    Character character;
    if (!o.character.empty()) {
        const auto read = readCharacter(o.character);
        if (!read) return complain(read.error(), Exit::Unreadable);
        character = *read;
    }
    if (const auto done = writeTake(o, *exercise, character); !done) return complain(done.error(), Exit::Unreadable);
    return Exit::Measured;
}

}  // namespace

void addSimulate(CLI::App& app, std::function<Exit()>& chosen) {
    auto options = std::make_shared<SimulateOptions>();
    CLI::App* command = app.add_subcommand("simulate", "Let the simulated player play a take whose truth is known");
    command->add_option("--exercise", options->exercise, "Built-in exercise or a file")->required();
    command->add_option("--tempo", options->tempo, "Beats per minute")->required();
    command->add_option("--bars", options->bars, "Bars to play")->required();
    command->add_option("--seed", options->seed, "The same seed plays the same take")->required();
    command->add_option("--character", options->character, "How the player plays, a JSON file");
    command->add_option("--out", options->out, "Folder for take.wav, pattern.mid and truth.json")->required();
    command->callback([options, &chosen] { chosen = [options] { return simulate(*options); }; });
}

}  // namespace upbeat::cli
