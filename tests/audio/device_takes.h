#pragma once

#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <cmath>
#include <optional>
#include <vector>

#include "takes.h"
#include "upbeat/audio/engine.h"
#include "upbeat/audio/take_writer.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/library.h"
#include "upbeat/player/truth.h"

namespace upbeat::test {

inline TakePlan planFor(const char* exercise, double tempo, int bars, int subdivision = 1) {
    TakePlan plan;
    plan.exercise = *builtInExercise(exercise);
    plan.click.tempo = Bpm(tempo);
    plan.click.subdivision = subdivision;
    plan.bars = bars;
    return plan;
}

/// A take on a device, while it runs.
class DeviceTake {
  public:
    DeviceTake(AudioEngine& engine, const DuplexStream& stream, const TakePlan& plan)
        : m_engine(engine), m_run(std::make_shared<RecordingRun>(plan, stream.sampleRate())) {
        auto writer = TakeWriter::start(m_run);
        if (!writer) qFatal("%s", writer.error().sentence().c_str());
        m_writer = *std::move(writer);
        engine.startRun(m_run);
    }
    [[nodiscard]] bool waitForFrames(std::int64_t frames) const {
        return QTest::qWaitFor([&] { return m_run->framesPassed() > frames; }, 60000);
    }
    void giveUp() { m_writer->giveUp(); }
    [[nodiscard]] double passedS() const { return static_cast<double>(m_run->framesPassed()) / m_run->sampleRate(); }
    /// Nothing where it does not come to its end.
    [[nodiscard]] std::optional<FinishedTake> finish() {
        const bool done = QTest::qWaitFor([&] { return m_writer->isDone(); }, 120000);
        m_engine.clearRun();
        FinishedTake take = m_writer->finish();
        return done ? std::optional(std::move(take)) : std::nullopt;
    }

  private:
    AudioEngine& m_engine;
    std::shared_ptr<RecordingRun> m_run;
    std::unique_ptr<TakeWriter> m_writer;
};

inline std::optional<FinishedTake> recorded(AudioEngine& engine, const DuplexStream& stream, const TakePlan& plan) {
    return DeviceTake(engine, stream, plan).finish();
}

inline bool damagedAt(const FinishedTake& take, double timeS) {
    return std::any_of(take.take.frame.damaged.begin(), take.take.frame.damaged.end(),
                       [timeS](const DamagedSpan& s) { return timeS > s.fromS - 0.05 && timeS < s.toS + 0.05; });
}

/// How many frames after its time each click of a looped take stands in the recording, outside damaged spans.
inline std::vector<double> clickOffsets(const FinishedTake& take, const TakePlan& plan, std::size_t longest = 4000) {
    const auto sound = readSound(plan.file);
    std::vector<double> offsets;
    if (!sound) return offsets;
    for (std::int64_t i = 0;; ++i) {
        const double at = TakePlan::kLeadS + clickAt(plan.click, i).timeS;
        const auto from = static_cast<std::size_t>(at * sound->sampleRate) - 400;
        if (at > plan.lastClickS() || from + longest > sound->samples.size()) return offsets;
        if (damagedAt(take, at)) continue;
        const auto part = std::span(sound->samples).subspan(from, longest);
        // What a stalled server has not played cannot come back at a wrong place.
        if (std::all_of(part.begin(), part.end(), [](float v) { return std::abs(v) < 0.01F; })) continue;
        const double onset = trueOnset(part, sound->sampleRate);
        offsets.push_back(onset + static_cast<double>(from) - at * sound->sampleRate);
    }
}

/// Measured minus true times of the strokes that were played, ms, outside damaged spans.
inline std::vector<double> errorsMs(const FinishedTake& take, const TakePlan& plan, const KnownTake& known) {
    TakeFrame frame = take.take.frame;
    frame.latencyS = plan.latencyS;
    const TakeAnalysis a =
        analyzeTake(plan.exercise, frame, take.take.hits, {Profile(), ladderOf(plan.exercise), {}});
    std::vector<double> errors;
    for (const MatchedStroke& s : a.matched.strokes) {
        const double hitS = a.matched.hits[static_cast<std::size_t>(s.hit)].timeS;
        if (damagedAt(take, hitS)) continue;
        for (const TrueHit& t : known.rendered.hits)
            if (t.played.pass == s.written.pass && t.played.stroke == s.written.stroke)
                errors.push_back((hitS - t.timeS) * 1e3);
    }
    return errors;
}

/// How far apart the farthest two are.
inline double farthestApart(const std::vector<double>& offsets) {
    const auto [low, high] = std::minmax_element(offsets.begin(), offsets.end());
    return *high - *low;
}

/// Offsets of clicks that came back through a device that keeps its way round: a frame is what finding them costs.
inline void verifyOneOffset(const char* what, const std::vector<double>& offsets, double frames = 1) {
    qInfo("%s: %zu clicks from %.2f frames on, %.2f apart", what, offsets.size(), offsets.front(),
          farthestApart(offsets));
    QStringList all;
    for (const double offset : offsets) all << QString::number(offset, 'f', 2);
    QVERIFY2(farthestApart(offsets) <= frames, qPrintable(all.join(QLatin1Char(' '))));
}

/// A take whose server is killed in it ends, keeps what had arrived, and its stream comes back from being stopped.
template <class Kill>
void verifyDeath(AudioEngine& engine, DuplexStream& stream, TakePlan plan, Kill kill) {
    QTemporaryDir dir;
    plan.file = dir.filePath(QStringLiteral("dies.flac")).toStdString();
    DeviceTake take(engine, stream, plan);
    QVERIFY(take.waitForFrames(std::int64_t{2} * stream.sampleRate()));
    kill();
    QTRY_COMPARE_WITH_TIMEOUT(stream.health(), StreamHealth::Gone, 60000);
    take.giveUp();
    const auto finished = take.finish();
    QVERIFY(finished.has_value() && finished->stoppedEarly && !finished->writeError);
    QVERIFY(finished->take.durationS > 1.9);
    QCOMPARE(readAudioInfo(plan.file)->durationS, finished->take.durationS);
    stream.stop();
    QCOMPARE(stream.health(), StreamHealth::Gone);
}

/// What 95 of 100 of the figures stay within about their median.
inline double scatter95(const std::vector<double>& figures) {
    const double middle = median(figures);
    std::vector<double> apart;
    for (const double f : figures) apart.push_back(std::abs(f - middle));
    return quantile(apart, 0.95);
}

}  // namespace upbeat::test
