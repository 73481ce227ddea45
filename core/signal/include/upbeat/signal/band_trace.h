#pragma once

#include <vector>

#include "upbeat/signal/band_steps.h"

namespace upbeat {

/// The course of the band energies over a whole take, one column about every 4 ms: what is looked at when the shape of
/// a sound matters longer than a stroke's attack (closed rolls, ringing). Two kilobytes a second.
class BandTrace {
  public:
    BandTrace() = default;
    explicit BandTrace(double columnS) : m_columnS(columnS) {}

    [[nodiscard]] double columnS() const { return m_columnS; }
    void add(const BandSteps& column) { m_columns.push_back(column); }
    [[nodiscard]] bool isEmpty() const { return m_columns.empty(); }
    [[nodiscard]] const std::vector<BandSteps>& columns() const { return m_columns; }
    /// The first column that begins at or after a time, not past the end.
    [[nodiscard]] std::size_t columnAt(double timeS) const;
    /// Mean energy of a band over the columns [from, to), cut at the ends of the take; 0 where there are none.
    [[nodiscard]] float energy(std::size_t band, std::size_t from, std::size_t to) const;

    friend bool operator==(const BandTrace&, const BandTrace&) = default;

  private:
    double m_columnS = 0.004;
    std::vector<BandSteps> m_columns;
};

}  // namespace upbeat
