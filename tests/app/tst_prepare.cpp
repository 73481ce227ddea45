// Prepare by keys: pages written from empty, own exercises kept, exercises taken apart.
#include <QApplication>
#include <QSignalSpy>
#include <QTest>
#include <set>

#include "prepare/prepare_place.h"
#include "stage.h"
#include "studio/click_presets.h"
#include "theme/theme.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/signal/take_listener.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Types as a person does: letters for hands, capitals with Shift, "(" a ghost with Alt, and named keys between < and
/// >.
void type(const Desk& desk, const QString& keys) {
    for (qsizetype i = 0; i < keys.size(); ++i) {
        const QChar c = keys.at(i);
        if (c == QLatin1Char('<') && keys.indexOf(QLatin1Char('>'), i) > 0) {
            const qsizetype end = keys.indexOf(QLatin1Char('>'), i);
            const QKeySequence sequence(keys.mid(i + 1, end - i - 1));
            desk.key(sequence[0].key(), sequence[0].keyboardModifiers());
            i = end;
        } else if (c == QLatin1Char('(')) {
            desk.key(static_cast<Qt::Key>(keys.at(++i).toUpper().unicode()), Qt::AltModifier);
        } else if (c.isLetter()) {
            desk.key(static_cast<Qt::Key>(c.toUpper().unicode()), c.isUpper() ? Qt::ShiftModifier : Qt::NoModifier);
        } else {
            desk.key(static_cast<Qt::Key>(c.unicode()));
        }
    }
}

/// Rows of the exercise on the stand, as text.
QStringList rowsOf(const Exercise& e) {
    QStringList rows;
    for (const QString& line : QString::fromStdString(toText(e)).split(QLatin1Char('\n')))
        if (line.contains(QLatin1Char('|'))) rows << line.simplified();
    return rows;
}

PreparePlace* prepareOf(const Desk& desk) {
    return qobject_cast<PreparePlace*>(desk.window->place(MainWindow::Prepare));
}

}  // namespace

class TestPrepare : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        QVERIFY(loadFonts());
        QApplication::setStyle(QStringLiteral("Fusion"));
        MainWindow::applyTheme(false);
    }

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
        QVERIFY(desk.studio->exercise().strokes.empty());
        type(desk, keys);
        QCOMPARE(rowsOf(desk.studio->exercise()).join(QLatin1Char(0x2f)), rows.join(QLatin1Char(0x2f)));
        QCOMPARE(desk.studio->exercise().swells.size(),
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
        QCOMPARE(desk.in<CountLineEditor>(MainWindow::Prepare)->editor().exercise().strokes.size(), std::size_t{4});
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
            studio->chooseExercise("paradiddle-accents");
            MainWindow window(*studio);
            window.show();
            (void)QTest::qWaitForWindowActive(&window);
            QTest::keyClick(window.focusWidget(), Qt::Key_E);
            QTest::keyClick(window.focusWidget(), Qt::Key_M);
            QTest::keyClick(window.focusWidget(), Qt::Key_Escape);
            QVERIFY(Studio::isOwn(studio->exercise().id));
            QCOMPARE(rowsOf(studio->exercise()), QStringList{"snare | >LRLL >RLRR >LRLL >RLRR |"});
        }
        auto studio = studioIn(dir, faulty());
        QVERIFY(Studio::isOwn(studio->exercises().front().id));
        QCOMPARE(studio->exercises().front().strokes.front().limb, Limb::LeftHand);
        studio->chooseExercise("paradiddle-accents");
        QCOMPARE(studio->exercise(), ours);
        studio->chooseExercise(studio->exercises().front().id);
        studio->forgetExercise();
        QVERIFY(!Studio::isOwn(studio->exercises().front().id));
        studio = studioIn(dir, faulty());
        QVERIFY(!Studio::isOwn(studio->exercises().front().id));
    }

    /// Takes remember the page they were played from.
    void editingKeepsTheHistory() {
        const Desk desk;
        type(desk, QStringLiteral("e<Esc>"));
        desk.playOne();
        const qint64 first = desk.studio->take()->id;
        const Exercise before = desk.studio->exercise();
        desk.window->go(MainWindow::Prepare);
        type(desk, QStringLiteral("e<Right>x<Esc>"));
        QVERIFY(desk.studio->exercise() != before);
        QCOMPARE(desk.studio->exercise().id, before.id);
        QCOMPARE(desk.studio->takes(before.id).size(), std::size_t{1});
        desk.studio->openTake(first);
        QTRY_VERIFY(desk.studio->take()->id == first);
        QCOMPARE(desk.studio->take()->stored.exercise.strokes, before.strokes);
    }

    void anEmptyPageLeavesNothingBehind() {
        const Desk desk;
        const auto count = desk.studio->exercises().size();
        type(desk, QStringLiteral("<Ctrl+N>"));
        desk.key(Qt::Key_Space);
        QVERIFY(!desk.studio->isRecording());
        type(desk, QStringLiteral("<Esc>"));
        QCOMPARE(desk.studio->exercises().size(), count);
    }

    void theMousePlacesThePenAndWrites() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>"));
        auto* line = desk.in<CountLineEditor>(MainWindow::Prepare);
        const QPoint third(line->width() / 2, 60);
        QTest::mouseClick(line, Qt::LeftButton, Qt::NoModifier, third);
        const Beats at = line->editor().at();
        QVERIFY(at > Beats(1) && at < Beats(3));
        for (const Level level : {Level::Tap, Level::Accent, Level::Ghost}) {
            QTest::mouseDClick(line, Qt::LeftButton, Qt::NoModifier, third);
            QCOMPARE(line->editor().stroke()->level, level);
        }
        QTest::mouseDClick(line, Qt::LeftButton, Qt::NoModifier, third);
        QVERIFY(line->editor().stroke() == nullptr);
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
        QCOMPARE(rowsOf(desk.studio->exercise()), QStringList{"snare | R>LRL R>LRL R>LRL R>LRL |"});
        auto* meter = boxOf(QStringLiteral("Meter"));
        Q_EMIT meter->activated(meter->findText(QStringLiteral("2/4")));
        QCOMPARE(desk.studio->exercise().meter, (Meter{4, 4}));  // two beats would fall out: said, not done
        auto* bars = panel->findChild<QSpinBox*>();
        bars->setValue(2);
        QCOMPARE(rowsOf(desk.studio->exercise()), QStringList{"snare | R>LRL R>LRL | R>LRL R>LRL |"});
        auto* feel = boxOf(QStringLiteral("Feel"));
        feel->setCurrentIndex(2);
        Q_EMIT feel->activated(2);
        QCOMPARE(desk.studio->exercise().feel, (Feel{SwingLevel::Sixteenth, 2.0, false}));
    }

    /// N2, N6 and N8: rules in the player's words.
    void groupsRollsAndWordsAreTyped() {
        const Desk desk;
        type(desk, QStringLiteral("<Ctrl+N>rlrl<Home>"));
        auto* panel = desk.in<EditPanel>(MainWindow::Prepare);
        QCOMPARE(panel->applyWords(QStringLiteral("5+3+5+3")), QString());
        QCOMPARE(rowsOf(desk.studio->exercise()), QStringList{"snare | !>RLRL R!>LRL !>RLRL R!>LRL |"});
        QVERIFY(panel->applyWords(QStringLiteral("5+3+5")).contains(QStringLiteral("3 too few")));
        QCOMPARE(panel->applyWords(QStringLiteral("7")), QString());
        QVERIFY(rowsOf(desk.studio->exercise()).front().startsWith(QStringLiteral("snare | RRLL RR>L. ")));
        QVERIFY(panel->applyWords(QStringLiteral("99")).contains(QStringLiteral("roll")));
        QCOMPARE(panel->applyWords(QStringLiteral("wa-ter-mel-on")), QString());
        QCOMPARE(desk.studio->exercise().words.at(4).back(), std::string("on"));
        QVERIFY(panel->applyWords(QStringLiteral("what")).contains(QStringLiteral("no rule")));
    }

    void filesComeInAndGoOut() {
        const Desk desk;
        QSignalSpy said(desk.studio.get(), &Studio::said);
        QSignalSpy failed(desk.studio.get(), &Studio::failed);
        const QString file = desk.dir.filePath(QStringLiteral("page.mxl"));
        desk.studio->exportExercise(file);
        QTRY_COMPARE(said.count(), 1);
        desk.studio->importExercise(file);
        QTRY_COMPARE(said.count(), 2);
        QVERIFY(Studio::isOwn(desk.studio->exercise().id));
        QCOMPARE(desk.studio->exercise().strokes, builtInExercise("paradiddle-accents")->strokes);
        desk.studio->exportExercise(desk.dir.filePath(QStringLiteral("page.mid")));
        QTRY_COMPARE(said.count(), 3);
        QVERIFY(said.last().first().toString().contains(QStringLiteral("cannot hold")));
        QFile bad(desk.dir.filePath(QStringLiteral("bad.musicxml")));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("<score-partwise>");
        bad.close();
        desk.studio->importExercise(bad.fileName());
        QTRY_COMPARE(failed.count(), 1);
        desk.studio->exportExercise(desk.dir.filePath(QStringLiteral("page.doc")));
        QTRY_COMPARE(failed.count(), 2);
    }

    /// N12 to N19: stages are played, measured and gated like any exercise, and the verdict moves between them.
    void anExerciseIsTakenApartAndPutTogether() {
        const Desk desk(machine());
        desk.studio->chooseExercise("unison-hands-foot");
        PracticeSettings settings = desk.studio->settings();
        settings.barsPerTake = 4;
        desk.studio->changeSettings(settings);
        type(desk, QStringLiteral("a"));
        auto* panel = desk.in<StagesPanel>(MainWindow::Prepare);
        QCOMPARE(panel->method(), Method::LimbsApart);
        type(desk, QStringLiteral("<Return>"));
        QCOMPARE(desk.window->current(), static_cast<int>(MainWindow::Play));
        QCOMPARE(desk.studio->exercise().id, std::string("unison-hands-foot~limbs-apart.1"));
        const auto playClean = [&] {
            for (int i = 0; i < kCleanPerStage; ++i) desk.playOne();
            desk.studio->settle();
            desk.studio->acceptNextStep();
        };
        playClean();
        QCOMPARE(desk.studio->stage(), 1);
        desk.studio->goToStage(static_cast<int>(desk.studio->stages().size()) - 1);
        playClean();
        QVERIFY(desk.studio->stages().empty());
        QCOMPARE(desk.studio->exercise().id, std::string("unison-hands-foot"));
    }

    /// N18: the spot is where the last take had its trouble.
    void theSpotIsWhereTheTroubleIs() {
        const Desk desk;  // plays the last sixteenth of two early
        desk.playOne();
        desk.studio->takeApart(Method::IsolateSpan);
        const Exercise& spot = desk.studio->exercise();
        QCOMPARE(spot.bars, 2);
        for (const Stroke& s : spot.strokes) QVERIFY(!(s.at < Beats(1)) && !(Beats(2) < s.at));
    }

    void waysAreCombined() {
        const Desk desk;
        desk.studio->chooseExercise("groove-eighths");
        type(desk, QStringLiteral("a"));
        auto* panel = desk.in<StagesPanel>(MainWindow::Prepare);
        panel->setInner(Method::Grow);
        type(desk, QStringLiteral("<Return>"));
        QCOMPARE(desk.studio->exercise().id, std::string("groove-eighths~limbs-apart+grow.1"));
        QVERIFY(desk.studio->stages().size() > 8);
        desk.studio->goToStage(3);
        QCOMPARE(desk.studio->stage(), 3);
        desk.studio->backToWhole();
        QCOMPARE(desk.studio->exercise().id, std::string("groove-eighths"));
    }

    void voicesFoldIntoOneRow() {
        const Desk desk;
        desk.studio->chooseExercise("groove-eighths");
        auto* line = desk.in<CountLineEditor>(MainWindow::Prepare);
        const QImage open = line->grab().toImage();
        type(desk, QStringLiteral("v"));
        QVERIFY(line->isFolded());
        QVERIFY(line->grab().toImage() != open);
        type(desk, QStringLiteral("v"));
        QCOMPARE(line->grab().toImage(), open);
    }

    void aStageThatWobblesFallsBack() {
        Character wild;
        wild.spreadMs = 60;
        wild.missChance = 0.4;
        const Desk desk(wild);
        desk.studio->takeApart(Method::Grow);
        desk.studio->goToStage(3);
        desk.playOne();
        desk.studio->settle();
        QCOMPARE(desk.studio->take()->analysis.verdict.action, Action::Back);
        desk.studio->acceptNextStep();
        QCOMPARE(desk.studio->stage(), 2);
        desk.key(Qt::Key_B);
        QVERIFY(desk.studio->stages().empty());
        QCOMPARE(desk.studio->exercise().id, std::string("paradiddle-accents"));
    }

    /// N20 and N21: the click, a tapped tempo, the timer.
    void theClickIsChosenAndTheTempoTapped() {
        const Desk desk;
        const auto boxes = prepareOf(desk)->findChildren<QComboBox*>();
        auto* click = *std::find_if(boxes.begin(), boxes.end(),
                                    [](QComboBox* box) { return box->accessibleName() == QStringLiteral("Click"); });
        for (int i = 0; i < click->count(); ++i) {
            Q_EMIT click->activated(i);
            QCOMPARE(click->currentIndex(), i);
            QCOMPARE(desk.studio->settings().click, clickPresets().at(i).click);
            QVERIFY(check(clickPlanOf(desk.studio->settings(), 100, {7, 8})).has_value());
        }
        const double before = desk.studio->ladder().tempoBpm;
        type(desk, QStringLiteral("t"));
        QCOMPARE(desk.studio->ladder().tempoBpm, before);
        QElapsedTimer clock;
        clock.start();
        for (int i = 0; i < 4; ++i) {
            QTest::qWait(300);
            type(desk, QStringLiteral("t"));
        }
        // However long the machine stalls, the tempo lies between that of the shortest distance and the slowest there
        // is.
        QVERIFY(desk.studio->ladder().tempoBpm <= 205 && desk.studio->ladder().tempoBpm >= kSlowestTempo);
    }

    void aTimerEndsAPart() {
        const Desk desk;  // forty times as fast as the clock
        PracticeSettings settings = desk.studio->settings();
        settings.minutes = 1;
        settings.barsPerTake = 1;
        desk.studio->changeSettings(settings);
        QSignalSpy said(desk.studio.get(), &Studio::said);
        desk.studio->takeApart(Method::Grow);
        desk.studio->startTake();
        QTRY_COMPARE_WITH_TIMEOUT(desk.studio->stage(), 1, 60000);
        QVERIFY(said.last().first().toString().contains(QStringLiteral("1 minute")));
        desk.studio->backToWhole();
        desk.studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(said.last().first().toString().contains(QStringLiteral("take a break")), 60000);
    }

    void theExerciseIsHeardBeforeItIsPlayed() {
        const Desk desk;
        type(desk, QStringLiteral("p"));
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->isPlaying(), 20000);
        type(desk, QStringLiteral("p"));
        QTRY_VERIFY(!desk.studio->isPlaying());
        type(desk, QStringLiteral("e<Shift+Right><Shift+Right><Ctrl+P>"));
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->isPlaying(), 20000);
        desk.studio->stopPlaying();
    }

    void whatIsHeardIsThePage() {
        StoredTake take;
        take.exercise = *builtInExercise("flam-taps");
        take.frame = {60, 0, 3, 0, false, {}};
        const Sound exact = idealSound(take, 4, 8);
        const Sound felt = idealSound(take, 4, 8, true);
        QCOMPARE(exact.samples.size(), static_cast<std::size_t>(4 * take.sampleRate));
        QVERIFY(exact.samples != felt.samples);
        const auto hits = detectHits(exact.view(), take.sampleRate);
        const auto firm =
            std::count_if(hits.begin(), hits.end(), [](const Hit& hit) { return hit.strength >= kFirmStrength; });
        QVERIFY2(firm >= 8 && firm <= 13, qPrintable(QString::number(firm)));
    }

    void everyWayIsOffered() {
        const Desk desk;
        desk.studio->chooseExercise("groove-bossa");
        type(desk, QStringLiteral("a"));
        auto* panel = desk.in<StagesPanel>(MainWindow::Prepare);
        std::set<Method> seen;
        for (int i = 0; i < kMethodCount; ++i) {
            seen.insert(panel->method());
            type(desk, QStringLiteral("w"));
        }
        QCOMPARE(seen.size(), methodsFor(desk.studio->exercise()).size());
        type(desk, QStringLiteral("<Esc>"));
        QCOMPARE(prepareOf(desk)->panel(), PreparePlace::Controls);
    }
};

QTEST_MAIN(TestPrepare)
#include "tst_prepare.moc"
