#include "upbeat/keeping/merge.h"

#include <fmt/format.h>

#include <system_error>

#include "staging.h"
#include "two_logbooks.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/logbook/query.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

/// A name in the folder of takes that is free, or stands for the same sound; `sha256` of it, empty where there is none.
std::string nameFor(const std::string& file, const std::string& sha256, const fs::path& takes) {
    const fs::path name(file);
    for (int number = 1;; ++number) {
        const std::string stem =
            number == 1 ? name.stem().string() : fmt::format("{}-{}", name.stem().string(), number);
        std::error_code error;
        const fs::path here = takes / (stem + ".flac");
        if (!fs::exists(here, error) && !fs::exists(here.string() + ".part", error)) return stem + ".flac";
        if (const auto known = sha256Of(here); known && *known == sha256) return stem + ".flac";
    }
}

Result<void> placeIfAbsent(const fs::path& staged, const fs::path& to) {
    std::error_code error;
    if (!fs::exists(staged, error) || fs::exists(to, error)) return {};
    if (fs::rename(staged, to, error); error)
        return fail(UPBEAT_TEXT("what is in the backup cannot be put in its place"), to.string(),
                    UPBEAT_TEXT("check that the folder may be written, then try again"));
    syncToDisk(to);
    return {};
}

/// Recordings and sidecars of the takes that come; what has no sound in the backup keeps its name alone.
Result<void> bringRecordings(std::vector<Newcomer>& takes, Staging& staged, const DataFolder& folder) {
    std::vector<std::string> wanted;
    const auto sidecarOf = [](const std::string& file) { return fs::path(file).stem().string() + ".json"; };
    for (const Newcomer& take : takes)
        for (const std::string& name : {take.file, sidecarOf(take.file)})
            if (!take.file.empty() && staged.manifest().files.count("takes/" + name) > 0)
                wanted.push_back("takes/" + name);
    if (auto unpacked = staged.unpackAlso(wanted); !unpacked) return unpacked;
    for (Newcomer& take : takes) {
        if (take.file.empty()) continue;
        const std::string sound = "takes/" + take.file;
        const auto entry = staged.manifest().files.find(sound);
        const bool isThere = entry != staged.manifest().files.end();
        take.own = nameFor(take.file, isThere ? entry->second.sha256 : std::string(), folder.takes());
        if (auto placed =
                placeIfAbsent(staged.file("takes/" + sidecarOf(take.file)), folder.takes() / sidecarOf(take.own));
            !placed)
            return placed;
        if (auto placed = placeIfAbsent(staged.file(sound), folder.takes() / take.own); !placed) return placed;
    }
    return {};
}

/// Exercises and kits that are not here.
Result<void> bringOwnFiles(Staging& staged, const DataFolder& folder) {
    std::vector<std::string> wanted;
    std::error_code error;
    for (const auto& [name, entry] : staged.manifest().files)
        if (!name.starts_with("takes/") && name != kLogbookName && name != kSettingsName &&
            !fs::exists(folder.root() / name, error))
            wanted.push_back(name);
    if (auto unpacked = staged.unpackAlso(wanted); !unpacked) return unpacked;
    fs::create_directories(folder.exercises(), error);
    for (const std::string& name : wanted)
        if (auto placed = placeIfAbsent(staged.file(name), folder.root() / name); !placed) return placed;
    return {};
}

}  // namespace

Result<Merged> merge(const fs::path& backup, const DataFolder& folder, const std::string& exerciseId) {
    auto staged =
        Staging::unpack(backup, folder, [](const Manifest&) { return std::vector<std::string>{kLogbookName}; });
    if (!staged) return tl::unexpected(staged.error());
    // Opening it to write brings it to the newest schema.
    if (const auto other = Logbook::open(staged->file(kLogbookName)); !other) return tl::unexpected(other.error());
    const auto here = Logbook::open(folder.logbook(), LogbookAccess::Durable);
    if (!here) return tl::unexpected(here.error());
    TwoLogbooks both(**here, exerciseId);
    if (auto done = both.attach(staged->file(kLogbookName)); !done) return tl::unexpected(done.error());
    Merged merged;
    auto takes = both.newcomers();
    const auto known = both.known();
    if (!takes || !known) return tl::unexpected(!takes ? takes.error() : known.error());
    merged.takes = static_cast<int>(takes->size());
    merged.known = *known;
    if (auto done = bringRecordings(*takes, *staged, folder); !done) return tl::unexpected(done.error());
    if (exerciseId.empty())
        if (auto done = bringOwnFiles(*staged, folder); !done) return tl::unexpected(done.error());
    Transaction transaction(**here);
    if (auto done = both.copyTakes(*takes); !done) return tl::unexpected(done.error());
    const auto ladders = both.copyLadders();
    if (!ladders) return tl::unexpected(ladders.error());
    merged.exercises = *ladders;
    if (exerciseId.empty())
        if (auto done = both.copySets(); !done) return tl::unexpected(done.error());
    if (auto done = transaction.commit(); !done) return tl::unexpected(done.error());
    return merged;
}

}  // namespace upbeat
