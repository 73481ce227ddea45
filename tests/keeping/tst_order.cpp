// Takes are found again, removed and brought back, let go of their recordings, and written as files for others.
#include "player.h"
#include "upbeat/formats/midi_take.h"
#include "upbeat/formats/musicxml.h"
#include "upbeat/keeping/export_takes.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/trash.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// The takes of a folder whose logbook is open.
struct Log {
    std::unique_ptr<Logbook> logbook;
    TakeRepository takes;

    explicit Log(const Player& player)
        : logbook(*Logbook::open(player.folder.logbook(), LogbookAccess::Durable)), takes(*logbook) {}

    [[nodiscard]] QStringList found(const QString& text) const {
        QStringList ids;
        const auto all = takes.page({}, 100, searchFromText(text));
        for (const TakeSummary& take : *all) ids << QString::number(take.id);
        ids.sort();
        return ids;
    }
};

}  // namespace

class TestOrder : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void typedLinesAreUnderstood() {
        const TakeSearch s = searchFromText("Ferry #gig 90-110 since 2026-11-20 until 2026-12 clean left GHOST early");
        QCOMPARE(s.words, QStringList{"ferry"});
        QCOMPARE(s.tags, QStringList{"gig"});
        QVERIFY(s.slowestBpm == 90.0 && s.fastestBpm == 110.0);
        QVERIFY(s.since == QDate(2026, 11, 20) && s.until == QDate(2026, 12, 31));
        QVERIFY(s.clean == true && !s.inTrash);
        QCOMPARE(s.finding, (QStringList{"left", "ghost", "early"}));
        const TakeSearch month = searchFromText("2026-02 96");
        QVERIFY(month.since == QDate(2026, 2, 1) && month.until == QDate(2026, 2, 28));
        QVERIFY(month.slowestBpm == 96.0 && month.fastestBpm == 96.0);
        QCOMPARE(searchFromText(""), TakeSearch());
        QCOMPARE(searchFromText("links", {{"links", "left"}}).finding, QStringList{"left"});
        QCOMPARE(searchFromText("since then 2026-99 #").words, (QStringList{"since", "then", "2026-99", "#"}));
    }

    void takesAreFound_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QStringList>("ids");
        const auto row = [](const char* text, const QStringList& ids) { QTest::newRow(text) << QString(text) << ids; };
        row("", {"1", "2", "3"});
        row("flam", {"3"});
        row("take 2", {"1", "2", "3"});  // "2" is no tempo; it stands in the notes: see below
        row("note", {"1", "2", "3"});
        row("#gig", {"1", "3"});
        row("#gig flam", {"3"});
        row("gi", {"1", "3"});
        row("120", {"1", "2", "3"});
        row("121-200", {});
        row("2026-03-15", {"3"});
        row("until 2026-03-14", {"1", "2"});
        row("since 2026-03-15", {"3"});
        row("100%", {});
        row("'; DROP TABLE take; --", {});
        row("left tap", {"2"});  // planted below
        row("left early", {"2"});
        row("right early", {});  // in two findings, not in one
    }
    void takesAreFound() {
        QFETCH(QString, text);
        QFETCH(QStringList, ids);
        const Player player;
        player.playThree();
        Log log(player);
        QVERIFY(log.takes.setTags({1, 3}, {{"gig", "loud"}, {"gig"}}));
        QVERIFY(runQuery(*log.logbook, "DELETE FROM finding"));
        for (const char* terms : {" early left tap snare ", " late right accent "})
            QVERIFY(insertRow(*log.logbook, "finding",
                              {{"take_id", 2}, {"number", terms[1] == 'e' ? 0 : 1}, {"terms", terms}}));
        if (text == "take 2") ids = QStringList{"2"};
        QCOMPARE(log.found(text), ids);
        int onDays = 0;
        const auto days = log.takes.days(searchFromText(text));
        for (const PlayedTime& day : *days) onDays += day.takes;
        QCOMPARE(onDays, static_cast<int>(ids.size()));
    }

    void findingsCanBeLookedFor() {
        const KnownTake known = play(*builtInExercise("paradiddle-accents"), 120, 8, calmPlayer(), 1);
        KnownTake late = known;
        for (PlayedHit& hit : late.performance.hits)
            if (hit.limb == Limb::LeftHand) hit.timeS += 0.03;
        const TakeAnalysis take = analyze(late, {perfectHits(late), {}});
        QVERIFY(!take.findings.empty());
        QStringList all;
        for (const Finding& finding : take.findings) all << searchTermsOf(take.matched, finding);
        QVERIFY2(all.filter(" left ").size() == 1, qPrintable(all.join(';')));
    }

    void removedTakesCountForNothingAndComeBack() {
        const Player player;
        player.playThree();
        const Log log(player);
        const QStringList before = rowsOf(player.folder.logbook());
        const QDateTime now = kEvening.addDays(5);
        Trash trash(*log.logbook);
        QVERIFY(trash.put({2, 3}, now));
        QCOMPARE(*log.takes.count(), 1);
        QCOMPARE(*trash.count(), 2);
        QCOMPARE(log.takes.list()->size(), std::size_t(1));
        QCOMPARE(LadderRepository(*log.logbook).history("singles-sixteenths")->size(), std::size_t(1));
        QCOMPARE(log.takes.total()->takes, 1);
        QVERIFY(log.takes.newestOf("flam-accents") == 0);
        QCOMPARE(trash.takes()->size(), std::size_t(2));
        QCOMPARE(log.takes.files()->size(), std::size_t(3));  // else they would be offered as interrupted
        QVERIFY(TakeArchive(player.folder).unfinished()->empty());
        QCOMPARE(*trash.empty(player.folder, now.addDays(-Trash::kDays)), 0);  // too early
        QVERIFY(trash.takeBack({2, 3}));
        QCOMPARE(rowsOf(player.folder.logbook()), before);
        QVERIFY(inspect(player.folder, true).troubles.empty());
    }

    void theTrashIsEmptiedForGood() {
        const Player player;
        player.playThree();
        const Log log(player);
        const std::string file = log.takes.find(2)->file;
        Trash trash(*log.logbook);
        QVERIFY(trash.put({2}, kEvening));
        // Killed after the recording was thrown away: it still lies in the trash, and nothing else is wrong.
        TakeStore(player.folder.takes()).discard(fs::path(file).stem().string());
        QCOMPARE(*trash.count(), 1);
        QVERIFY(inspect(player.folder, true).troubles.empty());
        QVERIFY(TakeArchive(player.folder).unfinished()->empty());
        QCOMPARE(*trash.empty(player.folder, kEvening.addDays(30)), 1);
        QVERIFY(*trash.count() == 0 && !log.takes.find(2));
        QCOMPARE(filesOf(player.folder).filter(QString::fromStdString(fs::path(file).stem().string())), QStringList());
        auto hits = runQuery(*log.logbook, "SELECT COUNT(*) FROM hit WHERE take_id = 2");
        QVERIFY(hits->next() && hits->value(0).toInt() == 0);
    }

    void recordingsAreLetGoWhileFiguresStay() {
        const Player player;
        player.playThree();
        const Log log(player);
        Sounds sounds(*log.logbook);
        const auto months = sounds.months(player.folder);
        QCOMPARE(months->size(), std::size_t(1));
        QVERIFY(months->front().takes == 3 && months->front().bytes > 10000 &&
                months->front().month == QDate(2026, 3, 1));
        QVERIFY(runQuery(*log.logbook, "UPDATE take SET clean = 0"));
        QCOMPARE(*sounds.spare(QDate(2026, 3, 14)), std::vector<qint64>());
        QCOMPARE(*sounds.spare(QDate(2026, 4, 1)), std::vector<qint64>{1});  // 2 is the last of its day, 3 is alone
        QVERIFY(sounds.letGo(player.folder, {1}, kEvening.addDays(40)));
        QVERIFY(!fs::exists(player.folder.takes() / log.takes.find(1)->file));
        QVERIFY(TakeArchive(player.folder).find(1).has_value());  // its hits are there
        QCOMPARE(*sounds.spare(QDate(2026, 4, 1)), std::vector<qint64>());
        QCOMPARE(sounds.months(player.folder)->front().takes, 2);
        const Inspection found = inspect(player.folder, true);
        QVERIFY2(found.troubles.empty(), found.troubles.empty() ? "" : found.troubles.front().sentence().c_str());
        TakeStore(player.folder.takes()).tidy(*log.takes.files());
        QVERIFY(fs::exists((player.folder.takes() / log.takes.find(1)->file).replace_extension(".json")));
    }

    void takesAreWrittenAsFilesForOthers() {
        const Player player;
        player.playThree();
        const fs::path into = player.at("for-others");
        const auto written = exportTakes(player.folder, LogWish{{}, {}, "flam-accents"}, into);
        QVERIFY2(written, written ? "" : written.error().sentence().c_str());
        QVERIFY(written->takes == 1 && written->silent == 0);
        QStringList endings;
        for (const auto& entry : fs::directory_iterator(into))
            endings << QString::fromStdString(entry.path().extension().string());
        endings.sort();
        QCOMPARE(endings, (QStringList{".csv", ".flac", ".json", ".mid", ".musicxml"}));
        const auto take = TakeArchive(player.folder).find(3)->analysis();
        const std::string base = fs::path(TakeArchive(player.folder).find(3)->take.file).stem().string();
        const auto midi = readMidi(into / (base + ".mid"));
        QCOMPARE(midi->notes.size(), take.matched.hits.size());
        // Beat 1 on bar 2: four quarters at 120 are two seconds.
        const auto hits = hitsOfMidi(*midi);
        for (std::size_t i = 0; i < hits.size(); ++i)
            QVERIFY(std::abs(hits[i].timeS - 2 - (take.matched.hits[i].timeS - take.matched.firstBeatS)) < 0.0004);
        const std::string xml = *readFile(into / (base + ".musicxml"));
        QCOMPARE(exerciseFromMusicXml(xml, "x")->exercise.strokes, take.matched.exercise.strokes);
        const MatchedStroke& first = take.matched.strokes.front();
        QVERIFY(xml.find("<lyric number=\"2\">") != std::string::npos && first.hit != kNone);
        QVERIFY(!exportTakes(player.folder, std::vector<long long>{99}, into));
        QVERIFY(!exportTakes(player.folder, std::vector<long long>{3}, player.folder.logbook() / "no folder"));
    }
};

QTEST_MAIN(TestOrder)
#include "tst_order.moc"
