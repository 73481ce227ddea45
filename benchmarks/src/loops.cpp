#include "loops.h"

#include <fmt/format.h>

#include <array>
#include <cmath>

#include "table.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/music/library.h"
#include "upbeat/player/render.h"
#include "upbeat/signal/loop_watch.h"
#include "upbeat/signal/round_trip.h"
#include "upbeat/take/click_marks.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

constexpr int kRate = 48000;
constexpr int kRooms = 40;

double amplitude(double db) {
    return std::pow(10.0, db / 20.0);
}

/// A way through the air: the direct sound, a dozen early reflections, and a tail that dies; as an impulse response at
/// a fraction of a sample. Written apart from what measures it and from the player's rooms.
struct Path {
    std::vector<std::pair<double, double>> taps;  // seconds, gain

    Path(Random& random, double reflections) {
        taps.emplace_back(0.0, 1.0);
        for (int i = 0; i < 12; ++i)
            taps.emplace_back(random.uniform(0.0008, 0.030), reflections * random.uniform(-0.6, 0.6));
        for (int i = 0; i < 120; ++i) {
            const double at = random.uniform(0.02, 0.25);
            taps.emplace_back(at, reflections * random.uniform(-0.25, 0.25) * std::exp(-at / 0.08));
        }
    }
    /// Lays a sound that starts at `atS`, by its formula interpolated between samples.
    void lay(std::vector<float>& out, const std::vector<float>& sound, double atS, double gain) const {
        for (const auto& [laterS, tap] : taps) {
            const double at = (atS + laterS) * kRate;
            const auto from = static_cast<std::int64_t>(std::floor(at));
            const double rest = at - static_cast<double>(from);
            for (std::size_t i = 0; i + 1 < sound.size(); ++i) {
                const auto k = from + static_cast<std::int64_t>(i) + 1;
                if (k < 0 || k >= static_cast<std::int64_t>(out.size())) continue;
                // Four-point Lagrange between samples i and i + 1.
                const auto s = [&](std::size_t j) { return static_cast<double>(j < sound.size() ? sound[j] : 0.0F); };
                const double u = 1 - rest;
                const double before = i == 0 ? 0.0 : s(i - 1);
                const double value = -u * (u - 1) * (u - 2) / 6 * before + (u + 1) * (u - 1) * (u - 2) / 2 * s(i) -
                                     (u + 1) * u * (u - 2) / 2 * s(i + 1) + (u + 1) * u * (u - 1) / 6 * s(i + 2);
                out[static_cast<std::size_t>(k)] += static_cast<float>(gain * tap * value);
            }
        }
    }
};

void addNoise(std::vector<float>& out, double rmsDb, Random& random) {
    const double gain = amplitude(rmsDb);
    double slow = 0;
    for (float& v : out) {
        slow = 0.97 * slow + 0.25 * random.normal();
        v += static_cast<float>(gain * (0.7 * slow + 0.5 * random.normal()));
    }
}

}  // namespace

Table roundTripTable() {
    Table table{"Round trips measured in simulated rooms",
                {"peak dBFS", "rooms", "accepted", "error median ms", "largest ms", "outside its interval"},
                {}};
    for (const double level : {-20.0, -30.0, -40.0, -50.0, -55.0, -60.0}) {
        int accepted = 0;
        int outside = 0;
        std::vector<double> errors;
        for (int room = 0; room < kRooms; ++room) {
            Random random(static_cast<std::uint64_t>(7000 + room));
            const Path path(random, 0.2 + 0.8 * room / kRooms);
            const double truth = random.uniform(0.004, 0.06);
            std::vector<float> recording(static_cast<std::size_t>(roundTripLengthS() * kRate));
            const auto sound = roundTripSound(kRate);
            for (const double at : roundTripTimesS()) path.lay(recording, sound, at + truth, amplitude(level));
            addNoise(recording, -72, random);
            const auto trip = measureRoundTrip(recording, kRate);
            if (!trip) continue;
            ++accepted;
            const double errorMs = (trip->latencyS - truth) * 1e3;
            errors.push_back(std::abs(errorMs));
            if (std::abs(errorMs) > trip->uncertainMs) ++outside;
        }
        table.rows.push_back(
            {fmt::format("{:.0f}", level), fmt::format("{}", kRooms), fmt::format("{}", accepted),
             errors.empty() ? "-" : fmt::format("{:.3f}", median(errors)),
             errors.empty() ? "-" : fmt::format("{:.3f}", *std::max_element(errors.begin(), errors.end())),
             fmt::format("{}", outside)});
    }
    return table;
}

namespace {

struct LoopCount {
    int takes = 0;
    int notChecked = 0;
    int agrees = 0;
    int differs = 0;
    int jumps = 0;
    std::vector<double> errorsMs;
};

struct Way {
    double latencyS;
    double levelDb;
    double jumpMs;
    double jumpAtS;
};

/// As they arrive, before and after the jump; each from the sample on at which it is played.
void addClicks(std::vector<float>& out, const std::vector<ClickMark>& marks, const std::vector<std::vector<float>>& dry,
               const Path& path, const Way& way) {
    std::array<std::vector<std::vector<float>>, 2> arriving;
    for (std::size_t later = 0; later < arriving.size(); ++later)
        for (const auto& wave : dry) {
            auto& sound = arriving.at(later).emplace_back(static_cast<std::size_t>(0.4 * kRate));
            path.lay(sound, wave, way.latencyS + (later > 0 ? way.jumpMs * 1e-3 : 0.0), amplitude(way.levelDb));
        }
    for (const ClickMark& mark : marks) {
        const auto& wave = arriving.at(mark.timeS > way.jumpAtS ? 1 : 0).at(static_cast<std::size_t>(mark.kind));
        const auto from = static_cast<std::size_t>(std::llround(mark.timeS * kRate));
        for (std::size_t i = 0; i < wave.size() && from + i < out.size(); ++i) out[from + i] += wave[i];
    }
}

/// A simulated player in a room, and the click that comes through a path of its own; it jumps in the middle.
LoopCheck checkOne(std::uint64_t seed, double levelDb, double jumpMs, double& errorMs) {
    constexpr std::array kPages{"singles-sixteenths", "paradiddle-accents", "swung-ride", "ghosted-backbeat",
                                "flam-taps"};
    Random random(seed);
    const auto exercise = builtInExercise(kPages.at(seed % kPages.size()));
    const double tempo = random.uniform(70, 160);
    const int bars = 8;
    Recording recording;
    recording.kitSeed = seed;
    recording.rt60S = random.uniform(0.0, 0.5);
    recording.noiseDb = -75;
    ClickPlan click = clickFor(*exercise, Bpm(tempo));
    recording.leadS = 0.25 + click.firstBeat().value();
    Character character;
    character.spreadMs = random.uniform(2, 12);
    const Performance performance = perform(*exercise, Bpm(tempo), bars / exercise->bars, character, seed);
    const double playingS = barStartS(*exercise, Bpm(tempo), bars);
    const double twoBeatsS = 2 * 60 / tempo;
    RenderedTake take = render(performance, playingS + twoBeatsS, recording);
    const double truth = random.uniform(0.010, 0.05);
    const Path path(random, random.uniform(0.2, 1.0));
    const double endS = recording.leadS + playingS + 1e-6;
    const auto marks = clickMarks(click, recording.leadS, endS + twoBeatsS, endS);
    const auto dry = clickSounds(kRate);
    const double jumpAtS = recording.leadS + random.uniform(0.3, 0.6) * (endS - recording.leadS);
    addClicks(take.sound.samples, marks, dry, path, {truth, levelDb, jumpMs, jumpAtS});
    LoopWatch watch(marks, dry, kRate);
    watch.push(take.sound.view());
    const LoopCheck check = checkLoop(watch.finish(), truth);
    errorMs = (check.lagS - truth) * 1e3;
    return check;
}

}  // namespace

Table loopTable() {
    Table table{
        "The click heard in the take",
        {"click peak dBFS", "jump ms", "takes", "not checked", "agrees", "differs", "jump seen", "lag error 95 % ms"},
        {}};
    for (const double level : {-20.0, -30.0, -40.0, -50.0})
        for (const double jumpMs : {0.0, 5.0, -8.0, 20.0}) {
            LoopCount count;
            for (std::uint64_t seed = 0; seed < 40; ++seed) {
                double errorMs = 0;
                const LoopCheck check = checkOne(80000 + seed, level, jumpMs, errorMs);
                ++count.takes;
                count.notChecked += check.state == LoopCheck::State::NotHeard;
                count.agrees += check.state == LoopCheck::State::Agrees;
                count.differs += check.state == LoopCheck::State::Differs;
                count.jumps += check.state == LoopCheck::State::Jumps;
                if (check.state != LoopCheck::State::NotHeard) count.errorsMs.push_back(std::abs(errorMs));
            }
            table.rows.push_back(
                {fmt::format("{:.0f}", level), fmt::format("{:.0f}", jumpMs), fmt::format("{}", count.takes),
                 fmt::format("{}", count.notChecked), fmt::format("{}", count.agrees), fmt::format("{}", count.differs),
                 fmt::format("{}", count.jumps),
                 count.errorsMs.empty() ? "-" : fmt::format("{:.2f}", quantile(count.errorsMs, 0.95))});
        }
    return table;
}

}  // namespace upbeat::bench
