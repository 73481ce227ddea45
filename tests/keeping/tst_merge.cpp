// Two logbooks as one.
#include "player.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/keeping/merge.h"
#include "upbeat/keeping/restore.h"

using namespace upbeat;
using namespace upbeat::test;

class TestMerge : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void twoLogbooksBecomeOneWithoutDoubles() {
        const Player one;
        one.playThree();
        const Player other;
        QVERIFY(restoreAll(one.backup(), other.folder));
        other.play("paradiddle-accents", kEvening.addDays(2), 7);
        one.play("singles-sixteenths", kEvening.addDays(3), 6);
        one.play("paradiddle-accents", kEvening.addDays(2), 5, 90);  // the same name as the other's, another take
        const auto merged = merge(one.backup(), other.folder);
        QVERIFY2(merged.has_value(), merged ? "" : merged.error().sentence().c_str());
        QCOMPARE(merged->takes, 2);
        QCOMPARE(merged->known, 3);
        QCOMPARE(takesIn(other.folder), 6);
        QVERIFY(inspect(other.folder, true).troubles.empty());
        QCOMPARE(inspect(other.folder, true).recordings, 6);
        QCOMPARE(merge(one.at("all.zip"), other.folder)->takes, 0);
        QCOMPARE(takesIn(other.folder), 6);
        // What came is what was sent: hits, verdict and note.
        const TakeRepository takes(**Logbook::open(other.folder.logbook()));
        const auto list = TakeRepository(**Logbook::open(other.folder.logbook())).list("paradiddle-accents");
        QCOMPARE(list->size(), std::size_t{2});
        for (const TakeSummary& take : *list) {
            const auto found = TakeArchive(other.folder).find(take.id);
            QVERIFY(found.has_value() && found->day.has_value());
            QCOMPARE(found->take.hits.size(), std::size_t{2 * 16});
            QCOMPARE(found->take.note, std::string(take.tempoBpm < 100 ? "a note of take 5" : "a note of take 7"));
        }
        QVERIFY(TakeArchive(other.folder).unfinished()->empty());
    }

    void theTakesOfOneExerciseComeBack() {
        const Player one;
        one.playThree();
        const Player other;
        other.play("paradiddle-accents", kEvening, 9);
        const auto merged = merge(one.backup(), other.folder, "flam-accents");
        QVERIFY(merged.has_value());
        QCOMPARE(merged->takes, 1);
        QCOMPARE(takesIn(other.folder), 2);
        QVERIFY(!fs::exists(other.at("kit-mic.json")));
        QVERIFY(inspect(other.folder, true).troubles.empty());
    }
};

QTEST_GUILESS_MAIN(TestMerge)
#include "tst_merge.moc"
