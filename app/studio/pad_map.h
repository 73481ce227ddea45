#pragma once

#include <QObject>
#include <array>
#include <optional>
#include <vector>

#include "studio/ear.h"
#include "studio/pad_kits.h"

namespace upbeat {

/// Learns by hitting what the notes of an electronic kit mean: one voice after the other is asked for, and every key
/// that is struck meanwhile becomes that voice.
class PadMap : public QObject {
    Q_OBJECT
  public:
    PadMap(Ear& ear, const AudioInput& input, PadKits& kits);

    static constexpr std::array kVoices{Voice::Snare,       Voice::RimShot,   Voice::CrossStick, Voice::Kick,
                                        Voice::HiHatClosed, Voice::HiHatOpen, Voice::HiHatFoot,  Voice::Ride,
                                        Voice::RideBell,    Voice::Crash,     Voice::TomHigh,    Voice::TomMid,
                                        Voice::TomLow};
    static constexpr int kRows = static_cast<int>(kVoices.size());
    /// So many strokes on one voice, and the next one is asked for.
    static constexpr int kStrokesEach = 3;

    /// Reads what is known of the open input.
    void begin();
    void end() { m_isOn = false; }
    /// The row that is asked for; kRows when all were.
    [[nodiscard]] int asked() const { return m_asked; }
    void ask(int row);
    /// Strokes on the asked voice so far.
    [[nodiscard]] int strokes() const { return m_strokes; }
    [[nodiscard]] std::vector<int> keysOf(Voice voice) const;
    /// The note that came last, and the voice it is; none before the first.
    [[nodiscard]] const std::optional<PadNote>& last() const { return m_last; }
    [[nodiscard]] std::optional<Voice> lastVoice() const;
    /// What was left out since it began.
    [[nodiscard]] PadGhosts ghosts() const;

  Q_SIGNALS:
    void changed();

  private:
    void hear(const PadNote& note);
    void learn(const PadNote& note);

    Ear& m_ear;
    const AudioInput& m_input;
    PadKits& m_kits;
    PadKit m_kit;
    PadGhosts m_before;
    bool m_isOn = false;
    int m_asked = 0;
    int m_strokes = 0;
    std::optional<PadNote> m_last;
};

}  // namespace upbeat
