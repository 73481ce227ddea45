#include "log_room.h"

using namespace upbeat;
using namespace upbeat::test;

class TestLogbook : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void takesComeBackTheSame() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        TakeRecord take = takeAt("ghosted-backbeat", kEvening, 92.5);
        take.note = "left shoe on";
        take.profile = {ProfileKind::Performance, {{GateKind::Spread, 7.5}, {GateKind::Feel, 3}}};
        take.recovered = true;
        take.hits[3].clipped = true;
        take.hits[4].foreign = take.hits[5].foreign = take.hits[5].refused = true;
        const auto back = TakeRepository(*logbook).find(added(*logbook, take));
        QVERIFY(back.has_value());
        QCOMPARE(back->exercise, take.exercise);
        QCOMPARE(back->startedAt, take.startedAt);
        QCOMPARE(back->hits, take.hits);
        QCOMPARE(back->frame.tempoBpm, 92.5);
        QCOMPARE(back->frame.bars, 4);
        QCOMPARE(back->frame.firstBeatS, 2.5);
        QCOMPARE(back->frame.latencyS, 0.004);
        QCOMPARE(back->frame.damaged, take.frame.damaged);
        QCOMPARE(back->note, take.note);
        QCOMPARE(back->profile, take.profile);
        QCOMPARE(back->device, take.device);
        QCOMPARE(back->file, take.file);
        QVERIFY(back->recovered);
    }

    void theAnalysisIsTheSameFromTheLog() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        const TakeRecord take = takeAt("paradiddle-accents", kEvening);
        const auto back = TakeRepository(*logbook).find(added(*logbook, take));
        QCOMPARE(analysisOf(*back).measures.timing.placementMs, analysisOf(take).measures.timing.placementMs);
        QCOMPARE(reason(analysisOf(*back)), reason(analysisOf(take)));
    }

    void theListIsNewestFirstAndByExercise() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        const qint64 a = added(*logbook, takeAt("paradiddle-accents", kEvening));
        const qint64 b = added(*logbook, takeAt("flam-taps", kEvening.addDays(1)));
        const qint64 c = added(*logbook, takeAt("paradiddle-accents", kEvening.addDays(2)));
        const auto all = *TakeRepository(*logbook).list();
        QCOMPARE(all.size(), std::size_t{3});
        QCOMPARE(all[0].id, c);
        QCOMPARE(all[1].id, b);
        QCOMPARE(all[2].id, a);
        QCOMPARE(all[1].title, std::string("Flams and taps"));
        QCOMPARE(all[0].verdict.tempoBpm, all[0].tempoBpm);
        QCOMPARE(TakeRepository(*logbook).list("paradiddle-accents")->size(), std::size_t{2});
        QCOMPARE(TakeRepository(*logbook).page({}, 1)->size(), std::size_t{1});
        QCOMPARE(TakeRepository(*logbook).list("'; DROP TABLE take; --")->size(), std::size_t{0});
        QCOMPARE(*TakeRepository(*logbook).count(), 3);
    }

    void whatWasPlayedDayByDayIsThereForThePlan() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        const auto play = [&](const char* id, int days, double bpm, bool clean, int second) {
            TakeRecord take = takeAt(id, kEvening.addDays(days).addSecs(second), bpm);
            TakeAnalysis analysis = analysisOf(take);
            for (Gate& gate : analysis.gates) gate.state = clean ? GateState::Met : GateState::Missed;
            QVERIFY(TakeRepository(*logbook).add(take, analysis).has_value());
        };
        play("paradiddle-accents", 0, 80, false, 0);
        play("paradiddle-accents", 0, 76, true, 60);
        play("paradiddle-accents", 0, 84, true, 120);
        play("paradiddle-accents", 3, 84, true, 0);
        play("flam-taps", 3, 60, false, 60);
        const std::string today = kEvening.date().addDays(5).toString(Qt::ISODate).toStdString();
        static const std::vector<Exercise> known{*builtInExercise("paradiddle-accents")};
        const auto find = [](const std::string& id) { return id == known[0].id ? &known[0] : nullptr; };
        const auto work = exercisesInWork(*logbook, find, today);
        QVERIFY(work.has_value());
        QCOMPARE(work->size(), std::size_t{1});  // the other one is not on the shelf
        const ExerciseInWork& one = work->front();
        QCOMPARE(one.days.size(), std::size_t{2});
        QCOMPARE(one.days[0].daysAgo, 5);
        QCOMPARE(one.days[0].firstBpm, 80.0);
        QVERIFY(!one.days[0].firstClean && one.days[1].firstClean);
        QCOMPARE(one.days[0].slowestClean, std::optional(76.0));
        QCOMPARE(one.days[0].cleanBpm, std::optional(84.0));
        QCOMPARE(one.days[0].takes, 3);
        QVERIFY(one.usesHands && !one.usesFeet);
        QCOMPARE(one.passBeats, known[0].length().toDouble());
        QVERIFY(LadderRepository(*logbook).save("paradiddle-accents", {{70, 150, 5, 3}, 84}).has_value());
        QCOMPARE(exercisesInWork(*logbook, find, today)->front().goalBpm, 150.0);
        // The same from a folder, by somebody without the window.
        const auto folder = exercisesInWork(logbook->file().parent_path(), today);
        QVERIFY(folder.has_value());
        QCOMPARE(folder->size(), std::size_t{2});
        QVERIFY(exercisesInWork("/nowhere", today)->empty());
    }

    void daysTotalsAndPagesCountEverything() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        TakeRepository takes(*logbook);
        for (int n = 0; n < 30; ++n) added(*logbook, takeAt("paradiddle-accents", kEvening.addDays(n % 3).addSecs(n)));
        const auto days = *takes.days();
        QCOMPARE(days.size(), std::size_t{3});
        QCOMPARE(days.front().day, kEvening.date().addDays(2));
        QCOMPARE(days.front().takes, 10);
        QCOMPARE(days.front().seconds, 120.0);
        QCOMPARE(takes.total()->takes, 30);
        QCOMPARE(takes.total(kEvening.date().addDays(1))->seconds, 240.0);
        QCOMPARE(takes.total(kEvening.date().addDays(9))->takes, 0);
        // Page after page gives every take once, newest first.
        std::vector<qint64> ids;
        std::optional<TakeMoment> before;
        while (true) {
            const auto page = *takes.page(before, 7);
            if (page.empty()) break;
            for (const TakeSummary& take : page) ids.push_back(take.id);
            before = TakeMoment{stampOf(page.back().startedAt), page.back().id};
        }
        std::vector<qint64> all;
        const auto list = *takes.list();
        for (const TakeSummary& take : list) all.push_back(take.id);
        QCOMPARE(ids, all);
        QCOMPARE(ids.size(), std::size_t{30});
        QCOMPARE(*takes.newestOf("paradiddle-accents"), ids.front());
        QCOMPARE(*takes.newestOf("nobody"), 0);
    }

    void rowsThatCannotBeATakeAreASentence_data() {
        QTest::addColumn<QString>("change");
        for (const char* change : {"bars = -5", "bars = 2000000000", "tempo_bpm = 1e9", "first_beat_s = -1e300",
                                   "sample_rate = 0", "click = '{'", "duration_s = 1e12"})
            QTest::newRow(change) << QString::fromLatin1(change);
    }

    void rowsThatCannotBeATakeAreASentence() {
        QFETCH(QString, change);
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        const qint64 id = added(*logbook, takeAt("paradiddle-accents", kEvening));
        ask(dir.filePath(QStringLiteral("logbook.db")), QStringLiteral("UPDATE take SET ") + change);
        const auto found = TakeRepository(*logbook).find(id);
        QVERIFY(!found);
        QVERIFY(QString::fromStdString(found.error().sentence()).contains(QStringLiteral("logbook.db")));
        QVERIFY(TakeRepository(*logbook).list().has_value());
    }

    void aLadderThatCannotBeClimbedIsASentence() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        QVERIFY(LadderRepository(*logbook).save("x", {{60, 120, 1e-7, 3}, 60}).has_value());
        QVERIFY(!LadderRepository(*logbook).find("x"));
        QCOMPARE((Ladder{60, 61, 1e-7, 3}).rungs().size(), std::size_t{3});
    }

    void takesOfOneEveningAreOneSession() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        for (const int minutes : {0, 5, 20, 45, 24 * 60})
            added(*logbook, takeAt("flam-taps", kEvening.addSecs(minutes * 60)));
        QCOMPARE(
            ask(dir.filePath(QStringLiteral("logbook.db")), QStringLiteral("SELECT COUNT(*) FROM session")).toInt(), 2);
    }

    void notesAreKept() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        const qint64 id = added(*logbook, takeAt("flam-taps", kEvening));
        QVERIFY(TakeRepository(*logbook).setNote(id, "slower; it's fine").has_value());
        QCOMPARE(TakeRepository(*logbook).find(id)->note, std::string("slower; it's fine"));
        QCOMPARE(TakeRepository(*logbook).list()->front().note, std::string("slower; it's fine"));
    }

    void aMissingTakeIsSaid() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        QVERIFY(!TakeRepository(*logbook).find(12345));
    }

    void aChangedExerciseBecomesANewVersionAndOldTakesKeepTheirs() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        TakeRecord take = takeAt("flam-taps", kEvening);
        const qint64 first = added(*logbook, take);
        take.exercise.title = "Flams, changed";
        take.file = "changed.flac";
        take.exercise.strokes.pop_back();
        const qint64 second = added(*logbook, take);
        ExerciseRepository exercises(*logbook);
        QCOMPARE(TakeRepository(*logbook).find(first)->exercise, *builtInExercise("flam-taps"));
        QCOMPARE(TakeRepository(*logbook).find(second)->exercise, take.exercise);
        QCOMPARE(exercises.newest()->size(), std::size_t{1});
        QCOMPARE(exercises.newest()->front().title, std::string("Flams, changed"));
        QCOMPARE(*exercises.keep(take.exercise), *exercises.keep(take.exercise));
        QVERIFY(!exercises.version(999));
    }

    void laddersAreRemembered() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        LadderRepository ladders(*logbook);
        QVERIFY(!ladders.find("x")->has_value());
        const LadderState state{{60, 120, 5, 2}, 85};
        QVERIFY(ladders.save("x", state).has_value());
        QCOMPARE(**ladders.find("x"), state);
        const LadderState next{{60, 130, 5, 2}, 90};
        QVERIFY(ladders.save("x", next).has_value());
        QCOMPARE(**ladders.find("x"), next);
    }

    void theLadderRemembersItsTakesOldestFirst() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        for (int i = 0; i < 60; ++i) added(*logbook, takeAt("flam-taps", kEvening.addSecs(60 * i), 60 + i));
        const auto history = *LadderRepository(*logbook).history("flam-taps");
        QCOMPARE(history.size(), std::size_t{50});
        QCOMPARE(history.front().tempoBpm, 70.0);
        QCOMPARE(history.back().tempoBpm, 119.0);
        QCOMPARE(history.back().clean, analysisOf(takeAt("flam-taps", kEvening, 119)).clean());
    }

    // What was measured comes along, how long ago it was, and whether the verdict led away from the rung.
    void theLadderRemembersWhatWasMeasured() {
        QTemporaryDir dir;
        const auto logbook = opened(dir);
        const auto take = takeAt("flam-taps", kEvening, 90);
        TakeAnalysis said = analysisOf(take);
        said.verdict.action = Action::Isolate;
        QVERIFY(TakeRepository(*logbook).add(take, said));
        added(*logbook, takeAt("flam-taps", kEvening.addDays(2), 90));
        const TakeMoment later{kEvening.addDays(3).toString(Qt::ISODate).toStdString(), 99};
        const auto history = *LadderRepository(*logbook).history("flam-taps", later);
        QCOMPARE(history.size(), std::size_t{2});
        QCOMPARE(history.front().gates.size(), said.gates.size());
        QVERIFY(!history.front().gates.empty());
        QCOMPARE(history.front().daysAgo, 3);
        QCOMPARE(history.back().daysAgo, 1);
        QVERIFY(history.front().leftAfter && !history.back().leftAfter);
    }

    void hitsGoWithTheirTake() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("logbook.db"));
        const auto logbook = opened(dir);
        const qint64 id = added(*logbook, takeAt("flam-taps", kEvening));
        QVERIFY(ask(file, QStringLiteral("SELECT COUNT(*) FROM hit")).toInt() > 30);
        QSqlQuery query(QSqlDatabase::database(logbook->connection()));
        QVERIFY(query.exec(QStringLiteral("DELETE FROM take WHERE id = %1").arg(id)));
        QCOMPARE(ask(file, QStringLiteral("SELECT COUNT(*) FROM hit")).toInt(), 0);
        QCOMPARE(ask(file, QStringLiteral("SELECT COUNT(*) FROM verdict")).toInt(), 0);
    }
};

QTEST_GUILESS_MAIN(TestLogbook)
#include "tst_logbook.moc"
