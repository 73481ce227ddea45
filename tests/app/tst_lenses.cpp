// What Look shows of a take beside its strokes: lenses, groups, one hit from near, sounds that are shared.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "drawn.h"
#include "look/close_up.h"
#include "look/group_compare.h"
#include "strokes/field_view.h"
#include "strokes/lens.h"

using namespace upbeat;
using namespace upbeat::test;

class TestLenses : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void lensesAreThoseThatHaveSomethingToShow() {
        using Lenses = std::vector<Lens>;
        QCOMPARE(lensesFor(analysisOf("singles-sixteenths", 4)), (Lenses{Lens::Timing, Lens::Balance}));
        QCOMPARE(lensesFor(analysisOf("swung-ride", 4)), (Lenses{Lens::Timing, Lens::Balance, Lens::Swing}));
        QCOMPARE(lensesFor(analysisOf("flam-taps", 4)), (Lenses{Lens::Timing, Lens::Balance, Lens::Ornaments}));
        for (const Lens lens : {Lens::Timing, Lens::Balance, Lens::Swing, Lens::Ornaments})
            QVERIFY(!lensName(lens).isEmpty() && !lensHint(lens).isEmpty());
    }

    void balancePutsStrokesOutOfTheirLevelInFront() {
        Character c = machine();
        c.habits = {{Beats(1, 4), std::nullopt, std::nullopt, std::nullopt, 5, 11, 1}};
        const FieldData field = fieldThrough(Lens::Balance, analysisOf("paradiddle-accents", 4, c));
        for (const auto& row : field.rows)
            for (const FieldMark& mark : row) {
                QCOMPARE(mark.leanMs, 0.0);
                QCOMPARE(mark.faded, mark.stroke != 1);
                // What was measured stays what it was.
                if (mark.stroke == 1) QVERIFY(std::abs(mark.offsetMs - 5) < 0.01);
            }
    }

    void swingLeansOffbeatsAgainstTheBeatsAroundThem() {
        Character c = machine();
        c.placementMs = 9;  // the whole take late: no matter to the swing
        c.swingRatio = 1.5;
        const TakeAnalysis a = analysisOf("swung-ride", 4, c);
        const FieldData field = fieldThrough(Lens::Swing, a);
        const double beatMs = 600;
        const double expected =
            beatMs * (1.5 / 2.5 - a.measures.swing->targetRatio / (a.measures.swing->targetRatio + 1));
        int offbeats = 0;
        for (const auto& row : field.rows)
            for (const FieldMark& mark : row)
                if (!mark.faded) {
                    ++offbeats;
                    QVERIFY2(std::abs(mark.leanMs - expected) < 3, qPrintable(QString::number(mark.leanMs)));
                }
        QVERIFY(offbeats >= 4);
    }

    void ornamentsShowGraceNotesAtTheirDistance() {
        Character c = machine();
        c.graceMs = 33;
        c.graceSpreadMs = 0;
        const TakeAnalysis a = analysisOf("flam-taps", 3, c);
        const FieldData field = fieldThrough(Lens::Ornaments, a);
        std::size_t graces = 0;
        for (const auto& row : field.rows)
            for (const FieldMark& mark : row)
                if (mark.aheadMs > 0) {
                    ++graces;
                    QVERIFY(std::abs(mark.aheadMs - 33) < 0.01);
                    QVERIFY(mark.relativeDb < -12);
                }
        QCOMPARE(graces, static_cast<std::size_t>(a.measures.ornaments->played));
        FieldView view;
        view.setData(field);
        QVERIFY(pixelsOf(pictureOf(view, {900, 500}), Theme::light().ink) > 200);
    }

    void theCloseUpDrawsTheSoundAndItsOnset() {
        CloseUp closeUp;
        QCOMPARE(pixelsOf(pictureOf(closeUp, {300, 84}), Theme::light().early), 0);
        auto sound = std::make_shared<Sound>();
        sound->samples.assign(4800, 0.0F);
        for (std::size_t i = 2400; i < 4800; ++i) sound->samples[i] = i % 2 == 0 ? 0.5F : -0.5F;
        closeUp.show(sound, 0.05);
        const QImage image = pictureOf(closeUp, {300, 84});
        QVERIFY(pixelsOf(image, Theme::light().early) > 40);
        const QColor paper = Theme::light().surface;
        QVERIFY(pixelsOf(image.copy(5, 2, 140, 80), paper) > 3 * pixelsOf(image.copy(155, 2, 140, 80), paper));
        closeUp.clear();
        QVERIFY(closeUp.isEmpty());
    }

    void groupsStandSideBySide() {
        Character c = machine();
        c.habits = {{std::nullopt, Limb::LeftHand, std::nullopt, std::nullopt, 14, 0, 1}};
        GroupCompare compare;
        compare.setAnalysis(analysisOf("singles-sixteenths", 6, c));
        QCOMPARE(compare.rows().front().axis, Axis::Limb);
        QVERIFY(pixelsOf(pictureOf(compare, {300, 400}), Theme::light().late) > 20);
    }

    // Something sounded that is no stroke: a pale ring where it was, in its pass, and nothing stands on it.
    void whatIsNoStrokeIsARing() {
        TakeAnalysis a = analysisOf("singles-sixteenths", 4, machine());
        const auto count = [](const FieldData& field, FieldMark::Kind kind) {
            std::ptrdiff_t n = 0;
            for (const auto& row : field.rows)
                n += std::count_if(row.begin(), row.end(), [kind](const FieldMark& m) { return m.kind == kind; });
            return n;
        };
        const FieldData before = fieldOf(a);
        QCOMPARE(count(before, FieldMark::Kind::Pale), std::ptrdiff_t{0});
        const double passS = passDurationS(a.matched.exercise, Bpm(a.matched.tempoBpm));
        const double atS = a.matched.firstBeatS + 1.53 * passS;
        a.matched.pale.push_back(heard(atS, -30, 20, 20));
        const FieldData field = fieldOf(a);
        QCOMPARE(count(field, FieldMark::Kind::Pale), std::ptrdiff_t{1});
        QCOMPARE(count(field, FieldMark::Kind::Extra), count(before, FieldMark::Kind::Extra));
        const auto& row = field.rows[1];
        const auto mark =
            std::find_if(row.begin(), row.end(), [](const FieldMark& m) { return m.kind == FieldMark::Kind::Pale; });
        QVERIFY(mark != row.end() && std::abs(mark->place - 0.53) < 1e-6);
        FieldView view;
        view.setData(before);
        const QImage without = pictureOf(view, {900, 500});
        view.setData(field);
        QVERIFY(pictureOf(view, {900, 500}) != without);
    }

    // One microphone hears hands and feet that fall together as one sound: one stroke is drawn, on joined feet.
    void whatSharesASoundIsOneStroke() {
        const KnownTake known = play(*builtInExercise("ghosted-backbeat"), 90, 2, machine());
        const TakeAnalysis a = analyze(known, perfectHits(known));
        const FieldData field = fieldOf(a);
        int joined = 0;
        for (const FieldMark& mark : field.rows.front()) {
            if (!mark.joins) continue;
            ++joined;
            const auto carrier = std::find_if(field.rows.front().begin(), field.rows.front().end(),
                                              [&](const FieldMark& o) { return o.stroke == *mark.joins && !o.joins; });
            QVERIFY(carrier != field.rows.front().end());
            QVERIFY(carrier->targetDb >= mark.targetDb);
            QCOMPARE(carrier->timeS, mark.timeS);
        }
        QCOMPARE(joined, 5);  // three of the bass drum and two backbeats, each with the hi-hat
    }
};

QTEST_MAIN(TestLenses)
#include "tst_lenses.moc"
