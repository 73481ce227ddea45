#include <QImage>
#include <QPainter>
#include <QTest>
#include <algorithm>
#include <cmath>

#include "drawn.h"
#include "strokes/count_line.h"
#include "strokes/field_view.h"
#include "strokes/stroke_painter.h"

using namespace upbeat;
using namespace upbeat::test;

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
        QCOMPARE(field.hands[4], std::string("L"));
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
};

QTEST_MAIN(TestStrokes)
#include "tst_strokes.moc"
