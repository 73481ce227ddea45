#pragma once

#include <filesystem>
#include <initializer_list>
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

    Result<void> attach(const std::filesystem::path& other) const {
        return run("ATTACH ? AS other", {toQt(other.string())});
    }
    [[nodiscard]] Result<std::vector<Newcomer>> newcomers() const;
    [[nodiscard]] Result<int> known() const;
    /// Copies the rows of takes, all that belongs to them included.
    Result<void> copyTakes(const std::vector<Newcomer>& takes);
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
    Result<void> prepareCopies();
    Result<void> copyTake(const Newcomer& take) const;
    [[nodiscard]] Result<qint64> sessionOf(qint64 take) const;
    [[nodiscard]] Result<qint64> versionOf(qint64 take) const;
    /// The row that a query finds for a take of the other logbook, else the one that is made of it.
    [[nodiscard]] Result<qint64> foundOrMade(const char* find, const char* make, qint64 take) const;

    const Logbook& m_here;
    std::string m_exerciseId;  // empty: all
    // The same for every take.
    std::string m_copyTake;
    std::vector<std::string> m_copyParts;
};

}  // namespace upbeat
