#pragma once

#include <QCoreApplication>

#include "studio/sound_check.h"

namespace upbeat {

/// What the sound check says in each of its steps.
class SoundCheckWords {
    Q_DECLARE_TR_FUNCTIONS(SoundCheckWords)

  public:
    explicit SoundCheckWords(const SoundCheck& check) : m_check(check) {}

    [[nodiscard]] QString nameOf(SoundCheck::Step step) const;
    /// What to do in the open step.
    [[nodiscard]] QString instruction() const;
    /// What has come of it; empty before there is anything.
    [[nodiscard]] QString outcome() const;
    /// What its first key does.
    [[nodiscard]] QString action() const;
    [[nodiscard]] bool isTripMeasured() const;

  private:
    using Step = SoundCheck::Step;
    [[nodiscard]] QString padsInWords() const;
    [[nodiscard]] QString roundTripInWords() const;
    [[nodiscard]] QString padTimingInWords() const;
    [[nodiscard]] QString proofInWords() const;

    const SoundCheck& m_check;
};

}  // namespace upbeat
