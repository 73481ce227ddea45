// Everything of one player in one file and back; two logbooks as one; what is damaged is said.
#include <zip.h>

#include <QDir>
#include <QDirIterator>
#include <QTemporaryDir>
#include <QTest>
#include <fstream>
#include <nlohmann/json.hpp>

#include "takes.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/keeping/daily_backup.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/keeping/merge.h"
#include "upbeat/keeping/restore.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/set_repository.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/library.h"
#include "upbeat/units/random.h"

using namespace upbeat;
using namespace upbeat::test;
namespace fs = std::filesystem;

namespace {

const QDateTime kEvening(QDate(2026, 3, 14), QTime(18, 0, 7));

/// One player: a folder, and takes in it.
struct Player {
    QTemporaryDir dir;
    DataFolder folder = *DataFolder::open(dir.path().toStdString());

    [[nodiscard]] fs::path at(const char* name) const { return fs::path(dir.path().toStdString()) / name; }

    void play(const char* exercise, const QDateTime& at, std::uint64_t seed = 1, double tempo = 120) const {
        const KnownTake known = upbeat::test::play(*builtInExercise(exercise), tempo, 2, {}, seed);
        TakeRecord take;
        take.exercise = known.exercise;
        take.click = clickFor(known.exercise, Bpm(tempo));
        take.frame = known.frame();
        take.startedAt = stampOf(at);
        take.durationS = known.rendered.sound.durationS();
        take.hits = perfectHits(known);
        take.note = "a note of take " + std::to_string(seed);
        const TakeArchive archive(folder);
        const auto name = archive.store().begin(take, at);
        QVERIFY(name && writeSound(archive.store().partFile(*name), known.rendered.sound, AudioFormat::Flac24));
        take.file = *name + ".flac";
        const CoachPlan plan{Profile(), ladderOf(take.exercise), {}};
        QVERIFY(archive.keep(take, analyzeTake(take.exercise, take.frame, take.hits, plan)));
    }
    void playThree() const {
        play("singles-sixteenths", kEvening, 1);
        play("singles-sixteenths", kEvening.addSecs(60), 2);
        play("flam-accents", kEvening.addDays(1), 3);
        QVERIFY(writeFileAtomically(at("kit-mic.json"), "{}"));
        fs::create_directories(folder.exercises());
        QVERIFY(writeFileAtomically(folder.exercises() / "own.json", "{\"own\": 1}"));
        const auto logbook = Logbook::open(folder.logbook());
        QVERIFY(SetRepository(**logbook).save({0, "concert", {}, {"flam-accents"}}));
    }
    [[nodiscard]] fs::path backup(bool withSound = true) const {
        const fs::path target = at("all.zip");
        const auto made = backUp(folder, {target, {}, withSound});
        if (!made) qFatal("%s", made.error().sentence().c_str());
        return target;
    }
};

/// Every row of every table, as text: for comparing.
QStringList rowsOf(const fs::path& file) {
    const auto logbook = Logbook::open(file, LogbookAccess::Reading);
    QStringList rows;
    for (const char* table : {"exercise_version", "ladder", "session", "take", "hit", "damaged_span", "verdict", "gate",
                              "figure", "exercise_set", "exercise_in_set", "remark"}) {
        auto query = runQuery(**logbook, (std::string("SELECT * FROM ") + table + " ORDER BY 1, 2").c_str());
        while (query->next()) {
            QStringList cells{QString::fromLatin1(table)};
            for (int i = 0; !query->value(i).isNull() || i < 60; ++i) {
                if (i >= 60) break;
                cells << QString::fromLatin1(query->value(i).toByteArray().toHex());
            }
            rows << cells.join(QLatin1Char(' '));
        }
    }
    return rows;
}

/// Name and content of every file of a player but the logbook, which is compared by its rows.
QStringList filesOf(const DataFolder& folder) {
    QStringList files;
    const QDir root(QString::fromStdString(folder.root().string()));
    QDirIterator at(root.path(), QDir::Files, QDirIterator::Subdirectories);
    while (at.hasNext()) {
        const QString file = at.next();
        const QString name = root.relativeFilePath(file);
        if (!name.startsWith(QStringLiteral("logbook.db")) && !name.endsWith(QStringLiteral(".zip")) &&
            name != QStringLiteral("lock"))
            files << name + QLatin1Char(' ') +
                         QString::number(qHash(QByteArray::fromStdString(*readFile(file.toStdString()))));
    }
    files.sort();
    return files;
}

int takesIn(const DataFolder& folder) {
    return *TakeRepository(**Logbook::open(folder.logbook(), LogbookAccess::Reading)).count();
}

/// A zip with a manifest of somebody else's making.
void forge(const fs::path& target, const nlohmann::json& manifest) {
    int error = 0;
    zip_t* zip = zip_open(target.c_str(), ZIP_CREATE | ZIP_TRUNCATE, &error);
    const std::string text = manifest.dump();
    for (const char* name : {"backup.json", "logbook.db"})
        zip_file_add(zip, name, zip_source_buffer(zip, text.data(), text.size(), 0), ZIP_FL_ENC_UTF_8);
    QCOMPARE(zip_close(zip), 0);
}

nlohmann::json plainManifest() {
    return {{"format", "upbeat-check/backup"},
            {"version", 1},
            {"made_at", "2026-03-14T18:00:00"},
            {"schema", 10},
            {"takes", 1},
            {"recordings", 0},
            {"with_sound", false},
            {"files", {{"logbook.db", {{"bytes", 12}, {"sha256", "00"}}}}}};
}

}  // namespace

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

    void twoLogbooksBecomeOneWithoutDoubles() {
        const Player one;
        one.playThree();
        const Player other;
        QVERIFY(restoreAll(one.backup(), other.folder));
        other.play("paradiddle-accents", kEvening.addDays(2), 7);
        one.play("singles-sixteenths", kEvening.addDays(3), 6);
        one.play("paradiddle-accents", kEvening.addDays(2), 5, 90);  // the same name as the other's, another take
        const auto merged = merge(one.backup(), other.folder);
        QVERIFY2(merged.has_value(), merged ? "" : merged.error().sentence().c_str());
        QCOMPARE(merged->takes, 2);
        QCOMPARE(merged->known, 3);
        QCOMPARE(takesIn(other.folder), 6);
        QVERIFY(inspect(other.folder, true).troubles.empty());
        QCOMPARE(inspect(other.folder, true).recordings, 6);
        QCOMPARE(merge(one.at("all.zip"), other.folder)->takes, 0);
        QCOMPARE(takesIn(other.folder), 6);
        // What came is what was sent: hits, verdict and note.
        const TakeRepository takes(**Logbook::open(other.folder.logbook()));
        const auto list = TakeRepository(**Logbook::open(other.folder.logbook())).list("paradiddle-accents");
        QCOMPARE(list->size(), std::size_t{2});
        for (const TakeSummary& take : *list) {
            const auto found = TakeArchive(other.folder).find(take.id);
            QVERIFY(found.has_value() && found->day.has_value());
            QCOMPARE(found->take.hits.size(), std::size_t{2 * 16});
            QCOMPARE(found->take.note, std::string(take.tempoBpm < 100 ? "a note of take 5" : "a note of take 7"));
        }
        QVERIFY(TakeArchive(other.folder).unfinished()->empty());
    }

    void theTakesOfOneExerciseComeBack() {
        const Player one;
        one.playThree();
        const Player other;
        other.play("paradiddle-accents", kEvening, 9);
        const auto merged = merge(one.backup(), other.folder, "flam-accents");
        QVERIFY(merged.has_value());
        QCOMPARE(merged->takes, 1);
        QCOMPARE(takesIn(other.folder), 2);
        QVERIFY(!fs::exists(other.at("kit-mic.json")));
        QVERIFY(inspect(other.folder, true).troubles.empty());
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

    void aFileThatIsNoBackupChangesNothing_data() {
        QTest::addColumn<QByteArray>("change");
        QTest::addColumn<QString>("said");
        const auto row = [](const char* name, const nlohmann::json& change, const char* said) {
            QTest::newRow(name) << QByteArray::fromStdString(change.dump()) << QString::fromLatin1(said);
        };
        const auto holding = [](const char* name, double bytes) {
            nlohmann::json files{{"logbook.db", {{"bytes", 3}, {"sha256", ""}}}};
            files[name] = {{"bytes", static_cast<std::uint64_t>(bytes)}, {"sha256", ""}};
            return nlohmann::json{{"files", files}};
        };
        row("another format", {{"format", "song"}}, "no backup of Upbeat Check");
        row("newer", {{"version", 2}}, "newer Upbeat Check");
        row("no number", {{"takes", "three"}}, "cannot be read");
        row("no logbook", {{"files", nlohmann::json::object()}}, "no logbook");
        for (const char* name : {"../evil", "takes/../../evil", "/etc/evil", "takes/", "takes/a/b", ".bashrc",
                                 "takes/.x", "logbook.db-wal", "lock", "exercises/a\n"})
            row(name, holding(name, 1), "none of a player");
        row("huge", holding("takes/a.flac", 1e14), "larger than it can be");
        row("longer than it says", holding("logbook.db", 3), "damaged at \"logbook.db\"");
        row("not there", holding("takes/a.flac", 3), "damaged at");
    }
    void aFileThatIsNoBackupChangesNothing() {
        QFETCH(QByteArray, change);
        QFETCH(QString, said);
        const Player one;
        one.play("singles-sixteenths", kEvening);
        const QStringList files = filesOf(one.folder);
        const QStringList rows = rowsOf(one.folder.logbook());
        nlohmann::json manifest = plainManifest();
        manifest.update(nlohmann::json::parse(change.toStdString()));
        forge(one.at("bad.zip"), manifest);
        const auto restored = restoreAll(one.at("bad.zip"), one.folder);
        QVERIFY(!restored);
        const QString sentence = QString::fromStdString(restored.error().sentence());
        QVERIFY2(sentence.contains(said), qPrintable(sentence));
        QVERIFY(!merge(one.at("bad.zip"), one.folder));
        QCOMPARE(filesOf(one.folder), files);
        QCOMPARE(rowsOf(one.folder.logbook()), rows);
        QVERIFY(!fs::exists(one.at(".restore")));
    }

    // Wherever a backup is hit, it is refused, or what it gives is what was put in.
    void bytesOverwrittenInABackupAreNoticed() {
        const Player one;
        one.playThree();
        const std::string whole = *readFile(one.backup(false));
        const QStringList rows = rowsOf(one.folder.logbook());
        Random random(11);
        int refused = 0;
        for (int i = 0; i < 200; ++i) {
            std::string hit = whole;
            const auto at = static_cast<std::size_t>(random.uniform() * static_cast<double>(hit.size() - 8));
            for (std::size_t k = 0; k < 8; ++k) hit[at + k] = static_cast<char>(random.uniform() * 256);
            std::ofstream(one.at("hit.zip"), std::ios::binary) << hit;
            const Player other;
            const auto restored = restoreAll(one.at("hit.zip"), other.folder);
            refused += restored ? 0 : 1;
            if (restored) QCOMPARE(rowsOf(other.folder.logbook()), rows);
        }
        QVERIFY2(refused > 150, qPrintable(QString::number(refused)));
    }

    // Wherever a logbook is hit, an inspection says so, or every take in it is what it was.
    void bytesOverwrittenInALogbookAreNoticed() {
        const Player one;
        one.playThree();
        runQuery(**Logbook::open(one.folder.logbook()), "PRAGMA wal_checkpoint(TRUNCATE)").has_value();
        const std::string whole = *readFile(one.folder.logbook());
        const QStringList rows = rowsOf(one.folder.logbook());
        Random random(12);
        int noticed = 0;
        for (int i = 0; i < 200; ++i) {
            std::string hit = whole;
            const auto at = static_cast<std::size_t>(random.uniform() * static_cast<double>(hit.size() - 64));
            for (std::size_t k = 0; k < 64; ++k) hit[at + k] = static_cast<char>(random.uniform() * 256);
            std::ofstream(one.folder.logbook(), std::ios::binary | std::ios::trunc) << hit;
            const bool isWhole = inspect(one.folder, false).troubles.empty();
            noticed += isWhole ? 0 : 1;
            if (isWhole) QCOMPARE(rowsOf(one.folder.logbook()), rows);  // it hit nothing that holds anything
        }
        std::ofstream(one.folder.logbook(), std::ios::binary | std::ios::trunc) << whole;
        QCOMPARE(rowsOf(one.folder.logbook()), rows);
        QVERIFY2(noticed > 40, qPrintable(QString::number(noticed)));
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

    void whatIsMissingInAFolderIsSaid() {
        const Player one;
        one.playThree();
        QVERIFY(inspect(one.folder, true).troubles.empty());
        const fs::path first = one.folder.takes() / "2026-03-14-180007-singles-sixteenths.flac";
        const std::string sound = *readFile(first);
        QVERIFY(writeFileAtomically(first, sound.substr(0, sound.size() / 2)));
        fs::remove(one.folder.takes() / "2026-03-15-180007-flam-accents.json");
        fs::remove(one.folder.takes() / "2026-03-14-180107-singles-sixteenths.flac");
        QCOMPARE(inspect(one.folder, true).troubles.size(), std::size_t{3});
    }
};

QTEST_GUILESS_MAIN(TestBackup)
#include "tst_backup.moc"
