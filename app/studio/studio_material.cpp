// What is played: own exercises, and the stages of a method.
#include <QDir>
#include <algorithm>
#include <utility>

#include "studio/studio.h"
#include "theme/words.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/formats/pattern.h"

namespace upbeat {

namespace {

constexpr const char* kOwnPrefix = "own-";

}  // namespace

void Studio::readOwnExercises() {
    const QDir folder(QString::fromStdString(m_folder.exercises().string()));
    QStringList damaged;
    for (const QFileInfo& file : folder.entryInfoList({QStringLiteral("*.json")}, QDir::Files, QDir::Time)) {
        const auto exercise = readExercise(file.absoluteFilePath().toStdString());
        if (exercise && isOwn(exercise->id))
            m_exercises.push_back(*exercise);
        else if (!exercise)
            damaged << sentenceOf(exercise.error());
    }
    if (!damaged.isEmpty()) m_notices.complain(damaged.join(QLatin1Char(' ')));
}

bool Studio::isOwn(const std::string& id) {
    return id.starts_with(kOwnPrefix);
}

std::string Studio::freeId() const {
    for (int number = 1;; ++number) {
        std::string id = kOwnPrefix + std::to_string(number);
        const auto isTaken = [&id](const Exercise& e) { return e.id == id; };
        if (std::none_of(m_exercises.begin(), m_exercises.end(), isTaken)) return id;
    }
}

void Studio::startExercise(Exercise exercise) {
    if (isRecording() || refusesToWrite()) return;
    m_stages.clear();
    exercise.id = freeId();
    m_exercises.insert(m_exercises.begin(), exercise);
    m_exercise = std::move(exercise);
    readLadder();
    Q_EMIT exercisesChanged();
    Q_EMIT exerciseChanged();
}

void Studio::changeExercise(const Exercise& exercise) {
    if (isRecording() || exercise.id != m_exercise.id || !isOwn(exercise.id)) return;
    m_exercise = exercise;
    m_written = exercise;
    const auto listed =
        std::find_if(m_exercises.begin(), m_exercises.end(), [&](const Exercise& e) { return e.id == exercise.id; });
    if (listed != m_exercises.end()) *listed = exercise;
    Q_EMIT exerciseChanged();
}

void Studio::keepExercise() {
    if (!m_written && isOwn(m_exercise.id)) m_written = m_exercise;
    if (!m_written || !check(*m_written)) return;
    Exercise exercise = *std::exchange(m_written, std::nullopt);
    if (exercise.id == m_exercise.id) {
        exercise.tempo = {m_ladder.ladder.startBpm, m_ladder.ladder.goalBpm, m_ladder.ladder.stepBpm};
        changeExercise(exercise);
        m_written.reset();
    }
    Q_EMIT exercisesChanged();
    m_worker.run(
        [exercise, folder = m_folder.exercises()]() -> Result<void> {
            std::error_code error;
            std::filesystem::create_directories(folder, error);
            return writeExercise(folder / (exercise.id + ".json"), exercise);
        },
        [this](const Result<void>& written) {
            if (!written) complain(written.error());
        });
}

void Studio::forgetExercise() {
    if (isRecording() || !isOwn(m_exercise.id)) return;
    const std::string id = m_exercise.id;
    const QString title = QString::fromStdString(m_exercise.title);
    m_written.reset();
    // It may be on its way to the disk: then it is removed after it got there.
    m_worker.run(
        [file = m_folder.exercises() / (id + ".json")] {
            std::error_code ignored;
            return std::filesystem::remove(file, ignored);
        },
        [](bool) {});
    std::erase_if(m_exercises, [&id](const Exercise& e) { return e.id == id; });
    Q_EMIT exercisesChanged();
    chooseExercise(m_exercises.front().id);
    say(tr("\"%1\" is gone from the list; its takes stay in the log.").arg(title));
}

namespace {

QString inOneSentence(const std::vector<std::string>& losses) {
    QStringList list;
    for (const std::string& loss : losses) list << QString::fromStdString(loss);
    return list.join(QStringLiteral("; "));
}

}  // namespace

void Studio::importExercise(const QString& file) {
    if (isRecording() || refusesToWrite()) return;
    m_worker.run(
        [path = std::filesystem::path(file.toStdString())] { return importPattern(path); },
        [this](Result<Converted> read) {
            if (!read) {
                complain(read.error());
                return;
            }
            Exercise exercise = std::move(read->exercise);
            exercise.tags.emplace_back("own");
            startExercise(std::move(exercise));
            keepExercise();
            const QString title = QString::fromStdString(m_exercise.title);
            say(read->losses.empty()
                    ? tr("\"%1\" is in the list now.").arg(title)
                    : tr("\"%1\" is in the list now. Not carried over: %2.").arg(title, inOneSentence(read->losses)));
        });
}

void Studio::exportExercise(const QString& file) {
    m_worker.run([exercise = m_exercise,
                  path = std::filesystem::path(file.toStdString())] { return exportPattern(path, exercise); },
                 [this, file](const Result<std::vector<std::string>>& lost) {
                     if (!lost)
                         complain(lost.error());
                     else if (lost->empty())
                         say(tr("Written to %1.").arg(file));
                     else
                         say(tr("Written to %1. It cannot hold: %2.").arg(file, inOneSentence(*lost)));
                 });
}

// ---- taking apart

void Studio::takeApart(Method method, std::optional<Method> inner) {
    if (isRecording()) return;
    if (isDrill()) backToWhole();
    m_method = method;
    m_innerMethod = inner;
    m_stages = stagesFor(m_exercise, method, inner);
    m_wholeLadder = m_ladder;
    if (m_stages.size() < 2) {
        m_stages.clear();
        say(tr("This way has nothing to take apart here."));
        return;
    }
    goToStage(0);
}

namespace {

QString keyOfWay(const std::string& exercise, Method method, std::optional<Method> inner) {
    QString way = inWords(toName(method));
    if (inner) way += QLatin1Char('+') + inWords(toName(*inner));
    return QStringLiteral("stages/%1/%2").arg(QString::fromStdString(exercise), way);
}

}  // namespace

int Studio::reachedStage(Method method, std::optional<Method> inner) const {
    return std::max(0, m_settingsStore.value(keyOfWay(whole().id, method, inner), 0).toInt());
}

std::vector<PracticeStage> Studio::stagesFor(const Exercise& exercise, Method method,
                                             std::optional<Method> inner) const {
    if (inner && *inner != method) return combined(exercise, method, *inner);
    Span spot;
    if (m_take && m_take->stored.exercise.strokes == exercise.strokes) {
        const auto& findings = m_take->analysis.findings;
        const auto placed =
            std::find_if(findings.begin(), findings.end(), [](const Finding& f) { return f.stroke.has_value(); });
        if (placed != findings.end()) spot = beatAround(exercise, *placed->stroke);
    }
    return stagesOf(exercise, method, spot);
}

void Studio::goToStage(int index) {
    if (isRecording() || index < 0 || index >= static_cast<int>(m_stages.size())) return;
    m_stage = index;
    m_settingsStore.setValue(keyOfWay(whole().id, m_method, m_innerMethod), index);
    const PracticeStage& stage = m_stages[static_cast<std::size_t>(index)];
    m_exercise = stage.exercise;
    const double whole = inBeatsOf(stage.exercise.meter, m_wholeLadder.tempoBpm, this->whole().meter);
    const double tempo = std::clamp(std::round(whole * stage.tempoFactor), kSlowestTempo, kFastestTempo);
    m_ladder = {{tempo, tempo, m_wholeLadder.ladder.stepBpm, kCleanPerStage, true}, tempo};
    Q_EMIT exerciseChanged();
    Q_EMIT ladderChanged();
}

void Studio::afterStage(const Verdict& verdict) {
    const int next = stageAfter(m_stage, static_cast<int>(m_stages.size()), verdict.action, verdict.goalReached);
    if (next >= static_cast<int>(m_stages.size())) {
        m_settingsStore.remove(keyOfWay(whole().id, m_method, m_innerMethod));
        backToWhole();
        say(tr("Every part is clean: back to the whole."));
    } else if (next != m_stage) {
        goToStage(next);
    } else if (m_stage == 0 && verdict.action == Action::Back) {
        if (const auto other = methodAfter(whole(), m_method))
            say(tr("It stalls at the first part. Another way: %1.").arg(inWords(spokenName(*other))));
    }
}

// ---- minutes

void Studio::restartTimer() {
    constexpr int kMsPerMinute = 60'000;
    if (m_settings.minutes > 0)
        m_practiceTimer.start(static_cast<int>(m_settings.minutes * kMsPerMinute / m_options.simulatedSpeed));
}

/// A part of a method gives way to the next one; an exercise is only said to have had its time.
void Studio::endOfTime() {
    m_timeIsUp = false;
    const QString minutes = counted(m_settings.minutes, tr("1 minute"), tr("%1 minutes"));
    const bool more = !m_stages.empty() && m_stage + 1 < static_cast<int>(m_stages.size());
    say(more ? tr("%1 on this part: on to the next.").arg(minutes)
             : tr("%1 on this exercise: enough for now, take a break or go on to another.").arg(minutes));
    if (more)
        goToStage(m_stage + 1);
    else
        setHandsFree(false);
}

}  // namespace upbeat
