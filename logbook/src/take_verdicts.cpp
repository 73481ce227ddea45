// What was said of a take on its day.
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/season/season_figures.h"
#include "verdict_rows.h"

namespace upbeat {

Result<void> TakeRepository::addVerdict(qint64 id, const TakeAnalysis& analysis) {
    std::vector<Cell> cells = cellsOf(analysis.verdict);
    cells.push_back({"take_id", id});
    if (auto done = insertRow(m_logbook, "verdict", cells); !done) return tl::unexpected(done.error());
    for (const Gate& gate : analysis.gates) {
        std::vector<Cell> row = cellsOf(gate);
        row.push_back({"take_id", id});
        if (auto done = insertRow(m_logbook, "gate", row); !done) return tl::unexpected(done.error());
    }
    for (const auto& [name, figure] : mainFigures(analysis.measures))
        if (auto done = insertRow(m_logbook, "figure",
                                  {{"take_id", id},
                                   {"name", QString::fromLatin1(name)},
                                   {"value", figure.value},
                                   {"low", figure.low},
                                   {"high", figure.high},
                                   {"n", figure.n}});
            !done)
            return tl::unexpected(done.error());
    return {};
}

Result<void> TakeRepository::addFindings(qint64 id, const TakeAnalysis& analysis) {
    int number = 0;
    for (const Finding& finding : analysis.findings)
        if (auto done = insertRow(
                m_logbook, "finding",
                {{"take_id", id}, {"number", number++}, {"terms", searchTermsOf(analysis.matched, finding)}});
            !done)
            return tl::unexpected(done.error());
    return {};
}

Result<std::optional<DayVerdict>> TakeRepository::verdictOf(qint64 id) const {
    auto gates = runQuery(m_logbook, "SELECT * FROM gate WHERE take_id = ?", {id});
    if (!gates) return tl::unexpected(gates.error());
    DayVerdict day;
    while (gates->next())
        if (const auto gate = gateFrom(Row(*gates))) day.gates.push_back(*gate);
    // They are told in the order in which they are judged.
    std::sort(day.gates.begin(), day.gates.end(), [](const Gate& a, const Gate& b) { return a.kind < b.kind; });
    auto verdict = runQuery(m_logbook,
                            "SELECT verdict.*, take.tempo_bpm FROM verdict JOIN take ON take.id = take_id "
                            "WHERE take_id = ?",
                            {id});
    if (!verdict) return tl::unexpected(verdict.error());
    if (!verdict->next()) return std::optional<DayVerdict>();
    const Row row(*verdict);
    day.verdict = verdictFrom(row);
    day.verdict.reason = reasonFrom(row, day.gates);
    if (!row.at("takes_to_go").isNull()) day.verdict.takesToGo = row.whole("takes_to_go");
    if (std::holds_alternative<NotRecorded>(day.verdict.reason)) return std::optional<DayVerdict>();
    return std::optional(day);
}

Result<std::vector<FigureOfTake>> TakeRepository::figuresOf(const std::string& exerciseId,
                                                            const std::string& figure) const {
    auto rows = runQuery(m_logbook,
                         "SELECT take.id, started_at, tempo_bpm, value, low, high, n FROM figure JOIN kept_take AS take ON take.id "
                         "= take_id WHERE name = ? AND exercise_id = ? ORDER BY started_at, take.id",
                         {toQt(figure), toQt(exerciseId)});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<FigureOfTake> list;
    while (rows->next()) {
        const Row row(*rows);
        list.push_back({row.at("id").toLongLong(),
                        QDateTime::fromString(row.at("started_at").toString(), Qt::ISODate),
                        row.number("tempo_bpm"),
                        {row.number("value"), row.number("low"), row.number("high"), row.whole("n")}});
    }
    return list;
}

}  // namespace upbeat
