#include <QDirIterator>
#include <QFile>
#include <QProcess>
#include <QRegularExpression>
#include <QTest>

namespace {

const QString kSource = QStringLiteral(UPBEAT_SOURCE_DIR);
const QString kBinary = QStringLiteral(UPBEAT_BINARY_DIR);

QStringList filesOf(const QString& folder) {
    QStringList files;
    QDirIterator it(kSource + QLatin1Char('/') + folder, {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files,
                    QDirIterator::Subdirectories);
    while (it.hasNext()) files << it.next();
    return files;
}

QString contentOf(const QString& file) {
    QFile f(file);
    return f.open(QIODevice::ReadOnly) ? QString::fromUtf8(f.readAll()) : QString();
}

QString librariesOf(const QString& binary) {
    QProcess ldd;
    ldd.start(QStringLiteral("ldd"), {binary});
    return ldd.waitForFinished() ? QString::fromUtf8(ldd.readAllStandardOutput()) : QString();
}

}  // namespace

class TestLayers : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void noFileBelowTheLogbookIncludesQt_data() {
        QTest::addColumn<QString>("folder");
        for (const char* folder : {"core", "formats", "audio", "cli"})
            QTest::newRow(folder) << QString::fromLatin1(folder);
    }
    void noFileBelowTheLogbookIncludesQt() {
        QFETCH(QString, folder);
        static const QRegularExpression qt(QStringLiteral("#include\\s*[<\"]Q[A-Z]"));
        const auto files = filesOf(folder);
        QVERIFY(files.size() > 3);
        for (const QString& file : files) QVERIFY2(!contentOf(file).contains(qt), qPrintable(file));
    }

    /// Two types of one name in one namespace, each in its own header: no compiler notices, and the linker mixes their
    /// templates.
    void everyTypeHasItsOwnName() {
        static const QRegularExpression type(QStringLiteral("^(?:struct|class|enum class) (\\w+)[^;]*\\{"),
                                             QRegularExpression::MultilineOption);
        QHash<QString, QString> homes;
        for (const char* folder : {"core", "formats", "audio", "logbook", "cli", "app"})
            for (const QString& file : filesOf(QString::fromLatin1(folder))) {
                if (!file.endsWith(QStringLiteral(".h"))) continue;
                auto found = type.globalMatch(contentOf(file));
                while (found.hasNext()) {
                    const QString name = found.next().captured(1);
                    QVERIFY2(!homes.contains(name), qPrintable(name + QStringLiteral(": ") + homes.value(name) + file));
                    homes.insert(name, file);
                }
            }
        QVERIFY(homes.size() > 100);
    }

    void arrowsPointOneWay_data() {
        QTest::addColumn<QString>("folder");
        QTest::addColumn<QStringList>("forbidden");
        QTest::newRow("core") << "core" << QStringList{"formats", "audio", "logbook"};
        QTest::newRow("formats") << "formats" << QStringList{"audio", "logbook"};
        QTest::newRow("audio") << "audio" << QStringList{"logbook"};
        QTest::newRow("logbook") << "logbook" << QStringList{"audio"};
        QTest::newRow("signal") << "core/signal" << QStringList{"player", "align", "measure", "coach", "take", "music"};
        QTest::newRow("voices") << "core/voices" << QStringList{"player", "align", "measure", "coach", "take", "music"};
        QTest::newRow("player") << "core/player"
                                << QStringList{"signal", "voices", "align", "measure", "coach", "take"};
        QTest::newRow("measure") << "core/measure" << QStringList{"coach", "take", "player"};
    }
    void arrowsPointOneWay() {
        QFETCH(QString, folder);
        QFETCH(QStringList, forbidden);
        for (const QString& file : filesOf(folder))
            for (const QString& other : forbidden)
                QVERIFY2(!contentOf(file).contains(QStringLiteral("#include \"upbeat/%1/").arg(other)),
                         qPrintable(file + QStringLiteral(" -> ") + other));
    }

    void theCommandLineLoadsNoDisplay() {
        const QString cli = kBinary + QStringLiteral("/bin/upbeat-check-cli");
        QVERIFY(QFile::exists(cli));
        const QString libraries = librariesOf(cli);
        QVERIFY(libraries.contains(QStringLiteral("libsndfile")));
        for (const char* qt : {"libQt6Gui", "libQt6Widgets", "libQt6Core"})
            QVERIFY2(!libraries.contains(QLatin1String(qt)), qt);
    }

    void theCoresOwnTestsLoadNoDisplay() {
        for (const char* test : {"tst_signal", "tst_align", "tst_analyze", "tst_coach"}) {
            const QString libraries = librariesOf(kBinary + QStringLiteral("/tests/") + QLatin1String(test));
            QVERIFY(!libraries.isEmpty());
            QVERIFY(!libraries.contains(QStringLiteral("libQt6Gui")));
        }
    }

    void headersOfTheCoreSayWhatTheyAre() {
        // Every public header has at least one contract comment.
        QDirIterator it(kSource + QStringLiteral("/core"), {QStringLiteral("*.h")}, QDir::Files,
                        QDirIterator::Subdirectories);
        while (it.hasNext()) {
            const QString file = it.next();
            if (file.contains(QStringLiteral("/include/")))
                QVERIFY2(contentOf(file).contains(QStringLiteral("/// ")), qPrintable(file));
        }
    }
};

QTEST_APPLESS_MAIN(TestLayers)
#include "tst_layers.moc"
