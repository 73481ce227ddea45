#include "upbeat/logbook/take_store.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <system_error>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/flac_recovery.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/click_marks.h"

namespace upbeat {

namespace fs = std::filesystem;

Result<std::string> TakeStore::begin(const TakeSidecar& sidecar, const QDateTime& startedAt) const {
    std::error_code error;
    fs::create_directories(m_folder, error);
    const std::string base =
        startedAt.toString(QStringLiteral("yyyy-MM-dd-hhmmss")).toStdString() + "-" + sidecar.exercise.id;
    std::string name = base;
    for (int n = 2; fs::exists(file(name)) || fs::exists(partFile(name)); ++n) name = fmt::format("{}-{}", base, n);
    if (auto written = writeFileAtomically(partSidecar(name), toJson(sidecar)); !written)
        return tl::unexpected(written.error());
    return name;
}

Result<void> TakeStore::finish(const std::string& name, const TakeSidecar& sidecar) const {
    if (auto written = writeFileAtomically(m_folder / (name + ".json"), toJson(sidecar)); !written) return written;
    std::error_code error;
    fs::rename(partFile(name), file(name), error);
    if (error)
        return fail("the recording could not be put in place", file(name).string(), "check the folder of the takes");
    fs::remove(partSidecar(name), error);
    return {};
}

void TakeStore::discard(const std::string& name) const {
    std::error_code ignored;
    for (const fs::path& path : {partFile(name), partSidecar(name), file(name), m_folder / (name + ".json")})
        fs::remove(path, ignored);
}

std::vector<std::string> TakeStore::interrupted() const {
    std::vector<std::string> names;
    std::error_code error;
    const std::string ending = ".flac.part";
    for (const auto& entry : fs::directory_iterator(m_folder, error)) {
        const std::string name = entry.path().filename().string();
        if (name.ends_with(ending)) names.push_back(name.substr(0, name.size() - ending.size()));
    }
    std::sort(names.begin(), names.end());
    return names;
}

Result<RecoveredTake> TakeStore::recover(const std::string& name) const {
    auto sidecar = readSidecar(partSidecar(name));
    if (!sidecar) return tl::unexpected(sidecar.error());
    if (const auto saved = recoverFlac(partFile(name), file(name)); !saved) return tl::unexpected(saved.error());
    const auto sound = readSound(file(name));
    if (!sound) return tl::unexpected(sound.error());
    HeardTake heard =
        listenTo(sound->view(), sound->sampleRate, clickMarks(sidecar->click, sidecar->firstBeatS, sound->durationS()));
    sidecar->hits = std::move(heard.hits);
    const double played = barsBefore(sidecar->exercise, sidecar->click.tempo,
                                     sound->durationS() - sidecar->firstBeatS - sidecar->latencyS);
    sidecar->bars = std::clamp(static_cast<int>(std::floor(played + 0.05)), 0, sidecar->bars);
    if (auto written = writeFileAtomically(m_folder / (name + ".json"), toJson(*sidecar)); !written)
        return tl::unexpected(written.error());
    std::error_code ignored;
    fs::remove(partFile(name), ignored);
    fs::remove(partSidecar(name), ignored);
    return RecoveredTake{*std::move(sidecar), std::move(heard.trace)};
}

}  // namespace upbeat
