#include "staff.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace upbeat {

namespace {

struct VoicePlace {
    Voice voice;
    StaffPlace place;
};

// By voice, in the order of the enumeration.
constexpr std::array<VoicePlace, kVoiceCount> kPlaces{{
    {Voice::Snare, {'C', 5, "normal"}},
    {Voice::RimShot, {'C', 5, "slashed"}},
    {Voice::CrossStick, {'C', 5, "x"}},
    {Voice::SnareEdge, {'C', 5, "triangle"}},
    {Voice::Kick, {'F', 4, "normal"}},
    {Voice::HiHatClosed, {'G', 5, "x"}},
    {Voice::HiHatLoose, {'G', 5, "slashed"}},
    {Voice::HiHatOpen, {'G', 5, "circle-x"}},
    {Voice::HiHatFoot, {'D', 4, "x"}},
    {Voice::Ride, {'F', 5, "x"}},
    {Voice::RideBell, {'F', 5, "diamond"}},
    {Voice::Crash, {'A', 5, "x"}},
    {Voice::TomHigh, {'E', 5, "normal"}},
    {Voice::TomMid, {'D', 5, "normal"}},
    {Voice::TomLow, {'A', 4, "normal"}},
    {Voice::Pad, {'B', 4, "normal"}},
    {Voice::CrashChoked, {'A', 5, "cross"}},
}};

}  // namespace

StaffPlace staffPlaceOf(Voice voice) {
    return kPlaces.at(static_cast<std::size_t>(voice)).place;
}

Voice voiceAtPlace(char step, int octave, std::string_view head) {
    const VoicePlace* near = nullptr;
    for (const VoicePlace& entry : kPlaces) {
        if (entry.place.step != step || entry.place.octave != octave) continue;
        if (entry.place.head == head) return entry.voice;
        if (near == nullptr) near = &entry;
    }
    if (near != nullptr) return near->voice;
    return head == "x" ? Voice::HiHatClosed : Voice::Snare;
}

bool dealStroke(Exercise& e, Stroke stroke, bool& rightNext) {
    const auto clashes = [&](const Stroke& other) { return other.at == stroke.at && other.limb == stroke.limb; };
    const auto doubled = [&](const Stroke& other) { return other.at == stroke.at && other.voice == stroke.voice; };
    if (std::any_of(e.strokes.begin(), e.strokes.end(), doubled)) return false;
    if (isHand(stroke.limb)) {
        if (std::any_of(e.strokes.begin(), e.strokes.end(), clashes)) stroke.limb = otherSide(stroke.limb);
        rightNext = stroke.limb == Limb::LeftHand;
    }
    if (std::any_of(e.strokes.begin(), e.strokes.end(), clashes)) return false;
    e.strokes.push_back(stroke);
    return true;
}

}  // namespace upbeat
