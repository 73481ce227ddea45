#include <QTest>

#include "upbeat/music/grid_text.h"

using namespace upbeat;

/// The text form: what a drummer types into a mail.
class TestGridText : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    /// N1, N3, N4, N5: subdivisions mix freely in one bar, hands and feet, voices and levels.
    void subdivisionsMixInOneBar() {
        const auto e = exerciseFromText("hi-hat | R RLR R.>R(L) . |\nbass drum | F . . F |\n");
        QVERIFY2(e.has_value(), e ? "" : e.error().sentence().c_str());
        QCOMPARE(e->strokes.size(), std::size_t{9});
        QCOMPARE(e->strokes[3].at, Beats(4, 3));
        QCOMPARE(e->strokes[6].at, Beats(5, 2));
        QCOMPARE(e->strokes[6].level, Level::Accent);
        QCOMPARE(e->strokes[7].level, Level::Ghost);
        QCOMPARE(e->strokes[8].voice, Voice::Kick);
        QCOMPARE(e->strokes[8].limb, Limb::RightFoot);
    }

    void linesFollowOneAnother() {
        const auto e = exerciseFromText("meter: 3/4\nsnare | R L R | . . . |\n\n# the third bar\npad | . . z>L |\n");
        QVERIFY(e.has_value());
        QCOMPARE(e->bars, 3);
        QCOMPARE(e->strokes.back().at, Beats(8));
        QCOMPARE(e->strokes.back().ornament, Ornament::ClosedRoll);
    }

    void settingsAreRead() {
        const auto e = exerciseFromText(
            "id: x\ntitle: A: B\ntrains: t\ntags: a, b c\nmeter: 6/8\ntempo: 40 to 90 by 2.5\n"
            "feel: swing sixteenths 1.7\ncount: numbers\ncount: * la li\nswell: 0 to 3/2, -20 to 0 dB\nfree: 3/2 to "
            "3\nsnare | RLR !R.. |");
        QVERIFY2(e.has_value(), e ? "" : e.error().sentence().c_str());
        QCOMPARE(e->title, std::string("A: B"));
        QCOMPARE(e->tags, (std::vector<std::string>{"a", "b c"}));
        QCOMPARE(e->tempo, (TempoPlan{40, 90, 2.5}));
        QCOMPARE(e->feel, (Feel{SwingLevel::Sixteenth, 1.7, false}));
        QCOMPARE(e->swells.front().to, Beats(3, 2));
        QCOMPARE(e->freeSpans.front(), (FreeSpan{Beats(3, 2), Beats(3)}));
        QVERIFY(e->strokes.back().anchor && e->counting == Counting::Numbers);
        QCOMPARE(e->words.at(3), (std::vector<std::string>{"", "la", "li"}));
        QCOMPARE(*exerciseFromText(toText(*e)), *e);
    }

    void mistakesAreNamedWithTheirPlace_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("place");
        QTest::addColumn<QString>("what");
        const auto row = [](const char* name, const char* text, const char* place, const char* what) {
            QTest::newRow(name) << text << place << what;
        };
        row("a bar that overflows", "snare | R L R L R |", "line 1", "5 beats");
        row("a bar too short", "title: x\nsnare | R L R L | R L |", "line 2", "2 beats");
        row("an unknown letter", "snare | R L X L |", "line 1, column 13", "no beat");
        row("an unknown letter in a beat", "snare | R LX R L |", "line 1", "\"X\"");
        row("an unknown voice", "cowbell | R L R L |", "line 1", "cowbell");
        row("an unknown key", "tune: x\n", "line 1", "tune");
        row("a bad meter", "meter: 4/3\n", "line 1", "meter");
        row("a bad tempo", "tempo: fast\n", "line 1", "tempo");
        row("a bad swell", "swell: 0 to 4\n", "line 1", "swell");
        row("a bad feel", "feel: swing eighths\n", "line 1", "feel");
        row("prose", "hello there", "line 1", "neither");
        row("nothing", "", "", "no stroke");
        row("two strokes of one hand", "snare | R . . . |\npad | R . . . |", "bar 1", "right hand");
    }
    void mistakesAreNamedWithTheirPlace() {
        QFETCH(QString, text);
        QFETCH(QString, place);
        QFETCH(QString, what);
        const auto e = exerciseFromText(text.toStdString());
        QVERIFY(!e.has_value());
        const QString sentence = QString::fromStdString(e.error().sentence());
        QVERIFY2(sentence.contains(place) && sentence.contains(what), qPrintable(sentence));
    }

    void hugeTextsAreRefused() {
        std::string bars = "pad |";
        for (int i = 0; i < 5000; ++i) bars += " R L R L |";
        QVERIFY(!exerciseFromText(bars).has_value());
        QVERIFY(!exerciseFromText("pad | " + std::string(100000, 'R') + " . . . |").has_value());
        QVERIFY(!exerciseFromText("bars: 1e9\n").has_value());
        QVERIFY(!exerciseFromText("meter: 1e99/4\n").has_value());
    }
};

QTEST_APPLESS_MAIN(TestGridText)
#include "tst_grid_text.moc"
