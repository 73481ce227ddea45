#include "upbeat/music/grid_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <numeric>

#include "grid_reader.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/following.h"

namespace upbeat {

namespace {

std::string stepOf(const Stroke& s) {
    constexpr std::string_view kOrnaments = " fduz";
    constexpr std::string_view kLimbs = "RLFH";
    std::string step;
    if (s.anchor) step += '!';
    if (s.ornament != Ornament::None) step += kOrnaments[static_cast<std::size_t>(s.ornament)];
    if (s.level == Level::Accent) step += '>';
    if (s.level == Level::Ghost) step += '(';
    step += kLimbs[static_cast<std::size_t>(s.limb)];
    if (s.level == Level::Ghost) step += ')';
    return step;
}

std::string textOf(const Exercise& e, Voice voice, const CountedBeat& beat) {
    std::vector<std::pair<Beats, const Stroke*>> inside;
    std::int64_t steps = 1;
    for (const Stroke& s : strokesIn(e, beat.start, beat.end())) {
        if (s.voice != voice) continue;
        inside.emplace_back(ratio(s.at - beat.start, beat.length), &s);
        steps = std::lcm(steps, inside.back().first.denominator());
    }
    std::string word;
    std::int64_t written = 0;
    for (const auto& [share, stroke] : inside) {
        const std::int64_t step = share.numerator() * (steps / share.denominator());
        word.append(static_cast<std::size_t>(step - written), '.');
        word += stepOf(*stroke);
        written = step + 1;
    }
    return word.append(static_cast<std::size_t>(steps - written), '.');
}

std::string rowOf(const Exercise& e, Voice voice) {
    constexpr std::size_t kNameWidth = 13;
    std::string row(spokenName(voice));
    row.resize(std::max(kNameWidth, row.size() + 1), ' ');
    for (const CountedBeat& beat : beatsOf(e)) {
        const bool isFollowing = followedBar(e, beat.bar).has_value();
        if (beat.number == 1) row += isFollowing ? "| = " : "| ";
        if (!isFollowing) row += textOf(e, voice, beat) + ' ';
    }
    return row + "|\n";
}

/// "bar 33 but 48 49 as verse 1": bars count from 1 in the page.
std::string followsText(const Section& section) {
    std::string text = fmt::format("bar {}", section.bar);
    for (const int number : section.but)
        text += fmt::format("{}{}", number == section.but.front() ? " but " : " ", section.bar + number - 1);
    return text + " as " + section.as;
}

std::string feelText(const Feel& feel) {
    const std::string_view level = feel.level == SwingLevel::Eighth ? "eighths" : "sixteenths";
    if (feel.byTempo) return fmt::format("swing {} by tempo", level);
    return fmt::format("swing {} {}", level, feel.ratio);
}

}  // namespace

Result<Exercise> exerciseFromText(std::string_view text) {
    return GridReader().read(text);
}

Result<Exercise> headFromText(std::string_view text) {
    return GridReader().readHead(text);
}

std::vector<TextSetting> settingsOf(const Exercise& e) {
    std::vector<TextSetting> settings{{"id", e.id}, {"title", e.title}};
    const auto add = [&settings](const char* key, std::string value) { settings.push_back({key, std::move(value)}); };
    if (!e.trains.empty()) add("trains", e.trains);
    if (!e.tags.empty()) add("tags", fmt::format("{}", fmt::join(e.tags, ", ")));
    add("meter", e.meter.toString());
    for (const MeterChange& change : e.meterChanges)
        add("meter", fmt::format("{} from bar {}", change.meter.toString(), change.bar));
    if (e.firstBar != 1) add("numbered", fmt::format("from {}", e.firstBar));
    for (const Section& section : e.sections) add("section", fmt::format("{} from bar {}", section.name, section.bar));
    for (const Section& section : e.sections)
        if (!section.as.empty()) add("follows", followsText(section));
    add("bars", std::to_string(e.bars));
    add("tempo", fmt::format("{} to {} by {}", e.tempo.start, e.tempo.goal, e.tempo.step));
    for (const TempoChange& change : e.tempoChanges)
        add("tempo", change.through > 0
                         ? fmt::format("{} % over bars {} to {}", change.percent, change.bar, change.through)
                         : fmt::format("{} % from bar {}", change.percent, change.bar));
    for (const HeldBar& held : e.heldBars) add("held", fmt::format("bar {} by {}", held.bar, held.beats));
    if (e.feel.isSwung()) add("feel", feelText(e.feel));
    for (const AskedPlacement& placement : e.placements) add("placed", toText(placement));
    if (e.twoLevels) add("levels", "two");
    if (e.counting == Counting::Numbers) add("count", "numbers");
    for (const auto& [parts, words] : e.words)
        add("count", fmt::format("{}{}", words.front().empty() ? "*" : "", fmt::join(words, " ")));
    for (const Swell& s : e.swells)
        add("swell", fmt::format("{} to {}, {} to {} dB", s.from.toString(), s.to.toString(), s.fromDb, s.toDb));
    for (const FreeSpan& s : e.freeSpans)
        add("free", fmt::format("{} to {}{}", s.from.toString(), s.to.toString(),
                                s.notes > 0 ? fmt::format(", {} notes", s.notes) : ""));
    return settings;
}

std::string toText(const Exercise& exercise) {
    const Exercise e = settled(exercise);
    std::string text;
    for (const TextSetting& setting : settingsOf(e)) text += fmt::format("{}: {}\n", setting.key, setting.value);
    for (int v = 0; v < kVoiceCount; ++v) {
        const auto voice = static_cast<Voice>(v);
        if (std::any_of(e.strokes.begin(), e.strokes.end(), [voice](const Stroke& s) { return s.voice == voice; }))
            text += rowOf(e, voice);
    }
    return text;
}

}  // namespace upbeat
