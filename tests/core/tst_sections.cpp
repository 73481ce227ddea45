// Pieces: sections and bar numbers, ways over sections, a section of a take as a take of its own, and faults that are
// planted in one section only.
#include <QTest>
#include <filesystem>

#include "said.h"
#include "takes.h"
#include "upbeat/align/folded_take.h"
#include "upbeat/align/take_within.h"
#include "upbeat/climb/climb.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/measure/bar_figures.h"
#include "upbeat/methods/methods.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/music/transform.h"
#include "upbeat/season/piece.h"
#include "upbeat/take/section_findings.h"
#include "upbeat/words/season_words.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

Exercise piece(const char* name) {
    const auto read = readPattern(std::string(UPBEAT_SOURCE_DIR "/demodata/pieces/") + name + ".txt");
    return read ? *read : Exercise();
}

/// Somebody plays the piece; in one section he is somebody else.
std::vector<Hit> playedBy(const Exercise& e, double bpm, const Character& usual, const Character& there,
                          const SectionSpan& where, std::uint64_t seed) {
    Performance performance = perform(e, Bpm(bpm), 1, usual, seed);
    const Performance other = perform(e, Bpm(bpm), 1, there, seed);
    const int first = firstStrokeOf(e, where.from);
    const int behind = firstStrokeOf(e, where.to + 1);
    const auto isThere = [&](const PlayedHit& hit) { return hit.stroke >= first && hit.stroke < behind; };
    std::erase_if(performance.hits, isThere);
    // What drifts begins to do so there.
    const double ahead = there.driftMsPerMin / 60e3 * barStartS(e, Bpm(bpm), where.from - 1);
    for (PlayedHit hit : other.hits)
        if (isThere(hit)) hit.timeS -= ahead, performance.hits.push_back(hit);
    sortByTime(performance);
    return hitsWithVoices(performance, 1.0);
}

TakeAnalysis analyzed(const Exercise& e, double bpm, const std::vector<Hit>& hits) {
    return analyzeTake(e, {bpm, 1.0, e.bars, 0, false, {}}, hits, {{}, ladderOf(e), {}});
}

Character calm() {
    Character c = goodPlayer();
    c.levelSpreadDb = {0.8, 0.8, 0.8};
    return c;
}

constexpr double kOrderBpm = 96;

/// Where some sections of a piece stand on the page at kOrderBpm; a stroke that is a little early belongs to them.
struct Stretch {
    int from;  ///< Bar, 1-based.
    int to;    ///< Behind the last bar.
    double fromS;
    double toS;

    [[nodiscard]] double lengthS() const { return toS - fromS; }
    [[nodiscard]] bool holds(const PlayedHit& hit) const { return hit.gridS > fromS && hit.gridS < toS; }
};

double justBefore(const Exercise& e, int bar) {
    return barStartS(e, Bpm(kOrderBpm), bar - 1) - 0.05;
}

Stretch stretchOf(const Exercise& e, int section, int sections = 1) {
    const auto barOf = [&e](int k) { return e.sections[static_cast<std::size_t>(k)].bar; };
    const int from = barOf(section);
    const int to = barOf(section + sections);
    return {from, to, justBefore(e, from), justBefore(e, to)};
}

}  // namespace

class TestSections : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aPieceIsReadWithItsSections() {
        const Exercise song = piece("harbour-lights");
        QCOMPARE(song.bars, 96);
        const auto spans = sectionsOf(song);
        QCOMPARE(spans.size(), std::size_t{8});
        QCOMPARE(spans[3], (SectionSpan{"verse 2", 33, 48}));
        QCOMPARE(spans.back().to, 96);
        QCOMPARE(sectionAt(song, 60)->name, std::string("bridge"));
        QVERIFY(!sectionAt(song, 97) && sectionsOf(Exercise()).empty());
        const Exercise solo = piece("signal-for-one-drum");
        QCOMPARE(solo.bars, 64);
        QCOMPARE(barOf(solo, 40).meter, (Meter{3, 4}));
    }

    void whatStandsBeforeTheFirstNameHasNone() {
        Exercise e;
        e.bars = 10;
        e.sections = {{3, "A"}, {7, "B"}};
        const auto spans = sectionsOf(e);
        QCOMPARE(spans.size(), std::size_t{3});
        QVERIFY(spans[0].name.empty() && spans[0].to == 2 && spans[1].to == 6 && spans[2].bars() == 4);
    }

    // The hardest section sets the tempo of the whole, once every section was clean.
    void theWholeGoesAtTheTempoOfItsHardestSection() {
        std::vector<SectionStanding> sections{{"A", 112.0}, {"B", 92.0}, {"C", std::nullopt}};
        QCOMPARE(hardestSection(sections), std::optional(std::size_t{1}));
        QVERIFY(!wholeToday(sections) && words::wholeTodayOf(sections).isEmpty());
        sections[2].cleanBpm = 96;
        QCOMPARE(wholeToday(sections), std::optional(92.0));
        QCOMPARE(QString::fromStdString(words::wholeTodayOf(sections).said()),
                 QStringLiteral("Today the whole goes at 92: Shift B."));
        QVERIFY(!wholeToday({}) && !wholeToday({{"A", 100.0}}));
    }

    void barNumbersStartAnywhere() {
        Exercise e;
        e.bars = 8;
        e.firstBar = 33;
        QCOMPARE(printedBar(e, 1), 33);
        QCOMPARE(barPrinted(e, 40).value_or(0), 8);
        QVERIFY(!barPrinted(e, 41) && !barPrinted(e, 32));
    }

    void whatIsWrongIsSaid_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("said");
        QTest::newRow("no bar") << "section: A"
                                << "this is no section";
        QTest::newRow("no name") << "section:  from bar 1"
                                 << "no section";
        QTest::newRow("outside") << "section: A from bar 9"
                                 << "begins at no bar of its own";
        QTest::newRow("order") << "section: A from bar 2\nsection: B from bar 2"
                               << "begins at no bar of its own";
        QTest::newRow("long") << "section: " + QString(60, 'x') + " from bar 1"
                              << "no name that can be shown";
        QTest::newRow("number") << "numbered: from -3"
                                << "no number for bars";
        QTest::newRow("far") << "section: A from bar 99999"
                             << "this is no section";
    }
    void whatIsWrongIsSaid() {
        QFETCH(QString, line);
        QFETCH(QString, said);
        const auto read = exerciseFromText((line + "\nsnare | R. R. R. R. | R. R. R. R. |\n").toStdString());
        QVERIFY(!read);
        QVERIFY2(QString::fromStdString(read.error().sentence()).contains(said), read.error().sentence().c_str());
    }

    void someBarsKeepTheirNamesAndNumbers() {
        const Exercise song = piece("harbour-lights");
        const Exercise part = barsOf(song, 20, 40);
        QCOMPARE(part.firstBar, 20);
        QCOMPARE(part.sections, (std::vector<Section>{{1, "verse 1"}, {6, "chorus 1"}, {14, "verse 2"}}));
        QVERIFY(check(part));
    }

    void aFormNamesItsParts() {
        Exercise frame;
        frame.id = "form";
        Exercise a = *exerciseFromText("title: Verse\nsnare | R. R. R. R. | R. R. R. R. |\n");
        const Exercise b = piece("harbour-lights");
        const std::array<FormPart, 2> parts{FormPart{a, 2}, FormPart{b, 1}};
        const auto form = formOf(frame, parts);
        QVERIFY(form);
        QCOMPARE(form->sections.size(), std::size_t{9});
        QCOMPARE(form->sections[0], (Section{1, "Verse"}));
        QCOMPARE(form->sections[1], (Section{5, "intro"}));
    }

    void waysOverSections() {
        const Exercise song = piece("harbour-lights");
        const auto bySection = stagesOf(song, Method::Sections);
        QCOMPARE(bySection.size(), std::size_t{8 + 7 + 1});
        QCOMPARE(bySection[2].exercise.bars, 24);  // intro and verse 1
        const auto backwards = stagesOf(song, Method::FromTheEnd);
        QCOMPARE(backwards.size(), std::size_t{8});
        QCOMPARE(backwards.front().exercise.bars, 8);
        QCOMPARE(backwards.back().exercise.bars, 96);
        const auto joins = stagesOf(song, Method::Transitions);
        QCOMPARE(joins.size(), std::size_t{7 + 1});
        QCOMPARE(joins.front().exercise.bars, 2);
        QVERIFY(english(joins.front().what).contains("intro into verse 1"));
        for (const Method method : {Method::Chunks, Method::Grow, Method::KeepAndGrow, Method::Context})
            QVERIFY(stagesOf(song, method).empty());  // beat by beat it would never end
        QVERIFY(stagesOf(*builtInExercise("paradiddle-accents"), Method::Sections).empty());
    }

    void aSectionOfATakeIsATake() {
        const Exercise song = piece("harbour-lights");
        const TakeAnalysis a = analyzed(song, 100, hitsOf(perform(song, Bpm(100), 1, calm(), 5), 1.0));
        QCOMPARE(a.matched.missed.size() + a.matched.extra.size(), std::size_t{0});
        std::size_t strokes = 0;
        for (const SectionSpan& span : sectionsOf(song)) {
            const MatchedTake part = takeWithin(a.matched, span.from, span.to);
            QCOMPARE(part.exercise.strokes.size(), part.strokes.size());
            QCOMPARE(part.bars, span.bars());
            const MatchedTake again =
                matchTake(part.exercise, {100, part.firstBeatS, part.bars, 0, false, {}}, part.hits);
            QCOMPARE(again.strokes.size(), part.strokes.size());
            for (std::size_t i = 0; i < part.strokes.size(); ++i)
                QVERIFY(std::abs(again.strokes[i].offsetMs - part.strokes[i].offsetMs) < 1e-6);
            strokes += part.strokes.size();
        }
        QCOMPARE(strokes, a.matched.strokes.size());
    }

    void passesOfASectionFollowOneAnother() {
        Exercise e = *builtInExercise("paradiddle-accents");
        const auto meters = std::vector<Meter>(static_cast<std::size_t>(3 * e.bars), e.meter);
        const Exercise one = e;
        for (int k = 1; k < 3; ++k)
            for (Stroke s : one.strokes) s.at = s.at + one.length() * k, e.strokes.push_back(s);
        setMeters(e, meters);
        e.sections = {{1, "A"}, {1 + one.bars, "B"}, {1 + 2 * one.bars, "C"}};
        const auto hits = hitsOf(perform(e, Bpm(90), 4, calm(), 8), 1.0);
        const MatchedTake whole = matchTake(e, {90, 1.0, 4 * e.bars, 0, false, {}}, hits);
        const MatchedTake part = takeWithin(whole, 1 + one.bars, 2 * one.bars);
        QCOMPARE(part.passes, 4);
        QCOMPARE(part.strokes.size(), 4 * one.strokes.size());
        const MatchedTake again = matchTake(part.exercise, {90, part.firstBeatS, part.bars, 0, false, {}}, part.hits);
        QCOMPARE(again.strokes.size(), part.strokes.size());
        for (std::size_t i = 0; i < part.strokes.size(); ++i)
            QVERIFY(std::abs(again.strokes[i].offsetMs - part.strokes[i].offsetMs) < 1e-6);
    }

    // Bar 10 loses a stroke, bar 20 has one too many, bar 30 is played by somebody unsteady.
    void barsInTroubleAreFound() {
        const Exercise e = piece("harbour-lights");
        Character shaky = calm();
        shaky.spreadMs = 14;
        std::vector<Hit> hits = playedBy(e, 100, calm(), shaky, {{}, 30, 30}, 11);
        const double barS = barStartS(e, Bpm(100), 1);
        const auto inBar = [&](int bar) {
            const double startS = hits.front().timeS + barS * (bar - 1);
            return std::find_if(hits.begin(), hits.end(), [&](const Hit& hit) { return hit.timeS > startS + 0.1; });
        };
        hits.erase(inBar(10));
        Hit extra = *inBar(20);
        extra.timeS += 0.07;
        hits.insert(inBar(20) + 1, extra);
        const auto bars = barFigures(analyzed(e, 100, hits).matched);
        QCOMPARE(bars[9].missed, 1);
        QCOMPARE(bars[19].extra, 1);
        QCOMPARE(barsInTrouble(bars), (std::vector<int>{10, 20, 30}));
    }

    void faultsOfOneSectionAreNamedThereAndNowhereElse() {
        const Exercise song = piece("harbour-lights");
        int named = 0;
        int elsewhere = 0;
        constexpr int kTakes = 40;
        for (int k = 0; k < kTakes; ++k) {
            const auto spans = sectionsOf(song);
            const SectionSpan where = spans[k % 2 == 0 ? 1 : 3];  // the verses have ghosts
            Character there = calm();
            if (k % 4 < 2) {
                there.relativeDb = {-14, -12, 0};  // ghosts come up
            } else {
                there.driftMsPerMin = -75;  // the pulse runs ahead
            }
            const auto a =
                analyzed(song, 100, playedBy(song, 100, calm(), there, where, 100 + static_cast<unsigned>(k)));
            const FindingKind kind = k % 4 < 2 ? FindingKind::LevelGap : FindingKind::Drift;
            bool isNamed = false;
            for (const Finding& finding : a.findings) {
                const bool isThere = finding.section && finding.section->from == where.from;
                isNamed = isNamed || (isThere && finding.kind == kind);
                elsewhere += isThere ? 0 : 1;
            }
            for (const Finding& f : a.findings)
                if (!isNamed || !f.section || f.section->from != where.from)
                    qInfo() << k << english(words::sentenceOf(song, f));
            named += isNamed ? 1 : 0;
        }
        QVERIFY2(named >= 38, qPrintable(QString::number(named)));
        QVERIFY2(elsewhere <= 2, qPrintable(QString::number(elsewhere)));
    }

    void whatAllSectionsShowIsSaidOnce() {
        const Exercise song = piece("harbour-lights");
        Character c = calm();
        c.relativeDb = {-14, -12, 0};
        const auto a = analyzed(song, 100, hitsOf(perform(song, Bpm(100), 1, c, 4), 1.0));
        const auto gaps = std::count_if(a.findings.begin(), a.findings.end(),
                                        [](const Finding& f) { return f.kind == FindingKind::LevelGap; });
        QVERIFY2(gaps >= 1 && gaps <= 2, qPrintable(QString::number(gaps)));  // both verses, or the whole
    }

    // ---- sections left out
    void aSectionLeftOutIsOneEvent_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<int>("section");
        QTest::addColumn<int>("lateBeats");
        QTest::newRow("a verse of the song") << "harbour-lights" << 3 << 0;
        QTest::newRow("a chorus, the place lost before") << "harbour-lights" << 4 << 2;
        QTest::newRow("a section of the solo") << "signal-for-one-drum" << 2 << 0;
    }
    void aSectionLeftOutIsOneEvent() {
        QFETCH(QString, name);
        QFETCH(int, section);
        QFETCH(int, lateBeats);
        const Exercise e = piece(qPrintable(name));
        const Stretch out = stretchOf(e, section);
        Performance played = perform(e, Bpm(kOrderBpm), 1, calm(), 5);
        std::erase_if(played.hits, [&out](const PlayedHit& hit) { return out.holds(hit); });
        for (PlayedHit& hit : played.hits) {
            if (hit.gridS > justBefore(e, 17)) hit.timeS += lateBeats * 60 / kOrderBpm;
            if (hit.gridS > out.toS) hit.timeS -= out.lengthS();
        }
        const TakeAnalysis a = analyzed(e, kOrderBpm, hitsWithVoices(played, 1.0));
        const auto& breaks = a.matched.breaks;
        QCOMPARE(breaks.size(), std::size_t{lateBeats == 0 ? 1U : 2U});
        QCOMPARE(breaks.back().beats, -static_cast<int>(std::lround(out.lengthS() * kOrderBpm / 60)));
        QVERIFY2(a.matched.missed.size() + a.matched.extra.size() <= 2,
                 qPrintable(QString::number(a.matched.missed.size())));
        for (const MatchedStroke& s : a.matched.strokes) {
            QVERIFY(s.written.gridS < out.fromS || s.written.gridS > out.toS);
            QVERIFY2(std::abs(s.offsetMs) < 25, qPrintable(QString::number(s.offsetMs)));
        }
        const auto isLost = [](const Finding& f) { return std::holds_alternative<PlaceLost>(f.fault); };
        const auto said = std::find_if(a.findings.begin(), a.findings.end(), [&](const Finding& f) {
            return isLost(f) && std::get<PlaceLost>(f.fault).leftOutThrough > 0;
        });
        QVERIFY(said != a.findings.end());
        QCOMPARE(english(words::sentenceOf(e, *said)).section(QLatin1Char(':'), 0, 0),
                 QStringLiteral("You left out bars %1 to %2").arg(out.from).arg(out.to - 1));
        QCOMPARE(std::count_if(a.findings.begin(), a.findings.end(), isLost), std::ptrdiff_t(breaks.size()));
    }

    // ---- sections played once more
    void aSectionPlayedAgainIsOneEvent_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<int>("section");
        QTest::addColumn<int>("sections");
        QTest::newRow("a verse of the song") << "harbour-lights" << 3 << 1;
        QTest::newRow("verse and chorus") << "harbour-lights" << 1 << 2;
        QTest::newRow("a section of the solo") << "signal-for-one-drum" << 1 << 1;
        QTest::newRow("the last but one, of which most of the last is lost") << "signal-for-one-drum" << 2 << 1;
    }
    void aSectionPlayedAgainIsOneEvent() {
        QFETCH(QString, name);
        QFETCH(int, section);
        QFETCH(int, sections);
        const Exercise e = piece(qPrintable(name));
        const Stretch again = stretchOf(e, section, sections);
        Performance played = perform(e, Bpm(kOrderBpm), 1, calm(), 5);
        const std::vector<PlayedHit> once = played.hits;
        for (PlayedHit& hit : played.hits)
            if (hit.gridS > again.toS) hit.timeS += again.lengthS();
        for (PlayedHit hit : once)
            if (again.holds(hit)) hit.timeS += again.lengthS(), played.hits.push_back(hit);
        const double endS = justBefore(e, e.bars + 1);
        std::erase_if(played.hits, [endS](const PlayedHit& hit) { return hit.timeS > endS; });
        sortByTime(played);
        const TakeAnalysis a = analyzed(e, kOrderBpm, hitsWithVoices(played, 1.0));
        QVERIFY2(a.matched.missed.size() + a.matched.extra.size() <= 2,
                 qPrintable(QString::number(a.matched.extra.size())));
        // Every stroke but those behind the end of the recording, at its place.
        const auto within = std::count_if(
            once.begin(), once.end(), [&](const PlayedHit& hit) { return hit.gridS < endS - again.lengthS() - 0.05; });
        QVERIFY(std::abs(std::ssize(a.matched.strokes) - within) <= 4);
        for (const MatchedStroke& s : a.matched.strokes)
            QVERIFY2(std::abs(s.offsetMs) < 25, qPrintable(QString::number(s.offsetMs)));
        QStringList said;
        for (const Finding& f : a.findings)
            if (std::holds_alternative<PlaceLost>(f.fault)) said << english(words::sentenceOf(e, f));
        QVERIFY2(
            said.contains(
                QStringLiteral("You played bars %1 to %2 once more than is written").arg(again.from).arg(again.to - 1)),
            qPrintable(said.join('\n')));
        QVERIFY2(said.size() <= 2, qPrintable(said.join('\n')));  // that the end was not reached
    }

    void whoStopsInAPieceLeftNothingOut() {
        const Exercise song = piece("harbour-lights");
        auto hits = hitsWithVoices(perform(song, Bpm(96), 1, calm(), 6), 1.0);
        const double fromS = 1.0 + barStartS(song, Bpm(96), 56);
        std::erase_if(hits, [&](const Hit& hit) { return hit.timeS > fromS && hit.timeS < fromS + 16 * 2.5; });
        const auto breaks = analyzed(song, 96, hits).matched.breaks;
        QCOMPARE(breaks.size(), std::size_t{1});
        QCOMPARE(breaks.front().beats, 0);
    }
};

QTEST_APPLESS_MAIN(TestSections)
#include "tst_sections.moc"
