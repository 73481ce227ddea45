#include "bleed.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/music/library.h"
#include "upbeat/player/render.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/click_marks.h"

namespace upbeat::bench {

namespace {

constexpr double kNoClickDb = -150;
constexpr std::array<double, 6> kLevelsDb{kNoClickDb, -50, -40, -30, -20, -15};
constexpr int kClicksEach = 200;
constexpr double kTempo = 120;

Exercise quarters() {
    Exercise e = *builtInExercise("singles-sixteenths");
    std::erase_if(e.strokes, [](const Stroke& s) { return s.at.denominator() != 1; });
    return e;
}

struct Count {
    int invented = 0;
    int hidden = 0;
    double furthestMs = 0;
};

std::vector<Hit> firmHits(const RenderedTake& take) {
    const ClickPlan click{Bpm(kTempo), {4, 4}};
    auto hits = detectHits(take.sound.view(), take.sound.sampleRate,
                           clickMarks(click, take.firstBeatS, take.sound.durationS()));
    std::erase_if(hits, [&](const Hit& hit) {
        return hit.strength < kFirmStrength || hit.timeS < take.firstBeatS - 0.02;  // the count-in is the click's
    });
    return hits;
}

Recording recordingWith(double bleedDb) {
    Recording recording;
    recording.kitSeed = 9001;
    recording.leadS = 2.5;
    recording.noiseDb = -75;
    recording.bleed = ClickPlan{Bpm(kTempo), {4, 4}};
    recording.bleedDb = bleedDb;
    return recording;
}

Count countAt(double bleedDb) {
    const double durationS = kClicksEach * 60.0 / kTempo;
    Count count;
    count.invented = static_cast<int>(firmHits(render({}, durationS, recordingWith(bleedDb))).size());
    Character machine;
    machine.spreadMs = machine.wanderMs = 0;
    const Performance onClicks = perform(quarters(), Bpm(kTempo), kClicksEach / 4, machine, 1);
    const RenderedTake take = render(onClicks, durationS, recordingWith(bleedDb));
    const auto hits = firmHits(take);
    for (const TrueHit& truth : take.hits) {
        const auto nearest = std::min_element(hits.begin(), hits.end(), [&](const Hit& a, const Hit& b) {
            return std::abs(a.timeS - truth.timeS) < std::abs(b.timeS - truth.timeS);
        });
        const double away = nearest == hits.end() ? 1.0 : std::abs(nearest->timeS - truth.timeS);
        if (away > 0.025)
            ++count.hidden;
        else
            count.furthestMs = std::max(count.furthestMs, away * 1e3);
    }
    count.invented += std::max(
        0, static_cast<int>(hits.size() + static_cast<std::size_t>(count.hidden)) - static_cast<int>(take.hits.size()));
    return count;
}

}  // namespace

Table bleedTable() {
    Table table{
        "Leaking click", {"peak dBFS", "clicks alone", "on strokes", "invented", "hidden", "moved most ms"}, {}};
    Count all;
    for (const double db : kLevelsDb) {
        const Count count = countAt(db);
        const bool none = db == kNoClickDb;
        table.rows.push_back({none ? std::string("none") : fmt::format("{:g}", db), fmt::format("{}", kClicksEach),
                              fmt::format("{}", kClicksEach), fmt::format("{}", count.invented),
                              fmt::format("{}", count.hidden), fmt::format("{:.2f}", count.furthestMs)});
        if (none) continue;
        all.invented += count.invented;
        all.hidden += count.hidden;
        all.furthestMs = std::max(all.furthestMs, count.furthestMs);
    }
    const int clicks = kClicksEach * static_cast<int>(kLevelsDb.size() - 1);
    table.rows.push_back({"all", fmt::format("{}", clicks), fmt::format("{}", clicks), fmt::format("{}", all.invented),
                          fmt::format("{}", all.hidden), fmt::format("{:.2f}", all.furthestMs)});
    return table;
}

}  // namespace upbeat::bench
