#pragma once

#include <QObject>
#include <functional>

#include "studio/notices.h"
#include "studio/take_view.h"
#include "studio/worker.h"
#include "upbeat/keeping/report_takes.h"
#include "upbeat/logbook/data_folder.h"
#include "upbeat/report/html_report.h"

namespace upbeat {

/// What goes to somebody else and what comes back: a report of a take as a file that the player sends or not, and the
/// answer to it, words beside the strokes and a tempo for its ladder. Nothing is ever sent from here.
class Letters : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const DataFolder& folder;
        Worker& worker;
        Notices& notices;
    };
    explicit Letters(const With& with) : m_with(with) {}
    [[nodiscard]] bool isBusy() const { return m_with.worker.isBusy(); }

    /// Saves a report of a take with what is wished of it.
    void save(const TakePtr& take, const ReportWish& wish, const QString& file);
    /// The same of takes of the log: these, or where none are named those of a wish.
    void save(const LogWish& takes, const std::vector<long long>& ids, const ReportWish& wish, const QString& file);
    /// Reads takes of the log to be reported by somebody else, without their sound.
    void gather(const LogWish& takes, const std::vector<long long>& ids,
                std::function<void(std::vector<ReportedTake>)> then);
    /// A report that somebody else has written, or could not.
    void tellOf(const QString& file, bool isWritten);
    /// Reads a file that a report saved and enters what it says.
    void read(const QString& file);

  Q_SIGNALS:
    void saved(const QString& file);
    void entered(qint64 take);  ///< The last of those that were answered.

  private:
    using Gather = std::function<Result<std::vector<ReportedTake>>()>;
    void write(Gather gather, const ReportWish& wish, const QString& file);

    With m_with;
};

}  // namespace upbeat
