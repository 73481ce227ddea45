#include "prepare/sound_check_words.h"

#include "studio/notices.h"
#include "studio/take_view.h"
#include "theme/words.h"

namespace upbeat {

namespace {

QString milliseconds(double ms) {
    return QLocale().toString(ms, 'f', 1);
}

QString keptInWords(const Calibration& kept) {
    return SoundCheckWords::tr("Measured on %1: %2 ms.")
        .arg(QLocale().toString(kept.day, QLocale::ShortFormat), milliseconds(kept.latencyMs));
}

}  // namespace

QString SoundCheckWords::nameOf(Step step) const {
    switch (step) {
        case Step::Input:
            return tr("Input");
        case Step::Level:
            return tr("Level");
        case Step::Pads:
            return tr("Pads");
        case Step::RoundTrip:
            return m_check.isMidi() ? tr("Timing") : tr("Round trip");
        case Step::Strokes:
            return tr("Three levels");
        case Step::Proof:
            return tr("Proof");
    }
    return {};
}

bool SoundCheckWords::isTripMeasured() const {
    const auto& pads = m_check.padTimer().outcome();
    const auto& sound = m_check.roundTrip();
    return m_check.isMidi() ? pads && *pads : sound && *sound;
}

QString SoundCheckWords::instruction() const {
    switch (m_check.step()) {
        case Step::Input:
            return tr("Play a few strokes. The input that moves is yours; with the arrow keys you choose another one.");
        case Step::Level:
            return tr(
                "Play your loudest stroke a few times, then your softest. The loudest should stay below the upper "
                "mark; turn the microphone up or down until it does.");
        case Step::Pads:
            return tr(
                "Hit what stands in the frame three times, on every zone it has; then the next is asked for. With the "
                "arrow keys you go back and forth.");
        case Step::RoundTrip:
            if (m_check.isMidi())
                return tr(
                    "Let a microphone whose round trip was measured hear one pad, and strike it twelve times, a second "
                    "apart: it tells how long the notes take.");
            return tr(
                "Hold the microphone to the headphone, or let it hear the loudspeaker, and be quiet for eight "
                "seconds: twelve short sounds tell how long the way round is. Keep the volume low.");
        case Step::Strokes:
            return tr("Eight strokes of each: ghost notes, taps, accents, as you play them.");
        case Step::Proof:
            return tr("A bar is counted in, then play eight quarters to the click.");
    }
    return {};
}

QString SoundCheckWords::outcome() const {
    switch (m_check.step()) {
        case Step::Input:
            if (!m_check.found().devices.empty()) return {};
            return tr("No microphone is offered: %1").arg(refusalsInWords(m_check.found()));
        case Step::Level:
            switch (m_check.loudness()) {
                case SoundCheck::Loudness::Unheard:
                    return tr("Nothing is heard yet.");
                case SoundCheck::Loudness::Faint:
                    return tr("Too faint: turn it up.");
                case SoundCheck::Loudness::Good:
                    return tr("Good.");
                case SoundCheck::Loudness::Hot:
                    return tr("Too hot: turn it down and play again.");
            }
            return {};
        case Step::Pads:
            return padsInWords();
        case Step::RoundTrip:
            return m_check.isMidi() ? padTimingInWords() : roundTripInWords();
        case Step::Strokes:
            if (m_check.asked()) return {};
            return m_check.isUneven() ? tr("They were hardly apart: play them once more, softest first.")
                                      : tr("Kept as your own three levels.");
        case Step::Proof:
            return proofInWords();
    }
    return {};
}

QString SoundCheckWords::padsInWords() const {
    const PadMap& map = m_check.padMap();
    if (map.asked() == PadMap::kRows) return tr("All are known. %1").arg(padGhostsInWords(map.ghosts()));
    return padGhostsInWords(map.ghosts());
}

QString SoundCheckWords::padTimingInWords() const {
    const PadTimer& timer = m_check.padTimer();
    if (timer.isRunning())
        return counted(timer.strokes(), UPBEAT_TEXT("One stroke has come."), UPBEAT_TEXT_N("%n strokes have come."));
    if (const auto& outcome = timer.outcome()) {
        if (!*outcome) return sentenceOf(outcome->error());
        return tr("%1 ms, sure to %2 ms.")
            .arg(milliseconds(1e3 * (*outcome)->latencyS), milliseconds((*outcome)->uncertainMs));
    }
    if (const auto kept = m_check.calibration()) return keptInWords(*kept);
    if (!timer.microphone())
        return tr("Not calibrated: evenness only. Choose a microphone first, and measure its round trip.");
    return tr("Not calibrated: evenness only.");
}

QString SoundCheckWords::roundTripInWords() const {
    if (m_check.isMeasuring()) return tr("Listening …");
    const auto& trip = m_check.roundTrip();
    if (trip && *trip)
        return tr("%1 ms, sure to %2 ms, heard %3 times of 12.")
            .arg(milliseconds(1e3 * (*trip)->latencyS), QLocale().toString((*trip)->uncertainMs, 'f', 2))
            .arg((*trip)->heard);
    if (trip) return sentenceOf(trip->error());
    if (const auto kept = m_check.calibration()) return keptInWords(*kept);
    return tr("Not measured: what is late or early against the click cannot be told unless the click is heard.");
}

QString SoundCheckWords::proofInWords() const {
    const auto& proof = m_check.proof();
    if (!proof) return {};
    if (proof->strokes == 0) return tr("No stroke was heard.");
    QString text = counted(proof->strokes, UPBEAT_TEXT("One stroke was heard"), UPBEAT_TEXT_N("%n strokes were heard"));
    if (proof->placementMs)
        text += (proof->placementMs->value < 0 ? tr(", %1 ms ahead of the click") : tr(", %1 ms behind the click"))
                    .arg(milliseconds(std::abs(proof->placementMs->value)));
    if (proof->spreadMs) text += tr(", even to %1 ms").arg(milliseconds(proof->spreadMs->value));
    return text + QLatin1Char('.');
}

QString SoundCheckWords::action() const {
    switch (m_check.step()) {
        case Step::Input:
            return tr("Take this one");
        case Step::Level:
        case Step::Pads:
            return tr("Next");
        case Step::RoundTrip:
            return isTripMeasured() ? tr("Next") : tr("Measure it");
        case Step::Strokes:
            return m_check.asked() || m_check.isUneven() ? tr("Begin again") : tr("Next");
        case Step::Proof:
            return m_check.proof() ? tr("Once more") : tr("Start");
    }
    return {};
}

}  // namespace upbeat
