#include "studio/log_care.h"

#include <QDateTime>

#include "theme/words.h"
#include "upbeat/keeping/export_takes.h"

namespace upbeat {

namespace {

std::vector<std::string> tagsIn(const QString& text) {
    std::vector<std::string> tags;
    QString plain = text.toLower();
    plain.replace(QLatin1Char('#'), QLatin1Char(' ')).replace(QLatin1Char(','), QLatin1Char(' '));
    constexpr qsizetype kLongest = 40;
    for (const QString& tag : plain.split(QLatin1Char(' '), Qt::SkipEmptyParts))
        tags.push_back(tag.left(kLongest).toStdString());
    return tags;
}

QString takes(std::size_t count) {
    return counted(static_cast<int>(count), UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes"));
}

/// Throws away what was removed before a moment.
Result<int> emptied(const DataFolder& folder, const QDateTime& before) {
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Durable);
    if (!logbook) return tl::unexpected(logbook.error());
    return Trash(**logbook).empty(folder, before);
}

Result<std::vector<MonthOfSound>> monthsIn(const DataFolder& folder) {
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    return Sounds(**logbook).months(folder);
}

/// What may go by itself: old trash, and recordings the rule has no use for.
Result<void> tidyNow(const DataFolder& folder, int soundMonths, const QDateTime& now) {
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Durable);
    if (!logbook) return tl::unexpected(logbook.error());
    if (const auto gone = Trash(**logbook).empty(folder, now.addDays(-Trash::kDays)); !gone)
        return tl::unexpected(gone.error());
    if (soundMonths == 0) return {};
    const auto spare = Sounds(**logbook).spare(now.date().addMonths(-soundMonths));
    if (!spare) return tl::unexpected(spare.error());
    return Sounds(**logbook).letGo(folder, *spare, now);
}

}  // namespace

bool LogCare::mayChange() {
    if (m_with.folder.mayWrite()) return true;
    m_with.notices.say(tr("This folder is only open for reading: nothing can be kept in it."));
    return false;
}

bool LogCare::done(const Result<void>& result) {
    if (!result) m_with.notices.complain(result.error());
    if (result) Q_EMIT changed();
    return result.has_value();
}

void LogCare::tidy() {
    if (!m_with.folder.mayWrite()) return;
    m_worker.run([folder = m_with.folder, months = m_with.setup.settings().soundMonths,
                  now = QDateTime::currentDateTime()] { return tidyNow(folder, months, now); },
                 [this](const Result<void>& tidied) {
                     if (!tidied) m_with.notices.complain(tidied.error());
                 });
}

void LogCare::remove(const std::vector<qint64>& ids) {
    if (ids.empty() || !mayChange()) return;
    if (!done(Trash(m_with.logbook).put(ids, QDateTime::currentDateTime()))) return;
    m_back.push_back([this, ids] { return Trash(m_with.logbook).takeBack(ids); });
    m_with.notices.say(
        tr("%1 in the trash for thirty days; Ctrl+Z brings back what was removed.").arg(takes(ids.size())));
}

void LogCare::putBack(const std::vector<qint64>& ids) {
    if (ids.empty() || !mayChange()) return;
    if (!done(Trash(m_with.logbook).takeBack(ids))) return;
    m_back.push_back([this, ids] { return Trash(m_with.logbook).put(ids, QDateTime::currentDateTime()); });
}

// `before` by value: who asks keeps it beside what follows the log, and that moves while this is written.
void LogCare::setNote(qint64 take, const QString& note, QString before) {
    if (note == before || !mayChange()) return;
    const auto write = [this, take](const QString& text) {
        return TakeRepository(m_with.logbook).setNote(take, text.toStdString());
    };
    if (done(write(note))) m_back.push_back([write, before = std::move(before)] { return write(before); });
}

void LogCare::setTags(const std::vector<qint64>& ids, const QString& text) {
    if (ids.empty() || !mayChange()) return;
    std::vector<std::vector<std::string>> before;
    for (const qint64 id : ids) {
        const auto tags = TakeRepository(m_with.logbook).tagsOf(id);
        if (!tags) return m_with.notices.complain(tags.error());
        before.push_back(*tags);
    }
    const std::vector after(ids.size(), tagsIn(text));
    if (done(TakeRepository(m_with.logbook).setTags(ids, after)))
        m_back.push_back([this, ids, before] { return TakeRepository(m_with.logbook).setTags(ids, before); });
}

void LogCare::undo() {
    if (m_back.empty()) return m_with.notices.say(tr("There is nothing to take back."));
    const auto taken = m_back.back()();
    if (taken) m_back.pop_back();
    if (done(taken)) m_with.notices.say(tr("Taken back."));
}

int LogCare::inTrash() const {
    return Trash(m_with.logbook).count().value_or(0);
}

void LogCare::emptyTrash() {
    if (!mayChange()) return;
    m_worker.run([folder = m_with.folder, now = QDateTime::currentDateTime()] { return emptied(folder, now); },
                 [this](const Result<int>& gone) {
                     if (!gone) return m_with.notices.complain(gone.error());
                     m_back.clear();  // what it would bring back may be gone
                     m_with.notices.say(tr("%1 thrown away.").arg(takes(static_cast<std::size_t>(*gone))));
                     Q_EMIT changed();
                 });
}

void LogCare::readMonths(const std::function<void(const std::vector<MonthOfSound>&)>& read) {
    m_worker.run([folder = m_with.folder] { return monthsIn(folder); },
                 [this, read](const Result<std::vector<MonthOfSound>>& months) {
                     if (!months) return m_with.notices.complain(months.error());
                     read(*months);
                 });
}

int LogCare::spareAfter(int months) const {
    if (months == 0) return 0;
    const auto spare = Sounds(m_with.logbook).spare(QDate::currentDate().addMonths(-months));
    return spare ? static_cast<int>(spare->size()) : 0;
}

void LogCare::keepSoundFor(int months) {
    PracticeSettings settings = m_with.setup.settings();
    settings.soundMonths = months;
    m_with.setup.change(settings);
    tidy();
}

void LogCare::exportTakes(const std::vector<qint64>& ids, const QString& folder) {
    if (ids.empty()) return;
    m_worker.run([from = m_with.folder, ids, to = folder.toStdString()] { return upbeat::exportTakes(from, ids, to); },
                 [this, folder](const Result<ExportedTakes>& written) {
                     if (!written) return m_with.notices.complain(written.error());
                     m_with.notices.say(tr("%1 in %2: sound, hits, MIDI, page and figures.")
                                            .arg(takes(static_cast<std::size_t>(written->takes)), folder));
                 });
}

}  // namespace upbeat
