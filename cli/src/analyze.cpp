#include <fmt/format.h>

#include <cmath>
#include <cstdio>
#include <memory>

#include "asked.h"
#include "commands.h"
#include "find_start.h"
#include "hear.h"
#include "upbeat/formats/analysis_json.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/kit_json.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/music/written_swing.h"
#include "upbeat/take/teach.h"
#include "upbeat/words/words.h"

namespace upbeat::cli {

namespace {

struct AnalyzeOptions : TakeOptions {
    StartOptions start;
    int bars = 0;
    double latencyMs = 0;
    double swing = 0;
    AskedOptions gates;
    bool clickBleed = false;
    std::vector<int> clickBars{1, 0};  // with it and without it
    std::string kit;
    std::string json;
    std::string csv;

    [[nodiscard]] SilentBars silentBars() const { return {clickBars[0], clickBars[1]}; }
};

Exit checkArguments(const AnalyzeOptions& o) {
    const auto bad = [](Text what, Text fix) {
        return complain(Error{std::move(what), {}, std::move(fix)}, Exit::BadArguments);
    };
    if (o.bars < 0) return bad(fmt::format("{} bars cannot be played", o.bars), "use --bars 1 or more");
    if (!std::isfinite(o.latencyMs) || std::abs(o.latencyMs) > 2000)
        return bad("the latency is out of range", "use --latency-ms -2000 to 2000");
    if (o.swing != 0 && !(o.swing >= kSmallestSwing && o.swing <= kLargestSwing))
        return bad(fmt::format("a swing ratio of {:g} is out of range", o.swing), "use --swing 0.5 to 4");
    if (!o.silentBars().canBePlayed())
        return bad("the bars with and without click are out of range", "use --click-bars ON OFF, as --click-bars 2 2");
    return Exit::Measured;
}

/// Bars that a recording can hold; one that breaks off in its last bar is allowed.
int barsThatFit(const Exercise& exercise, double tempoBpm, double durationS) {
    return static_cast<int>(std::ceil(barsBefore(exercise, Bpm(tempoBpm), durationS))) + 1;
}

Result<void> deliverAnalysis(const AnalyzeOptions& o, const TakeAnalysis& analysis, const TakeFacts& facts) {
    if (!o.csv.empty())
        if (auto written = writeFileAtomically(o.csv, analysisToCsv(analysis)); !written) return written;
    if (o.json.empty()) {
        if (facts.start)
            fmt::print("Tempo {:.2f}, beat 1 at {:.3f} s, by the {}{}.\n", facts.start->reading.tempoBpm,
                       facts.start->reading.firstBeatS, toName(facts.start->by), facts.start->sure ? "" : "; not sure");
        fmt::print("{} {}\n", words::headlineOf(analysis.verdict).said(),
                   words::reasonOf(analysis.matched.exercise, analysis.verdict).said());
        for (const Finding& finding : analysis.findings)
            fmt::print("- {}.\n", words::sentenceOf(analysis.matched.exercise, finding).said());
        return {};
    }
    const std::string json = analysisToJson(analysis, facts);
    return writeOrPrint(o.json, json);
}

/// The pattern with the swing that is asked for.
Exercise swungAs(Exercise pattern, double ratio) {
    if (ratio == 0) return pattern;
    if (const auto written = writtenSwing(pattern)) pattern = withSwingAsFeel(pattern, *written);
    if (!pattern.feel.isSwung()) pattern.feel.level = SwingLevel::Eighth;
    pattern.feel.ratio = ratio;
    pattern.feel.byTempo = false;
    return pattern;
}

/// The kit that was asked for; an empty one without. It must know every drum of the pattern.
tl::expected<TaughtKit, Exit> kitFor(const AnalyzeOptions& o, const Exercise& pattern) {
    if (o.kit.empty()) return TaughtKit();
    auto kit = readKit(o.kit);
    if (!kit) return tl::unexpected(complain(kit.error(), Exit::Unreadable));
    const auto missing = untaughtVoices(pattern, *kit);
    if (missing.empty()) return *std::move(kit);
    return tl::unexpected(
        complain(Error{Text::with(UPBEAT_TEXT("the kit was not taught the %1"), spokenName(missing.front()).data()),
                       o.kit, UPBEAT_TEXT("teach every drum of the pattern")},
                 Exit::BadArguments));
}

/// Enters tempo and first beat, found in the recording where they were not given.
tl::expected<std::optional<TakeStart>, Exit> settleStart(AnalyzeOptions& o, const AskedStart& asked,
                                                         const Exercise& pattern) {
    o.tempo = asked.tempoBpm.value_or(0);
    o.firstBeat = asked.known.firstBeatS.value_or(0);
    if (asked.isKnown()) return std::nullopt;
    const auto heard = hearFile(o.take, std::nullopt, 0);
    if (!heard) return tl::unexpected(complain(heard.error(), Exit::Unreadable));
    auto start = findStart(pattern, heard->take.hits, asked.known);
    if (!start)
        return tl::unexpected(
            complain(Error{UPBEAT_TEXT("tempo and beat 1 cannot be told: what is heard does not fit the pattern"),
                           o.take, UPBEAT_TEXT("check the pattern, or give --tempo and --first-beat")},
                     Exit::NothingToMeasure));
    o.tempo = start->reading.tempoBpm;
    o.firstBeat = start->reading.firstBeatS;
    o.clickBleed = o.clickBleed || start->by == StartBy::Click;
    return start;
}

/// Where nobody said how many bars there are, those at the end in which somebody only spoke are left out.
TakeAnalysis analyzed(const Exercise& pattern, TakeFrame frame, const HeardTake& heard, const CoachPlan& plan,
                      bool anyBars) {
    TakeAnalysis analysis = analyzeTake(pattern, frame, heard, plan);
    const int played = barsPlayed(analysis.matched);
    if (!anyBars || played == frame.bars) return analysis;
    frame.bars = played;
    return analyzeTake(pattern, frame, heard, plan);
}

TakeFrame frameOf(const AnalyzeOptions& o, int bars, const std::optional<TakeStart>& found) {
    TakeFrame frame{o.tempo, o.firstBeat, bars, o.latencyMs * 1e-3, o.clickBleed, {}};
    frame.silent = o.silentBars();
    if (found && found->by == StartBy::Strokes) frame.anchor.kind = AnchorKind::None;
    return frame;
}

Exit analyze(AnalyzeOptions o) {
    if (const Exit bad = checkArguments(o); bad != Exit::Measured) return bad;
    const auto asked = o.start.read();
    if (!asked) return complain(asked.error(), Exit::BadArguments);
    auto pattern = readPattern(o.pattern);
    if (!pattern) return complain(pattern.error(), Exit::Unreadable);
    *pattern = swungAs(*pattern, o.swing);
    const auto profile = o.gates.read(*pattern);
    if (!profile) return complain(profile.error(), Exit::Unreadable);
    const auto kit = kitFor(o, *pattern);
    if (!kit) return kit.error();
    const auto found = settleStart(o, *asked, *pattern);
    if (!found) return found.error();
    auto heard = hear(o, *pattern);
    if (!heard) return complain(heard.error(), Exit::Unreadable);
    const auto nothing = [&](std::string what) {
        return complain(Error{std::move(what), o.take, UPBEAT_TEXT("check --first-beat and the recording level")},
                        Exit::NothingToMeasure);
    };
    const double start = o.firstBeat + o.latencyMs * 1e-3;
    if (heard->info.durationS - start < barStartS(*pattern, Bpm(o.tempo), 1) * 0.99)
        return nothing("the take is shorter than one bar");
    if (const int most = barsThatFit(*pattern, o.tempo, heard->info.durationS - start); o.bars > most)
        return complain(Error{Text::with(UPBEAT_TEXT("%1 bars do not fit into it at this tempo"), o.bars), o.take,
                              Text::with(UPBEAT_TEXT("use --bars 1 to %1, or leave it out"), most)},
                        Exit::BadArguments);
    const int bars = o.bars > 0 ? o.bars : barsPlayed(*pattern, o.tempo, start, heard->take.hits);
    if (bars == 0) return nothing("nothing is heard after the first beat");
    CoachPlan plan;
    plan.profile = *profile;
    plan.ladder = ladderOf(*pattern);
    const auto analysis = analyzed(*pattern, frameOf(o, bars, *found),
                                   toldApart(*pattern, std::move(heard->take), *kit), plan, o.bars == 0);
    if (analysis.matched.hits.empty()) return nothing("nothing is heard in the bars that were asked for");
    const TakeFacts facts{o.take, heard->info.sampleRate, heard->info.durationS, {}, *found};
    if (const auto done = deliverAnalysis(o, analysis, facts); !done) return complain(done.error(), Exit::Unreadable);
    return Exit::Measured;
}

}  // namespace

void addAnalyze(CLI::App& app, std::function<Exit()>& chosen) {
    auto options = std::make_shared<AnalyzeOptions>();
    CLI::App* command = app.add_subcommand("analyze", "Measure a recorded take against a pattern");
    options->addFilesTo(*command, "The recording: WAV, FLAC, Ogg, or a MIDI file as it was played",
                        "Exercise file or MIDI file");
    options->start.addTo(*command);
    command->add_option("--bars", options->bars, "Bars played; default: to the last stroke");
    command->add_option("--latency-ms", options->latencyMs, "Taken off every onset");
    command->add_option("--swing", options->swing, "Swing ratio asked for, instead of the pattern's");
    options->gates.addTo(*command);
    command->add_flag("--click-bleed", options->clickBleed, "The click is audible in the take");
    command->add_option("--click-bars", options->clickBars, "Bars with the click and bars without it, in turn")
        ->expected(2);
    command->add_option("--kit", options->kit, "Tells the drums apart; written by teach");
    command->add_option("--json", options->json, "Write the analysis there; - is standard output");
    command->add_option("--csv", options->csv, "Write one line a hit there");
    command->callback([options, &chosen] { chosen = [options] { return analyze(*options); }; });
}

}  // namespace upbeat::cli
