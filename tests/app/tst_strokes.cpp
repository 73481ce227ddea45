#include <QImage>
#include <QPainter>
#include <QTest>
#include <algorithm>
#include <cmath>

#include "look/close_up.h"
#include "look/group_compare.h"
#include "strokes/count_line.h"
#include "strokes/field_view.h"
#include "strokes/lens.h"
#include "strokes/stroke_painter.h"
#include "takes.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

TakeAnalysis analysisOf(const char* id, int passes, const Character& c = {}, std::uint64_t seed = 1) {
    const Exercise e = *builtInExercise(id);
    const Performance p = perform(e, Bpm(100), passes, c, seed);
    return analyzeTake(e, {100, 1.0, passes * e.bars, 0, false, {}}, hitsOf(p, 1.0),
                       {practiceProfile(), ladderOf(e), {}});
}

QImage pictureOf(QWidget& widget, const QSize& size) {
    widget.resize(size);
    widget.setPalette(Theme::light().palette());
    return widget.grab().toImage();
}

/// Pixels of nearly one colour.
int pixelsOf(const QImage& image, const QColor& colour) {
    int count = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor c = image.pixelColor(x, y);
            count += std::abs(c.red() - colour.red()) + std::abs(c.green() - colour.green()) +
                                 std::abs(c.blue() - colour.blue()) <
                             24
                         ? 1
                         : 0;
        }
    return count;
}

}  // namespace

class TestStrokes : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void equallyEarlyStrokesLeanEquallyFarWhateverTheirHeight() {
        const StrokeScale scale;
        const StrokeShape accent = shapeStroke({100, 200}, -12, 0, Limb::RightHand, scale);
        const StrokeShape ghost = shapeStroke({100, 200}, -12, -20, Limb::LeftHand, scale);
        QCOMPARE(accent.tip.x(), ghost.tip.x());
        QVERIFY(accent.tip.y() < ghost.tip.y());
        QCOMPARE(accent.foot, QPointF(100, 200));
    }

    void leanCarriesTheSign() {
        const StrokeScale scale;
        QVERIFY(strokeLean(-10, scale) < 0);
        QVERIFY(strokeLean(10, scale) > 0);
        QCOMPARE(strokeLean(0, scale), 0.0);
        QCOMPARE(strokeLean(15, scale), 0.5 * scale.reach);
        QCOMPARE(strokeLean(300, scale), scale.reach);
    }

    void smallOffsetsStayInInk() {
        const StrokeScale scale;
        QCOMPARE(shapeStroke({}, 5.9, 0, Limb::RightHand, scale).lean, Lean::Upright);
        QCOMPARE(shapeStroke({}, 6.1, 0, Limb::RightHand, scale).lean, Lean::Late);
        QCOMPARE(shapeStroke({}, -6.1, 0, Limb::RightHand, scale).lean, Lean::Early);
        QVERIFY(!shapeStroke({}, 29, 0, Limb::RightHand, scale).beyondScale);
        QVERIFY(shapeStroke({}, 31, 0, Limb::RightHand, scale).beyondScale);
    }

    void heightGrowsWithLevelWithinBounds() {
        const StrokeScale scale;
        QCOMPARE(strokeHeight(0, scale), scale.fullHeight);
        QVERIFY(strokeHeight(-12, scale) < strokeHeight(-6, scale));
        QVERIFY(strokeHeight(-90, scale) > 0);
        QVERIFY(strokeHeight(40, scale) <= 1.2 * scale.fullHeight);
        QVERIFY(targetDb(Level::Ghost) < targetDb(Level::Tap) && targetDb(Level::Tap) < targetDb(Level::Accent));
    }

    // As the player plays them; what a swell asks for stays.
    void thePageStandsAsHighAsThePlayerPlays() {
        const Exercise page = *builtInExercise("ghosted-backbeat");
        const PageLevels own{-26, -9};
        for (const Stroke& s : page.strokes) {
            const double usual = heightDb({}, page, s);
            QCOMPARE(usual, targetDb(page, s));
            const double height = heightDb(own, page, s);
            QCOMPARE(height, s.level == Level::Ghost ? -26.0 : s.level == Level::Tap ? -9.0 : 0.0);
        }
        FieldData field = fieldOf(analysisOf("ghosted-backbeat", 2, machine()));
        setHeights(field, own, page);
        QVERIFY(std::any_of(field.averages.begin(), field.averages.end(),
                            [](const FieldAverage& a) { return a.targetDb == -26; }));
        QVERIFY(std::none_of(field.averages.begin(), field.averages.end(),
                             [](const FieldAverage& a) { return a.targetDb == targetDb(Level::Ghost); }));
    }

    void feetTellTheLimb() {
        QCOMPARE(footOf(Limb::RightHand), Foot::Dot);
        QCOMPARE(footOf(Limb::LeftHand), Foot::Ring);
        QCOMPARE(footOf(Limb::RightFoot), Foot::Bar);
        QCOMPARE(footOf(Limb::LeftFoot), Foot::Bar);
    }

    // ---- field data
    void theFieldHasARowAPassAndAMarkAHit() {
        Character c = machine();
        const FieldData field = fieldOf(analysisOf("paradiddle-accents", 5, c));
        QCOMPARE(field.rows.size(), std::size_t{5});
        QCOMPARE(field.markCount(), std::size_t{80});
        QCOMPARE(field.columns.size(), std::size_t{16});
        QCOMPARE(field.averages.size(), std::size_t{16});
        QCOMPARE(field.hands[4], QStringLiteral("L"));
        for (const auto& row : field.rows)
            for (const FieldMark& mark : row) QVERIFY(std::abs(mark.relativeDb - mark.targetDb) < 0.5);
    }

    void missedAndUnwrittenStrokesAreMarked() {
        Character c = machine();
        c.missChance = 0.15;
        c.extraChance = 0.15;
        const TakeAnalysis a = analysisOf("singles-sixteenths", 6, c);
        const FieldData field = fieldOf(a);
        int missed = 0;
        int extra = 0;
        for (const auto& row : field.rows)
            for (const FieldMark& mark : row) {
                missed += mark.kind == FieldMark::Kind::Missed ? 1 : 0;
                extra += mark.kind == FieldMark::Kind::Extra ? 1 : 0;
            }
        QCOMPARE(missed, static_cast<int>(a.matched.missed.size()));
        QVERIFY(missed > 3 && extra > 3);
    }

    void strokesOfOneCountStandSideBySide() {
        const Exercise groove = *builtInExercise("ghosted-backbeat");
        const auto slots = slotsOf(groove);
        QCOMPARE(groove.strokes[0].at, groove.strokes[1].at);
        QVERIFY(slots[0] != slots[1]);
        for (const int slot : slotsOf(*builtInExercise("singles-sixteenths"))) QCOMPARE(slot, 0);
    }

    void levelsAreReadAgainstTheVoicesOwnAccents() {
        LevelReference reference(-30);
        QCOMPARE(reference.of(Voice::Snare), -30.0);
        reference.add({}, {Beats(0), Voice::Snare, Limb::RightHand, Level::Tap, Ornament::None}, -26);
        QCOMPARE(reference.of(Voice::Snare), -14.0);
        reference.add({}, {Beats(0), Voice::Snare, Limb::RightHand, Level::Accent, Ornament::None}, -10);
        QCOMPARE(reference.of(Voice::Snare), -10.0);
        QCOMPARE(reference.of(Voice::Ride), -30.0);
    }

    // ---- layout
    void theLayoutStaysInsideItsSize_data() {
        QTest::addColumn<QSizeF>("size");
        for (const QSizeF size : {QSizeF(800, 570), QSizeF(200, 160), QSizeF(3400, 1900), QSizeF(60, 40)})
            QTest::addRow("%gx%g", size.width(), size.height()) << size;
    }
    void theLayoutStaysInsideItsSize() {
        QFETCH(QSizeF, size);
        const FieldData field = fieldOf(analysisOf("paradiddle-accents", 8));
        const FieldLayout layout(field, size, {});
        QVERIFY(layout.summary().bottom() <= layout.body().top());
        for (const FieldColumn& column : field.columns) {
            QVERIFY(layout.x(column.place) >= layout.summary().left());
            QVERIFY(layout.x(column.place) <= layout.summary().right() + 1);
        }
        QVERIFY(layout.baseline(0) > layout.body().top());
        QVERIFY(layout.strokeWidth() >= 1.5);
    }

    void neighboursNeverOverlapAtFullLean() {
        const FieldData field = fieldOf(analysisOf("paradiddle-accents", 8));
        const FieldLayout layout(field, {800, 570}, {});
        QVERIFY(2 * layout.scale().reach < layout.columnWidth());
    }

    void aPointFindsTheNearestMark() {
        const FieldData field = fieldOf(analysisOf("paradiddle-accents", 4, machine()));
        const FieldLayout layout(field, {800, 570}, {});
        const auto cell = layout.at(field, {layout.x(field.rows[2][5].place) + 3, layout.baseline(2) - 5});
        QVERIFY(cell.has_value());
        QCOMPARE(cell->row, std::size_t{2});
        QCOMPARE(cell->mark, std::size_t{5});
        QVERIFY(!layout.at(field, {5, 5}));
    }

    void onlyRowsInViewAreVisited() {
        const FieldData field = fieldOf(analysisOf("singles-sixteenths", 300, machine()));
        QVERIFY(field.markCount() >= 4700);
        const FieldLayout layout(field, {800, 570}, {0, 1, 0, 4000});
        const auto [first, last] = layout.visibleRows();
        QVERIFY(first > 90 && last - first < 20);
    }

    // ---- the widget
    void earlyAndLateAreDrawnInTheirColours() {
        Character early = machine();
        early.placementMs = -15;
        FieldView view;
        view.setData(fieldOf(analysisOf("singles-sixteenths", 4, early)));
        QImage picture = pictureOf(view, {800, 570});
        QVERIFY(pixelsOf(picture, Theme::light().early) > 300);
        QCOMPARE(pixelsOf(picture, Theme::light().late), 0);
        Character late = machine();
        late.placementMs = 15;
        view.setData(fieldOf(analysisOf("singles-sixteenths", 4, late)));
        picture = pictureOf(view, {800, 570});
        QVERIFY(pixelsOf(picture, Theme::light().late) > 300);
        QCOMPARE(pixelsOf(picture, Theme::light().early), 0);
    }

    void anEmptyFieldAndATinyOneAreDrawnWithoutHarm() {
        FieldView view;
        (void)pictureOf(view, {800, 570});
        view.moveAlong(1);
        view.movePass(1);
        view.zoomIn();
        QVERIFY(view.chosen() == nullptr);
        view.setData(fieldOf(analysisOf("ghosted-backbeat", 3)));
        (void)pictureOf(view, {1, 1});
    }

    void arrowsWalkThroughHitsAndPasses() {
        FieldView view;
        view.resize(800, 570);
        view.setData(fieldOf(analysisOf("singles-sixteenths", 4, machine())));
        view.moveAlong(1);
        QCOMPARE(view.chosen()->stroke, 0);
        view.moveAlong(3);
        QCOMPARE(view.chosen()->stroke, 3);
        const double before = view.chosen()->timeS;
        view.movePass(2);
        QCOMPARE(view.chosen()->stroke, 3);
        QVERIFY(std::abs(view.chosen()->timeS - before - 2 * 2.4) < 1e-6);
        view.movePass(99);
        view.moveAlong(99);
        QCOMPARE(view.chosen()->stroke, 15);
    }

    void zoomKeepsTheChosenHitInView() {
        FieldView view;
        view.resize(800, 570);
        view.setData(fieldOf(analysisOf("singles-sixteenths", 4, machine())));
        view.choose(1, 14);
        view.zoomIn();
        view.zoomIn();
        QVERIFY(view.zoom().span < 0.3);
        QVERIFY(view.zoom().from <= view.chosen()->place &&
                view.chosen()->place <= view.zoom().from + view.zoom().span);
        for (int i = 0; i < 10; ++i) view.zoomOut();
        QCOMPARE(view.zoom().span, 1.0);
        QCOMPARE(view.zoom().from, 0.0);
    }

    void aClickChoosesTheHitUnderIt() {
        FieldView view;
        view.resize(800, 570);
        const FieldData data = fieldOf(analysisOf("singles-sixteenths", 4, machine()));
        view.setData(data);
        const FieldLayout layout(data, QSizeF(view.size()), view.zoom());
        QTest::mouseClick(&view, Qt::LeftButton, Qt::NoModifier,
                          QPointF(layout.x(data.rows[1][6].place), layout.baseline(1) - 8).toPoint());
        QVERIFY(view.chosen() != nullptr);
        QCOMPARE(view.chosen()->stroke, 6);
    }

    void theCountLineDrawsEveryExercise() {
        CountLine line;
        for (const Exercise& e : builtInExercises()) {
            line.setExercise(e);
            const QImage picture = pictureOf(line, {790, 420});
            QVERIFY2(pixelsOf(picture, Theme::light().ink) > 500, e.id.c_str());
            QVERIFY(line.barsInView() >= 1);
        }
    }

    void aLongPhraseIsShownAFewBarsAtATime() {
        Exercise e = *builtInExercise("singles-sixteenths");
        e.bars = 8;
        CountLine line;
        line.setExercise(e);
        line.resize(790, 300);
        QVERIFY(line.barsInView() < 8);
        const QImage before = pictureOf(line, {790, 300});
        line.scrollBars(100);
        QVERIFY(pictureOf(line, {790, 300}) != before);
        line.scrollBars(-100);
        QCOMPARE(pictureOf(line, {790, 300}), before);
    }

    // ---- lenses

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

QTEST_MAIN(TestStrokes)
#include "tst_strokes.moc"
