// Everything of one player in one file and back.
#include "player.h"
#include "upbeat/keeping/daily_backup.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/keeping/restore.h"

using namespace upbeat;
using namespace upbeat::test;

class TestBackup : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void whatIsRestoredIsTheSame() {
        const Player one;
        one.playThree();
        QVERIFY(writeFileAtomically(one.at("my settings"), "[General]\nrestS=9\n"));
        const auto facts = backUp(one.folder, {one.at("all.zip"), one.at("my settings"), true});
        QVERIFY(facts.has_value());
        QCOMPARE(facts->takes, 3);
        QCOMPARE(facts->recordings, 3);
        QCOMPARE(factsOf(one.at("all.zip"))->bytes, facts->bytes);
        const Player other;
        const auto done = restoreAll(one.at("all.zip"), other.folder, other.at("settings.ini"));
        QVERIFY2(done.has_value(), done ? "" : done.error().sentence().c_str());
        QVERIFY(done->setAside.empty() && done->absent.empty());
        QCOMPARE(*readFile(other.at("settings.ini")), std::string("[General]\nrestS=9\n"));
        fs::remove(other.at("settings.ini"));
        fs::remove(one.at("my settings"));
        QCOMPARE(rowsOf(other.folder.logbook()), rowsOf(one.folder.logbook()));
        QVERIFY(rowsOf(one.folder.logbook()).size() > 100);
        QCOMPARE(filesOf(other.folder), filesOf(one.folder));
        QVERIFY(inspect(other.folder, true).troubles.empty());
        QCOMPARE(inspect(other.folder, true).recordings, 3);
    }

    void nothingThatStandsThereIsLost() {
        const Player one;
        one.playThree();
        const Player other;
        other.play("paradiddle-accents", kEvening, 9);
        other.play("singles-sixteenths", kEvening, 8);  // the same name, another sound
        const auto done = restoreAll(one.backup(), other.folder);
        QVERIFY(done.has_value());
        QCOMPARE(takesIn(other.folder), 3);
        // The logbook of before, and the recording whose name was taken.
        QCOMPARE(done->setAside.size(), std::size_t{3});
        const auto before = std::find_if(done->setAside.begin(), done->setAside.end(), [](const std::string& f) {
            return f.find("logbook.db.before-") != std::string::npos;
        });
        QVERIFY(before != done->setAside.end());
        QCOMPARE(*TakeRepository(**Logbook::open(*before, LogbookAccess::Reading)).count(), 2);
        // What is in no logbook any more is offered.
        QCOMPARE(TakeArchive(other.folder).unfinished()->size(), std::size_t{1});
        // Once more: all is there already.
        const auto again = restoreAll(one.at("all.zip"), other.folder);
        QCOMPARE(again->setAside.size(), std::size_t{1});
    }

    void aRestoreThatWasCutShortIsDoneAgain() {
        const Player one;
        one.playThree();
        const Player other;
        fs::create_directories(other.folder.root() / ".restore" / "takes");
        QVERIFY(writeFileAtomically(other.folder.root() / ".restore" / "takes" / "half.flac", "half"));
        QVERIFY(restoreAll(one.backup(), other.folder).has_value());
        QVERIFY(!fs::exists(other.folder.root() / ".restore"));
        QCOMPARE(filesOf(other.folder), filesOf(one.folder));
    }

    void withoutSoundItIsSmallAndSaysWhatIsAbsent() {
        const Player one;
        one.playThree();
        const Player other;
        const auto done = restoreAll(one.backup(false), other.folder);
        QVERIFY(done.has_value() && !done->facts.withSound);
        QCOMPARE(done->absent.size(), std::size_t{3});
        QVERIFY(fs::file_size(one.at("all.zip")) < 200000);
        QCOMPARE(takesIn(other.folder), 3);
        // The takes can still be measured and judged.
        QVERIFY(TakeArchive(other.folder).find(1).has_value());
        QCOMPARE(inspect(other.folder, true).troubles.size(), std::size_t{3});
    }

    void aTakeThatIsBeingNamedIsInIt() {
        const Player one;
        one.playThree();
        // Killed between the commit and the names: the next backup knows where it is.
        for (const auto& file : fs::directory_iterator(one.folder.takes()))
            if (file.path().extension() == ".flac") fs::rename(file.path(), file.path().string() + ".part");
        QCOMPARE(backUp(one.folder, {one.at("all.zip")})->recordings, 3);
        // And one that runs is not.
        TakeRecord running;
        running.exercise = *builtInExercise("singles-sixteenths");
        QVERIFY(TakeArchive(one.folder).store().begin(running, kEvening.addDays(9)).has_value());
        QCOMPARE(backUp(one.folder, {one.at("all.zip")})->takes, 3);
    }

    void onePerDayForAWeekAndOnePerWeekForFour() {
        const QDate today(2026, 12, 1);  // a Tuesday
        std::vector<QDate> days;
        for (int ago = 0; ago < 60; ++ago) days.push_back(today.addDays(-ago));
        std::vector<QDate> stay = days;
        for (const QDate& gone : superfluousOn(today, days)) std::erase(stay, gone);
        std::vector<QDate> expected;
        for (int ago = 0; ago < 7; ++ago) expected.push_back(today.addDays(-ago));
        // The last week's days go back to the 25th, a Wednesday: its Tuesday and Sunday before stay for their weeks.
        for (const int day : {24, 22, 15, 8}) expected.emplace_back(2026, 11, day);
        QCOMPARE(stay, expected);
        QVERIFY(superfluousOn(today, {today.addDays(-300)}).empty());

        const Player one;
        one.play("singles-sixteenths", kEvening);
        for (int ago = 40; ago >= 0; --ago) QVERIFY(backUpDaily(one.folder, {}, today.addDays(-ago)).has_value());
        QCOMPARE(newestDaily(one.folder).filename().string(), std::string("upbeat-check-2026-12-01.zip"));
        QCOMPARE(QDir(QString::fromStdString(one.at("backups").string())).entryList(QDir::Files).size(), 11);
        const auto written = fs::last_write_time(newestDaily(one.folder));
        QVERIFY(backUpDaily(one.folder, {}, today).has_value());
        QVERIFY(fs::last_write_time(newestDaily(one.folder)) == written);
    }

    void aDamagedLogbookComesBackFromTheNewestBackup() {
        const Player one;
        one.play("singles-sixteenths", kEvening, 1);
        QVERIFY(backUpDaily(one.folder, {}, QDate(2026, 3, 14)).has_value());
        one.play("singles-sixteenths", kEvening.addDays(1), 2);
        QVERIFY(setAside(one.folder.logbook()).has_value());
        QVERIFY(restoreLogbook(newestDaily(one.folder), one.folder).has_value());
        QCOMPARE(takesIn(one.folder), 1);
        QCOMPARE(TakeArchive(one.folder).find(1)->take.note, std::string("a note of take 1"));
        QCOMPARE(TakeArchive(one.folder).unfinished()->size(), std::size_t{1});  // comes from its recording
    }

    void aBackupThatIsStoppedLeavesTheOldOne() {
        const Player one;
        one.playThree();
        const std::string before = *readFile(one.backup());
        const auto stopped = backUp(one.folder, {one.at("all.zip"), {}, true, [](double) { return false; }});
        QVERIFY(!stopped.has_value());
        QCOMPARE(*readFile(one.at("all.zip")), before);
        const QStringList left =
            QDir(one.dir.path()).entryList({QStringLiteral("all.zip*")}, QDir::Files | QDir::Hidden);
        QCOMPARE(left, QStringList{QStringLiteral("all.zip")});
        QVERIFY(!backUp(one.folder, {"/nowhere/at all.zip"}).has_value());
    }

    void whatAKilledBackupLeftIsSwept() {
        const Player one;
        one.playThree();
        for (const char* left :
             {"all.zip.part", "all.zip.part.a1b2c3", "all.zip.part-logbook", "all.zip.part-logbook-journal"})
            QVERIFY(writeFileAtomically(one.at(left), "half"));
        for (const char* mine : {"all.zip.mine", "all.zip.partners"})
            QVERIFY(writeFileAtomically(one.at(mine), "not ours"));
        QCOMPARE(factsOf(one.backup())->takes, 3);
        const QStringList left =
            QDir(one.dir.path()).entryList({QStringLiteral("all.zip*")}, QDir::Files | QDir::Hidden, QDir::Name);
        QCOMPARE(left, (QStringList{QStringLiteral("all.zip"), QStringLiteral("all.zip.mine"),
                                    QStringLiteral("all.zip.partners")}));
    }
};

QTEST_GUILESS_MAIN(TestBackup)
#include "tst_backup.moc"
