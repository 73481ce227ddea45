#pragma once

#include <filesystem>
#include <functional>

#include "upbeat/logbook/data_folder.h"

namespace upbeat::crash {

/// What can be cut short that touches takes which are kept already.
enum class Keeping { BackUp, Restore, Remove, EmptyTrash };
inline constexpr int kKeepings = 4;

/// Where they are done, below one folder.
struct KeepingPlaces {
    std::filesystem::path root;

    [[nodiscard]] std::filesystem::path player() const { return root / "player"; }
    [[nodiscard]] std::filesystem::path whole() const { return root / "whole.zip"; }  ///< All takes; nobody touches it.
    [[nodiscard]] std::filesystem::path backups() const { return root / "backups"; }
    [[nodiscard]] std::filesystem::path backup() const { return backups() / "again.zip"; }
};

/// Removes takes of the log, newest first the 0th; false where the logbook refuses.
bool removeThose(const DataFolder& folder, const std::function<bool(std::size_t)>& which);
bool emptyTrash(const DataFolder& folder);

/// Does it once, after a line "open" on standard output. Exit status 1 where it is refused.
int keep(const KeepingPlaces& places, Keeping what, unsigned seed);

/// Kills that at random moments and judges what is left: every take there once and whole, the old backup or the new
/// one, and doing it again finishes it. Prints the table of docs/reliability.md.
int driveKeeping(int kills, unsigned seed);

}  // namespace upbeat::crash
