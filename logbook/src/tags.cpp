// Words of the player's own on a take.
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

Result<std::vector<std::string>> TakeRepository::tagsOf(qint64 id) const {
    auto rows = runQuery(m_logbook, "SELECT name FROM tag WHERE take_id = ? ORDER BY name", {id});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<std::string> tags;
    while (rows->next()) tags.push_back(rows->value(0).toString().toStdString());
    return tags;
}

Result<void> TakeRepository::setTags(qint64 id, const std::vector<std::string>& tags) {
    Transaction transaction(m_logbook);
    if (auto done = runQuery(m_logbook, "DELETE FROM tag WHERE take_id = ?", {id}); !done)
        return tl::unexpected(done.error());
    for (const std::string& tag : tags)
        if (auto done = runQuery(m_logbook, "INSERT OR IGNORE INTO tag (take_id, name) VALUES (?, ?)", {id, toQt(tag)});
            !done)
            return tl::unexpected(done.error());
    return transaction.commit();
}

}  // namespace upbeat
