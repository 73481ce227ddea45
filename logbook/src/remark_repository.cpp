#include "upbeat/logbook/remark_repository.h"

#include <algorithm>

#include "upbeat/logbook/query.h"

namespace upbeat {

Result<qint64> RemarkRepository::takeOf(const Answer& answer) const {
    auto rows = runQuery(m_logbook,
                         "SELECT id FROM take WHERE exercise_id = ? AND (? = '' OR started_at = ?) "
                         "ORDER BY started_at DESC, id DESC LIMIT 1",
                         {toQt(answer.exerciseId), toQt(answer.startedAt), toQt(answer.startedAt)});
    if (!rows) return tl::unexpected(rows.error());
    return rows->next() ? rows->value(0).toLongLong() : 0;
}

Result<qint64> RemarkRepository::add(const Answer& answer) {
    auto take = takeOf(answer);
    if (!take || *take == 0) return take;
    auto known = of(*take);
    if (!known) return tl::unexpected(known.error());
    Transaction transaction(m_logbook);
    auto number = static_cast<qint64>(known->size());
    for (const Remark& remark : answer.remarks) {
        if (std::find(known->begin(), known->end(), remark) != known->end()) continue;
        auto done = insertRow(m_logbook, "remark",
                              {{"take_id", *take},
                               {"number", ++number},
                               {"pass", remark.pass},
                               {"stroke", remark.stroke},
                               {"time_s", remark.timeS},
                               {"text", toQt(remark.text)},
                               {"from_name", toQt(remark.from)}});
        if (!done) return done;
    }
    if (auto done = transaction.commit(); !done) return tl::unexpected(done.error());
    return take;
}

Result<std::vector<Remark>> RemarkRepository::of(qint64 take) const {
    // One of an older program is read as it is.
    auto table = runQuery(m_logbook, "SELECT 1 FROM sqlite_master WHERE name = 'remark'");
    if (!table) return tl::unexpected(table.error());
    if (!table->next()) return std::vector<Remark>();
    auto rows =
        runQuery(m_logbook,
                 "SELECT pass, stroke, time_s, text, from_name FROM remark WHERE take_id = ? ORDER BY number", {take});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<Remark> remarks;
    while (rows->next())
        remarks.push_back({rows->value(0).toInt(), rows->value(1).toInt(), rows->value(2).toDouble(),
                           rows->value(3).toString().toStdString(), rows->value(4).toString().toStdString()});
    return remarks;
}

}  // namespace upbeat
