#include "studio/review.h"

#include <algorithm>

#include "studio/open_take.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/hear_file.h"

namespace upbeat {

namespace {

/// A recording from outside, and where its page begins.
struct OutsideTake {
    QString file;
    Exercise exercise;
    OutsideStart start;
};

Result<TakePtr> hearOutside(const OutsideTake& outside, const CoachPlan& coach, const TaughtKit& kit) {
    const OutsideStart& start = outside.start;
    const ClickPlan click = clickFor(outside.exercise, Bpm(start.tempoBpm));
    auto heard = hearFile(outside.file.toStdString(), click, start.firstBeatS);
    if (!heard) return tl::unexpected(heard.error());
    std::erase_if(heard->take.hits, [&start](const Hit& hit) { return hit.timeS > start.endS; });
    auto view = std::make_shared<TakeView>();
    TakeRecord& take = view->stored;
    take.exercise = outside.exercise;
    take.click = click;
    take.startedAt = stampOf(QDateTime::currentDateTime());
    take.hits = std::move(heard->take.hits);
    take.trace = std::move(heard->take.trace);
    take.durationS = heard->info.durationS;
    if (heard->info.sampleRate > 0) {
        take.sampleRate = heard->info.sampleRate;
        view->soundFile = outside.file;
    }
    const int bars = barsPlayed(outside.exercise, start.tempoBpm, start.firstBeatS, take.hits);
    if (bars < 1)
        return fail("nothing is heard after the first beat", outside.file.toStdString(),
                    "check the time of the first beat");
    take.frame = {start.tempoBpm, start.firstBeatS, bars, 0, start.clickHeard, {}, start.anchor};
    measureFresh(*view, coach, kit);
    if (const int played = barsPlayed(view->analysis.matched); played < bars) {
        take.frame.bars = played;
        measureFresh(*view, coach, kit);
    }
    return TakePtr(view);
}

NextStepPtr stepOf(const TakeView& take) {
    return std::make_shared<NextStep>(NextStep{take.stored.exercise.id, take.analysis.verdict});
}

}  // namespace

std::optional<Span> Review::troubleIn(const Exercise& exercise) const {
    if (!m_take || m_take->stored.exercise.strokes != exercise.strokes) return std::nullopt;
    const auto& findings = m_take->analysis.findings;
    const auto placed =
        std::find_if(findings.begin(), findings.end(), [](const Finding& f) { return f.stroke.has_value(); });
    if (placed == findings.end()) return std::nullopt;
    return beatAround(exercise, *placed->stroke);
}

void Review::show(const TakePtr& take, const NextStepPtr& step) {
    m_take = take;
    m_step = step;
    Q_EMIT opened();
}

void Review::nameKept(const TakePtr& take, qint64 id) {
    if (m_take != take) return;
    auto kept = std::make_shared<TakeView>(*take);
    kept->id = id;
    m_take = kept;
}

void Review::open(qint64 id) {
    if (m_with.stand.isFixed()) return;
    m_with.worker.run([id, archive = m_with.archive, folder = m_with.folder] { return openTake(archive, folder, id); },
                      [this](const Result<OpenedTake>& opened) {
                          if (!opened) return m_with.notices.complain(opened.error());
                          if (m_with.stand.isFixed()) return;  // the player has gone on meanwhile
                          m_with.stand.choose(opened->take->stored.exercise.id);
                          // What an older take asked for has long been followed, or something newer has been said.
                          show(opened->take, opened->isNewest ? stepOf(*opened->take) : nullptr);
                      });
}

void Review::judgeAgain() {
    if (!m_take || m_take->id == 0 || m_with.stand.isFixed())
        return m_with.notices.say(tr("Only a take of the log can be judged again."));
    m_with.worker.run(
        [id = m_take->id, archive = m_with.archive, folder = m_with.folder,
         today = m_with.limits.profileFor(m_take->stored.exercise)] { return openTake(archive, folder, id, today); },
        [this](const Result<OpenedTake>& again) {
            if (!again) return m_with.notices.complain(again.error());
            show(again->take, nullptr);
            m_with.notices.say(tr("Judged by what is asked today; the log keeps the verdict of its day."));
        });
}

void Review::openRecording(const QString& file, const OutsideStart& start) {
    const Stand& stand = m_with.stand;
    const CoachPlan coach{m_with.limits.profileFor(stand.exercise()), stand.ladder().ladder, stand.history()};
    m_with.worker.run([outside = OutsideTake{file, stand.exercise(), start}, coach,
                       kit = m_with.lessons.kit()] { return hearOutside(outside, coach, kit); },
                      [this](const Result<TakePtr>& take) {
                          if (!take) return m_with.notices.complain(take.error());
                          show(*take, stepOf(**take));
                      });
}

}  // namespace upbeat
