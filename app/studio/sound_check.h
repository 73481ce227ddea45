#pragma once

#include <QObject>
#include <QTimer>
#include <array>
#include <optional>
#include <vector>

#include "studio/calibrations.h"
#include "studio/ear.h"
#include "studio/input_levels.h"
#include "studio/input_list.h"
#include "studio/own_levels.h"
#include "studio/pad_map.h"
#include "studio/pad_timer.h"
#include "studio/round_trip_run.h"
#include "studio/take_run.h"

namespace upbeat {

/// Gets the sound right, step by step: which input, how loud, the way round, the player's own three levels, and eight
/// strokes with the click as proof; of an electronic kit what its pads are in place of how loud it is. Each step can be
/// left out and done again; what it changed is kept at once.
class SoundCheck : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        AudioInput& input;
        InputList& inputs;
        TakeRun& run;
        Setup& setup;
        Calibrations& calibrations;
        PadKits& padKits;
        Worker& worker;
    };
    SoundCheck(const With& with, MakeStream make);

    enum class Step { Input, Level, Pads, RoundTrip, Strokes, Proof };
    static constexpr int kSteps = 6;
    static constexpr int kStrokesEach = 8;

    [[nodiscard]] bool isOpen() const { return m_isOpen; }
    /// Begins at the first step that is not done.
    void open();
    void close();
    /// Those that the input needs, in their order.
    [[nodiscard]] std::vector<Step> steps() const;
    [[nodiscard]] Step step() const { return m_step; }
    void goTo(Step step);
    /// To the one after this; nothing happens at the last.
    void goOn();
    [[nodiscard]] bool isDone(Step step) const { return m_done.at(static_cast<std::size_t>(step)); }

    // Which input
    [[nodiscard]] const InputLevels& levels() const { return m_levels; }
    void choose(const InputId& id);

    [[nodiscard]] const FoundInputs& found() const { return m_with.inputs.found(); }

    // How loud: good is between these, dBFS
    static constexpr double kHotDb = -3;
    static constexpr double kFaintDb = -30;
    enum class Loudness { Unheard, Faint, Good, Hot };
    [[nodiscard]] double peakDb() const { return m_peakDb; }
    [[nodiscard]] std::optional<double> loudestDb() const { return m_loudestDb; }
    [[nodiscard]] Loudness loudness() const;

    // The way round
    void measureRoundTrip();
    [[nodiscard]] bool isMeasuring() const { return m_roundTripRun.isRunning() || m_padTimer.isRunning(); }
    [[nodiscard]] const std::optional<Result<RoundTrip>>& roundTrip() const { return m_roundTripRun.outcome(); }
    /// The one that is kept for the input as it runs, from now or from before.
    [[nodiscard]] std::optional<Calibration> calibration() const { return m_with.calibrations.of(m_with.input); }

    // An electronic kit: what its pads are, and how long its notes take
    [[nodiscard]] bool isMidi() const { return m_with.input.isMidi(); }
    [[nodiscard]] PadMap& padMap() { return m_padMap; }
    [[nodiscard]] const PadMap& padMap() const { return m_padMap; }
    [[nodiscard]] PadTimer& padTimer() { return m_padTimer; }
    [[nodiscard]] const PadTimer& padTimer() const { return m_padTimer; }

    // Own levels: ghost, tap, accent
    [[nodiscard]] const std::array<std::vector<double>, 3>& strokesDb() const { return m_strokesDb; }
    /// The class that is asked for now; none when all are there.
    [[nodiscard]] std::optional<Level> asked() const;
    void playStrokesAgain();
    /// Three that could not be told apart were played: nothing was kept.
    [[nodiscard]] bool isUneven() const { return m_isUneven; }

    // The proof
    void prove();
    struct Proof {
        int strokes = 0;
        std::optional<Figure> placementMs;
        std::optional<Figure> spreadMs;
        AnchorKind anchor = AnchorKind::Given;
    };
    [[nodiscard]] const std::optional<Proof>& proof() const { return m_proof; }

  Q_SIGNALS:
    void changed();

  private:
    void enter();
    void finish(Step step);
    void hearStroke(double levelDb);
    void keepStrokes();
    void keepTrip(double latencyS, double uncertainMs);
    void tick();
    void takeProof();
    [[nodiscard]] TakePlan proofPlan() const;

    With m_with;
    InputLevels m_levels;
    Ear m_ear;
    PadMap m_padMap;
    RoundTripRun m_roundTripRun;
    PadTimer m_padTimer;
    bool m_isOpen = false;
    Step m_step = Step::Input;
    std::array<bool, kSteps> m_done{};
    double m_peakDb = -120;
    double m_heldDb = -120;  // highest since the last stroke
    std::optional<double> m_loudestDb;
    std::array<std::vector<double>, 3> m_strokesDb;
    bool m_isUneven = false;
    bool m_proving = false;
    std::optional<Proof> m_proof;
    QTimer m_ticker;
};

}  // namespace upbeat
