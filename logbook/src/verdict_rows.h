#pragma once

#include "take_rows.h"

namespace upbeat {

// The verdict of the day as it stands in the tables `verdict`, `gate` and `figure`.

[[nodiscard]] std::vector<Cell> cellsOf(const Verdict& verdict);
[[nodiscard]] std::vector<Cell> cellsOf(const Gate& gate);
/// Without its reason, which may speak of a gate.
[[nodiscard]] Verdict verdictFrom(const Row& row);
/// `gates` are those of the same take.
[[nodiscard]] Reason reasonFrom(const Row& row, const std::vector<Gate>& gates);
/// None where the row speaks of a gate that this program does not know.
[[nodiscard]] std::optional<Gate> gateFrom(const Row& row);

}  // namespace upbeat
