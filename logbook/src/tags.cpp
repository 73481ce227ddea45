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

Result<void> TakeRepository::setTags(const std::vector<qint64>& ids,
                                     const std::vector<std::vector<std::string>>& tags) {
    Transaction transaction(m_logbook);
    for (std::size_t i = 0; i < ids.size(); ++i) {
        if (auto done = runQuery(m_logbook, "DELETE FROM tag WHERE take_id = ?", {ids[i]}); !done)
            return tl::unexpected(done.error());
        for (const std::string& tag : tags[i])
            if (auto done =
                    runQuery(m_logbook, "INSERT OR IGNORE INTO tag (take_id, name) VALUES (?, ?)", {ids[i], toQt(tag)});
                !done)
                return tl::unexpected(done.error());
    }
    return transaction.commit();
}

}  // namespace upbeat
