#include <QCoreApplication>
#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <QThread>
#include <array>
#include <cstdio>
#include <random>

#include "crash.h"
#include "keep.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/keeping/restore.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/logbook/trash.h"

namespace upbeat::crash {

namespace {

namespace fs = std::filesystem;

constexpr std::array<const char*, kKeepings> kNames{"backing up", "restoring", "removing and taking back",
                                                    "emptying the trash"};

std::size_t filesIn(const fs::path& folder) {
    return static_cast<std::size_t>(std::distance(fs::directory_iterator(folder), fs::directory_iterator()));
}

struct KillTally {
    qint64 longestUs = 0;
    int kills = 0;
    int cut = 0;  ///< Of them those that came before its end.
    int wrong = 0;
};

class KeepingDriver {
  public:
    explicit KeepingDriver(unsigned seed) : m_dice(seed) {}

    int drive(int kills) {
        if (!prepare()) return 1;
        for (int kill = 0; kill < kills; ++kill) {
            const int what = kill % kKeepings;
            KillTally& tally = m_tally[static_cast<std::size_t>(what)];
            layOut(static_cast<Keeping>(what));
            ++tally.kills;
            tally.cut += killAt(what, tally.longestUs) ? 1 : 0;
            const QString wrong = judge(static_cast<Keeping>(what));
            if (wrong.isEmpty()) continue;
            (void)std::fprintf(stderr, "%s: %s\n", kNames[static_cast<std::size_t>(what)], qPrintable(wrong));
            ++tally.wrong;
            fs::remove_all(m_places.player());
        }
        return print();
    }

  private:
    /// The first takes of the demo and two backups of them.
    bool prepare() {
        constexpr std::size_t kDays = 1;
        if (makeDemo(QString::fromStdString(m_places.player().string()), kDays) != 0) return false;
        fs::create_directories(m_places.backups());
        const auto folder = DataFolder::open(m_places.player());
        const auto facts = backUp(*folder, {m_places.whole()});
        if (!facts || !backUp(*folder, {m_places.backup()})) return false;
        m_takes = facts->takes;
        return m_takes > 0;
    }

    /// All takes are there; every other one is in the trash where nothing else is done with it.
    void layOut(Keeping what) {
        const auto folder = DataFolder::open(m_places.player());
        const auto logbook = Logbook::open(folder->logbook());
        const auto here = logbook ? TakeRepository(**logbook).count() : Result<int>(0);
        if (here.value_or(0) < m_takes) (void)restoreAll(m_places.whole(), *folder);
        if (what != Keeping::Remove) (void)removeThose(*folder, [](std::size_t i) { return i % 2 == 0; });
    }

    /// Whether it was still at it. The moment lies anywhere in what the longest of them took until now.
    bool killAt(int what, qint64& longestUs) {
        QProcess worker;
        QElapsedTimer clock;
        worker.start(QCoreApplication::applicationFilePath(),
                     {QStringLiteral("keep"), QString::fromStdString(m_places.root.string()), QString::number(what),
                      QString::number(m_dice() % 100000)});
        if (!worker.waitForReadyRead(60000)) return false;
        clock.start();
        if (longestUs > 0)
            QThread::usleep(static_cast<unsigned long>(m_dice() % static_cast<unsigned long>(longestUs)));
        else
            worker.waitForFinished(60000);
        longestUs = std::max(longestUs, clock.nsecsElapsed() / 1000);
        worker.kill();
        worker.waitForFinished(60000);
        return worker.exitStatus() == QProcess::CrashExit;
    }

    /// What is wrong with what was left behind; nothing where all is well.
    QString judge(Keeping what) {
        const auto folder = DataFolder::open(m_places.player());
        if (!folder || !folder->mayWrite()) return QStringLiteral("the folder is still locked");
        if (what == Keeping::EmptyTrash) return judgeEmptied(*folder);
        if (const QString wrong = judgeWhole(*folder); !wrong.isEmpty()) return wrong;
        if (what == Keeping::BackUp) return judgeBackup(*folder);
        if (what != Keeping::Restore) return {};
        if (const auto again = restoreAll(m_places.whole(), *folder); !again)
            return QString::fromStdString(again.error().sentence());
        const auto logbook = Logbook::open(folder->logbook());
        if (Trash(**logbook).count().value_or(-1) != 0) return QStringLiteral("doing it again did not finish it");
        return judgeWhole(*folder);
    }

    [[nodiscard]] QString judgeWhole(const DataFolder& folder) const {
        const auto logbook = Logbook::open(folder.logbook());
        if (!logbook) return QString::fromStdString(logbook.error().sentence());
        const int takes = TakeRepository(**logbook).count().value_or(0) + Trash(**logbook).count().value_or(0);
        if (takes != m_takes) return QStringLiteral("%1 takes of %2").arg(takes).arg(m_takes);
        return judgeRecordings(folder, m_takes);
    }

    [[nodiscard]] static QString judgeRecordings(const DataFolder& folder, int asked) {
        const Inspection found = inspect(folder, true);
        if (!found.troubles.empty()) return QString::fromStdString(found.troubles.front().sentence());
        return found.recordings == asked ? QString() : QStringLiteral("%1 recordings").arg(found.recordings);
    }

    /// The old backup or the new one, and the next time nothing of this one is left beside it.
    [[nodiscard]] QString judgeBackup(const DataFolder& folder) const {
        QTemporaryDir elsewhere;
        const auto other = DataFolder::open(elsewhere.filePath(QStringLiteral("other")).toStdString());
        if (const auto restored = restoreAll(m_places.backup(), *other); !restored)
            return QString::fromStdString(restored.error().sentence());
        if (const QString wrong = judgeWhole(*other); !wrong.isEmpty()) return wrong;
        if (!backUp(folder, {m_places.backup()})) return QStringLiteral("the next backup fails");
        return filesIn(m_places.backups()) == 1 ? QString() : QStringLiteral("left beside the backup");
    }

    /// The takes that were not in the trash are whole, the next time the others go, and nothing is left of them.
    [[nodiscard]] QString judgeEmptied(const DataFolder& folder) const {
        if (!emptyTrash(folder)) return QStringLiteral("emptying again fails");
        const auto logbook = Logbook::open(folder.logbook());
        if (!logbook) return QString::fromStdString(logbook.error().sentence());
        const int takes = TakeRepository(**logbook).count().value_or(0);
        if (takes != m_takes / 2) return QStringLiteral("%1 takes of %2").arg(takes).arg(m_takes / 2);
        if (const QString wrong = judgeRecordings(folder, takes); !wrong.isEmpty()) return wrong;
        return filesIn(folder.takes()) == 2 * static_cast<std::size_t>(takes) ? QString()
                                                                              : QStringLiteral("files left over");
    }

    int print() const {
        int wrong = 0;
        (void)std::printf(
            "| killed while | kills | of them before its end | lost, double or left over |\n|---|---|---|---|\n");
        for (std::size_t i = 0; i < kNames.size(); ++i) {
            const KillTally& tally = m_tally[i];
            (void)std::printf("| %s | %d | %d | %d |\n", kNames[i], tally.kills, tally.cut, tally.wrong);
            wrong += tally.wrong;
        }
        return wrong == 0 ? 0 : 1;
    }

    QTemporaryDir m_folder;
    KeepingPlaces m_places{m_folder.path().toStdString()};
    std::mt19937 m_dice;
    int m_takes = 0;
    std::array<KillTally, kKeepings> m_tally{};
};

}  // namespace

int driveKeeping(int kills, unsigned seed) {
    return KeepingDriver(seed).drive(kills);
}

}  // namespace upbeat::crash
