#include "table.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstdlib>
#include <nlohmann/json.hpp>

namespace upbeat::bench {

std::string percent(int part, int of) {
    return fmt::format("{:.1f} %", 100.0 * part / std::max(1, of));
}

bool isMissed(const std::string& figure, const std::string& asked) {
    constexpr std::size_t kSign = 2;
    const double found = std::strtod(figure.c_str(), nullptr);
    if (asked.starts_with("<=")) return found > std::strtod(asked.c_str() + kSign, nullptr);
    if (asked.starts_with(">=")) return found < std::strtod(asked.c_str() + kSign, nullptr);
    return false;
}

std::string toText(const Table& table) {
    std::vector<std::size_t> widths;
    for (std::size_t c = 0; c < table.columns.size(); ++c) {
        std::size_t width = table.columns[c].size();
        for (const auto& row : table.rows) width = std::max(width, row[c].size());
        widths.push_back(width);
    }
    const bool asks = table.columns.size() >= 2 && table.columns.back() == "asked";
    const auto line = [&](const std::vector<std::string>& cells) {
        std::string text;
        for (std::size_t c = 0; c < cells.size(); ++c)
            text += c == 0 ? fmt::format("{:<{}}", cells[c], widths[c]) : fmt::format("  {:>{}}", cells[c], widths[c]);
        return text + (asks && isMissed(*(cells.end() - 2), cells.back()) ? "  <- missed\n" : "\n");
    };
    std::string text = "\n" + table.title + "\n" + line(table.columns);
    for (const auto& row : table.rows) text += line(row);
    return text;
}

std::string toJson(const std::vector<Table>& tables) {
    nlohmann::json out;
    for (const Table& table : tables) {
        nlohmann::json rows = nlohmann::json::array();
        for (const auto& row : table.rows) {
            nlohmann::json entry;
            for (std::size_t c = 0; c < row.size(); ++c) entry[table.columns[c]] = row[c];
            rows.push_back(entry);
        }
        out[table.title] = rows;
    }
    return out.dump(1) + "\n";
}

}  // namespace upbeat::bench
