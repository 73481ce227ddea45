#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/line.h"

namespace upbeat {

/// Reads the text form of an exercise line by line; the first thing wrong is kept with its place.
class GridReader {
  public:
    Result<Exercise> read(std::string_view text);

    Result<Exercise> readHead(std::string_view text);

  private:
    void wrong(const Text& what, const Text& fix, std::size_t column = 0);

    void readLine(std::string_view line);

    void readKey(std::string_view key, std::string_view value);

    void readCount(std::string_view value);

    void readBars(std::string_view value);

    /// "4/4" for the phrase, "7/8 from bar 3" for a change.
    void readMeter(std::string_view value);

    void readSection(std::string_view value);
    void readFollows(std::string_view value);
    /// The bars written "=" get their strokes; one that follows nothing or is written twice is wrong.
    void follow();
    void readNumbered(std::string_view value);
    void readTempo(std::string_view value);
    void readHeld(std::string_view value);

    void readFeel(std::string_view value);

    void readPlacement(std::string_view value);

    void readLevels(std::string_view value);

    /// "0 to 4": gives nothing and complains where it is something else.
    std::optional<FreeSpan> readSpan(std::string_view value);

    void readFree(std::string_view value);

    void readSwell(std::string_view value);

    void readRow(std::string_view name, std::string_view row, std::size_t column);

    void readBar(std::string_view content, Voice voice, int bar, std::size_t column);

    void readBeat(std::string_view word, Voice voice, const Beats& start, const Beats& beat, std::size_t column);

    Exercise m_exercise;
    std::optional<Error> m_error;
    int m_lineNumber = 0;
    int m_barsSoFar = 0;
    int m_systemStart = 0;
    std::map<int, int> m_sameBars;  // bars written "=", and the line
};

}  // namespace upbeat
