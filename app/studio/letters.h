#pragma once

#include <QObject>

#include "studio/notices.h"
#include "studio/take_view.h"
#include "studio/worker.h"
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
    /// A report that somebody else has written, or could not.
    void tellOf(const QString& file, bool isWritten);
    /// Reads a file that a report saved and enters what it says.
    void read(const QString& file);

  Q_SIGNALS:
    void saved(const QString& file);
    void entered(qint64 take);  ///< The last of those that were answered.

  private:
    With m_with;
};

}  // namespace upbeat
