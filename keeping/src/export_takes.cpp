#include "upbeat/keeping/export_takes.h"

#include <fmt/format.h>

#include <system_error>

#include "upbeat/formats/analysis_json.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/played_files.h"
#include "upbeat/logbook/take_archive.h"
#include "wished_takes.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

/// The name of the recording; takes of notes alone have none.
std::string nameOf(const TakeRecord& take, long long id) {
    return take.file.empty() ? fmt::format("take-{}", id) : fs::path(take.file).stem().string();
}

Result<void> writeBeside(const fs::path& base, const TakeRecord& take, const TakeAnalysis& analysis) {
    const auto write = [&base](const char* ending, const std::string& text) {
        return writeFileAtomically(fs::path(base.string() + ending), text);
    };
    const TakeFacts facts{take.file, take.sampleRate, take.durationS, take.frame.damaged, std::nullopt};
    if (auto done = write(".csv", analysisToCsv(analysis)); !done) return done;
    if (auto done = write(".json", analysisToJson(analysis, facts)); !done) return done;
    if (auto done = write(".mid", toMidiBytes(playedMidi(analysis.matched))); !done) return done;
    return write(".musicxml", playedMusicXml(analysis.matched));
}

}  // namespace

Result<ExportedTakes> exportTakes(const DataFolder& folder, const std::vector<long long>& takes, const fs::path& into) {
    std::error_code error;
    fs::create_directories(into, error);
    if (error)
        return fail(UPBEAT_TEXT("the folder for the takes cannot be made"), into.string(),
                    UPBEAT_TEXT("choose another place"));
    const TakeArchive archive(folder);
    ExportedTakes exported;
    for (const long long id : takes) {
        const auto found = archive.find(id);
        if (!found) return tl::unexpected(found.error());
        const fs::path base = into / nameOf(found->take, id);
        if (auto done = writeBeside(base, found->take, found->analysis()); !done) return tl::unexpected(done.error());
        const fs::path sound = folder.takes() / found->take.file;
        const bool isCopied = !found->take.file.empty() && fs::copy_file(sound, into / found->take.file,
                                                                         fs::copy_options::overwrite_existing, error);
        if (!isCopied) ++exported.silent;
        ++exported.takes;
    }
    return exported;
}

Result<ExportedTakes> exportTakes(const DataFolder& folder, const LogWish& wish, const fs::path& into) {
    const auto ids = idsOf(folder, wish);
    if (!ids) return tl::unexpected(ids.error());
    return exportTakes(folder, *ids, into);
}

}  // namespace upbeat
