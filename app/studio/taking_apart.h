#pragma once

#include <QObject>
#include <optional>
#include <vector>

#include "studio/review.h"
#include "studio/setup.h"
#include "studio/stand.h"
#include "upbeat/methods/methods.h"

namespace upbeat {

/// An exercise taken apart: the stages of a method, and the one on the stand. Another page on the stand ends it.
class TakingApart : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        Stand& stand;
        Setup& setup;
        const Review& review;
        Notices& notices;
    };
    explicit TakingApart(const With& with);

    [[nodiscard]] bool isOn() const { return !m_stages.empty(); }
    [[nodiscard]] const std::vector<PracticeStage>& stages() const { return m_stages; }
    /// The one on the stand, from 0.
    [[nodiscard]] int stage() const { return m_stage; }
    [[nodiscard]] bool hasNext() const { return m_stage + 1 < static_cast<int>(m_stages.size()); }
    [[nodiscard]] Method method() const { return m_method; }
    [[nodiscard]] std::optional<Method> inner() const { return m_inner; }

    void begin(Method method, std::optional<Method> inner = std::nullopt);
    /// A trouble spot, by a verdict: from half speed with a bar of rest to its bar, then back to the whole.
    void drill(const Span& span);
    /// The hardest spot first: the same, at once at the tempo of the ladder.
    void drillAtTempo(const Span& span);
    void goTo(int stage);
    /// On or back, as a verdict on the stage asks for.
    void follow(const Verdict& verdict);

    /// The stages of a method for an exercise; the spot to isolate is where the take that is open has its trouble.
    /// With `inner` every part is taken apart once more.
    [[nodiscard]] std::vector<PracticeStage> stagesFor(const Exercise& exercise, Method method,
                                                       std::optional<Method> inner = std::nullopt) const;
    /// The part that was reached when this exercise was last taken apart that way; it is kept over a restart.
    [[nodiscard]] int reached(Method method, std::optional<Method> inner) const;

  private:
    void start(Method method, std::optional<Method> inner, std::vector<PracticeStage> stages);
    void finish(const QString& sentence);
    void leaveStalled();

    With m_with;
    std::vector<PracticeStage> m_stages;
    int m_stage = 0;
    bool m_isDrill = false;
    Method m_method = Method::SlowWhole;
    std::optional<Method> m_inner;
    LadderState m_wholeLadder;
};

}  // namespace upbeat
