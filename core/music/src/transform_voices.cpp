// Rules about hands and voices.
#include <algorithm>
#include <cmath>
#include <numeric>

#include "hands_and_voices.h"
#include "upbeat/music/transform.h"

namespace upbeat {

Limb otherHand(Limb limb) {
    return isHand(limb) ? otherSide(limb) : limb;
}

bool isCymbal(Voice voice) {
    switch (instrumentOf(voice)) {
        case Voice::HiHatClosed:
        case Voice::HiHatFoot:
        case Voice::Ride:
        case Voice::Crash:
            return true;
        default:
            return false;
    }
}

bool isDrumOfHands(const Stroke& s) {
    return isHand(s.limb) && !isCymbal(s.voice);
}

namespace {

bool isTaken(const Exercise& e, const Stroke& stroke, Voice voice, Limb limb) {
    return std::any_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s) {
        return &s != &stroke && s.at == stroke.at && (s.voice == voice || s.limb == limb);
    });
}

void move(Exercise& e, Stroke& stroke, Voice voice, Limb limb) {
    if (isTaken(e, stroke, voice, limb)) return;
    stroke.voice = voice;
    stroke.limb = limb;
}

}  // namespace

Exercise mirrored(Exercise exercise) {
    for (Stroke& s : exercise.strokes) s.limb = otherHand(s.limb);
    return inOrder(std::move(exercise));
}

Exercise revoiced(Exercise e, Revoicing rule) {
    for (Stroke& s : e.strokes) {
        if (!isHand(s.limb)) continue;
        const bool right = s.limb == Limb::RightHand;
        switch (rule) {
            case Revoicing::HandsOnRideAndHat:
                move(e, s, right ? Voice::Ride : Voice::HiHatClosed, s.limb);
                break;
            case Revoicing::AccentsToToms:
                if (s.level == Level::Accent && !isCymbal(s.voice))
                    move(e, s, right ? Voice::TomLow : Voice::TomHigh, s.limb);
                break;
            case Revoicing::RightHandToBass:
                if (right) move(e, s, Voice::Kick, Limb::RightFoot);
                break;
            case Revoicing::AllOnThePad:
                move(e, s, Voice::Pad, s.limb);
                break;
        }
    }
    return inOrder(std::move(e));
}

}  // namespace upbeat
