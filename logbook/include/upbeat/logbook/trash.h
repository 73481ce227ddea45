#pragma once

#include <QDateTime>
#include <set>
#include <string>
#include <vector>

#include "upbeat/logbook/data_folder.h"
#include "upbeat/logbook/logbook.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

/// Takes that were removed: they count for nothing and stand in no list, but nothing of them is gone for thirty days.
class Trash {
  public:
    static constexpr int kDays = 30;

    explicit Trash(const Logbook& logbook) : m_logbook(logbook) {}

    [[nodiscard]] Result<void> put(const std::vector<qint64>& takes, const QDateTime& now);
    [[nodiscard]] Result<void> takeBack(const std::vector<qint64>& takes);
    [[nodiscard]] Result<int> count() const;
    /// Newest first.
    [[nodiscard]] Result<std::vector<TakeSummary>> takes() const;

    /// Throws away what was removed before a moment, recordings and all, and gives how many takes that were. The
    /// recording goes first: after a crash the take still lies in the trash, and the next time ends it.
    [[nodiscard]] Result<int> empty(const DataFolder& folder, const QDateTime& before);

  private:
    const Logbook& m_logbook;
};

/// What the recordings of a month take of the disk.
struct MonthOfSound {
    QDate month;  ///< Its first day.
    int takes = 0;
    std::uintmax_t bytes = 0;
};

/// Recordings that can be let go while hits and figures stay.
class Sounds {
  public:
    explicit Sounds(const Logbook& logbook) : m_logbook(logbook) {}

    /// Newest first; takes whose recording is not on the disk count for nothing.
    [[nodiscard]] Result<std::vector<MonthOfSound>> months(const DataFolder& folder) const;
    /// Takes from before a day that have their recording, are not clean and not the last of their exercise on their
    /// day.
    [[nodiscard]] Result<std::vector<qint64>> spare(const QDate& before) const;
    /// The names of those that were.
    [[nodiscard]] Result<std::set<std::string>> gone() const;
    /// Deletes recordings; the take remembers that it had one.
    [[nodiscard]] Result<void> letGo(const DataFolder& folder, const std::vector<qint64>& takes, const QDateTime& now);

  private:
    const Logbook& m_logbook;
};

}  // namespace upbeat
