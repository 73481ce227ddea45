#include "studio/studio.h"

#include <QCoreApplication>

#include "theme/words.h"
#include "upbeat/words/season_words.h"

namespace upbeat {

Result<std::unique_ptr<Studio>> Studio::open(StudioOptions options) {
    auto folder = DataFolder::open(options.dataFolder);
    if (!folder) return tl::unexpected(folder.error());
    auto logbook =
        Logbook::open(folder->logbook(), folder->mayWrite() ? LogbookAccess::Writing : LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    // A first look: what is damaged is said now and not in the middle of practice.
    if (const auto takes = TakeRepository(**logbook).total(); !takes) return tl::unexpected(takes.error());
    std::unique_ptr<Studio> studio(new Studio(std::move(options), *std::move(folder), std::move(*logbook)));
    studio->m_watch.open();
    studio->m_keeper.findInterrupted();
    return studio;
}

Studio::Studio(StudioOptions options, DataFolder folder, std::unique_ptr<Logbook> logbook)
    : m_folder(std::move(folder)),
      m_logbook(std::move(logbook)),
      m_archive(m_folder),
      m_setup(options.settingsFile),
      m_limits({m_setup, m_folder, m_worker, m_notices}),
      m_input(options.makeStream ? options.makeStream : realStreams(options.simulatedSpeed)),
      m_run(m_input),
      m_watch({m_input, m_run, m_setup, m_notices}),
      m_inputs(options.findInputs ? options.findInputs : findInputs),
      m_log(*m_logbook, m_notices),
      m_logCare({*m_logbook, m_folder, m_setup, m_notices}),
      m_backups({m_folder, options.settingsFile, m_notices}),
      m_playback({m_input, m_watch, m_run, m_worker, m_notices, m_setup}),
      m_speaker(m_worker),
      m_shelf({m_folder, m_worker, m_notices}, options.guests),
      m_stand({m_shelf, *m_logbook, m_folder, m_run, m_notices}),
      m_manuscript({m_shelf, m_stand, m_folder, m_notices}),
      m_lessons({m_folder, m_archive.store(), m_input, m_stand, m_worker, m_notices}),
      m_recorder({m_input, m_watch, m_calibrations, m_padKits, m_run, m_setup, m_limits, m_stand, m_playback, m_speaker,
                  m_folder, m_archive.store(), m_worker, m_notices},
                 std::move(options.characterOf), options.simulatedCounts),
      m_review({m_folder, m_archive, m_stand, m_lessons, m_limits, m_worker, m_notices}),
      m_outside({m_stand, m_review, m_playback, m_worker, m_notices}),
      m_takingApart({m_stand, m_setup, m_review, m_notices}),
      m_nextSteps({m_review, m_stand, m_takingApart, m_setup, m_notices}),
      m_clock({m_setup, m_recorder, m_takingApart, m_stand, m_notices}, options.simulatedSpeed),
      m_verdictVoice({m_setup, m_stand, m_recorder, m_input, m_speaker}),
      m_handsFree({m_setup, m_recorder, m_playback, m_verdictVoice, m_input, m_watch, m_nextSteps, m_clock, m_notices},
                  options.simulatedSpeed),
      m_sets({*m_logbook, m_folder, m_shelf, m_log, m_notices}),
      m_footSwitch(m_setup, m_input),
      m_routine({m_shelf, m_log, m_stand, m_takingApart, m_setup, m_recorder, m_handsFree, m_clock, m_notices},
                options.simulatedSpeed),
      m_soundCheck({m_input, m_inputs, m_run, m_setup, m_calibrations, m_padKits, m_worker},
                   options.makeStream ? options.makeStream : realStreams(options.simulatedSpeed)),
      m_keeper({m_folder, m_archive, m_lessons, m_log, m_worker, m_notices}) {
    connectOwners();
    tellOfAccess();
}

void Studio::tellOfAccess() {
    if (m_folder.access() == DataFolder::Access::TakenByAnother)
        m_notices.complain(Notices::tr(
            "Another Upbeat Check has this folder open. Everything can be looked at here; to record, close the "
            "other one and start again."));
    if (m_folder.access() == DataFolder::Access::ReadOnly)
        m_notices.complain(
            Notices::tr("The folder %1 cannot be written. Everything can be looked at here, but nothing is kept.")
                .arg(QString::fromStdString(m_folder.root().string())));
}

Studio::~Studio() {
    m_input.close();
}

/// The way of a take through the room.
void Studio::connectOwners() {
    QObject::connect(&m_recorder, &Recorder::lessonPlayed, &m_lessons, &Lessons::learn);
    QObject::connect(&m_recorder, &Recorder::longPlayed, &m_keeper, &TakeKeeper::split);
    QObject::connect(&m_recorder, &Recorder::takePlayed, &m_keeper, &TakeKeeper::measure);
    QObject::connect(&m_keeper, &TakeKeeper::measured, &m_review, &Review::show);
    QObject::connect(&m_keeper, &TakeKeeper::kept, &m_handsFree,
                     [this](const TakePtr& take, qint64 id, const NextStepPtr& step) {
                         m_review.nameKept(take, id);
                         m_handsFree.goOn(take, step);
                         m_routine.takeKept(step->verdict);
                         if (step->verdict.goalReached && !step->verdict.stage && !m_routine.isOn())
                             m_handsFree.atTheGoal(step->verdict.tempoBpm);
                     });
    QObject::connect(&m_footSwitch, &FootSwitch::pressed, &m_handsFree, &HandsFree::press);
    QObject::connect(&m_handsFree, &HandsFree::breakBegins, &m_notices, [this] {
        m_notices.say(
            Notices::tr("Twenty minutes without a break: put the sticks down for a moment, move, drink. It goes "
                        "on by itself."));
    });
    QObject::connect(&m_handsFree, &HandsFree::tires, &m_notices, [this](const Tiring& tiring) {
        m_notices.say(Notices::tr("%1 It says nothing of why; a break does no harm. It goes on by itself.")
                          .arg(inWords(words::sentenceOf(tiring))));
    });
    QObject::connect(&m_keeper, &TakeKeeper::failed, &m_handsFree, [this] { m_handsFree.set(false); });
    QObject::connect(&m_keeper, &TakeKeeper::recovered, &m_review, &Review::open);
    QObject::connect(&m_keeper, &TakeKeeper::rebuilt, &m_stand, [this] { readLogAgain(); });
    QObject::connect(&m_letters, &Letters::entered, &m_review, [this](qint64 take) {
        readLogAgain();
        m_review.open(take);
    });
    QObject::connect(&m_logCare, &LogCare::changed, &m_stand, [this] { readLogAgain(); });
    QObject::connect(&m_backups, &Backups::broughtIn, &m_stand, [this] { readLogAgain(); });
}

void Studio::readLogAgain() {
    if (!m_takingApart.isOn() && !m_stand.isFixed()) m_stand.readLadderAgain();
    m_log.tellChanged();
}

void Studio::settle() {
    m_manuscript.keep();
    while (!m_recorder.isIdle() || m_worker.isBusy() || m_backups.isBusy() || m_logCare.isBusy()) {
        m_recorder.stop();
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    }
}

}  // namespace upbeat
