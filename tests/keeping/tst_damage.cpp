// What is damaged, hostile or missing is said, and changes nothing.
#include <zip.h>

#include <fstream>
#include <nlohmann/json.hpp>

#include "player.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/keeping/merge.h"
#include "upbeat/keeping/restore.h"
#include "upbeat/logbook/trash.h"
#include "upbeat/units/random.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

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

class TestDamage : public QObject {
    Q_OBJECT
  private Q_SLOTS:
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
        row("a version that no number holds", {{"version", 3.3e42}}, "newer Upbeat Check");
        row("takes beyond all numbers", {{"takes", -1e300}, {"files", nlohmann::json::object()}}, "no logbook");
        row("half a byte", {{"files", {{"logbook.db", {{"bytes", 1.5}, {"sha256", ""}}}}}}, "cannot be read");
        row("bytes beyond all numbers", {{"files", {{"logbook.db", {{"bytes", 1e300}, {"sha256", ""}}}}}},
            "cannot be read");
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
        QVERIFY2(noticed > 25, qPrintable(QString::number(noticed)));
    }

    // What no page and no sidecar tells of: one number that is another.
    void aNumberThatIsAnotherIsNoticed_data() {
        QTest::addColumn<QString>("sql");
        QTest::addColumn<int>("troubles");
        QTest::newRow("a gate") << "UPDATE gate SET measured = measured + 0.001 WHERE take_id = 2" << 1;
        QTest::newRow("a gate's limit") << "UPDATE gate SET asked = asked * 2 WHERE name = 'spread'" << 3;
        QTest::newRow("a figure") << "UPDATE figure SET high = high * 1.0001 WHERE take_id = 1 AND name = 'spread_ms'"
                                  << 1;
        QTest::newRow("a figure less") << "DELETE FROM figure WHERE take_id = 1 AND name = 'spread_ms'" << 1;
        QTest::newRow("a hit, by less than files round")
            << "UPDATE hit SET level_db = level_db + 0.01 WHERE take_id = 3 AND number = 5" << 1;
        QTest::newRow("two hits for each other")
            << "UPDATE hit SET strength = strength + CASE number WHEN 2 THEN 0.01 ELSE -0.01 END WHERE take_id = 3 AND "
               "number IN (2, 3)"
            << 1;
        QTest::newRow("clean") << "UPDATE take SET clean = 1 - clean WHERE id = 2" << 1;
        QTest::newRow("what was said") << "UPDATE verdict SET next_bpm = next_bpm + 4 WHERE take_id = 2" << 1;
        QTest::newRow("a span that was damaged") << "INSERT INTO damaged_span VALUES (2, 1.0, 1.5)" << 1;
        QTest::newRow("the seal itself") << "DELETE FROM seal WHERE take_id = 2" << 1;
        QTest::newRow("a note and a tag may change")
            << "UPDATE take SET note = 'another' WHERE id = 2; INSERT INTO tag VALUES (2, 'gig')" << 0;
    }
    void aNumberThatIsAnotherIsNoticed() {
        QFETCH(QString, sql);
        QFETCH(int, troubles);
        const Player one;
        one.playThree();
        for (const QString& part : sql.split(QStringLiteral("; ")))
            QVERIFY(runQuery(**Logbook::open(one.folder.logbook()), part.toUtf8().constData()));
        const Inspection found = inspect(one.folder, false);
        for (const Error& trouble : found.troubles) QVERIFY(trouble.sentence().find("figures") != std::string::npos);
        QCOMPARE(static_cast<int>(found.troubles.size()), troubles);
    }

    void takesKeepTheirSealsOnTheWay() {
        const Player one;
        one.playThree();
        const Player other;
        other.play("paradiddle-accents", kEvening.addDays(3), 9);
        QVERIFY(merge(one.backup(), other.folder));
        QVERIFY(inspect(other.folder, true).troubles.empty());
        // From before there were seals: the takes are sealed when the logbook is opened.
        QVERIFY(runQuery(**Logbook::open(one.folder.logbook()), "DROP TABLE seal"));
        QVERIFY(runQuery(**Logbook::open(one.folder.logbook()), "PRAGMA user_version = 12"));
        QVERIFY(Logbook::open(one.folder.logbook()));
        QVERIFY(inspect(one.folder, true).troubles.empty());
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
        // What was removed comes back with one key: it is not forgotten.
        {
            const auto logbook = Logbook::open(one.folder.logbook());
            const auto takes = TakeRepository(**logbook).list();
            for (const TakeSummary& take : *takes) QVERIFY(Trash(**logbook).put({take.id}, kEvening));
        }
        const Inspection removed = inspect(one.folder, true);
        QCOMPARE(removed.takes, 3);
        QCOMPARE(removed.troubles.size(), std::size_t{2});  // one whose recording is gone was being thrown away
    }
};

QTEST_GUILESS_MAIN(TestDamage)
#include "tst_damage.moc"
