#include <QDir>
#include <cstdio>
#include <set>

#include "crash.h"
#include "studio/take_view.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/flac_recovery.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/take/take_bounds.h"

namespace upbeat::crash {

namespace {

namespace fs = std::filesystem;

class Judge {
  public:
    explicit Judge(DataFolder folder) : m_folder(std::move(folder)), m_archive(m_folder) {}

    int judge() {
        const auto before = filesInLog();
        const auto left = m_archive.unfinished();
        if (!left) return wrong(left.error().sentence());
        std::set<std::string> expected = before;
        for (const std::string& name : *left)
            if (barsOf(name) >= 1) expected.insert(name + ".flac");
        for (const std::string& name : *left) {
            const auto saved = m_archive.rescue(
                name, [](TakeRecord& take, const CoachPlan& plan) { return measureFresh(take, plan, {}); });
            if (!saved) wrong(name + ": " + saved.error().sentence());
        }
        const auto after = filesInLog();
        for (const std::string& file : expected)
            if (!after.contains(file)) wrong("lost: " + file);
        for (const std::string& file : after)
            if (!expected.contains(file)) wrong("from nowhere: " + file);
        checkFolder(after);
        for (const std::string& file : after) (void)std::printf("take %s\n", file.c_str());
        return m_status;
    }

  private:
    int wrong(const std::string& sentence) {
        (void)std::printf("wrong %s\n", sentence.c_str());
        return m_status = 1;
    }

    std::set<std::string> filesInLog() {
        const auto logbook = Logbook::open(m_folder.logbook());
        if (!logbook) {
            wrong(logbook.error().sentence());
            return {};
        }
        const auto rows = TakeRepository(**logbook).count();
        auto files = TakeRepository(**logbook).files();
        if (rows && files && *rows != static_cast<int>(files->size())) wrong("a recording is in the log twice");
        return files ? *files : std::set<std::string>();
    }

    /// Bars of a recording that the log does not know, found by other means than the program's own.
    int barsOf(const std::string& name) {
        const fs::path part = m_archive.store().partFile(name);
        const fs::path sidecar = m_folder.takes() / (name + ".json.part");
        auto take = readSidecar(fs::exists(sidecar) ? sidecar : m_folder.takes() / (name + ".json"));
        if (!take) return 0;
        const fs::path aside = m_folder.root() / "judge.flac";
        const auto seconds =
            fs::exists(part)
                ? recoverFlac(part, aside)
                : readAudioInfo(m_archive.store().file(name)).map([](const AudioInfo& i) { return i.durationS; });
        fs::remove(aside);
        const double played = seconds.value_or(0) - take->frame.firstBeatS;
        return static_cast<int>(played / barStartS(take->exercise, take->click.tempo, 1) + 0.02);
    }

    /// A recording and a sidecar for every take, and nothing else.
    void checkFolder(const std::set<std::string>& files) {
        std::set<std::string> there;
        for (const auto& entry : fs::directory_iterator(m_folder.takes()))
            there.insert(entry.path().filename().string());
        for (const std::string& file : files) {
            const std::string name = file.substr(0, file.size() - 5);
            const auto info = readAudioInfo(m_folder.takes() / file);
            if (there.erase(file) == 0 || !info) wrong("without its recording: " + file);
            if (there.erase(name + ".json") == 0) wrong("without its sidecar: " + file);
        }
        for (const std::string& file : there) wrong("left over: " + file);
    }

    DataFolder m_folder;
    TakeArchive m_archive;
    int m_status = 0;
};

}  // namespace

int judge(const QString& folder) {
    auto data = DataFolder::open(folder.toStdString());
    if (!data || !data->mayWrite()) {
        (void)std::printf("wrong the folder is still locked\n");
        return 1;
    }
    return Judge(*std::move(data)).judge();
}

bool layOlderLogbook(const QString& folder) {
    QDir().mkpath(folder + QStringLiteral("/takes"));
    // Its takes were recorded elsewhere: the log alone is migrated.
    return QFile::copy(QStringLiteral(UPBEAT_SOURCE_DIR "/tests/logbook/data/logbook-3.db"),
                       folder + QStringLiteral("/logbook.db")) &&
           QFile::setPermissions(folder + QStringLiteral("/logbook.db"), QFile::ReadOwner | QFile::WriteOwner);
}

}  // namespace upbeat::crash
