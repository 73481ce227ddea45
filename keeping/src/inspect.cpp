#include "upbeat/keeping/inspect.h"

#include <algorithm>
#include <cmath>
#include <system_error>

#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/seals.h"
#include "upbeat/logbook/trash.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

/// What SQLite itself says of the file, page by page, and of rows that point nowhere.
void inspectPages(const Logbook& logbook, std::vector<Error>& troubles) {
    const auto say = [&](Text what) {
        troubles.push_back(
            {std::move(what), logbook.file().string(),
             UPBEAT_TEXT("restore the newest backup, or let the program rebuild it from the recordings")});
    };
    auto pages = runQuery(logbook, "PRAGMA integrity_check(20)");
    if (!pages) return troubles.push_back(pages.error());
    while (pages->next())
        if (const QString said = pages->value(0).toString(); said != QStringLiteral("ok"))
            say(Text::with(UPBEAT_TEXT("the logbook is damaged (%1)"), said.toStdString()));
    auto links = runQuery(logbook, "PRAGMA foreign_key_check");
    if (!links) return troubles.push_back(links.error());
    while (links->next())
        say(Text::with(UPBEAT_TEXT("a row of \"%1\" belongs to nothing"), links->value(0).toString().toStdString()));
}

/// Whether the numbers of a take are those that were measured.
void inspectFigures(const Seals& seals, const TakeSummary& take, const fs::path& logbook,
                    std::vector<Error>& troubles) {
    const auto whole = seals.isWhole(take.id);
    if (!whole) return troubles.push_back(whole.error());
    if (!*whole)
        troubles.push_back({Text::with(UPBEAT_TEXT("the figures of the take of %1 are not those that were measured"),
                                       stampOf(take.startedAt)),
                            logbook.string(), UPBEAT_TEXT("restore the take from a backup")});
}

/// Whether two records tell of the same take, as far as files can round.
bool isSameTake(const TakeRecord& one, const TakeRecord& other) {
    const auto near = [](double a, double b) { return std::abs(a - b) < 1e-3; };
    return one.exercise == other.exercise && one.startedAt == other.startedAt &&
           near(one.frame.tempoBpm, other.frame.tempoBpm) && one.frame.bars == other.frame.bars &&
           near(one.frame.firstBeatS, other.frame.firstBeatS) && near(one.frame.latencyS, other.frame.latencyS) &&
           near(one.durationS, other.durationS) &&
           std::equal(one.hits.begin(), one.hits.end(), other.hits.begin(), other.hits.end(),
                      [&](const Hit& a, const Hit& b) {
                          return std::abs(a.timeS - b.timeS) < 1e-5 && std::abs(a.levelDb - b.levelDb) < 0.1 &&
                                 std::abs(a.strength - b.strength) < 0.1;
                      });
}

/// The recording of a take and what stands beside it.
void inspectRecording(const fs::path& file, const TakeRecord& take, bool withSound, Inspection& found) {
    std::error_code error;
    if (!fs::exists(file, error)) {
        found.troubles.push_back({UPBEAT_TEXT("the recording is not there"), file.string(),
                                  UPBEAT_TEXT("restore it from a backup; what was measured is in the logbook")});
        return;
    }
    // What differs by more was cut off.
    constexpr double kSameS = 0.5;
    const auto read = withSound ? readAudio(file, [](auto, const auto&) {}) : readAudioInfo(file);
    if (!read) return found.troubles.push_back(read.error());
    ++found.recordings;
    if (take.durationS - read->durationS > kSameS)
        found.troubles.push_back({UPBEAT_TEXT("the recording is shorter than its take"), file.string(),
                                  UPBEAT_TEXT("restore it from a backup; what was measured is in the logbook")});
    const auto beside = readSidecar(fs::path(file).replace_extension(".json"));
    if (!beside) return found.troubles.push_back(beside.error());
    if (!isSameTake(take, *beside))
        found.troubles.push_back({UPBEAT_TEXT("the logbook and the file beside the recording tell of it differently"),
                                  file.string(),
                                  UPBEAT_TEXT("one of them was damaged: restore the take from a backup")});
}

}  // namespace

Inspection inspect(const DataFolder& folder, bool withSound, const std::function<bool(double share)>& goesOn) {
    Inspection found;
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Reading);
    if (!logbook) {
        found.troubles.push_back(logbook.error());
        return found;
    }
    inspectPages(**logbook, found.troubles);
    const TakeRepository takes(**logbook);
    // What was removed comes back with one key and has to come back whole.
    const auto kept = takes.list();
    const auto removed = Trash(**logbook).takes();
    if (!kept || !removed) {
        found.troubles.push_back(kept ? removed.error() : kept.error());
        return found;
    }
    const auto letGo = Sounds(**logbook).gone();
    const Seals seals(**logbook);
    const auto total = static_cast<double>(kept->size() + removed->size());
    const auto isWithoutSound = [&](const std::string& file, bool inTrash) {
        std::error_code error;
        if (file.empty() || (letGo && letGo->contains(file))) return true;
        return inTrash && !fs::exists(folder.takes() / file, error);  // thrown away already, the row goes next
    };
    for (const bool inTrash : {false, true}) {
        for (const TakeSummary& one : inTrash ? *removed : *kept) {
            if (goesOn && !goesOn(found.takes / total)) return found;
            ++found.takes;
            inspectFigures(seals, one, folder.logbook(), found.troubles);
            const auto take = takes.find(one.id);
            if (!take)
                found.troubles.push_back(take.error());
            else if (!isWithoutSound(take->file, inTrash))
                inspectRecording(folder.takes() / take->file, *take, withSound, found);
        }
    }
    return found;
}

}  // namespace upbeat
