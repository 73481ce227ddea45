#pragma once

#include <QString>

namespace upbeat {

/// A painted widget whose content can be walked by a screen reader row by row: a field by passes, a ladder by rungs.
class SpokenRows {
  public:
    SpokenRows() = default;
    virtual ~SpokenRows() = default;
    SpokenRows(const SpokenRows&) = delete;
    SpokenRows& operator=(const SpokenRows&) = delete;

    [[nodiscard]] virtual int spokenRowCount() const = 0;
    /// What is seen in a row, from 0 at the top, as a sentence.
    [[nodiscard]] virtual QString spokenRow(int row) const = 0;

    /// Makes every such widget a list of its rows, for AT-SPI and whoever else asks. Once, when the program starts.
    static void speakToReaders();
};

}  // namespace upbeat
