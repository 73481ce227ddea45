#pragma once

#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// What tells that the figures of a take are still those that were measured: a sum over all numbers and names that are
/// kept of it, stored with it. SQLite notices a page that makes no sense, but no digit that is another; and a log that
/// answers questions must not answer with one. The note, tags and remarks may change and are left out.
class Seals {
  public:
    /// `logbook` must outlive it.
    explicit Seals(const Logbook& logbook) : m_logbook(logbook) {}

    [[nodiscard]] Result<void> seal(qint64 take) const;
    /// All takes that have no seal: those of older versions.
    [[nodiscard]] Result<void> sealOlder() const;
    /// Whether what is kept of a take is what was sealed; a take without a seal is not whole.
    [[nodiscard]] Result<bool> isWhole(qint64 take) const;

  private:
    [[nodiscard]] Result<QString> sumOf(qint64 take) const;

    const Logbook& m_logbook;
};

}  // namespace upbeat
