// Inputs and recording without a window, on a machine without a sound server.
#include <QJsonArray>
#include <QTest>

#include "cli_room.h"

using namespace upbeat::test;

class TestCliDevices : public QObject, private CliRoom {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        // No server is asked but one that is not there.
        qputenv("PIPEWIRE_RUNTIME_DIR", "/nowhere");
        qputenv("JACK_DEFAULT_SERVER", "upbeat-nobody");
        qputenv("PULSE_SERVER", "unix:/nowhere/native");
    }

    void everythingThatCannotBeUsedIsSaidAndTheSimulatedPlayerIsLeft() {
        const Outcome o = run({QStringLiteral("devices"), QStringLiteral("--json"), QStringLiteral("-")});
        QCOMPARE(o.status, 0);
        const QJsonArray list = QJsonDocument::fromJson(o.out).array();
        QCOMPARE(list.size(), 1);
        QCOMPARE(list.first().toObject()[QStringLiteral("id")].toString(), QStringLiteral("simulated"));
        for (const char* server : {"PipeWire", "JACK", "PulseAudio"})
            QVERIFY2(o.err.contains(server), o.err.constData());
        const Outcome text = run({QStringLiteral("devices")});
        QVERIFY(text.out.startsWith("simulated"));
    }

    [[nodiscard]] Outcome record(const QString& input, const QString& bars = QStringLiteral("1")) const {
        return run({QStringLiteral("record"), QStringLiteral("--input"), input, QStringLiteral("--exercise"),
                    QStringLiteral("singles-sixteenths"), QStringLiteral("--tempo"), QStringLiteral("240"),
                    QStringLiteral("--bars"), bars, QStringLiteral("--out"), path("recorded")});
    }

    void aTakeIsRecordedWithItsSidecar() {
        const Outcome o = record(QStringLiteral("simulated"));
        QVERIFY2(o.status == 0 && o.out.isEmpty(), o.err.constData());
        QVERIFY(QFile::exists(path("recorded/take.flac")));
        QFile sidecar(path("recorded/take.json"));
        QVERIFY(sidecar.open(QIODevice::ReadOnly));
        const QJsonObject take = QJsonDocument::fromJson(sidecar.readAll()).object();
        QVERIFY(take[QStringLiteral("simulated")].toBool());
        QCOMPARE(take[QStringLiteral("anchor")].toString(), QStringLiteral("given"));
        QVERIFY(take[QStringLiteral("hits")].toArray().size() >= 14);
        QCOMPARE(take[QStringLiteral("bars")].toInt(), 1);
    }

    void whatCannotBeRecordedIsSaid() {
        QCOMPARE(record(QStringLiteral("gramophone")).status, 2);
        QCOMPARE(record(QStringLiteral("simulated"), QStringLiteral("0")).status, 2);
        const Outcome away = record(QStringLiteral("jack:system:capture_1"));
        QCOMPARE(away.status, 3);
        QVERIFY2(away.err.contains("JACK"), away.err.constData());
        QCOMPARE(away.err.count('\n'), 1);
    }
};

QTEST_GUILESS_MAIN(TestCliDevices)
#include "tst_cli_devices.moc"
