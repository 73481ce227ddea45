#include "page_and_hits.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/click_plan.h"

namespace upbeat {

namespace {

bool inside(const std::vector<DamagedSpan>& spans, double timeS) {
    constexpr double kMarginS = 0.005;
    return std::any_of(spans.begin(), spans.end(), [timeS](const DamagedSpan& span) {
        return timeS >= span.fromS - kMarginS && timeS <= span.toS + kMarginS;
    });
}

/// Two modes of a drum that rings beat against one another: the low bands rise again, but no stick is heard.
bool isBeating(const Hit& hit) {
    constexpr double kSurelyStruck = 30;
    constexpr double kStandsClearDb = 22;
    constexpr std::size_t kLowBands = 5;  // below 3 kHz
    constexpr int kFaint = 60;            // 30 dB below the strongest band
    const int strongest = *std::max_element(hit.colour.begin(), hit.colour.end());
    return hit.strength < kSurelyStruck && hit.contrastDb < kStandsClearDb && isKnown(hit.colour) &&
           std::all_of(hit.colour.begin() + kLowBands, hit.colour.end(),
                       [strongest](std::uint8_t step) { return step < strongest - kFaint; });
}

}  // namespace

std::vector<Hit> hitsOfThePage(const Exercise& e, const TakeFrame& frame, const std::vector<Hit>& hits) {
    const Bpm tempo(frame.tempoBpm);
    const double halfBeat = 0.5 * beatDuration(tempo).value();
    const double start = frame.firstBeatS + frame.latencyS - halfBeat;
    const double end = frame.firstBeatS + frame.latencyS + barStartS(e, tempo, frame.bars) + 0.2 * halfBeat;
    std::vector<Hit> kept;
    std::copy_if(hits.begin(), hits.end(), std::back_inserter(kept), [&](const Hit& hit) {
        return hit.timeS >= start && hit.timeS < end && !inside(frame.damaged, hit.timeS);
    });
    return kept;
}

std::vector<WrittenStroke> pageOf(const Exercise& e, const TakeFrame& frame, int passes) {
    const Bpm tempo(frame.tempoBpm);
    auto page = writeOut(e, tempo, passes);
    constexpr double kEarlierS = 0.02;  // a swung or grace note never lies this close to the next bar's first beat
    const double end = barStartS(e, tempo, frame.bars) - kEarlierS;
    const double start = frame.firstBeatS + frame.latencyS;
    std::erase_if(page, [&e](const WrittenStroke& w) {
        const Stroke& stroke = e.strokes[static_cast<std::size_t>(w.stroke)];
        return !stroke.anchor && isFree(e, stroke.at);
    });
    std::erase_if(page,
                  [&](const WrittenStroke& w) { return w.gridS > end || inside(frame.damaged, start + w.gridS); });
    return page;
}

std::vector<double> clicksHeardS(const Exercise& e, const TakeFrame& frame) {
    return frame.clickBleed ? clicksBesideS(e, Bpm(frame.tempoBpm), frame.bars, frame.silent) : std::vector<double>{};
}

std::vector<double> sectionStartsS(const Exercise& e, double tempoBpm, int passes) {
    if (e.sections.size() < 2) return {};
    const Bpm tempo(tempoBpm);
    std::vector<double> starts;
    for (int pass = 0; pass < passes; ++pass)
        for (const Section& section : e.sections)
            starts.push_back(pass * passDurationS(e, tempo) + barStartS(e, tempo, section.bar - 1));
    return starts;
}

bool isClosingStroke(const Exercise& e, const TakeFrame& frame, double timeS) {
    constexpr double kNearBeats = 0.1;
    const Bpm tempo(frame.tempoBpm);
    return std::abs(timeS - barStartS(e, tempo, frame.bars)) < kNearBeats * beatDuration(tempo).value();
}

bool isImprovised(const Exercise& e, double tempoBpm, double timeS) {
    const Bpm tempo(tempoBpm);
    const double inPass = quartersAt(e, tempo, std::fmod(std::max(0.0, timeS), passDurationS(e, tempo)));
    return std::any_of(e.freeSpans.begin(), e.freeSpans.end(), [inPass](const FreeSpan& span) {
        constexpr double kEarly = 0.1;  // of a quarter: the first free stroke may come a little early
        return inPass > span.from.toDouble() - kEarly && inPass < span.to.toDouble() - kEarly;
    });
}

bool isBounce(const Exercise& e, const std::vector<WrittenStroke>& page, const std::vector<PageEvent>& events,
              double timeS) {
    constexpr double kEarlyS = 0.02;
    const auto next = std::upper_bound(events.begin(), events.end(), timeS + kEarlyS,
                                       [](double t, const PageEvent& event) { return t < event.gridS; });
    if (next == events.begin()) return false;
    const WrittenStroke& w = page[static_cast<std::size_t>(std::prev(next)->written.front())];
    return e.strokes[static_cast<std::size_t>(w.stroke)].ornament == Ornament::ClosedRoll;
}

bool counts(const Hit& hit, const Sounding& sounding, int event) {
    return event != kNone ||
           (sounding.strength >= kFirmStrength && !sounding.echo && !sounding.foreign && !isBeating(hit));
}

}  // namespace upbeat
