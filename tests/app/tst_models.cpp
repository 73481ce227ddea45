#include <QAbstractItemModelTester>
#include <QTemporaryDir>
#include <QTest>

#include "climb/ladder_layout.h"
#include "log/log_model.h"
#include "place/gate_list.h"
#include "place/verdict_bar.h"
#include "prepare/exercise_filter.h"
#include "prepare/exercise_model.h"
#include "studio/care.h"
#include "studio/settings.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/field/field_data.h"
#include "upbeat/music/library.h"

using namespace upbeat;

namespace {

TakeSummary summary(qint64 id, const QDateTime& at, double tempo, bool clean) {
    return {id, "flam-taps", "Flams and taps", at, tempo, 8, 30, clean, false, "", {}, ""};
}

const QDateTime kMonday(QDate(2026, 3, 16), QTime(18, 0));

/// Contrast of two colours after the web's accessibility guidelines.
double contrast(const QColor& a, const QColor& b) {
    const auto luminance = [](const QColor& c) {
        const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    const double high = std::max(luminance(a), luminance(b));
    const double low = std::min(luminance(a), luminance(b));
    return (high + 0.05) / (low + 0.05);
}

/// Pages as the logbook gives them.
LogModel::ReadPage pages(std::vector<TakeSummary> newestFirst) {
    return [all = std::move(newestFirst)](const std::optional<TakeMoment>& before, int most) {
        std::vector<TakeSummary> page;
        for (const TakeSummary& take : all) {
            const auto moment = std::pair(stampOf(take.startedAt), take.id);
            if (before && moment >= std::pair(before->startedAt, before->id)) continue;
            if (static_cast<int>(page.size()) < most) page.push_back(take);
        }
        return page;
    };
}

}  // namespace

class TestModels : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aBreakIsDueAfterTwentyMinutesAndThenAgain() {
        SinceBreak since;
        for (int turn = 0; turn < 2; ++turn) {
            for (int k = 0; k < 39; ++k) QVERIFY(!since.isLongWith(30));
            QVERIFY(since.isLongWith(30));
        }
    }
    void restsGrowWithTheTakeAndTheTempo() {
        QCOMPARE(restAfter(4, 0, 1), 4.0);
        QCOMPARE(restAfter(4, 30, 0.5), 6.0);
        QCOMPARE(restAfter(4, 30, 1), 8.0);
        QCOMPARE(restAfter(4, 3000, 1), 12.0);
    }

    void exercisesAreListedAndSearched() {
        ExerciseModel exercises;
        ExerciseFilter model;
        model.setSourceModel(&exercises);
        const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
        exercises.setExercises(builtInExercises());
        const int all = model.rowCount();
        QCOMPARE(all, static_cast<int>(builtInExercises().size()));
        model.setTag(QStringLiteral("groove"));
        QVERIFY(model.rowCount() >= 15 && model.rowCount() < all / 2);
        model.setSearch(QStringLiteral("GHOST independence"));
        QCOMPARE(model.rowCount(), 1);
        QCOMPARE(model.index(0, 0).data(ExerciseModel::IdRole).toString(), QStringLiteral("ghosted-backbeat"));
        model.setSearch(QStringLiteral("flams taps"));
        QCOMPARE(model.rowCount(), 0);
        model.setTag({});
        QVERIFY(model.rowCount() >= 1);
        model.setSearch(QStringLiteral("no such thing"));
        QCOMPARE(model.rowCount(), 0);
        QCOMPARE(model.rowOf(QStringLiteral("flam-taps")), -1);
        model.setSearch({});
        QVERIFY(model.rowOf(QStringLiteral("flam-taps")) >= 0);
        exercises.setCleanTempos({{QStringLiteral("flam-taps"), 88.0}});
        QCOMPARE(model.index(model.rowOf(QStringLiteral("flam-taps")), 0).data(ExerciseModel::CleanRole).toString(),
                 QStringLiteral("clean at 88"));
        QVERIFY(model.index(0, 0).data(ExerciseModel::CleanRole).toString().isEmpty());
        QVERIFY(!model.index(0, 0).data(Qt::AccessibleTextRole).toString().isEmpty());
    }

    void theLogGroupsTakesByDay() {
        LogModel model;
        const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
        model.show({{kMonday.addDays(1).date(), 1, 30}, {kMonday.date(), 2, 60}},
                   pages({summary(3, kMonday.addDays(1), 90, true), summary(2, kMonday.addSecs(60), 88, false),
                          summary(1, kMonday, 84, true)}));
        QCOMPARE(model.rowCount(), 5);
        QVERIFY(model.index(0).data(LogModel::IsDayRole).toBool());
        QVERIFY(!(model.index(0).flags() & Qt::ItemIsSelectable));
        QCOMPARE(model.index(1).data(LogModel::TakeIdRole).toLongLong(), 3);
        QVERIFY(model.index(2).data(LogModel::IsDayRole).toBool());
        QCOMPARE(model.index(2).data(LogModel::DetailRole).toString(), QStringLiteral("2 takes, 1.0 min played"));
        QCOMPARE(model.index(0).data(LogModel::DetailRole).toString(), QStringLiteral("1 take, 0.5 min played"));
        QCOMPARE(model.findTake(1), 4);
        QCOMPARE(model.findTake(99), -1);
        QVERIFY(!model.index(3).data(LogModel::CleanRole).toBool());
        model.show({}, pages({}));
        QCOMPARE(model.rowCount(), 0);
    }

    // A long log is read as far as it is looked at, and every take can be reached.
    void aLongLogIsReadPageByPage() {
        std::vector<TakeSummary> takes;
        for (int i = 1000; i > 0; --i) takes.push_back(summary(i, kMonday.addDays(i / 3), 90, true));
        LogModel model;
        model.show({}, pages(takes));
        QVERIFY(model.rowCount() < 400);
        QVERIFY(model.canFetchMore({}));
        const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
        const int row = model.findTake(1);
        QVERIFY(row > 1000);
        QCOMPARE(model.index(row).data(LogModel::TakeIdRole).toLongLong(), 1);
        while (model.canFetchMore({})) model.fetchMore({});
        int days = 0;
        for (int i = 0; i < model.rowCount(); ++i) days += model.index(i).data(LogModel::IsDayRole).toBool() ? 1 : 0;
        QCOMPARE(days, 334);
        QCOMPARE(model.rowCount(), 1000 + days);
    }

    void aNoteStandsInTheLogInsteadOfTheVerdict() {
        LogModel model;
        TakeSummary take = summary(1, kMonday, 84, true);
        take.note = "with brushes";
        model.show({{kMonday.date(), 1, 30}}, pages({take}));
        QCOMPARE(model.index(1).data(LogModel::NoteRole).toString(), QStringLiteral("with brushes"));
        QVERIFY(model.index(1).data(LogModel::DetailRole).toString().contains(QStringLiteral("with brushes")));
        for (const auto& [note, head] : {std::pair("## *Slow* today\nand more", "Slow today"),
                                         {"1. **left** first", "left first"},
                                         {"> quoted", "quoted"},
                                         {"2 * 3 and a_b", "2 * 3 and a_b"}}) {
            take.note = note;
            model.show({{kMonday.date(), 1, 30}}, pages({take}));
            QCOMPARE(model.index(1).data(LogModel::DetailRole).toString(),
                     QStringLiteral("at 84   ") + QLatin1String(head));
        }
    }

    // ---- ladder
    void takesStandOnTheirRung() {
        const Ladder ladder{60, 80, 4, 3};
        const auto layout = layoutLadder(
            ladder, 68,
            {summary(1, kMonday, 60, true), summary(2, kMonday, 64, false), summary(3, kMonday.addDays(1), 68, true)},
            {60, 10, 500, 400});
        QCOMPARE(layout.rungs.size(), std::size_t{6});
        QCOMPARE(layout.takes.size(), std::size_t{3});
        QCOMPARE(layout.days.size(), std::size_t{2});
        for (const auto& take : layout.takes) {
            const auto rung = std::find_if(layout.rungs.begin(), layout.rungs.end(),
                                           [&](const auto& r) { return std::abs(r.y - take.foot.y()) < 1e-9; });
            QVERIFY(rung != layout.rungs.end());
        }
        QVERIFY(layout.takes[0].foot.y() > layout.takes[2].foot.y());
        QVERIFY(layout.takes[0].foot.x() < layout.takes[2].foot.x());
        QCOMPARE(std::count_if(layout.rungs.begin(), layout.rungs.end(), [](const auto& r) { return r.current; }), 1);
    }

    void aTempoBetweenTheRungsGetsItsOwn() {
        const auto layout = layoutLadder({60, 80, 4, 3}, 67, {}, {0, 0, 400, 400});
        QCOMPARE(layout.rungs.size(), std::size_t{7});
        QVERIFY(std::any_of(layout.rungs.begin(), layout.rungs.end(),
                            [](const auto& r) { return r.current && r.tempoBpm == 67; }));
    }

    void aLongLadderAndManyTakesStayInside() {
        std::vector<TakeSummary> takes;
        for (int i = 0; i < 500; ++i) takes.push_back(summary(i, kMonday.addDays(i / 5), 60 + i % 40, i % 3 != 0));
        const QRectF area(60, 10, 420, 300);
        const auto layout = layoutLadder({40, 280, 2, 3}, 90, takes, area);
        QVERIFY(layout.rungs.size() <= 11);
        for (const auto& rung : layout.rungs) QVERIFY(rung.y >= area.top() && rung.y <= area.bottom());
        for (const auto& take : layout.takes) QVERIFY(area.contains(take.foot));
        QVERIFY(std::any_of(layout.rungs.begin(), layout.rungs.end(), [](const auto& r) { return r.current; }));
    }

    // ---- gates
    void theGoodSideIsAlwaysLeftOfTheMark() {
        const Gate atMost{GateKind::Spread, {}, 10, false, GateState::Met, {}, {}};
        const Gate atLeast{GateKind::AccentTapGap, {}, 10, true, GateState::Met, {}, {}};
        const double limit = strainOf(atMost, 10);
        QVERIFY(std::abs(strainOf(atLeast, 10) - limit) < 1e-9);
        QVERIFY(strainOf(atMost, 5) < limit && strainOf(atMost, 15) > limit);
        QVERIFY(strainOf(atLeast, 15) < limit && strainOf(atLeast, 6) > limit);
        for (const double v : {-5.0, 0.0, 1e9}) {
            QVERIFY(strainOf(atMost, v) >= 0 && strainOf(atMost, v) <= 1);
            QVERIFY(strainOf(atLeast, v) >= 0 && strainOf(atLeast, v) <= 1);
        }
        const Gate none{GateKind::Mistakes, {}, 0, false, GateState::Met, {}, {}};
        QCOMPARE(strainOf(none, 0), 0.0);
        QCOMPARE(strainOf(none, 1), 1.0);
    }

    // ---- words
    void theNextStepIsSaidShortly() {
        Verdict v;
        v.nextTempoBpm = 108;
        v.action = Action::Up;
        QCOMPARE(nextStepInWords(v), QStringLiteral("up to 108"));
        v.action = Action::Back;
        QCOMPARE(nextStepInWords(v), QStringLiteral("back to 108"));
        v.action = Action::Isolate;
        v.span = Span{1, Beats(3), Beats(4)};
        QCOMPARE(nextStepInWords(v), QStringLiteral("isolate beat 3"));
        QCOMPARE(tempoInWords(97.5), QStringLiteral("97.5"));
        QCOMPARE(tempoInWords(97.0), QStringLiteral("97"));
        QCOMPARE(counted(1, "1 bar", "%n bars"), QStringLiteral("1 bar"));
        QCOMPARE(counted(3, "1 bar", "%n bars"), QStringLiteral("3 bars"));
    }

    // ---- settings and theme
    void settingsComeBack() {
        QTemporaryDir dir;
        PracticeSettings s;
        s.countInBars = 2;
        s.barsPerTake = 16;
        s.click.inTake = false;
        s.click.silent.off = 2;
        s.clickTone = ClickTone::Reed;
        s.minutes = 5;
        s.profile = ProfileKind::Performance;
        s.input = JackInput{"system:capture_2"};
        s.latencyMs = 7.25;
        s.careShown = true;
        s.still = true;
        {
            QSettings store(dir.filePath(QStringLiteral("s.ini")), QSettings::IniFormat);
            writeSettings(store, s);
        }
        QSettings store(dir.filePath(QStringLiteral("s.ini")), QSettings::IniFormat);
        QCOMPARE(readSettings(store), s);
    }

    void spoiltSettingsAreBroughtBackIntoRange() {
        QTemporaryDir dir;
        QSettings store(dir.filePath(QStringLiteral("s.ini")), QSettings::IniFormat);
        store.setValue(QStringLiteral("countInBars"), -7);
        store.setValue(QStringLiteral("barsPerTake"), 999999);
        store.setValue(QStringLiteral("clickGain"), QStringLiteral("loud"));
        store.setValue(QStringLiteral("restS"), 1e9);
        store.setValue(QStringLiteral("clickSwing"), QStringLiteral("nan"));
        store.setValue(QStringLiteral("latencyMs"), QStringLiteral("-inf"));
        const PracticeSettings s = readSettings(store);
        QCOMPARE(s.click.swing, 1.0);
        QCOMPARE(s.latencyMs, -500.0);
        QCOMPARE(s.countInBars, 0);
        QCOMPARE(s.barsPerTake, 400);
        QCOMPARE(s.clickGain, 0.0);
        QCOMPARE(s.restS, 60.0);
    }

    void everythingCanBeReadInBothThemes() {
        for (const Theme* theme : {&Theme::light(), &Theme::night(), &Theme::stark()}) {
            QVERIFY(contrast(theme->ink, theme->ground) > 7);
            QVERIFY(contrast(theme->ink, theme->surface) > 7);
            QVERIFY(contrast(theme->inkSoft, theme->surface) > 4.5);
            QVERIFY(contrast(theme->early, theme->surface) > 4.5);
            QVERIFY(contrast(theme->late, theme->surface) > 4.5);
            QVERIFY(contrast(theme->spineInk, theme->spine) > 7);
            QVERIFY(contrast(theme->action, theme->spine) > 7);
            QCOMPARE(Theme::of(theme->palette()).dark, theme->dark);
        }
    }

    void theShippedFontIsUsedAndItsFiguresAreTabular() {
        QVERIFY(loadFonts());
        for (const bool bold : {false, true}) {
            const QFontMetricsF metrics(typeFace(40, bold));
            QCOMPARE(QFontInfo(typeFace(40, bold)).family(), QStringLiteral("Upbeat B612"));
            for (const QChar digit : QStringLiteral("123456789"))
                QCOMPARE(metrics.horizontalAdvance(digit), metrics.horizontalAdvance(QLatin1Char('0')));
            for (const QChar symbol : QStringLiteral("±·–−…&%:/"))
                QVERIFY2(metrics.inFont(symbol), qPrintable(QString(symbol)));
        }
    }

    void damagedSpansLieInTheirPasses() {
        const Exercise e = *builtInExercise("singles-sixteenths");
        TakeFrame frame{120, 1.0, 3, 0.5, false, {{1.0, 1.6}, {3.0, 4.0}, {9, 10}}};
        const auto gaps = gapsOf(e, frame);  // a pass lasts 2 s, the first from 1.5 s on
        QCOMPARE(gaps.size(), std::size_t{3});
        QCOMPARE(gaps[0].row, std::size_t{0});
        QVERIFY(gaps[0].from == 0.0 && std::abs(gaps[0].to - 0.05) < 1e-9);
        QVERIFY(gaps[1].row == 0 && std::abs(gaps[1].from - 0.75) < 1e-9 && gaps[1].to == 1.0);
        QVERIFY(gaps[2].row == 1 && gaps[2].from == 0.0 && std::abs(gaps[2].to - 0.25) < 1e-9);
    }
};

QTEST_MAIN(TestModels)
#include "tst_models.moc"
