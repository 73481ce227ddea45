#include "log_room.h"

using namespace upbeat;
using namespace upbeat::test;

class TestLogbookFiles : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aNewLogbookIsEmptyAndReady() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        QCOMPARE(*TakeRepository(*logbook).count(), 0);
        QVERIFY(QFile::exists(dir.filePath(QStringLiteral("takes"))));
        QCOMPARE(ask(dir.filePath(QStringLiteral("logbook.db")), QStringLiteral("PRAGMA user_version")).toInt(), 13);
        QCOMPARE(ask(dir.filePath(QStringLiteral("logbook.db")), QStringLiteral("PRAGMA journal_mode")).toString(),
                 QStringLiteral("wal"));
    }

    void openingAgainKeepsWhatWasThere() {
        QTemporaryDir dir;
        qint64 id = 0;
        {
            const auto logbook = opened(dir);
            id = added(*logbook, takeAt("paradiddle-accents", kEvening));
        }
        const auto logbook = opened(dir);
        QVERIFY(TakeRepository(*logbook).find(id).has_value());
    }

    void twoCanWriteAtOnce() {
        QTemporaryDir dir;
        const auto one = opened(dir);
        const auto two = opened(dir);
        added(*one, takeAt("paradiddle-accents", kEvening));
        added(*two, takeAt("flam-taps", kEvening.addSecs(60)));
        QCOMPARE(*TakeRepository(*one).count(), 2);
    }

    void aNewerLogbookIsRefusedAndLeftAsItIs() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("logbook.db"));
        { const auto logbook = opened(dir); }
        ask(file, QStringLiteral("PRAGMA user_version = 99"));
        const auto refused = Logbook::open(file.toStdString());
        QVERIFY(!refused);
        QVERIFY(QString::fromStdString(refused.error().sentence()).contains(QStringLiteral("newer")));
        QCOMPARE(ask(file, QStringLiteral("PRAGMA user_version")).toInt(), 99);
    }

    // A logbook of schema 3, as the demo of that version wrote it; three of its takes.
    static std::unique_ptr<Logbook> olderLogbook(const QTemporaryDir& dir, const QString& change = {}) {
        const QString file = dir.filePath(QStringLiteral("logbook.db"));
        if (!QFile::copy(QStringLiteral(UPBEAT_SOURCE_DIR "/tests/logbook/data/logbook-3.db"), file)) qFatal("no file");
        QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner);
        for (const QString& sql : change.split(QLatin1Char(';'), Qt::SkipEmptyParts)) ask(file, sql);
        return opened(dir);
    }

    void aLogbookOfSchema3ComesAlongWhole() {
        QTemporaryDir dir;
        const auto logbook = olderLogbook(dir);
        TakeRepository takes(*logbook);
        QCOMPARE(takes.list()->size(), std::size_t{3});
        const auto take = takes.find(54);
        QVERIFY2(take.has_value(), take ? "" : take.error().sentence().c_str());
        QCOMPARE(take->exercise.id, std::string("lantern-waltz"));
        QCOMPARE(take->hits.size(), std::size_t(ask(dir.filePath(QStringLiteral("logbook.db")),
                                                    QStringLiteral("SELECT COUNT(*) FROM hit WHERE take_id = 54"))
                                                    .toInt()));
        QVERIFY(!take->ladder.has_value());
        QCOMPARE(take->click.tempo.value(), 112.0);
        QCOMPARE(english(words::headlineOf(takes.list()->front().verdict)), QStringLiteral("Up to 118."));
        QCOMPARE((*LadderRepository(*logbook).find("lantern-waltz"))->tempoBpm, 118.0);
        QCOMPARE(LadderRepository(*logbook).history("ferry-shuffle")->size(), std::size_t{2});
        // And goes on: a new take beside the old ones.
        added(*logbook, takeAt("flam-taps", kEvening));
        QCOMPARE(*takes.count(), 4);
    }

    void faintHitsOfAnOlderLogbookDoNotWeighMoreThanTheyDid() {
        QTemporaryDir dir;
        const auto logbook =
            olderLogbook(dir, QStringLiteral("UPDATE hit SET strength = 4 WHERE take_id = 1 AND number = 0;"
                                             "UPDATE hit SET strength = 40 WHERE take_id = 1 AND number = 1;"
                                             "PRAGMA user_version = 2"));
        const auto take = TakeRepository(*logbook).find(1);
        QVERIFY(take);
        QVERIFY(take->hits[0].strength < 0.5);
        QCOMPARE(take->hits[1].strength, 40.0);
    }

    void aFileThatIsNoLogbookIsRefusedAndLeftAsItIs() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("logbook.db"));
        const QByteArray letter = QByteArray("Dear drummer, ").repeated(400);
        {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(letter);
        }
        const auto refused = Logbook::open(path.toStdString());
        QVERIFY(!refused);
        QVERIFY(QString::fromStdString(refused.error().sentence()).contains(QStringLiteral("not a logbook")));
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll(), letter);
    }

    void aFolderThatCannotBeWrittenIsSaid() {
        const auto refused = Logbook::open("/proc/upbeat/logbook.db");
        QVERIFY(!refused);
        const QString sentence = QString::fromStdString(refused.error().sentence());
        QVERIFY2(
            sentence.contains(QStringLiteral("/proc/upbeat")) && sentence.contains(QStringLiteral("another folder")),
            qPrintable(sentence));
    }

    void aNewerLogbookIsNotTouchedAtAll() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("logbook.db"));
        { const auto logbook = opened(dir); }
        // As a newer program leaves it after a clean end, in a journal mode of its own.
        ask(file, QStringLiteral("PRAGMA journal_mode = DELETE"));
        ask(file, QStringLiteral("PRAGMA user_version = 99"));
        const auto bytes = [&file] {
            QFile in(file);
            (void)in.open(QIODevice::ReadOnly);
            return in.readAll();
        };
        const QByteArray before = bytes();
        QVERIFY(!Logbook::open(file.toStdString()));
        QCOMPARE(bytes(), before);
        QCOMPARE(troubleWith(file.toStdString()), LogbookTrouble::Newer);
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files), QStringList{QStringLiteral("logbook.db")});
    }

    void aDamagedLogbookIsTold_data() {
        QTest::addColumn<QByteArray>("content");
        QTest::newRow("a letter") << QByteArray("Dear drummer");
        QTest::newRow("noise") << QByteArray(40000, '\x5a');
    }

    void aDamagedLogbookIsTold() {
        QFETCH(QByteArray, content);
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("logbook.db")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(content);
        file.close();
        const auto refused = Logbook::open(file.fileName().toStdString());
        QVERIFY(!refused);
        QVERIFY(QString::fromStdString(refused.error().sentence()).contains(QStringLiteral("damaged")));
        QCOMPARE(troubleWith(file.fileName().toStdString()), LogbookTrouble::Damaged);
        QVERIFY(setAside(file.fileName().toStdString()).has_value());
        QVERIFY(Logbook::open(file.fileName().toStdString()).has_value());
        QCOMPARE(troubleWith(file.fileName().toStdString()), LogbookTrouble::None);
    }
};

QTEST_GUILESS_MAIN(TestLogbookFiles)
#include "tst_logbook_files.moc"
