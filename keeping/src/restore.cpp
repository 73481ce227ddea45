#include "upbeat/keeping/restore.h"

#include <algorithm>
#include <system_error>

#include "backup_files.h"
#include "staging.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/logbook/trash.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

tl::unexpected<Error> notPlaced(const fs::path& file) {
    return fail(UPBEAT_TEXT("what is in the backup cannot be put in its place"), file.string(),
                UPBEAT_TEXT("check that the folder may be written, then restore again"));
}

/// What is written to a logbook stands in the file itself from here on, with nothing beside it.
Result<void> settleLogbook(const fs::path& file) {
    const auto logbook = Logbook::open(file, LogbookAccess::Durable);
    if (!logbook) return tl::unexpected(logbook.error());
    if (auto done = runQuery(**logbook, "PRAGMA wal_checkpoint(TRUNCATE)"); !done) return tl::unexpected(done.error());
    return {};
}

/// Moves a file to its place; what stands there and is another one is set aside.
Result<void> place(const fs::path& staged, const std::string& sha256, const fs::path& to, Restored& done) {
    std::error_code error;
    if (fs::exists(to, error)) {
        if (const auto here = sha256Of(to); here && *here == sha256) return {};
        const fs::path aside = asideName(to, "before");
        if (fs::rename(to, aside, error); error) return notPlaced(to);
        done.setAside.push_back(aside.string());
    }
    fs::create_directories(to.parent_path(), error);
    if (fs::rename(staged, to, error); error) return notPlaced(to);
    syncToDisk(to);
    return {};
}

/// The logbook that stood there keeps a second name before the new one takes the first: there is always one.
Result<void> placeLogbook(const fs::path& staged, const fs::path& to, Restored& done) {
    std::error_code error;
    if (fs::exists(to, error)) {
        const fs::path aside = asideName(to, "before");
        if (settleLogbook(to)) {
            if (fs::create_hard_link(to, aside, error); error) return notPlaced(to);
            done.setAside.push_back(aside.string());
        } else {
            const auto damaged = setAside(to);
            if (!damaged) return tl::unexpected(damaged.error());
            done.setAside.push_back(damaged->string());
        }
    }
    if (fs::rename(staged, to, error); error) return notPlaced(to);
    syncToDisk(to);
    return {};
}

std::vector<std::string> namesIn(const Manifest& manifest, bool withSettings) {
    std::vector<std::string> names;
    for (const auto& [name, entry] : manifest.files)
        if (withSettings || name != kSettingsName) names.push_back(name);
    return names;
}

std::vector<std::string> recordingsAbsentIn(const DataFolder& folder) {
    std::vector<std::string> absent;
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Reading);
    const auto known = logbook ? TakeRepository(**logbook).files() : std::set<std::string>();
    if (!known) return absent;
    const auto letGo = Sounds(**logbook).gone();
    std::error_code error;
    for (const std::string& file : *known)
        if (!fs::exists(folder.takes() / file, error) && !(letGo && letGo->contains(file))) absent.push_back(file);
    return absent;
}

}  // namespace

Result<Restored> restoreAll(const fs::path& backup, const DataFolder& folder, const fs::path& settingsFile) {
    auto staged = Staging::unpack(backup, folder, [&](const Manifest& manifest) {
        std::error_code error;
        return namesIn(manifest, !settingsFile.empty() && !fs::exists(settingsFile, error));
    });
    if (!staged) return tl::unexpected(staged.error());
    if (auto settled = settleLogbook(staged->file(kLogbookName)); !settled) return tl::unexpected(settled.error());
    Restored done{staged->manifest().facts, {}, {}};
    for (const std::string& name : staged->names()) {
        if (name == kLogbookName) continue;
        const fs::path to = name == kSettingsName ? settingsFile : folder.root() / name;
        if (auto placed = place(staged->file(name), staged->manifest().files.at(name).sha256, to, done); !placed)
            return tl::unexpected(placed.error());
    }
    if (auto placed = placeLogbook(staged->file(kLogbookName), folder.logbook(), done); !placed)
        return tl::unexpected(placed.error());
    done.absent = recordingsAbsentIn(folder);
    return done;
}

Result<BackupFacts> restoreLogbook(const fs::path& backup, const DataFolder& folder) {
    auto staged =
        Staging::unpack(backup, folder, [](const Manifest&) { return std::vector<std::string>{kLogbookName}; });
    if (!staged) return tl::unexpected(staged.error());
    if (auto settled = settleLogbook(staged->file(kLogbookName)); !settled) return tl::unexpected(settled.error());
    Restored done;
    if (auto placed = placeLogbook(staged->file(kLogbookName), folder.logbook(), done); !placed)
        return tl::unexpected(placed.error());
    return staged->manifest().facts;
}

}  // namespace upbeat
