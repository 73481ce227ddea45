#include "upbeat/logbook/practice_past.h"

#include <QDate>
#include <algorithm>
#include <map>
#include <memory>

#include "migrations.h"
#include "take_rows.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/logbook/console_host.h"
#include "upbeat/logbook/data_folder.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/logbook.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/set_repository.h"
#include "upbeat/music/library.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

void addTake(PracticeDay& day, double tempoBpm, bool clean) {
    if (day.takes++ == 0) {
        day.firstBpm = tempoBpm;
        day.firstClean = clean;
    }
    if (!clean) return;
    day.slowestClean = std::min(day.slowestClean.value_or(tempoBpm), tempoBpm);
    day.cleanBpm = std::max(day.cleanBpm.value_or(tempoBpm), tempoBpm);
}

/// The player's own exercises in a folder, by id. What cannot be read is not in the plan; the window says so.
std::map<std::string, Exercise> ownExercises(const std::filesystem::path& folder) {
    std::map<std::string, Exercise> own;
    std::error_code none;
    for (const auto& file : std::filesystem::directory_iterator(folder, none))
        if (file.path().extension() == ".json")
            if (auto exercise = readExercise(file.path())) {
                const std::string id = exercise->id;
                own[id] = *std::move(exercise);
            }
    return own;
}

/// What is in a set is in work, also where nothing of it was played; of several sets the next day counts. What is long
/// past wants nothing any more.
void addSets(std::vector<ExerciseInWork>& all, const std::vector<ExerciseSet>& sets, const FindExercise& find,
             const QDate& today) {
    for (const ExerciseSet& set : sets) {
        const QDate day = QDate::fromString(toQt(set.wantedOn), Qt::ISODate);
        const auto days = static_cast<int>(today.daysTo(day));
        if (!day.isValid() || days < 0) continue;
        for (const std::string& id : set.exerciseIds) {
            auto found =
                std::find_if(all.begin(), all.end(), [&id](const ExerciseInWork& w) { return w.exerciseId == id; });
            if (found == all.end()) {
                const Exercise* exercise = find(id);
                if (exercise == nullptr) continue;
                found = all.insert(all.end(), notPlayedYet(*exercise));
            }
            found->wantedInDays = std::min(found->wantedInDays.value_or(days), days);
        }
    }
}

Result<void> addLadders(std::vector<ExerciseInWork>& all, const Logbook& logbook) {
    for (ExerciseInWork& work : all) {
        const auto ladder = LadderRepository(logbook).find(work.exerciseId);
        if (!ladder) return tl::unexpected(ladder.error());
        if (!*ladder) continue;
        work.startBpm = (*ladder)->ladder.startBpm;
        work.goalBpm = (*ladder)->ladder.goalBpm;
        work.stepBpm = (*ladder)->ladder.stepBpm;
    }
    return {};
}

}  // namespace

ExerciseInWork notPlayedYet(const Exercise& exercise) {
    ExerciseInWork work;
    work.exerciseId = exercise.id;
    work.startBpm = exercise.tempo.start;
    work.goalBpm = exercise.tempo.goal;
    work.stepBpm = exercise.tempo.step;
    work.passBeats = passDurationS(exercise, Bpm(60));
    work.tags = exercise.tags;
    work.isDrill = exercise.origin.has_value();
    const auto plays = [&exercise](auto isIt) {
        return std::any_of(exercise.strokes.begin(), exercise.strokes.end(),
                           [&](const Stroke& stroke) { return isIt(stroke.limb); });
    };
    const auto isHand = [](Limb limb) { return limb == Limb::RightHand || limb == Limb::LeftHand; };
    work.usesHands = plays(isHand);
    work.usesFeet = plays([&isHand](Limb limb) { return !isHand(limb); });
    return work;
}

Result<std::vector<ExerciseInWork>> exercisesInWork(const Logbook& logbook, const FindExercise& find,
                                                    const std::string& today) {
    auto rows =
        runQuery(logbook,
                 "SELECT exercise_id, substr(started_at, 1, 10) AS day, tempo_bpm, clean, missed_gate FROM kept_take "
                 "WHERE counts AND NOT simulated ORDER BY exercise_id, started_at, id");
    if (!rows) return tl::unexpected(rows.error());
    const QDate now = QDate::fromString(toQt(today), Qt::ISODate);
    std::vector<ExerciseInWork> all;
    QString id;
    QString day;
    bool isKnown = false;
    while (rows->next()) {
        if (const QString next = rows->value(0).toString(); next != id) {
            id = next;
            day.clear();
            const Exercise* exercise = find(id.toStdString());
            isKnown = exercise != nullptr;
            if (isKnown) all.push_back(notPlayedYet(*exercise));
        }
        if (!isKnown) continue;
        ExerciseInWork& work = all.back();
        if (const QString next = rows->value(1).toString(); next != day) {
            day = next;
            const auto ago = QDate::fromString(day, Qt::ISODate).daysTo(now);
            work.days.push_back({static_cast<int>(std::max<qint64>(0, ago)), 0, false, {}, {}, 0});
        }
        addTake(work.days.back(), rows->value(2).toDouble(), rows->value(3).toBool());
        work.holds = gateFromName(rows->value(4).toString().toStdString());
    }
    const auto sets = SetRepository(logbook).all();
    if (!sets) return tl::unexpected(sets.error());
    addSets(all, *sets, find, now);
    if (auto done = addLadders(all, logbook); !done) return tl::unexpected(done.error());
    return all;
}

Result<std::vector<ExerciseInWork>> exercisesInWork(const std::filesystem::path& root, const std::string& today) {
    const ConsoleHost host;
    const std::filesystem::path file = root / "logbook.db";
    if (std::error_code none; !std::filesystem::exists(file, none)) return std::vector<ExerciseInWork>();
    const auto logbook = Logbook::open(file, LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    if (const auto known = checkNotOlder(**logbook); !known) return tl::unexpected(known.error());
    const auto own = ownExercises(root / "exercises");
    const auto find = [&own](const std::string& id) -> const Exercise* {
        if (const auto found = own.find(id); found != own.end()) return &found->second;
        const auto& builtIn = builtInExercises();
        const auto found =
            std::find_if(builtIn.begin(), builtIn.end(), [&id](const Exercise& e) { return e.id == id; });
        return found != builtIn.end() ? &*found : nullptr;
    };
    return exercisesInWork(**logbook, find, today);
}

std::filesystem::path ownDataFolder() {
    return defaultLogbookFile().parent_path();
}

}  // namespace upbeat
