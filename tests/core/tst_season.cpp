// What many takes say of an exercise: where its ceiling is, how it goes as it gets faster, and where that bends.
#include <QTest>
#include <cmath>
#include <random>

#include "upbeat/music/library.h"
#include "upbeat/season/forecast.h"
#include "upbeat/season/over_tempo.h"
#include "upbeat/words/plan_words.h"
#include "upbeat/words/season_words.h"

using namespace upbeat;

namespace {

/// Three takes on each of ten rungs; `value` of a tempo, with noise.
template <class Value>
std::vector<PastFigure> climbed(Value value, double noise, unsigned seed) {
    std::mt19937 dice(seed);
    std::normal_distribution<> normal;
    std::vector<PastFigure> past;
    for (int k = 0; k < 30; ++k) {
        const double tempo = 80 + 4 * (k / 3);
        const double v = value(tempo) + noise * normal(dice);
        past.push_back({tempo, (30.0 - k) / 3, {v, v - noise, v + noise, 40}});
    }
    return past;
}

double beyond(double tempo, double from) {
    return std::max(0.0, tempo - from);
}

std::vector<PastTake> takes(double ceiling, unsigned seed, int count = 40) {
    std::mt19937 dice(seed);
    std::uniform_real_distribution<> uniform;
    std::vector<PastTake> all;
    for (int k = 0; k < count; ++k) {
        const double tempo = 76 + 4 * (k % 12);
        const bool clean = uniform(dice) < 1 / (1 + std::exp((tempo / ceiling - 1) / 0.04));
        all.push_back({tempo, (count - 1 - k) / 5, clean ? 1.0 : 0.0});
    }
    return all;
}

/// Ten takes a day about a ceiling that rises by so much with each, from 90 on.
std::vector<PastTake> growing(int days, double bpmPerTake, unsigned seed) {
    std::mt19937 dice(seed);
    std::uniform_real_distribution<> uniform;
    std::vector<PastTake> all;
    double ceiling = 90;
    for (int day = 0; day < days; ++day)
        for (int k = 0; k < 10; ++k) {
            const double tempo = std::round(ceiling) + 4 * (k % 3 - 1);
            const bool clean = uniform(dice) < 1 / (1 + std::exp((tempo / ceiling - 1) / 0.03));
            all.push_back({tempo, days - 1 - day, clean ? 1.0 : 0.0});
            ceiling += bpmPerTake;
        }
    return all;
}

}  // namespace

class TestSeason : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void whatGoesStraightDoesNotBend() {
        int claimed = 0;
        for (unsigned seed = 0; seed < 200; ++seed) {
            std::vector<AtTempo> all;
            for (const PastFigure& p : climbed([](double t) { return 0.1 * t; }, 1, seed))
                all.push_back({p.tempoBpm, p.figure.value, 1});
            claimed += bendOf(all) ? 1 : 0;
        }
        QVERIFY2(claimed <= 2, qPrintable(QString::number(claimed)));
    }
    void aBendIsFoundWhereItIs() {
        int within = 0;
        for (unsigned seed = 0; seed < 50; ++seed) {
            const auto over = overTempo(SeasonMeasure::Ghosts, *builtInExercise("ghosted-backbeat"),
                                        climbed([](double t) { return 8 - 0.3 * beyond(t, 96); }, 0.5, seed));
            within += over->bend && std::abs(over->bend->bpm.value - 96) <= 4 ? 1 : 0;
        }
        QVERIFY2(within >= 45, qPrintable(QString::number(within)));
    }
    void aBendToTheBetterIsNone() {
        const auto over = overTempo(SeasonMeasure::Ghosts, *builtInExercise("ghosted-backbeat"),
                                    climbed([](double t) { return 5 + 0.3 * beyond(t, 96); }, 0.3, 1));
        QVERIFY(over && !over->bend && words::bendOf(*over).isEmpty());
        QCOMPARE(over->rungs.size(), std::size_t{10});
    }
    /// An off-beat that goes evenly as a ratio goes unevenly in milliseconds.
    void aHandThatGoesWithTheSwingHasNoBendOfItsOwn() {
        const auto hand = [](double t) { return -0.6 * beyond(t, 96); };
        const auto claims = [&](double straightens) {
            PastFigures past;
            past.at(static_cast<std::size_t>(SeasonMeasure::LeftHand)) = climbed(hand, 0.5, 1);
            past.at(static_cast<std::size_t>(SeasonMeasure::Swing)) =
                climbed([&](double t) { return 2 - straightens * (t - 80) / 36; }, 0.01, 2);
            const auto all = allOverTempo(*builtInExercise("ghosted-backbeat"), past);
            return std::count_if(all.begin(), all.end(), [](const OverTempo& over) {
                return over.measure == SeasonMeasure::LeftHand && over.bend;
            });
        };
        QCOMPARE(claims(0), 1);
        QCOMPARE(claims(0.5), 0);
    }
    void bendsAreSaid_data() {
        QTest::addColumn<int>("measure");
        QTest::addColumn<double>("slope");
        QTest::addColumn<QString>("says");
        const auto row = [](SeasonMeasure m, double slope, const char* says) {
            QTest::newRow(says) << static_cast<int>(m) << slope << QString::fromLatin1(says);
        };
        row(SeasonMeasure::Spread, 0.5, "scatter more from");
        row(SeasonMeasure::Ghosts, -0.3, "ghosts come up from");
        row(SeasonMeasure::Accents, -0.3, "accents sink");
        row(SeasonMeasure::Swing, -0.03, "swing straightens from");
        row(SeasonMeasure::LeftHand, 0.6, "left hand falls behind from");
        row(SeasonMeasure::LeftHand, -0.6, "left hand runs ahead from");
        row(SeasonMeasure::Placement, 0.8, "fall behind the click from");
        row(SeasonMeasure::Grace, 1.5, "grace notes open from");
    }
    void bendsAreSaid() {
        QFETCH(int, measure);
        QFETCH(double, slope);
        QFETCH(QString, says);
        const double size = std::abs(slope) * 24;
        const double start = measure == static_cast<int>(SeasonMeasure::LeftHand) ? 0 : size + 1;
        const Exercise page = *builtInExercise("swung-ride");
        const auto over = overTempo(static_cast<SeasonMeasure>(measure), page,
                                    climbed([&](double t) { return start + slope * beyond(t, 92); }, size / 40, 3));
        QVERIFY(over && over->bend);
        const QString sentence = QString::fromStdString(words::bendOf(*over).said());
        QVERIFY2(sentence.contains(says), qPrintable(sentence));
        QVERIFY(over->bend->bpm.low <= 94 && over->bend->bpm.high >= 90);
    }
    void fewTakesSayNothing() {
        auto past = climbed([](double t) { return 8 - 0.3 * beyond(t, 96); }, 0.3, 1);
        past.resize(9);
        QVERIFY(!overTempo(SeasonMeasure::Ghosts, *builtInExercise("swung-ride"), past)->bend);
        QVERIFY(!overTempo(SeasonMeasure::Ghosts, *builtInExercise("swung-ride"), {}));
    }

    // ---- ceiling
    void theIntervalHoldsTheCeilingAsOftenAsItSays() {
        int within = 0;
        for (unsigned seed = 0; seed < 100; ++seed) {
            const auto ceiling = ceilingOf(takes(98, seed));
            within += ceiling->bpm.low <= 98 && ceiling->bpm.high >= 98 ? 1 : 0;
        }
        QVERIFY2(within >= 68 && within <= 92, qPrintable(QString::number(within)));
    }
    void theChanceFallsWithTheTempo() {
        const auto ceiling = ceilingOf(takes(98, 4));
        for (std::size_t i = 1; i < ceiling->curve.size(); ++i)
            QVERIFY(ceiling->curve[i].chance <= ceiling->curve[i - 1].chance);
        for (const ChanceAt& at : ceiling->curve) QVERIFY(at.low <= at.chance + 0.05 && at.chance <= at.high + 0.05);
        QVERIFY(ceiling->easyBpm && *ceiling->easyBpm < ceiling->bpm.value);
        const std::string said = words::sentenceOf(*ceiling).said();
        QVERIFY2(said.find("nine times in ten up to") != std::string::npos, said.c_str());
    }
    void whereOneSideIsMissingItIsSaid() {
        std::vector<PastTake> clean;
        for (int k = 0; k < 12; ++k) clean.push_back({80.0 + k, 0, 1});
        const auto ceiling = ceilingOf(clean);
        QVERIFY(ceiling && !ceiling->isBracketed && ceiling->bpm.value > 88);
        QVERIFY(words::sentenceOf(*ceiling).said().find("Not enough takes") != std::string::npos);
        clean.resize(3);
        QVERIFY(!ceilingOf(clean));
    }
    void whatIsOpenIsHeldInTheMiddle() {
        auto all = takes(98, 4);
        const double before = ceilingOf(all)->bpm.value;
        for (int k = 0; k < 20; ++k) all.push_back({112, 0, 0.5});
        QVERIFY(ceilingOf(all)->bpm.value > before + 4);
    }
    void whatIsLongAgoWeighsLess() {
        auto old = takes(90, 9);
        for (PastTake& take : old) take.daysAgo += 60;
        for (const PastTake& take : takes(110, 9)) old.push_back(take);
        QVERIFY(ceilingOf(old)->bpm.value > 103);
    }

    // ---- forecast
    void aCeilingThatRisesIsFollowed() {
        const auto all = growing(12, 0.15, 5);
        const auto ceiling = ceilingOf(all);
        QVERIFY(ceiling && ceiling->isBracketed);
        QVERIFY2(std::abs(ceiling->bpm.value / (90 + 12 * 10 * 0.15) - 1) < 0.06,
                 qPrintable(QString::number(ceiling->bpm.value)));
    }
    void whoGrowsIsToldWhen() {
        const auto forecast = forecastOf(growing(14, 0.12, 8), 125);
        QVERIFY(forecast && forecast->early && forecast->likely);
        // 1.2 a day, from 106.8 on: fifteen days.
        QVERIFY2(*forecast->early <= 15, qPrintable(QString::number(*forecast->early)));
        QVERIFY2(forecast->late.value_or(999) >= 15, qPrintable(QString::number(forecast->late.value_or(999))));
        QVERIFY2(*forecast->likely > 5 && *forecast->likely < 60, qPrintable(QString::number(*forecast->likely)));
        const std::string said = words::sentenceOf(*forecast, 125).said();
        QVERIFY2(said.rfind("125 in ", 0) == 0, said.c_str());
    }
    void whoStandsStillIsPromisedNothing() {
        const auto forecast = forecastOf(growing(20, 0, 3), 130);
        QVERIFY(forecast && !forecast->late);
        QVERIFY(forecast->inAMonthBpm < 105);
        const std::string said = words::sentenceOf(*forecast, 130).said();
        QVERIFY2(said.find("nobody can promise") != std::string::npos || said.find("out of reach") != std::string::npos,
                 said.c_str());
    }
    void whatIsThereIsThere() {
        const auto forecast = forecastOf(growing(14, 0.12, 8), 95);
        QVERIFY(forecast && forecast->late && *forecast->late == 0);
        QVERIFY(words::sentenceOf(*forecast, 95).said().find("within reach today") != std::string::npos);
    }
    void nothingIsForetoldOfFewDays() {
        QVERIFY(!forecastOf(growing(4, 0.15, 5), 125));
        QVERIFY(forecastOf(growing(5, 0.15, 5), 125));
        QVERIFY(!forecastOf({}, 100));
    }
};

QTEST_GUILESS_MAIN(TestSeason)
#include "tst_season.moc"
