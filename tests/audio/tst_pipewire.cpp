// The real device code against a private PipeWire server that is driven by a clock. Nothing here asserts on time or on
// dropped cycles: the machine may stall. Only sample positions outside damaged spans are judged.
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>

#include "device_takes.h"
#include "pipewire_room.h"
#include "private_server.h"
#include "upbeat/audio/pipewire_stream.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

const PipeWireInput kCapture{"room", "capture_1"};

/// A private server. It comes up empty: no sound card but the rooms that tests put in.
struct Server {
    QTemporaryDir dir;
    PrivateServer process;

    void start() {
        qputenv("PIPEWIRE_RUNTIME_DIR", dir.path().toLocal8Bit());
        process.start(QStringLiteral("pipewire"),
                      {QStringLiteral("-c"), QStringLiteral(UPBEAT_SOURCE_DIR "/tests/audio/data/pipewire.conf")});
        QVERIFY(process.waitForStarted());
        QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(dir.filePath(QStringLiteral("pipewire-0"))), 30000);
    }
    static void forcePeriod(int frames) {
        QCOMPARE(QProcess::execute(QStringLiteral("pw-metadata"),
                                   {QStringLiteral("-n"), QStringLiteral("settings"), QStringLiteral("0"),
                                    QStringLiteral("clock.force-quantum"), QString::number(frames)}),
                 0);
    }
};

}  // namespace

class TestPipeWire : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        if (QStandardPaths::findExecutable(QStringLiteral("pipewire")).isEmpty()) QSKIP("pipewire is not installed");
        m_server.start();
    }
    void cleanupTestCase() { m_server.process.stop(); }

    void aServerWithoutSoundCardIsSaid() {
        const auto inputs = pipeWireInputs();
        QVERIFY(!inputs);
        QVERIFY(QString::fromStdString(inputs.error().sentence()).contains(QStringLiteral("plays nothing")));
    }

    void whereNoServerRunsItIsSaid() {
        const QTemporaryDir empty;
        qputenv("PIPEWIRE_RUNTIME_DIR", empty.path().toLocal8Bit());
        const auto inputs = pipeWireInputs();
        AudioEngine engine;
        PipeWireStream stream(kCapture);
        const auto started = stream.start(engine);
        qputenv("PIPEWIRE_RUNTIME_DIR", m_server.dir.path().toLocal8Bit());
        QVERIFY(!inputs && !started);
        QVERIFY(QString::fromStdString(inputs.error().sentence()).contains(QStringLiteral("does not answer")));
    }

    void theServersInputsAreListedAsTheDesktopNamesThem() {
        const PipeWireRoom room({});
        QTRY_VERIFY_WITH_TIMEOUT(pipeWireInputs().has_value(), 30000);
        const auto inputs = *pipeWireInputs();
        QCOMPARE(inputs.size(), std::size_t{1});
        QCOMPARE(inputs[0], (InputDevice{kCapture, "Practice room"}));
    }

    void anInputThatIsNotThereIsSaid() {
        AudioEngine engine;
        PipeWireStream stream(PipeWireInput{"attic", "capture_1"});
        const auto started = stream.start(engine);
        QVERIFY(!started);
        QVERIFY(QString::fromStdString(started.error().sentence()).contains(QStringLiteral("attic")));
    }

    void clicksComeBackAtOneOffset() {
        const PipeWireRoom room({});
        AudioEngine engine;
        PipeWireStream stream{PipeWireInput{}};
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 30000);
        QCOMPARE(stream.health(), StreamHealth::Alive);
        QTemporaryDir dir;
        TakePlan plan = planFor("singles-sixteenths", 300, 8, 2);
        plan.file = dir.filePath(QStringLiteral("loop.flac")).toStdString();
        std::vector<double> offsets;
        while (offsets.size() < 60) {
            const auto take = recorded(engine, stream, plan);
            QVERIFY(take.has_value());
            for (const double offset : clickOffsets(*take, plan)) offsets.push_back(offset);
        }
        verifyOneOffset("click loop", offsets);
    }

    void aPlayedTakeIsMeasuredTruly() {
        TakePlan plan = planFor("paradiddle-accents", 120, 4);
        Character character;
        character.spreadMs = 6;
        Recording recording;
        recording.leadS = plan.click.firstBeat().value();
        const KnownTake known = play(plan.exercise, 120, 4, character, 61, recording);
        // How much of a take is damaged is a matter of the machine: until one is whole enough.
        std::vector<double> errors;
        for (int attempt = 0; attempt < 8 && errors.size() < 20; ++attempt) {
            const PipeWireRoom room({0.1F, known.rendered.sound.samples});
            AudioEngine engine;
            PipeWireStream stream(kCapture);
            QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 30000);
            const auto take = recorded(engine, stream, plan);
            QVERIFY(take.has_value());
            errors = errorsMs(*take, plan, known);
        }
        QVERIFY2(errors.size() >= 20, qPrintable(QString::number(errors.size())));
        // The truth counts from the first click, the take from its start.
        const double loopMs = median(errors) - TakePlan::kLeadS * 1e3;
        qInfo("played take: %zu strokes, loop %.2f ms, 95 %% within %.3f ms", errors.size(), loopMs, scatter95(errors));
        QVERIFY2(scatter95(errors) < 0.5, qPrintable(QString::number(scatter95(errors))));
        QVERIFY2(std::abs(loopMs) < 25, qPrintable(QString::number(loopMs)));
    }

    // Another period is another way round: what follows is not measured.
    void aForcedPeriodDamagesTheRestOfTheTake() {
        const PipeWireRoom room({});
        AudioEngine engine;
        PipeWireStream stream(kCapture);
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 30000);
        QTemporaryDir dir;
        TakePlan plan = planFor("singles-sixteenths", 240, 5);
        plan.file = dir.filePath(QStringLiteral("a.flac")).toStdString();
        DeviceTake take(engine, stream, plan);
        QVERIFY(take.waitForFrames(48000));
        Server::forcePeriod(1024);
        const auto finished = take.finish();
        Server::forcePeriod(0);
        QVERIFY(finished.has_value());
        const auto& damaged = finished->take.frame.damaged;
        QVERIFY(!damaged.empty());
        QCOMPARE(damaged.back().toS, finished->take.durationS);
        const auto offsets = clickOffsets(*finished, plan);
        if (offsets.empty()) return;  // damaged from its start
        verifyOneOffset("what is not marked", offsets);
    }

    void aServerThatStallsMovesNoClickOutsideOfWhatIsMarked() {
        const PipeWireRoom room({});
        AudioEngine engine;
        PipeWireStream stream(kCapture);
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 30000);
        QTemporaryDir dir;
        TakePlan plan = planFor("singles-sixteenths", 240, 5);
        plan.file = dir.filePath(QStringLiteral("a.flac")).toStdString();
        DeviceTake take(engine, stream, plan);
        for (const std::int64_t at : {60000, 120000}) {
            QVERIFY(take.waitForFrames(at));
            m_server.process.stall(300);
        }
        const auto finished = take.finish();
        QVERIFY(finished.has_value());
        const auto offsets = clickOffsets(*finished, plan);
        if (offsets.empty()) return;
        verifyOneOffset("what is not marked", offsets);
    }

    void aDeviceThatIsPulledOutDamagesTheTakeAndComesBackByItself() {
        PipeWireRoom room({});
        AudioEngine engine;
        PipeWireStream stream(kCapture);
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 30000);
        DeviceTake take(engine, stream, planFor("singles-sixteenths", 240, 5));
        QVERIFY(take.waitForFrames(48000));
        room.unplug();
        QTRY_COMPARE_WITH_TIMEOUT(stream.health(), StreamHealth::Unplugged, 60000);
        const double since = take.passedS();
        room.plugIn();
        QTRY_COMPARE_WITH_TIMEOUT(stream.health(), StreamHealth::Alive, 60000);
        const auto finished = take.finish();
        QVERIFY(finished.has_value());
        const auto& damaged = finished->take.frame.damaged;
        QVERIFY(!damaged.empty());
        QVERIFY(damaged.back().fromS < since + 0.1);
        QCOMPARE(damaged.back().toS, finished->take.durationS);
    }

    void aServerThatDiesEndsTheTakeWhereItIs() {
        Server other;
        other.start();
        PipeWireRoom room({});
        AudioEngine engine;
        PipeWireStream stream(kCapture);
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 30000);
        qputenv("PIPEWIRE_RUNTIME_DIR", m_server.dir.path().toLocal8Bit());
        verifyDeath(engine, stream, planFor("singles-sixteenths", 240, 64), [&] {
            other.process.kill();
            QVERIFY(other.process.waitForFinished(30000));
        });
    }

    void aStreamThatOnlyPlaysNeedsNoMicrophone() {
        const PipeWireRoom room({});
        AudioEngine engine;
        PipeWireStream stream{SimulatedInput{}};
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 30000);
        QTRY_VERIFY_WITH_TIMEOUT(engine.cycles() > 20, 60000);
        QCOMPARE(stream.health(), StreamHealth::Alive);
    }

  private:
    Server m_server;
};

QTEST_GUILESS_MAIN(TestPipeWire)
#include "tst_pipewire.moc"
