#pragma once

#include <memory>
#include <vector>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// What there is to listen to.
struct FoundInputs {
    std::vector<InputDevice> devices;  ///< Of the first sound server that can be used.
    std::vector<Error> refusals;       ///< Why those before it cannot be used, in the order in which they were asked.

    friend bool operator==(const FoundInputs& a, const FoundInputs& b) {
        return a.devices == b.devices && a.refusals.size() == b.refusals.size();
    }
};

/// Asks PipeWire, then JACK, then PulseAudio, and stops at the first that has inputs. Takes a moment: not on the thread
/// of a window.
[[nodiscard]] FoundInputs findInputs();

/// The stream of an input of a sound server, not started yet. Null for the simulated player, which needs none.
[[nodiscard]] std::unique_ptr<DuplexStream> streamOf(const InputId& id);

/// Streams that only play, one for each server, in the order in which they are tried.
[[nodiscard]] std::vector<std::unique_ptr<DuplexStream>> speakers();

}  // namespace upbeat
