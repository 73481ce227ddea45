#include <QTest>

#include "said.h"
#include "upbeat/methods/methods.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

const Exercise& page() {
    static const Exercise e = *builtInExercise("paradiddle-accents");
    return e;
}

Finding found(const Fault& fault, double value) {
    Finding f;
    f.fault = fault;
    f.stroke = 7;
    f.level = Level::Tap;
    f.figure = {value, value - 1.5, value + 1.5, 8};
    f.passes = 6;
    f.of = 8;
    return f;
}

Gate spread(GateState state) {
    return {GateKind::Spread, {12.34, 11, 13, 40}, 10, false, state, std::nullopt, std::nullopt};
}

Verdict verdict(Action action, const Reason& reason) {
    Verdict v;
    v.action = action;
    v.tempoBpm = 104;
    v.nextTempoBpm = action == Action::Up ? 108 : action == Action::Back ? 97.5 : 104;
    v.reason = reason;
    v.cleanInARow = 3;
    return v;
}

/// As a translator might: every text in brackets, the last argument first.
std::string turned(const char* source, std::optional<int> number) {
    std::string text(source);
    const auto one = text.find("%1");
    const auto two = text.find("%2");
    if (one != std::string::npos && two != std::string::npos) {
        text[one + 1] = '2';
        text[two + 1] = '1';
    }
    return (number ? "{" + std::to_string(*number) + " " : "[") + text + "]";
}

}  // namespace

class TestWords : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void findingsAreWholeSentences_data() {
        QTest::addColumn<Finding>("finding");
        QTest::addColumn<QString>("sentence");
        const auto row = [](const Fault& fault, double value, const char* sentence) {
            QTest::addRow("%s", sentence) << found(fault, value) << QString::fromUtf8(sentence);
        };
        row(GroupApart{Limb::LeftHand, Limb::RightHand}, 9, "The left hand comes 9 ms behind the right hand (±2)");
        row(GroupApart{Voice::Kick, OtherVoices{}}, -9, "The bass drum comes 9 ms before the other voices (±2)");
        row(CountLeans{}, -16.4, "The left tap on the a of 2 comes 16 ms early (±2), 6 of 8 passes");
        row(ClassLeans{}, -9, "Your taps come 9 ms early (±2)");
        row(PartLeans{{3, 4}}, 9, "The & of every beat comes 9 ms late (±2)");
        row(PartLeans{{1, 4}}, 9, "Your beats come 9 ms late (±2)");
        row(EntriesLean{}, -9, "After rests you come in 9 ms early (±2)");
        row(CountLeans{}, 16.4, "The left tap on the a of 2 comes 16 ms late (±2), 6 of 8 passes");
        row(CountOutOfLevel{}, 5.1,
            "The left tap on the a of 2 is 5 dB louder than your other taps (±2), out of its level on 6 of 8 passes");
        row(CountMissing{}, 75, "The left tap on the a of 2 is missing on 6 of 8 passes");
        row(CountOnAnotherDrum{}, 75, "The left tap on the a of 2 is struck on another drum on 6 of 8 passes");
        row(CountSoundsOdd{}, 75, "The left tap on the a of 2 sounds unlike your others of its kind on 6 of 8 passes");
        row(HitsScatter{9.5}, 12.04, "Your hits scatter by 12.0 ms (±1.5); 9.5 is the limit here");
        row(UnwrittenStrokes{7}, 50, "7 strokes that are not written");
        row(AccentsTooLow{10}, 6.2, "Accents stand 6.2 dB above taps (±1.5); 10 are needed");
        row(GhostsTooHigh{6}, 3.3, "Ghosts lie 3.3 dB below taps (±1.5); 6 are needed");
        row(SwingsOtherwise{2}, 1.6, "You swing 1.60 : 1 (±1.50), straighter than the 2 : 1 asked for");
        row(PulseDrifts{}, -2.5, "The pulse runs ahead of the click by 2.5 ms a bar (±1.5)");
        row(GraceUneven{}, 9.9, "Grace notes are uneven: their distance varies by 9.9 ms (±1.5)");
        row(GraceTooWide{}, 61, "Grace notes stand 61 ms before the stroke (±2): too wide to be one flam");
        row(GraceTooNear{}, 6, "Grace notes stand 6 ms before the stroke (±2): they run into it");
        row(PlaceLost{5, 1, 16, 0}, 12, "You stopped at beat 1 of bar 5: 16 strokes are not there");
        row(PlaceLost{5, 2, 16, 1}, 12, "You lost the place at beat 2 of bar 5 and went on 1 beat late");
        row(PlaceLost{5, 2, 16, -3}, 12, "You lost the place at beat 2 of bar 5 and went on 3 beats early");
        row(BeatAtChange{3, 4}, 18, "Where 3 strokes a beat become 4, at the a of 2, the beat is 18 ms too long (±2)");
        row(SecondsLevel{}, -3.2, "The second strokes of your doubles are 3.2 dB softer than the first (±1.5)");
        row(SecondsTime{}, 8, "The second strokes of your doubles come 8 ms too late after the first (±2)");
        row(AccentsFade{4}, -0.8, "The 4 accents from the a of 2 on fade by 0.8 dB a stroke (±1.5)");
        row(SwellFails{false, 6.2, 18}, -12, "Your diminuendo covers 6 dB of the 18 written (±2)");
        row(DynamicOff{*levelOfDynamic("ff")}, 5, "Your ff from the a of 2 is 5 dB too loud (±2)");
        row(VoicesApart{Voice::Kick, Voice::HiHatClosed}, 12,
            "Where they fall together the bass drum comes 12 ms after the hi-hat (±2)");
        row(VoicesApart{Voice::Ride, Voice::HiHatFoot, false}, 12,
            "Where they fall together the ride and the foot hi-hat are 12 ms apart (±2)");
        row(PlaceLost{33, 1, 0, 64, 0, 17}, 12, "You played bars 17 to 32 once more than is written");
        row(RollOpens{}, 55, "Your roll from the a of 2 opens: its longest gap is 55 ms (±2)");
        row(RollStopsShort{}, -80, "Your roll from the a of 2 stops 80 ms before the stroke it leads to (±2)");
        row(LeftHandLevel{}, -3.1, "Your left hand is 3.1 dB softer than the right in taps (±1.5)");
    }
    void findingsAreWholeSentences() {
        QFETCH(const Finding, finding);
        QFETCH(const QString, sentence);
        QCOMPARE(english(words::sentenceOf(page(), finding)), sentence);
    }

    void verdictsAreHeadlineAndReason_data() {
        QTest::addColumn<Verdict>("verdict");
        QTest::addColumn<QString>("said");
        const auto row = [](const Verdict& v, const char* said) {
            QTest::addRow("%s", said) << v << QString::fromUtf8(said);
        };
        row(verdict(Action::Up, TakesWereClean{}), "Up to 108. Three takes at 104, and all that is asked is met.");
        Verdict one = verdict(Action::Again, TakesWereClean{});
        one.cleanInARow = 1;
        one.takesToGo = 2;
        row(one, "Again at 104. All that is asked is met; 3 are the least. 2 more takes like this will do.");
        one.takesToGo.reset();
        one.cleanInARow = 12;
        one.goalReached = true;
        row(one, "Full speed: 104. 12 takes at your goal, and all that is asked is met. Keep it, or set a new goal.");
        Verdict stage = verdict(Action::Up, TakesWereClean{});
        stage.stage = true;
        row(stage, "On to the next part. Three takes, and all that is asked is met: it is easy now.");
        stage = verdict(Action::Back, FellApart{9, 2});
        row(stage, "Back to 97.5. 9 strokes missed and 2 not written.");
        stage.stage = true;
        row(stage, "One part back. 9 strokes missed and 2 not written.");
        const Gate missed = spread(GateState::Missed);
        row(verdict(Action::Again, GateWasMissed{missed}),
            "Again at 104. What holds it back: spread 12.3 ms, limit 10.0.");
        row(verdict(Action::Back, GateWasMissed{missed}),
            "Back to 97.5. Missed over the takes on this rung: spread 12.3 ms, limit 10.0.");
        row(verdict(Action::Easier, GateWasMissed{missed}),
            "Make it easier first. Missed over the takes on this rung: spread 12.3 ms, limit 10.0. This is the lowest "
            "one: start "
            "slower or take fewer notes.");
        Gate habit = missed;
        habit.kind = GateKind::Habit;
        habit.stroke = 7;
        Verdict spot = verdict(Action::Isolate, GateWasMissed{habit});
        spot.span = Span{3, Beats(2), Beats(3)};
        row(spot,
            "Isolate beat 2. One place holds it back again and again: habit of one count (the a of 2, left tap) 12.3 "
            "ms, "
            "limit 10.0.");
        spot.pageBars = 4;
        row(spot,
            "Isolate beat 2 of bar 3. One place holds it back again and again: habit of one count (the a of 2, left "
            "tap) "
            "12.3 ms, limit 10.0.");
        row(verdict(Action::Again, GateIsUnsure{spread(GateState::Unsure)}),
            "Again at 104. Too near the limit to be sure: spread 12.3 ms, limit 10.0.");
        Verdict soon = verdict(Action::Again, GateIsUnsure{spread(GateState::Unsure)});
        soon.takesToGo = 1;
        row(soon, "Again at 104. Not sure yet: spread 12.3 ms, limit 10.0. One more take like this will do.");
        row(verdict(Action::Again, TooLittlePlayed{}), "Again at 104. Too little was played to judge.");
        row(verdict(Action::Again, TakeWasDamaged{11.6}),
            "Again at 104. 12 s of this take could not be measured: it does not count.");
    }
    void verdictsAreHeadlineAndReason() {
        QFETCH(const Verdict, verdict);
        QFETCH(const QString, said);
        QCOMPARE(english(words::headlineOf(verdict)) + QLatin1Char(' ') + english(words::reasonOf(page(), verdict)),
                 said);
    }

    void everyNameIsThere() {
        for (int v = 0; v < kVoiceCount; ++v) QVERIFY(!words::nameOf(static_cast<Voice>(v)).isEmpty());
        for (int m = 0; m < kMethodCount; ++m) {
            QVERIFY(!words::nameOf(static_cast<Method>(m)).isEmpty());
            QVERIFY(!words::explained(static_cast<Method>(m)).isEmpty());
        }
        GroupRow row;
        row.axis = Axis::Partial;
        for (const auto& [number, name] :
             {std::pair(1, "1st of 5"), {2, "2nd of 5"}, {3, "3rd of 5"}, {5, "5th of 5"}}) {
            row.part = {number, 5};
            QCOMPARE(english(words::nameOf(row)), QString::fromLatin1(name));
        }
    }

    // ---- translation

    void argumentsGoWhereTheLanguageWantsThem() {
        const Text text = Text::with(UPBEAT_TEXT("%1 after %2"), words::nameOf(Voice::Kick), std::string("it"));
        QCOMPARE(english(text), QStringLiteral("bass drum after it"));
        QCOMPARE(text.said(turned), std::string("[it after [bass drum]]"));
    }

    void argumentsAreNotLookedInto() {
        QCOMPARE(english(Text::with("%1 %2 %3", 'x', 88, std::size_t{7})), QStringLiteral("x 88 7"));
        const Text text = Text::with("%1 and %2", std::string("%2 100 %n"), std::string("%1"));
        QCOMPARE(english(text), QStringLiteral("%2 100 %n and %1"));
        QCOMPARE(english(Text::with("50 % of %1 %9", std::string("it"))), QStringLiteral("50 % of it %9"));
    }

    void numbersChooseTheirForm() {
        const auto takes = [](int n) { return Text::counted(n, "1 take", "%n takes"); };
        QCOMPARE(english(takes(1)), QStringLiteral("1 take"));
        QCOMPARE(english(takes(0)), QStringLiteral("0 takes"));
        QCOMPARE(takes(2).said(turned), std::string("{2 2 takes]"));
        QCOMPARE(takes(1).said(turned), std::string("{1 1 takes]"));  // the translation, not the English of 1
    }

    void nothingOfASentenceStaysUntranslated() {
        const Finding f = found(GroupApart{Voice::Snare, OtherVoices{}}, 9);
        const std::string said = words::sentenceOf(page(), f).said(turned);
        QVERIFY(said.find("[snare]") != std::string::npos && said.find("[other voices]") != std::string::npos);
        const Error error{Text::with("the tempo is %1", std::string("-3")), "a.json", "use another"};
        QCOMPARE(error.sentence(), std::string("a.json: the tempo is -3; use another."));
        QCOMPARE(error.sentence(turned), std::string("a.json: [the tempo is -3]; [use another]."));
    }
};

QTEST_APPLESS_MAIN(TestWords)
#include "tst_words.moc"
