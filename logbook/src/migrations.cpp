#include "migrations.h"

#include <fmt/format.h>

#include <string>

#include "schema_steps.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/seals.h"

namespace upbeat {

namespace {

Result<int> schemaVersion(const Logbook& logbook) {
    auto query = runQuery(logbook, "PRAGMA user_version");
    if (!query) return tl::unexpected(query.error());
    return query->next() ? query->value(0).toInt() : 0;
}

}  // namespace

int newestSchema() {
    return static_cast<int>(schemaSteps().size());
}

Result<void> checkNotNewer(const Logbook& logbook) {
    const auto version = schemaVersion(logbook);
    if (!version) return tl::unexpected(version.error());
    if (*version > newestSchema()) return tl::unexpected(newerLogbook(logbook.file()));
    return {};
}

Result<void> checkNotOlder(const Logbook& logbook) {
    const auto version = schemaVersion(logbook);
    if (!version) return tl::unexpected(version.error());
    if (*version < newestSchema())
        return fail("the logbook was written by an older Upbeat Check", logbook.file().string(),
                    "start the program once: it brings the logbook up to date");
    return {};
}

Error newerLogbook(const std::filesystem::path& file) {
    return {"the logbook was written by a newer Upbeat Check", file.string(),
            "update the program; nothing was changed"};
}

Result<void> migrate(const Logbook& logbook) {
    const auto version = schemaVersion(logbook);
    if (!version) return tl::unexpected(version.error());
    for (int next = *version; next < newestSchema(); ++next) {
        Transaction transaction(logbook);
        for (const char* sql : *schemaSteps().at(static_cast<std::size_t>(next)))
            if (auto done = runQuery(logbook, sql); !done) return tl::unexpected(done.error());
        const std::string mark = fmt::format("PRAGMA user_version = {}", next + 1);
        if (auto done = runQuery(logbook, mark.c_str()); !done) return tl::unexpected(done.error());
        if (next + 1 == newestSchema())
            if (auto done = Seals(logbook).sealOlder(); !done) return done;
        if (auto done = transaction.commit(); !done) return done;
    }
    return {};
}

}  // namespace upbeat
