#include <QDir>
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

/// The first folder that a source may not include; empty where there is none. "judge" for "upbeat/judge/...",
/// "app:look" for "look/..." of the window. A folder may always include itself.
QString forbiddenInclude(const QString& source, const QString& self, const QStringList& allowed) {
    static const QRegularExpression include(QStringLiteral("#include \"([^\"]+)\""));
    static const QStringList kHeads{QStringLiteral("library")};  // of the folder's own src
    auto found = include.globalMatch(source);
    while (found.hasNext()) {
        const QStringList parts = found.next().captured(1).split(QLatin1Char('/'));
        if (parts.size() < 2 || kHeads.contains(parts.front())) continue;
        const bool isOurs = parts.front() == QStringLiteral("upbeat");
        const QString folder = isOurs ? parts.at(1) : QStringLiteral("app:") + parts.front();
        if (parts.at(isOurs ? 1 : 0) != self && !allowed.contains(folder)) return folder;
    }
    return {};
}

}  // namespace

class TestLayers : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void noFileBelowTheLogbookIncludesQt_data() {
        QTest::addColumn<QString>("folder");
        for (const char* folder : {"core", "words", "formats", "audio", "report", "cli"})
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
        for (const char* folder : {"core", "words", "formats", "audio", "logbook", "keeping", "report", "cli", "app"})
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

    /// Who may include whom, folder by folder; those of the window include one another by "folder/file.h".
    void arrowsPointOneWay_data() {
        QTest::addColumn<QStringList>("allowed");
        const auto row = [](const char* folder, const char* allowed) {
            QTest::newRow(folder) << QString::fromLatin1(allowed).split(QLatin1Char(' '), Qt::SkipEmptyParts);
        };
        row("core/units", "");
        row("core/music", "units");
        row("core/signal", "units");
        row("core/voices", "units signal");
        row("core/align", "units music signal");
        row("core/measure", "units music signal align");
        row("core/coach/causes", "units music align measure");
        row("core/coach/judge", "units music signal align measure causes");
        row("core/coach/ladder", "units music align measure judge");
        row("core/coach/methods", "units music judge ladder");
        row("core/take", "units music signal voices align measure judge ladder");
        row("core/field", "units music align measure take");
        row("core/player", "units music");
        row("core/season", "units music measure judge ladder");
        row("core/climb", "units music signal judge ladder take player measure season");
        row("core/routine", "units music measure judge ladder season");
        row("words", "units music measure judge ladder season routine");
        row("formats", "units music signal voices align measure judge ladder take player climb words");
        row("audio", "units music signal voices align take player formats");  // nothing of judge, ladder and methods
        row("logbook", "units music signal align measure judge ladder take season routine formats");
        row("report", "units music align measure judge ladder take field words formats");
        row("keeping", "units music signal align take formats report logbook");
        row("cli",
            "units music signal voices align measure judge ladder take player climb routine words formats audio "
            "logbook keeping report");
        const std::string core =
            "units music signal voices align measure judge ladder methods take field player season routine words ";
        row("app/theme", core.c_str());
        row("app/strokes", (core + "app:theme").c_str());
        row("app/studio", (core + "formats audio logbook keeping report app:theme app:strokes").c_str());
        row("app/place", (core + "report app:theme app:strokes app:studio").c_str());
        for (const char* place : {"prepare", "play", "look", "climb", "log"})  // know nothing of one another
            row((std::string("app/") + place).c_str(),
                (core + "logbook app:theme app:strokes app:studio app:place").c_str());
        row("app/demo", (core + "formats logbook app:studio").c_str());
        row("app/shell",
            (core + "app:theme app:studio app:place app:prepare app:play app:look app:climb app:log").c_str());
    }
    void arrowsPointOneWay() {
        QFETCH(QStringList, allowed);
        const QString folder = QString::fromLatin1(QTest::currentDataTag());
        const auto files = filesOf(folder);
        QVERIFY(!files.isEmpty());
        for (const QString& file : files) {
            const QString wrong = forbiddenInclude(contentOf(file), folder.section(QLatin1Char('/'), -1), allowed);
            QVERIFY2(wrong.isEmpty(), qPrintable(file + QStringLiteral(" -> ") + wrong));
        }
    }

    /// What is looked for is found.
    void aForbiddenArrowIsSeen() {
        const QString source =
            QStringLiteral("#include <map>\n#include \"upbeat/judge/gates.h\"\n#include \"own.h\"\n");
        QCOMPARE(forbiddenInclude(source, QStringLiteral("audio"), {QStringLiteral("units")}), QStringLiteral("judge"));
        QVERIFY(forbiddenInclude(source, QStringLiteral("audio"), {QStringLiteral("judge")}).isEmpty());
        QVERIFY(forbiddenInclude(source, QStringLiteral("judge"), {}).isEmpty());
        const QString place = QStringLiteral("#include \"look/look_place.h\"\n");
        QCOMPARE(forbiddenInclude(place, QStringLiteral("climb"), {QStringLiteral("app:place")}),
                 QStringLiteral("app:look"));
    }

    void everyFolderHasARow() {
        QStringList folders;
        for (const char* root : {"core", "core/coach", "app"})
            for (const QString& name :
                 QDir(kSource + QLatin1Char('/') + QLatin1String(root)).entryList(QDir::Dirs | QDir::NoDotAndDotDot))
                folders << QLatin1String(root) + QLatin1Char('/') + name;
        const QString self = contentOf(QStringLiteral(UPBEAT_SOURCE_DIR "/tests/core/tst_layers.cpp"));
        const QString layers = contentOf(QStringLiteral(UPBEAT_SOURCE_DIR "/cmake/Layers.cmake"));
        for (const QString& folder : folders) {
            if (folder == QStringLiteral("core/coach") || folder == QStringLiteral("app/resources")) continue;
            const QString name = folder.section(QLatin1Char('/'), -1);
            QVERIFY2(self.contains(QLatin1Char('"') + folder + QLatin1Char('"')) ||
                         self.contains(QLatin1Char('"') + name + QLatin1Char('"')),
                     qPrintable(folder));
            if (folder.startsWith(QStringLiteral("core")))
                QVERIFY2(layers.contains(QStringLiteral("set(UPBEAT_ALLOWED_%1 ").arg(name)), qPrintable(folder));
        }
    }

    void theCommandLineLoadsNoDisplay() {
        const QString cli = kBinary + QStringLiteral("/bin/upbeat-check-cli");
        QVERIFY(QFile::exists(cli));
        const QString libraries = librariesOf(cli);
        QVERIFY(libraries.contains(QStringLiteral("libsndfile")));
        for (const char* qt : {"libQt6Gui", "libQt6Widgets"})  // Core and Sql come with the logbook
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
