// Recordings from outside, through the window: dropped on it, found, put right by hand, measured.
#include <QApplication>
#include <QDropEvent>
#include <QLabel>
#include <QMimeData>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>
#include <QUrl>

#include "log/open_recording_dialog.h"
#include "room.h"
#include "shell/main_window.h"
#include "stage.h"
#include "takes.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 91.3;
constexpr const char* kPage = "ghosted-backbeat";

/// A window and recordings to be dropped on it.
struct DropRoom {
    Room room;
    MainWindow window{*room.studio};

    DropRoom() {
        room.studio->stand().choose(kPage);
        window.show();
    }

    QString record(const char* name, const char* page, double leadS, bool click) {
        const Exercise e = *builtInExercise(page);
        Recording recording;
        recording.leadS = leadS;
        if (click) recording.bleed = clickFor(e, Bpm(kTempo)), recording.bleedDb = -25;
        const KnownTake take = play(e, kTempo, 6, goodPlayer(), 3, recording);
        const QString file = room.dir.filePath(QString::fromLatin1(name));
        return writeSound(file.toStdString(), take.rendered.sound, AudioFormat::Wav24) ? file : QString();
    }

    void drop(const QStringList& files) {
        QMimeData data;
        QList<QUrl> urls;
        for (const QString& file : files) urls += QUrl::fromLocalFile(file);
        data.setUrls(urls);
        QDragEnterEvent enter(QPoint(200, 200), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&window, &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent event(QPointF(200, 200), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&window, &event);
    }

    [[nodiscard]] OutsideRecording& outside() const { return room.studio->outsideRecording(); }
    [[nodiscard]] OpenRecordingDialog* dialog() const { return window.findChild<OpenRecordingDialog*>(); }
    /// Whether the file that was dropped has been listened to.
    [[nodiscard]] bool isHeard() const {
        return dialog() != nullptr && !outside().file().isEmpty() && !outside().isListening();
    }
    void press(const QString& name) const {
        const auto buttons = dialog()->findChildren<QPushButton*>();
        const auto found = std::find_if(buttons.begin(), buttons.end(),
                                        [&name](const QPushButton* b) { return b->text().startsWith(name); });
        QVERIFY(found != buttons.end() && (*found)->isEnabled());
        (*found)->click();
    }
};

}  // namespace

class TestRecordings : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void aDroppedRecordingIsFoundAndMeasured() {
        DropRoom r;
        r.drop({r.record("phone.wav", kPage, 1.7, false)});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        QVERIFY(r.outside().found() && r.outside().found()->by == StartBy::Strokes);
        QVERIFY(std::abs(r.outside().tempoBpm() / kTempo - 1) < 1e-3);
        QVERIFY(std::abs(r.outside().firstBeatS() - 1.7) < 0.01);
        if (const QString to = qEnvironmentVariable("UPBEAT_PICTURES"); !to.isEmpty()) {
            r.dialog()->resize(1000, 640);
            QCoreApplication::processEvents();
            QVERIFY(r.dialog()->grab().save(to + QStringLiteral("/recording.png")));
        }
        r.press(QStringLiteral("Measure"));
        QTRY_VERIFY_WITH_TIMEOUT(r.room.studio->review().take() != nullptr, 60000);
        const TakeView& take = *r.room.studio->review().take();
        QCOMPARE(take.stored.frame.bars, 6);
        QCOMPARE(take.stored.frame.anchor.kind, AnchorKind::None);
        QVERIFY(take.analysis.matched.missed.empty());
        QCOMPARE(r.window.current(), static_cast<int>(MainWindow::Look));
    }

    void aCountInGivesPlacement() {
        DropRoom r;
        r.drop({r.record("counted.wav", kPage, 0.6 + 4 * 60 / kTempo, true)});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        QVERIFY(r.outside().found() && r.outside().found()->by == StartBy::Click);
        r.press(QStringLiteral("Measure"));
        QTRY_VERIFY_WITH_TIMEOUT(r.room.studio->review().take() != nullptr, 60000);
        QCOMPARE(r.room.studio->review().take()->stored.frame.anchor.kind, AnchorKind::Given);
    }

    void beatOneIsMovedByHandAndKeys() {
        DropRoom r;
        r.drop({r.record("moved.wav", kPage, 1.7, false)});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        auto* strip = r.dialog()->findChildren<RecordingStrip*>().at(0);
        const double found = r.outside().firstBeatS();
        QTest::keyClick(strip, Qt::Key_Right);
        QTest::keyClick(strip, Qt::Key_Left, Qt::ShiftModifier);
        QVERIFY(std::abs(r.outside().firstBeatS() - found + 0.009) < 1e-6);
        QTest::keyClick(strip, Qt::Key_Right, Qt::ControlModifier);
        QVERIFY(std::abs(r.outside().firstBeatS() - found + 0.009 - 60 / r.outside().tempoBpm()) < 1e-6);
        r.outside().choose(0);
        QCOMPARE(r.outside().firstBeatS(), found);
        const double length = r.outside().strip().durationS;
        QTest::mouseClick(strip, Qt::LeftButton, Qt::NoModifier, QPoint(strip->width() / 4, 40));
        QVERIFY(std::abs(r.outside().firstBeatS() - length / 4) < 0.05);
        // The end is drawn in: what comes after it is left out, and the start is looked for again.
        QTest::mousePress(strip, Qt::LeftButton, Qt::NoModifier, QPoint(strip->width() - 2, 60));
        QTest::mouseMove(strip, QPoint(strip->width() / 2, 60));
        QTest::mouseRelease(strip, Qt::LeftButton, Qt::NoModifier, QPoint(strip->width() / 2, 60));
        QVERIFY(r.outside().toS() < 0.6 * length);
        QTRY_VERIFY_WITH_TIMEOUT(std::abs(r.outside().firstBeatS() - found) < 0.01, 60000);
        r.press(QStringLiteral("Measure"));
        QTRY_VERIFY_WITH_TIMEOUT(r.room.studio->review().take() != nullptr, 60000);
        QVERIFY(r.room.studio->review().take()->stored.frame.bars < 5);
    }

    void itIsHeardWithTheClickWhereTheBeatIs() {
        DropRoom r;
        r.drop({r.record("heard.wav", kPage, 1.7, false)});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        r.press(QStringLiteral("Hear it with the click"));
        QTRY_VERIFY_WITH_TIMEOUT(r.outside().isHeard(), 60000);
        const auto saysStop = [&r] {
            const auto buttons = r.dialog()->findChildren<QPushButton*>();
            return std::any_of(buttons.begin(), buttons.end(),
                               [](const QPushButton* b) { return b->text() == QStringLiteral("Stop"); });
        };
        // The simulated device plays fast: it may have ended by now.
        QTRY_VERIFY_WITH_TIMEOUT(saysStop() || !r.outside().isHeard(), 60000);
        if (r.outside().isHeard()) r.outside().hear();
        QTRY_VERIFY_WITH_TIMEOUT(!r.outside().isHeard() && !saysStop(), 60000);
    }

    // Who takes another file does not wait for the first to be heard to its end.
    void listeningIsSeenAndStopped() {
        DropRoom r;
        const QString first = r.record("first.wav", kPage, 0.5, false);
        r.drop({first});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        r.outside().open({first, r.record("second.wav", kPage, 1.7, false)});
        QVERIFY(r.outside().isListening());
        QCOMPARE(r.outside().number(), qsizetype{1});
        const auto labels = r.dialog()->findChildren<QLabel*>();
        QVERIFY(std::any_of(labels.begin(), labels.end(), [](const QLabel* l) {
            return l->text().startsWith(QStringLiteral("Listening to file 1 of 2"));
        }));
        r.outside().next();
        QCOMPARE(r.outside().number(), qsizetype{2});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        QVERIFY(r.outside().file().endsWith(QStringLiteral("second.wav")));
        QVERIFY(std::abs(r.outside().firstBeatS() - 1.7) < 0.01);
    }

    void severalWaitAndBadOnesAreSaid() {
        DropRoom r;
        const QString bad = r.room.dir.filePath(QStringLiteral("letter.wav"));
        QFile file(bad);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("Dear drummer");
        file.close();
        r.drop({bad, r.record("good.wav", kPage, 0.5, false)});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        QVERIFY(r.outside().trouble().contains(QStringLiteral("letter.wav")));
        QCOMPARE(r.outside().waiting(), qsizetype{1});
        r.press(QStringLiteral("Next file"));
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard() && r.outside().found(), 60000);
        QVERIFY(r.outside().trouble().isEmpty());
        r.press(QStringLiteral("Cancel"));
        QTRY_VERIFY(r.dialog() == nullptr);
        QVERIFY(r.outside().file().isEmpty());
    }

    void anotherPageDoesNotFit() {
        DropRoom r;
        r.room.studio->stand().choose("fives-singles");
        r.drop({r.record("other.wav", "swung-ride", 0.5, false)});
        QTRY_VERIFY_WITH_TIMEOUT(r.isHeard(), 60000);
        QVERIFY(!r.outside().found() || !r.outside().found()->sure);
    }
};

QTEST_MAIN(TestRecordings)
#include "tst_recordings.moc"
