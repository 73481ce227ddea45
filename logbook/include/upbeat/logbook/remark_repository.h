#pragma once

#include <vector>

#include "upbeat/logbook/logbook.h"
#include "upbeat/take/remark.h"

namespace upbeat {

/// What others wrote about takes.
class RemarkRepository {
  public:
    explicit RemarkRepository(const Logbook& logbook) : m_logbook(logbook) {}

    /// Enters an answer; the same again changes nothing. Gives the take that it is about, 0 where there is none.
    [[nodiscard]] Result<qint64> add(const Answer& answer);
    /// Of a take, in the order in which they came.
    [[nodiscard]] Result<std::vector<Remark>> of(qint64 take) const;

  private:
    [[nodiscard]] Result<qint64> takeOf(const Answer& answer) const;

    const Logbook& m_logbook;
};

}  // namespace upbeat
