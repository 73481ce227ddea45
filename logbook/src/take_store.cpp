#include "upbeat/logbook/take_store.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <system_error>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/flac_recovery.h"
#include "upbeat/formats/hear_file.h"
#include "upbeat/formats/note_journal.h"
#include "upbeat/formats/take_sidecar.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

/// Makes an empty file that was not there; false when it was. Two takes never share a name.
Result<bool> claim(const fs::path& file) {
    const int made = ::open(file.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0644);
    if (made >= 0) {
        ::close(made);
        return true;
    }
    if (errno == EEXIST) return false;
    return fail(UPBEAT_TEXT("the recording cannot be written there"), file.string(),
                UPBEAT_TEXT("free some space or choose another folder"));
}

Result<void> moveTo(const fs::path& from, const fs::path& to) {
    std::error_code error;
    fs::rename(from, to, error);
    if (error)
        return fail(UPBEAT_TEXT("the recording could not be put in place"), to.string(),
                    UPBEAT_TEXT("check the folder of the takes"));
    return {};
}

bool isThere(const fs::path& path) {
    std::error_code error;
    return fs::exists(path, error);
}

}  // namespace

std::string TakeStore::nameOf(const Exercise& exercise, const QDateTime& startedAt) {
    return startedAt.toString(QStringLiteral("yyyy-MM-dd-hhmmss")).toStdString() + "-" + exercise.id;
}

Result<std::string> TakeStore::begin(const TakeRecord& take, const QDateTime& startedAt) const {
    std::error_code error;
    fs::create_directories(m_folder, error);
    const std::string base = nameOf(take.exercise, startedAt);
    std::string name = base;
    for (int n = 2;; ++n) {
        const auto isTaken = [&](const char* ending) { return isThere(at(name, ending)); };
        const bool taken = isTaken(".flac") || isTaken(".json.part") || isTaken(".json");
        const auto mine = taken ? Result<bool>(false) : claim(partFile(name));
        if (!mine) return tl::unexpected(mine.error());
        if (*mine) break;
        name = fmt::format("{}-{}", base, n);
    }
    if (auto written = describe(name, take); !written) {
        discard(name);
        return tl::unexpected(written.error());
    }
    return name;
}

namespace {

constexpr const char* kPart = "-from-";

}  // namespace

std::string TakeStore::partName(const std::string& whole, int fromPass) {
    return fmt::format("{}{}{:05}", whole, kPart, fromPass + 1);
}

Result<void> TakeStore::beginPart(const std::string& name, const TakeRecord& take) const {
    discard(name);
    const auto claimed = claim(partFile(name));
    if (!claimed) return tl::unexpected(claimed.error());
    return describe(name, take);
}

Result<TakeRecord> TakeStore::planOf(const std::string& name) const {
    auto take = readSidecar(sidecarOf(name));
    if (take) take->hits = readNoteJournal(notesFile(name));
    return take;
}

Result<void> TakeStore::describe(const std::string& name, const TakeRecord& take) const {
    return writeFileAtomically(at(name, ".json.part"), toJson(take));
}

Result<void> TakeStore::settle(const std::string& name) const {
    std::error_code ignored;
    if (isThere(at(name, ".json.part")))
        if (auto renamed = moveTo(at(name, ".json.part"), at(name, ".json")); !renamed) return renamed;
    if (isThere(partFile(name))) {
        // A rescued recording is whole already; what it was rescued from has served its purpose.
        if (isThere(file(name)))
            fs::remove(partFile(name), ignored);
        else if (auto renamed = moveTo(partFile(name), file(name)); !renamed)
            return renamed;
    }
    fs::remove(notesFile(name), ignored);
    syncToDisk(m_folder);
    return {};
}

void TakeStore::discard(const std::string& name) const {
    // The sidecars last: one without its recording is tidied away, and while there is one nobody takes the name.
    for (const char* ending : {".flac.mend", ".flac", ".flac.part", ".notes.part", ".json.part", ".json"}) {
        std::error_code ignored;
        fs::remove(at(name, ending), ignored);
    }
}

std::vector<std::string> TakeStore::listing() const {
    std::vector<std::string> files;
    std::error_code error;
    for (const auto& entry : fs::directory_iterator(m_folder, error)) files.push_back(entry.path().filename().string());
    std::sort(files.begin(), files.end());
    return files;
}

namespace {

/// The names of all files that end so, without the ending.
std::vector<std::string> namesOf(const std::vector<std::string>& files, std::string_view ending) {
    std::vector<std::string> names;
    for (const std::string& file : files)
        if (file.ends_with(ending)) names.push_back(file.substr(0, file.size() - ending.size()));
    return names;
}

}  // namespace

std::vector<std::string> TakeStore::unknownTo(const std::set<std::string>& known) const {
    const auto files = listing();
    const auto isKnown = [&known](const std::string& name) { return known.contains(name + ".flac"); };
    std::vector<std::string> names = namesOf(files, ".flac.part");
    std::erase_if(names, isKnown);
    for (std::string& name : namesOf(files, ".flac"))
        if (!isKnown(name) && isThere(sidecarOf(name))) names.push_back(std::move(name));
    std::erase_if(names, [this](const std::string& name) {
        const auto part = name.rfind(kPart);
        return part != std::string::npos && isThere(partFile(name.substr(0, part)));
    });
    std::sort(names.begin(), names.end());
    names.erase(std::unique(names.begin(), names.end()), names.end());
    return names;
}

void TakeStore::tidy(const std::set<std::string>& known) const {
    const auto files = listing();  // once: there may be tens of thousands
    std::error_code ignored;
    const auto isKnown = [&known](const std::string& name) { return known.contains(name + ".flac"); };
    const auto hasSound = [this](const std::string& name) { return isThere(partFile(name)) || isThere(file(name)); };
    for (const std::string& name : namesOf(files, ".flac.mend")) fs::remove(at(name, ".flac.mend"), ignored);
    for (const std::string& name : files)
        if (isTemporaryName(name)) fs::remove(m_folder / name, ignored);
    for (const char* part : {".flac.part", ".json.part"})
        for (const std::string& name : namesOf(files, part))
            if (isKnown(name)) (void)settle(name);
    for (const char* part : {".json.part", ".notes.part"})
        for (const std::string& name : namesOf(files, part))
            if (!hasSound(name)) fs::remove(at(name, part), ignored);
    for (const std::string& name : namesOf(files, ".flac.part")) {
        // The program ended while the name was claimed: nothing was heard and nothing is known.
        if (!isThere(sidecarOf(name)) && fs::file_size(partFile(name), ignored) == 0)
            fs::remove(partFile(name), ignored);
    }
    for (const std::string& name : namesOf(files, ".json"))
        if (!isKnown(name) && !hasSound(name)) fs::remove(at(name, ".json"), ignored);
}

fs::path TakeStore::sidecarOf(const std::string& name) const {
    const fs::path part = at(name, ".json.part");
    return isThere(part) ? part : at(name, ".json");
}

Result<TakeRecord> TakeStore::rescue(const std::string& name) const {
    auto take = isThere(partFile(name)) ? rescuePart(name) : rescueWhole(name);
    if (take) {
        take->frame.bars = wholeBarsOf(*take);
        take->file = name + ".flac";
    }
    return take;
}

Result<TakeRecord> TakeStore::rescuePart(const std::string& name) const {
    auto take = readSidecar(sidecarOf(name));
    if (!take) return take;
    take->recovered = true;
    take->durationS = 0;  // what is on the disk counts, not what was described
    std::error_code error;
    if (fs::file_size(partFile(name), error) == 0) return take;  // it ended before the first sound
    const auto saved = recoverFlac(partFile(name), file(name));
    if (!saved) return tl::unexpected(saved.error());
    if (*saved == 0) return take;
    auto heard = hearFile(file(name), take->click, take->frame.firstBeatS);
    if (!heard) return tl::unexpected(heard.error());
    take->durationS = heard->info.durationS;
    take->sampleRate = heard->info.sampleRate;
    take->hits = std::move(heard->take.hits);
    take->trace = std::move(heard->take.trace);
    if (auto notes = readNoteJournal(notesFile(name)); !notes.empty()) {
        take->hits = std::move(notes);
        take->trace = {};
    }
    return take;
}

Result<TakeRecord> TakeStore::rescueWhole(const std::string& name) const {
    auto take = readSidecar(sidecarOf(name));
    if (!take || take->durationS > 0) return take;
    const auto info = readAudioInfo(file(name));  // sidecars of older versions do not tell
    if (!info) return tl::unexpected(info.error());
    take->durationS = info->durationS;
    return take;
}

}  // namespace upbeat
