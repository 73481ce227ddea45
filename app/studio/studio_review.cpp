// The take that is looked at, and its next step.
#include <algorithm>

#include "studio/click_presets.h"
#include "studio/studio.h"
#include "theme/words.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/hear_file.h"

namespace upbeat {

void Studio::showTake(TakePtr take, NextStepPtr step) {
    m_take = std::move(take);
    m_nextStep = std::move(step);
    Q_EMIT takeOpened();
    Q_EMIT nextStepChanged();
}

namespace {

/// A take of the log with the verdict of its day.
struct OpenedTake {
    TakePtr take;
    bool isNewest = false;  ///< Of its exercise.
};

Result<OpenedTake> openFrom(const TakeArchive& archive, const DataFolder& folder, qint64 id) {
    auto found = archive.find(id);
    if (!found) return tl::unexpected(found.error());
    auto view = std::make_shared<TakeView>();
    TakeRecord& take = found->take;
    view->id = id;
    view->analysis = analyzeTake(take.exercise, take.frame, {take.hits, take.trace}, found->plan);
    if (!take.file.empty()) view->soundFile = QString::fromStdString((folder.takes() / take.file).string());
    view->stored = std::move(take);
    return OpenedTake{view, found->isNewest};
}

}  // namespace

void Studio::openTake(qint64 id) {
    if (isRecording()) return;
    m_worker.run([id, archive = m_archive, folder = m_folder] { return openFrom(archive, folder, id); },
                 [this](const Result<OpenedTake>& opened) {
                     if (!opened) return complain(opened.error());
                     if (isRecording()) return;  // the player has gone on meanwhile
                     const TakePtr& take = opened->take;
                     const std::string& exercise = take->stored.exercise.id;
                     if (exercise != m_exercise.id) chooseExercise(exercise);
                     // What an older take asked for has long been followed, or something newer has been said.
                     const auto step = std::make_shared<NextStep>(NextStep{exercise, take->analysis.verdict});
                     showTake(take, opened->isNewest ? step : nullptr);
                 });
}

void Studio::openRecording(const QString& file, double tempoBpm, double firstBeatS) {
    m_worker.run(
        [file, tempoBpm, firstBeatS, exercise = m_exercise, coach = coachPlan(), kit = m_kit]() -> Result<TakePtr> {
            const ClickPlan click = clickFor(exercise, Bpm(tempoBpm));
            auto heard = hearFile(file.toStdString(), click, firstBeatS);
            if (!heard) return tl::unexpected(heard.error());
            auto view = std::make_shared<TakeView>();
            TakeRecord& take = view->stored;
            take.exercise = exercise;
            take.click = click;
            take.startedAt = stampOf(QDateTime::currentDateTime());
            take.hits = std::move(heard->take.hits);
            take.trace = std::move(heard->take.trace);
            take.durationS = heard->info.durationS;
            if (heard->info.sampleRate > 0) {
                take.sampleRate = heard->info.sampleRate;
                view->soundFile = file;
            }
            const int bars = barsPlayed(exercise, tempoBpm, firstBeatS, take.hits);
            if (bars < 1)
                return fail("nothing is heard after the first beat", file.toStdString(),
                            "check the time of the first beat");
            take.frame = {tempoBpm, firstBeatS, bars, 0, false, {}};
            measureFresh(*view, coach, kit);
            return TakePtr(view);
        },
        [this](const Result<TakePtr>& take) {
            if (!take) return complain(take.error());
            showTake(*take,
                     std::make_shared<NextStep>(NextStep{(*take)->stored.exercise.id, (*take)->analysis.verdict}));
        });
}

// ---- the next step

const NextStep* Studio::nextStep() const {
    const bool canBe = m_nextStep && !m_nextStep->taken && m_nextStep->exerciseId == m_exercise.id && !isRecording();
    return canBe ? m_nextStep.get() : nullptr;
}

void Studio::acceptNextStep() {
    if (nextStep() != nullptr)
        follow(m_nextStep);
    else if (m_take)
        say(tr(
            "There is no step to take from here: it has been taken, or belongs to another exercise or an older take."));
}

/// Once, and only on the exercise it was given for: a timer, a key or hands-free practice may have gone on meanwhile.
void Studio::follow(const NextStepPtr& step) {
    if (step->taken || step->exerciseId != m_exercise.id) return;
    step->taken = true;
    const Verdict& verdict = step->verdict;
    if (!m_stages.empty())
        afterStage(verdict);
    else if (verdict.action == Action::Isolate && verdict.span && !isDrill())
        isolate(*verdict.span);
    else if (isDrill() && verdict.action == Action::Up)
        backToWhole();
    else
        setTempo(verdict.nextTempoBpm);
    Q_EMIT nextStepChanged();
}

// ---- hearing the page

void Studio::hear(const Listening& wish) {
    m_playback.hear(m_exercise, clickPlanOf(m_settings, m_ladder.tempoBpm, m_exercise), wish);
}

}  // namespace upbeat
