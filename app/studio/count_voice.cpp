#include "studio/count_voice.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "upbeat/music/page.h"
#include "upbeat/music/section.h"

namespace upbeat {

namespace {

constexpr double kLongestS = 600;  // of counting
constexpr double kFadeS = 0.015;
constexpr double kSameS = 1e-6;
constexpr double kBesideClick = 0.7;  // quieter than it

void mixWord(std::vector<float>& track, const Sound& word, std::size_t at, double mostS, double gain) {
    const auto rate = static_cast<double>(word.sampleRate);
    const auto most = static_cast<std::size_t>(mostS * rate);
    const std::size_t count = std::min({word.samples.size(), most, track.size() - std::min(at, track.size())});
    for (std::size_t i = 0; i < count; ++i) {
        const double left = static_cast<double>(count - i) / rate;
        track[at + i] += static_cast<float>(gain * std::min(1.0, left / kFadeS)) * word.samples[i];
    }
}

/// From and to, in seconds from the start of the take.
using Spans = std::vector<std::pair<double, double>>;

/// Says the names of the sections; gives the bars in which it does.
Spans mixNames(std::vector<float>& track, const TakePlan& plan, int sampleRate, const SoundOfWord& soundOf) {
    Spans bars;
    for (const Announcement& said : announcementsIn(plan)) {
        const auto name = soundOf(said.name);
        if (!name) continue;
        const auto startS = [&plan](int bar) {
            return plan.firstBeatS() + barStartS(plan.exercise, plan.click.tempo, bar);
        };
        const double fromS = startS(said.bar);
        const double lastsS = startS(said.bar + 1) - fromS;
        mixWord(track, *name, static_cast<std::size_t>(std::llround(fromS * sampleRate)), 0.9 * lastsS,
                kBesideClick * plan.clickGain);
        bars.emplace_back(fromS, fromS + lastsS);
    }
    return bars;
}

bool holds(const Spans& spans, double atS) {
    return std::any_of(spans.begin(), spans.end(),
                       [atS](const auto& span) { return atS > span.first - kSameS && atS < span.second - kSameS; });
}

}  // namespace

QStringList countWords(int beats) {
    static const char* const kWords[] = {
        QT_TRANSLATE_NOOP("countWords", "one"),    QT_TRANSLATE_NOOP("countWords", "two"),
        QT_TRANSLATE_NOOP("countWords", "three"),  QT_TRANSLATE_NOOP("countWords", "four"),
        QT_TRANSLATE_NOOP("countWords", "five"),   QT_TRANSLATE_NOOP("countWords", "six"),
        QT_TRANSLATE_NOOP("countWords", "seven"),  QT_TRANSLATE_NOOP("countWords", "eight"),
        QT_TRANSLATE_NOOP("countWords", "nine"),   QT_TRANSLATE_NOOP("countWords", "ten"),
        QT_TRANSLATE_NOOP("countWords", "eleven"), QT_TRANSLATE_NOOP("countWords", "twelve")};
    QStringList words;
    for (int beat = 0; beat < std::min<int>(beats, std::size(kWords)); ++beat)
        words << QCoreApplication::translate("countWords", kWords[beat]);
    return words;
}

std::vector<Announcement> announcementsIn(const TakePlan& plan) {
    const Exercise& page = plan.exercise;
    std::vector<Announcement> all;
    if (sectionsOf(page).size() < 2) return all;
    for (int bar = 0; bar + 1 < plan.bars; ++bar) {
        const int next = (bar + 1) % page.bars + 1;
        const auto section = sectionAt(page, next);
        if (section && section->from == next && !section->name.empty())
            all.push_back({bar, QString::fromStdString(section->name)});
    }
    return all;
}

std::shared_ptr<const Sound> countTrack(const TakePlan& plan, int sampleRate, bool throughout,
                                        const SoundOfWord& soundOf) {
    const bool isThrough = throughout && !plan.openEnded && !plan.click.offBeats;
    const double toS = std::min(isThrough ? plan.stopsS() - 1e-3 : plan.firstBeatS() - 1e-3, kLongestS);
    if (plan.struckAt || (plan.click.countInBars == 0 && !isThrough)) return nullptr;
    const double beatS = plan.click.beat().value();
    Sound track{{}, sampleRate};
    track.samples.resize(static_cast<std::size_t>((toS + beatS) * sampleRate));
    const QStringList words = countWords(12);
    int beat = 0;
    const auto named = isThrough ? mixNames(track.samples, plan, sampleRate, soundOf) : Spans();
    for (std::int64_t index = 0;; ++index) {
        const Click click = clickAt(plan.click, index);
        const double atS = TakePlan::kLeadS + click.timeS;
        if (atS > toS) break;
        if (click.kind == ClickKind::Subdivision || holds(named, atS)) continue;
        beat = click.kind == ClickKind::Bar ? 0 : beat + 1;
        const auto word = beat < words.size() ? soundOf(words.at(beat)) : nullptr;
        if (!word) return nullptr;
        // Silent before the next one.
        mixWord(track.samples, *word, static_cast<std::size_t>(std::llround(atS * sampleRate)), 0.85 * beatS,
                kBesideClick * plan.clickGain);
    }
    return std::make_shared<const Sound>(std::move(track));
}

}  // namespace upbeat
