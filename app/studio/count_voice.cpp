#include "studio/count_voice.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kLongestS = 600;  // of counting
constexpr double kFadeS = 0.015;

void mixWord(std::vector<float>& track, const Sound& word, std::size_t at, double mostS, double gain) {
    const auto rate = static_cast<double>(word.sampleRate);
    const auto most = static_cast<std::size_t>(mostS * rate);
    const std::size_t count = std::min({word.samples.size(), most, track.size() - std::min(at, track.size())});
    for (std::size_t i = 0; i < count; ++i) {
        const double left = static_cast<double>(count - i) / rate;
        track[at + i] += static_cast<float>(gain * std::min(1.0, left / kFadeS)) * word.samples[i];
    }
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
    for (std::int64_t index = 0;; ++index) {
        const Click click = clickAt(plan.click, index);
        const double atS = TakePlan::kLeadS + click.timeS;
        if (atS > toS) break;
        if (click.kind == ClickKind::Subdivision) continue;
        beat = click.kind == ClickKind::Bar ? 0 : beat + 1;
        const auto word = beat < words.size() ? soundOf(words.at(beat)) : nullptr;
        if (!word) return nullptr;
        // Quieter than the click, and silent before the next one.
        mixWord(track.samples, *word, static_cast<std::size_t>(std::llround(atS * sampleRate)), 0.85 * beatS,
                0.7 * plan.clickGain);
    }
    return std::make_shared<const Sound>(std::move(track));
}

}  // namespace upbeat
