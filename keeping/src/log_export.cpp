#include "upbeat/keeping/log_export.h"

#include <fmt/format.h>

#include <QSqlRecord>
#include <algorithm>
#include <map>
#include <nlohmann/json.hpp>
#include <optional>
#include <sstream>
#include <vector>

#include "upbeat/formats/analysis_json.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_archive.h"
#include "wished_takes.h"

namespace upbeat {

namespace {

/// A table as SQL gives it.
struct Rows {
    std::vector<std::string> names;
    std::vector<std::vector<QVariant>> cells;
};

constexpr const char* kTakes =
    "SELECT t.id AS take, t.started_at, t.exercise_id AS exercise, json_extract(v.json, '$.title') AS title, "
    "t.tempo_bpm, t.bars, t.duration_s, t.clean, t.counts, t.simulated, t.missed_gate, w.action, w.next_bpm, t.device, "
    "t.file, t.note FROM kept_take t JOIN exercise_version v ON v.id = t.exercise_version_id "
    "LEFT JOIN verdict w ON w.take_id = t.id ";
constexpr const char* kFigures =
    "SELECT t.id AS take, f.name, f.value, f.low, f.high, f.n FROM kept_take t JOIN figure f ON f.take_id = t.id ";
constexpr const char* kGates =
    "SELECT t.id AS take, t.started_at, t.exercise_id AS exercise, t.tempo_bpm, g.name AS gate, g.measured, g.low, "
    "g.high, g.n, g.asked, g.at_least, g.state FROM kept_take t JOIN gate g ON g.take_id = t.id ";

Result<Rows> rowsOf(const Logbook& logbook, const char* select, const LogWish& wish) {
    const QVariant from = toQt(wish.fromDay);
    const QVariant to = toQt(wish.toDay);
    const QVariant exercise = toQt(wish.exerciseId);
    auto query =
        runQuery(logbook, (std::string(select) + kWithinWish).c_str(), {from, from, to, to, exercise, exercise});
    if (!query) return tl::unexpected(query.error());
    Rows rows;
    const QSqlRecord record = query->record();
    for (int i = 0; i < record.count(); ++i) rows.names.push_back(record.fieldName(i).toStdString());
    while (query->next()) {
        rows.cells.emplace_back();
        for (int i = 0; i < record.count(); ++i) rows.cells.back().push_back(query->value(i));
    }
    return rows;
}

bool isNumber(const QVariant& value) {
    return value.typeId() == QMetaType::Double || value.typeId() == QMetaType::LongLong ||
           value.typeId() == QMetaType::Int;
}

std::string numberIn(const QVariant& value) {
    return value.typeId() == QMetaType::Double ? fmt::format("{:.10g}", value.toDouble())
                                               : std::to_string(value.toLongLong());
}

/// RFC 4180: what holds a comma, a quote or the end of a line stands in quotes.
std::string field(const QVariant& value) {
    if (value.isNull()) return {};
    if (isNumber(value)) return numberIn(value);
    std::string text = value.toString().toStdString();
    if (text.find_first_of(",\"\r\n") == std::string::npos) return text;
    std::string quoted = "\"";
    for (const char c : text) quoted += c == '"' ? std::string("\"\"") : std::string(1, c);
    return quoted + "\"";
}

nlohmann::json valueOf(const QVariant& value) {
    if (value.isNull()) return nullptr;
    if (value.typeId() == QMetaType::Double) return value.toDouble();
    if (isNumber(value)) return value.toLongLong();
    return value.toString().toStdString();
}

/// Figures as columns of their own, behind those of the takes.
Result<void> addFigures(const Logbook& logbook, const LogWish& wish, Rows& takes) {
    const auto figures = rowsOf(logbook, kFigures, wish);
    if (!figures) return tl::unexpected(figures.error());
    std::vector<std::string> names;
    for (const auto& cells : figures->cells) names.push_back(cells[1].toString().toStdString());
    std::sort(names.begin(), names.end());
    names.erase(std::unique(names.begin(), names.end()), names.end());
    const std::size_t first = takes.names.size();
    for (const std::string& name : names)
        for (const char* part : {"", "_low", "_high"}) takes.names.push_back(name + part);
    std::map<qint64, std::vector<QVariant>*> byTake;
    for (auto& cells : takes.cells) {
        cells.resize(takes.names.size());
        byTake[cells.front().toLongLong()] = &cells;
    }
    for (const auto& cells : figures->cells) {
        const auto at = std::lower_bound(names.begin(), names.end(), cells[1].toString().toStdString());
        const std::size_t column = first + 3 * static_cast<std::size_t>(at - names.begin());
        for (std::size_t k = 0; k < 3; ++k) (*byTake.at(cells[0].toLongLong()))[column + k] = cells[2 + k];
    }
    return {};
}

std::string toCsv(const Rows& rows) {
    std::string out = fmt::format("{}\n", fmt::join(rows.names, ","));
    for (const auto& cells : rows.cells) {
        for (std::size_t i = 0; i < cells.size(); ++i) {
            if (i > 0) out += ',';
            out += field(cells[i]);
        }
        out += '\n';
    }
    return out;
}

/// The hits of all takes, each laid against its page.
Result<std::string> hitsAsCsv(const DataFolder& folder, const Rows& takes) {
    std::string out;
    for (const auto& cells : takes.cells) {
        const auto found = TakeArchive(folder).find(cells.front().toLongLong());
        if (!found) return tl::unexpected(found.error());
        std::istringstream lines(analysisToCsv(found->analysis()));
        std::string line;
        std::getline(lines, line);
        if (out.empty()) out = "take,started_at,exercise,tempo_bpm," + line + "\n";
        const std::string before =
            fmt::format("{},{},{},{}", field(cells[0]), field(cells[1]), field(cells[2]), field(cells[4]));
        while (std::getline(lines, line)) out += fmt::format("{},{}\n", before, line);
    }
    return out;
}

}  // namespace

Result<std::string> logAsCsv(const DataFolder& folder, const LogWish& wish, LogTable table, int& takes) {
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    const Transaction oneMoment(**logbook);  // others may write meanwhile
    auto rows = rowsOf(**logbook, kTakes, wish);
    if (!rows) return tl::unexpected(rows.error());
    takes = static_cast<int>(rows->cells.size());
    if (table == LogTable::Hits) return hitsAsCsv(folder, *rows);
    if (table == LogTable::Gates) {
        const auto gates = rowsOf(**logbook, kGates, wish);
        if (!gates) return tl::unexpected(gates.error());
        return toCsv(*gates);
    }
    if (auto added = addFigures(**logbook, wish, *rows); !added) return tl::unexpected(added.error());
    return toCsv(*rows);
}

Result<std::string> logAsJson(const DataFolder& folder, const LogWish& wish, int& takes) {
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    const Transaction oneMoment(**logbook);  // others may write meanwhile
    const auto rows = rowsOf(**logbook, kTakes, wish);
    const auto figures = rowsOf(**logbook, kFigures, wish);
    const auto gates = rowsOf(**logbook, kGates, wish);
    for (const auto* some : {&rows, &figures, &gates})
        if (!*some) return tl::unexpected(some->error());
    takes = static_cast<int>(rows->cells.size());
    nlohmann::json all = nlohmann::json::array();
    std::map<qint64, std::size_t> at;
    for (const auto& cells : rows->cells) {
        nlohmann::json take;
        for (std::size_t i = 0; i < cells.size(); ++i) take[rows->names[i]] = valueOf(cells[i]);
        for (const char* flag : {"clean", "counts", "simulated"}) take[flag] = take[flag] == 1;
        take["figures"] = nlohmann::json::object();
        take["gates"] = nlohmann::json::array();
        at[cells.front().toLongLong()] = all.size();
        all.push_back(std::move(take));
    }
    for (const auto& cells : figures->cells)
        all[at.at(cells[0].toLongLong())]["figures"][cells[1].toString().toStdString()] = {{"value", valueOf(cells[2])},
                                                                                           {"low", valueOf(cells[3])},
                                                                                           {"high", valueOf(cells[4])},
                                                                                           {"n", valueOf(cells[5])}};
    for (const auto& cells : gates->cells) {
        nlohmann::json gate;
        for (std::size_t i = 4; i < cells.size(); ++i) gate[gates->names[i]] = valueOf(cells[i]);
        gate["at_least"] = gate["at_least"] == 1;
        all[at.at(cells[0].toLongLong())]["gates"].push_back(std::move(gate));
    }
    const nlohmann::json out{{"format", "upbeat-check/log"}, {"version", 1}, {"takes", std::move(all)}};
    return out.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

}  // namespace upbeat
