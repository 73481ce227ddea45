#include <fmt/format.h>

#include <memory>

#include "commands.h"
#include "hear.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/kit_json.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/take/analyze_take.h"
#include "upbeat/take/teach.h"

namespace upbeat::cli {

namespace {

struct TeachOptions : TakeOptions {
    std::string out;
};

Exit teach(const TeachOptions& o) {
    if (const auto wrong = o.wrong()) return complain(*wrong, Exit::BadArguments);
    const auto pattern = readPattern(o.pattern);
    if (!pattern) return complain(pattern.error(), Exit::Unreadable);
    const auto heard = hear(o, *pattern);
    if (!heard) return complain(heard.error(), Exit::Unreadable);
    const int bars = barsPlayed(*pattern, o.tempo, o.firstBeat, heard->take.hits);
    const TaughtKit kit = learnKit(matchTake(*pattern, {o.tempo, o.firstBeat, bars, 0, false, {}}, heard->take));
    if (kit.isEmpty())
        return complain(Error{UPBEAT_TEXT("no drum is struck alone and clearly often enough to be learned"), o.take,
                              UPBEAT_TEXT("strike each one alone at least three times")},
                        Exit::NothingToMeasure);
    if (const auto done = writeFileAtomically(o.out, toJson(kit)); !done)
        return complain(done.error(), Exit::Unreadable);
    for (const TaughtVoice& voice : kit.voices) fmt::print("{}\t{}\n", toName(voice.voice), voice.strokes.size());
    return Exit::Measured;
}

}  // namespace

void addTeach(CLI::App& app, std::function<Exit()>& chosen) {
    auto options = std::make_shared<TeachOptions>();
    CLI::App* command = app.add_subcommand("teach", "Learn what each drum sounds like at one microphone");
    options->addTo(*command, "A recording in which each drum is struck alone a few times", "What was played in it");
    command->add_option("--out", options->out, "Where the kit is written, for analyze --kit")->required();
    command->callback([options, &chosen] { chosen = [options] { return teach(*options); }; });
}

}  // namespace upbeat::cli
