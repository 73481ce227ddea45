#pragma once

#include <optional>
#include <string>
#include <vector>

#include "upbeat/ladder/ladder.h"
#include "upbeat/logbook/logbook.h"
#include "upbeat/logbook/take_repository.h"

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
    /// The last takes of the exercise that count, as the ladder remembers them, oldest first; those before a moment
    /// where one is given. Enough of them for any verdict: 50.
    [[nodiscard]] Result<std::vector<RungTake>> history(const std::string& exerciseId,
                                                        const std::optional<TakeMoment>& before = {}) const;

  private:
    const Logbook& m_logbook;
};

}  // namespace upbeat
