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
#include "studio/take_run.h"
#include "studio/worker.h"
#include "upbeat/signal/round_trip.h"

namespace upbeat {

/// Gets the sound right, step by step: which input, how loud, the way round, the player's own three levels, and eight
/// strokes with the click as proof. Each step can be left out and done again; what it changed is kept at once.
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
        Worker& worker;
    };
    SoundCheck(const With& with, MakeStream make);

    enum class Step { Input, Level, RoundTrip, Strokes, Proof };
    static constexpr int kSteps = 5;
    static constexpr int kStrokesEach = 8;

    [[nodiscard]] bool isOpen() const { return m_isOpen; }
    /// Begins at the first step that is not done.
    void open();
    void close();
    [[nodiscard]] Step step() const { return m_step; }
    void goTo(Step step);
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
    [[nodiscard]] bool isMeasuring() const { return m_probe != nullptr; }
    [[nodiscard]] const std::optional<Result<RoundTrip>>& roundTrip() const { return m_roundTrip; }
    /// The one that is kept for the input as it runs, from now or from before.
    [[nodiscard]] std::optional<Calibration> calibration() const { return m_with.calibrations.of(m_with.input); }

    // Own levels: ghost, tap, accent
    [[nodiscard]] const std::array<std::vector<double>, 3>& strokesDb() const { return m_strokesDb; }
    /// The class that is asked for now; none when all are there.
    [[nodiscard]] std::optional<Level> asked() const;
    void playStrokesAgain();

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
    void tick();
    void takeProof();
    [[nodiscard]] TakePlan proofPlan() const;

    With m_with;
    InputLevels m_levels;
    Ear m_ear;
    bool m_isOpen = false;
    Step m_step = Step::Input;
    std::array<bool, kSteps> m_done{};
    double m_peakDb = -120;
    double m_heldDb = -120;  // highest since the last stroke
    std::optional<double> m_loudestDb;
    std::shared_ptr<ProbeRun> m_probe;
    int m_polls = 0;
    std::optional<Result<RoundTrip>> m_roundTrip;
    std::array<std::vector<double>, 3> m_strokesDb;
    bool m_proving = false;
    std::optional<Proof> m_proof;
    QTimer m_ticker;
};

/// "-12 dB, -6 dB": the player's own ghosts and accents against their taps; none before they were played.
struct OwnLevels {
    double ghostDb = 0;
    double accentDb = 0;
};
[[nodiscard]] std::optional<OwnLevels> ownLevelsIn(const Setup& setup);

}  // namespace upbeat
