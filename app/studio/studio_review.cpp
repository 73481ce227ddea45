// The take that is looked at, listening, and takes an earlier run left behind.
#include <algorithm>

#include "studio/background.h"
#include "studio/studio.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/formats/midi_take.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/click_marks.h"

namespace upbeat {

void Studio::showTake(TakePtr take) {
    m_take = std::move(take);
    Q_EMIT takeOpened();
}

void Studio::openTake(qint64 id) {
    if (isRecording()) return;
    auto stored = TakeRepository(*m_logbook).find(id);
    if (!stored) {
        Q_EMIT failed(sentenceOf(stored.error()));
        return;
    }
    if (stored->exercise.id != m_exercise.id) chooseExercise(stored->exercise.id);
    CoachPlan coach = coachPlan();
    // The verdict is the one of its day: only what came before it counts.
    const auto all = takes(stored->exercise.id);
    const auto own = std::find_if(all.begin(), all.end(), [id](const TakeSummary& t) { return t.id == id; });
    const auto later = static_cast<std::size_t>(std::distance(all.begin(), own)) + 1;
    coach.history.resize(coach.history.size() > later ? coach.history.size() - later : 0);
    coach.profile = stored->profile == "performance" ? performanceProfile() : practiceProfile();
    auto view = std::make_shared<TakeView>();
    view->id = id;
    view->analysis = analyzeTake(stored->exercise, stored->frame, {stored->hits, stored->trace}, coach);
    if (!stored->file.empty())
        view->soundFile = QString::fromStdString((m_logbook->takesFolder() / stored->file).string());
    view->stored = *std::move(stored);
    showTake(view);
}

namespace {

Result<void> playNotes(TakeView& view, const QString& file) {
    const auto notes = readMidi(file.toStdString());
    if (!notes) return tl::unexpected(notes.error());
    view.stored.hits = hitsOfMidi(*notes);
    if (!view.stored.hits.empty()) view.stored.durationS = view.stored.hits.back().timeS;
    return {};
}

Result<void> hearSound(TakeView& view, const QString& file, double tempoBpm, double firstBeatS) {
    const auto sound = readSound(file.toStdString());
    if (!sound) return tl::unexpected(sound.error());
    view.soundFile = file;
    const ClickPlan click = clickFor(view.stored.exercise, Bpm(tempoBpm));
    HeardTake heard = listenTo(sound->view(), sound->sampleRate, clickMarks(click, firstBeatS, sound->durationS()));
    view.stored.hits = std::move(heard.hits);
    view.stored.trace = std::move(heard.trace);
    view.stored.durationS = sound->durationS();
    view.stored.sampleRate = sound->sampleRate;
    return {};
}

}  // namespace

void Studio::openRecording(const QString& file, double tempoBpm, double firstBeatS) {
    runInBackground(
        m_pool, this,
        [file, tempoBpm, firstBeatS, exercise = m_exercise, coach = coachPlan(), kit = m_kit]() -> Result<TakePtr> {
            auto view = std::make_shared<TakeView>();
            view->stored.exercise = exercise;
            view->stored.startedAt = QDateTime::currentDateTime();
            const auto heard =
                isMidiName(file.toStdString()) ? playNotes(*view, file) : hearSound(*view, file, tempoBpm, firstBeatS);
            if (!heard) return tl::unexpected(heard.error());
            const int bars = barsPlayed(exercise, tempoBpm, firstBeatS, view->stored.hits);
            if (bars < 1)
                return fail("nothing is heard after the first beat", file.toStdString(),
                            "check the time of the first beat");
            view->stored.frame = {tempoBpm, firstBeatS, bars, 0, false, {}};
            measureFresh(*view, coach, kit);
            return TakePtr(view);
        },
        [this](Result<TakePtr> take) {
            if (take)
                showTake(*take);
            else
                Q_EMIT failed(sentenceOf(take.error()));
        });
}

void Studio::acceptNextStep() {
    if (!m_take) return;
    const Verdict& verdict = m_take->analysis.verdict;
    if (!m_stages.empty()) {
        afterStage(verdict);
        return;
    }
    if (verdict.action == Action::Isolate && verdict.span && !isDrill()) {
        isolate(*verdict.span);
        return;
    }
    if (isDrill() && verdict.action == Action::Up) {
        backToWhole();
        return;
    }
    setTempo(verdict.nextTempoBpm);
}

std::vector<TakeSummary> Studio::takes(const std::string& exerciseId) const {
    auto list = TakeRepository(*m_logbook).list(exerciseId);
    return list ? *std::move(list) : std::vector<TakeSummary>();
}

void Studio::setNote(qint64 id, const QString& note) {
    if (const auto done = TakeRepository(*m_logbook).setNote(id, note.toStdString()); !done)
        Q_EMIT failed(sentenceOf(done.error()));
    else
        Q_EMIT logChanged();
}

// ---- listening

void Studio::fetchSpan(double fromS, double toS) {
    if (!m_take || m_take->soundFile.isEmpty()) return;
    runInBackground(
        m_pool, this, [file = m_take->soundFile.toStdString(), fromS, toS] { return readSpan(file, fromS, toS); },
        [this, fromS](Result<Sound> sound) {
            if (sound) Q_EMIT spanFetched(std::make_shared<const Sound>(*std::move(sound)), std::max(0.0, fromS));
        });
}

void Studio::listen(const Listening& wish) {
    if (!m_take || isRecording()) return;
    if (m_take->soundFile.isEmpty() && !wish.ideal) {
        Q_EMIT said(tr("This take has no recording to hear."));
        return;
    }
    play(m_take, wish);
}

void Studio::play(const TakePtr& take, const Listening& wish) {
    runInBackground(
        m_pool, this, [take, wish] { return soundOf(*take, wish); },
        [this, wish](Result<Sound> sound) {
            if (!sound) {
                Q_EMIT failed(sentenceOf(sound.error()));
                return;
            }
            m_heard = wish;
            m_engine->play(std::make_shared<Sound>(*std::move(sound)), 1.0, wish.loop);
            m_ticker.start();
        });
}

void Studio::hear(Listening wish) {
    if (isRecording() || m_exercise.strokes.empty()) return;
    // The second of three passes: grace notes lead into it and out of it, so that it loops without a seam.
    constexpr int kPasses = 3;
    const double pass = passDurationS(m_exercise, Bpm(m_ladder.tempoBpm));
    auto view = std::make_shared<TakeView>();
    view->stored.exercise = m_exercise;
    view->stored.frame = {m_ladder.tempoBpm, 0, kPasses * m_exercise.bars, 0, false, {}};
    view->stored.sampleRate = m_stream->sampleRate();
    wish.fromS += pass;
    wish.toS += pass;
    wish.ideal = true;
    play(view, wish);
}

void Studio::stopPlaying() {
    m_engine->stopPlaying();
}

double Studio::playheadS() const {
    return isPlaying() ? std::max(0.0, m_heard.fromS) + m_heard.speed * m_engine->playedS() : -1.0;
}

// ---- interrupted takes

void Studio::recoverInterrupted() {
    for (const std::string& name : interrupted()) {
        runInBackground(
            m_pool, this,
            [name, store = m_store, coach = coachPlan(), kit = m_kit, file = m_logbook->file()]() -> Result<qint64> {
                auto recovered = store.recover(name);
                if (!recovered) return tl::unexpected(recovered.error());
                const TakeSidecar& sidecar = recovered->sidecar;
                TakeView view;
                StoredTake& stored = view.stored;
                stored.exercise = sidecar.exercise;
                stored.startedAt = QDateTime::fromString(QString::fromStdString(sidecar.startedAt), Qt::ISODate);
                stored.frame = {sidecar.click.tempo.value(),
                                sidecar.firstBeatS,
                                std::max(1, sidecar.bars),
                                sidecar.latencyS,
                                false,
                                sidecar.damaged};
                stored.hits = sidecar.hits;
                stored.trace = std::move(recovered->trace);
                stored.sampleRate = sidecar.sampleRate;
                stored.device = sidecar.device;
                stored.file = name + ".flac";
                stored.recovered = true;
                measureFresh(view, coach, kit);
                const auto logbook = Logbook::open(file);
                if (!logbook) return tl::unexpected(logbook.error());
                return TakeRepository(**logbook).add(stored, view.analysis);
            },
            [this](const Result<qint64>& id) {
                if (!id) {
                    Q_EMIT failed(sentenceOf(id.error()));
                    return;
                }
                Q_EMIT logChanged();
                openTake(*id);
                Q_EMIT said(tr("The interrupted take was saved."));
            });
    }
}

void Studio::discardInterrupted() {
    for (const std::string& name : interrupted()) m_store.discard(name);
}

}  // namespace upbeat
