#include "wished_takes.h"

#include "upbeat/logbook/logbook.h"
#include "upbeat/logbook/query.h"

namespace upbeat {

Result<std::vector<long long>> idsOf(const DataFolder& folder, const LogWish& wish) {
    const auto logbook = Logbook::open(folder.logbook(), LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    const QVariant from = toQt(wish.fromDay);
    const QVariant to = toQt(wish.toDay);
    const QVariant exercise = toQt(wish.exerciseId);
    auto rows = runQuery(**logbook, (std::string("SELECT t.id FROM kept_take t ") + kWithinWish).c_str(),
                         {from, from, to, to, exercise, exercise});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<long long> ids;
    while (rows->next()) ids.push_back(rows->value(0).toLongLong());
    return ids;
}

}  // namespace upbeat
