#include "studio/backups.h"

#include "theme/words.h"
#include "upbeat/keeping/daily_backup.h"
#include "upbeat/keeping/merge.h"
#include "upbeat/keeping/restore.h"

namespace upbeat {

void Backups::makeDaily() {
    if (!m_with.folder.mayWrite()) return;
    m_worker.run([folder = m_with.folder, settings = m_with.settingsFile.toStdString(),
                  today = QDate::currentDate()] { return backUpDaily(folder, settings, today); },
                 [this](const Result<void>& done) {
                     if (!done) m_with.notices.complain(done.error());
                 });
}

void Backups::save(const QString& file) {
    m_with.notices.say(tr("The backup is being written."));
    m_worker.run(
        [folder = m_with.folder, wish = BackupWish{file.toStdString(), m_with.settingsFile.toStdString(), true, {}}] {
            return backUp(folder, wish);
        },
        [this, file](const Result<BackupFacts>& made) {
            if (!made) return m_with.notices.complain(made.error());
            m_with.notices.say(tr("%1 with their recordings are in %2.")
                                   .arg(counted(made->takes, UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes")), file));
        });
}

void Backups::bringIn(const QString& file) {
    if (!m_with.folder.mayWrite()) return m_with.notices.complain(tr("Nothing can be kept in this folder."));
    m_worker.run(
        [folder = m_with.folder, file = file.toStdString()] { return merge(file, folder); },
        [this](const Result<Merged>& merged) {
            if (!merged) return m_with.notices.complain(merged.error());
            m_with.notices.say(tr("%1 came from the backup, %2 were here already.")
                                   .arg(counted(merged->takes, UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes")))
                                   .arg(merged->known));
            Q_EMIT broughtIn();
        });
}

void Backups::putBackNewest(const std::filesystem::path& root) {
    const auto folder = DataFolder::open(root);
    if (!folder || !folder->mayWrite()) return;
    const auto newest = newestDaily(*folder);
    if (!newest.empty()) (void)restoreLogbook(newest, *folder);  // else all of it comes from the recordings
}

}  // namespace upbeat
