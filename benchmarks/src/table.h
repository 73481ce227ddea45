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

[[nodiscard]] std::string toText(const Table& table);
/// All tables as one JSON object: title -> list of {column: text}.
[[nodiscard]] std::string toJson(const std::vector<Table>& tables);

}  // namespace upbeat::bench
