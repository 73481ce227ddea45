// The real device code against a private jackd with a dummy driver. Nothing here asserts on time or on dropped cycles:
// the machine may stall. Only sample positions outside damaged spans are judged.
#include <jack/jack.h>
#include <jack/midiport.h>

#include <QCoreApplication>
#include <QProcess>
#include <QScopeGuard>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>

#include "device_takes.h"
#include "private_server.h"
#include "upbeat/audio/jack_stream.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// A server of this run alone.
const QByteArray& serverName() {
    static const QByteArray name = "upbeat-test-" + QByteArray::number(QCoreApplication::applicationPid());
    return name;
}

/// The client through which the test wires ports.
struct Wire {
    jack_client_t* client = jack_client_open("wire", static_cast<jack_options_t>(JackNoStartServer), nullptr);
    ~Wire() {
        if (client != nullptr) jack_client_close(client);
    }
    [[nodiscard]] bool connect(const std::string& from, const std::string& to) const {
        return jack_connect(client, from.c_str(), to.c_str()) == 0;
    }
    [[nodiscard]] bool disconnectAll(const std::string& port) const {
        jack_port_t* found = jack_port_by_name(client, port.c_str());
        return found != nullptr && jack_port_disconnect(client, found) == 0;
    }
};

/// A MIDI instrument that plays by itself.
struct Pads {
    jack_client_t* client = jack_client_open("pads", static_cast<jack_options_t>(JackNoStartServer), nullptr);
    jack_port_t* out = nullptr;
    std::int64_t at = 0;

    Pads() {
        if (client == nullptr) return;
        out = jack_port_register(client, "out", JACK_DEFAULT_MIDI_TYPE, JackPortIsOutput, 0);
        jack_set_process_callback(
            client, [](jack_nframes_t n, void* self) { return static_cast<Pads*>(self)->cycle(n); }, this);
        jack_activate(client);
    }
    ~Pads() {
        if (client != nullptr) jack_client_close(client);
    }
    Pads(const Pads&) = delete;
    Pads& operator=(const Pads&) = delete;

    int cycle(jack_nframes_t frames) {
        void* buffer = jack_port_get_buffer(out, frames);
        jack_midi_clear_buffer(buffer);
        at = jack_last_frame_time(client);
        constexpr std::int64_t kEvery = 6000;
        const std::int64_t next = (at + kEvery - 1) / kEvery;
        if (next * kEvery < at + static_cast<std::int64_t>(frames)) {
            const std::array<jack_midi_data_t, 3> on{0x99, static_cast<jack_midi_data_t>(next % 2 == 0 ? 38 : 36), 100};
            const auto offset = static_cast<jack_nframes_t>(next * kEvery - at);
            (void)jack_midi_event_write(buffer, offset, on.data(), on.size());
        }
        return 0;
    }
};

/// A private server with a dummy driver.
void startServer(PrivateServer& server, const QByteArray& name) {
    server.start(QStringLiteral("jackd"),
                 {QStringLiteral("-n"), QString::fromLatin1(name), QStringLiteral("-r"), QStringLiteral("-S"),
                  QStringLiteral("-d"), QStringLiteral("dummy"), QStringLiteral("-r"), QStringLiteral("48000"),
                  QStringLiteral("-p"), QStringLiteral("256")});
    QVERIFY(server.waitForStarted());
}

}  // namespace

class TestJack : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        if (QStandardPaths::findExecutable(QStringLiteral("jackd")).isEmpty()) QSKIP("jackd is not installed");
        qputenv("JACK_DEFAULT_SERVER", serverName());
        qputenv("JACK_NO_AUDIO_RESERVATION", "1");
        qputenv("JACK_NO_START_SERVER", "1");
        qunsetenv("LD_LIBRARY_PATH");
        startServer(m_server, serverName());
        QTRY_VERIFY_WITH_TIMEOUT(jackInputs().has_value() || m_server.state() == QProcess::NotRunning, 30000);
        QVERIFY2(m_server.state() == QProcess::Running, m_server.readAll().constData());
    }

    // A cable that comes out in a take: what follows is not measured, and the take says so.
    void anInputThatIsUnpluggedDamagesTheRestOfTheTake() {
        AudioEngine engine;
        JackStream stream(JackInput{});
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 60000);
        QTRY_COMPARE_WITH_TIMEOUT(stream.health(), StreamHealth::Alive, 60000);
        DeviceTake running(engine, stream, planFor("singles-sixteenths", 240, 8));
        QVERIFY(running.waitForFrames(48000));
        const Wire wire;
        QVERIFY(wire.disconnectAll(stream.inputPort()));
        QTRY_COMPARE_WITH_TIMEOUT(stream.health(), StreamHealth::Unplugged, 60000);
        const double since = running.passedS();
        const auto finished = running.finish();
        QVERIFY(finished.has_value());
        const FinishedTake& take = *finished;
        const auto& damaged = take.take.frame.damaged;
        QVERIFY(!damaged.empty());
        // The last cycles may still be on their way when the change is told.
        QVERIFY2(damaged.back().fromS < since + 0.1, qPrintable(QString::number(damaged.back().fromS)));
        QVERIFY(damaged.back().toS > take.take.durationS - 0.1);
        QVERIFY(!take.take.counts());
    }

    // The server dies in a take: the stream says so, nothing waits for it, what has arrived is kept.
    void aServerThatDiesEndsTheTakeWhereItIs() {
        PrivateServer server;
        const QByteArray other = serverName() + "-dies";
        startServer(server, other);
        qputenv("JACK_DEFAULT_SERVER", other);
        const auto back = qScopeGuard([] { qputenv("JACK_DEFAULT_SERVER", serverName()); });
        QTRY_VERIFY_WITH_TIMEOUT(jackInputs().has_value() || server.state() == QProcess::NotRunning, 30000);
        QVERIFY2(server.state() == QProcess::Running, server.readAll().constData());
        AudioEngine engine;
        JackStream stream(JackInput{});
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 60000);
        verifyDeath(engine, stream, planFor("singles-sixteenths", 240, 64), [&] {
            server.kill();
            QVERIFY(server.waitForFinished(30000));
        });
        // Of eight servers that died JACK keeps the places until one of the same name ends in order.
        startServer(server, other);
        QTRY_VERIFY_WITH_TIMEOUT(jackInputs().has_value(), 30000);
        server.stop();
    }

    void cleanupTestCase() { m_server.stop(); }

    void theServersInputsAreListed() {
        QTRY_VERIFY_WITH_TIMEOUT(jackInputs().has_value(), 60000);
        const auto inputs = jackInputs().value();
        QVERIFY(std::any_of(inputs.begin(), inputs.end(),
                            [](const InputDevice& d) { return d.id == InputId(JackInput{"system:capture_1"}); }));
    }

    void anInputThatIsGoneIsSaid() {
        AudioEngine engine;
        JackStream stream(JackInput{"system:capture_99"});
        const auto started = stream.start(engine);
        QVERIFY(!started);
        QVERIFY(QString::fromStdString(started.error().sentence()).contains(QStringLiteral("capture_99")));
    }

    void aHundredClicksComeBackAtTheSameOffset() {
        AudioEngine engine;
        JackStream stream(JackInput{});
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 60000);
        QCOMPARE(stream.sampleRate(), 48000);
        const Wire wire;
        QVERIFY(wire.disconnectAll(stream.inputPort()));
        QVERIFY(wire.connect(stream.outputPort(), stream.inputPort()));
        QTemporaryDir dir;
        TakePlan plan = planFor("singles-sixteenths", 300, 12, 2);
        plan.file = dir.filePath(QStringLiteral("loop.flac")).toStdString();
        std::vector<double> offsets;
        while (offsets.size() < 60) {  // on a busy machine most are marked as damaged
            const auto take = recorded(engine, stream, plan);
            QVERIFY(take.has_value());
            for (const double offset : clickOffsets(*take, plan)) offsets.push_back(offset);
        }
        verifyOneOffset("click loop", offsets);
    }

    void aTakePlayedByAnotherProgramIsMeasuredTruly_data() {
        QTest::addColumn<bool>("moves");
        QTest::newRow("at one tempo") << false;
        QTest::newRow("slower, back over a bar, a bar held, the click leaking in") << true;
    }
    void aTakePlayedByAnotherProgramIsMeasuredTruly() {
        QFETCH(bool, moves);
        AudioEngine engine;
        JackStream stream(JackInput{});
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 60000);
        const Wire wire;
        QVERIFY(wire.disconnectAll(stream.inputPort()));
        TakePlan plan = planFor("paradiddle-accents", 120, 4);
        if (moves) {
            for (const Stroke& s : std::vector(plan.exercise.strokes))
                for (int bar = plan.exercise.bars; bar < 4; bar += plan.exercise.bars)
                    plan.exercise.strokes.push_back(
                        {s.at + plan.exercise.length() * (bar / plan.exercise.bars), s.voice, s.limb, s.level});
            plan.exercise.bars = 4;
            plan.exercise.tempoChanges = {{2, 75}, {3, 100, 3}};
            plan.exercise.heldBars = {{3, 1.5}};
            plan.exercise = inOrder(plan.exercise);
            QVERIFY(check(plan.exercise));
            plan.click = clickFor(plan.exercise, Bpm(120));
            plan.clickGain = 0.05;
            QVERIFY(wire.connect(stream.outputPort(), stream.inputPort()));
        }
        Character character;
        character.spreadMs = 6;
        Recording recording;
        recording.leadS = plan.firstBeatS();
        const KnownTake known = play(plan.exercise, 120, 4 / plan.exercise.bars, character, 61, recording);
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("drummer.wav"));
        QVERIFY(writeSound(file.toStdString(), known.rendered.sound, AudioFormat::Wav24).has_value());
        QProcess drummer;
        drummer.start(QStringLiteral(UPBEAT_BINARY_DIR "/tests/jack_player"),
                      {QString::fromLatin1(serverName()), file, QString::fromStdString(stream.outputPort()),
                       QString::fromStdString(stream.inputPort()), QString::number(TakePlan::kLeadS, 'f', 9)});
        QVERIFY(drummer.waitForStarted());
        QVERIFY(drummer.waitForReadyRead(30000));
        QCOMPARE(drummer.readAllStandardOutput().trimmed(), QByteArray("ready"));
        const auto finished = recorded(engine, stream, plan);
        QVERIFY(finished.has_value());
        const FinishedTake& take = *finished;
        drummer.kill();
        drummer.waitForFinished();
        // The loop through the server takes whole periods: the same for every stroke. Against that, every offset is
        // true.
        const auto errors = errorsMs(take, plan, known);
        QCOMPARE(take.take.frame.clickBleed, moves);
        QVERIFY2(errors.size() >= 10, qPrintable(QString::number(errors.size())));
        qInfo("played take: %zu strokes, 95 %% within %.3f ms", errors.size(), scatter95(errors));
        QVERIFY2(scatter95(errors) < 0.5, qPrintable(QString::number(scatter95(errors))));
        QVERIFY2(std::abs(median(errors)) < 25, qPrintable(QString::number(median(errors))));
    }

    // An instrument that strikes snare and bass drum in turn, every 6000 frames.
    void notesOfAnInstrumentAreAnExactTake() {
        Pads pads;
        QVERIFY(pads.client != nullptr);
        QTRY_VERIFY_WITH_TIMEOUT(jackInputs().has_value(), 60000);
        const auto inputs = jackInputs().value();
        QVERIFY(std::any_of(inputs.begin(), inputs.end(),
                            [](const InputDevice& d) { return d.id == InputId(MidiInput{"pads:out"}); }));
        AudioEngine engine;
        JackStream stream(MidiInput{"pads:out"});
        QTRY_VERIFY_WITH_TIMEOUT(stream.start(engine).has_value(), 60000);
        const auto finished = recorded(engine, stream, planFor("ghosted-backbeat", 240, 6));
        QVERIFY(finished.has_value());
        const FinishedTake& take = *finished;
        QVERIFY2(take.take.hits.size() >= 30, qPrintable(QString::number(take.take.hits.size())));
        QVERIFY(take.take.trace.isEmpty());
        for (std::size_t i = 0; i < take.take.hits.size(); ++i) {
            const Hit& hit = take.take.hits[i];
            QVERIFY(hit.exact);
            QVERIFY(hit.voice == Voice::Snare || hit.voice == Voice::Kick);
            QVERIFY(hit.levelDb < 0 && hit.levelDb > -20);
            if (i == 0 || damagedAt(take, hit.timeS) || damagedAt(take, take.take.hits[i - 1].timeS)) continue;
            QCOMPARE(std::llround((hit.timeS - take.take.hits[i - 1].timeS) * 48000), 6000LL);
            QVERIFY(hit.voice != take.take.hits[i - 1].voice);
        }
    }

    void anInstrumentThatIsGoneIsSaid() {
        AudioEngine engine;
        JackStream stream(MidiInput{"pads:gone"});
        const auto started = stream.start(engine);
        QVERIFY(!started);
        QVERIFY(QString::fromStdString(started.error().sentence()).contains(QStringLiteral("pads:gone")));
    }

  private:
    PrivateServer m_server;
};

QTEST_GUILESS_MAIN(TestJack)
#include "tst_jack.moc"
