#include "upbeat/keeping/backup.h"

#include <QDateTime>
#include <set>
#include <system_error>

#include "backup_files.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

/// The logbook as it is at one moment, in a file of its own that goes with this.
class Snapshot {
  public:
    explicit Snapshot(const fs::path& target) : m_file(target.string() + ".part-logbook") {}
    ~Snapshot() {
        std::error_code ignored;
        for (const char* part : {"", "-wal", "-shm"}) fs::remove(m_file.string() + part, ignored);
    }
    Snapshot(const Snapshot&) = delete;
    Snapshot& operator=(const Snapshot&) = delete;

    [[nodiscard]] const fs::path& file() const { return m_file; }
    [[nodiscard]] Result<void> take(const DataFolder& folder) const {
        const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Reading);
        if (!logbook) return tl::unexpected(logbook.error());
        const auto done = runQuery(**logbook, "VACUUM INTO ?", {toQt(m_file.string())});
        if (!done) return tl::unexpected(done.error());
        return {};
    }

  private:
    fs::path m_file;
};

/// What stands in the snapshot.
Result<std::set<std::string>> readSnapshot(const fs::path& file, BackupFacts& facts) {
    const auto logbook = Logbook::open(file, LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    const auto count = TakeRepository(**logbook).count();
    if (!count) return tl::unexpected(count.error());
    facts.takes = *count;
    auto schema = runQuery(**logbook, "PRAGMA user_version");
    if (!schema) return tl::unexpected(schema.error());
    facts.schema = schema->next() ? schema->value(0).toInt() : 0;
    return TakeRepository(**logbook).files();
}

/// Whether a name is that of a part: ours, or one of libzip's, which have a dot and six letters behind it.
bool isPart(const std::string& name, const std::string& part) {
    constexpr std::size_t kOfLibzip = 7;
    if (!name.starts_with(part)) return false;
    const std::string behind = name.substr(part.size());
    return behind.empty() || (behind.size() == kOfLibzip && behind.front() == '.') || behind == "-logbook" ||
           behind == "-logbook-journal";
}

/// What a run that was killed has left beside the target.
void sweepBeside(const fs::path& target) {
    const std::string part = target.filename().string() + ".part";
    const fs::path folder = target.has_parent_path() ? target.parent_path() : fs::path(".");
    std::vector<fs::path> found;
    std::error_code error;
    for (fs::directory_iterator at(folder, error), end; !error && at != end; at.increment(error))
        if (isPart(at->path().filename().string(), part)) found.push_back(at->path());
    for (const fs::path& file : found) fs::remove(file, error);
}

}  // namespace

Result<BackupFacts> backUp(const DataFolder& folder, const BackupWish& wish) {
    sweepBeside(wish.target);
    auto zip = ZipWriter::create(wish.target);
    if (!zip) return tl::unexpected(zip.error());
    const Snapshot snapshot(wish.target);
    if (auto taken = snapshot.take(folder); !taken) return tl::unexpected(taken.error());
    Manifest manifest;
    manifest.facts.madeAt = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
    manifest.facts.withSound = wish.withSound;
    const auto known = readSnapshot(snapshot.file(), manifest.facts);
    if (!known) return tl::unexpected(known.error());
    std::vector<PlayersFile> files{{kLogbookName, snapshot.file()}};
    for (auto& more : {filesOfTakes(folder, *known, wish.withSound), ownFiles(folder, wish.settingsFile)})
        files.insert(files.end(), more.begin(), more.end());
    for (const PlayersFile& one : files) {
        const auto sha256 = sha256Of(one.file);
        if (!sha256) return tl::unexpected(sha256.error());
        std::error_code error;
        const std::uintmax_t bytes = fs::file_size(one.file, error);
        const bool isSound = one.name.ends_with(".flac");
        if (auto added = zip->addFile(one.name, one.file, isSound); !added) return tl::unexpected(added.error());
        manifest.files[one.name] = {bytes, *sha256};
        manifest.facts.bytes += bytes;
        manifest.facts.recordings += isSound ? 1 : 0;
    }
    if (auto added = zip->addText(kManifestName, toJson(manifest)); !added) return tl::unexpected(added.error());
    if (auto closed = zip->close(wish.goesOn); !closed) return tl::unexpected(closed.error());
    return manifest.facts;
}

Result<BackupFacts> factsOf(const fs::path& backup) {
    const auto zip = ZipReader::open(backup);
    if (!zip) return tl::unexpected(zip.error());
    const auto manifest = manifestOf(*zip, backup);
    if (!manifest) return tl::unexpected(manifest.error());
    return manifest->facts;
}

}  // namespace upbeat
