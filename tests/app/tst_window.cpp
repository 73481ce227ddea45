// The real window, driven by keys as a drummer would.
#include <QApplication>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>

#include "look/look_place.h"
#include "place/verdict_bar.h"
#include "shell/help_sheet.h"
#include "stage.h"
#include "theme/theme.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

class TestWindow : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void functionKeysWalkThroughThePlaces() {
        const Desk stage;
        QCOMPARE(stage.window->current(), static_cast<int>(MainWindow::Prepare));
        for (int i = 0; i < 5; ++i) {
            stage.key(static_cast<Qt::Key>(Qt::Key_F2 + i));
            QCOMPARE(stage.window->current(), i);
            QVERIFY(!stage.window->place(i)->keys().isEmpty());
        }
    }

    void theSpineWorksByMouseAndHasNames() {
        const Desk stage;
        auto* spine = stage.window->findChild<Spine*>();
        QTest::mouseClick(spine->button(MainWindow::Climb), Qt::LeftButton);
        QCOMPARE(stage.window->current(), static_cast<int>(MainWindow::Climb));
        for (int i = 0; i < 5; ++i) QVERIFY(!spine->button(i)->accessibleName().isEmpty());
    }

    void spacePlaysATakeAndTheVerdictFollows() {
        const Desk stage;
        stage.key(Qt::Key_Space);
        QCOMPARE(stage.window->current(), static_cast<int>(MainWindow::Play));
        QVERIFY(stage.studio->recorder().isRecording());
        QTRY_VERIFY_WITH_TIMEOUT(stage.window->current() == MainWindow::Look, 60000);
        const auto* look = qobject_cast<LookPlace*>(stage.window->place(MainWindow::Look));
        QCOMPARE(look->field()->data().rows.size(), std::size_t{8});
        QVERIFY(look->findingCount() >= 1);
        QVERIFY(!stage.in<VerdictBar>(MainWindow::Look)->nextStep().isEmpty());
    }

    void spaceStopsATakeToo() {
        const Desk stage;
        stage.key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->recorder().live()->beatsNow() > 9, 60000);
        stage.key(Qt::Key_Space);
        QVERIFY(!stage.studio->recorder().isRecording());
        QTRY_VERIFY_WITH_TIMEOUT(stage.window->current() == MainWindow::Look, 60000);
        QVERIFY(stage.studio->review().take()->stored.frame.bars < 8);
    }

    void escapeThrowsTheTakeAway() {
        const Desk stage;
        stage.key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->recorder().live()->beatsNow() > 5, 60000);
        stage.key(Qt::Key_Escape);
        QVERIFY(!stage.studio->recorder().isRecording());
        QTRY_VERIFY_WITH_TIMEOUT(stage.window->notices()->isVisible(), 60000);
        QVERIFY(stage.studio->log().takes().empty());
    }

    void playIsDrawnWhileTheTakeRuns() {
        Character early = machine();
        early.placementMs = -18;
        const Desk stage(early);
        stage.key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->recorder().live()->passNow() >= 2, 60000);
        // The strokes of a pass come and go quickly at this speed: one of the pictures of the take must show them.
        int most = 0;
        while (stage.studio->recorder().isRecording() && most <= 40) {
            QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
            const QImage picture = stage.window->place(MainWindow::Play)->grab().toImage();
            int found = 0;
            // Below the big count, whose word has the same colour.
            for (int y = picture.height() / 2; y < picture.height(); y += 2)
                for (int x = 0; x < picture.width(); x += 2)
                    found += picture.pixelColor(x, y) == Theme::light().early ? 1 : 0;
            most = std::max(most, found);
        }
        QVERIFY2(most > 40, qPrintable(QString::number(most)));
        stage.studio->recorder().discard();
    }

    void anExerciseIsFoundChosenAndSet() {
        const Desk stage;
        stage.key(Qt::Key_F2);
        auto* search = stage.in<QLineEdit>(MainWindow::Prepare);
        search->setFocus();
        QTest::keyClicks(search, QStringLiteral("flams and taps"));
        auto* list = stage.in<QListView>(MainWindow::Prepare);
        QCOMPARE(list->model()->rowCount(), 1);
        list->setFocus();
        QTest::keyClick(list, Qt::Key_Down);
        QCOMPARE(stage.studio->stand().exercise().id, std::string("flam-taps"));
        QTest::keyClick(list, Qt::Key_BracketRight);
        QCOMPARE(stage.studio->stand().ladder().tempoBpm, 51.0);
        const auto boxes = stage.window->place(MainWindow::Prepare)->findChildren<QDoubleSpinBox*>();
        auto* tempo = *std::find_if(boxes.begin(), boxes.end(), [](QDoubleSpinBox* box) {
            return box->accessibleName() == QStringLiteral("Tempo");
        });
        tempo->setValue(72);
        QCOMPARE(stage.studio->stand().ladder().tempoBpm, 72.0);
        QTest::keyClick(list, Qt::Key_Return);
        QCOMPARE(stage.window->current(), static_cast<int>(MainWindow::Play));
    }

    void spaceInTheSearchIsALetter() {
        const Desk stage;
        stage.key(Qt::Key_F2);
        auto* search = stage.in<QLineEdit>(MainWindow::Prepare);
        search->setFocus();
        QTest::keyClicks(search, QStringLiteral("ride with"));
        QCOMPARE(search->text(), QStringLiteral("ride with"));
        QVERIFY(!stage.studio->recorder().isRecording());
    }

    void theHelpSheetListsEveryKey() {
        const Desk stage;
        bool seen = false;
        answer<HelpSheet>([&](HelpSheet* sheet) {
            QStringList texts;
            for (const QLabel* label : sheet->findChildren<QLabel*>()) texts << label->text();
            for (int i = 0; i < 5; ++i)
                for (const KeySection& section : stage.window->place(i)->allKeys(QString()))
                    for (const KeyHint& hint : section.keys) QVERIFY2(texts.contains(hint.what), qPrintable(hint.what));
            QVERIFY(sheet->width() <= stage.window->width() && sheet->height() <= stage.window->height());
            QVERIFY(texts.join(QLatin1Char(' ')).contains(QStringLiteral("doctor or a qualified teacher")));
            seen = true;
            sheet->accept();
        });
        stage.key(Qt::Key_F1);
        QVERIFY(seen);
    }

    void theCareNoteIsShownOnce() {
        const Desk stage;
        stage.window->greet();
        QVERIFY(stage.window->notices()->isVisible());
        QVERIFY(stage.window->notices()->text().contains(QStringLiteral("hearing")));
        const auto buttons = stage.window->notices()->findChildren<QPushButton*>();
        QTest::mouseClick(buttons.front(), Qt::LeftButton);
        QVERIFY(!stage.window->notices()->isVisible());
        stage.window->greet();
        QVERIFY(!stage.window->notices()->isVisible());
    }

    void anInterruptedTakeIsOffered() {
        Desk stage;
        stage.window.reset();
        stage.studio.reset();
        QFile part(stage.dir.filePath(QStringLiteral("takes/x.flac.part")));
        QVERIFY(part.open(QIODevice::WriteOnly));
        part.write("sound");
        part.close();
        stage.open(faulty());
        stage.window->greet();
        QVERIFY(stage.window->notices()->text().contains(QStringLiteral("interrupted")));
        const auto buttons = stage.window->notices()->findChildren<QPushButton*>();
        QTest::mouseClick(buttons.back(), Qt::LeftButton);
        QVERIFY(stage.studio->keeper().interrupted().empty());
    }

    void lightAndDarkAtAnySize_data() {
        QTest::addColumn<QSize>("size");
        QTest::addColumn<bool>("dark");
        for (const QSize size : {QSize(820, 560), QSize(1280, 800), QSize(3840, 2160)})
            for (const bool dark : {false, true})
                QTest::addRow("%dx%d %s", size.width(), size.height(), dark ? "dark" : "light") << size << dark;
    }
    void lightAndDarkAtAnySize() {
        QFETCH(QSize, size);
        QFETCH(bool, dark);
        const Desk stage;
        stage.playOne();
        MainWindow::applyTheme(dark ? Theme::night() : Theme::light());
        stage.window->resize(size);
        for (int place = 0; place < 5; ++place) {
            stage.window->go(place);
            const QImage picture = stage.window->grab().toImage();
            QCOMPARE(picture.size(), size * stage.window->devicePixelRatio());
            const Theme& theme = dark ? Theme::night() : Theme::light();
            QCOMPARE(picture.pixelColor(picture.width() - 3, picture.height() - 3), theme.ground);
        }
        MainWindow::applyTheme(Theme::light());
    }

    void closingDuringATakeKeepsIt() {
        Desk stage;
        stage.key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->recorder().live()->beatsNow() > 9, 60000);
        stage.window->close();
        QVERIFY(!stage.studio->recorder().isRecording());
        QCOMPARE(stage.studio->log().takes().size(), std::size_t{1});
    }

    void headerAndControlsHaveNamesForScreenReaders() {
        const Desk stage;
        stage.playOne();
        QVERIFY(stage.window->header()->accessibleName().contains(QStringLiteral("Paradiddle")));
        for (QWidget* widget : stage.window->findChildren<QWidget*>()) {
            const bool control = qobject_cast<QAbstractSpinBox*>(widget) || qobject_cast<QComboBox*>(widget) ||
                                 qobject_cast<QListView*>(widget);
            const bool ours =
                control && widget->parentWidget() != nullptr &&
                qobject_cast<QAbstractItemView*>(widget->parentWidget()) == nullptr &&
                !widget->objectName().startsWith(QStringLiteral("qt_")) &&
                QString::fromLatin1(widget->metaObject()->className()) != QStringLiteral("QComboBoxListView");
            if (ours) QVERIFY2(!widget->accessibleName().isEmpty(), widget->metaObject()->className());
        }
    }
};

QTEST_MAIN(TestWindow)
#include "tst_window.moc"
