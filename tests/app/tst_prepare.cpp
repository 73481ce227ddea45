// Prepare by keys: pages written from empty, own exercises kept, exercises taken apart.
#include <QApplication>
#include <QSignalSpy>
#include <QTest>

#include "prepare/hear_bar.h"
#include "studio/click_presets.h"
#include "theme/theme.h"
#include "typing.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/music/transform.h"
#include "upbeat/signal/take_listener.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Rows of the exercise on the stand, as text.
QStringList pageRows(const Exercise& e) {
    QStringList rows;
    for (const QString& line : QString::fromStdString(toText(e)).split(QLatin1Char('\n')))
        if (line.contains(QLatin1Char('|'))) rows << line.simplified();
    return rows;
}

}  // namespace

class TestPrepare : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    /// Five pages of different kinds, each written from empty by keys alone.
    void pagesAreWrittenByKeys_data() {
        QTest::addColumn<QString>("keys");
        QTest::addColumn<QStringList>("rows");
        QTest::newRow("sixteenths with hands and accents")
            << "RlrrLrllRlrrLrll" << QStringList{"snare | >RLRR >LRLL >RLRR >LRLL |"};
        QTest::newRow("mixed subdivisions") << "2rl3rlr5lrlrl1R" << QStringList{"snare | RL RLR LRLRL >R |"};
        QTest::newRow("a groove with ghosts on three rows")
            << "<Ctrl+Right>L..(l<Ctrl+Right>Ln<Home>r<Ctrl+Right><Ctrl+Right>rn<Home>r.r.r.r.r.r.r.r."
            << QStringList{"snare | . >L..(L) . >L |", "bass drum | F . F . |", "hi-hat | RR RR RR RR |"};
        QTest::newRow("flams and rolls") << "2Rfrl.RfrDz" << QStringList{"snare | f>RR L f>RzR . |"};
        QTest::newRow("a swell over the bar") << "rlrlrlrlrlrlrlrl<" << QStringList{"snare | RLRL RLRL RLRL RLRL |"};
        QTest::newRow("two bars from one, the hands changed")
            << "Rlrr<Home><Shift+Right><Shift+Right><Shift+Right><Ctrl+R><Ctrl+A><Ctrl+R><PgDown>m"
            << QStringList{"snare | >RLRR >RLRR . . | >LRLL >LRLL . . |"};
    }
    void pagesAreWrittenByKeys() {
        QFETCH(QString, keys);
        QFETCH(QStringList, rows);
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>"));
        QVERIFY(desk.studio->stand().exercise().strokes.empty());
        type(desk, keys);
        QCOMPARE(pageRows(desk.studio->stand().exercise()).join(QLatin1Char(0x2f)), rows.join(QLatin1Char(0x2f)));
        QCOMPARE(desk.studio->stand().exercise().swells.size(),
                 keys.endsWith(QLatin1Char('<')) ? std::size_t{1} : std::size_t{0});
        type(desk, QStringLiteral("<Esc>"));
        QCOMPARE(prepareOf(desk)->panel(), PreparePlace::Controls);
        desk.studio->settle();
    }

    /// N1 to N8 while typing: what cannot be is said at once, and nothing typed is changed.
    void whatCannotBeIsSaidWhileTyping() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>rlrl<Home>3"));
        const auto* panel = desk.in<EditPanel>(MainWindow::Prepare);
        const auto said = [panel](const QString& text) {
            const auto labels = panel->findChildren<QLabel*>();
            return std::any_of(labels.begin(), labels.end(), [&](QLabel* l) { return l->text().contains(text); });
        };
        QVERIFY(said(QStringLiteral("3 parts")));
        QCOMPARE(desk.studio->manuscript().editor().exercise().strokes.size(), std::size_t{4});
        type(desk, QStringLiteral("4"));
        QVERIFY(!said(QStringLiteral("3 parts")));
        type(desk, QStringLiteral("n<Home>v"));  // a second row for the hands
        type(desk, QStringLiteral("r"));
        QVERIFY(said(QStringLiteral("right hand")));
        type(desk, QStringLiteral("<Left>x"));
        QVERIFY(!said(QStringLiteral("right hand")));
        type(desk, QStringLiteral("<Ctrl+Z><Ctrl+Z>"));
        QVERIFY(!said(QStringLiteral("right hand")));
    }

    void anOwnExerciseIsKeptAndOursStayAsTheyAre() {
        QTemporaryDir dir;
        const Exercise ours = *builtInExercise("paradiddle-accents");
        {
            auto studio = studioIn(dir, faulty());
            studio->stand().choose("paradiddle-accents");
            MainWindow window(*studio);
            window.show();
            (void)QTest::qWaitForWindowActive(&window);
            QTest::keyClick(window.focusWidget(), Qt::Key_E);
            QTest::keyClick(window.focusWidget(), Qt::Key_M);
            QTest::keyClick(window.focusWidget(), Qt::Key_Escape);
            QVERIFY(studio->shelf().isOwn(studio->stand().exercise().id));
            QCOMPARE(pageRows(studio->stand().exercise()), QStringList{"snare | >LRLL >RLRR >LRLL >RLRR |"});
        }
        auto studio = studioIn(dir, faulty());
        QVERIFY(studio->shelf().isOwn(studio->shelf().exercises().front().id));
        QCOMPARE(studio->shelf().exercises().front().strokes.front().limb, Limb::LeftHand);
        studio->stand().choose("paradiddle-accents");
        QCOMPARE(studio->stand().exercise(), ours);
        studio->stand().choose(studio->shelf().exercises().front().id);
        studio->manuscript().forget();
        QVERIFY(!studio->shelf().isOwn(studio->shelf().exercises().front().id));
        studio.reset();
        studio = studioIn(dir, faulty());
        QVERIFY(!studio->shelf().isOwn(studio->shelf().exercises().front().id));
    }

    void whatWasJustTypedIsNotLost() {
        QTemporaryDir dir;
        for (const bool closes : {false, true}) {
            auto studio = studioIn(dir, faulty());
            MainWindow window(*studio);
            window.show();
            (void)QTest::qWaitForWindowActive(&window);
            studio->stand().choose("paradiddle-accents");
            QTest::keyClick(window.focusWidget(), Qt::Key_E);
            QTest::keyClick(window.focusWidget(), Qt::Key_M);
            // At once on to another exercise, or out of the program.
            if (!closes) studio->stand().choose("flam-taps");
            window.close();
            studio.reset();
            studio = studioIn(dir, faulty());
            QCOMPARE(studio->shelf().exercises().front().strokes.front().limb, Limb::LeftHand);
            studio->stand().choose(studio->shelf().exercises().front().id);
            studio->manuscript().forget();
        }
    }

    /// Takes remember the page they were played from.
    void editingKeepsTheHistory() {
        const Desk desk;
        type(desk, QStringLiteral("e<Esc>"));
        desk.playOne();
        const qint64 first = desk.studio->review().take()->id;
        const Exercise before = desk.studio->stand().exercise();
        desk.window->go(MainWindow::Prepare);
        type(desk, QStringLiteral("e<Right>x<Esc>"));
        QVERIFY(desk.studio->stand().exercise() != before);
        QCOMPARE(desk.studio->stand().exercise().id, before.id);
        QCOMPARE(desk.studio->log().takes(before.id).size(), std::size_t{1});
        desk.studio->review().open(first);
        QTRY_VERIFY(desk.studio->review().take()->id == first);
        QCOMPARE(desk.studio->review().take()->stored.exercise.strokes, before.strokes);
    }

    void anEmptyPageLeavesNothingBehind() {
        const Desk desk;
        const auto count = desk.studio->shelf().exercises().size();
        type(desk, QStringLiteral("<Ctrl+N>"));
        desk.key(Qt::Key_Space);
        QVERIFY(!desk.studio->recorder().isRecording());
        type(desk, QStringLiteral("<Esc>"));
        QCOMPARE(desk.studio->shelf().exercises().size(), count);
    }

    void theMousePlacesThePenAndWrites() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>"));
        auto* line = desk.in<CountLineEditor>(MainWindow::Prepare);
        const QPoint third(line->width() / 2, 60);
        QTest::mouseClick(line, Qt::LeftButton, Qt::NoModifier, third);
        const Beats at = desk.studio->manuscript().editor().at();
        QVERIFY(at > Beats(1) && at < Beats(3));
        for (const Level level : {Level::Tap, Level::Accent, Level::Ghost}) {
            QTest::mouseDClick(line, Qt::LeftButton, Qt::NoModifier, third);
            QCOMPARE(desk.studio->manuscript().editor().stroke()->level, level);
        }
        QTest::mouseDClick(line, Qt::LeftButton, Qt::NoModifier, third);
        QVERIFY(desk.studio->manuscript().editor().stroke() == nullptr);
    }

    void meterBarsAndRulesChangeThePage() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>rlrlrlrlrlrlrlrl"));
        auto* panel = desk.in<EditPanel>(MainWindow::Prepare);
        const auto boxes = panel->findChildren<QComboBox*>();
        const auto boxOf = [&](const QString& name) {
            return *std::find_if(boxes.begin(), boxes.end(), [&](QComboBox* b) { return b->accessibleName() == name; });
        };
        auto* rule = boxOf(QStringLiteral("Rule"));
        Q_EMIT rule->activated(rule->findText(QStringLiteral("accent the 2nd of 4")));
        QCOMPARE(pageRows(desk.studio->stand().exercise()), QStringList{"snare | R>LRL R>LRL R>LRL R>LRL |"});
        auto* meter = boxOf(QStringLiteral("Meter"));
        Q_EMIT meter->activated(meter->findText(QStringLiteral("2/4")));
        QCOMPARE(desk.studio->stand().exercise().meter, (Meter{4, 4}));  // two beats would fall out: said, not done
        auto* bars = panel->findChild<QSpinBox*>();
        bars->setValue(2);
        QCOMPARE(pageRows(desk.studio->stand().exercise()), QStringList{"snare | R>LRL R>LRL | R>LRL R>LRL |"});
        auto* feel = boxOf(QStringLiteral("Feel"));
        feel->setCurrentIndex(2);
        Q_EMIT feel->activated(2);
        QCOMPARE(desk.studio->stand().exercise().feel, (Feel{SwingLevel::Sixteenth, 2.0, false}));
    }

    /// N2, N6 and N8: rules in the player's words.
    void groupsRollsAndWordsAreTyped() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>rlrl<Home>"));
        auto* panel = desk.in<EditPanel>(MainWindow::Prepare);
        QCOMPARE(panel->applyWords(QStringLiteral("5+3+5+3")), QString());
        QCOMPARE(pageRows(desk.studio->stand().exercise()), QStringList{"snare | !>RLRL R!>LRL !>RLRL R!>LRL |"});
        QVERIFY(panel->applyWords(QStringLiteral("5+3+5")).contains(QStringLiteral("3 too few")));
        QCOMPARE(panel->applyWords(QStringLiteral("7")), QString());
        QVERIFY(pageRows(desk.studio->stand().exercise()).front().startsWith(QStringLiteral("snare | RRLL RR>L. ")));
        QVERIFY(panel->applyWords(QStringLiteral("99")).contains(QStringLiteral("roll")));
        QCOMPARE(panel->applyWords(QStringLiteral("wa-ter-mel-on")), QString());
        QCOMPARE(desk.studio->stand().exercise().words.at(4).back(), std::string("on"));
        QCOMPARE(panel->applyWords(QStringLiteral("pp")), QString());
        QCOMPARE(desk.studio->stand().exercise().swells, (std::vector<Swell>{{Beats(0), Beats(4), -24, -24}}));
        QCOMPARE(panel->applyWords(QStringLiteral("80%")), QString());
        QCOMPARE(panel->applyWords(QStringLiteral("section A")), QString());
        QCOMPARE(panel->applyWords(QStringLiteral("any 6")), QString());
        QVERIFY(panel->applyWords(QStringLiteral("as B")).contains(QStringLiteral("does not come before")));
        QCOMPARE(desk.studio->stand().exercise().tempoChanges, (std::vector<TempoChange>{{1, 80}}));
        QVERIFY(panel->applyWords(QStringLiteral("5 %")).contains(QStringLiteral("25 to 400")));
        QVERIFY(panel->applyWords(QStringLiteral("what")).contains(QStringLiteral("no rule")));
    }

    /// N3: which hand works more.
    void theBusierHandIsNamed() {
        const Desk desk;
        const auto says = [&](const char* id, const QString& words) {
            desk.studio->stand().choose(id);
            const auto labels = prepareOf(desk)->findChildren<QLabel*>();
            return std::any_of(labels.begin(), labels.end(), [&](QLabel* l) { return l->text().contains(words); });
        };
        QVERIFY(says("swiss-triplet", QStringLiteral("Right hand 8, left hand 4.")));
        QVERIFY(!says("paradiddle-accents", QStringLiteral("left hand")));
    }

    /// N1: the second half of the list is for the bar of the pen.
    void oneBarIsInAnotherMeter() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>rlrlrlrlrlrlrlrl<Ctrl+B>"));
        auto* panel = desk.in<EditPanel>(MainWindow::Prepare);
        const auto boxes = panel->findChildren<QComboBox*>();
        auto* meter = *std::find_if(boxes.begin(), boxes.end(),
                                    [](QComboBox* b) { return b->accessibleName() == QStringLiteral("Meter"); });
        const auto choose = [&](const char* entry) {
            const int index = meter->findText(QString::fromLatin1(entry));
            QVERIFY(index >= 0);
            Q_EMIT meter->activated(index);
        };
        type(desk, QStringLiteral("<PgDown>"));
        choose("7/8 here");
        QCOMPARE(metersOf(desk.studio->stand().exercise()), (std::vector<Meter>{{4, 4}, {7, 8}}));
        QCOMPARE(meter->currentText(), QStringLiteral("7/8 here"));
        type(desk, QStringLiteral("<PgUp>"));
        QCOMPARE(meter->currentText(), QStringLiteral("4/4 here"));
        choose("3/4 here");
        QCOMPARE(metersOf(desk.studio->stand().exercise()), (std::vector<Meter>{{4, 4}, {7, 8}}));
        const auto labels = panel->findChildren<QLabel*>();
        QVERIFY(std::any_of(labels.begin(), labels.end(),
                            [](QLabel* l) { return l->text().contains(QStringLiteral("holds more strokes")); }));
    }

    /// N10: a groove twice, then a fill; and only its last bars.
    void aFormIsWrittenAndPractisedInParts() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>"));
        auto* panel = desk.in<EditPanel>(MainWindow::Prepare);
        QCOMPARE(panel->append(*builtInExercise("groove-waltz")), QString());
        QCOMPARE(desk.studio->stand().exercise().meter, (Meter{3, 4}));
        type(desk, QStringLiteral("<Ctrl+R>"));
        // The waltz swings, the fill does not: said.
        const Exercise fill = barsOf(*builtInExercise("fill-sixteenths-down"), 2, 2);
        QVERIFY(panel->append(fill).contains(QStringLiteral("feel of the page")));
        const Exercise& song = desk.studio->stand().exercise();
        const int bars = song.bars;
        QCOMPARE(metersOf(song).back(), (Meter{4, 4}));
        type(desk, QStringLiteral("<Escape>"));
        auto* bar = desk.in<HearBar>(MainWindow::Prepare);
        auto* from = bar->findChildren<QSpinBox*>().front();
        type(desk, QStringLiteral("r"));
        QVERIFY(!desk.studio->stand().isPart());  // all of it is all of it
        from->setValue(bars);
        type(desk, QStringLiteral("r"));
        QVERIFY(desk.studio->stand().isPart());
        QCOMPARE(desk.studio->stand().exercise().bars, 1);
        QCOMPARE(desk.studio->stand().exercise().meter, (Meter{4, 4}));
        type(desk, QStringLiteral("r"));
        QCOMPARE(desk.studio->stand().exercise().bars, bars);
    }

    void filesComeInAndGoOut() {
        const Desk desk;
        QSignalSpy said(&desk.studio->notices(), &Notices::said);
        QSignalSpy failed(&desk.studio->notices(), &Notices::failed);
        const QString file = desk.dir.filePath(QStringLiteral("page.mxl"));
        desk.studio->shelf().exportFile(desk.studio->stand().exercise(), file);
        QTRY_COMPARE(said.count(), 1);
        desk.studio->shelf().importFile(file);
        QTRY_COMPARE(said.count(), 2);
        QVERIFY(desk.studio->shelf().isOwn(desk.studio->stand().exercise().id));
        QCOMPARE(desk.studio->stand().exercise().strokes, builtInExercise("paradiddle-accents")->strokes);
        desk.studio->shelf().exportFile(desk.studio->stand().exercise(), desk.dir.filePath(QStringLiteral("page.mid")));
        QTRY_COMPARE(said.count(), 3);
        QVERIFY(said.last().first().toString().contains(QStringLiteral("cannot hold")));
        QFile bad(desk.dir.filePath(QStringLiteral("bad.musicxml")));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("<score-partwise>");
        bad.close();
        desk.studio->shelf().importFile(bad.fileName());
        QTRY_COMPARE(failed.count(), 1);
        desk.studio->shelf().exportFile(desk.studio->stand().exercise(), desk.dir.filePath(QStringLiteral("page.doc")));
        QTRY_COMPARE(failed.count(), 2);
    }
};

QTEST_MAIN(TestPrepare)
#include "tst_prepare.moc"
