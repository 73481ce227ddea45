// Where the sound comes from: what is listed, what is missing, what is silent, and who played.
#include <QComboBox>
#include <QLabel>
#include <QSignalSpy>
#include <QTest>

#include "puppet_room.h"
#include "said.h"
#include "shell/help_sheet.h"
#include "stage.h"
#include "upbeat/audio/pipewire_stream.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

QComboBox* inputBox(const QWidget& window) {
    for (auto* box : window.findChildren<QComboBox*>())
        if (box->accessibleName() == QLatin1String("Input")) return box;
    return nullptr;
}

/// Two bars, and a second of rest.
void takeShortTakes(const PuppetRoom& room) {
    PracticeSettings settings = room.studio->setup().settings();
    settings.restS = 1;
    settings.barsPerTake = 2;
    room.studio->setup().change(settings);
}

}  // namespace

class TestInputs : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void everyKindOfInputHasATextAndComesBackFromIt() {
        for (const InputId& id :
             std::vector<InputId>{SimulatedInput{}, JackInput{"system:capture_1"}, MidiInput{"pads:out"},
                                  PipeWireInput{"alsa_input.usb-a:b", "capture_FL"}, PipeWireInput{},
                                  PipeWireMidi{"Pads:out 1"}, PulseInput{"alsa_input.pci"}}) {
            QVERIFY(inputFromText(toText(id)) == id);
            QVERIFY(!nameOf(id).empty() || id == InputId(PipeWireInput{}));
        }
        QVERIFY(inputFromText("pipewire:without") == InputId(SimulatedInput{}));
    }

    // Silence is not playing.
    void anInputThatIsMutedHasMissedNothing() {
        PuppetRoom room;
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.strings->muted = true;
        room.studio->handsFree().set(true);
        room.studio->recorder().start();
        QTRY_COMPARE_WITH_TIMEOUT(failed.count(), 1, 60000);
        QVERIFY(failed.front().front().toString().contains(QStringLiteral("Nothing was heard")));
        QVERIFY(!room.studio->handsFree().isOn());
        room.studio->settle();
        QVERIFY(room.studio->log().takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());
    }

    void aTakeOfTheSimulatedPlayerIsMarkedAndMovesNothing() {
        PuppetRoom room(SimulatedInput{}, false);
        const double tempo = room.studio->stand().ladder().tempoBpm;
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() && room.studio->review().take()->id > 0, 60000);
        const TakePtr take = room.studio->review().take();
        QVERIFY(take->stored.simulated && !take->stored.counts());
        QVERIFY(reason(take->analysis).contains(QLatin1String("moves no ladder")));
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->stand().ladder().tempoBpm, tempo);
        QVERIFY(room.studio->stand().history().empty());
        QVERIFY(room.studio->log().takes().front().simulated);
        QVERIFY(!room.studio->log().takes().front().clean);
        // Opened again it says the same.
        room.studio->review().open(take->id);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != take, 60000);
        QVERIFY(room.studio->review().take()->stored.simulated);
        QCOMPARE(reason(room.studio->review().take()->analysis), reason(take->analysis));
    }

    // The input that is set is away at the start: said once, looked for, opened when it is there.
    void anInputThatComesBackIsOpenedByItself() {
        PuppetRoom room;
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        QSignalSpy said(&room.studio->notices(), &Notices::said);
        room.strings->gone = true;
        room.studio->watch().open();
        QCOMPARE(failed.count(), 1);
        QVERIFY(!room.studio->input().isAlive());
        QSignalSpy back(&room.studio->watch(), &InputWatch::back);
        QVERIFY(!back.wait(2500));
        room.strings->gone = false;
        QTRY_COMPARE_WITH_TIMEOUT(back.count(), 1, 60000);
        QVERIFY(room.studio->input().isAlive());
        QCOMPARE(failed.count(), 1);
        QVERIFY(said.back().front().toString().contains(QStringLiteral("there again")));
    }

    void handsFreeWaitsForItsInputAndGoesOn() {
        PuppetRoom room;
        takeShortTakes(room);
        room.studio->handsFree().set(true);
        room.playUntilBeat(5);
        room.strings->gone = true;
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().isIdle(), 60000);
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->handsFree().isResting() && !room.studio->log().takes().empty(), 60000);
        QVERIFY(room.studio->handsFree().isOn());
        room.strings->gone = false;
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().isRecording(), 60000);
        room.studio->handsFree().set(false);
        room.studio->settle();
    }

    void handsFreeWaitsUntilItsInputIsPluggedInAgain() {
        PuppetRoom room;
        takeShortTakes(room);
        const QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.studio->handsFree().set(true);
        room.playUntilBeat(5);
        room.strings->unplugged = true;
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().isIdle() && !room.studio->log().takes().empty(), 60000);
        QVERIFY(failed.back().front().toString().contains(QStringLiteral("unplugged")));
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->handsFree().isResting(), 60000);
        QTest::qWait(50);
        QVERIFY(room.studio->recorder().isIdle() && room.studio->handsFree().isOn());
        room.strings->unplugged = false;
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().isRecording(), 60000);
        room.studio->handsFree().set(false);
        room.studio->settle();
    }

    void thereIsOneListAndItKeepsItselfFresh() {
        PuppetRoom room(SimulatedInput{});
        MainWindow window(*room.studio);
        window.show();
        QComboBox* box = inputBox(window);
        QVERIFY(box != nullptr);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->inputs().isKnown(), 60000);
        QCOMPARE(box->count(), 1);
        room.listed->devices = {{PipeWireInput{"usb", "capture_1"}, "Kitchen microphone"}};
        QTRY_COMPARE_WITH_TIMEOUT(box->count(), 2, 60000);
        QCOMPARE(box->itemText(0), QStringLiteral("Kitchen microphone"));
        QCOMPARE(box->currentText(), QStringLiteral("Simulated player"));
    }

    void whyNoMicrophoneIsOfferedIsSaid() {
        PuppetRoom room(SimulatedInput{});
        room.listed->refusals = {{"PipeWire does not answer", "sound", "log in again"}};
        MainWindow window(*room.studio);
        window.show();
        const auto says = [&window](const QString& part) {
            const auto labels = window.findChildren<QLabel*>();
            return std::any_of(labels.begin(), labels.end(),
                               [&](const QLabel* l) { return l->isVisible() && l->text().contains(part); });
        };
        QTRY_VERIFY_WITH_TIMEOUT(says(QStringLiteral("No microphone is offered: PipeWire does not answer.")), 60000);
        room.listed->devices = {{PulseInput{"usb"}, "Kitchen microphone"}};
        QTRY_VERIFY_WITH_TIMEOUT(!says(QStringLiteral("No microphone is offered")), 60000);
    }

    // Also on the sheet of keys, in full.
    void theSheetOfKeysSaysWhatCannotBeUsed() {
        PuppetRoom room(SimulatedInput{});
        room.listed->refusals = {{"PipeWire does not answer", "sound", "log in again"}};
        MainWindow window(*room.studio);
        window.show();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->inputs().isKnown(), 60000);
        bool isSaid = false;
        answer<HelpSheet>([&](HelpSheet* sheet) {
            for (const auto* label : sheet->findChildren<QLabel*>())
                isSaid = isSaid || label->text().contains(QStringLiteral("PipeWire does not answer; log in again"));
            sheet->accept();
        });
        window.activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(&window));
        QTest::keyClick(&window, Qt::Key_F1);
        QTRY_VERIFY_WITH_TIMEOUT(isSaid, 60000);
    }

    void anInputThatIsSetAndAwayStaysInTheList() {
        PuppetRoom room(JackInput{"attic:out"});
        MainWindow window(*room.studio);
        const QComboBox* box = inputBox(window);
        QCOMPARE(box->currentText(), QStringLiteral("JACK attic:out (not there)"));
    }
};

QTEST_MAIN(TestInputs)
#include "tst_inputs.moc"
