#pragma once

#include "studio/setup.h"
#include "upbeat/audio/input_id.h"
#include "upbeat/voices/pad_kit.h"

namespace upbeat {

/// What the notes of each electronic kit mean, as they were shown; General MIDI where nothing was.
class PadKits {
  public:
    explicit PadKits(Setup& setup) : m_setup(setup) {}

    [[nodiscard]] PadKit of(const InputId& input) const;
    void keep(const InputId& input, const PadKit& kit);

  private:
    Setup& m_setup;
};

}  // namespace upbeat
