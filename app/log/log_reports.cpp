// Takes of the log for somebody else: the chosen ones, or those of a week.
#include <QLocale>
#include <QPointer>

#include "log/log_place.h"
#include "place/pdf_report.h"
#include "place/report_dialog.h"
#include "theme/words.h"

namespace upbeat {

void LogPlace::reportChosen() {
    const auto takes = chosenTakes();
    if (takes.empty() || m_inTrash) return;
    const auto count = static_cast<int>(takes.size());
    openReport(counted(count, UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes")), QStringLiteral("takes.html"), {},
               takes);
}

/// From Monday to Sunday around the take one is at.
void LogPlace::reportWeek() {
    const QDate day = m_list->currentIndex().data(LogModel::DayRole).toDate();
    if (!day.isValid() || m_inTrash) return;
    const QDate monday = day.addDays(1 - day.dayOfWeek());
    const QDate sunday = monday.addDays(6);
    const auto shown = [](const QDate& date) { return QLocale().toString(date, QStringLiteral("d MMMM")); };
    const LogWish week{monday.toString(Qt::ISODate).toStdString(), sunday.toString(Qt::ISODate).toStdString(), {}};
    openReport(tr("all takes from %1 to %2").arg(shown(monday), shown(sunday)),
               QStringLiteral("week-%1.html").arg(monday.toString(Qt::ISODate)), week, {});
}

void LogPlace::openReport(const QString& takes, const QString& fileName, const LogWish& wish,
                          const std::vector<qint64>& ids) {
    const std::vector<long long> numbers(ids.begin(), ids.end());
    const auto save = [this, wish, numbers](const ReportWish& report, const QString& file) {
        if (!isPaper(file)) return m_with.letters.save(wish, numbers, report, file);
        const QPointer<LogPlace> self(this);  // the window may be made anew meanwhile
        m_with.letters.gather(wish, numbers, [self, report, file](std::vector<ReportedTake> found) {
            if (self == nullptr) return;
            PdfReport::write(std::move(found), report, file, self->m_with.letters, self);
        });
    };
    ReportDialog::ask({fileName, takes, true, true, save}, this);
}

}  // namespace upbeat
