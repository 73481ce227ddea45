#pragma once

#include <QObject>
#include <functional>
#include <vector>

#include "studio/setup.h"
#include "studio/take_log.h"
#include "studio/worker.h"
#include "upbeat/logbook/data_folder.h"
#include "upbeat/logbook/trash.h"

namespace upbeat {

/// Order in the log: tags, the trash, recordings that are let go, takes as files for others. What changes the log can
/// be taken back, step by step, until the program ends.
class LogCare : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Logbook& logbook;
        const DataFolder& folder;
        Setup& setup;
        Notices& notices;
    };
    explicit LogCare(const With& with) : m_with(with) {}

    /// Trash that is older than thirty days goes, and recordings as the rule says; beside the window.
    void tidy();

    void remove(const std::vector<qint64>& takes);
    void putBack(const std::vector<qint64>& takes);
    void setNote(qint64 take, const QString& note, QString before);
    /// Words between blanks, with or without "#": the tags all of these takes have from now on.
    void setTags(const std::vector<qint64>& takes, const QString& tags);
    /// Takes the last step back.
    void undo();
    [[nodiscard]] int inTrash() const;
    /// All of it, for good; beside the window.
    void emptyTrash();

    /// Adds up what recordings take of the disk, beside the window.
    void readMonths(const std::function<void(const std::vector<MonthOfSound>&)>& read);
    [[nodiscard]] int soundMonths() const { return m_with.setup.settings().soundMonths; }
    /// Takes whose recording the rule would let go.
    [[nodiscard]] int spareAfter(int months) const;
    /// From now on: recordings older than so many months are let go but for clean takes and the last of a day. 0: none.
    void keepSoundFor(int months);

    /// Every take as files for other programs, into a folder; beside the window.
    void exportTakes(const std::vector<qint64>& takes, const QString& folder);
    [[nodiscard]] bool isBusy() const { return m_worker.isBusy(); }

  Q_SIGNALS:
    void changed();  ///< What the log holds.

  private:
    using Step = std::function<Result<void>()>;
    [[nodiscard]] bool mayChange();
    bool done(const Result<void>& result);

    With m_with;
    Worker m_worker;
    std::vector<Step> m_back;
};

}  // namespace upbeat
