#include "upbeat/voices/pad_kit.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

/// What the page asks for, against the accent: see docs/measures.md, "Levels".
constexpr double kGhostDb = -20;
constexpr double kTapDb = -12;

double along(const PadCurve& curve, double db) {
    const bool lower = db < curve.tapDb;
    const double from = lower ? curve.ghostDb : curve.tapDb;
    const double to = lower ? curve.tapDb : curve.accentDb;
    const double fromTarget = lower ? kGhostDb : kTapDb;
    const double toTarget = lower ? kTapDb : 0;
    return fromTarget + (db - from) * (toTarget - fromTarget) / (to - from);
}

Voice byPedal(const PadKit& kit, int pedal) {
    constexpr double kClosedFrom = 0.7;
    constexpr double kOpenTo = 0.25;
    const double way = static_cast<double>(pedal - kit.pedalOpen) / (kit.pedalClosed - kit.pedalOpen);
    if (way >= kClosedFrom) return Voice::HiHatClosed;
    return way <= kOpenTo ? Voice::HiHatOpen : Voice::HiHatLoose;
}

}  // namespace

double levelOfVelocity(int velocity) {
    constexpr int kHardest = 127;
    return 40.0 * std::log10(std::clamp(velocity, 1, kHardest) / static_cast<double>(kHardest));
}

std::optional<PadCurve> padCurve(double ghostDb, double tapDb, double accentDb) {
    constexpr double kApartDb = 1;
    if (!(tapDb - ghostDb >= kApartDb) || !(accentDb - tapDb >= kApartDb)) return std::nullopt;
    return PadCurve{ghostDb, tapDb, accentDb};
}

Voice voiceOf(const PadKit& kit, const PadNote& note) {
    const Voice voice = kit.voices.at(static_cast<std::size_t>(std::clamp(note.key, 0, kPadKeys - 1)));
    const bool isHiHat = instrumentOf(voice) == Voice::HiHatClosed;
    if (!isHiHat || note.pedal < 0 || kit.pedalClosed == kit.pedalOpen) return voice;
    return byPedal(kit, note.pedal);
}

Hit hitOf(const PadKit& kit, const PadNote& note) {
    constexpr double kSure = 100;
    Hit hit;
    hit.timeS = note.timeS;
    hit.levelDb = levelOfVelocity(note.velocity);
    if (kit.curve) hit.levelDb = along(*kit.curve, hit.levelDb);
    hit.strength = hit.contrastDb = kSure;
    hit.voice = voiceOf(kit, note);
    hit.exact = true;
    return hit;
}

}  // namespace upbeat
