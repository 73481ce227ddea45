#pragma once

#include <map>
#include <set>
#include <string>
#include <vector>

#include "upbeat/keeping/backup.h"
#include "zip_archive.h"

namespace upbeat {

inline constexpr const char* kManifestName = "backup.json";
inline constexpr const char* kLogbookName = "logbook.db";
inline constexpr const char* kSettingsName = "settings.ini";

/// A file of the player, and what it is called in a backup.
struct PlayersFile {
    std::string name;  ///< "takes/NAME.flac"
    std::filesystem::path file;
};

/// The files of takes that a logbook knows, whether they have their names already or are still called parts; what is
/// not there is left out.
[[nodiscard]] std::vector<PlayersFile> filesOfTakes(const DataFolder& folder, const std::set<std::string>& known,
                                                    bool withSound);
/// Exercises, kits and settings.
[[nodiscard]] std::vector<PlayersFile> ownFiles(const DataFolder& folder, const std::filesystem::path& settingsFile);

/// A name that a backup may hold: nothing else is ever written by it.
[[nodiscard]] bool isPlayersName(const std::string& name);

/// What backup.json says.
struct Manifest {
    struct Entry {
        std::uintmax_t bytes = 0;
        std::string sha256;
    };
    BackupFacts facts;
    std::map<std::string, Entry> files;
};
[[nodiscard]] std::string toJson(const Manifest& manifest);
/// Reads and checks it.
[[nodiscard]] Result<Manifest> manifestFromJson(std::string_view text, const std::filesystem::path& backup);
[[nodiscard]] Result<Manifest> manifestOf(const ZipReader& zip, const std::filesystem::path& backup);

/// Unpacks some files of a backup into an empty folder, each proven against the manifest.
[[nodiscard]] Result<void> unpackInto(const std::filesystem::path& folder, const ZipReader& zip,
                                      const Manifest& manifest, const std::vector<std::string>& names,
                                      const std::filesystem::path& backup);

}  // namespace upbeat
