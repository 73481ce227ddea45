#include "studio/take_keeper.h"

#include <algorithm>
#include <utility>

#include "theme/words.h"

namespace upbeat {

void TakeKeeper::measure(const PlayedTake& played) {
    auto view = std::make_shared<TakeView>();
    view->soundFile = QString::fromStdString(m_with.archive.store().file(played.name).string());
    view->stored = played.take;
    m_with.worker.run(
        [view, file = m_with.folder.logbook(), kit = m_with.lessons.kit()]() -> Result<TakePtr> {
            const auto logbook = Logbook::open(file);
            if (!logbook) return tl::unexpected(logbook.error());
            const auto coach = coachPlanOf(**logbook, view->stored);
            if (!coach) return tl::unexpected(coach.error());
            measureFresh(*view, *coach, kit);
            return TakePtr(view);
        },
        [this](const Result<TakePtr>& take) {
            if (!take) return m_with.notices.complain(take.error());  // it is offered at the next start
            const auto step =
                std::make_shared<NextStep>(NextStep{(*take)->stored.exercise.id, (*take)->analysis.verdict});
            Q_EMIT measured(*take, step);
            keep(*take, step);
        });
}

void TakeKeeper::split(const PlayedTake& played) {
    m_with.notices.say(tr("Looking for what was played …"));
    m_with.worker.run(
        [played, kit = m_with.lessons.kit(), archive = m_with.archive] {
            return archive.split(played.name, played.take, [&kit](TakeRecord& take, const CoachPlan& plan) {
                return measureFresh(take, plan, kit);
            });
        },
        [this](const Result<std::vector<qint64>>& ids) {
            if (!ids) return m_with.notices.complain(ids.error());  // it is offered at the next start
            tellOfParts(static_cast<int>(ids->size()), ids->empty() ? 0 : ids->back());
        });
}

void TakeKeeper::tellOfParts(int takes, qint64 lastId) {
    if (takes == 0) return m_with.notices.say(tr("No pass of the page was played: nothing was kept."));
    m_with.log.tellChanged();
    Q_EMIT recovered(lastId);
    m_with.notices.say(
        counted(takes, UPBEAT_TEXT("One take was found in it."), UPBEAT_TEXT_N("%n takes were found in it.")));
}

void TakeKeeper::keep(const TakePtr& take, const NextStepPtr& step) {
    m_with.worker.run([take, archive = m_with.archive] { return archive.keep(take->stored, take->analysis); },
                      [this, take, step](const Result<qint64>& id) {
                          if (!id) {
                              Q_EMIT failed();
                              return m_with.notices.complain(id.error());
                          }
                          m_with.log.tellChanged();
                          Q_EMIT kept(take, *id, step);
                      });
}

void TakeKeeper::findInterrupted() {
    if (auto left = m_with.archive.unfinished())
        m_interrupted = *std::move(left);
    else
        m_with.notices.complain(left.error());
}

template <class Done>
void TakeKeeper::rescue(const std::string& name, const TaughtKit& kit, Done done) {
    m_with.worker.run(
        [name, kit, archive = m_with.archive] {
            return archive.rescue(
                name, [&kit](TakeRecord& take, const CoachPlan& plan) { return measureFresh(take, plan, kit); });
        },
        std::move(done));
}

void TakeKeeper::recoverInterrupted() {
    for (const std::string& name : m_interrupted)
        rescue(name, m_with.lessons.kit(), [this, name](const Result<Rescued>& outcome) { tellOf(name, outcome); });
}

void TakeKeeper::tellOf(const std::string& name, const Result<Rescued>& outcome) {
    if (!outcome) return m_with.notices.complain(outcome.error());
    std::erase(m_interrupted, name);
    switch (outcome->kind) {
        case Rescued::Kind::Kept:
            m_with.log.tellChanged();
            if (m_interrupted.empty()) Q_EMIT recovered(outcome->id);
            return m_with.notices.say(tr("The interrupted take was saved."));
        case Rescued::Kind::Split:
            return tellOfParts(outcome->takes, outcome->id);
        case Rescued::Kind::TooShort:
            return m_with.notices.say(tr("Less than a bar was played in the interrupted take: nothing was kept."));
        case Rescued::Kind::Lesson:
            return m_with.notices.say(tr("The lesson was interrupted: teach the kit once more."));
    }
}

void TakeKeeper::discardInterrupted() {
    m_with.worker.run(
        [names = std::exchange(m_interrupted, {}), store = m_with.archive.store()] {
            for (const std::string& name : names) store.discard(name);
            return true;
        },
        [](bool) {});
}

void TakeKeeper::rebuildLog(const QString& damaged) {
    for (const std::string& name : std::exchange(m_interrupted, {}))
        rescue(name, {}, [this](const Result<Rescued>& outcome) {
            if (!outcome) m_with.notices.complain(outcome.error());
        });
    m_with.worker.run(
        [archive = m_with.archive] { return archive.rebuildLadders(); },
        [this, damaged](const Result<void>& done) {
            if (!done) return m_with.notices.complain(done.error());
            Q_EMIT rebuilt();
            m_with.notices.say(tr("%1 from the recordings. The damaged logbook is kept as %2.")
                                   .arg(counted(m_with.log.total().takes, UPBEAT_TEXT("One take was read again"),
                                                UPBEAT_TEXT_N("%n takes were read again")),
                                        damaged));
        });
}

}  // namespace upbeat
