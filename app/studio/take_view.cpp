#include "studio/take_view.h"

#include <cmath>

#include "theme/words.h"
#include "upbeat/measure/rolls.h"
#include "upbeat/take/teach.h"

namespace upbeat {

void measureFresh(TakeView& view, const CoachPlan& coach, const TaughtKit& kit) {
    view.analysis = measureFresh(view.stored, coach, kit);
}

TakeAnalysis measureFresh(TakeRecord& stored, const CoachPlan& coach, const TaughtKit& kit) {
    HeardTake heard(std::move(stored.hits), std::move(stored.trace));
    TakeAnalysis analysis =
        analyzeTake(stored.exercise, frameToMeasure(stored), toldApart(stored.exercise, std::move(heard), kit), coach);
    if (stored.simulated) analysis.verdict = simulatedTake(stored.frame.tempoBpm, coach.ladder);
    if (!hasRolls(stored.exercise)) analysis.matched.trace = {};
    stored.hits = withoutPatches(allHeard(analysis.matched));
    stored.trace = analysis.matched.trace;
    return analysis;
}

namespace {

QString anchorInWords(const TakeRecord& take) {
    if (take.simulated) return inWords(UPBEAT_TEXT("simulated player"));
    if (take.frame.anchor.kind == AnchorKind::Click) return inWords(UPBEAT_TEXT("timed by the click in it"));
    if (take.frame.anchor.kind != AnchorKind::None) return {};
    const bool isMidi = !take.hits.empty() && take.hits.front().exact;
    return isMidi ? inWords(UPBEAT_TEXT("no placement: the kit's timing was not measured"))
                  : inWords(UPBEAT_TEXT("no placement: the click was not heard"));
}

}  // namespace

QString padGhostsInWords(const PadGhosts& ghosts) {
    QStringList words;
    if (ghosts.doubles > 0)
        words << counted(ghosts.doubles, UPBEAT_TEXT("1 double trigger left out"),
                         UPBEAT_TEXT_N("%n double triggers left out"));
    if (ghosts.crosstalk > 0)
        words << counted(ghosts.crosstalk, UPBEAT_TEXT("1 shaken pad left out"),
                         UPBEAT_TEXT_N("%n shaken pads left out"));
    return words.join(QStringLiteral(", "));
}

QString soundInWords(const MatchedTake& take) {
    QStringList words;
    if (take.gainRides) words << inWords(UPBEAT_TEXT("The recorder set its own level: loudness is not judged."));
    const auto pale = static_cast<int>(take.pale.size());
    if (pale > 0)
        words << counted(pale, UPBEAT_TEXT("1 sound that is unlike your strokes counts for nothing."),
                         UPBEAT_TEXT_N("%n sounds that are unlike your strokes count for nothing."));
    return words.join(QLatin1Char('\n'));
}

QString untoldFeelInWords(const TakeAnalysis& a) {
    QStringList voices;
    for (const AskedPlacement& asked : a.matched.exercise.placements) {
        const auto isIt = [&asked](const FeelPlayed& feel) { return feel.voice == asked.voice; };
        const auto& told = a.measures.feel;
        if (asked.voice && std::none_of(told.begin(), told.end(), isIt)) voices << inWords(words::nameOf(*asked.voice));
    }
    if (voices.isEmpty()) return {};
    return inWords(UPBEAT_TEXT("Not told, for on one microphone it sounds with others: the feel of the %1."))
        .arg(voices.join(QStringLiteral(", ")));
}

QStringList factsInWords(const TakeView& view) {
    QStringList facts{anchorInWords(view.stored), padGhostsInWords(view.stored.padGhosts)};
    facts.removeAll(QString());
    return facts;
}

double beatBefore(const TakeView& view, double timeS) {
    constexpr double kHair = 1e-9;
    const MatchedTake& take = view.analysis.matched;
    const Bpm tempo(take.tempoBpm);
    const double first = take.firstBeatS + take.latencyS;
    if (timeS < first) return timeS;
    const double passS = passDurationS(take.exercise, tempo);
    const double before = std::floor((timeS - first) / passS + kHair) * passS;
    const double beat = std::floor(quartersAt(take.exercise, tempo, timeS - first - before) + kHair);
    return first + before + secondsAt(take.exercise, tempo, beat);
}

}  // namespace upbeat
