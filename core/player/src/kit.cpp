#include "upbeat/player/kit.h"

#include <algorithm>

#include "upbeat/units/random.h"

namespace upbeat {

namespace {

/// Mode ratios of an ideal circular membrane (zeros of Bessel functions over the first one).
constexpr std::array<double, 7> kMembraneRatios{1.0, 1.593, 2.136, 2.296, 2.653, 2.918, 3.156};

std::vector<Partial> membrane(double hz, double decayS, double gain, Random& r) {
    std::vector<Partial> partials;
    for (std::size_t i = 0; i < kMembraneRatios.size(); ++i) {
        const double rank = static_cast<double>(i);
        partials.push_back({hz * kMembraneRatios[i] * r.uniform(0.97, 1.03),
                            gain * r.uniform(0.5, 1.0) / (1.0 + 0.7 * rank),
                            decayS * r.uniform(0.7, 1.2) / (1.0 + 0.45 * rank), r.uniform(0.0003, 0.0009)});
    }
    return partials;
}

std::vector<Partial> metal(double hz, double decayS, double gain, int count, Random& r) {
    std::vector<Partial> partials;
    for (int i = 0; i < count; ++i) {
        const double f = hz * (1.0 + 0.83 * i + r.uniform(0.0, 0.5));
        partials.push_back({f, gain * r.uniform(0.3, 1.0) / (1.0 + 0.15 * i), decayS * r.uniform(0.5, 1.3), 0.0004});
    }
    return partials;
}

Burst stick(double gain, Random& r) {
    return {r.uniform(1500, 3000), r.uniform(9000, 14000), gain, r.uniform(0.002, 0.005), 0.0002, 0};
}

Recipe snare(double tune, double wires, double stickGain, Random& r) {
    Recipe recipe{membrane(tune, r.uniform(0.04, 0.10), 1.0, r), {}};
    recipe.bursts.push_back(stick(stickGain, r));
    recipe.bursts.push_back({r.uniform(1200, 2200), r.uniform(7000, 12000), wires, r.uniform(0.03, 0.065), 0.001,
                             r.uniform(0.0005, 0.004)});
    return recipe;
}

Recipe hat(double decayS, double body, Random& r) {
    Recipe recipe{metal(r.uniform(2600, 3600), decayS * 0.7, body, 6, r), {}};
    recipe.bursts.push_back(stick(0.8, r));
    recipe.bursts.push_back({r.uniform(4500, 7000), 18000, 1.0, decayS, 0.0004, 0});
    return recipe;
}

Recipe cymbal(double hz, double decayS, double wash, double ping, Random& r) {
    Recipe recipe{metal(hz, decayS, ping, 12, r), {}};
    recipe.bursts.push_back(stick(1.0, r));
    recipe.bursts.push_back({r.uniform(2000, 4000), 16000, wash, decayS * 0.8, 0.002, 0});
    return recipe;
}

Recipe drum(double hz, double decayS, double stickGain, double attackS, Random& r) {
    Recipe recipe{membrane(hz, decayS, 1.0, r), {stick(stickGain, r)}};
    for (Partial& partial : recipe.partials) partial.attackS = attackS;
    return recipe;
}

/// The same cymbal held at once: what rings on is short.
Recipe choked(Recipe cymbal) {
    constexpr double kLongestS = 0.05;
    for (Partial& partial : cymbal.partials) partial.decayS = std::min(partial.decayS, kLongestS);
    for (Burst& burst : cymbal.bursts) burst.decayS = std::min(burst.decayS, kLongestS);
    return cymbal;
}

Recipe& at(Kit& kit, Voice voice) {
    return kit.recipes.at(static_cast<std::size_t>(voice));
}

}  // namespace

Kit makeKit(std::uint64_t seed) {
    Random r(seed * 7919 + 17);
    Kit kit;
    const double snareHz = r.uniform(165, 240);
    at(kit, Voice::Snare) = snare(snareHz, r.uniform(0.5, 1.1), r.uniform(0.5, 1.2), r);
    at(kit, Voice::RimShot) = snare(snareHz * 1.9, r.uniform(0.4, 0.8), r.uniform(1.5, 2.5), r);
    at(kit, Voice::CrossStick) = drum(r.uniform(700, 1100), 0.02, 1.6, 0.0003, r);
    at(kit, Voice::SnareEdge) = snare(snareHz * 1.2, r.uniform(0.2, 0.5), r.uniform(0.4, 0.8), r);
    at(kit, Voice::Kick) =
        drum(r.uniform(48, 70), r.uniform(0.08, 0.22), r.uniform(0.10, 0.35), r.uniform(0.001, 0.003), r);
    at(kit, Voice::HiHatClosed) = hat(r.uniform(0.02, 0.05), 0.3, r);
    at(kit, Voice::HiHatLoose) = hat(r.uniform(0.12, 0.22), 0.35, r);
    at(kit, Voice::HiHatOpen) = hat(r.uniform(0.35, 0.6), 0.4, r);
    at(kit, Voice::HiHatFoot) = hat(r.uniform(0.02, 0.04), 0.5, r);
    at(kit, Voice::Ride) = cymbal(r.uniform(450, 800), r.uniform(0.5, 1.0), 0.35, 0.5, r);
    at(kit, Voice::RideBell) = cymbal(r.uniform(900, 1300), r.uniform(0.6, 1.0), 0.2, 1.2, r);
    at(kit, Voice::Crash) = cymbal(r.uniform(300, 500), r.uniform(0.8, 1.3), 1.0, 0.3, r);
    at(kit, Voice::CrashChoked) = choked(at(kit, Voice::Crash));
    at(kit, Voice::TomHigh) = drum(r.uniform(160, 210), r.uniform(0.15, 0.3), 0.6, 0.0008, r);
    at(kit, Voice::TomMid) = drum(r.uniform(110, 150), r.uniform(0.18, 0.35), 0.5, 0.001, r);
    at(kit, Voice::TomLow) = drum(r.uniform(75, 105), r.uniform(0.2, 0.4), 0.5, 0.0012, r);
    at(kit, Voice::Pad) = drum(r.uniform(280, 520), r.uniform(0.008, 0.02), r.uniform(0.8, 1.6), 0.0004, r);
    return kit;
}

Kit makeHardKit(std::uint64_t seed) {
    Kit kit = makeKit(seed);
    Random r(seed * 6271 + 5);
    const auto ringLonger = [&](Voice voice, double factor) {
        for (Partial& partial : at(kit, voice).partials) partial.decayS *= factor;
    };
    for (const Voice voice : {Voice::Snare, Voice::SnareEdge, Voice::RimShot}) {
        auto& bursts = at(kit, voice).bursts;
        bursts[0].gain *= r.uniform(0.15, 0.4);  // the stick
        bursts[1].delayS = r.uniform(0.006, 0.022);
        bursts[1].attackS = r.uniform(0.001, 0.004);
        bursts[1].gain *= r.uniform(1.0, 1.8);
        ringLonger(voice, r.uniform(1.5, 3.0));
    }
    Recipe& kick = at(kit, Voice::Kick);
    for (Partial& partial : kick.partials) partial.attackS = r.uniform(0.003, 0.007);
    kick.bursts[0].gain *= 0.4;
    kick.bursts.push_back(kick.bursts[0]);
    kick.bursts.back().delayS = r.uniform(0.012, 0.022);
    for (const Voice voice : {Voice::TomHigh, Voice::TomMid, Voice::TomLow}) ringLonger(voice, r.uniform(1.8, 2.6));
    for (const Voice voice : {Voice::Ride, Voice::RideBell, Voice::Crash, Voice::HiHatOpen, Voice::HiHatLoose}) {
        const double longer = r.uniform(1.5, 2.2);
        ringLonger(voice, longer);
        at(kit, voice).bursts.back().decayS *= longer;
    }
    return kit;
}

}  // namespace upbeat
