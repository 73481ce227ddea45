#include <QCoreApplication>
#include <QProcess>
#include <QTemporaryDir>
#include <QThread>
#include <cstdio>
#include <map>
#include <memory>
#include <random>
#include <set>

#include "crash.h"

namespace upbeat::crash {

namespace {

struct Tally {
    int kills = 0;
    int taken = 0;  ///< Takes that were in the log in the end.
    int wrong = 0;
};

/// What the player was at when it was killed.
const char* stateAfter(const QByteArray& lastEvent, bool demo, bool older) {
    if (demo) return "making the demo";
    if (lastEvent.isEmpty()) return older ? "migrating" : "starting";
    if (lastEvent == "saving") return "saving what was left";
    if (lastEvent == "begun") return "count-in and take";
    if (lastEvent == "ended") return "measuring";
    if (lastEvent == "measured") return "keeping";
    return "between takes";
}

class Driver {
  public:
    explicit Driver(unsigned seed) : m_dice(seed) {}

    int drive(int kills) {
        constexpr int kKillsPerFolder = 25;
        for (int kill = 0; kill < kills; ++kill) {
            if (kill % kKillsPerFolder == 0) m_kind = static_cast<int>(m_dice() % 8);
            if (kill % kKillsPerFolder == 0 || isOlder()) newFolder();  // a logbook is migrated once
            const bool judged =
                m_dice() % 2 == 0 || isOlder() || (kill + 1) % kKillsPerFolder == 0 || kill + 1 == kills;
            killOnce();
            if (judged) judgeNow();
        }
        return print();
    }

  private:
    void newFolder() {
        m_folder = std::make_unique<QTemporaryDir>();
        m_seen.clear();
        m_reported = 0;
        m_freshlyOld = isOlder() && layOlderLogbook(m_folder->path());
    }
    [[nodiscard]] bool isDemo() const { return m_kind == 0; }
    [[nodiscard]] bool isOlder() const { return m_kind == 1; }

    /// Lets a player go on to a random event, a random moment longer, and kills it.
    void killOnce() {
        QProcess player;
        const QString mode = isDemo() ? QStringLiteral("demo") : QStringLiteral("practise");
        player.start(QCoreApplication::applicationFilePath(),
                     {mode, m_folder->path(), QString::number(m_dice() % 100000)});
        player.waitForStarted();
        const int events = isOlder() ? 0 : static_cast<int>(m_dice() % 9);
        QByteArray last;
        for (int i = 0; i < events && player.waitForReadyRead(30000);) {
            while (player.canReadLine()) {
                last = player.readLine().trimmed();
                if (last == "kept" && !isDemo()) ++m_reported;  // the demo tells of what is there already, too
                if (++i >= events) break;
            }
        }
        constexpr unsigned kMomentUs = 60'000;
        constexpr unsigned kStartUs = 200'000;  // reaches behind the migration
        QThread::usleep(m_dice() % (isOlder() ? kStartUs : kMomentUs));
        player.kill();
        player.waitForFinished();
        m_state = stateAfter(last, isDemo(), std::exchange(m_freshlyOld, false));
        ++m_tally[m_state].kills;
    }

    void judgeNow() {
        if (isDemo()) {  // it is completed first, as the next start would
            QProcess demo;
            demo.start(QCoreApplication::applicationFilePath(), {QStringLiteral("demo"), m_folder->path()});
            demo.waitForFinished(120000);
        }
        if (isOlder()) return judgeOlder();
        QProcess judge;
        judge.start(QCoreApplication::applicationFilePath(), {QStringLiteral("judge"), m_folder->path()});
        judge.waitForFinished(120000);
        std::set<QByteArray> takes;
        QByteArray wrong;
        for (const QByteArray& line : judge.readAllStandardOutput().split('\n')) {
            if (line.startsWith("take ")) takes.insert(line.mid(5));
            if (line.startsWith("wrong ")) wrong += line.mid(6) + "\n";
        }
        Tally& tally = m_tally[m_state];
        for (const QByteArray& take : m_seen)
            if (!takes.contains(take)) wrong += "gone from the log: " + take + "\n";
        if (static_cast<int>(takes.size()) < m_reported) wrong += "fewer takes than were reported as kept\n";
        if (judge.exitStatus() != QProcess::NormalExit) wrong += "the judge did not come to an end\n";
        if (judge.exitCode() != 0 && wrong.isEmpty()) wrong += judge.readAllStandardError();
        if (!wrong.isEmpty()) ++tally.wrong;
        (void)std::fputs(wrong.constData(), stderr);
        tally.taken += static_cast<int>(takes.size()) - static_cast<int>(m_seen.size());
        m_seen = std::move(takes);
        m_reported = std::min(m_reported, static_cast<int>(m_seen.size()));
    }

    /// Three takes whose sound is elsewhere stay what they are; new ones come on top.
    void judgeOlder() {
        QProcess judge;
        judge.start(QCoreApplication::applicationFilePath(), {QStringLiteral("judge"), m_folder->path()});
        judge.waitForFinished(120000);
        const QByteArray out = judge.readAllStandardOutput();
        int wrong = 0;
        for (const char* take : {"2026-11-14-181000-ferry-shuffle.flac", "2026-11-18-181050-ferry-shuffle.flac",
                                 "2026-11-26-182400-lantern-waltz.flac"}) {
            wrong += out.count(QByteArray("take ") + take) == 1 ? 0 : 1;
        }
        for (const QByteArray& line : out.split('\n'))
            if (line.contains("lost") || line.contains("twice") || line.contains("refuses")) ++wrong;
        if (wrong > 0) ++m_tally[m_state].wrong;
    }

    int print() {
        int wrong = 0;
        int kills = 0;
        (void)std::printf(
            "| killed while | kills | takes in the log afterwards | lost or double |\n|---|---|---|---|\n");
        for (const auto& [state, tally] : m_tally) {
            (void)std::printf("| %s | %d | %d | %d |\n", state.c_str(), tally.kills, tally.taken, tally.wrong);
            wrong += tally.wrong;
            kills += tally.kills;
        }
        (void)std::printf("| all | %d | | %d |\n", kills, wrong);
        return wrong == 0 ? 0 : 1;
    }

    std::mt19937 m_dice;
    std::unique_ptr<QTemporaryDir> m_folder;
    int m_kind = 0;
    bool m_freshlyOld = false;
    std::set<QByteArray> m_seen;
    int m_reported = 0;
    std::string m_state;
    std::map<std::string, Tally> m_tally;
};

}  // namespace

int drive(int kills, unsigned seed) {
    return Driver(seed).drive(kills);
}

}  // namespace upbeat::crash
