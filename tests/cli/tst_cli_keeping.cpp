// The log as tables, backups, inspection and reports on the command line.
#include <QDir>
#include <QTest>

#include "cli_room.h"
#include "kept_take.h"
#include "upbeat/logbook/query.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// A player's folder with takes in it.
struct Practised {
    QTemporaryDir dir;

    Practised() {
        const auto folder = *DataFolder::open(data().toStdString());
        const char* const pages[] = {"singles-sixteenths", "paradiddle-accents", "paradiddle-accents"};
        for (int i = 0; i < 3; ++i)
            keepTake(folder, {pages[i], QDateTime(QDate(2026, 3, 14 + i), QTime(18, 0)),
                              static_cast<std::uint64_t>(i + 1), 100, "with \"quotes\", and a comma"});
    }
    [[nodiscard]] QString data() const { return dir.filePath(QStringLiteral("data")); }
    [[nodiscard]] QString file(const char* name) const { return dir.filePath(QString::fromLatin1(name)); }
    [[nodiscard]] Outcome ask(const char* command, const QStringList& more) const {
        return run(QStringList{QString::fromLatin1(command), QStringLiteral("--data"), data()} + more);
    }
};

QList<QByteArray> linesOf(const QByteArray& text) {
    return text.trimmed().split('\n');
}

}  // namespace

class TestCliKeeping : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void theLogIsATable() {
        const Practised player;
        const Outcome all = player.ask("log", {});
        QCOMPARE(all.status, 0);
        const auto lines = linesOf(all.out);
        QCOMPARE(lines.size(), 4);
        QVERIFY(lines[0].startsWith("take,started_at,exercise,title,tempo_bpm,bars,") &&
                lines[0].contains("spread_ms_low"));
        QVERIFY(lines[1].contains("2026-03-14T18:00:00,singles-sixteenths"));
        QVERIFY(lines[1].contains("\"with \"\"quotes\"\", and a comma\""));
        QCOMPARE(lines[0].count(','), lines[1].count(',') - 1);  // the one in the note
        const auto some =
            player.ask("log", {"--exercise", "paradiddle-accents", "--from", "2026-03-16", "--to", "2026-03-16"});
        QCOMPARE(linesOf(some.out).size(), 2);
        const auto hits = linesOf(player.ask("log", {"--table", "hits"}).out);
        QCOMPARE(hits.size(), 1 + 3 * 32);
        QVERIFY(hits[0].startsWith("take,started_at,exercise,tempo_bpm,time_s,level_db,offset_ms"));
        QVERIFY(player.ask("log", {"--table", "gates"}).out.contains(",spread,"));
        const QJsonObject json = player.ask("log", {"--json", "-"}).json();
        QCOMPARE(json["format"].toString(), QStringLiteral("upbeat-check/log"));
        const QJsonObject take = json["takes"].toArray()[2].toObject();
        QCOMPARE(take["exercise"].toString(), QStringLiteral("paradiddle-accents"));
        const QJsonObject spread = take["figures"].toObject()["spread_ms"].toObject();
        QVERIFY(spread["low"].toDouble() < spread["value"].toDouble() && spread["n"].toInt() == 32);
        QVERIFY(!take["gates"].toArray().isEmpty() && take["clean"].isBool());
    }

    // The commands only read: what an older program wrote is brought up to date by the window.
    void aLogbookOfAnOlderProgramIsOneSentence() {
        const Practised player;
        const std::string file = player.data().toStdString() + "/logbook.db";
        {
            const auto logbook = Logbook::open(file);
            QVERIFY(runQuery(**logbook, "DROP TABLE seal"));
            QVERIFY(runQuery(**logbook, "PRAGMA user_version = 12"));
        }
        for (const char* command : {"log", "check", "plan", "report", "backup"}) {
            const QStringList more = QByteArray(command) == "report" || QByteArray(command) == "backup"
                                         ? QStringList{"--out", player.file("o")}
                                     : QByteArray(command) == "plan" ? QStringList{"--minutes", "20"}
                                                                     : QStringList();
            const Outcome told = player.ask(command, more);
            QCOMPARE(told.status, 3);
            QCOMPARE(linesOf(told.err).size(), 1);
            QVERIFY2(told.err.contains("older Upbeat Check"), told.err.constData());
            QVERIFY(told.out.isEmpty() && !QFile::exists(player.file("o")));
        }
        QVERIFY(Logbook::open(file));
        const Outcome after = player.ask("check", {});
        QCOMPARE(after.status, 0);
        QVERIFY2(after.out.contains("all is whole"), after.out.constData());
    }

    void whatCannotBeAskedIsOneSentence() {
        const Practised player;
        const auto says = [](const Outcome& outcome, int status, const char* sentence) {
            QCOMPARE(outcome.status, status);
            QCOMPARE(linesOf(outcome.err).size(), 1);
            QVERIFY2(outcome.err.contains(sentence), outcome.err.constData());
            QVERIFY(outcome.out.isEmpty());
        };
        says(player.ask("log", {"--from", "yesterday"}), 2, "no day");
        says(player.ask("log", {"--table", "songs"}), 2, "no table");
        says(player.ask("log", {"--exercise", "nothing"}), 4, "no take like that");
        says(player.ask("report", {"--out", "-", "--from", "2030-01-01"}), 4, "no take like that");
        says(player.ask("report", {"--out", "-", "--take", "99"}), 3, "not in the logbook");
        for (const char* command : {"log", "check"})
            says(run({QString::fromLatin1(command), QStringLiteral("--data"), player.file("nowhere")}), 3,
                 "no logbook");
        says(run({QStringLiteral("backup"), QStringLiteral("--data"), player.file("nowhere"), QStringLiteral("--out"),
                  player.file("all.zip")}),
             3, "no logbook");
        says(player.ask("restore", {player.file("no.zip")}), 3, "no such file");
        says(run({QStringLiteral("restore"), QStringLiteral("/etc/hostname"), QStringLiteral("--data"),
                  player.file("nowhere")}),
             3, "no backup");
        QVERIFY(!QFile::exists(player.file("nowhere")));
    }

    void aBackupComesBack() {
        const Practised player;
        QCOMPARE(player.ask("backup", {"--out", player.file("all.zip")}).status, 0);
        const auto back = [&](const char* to, const QStringList& more) {
            return run(QStringList{QStringLiteral("restore"), player.file("all.zip"), QStringLiteral("--data"),
                                   player.file(to), QStringLiteral("--json"), QStringLiteral("-")} +
                       more);
        };
        const Outcome whole = back("whole", {});
        QCOMPARE(whole.status, 0);
        QCOMPARE(whole.json()["recordings"].toInt(), 3);
        QVERIFY(whole.json()["set_aside"].toArray().isEmpty());
        const auto checked = run({QStringLiteral("check"), QStringLiteral("--data"), player.file("whole")});
        QCOMPARE(checked.status, 0);
        QVERIFY(checked.out.contains("all is whole"));
        QCOMPARE(run({QStringLiteral("log"), QStringLiteral("--data"), player.file("whole")}).out,
                 player.ask("log", {}).out);
        QCOMPARE(back("whole", {QStringLiteral("--merge")}).json()["known"].toInt(), 3);
        QCOMPARE(
            back("part", {QStringLiteral("--exercise"), QStringLiteral("paradiddle-accents")}).json()["takes"].toInt(),
            2);
        // What is damaged is named.
        const QDir takes(player.file("whole") + QStringLiteral("/takes"));
        QVERIFY(QFile::resize(takes.filePath(takes.entryList({QStringLiteral("*.flac")}).first()), 5000));
        const auto damaged = run({QStringLiteral("check"), QStringLiteral("--data"), player.file("whole")});
        QCOMPARE(damaged.status, 3);
        QVERIFY2(damaged.out.contains("3 takes, 2 recordings"), damaged.out.constData());
    }

    void aReportIsWritten() {
        const Practised player;
        QCOMPARE(player
                     .ask("report",
                          {"--out", player.file("one.html"), "--exercise", "paradiddle-accents", "--name", "A player"})
                     .status,
                 0);
        QFile file(player.file("one.html"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray page = file.readAll();
        QCOMPARE(page.count("<section class=\"take\""), 2);
        QCOMPARE(page.count("data:audio/ogg"), 2);
        QVERIFY(page.contains("A player") && page.contains("with &quot;quotes&quot;"));
        const QByteArray plain =
            player.ask("report", {"--out", "-", "--take", "1", "--without-sound", "--without-notes"}).out;
        QCOMPARE(plain.count("<section class=\"take\""), 1);
        QVERIFY(!plain.contains("data:audio") && !plain.contains("quotes"));
    }
};

QTEST_GUILESS_MAIN(TestCliKeeping)
#include "tst_cli_keeping.moc"
