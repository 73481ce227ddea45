#pragma once

#include <filesystem>

#include "table.h"

namespace upbeat::bench {

/// Tempo and beat 1 found in takes without being told. Right: the tempo within 0.1 %, beat 1 within 5 ms of the truth
/// moved by the player's own mean offset, or within 2 ms of it by a click.
[[nodiscard]] Table startTable(const std::filesystem::path& set);
/// The same for simulated takes on kits that were not used in tuning, without and with a click that leaks in.
[[nodiscard]] Table startTable();

}  // namespace upbeat::bench
