#pragma once

#include <string>
#include <vector>

namespace upbeat::bench {

/// A table that prints as aligned text and as JSON.
struct Table {
    std::string title;
    std::vector<std::string> columns;
    std::vector<std::vector<std::string>> rows;
};

/// "12.5 %".
[[nodiscard]] std::string percent(int part, int of);

/// Whether a figure does not keep what is asked: "0.61 times its time" and "<= 0.6". False where nothing is asked.
[[nodiscard]] bool isMissed(const std::string& figure, const std::string& asked);

/// Rows whose last column is what is asked of the one before it, and whose figure misses it, end in "<- missed".
[[nodiscard]] std::string toText(const Table& table);
/// All tables as one JSON object: title -> list of {column: text}.
[[nodiscard]] std::string toJson(const std::vector<Table>& tables);

}  // namespace upbeat::bench
