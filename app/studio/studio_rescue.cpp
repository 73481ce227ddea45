// Recordings that an earlier run left behind.
#include <algorithm>

#include "studio/click_presets.h"
#include "studio/studio.h"
#include "theme/words.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/hear_file.h"

namespace upbeat {

void Studio::recoverInterrupted() {
    for (const std::string& name : m_interrupted)
        m_worker.run(
            [name, archive = m_archive, kit = m_kit] {
                return archive.rescue(
                    name, [&kit](TakeRecord& take, const CoachPlan& plan) { return measureFresh(take, plan, kit); });
            },
            [this, name](const Result<Rescued>& outcome) { rescued(name, outcome); });
}

void Studio::rescued(const std::string& name, const Result<Rescued>& outcome) {
    if (!outcome) return complain(outcome.error());
    std::erase(m_interrupted, name);
    switch (outcome->kind) {
        case Rescued::Kind::Kept:
            m_log.tellChanged();
            if (m_interrupted.empty()) openTake(outcome->id);
            return say(tr("The interrupted take was saved."));
        case Rescued::Kind::TooShort:
            return say(tr("Less than a bar was played in the interrupted take: nothing was kept."));
        case Rescued::Kind::Lesson:
            return say(tr("The lesson was interrupted: teach the kit once more."));
    }
}

void Studio::readLogAgain() {
    if (m_stages.empty() && !isRecording()) {
        readLadder();
        Q_EMIT ladderChanged();
    }
    m_log.tellChanged();
}

void Studio::rebuildLog(const QString& damaged) {
    for (const std::string& name : std::exchange(m_interrupted, {}))
        m_worker.run(
            [name, archive = m_archive] {
                return archive.rescue(
                    name, [](TakeRecord& take, const CoachPlan& plan) { return measureFresh(take, plan, {}); });
            },
            [this](const Result<Rescued>& outcome) {
                if (!outcome) complain(outcome.error());
            });
    m_worker.run(
        [archive = m_archive] { return archive.rebuildLadders(); },
        [this, damaged](const Result<void>& done) {
            if (!done) return complain(done.error());
            readLogAgain();
            say(tr("%1 from the recordings. The damaged logbook is kept as %2.")
                    .arg(counted(m_log.total().takes, tr("One take was read again"), tr("%1 takes were read again")),
                         damaged));
        });
}

void Studio::discardInterrupted() {
    for (const std::string& name : std::exchange(m_interrupted, {})) discardRecording(name);
}

}  // namespace upbeat
