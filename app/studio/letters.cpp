#include "studio/letters.h"

#include "theme/words.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/remark_repository.h"
#include "upbeat/report/answer.h"

namespace upbeat {

namespace {

/// What came of an answer.
struct Entered {
    qint64 take = 0;
    int remarks = 0;
    int unknown = 0;  ///< Takes that are not in this log.
    std::optional<double> tempoBpm{};
    std::string from;
};

/// The rung that is asked for is stood on from here on.
Result<void> standAt(const Logbook& logbook, qint64 take, double tempoBpm) {
    const auto found = TakeRepository(logbook).find(take);
    if (!found) return tl::unexpected(found.error());
    LadderRepository ladders(logbook);
    const auto known = ladders.find(found->exercise.id);
    if (!known) return tl::unexpected(known.error());
    LadderState state = known->value_or(LadderState{ladderOf(found->exercise), tempoBpm});
    state.tempoBpm = tempoBpm;
    return ladders.save(found->exercise.id, state);
}

Result<Entered> enter(const std::filesystem::path& file, const DataFolder& folder) {
    const auto text = readFile(file);
    if (!text) return tl::unexpected(text.error());
    const auto answers = answersFromJson(*text, file.string());
    if (!answers) return tl::unexpected(answers.error());
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Durable);
    if (!logbook) return tl::unexpected(logbook.error());
    Entered entered;
    for (const Answer& answer : *answers) {
        const auto take = RemarkRepository(**logbook).add(answer);
        if (!take) return tl::unexpected(take.error());
        if (*take == 0) {
            ++entered.unknown;
            continue;
        }
        entered.take = *take;
        entered.remarks += static_cast<int>(answer.remarks.size());
        if (!answer.remarks.empty()) entered.from = answer.remarks.front().from;
        if (!answer.tempoBpm) continue;
        if (auto stood = standAt(**logbook, *take, *answer.tempoBpm); !stood) return tl::unexpected(stood.error());
        entered.tempoBpm = answer.tempoBpm;
    }
    return entered;
}

}  // namespace

void Letters::save(const TakePtr& take, const ReportWish& wish, const QString& file) {
    write(
        [take, withSound = wish.withSound]() -> Result<std::vector<ReportedTake>> {
            ReportedTake one{take->stored, take->analysis, {}};
            if (withSound && !take->soundFile.isEmpty()) {
                auto sound = readSound(take->soundFile.toStdString());
                if (!sound) return tl::unexpected(sound.error());
                one.sound = *std::move(sound);
            }
            return std::vector{std::move(one)};
        },
        wish, file);
}

void Letters::save(const LogWish& takes, const std::vector<long long>& ids, const ReportWish& wish,
                   const QString& file) {
    write([takes, ids, withSound = wish.withSound,
           folder = m_with.folder] { return takesToReport(folder, takes, ids, withSound); },
          wish, file);
}

void Letters::write(Gather gather, const ReportWish& wish, const QString& file) {
    m_with.worker.run(
        [gather = std::move(gather), wish, file = file.toStdString()]() -> Result<void> {
            const auto takes = gather();
            if (!takes) return tl::unexpected(takes.error());
            const auto page = htmlReport(*takes, wish);
            if (!page) return tl::unexpected(page.error());
            return writeFileAtomically(file, *page);
        },
        [this, file](const Result<void>& done) {
            if (!done) return m_with.notices.complain(done.error());
            tellOf(file, true);
        });
}

void Letters::gather(const LogWish& takes, const std::vector<long long>& ids,
                     std::function<void(std::vector<ReportedTake>)> then) {
    m_with.worker.run([takes, ids, folder = m_with.folder] { return takesToReport(folder, takes, ids, false); },
                      [this, then = std::move(then)](Result<std::vector<ReportedTake>> found) {
                          if (!found) return m_with.notices.complain(found.error());
                          then(*std::move(found));
                      });
}

void Letters::tellOf(const QString& file, bool isWritten) {
    if (!isWritten) return m_with.notices.complain(tr("The report cannot be written to %1.").arg(file));
    m_with.notices.say(tr("The report is in %1. Nothing was sent.").arg(file));
    Q_EMIT saved(file);
}

void Letters::read(const QString& file) {
    if (!m_with.folder.mayWrite()) return m_with.notices.complain(tr("Nothing can be kept in this folder."));
    m_with.worker.run(
        [file = file.toStdString(), folder = m_with.folder] { return enter(file, folder); },
        [this](const Result<Entered>& entered) {
            if (!entered) return m_with.notices.complain(entered.error());
            if (entered->take == 0)
                return m_with.notices.complain(tr("The answer is about a take that is not in this log."));
            const QString from = entered->from.empty() ? tr("Somebody") : QString::fromStdString(entered->from);
            QString said = counted(entered->remarks, UPBEAT_TEXT("1 remark"), UPBEAT_TEXT_N("%n remarks"));
            said = tr("%1 answers: %2.").arg(from, said);
            if (entered->tempoBpm) said += tr(" Next at %1.").arg(tempoInWords(*entered->tempoBpm));
            m_with.notices.say(said);
            Q_EMIT this->entered(entered->take);
        });
}

}  // namespace upbeat
