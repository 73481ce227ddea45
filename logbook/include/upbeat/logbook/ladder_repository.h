#pragma once

#include <optional>
#include <string>
#include <vector>

#include "upbeat/coach/ladder.h"
#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// Where an exercise stands on its ladder.
struct LadderState {
    Ladder ladder;
    double tempoBpm = 60;

    friend bool operator==(const LadderState&, const LadderState&) = default;
};

class LadderRepository {
  public:
    explicit LadderRepository(const Logbook& logbook) : m_logbook(logbook) {}

    [[nodiscard]] Result<std::optional<LadderState>> find(const std::string& exerciseId) const;
    [[nodiscard]] Result<void> save(const std::string& exerciseId, const LadderState& state);
    /// Takes of the exercise as the ladder remembers them, oldest first; at most the last 50.
    [[nodiscard]] Result<std::vector<RungTake>> history(const std::string& exerciseId) const;

  private:
    const Logbook& m_logbook;
};

}  // namespace upbeat
