#include "upbeat/keeping/daily_backup.h"

#include <QRegularExpression>
#include <algorithm>
#include <set>
#include <system_error>

namespace upbeat {

namespace fs = std::filesystem;

namespace {

fs::path dailyFolder(const DataFolder& folder) {
    return folder.root() / "backups";
}

fs::path dailyFile(const DataFolder& folder, const QDate& day) {
    return dailyFolder(folder) / ("upbeat-check-" + day.toString(Qt::ISODate).toStdString() + ".zip");
}

std::vector<QDate> daysIn(const DataFolder& folder) {
    static const QRegularExpression kName(QStringLiteral("^upbeat-check-(\\d{4}-\\d\\d-\\d\\d)\\.zip$"));
    std::vector<QDate> days;
    std::error_code error;
    for (fs::directory_iterator at(dailyFolder(folder), error), end; !error && at != end; at.increment(error)) {
        const auto match = kName.match(QString::fromStdString(at->path().filename().string()));
        const QDate day = QDate::fromString(match.captured(1), Qt::ISODate);
        if (day.isValid()) days.push_back(day);
    }
    std::sort(days.begin(), days.end());
    return days;
}

}  // namespace

std::vector<QDate> superfluousOn(const QDate& today, std::vector<QDate> days) {
    constexpr int kDays = 7;
    constexpr int kWeeks = 4;
    std::sort(days.begin(), days.end(), std::greater<>());
    std::set<qint64> weeks;
    std::erase_if(days, [&](const QDate& day) {
        if (day.daysTo(today) < kDays) return true;
        // Of an older week its newest day stays.
        const qint64 week = day.toJulianDay() / 7;  // Julian day 0 was a Monday
        return static_cast<int>(weeks.size()) < kWeeks && weeks.insert(week).second;
    });
    return days;
}

Result<void> backUpDaily(const DataFolder& folder, const fs::path& settingsFile, const QDate& today) {
    std::error_code error;
    const fs::path target = dailyFile(folder, today);
    if (fs::exists(target, error) || !fs::exists(folder.logbook(), error)) return {};
    fs::create_directories(dailyFolder(folder), error);
    if (const auto made = backUp(folder, {target, settingsFile, false}); !made) return tl::unexpected(made.error());
    for (const QDate& day : superfluousOn(today, daysIn(folder))) fs::remove(dailyFile(folder, day), error);
    // What a run that was killed has left.
    for (fs::directory_iterator at(dailyFolder(folder), error), end; !error && at != end; at.increment(error))
        if (at->path().extension() != ".zip") fs::remove(at->path(), error);
    return {};
}

fs::path newestDaily(const DataFolder& folder) {
    const auto days = daysIn(folder);
    return days.empty() ? fs::path() : dailyFile(folder, days.back());
}

}  // namespace upbeat
