// Sections that are as others.
#include <QTest>

#include "upbeat/music/bars.h"
#include "upbeat/music/editor.h"
#include "upbeat/music/following.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/transform.h"

using namespace upbeat;

namespace {

const std::string kSong =
    "title: Song\nmeter: 4/4\nsection: verse 1 from bar 1\nsection: bridge from bar 3\nsection: verse 2 from bar 4\n"
    "follows: bar 4 but 5 as verse 1\nbars: 5\n"
    "snare     | R L R L | RR L R L | (R) (L) (R) (L) | = | >R L R >L |\n"
    "bass drum | F . F . | F . . . | . . . . | = | . . . . |\n";

Exercise song() {
    const auto read = exerciseFromText(kSong);
    return read ? *read : Exercise();
}

/// A bar as text, its strokes only.
std::string bar(const Exercise& e, int number) {
    Exercise alone = barsOf(e, number, number);
    alone.sections.clear();
    const std::string text = toText(alone);
    return text.substr(text.find("snare"));
}

}  // namespace

class TestFollowing : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void whatIsTheSameIsWrittenOnce() {
        const Exercise e = song();
        QCOMPARE(bar(e, 4), bar(e, 1));
        QVERIFY(bar(e, 5) != bar(e, 2));
        QCOMPARE(followedBar(e, 4), std::optional(1));
        QVERIFY(!followedBar(e, 5) && !followedBar(e, 1) && !followedBar(e, 99));
        const std::string text = toText(e);
        QVERIFY(text.find("follows: bar 4 but 5 as verse 1\n") != std::string::npos);
        QVERIFY(text.find("| = |") != std::string::npos);
        QCOMPARE(*exerciseFromText(text), e);
    }

    void aChangeReachesWhatFollows() {
        ExerciseEditor editor(song());
        editor.write(Limb::LeftHand, Level::Accent);  // bar 1, beat 1
        const Exercise& e = editor.exercise();
        QCOMPARE(bar(e, 4), bar(e, 1));
        QVERIFY(bar(e, 4) != bar(song(), 4));
        QCOMPARE(bar(e, 5), bar(song(), 5));
        editor.placePen(Beats(4), 0);
        editor.erase();  // bar 2: what follows it is written otherwise
        QCOMPARE(bar(e, 5), bar(song(), 5));
        editor.undo();
        editor.undo();
        QCOMPARE(editor.exercise(), song());
    }

    void aBarThatIsChangedIsItsOwn() {
        ExerciseEditor editor(song());
        editor.placePen(Beats(12), 0);
        editor.erase();
        QCOMPARE(editor.exercise().sections[2].but, (std::vector<int>{1, 2}));
        QCOMPARE(bar(editor.exercise(), 1), bar(song(), 1));
        editor.placePen(Beats(0), 0);
        editor.write(Limb::LeftHand, Level::Accent);
        QVERIFY(bar(editor.exercise(), 4) != bar(editor.exercise(), 1));
        const auto again = withSectionWords(editor.exercise(), 4, "as before");
        QVERIFY(again && *again);
        QCOMPARE(bar(**again, 4), bar(editor.exercise(), 1));
        QCOMPARE((*again)->sections[2].but, std::vector<int>{2});
    }

    void whatIsDoneToAllIsDoneToBoth() {
        ExerciseEditor editor(song());
        editor.selectAll();
        editor.mirror();
        QCOMPARE(followedBar(editor.exercise(), 4), std::optional(1));
        QCOMPARE(bar(editor.exercise(), 4), bar(editor.exercise(), 1));
        editor.setBars(4);
        QCOMPARE(editor.exercise().sections[2].but, std::vector<int>());
        editor.setBars(3);
        QCOMPARE(editor.exercise().sections.size(), std::size_t(2));
    }

    void thirdsFollowSeconds() {
        Exercise e = song();
        for (const auto& [at, words] : {std::pair(3, "section bridge as verse 1"), std::pair(4, "as bridge")})
            e = **withSectionWords(e, at, words);
        QCOMPARE(followedBar(e, 4), std::optional(3));
        QVERIFY(!followedBar(e, 5));  // the bridge has one bar
        ExerciseEditor editor(e);
        editor.divide(3);
        editor.rest();
        editor.write(Limb::LeftHand, Level::Accent);
        QCOMPARE(bar(editor.exercise(), 4), bar(editor.exercise(), 1));
        QCOMPARE(editor.stepsOfBeat(Beats(12)), editor.stepsOfBeat(Beats(0)));
    }

    void marksMoveWithTheirBars() {
        Exercise e = song();
        e.tempoChanges = {{3, 80}, {4, 100, 5}};
        e.heldBars = {{5, 2}};
        ExerciseEditor editor(e);
        editor.placePen(Beats(4), 0);
        editor.repeat();  // bar 2 twice
        const Exercise& now = editor.exercise();
        QCOMPARE(now.bars, 6);
        QCOMPARE(now.sections[1].bar, 4);
        QCOMPARE(now.sections[2].bar, 5);
        QCOMPARE(now.tempoChanges, (std::vector<TempoChange>{{4, 80}, {5, 100, 6}}));
        QCOMPARE(now.heldBars, (std::vector<HeldBar>{{6, 2}}));
        QVERIFY(!editor.complaint());
    }

    void anotherMeterIsAnotherBar() {
        const auto e = withBarIn(song(), 1, {3, 4});
        QVERIFY(!e);  // four strokes do not go in
        const auto wider = withBarIn(song(), 1, {5, 4});
        QVERIFY(wider && !followedBar(*wider, 4));
        QCOMPARE(exerciseFromText(toText(*wider))->strokes, wider->strokes);
    }

    void wordsAtThePenMakeSections() {
        Exercise e = song();
        e.sections.clear();
        e = **withSectionWords(e, 1, "section A");
        e = **withSectionWords(e, 4, "section C as A");
        QCOMPARE(bar(e, 5), bar(e, 2));
        e = **withSectionWords(e, 4, "on its own");
        QVERIFY(e.sections[1].as.empty());
        e = **withSectionWords(e, 4, "no section");
        QCOMPARE(e.sections.size(), std::size_t(1));
        QVERIFY(!withSectionWords(e, 1, "hip-po-pot-a-mus"));
    }

    void wrongWordsSaySo_data() {
        QTest::addColumn<std::string>("words");
        QTest::addColumn<std::string>("said");
        QTest::newRow("later") << std::string("section A as bridge") << std::string("comes before");
        QTest::newRow("none") << std::string("as chorus") << std::string("come before");
        QTest::newRow("nothing followed") << std::string("as before") << std::string("follows no other");
        QTest::newRow("too long") << std::string("section ") + std::string(60, 'x') << std::string("no name");
    }
    void wrongWordsSaySo() {
        QFETCH(std::string, words);
        QFETCH(std::string, said);
        const auto result = withSectionWords(song(), 1, words);
        QVERIFY(result && !*result);
        const std::string sentence = result->error().sentence();
        QVERIFY2(sentence.find(said.substr(said.find(' '))) != std::string::npos, sentence.c_str());
    }

    void wrongTextSaysWhere_data() {
        QTest::addColumn<std::string>("from");
        QTest::addColumn<std::string>("to");
        QTest::newRow("follows nothing") << std::string("follows: bar 4 but 5 as verse 1\n") << std::string("");
        QTest::newRow("strokes, too") << std::string("| F . F . | F . . . | . . . . | = |")
                                      << std::string("| F . F . | F . . . | . . . . | F . . . |");
        QTest::newRow("no section there") << std::string("bar 4 but") << std::string("bar 2 but");
        QTest::newRow("unknown") << std::string("as verse 1") << std::string("as chorus");
        QTest::newRow("not within") << std::string("but 5") << std::string("but 9");
        QTest::newRow("itself") << std::string("as verse 1") << std::string("as verse 2");
        QTest::newRow("no numbers") << std::string("but 5") << std::string("but five");
    }
    void wrongTextSaysWhere() {
        QFETCH(std::string, from);
        QFETCH(std::string, to);
        std::string text = kSong;
        text.replace(text.find(from), from.size(), to);
        const auto read = exerciseFromText(text);
        QVERIFY2(!read, text.c_str());
        QVERIFY(!read.error().fix.isEmpty());
    }
};

QTEST_APPLESS_MAIN(TestFollowing)
#include "tst_following.moc"
