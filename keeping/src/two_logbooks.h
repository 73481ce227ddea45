#pragma once

#include <filesystem>
#include <initializer_list>
#include <optional>
#include <string>
#include <vector>

#include "upbeat/logbook/query.h"

namespace upbeat {

/// A take that is to come.
struct Newcomer {
    qint64 id = 0;     ///< In the other logbook.
    std::string file;  ///< Of the recording there; may be empty.
    std::string own;   ///< What the recording is called here.
};

/// The logbook with another one beside it, as "other".
class TwoLogbooks {
  public:
    TwoLogbooks(const Logbook& here, std::string exerciseId) : m_here(here), m_exerciseId(std::move(exerciseId)) {}

    Result<void> attach(const std::filesystem::path& other) const { return run("ATTACH ? AS other", {toQt(other.string())}); }
    [[nodiscard]] Result<std::vector<Newcomer>> newcomers() const;
    [[nodiscard]] Result<int> known() const;
    /// Copies the rows of a take, all that belongs to it included.
    Result<void> copyTake(const Newcomer& take);
    /// Ladders of exercises that have none here; gives how many came.
    Result<int> copyLadders() const;
    Result<void> copySets() const;

  private:
    Result<void> run(const std::string& sql, std::initializer_list<QVariant> values = {}) const {
        const auto done = runQuery(m_here, sql.c_str(), values);
        if (!done) return tl::unexpected(done.error());
        return {};
    }
    /// The columns of a table without some.
    [[nodiscard]] Result<std::string> columns(const std::string& table, const std::vector<std::string>& without) const;
    [[nodiscard]] Result<qint64> sessionOf(qint64 take);
    [[nodiscard]] Result<qint64> versionOf(qint64 take);
    /// The number that a query gives, or nothing.
    [[nodiscard]] Result<std::optional<qint64>> number(const char* sql, std::initializer_list<QVariant> values) const;

    const Logbook& m_here;
    std::string m_exerciseId;  // empty: all
};

}  // namespace upbeat
