// A climb in the real window over a real server: a second program is the drummer, the click leaks into the microphone,
// the way round was never measured. Nothing here asserts on time: the machine may stall, and a take that lost frames is
// only played again.
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTest>

#include "private_server.h"
#include "stage.h"
#include "upbeat/audio/jack_stream.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/keeping/restore.h"

using namespace upbeat;
using namespace upbeat::test;

class TestClimbJack : public QObject {
    Q_OBJECT

    QByteArray m_server = "upbeat-climb-" + QByteArray::number(QCoreApplication::applicationPid());
    PrivateServer m_jackd;
    PrivateServer m_drummer;
    QTemporaryDir m_dir{};

  private Q_SLOTS:
    void initTestCase() {
        if (QStandardPaths::findExecutable(QStringLiteral("jackd")).isEmpty()) QSKIP("jackd is not installed");
        QVERIFY(lookAsShipped());
        qputenv("JACK_DEFAULT_SERVER", m_server);
        qputenv("JACK_NO_AUDIO_RESERVATION", "1");
        qputenv("JACK_NO_START_SERVER", "1");
        qunsetenv("LD_LIBRARY_PATH");
        m_jackd.start(QStringLiteral("jackd"),
                      {QStringLiteral("-n"), QString::fromLatin1(m_server), QStringLiteral("-r"), QStringLiteral("-S"),
                       QStringLiteral("-d"), QStringLiteral("dummy"), QStringLiteral("-r"), QStringLiteral("48000"),
                       QStringLiteral("-p"), QStringLiteral("256")});
        QVERIFY(m_jackd.waitForStarted());
        QTRY_VERIFY_WITH_TIMEOUT(jackInputs().has_value() || m_jackd.state() == QProcess::NotRunning, 30000);
        QVERIFY2(m_jackd.state() == QProcess::Running, m_jackd.readAll().constData());
    }

    void twoRungsHandsFree() {
        StudioOptions options;
        options.dataFolder = m_dir.path().toStdString();
        options.settingsFile = m_dir.filePath(QStringLiteral("settings.ini"));
        JackStream* stream = nullptr;
        options.makeStream = [&stream](const InputId&, const AudioEngine&) -> std::unique_ptr<DuplexStream> {
            auto made = std::make_unique<JackStream>(JackInput{});
            stream = made.get();
            return made;
        };
        auto opened = Studio::open(options);
        QVERIFY(opened);
        Studio& studio = **opened;
        PracticeSettings settings = studio.setup().settings();
        settings.input = JackInput{};
        settings.inputChosen = settings.careShown = true;
        settings.barsPerTake = 4;
        settings.restS = 1;
        studio.setup().change(settings);
        studio.stand().choose("singles-sixteenths");
        studio.stand().setTempo(156);
        studio.stand().setGoal(160);
        studio.stand().setCleanNeeded(1);
        MainWindow window(studio);
        window.show();
        QVERIFY(QTest::qWaitForWindowActive(&window));
        QTRY_VERIFY_WITH_TIMEOUT(studio.input().isAlive(), 60000);
        m_drummer.start(QStringLiteral(UPBEAT_BINARY_DIR "/tests/jack_drummer"),
                        {QString::fromLatin1(m_server), QString::fromStdString(stream->outputPort()),
                         QString::fromStdString(stream->inputPort())});
        QVERIFY(m_drummer.waitForReadyRead(30000));
        QCOMPARE(m_drummer.readAllStandardOutput().trimmed(), QByteArray("ready"));
        QSignalSpy said(&studio.notices(), &Notices::said);
        window.go(MainWindow::Play);
        QTest::keyClick(window.place(MainWindow::Play), Qt::Key_H);
        const bool arrived = QTest::qWaitFor([&] { return !studio.handsFree().isOn(); }, 150000);
        const auto takes = studio.log().takes();
        for (const TakeSummary& take : takes)
            qInfo("%.0f: %s", take.tempoBpm, words::headlineOf(take.verdict).said().c_str());
        // The drummer is a program, too, and stumbles where the machine stalls: then it climbs and falls.
        constexpr std::size_t kTriedOften = 3;  // two are enough where it does not
        if (!arrived && takes.size() >= kTriedOften) QSKIP("the machine stalls too often for a drummer to keep time");
        QVERIFY2(arrived, qPrintable(said.isEmpty() ? QString() : said.last().first().toString()));
        QVERIFY(takes.size() >= 2);
        QVERIFY(takes.front().verdict.goalReached);
        // A clean take may hold one mistake of the drummer's, or the server stood still in it, so that the click is not
        // where it was; then he plays it again.
        const auto isDisturbed = [&studio] {
            const TakeView& take = *studio.review().take();
            return !take.analysis.matched.extra.empty() || !take.analysis.matched.missed.empty() ||
                   !take.stored.frame.damaged.empty() || !take.stored.frame.clickBleed;
        };
        for (int tries = 0; tries < 5 && isDisturbed(); ++tries) {
            const std::size_t before = studio.log().takes().size();
            studio.recorder().start();
            QTRY_VERIFY_WITH_TIMEOUT(studio.log().takes().size() > before && studio.recorder().isIdle(), 60000);
        }
        if (isDisturbed()) QSKIP("the machine stalls in every take");
        // A backup that is taken while a take runs is whole, and knows nothing of it.
        const auto kept = static_cast<int>(studio.log().takes().size());
        const std::filesystem::path backup = m_dir.filePath(QStringLiteral("all.zip")).toStdString();
        studio.recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(studio.recorder().live() && studio.recorder().live()->beatsNow() > 2, 60000);
        studio.backups().save(QString::fromStdString(backup.string()));
        QTRY_VERIFY_WITH_TIMEOUT(!studio.backups().isBusy(), 60000);
        QVERIFY(studio.recorder().isRecording());
        studio.recorder().discard();
        QTRY_VERIFY_WITH_TIMEOUT(studio.recorder().isIdle(), 60000);
        const QTemporaryDir elsewhere;
        const auto folder = DataFolder::open(elsewhere.path().toStdString());
        const auto restored = restoreAll(backup, *folder);
        QVERIFY2(restored, restored ? "" : restored.error().sentence().c_str());
        QCOMPARE(restored->facts.takes, kept);
        QVERIFY(restored->absent.empty());
        const Inspection found = inspect(*folder, true);
        QVERIFY2(found.troubles.empty(), found.troubles.empty() ? "" : found.troubles.front().sentence().c_str());
        const TakeView& last = *studio.review().take();
        QCOMPARE(last.stored.frame.anchor.kind, AnchorKind::Click);
        QVERIFY(last.stored.frame.clickBleed);
        QVERIFY(last.analysis.matched.extra.empty() && last.analysis.matched.missed.empty());
        // 8 ms behind the click that leaks in on the same way: 8 ms late, whatever the server's way round is.
        const double placed = last.analysis.measures.timing.placementMs->value;
        QVERIFY2(std::abs(placed - 8) < 1, qPrintable(QString::number(placed)));
    }

    void cleanupTestCase() {
        m_drummer.stop();
        m_jackd.stop();
    }
};

QTEST_MAIN(TestClimbJack)
#include "tst_climb_jack.moc"
